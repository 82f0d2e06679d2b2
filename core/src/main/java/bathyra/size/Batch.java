package bathyra.size;

import bathyra.bill.Lays;
import bathyra.bill.Shopping;
import bathyra.draft.Draft;
import bathyra.garment.BoneKind;
import bathyra.garment.Cloth;
import bathyra.garment.ClothUse;
import bathyra.garment.LayerKind;
import bathyra.lay.AutoLay;
import bathyra.lay.Lay;
import bathyra.lay.Laying;
import bathyra.layer.Layer;
import bathyra.layer.Layers;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.stock.CuttingStock;
import bathyra.stock.PriceList;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;

/**
 * Several garments of a design cut at once, so many of each size (C23).
 *
 * @param counts how many of each size, in the order of the chart; of one that does not draft none
 * @param layers what is cut of each layer of cloth, and how it lies
 * @param bones how many of each length, by kind and width
 * @param eyelets together
 * @param cord mm together
 * @param busks how many of each, by name
 */
public record Batch(
        List<Integer> counts,
        Map<LayerKind, Cut> layers,
        Map<Bone, Integer> bones,
        int eyelets,
        double cord,
        Map<String, Integer> busks) {
    private static final int ROUNDS = 60;
    private static final long SEED = 23;
    private static final int EACH_MOST = 99;

    /** A bone as it is cut. @param length mm, to the whole 5 mm below */
    public record Bone(BoneKind kind, double width, double length) {}

    /** A layer. @param pieces how many are cut @param lay how they lie; empty where the cloth cannot take them */
    public record Cut(int pieces, Cloth cloth, Optional<Lay> lay) {}

    public Batch {
        counts = List.copyOf(counts);
        layers = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(layers));
        bones = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(bones));
        busks = Map.copyOf(busks);
    }

    /** Reads a ratio such as {@code 1-2-2-1}: one figure a size. @return why it cannot be read, or the counts */
    public static List<Integer> read(String text, int sizes) {
        String[] parts = text.strip().split("[\\s,;:/–-]+");
        List<Integer> counts = new ArrayList<>();
        for (String part : parts) {
            if (!part.matches("\\d{1,2}")) {
                throw new IllegalArgumentException("“" + part + "” is no number of garments.");
            }
            counts.add(Math.min(EACH_MOST, Integer.parseInt(part)));
        }
        if (counts.size() != sizes) {
            throw new IllegalArgumentException(
                    "There are " + sizes + " sizes; write a number for each, with strokes between them.");
        }
        return counts;
    }

    /** @param counts as many as the set has sizes @param cancelled asked while the pieces are laid */
    public static Batch of(SizeSet set, List<Integer> counts, PriceList prices, BooleanSupplier cancelled) {
        List<Integer> cut = new ArrayList<>();
        Map<LayerKind, List<Piece>> pieces = new EnumMap<>(LayerKind.class);
        Map<Bone, Integer> bones = new TreeMap<>(java.util.Comparator.comparing(Bone::kind)
                .thenComparing(Bone::width)
                .thenComparing(Bone::length));
        Map<String, Integer> busks = new TreeMap<>();
        int eyelets = 0;
        double cord = 0;
        for (int row = 0; row < counts.size(); row++) {
            SizedDraft sized = set.sizes().get(row);
            int count = sized.draft().isPresent() ? counts.get(row) : 0;
            cut.add(count);
            if (count == 0) {
                continue;
            }
            Draft draft = sized.draft().get();
            take(pieces, draft, sized.size().label(), count);
            Shopping shopping = Shopping.of(draft, prices);
            for (Shopping.BoneLot lot : shopping.bones()) {
                for (CuttingStock.Demand each : lot.demands()) {
                    bones.merge(
                            new Bone(lot.kind(), lot.width(), Math.floor(each.length() / 5) * 5),
                            each.count() * count,
                            Integer::sum);
                }
            }
            eyelets += shopping.eyelets() * count;
            cord += shopping.cord().map(c -> c.value()).orElse(0.0) * count;
            shopping.busk().ifPresent(b -> busks.merge(b.name(), count, Integer::sum));
        }
        Map<LayerKind, Cut> layers = new EnumMap<>(LayerKind.class);
        pieces.forEach((kind, all) -> layers.put(kind, cut(set, kind, all, prices, cancelled)));
        return new Batch(cut, layers, bones, eyelets, cord, busks);
    }

    private static void take(Map<LayerKind, List<Piece>> pieces, Draft draft, String size, int count) {
        for (Layer layer : Layers.of(draft.pattern(), draft.commission().garment(), Part.WHOLE)) {
            for (Piece piece : layer.pieces()) {
                for (int i = 0; i < count; i++) {
                    pieces.computeIfAbsent(layer.kind(), k -> new ArrayList<>())
                            .add(piece.withId(piece.id() + "@" + size + (i == 0 ? "" : "." + (i + 1)))
                                    .called(piece.name() + ", " + size, piece.front()));
                }
            }
        }
    }

    private static Cut cut(
            SizeSet set, LayerKind kind, List<Piece> pieces, PriceList prices, BooleanSupplier cancelled) {
        int count = pieces.stream().mapToInt(Piece::count).sum();
        ClothUse use = Lays.use(set.design(), kind, prices);
        Layer layer = new Layer(
                kind,
                0,
                new Pattern("", "", List.of(), pieces, List.of(), java.util.OptionalDouble.empty()),
                List.of());
        Laying laying = Laying.of(layer, use.cloth(), use.folded(), use.gap().millimetres());
        return new Cut(
                count,
                use.cloth(),
                laying.hindrances().isEmpty()
                        ? Optional.of(AutoLay.lay(laying, SEED, ROUNDS, p -> {}, cancelled))
                        : Optional.empty());
    }
}
