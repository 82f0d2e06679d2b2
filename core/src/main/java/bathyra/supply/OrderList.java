package bathyra.supply;

import bathyra.house.House;
import bathyra.house.Kept;
import bathyra.house.Supplier;
import bathyra.plan.DateKind;
import bathyra.plan.Supply;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is to be ordered for all garments together, supplier by supplier; what no supplier is known for comes last. */
public record OrderList(List<Line> lines) {
    /**
     * One thing to order.
     *
     * @param supplier empty where none is known
     * @param amount how much is missing, less what lies on the shelf and no garment has claimed
     * @param by the last day on which it can be ordered and still be in time; empty where no garment has a day
     * @param garments for which it is
     */
    public record Line(
            String supplier, String what, double amount, String unit, Optional<LocalDate> by, List<String> garments) {
        public Line {
            garments = List.copyOf(garments);
        }
    }

    public OrderList {
        lines = List.copyOf(lines);
    }

    /**
     * What a garment wants.
     *
     * @param title of the garment
     * @param clothIn when it must be there; empty while the garment has no due day
     */
    public record Want(String title, Optional<LocalDate> clothIn, List<Material> materials) {}

    public static OrderList of(List<Want> wants, Shelf shelf, House house) {
        Map<String, Gathered> all = new LinkedHashMap<>();
        for (Want want : wants) {
            for (Material material : want.materials()) {
                if (material.supply().state() == Supply.State.MISSING) {
                    all.computeIfAbsent(material.what(), w -> new Gathered(material.unit()))
                            .add(want, material);
                }
            }
        }
        // What runs out is bought with the rest, though no garment waits for it.
        for (Kept item : shelf.kept()) {
            if (shelf.runsOut(item)) {
                all.computeIfAbsent(item.what(), w -> new Gathered(item.unit())).least = item.least();
            }
        }
        List<Line> lines = new ArrayList<>();
        all.forEach((what, gathered) -> {
            Optional<Kept> kept = shelf.find(what);
            double there = kept.map(shelf::free).orElse(0.0);
            double amount = gathered.amount + gathered.least - there;
            if (amount > 1e-6) {
                String supplier = kept.map(Kept::supplier).orElse("");
                lines.add(new Line(
                        supplier,
                        what,
                        Math.round(amount * 1000) / 1000.0,
                        gathered.unit,
                        gathered.first.map(day -> house.calendar().before(day, days(house, supplier))),
                        gathered.titles));
            }
        });
        lines.sort(Comparator.comparing((Line l) -> l.supplier().isEmpty())
                .thenComparing(Line::supplier)
                .thenComparing(l -> l.by().orElse(LocalDate.MAX)));
        return new OrderList(lines);
    }

    private static int days(House house, String supplier) {
        return house.suppliers().stream()
                .filter(s -> s.name().equals(supplier))
                .findFirst()
                .map(Supplier::days)
                .orElse(DateKind.ORDERED.before() - DateKind.CLOTH_IN.before());
    }

    private static final class Gathered {
        private final String unit;
        private final List<String> titles = new ArrayList<>();
        private double amount;
        private double least;
        private Optional<LocalDate> first = Optional.empty();

        private Gathered(String unit) {
            this.unit = unit;
        }

        private void add(Want want, Material material) {
            amount += material.needed();
            titles.add(want.title());
            if (want.clothIn().isPresent()
                    && (first.isEmpty() || want.clothIn().get().isBefore(first.get()))) {
                first = want.clothIn();
            }
        }
    }
}
