package bathyra.measure;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.length.Length;
import org.junit.jupiter.api.Test;

/** What is another in a later set of figures. */
class ChangedTest {
    private static final MeasurementSet THEN = MeasurementSet.empty()
            .with(MeasurementKey.BUST, Length.mm(910))
            .with(MeasurementKey.WAIST, Length.mm(720))
            .with(MeasurementKey.HIP, Length.mm(1010));

    @Test
    void onlyWhatTheTapeTookOtherwise_inTheOrderOfMeasuring() {
        MeasurementSet now = THEN.with(MeasurementKey.WAIST, Length.mm(750))
                .with(MeasurementKey.BUST, Length.mm(910.3))
                .without(MeasurementKey.HIP)
                .with(MeasurementKey.UNDERBUST, Length.mm(785));
        assertThat(Changed.between(THEN, now))
                .extracting(Changed::key)
                .containsExactly(MeasurementKey.UNDERBUST, MeasurementKey.WAIST, MeasurementKey.HIP);
        Changed waist = Changed.between(THEN, now).get(1);
        assertThat(waist.before()).contains(Length.mm(720));
        assertThat(waist.after()).contains(Length.mm(750));
        assertThat(Changed.between(THEN, now).get(2).after()).isEmpty();
        assertThat(Changed.between(THEN, now).get(0).before()).isEmpty();
    }

    @Test
    void theSameSet_hasNotChanged() {
        assertThat(Changed.between(THEN, THEN)).isEmpty();
    }
}
