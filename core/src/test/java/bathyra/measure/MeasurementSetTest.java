package bathyra.measure;

import static bathyra.measure.MeasurementKey.APEX_SPAN;
import static bathyra.measure.MeasurementKey.APEX_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.BUST;
import static bathyra.measure.MeasurementKey.HEIGHT;
import static bathyra.measure.MeasurementKey.HIGH_HIP;
import static bathyra.measure.MeasurementKey.HIP;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.UNDERBUST;
import static bathyra.measure.MeasurementKey.UPPER_BUST;
import static bathyra.measure.MeasurementKey.WAIST;
import static bathyra.measure.MeasurementKey.WAIST_TO_HIGH_HIP;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.reckon.Formula;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MeasurementSetTest {
    private final MeasurementSet set = new MeasurementSet(Map.of(
            BUST,
            Length.mm(900),
            UNDERBUST,
            Length.mm(800),
            WAIST,
            Length.mm(700),
            HIP,
            Length.mm(1000),
            SHOULDER_TO_APEX,
            Length.mm(280),
            SHOULDER_TO_UNDERBUST,
            Length.mm(370),
            HEIGHT,
            Length.mm(1600)));

    private double value(MeasurementKey key) {
        return set.find(key).orElseThrow().value();
    }

    @Test
    void find_whatWasNotTaken_isEstimatedByItsRule() {
        assertThat(value(UPPER_BUST)).isCloseTo(860, within(1e-9)); // 900 − 0.4 × 100
        assertThat(value(HIGH_HIP)).isCloseTo(880, within(1e-9)); // 700 + 0.6 × 300
        assertThat(value(APEX_SPAN)).isCloseTo(180, within(1e-9)); // 900 × 0.2
        assertThat(value(APEX_TO_UNDERBUST)).isCloseTo(90, within(1e-9)); // 370 − 280
        assertThat(value(WAIST_TO_HIGH_HIP)).isCloseTo(100, within(1e-9)); // 1600 / 8 / 2, an estimate on an estimate
    }

    @Test
    void find_anEstimate_isMarkedAndWritesTheFormulaThatGaveIt() {
        var upper = set.find(UPPER_BUST).orElseThrow();
        assertThat(upper.estimated()).isTrue();
        assertThat(upper.source()).isEqualTo("estimate");
        assertThat(Formula.inFigures(upper, LengthUnit.CM).replace('\u00a0', ' '))
                .isEqualTo("90.0 − 0.4 × (90.0 − 80.0) = 86.0 cm");
    }

    @Test
    void find_offTheTape_isNoEstimate() {
        assertThat(set.find(BUST).orElseThrow().estimated()).isFalse();
    }

    @Test
    void find_withNothingToEstimateFrom_isEmpty() {
        assertThat(MeasurementSet.empty().find(WAIST_TO_HIGH_HIP)).isEmpty();
        assertThat(MeasurementSet.empty().find(SHOULDER_TO_UNDERBUST)).isEmpty();
    }

    @Test
    void without_aTakenFigure_givesTheEstimateBack() {
        MeasurementSet taken = set.with(UPPER_BUST, Length.mm(850));
        assertThat(taken.find(UPPER_BUST).orElseThrow().value()).isEqualTo(850);
        assertThat(taken.without(UPPER_BUST)).isEqualTo(set);
    }
}
