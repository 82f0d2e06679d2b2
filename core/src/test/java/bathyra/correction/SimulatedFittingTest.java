package bathyra.correction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.fit.FormSurface;
import bathyra.fit.Lacing;
import bathyra.fit.Worn;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LowerShape;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Posture;
import bathyra.place.Level;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A fitting simulated: a corset drafted by a tape that was wrong is laced on the form of the body as it is, and the gap that is read there writes the marks. */
class SimulatedFittingTest {
    private static final List<Level> READ = List.of(Level.UPPER, Level.UNDERBUST, Level.WAIST, Level.HIGH_HIP);
    private static final MeasurementSet TAPED = Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680));
    /** The waist is 15 more than the tape said, and the apex 10 lower. */
    private static final MeasurementSet BODY =
            TAPED.with(MeasurementKey.WAIST, Length.mm(735)).with(MeasurementKey.SHOULDER_TO_APEX, Length.mm(291));

    private static Commission commission(MeasurementSet body) {
        return Bodies.commission(body, Garment.of(GarmentKind.CORSET).withLowerEdge(LowerShape.HIGH_HIP));
    }

    /** The gap at each level when it is laced on a body with one pull. */
    private static Map<Level, Double> gaps(Commission commission, FormSurface body, double pull) {
        Worn worn = Worn.cold(Tried.draft(commission), body, Worn.COARSE, () -> false);
        Lacing lacing = worn.laced(pull, () -> false).orElseThrow();
        Map<Level, Double> gaps = new EnumMap<>(Level.class);
        for (Level level : READ) {
            gaps.put(
                    level,
                    lacing.gaps().stream()
                            .min(Comparator.comparingDouble(g -> Math.abs(g.height() - worn.height(level))))
                            .orElseThrow()
                            .open());
        }
        return gaps;
    }

    /** What the second of two fittings leaves. */
    private static Map<Level, Double> afterTwo(FormSurface body, boolean apexSeen, double pull) {
        Commission now = commission(TAPED);
        for (int number = 1; number <= 2; number++) {
            Fitting fitting = Fitting.begun(number, FittingKind.TOILE, Tried.DAY);
            if (number == 1 && apexSeen) {
                fitting = fitting.with(Tried.agreed(9, MarkKind.APEX, Spot.at(Level.BUST), 10));
            }
            for (Map.Entry<Level, Double> gap : gaps(now, body, pull).entrySet()) {
                fitting = fitting.with(
                        Mark.put(fitting.nextMark(), MarkKind.GAP, Spot.at(gap.getKey()), Length.mm(gap.getValue()))
                                .decided(Decision.AGREED, ""));
            }
            now = Tried.made(now, fitting).commission();
        }
        return gaps(now, body, pull);
    }

    private static double pull() {
        Draft drafted = Tried.draft(commission(TAPED));
        return Worn.cold(drafted, Worn.surface(drafted), Worn.COARSE, () -> false)
                .lacingPull()
                .orElseThrow();
    }

    private static double spread(Map<Level, Double> gaps) {
        return gaps.values().stream().mapToDouble(g -> g).max().orElseThrow()
                - gaps.values().stream().mapToDouble(g -> g).min().orElseThrow();
    }

    @Test
    void aWaist15More_andAnApex10Lower_areRightAfterTwoFittings() {
        double pull = pull();
        FormSurface body = Worn.surface(Tried.draft(commission(BODY)));
        double planned = commission(TAPED).garment().gap().value();
        Map<Level, Double> first = gaps(commission(TAPED), body, pull);
        assertThat(first.get(Level.UPPER)).isGreaterThan(planned + 15);
        Map<Level, Double> left = afterTwo(body, true, pull);
        for (Level level : List.of(Level.UPPER, Level.UNDERBUST, Level.WAIST)) {
            assertThat(left.get(level)).as(level.id()).isCloseTo(planned, within(3.0));
        }
        // The free end below the last bone spreads with every girth that it is given.
        assertThat(left.get(Level.HIGH_HIP)).isCloseTo(planned, within(6.0));
    }

    @Test
    void onASwayBack_theGapIsLessSkew_butItsGirthsAloneDoNotMakeItParallel() {
        double pull = pull();
        MeasurementSet sway = BODY.on(BODY.occasion().standing(Posture.SWAY));
        FormSurface body = Worn.surface(Tried.draft(commission(sway)));
        Map<Level, Double> first = gaps(commission(TAPED), body, pull);
        assertThat(spread(afterTwo(body, true, pull))).isLessThan(spread(first) * 0.7);
    }
}
