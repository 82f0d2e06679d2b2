package bathyra.piece;

import bathyra.block.Block;
import bathyra.edge.JoinedEdge;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.girth.Level;
import bathyra.panel.Panel;
import bathyra.panel.PanelSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Cuts the panels apart into finished pieces: edges drawn over the joined seams, marks, notches, grain and allowances (C7.6, C10, C12). */
public final class Cutting {
    private static final double GRAIN_INSET = 0.12;
    private static final String CENTRE_FRONT = "centre-front";
    private static final Map<String, EdgeUse> USES = Map.of(CENTRE_FRONT, EdgeUse.FOLD, "princess-front", EdgeUse.SEAM, "side", EdgeUse.SIDE,
            "princess-back", EdgeUse.SEAM, "centre-back", EdgeUse.CENTRE_BACK, "upper-edge", EdgeUse.UPPER_EDGE, "lower-edge", EdgeUse.LOWER_EDGE);

    private record Plan(String id, String name, boolean front, String left, Optional<String> leftSeam, String right, Optional<String> rightSeam) {}

    private static final List<Plan> PLANS = List.of(
            new Plan("F1", "Centre front", true, CENTRE_FRONT, Optional.empty(), "princess-front", Optional.of("S1")),
            new Plan("F2", "Side front", true, "princess-front", Optional.of("S1"), "side", Optional.of("S2")),
            new Plan("B2", "Side back", false, "side", Optional.of("S2"), "princess-back", Optional.of("S3")),
            new Plan("B1", "Centre back", false, "princess-back", Optional.of("S3"), "centre-back", Optional.empty()));

    /** The seams of the four panels. */
    public static final List<SeamJoin> SEAMS = List.of(
            new SeamJoin("S1", "Princess front", new SeamJoin.Ref("F1", "princess-front"), new SeamJoin.Ref("F2", "princess-front")),
            new SeamJoin("S2", "Side", new SeamJoin.Ref("F2", "side"), new SeamJoin.Ref("B2", "side")),
            new SeamJoin("S3", "Princess back", new SeamJoin.Ref("B2", "princess-back"), new SeamJoin.Ref("B1", "princess-back")));

    private Cutting() {}

    /** The allowance that an edge of a name takes. */
    public static EdgeUse use(String edgeName) {
        return USES.get(edgeName);
    }

    /** The finished pieces in wearing order. */
    public static List<Piece> pieces(PanelSet set, Block block, Garment garment) {
        List<Panel> panels = set.panels();
        List<Path> lefts = new ArrayList<>();
        List<Path> rights = new ArrayList<>();
        for (Panel panel : panels) {
            boolean first = lefts.isEmpty();
            Path left = panel.left().path();
            lefts.add(first ? Path.of(new Line(new Point(0, block.centreFrontTop().value()), left.end())) : left);
            rights.add(panel.right().path());
        }
        List<Path> upper = JoinedEdge.over(spans(lefts, rights, true));
        List<Path> lower = JoinedEdge.over(spans(lefts, rights, false));
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            pieces.add(piece(PLANS.get(i), i + 1, panels.get(i), upper.get(i), rights.get(i), lower.get(i), lefts.get(i), garment));
        }
        return pieces;
    }

    private static List<JoinedEdge.Span> spans(List<Path> lefts, List<Path> rights, boolean top) {
        List<JoinedEdge.Span> spans = new ArrayList<>();
        for (int i = 0; i < lefts.size(); i++) {
            Path l = lefts.get(i);
            Path r = rights.get(i);
            boolean centreBack = i == lefts.size() - 1;
            spans.add(top
                    ? new JoinedEdge.Span(l.start(), l.startTangent(), r.start(), centreBack ? overTen(r) : r.startTangent())
                    : new JoinedEdge.Span(l.end(), l.endTangent().reversed(), r.end(), centreBack ? overTen(r.reversed()) : r.endTangent().reversed()));
        }
        return spans;
    }

    /** A curved centre back is squared against its first 10 mm, as the square is laid on the paper. */
    private static Vec overTen(Path path) {
        return path.start().to(path.at(Tolerance.SQUARE_OVER).point()).unit();
    }

    private static Piece piece(Plan plan, int order, Panel panel, Path upper, Path right, Path lower, Path left, Garment garment) {
        boolean fold = plan.left().equals(CENTRE_FRONT);
        List<OutlineEdge> outline = List.of(
                new OutlineEdge("upper-edge", OutlineEdge.Kind.EDGE, Optional.empty(), upper),
                new OutlineEdge(plan.right(), plan.rightSeam().isPresent() ? OutlineEdge.Kind.SEAM : OutlineEdge.Kind.CLOSURE, plan.rightSeam(), right),
                new OutlineEdge("lower-edge", OutlineEdge.Kind.EDGE, Optional.empty(), lower.reversed()),
                new OutlineEdge(plan.left(), fold ? OutlineEdge.Kind.FOLD : OutlineEdge.Kind.SEAM, plan.leftSeam(), left.reversed()));
        List<Point> cut = CutLine.of(outline, e -> garment.allowance(use(e.name())).millimetres());
        return new Piece(plan.id(), plan.name(), order, plan.front(), fold ? 1 : 2, fold, outline, marks(panel), notches(plan, panel), grain(panel), cut);
    }

    private static List<LevelMark> marks(Panel panel) {
        List<LevelMark> marks = new ArrayList<>();
        for (Level level : Level.values()) {
            if (panel.left().nodes().containsKey(level)) {
                marks.add(new LevelMark(level.id(), panel.left().nodes().get(level), panel.right().nodes().get(level)));
            }
        }
        return marks;
    }

    /** Single notches in front, double ones on the seams behind the side. */
    private static List<Notch> notches(Plan plan, Panel panel) {
        List<Notch> notches = new ArrayList<>();
        for (Level level : List.of(Level.BUST, Level.UNDERBUST, Level.WAIST, Level.HIGH_HIP, Level.HIP)) {
            // At the lowest level the corner itself is the mark.
            if (panel.left().nodes().containsKey(level) && panel.left().path().end().distance(panel.left().nodes().get(level)) > 1) {
                if (plan.leftSeam().isPresent()) {
                    notches.add(new Notch(plan.left(), panel.left().nodes().get(level), isBehindSide(plan.left()), level.id()));
                }
                notches.add(new Notch(plan.right(), panel.right().nodes().get(level), isBehindSide(plan.right()), level.id()));
            }
        }
        return notches;
    }

    private static boolean isBehindSide(String edge) {
        return edge.equals("princess-back") || edge.equals("centre-back");
    }

    /** Over nearly the whole piece, parallel to centre front, arrow up. */
    private static Grain grain(Panel panel) {
        Point left = panel.left().nodes().get(Level.WAIST);
        Point right = panel.right().nodes().get(Level.WAIST);
        double x = left.x() + (right.x() - left.x()) * 0.17;
        double top = Math.max(panel.left().nodes().get(Level.UPPER).y(), panel.right().nodes().get(Level.UPPER).y());
        double bottom = Math.min(panel.left().path().end().y(), panel.right().path().end().y());
        double inset = (bottom - top) * GRAIN_INSET;
        return new Grain(new Point(x, bottom - inset), new Point(x, top + inset));
    }
}
