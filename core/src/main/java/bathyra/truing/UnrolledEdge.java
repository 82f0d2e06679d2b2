package bathyra.truing;

import bathyra.edge.JoinedEdge;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An upper or lower edge as it runs on the closed garment (C10.1), read from the finished panels: how high it lies along the seams over the
 * place along the half girth. Between two seams a height is where a line of that height runs that is straight over every seam.
 *
 * @param stretches one a panel, from centre front to centre back
 */
public record UnrolledEdge(List<Stretch> stretches) {
    private static final int SAMPLES = 16;
    private static final int ROUNDS = 4;
    /** Where one panel ends and the next begins is one place, mm. */
    private static final double LEAST_STEP = 0.1;
    /** A change of slope by less than this between two bends is none to the eye, radians. */
    private static final double SEEN_TURN = Math.toRadians(1.5);

    /**
     * What lies on one panel.
     *
     * @param panel the name of the panel
     * @param line from the seam nearer centre front to the other: x along the half girth, y the height, mm
     */
    public record Stretch(String panel, List<Point> line) {
        public Stretch {
            line = List.copyOf(line);
        }
    }

    public UnrolledEdge {
        stretches = List.copyOf(stretches);
    }

    /**
     * The edge over the level of which its heights are counted; empty where the panels do not all have that edge and that level.
     *
     * @param panels from centre front to centre back, whole
     */
    public static Optional<UnrolledEdge> of(List<Piece> panels, boolean upper, Level level) {
        return isWhole(panels, upper, level)
                ? Optional.of(new Unrolling(panels, upper, level).unrolled())
                : Optional.empty();
    }

    /** How high it lies at one place alone. @param place along the half, 0 at centre front, 1 at centre back @return mm; empty where {@link #of} is */
    public static Optional<Double> heightAt(List<Piece> panels, boolean upper, Level level, double place) {
        return isWhole(panels, upper, level)
                ? Optional.of(new Unrolling(panels, upper, level).height(place))
                : Optional.empty();
    }

    private static boolean isWhole(List<Piece> panels, boolean upper, Level level) {
        String edge = (upper ? EdgeRole.UPPER : EdgeRole.LOWER).id();
        return panels.stream()
                .allMatch(p -> p.mark(level).isPresent()
                        && p.outline().stream().anyMatch(e -> e.name().equals(edge)));
    }

    /** How often it changes the side to which it bends, seams and all: the turns of its slope, less what cannot be seen. */
    public int inflections() {
        double[] slopes = slopes();
        int count = 0;
        int bend = 0;
        double turned = slopes.length == 0 ? 0 : slopes[0];
        for (double slope : slopes) {
            if (bend >= 0 && slope > turned || bend <= 0 && slope < turned) {
                bend = bend == 0 && Math.abs(slope - turned) > SEEN_TURN ? (int) Math.signum(slope - turned) : bend;
                turned = bend == 0 ? turned : slope;
            } else if (Math.abs(slope - turned) > SEEN_TURN) {
                count++;
                bend = -bend;
                turned = slope;
            }
        }
        return count;
    }

    /** The angle at which it rises from place to place, radians. */
    private double[] slopes() {
        List<Point> all = stretches.stream().flatMap(s -> s.line().stream()).toList();
        List<Double> slopes = new ArrayList<>();
        for (int i = 1; i < all.size(); i++) {
            double along = all.get(i).x() - all.get(i - 1).x();
            if (along > LEAST_STEP) {
                slopes.add(Math.atan((all.get(i).y() - all.get(i - 1).y()) / along));
            }
        }
        return slopes.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** The reading of one edge off its panels. */
    private static final class Unrolling {
        private final List<Piece> panels;
        private final List<Path> lefts = new ArrayList<>();
        private final List<Path> rights = new ArrayList<>();
        private final List<Path> edges = new ArrayList<>();
        private final List<Double> atLeft = new ArrayList<>();
        private final List<Double> atRight = new ArrayList<>();
        private final double hand;

        Unrolling(List<Piece> panels, boolean upper, Level level) {
            this.panels = panels;
            this.hand = upper ? 1 : -1;
            for (Piece piece : panels) {
                List<OutlineEdge> ring = piece.outline();
                int at = 0;
                while (!ring.get(at).name().equals((upper ? EdgeRole.UPPER : EdgeRole.LOWER).id())) {
                    at++;
                }
                Path after = ring.get((at + 1) % ring.size()).path();
                Path before = ring.get((at + ring.size() - 1) % ring.size()).path();
                // Clockwise the upper edge goes on into the edge nearer centre back, the lower into that nearer centre
                // front.
                Path right = upper ? after : before;
                Path left = (upper ? before : after).reversed();
                Path edge = upper ? ring.get(at).path() : ring.get(at).path().reversed();
                // Long edges are followed from the edge inwards.
                lefts.add(upper ? left : left.reversed());
                rights.add(upper ? right : right.reversed());
                edges.add(edge);
                LevelMark mark = piece.mark(level).orElseThrow();
                atLeft.add(lefts.get(lefts.size() - 1).nearest(mark.from()).arc());
                atRight.add(rights.get(rights.size() - 1).nearest(mark.to()).arc());
            }
        }

        UnrolledEdge unrolled() {
            List<Stretch> stretches = new ArrayList<>();
            double from = 0;
            for (int i = 0; i < panels.size(); i++) {
                stretches.add(stretch(i, from));
                from += width(i);
            }
            return new UnrolledEdge(stretches);
        }

        private double width(int i) {
            return lefts.get(i).start().distance(rights.get(i).start());
        }

        private Stretch stretch(int i, double from) {
            List<Point> line = new ArrayList<>();
            Path edge = edges.get(i);
            for (int k = 0; k <= SAMPLES; k++) {
                double share = (double) k / SAMPLES;
                Point at = edge.at(edge.length() * share).point();
                Read read = read(i, at, share);
                line.add(new Point(from + width(i) * read.share(), hand * read.height()));
            }
            return new Stretch(panels.get(i).name(), line);
        }

        /** On the panel on which a place lies, between two of its samples. */
        double height(double place) {
            double all = 0;
            for (int i = 0; i < panels.size(); i++) {
                all += width(i);
            }
            double x = place * all;
            int panel = 0;
            double from = 0;
            while (panel + 1 < panels.size() && from + width(panel) < x) {
                from += width(panel++);
            }
            List<Point> line = stretch(panel, from).line();
            for (int k = 1; k < line.size(); k++) {
                Point a = line.get(k - 1);
                Point b = line.get(k);
                if (b.x() >= x && b.x() > a.x()) {
                    return a.y() + (b.y() - a.y()) * Math.max(0, (x - a.x()) / (b.x() - a.x()));
                }
            }
            return line.get(line.size() - 1).y();
        }

        /** Where a point of a panel lies. @param share of the way from the one seam to the other */
        private record Read(double share, double height) {}

        /** The height whose line over the closed half runs through a point, from the level on outwards. */
        private Read read(int i, Point at, double begin) {
            double share = begin;
            double height = atLeft.get(i) * (1 - share) + atRight.get(i) * share;
            for (int round = 0; round < ROUNDS && begin > 0 && begin < 1; round++) {
                Path level = levels(height).get(i);
                Path.Place on = level.nearest(at);
                share = on.arc() / level.length();
                Vec out = lefts.get(i)
                        .startTangent()
                        .times(1 - share)
                        .plus(rights.get(i).startTangent().times(share))
                        .reversed()
                        .unit();
                height += on.point().to(at).dot(out);
            }
            return new Read(share, height);
        }

        /** The lines of one height over all panels. */
        private List<Path> levels(double height) {
            List<JoinedEdge.Span> spans = new ArrayList<>();
            for (int k = 0; k < panels.size(); k++) {
                Path.Place left = place(lefts.get(k), atLeft.get(k) - height);
                Path.Place right = place(rights.get(k), atRight.get(k) - height);
                spans.add(new JoinedEdge.Span(left.point(), left.tangent(), right.point(), right.tangent()));
            }
            return JoinedEdge.level(spans);
        }

        /** A place on a long edge; beyond its end straight on. */
        private static Path.Place place(Path edge, double arc) {
            if (arc >= 0) {
                return edge.at(Math.min(arc, edge.length()));
            }
            Vec in = edge.startTangent();
            return new Path.Place(arc, edge.start().plus(in.times(arc)), in);
        }
    }
}
