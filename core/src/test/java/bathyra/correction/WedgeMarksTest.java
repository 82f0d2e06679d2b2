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
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.piece.Piece;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A wedge pinched at an edge of a cup, on top of what was chosen, held against the finished edges. */
class WedgeMarksTest {
    private static final Spot NECK = new Spot(Length.mm(190), 0.1, Optional.empty(), Optional.of(Level.UPPER));
    private static final Spot ARM = new Spot(Length.mm(190), 0.33, Optional.empty(), Optional.of(Level.UPPER));
    private static final Spot OVER = Spot.on(SeamPlace.PRINCESS_FRONT, Level.UPPER);
    private static final Spot BETWEEN = new Spot(Length.mm(150), 0.01, Optional.empty(), Optional.of(Level.BUST));
    private static final Spot UNDER = Spot.on(SeamPlace.PRINCESS_FRONT, Level.UNDERBUST);
    private static final Spot SIDE = Spot.on(SeamPlace.SIDE, Level.UPPER);

    private static Commission sweetheart() {
        return bustier(Bodies.nerea()).withGarment(Garment.bustier().withUpperEdge(UpperShape.SWEETHEART));
    }

    private static ContourWedge wedgeOf(Draft draft, Spot spot) {
        Becoming becoming = Corrections.of(draft, fitting(), agreed(1, MarkKind.WEDGE, spot, 5));
        return ((Change.Wedge) becoming.first().orElseThrow().change()).wedge();
    }

    @Test
    void whereItWasPinched_saysWhichWedgeItIs() {
        Draft draft = draft(sweetheart());
        assertThat(wedgeOf(draft, NECK)).isEqualTo(ContourWedge.NECKLINE);
        assertThat(wedgeOf(draft, ARM)).isEqualTo(ContourWedge.ARMHOLE);
        assertThat(wedgeOf(draft, OVER)).isEqualTo(ContourWedge.STRAPLESS_TOP);
        assertThat(wedgeOf(draft, BETWEEN)).isEqualTo(ContourWedge.BETWEEN);
        assertThat(wedgeOf(draft, UNDER)).isEqualTo(ContourWedge.UNDER_BUST);
        assertThat(wedgeOf(draft, SIDE)).isEqualTo(ContourWedge.SIDE);
    }

    private static double upper(Draft draft, String piece) {
        Piece panel = draft.pattern().piece(piece);
        return panel.outline().stream()
                .filter(e -> e.name().startsWith("upper-edge"))
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    /** 6 pinched between centre front and apex: the edge of the front panel is 6 shorter, a hair for the blend. */
    @Test
    void wedgeAtTheNeckline_shortensTheEdgeThereByAsMuch() {
        Proposal made = made(sweetheart(), fitting(agreed(1, MarkKind.WEDGE, NECK, 6)));
        assertThat(upper(made.before(), "F1") - upper(made.draft(), "F1")).isCloseTo(6, within(0.8));
        assertThat(upper(made.draft(), "F2")).isCloseTo(upper(made.before(), "F2"), within(0.5));
        assertThat(made.draft().cutting().contour().width(ContourWedge.NECKLINE).orElse(0))
                .isCloseTo(6, within(0.01));
    }

    /** It comes on top of a wedge that was chosen, and a smaller one than chosen is left of it. */
    @ParameterizedTest
    @CsvSource({"4, 14", "-4, 6", "-10, 0"})
    void itComesOnTopOfTheWedgeThatWasChosen(double mm, double wide) {
        Commission plain = sweetheart();
        Commission chosen = plain.withGarment(
                plain.garment().withBust(plain.garment().bust().withWedge(ContourWedge.ARMHOLE, Length.mm(10))));
        // A mark is what was pinched: less is agreed as a change that gives back.
        Commission found = chosen.withAdjustments(List.of(new Adjustment(
                1, 1, Side.BOTH, new Change.Wedge(ContourWedge.ARMHOLE, Length.mm(mm)), Optional.empty(), true)));
        Draft draft = draft(found);
        assertThat(draft.commission().garment().wedge(ContourWedge.ARMHOLE)).isCloseTo(wide, within(1e-9));
        assertThat(draft.cutting().contour().width(ContourWedge.ARMHOLE).orElse(0))
                .isCloseTo(wide, within(0.01));
    }

    @Test
    void widerThanCanBeClosed_isLeftOpen_withTheRange() {
        Draft draft = draft(sweetheart());
        Becoming becoming = Corrections.of(draft, fitting(), agreed(1, MarkKind.WEDGE, NECK, 34));
        assertThat(becoming.changes()).isEmpty();
        assertThat(becoming.open().orElseThrow().in(LengthUnit.MM).replace('\u00a0', ' '))
                .contains("34.0 mm wide")
                .contains("30.0 mm can be closed")
                .contains("Pinch the seam");
    }

    @Test
    void underbustCorset_hasNoApexForIt() {
        Draft draft = draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.UNDERBUST)));
        Becoming becoming = Corrections.of(draft, fitting(), agreed(1, MarkKind.WEDGE, UNDER, 5));
        assertThat(becoming.changes()).isEmpty();
        assertThat(becoming.open().orElseThrow().in(LengthUnit.MM)).contains("no seam passes there");
    }

    /** Under the bust it is taken in the seam on both sides, and the side gives it back: the girth stays. */
    @Test
    void underTheBust_theApexSeamTakesItTwice_andTheGirthStays() {
        Proposal made = made(sweetheart(), fitting(agreed(1, MarkKind.WEDGE, UNDER, 5)));
        double before = made.before()
                .intakes()
                .at(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT)
                .value();
        double after = made.draft()
                .intakes()
                .at(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT)
                .value();
        assertThat(after - before).isCloseTo(10, within(0.6));
        assertThat(Tried.half(made.draft(), Level.UNDERBUST))
                .isCloseTo(Tried.half(made.before(), Level.UNDERBUST), within(0.1));
    }

    /** Withdrawn, the outlines are what they were. */
    @Test
    void switchedOff_theOutlinesAreAsBefore() {
        Commission commission = sweetheart();
        Proposal made = made(commission, fitting(agreed(1, MarkKind.WEDGE, ARM, 7)));
        Commission off = made.commission()
                .withAdjustments(made.commission().adjustments().stream()
                        .map(a -> a.turned(false))
                        .toList());
        Draft again = draft(off);
        for (Piece piece : draft(commission).pattern().pieces()) {
            assertThat(again.pattern().piece(piece.id()).cutLine()).isEqualTo(piece.cutLine());
        }
    }

    /** What was found stays when a figure is taken anew: so much more than the plan gives. */
    @Test
    void itSurvivesAFigureTakenAnew() {
        Proposal made = made(sweetheart(), fitting(agreed(1, MarkKind.WEDGE, NECK, 6)));
        Commission anew = made.commission()
                .withMeasurements(made.commission().measurements().with(MeasurementKey.WAIST, Length.mm(735)));
        assertThat(draft(anew).cutting().contour().width(ContourWedge.NECKLINE).orElse(0))
                .isCloseTo(6, within(0.01));
    }

    @Test
    void itStandsAfterTheSeams_andBeforeTheEdges() {
        assertThat(Order.of(agreed(1, MarkKind.WEDGE, NECK, 5))).isEqualTo(Order.CONTOUR);
        assertThat(Order.CONTOUR).isGreaterThan(Order.SEAMS).isLessThan(Order.EDGES);
        assertThat(Order.of(new Change.Wedge(ContourWedge.SIDE, Length.mm(3)), MarkKind.WEDGE))
                .isEqualTo(Order.CONTOUR);
    }
}
