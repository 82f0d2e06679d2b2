package bathyra.foreign;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.foreign.ForeignLine.Role;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Makes pieces of a drawing from elsewhere: joins its lines to closed outlines, tells cutting lines from sewing lines, and shares
 * the outlines out into edges. All of it or nothing: an outline that is open or crosses itself is said with its place.
 */
public final class Taking {
    /** Smaller than this a closed line is a hole or an ornament, mm². */
    private static final double AREA_LEAST = 900;
    /** A line that is shorter than this and does not close is no outline that was meant to, mm. */
    private static final double OPEN_LEAST = 60;

    private static final double SIZE_LEAST = 40;
    private static final double SIZE_MOST = 3000;
    /** No allowance is wider, so that a line farther inside another is no sewing line of it, mm. */
    private static final double ALLOWANCE_MOST = 90;

    private static final double ALLOWANCE_SHARE = 0.35;
    /** No outline of a garment has more points or more corners, and no garment more pieces: such a drawing is something else. */
    private static final int POINTS_MOST = 12_000;

    private static final int CORNERS_MOST = 150;
    private static final int PIECES_MOST = 300;
    private static final Set<Role> OUTLINES = EnumSet.of(Role.UNKNOWN, Role.CUT, Role.SEW);

    private final List<Finding> notes = new ArrayList<>();
    private final List<Finding> faults = new ArrayList<>();
    private final List<Outline> outlines = new ArrayList<>();
    private final ForeignDrawing drawing;
    private final DrawnUnit unit;

    /** A piece in the making. @param cut its cutting line, points closed; empty where none is drawn */
    record Outline(Ring ring, List<Point> cut) {}

    private Taking(ForeignDrawing drawing, DrawnUnit unit) {
        this.drawing = drawing;
        this.unit = unit;
    }

    /** Takes the pieces of a drawing. @param unit what it is measured in: what the file says, or what the cutter says where it does not */
    public static Taken take(ForeignDrawing drawing, DrawnUnit unit) {
        return new Taking(drawing, unit).taken();
    }

    /** How large the drawing is in a unit, mm: width and height. Nothing for an empty one. */
    public static double[] size(ForeignDrawing drawing, DrawnUnit unit) {
        if (drawing.lines().isEmpty()) {
            return new double[] {0, 0};
        }
        Bounds all = Bounds.of(drawing.lines().stream()
                .flatMap(l -> l.path().segments().stream())
                .flatMap(s -> Stream.of(s.start(), s.end()))
                .toList());
        return new double[] {all.width() * unit.millimetres(), all.height() * unit.millimetres()};
    }

    private Taken taken() {
        drawing.leftOut().forEach(words -> notes.add(note(words)));
        Map<String, List<ForeignLine>> groups = new LinkedHashMap<>();
        drawing.lines().forEach(l -> groups.computeIfAbsent(l.group(), k -> new ArrayList<>())
                .add(inMillimetres(l)));
        groups.values().forEach(this::group);
        if (outlines.isEmpty() && faults.isEmpty()) {
            faults.add(fault(
                    "drawing",
                    "There is no closed outline of " + (int) (AREA_LEAST / 100)
                            + " cm² or more in the drawing. Draw each piece as a closed line."));
        }
        if (outlines.size() > PIECES_MOST) {
            faults.add(fault(
                    "drawing",
                    "There are " + outlines.size() + " closed outlines in the drawing; no more than " + PIECES_MOST
                            + " pieces are taken. Leave the outlines of one garment in it."));
        }
        List<Piece> pieces = faults.isEmpty() ? pieces(groups) : List.of();
        size(pieces);
        for (Piece piece : pieces) {
            if (piece.outline().size() > CORNERS_MOST) {
                faults.add(fault(
                        piece.name(),
                        piece.name() + " has " + piece.outline().size()
                                + " corners; an outline of a garment has no more than " + CORNERS_MOST
                                + ". Redraw it more simply."));
            }
        }
        return faults.isEmpty()
                ? new Taken(pattern(pieces, seams(pieces)), notes, faults)
                : new Taken(pattern(List.of(), List.of()), notes, faults);
    }

    private Pattern pattern(List<Piece> pieces, List<SeamJoin> seams) {
        return new Pattern(drawing.title(), "drawn elsewhere", List.of(), pieces, seams, OptionalDouble.empty());
    }

    /** The seams that the file names and whose edges are there. */
    private List<SeamJoin> seams(List<Piece> pieces) {
        Set<SeamJoin.Ref> edges = new HashSet<>();
        pieces.forEach(p -> p.outline().forEach(e -> edges.add(new SeamJoin.Ref(p.id(), e.name()))));
        return drawing.seams().stream()
                .filter(s -> edges.contains(s.a()) && edges.contains(s.b()))
                .toList();
    }

    private ForeignLine inMillimetres(ForeignLine line) {
        double mm = unit.millimetres();
        return new ForeignLine(
                line.name(),
                line.group(),
                line.role(),
                line.path().mapped(p -> new Point(p.x() * mm, p.y() * mm)),
                line.edges());
    }

    private void group(List<ForeignLine> lines) {
        boolean sewing = lines.stream().anyMatch(l -> l.role() == Role.SEW);
        List<Ring> rings = new ArrayList<>();
        List<Chains.Chain> open = new ArrayList<>();
        // Lines for one purpose are joined with each other alone: a cutting line and a sewing line may touch.
        for (Role role : OUTLINES) {
            Chains.Joined joined =
                    Chains.join(lines.stream().filter(l -> l.role() == role).toList());
            rings.addAll(joined.rings());
            open.addAll(joined.open());
        }
        // Where a line crosses itself its areas may make up for each other: it is looked at by what it covers.
        crossings(rings.stream()
                .filter(r -> r.bounds().width() * r.bounds().height() >= AREA_LEAST)
                .toList());
        List<Ring> pieces = rings.stream()
                .filter(r -> r.area() >= AREA_LEAST)
                .sorted((a, b) -> Double.compare(b.area(), a.area()))
                .toList();
        List<Ring> large = once(pieces);
        if (pieces.size() < rings.size()) {
            notes.add(note(count(rings.size() - pieces.size(), "small closed line") + " left out: nothing under "
                    + (int) (AREA_LEAST / 100) + " cm² is a piece."));
        }
        open(open, large);
        large.stream()
                .filter(r -> r.points().size() > POINTS_MOST)
                .forEach(r -> faults.add(fault(
                        r.name(),
                        r.name() + " is made of " + r.points().size()
                                + " points; an outline of a garment has no more than " + POINTS_MOST
                                + ". Redraw it more simply.")));
        if (faults.isEmpty()) {
            nest(large, sewing);
        }
    }

    /** A line that is drawn several times over itself counts once. */
    private List<Ring> once(List<Ring> rings) {
        Map<List<Point>, Ring> lines = new LinkedHashMap<>();
        rings.forEach(r -> lines.putIfAbsent(r.points(), r));
        if (lines.size() < rings.size()) {
            notes.add(note(count(rings.size() - lines.size(), "line") + " left out: drawn over another just like it."));
        }
        return List.copyOf(lines.values());
    }

    private void crossings(List<Ring> rings) {
        for (Ring ring : rings) {
            Shape.crossing(ring.points())
                    .ifPresent(at -> faults.add(fault(
                            ring.name(),
                            ring.name() + " crosses itself " + place(at)
                                    + ". Redraw it there so that it runs round the piece once.")));
        }
    }

    private void open(List<Chains.Chain> chains, List<Ring> rings) {
        int inside = 0;
        int brief = 0;
        for (Chains.Chain chain : chains) {
            Point middle = chain.path().at(chain.path().length() / 2).point();
            Bounds bounds = Bounds.of(chain.path().flattened(1));
            if (rings.stream().anyMatch(r -> r.contains(middle))) {
                inside++;
            } else if (bounds.longest() < OPEN_LEAST) {
                brief++;
            } else {
                faults.add(Finding.of(
                        FindingKind.OUTLINE,
                        chain.name(),
                        Finding.Status.FAULT,
                        chain.gap(),
                        Chains.JOINED,
                        Sentence.of(
                                "{} is open: between its ends, {} and {}, there are {}. Join them; ends up to {} apart are joined for you.",
                                chain.name(),
                                place(chain.path().start()),
                                place(chain.path().end()),
                                Length.mm(chain.gap()),
                                Length.mm(Chains.JOINED))));
            }
        }
        if (inside > 0) {
            notes.add(note(count(inside, "open line") + " inside the pieces left out."));
        }
        if (brief > 0) {
            notes.add(note(count(brief, "short open line") + " left out."));
        }
    }

    /** Tells pieces, their cutting lines, holes and frames apart. @param rings from the largest */
    private void nest(List<Ring> rings, boolean sewing) {
        List<Ring> left = new ArrayList<>(rings);
        while (!left.isEmpty()) {
            Ring outer = left.remove(0);
            List<Ring> within = left.stream().filter(outer::contains).toList();
            List<Ring> direct = new ArrayList<>();
            for (int i = 0; i < within.size(); i++) {
                Ring inner = within.get(i);
                // Only a larger one lies round another: two that are all but alike each hold the other.
                if (within.subList(0, i).stream().noneMatch(o -> o.contains(inner))) {
                    direct.add(inner);
                }
            }
            if (direct.size() > 1 && !sewing && !isPieceWithHoles(outer, direct)) {
                notes.add(note("A frame round " + direct.size() + " outlines left out: " + outer.name() + "."));
                continue;
            }
            if (!within.isEmpty() && isAllowanceOf(outer, direct.get(0))) {
                Ring sew = direct.get(0);
                outlines.add(new Outline(sew, outer.points()));
                left.removeAll(within);
                holes(sew, within.size() - 1);
                continue;
            }
            if (sewing && !outer.roles().contains(Role.SEW)) {
                notes.add(note(outer.name() + " left out: a cutting line without a sewing line in it."));
                continue;
            }
            if (outer.roles().equals(Set.of(Role.CUT))) {
                notes.add(note(
                        outer.name() + ": only a cutting line is drawn. It is checked as if it were the sewing line."));
            }
            outlines.add(new Outline(outer, List.of()));
            left.removeAll(within);
            holes(outer, within.size());
        }
    }

    private void holes(Ring piece, int count) {
        if (count > 0) {
            notes.add(note(
                    count(count, "line") + " inside " + piece.name() + " left out: a hole, or what is cut out of it."));
        }
    }

    /** Holes take little of a piece, pieces most of a frame. */
    private static boolean isPieceWithHoles(Ring outer, List<Ring> inner) {
        return inner.stream().mapToDouble(Ring::area).sum() < ALLOWANCE_SHARE / 2 * outer.area();
    }

    private static boolean isAllowanceOf(Ring outer, Ring inner) {
        boolean said = outer.roles().equals(Set.of(Role.CUT)) && inner.roles().equals(Set.of(Role.SEW));
        return said
                || inner.area() > ALLOWANCE_SHARE * outer.area()
                        && Shape.apart(inner.points(), outer.points()) < ALLOWANCE_MOST
                        && !inner.roles().equals(Set.of(Role.CUT));
    }

    private List<Piece> pieces(Map<String, List<ForeignLine>> groups) {
        List<Piece> pieces = new ArrayList<>();
        List<Outline> inOrder = ReadingOrder.of(outlines);
        for (Outline outline : inOrder) {
            Labelling labelling =
                    new Labelling(drawing.labels().get(outline.ring().group()), pieces.size() + 1);
            pieces.add(labelling.piece(outline, groups.get(outline.ring().group())));
        }
        pieces.sort((a, b) -> Integer.compare(a.order(), b.order()));
        return Labelling.apart(pieces);
    }

    private void size(List<Piece> pieces) {
        double longest = pieces.stream()
                .mapToDouble(p -> Bounds.of(p.flattened(1)).longest())
                .max()
                .orElse(SIZE_LEAST);
        if (longest < SIZE_LEAST || longest > SIZE_MOST) {
            faults.add(Finding.of(
                    FindingKind.OUTLINE,
                    "unit",
                    Finding.Status.FAULT,
                    longest,
                    longest < SIZE_LEAST ? SIZE_LEAST : SIZE_MOST,
                    Sentence.of(
                            "In " + unit.id()
                                    + " the largest piece would be {} long. Say another unit: pieces from {} to {} are taken.",
                            Length.mm(longest),
                            Length.mm(SIZE_LEAST),
                            Length.mm(SIZE_MOST))));
        }
    }

    private String place(Point at) {
        return String.format(
                Locale.ROOT, "at %.1f, %.1f %s", at.x() / unit.millimetres(), at.y() / unit.millimetres(), unit.id());
    }

    private static String count(int count, String what) {
        return count == 1 ? "1 " + what : count + " " + what + "s";
    }

    private static Finding note(String words) {
        return Finding.of(FindingKind.OUTLINE, "drawing", Finding.Status.NOTE, 0, 0, Sentence.of("{}", words));
    }

    private static Finding fault(String subject, String words) {
        return Finding.of(FindingKind.OUTLINE, subject, Finding.Status.FAULT, 0, 0, Sentence.of("{}", words));
    }
}
