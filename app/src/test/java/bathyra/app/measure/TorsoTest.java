package bathyra.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TorsoTest {
    private static final List<MeasurementKey> ON_A_LEVEL = List.of(
            MeasurementKey.BUST,
            MeasurementKey.UPPER_BUST,
            MeasurementKey.UNDERBUST,
            MeasurementKey.UNDERBUST_FULL,
            MeasurementKey.WAIST,
            MeasurementKey.HIGH_HIP,
            MeasurementKey.HIP);

    private static Torso torso(MeasurementKey key, double mm) {
        return new Torso(MeasurementSet.empty().with(key, Length.mm(mm)));
    }

    @ParameterizedTest
    @EnumSource(MeasurementKey.class)
    void everyMeasurement_hasItsTape(MeasurementKey key) {
        Torso torso = new Torso(MeasurementSet.empty());
        assertThat(torso.run(key).isPresent()).isNotEqualTo(ON_A_LEVEL.contains(key));
        torso.run(key).ifPresent(run -> assertThat(run.points())
                .allSatisfy(p -> assertThat(p[1]).isBetween(Torso.TOP, torso.bottom() + 1)));
    }

    @ParameterizedTest
    @EnumSource(Torso.View.class)
    void levelLines_goDown_onTheFarthestBodiesToo(Torso.View view) {
        for (MeasurementKey key : MeasurementKey.values()) {
            for (double mm : new double[] {key.least().millimetres(), key.most().millimetres()}) {
                Torso torso = torso(key, mm);
                double[] ys =
                        torso.rings(view).stream().mapToDouble(Torso.Ring::y).toArray();
                assertThat(ys).as("%s %s", key, mm).isSorted();
                assertThat(Arrays.stream(ys).max().orElseThrow()).isLessThan(torso.bottom());
                assertThat(torso.outline(view, true).value(ys[3])).isPositive();
            }
        }
    }

    @Test
    void aLargerBust_standsOutFartherInFront_andTheSeatBehind() {
        Torso.Ring small =
                torso(MeasurementKey.BUST, 800).rings(Torso.View.SIDE).get(1);
        Torso.Ring large =
                torso(MeasurementKey.BUST, 1300).rings(Torso.View.SIDE).get(1);
        assertThat(large.left()).isGreaterThan(small.left()).isGreaterThan(small.right());
        Torso.Ring seat =
                new Torso(MeasurementSet.empty()).rings(Torso.View.SIDE).get(5);
        assertThat(seat.right()).isGreaterThan(seat.left());
    }
}
