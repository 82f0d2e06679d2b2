package bathyra.hand;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * A finished piece with the figures by which it is drawn by hand (C24).
 *
 * @param piece upright, its grain at x 0 and its waist at y 0, y down, mm; a piece without a waist has its lowest corner there
 * @param levels the heights of its levels on the grain, mm up from the waist
 * @param rows from the top
 * @param offsets all figures, exact
 */
public record HandPiece(Piece piece, TreeMap<Double, String> levels, List<Row> rows, Offsets offsets) {
    /** The sine of 30°: an edge that anywhere runs flatter is given from its chord. */
    static final double FLAT = 0.5;

    private static final double EVERY_ORDINATE = 20;
    private static final int ORDINATES_LEAST = 3;
    /** An edge that leaves its chord by no more is straight, mm. */
    private static final double STRAIGHT = 0.05;
    /** So far from its neighbours is what is added, as a share of their distance. */
    private static final double BETWEEN = 0.3;

    /** Figures nearer to each other than this would make a curve of their rounding, mm. */
    private static final double CLOSE = 6;
    /** And so many divisions of the tape. */
    private static final double CLOSE_DIVISIONS = 3;
    /** What the tape may cost beside its division, mm. */
    private static final double ROUNDED = 0.5;

    private static final int ADDED_MOST = 60;
    private static final int SAMPLES = 12;
    private static final double EXACT = 1e-9;

    /**
     * A height at which the piece is given.
     *
     * @param up from the waist, mm
     * @param level that runs there; empty for none
     * @param left of the grain, mm; empty where no side edge has that height
     * @param right the same to the right
     */
    public record Row(double up, Optional<String> level, Optional<Double> left, Optional<Double> right) {
        /** From side to side; empty where one is not there. */
        public Optional<Double> across() {
            return left.flatMap(l -> right.map(r -> l + r));
        }
    }

    public HandPiece {
        rows = List.copyOf(rows);
        levels = new TreeMap<>(levels);
    }

    /** @param piece as it was drafted, net or with its cutting line for an outline */
    public static HandPiece of(Piece piece, HelpLines lines, Division division) {
        Piece framed = framed(piece);
        TreeMap<Double, String> levels = levels(framed, division);
        TreeSet<Double> heights = new TreeSet<>(levels.keySet());
        addApart(heights, 0, close(division));
        double[] span = span(framed);
        double every = lines.every(division);
        for (double up = Math.ceil(span[0] / every) * every; Double.isFinite(every) && up < span[1]; up += every) {
            addApart(heights, up, close(division));
        }
        TreeMap<String, TreeSet<Double>> arcs = new TreeMap<>();
        for (OutlineEdge edge : framed.outline()) {
            if (isGivenFromChord(edge.path())) {
                arcs.put(edge.name(), firstOrdinates(edge.path(), division));
            }
        }
        return fitted(framed, levels, heights, arcs, lines.keeps(), division);
    }

    /** Adds lines and ordinates until a fair curve through the figures keeps to the piece. */
    private static HandPiece fitted(
            Piece framed,
            TreeMap<Double, String> levels,
            TreeSet<Double> heights,
            TreeMap<String, TreeSet<Double>> arcs,
            double keeps,
            Division division) {
        Set<String> full = new HashSet<>();
        Offsets offsets = figures(framed, heights, arcs, division);
        for (int i = 0; i < ADDED_MOST; i++) {
            Redrawn exact = Redrawn.of(offsets);
            Redrawn rounded = Redrawn.of(offsets.rounded(division));
            double kept = division.step() + ROUNDED;
            // How often an edge is off, of what it may be: before rounding and after it.
            ToDoubleFunction<OutlineEdge> off =
                    e -> Math.max(off(exact, e).by() / keeps, off(rounded, e).by() / kept);
            Optional<OutlineEdge> worst = framed.outline().stream()
                    .filter(e -> !full.contains(e.name()) && off.applyAsDouble(e) > 1)
                    .max(Comparator.comparingDouble(off));
            if (worst.isEmpty()) {
                break;
            }
            Path edge = worst.get().path();
            String name = worst.get().name();
            Redrawn worse = off(exact, worst.get()).by() > keeps ? exact : rounded;
            if (!add(edge, off(worse, worst.get()).at(), heights, arcs.get(name), division)) {
                if (arcs.containsKey(name)) {
                    full.add(name);
                } else {
                    // Where heights stand as close as they may, ordinates say more.
                    arcs.put(name, firstOrdinates(edge, division));
                }
            }
            offsets = figures(framed, heights, arcs, division);
        }
        return new HandPiece(framed, levels, rows(offsets, heights, levels), offsets);
    }

    private static Redrawn.Off off(Redrawn redrawn, OutlineEdge edge) {
        return Redrawn.off(redrawn.edges().get(edge.name()), edge.path());
    }

    /** One more figure near a place. @param arcs of the edge, if it is given from its chord @return whether there is room for it */
    private static boolean add(Path edge, Point at, TreeSet<Double> heights, TreeSet<Double> arcs, Division division) {
        if (arcs != null) {
            double arc = edge.nearest(at).arc();
            Double before = arcs.floor(arc);
            Double after = arcs.ceiling(arc);
            double middle = ((before == null ? 0 : before) + (after == null ? edge.length() : after)) / 2;
            return addApart(edge, handy(edge, arc, division), arcs)
                    || addApart(edge, arc, arcs)
                    || addApart(edge, middle, arcs);
        }
        double least = Math.min(-edge.start().y(), -edge.end().y());
        double most = Math.max(-edge.start().y(), -edge.end().y());
        double next = apart(heights, -at.y(), least, most, division);
        double close = close(division) / 2;
        return next - least > close && most - next > close && heights.add(next);
    }

    private static boolean addApart(Path edge, double arc, TreeSet<Double> arcs) {
        Double before = arcs.floor(arc);
        Double after = arcs.ceiling(arc);
        double close = CLOSE / 4;
        return arc > close
                && edge.length() - arc > close
                && (before == null || arc - before > close)
                && (after == null || after - arc > close)
                && arcs.add(arc);
    }

    /** The place beside one that lies by a division of the tape along the chord, where the edge has it there. */
    private static double handy(Path edge, double arc, Division division) {
        Vec along = edge.start().to(edge.end()).unit();
        double at = division.rounded(edge.start().to(edge.at(arc).point()).dot(along));
        return onEdge(edge, edge.start(), along, at)
                .map(p -> edge.nearest(p).arc())
                .filter(a -> Math.abs(a - arc) < CLOSE)
                .orElse(arc);
    }

    /** A new figure by a place, well between its neighbours and where the tape has a division. */
    private static double apart(TreeSet<Double> taken, double wanted, double least, double most, Division division) {
        Double below = taken.lower(wanted);
        Double above = taken.higher(wanted);
        double from = below == null ? least : Math.max(least, below);
        double to = above == null ? most : Math.min(most, above);
        double near = Math.min(Math.max(wanted, from + (to - from) * BETWEEN), to - (to - from) * BETWEEN);
        return division.rounded(near);
    }

    private static double close(Division division) {
        return Math.max(CLOSE, CLOSE_DIVISIONS * division.step());
    }

    private static void addApart(TreeSet<Double> heights, double up, double close) {
        Double below = heights.floor(up);
        Double above = heights.ceiling(up);
        if ((below == null || up - below > close) && (above == null || above - up > close)) {
            heights.add(up);
        }
    }

    /** The piece with its grain at x 0 and its waist at y 0. */
    private static Piece framed(Piece piece) {
        Piece upright = piece.upright();
        double grain = upright.grain().from().x();
        double waist = upright.mark(Level.WAIST).map(m -> onGrain(m, grain)).orElseGet(() -> upright.outline().stream()
                .mapToDouble(e -> e.path().start().y())
                .max()
                .orElseThrow());
        Vec home = new Vec(-grain, -waist);
        return upright.mapped(p -> p.plus(home));
    }

    /** Where a level line, carried on if need be, meets the grain. */
    private static double onGrain(LevelMark mark, double grain) {
        double run = mark.to().x() - mark.from().x();
        return mark.from().y()
                + (Math.abs(run) < EXACT
                        ? 0
                        : (mark.to().y() - mark.from().y())
                                * (grain - mark.from().x())
                                / run);
    }

    /** At the heights that the tape has nearest: what lies there is exact. */
    private static TreeMap<Double, String> levels(Piece framed, Division division) {
        TreeMap<Double, String> levels = new TreeMap<>();
        for (LevelMark mark : framed.levelMarks()) {
            Level.ofId(mark.level()).ifPresent(l -> levels.put(clean(division.rounded(-onGrain(mark, 0))), l.label()));
        }
        return levels;
    }

    /** What the waist misses of nothing is the arithmetic's. */
    private static double clean(double up) {
        return Math.abs(up) < Tolerance.COINCIDENT ? 0 : up;
    }

    /** The least and the greatest height. */
    private static double[] span(Piece framed) {
        List<Point> all = framed.flattened(1);
        return new double[] {
            -all.stream().mapToDouble(Point::y).max().orElse(0),
            -all.stream().mapToDouble(Point::y).min().orElse(0)
        };
    }

    /** Whether an edge anywhere runs so flat that heights say little of it. */
    static boolean isGivenFromChord(Path edge) {
        if (isStraight(edge)) {
            return false;
        }
        for (Segment segment : edge.segments()) {
            for (int i = 0; i <= SAMPLES; i++) {
                Vec way = segment.velocity((double) i / SAMPLES);
                if (Math.abs(way.dy()) < FLAT * way.length()) {
                    return true;
                }
            }
        }
        return false;
    }

    static boolean isStraight(Path edge) {
        Vec chord = edge.start().to(edge.end());
        if (chord.length() < EXACT) {
            return true;
        }
        Vec along = chord.unit();
        return edge.flattened(STRAIGHT).stream()
                .allMatch(p -> Math.abs(edge.start().to(p).cross(along)) <= STRAIGHT);
    }

    private static TreeSet<Double> firstOrdinates(Path edge, Division division) {
        Vec chord = edge.start().to(edge.end());
        int parts = Math.max(ORDINATES_LEAST + 1, (int) Math.ceil(chord.length() / EVERY_ORDINATE));
        TreeSet<Double> arcs = new TreeSet<>();
        for (int i = 1; i < parts; i++) {
            double at = division.rounded(chord.length() * i / parts);
            if (at > division.step() && at < chord.length() - division.step()) {
                onEdge(edge, edge.start(), chord.unit(), at)
                        .map(p -> edge.nearest(p).arc())
                        .ifPresent(arcs::add);
            }
        }
        return arcs;
    }

    private static Offsets figures(
            Piece framed, TreeSet<Double> heights, TreeMap<String, TreeSet<Double>> arcs, Division division) {
        List<Offsets.Corner> corners = new ArrayList<>();
        List<Offsets.Height> sides = new ArrayList<>();
        List<Offsets.Ordinate> ordinates = new ArrayList<>();
        for (OutlineEdge edge : framed.outline()) {
            Path path = edge.path();
            corners.add(new Offsets.Corner(
                    edge.name(), path.start().x(), -path.start().y()));
            if (arcs.containsKey(edge.name())) {
                Vec along = path.start().to(path.end()).unit();
                for (double arc : arcs.get(edge.name())) {
                    Vec there = path.start().to(path.at(arc).point());
                    ordinates.add(new Offsets.Ordinate(
                            edge.name(), there.dot(along), there.dot(new Vec(along.dy(), -along.dx()))));
                }
            } else if (!Redrawn.isFlat(path.start().to(path.end()))) {
                boolean left = path.end().y() < path.start().y();
                for (double up : heights) {
                    onEdge(path, new Point(0, 0), Vec.DOWN, -up)
                            .filter(p -> isInside(path, p, division))
                            .ifPresent(p -> sides.add(new Offsets.Height(up, left, left ? -p.x() : p.x())));
                }
            }
        }
        return new Offsets(framed.id(), corners, sides, ordinates);
    }

    /** A height in a corner is the corner's. */
    private static boolean isInside(Path path, Point p, Division division) {
        double close = close(division) / 2;
        return p.distance(path.start()) > close && p.distance(path.end()) > close;
    }

    /** Where an edge, which runs one way along a direction, has gone so far along it. @param from where the way is counted from */
    private static Optional<Point> onEdge(Path path, Point from, Vec way, double at) {
        for (Segment segment : path.segments()) {
            double a = from.to(segment.start()).dot(way) - at;
            double b = from.to(segment.end()).dot(way) - at;
            if (a == 0) {
                return Optional.of(segment.start());
            }
            if (a * b < 0) {
                if (segment instanceof Line) {
                    return Optional.of(segment.at(a / (a - b)));
                }
                double t = new BracketingNthOrderBrentSolver(EXACT, EXACT, EXACT, 5)
                        .solve(100, x -> from.to(segment.at(x)).dot(way) - at, 0, 1);
                return Optional.of(segment.at(t));
            }
        }
        return Optional.empty();
    }

    private static List<Row> rows(Offsets offsets, TreeSet<Double> heights, TreeMap<Double, String> levels) {
        List<Row> rows = new ArrayList<>();
        for (double up : heights.descendingSet()) {
            Optional<Double> left = side(offsets, up, true);
            Optional<Double> right = side(offsets, up, false);
            if (left.isPresent() || right.isPresent()) {
                rows.add(new Row(up, Optional.ofNullable(levels.get(up)), left, right));
            }
        }
        return rows;
    }

    private static Optional<Double> side(Offsets offsets, double up, boolean left) {
        return offsets.heights().stream()
                .filter(h -> h.up() == up && h.left() == left)
                .map(Offsets.Height::out)
                .findFirst();
    }

    /** How far the piece drawn from figures lies from this one, mm, at the worst place of each edge. */
    public java.util.Map<String, Double> off(Offsets figures) {
        Redrawn redrawn = Redrawn.of(figures);
        java.util.Map<String, Double> off = new java.util.LinkedHashMap<>();
        piece.outline().forEach(e -> off.put(e.name(), off(redrawn, e).by()));
        return off;
    }
}
