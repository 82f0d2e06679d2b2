package bathyra.bill;

import bathyra.draft.Draft;
import bathyra.garment.ClothUse;
import bathyra.garment.Commission;
import bathyra.garment.LayerKind;
import bathyra.lay.AutoLay;
import bathyra.lay.LaidId;
import bathyra.lay.Lay;
import bathyra.lay.LayPiece;
import bathyra.lay.Laying;
import bathyra.lay.Placed;
import bathyra.layer.Layer;
import bathyra.layer.Layers;
import bathyra.layer.Strip;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.stock.PriceList;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;

/** How the layers of a commission are laid: as the cutter put them, automatically where nobody did. */
public final class Lays {
    /** The same seed gives the same lay. */
    public static final long SEED = 1;

    private Lays() {}

    /** What is cut of each layer for the whole garment: of an uneven body the pieces and strips of both halves, those of the right one marked so. */
    public static List<Layer> layers(Draft draft) {
        Part part = draft.rightHalf().isPresent()
                ? Part.LEFT
                : draft.commission().measurements().part();
        Map<LayerKind, Layer> layers = new LinkedHashMap<>();
        Layers.of(draft.pattern(), draft.commission().garment(), part).forEach(l -> layers.put(l.kind(), l));
        draft.rightHalf().ifPresent(right -> Layers.of(
                        right.pattern(), right.commission().garment(), Part.RIGHT)
                .forEach(l -> layers.merge(l.kind(), right(l), Lays::both)));
        return List.copyOf(layers.values());
    }

    private static Layer right(Layer layer) {
        return with(
                layer,
                layer.pieces().stream()
                        .map(p -> p.withId(new LaidId(p.id(), true).text()))
                        .toList(),
                layer.strips());
    }

    private static Layer both(Layer left, Layer right) {
        return with(
                left,
                Stream.concat(left.pieces().stream(), right.pieces().stream()).toList(),
                Stream.concat(left.strips().stream(), right.strips().stream()).toList());
    }

    private static Layer with(Layer layer, List<Piece> pieces, List<Strip> strips) {
        Pattern of = layer.pattern();
        return new Layer(
                layer.kind(),
                layer.turn(),
                new Pattern(of.title(), of.method(), of.levels(), pieces, List.of(), of.waistToLap()),
                strips);
    }

    /** The cloth of a layer: the cutter's, or the usual one of the price list. */
    public static ClothUse use(Commission commission, LayerKind kind, PriceList prices) {
        return commission.making().cloths().getOrDefault(kind, ClothUse.of(prices.usual(kind)));
    }

    public static Laying laying(Layer layer, ClothUse use) {
        return Laying.of(layer, use.cloth(), use.folded(), use.gap().millimetres());
    }

    /** The pieces where the cutter has put them; empty when some are nowhere. */
    public static Optional<Lay> byHand(Laying laying, ClothUse use) {
        List<Placed> placed = new ArrayList<>();
        for (LayPiece piece : laying.pieces()) {
            use.hand().stream()
                    .filter(h -> h.piece().equals(piece.id()) && h.copy() == piece.copy())
                    .findFirst()
                    .ifPresent(h -> placed.add(new Placed(piece, h.x(), h.y(), h.turned(), h.tilt())));
        }
        return placed.size() < laying.pieces().size() || placed.isEmpty()
                ? Optional.empty()
                : Optional.of(new Lay(placed, laying.width(), laying.folded()));
    }

    /** Every layer that has pieces and can be laid. @param rounds how long each is tried */
    public static Map<LayerKind, Lay> of(
            Draft draft, List<Layer> layers, PriceList prices, int rounds, BooleanSupplier cancelled) {
        Map<LayerKind, Lay> lays = new EnumMap<>(LayerKind.class);
        for (Layer layer : layers) {
            if (layer.pieces().isEmpty()) {
                continue;
            }
            ClothUse use = use(draft.commission(), layer.kind(), prices);
            Laying laying = laying(layer, use);
            if (laying.hindrances().isEmpty()) {
                lays.put(
                        layer.kind(),
                        byHand(laying, use).orElseGet(() -> AutoLay.lay(laying, SEED, rounds, p -> {}, cancelled)));
            }
        }
        return lays;
    }
}
