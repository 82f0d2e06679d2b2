package bathyra.draft;

import bathyra.block.BlockDart;
import bathyra.block.BlockDrawing;
import bathyra.block.BlockEdge;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.cutting.Finishing;
import bathyra.garment.Garment;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.CutCount;
import bathyra.piece.CuttingLine;
import bathyra.piece.Dart;
import bathyra.piece.Grain;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.Markings;
import bathyra.piece.Notch;
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
import java.util.stream.Stream;

/** A block with shoulders as a pattern: a darted front and back. As a document holds it without allowances; to be cut with them, notched where darts and levels end. */
public final class BlockPattern {
    private static final Map<String, String> LEVELS = Map.of("C", "chest", "B", "bust", "W", "waist", "H", "hip");
    private static final double CHORD = 0.04;
    private static final double ON_EDGE = 0.5;

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

    /** The same ready to be cut: allowances as the garment has them, a notch at every end of a dart's mouth and of a level, the end of each dart marked. */
    public static Pattern finished(BlockDrawing drawing, String title, Garment garment) {
        Pattern plain = of(drawing, title);
        return new Pattern(
                plain.title(),
                plain.method(),
                plain.levels(),
                plain.pieces().stream()
                        .map(p -> Finishing.cut(marked(p, drawing), Optional.empty(), garment))
                        .toList(),
                plain.seams(),
                plain.waistToLap());
    }

    private static Piece marked(Piece piece, BlockDrawing drawing) {
        Half half = piece.front() ? Half.FRONT : Half.BACK;
        List<Notch> notches = new ArrayList<>();
        for (OutlineEdge edge : piece.outline()) {
            for (BlockDart dart : drawing.darts()) {
                if (dart.half() == half && edge.kind() != OutlineEdge.Kind.DART) {
                    Stream.of(dart.a(), dart.b())
                            .filter(p -> edge.path().isNear(p, ON_EDGE))
                            .forEach(p -> notches.add(new Notch(edge.name(), p, !piece.front(), "dart")));
                }
            }
            for (LevelMark mark : piece.levelMarks()) {
                if (edge.kind() == OutlineEdge.Kind.SEAM && edge.path().isNear(mark.to(), ON_EDGE)) {
                    notches.add(new Notch(edge.name(), mark.to(), !piece.front(), mark.level()));
                }
            }
        }
        List<Mark> ends = drawing.darts().stream()
                .filter(d -> d.half() == half)
                .flatMap(d -> d.tips().stream())
                .map(tip -> new Mark(Mark.Kind.DART_END, tip))
                .toList();
        return piece.withNotches(notches).marking(ends);
    }

    private static Dart dart(BlockDart dart) {
        return new Dart(dart.label(), leg(dart, dart.a()), leg(dart, dart.b()));
    }

    private static Path leg(BlockDart dart, Point mouth) {
        Line first = new Line(dart.tips().get(0), mouth);
        return dart.tips().size() > 1
                ? Path.of(first, new Line(mouth, dart.tips().get(1)))
                : Path.of(first);
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
        List<Dart> darts = drawing.darts().stream()
                .filter(d -> d.half() == half)
                .map(BlockPattern::dart)
                .toList();
        return new Piece(
                        new PieceTitle(id(half), front ? "Front" : "Back", front ? 1 : 2, front),
                        new CutCount(front ? 1 : 2, front),
                        outline,
                        new Markings(marks, List.of(), grain),
                        CuttingLine.of(closed.flattened(CHORD)))
                .darted(darts);
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
