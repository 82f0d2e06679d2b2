package bathyra.bill;

import bathyra.draft.Draft;
import bathyra.garment.ClothUse;
import bathyra.garment.LayerKind;
import bathyra.lay.AutoLay;
import bathyra.lay.Lay;
import bathyra.lay.LayPiece;
import bathyra.lay.Laying;
import bathyra.lay.Placed;
import bathyra.layer.Layer;
import bathyra.stock.PriceList;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** How the layers of a commission are laid: as the cutter put them, automatically where nobody did. */
public final class Lays {
    /** The same seed gives the same lay. */
    public static final long SEED = 1;

    private Lays() {}

    /** The cloth of a layer: the cutter's, or the usual one of the price list. */
    public static ClothUse use(Draft draft, LayerKind kind, PriceList prices) {
        return draft.commission().making().cloths().getOrDefault(kind, ClothUse.of(prices.usual(kind)));
    }

    public static Laying laying(Layer layer, ClothUse use) {
        return Laying.of(layer, use.cloth(), use.folded(), use.gap().millimetres());
    }

    /** The pieces where the cutter has put them; empty when some are nowhere. */
    public static Optional<Lay> byHand(Laying laying, ClothUse use) {
        List<Placed> placed = new ArrayList<>();
        for (LayPiece piece : laying.pieces()) {
            use.hand().stream().filter(h -> h.piece().equals(piece.id()) && h.copy() == piece.copy()).findFirst().ifPresent(h -> placed.add(new Placed(piece, h.x(), h.y(), h.turned(), h.tilt())));
        }
        return placed.size() < laying.pieces().size() || placed.isEmpty() ? Optional.empty() : Optional.of(new Lay(placed, laying.width(), laying.folded()));
    }

    /** Every layer that has pieces and can be laid. @param rounds how long each is tried */
    public static Map<LayerKind, Lay> of(Draft draft, List<Layer> layers, PriceList prices, int rounds, BooleanSupplier cancelled) {
        Map<LayerKind, Lay> lays = new EnumMap<>(LayerKind.class);
        for (Layer layer : layers) {
            if (layer.pieces().isEmpty()) {
                continue;
            }
            ClothUse use = use(draft, layer.kind(), prices);
            Laying laying = laying(layer, use);
            if (laying.hindrances().isEmpty()) {
                lays.put(layer.kind(), byHand(laying, use).orElseGet(() -> AutoLay.lay(laying, SEED, rounds, p -> {}, cancelled)));
            }
        }
        return lays;
    }
}
