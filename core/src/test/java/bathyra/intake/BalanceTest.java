package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BalanceTest {
    private static double[] d(double... values) {
        return values;
    }

    private static double cost(double[] x, double[] wanted, double[] yields) {
        double cost = 0;
        for (int i = 0; i < x.length; i++) {
            cost += (x[i] - wanted[i]) * (x[i] - wanted[i]) / yields[i];
        }
        return cost;
    }

    @Test
    void withoutBounds_aChangeIsSharedInProportion() {
        double[] x = Balance.of(40, d(10, 30, 20), d(1, 3, 2), d(-999, -999, -999), d(999, 999, 999))
                .orElseThrow();
        assertThat(x).containsExactly(new double[] {40.0 / 6, 20, 40.0 / 3}, within(1e-9));
    }

    @Test
    void whatReachesItsCap_staysThere_andTheOthersTakeTheRest() {
        double[] x = Balance.of(100, d(20, 50, 30), d(2, 5, 3), d(0, 0, 0), d(45, 45, 45))
                .orElseThrow();
        assertThat(x).containsExactly(new double[] {22, 45, 33}, within(1e-9));
    }

    @Test
    void whatDoesNotYield_staysAtItsWish_orAtTheBoundNearestToIt() {
        double[] x = Balance.of(50, d(10, 20, 0), d(0, 1, 1), d(0, 0, 0), d(5, 99, 99))
                .orElseThrow();
        assertThat(x[0]).isEqualTo(5);
        assertThat(Arrays.stream(x).sum()).isCloseTo(50, within(1e-9));
    }

    @Test
    void aSumThatTheBoundsDoNotAllow_isNone() {
        assertThat(Balance.of(100, d(10, 10), d(1, 1), d(0, 0), d(45, 45))).isEmpty();
        assertThat(Balance.of(-1, d(10, 10), d(1, 1), d(0, 0), d(45, 45))).isEmpty();
        assertThat(Balance.of(7, d(3, 3), d(0, 0), d(0, 0), d(45, 45)))
                .as("nothing yields")
                .isEmpty();
    }

    /** An independent search: every way of sharing the sum out in steps of a hundredth of it is looked at. */
    @Test
    void onSmallCases_noSharingOfAFineGridIsBetter() {
        Random random = new Random(17);
        int searched = 0;
        for (int n = 0; n < 400; n++) {
            double[] wanted = random.doubles(3, 0, 60).toArray();
            double[] yields = random.doubles(3, 0.05, 3).toArray();
            double[] least = random.doubles(3, -20, 10).toArray();
            double[] most = {
                least[0] + random.nextDouble() * 50,
                least[1] + random.nextDouble() * 50,
                least[2] + random.nextDouble() * 50
            };
            double sum = Arrays.stream(least).sum()
                    + random.nextDouble()
                            * 1.2
                            * (Arrays.stream(most).sum() - Arrays.stream(least).sum());
            Optional<double[]> found = Balance.of(sum, wanted, yields, least, most);
            double best = Double.POSITIVE_INFINITY;
            for (int i = 0; i <= 100; i++) {
                for (int k = 0; k <= 100; k++) {
                    double[] x = {
                        least[0] + (most[0] - least[0]) * i / 100, least[1] + (most[1] - least[1]) * k / 100, 0
                    };
                    x[2] = sum - x[0] - x[1];
                    if (x[2] >= least[2] && x[2] <= most[2]) {
                        best = Math.min(best, cost(x, wanted, yields));
                    }
                }
            }
            if (found.isEmpty()) {
                assertThat(best).as("the search finds none either").isInfinite();
                continue;
            }
            double[] x = found.get();
            assertThat(Arrays.stream(x).sum()).isCloseTo(sum, within(1e-6));
            for (int i = 0; i < 3; i++) {
                assertThat(x[i]).isBetween(least[i] - 1e-9, most[i] + 1e-9);
            }
            assertThat(cost(x, wanted, yields)).isLessThanOrEqualTo(best + 1e-6);
            searched += Double.isInfinite(best) ? 0 : 1;
        }
        assertThat(searched).isGreaterThan(250);
    }

    @Test
    void theSameQuestion_hasTheSameAnswer_toTheLastBit() {
        Random random = new Random(3);
        for (int n = 0; n < 200; n++) {
            double[] wanted = random.doubles(8, 0, 60).toArray();
            double[] yields = random.doubles(8, 0, 2).toArray();
            double[] caps = random.doubles(8, 20, 90).toArray();
            assertThat(Balance.of(150, wanted, yields, new double[8], caps).map(Arrays::toString))
                    .isEqualTo(
                            Balance.of(150, wanted, yields, new double[8], caps).map(Arrays::toString));
        }
    }
}
