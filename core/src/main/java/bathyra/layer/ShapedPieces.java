package bathyra.layer;

import bathyra.cutting.Finishing;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.LayerKind;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.CutCount;
import bathyra.piece.CuttingLine;
import bathyra.piece.EdgeRole;
import bathyra.piece.Grain;
import bathyra.piece.Markings;
import bathyra.piece.OutlineEdge;
import bathyra.piece.OutlineEdge.Kind;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.PieceRole;
import bathyra.piece.PieceTitle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The pieces that are drawn along the edges that open: facing, fly, placket and modesty panel (C12). */
final class ShapedPieces {
    /** A facing is as wide as the allowance that is usual at a laced edge. */
    private static final double FACING = 40;
    /** Of a narrow panel a facing takes at most this share. */
    private static final double OF_PANEL = 0.7;

    private static final double FLY = 35;
    /** How far the modesty panel reaches under either edge. */
    private static final double UNDER = 45;

    /** A skirt opens so far down from its joint, to be stepped into. */
    private static final double STEPPED_INTO = 180;

    private static final double INSET = 0.12;
    private static final double BEYOND = 80;

    private ShapedPieces() {}

    /** Those of one kind. What lies across the opening is cut once for both halves of an uneven body: by the left one's pattern. */
    static List<Piece> of(Pattern pattern, LayerKind kind, Garment garment, Part part) {
        List<Piece> pieces = new ArrayList<>();
        for (Piece panel : pattern.pieces()) {
            for (OutlineEdge edge : panel.outline()) {
                boolean behind = Finishing.use(edge) == EdgeUse.CENTRE_BACK;
                if (edge.kind() == Kind.CLOSURE
                        && panel.role().isSkirt() == (kind == LayerKind.PLACKET)
                        && (behind || garment.fastening().closure().opensInFront())) {
                    shaped(panel, edge, behind, kind, garment)
                            .filter(p -> part != Part.RIGHT || !p.onFold())
                            .ifPresent(p -> pieces.add(Finishing.cut(
                                    part == Part.WHOLE || p.onFold() ? p : p.cutOnce(), Optional.of(kind), garment)));
                }
            }
        }
        return pieces;
    }

    private static Optional<Piece> shaped(
            Piece panel, OutlineEdge edge, boolean behind, LayerKind kind, Garment garment) {
        return switch (kind) {
            case FACING -> facing(panel, edge, behind);
            case FLY ->
                behind && !garment.fastening().closure().isLaced()
                        ? Optional.empty()
                        : Optional.of(upright(
                                behind ? PieceRole.FLY_BACK.id() : PieceRole.FLY_FRONT.id(),
                                behind ? "Fly, centre back" : "Fly, centre front",
                                panel,
                                edge.path(),
                                FLY,
                                1));
            case PLACKET -> Optional.of(placket(panel, edge.path(), behind, garment));
            case MODESTY_PANEL ->
                behind && garment.gap().value() > 0
                        ? Optional.of(upright(
                                PieceRole.MODESTY_PANEL.id(),
                                "Modesty panel",
                                panel,
                                edge.path(),
                                garment.gap().value() / 2 + UNDER,
                                2))
                        : Optional.empty();
            default -> Optional.empty();
        };
    }

    /** Under the opening of a skirt: as far down as one steps in, or, where the lacing keeps its edges apart, to the hem. */
    private static Piece placket(Piece skirt, Path edge, boolean behind, Garment garment) {
        double gap = behind ? garment.gap().value() : 0;
        Path downwards = edge.start().y() < edge.end().y() ? edge : edge.reversed();
        return upright(
                behind ? PieceRole.PLACKET_BACK.id() : PieceRole.PLACKET_FRONT.id(),
                behind ? "Placket, centre back" : "Placket, centre front",
                skirt,
                gap > 0 ? downwards : downwards.upTo(Math.min(STEPPED_INTO, downwards.length())),
                gap > 0 ? gap / 2 + UNDER : FLY,
                1);
    }

    /** The part of a panel beside the edge that opens: its own edges above and below, and the edge itself moved inwards. */
    private static Optional<Piece> facing(Piece panel, OutlineEdge edge, boolean behind) {
        int n = panel.outline().size();
        int at = panel.outline().indexOf(edge);
        OutlineEdge before = panel.outline().get((at + n - 1) % n);
        OutlineEdge after = panel.outline().get((at + 1) % n);
        Path open = edge.path();
        Vec inward = open.start().to(open.end()).unit().turned(Math.PI / 2);
        double width = Math.min(
                FACING, OF_PANEL * Math.min(before.path().length(), after.path().length()));
        Path inner = open.mapped(p -> p.plus(inward.times(width)));
        Path reaching = Path.of(new Line(inner.start().plus(inner.startTangent().times(-BEYOND)), inner.start()))
                .then(inner)
                .then(Path.of(new Line(
                        inner.end(), inner.end().plus(inner.endTangent().times(BEYOND)))));
        Optional<Path.Crossing> first = reaching.crossing(before.path());
        Optional<Path.Crossing> last = reaching.crossing(after.path());
        if (first.isEmpty()
                || last.isEmpty()
                || first.get().here() >= last.get().here()) {
            return Optional.empty();
        }
        Path startEdge =
                before.path().between(first.get().there(), before.path().length());
        Path endEdge = after.path().upTo(last.get().there());
        // From corner to corner exactly, so that the outline closes.
        Path back = joined(reaching.between(first.get().here(), last.get().here()), startEdge.start(), endEdge.end())
                .reversed();
        List<OutlineEdge> outline = List.of(
                edge,
                new OutlineEdge(after.name(), after.kind(), Optional.empty(), endEdge),
                new OutlineEdge(EdgeRole.INNER.id(), Kind.EDGE, Optional.empty(), back),
                new OutlineEdge(before.name(), before.kind(), Optional.empty(), startEdge));
        double middle = width / 2;
        Point a = open.at(open.length() * INSET).point().plus(inward.times(middle));
        Point b = open.at(open.length() * (1 - INSET)).point().plus(inward.times(middle));
        double x = (a.x() + b.x()) / 2;
        Grain grain = new Grain(new Point(x, Math.max(a.y(), b.y())), new Point(x, Math.min(a.y(), b.y())));
        return Optional.of(new Piece(
                new PieceTitle(
                        behind ? PieceRole.FACING_BACK.id() : PieceRole.FACING_FRONT.id(),
                        behind ? "Facing, centre back" : "Facing, centre front",
                        panel.order(),
                        panel.front()),
                new CutCount(2, false),
                outline,
                new Markings(List.of(), List.of(), grain),
                CuttingLine.of(List.of())));
    }

    private static Path joined(Path path, Point start, Point end) {
        Path led = start.distance(path.start()) > 0
                ? Path.of(new Line(start, path.start())).then(path)
                : path;
        return end.distance(path.end()) > 0 ? led.then(Path.of(new Line(path.end(), end))) : led;
    }

    /** A straight piece as long as the edge it lies beside and at its depth, given as its half on the fold. @param half how wide the half is, mm */
    private static Piece upright(String id, String name, Piece beside, Path edge, double half, int count) {
        double top = Math.min(edge.start().y(), edge.end().y());
        double height = edge.length();
        Point a = new Point(0, top);
        Point b = new Point(half, top);
        Point c = new Point(half, top + height);
        Point d = new Point(0, top + height);
        List<OutlineEdge> outline = List.of(
                edge(EdgeRole.TOP.id(), Kind.EDGE, a, b),
                edge(EdgeRole.SIDE_EDGE.id(), Kind.EDGE, b, c),
                edge(EdgeRole.BOTTOM.id(), Kind.EDGE, c, d),
                edge("fold", Kind.FOLD, d, a));
        Grain grain =
                new Grain(new Point(half / 2, top + height * (1 - INSET)), new Point(half / 2, top + height * INSET));
        return new Piece(
                new PieceTitle(id, name, beside.order(), beside.front()),
                new CutCount(count, true),
                outline,
                new Markings(List.of(), List.of(), grain),
                CuttingLine.of(List.of()));
    }

    private static OutlineEdge edge(String name, Kind kind, Point from, Point to) {
        return new OutlineEdge(name, kind, Optional.empty(), Path.of(new Line(from, to)));
    }
}
