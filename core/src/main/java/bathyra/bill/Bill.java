package bathyra.bill;

import bathyra.bone.BonePlan;
import bathyra.bone.Busk;
import bathyra.draft.Draft;
import bathyra.garment.ClothUse;
import bathyra.garment.LayerKind;
import bathyra.garment.Making;
import bathyra.lay.Lay;
import bathyra.layer.Layer;
import bathyra.layer.Strip;
import bathyra.stock.PriceList;
import bathyra.stock.PriceList.Item;
import bathyra.stock.StockLength;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The bill of a commission. Each amount is quantity times price, rounded to hundredths; the total adds the rounded amounts, so that the
 * page adds up.
 *
 * @param missing what stands in it without a quantity or a price, a sentence each
 */
public record Bill(String currency, List<Line> lines, List<String> missing) {
    private static final double METRE = 1000;

    /** Where a line stands. */
    public enum Part {
        CLOTH("Cloth"),
        BONES("Bones and hardware"),
        NOTIONS("Notions"),
        WORK("Work");

        private final String label;

        Part(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * A line.
     *
     * @param how how the quantity came about, in words
     * @param unit of the quantity: m, pieces, h
     * @param price of one unit
     */
    public record Line(Part part, String what, String how, double quantity, String unit, double price) {
        /** Quantity times price, to hundredths. */
        public double amount() {
            return Math.round(quantity * price * 100 + 1e-7) / 100.0;
        }
    }

    public Bill {
        lines = List.copyOf(lines);
        missing = List.copyOf(missing);
    }

    public double total() {
        return Math.round(lines.stream().mapToDouble(Line::amount).sum() * 100) / 100.0;
    }

    public double total(Part part) {
        return Math.round(lines.stream()
                                .filter(l -> l.part() == part)
                                .mapToDouble(Line::amount)
                                .sum()
                        * 100)
                / 100.0;
    }

    /**
     * The bill of a draft.
     *
     * @param layers what is cut, as the pattern says
     * @param lays how each layer of pieces is laid; one that cannot be laid is missing
     */
    public static Bill of(Draft draft, List<Layer> layers, Map<LayerKind, Lay> lays, PriceList prices) {
        Making making = draft.commission().making();
        List<Line> lines = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        for (Layer layer : layers) {
            if (!layer.pieces().isEmpty()) {
                cloth(
                        layer.kind(),
                        making.cloths().getOrDefault(layer.kind(), ClothUse.of(prices.usual(layer.kind()))),
                        Optional.ofNullable(lays.get(layer.kind())),
                        lines,
                        missing);
            }
        }
        hardware(draft, layers, prices, lines, missing);
        if (making.spools() > 0) {
            lines.add(new Line(Part.NOTIONS, "Thread", "", making.spools(), "spools", prices.of(Item.THREAD)));
        }
        making.notions().forEach(n -> lines.add(new Line(Part.NOTIONS, n.name(), "", n.count(), "pieces", n.price())));
        making.work().forEach(w -> lines.add(new Line(Part.WORK, w.what(), "", w.hours(), "h", prices.of(Item.HOUR))));
        return new Bill(prices.currency(), lines, missing);
    }

    private static void cloth(LayerKind kind, ClothUse use, Optional<Lay> lay, List<Line> lines, List<String> missing) {
        if (lay.isEmpty()) {
            missing.add(kind.label() + ": the pieces cannot be laid on "
                    + use.cloth().name() + " as it is; the Lay stage says why.");
            return;
        }
        lines.add(new Line(
                Part.CLOTH,
                kind.label() + ", " + use.cloth().name(),
                String.format(
                        Locale.ROOT,
                        "%.0f cm wide, %s, %.0f %% used",
                        use.cloth().width() / 10,
                        use.folded() ? "folded" : "open",
                        lay.get().utilisation() * 100),
                lay.get().bought() / METRE,
                "m",
                use.cloth().price()));
    }

    private static void hardware(
            Draft draft, List<Layer> layers, PriceList prices, List<Line> lines, List<String> missing) {
        Shopping shopping = Shopping.of(draft, prices);
        for (Shopping.BoneLot lot : shopping.bones()) {
            Map<StockLength, Integer> bought = new LinkedHashMap<>();
            Map<StockLength, Integer> cut = new LinkedHashMap<>();
            lot.plan().cuts().forEach(c -> {
                bought.merge(c.from(), 1, Integer::sum);
                cut.merge(c.from(), c.pieces().size(), Integer::sum);
            });
            bought.forEach((stock, count) -> lines.add(new Line(
                    Part.BONES,
                    String.format(Locale.ROOT, "%s, %.0f cm", stock.name(), stock.length() / 10),
                    cut.get(stock) == 1 ? "for one bone" : "for " + cut.get(stock) + " bones",
                    count,
                    "pieces",
                    stock.price())));
        }
        Optional<Busk> busk = BonePlan.of(draft).busk();
        busk.ifPresent(b -> lines.add(new Line(
                Part.BONES,
                String.format(Locale.ROOT, "Busk, %.1f cm", b.length().value() / 10),
                "",
                1,
                "pieces",
                shopping.busk().map(StockLength::price).orElse(0.0))));
        if (shopping.eyelets() > 0) {
            lines.add(new Line(
                    Part.BONES, "Eyelets", "both edges", shopping.eyelets(), "pieces", prices.of(Item.EYELET)));
        }
        shopping.cord()
                .ifPresent(c -> lines.add(new Line(
                        Part.BONES, "Cord", "at the widest gap", tenths(c.value()), "m", prices.of(Item.CORD))));
        lines.add(new Line(
                Part.BONES,
                "Waist tape",
                "",
                tenths(shopping.tape().value() * shopping.tapes()),
                "m",
                prices.of(Item.TAPE)));
        double binding = layers.stream()
                .filter(l -> l.kind() == LayerKind.BIAS_BINDING)
                .flatMap(l -> l.strips().stream())
                .mapToDouble(s -> s.length().value() * s.count())
                .sum();
        if (binding > 0) {
            lines.add(new Line(Part.NOTIONS, "Binding", "both edges", tenths(binding), "m", prices.of(Item.BINDING)));
        }
        double casings = layers.stream()
                .filter(l -> l.kind() == LayerKind.CASINGS)
                .flatMap(l -> l.strips().stream())
                .mapToDouble((Strip s) -> s.length().value() * s.count())
                .sum();
        if (casings > 0) {
            lines.add(new Line(Part.NOTIONS, "Casing", "on every seam", tenths(casings), "m", prices.of(Item.TAPE)));
        }
        shopping.findings()
                .forEach(f -> missing.add(f.sentence().in(draft.commission().units())));
    }

    /** Up to the next tenth of a metre, in metres. */
    private static double tenths(double millimetres) {
        return Math.ceil(millimetres / 100 - 1e-9) / 10;
    }
}
