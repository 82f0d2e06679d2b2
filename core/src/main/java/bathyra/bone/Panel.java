package bathyra.bone;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A panel of the body with the two long edges that bound it.
 *
 * @param left the edge nearer centre front, from the top down
 * @param right the edge nearer centre back, from the top down
 */
record Panel(Piece piece, Path left, Path right) {
    private static final int STATIONS = 28;

    /** The panels that a channel may lie in, from centre front to centre back: pieces that reach over the waist. No cup, yoke, sleeve or peplum is one. */
    static List<Panel> of(Pattern pattern) {
        List<Panel> panels = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            if (piece.mark(Level.WAIST).isPresent() && piece.role().isPanel()) {
                List<Path> sides = piece.outline().stream()
                        .filter(Panel::isUpright)
                        .map(OutlineEdge::path)
                        .map(SeamPair::downwards)
                        .sorted(Comparator.comparingDouble(
                                p -> p.at(p.length() / 2).point().x()))
                        .toList();
                if (sides.size() > 1) {
                    panels.add(new Panel(piece, sides.get(0), sides.get(sides.size() - 1)));
                }
            }
        }
        return panels;
    }

    private static boolean isUpright(OutlineEdge edge) {
        Path path = edge.path();
        return edge.kind() != OutlineEdge.Kind.EDGE
                && edge.kind() != OutlineEdge.Kind.DART
                && Math.abs(path.end().y() - path.start().y())
                        > Math.abs(path.end().x() - path.start().x());
    }

    /**
     * A straight line down the panel, for a bone that lies within it (C13.1): through the place at a share of its waist,
     * along the panel's axis there, cut off at the edges. Empty when it misses the panel.
     */
    Optional<Path> line(double share) {
        LevelMark waist = piece.mark(Level.WAIST).orElseThrow();
        Point at = waist.from().between(waist.to(), share);
        Vec axis = left.start().between(right.start(), share).to(left.end().between(right.end(), share));
        return Inside.longest(piece, List.of(at.plus(axis.times(-0.5)), at, at.plus(axis.times(0.5))));
    }

    /** A line down the panel at one distance inside one of its long edges, cut off at the edges above and below. */
    Optional<Path> beside(boolean leftEdge, double distance) {
        Path edge = leftEdge ? left : right;
        List<Point> stations = new ArrayList<>();
        for (int i = 0; i <= STATIONS; i++) {
            Path.Place place = edge.at(edge.length() * i / STATIONS);
            // Both edges run down: inwards is to the left of the one on the left as it runs, to the right of the other.
            stations.add(place.point()
                    .plus(place.tangent()
                            .turned(leftEdge ? -Math.PI / 2 : Math.PI / 2)
                            .times(distance)));
        }
        return Inside.longest(piece, stations);
    }

    /** How wide the panel is at its waist, mm. */
    double waist() {
        return piece.mark(Level.WAIST).orElseThrow().length();
    }

    /** At which share between its edges a point lies, by the stations nearest to it. */
    double share(Point at) {
        double best = 0.5;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= STATIONS; i++) {
            double t = (double) i / STATIONS;
            Point a = left.at(t * left.length()).point();
            Point b = right.at(t * right.length()).point();
            double share = a.to(at).dot(a.to(b)) / a.to(b).dot(a.to(b));
            double distance = a.between(b, share).distance(at);
            if (distance < least) {
                least = distance;
                best = share;
            }
        }
        return Math.max(0, Math.min(1, best));
    }
}
