package bathyra.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class KnotsTest {
    private static final double[] PLACES = {0, 1, 2.5, 4, 7};

    @Test
    void curve_passesThroughItsValues() {
        double[] values = {3, 1, 4, 1, 5};
        Knots smooth = Knots.smooth(PLACES, values, Knots.End.NATURAL, Knots.End.LEVEL);
        Knots monotone = Knots.monotone(PLACES, values);
        for (int i = 0; i < PLACES.length; i++) {
            assertThat(smooth.at(PLACES[i])).isCloseTo(values[i], within(1e-12));
            assertThat(monotone.at(PLACES[i])).isCloseTo(values[i], within(1e-12));
        }
    }

    @Test
    void smoothCurve_ofACubic_isThatCubic_whereItsEndsAreHeldLikeIt() {
        // x³ − 3x² has no slope at 0 and at 2.
        double[] places = {0, 0.5, 1.2, 2};
        double[] values = new double[places.length];
        for (int i = 0; i < places.length; i++) {
            values[i] = places[i] * places[i] * (places[i] - 3);
        }
        Knots curve = Knots.smooth(places, values, Knots.End.LEVEL, Knots.End.LEVEL);
        for (double x = 0; x <= 2; x += 0.1) {
            assertThat(curve.at(x)).isCloseTo(x * x * (x - 3), within(1e-9));
        }
    }

    @Test
    void naturalEnd_hasNoBend() {
        Knots curve = Knots.smooth(PLACES, new double[] {3, 1, 4, 1, 5}, Knots.End.NATURAL, Knots.End.NATURAL);
        double h = 1e-3;
        assertThat((curve.at(0) - 2 * curve.at(h) + curve.at(2 * h)) / (h * h)).isCloseTo(0, within(0.05));
    }

    @Test
    void monotoneCurve_neverSwingsPastItsValues() {
        Knots curve = Knots.monotone(PLACES, new double[] {1, 1, 2, 5, 5});
        double last = 0;
        for (double x = 0; x <= 7; x += 0.05) {
            double value = curve.at(x);
            assertThat(value).isBetween(1 - 1e-12, 5 + 1e-12).isGreaterThanOrEqualTo(last - 1e-12);
            last = value;
        }
    }
}
