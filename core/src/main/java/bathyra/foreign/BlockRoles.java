package bathyra.foreign;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the edges of two pieces from elsewhere are on a block, so that a draft can start from them (C4.4).
 *
 * @param edges which edge is the neck, the shoulder, the armhole, the side, the hem, the centre
 * @param waist how deep the waist lies below the neck end of the shoulder, by the piece, mm
 * @param hip the same for the hip
 */
public record BlockRoles(Map<SeamJoin.Ref, String> edges, Map<String, Double> waist, Map<String, Double> hip) {
    /** The edges of a block, in the order in which one names them. */
    public static final List<String> ROLES = List.of("neck", "shoulder", "armhole", "side", "hem", "centre");
    /** Nothing named yet. */
    public static final BlockRoles NONE = new BlockRoles(Map.of(), Map.of(), Map.of());

    public BlockRoles {
        edges = Map.copyOf(edges);
        waist = Map.copyOf(waist);
        hip = Map.copyOf(hip);
    }

    /** The same with an edge named; no other edge of its piece keeps that name. Empty takes the name off it. */
    public BlockRoles naming(SeamJoin.Ref edge, Optional<String> role) {
        Map<SeamJoin.Ref, String> next = new HashMap<>(edges);
        role.ifPresent(r -> next.entrySet()
                .removeIf(e ->
                        e.getKey().piece().equals(edge.piece()) && e.getValue().equals(r)));
        role.ifPresentOrElse(r -> next.put(edge, r), () -> next.remove(edge));
        return new BlockRoles(next, waist, hip);
    }

    /** The same with the depths of a piece. */
    public BlockRoles at(String piece, double waistDepth, double hipDepth) {
        Map<String, Double> waists = new HashMap<>(waist);
        Map<String, Double> hips = new HashMap<>(hip);
        waists.put(piece, waistDepth);
        hips.put(piece, hipDepth);
        return new BlockRoles(edges, waists, hips);
    }

    /**
     * The pieces that carry a role, as a block that can be traced: edges named, with level lines through the underarm, at the waist and
     * at the hip. What is missing is told by the tracing.
     */
    public Pattern block(Pattern pattern) {
        List<Piece> pieces = pattern.pieces().stream()
                .filter(p -> edges.keySet().stream().anyMatch(ref -> ref.piece().equals(p.id())))
                .map(this::named)
                .toList();
        return new Pattern(pattern.title(), pattern.method(), List.of(), pieces, List.of(), pattern.waistToLap());
    }

    private Piece named(Piece piece) {
        List<OutlineEdge> outline = piece.outline().stream()
                .map(e -> new OutlineEdge(
                        edges.getOrDefault(new SeamJoin.Ref(piece.id(), e.name()), e.name()),
                        e.kind(),
                        Optional.empty(),
                        e.path()))
                .toList();
        Piece named = piece.withOutline(outline);
        List<LevelMark> levels = new ArrayList<>();
        Optional<Path> shoulder = path(named, "shoulder");
        Optional<Path> side = path(named, "side");
        double neckEnd = shoulder.map(s -> Math.min(s.start().y(), s.end().y())).orElse(0.0);
        side.ifPresent(s -> levels.add(
                across(named, "chest", Math.min(s.start().y(), s.end().y()))));
        Optional.ofNullable(waist.get(piece.id()))
                .ifPresent(depth -> levels.add(across(named, "waist", neckEnd + depth)));
        Optional.ofNullable(hip.get(piece.id())).ifPresent(depth -> levels.add(across(named, "hip", neckEnd + depth)));
        return named.withLevels(levels);
    }

    private static Optional<Path> path(Piece piece, String name) {
        return piece.outline().stream()
                .filter(e -> e.name().equals(name))
                .findFirst()
                .map(OutlineEdge::path);
    }

    /** A level line over the whole piece. */
    private static LevelMark across(Piece piece, String level, double y) {
        Bounds bounds = Bounds.of(piece.flattened(1));
        return new LevelMark(level, new Point(bounds.left(), y), new Point(bounds.right(), y));
    }
}
