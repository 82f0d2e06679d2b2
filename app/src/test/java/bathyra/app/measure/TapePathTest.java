package bathyra.app.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.form.Stand;
import bathyra.app.form.Stands;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where the tape of each measurement lies on the body that is drawn. */
class TapePathTest {
    private static final MeasurementSet BODY = body();

    private static MeasurementSet body() {
        MeasurementSet set = MeasurementSet.empty();
        for (var each : Map.of(
                        MeasurementKey.BUST, 910,
                        MeasurementKey.UPPER_BUST, 860,
                        MeasurementKey.UNDERBUST, 785,
                        MeasurementKey.WAIST, 720,
                        MeasurementKey.HIP, 1010,
                        MeasurementKey.SHOULDER_TO_APEX, 281,
                        MeasurementKey.SHOULDER_TO_UNDERBUST, 366,
                        MeasurementKey.FRONT_LENGTH, 468,
                        MeasurementKey.BACK_LENGTH, 439,
                        MeasurementKey.WAIST_TO_HIP, 231)
                .entrySet()) {
            set = set.with(each.getKey(), Length.mm(each.getValue()));
        }
        return set;
    }

    private static double length(TapePath line) {
        double length = 0;
        int n = line.points().size();
        for (int i = 1; i < n + (line.closed() ? 1 : 0); i++) {
            double[] a = line.points().get(i - 1);
            double[] b = line.points().get(i % n);
            length += Math.sqrt(Math.pow(a[0] - b[0], 2) + Math.pow(a[1] - b[1], 2) + Math.pow(a[2] - b[2], 2));
        }
        return length;
    }

    @ParameterizedTest
    @EnumSource(MeasurementKey.class)
    void everyMeasurement_hasItsTape_onTheBody(MeasurementKey key) {
        Stand stand = Stands.of(BODY).orElseThrow();
        assertThat(TapePath.of(key, stand, BODY).points()).hasSizeGreaterThan(1).allSatisfy(p -> assertThat(p[2])
                .isBetween(stand.bottom() - 1, stand.top() + 1));
    }

    /** The picture is no sketch: what is laid on it is as long as what was measured. */
    @Test
    void tapesOnTheBody_areAsLongAsTheyWereTaken() {
        Stand stand = Stands.of(BODY).orElseThrow();
        for (MeasurementKey key : new MeasurementKey[] {
            MeasurementKey.BUST,
            MeasurementKey.UPPER_BUST,
            MeasurementKey.UNDERBUST,
            MeasurementKey.WAIST,
            MeasurementKey.HIP
        }) {
            assertThat(length(TapePath.of(key, stand, BODY)))
                    .as(key.label())
                    .isCloseTo(BODY.taken().get(key).millimetres(), within(0.6));
        }
        assertThat(length(TapePath.of(MeasurementKey.FRONT_LENGTH, stand, BODY)))
                .isCloseTo(468, within(12.0));
        assertThat(length(TapePath.of(MeasurementKey.BACK_LENGTH, stand, BODY))).isCloseTo(439, within(12.0));
        assertThat(length(TapePath.of(MeasurementKey.APEX_TO_UNDERBUST, stand, BODY)))
                .isCloseTo(85, within(0.3));
    }

    /** Whatever is typed, one figure at a time, there is a body or none, and nothing is thrown. */
    @ParameterizedTest
    @EnumSource(MeasurementKey.class)
    void farthestBodies_areDrawnOrSaidToBeNone(MeasurementKey key) {
        for (double mm : new double[] {
            1,
            key.least().millimetres(),
            key.most().millimetres(),
            3 * key.most().millimetres()
        }) {
            MeasurementSet typed = BODY.with(key, Length.mm(mm));
            Stands.of(typed).ifPresent(stand -> {
                for (double z = stand.bottom(); z <= stand.top(); z += 7) {
                    double[] at = stand.at(1.1, z);
                    assertThat(at[0]).as("%s %s at %s", key, mm, z).isBetween(5.0, 1000.0);
                }
                assertThat(TapePath.of(key, stand, typed).points()).isNotEmpty();
            });
        }
        assertThat(Stands.of(MeasurementSet.empty())).as("nothing taken yet").isPresent();
    }

    @Test
    void unevenBody_isDrawnWithBothItsHalves() {
        MeasurementSet uneven = BODY.withRight(MeasurementKey.HIP, java.util.Optional.of(Length.mm(525)));
        Stand stand = Stands.of(uneven).orElseThrow();
        double hip = stand.left().heights().hip();
        assertThat(-stand.at(-Math.PI / 2, hip)[0]).isGreaterThan(stand.at(Math.PI / 2, hip)[0] + 5);
        assertThat(length(TapePath.of(MeasurementKey.HIP, stand, uneven))).isCloseTo(1010, within(4.0));
    }
}
