package bathyra.girth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.garment.Closure;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import bathyra.reckon.Formula;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One body, worked by hand: bust 910, underbust 785, waist 720, hip 1010; the row "bustier, zip or hooks". */
class GirthPlanTest {
    private static final Length NO_GAP = Length.mm(0);

    private static Garment garment(Map<Level, Length> ease) {
        Garment garment = Garment.bustier().withLowerEdge(LowerShape.HIP);
        for (Map.Entry<Level, Length> each : ease.entrySet()) {
            garment = garment.withEase(each.getKey(), each.getValue());
        }
        return garment;
    }

    private static GirthPlan plan(Map<Level, Length> ease, Length gap) {
        return GirthPlan.of(Bodies.nerea(), garment(ease).withFastening(Fastening.ZIP.withGap(Optional.of(gap))));
    }

    @ParameterizedTest
    @CsvSource({
        // Upper bust is estimated: 910 − 0.4 × 125 = 860, less 10; 0.52 of it in front.
        "UPPER, 860, 850, 221, 204",
        // Behind 0.49 of the rib and 0.18 of what the bust is more: 384.65 + 22.5 = 407.15, half of it.
        "BUST, 910, 910, 251.425, 203.575",
        "UNDERBUST, 785, 770, 196.35, 188.65",
        "WAIST, 720, 710, 177.5, 177.5",
        // High hip is estimated: 720 + 0.6 × 290 = 894.
        "HIGH_HIP, 894, 894, 214.56, 232.44",
        "HIP, 1010, 1020, 239.7, 270.3"
    })
    void levels_byTheTable_areWhatIsWorkedOutByHand(
            Level level, double body, double pattern, double front, double back) {
        LevelPlan plan = plan(Map.of(), NO_GAP).at(level);
        assertThat(plan.body().value()).isCloseTo(body, within(1e-9));
        assertThat(plan.pattern().value()).isCloseTo(pattern, within(1e-9));
        assertThat(plan.frontHalf().value()).isCloseTo(front, within(1e-9));
        assertThat(plan.backHalf().value()).isCloseTo(back, within(1e-9));
    }

    /** A tape over the front of 378 of 720 says 0.525, where the table has a half; the plan is of 710. */
    @Test
    void frontShare_isThatOfTheTapeOverTheFront_whereItWasTaken_unlessTheCutterHasSetOne() {
        var set = Bodies.nerea().with(MeasurementKey.WAIST_FRONT_ARC, Length.mm(378));
        LevelPlan taped = GirthPlan.of(set, garment(Map.of())).at(Level.WAIST);
        assertThat(taped.frontHalf().value()).isCloseTo(0.525 * 710 / 2, within(1e-9));
        assertThat(taped.frontShare().quantity()).isEqualTo(bathyra.reckon.Quantity.RATIO);
        Garment own = garment(Map.of()).withFastening(Fastening.ZIP.withShare(Level.WAIST, Optional.of(0.51)));
        assertThat(GirthPlan.of(set, own).at(Level.WAIST).frontHalf().value()).isCloseTo(0.51 * 710 / 2, within(1e-9));
    }

    @Test
    void halves_ofEveryLevel_addUpToHalfThePattern() {
        plan(Map.of(Level.WAIST, Length.mm(-63)), Length.mm(50)).levels().forEach(plan -> assertThat(
                        plan.frontHalf().value() + plan.backHalf().value())
                .isCloseTo(plan.pattern().value() / 2, within(1e-9)));
    }

    @Test
    void lacingGap_isTakenOutOfTheBackAlone() {
        LevelPlan without = plan(Map.of(), NO_GAP).at(Level.WAIST);
        LevelPlan with = plan(Map.of(), Length.mm(50)).at(Level.WAIST);
        assertThat(with.frontHalf().value()).isEqualTo(without.frontHalf().value());
        assertThat(with.backHalf().value()).isCloseTo(without.backHalf().value() - 25, within(1e-9));
        assertThat(with.worn().value()).isEqualTo(without.worn().value());
    }

    @Test
    void ownEase_winsOverTheTableAndSaysSo() {
        GirthPlan plan = plan(Map.of(Level.UNDERBUST, Length.mm(-40)), NO_GAP);
        assertThat(plan.at(Level.UNDERBUST).worn().value()).isEqualTo(745);
        assertThat(plan.at(Level.UNDERBUST).ease().source()).isEqualTo("yours");
        assertThat(plan.at(Level.WAIST).ease().source()).isEqualTo("bustier, zip or hooks");
    }

    @Test
    void wornGirth_saysNegativeEaseAsACutterDoes() {
        assertThat(Formula.inFigures(plan(Map.of(), NO_GAP).at(Level.WAIST).worn(), LengthUnit.CM)
                        .replace('\u00a0', ' '))
                .isEqualTo("72.0 − 1.0 = 71.0 cm");
        assertThat(Formula.inWords(plan(Map.of(), NO_GAP).at(Level.WAIST).worn(), LengthUnit.CM))
                .isEqualTo("waist + ease");
    }

    @Test
    void estimates_areCarriedIntoThePlan() {
        GirthPlan plan = plan(Map.of(), NO_GAP);
        assertThat(plan.at(Level.UPPER).pattern().estimated()).isTrue();
        assertThat(plan.at(Level.BUST).pattern().estimated()).isFalse();
    }

    @Test
    void widest_isTakenFromAnyLevel_forFrontAndBackApart() {
        GirthPlan plan = plan(Map.of(), NO_GAP);
        assertThat(plan.widestFront().value()).isCloseTo(251.425, within(1e-9));
        assertThat(plan.widestBack().value()).isCloseTo(270.3, within(1e-9));
    }

    @Test
    void waistReductionShare_isOfTheNaturalWaist_andNegativeWhereThereIsRoom() {
        assertThat(plan(Map.of(Level.WAIST, Length.mm(-72)), NO_GAP).waistReductionShare())
                .isCloseTo(0.1, within(1e-12));
        assertThat(plan(Map.of(Level.WAIST, Length.mm(36)), NO_GAP).waistReductionShare())
                .isCloseTo(-0.05, within(1e-12));
    }

    @Test
    void level_thatTheGarmentHasNot_isAWrongCall() {
        GirthPlan short_ = GirthPlan.of(Bodies.nerea(), Garment.bustier().withLowerEdge(LowerShape.WAIST));
        assertThat(short_.has(Level.HIP)).isFalse();
        assertThatThrownBy(() -> short_.at(Level.HIP))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("the garment has no level hip");
    }

    @Test
    void girth_thatIsNeitherTakenNorEstimated_isAWrongCall() {
        assertThatThrownBy(() -> GirthPlan.of(Bodies.nerea().without(MeasurementKey.WAIST), Garment.bustier()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("waistGirth is absent");
    }

    @Test
    void aLacedBustier_startsFromItsOwnRow_withItsGap() {
        GirthPlan plan =
                GirthPlan.of(Bodies.nerea(), Garment.bustier().withFastening(Fastening.ZIP.with(Closure.BACK_LACING)));
        // 3 % of 720 less are 698.4 worn, less 30 of gap.
        assertThat(plan.at(Level.WAIST).pattern().value()).isCloseTo(668.4, within(1e-9));
        assertThat(plan.at(Level.UNDERBUST).worn().value()).isCloseTo(785 - 20, within(1e-9));
    }

    @Test
    void aFrontShareSetByHand_movesTheSideSeam_andLeavesTheGirth() {
        Garment garment = Garment.bustier().withFastening(Fastening.ZIP.withShare(Level.WAIST, Optional.of(0.55)));
        LevelPlan waist = GirthPlan.of(Bodies.nerea(), garment).at(Level.WAIST);
        assertThat(waist.frontHalf().value()).isCloseTo(710 * 0.55 / 2, within(1e-9));
        assertThat(waist.frontHalf().value() + waist.backHalf().value()).isCloseTo(355, within(1e-9));
        assertThat(waist.frontShare().source()).isEqualTo("yours");
    }
}
