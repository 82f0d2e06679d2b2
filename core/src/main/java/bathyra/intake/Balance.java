package bathyra.intake;

import java.util.Arrays;
import java.util.Optional;

/**
 * Shares a sum out over seams so that each moves as little as possible from what it wants, within its bounds: the continuous
 * quadratic knapsack problem
 *
 * <pre>minimise Σ (xᵢ − wantedᵢ)² / yieldᵢ   subject to   Σ xᵢ = sum,  leastᵢ ≤ xᵢ ≤ mostᵢ</pre>
 *
 * <p>Its solution is xᵢ = wantedᵢ + λ·yieldᵢ held within the bounds, for one λ; the sum grows with λ in straight pieces, so λ is
 * found exactly by going through the places where a seam reaches a bound (Helgason, Kennington and Lall 1980, A polynomially
 * bounded algorithm for a singly constrained quadratic program, Mathematical Programming 18; Brucker 1984, An O(n) algorithm for
 * quadratic knapsack problems, Operations Research Letters 3). With wants in proportion to the yields this re-balances in proportion.
 */
public final class Balance {
    private static final double EXACT = 1e-9;

    private Balance() {}

    /**
     * @param sum what all together must take, mm
     * @param wanted what each would take if nothing hindered it, mm
     * @param yields how readily each moves from that; one of 0 does not move
     * @param least what each takes at the least, mm
     * @param most what each takes at the most, mm
     * @return what each takes; empty when the bounds do not allow the sum
     */
    public static Optional<double[]> of(double sum, double[] wanted, double[] yields, double[] least, double[] most) {
        int n = wanted.length;
        double low = 0;
        double high = 0;
        double[] turns = new double[2 * n];
        int count = 0;
        for (int i = 0; i < n; i++) {
            if (yields[i] > 0) {
                low += least[i];
                high += most[i];
                turns[count++] = (least[i] - wanted[i]) / yields[i];
                turns[count++] = (most[i] - wanted[i]) / yields[i];
            } else {
                low += held(wanted[i], least[i], most[i]);
                high += held(wanted[i], least[i], most[i]);
            }
        }
        if (sum < low - EXACT || sum > high + EXACT) {
            return Optional.empty();
        }
        return Optional.of(
                at(lambda(sum, wanted, yields, least, most, Arrays.copyOf(turns, count)), wanted, yields, least, most));
    }

    private static double lambda(
            double sum, double[] wanted, double[] yields, double[] least, double[] most, double[] turns) {
        if (turns.length == 0) {
            return 0;
        }
        Arrays.sort(turns);
        double before = turns[0];
        double sumBefore = total(before, wanted, yields, least, most);
        for (int i = 1; i < turns.length; i++) {
            double here = total(turns[i], wanted, yields, least, most);
            if (sum <= here) {
                return here - sumBefore < EXACT
                        ? turns[i]
                        : before + (turns[i] - before) * (sum - sumBefore) / (here - sumBefore);
            }
            before = turns[i];
            sumBefore = here;
        }
        return before;
    }

    private static double total(double lambda, double[] wanted, double[] yields, double[] least, double[] most) {
        double total = 0;
        for (int i = 0; i < wanted.length; i++) {
            total += held(wanted[i] + lambda * yields[i], least[i], most[i]);
        }
        return total;
    }

    private static double[] at(double lambda, double[] wanted, double[] yields, double[] least, double[] most) {
        double[] x = new double[wanted.length];
        for (int i = 0; i < x.length; i++) {
            x[i] = held(wanted[i] + lambda * yields[i], least[i], most[i]);
        }
        return x;
    }

    private static double held(double value, double least, double most) {
        return Math.min(most, Math.max(least, value));
    }
}
