package bathyra.stock;

import bathyra.garment.BoneKind;
import bathyra.garment.Cloth;
import bathyra.garment.LayerKind;
import java.util.ArrayList;
import java.util.List;

/**
 * What the workshop keeps and buys, with the cutter's own prices.
 *
 * @param currency what stands behind a price
 * @param cloths the bolts
 * @param bones lengths of bone in stock
 * @param busks lengths of busk in stock
 * @param eyelet the price of one
 * @param cord of a metre
 * @param tape of a metre
 * @param binding of a metre
 * @param thread of a spool
 * @param hour of the cutter's work
 */
public record PriceList(
        String currency,
        List<Cloth> cloths,
        List<BoneStock> bones,
        List<StockLength> busks,
        double eyelet,
        double cord,
        double tape,
        double binding,
        double thread,
        double hour) {
    /** A length of bone in stock. @param width mm */
    public record BoneStock(BoneKind kind, double width, StockLength stock) {}

    public PriceList {
        cloths = List.copyOf(cloths);
        bones = List.copyOf(bones);
        busks = List.copyOf(busks);
        for (double price : new double[] {eyelet, cord, tape, binding, thread, hour}) {
            if (!(price >= 0 && price < 1e7)) {
                throw new IllegalArgumentException("a price is a number from 0 up, was " + price);
            }
        }
    }

    /** An invented list to begin with. */
    public static PriceList invented() {
        List<Cloth> cloths = List.of(
                new Cloth("Silk duchess", 1400, 10, true, 0, 0, 42),
                new Cloth("Cotton sateen", 1500, 15, false, 0.03, 0.02, 14),
                new Cloth("Herringbone coutil", 1380, 15, false, 0.01, 0.01, 29),
                new Cloth("Cotton lawn", 1400, 10, false, 0.03, 0.03, 9),
                new Cloth("Canvas", 1600, 20, false, 0.04, 0.02, 11));
        List<BoneStock> bones = new ArrayList<>();
        for (BoneKind kind : BoneKind.values()) {
            for (double width : new double[] {5, 7, 10}) {
                for (double length : kind == BoneKind.FLAT_STEEL || kind == BoneKind.SPIRAL_STEEL
                        ? new double[] {500, 1000, 2000}
                        : new double[] {1000, 5000}) {
                    double metre =
                            switch (kind) {
                                case FLAT_STEEL -> 2.2;
                                case SPIRAL_STEEL -> 2.8;
                                case SYNTHETIC -> 1.6;
                                case PLASTIC -> 0.8;
                            };
                    // Longer lengths cost a little less by the metre.
                    double price = Math.round(metre
                                    * width
                                    / 7
                                    * length
                                    / 1000
                                    * (length > 1000 ? 0.9 : length < 1000 ? 1.1 : 1)
                                    * 100)
                            / 100.0;
                    bones.add(new BoneStock(
                            kind, width, new StockLength(kind.label() + " " + (int) width + " mm", length, price)));
                }
            }
        }
        List<StockLength> busks = new ArrayList<>();
        for (double length = 200; length <= 450; length += 25) {
            busks.add(new StockLength("Busk", length, Math.round((6 + length / 50) * 100) / 100.0));
        }
        return new PriceList("¤", cloths, bones, busks, 0.12, 0.9, 0.7, 0.8, 3.5, 30);
    }

    /** The lengths of a bone that are kept. */
    public List<StockLength> bones(BoneKind kind, double width) {
        return bones.stream()
                .filter(b -> b.kind() == kind && Math.abs(b.width() - width) < 0.01)
                .map(BoneStock::stock)
                .toList();
    }

    /** The cloth that a layer begins with. */
    public Cloth usual(LayerKind layer) {
        int at =
                switch (layer) {
                    case FASHION, BIAS_BINDING, LOOPS, STRAPS -> 0;
                    case STRENGTH, FACING, CASINGS, TOILE -> 2;
                    case LINING, FLY, PLACKET, MODESTY_PANEL -> 1;
                    case INTERLINING -> 4;
                };
        return cloths.isEmpty()
                ? new Cloth("Cloth", 1400, 10, false, 0, 0, 0)
                : cloths.get(Math.min(at, cloths.size() - 1));
    }

    public PriceList withCurrency(String next) {
        return new PriceList(next, cloths, bones, busks, eyelet, cord, tape, binding, thread, hour);
    }

    public PriceList withCloths(List<Cloth> next) {
        return new PriceList(currency, next, bones, busks, eyelet, cord, tape, binding, thread, hour);
    }

    public PriceList withBones(List<BoneStock> next) {
        return new PriceList(currency, cloths, next, busks, eyelet, cord, tape, binding, thread, hour);
    }

    public PriceList withBusks(List<StockLength> next) {
        return new PriceList(currency, cloths, bones, next, eyelet, cord, tape, binding, thread, hour);
    }

    /** The same with the price of one of the things that are bought by number or by length. */
    public PriceList with(Item item, double price) {
        double[] p = {eyelet, cord, tape, binding, thread, hour};
        p[item.ordinal()] = price;
        return new PriceList(currency, cloths, bones, busks, p[0], p[1], p[2], p[3], p[4], p[5]);
    }

    public double of(Item item) {
        return new double[] {eyelet, cord, tape, binding, thread, hour}[item.ordinal()];
    }

    /** What is bought by number or by length, in the order of the list. */
    public enum Item {
        EYELET("Eyelet", "each"),
        CORD("Cord", "a metre"),
        TAPE("Waist tape", "a metre"),
        BINDING("Binding", "a metre"),
        THREAD("Thread", "a spool"),
        HOUR("Work", "an hour");

        private final String label;
        private final String per;

        Item(String label, String per) {
            this.label = label;
            this.per = per;
        }

        public String label() {
            return label;
        }

        /** For how much of it the price is. */
        public String per() {
            return per;
        }
    }
}
