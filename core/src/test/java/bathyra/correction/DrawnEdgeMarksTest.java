package bathyra.correction;

import static bathyra.correction.Tried.agreed;
import static bathyra.correction.Tried.bustier;
import static bathyra.correction.Tried.draft;
import static bathyra.correction.Tried.fitting;
import static bathyra.correction.Tried.made;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.fitting.Change;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.Cover;
import bathyra.garment.DrawnLengths;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import java.util.Comparator;
import java.util.function.BinaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A mark at an edge that is drawn by one length moves the whole edge; held against the finished panels. */
class DrawnEdgeMarksTest {
    private static final Spot NECK = Spot.onEdge(true, 0.02);
    private static final Spot ARM = Spot.onEdge(true, 0.5);
    private static final Spot BEHIND = Spot.onEdge(true, 0.98);
    private static final Spot HEM = Spot.onEdge(false, 0.4);

    private static Commission shouldered() {
        Commission plain = bustier(Bodies.withArms(Bodies.nerea()));
        return plain.withGarment(plain.garment()
                .withUpperEdge(UpperShape.fitting(Cover.SHOULDERS).get(0))
                .withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS)));
    }

    private static Commission hanging(LowerShape lower) {
        Commission plain = bustier(Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680)));
        return plain.withGarment(plain.garment().withLowerEdge(lower));
    }

    private static DrawnEdge edgeAt(Commission commission, Spot spot) {
        Becoming becoming = Corrections.of(draft(commission), fitting(), agreed(1, MarkKind.EDGE, spot, 5));
        return ((Change.Drawn) becoming.first().orElseThrow().change()).edge();
    }

    /** The end of an edge that is nearer centre front or farther from it, over the waist, mm. */
    private static double above(Draft draft, EdgeRole role, boolean front, boolean farther) {
        Piece panel = draft.panelPieces().stream()
                .filter(p -> p.front() == front)
                .filter(p -> p.outline().stream().anyMatch(e -> e.role() == role))
                .reduce(farther ? last() : first())
                .orElseThrow();
        OutlineEdge edge = panel.outline().stream()
                .filter(e -> e.role() == role)
                .findFirst()
                .orElseThrow();
        var ends = Comparator.comparingDouble((bathyra.geometry.Point p) -> p.x());
        var points = java.util.List.of(edge.path().start(), edge.path().end());
        var at = farther
                ? points.stream().max(ends).orElseThrow()
                : points.stream().min(ends).orElseThrow();
        return panel.mark(Level.WAIST).orElseThrow().from().y() - at.y();
    }

    private static BinaryOperator<Piece> first() {
        return (a, b) -> a;
    }

    private static BinaryOperator<Piece> last() {
        return (a, b) -> b;
    }

    @Test
    void whereItWasSeen_saysWhichEdgeItIs() {
        assertThat(edgeAt(shouldered(), NECK)).isEqualTo(DrawnEdge.NECKLINE);
        assertThat(edgeAt(shouldered(), ARM)).isEqualTo(DrawnEdge.UNDERARM);
        assertThat(edgeAt(shouldered(), BEHIND)).isEqualTo(DrawnEdge.BACK_NECKLINE);
        assertThat(edgeAt(hanging(LowerShape.SKIRT), HEM)).isEqualTo(DrawnEdge.HEM);
        assertThat(edgeAt(hanging(LowerShape.FLARED), HEM)).isEqualTo(DrawnEdge.HEM);
    }

    @ParameterizedTest
    @CsvSource({"10", "-12"})
    void theNeckline_movesAtCentreFront_byWhatWasAsked(double mm) {
        Proposal made = made(shouldered(), fitting(agreed(1, MarkKind.EDGE, NECK, mm)));
        assertThat(above(made.draft(), EdgeRole.NECKLINE, true, false)
                        - above(made.before(), EdgeRole.NECKLINE, true, false))
                .isCloseTo(mm, within(0.5));
        assertThat(above(made.draft(), EdgeRole.NECKLINE, false, true))
                .as("behind it stays")
                .isCloseTo(above(made.before(), EdgeRole.NECKLINE, false, true), within(0.1));
    }

    @Test
    void behind_itMovesAtCentreBack() {
        Proposal made = made(shouldered(), fitting(agreed(1, MarkKind.DIGS, BEHIND, 15)));
        assertThat(above(made.draft(), EdgeRole.NECKLINE, false, true)
                        - above(made.before(), EdgeRole.NECKLINE, false, true))
                .as("what digs in is lowered")
                .isCloseTo(-15, within(0.5));
    }

    @Test
    void theUnderarm_isLowered() {
        Proposal made = made(shouldered(), fitting(agreed(1, MarkKind.DIGS, ARM, 6)));
        assertThat(made.draft()
                                .commission()
                                .garment()
                                .length(LengthOption.UNDERARM_LOWERING)
                                .value()
                        - made.before()
                                .commission()
                                .garment()
                                .length(LengthOption.UNDERARM_LOWERING)
                                .value())
                .isCloseTo(6, within(0.6));
        double sideBefore = side(made.before());
        assertThat(side(made.draft()) - sideBefore).isCloseTo(-6, within(0.5));
    }

    /** How high the side seam reaches over the waist in front. */
    private static double side(Draft draft) {
        Piece panel = draft.panelPieces().stream()
                .filter(p -> p.front() && p.outline().stream().anyMatch(e -> e.role() == EdgeRole.SIDE))
                .findFirst()
                .orElseThrow();
        double top = panel.outline().stream()
                .filter(e -> e.role() == EdgeRole.SIDE)
                .flatMap(e -> e.path().flattened(0.2).stream())
                .mapToDouble(p -> p.y())
                .min()
                .orElseThrow();
        return panel.mark(Level.WAIST).orElseThrow().to().y() - top;
    }

    @ParameterizedTest
    @EnumSource(
            value = LowerShape.class,
            names = {"SKIRT", "FLARED"})
    void aHem_isShortenedAllRound(LowerShape lower) {
        Proposal made = made(hanging(lower), fitting(agreed(1, MarkKind.EDGE, HEM, 20)));
        assertThat(above(made.draft(), EdgeRole.LOWER, true, false) - above(made.before(), EdgeRole.LOWER, true, false))
                .isCloseTo(20, within(0.5));
        assertThat(above(made.draft(), EdgeRole.LOWER, false, true) - above(made.before(), EdgeRole.LOWER, false, true))
                .isCloseTo(20, within(1.5));
    }

    /** Wherever the upper end is pressed, under whatever cover, the mark has a place and becomes a change or stays open with its reason. */
    @ParameterizedTest
    @EnumSource(Cover.class)
    void aPressAtTheUpperEnd_hasAPlace_underEveryCover(Cover cover) {
        Commission plain = shouldered();
        Draft draft = draft(plain.withGarment(plain.garment()
                .withUpperEdge(UpperShape.fitting(cover).get(0))
                .withTop(Top.STRAPLESS.withCover(cover))));
        Toile toile = new Toile(draft);
        for (Piece panel : draft.panelPieces()) {
            var top = panel.flattened(1).stream()
                    .min(Comparator.comparingDouble(p -> p.y()))
                    .orElseThrow();
            Spot spot = toile.spot(MarkKind.EDGE, panel.id(), top, 6);
            assertThat(spot.place()).as(panel.id()).isBetween(0.0, 1.0);
            Becoming becoming = Corrections.of(draft, fitting(), agreed(1, MarkKind.EDGE, spot, 5));
            assertThat(becoming.changes().isEmpty()).isEqualTo(becoming.open().isPresent());
            assertThat(toile.at(agreed(1, MarkKind.EDGE, spot, 5)))
                    .as(panel.id())
                    .isPresent();
        }
    }

    @Test
    void moreThanCanBeDrawn_isLeftOpen_withTheRange() {
        Becoming becoming = Corrections.of(draft(shouldered()), fitting(), agreed(1, MarkKind.DIGS, ARM, 40));
        assertThat(becoming.changes()).isEmpty();
        assertThat(becoming.open().orElseThrow().in(LengthUnit.MM).replace('\u00a0', ' '))
                .contains("Underarm lowered would be 53.0 mm")
                .contains("25.0 mm can be drawn");
    }

    @Test
    void whatWasChosen_staysWhatWasChosen_andAFigureTakenAnewKeepsWhatWasFound() {
        Commission commission = shouldered();
        Proposal made = made(commission, fitting(agreed(1, MarkKind.EDGE, NECK, 10)));
        double chosen = commission.garment().length(LengthOption.NECKLINE_DEPTH).value();
        var found = made.draft().commission().garment();
        assertThat(found.chosen(LengthOption.NECKLINE_DEPTH).value()).isEqualTo(chosen);
        assertThat(found.length(LengthOption.NECKLINE_DEPTH).value()).isCloseTo(chosen - 10, within(0.5));
        Commission anew = made.commission()
                .withMeasurements(made.commission().measurements().with(MeasurementKey.WAIST, Length.mm(735)));
        assertThat(draft(anew)
                        .commission()
                        .garment()
                        .length(LengthOption.NECKLINE_DEPTH)
                        .value())
                .isEqualTo(found.length(LengthOption.NECKLINE_DEPTH).value());
    }

    @Test
    void switchedOff_theOutlinesAreAsBefore() {
        Commission commission = hanging(LowerShape.SKIRT);
        Proposal made = made(commission, fitting(agreed(1, MarkKind.EDGE, HEM, 30)));
        Commission off = made.commission()
                .withAdjustments(made.commission().adjustments().stream()
                        .map(a -> a.turned(false))
                        .toList());
        Draft again = draft(off);
        for (Piece piece : draft(commission).pattern().pieces()) {
            assertThat(again.pattern().piece(piece.id()).cutLine()).isEqualTo(piece.cutLine());
        }
    }

    @Test
    void anEdgeThatAGarmentDoesNotHave_hasNoLength() {
        assertThat(DrawnLengths.of(DrawnEdge.NECKLINE, hanging(LowerShape.SKIRT).garment()))
                .isEmpty();
        assertThat(DrawnLengths.of(DrawnEdge.HEM, shouldered().garment())).isEmpty();
        assertThat(DrawnLengths.of(DrawnEdge.HEM, hanging(LowerShape.SKIRT).garment()))
                .contains(LengthOption.SKIRT_LENGTH);
        assertThat(Order.of(new Change.Drawn(DrawnEdge.HEM, Length.mm(3)), MarkKind.EDGE))
                .isEqualTo(Order.EDGES);
    }
}
