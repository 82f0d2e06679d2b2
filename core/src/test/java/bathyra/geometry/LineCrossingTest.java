package bathyra.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class LineCrossingTest {
    @Test
    void linesCross_whereBothSaySo() {
        LineCrossing at = LineCrossing.of(new Point(0, 0), new Vec(10, 0), new Point(4, -3), new Vec(0, 6))
                .orElseThrow();
        assertThat(at.here()).isCloseTo(0.4, within(1e-12));
        assertThat(at.there()).isCloseTo(0.5, within(1e-12));
    }

    @Test
    void parallels_neverCross() {
        assertThat(LineCrossing.of(new Point(0, 0), new Vec(10, 0), new Point(0, 1), new Vec(-3, 0)))
                .isEmpty();
        assertThat(LineCrossing.along(new Point(0, 0), new Point(10, 0), new Point(0, 1), new Point(10, 1), 0))
                .isNaN();
    }

    @Test
    void bothWaysOfAsking_agree() {
        Random random = new Random(4);
        int crossed = 0;
        for (int i = 0; i < 2000; i++) {
            Point a = new Point(random.nextDouble() * 10, random.nextDouble() * 10);
            Point b = new Point(random.nextDouble() * 10, random.nextDouble() * 10);
            Point c = new Point(random.nextDouble() * 10, random.nextDouble() * 10);
            Point d = new Point(random.nextDouble() * 10, random.nextDouble() * 10);
            double along = LineCrossing.along(a, b, c, d, 0);
            LineCrossing crossing = LineCrossing.of(a, a.to(b), c, c.to(d)).orElseThrow();
            boolean both =
                    crossing.here() >= 0 && crossing.here() <= 1 && crossing.there() >= 0 && crossing.there() <= 1;
            assertThat(Double.isNaN(along)).isEqualTo(!both);
            if (both) {
                crossed++;
                assertThat(along).isCloseTo(crossing.here(), within(1e-12));
                assertThat(a.plus(a.to(b).times(along)).distance(c.plus(c.to(d).times(crossing.there()))))
                        .isLessThan(1e-9);
            }
        }
        assertThat(crossed).isBetween(200, 1000);
    }

    @Test
    void slack_letsStretchesReachALittleBeyondTheirEnds() {
        Point a = new Point(0, 0);
        Point b = new Point(10, 0);
        Point c = new Point(10.05, -1);
        Point d = new Point(10.05, 1);
        assertThat(LineCrossing.along(a, b, c, d, 0)).isNaN();
        assertThat(LineCrossing.along(a, b, c, d, 0.01)).isCloseTo(1.005, within(1e-9));
    }
}
