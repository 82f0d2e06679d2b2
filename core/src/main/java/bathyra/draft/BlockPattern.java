package bathyra.draft;

import bathyra.block.BlockDrawing;
import bathyra.block.BlockEdge;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.CutCount;
import bathyra.piece.CuttingLine;
import bathyra.piece.Grain;
import bathyra.piece.LevelMark;
import bathyra.piece.Markings;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.PieceTitle;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** A block with shoulders as a pattern document holds it: a front and a back, edges by name, level marks, no allowances. */
public final class BlockPattern {
    private static final Map<String, String> LEVELS = Map.of("C", "chest", "B", "bust", "W", "waist", "H", "hip");
    private static final double CHORD = 0.04;

    private BlockPattern() {}

    public static Pattern of(BlockDrawing drawing, String title) {
        return new Pattern(
                title,
                drawing.method().id(),
                List.of(),
                List.of(piece(drawing, Half.FRONT), piece(drawing, Half.BACK)),
                List.of(),
                OptionalDouble.empty());
    }

    /** The id of the piece that is a half of the block. */
    public static String id(Half half) {
        return half == Half.FRONT ? "FB" : "BB";
    }

    private static Piece piece(BlockDrawing drawing, Half half) {
        boolean front = half == Half.FRONT;
        List<OutlineEdge> outline = new ArrayList<>();
        Map<BlockEdge.Name, Integer> seen = new EnumMap<>(BlockEdge.Name.class);
        for (BlockEdge edge : drawing.outline(half)) {
            int number = seen.merge(edge.name(), 1, Integer::sum);
            String name = edge.name().name().toLowerCase(Locale.ROOT) + (number == 1 ? "" : "-" + number);
            outline.add(new OutlineEdge(name, kind(edge.name(), front), Optional.empty(), edge.path()));
        }
        List<LevelMark> marks = new ArrayList<>();
        LEVELS.forEach(
                (letter, level) -> drawing.last(half, letter + "c").ifPresent(c -> drawing.last(half, letter + "s")
                        .ifPresent(s -> marks.add(new LevelMark(level, c.at(), s.at())))));
        marks.sort((a, b) -> Double.compare(a.from().y(), b.from().y()));
        Path closed = drawing.closed(half);
        BlockPoint waist = drawing.point(half, "Wc");
        Point hem = drawing.point(half, "Hc").at();
        Grain grain = new Grain(
                new Point(waist.at().x() + 30, hem.y() - 40),
                new Point(waist.at().x() + 30, drawing.point(half, "Nc").at().y() + 40));
        return new Piece(
                new PieceTitle(id(half), front ? "Front" : "Back", front ? 1 : 2, front),
                new CutCount(front ? 1 : 2, front),
                outline,
                new Markings(marks, List.of(), grain),
                CuttingLine.of(closed.flattened(CHORD)));
    }

    private static OutlineEdge.Kind kind(BlockEdge.Name name, boolean front) {
        return switch (name) {
            case SHOULDER, SIDE -> OutlineEdge.Kind.SEAM;
            case DART -> OutlineEdge.Kind.DART;
            case CENTRE -> front ? OutlineEdge.Kind.FOLD : OutlineEdge.Kind.CLOSURE;
            default -> OutlineEdge.Kind.EDGE;
        };
    }
}
