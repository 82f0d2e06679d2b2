package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** Folds on a half tube of paper whose surplus is known: 120 mm of radius, 300 high. */
class FoldTest {
    private static final double RADIUS = 120;
    private static final double HEIGHT = 300;
    private static final int ROUND = 60;
    private static final int UP = 40;

    /**
     * A half tube that was cut from other paper than it lies on.
     *
     * @param wide from a place on the round, mm from centre front, to where it was on the paper
     * @param tall the same upwards
     */
    private static List<Fold> folds(DoubleUnaryOperator wide, DoubleUnaryOperator tall) {
        double[] shape = new double[3 * (ROUND + 1) * (UP + 1)];
        List<int[]> triangles = new ArrayList<>();
        for (int j = 0; j <= UP; j++) {
            for (int i = 0; i <= ROUND; i++) {
                int v = vertex(i, j);
                double azimuth = Math.PI * i / ROUND;
                shape[3 * v] = RADIUS * Math.sin(azimuth);
                shape[3 * v + 1] = RADIUS * Math.cos(azimuth);
                shape[3 * v + 2] = HEIGHT * j / UP;
                if (i < ROUND && j < UP) {
                    triangles.add(new int[] {v, vertex(i + 1, j), vertex(i + 1, j + 1)});
                    triangles.add(new int[] {v, vertex(i + 1, j + 1), vertex(i, j + 1)});
                }
            }
        }
        double[][] paper = triangles.stream()
                .map(t -> {
                    double[] corners = new double[6];
                    for (int k = 0; k < 3; k++) {
                        corners[2 * k] = wide.applyAsDouble(chord() * (t[k] % (ROUND + 1)));
                        corners[2 * k + 1] = tall.applyAsDouble(HEIGHT * (t[k] / (ROUND + 1)) / UP);
                    }
                    return corners;
                })
                .toArray(double[][]::new);
        int count = (ROUND + 1) * (UP + 1);
        Mesh mesh = new Mesh(count, triangles.toArray(int[][]::new), paper, new boolean[count][3]);
        return Fold.of(mesh, shape, z -> 0, 14);
    }

    private static int vertex(int i, int j) {
        return j * (ROUND + 1) + i;
    }

    private static double chord() {
        return 2 * RADIUS * Math.sin(Math.PI / ROUND / 2);
    }

    /** Paper that is longer by an amount between two places, and as it lies elsewhere. */
    private static DoubleUnaryOperator longer(double by, double from, double to) {
        return s -> s + by * Math.max(0, Math.min(1, (s - from) / (to - from)));
    }

    @Test
    void paperAsItLies_hasNoFold() {
        assertThat(folds(s -> s, s -> s)).isEmpty();
    }

    @Test
    void paperThatIsWiderAtOnePlace_standsUprightThere_byAsMuch() {
        // Between 150 and 190 mm from centre front, of 377: at 72 to 91 degrees.
        List<Fold> folds = folds(longer(8, 150, 190), s -> s);
        assertThat(folds).hasSizeGreaterThan(15).allSatisfy(fold -> {
            assertThat(fold.way()).isEqualTo(Fold.Way.UPRIGHT);
            assertThat(fold.surplus()).isCloseTo(8, within(0.3));
            assertThat(Math.toDegrees(fold.azimuth())).isBetween(71.0, 92.0);
        });
    }

    @Test
    void paperThatIsLongerAtOneHeight_liesInAFoldAcross() {
        List<Fold> folds = folds(s -> s, longer(5, 100, 140));
        assertThat(folds).hasSizeGreaterThan(25).allSatisfy(fold -> {
            assertThat(fold.way()).isEqualTo(Fold.Way.ACROSS);
            assertThat(fold.surplus()).isCloseTo(5, within(0.1));
            assertThat(fold.height()).isBetween(99.0, 141.0);
        });
    }

    @Test
    void roomOverTheWholeRound_isNoFold() {
        // 3 % everywhere: 11 mm in all, but under 2 within a hand's width.
        assertThat(folds(s -> 1.03 * s, s -> s)).isEmpty();
        assertThat(folds(s -> s, s -> 1.03 * s)).isEmpty();
    }

    @Test
    void tautClothBetweenTwoPlaces_keepsThemApart() {
        // 2.5 more, 4 less, 2.5 more within a hand's width: neither is as much as is seen.
        DoubleUnaryOperator wide = s -> longer(2.5, 150, 165).applyAsDouble(s)
                - (s < 165 ? 0 : s > 185 ? 4 : (s - 165) / 5)
                + (s < 185 ? 0 : s > 200 ? 2.5 : (s - 185) / 6);
        assertThat(folds(wide, s -> s)).isEmpty();
    }
}
