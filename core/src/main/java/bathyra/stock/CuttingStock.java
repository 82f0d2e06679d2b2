package bathyra.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is cut from what with the least cost: the one-dimensional cutting-stock problem with several stock lengths. It begins with
 * first-fit decreasing (D. S. Johnson, Near-Optimal Bin Packing Algorithms, 1973) on each stock length and improves on it by bin
 * completion: a branch is one stock length filled round the longest piece that is left (R. E. Korf, "An Improved Algorithm for Optimal
 * Bin Packing", IJCAI 2003). For the few lengths of one garment this is exact; past a bound on the branches the best so far stands.
 */
public final class CuttingStock {
    private static final int BRANCHES_MOST = 60_000;
    private static final int FILLINGS_MOST = 60;
    private static final double SAME = 1e-9;
    private final List<Demand> demands;
    private final List<StockLength> stock;
    private final double kerf;
    private final double leastPerMm;
    private List<Cut> best;
    private double bestCost = Double.POSITIVE_INFINITY;
    private int branches;
    private boolean leftOut;

    /** Pieces that are wanted. @param length mm */
    public record Demand(String name, double length, int count) {}

    /** One stock length and what is cut from it. @param pieces the names of the demands, from one end @param used with the saw's loss, mm */
    public record Cut(StockLength from, List<String> pieces, List<Double> lengths, double used) {
        public Cut {
            pieces = List.copyOf(pieces);
            lengths = List.copyOf(lengths);
        }

        public double rest() {
            return from.length() - used;
        }
    }

    /**
     * What is bought and cut.
     *
     * @param unmet what no stock length is long enough for
     * @param exact whether nothing cheaper is possible
     */
    public record Plan(List<Cut> cuts, List<Demand> unmet, boolean exact) {
        public Plan {
            cuts = List.copyOf(cuts);
            unmet = List.copyOf(unmet);
        }

        public double cost() {
            return cuts.stream().mapToDouble(c -> c.from().price()).sum();
        }

        /** What is left over, mm. */
        public double rest() {
            return cuts.stream().mapToDouble(Cut::rest).sum();
        }
    }

    private CuttingStock(List<Demand> demands, List<StockLength> stock, double kerf) {
        this.demands = demands;
        this.stock = stock;
        this.kerf = kerf;
        // Without prices the length itself is what is saved.
        this.leastPerMm =
                stock.stream().mapToDouble(s -> cost(s) / s.length()).min().orElse(0);
    }

    private double cost(StockLength s) {
        return stock.stream().allMatch(each -> each.price() == 0) ? s.length() : s.price();
    }

    /**
     * The cheapest way to cut what is wanted.
     *
     * @param kerf what the saw or the shears take at every cut, mm
     */
    public static Plan plan(List<Demand> wanted, List<StockLength> stock, double kerf) {
        double longest = stock.stream().mapToDouble(StockLength::length).max().orElse(0);
        List<Demand> unmet = wanted.stream()
                .filter(d -> d.length() > longest + SAME && d.count() > 0)
                .toList();
        List<Demand> met = wanted.stream()
                .filter(d -> d.length() <= longest + SAME && d.count() > 0 && d.length() > 0)
                .sorted(Comparator.comparingDouble(Demand::length).reversed().thenComparing(Demand::name))
                .toList();
        if (met.isEmpty()) {
            return new Plan(List.of(), unmet, true);
        }
        CuttingStock search = new CuttingStock(met, stock, kerf);
        search.firstFit();
        int[] left = met.stream().mapToInt(Demand::count).toArray();
        search.branch(left, new ArrayList<>(), 0);
        return new Plan(search.best, unmet, search.branches < BRANCHES_MOST && !search.leftOut);
    }

    private void firstFit() {
        for (StockLength only : stock) {
            if (demands.get(0).length() <= only.length() + SAME) {
                int[] left = demands.stream().mapToInt(Demand::count).toArray();
                List<Cut> cuts = new ArrayList<>();
                while (first(left) >= 0) {
                    int[] filling = new int[left.length];
                    double used = 0;
                    for (int i = 0; i < left.length; i++) {
                        while (filling[i] < left[i] && used + demands.get(i).length() <= only.length() + SAME) {
                            used += demands.get(i).length() + kerf;
                            filling[i]++;
                        }
                    }
                    cuts.add(cut(smallest(filling).orElse(only), filling));
                    take(left, filling, 1);
                }
                keep(cuts);
            }
        }
    }

    private static int first(int[] left) {
        for (int i = 0; i < left.length; i++) {
            if (left[i] > 0) {
                return i;
            }
        }
        return -1;
    }

    private static void take(int[] left, int[] filling, int sign) {
        for (int i = 0; i < left.length; i++) {
            left[i] -= sign * filling[i];
        }
    }

    private void keep(List<Cut> cuts) {
        double cost = cuts.stream().mapToDouble(c -> cost(c.from())).sum();
        if (cost < bestCost - SAME) {
            bestCost = cost;
            best = List.copyOf(cuts);
        }
    }

    private double used(int[] filling) {
        double used = 0;
        int pieces = 0;
        for (int i = 0; i < filling.length; i++) {
            used += filling[i] * demands.get(i).length();
            pieces += filling[i];
        }
        return used + kerf * Math.max(0, pieces - 1);
    }

    /** The cheapest stock length that a filling fits into. */
    private Optional<StockLength> smallest(int[] filling) {
        double used = used(filling);
        return stock.stream()
                .filter(s -> used <= s.length() + SAME)
                .min(Comparator.comparingDouble(this::cost).thenComparingDouble(StockLength::length));
    }

    private Cut cut(StockLength from, int[] filling) {
        List<String> names = new ArrayList<>();
        List<Double> lengths = new ArrayList<>();
        for (int i = 0; i < filling.length; i++) {
            for (int n = 0; n < filling[i]; n++) {
                names.add(demands.get(i).name());
                lengths.add(demands.get(i).length());
            }
        }
        return new Cut(from, names, lengths, used(filling));
    }

    private void branch(int[] left, List<Cut> cuts, double cost) {
        int longest = first(left);
        if (longest < 0) {
            keep(cuts);
            return;
        }
        double rest = 0;
        for (int i = 0; i < left.length; i++) {
            rest += left[i] * demands.get(i).length();
        }
        if (branches >= BRANCHES_MOST || cost + rest * leastPerMm >= bestCost - SAME) {
            return;
        }
        branches++;
        for (StockLength from : stock) {
            if (demands.get(longest).length() > from.length() + SAME) {
                continue;
            }
            for (int[] filling : fillings(left, longest, from)) {
                take(left, filling, 1);
                cuts.add(cut(from, filling));
                branch(left, cuts, cost + cost(from));
                cuts.remove(cuts.size() - 1);
                take(left, filling, -1);
            }
        }
    }

    /** The ways to fill a stock length round the longest piece left so that nothing more goes in; the fullest first. */
    private List<int[]> fillings(int[] left, int longest, StockLength from) {
        List<int[]> all = new ArrayList<>();
        int[] filling = new int[left.length];
        filling[longest] = 1;
        fill(left, longest, filling, from.length() - demands.get(longest).length(), all);
        all.sort(Comparator.comparingDouble((int[] f) -> used(f)).reversed());
        leftOut |= all.size() > FILLINGS_MOST;
        return all.size() > FILLINGS_MOST ? all.subList(0, FILLINGS_MOST) : all;
    }

    private void fill(int[] left, int at, int[] filling, double room, List<int[]> all) {
        boolean more = false;
        for (int i = at; i < left.length && all.size() < 4 * FILLINGS_MOST; i++) {
            if (filling[i] < left[i] && demands.get(i).length() + kerf <= room + SAME) {
                more = true;
                filling[i]++;
                fill(left, i, filling, room - demands.get(i).length() - kerf, all);
                filling[i]--;
            }
        }
        if (!more && isFull(left, filling, room)) {
            all.add(filling.clone());
        }
    }

    private boolean isFull(int[] left, int[] filling, double room) {
        for (int i = 0; i < left.length; i++) {
            if (filling[i] < left[i] && demands.get(i).length() + kerf <= room + SAME) {
                return false;
            }
        }
        return true;
    }
}
