package bathyra.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.stock.CuttingStock.Cut;
import bathyra.stock.CuttingStock.Demand;
import bathyra.stock.CuttingStock.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class CuttingStockTest {
    private static final List<StockLength> STOCK =
            List.of(new StockLength("steel", 500, 2), new StockLength("steel", 1000, 3));

    @Test
    void fourOf240AndTwoOf480_byHand_areTwoMetresFor6() {
        // 1920 in all, so a metre each at the least: 2 × 3 = 6, as with 480 + 240 + 240 and two cuts, 964 of 1000,
        // twice. In half metres it would be four for 8.
        Plan plan = CuttingStock.plan(List.of(new Demand("240", 240, 4), new Demand("480", 480, 2)), STOCK, 2);
        assertThat(plan.cuts()).extracting(c -> c.from().length()).containsExactly(1000.0, 1000.0);
        // Six pieces out of two lengths are four cuts.
        assertThat(plan.rest()).isEqualTo(2000 - 1920 - 4 * 2);
        assertThat(plan.cost()).isEqualTo(6);
        assertThat(plan.exact()).isTrue();
    }

    @Test
    void whatTheSawTakes_isNotForgotten() {
        // Two of 250 are half a metre without a cut; with one they are 502.
        assertThat(CuttingStock.plan(List.of(new Demand("250", 250, 2)), STOCK, 0)
                        .cost())
                .isEqualTo(2);
        assertThat(CuttingStock.plan(List.of(new Demand("250", 250, 2)), STOCK, 2)
                        .cost())
                .isEqualTo(3);
    }

    @Test
    void aPieceLongerThanAnyStock_isUnmet_andTheOthersAreStillCut() {
        Plan plan = CuttingStock.plan(List.of(new Demand("1010", 1010, 1), new Demand("400", 400, 1)), STOCK, 2);
        assertThat(plan.unmet()).extracting(Demand::name).containsExactly("1010");
        assertThat(plan.cuts()).hasSize(1);
        assertThat(CuttingStock.plan(List.of(new Demand("400", 400, 1)), List.of(), 2)
                        .unmet())
                .hasSize(1);
    }

    @Test
    void withoutPrices_theLeastLengthIsBought() {
        List<StockLength> free = List.of(new StockLength("steel", 500, 0), new StockLength("steel", 1000, 0));
        assertThat(CuttingStock.plan(List.of(new Demand("300", 300, 1)), free, 2)
                        .cuts())
                .extracting(c -> c.from().length())
                .containsExactly(500.0);
    }

    @Test
    void stockLengths_areNumbersFromNought() {
        assertThatThrownBy(() -> new StockLength("steel", Double.NaN, 1))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("stock length");
        assertThatThrownBy(() -> new StockLength("steel", 500, -1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void randomLists_addUpToTheStockBought_andNothingIsLostOrCutTwice() {
        Random random = new Random(13);
        for (int round = 0; round < 200; round++) {
            List<Demand> wanted = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(8); i++) {
                wanted.add(new Demand("d" + i, 5 * (20 + random.nextInt(80)), 1 + random.nextInt(4)));
            }
            Plan plan = CuttingStock.plan(wanted, STOCK, 2);
            TreeMap<String, Integer> counted = new TreeMap<>();
            for (Cut cut : plan.cuts()) {
                double lengths = cut.lengths().stream().mapToDouble(l -> l).sum();
                assertThat(lengths + 2 * (cut.lengths().size() - 1) + cut.rest())
                        .isCloseTo(cut.from().length(), within(1e-9));
                assertThat(cut.rest()).isGreaterThanOrEqualTo(-1e-9);
                cut.pieces().forEach(p -> counted.merge(p, 1, Integer::sum));
            }
            TreeMap<String, Integer> asked = new TreeMap<>();
            wanted.forEach(d -> asked.merge(d.name(), d.count(), Integer::sum));
            assertThat(counted).isEqualTo(asked);
        }
    }

    @Test
    void smallLists_costAsLittleAsWhenEveryWayIsTried() {
        Random random = new Random(14);
        for (int round = 0; round < 120; round++) {
            List<Double> pieces = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(6); i++) {
                pieces.add(5.0 * (20 + random.nextInt(80)));
            }
            List<Demand> wanted = new ArrayList<>();
            for (int i = 0; i < pieces.size(); i++) {
                wanted.add(new Demand("d" + i, pieces.get(i), 1));
            }
            Plan plan = CuttingStock.plan(wanted, STOCK, 2);
            assertThat(plan.exact()).isTrue();
            assertThat(plan.cost()).isCloseTo(cheapest(pieces, 0, new ArrayList<>()), within(1e-9));
        }
    }

    /** Every way to part the pieces into groups; each group on the cheapest stock that holds it. */
    private static double cheapest(List<Double> pieces, int at, List<Double> groups) {
        if (at == pieces.size()) {
            return groups.stream()
                    .mapToDouble(used -> STOCK.stream()
                            .filter(s -> s.length() >= used - 1e-9)
                            .mapToDouble(StockLength::price)
                            .min()
                            .orElse(Double.POSITIVE_INFINITY))
                    .sum();
        }
        double best = Double.POSITIVE_INFINITY;
        for (int g = 0; g < groups.size(); g++) {
            double was = groups.get(g);
            if (was + 2 + pieces.get(at) <= 1000 + 1e-9) {
                groups.set(g, was + 2 + pieces.get(at));
                best = Math.min(best, cheapest(pieces, at + 1, groups));
                groups.set(g, was);
            }
        }
        groups.add(pieces.get(at));
        best = Math.min(best, cheapest(pieces, at + 1, groups));
        groups.remove(groups.size() - 1);
        return best;
    }
}
