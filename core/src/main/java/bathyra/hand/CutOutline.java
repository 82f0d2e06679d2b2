package bathyra.hand;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A piece whose outline is its cutting line: for those who draft on the cloth with the allowances in (C24). */
public final class CutOutline {
    /** A turn of the cutting line by more is a corner, degrees. */
    private static final double CORNER = 20;

    private CutOutline() {}

    /** @return the piece with the edges of its cutting line, each named after the sewing edge that it lies beside */
    public static Piece of(Piece piece) {
        List<Point> line = piece.cutLine().subList(0, piece.cutLine().size() - 1);
        List<Integer> corners = corners(line);
        if (corners.size() < 3) {
            return piece;
        }
        List<OutlineEdge> edges = new ArrayList<>();
        Map<String, Integer> named = new HashMap<>();
        for (int i = 0; i < corners.size(); i++) {
            Path path = between(line, corners.get(i), corners.get((i + 1) % corners.size()));
            OutlineEdge beside = beside(piece, path);
            int count = named.merge(beside.name(), 1, Integer::sum);
            edges.add(new OutlineEdge(
                    count == 1 ? beside.name() : beside.name() + "-" + count, beside.kind(), Optional.empty(), path));
        }
        return piece.withOutline(edges).withNotches(List.of());
    }

    private static List<Integer> corners(List<Point> line) {
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            Point before = line.get((i + line.size() - 1) % line.size());
            Point after = line.get((i + 1) % line.size());
            double turn = before.to(line.get(i)).angleTo(line.get(i).to(after));
            if (Math.abs(Math.toDegrees(turn)) > CORNER) {
                corners.add(i);
            }
        }
        return corners;
    }

    private static Path between(List<Point> line, int from, int to) {
        List<Segment> segments = new ArrayList<>();
        for (int i = from; i != to; i = (i + 1) % line.size()) {
            segments.add(new Line(line.get(i), line.get((i + 1) % line.size())));
        }
        return new Path(segments);
    }

    private static OutlineEdge beside(Piece piece, Path path) {
        Point middle = path.at(path.length() / 2).point();
        return piece.outline().stream()
                .min(Comparator.comparingDouble(
                        (OutlineEdge e) -> e.path().nearest(middle).point().distance(middle)))
                .orElseThrow();
    }
}
