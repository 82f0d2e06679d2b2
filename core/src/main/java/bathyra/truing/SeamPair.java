package bathyra.truing;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.Mark;
import bathyra.piece.Notch;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The two edges of a seam laid beside each other from the top, with the places where they are to meet, found on the finished
 * curves.
 *
 * @param a the edge nearer centre front, from its upper end
 * @param b its partner, from the end that is sewn to the upper end of {@code a}
 * @param meetings from the top; the first and the last are the ends
 */
public record SeamPair(SeamJoin seam, Path a, Path b, List<Meeting> meetings) {
    /** What the first meeting is called. */
    public static final String TOP = "top";

    private static final String END = "end";
    private static final String NOTCH = "notch ";
    private static final String ANCHOR = Level.WAIST.id();
    private static final double ON_EDGE = 1.0;
    private static final double NEAR_EDGE = 12;

    /**
     * A place at which the two edges are to meet.
     *
     * @param name the level, {@code notch 1}, or which end it is
     * @param arcA how far down the first edge it lies, mm
     * @param arcB how far down its partner, mm
     */
    public record Meeting(String name, double arcA, double arcB) {}

    public SeamPair {
        meetings = List.copyOf(meetings);
    }

    /** Reads a seam off a pattern. Where no level crosses it, its notches are paired in their order. */
    public static SeamPair of(Pattern pattern, SeamJoin seam) {
        Path first = pattern.edge(seam.a()).path();
        Path second = pattern.edge(seam.b()).path();
        boolean runsDown = first.start().y() <= first.end().y();
        Path a = runsDown ? first : first.reversed();
        // Outlines run clockwise, so two edges that are sewn together run against each other.
        Path b = runsDown == seam.a().equals(seam.b()) ? second : second.reversed();
        Piece pieceA = pattern.piece(seam.a().piece());
        Piece pieceB = pattern.piece(seam.b().piece());
        List<Meeting> meetings = atLevels(levels(pattern, pieceA), pieceA, a, pieceB, b);
        if (meetings.isEmpty()) {
            meetings = atNotches(
                    notches(pieceA, seam.a().edge(), a),
                    notches(pieceB, seam.b().edge(), b));
        }
        meetings.add(0, new Meeting(TOP, 0, 0));
        meetings.add(new Meeting(END, a.length(), b.length()));
        return new SeamPair(seam, a, b, meetings);
    }

    private static Set<String> levels(Pattern pattern, Piece piece) {
        Set<String> ids = new LinkedHashSet<>(
                pattern.levels().stream().map(PatternLevel::id).toList());
        piece.levelMarks().forEach(m -> ids.add(m.level()));
        return ids;
    }

    private static List<Meeting> atLevels(Set<String> levels, Piece pieceA, Path a, Piece pieceB, Path b) {
        List<Meeting> meetings = new ArrayList<>();
        for (String level : levels) {
            // The legs of a dart lie in one piece: a line that runs below its point crosses neither of them.
            boolean dart = pieceA.equals(pieceB);
            List<Point> marksA = marks(pieceA, level, a).stream()
                    .filter(mark -> !dart || !isBeyond(a, mark))
                    .toList();
            List<Point> marksB = marks(pieceB, level, b).stream()
                    .filter(mark -> !dart || !isBeyond(b, mark))
                    .toList();
            if (!marksA.isEmpty() && !marksB.isEmpty()) {
                meetings.add(met(level, a, marksA, b, marksB));
            }
        }
        return meetings;
    }

    private static List<Meeting> atNotches(List<Double> a, List<Double> b) {
        List<Meeting> meetings = new ArrayList<>();
        for (int i = 0; a.size() == b.size() && i < a.size(); i++) {
            meetings.add(new Meeting(NOTCH + (i + 1), a.get(i), b.get(i)));
        }
        return meetings;
    }

    /** Where the notches of an edge stand along a path over it, from its start. */
    private static List<Double> notches(Piece piece, String edge, Path path) {
        return piece.notches().stream()
                .filter(n -> n.edge().equals(edge))
                .map(n -> path.nearest(n.at()).arc())
                .sorted()
                .toList();
    }

    /** The notches of one edge, from the top. @param first whether of the first edge or of its partner */
    public List<Cut> cuts(Pattern pattern, boolean first) {
        SeamJoin.Ref ref = first ? seam.a() : seam.b();
        List<Notch> notches = pattern.piece(ref.piece()).notches().stream()
                .filter(n -> n.edge().equals(ref.edge()))
                .toList();
        return notches.stream()
                .map(n -> new Cut((first ? a : b).nearest(n.at()).arc(), n.twofold()))
                .sorted(Comparator.comparingDouble(Cut::arc))
                .toList();
    }

    /** A notch on an edge. @param arc how far down it, mm */
    public record Cut(double arc, boolean twofold) {}

    /** Where a level meets an edge; a level line that ends far from it has nothing to do with this seam. */
    private static List<Point> marks(Piece piece, String level, Path edge) {
        return piece.levelMarks().stream()
                .filter(m -> m.level().equals(level))
                .flatMap(m -> Stream.of(m.from(), m.to()))
                .filter(p -> ends(piece, edge, p))
                .toList();
    }

    /** Whether a level line ends at an edge, or near it and at no other. */
    private static boolean ends(Piece piece, Path edge, Point end) {
        return edge.isNear(end, ON_EDGE)
                || edge.isNear(end, NEAR_EDGE)
                        && piece.outline().stream().noneMatch(e -> e.path().isNear(end, ON_EDGE));
    }

    /** A level line that a cut has divided may meet an edge more than once: the two ends that belong together lie nearest to each other. */
    private static Meeting met(String level, Path a, List<Point> marksA, Path b, List<Point> marksB) {
        Meeting best = null;
        for (Point markA : marksA) {
            for (Point markB : marksB) {
                Meeting meeting = new Meeting(level, arc(a, markA), arc(b, markB));
                if (best == null || Math.abs(meeting.arcA() - meeting.arcB()) < Math.abs(best.arcA() - best.arcB())) {
                    best = meeting;
                }
            }
        }
        return best;
    }

    private static boolean isBeyond(Path path, Point mark) {
        Path.Place place = path.nearest(mark);
        boolean atAnEnd = place.arc() < ON_EDGE || place.arc() > path.length() - ON_EDGE;
        return atAnEnd && place.point().distance(mark) > ON_EDGE;
    }

    /** The place of a mark; one that lies off its edge counts with its distance, so that it cannot pass unseen. */
    private static double arc(Path path, Point mark) {
        Path.Place place = path.nearest(mark);
        double off = place.point().distance(mark);
        return off > ON_EDGE ? place.arc() + off : place.arc();
    }

    /** A path from its upper to its lower end. */
    public static Path downwards(Path path) {
        return path.start().y() <= path.end().y() ? path : path.reversed();
    }

    /** From where the seam is walked: the apex where it runs over one, else the waist, else the top. */
    public Meeting anchor(Pattern pattern) {
        for (Mark mark : pattern.piece(seam.a().piece()).marks()) {
            if (mark.kind() == Mark.Kind.APEX && a.isNear(mark.at(), ON_EDGE)) {
                double arc = a.nearest(mark.at()).arc();
                return meetings.stream()
                        .min(Comparator.comparingDouble(m -> Math.abs(m.arcA() - arc)))
                        .orElseThrow();
            }
        }
        return meetings.stream()
                .filter(m -> m.name().equals(ANCHOR))
                .findFirst()
                .orElse(meetings.get(0));
    }

    /** How long the first edge is from one meeting to the next, mm, from the top. */
    public List<Double> stretchesA() {
        return differences(meetings.stream().map(Meeting::arcA).toList());
    }

    /** How long its partner is, mm, stretch by stretch. */
    public List<Double> stretchesB() {
        return differences(meetings.stream().map(Meeting::arcB).toList());
    }

    private static List<Double> differences(List<Double> arcs) {
        List<Double> stretches = new ArrayList<>();
        for (int i = 1; i < arcs.size(); i++) {
            stretches.add(arcs.get(i) - arcs.get(i - 1));
        }
        return stretches;
    }

    public double totalA() {
        return a.length();
    }

    public double totalB() {
        return b.length();
    }

    /** The greatest difference of any stretch or of the whole, mm. */
    public double worst() {
        double worst = Math.abs(totalA() - totalB());
        List<Double> first = stretchesA();
        List<Double> second = stretchesB();
        for (int i = 0; i < first.size(); i++) {
            worst = Math.max(worst, Math.abs(first.get(i) - second.get(i)));
        }
        return worst;
    }
}
