package bathyra.foreign;

import bathyra.foreign.ForeignDrawing.Label;
import bathyra.foreign.ForeignLine.NamedEdge;
import bathyra.foreign.ForeignLine.Role;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.piece.CutCount;
import bathyra.piece.CuttingLine;
import bathyra.piece.Grain;
import bathyra.piece.LevelMark;
import bathyra.piece.Markings;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.PieceTitle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Gives an outline its edges, notches, grain and name: what the file says, and what is usual where it does not. */
final class Labelling {
    private static final double INSET = 0.12;
    /** A notch is drawn on its line or across the allowance beside it, mm. */
    private static final double NOTCH_NEAR = 3;
    /** Strokes that lie closer are one double notch, mm. */
    private static final double TWOFOLD = 6;

    private static final int USUAL_COUNT = 2;
    private final Optional<Label> label;
    private final int place;

    /** @param place the number of the piece on the sheet, from 1 */
    Labelling(Label label, int place) {
        this.label = Optional.ofNullable(label);
        this.place = place;
    }

    Piece piece(Taking.Outline outline, List<ForeignLine> lines) {
        Ring ring = outline.ring();
        List<OutlineEdge> edges = named(ring).orElseGet(() -> Corners.edges(ring.path()));
        String id = label.map(Label::id).orElse("P" + place);
        String name = label.map(Label::name).orElseGet(() -> ring.name().isBlank() ? "Piece " + place : ring.name());
        return new Piece(
                new PieceTitle(
                        id,
                        name,
                        label.map(Label::order).orElse(place),
                        label.map(Label::front).orElse(true)),
                new CutCount(
                        label.map(Label::count).orElse(USUAL_COUNT),
                        label.map(Label::onFold).orElse(false)),
                edges,
                new Markings(levels(ring, lines), notches(edges, lines), grain(ring, lines)),
                CuttingLine.of(outline.cut()));
    }

    /** The edges that the file itself names. */
    private static Optional<List<OutlineEdge>> named(Ring ring) {
        List<NamedEdge> names = ring.edges();
        if (names.isEmpty()
                || names.stream().mapToInt(NamedEdge::stretches).sum()
                        != ring.path().segments().size()) {
            return Optional.empty();
        }
        List<OutlineEdge> edges = new ArrayList<>();
        int from = 0;
        for (NamedEdge each : names) {
            OutlineEdge.Kind kind = Arrays.stream(OutlineEdge.Kind.values())
                    .filter(k -> k.id().equals(each.kind()))
                    .findFirst()
                    .orElse(OutlineEdge.Kind.EDGE);
            edges.add(new OutlineEdge(
                    each.name(),
                    kind,
                    Optional.empty(),
                    new Path(ring.path().segments().subList(from, from + each.stretches()))));
            from += each.stretches();
        }
        return Optional.of(edges);
    }

    private static List<LevelMark> levels(Ring ring, List<ForeignLine> lines) {
        return lines.stream()
                .filter(l -> l.role() == Role.LEVEL
                        && ring.bounds()
                                .contains(l.path().at(l.path().length() / 2).point()))
                .map(l -> new LevelMark(l.name(), l.path().start(), l.path().end()))
                .toList();
    }

    private static List<Notch> notches(List<OutlineEdge> edges, List<ForeignLine> lines) {
        List<Notch> notches = new ArrayList<>();
        for (OutlineEdge edge : edges) {
            List<Double> arcs = new ArrayList<>();
            for (ForeignLine line : lines) {
                if (line.role() == Role.NOTCH) {
                    Path.Place start = edge.path().nearest(line.path().start());
                    Path.Place end = edge.path().nearest(line.path().end());
                    Path.Place near = start.point().distance(line.path().start())
                                    <= end.point().distance(line.path().end())
                            ? start
                            : end;
                    Point of = near == start ? line.path().start() : line.path().end();
                    if (near.point().distance(of) <= NOTCH_NEAR && isNearest(edges, edge, of)) {
                        arcs.add(near.arc());
                    }
                }
            }
            arcs.sort(null);
            for (int i = 0; i < arcs.size(); i++) {
                boolean twofold = i + 1 < arcs.size() && arcs.get(i + 1) - arcs.get(i) <= TWOFOLD;
                double arc = twofold ? (arcs.get(i) + arcs.get(i + 1)) / 2 : arcs.get(i);
                notches.add(new Notch(edge.name(), edge.path().at(arc).point(), twofold, ""));
                i += twofold ? 1 : 0;
            }
        }
        return notches;
    }

    private static boolean isNearest(List<OutlineEdge> edges, OutlineEdge edge, Point of) {
        return edges.stream()
                        .min(Comparator.comparingDouble(
                                e -> e.path().nearest(of).point().distance(of)))
                        .orElseThrow()
                == edge;
    }

    /** The longest line drawn as grain; straight up through the middle where there is none. */
    private static Grain grain(Ring ring, List<ForeignLine> lines) {
        Optional<Path> drawn = lines.stream()
                .filter(l -> l.role() == Role.GRAIN && ring.contains(l.path().start()))
                .map(ForeignLine::path)
                .max(Comparator.comparingDouble(p -> p.start().distance(p.end())));
        if (drawn.isPresent()) {
            return new Grain(drawn.get().start(), drawn.get().end());
        }
        double x = Shape.middle(ring.points()).x();
        double[] reach = Shape.upright(ring.points(), x);
        double inset = (reach[1] - reach[0]) * INSET;
        return new Grain(new Point(x, reach[1] - inset), new Point(x, reach[0] + inset));
    }

    /** The same pieces with no id there twice. */
    static List<Piece> apart(List<Piece> pieces) {
        Set<String> used = new HashSet<>();
        List<Piece> apart = new ArrayList<>();
        for (Piece piece : pieces) {
            String id = piece.id();
            for (int n = 2; !used.add(id); n++) {
                id = piece.id() + "-" + n;
            }
            apart.add(id.equals(piece.id()) ? piece : piece.withId(id));
        }
        return apart;
    }
}
