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
import bathyra.intake.SeamPlace;
import bathyra.panel.Panel;
import bathyra.panel.PanelNames;
import bathyra.panel.PanelSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Cuts the panels apart into finished pieces: edges drawn over the joined seams, marks, notches, grain and allowances (C7.6, C10, C12). */
public final class Cutting {
    private static final double GRAIN_INSET = 0.12;
    private static final String CENTRE_FRONT = "centre-front";

    /** What is known of a piece before it is cut out: its name, its long edges and the seams they lie in. */
    private record Plan(String id, String name, boolean front, String left, Optional<String> leftSeam, String right, Optional<String> rightSeam) {}

    private Cutting() {}

    /** What an edge is for, which sets its allowance. */
    public static EdgeUse use(OutlineEdge edge) {
        return switch (edge.kind()) {
            case FOLD -> EdgeUse.FOLD;
            case CLOSURE -> edge.name().equals(CENTRE_FRONT) ? EdgeUse.CENTRE_FRONT : EdgeUse.CENTRE_BACK;
            case EDGE -> edge.name().equals("lower-edge") ? EdgeUse.LOWER_EDGE : EdgeUse.UPPER_EDGE;
            case SEAM, DART -> edge.name().equals(SeamPlace.SIDE.id()) ? EdgeUse.SIDE : EdgeUse.SEAM;
        };
    }

    /** The seams that join a garment's pieces, from centre front to centre back. */
    public static List<SeamJoin> seams(Garment garment) {
        List<Plan> plans = plans(garment);
        List<SeamJoin> seams = new ArrayList<>();
        for (int i = 0; i + 1 < plans.size(); i++) {
            SeamPlace seam = garment.seams().get(i);
            seams.add(new SeamJoin(plans.get(i).rightSeam().orElseThrow(), seam.label(), new SeamJoin.Ref(plans.get(i).id(), seam.id()),
                    new SeamJoin.Ref(plans.get(i + 1).id(), seam.id())));
        }
        return seams;
    }

    /** Fronts are numbered from centre front, backs from centre back. */
    private static List<Plan> plans(Garment garment) {
        List<String> names = PanelNames.of(garment);
        List<SeamPlace> seams = garment.seams();
        int fronts = (int) seams.stream().filter(s -> s.part() == SeamPlace.Part.FRONT).count() + 1;
        int n = names.size();
        List<Plan> plans = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            boolean front = i < fronts;
            plans.add(new Plan(front ? "F" + (i + 1) : "B" + (n - i), names.get(i), front, i == 0 ? CENTRE_FRONT : seams.get(i - 1).id(),
                    i == 0 ? Optional.empty() : Optional.of("S" + i), seams.get(i).id(), i == n - 1 ? Optional.empty() : Optional.of("S" + (i + 1))));
        }
        return plans;
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
        List<Path> upper = JoinedEdge.over(spans(lefts, rights, true), Math.PI / 2);
        List<Path> lower = JoinedEdge.over(spans(lefts, rights, false), set.frontAngle());
        List<Plan> plans = plans(garment);
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            Piece piece = piece(plans.get(i), i + 1, panels.get(i), set.levels(), upper.get(i), rights.get(i), lower.get(i), lefts.get(i), garment);
            boolean point = i == 0 && Math.abs(set.frontAngle() - Math.PI / 2) > 1e-9;
            pieces.add(point ? piece.declaring(new Piece.Corner(lefts.get(0).end(), Math.toDegrees(set.frontAngle()))) : piece);
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

    private static Piece piece(Plan plan, int order, Panel panel, List<Level> levels, Path upper, Path right, Path lower, Path left, Garment garment) {
        OutlineEdge.Kind leftKind = plan.leftSeam().isPresent() ? OutlineEdge.Kind.SEAM : garment.fastening().closure().opensInFront() ? OutlineEdge.Kind.CLOSURE : OutlineEdge.Kind.FOLD;
        OutlineEdge.Kind rightKind = plan.rightSeam().isPresent() ? OutlineEdge.Kind.SEAM : garment.fastening().closure().opensBehind() ? OutlineEdge.Kind.CLOSURE : OutlineEdge.Kind.FOLD;
        boolean fold = leftKind == OutlineEdge.Kind.FOLD || rightKind == OutlineEdge.Kind.FOLD;
        List<OutlineEdge> outline = List.of(
                new OutlineEdge("upper-edge", OutlineEdge.Kind.EDGE, Optional.empty(), upper),
                new OutlineEdge(plan.right(), rightKind, plan.rightSeam(), right),
                new OutlineEdge("lower-edge", OutlineEdge.Kind.EDGE, Optional.empty(), lower.reversed()),
                new OutlineEdge(plan.left(), leftKind, plan.leftSeam(), left.reversed()));
        List<Point> cut = CutLine.of(outline, e -> garment.allowance(use(e)).millimetres());
        return new Piece(plan.id(), plan.name(), order, plan.front(), fold ? 1 : 2, fold, outline, marks(panel, levels), notches(plan, panel, levels), grain(panel), cut);
    }

    private static List<LevelMark> marks(Panel panel, List<Level> levels) {
        List<LevelMark> marks = new ArrayList<>();
        for (Level level : levels) {
            marks.add(new LevelMark(level.id(), panel.left().nodes().get(level), panel.right().nodes().get(level)));
        }
        return marks;
    }

    /** Single notches in front, double ones on the seams behind the side. */
    private static List<Notch> notches(Plan plan, Panel panel, List<Level> levels) {
        List<Notch> notches = new ArrayList<>();
        for (Level level : levels) {
            // At either end of the edge the corner itself is the mark.
            boolean end = level == levels.get(0) || panel.left().path().end().distance(panel.left().nodes().get(level)) <= 1;
            if (!end) {
                if (plan.leftSeam().isPresent()) {
                    notches.add(new Notch(plan.left(), panel.left().nodes().get(level), isBehindSide(plan.left()), level.id()));
                }
                notches.add(new Notch(plan.right(), panel.right().nodes().get(level), isBehindSide(plan.right()), level.id()));
            }
        }
        return notches;
    }

    private static boolean isBehindSide(String edge) {
        return SeamPlace.ofId(edge).filter(s -> s.part() == SeamPlace.Part.BACK || s.part() == SeamPlace.Part.CENTRE_BACK).isPresent();
    }

    /** Over nearly the whole piece, parallel to centre front, arrow up. */
    private static Grain grain(Panel panel) {
        Point left = panel.left().nodes().get(Level.WAIST);
        Point right = panel.right().nodes().get(Level.WAIST);
        double x = left.x() + (right.x() - left.x()) * 0.17;
        double top = Math.max(panel.left().top().y(), panel.right().top().y());
        double bottom = Math.min(panel.left().path().end().y(), panel.right().path().end().y());
        double inset = (bottom - top) * GRAIN_INSET;
        return new Grain(new Point(x, bottom - inset), new Point(x, top + inset));
    }
}
