package bathyra.correction;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.fitting.Wording;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.ContourWedge;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What stands on the slips that lie on the panels (C15.6). */
class SlipTest {
    private static final MeasurementSet BODY = Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680));

    private static String said(Slip slip) {
        return String.join(
                        " ", slip.moved().stream().map(s -> s.in(LengthUnit.MM)).toList())
                .replace('\u00a0', ' ');
    }

    @Test
    void aPinchAtTheSide_standsOnItsTwoPanels_halfOnEach_andOnNoOther() {
        Proposal made = Tried.made(
                Tried.bustier(BODY),
                Tried.fitting(Tried.agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 10)));
        List<Slip> slips = Slip.of(made.before(), made.draft());
        assertThat(slips).extracting(Slip::piece).containsExactly("F2", "B2");
        for (Slip slip : slips) {
            assertThat(said(slip))
                    .contains("Side: waist 5.0 mm less; nothing at upper edge, bust, underbust, high hip");
        }
    }

    @Test
    void anEdgeThatIsLowered_standsOnThePanelsUnderIt() {
        Proposal made = Tried.made(
                Tried.corset(BODY), Tried.fitting(Tried.agreed(1, MarkKind.EDGE, Spot.onEdge(true, 1), -12)));
        List<Slip> slips = Slip.of(made.before(), made.draft());
        assertThat(said(slips.get(slips.size() - 1))).contains("lower at the corner nearer centre back");
        assertThat(slips).extracting(Slip::piece).doesNotContain("F1", "F2");
    }

    @Test
    void twoLikeDrafts_haveNoSlips() {
        Draft draft = Tried.draft(Tried.corset(BODY));
        assertThat(Slip.of(draft, draft)).isEmpty();
    }

    @Test
    void everyChange_isSaidInWords() {
        Length ten = Length.mm(10);
        Adjustment pinch = new Adjustment(
                1,
                3,
                Side.LEFT,
                new Change.PinchBetween(SeamPlace.SIDE, Length.mm(-40), Length.mm(-10)),
                Optional.empty(),
                true);
        assertThat(Wording.of(pinch).in(LengthUnit.CM).replace('\u00a0', ' '))
                .isEqualTo("Side, 4.0 cm below the waist: 1.0 cm let out on each half, left half (fitting 1, mark 3)");
        assertThat(new Change.Fold(true, Level.UNDERBUST, ten).words().in(LengthUnit.CM))
                .contains("Centre back below the underbust", "shorter, to nothing at the side");
        assertThat(new Change.Share(Level.UNDERBUST, ten).words().in(LengthUnit.CM))
                .contains("farther back");
        assertThat(new Change.Wedge(ContourWedge.SIDE, ten)
                        .words()
                        .in(LengthUnit.CM)
                        .replace('\u00a0', ' '))
                .isEqualTo("Wedge, side: 1.0 cm more closed on each half");
        assertThat(new Change.Drawn(DrawnEdge.HEM, Length.mm(-10))
                        .words()
                        .in(LengthUnit.CM)
                        .replace('\u00a0', ' '))
                .isEqualTo("Hem: 1.0 cm lower");
        assertThat(new Change.Figure(MeasurementKey.SHOULDER_TO_APEX, ten)
                        .words()
                        .in(LengthUnit.CM))
                .contains("more than the tape");
    }

    @Test
    void theSecondFitting_isHeldAgainstTheFirst() {
        Mark first = Tried.agreed(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), 10);
        Mark gap = Tried.agreed(2, MarkKind.GAP, Spot.at(Level.UNDERBUST), 62);
        Proposal made = Tried.made(Tried.corset(BODY), Tried.fitting(first, gap));
        Mark again = Tried.agreed(1, MarkKind.LET_OUT, Spot.on(SeamPlace.SIDE, Level.WAIST), 2);
        Mark closer = Tried.agreed(2, MarkKind.GAP, Spot.at(Level.UNDERBUST), 57);
        List<Rest> rest = Rest.of(
                Tried.fitting(first, gap),
                Tried.fitting(again, closer),
                made.commission().adjustments(),
                Length.mm(50));
        assertThat(rest.get(0).asked().millimetres()).isEqualTo(10);
        assertThat(rest.get(0).applied().millimetres()).isEqualTo(10);
        assertThat(rest.get(0).rest().millimetres()).isEqualTo(-2);
        assertThat(rest.get(0).isGood()).isTrue();
        assertThat(rest.get(1).asked().millimetres()).isEqualTo(12);
        assertThat(rest.get(1).rest().millimetres()).isEqualTo(7);
        assertThat(rest.get(1).isGood()).isFalse();
    }
}
