package bathyra.supply;

import bathyra.plan.Supply;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is on its way for all garments together: each thing once for each day on which it comes, the soonest first, what comes on no known day last. */
public record Deliveries(List<Line> lines) {
    /**
     * One thing that comes on one day.
     *
     * @param supplier empty where none is known
     * @param amount how much of it comes, in its unit: without what is claimed of the shelf
     * @param comes empty where no day was said
     * @param garments for which it is
     */
    public record Line(
            String supplier,
            String what,
            double amount,
            String unit,
            Optional<LocalDate> comes,
            List<String> garments) {
        public Line {
            garments = List.copyOf(garments);
        }

        /** Whether it should have come before a day. */
        public boolean isLate(LocalDate today) {
            return comes.filter(day -> day.isBefore(today)).isPresent();
        }

        /** Whether a material of a garment comes with it. */
        public boolean brings(Material material) {
            return material.supply().state() == Supply.State.ORDERED
                    && material.what().equals(what)
                    && material.supply().comes().equals(comes);
        }
    }

    public Deliveries {
        lines = List.copyOf(lines);
    }

    public static Deliveries of(List<OrderList.Want> wants, Shelf shelf) {
        Map<List<Object>, Line> all = new LinkedHashMap<>();
        for (OrderList.Want want : wants) {
            for (Material material : want.materials()) {
                if (material.supply().state() == Supply.State.ORDERED) {
                    Optional<LocalDate> comes = material.supply().comes();
                    all.merge(
                            List.of(material.what(), comes),
                            new Line(
                                    shelf.find(material.what())
                                            .map(kept -> kept.supplier())
                                            .orElse(""),
                                    material.what(),
                                    Math.max(
                                            0,
                                            material.needed()
                                                    - material.supply().amount()),
                                    material.unit(),
                                    comes,
                                    List.of(want.title())),
                            Deliveries::both);
                }
            }
        }
        List<Line> lines = new ArrayList<>(all.values());
        lines.sort(Comparator.comparing((Line l) -> l.comes().orElse(LocalDate.MAX))
                .thenComparing(Line::supplier)
                .thenComparing(Line::what));
        return new Deliveries(lines);
    }

    private static Line both(Line one, Line other) {
        List<String> garments = new ArrayList<>(one.garments());
        garments.addAll(other.garments());
        return new Line(
                one.supplier(),
                one.what(),
                Math.round((one.amount() + other.amount()) * 1000) / 1000.0,
                one.unit(),
                one.comes(),
                garments);
    }
}
