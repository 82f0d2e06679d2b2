package bathyra.cutting;

import static bathyra.cutting.Styled.draft;
import static bathyra.cutting.Styled.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.BackShaping;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Gore;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.PrincessStart;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.layer.SewingOrder;
import bathyra.length.Length;
import bathyra.piece.Dart;
import bathyra.piece.Mark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.truing.Truing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The back of a bustier in one piece with a dart, held against the two panels that it is made of. */
class DartedBackTest {
    private static final double FINE = 0.05;

    private static Garment darted(Garment garment) {
        return garment.withBlock(garment.block().withBack(BackShaping.DART));
    }

    private static Garment darted(LowerShape lower) {
        return darted(Garment.bustier().withLowerEdge(lower));
    }

    private static Piece back(Draft draft) {
        return draft.pattern().piece("B1");
    }

    private static double area(List<Point> ring) {
        return Math.abs(Shape.area(ring));
    }

    /** What lies between the legs of a dart, mm². */
    private static double between(Dart dart) {
        List<Point> ring = new ArrayList<>(dart.one().flattened(0.01));
        ring.addAll(dart.other().reversed().flattened(0.01));
        ring.add(ring.get(0));
        return area(ring);
    }

    @Test
    void hipLengthBack_isOnePiece_andItsDartTakesWhatTheSeamWould() {
        Draft draft = draft(darted(LowerShape.HIP));
        Finished.holds(draft);
        assertThat(draft.pattern().pieces()).extracting(Piece::id).containsExactly("F1", "F2", "B1");
        assertThat(back(draft).name()).isEqualTo("Back");
        assertThat(back(draft).outline())
                .extracting(OutlineEdge::name)
                .containsExactly("lower-edge", "side", "upper-edge", "centre-back");
        Dart dart = back(draft).darts().get(0);
        double planned =
                draft.intakes().at(Level.WAIST, SeamPlace.PRINCESS_BACK).value();
        assertThat(planned).isBetween(10.0, 45.0);
        assertThat(dart.width()).isCloseTo(planned, within(0.5));
        assertThat(dart.one().length()).isCloseTo(dart.other().length(), within(FINE));
    }

    /** By hand: it begins 25 under the chest line and ends 51 above the hip; between the sampled gap of a quarter of a millimetre runs out some way before. */
    @Test
    void dart_runsOutUnderTheChestLine_andAboveTheHip() {
        Draft draft = draft(darted(LowerShape.HIP));
        Dart dart = back(draft).darts().get(0);
        List<Point> tips = dart.tips(0.5);
        assertThat(tips).hasSize(2);
        double chest = draft.block().side(Level.UPPER);
        double hip = draft.block().side(Level.HIP);
        assertThat(tips.get(0).y()).isBetween(chest, chest + 45);
        assertThat(tips.get(1).y()).isBetween(hip - 75, hip);
        assertThat(back(draft).marks().stream().filter(m -> m.kind() == Mark.Kind.DART_END))
                .extracting(Mark::at)
                .containsExactlyElementsOf(tips);
        // Where it is widest is the waist.
        double waist = draft.block().side(Level.WAIST);
        Path.Place widest = dart.one().at(dart.one().length() / 2);
        assertThat(Math.abs(widest.point().y() - waist)).isLessThan(60);
    }

    /** No cloth is won or lost: the piece is its two panels and the dart between them. */
    @Test
    void area_isThatOfThePanelsAndTheDart() {
        Draft draft = draft(darted(LowerShape.HIP));
        double panels = draft.panelPieces().stream()
                .filter(p -> !p.front())
                .mapToDouble(p -> area(p.flattened(0.01)))
                .sum();
        assertThat(draft.panelPieces()).extracting(Piece::id).contains("B1", "B2");
        double whole = area(back(draft).flattened(0.01));
        double dart = between(back(draft).darts().get(0));
        // A quarter of a millimetre over half a metre of seam at the most.
        assertThat(whole - dart).isCloseTo(panels, within(130.0));
        assertThat(dart).isGreaterThan(2_000);
    }

    @Test
    void girths_areThePlans_measuredOnThePieces() {
        Draft draft = draft(darted(LowerShape.HIP));
        assertThat(draft.findings().stream().filter(f -> f.kind() == FindingKind.GIRTH))
                .isNotEmpty()
                .allMatch(f -> f.status() == Finding.Status.OK);
        assertThat(draft.findings())
                .filteredOn(f -> f.subject().equals("B1-Back waist dart"))
                .singleElement()
                .satisfies(f -> assertThat(f.value()).isLessThan(FINE));
    }

    @Test
    void waistLengthBack_opensItsDartInTheLowerEdge() {
        Draft draft = draft(darted(LowerShape.WAIST));
        Finished.holds(draft);
        Piece back = back(draft);
        assertThat(back.darts()).isEmpty();
        List<OutlineEdge> legs = back.outline().stream()
                .filter(e -> e.kind() == OutlineEdge.Kind.DART)
                .toList();
        assertThat(legs).hasSize(2);
        assertThat(legs.get(0).path().length()).isCloseTo(legs.get(1).path().length(), within(FINE));
        assertThat(legs.get(0).path().end().distance(legs.get(1).path().start()))
                .isLessThan(1e-6);
        double mouth = legs.get(0).path().start().distance(legs.get(1).path().end());
        assertThat(mouth)
                .isCloseTo(
                        draft.intakes().at(Level.WAIST, SeamPlace.PRINCESS_BACK).value(), within(1.0));
        assertThat(draft.pattern().seams()).extracting(SeamJoin::name).contains("Back waist dart");
        // Both sides of its mouth are marked on the edge, and cloth is left over it to be folded.
        assertThat(back.notches()).filteredOn(n -> n.level().equals("dart")).hasSize(2);
        assertThat(area(back.cutLine())).isGreaterThan(area(back.flattened(0.05)) + mouth * 10);
    }

    /** It is folded, not cut out: no allowance is missing between its legs. */
    @Test
    void openDart_needsNoRoomBetweenItsLegs() {
        Draft draft = draft(darted(LowerShape.WAIST));
        assertThat(Truing.beforeCutting(draft.pattern()))
                .filteredOn(f -> f.kind() == FindingKind.ALLOWANCE)
                .hasSize(3)
                .allMatch(f -> f.status() == Finding.Status.OK);
    }

    @Test
    void peplum_isSewnToBothSidesOfTheDart() {
        Draft draft = draft(darted(LowerShape.PEPLUM));
        Finished.holds(draft);
        assertThat(draft.pattern().seams())
                .filteredOn(s -> s.a().piece().equals("B1") && s.b().piece().equals("P2"))
                .hasSize(2);
    }

    @ParameterizedTest
    @EnumSource(
            value = LowerShape.class,
            names = {"FLARED", "SKIRT", "POINTED", "HIGH_HIP"})
    void otherLowerEdges_leaveTheBackInOnePiece(LowerShape lower) {
        Draft draft = draft(darted(lower));
        Finished.holds(draft);
        assertThat(draft.pattern().pieces()).extracting(Piece::id).doesNotContain("B2");
    }

    /** Under its dart a skirt is one cloth: only the other seams swing out. */
    @Test
    void spreadSkirt_doesNotSwingUnderTheDart() {
        Garment skirt =
                Garment.bustier().withLowerEdge(LowerShape.SKIRT).withLength(LengthOption.SKIRT_SPREAD, Length.mm(60));
        double seamed = hem(draft(skirt));
        double dart = hem(draft(darted(skirt)));
        assertThat(seamed - dart).isCloseTo(60, within(8.0));
    }

    private static double hem(Draft draft) {
        return draft.pattern().pieces().stream()
                .mapToDouble(p -> p.edge("lower-edge").path().length())
                .sum();
    }

    @ParameterizedTest
    @EnumSource(
            value = PrincessStart.class,
            names = {"SHOULDER", "ARMHOLE", "NECK"})
    void underShoulders_theBackIsSewnToTheFrontThere(PrincessStart start) {
        Draft draft = draft(darted(Styled.with(Cover.SHOULDERS, UpperShape.SCOOP, start)));
        Finished.holds(draft);
        double front = Styled.shoulder(draft, true);
        assertThat(Styled.shoulder(draft, false)).isCloseTo(front, within(0.3));
        assertThat(back(draft).outline()).extracting(OutlineEdge::name).contains("neckline", "armhole");
    }

    @Test
    void setInSleeves_areSewnToIt() {
        Draft draft = draft(darted(Styled.with(Cover.SHOULDERS, UpperShape.SCOOP, PrincessStart.ARMHOLE)
                .withTop(new Top(Cover.SHOULDERS, false, false, Sleeve.SET_IN))));
        Finished.holds(draft);
        assertThat(draft.pattern().pieces()).extracting(Piece::id).contains("SL");
    }

    @Test
    void backYoke_andGoreInThePanelThatIsGone_areRefused_withWhatToDo() {
        Garment yoke = darted(Styled.with(Cover.SHOULDERS, UpperShape.ROUND, PrincessStart.ARMHOLE)
                .withTop(new Top(Cover.SHOULDERS, true, false, Sleeve.BAND)));
        assertThat(refused(yoke)).contains("yoke").contains("in front alone");
        Garment gore =
                darted(LowerShape.HIP).withGores(List.of(new Gore("B2", false, 0.5, Length.mm(60), Length.mm(20))));
        assertThat(refused(gore)).contains("one piece with a dart").contains("gore");
    }

    @Test
    void lockAtTheUpperEdge_thatLeavesNoOnePiece_isRefused_orOpens() {
        Garment pulled =
                darted(LowerShape.HIP).withIntake(new Cell(Level.UPPER, SeamPlace.PRINCESS_BACK), Length.mm(24));
        Outcome outcome = Drafter.draft(Bodies.commission(Styled.nerea(), pulled));
        if (outcome instanceof Refusal refusal) {
            Finished.isReasonable(refusal);
            assertThat(refusal.reasons().get(0).kind()).isIn(FindingKind.BACK_DART, FindingKind.JOINED_EDGE);
        } else {
            Finished.holds((Draft) outcome);
        }
    }

    @Test
    void sewingOrder_beginsWithTheDart() {
        Draft draft = draft(darted(LowerShape.HIP));
        assertThat(SewingOrder.darts(draft.pattern()))
                .containsExactly("3 Back: back waist dart, from where it is widest to its ends");
        assertThat(SewingOrder.darts(draft(Garment.bustier()).pattern())).isEmpty();
    }

    /** A corset keeps its panels, whatever a bustier before it was given. */
    @Test
    void corset_hasNoDart() {
        Garment corset = Garment.of(GarmentKind.CORSET);
        Garment asked = corset.withBlock(corset.block().withBack(BackShaping.DART));
        assertThat(asked.isDartedBehind()).isFalse();
        assertThat(draft(asked).pattern().pieces())
                .hasSameSizeAs(draft(corset).pattern().pieces());
    }

    /** Ordinary bodies: the back is drafted, or refused with a reason and what to do; what is drafted is right when it is measured. */
    @Test
    void ordinaryBodies_draft() {
        Random random = new Random(51);
        int count = Sample.of(600);
        int drafted = 0;
        LowerShape[] lowers = {LowerShape.HIP, LowerShape.HIGH_HIP, LowerShape.WAIST, LowerShape.POINTED};
        for (int i = 0; i < count; i++) {
            Garment garment = darted(lowers[i % lowers.length]);
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment));
            if (outcome instanceof Draft draft) {
                Finished.holds(draft);
                assertThat(back(draft).darts().size()
                                + back(draft).outline().stream()
                                                .filter(e -> e.kind() == OutlineEdge.Kind.DART)
                                                .count()
                                        / 2)
                        .isLessThanOrEqualTo(1);
                drafted++;
            } else {
                Finished.isReasonable((Refusal) outcome);
            }
        }
        assertThat(drafted).isGreaterThanOrEqualTo((int) (0.95 * count));
    }
}
