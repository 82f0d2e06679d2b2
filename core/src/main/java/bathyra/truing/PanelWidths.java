package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Every panel is wide enough everywhere for a bone channel and its stitching. */
final class PanelWidths implements Check {
    private static final double FLATTEN = 0.2;
    private static final double MEETING = 0.01;
    /** Where a sleeve is sewn in no bone stands: an armhole is no side of a panel. */
    private static final double STRAIGHT_ON = Math.toRadians(1);

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(p -> look(p, centre(pattern, p))).toList();
    }

    /** The edges at which a piece meets its own mirror image: on the fold, or in a seam with the other half's. */
    private static Set<String> centre(Pattern pattern, Piece piece) {
        Set<String> names = new HashSet<>();
        piece.outline().stream().filter(e -> e.kind() == OutlineEdge.Kind.FOLD).forEach(e -> names.add(e.name()));
        pattern.seams().stream()
                .filter(s -> s.a().equals(s.b()) && s.a().piece().equals(piece.id()))
                .forEach(s -> names.add(s.a().edge()));
        return names;
    }

    private static Finding look(Piece piece, Set<String> centre) {
        if (piece.outline().stream().anyMatch(e -> e.role() == EdgeRole.GORE)) {
            return gore(piece);
        }
        List<OutlineEdge> sewn = runs(piece.outline()).stream()
                // Neither a slit nor what is set into it bounds a panel.
                .filter(e -> e.role() != EdgeRole.SLIT)
                .filter(e -> e.kind() != OutlineEdge.Kind.EDGE
                        && e.kind() != OutlineEdge.Kind.DART
                        && e.role() != EdgeRole.ARMHOLE
                        && isLong(e))
                .toList();
        // Of a piece from elsewhere one does not always know what is sewn: then every long edge is a side.
        List<OutlineEdge> edges = sewn.size() > 1
                ? sewn
                : piece.outline().stream().filter(PanelWidths::isLong).toList();
        List<List<Point>> sides =
                edges.stream().map(e -> e.path().flattened(FLATTEN)).toList();
        double least = Double.POSITIVE_INFINITY;
        double limit = Tolerance.PANEL_WIDTH;
        Point at = piece.outline().get(0).path().start();
        for (int i = 0; i < sides.size(); i++) {
            for (int j = i + 1; j < sides.size(); j++) {
                // Together with its mirror image a piece is twice as wide as its half.
                boolean mirrored = centre.contains(edges.get(i).name())
                        || centre.contains(edges.get(j).name());
                double times = mirrored ? 2 : 1;
                double needed = mirrored && (isCup(edges.get(i)) || isCup(edges.get(j)))
                        ? Tolerance.BRIDGE
                        : Tolerance.PANEL_WIDTH;
                for (int way = 0; way < 2 && areOpposite(edges.get(i), edges.get(j)); way++) {
                    for (Point p : sides.get(way == 0 ? i : j)) {
                        double distance =
                                times * distance(p, sides.get(way == 0 ? j : i), (least - limit + needed) / times);
                        if (distance - needed < least - limit) {
                            least = distance;
                            limit = needed;
                            at = p;
                        }
                    }
                }
            }
        }
        if (least == Double.POSITIVE_INFINITY) {
            least = Tolerance.PANEL_WIDTH;
        }
        boolean holds = least >= limit - Tolerance.COINCIDENT;
        String need = limit == Tolerance.BRIDGE
                ? "{}: the bridge between the cups is only {} wide; {} are needed for its stitching. Bring the cups less close to centre front."
                : "{}: only {} wide at the narrowest; a bone channel needs {}. Move the seams or take less out beside it.";
        return Finding.of(
                        FindingKind.PANEL_WIDTH,
                        piece.id(),
                        holds ? Finding.Status.OK : Finding.Status.FAULT,
                        least,
                        limit,
                        holds
                                ? Sentence.of("{}: narrowest {}.", piece.name(), Length.mm(least))
                                : Sentence.of(need, piece.name(), Length.mm(least), Length.mm(limit)))
                .at(piece.id(), at);
    }

    /** A gore runs to nothing at its point and holds no bone. */
    private static Finding gore(Piece piece) {
        double wide = piece.outline().stream()
                .filter(e -> e.kind() == OutlineEdge.Kind.EDGE)
                .mapToDouble(e -> e.path().start().distance(e.path().end()))
                .sum();
        return Finding.of(
                        FindingKind.PANEL_WIDTH,
                        piece.id(),
                        Finding.Status.OK,
                        wide,
                        Tolerance.PANEL_WIDTH,
                        Sentence.of("{}: {} wide at its edge, to nothing at its point.", piece.name(), Length.mm(wide)))
                .at(piece.id(), piece.outline().get(0).path().start());
    }

    private static boolean isCup(OutlineEdge edge) {
        return edge.role().isCup();
    }

    /** An edge that is sewn to two others in turn, as a side under a yoke is, runs straight on over their joint: its stretches are one side of the panel. */
    private static List<OutlineEdge> runs(List<OutlineEdge> outline) {
        List<OutlineEdge> runs = new ArrayList<>();
        for (OutlineEdge edge : outline) {
            OutlineEdge last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
            if (last != null && goesOn(last, edge)) {
                runs.set(
                        runs.size() - 1,
                        new OutlineEdge(
                                last.name(),
                                last.kind(),
                                last.seam(),
                                last.path().then(edge.path())));
            } else {
                runs.add(edge);
            }
        }
        OutlineEdge first = runs.get(0);
        OutlineEdge last = runs.get(runs.size() - 1);
        if (runs.size() > 2 && goesOn(last, first)) {
            runs.set(
                    0,
                    new OutlineEdge(
                            first.name(),
                            first.kind(),
                            first.seam(),
                            last.path().then(first.path())));
            runs.remove(runs.size() - 1);
        }
        return runs;
    }

    private static boolean goesOn(OutlineEdge before, OutlineEdge after) {
        return before.kind() == OutlineEdge.Kind.SEAM
                && after.kind() == OutlineEdge.Kind.SEAM
                && before.path().end().distance(after.path().start()) < Tolerance.COINCIDENT
                && Math.abs(before.path().endTangent().angleTo(after.path().startTangent())) < STRAIGHT_ON;
    }

    /** A seam that runs across, such as a shoulder, a waist or the line of a yoke, is no side of a panel. */
    private static boolean isLong(OutlineEdge edge) {
        return Math.abs(edge.path().end().y() - edge.path().start().y())
                >= Math.abs(edge.path().end().x() - edge.path().start().x());
    }

    /** Two edges have a panel between them unless they meet, or are one edge that a dart has cut. */
    private static boolean areOpposite(OutlineEdge a, OutlineEdge b) {
        boolean meet = a.path().end().distance(b.path().start()) < MEETING
                || b.path().end().distance(a.path().start()) < MEETING;
        return !meet && !a.name().replaceAll("-\\d+$", "").equals(b.name().replaceAll("-\\d+$", ""));
    }

    /** The distance of a point from a line; parts that are farther away than {@code near} are not looked at. */
    private static double distance(Point p, List<Point> line, double near) {
        double best = near * near;
        for (int i = 1; i < line.size(); i++) {
            Point a = line.get(i - 1);
            Point b = line.get(i);
            double above = Math.max(Math.min(a.y(), b.y()) - p.y(), p.y() - Math.max(a.y(), b.y()));
            if (above > 0 && above * above >= best) {
                continue;
            }
            Vec along = a.to(b);
            double square = along.dot(along);
            double share = square == 0 ? 0 : Math.min(1, Math.max(0, a.to(p).dot(along) / square));
            double dx = a.x() + along.dx() * share - p.x();
            double dy = a.y() + along.dy() * share - p.y();
            best = Math.min(best, dx * dx + dy * dy);
        }
        return Math.sqrt(best);
    }
}
