package bathyra.garment;

import bathyra.length.Length;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How the pieces are finished for the cloth (C12): what the cutter has chosen; the rest stands as usual.
 *
 * @param allowances by what an edge is for, in every layer
 * @param edges of single edges, in every layer
 * @param corners by the edge at whose ends they lie: the upper and the lower edge
 * @param grains by the piece
 * @param topMarks the pieces that carry a mark at the top
 * @param layers by their kind
 */
public record Finish(
        Map<EdgeUse, Length> allowances,
        Map<EdgeAt, Length> edges,
        Map<EdgeUse, CornerShape> corners,
        Map<String, GrainLine> grains,
        Set<String> topMarks,
        Map<LayerKind, LayerChoice> layers) {
    /** Everything as usual. */
    public static final Finish USUAL = new Finish(Map.of(), Map.of(), Map.of(), Map.of(), Set.of(), Map.of());

    public Finish {
        allowances = Map.copyOf(allowances);
        edges = Map.copyOf(edges);
        corners = Map.copyOf(corners);
        grains = Map.copyOf(grains);
        topMarks = Set.copyOf(topMarks);
        layers = Map.copyOf(layers);
    }

    static <K, V> Map<K, V> changed(Map<K, V> from, K key, Optional<V> value) {
        Map<K, V> next = new HashMap<>(from);
        value.ifPresentOrElse(v -> next.put(key, v), () -> next.remove(key));
        return next;
    }

    public LayerChoice layer(LayerKind kind) {
        return layers.getOrDefault(kind, LayerChoice.USUAL);
    }

    /** An allowance that the cutter has set for an edge: of the edge before that of its use, of the layer before that of all. */
    Optional<Length> allowance(Optional<LayerKind> layer, EdgeAt at, EdgeUse use) {
        LayerChoice own = layer.map(this::layer).orElse(LayerChoice.USUAL);
        Length edge = own.edges().getOrDefault(at, edges.get(at));
        // What a layer starts with of its own is not undone by what is set for all.
        boolean apart = layer.flatMap(kind -> kind.allowance(use)).isPresent();
        Length ofUse = own.allowances().getOrDefault(use, apart ? null : allowances.get(use));
        return Optional.ofNullable(edge != null ? edge : ofUse);
    }

    /** A hem lies flat when its corners are reversed; at the upper edge a seam ends square. */
    public CornerShape corner(EdgeUse edge) {
        return corners.getOrDefault(
                edge,
                edge == EdgeUse.LOWER_EDGE
                        ? CornerShape.REVERSED
                        : edge == EdgeUse.UPPER_EDGE ? CornerShape.SQUARE : CornerShape.MITRED);
    }

    public GrainLine grain(String piece) {
        return grains.getOrDefault(piece, GrainLine.CENTRE_FRONT);
    }

    /** What is chosen beyond the allowances by use. */
    public Finish withoutUses() {
        return new Finish(Map.of(), edges, corners, grains, topMarks, layers);
    }

    /** What remains when the pieces become others: nothing that names a piece. */
    Finish ofOtherPieces() {
        Map<LayerKind, LayerChoice> next = new HashMap<>();
        layers.forEach(
                (kind, c) -> next.put(kind, new LayerChoice(c.made(), c.turn(), c.allowances(), Map.of(), Set.of())));
        return new Finish(allowances, Map.of(), corners, Map.of(), Set.of(), next);
    }

    public Finish withAllowance(EdgeUse use, Optional<Length> width) {
        return new Finish(changed(allowances, use, width), edges, corners, grains, topMarks, layers);
    }

    public Finish withEdge(EdgeAt edge, Optional<Length> width) {
        return new Finish(allowances, changed(edges, edge, width), corners, grains, topMarks, layers);
    }

    public Finish withCorner(EdgeUse edge, CornerShape shape) {
        return new Finish(allowances, edges, changed(corners, edge, Optional.of(shape)), grains, topMarks, layers);
    }

    public Finish withGrain(String piece, GrainLine line) {
        return new Finish(allowances, edges, corners, changed(grains, piece, Optional.of(line)), topMarks, layers);
    }

    public Finish withTopMark(String piece, boolean marked) {
        Set<String> next = new HashSet<>(topMarks);
        if (marked) {
            next.add(piece);
        } else {
            next.remove(piece);
        }
        return new Finish(allowances, edges, corners, grains, next, layers);
    }

    public Finish withLayer(LayerKind kind, LayerChoice choice) {
        return new Finish(allowances, edges, corners, grains, topMarks, changed(layers, kind, Optional.of(choice)));
    }
}
