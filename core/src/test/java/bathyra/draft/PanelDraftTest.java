package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.finding.Finding;
import bathyra.garment.Closure;
import bathyra.garment.EaseRow;
import bathyra.garment.Fit;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.SeamAxis;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Sharing;
import bathyra.garment.Stretch;
import bathyra.garment.UpperShape;
import bathyra.garment.Weighting;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.truing.Truing;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Corsets over and under the bust, in three to eight panels a side. */
class PanelDraftTest {
    private static final int CORSETS = Sample.of(5000);
    private static final Garment CORSET = Garment.of(GarmentKind.CORSET);

    private static Draft draft(MeasurementSet body, Garment garment) {
        Outcome outcome = Drafter.draft(Bodies.commission(body, garment));
        assertThat(outcome instanceof Refusal r ? r.reasons().get(0).sentence().in(LengthUnit.CM) : "")
                .isEmpty();
        return (Draft) outcome;
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8})
    void corset_ofSoManyPanels_hasSoManyPiecesAndSeamsThatFit(int perSide) {
        Draft draft = draft(Bodies.nerea(), CORSET.withPanels(Panels.of(perSide, SeamPlacing.LANDMARKS)));
        assertThat(draft.pattern().pieces()).hasSize(perSide);
        assertThat(draft.pattern().seams()).hasSize(perSide - 1);
        assertThat(draft.isSound()).isTrue();
        assertThat(draft.panels().residual()).isLessThan(0.01);
        assertThat(draft.pattern().pieces().get(0).edge("centre-front").kind())
                .as("the busk opens it")
                .isEqualTo(OutlineEdge.Kind.CLOSURE);
        assertThat(draft.pattern().pieces())
                .allSatisfy(p -> assertThat(p.count()).isEqualTo(2));
    }

    @ParameterizedTest
    @EnumSource(Closure.class)
    void everyClosure_opensWhereItOpens_andFoldsWhereItDoesNot(Closure closure) {
        Draft draft =
                draft(Bodies.nerea(), CORSET.withFastening(CORSET.fastening().with(closure)));
        List<Piece> pieces = draft.pattern().pieces();
        assertThat(pieces.get(0).edge("centre-front").kind() == OutlineEdge.Kind.CLOSURE)
                .isEqualTo(closure.opensInFront());
        assertThat(pieces.get(pieces.size() - 1).edge("centre-back").kind() == OutlineEdge.Kind.CLOSURE)
                .isEqualTo(closure.opensBehind());
        assertThat(draft.girths().at(Level.WAIST).gap().value()).isEqualTo(closure.isLaced() ? 50 : 0);
        double inAtWaist =
                draft.intakes().at(Level.WAIST, SeamPlace.CENTRE_BACK).value();
        assertThat(inAtWaist > 0).as("only behind a zip at the back").isEqualTo(closure == Closure.BACK_ZIP);
    }

    @Test
    void underbust_needsNoBustAndBeginsAtTheUnderbustLine() {
        Map<MeasurementKey, Length> few = Map.of(
                MeasurementKey.UNDERBUST,
                Length.mm(785),
                MeasurementKey.WAIST,
                Length.mm(720),
                MeasurementKey.HIP,
                Length.mm(1010),
                MeasurementKey.SHOULDER_TO_UNDERBUST,
                Length.mm(366),
                MeasurementKey.FRONT_LENGTH,
                Length.mm(468),
                MeasurementKey.WAIST_TO_HIP,
                Length.mm(231));
        Draft draft = draft(new MeasurementSet(few), Garment.of(GarmentKind.UNDERBUST));
        assertThat(draft.pattern().levels().get(0).id()).isEqualTo("underbust");
        assertThat(draft.girths().at(Level.WAIST).ease().value()).isCloseTo(-0.06 * 720, within(1e-9));
        assertThat(draft.pattern().piece("F1").edge("upper-edge").path().start().y())
                .isCloseTo(366, within(1e-9));
    }

    @Test
    void table_sharesTheSurplusWithinEachBlock_theSideCountingHalfInEach() {
        // Five panels: 12, 23, side 33, 25, back edge 7, which at a straight lacing goes to the seam beside it.
        Garment garment = Garment.of(GarmentKind.UNDERBUST).withPanels(Panels.of(5, SeamPlacing.LANDMARKS));
        Draft draft = draft(Bodies.nerea(), garment);
        double front = draft.girths().widestFront().value()
                - draft.girths().at(Level.WAIST).frontHalf().value();
        double back = draft.girths().widestBack().value()
                - draft.girths().at(Level.WAIST).backHalf().value();
        assertThat(draft.intakes().at(Level.WAIST, SeamPlace.front(1)).value())
                .isCloseTo(front * 12 / 51.5, within(1e-9));
        assertThat(draft.intakes().at(Level.WAIST, SeamPlace.front(2)).value())
                .isCloseTo(front * 23 / 51.5, within(1e-9));
        assertThat(draft.intakes().at(Level.WAIST, SeamPlace.back(1)).value())
                .isCloseTo(back * 32 / 48.5, within(1e-9));
        assertThat(draft.intakes().at(Level.WAIST, SeamPlace.SIDE).value())
                .isCloseTo(front * 16.5 / 51.5 + back * 16.5 / 48.5, within(1e-9));
    }

    /** Half of bust less underbust is 62.5. From bust to rib the front loses 251.425 − 0.51 × 760/2 = 57.6; all but 6 would be more than the most, 0.72 of 62.5. At the waist it takes no less. */
    @Test
    void apexSeam_comesFirst_whateverTheNumberOfPanels_andNeverOpensTowardsTheWaist() {
        for (int panels = 4; panels <= 6; panels++) {
            Draft draft = draft(Bodies.nerea(), CORSET.withPanels(Panels.of(panels, SeamPlacing.LANDMARKS)));
            SeamPlace apex = draft.commission().garment().seams().stream()
                    .filter(s -> draft.intakes()
                            .axes()
                            .isThroughApex(s, draft.block().front(Level.BUST)))
                    .findFirst()
                    .orElseThrow();
            double rib = draft.intakes().at(Level.UNDERBUST, apex).value();
            assertThat(rib).as(panels + " panels").isCloseTo(0.72 * 62.5, within(1e-9));
            assertThat(draft.intakes().at(Level.WAIST, apex).value()).isGreaterThanOrEqualTo(rib - 1e-9);
            assertThat(draft.intakes().at(Level.BUST, apex).value())
                    .as("the seam passes through the apex")
                    .isZero();
            Piece centre = draft.pattern().pieces().get(0);
            assertThat(width(centre, Level.WAIST))
                    .as("centre front, waist against rib")
                    .isLessThanOrEqualTo(width(centre, Level.UNDERBUST) + 0.01);
        }
        Sharing own = CORSET.sharing().withApexShare(0.6);
        Draft draft = draft(
                Bodies.nerea(),
                CORSET.withPanels(Panels.of(4, SeamPlacing.LANDMARKS)).withSharing(own));
        double under = draft.girths().widestFront().value()
                - draft.girths().at(Level.UNDERBUST).frontHalf().value();
        assertThat(draft.intakes().at(Level.UNDERBUST, SeamPlace.front(1)).value())
                .as("the cutter's own share")
                .isCloseTo(0.6 * under, within(1e-9));
    }

    private static double width(Piece piece, Level level) {
        LevelMark mark = piece.mark(level).orElseThrow();
        return mark.from().distance(mark.to());
    }

    @Test
    void presets_changeTheTableBeforeTheSideAndBehindIt() {
        Garment six = Garment.of(GarmentKind.UNDERBUST).withPanels(Panels.of(6, SeamPlacing.LANDMARKS));
        Garment flat = six.withSharing(six.sharing().with(Weighting.FLAT_FRONT));
        Garment back = six.withSharing(six.sharing().with(Weighting.BACK));
        Garment even = six.withSharing(six.sharing().with(Weighting.EVEN));
        assertThat(six.weight(SeamPlace.front(1), 0.1)).isCloseTo(1.0, within(1e-12));
        assertThat(six.weight(SeamPlace.SIDE, 0.5))
                .as("half of 30 in each block")
                .isCloseTo(1.5, within(1e-12));
        assertThat(six.weight(SeamPlace.back(2), 0.8))
                .as("14, and 4 of the straight edge")
                .isCloseTo(1.8, within(1e-12));
        assertThat(flat.weight(SeamPlace.front(1), 0.1)).isCloseTo(0.5, within(1e-12));
        assertThat(flat.weight(SeamPlace.front(2), 0.3)).isCloseTo(1.8, within(1e-12));
        assertThat(back.weight(SeamPlace.back(1), 0.7)).isCloseTo(2.4 * 1.12, within(1e-12));
        assertThat(even.weight(SeamPlace.SIDE, 0.5)).isEqualTo(1);
        // Three in front instead of two: the row's front is spread over its seams in the same run.
        Garment odd = six.withPanels(new Panels(5, 2, SeamPlacing.LANDMARKS, Map.of()));
        double sum = 0;
        for (int i = 1; i <= 4; i++) {
            sum += odd.weight(SeamPlace.front(i), 0.1 * i);
        }
        assertThat(sum).as("8, 14 and 20 of seven panels").isCloseTo(4.2, within(1e-12));
    }

    @Test
    void lockedAndCappedSeams_keepTheirValues_andTheSumNeverMoves() {
        Garment free = CORSET.withPanels(Panels.of(6, SeamPlacing.LANDMARKS));
        Cell locked = new Cell(Level.WAIST, SeamPlace.front(2));
        Cell capped = new Cell(Level.WAIST, SeamPlace.back(1));
        Garment held = free.withIntake(locked, Length.mm(12))
                .withSharing(free.sharing().withCap(capped, Optional.of(Length.mm(9))));
        Draft before = draft(Bodies.nerea(), free);
        Draft after = draft(Bodies.nerea(), held);
        assertThat(after.intakes().at(Level.WAIST, SeamPlace.front(2)).value()).isEqualTo(12);
        assertThat(after.intakes().at(Level.WAIST, SeamPlace.back(1)).value()).isLessThanOrEqualTo(9);
        assertThat(after.intakes().sum(Level.WAIST)).isCloseTo(before.intakes().sum(Level.WAIST), within(1e-9));
        Garment side = free.withIntake(new Cell(Level.WAIST, SeamPlace.SIDE), Length.mm(40));
        assertThat(draft(Bodies.nerea(), side).intakes().sum(Level.WAIST))
                .isCloseTo(before.intakes().sum(Level.WAIST), within(1e-9));
    }

    @Test
    void leaningAndBowedAxes_moveTheEdgesAndKeepEveryGirth() {
        Panels straight = Panels.of(6, SeamPlacing.LANDMARKS);
        SeamPlace second = SeamPlace.front(2);
        Draft before = draft(Bodies.nerea(), CORSET.withPanels(straight));
        Draft after = draft(
                Bodies.nerea(),
                CORSET.withPanels(
                        straight.withAxis(second, SeamAxis.PLACED.leaning(6).bowed(10))));
        Piece was = before.pattern().pieces().get(1);
        Piece now = after.pattern().pieces().get(1);
        double up = Math.tan(Math.toRadians(6))
                * (before.block().front(Level.WAIST) - before.block().front(Level.UPPER));
        assertThat(now.mark("upper").orElseThrow().length()
                        - was.mark("upper").orElseThrow().length())
                .isGreaterThan(up * 0.8);
        Finished.holds(after);
    }

    @ParameterizedTest
    @EnumSource(
            value = LowerShape.class,
            names = {"STRAIGHT", "POINTED", "ROUNDED"})
    void lowerEdges_endWhereTheyAreSet_belowTheWaist(LowerShape shape) {
        Garment garment = CORSET.withLowerEdge(shape)
                .withLength(LengthOption.FRONT_LENGTH_BELOW, Length.mm(120))
                .withLength(LengthOption.SIDE_LENGTH_BELOW, Length.mm(55));
        Draft draft = draft(Bodies.nerea(), garment);
        Piece front = draft.pattern().pieces().get(0);
        double waist = front.mark("waist").orElseThrow().from().y();
        double end = front.edge("centre-front").path().start().y();
        assertThat(end - waist).isCloseTo(shape == LowerShape.STRAIGHT ? 55 : 120, within(1e-3));
        assertThat(front.declared()).hasSize(shape == LowerShape.POINTED ? 1 : 0);
        assertThat(Truing.look(draft.pattern()).stream().filter(f -> f.status() == Finding.Status.FAULT))
                .isEmpty();
    }

    @Test
    void aDeclaredPoint_thatIsDrawnSquare_isNoted() {
        Draft draft = draft(Bodies.nerea(), CORSET.withLowerEdge(LowerShape.POINTED));
        Piece front = draft.pattern().pieces().get(0);
        Piece other = front.declaring(new Piece.Corner(front.declared().get(0).at(), 90));
        var pattern =
                new Pattern("", "panel", draft.pattern().levels(), List.of(other), List.of(), OptionalDouble.empty());
        assertThat(Truing.look(pattern))
                .anyMatch(f -> f.id().equals("square-centre") && f.status() == Finding.Status.FAULT);
    }

    @Test
    void oneSeamMoreOrLess_keepsWhatWasSetForTheOthers() {
        Garment garment = CORSET.withPanels(Panels.of(6, SeamPlacing.LANDMARKS))
                .withIntake(new Cell(Level.WAIST, SeamPlace.front(2)), Length.mm(14))
                .withSharing(Sharing.BY_RULE.withWeight(SeamPlace.front(2), Optional.of(0.7)));
        Garment more = garment.withSeam(SeamPlace.Part.FRONT, 2, 0.5);
        assertThat(more.panels().front()).isEqualTo(4);
        assertThat(more.intakes()).containsOnlyKeys(new Cell(Level.WAIST, SeamPlace.front(3)));
        assertThat(more.sharing().weights()).containsOnlyKeys("front-3");
        assertThat(more.withoutSeam(SeamPlace.front(2))).isEqualTo(garment);
        assertThat(more.withoutSeam(SeamPlace.front(3)).intakes()).isEmpty();
    }

    @Test
    void anotherKind_dropsWhatItHasNoPlaceFor() {
        Garment garment = CORSET.withUpperEdge(UpperShape.SWEETHEART)
                .withEase(Level.BUST, Length.mm(5))
                .withIntake(new Cell(Level.WAIST, SeamPlace.front(1)), Length.mm(14));
        Garment under = garment.withKind(GarmentKind.UNDERBUST);
        assertThat(under.upperEdge()).isEqualTo(UpperShape.STRAIGHT);
        assertThat(under.ease()).isEmpty();
        assertThat(under.intakes()).isEmpty();
        assertThat(under.panels().perSide()).isEqualTo(5);
        assertThat(draft(Bodies.nerea(), under.withKind(GarmentKind.BUSTIER))
                        .pattern()
                        .pieces())
                .hasSize(4);
    }

    @Test
    void stretchCloth_takesItsShareOffGirthsAndLengths_andNotesAClothThatBags() {
        Stretch test = new Stretch(Length.mm(100), Length.mm(140), Length.mm(120), Length.mm(104), 0.5);
        assertThat(test.offGirths().value()).isCloseTo(0.18, within(1e-12));
        assertThat(test.offLengths().value()).isCloseTo(0.10, within(1e-12));
        Garment garment =
                Garment.bustier().withFit(Fit.BY_KIND.with(EaseRow.STRETCH).withStretch(Optional.of(test)));
        Draft draft = draft(Bodies.nerea(), garment);
        Draft plain = draft(Bodies.nerea(), Garment.bustier());
        assertThat(draft.girths().at(Level.BUST).worn().value()).isCloseTo(910 * 0.82, within(1e-9));
        double length = plain.block().front(Level.WAIST) - plain.block().front(Level.BUST);
        assertThat(draft.block().front(Level.WAIST) - draft.block().front(Level.BUST))
                .isCloseTo(length * 0.9, within(1e-9));
        assertThat(draft.with(Finding.Status.NOTE)).noneMatch(f -> f.id().equals("stretch"));
        Garment bags = garment.withFit(garment.fit()
                .withStretch(
                        Optional.of(new Stretch(Length.mm(100), Length.mm(140), Length.mm(120), Length.mm(108), 0.5))));
        assertThat(draft(Bodies.nerea(), bags).with(Finding.Status.NOTE)).anyMatch(f -> f.id().equals("stretch"));
        assertThat(new Stretch(Length.mm(100), Length.mm(90), Length.mm(100), Length.mm(100), 0.5).fault())
                .isPresent();
    }

    @Test
    void aDroppedWaist_liesLower_andTakesItsGirthAlongOnlyWhenAsked() {
        Garment dropped = CORSET.withLength(LengthOption.WAIST_DROP, Length.mm(30));
        Draft plain = draft(Bodies.nerea(), CORSET);
        Draft stays = draft(Bodies.nerea(), dropped);
        Draft moves = draft(Bodies.nerea(), dropped.withFit(dropped.fit().withWaistGirthDropping(true)));
        assertThat(stays.block().front(Level.WAIST) - plain.block().front(Level.WAIST))
                .isEqualTo(30);
        assertThat(moves.girths().at(Level.WAIST).worn().value())
                .isEqualTo(plain.girths().at(Level.WAIST).worn().value());
        assertThat(stays.girths().at(Level.WAIST).body().value())
                .isCloseTo(720 + (894 - 720) * 30 / 115.5, within(1e-6));
    }

    /** The underbust lies 102 mm above the waist: half a wave of the cosine that reaches so far has these heights there. */
    @ParameterizedTest
    @CsvSource({"0, 0", "100, 0", "120, 0.0545", "204, 0.5", "300, 0.7409"})
    void theWaistsOwnReduction_isFeltAboveByHalfAWave(double reach, double felt) {
        Garment garment =
                CORSET.withEase(Level.WAIST, Length.mm(-80)).withLength(LengthOption.REACH_UP, Length.mm(reach));
        assertThat(draft(Bodies.nerea(), garment)
                        .girths()
                        .at(Level.UNDERBUST)
                        .ease()
                        .value())
                // It would start at 6 % of 720.
                .isCloseTo(-25 - (80 - 43.2) * felt, within(0.01));
    }

    @Test
    void lungsFull_isMeasuredOnTheFullRib_whereTheRowOrTheCutterAsks() {
        MeasurementSet body = Bodies.nerea().with(MeasurementKey.UNDERBUST_FULL, Length.mm(825));
        assertThat(draft(body, CORSET.withFit(Fit.BY_KIND.with(EaseRow.STAGE)))
                        .girths()
                        .at(Level.UNDERBUST)
                        .worn()
                        .value())
                .isEqualTo(825);
        assertThat(draft(body, CORSET.withFit(Fit.BY_KIND.withLungsFull(true)))
                        .girths()
                        .at(Level.UNDERBUST)
                        .worn()
                        .value())
                .isEqualTo(800);
        assertThat(draft(body, CORSET).girths().at(Level.UNDERBUST).worn().value())
                .isEqualTo(760);
    }

    /** Bodies × kinds × panel counts × edges × random locks, weights and axes. */
    @Test
    void randomCorsets_holdAllChecksOrNameTheCause() {
        Random random = new Random(2026);
        int drafted = 0;
        for (int n = 0; n < CORSETS; n++) {
            MeasurementSet body = Bodies.random(random);
            Garment garment = random(random);
            Outcome outcome = Drafter.draft(Bodies.commission(body, garment));
            if (outcome instanceof Refusal refusal) {
                Finished.isReasonable(refusal);
                continue;
            }
            Draft draft = (Draft) outcome;
            drafted++;
            Finished.holds(draft);
            for (Level level : garment.levels()) {
                assertThat(draft.intakes().sum(level))
                        .isCloseTo(draft.intakes().toTake().get(level).value(), within(0.001));
            }
            garment.intakes().forEach((cell, l) -> assertThat(
                            draft.intakes().at(cell.level(), cell.seam()).value())
                    .isEqualTo(l.millimetres(), within(1e-9)));
            draft.pattern().levels().forEach(level -> assertThat(draft.pattern().pieces().stream()
                            .flatMap(p -> p.mark(level.id()).stream())
                            .mapToDouble(m -> m.length())
                            .sum())
                    .isCloseTo(level.patternGirth() / 2, within(1.0)));
        }
        assertThat(drafted).as("corsets that could be drafted").isGreaterThan(CORSETS * 6 / 10);
    }

    private static Garment random(Random random) {
        GarmentKind kind = GarmentKind.values()[1 + random.nextInt(2)];
        Garment garment = Garment.of(kind)
                .withPanels(Panels.of(3 + random.nextInt(6), SeamPlacing.values()[random.nextInt(2)]))
                .withLowerEdge(LowerShape.values()[random.nextInt(LowerShape.values().length)]);
        garment = garment.withFastening(
                        garment.fastening().with(Closure.values()[random.nextInt(Closure.values().length)]))
                .withSharing(Sharing.BY_RULE
                        .with(Weighting.values()[random.nextInt(4)])
                        .withApexShare(random.nextDouble()));
        if (kind == GarmentKind.CORSET && random.nextBoolean()) {
            garment = garment.withUpperEdge(UpperShape.SWEETHEART);
        }
        for (int i = random.nextInt(4); i > 0; i--) {
            Level level = garment.levels().get(random.nextInt(garment.levels().size()));
            SeamPlace seam = garment.seams().get(random.nextInt(garment.seams().size()));
            if (level != Level.BUST) {
                garment = garment.withIntake(new Cell(level, seam), Length.mm(random.nextInt(50)));
            }
        }
        SeamPlace moved = garment.seams().get(0);
        if (random.nextInt(4) == 0 && moved.part() == SeamPlace.Part.FRONT) {
            garment = garment.withPanels(garment.panels()
                    .withAxis(
                            moved,
                            SeamAxis.PLACED.leaning(random.nextInt(11) - 5).bowed(random.nextInt(13) - 6)));
        }
        return garment;
    }
}
