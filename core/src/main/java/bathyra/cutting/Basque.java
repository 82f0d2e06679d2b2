package bathyra.cutting;

import bathyra.edge.EdgeLine;
import bathyra.edge.EdgeLine.Knot;
import bathyra.edge.JoinedEdge;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.paper.Slash;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A basque with a skirt (C10): the body ends on one curve over the closed half below the waist of the garment, and the skirt, in the
 * panels of the body, has the same curve cut off at its top.
 */
final class Basque {
    private static final String JOINT = EdgeRole.BASQUE.id();

    private final List<Side> sides;
    private final EdgeLine line;

    private Basque(List<Sheet> panels, Garment garment) {
        this.line = line(panels, garment);
        this.sides = new ArrayList<>();
        double along = 0;
        for (Sheet panel : panels) {
            OutlineEdge left = panel.beside(PanelSheets.LOWER, 1);
            OutlineEdge right = panel.beside(PanelSheets.LOWER, -1);
            LevelMark waist = panel.mark(Level.WAIST.id()).orElseThrow();
            double next = along + width(panel);
            sides.add(new Side(
                    panel,
                    above(left.path().reversed(), waist.from(), along),
                    along,
                    above(right.path(), waist.to(), next),
                    next));
            along = next;
        }
    }

    /**
     * A panel over the joint.
     *
     * @param left the edge nearer centre front, from the joint upwards
     * @param alongLeft how far from centre front it stands along the half, mm
     * @param right the edge nearer centre back, the same
     */
    private record Side(Sheet panel, Path left, double alongLeft, Path right, double alongRight) {}

    /** The bodies of a pattern down to their basque, and behind all others the pieces of the skirt. */
    static PaperPattern cut(PaperPattern pattern, Garment garment) {
        List<Sheet> panels =
                pattern.sheets().stream().filter(s -> s.has(PanelSheets.LOWER)).toList();
        return new Basque(panels, garment).sewn(pattern);
    }

    private static EdgeLine line(List<Sheet> panels, Garment garment) {
        double side =
                panels.stream().filter(Sheet::front).mapToDouble(Basque::width).sum();
        double end = panels.stream().mapToDouble(Basque::width).sum();
        double front = -garment.length(LengthOption.BASQUE_FRONT).value();
        Knot atSide = new Knot(side, -garment.length(LengthOption.BASQUE_SIDE).value(), 0);
        return new EdgeLine(List.of(
                garment.lowerEdge() == LowerShape.POINTED_BASQUE
                        ? EdgeLine.running(0, front, atSide)
                        : new Knot(0, front, 0),
                atSide,
                new Knot(end, -garment.length(LengthOption.BASQUE_BACK).value(), 0)));
    }

    /** How wide a panel is where the skirt spreads from the waist to the hips, mm: there the joint lies. */
    private static double width(Sheet panel) {
        return panel.mark(Level.HIGH_HIP.id())
                .or(() -> panel.mark(Level.WAIST.id()))
                .orElseThrow()
                .length();
    }

    /** An edge of a panel above the joint, from the joint upwards: the shortest skirt is far longer than the deepest basque. @param downwards the whole edge */
    private Path above(Path downwards, Point waist, double along) {
        return downwards
                .upTo(downwards.nearest(waist).arc() - line.height(along))
                .reversed();
    }

    private PaperPattern sewn(PaperPattern pattern) {
        List<Path> joints = joints();
        Map<String, Slash.Parts> parts = new LinkedHashMap<>();
        PaperPattern.Work work = pattern.work();
        List<Sheet> skirts = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            Sheet panel = sides.get(i).panel();
            Slash.Parts cut = pointed(waisted(panel, Slash.along(panel, joints.get(i), JOINT)), i);
            parts.put(panel.id(), cut);
            skirts.add(cut.rest()
                    .named(
                            PieceRole.skirtUnder(panel.id()),
                            "Skirt, " + panel.name().toLowerCase(Locale.ROOT)));
            work.with(panel.id(), s -> cut.along());
            work.joining(new SeamJoin(
                    "BQ" + (i + 1),
                    "Basque, " + panel.name().toLowerCase(Locale.ROOT),
                    new SeamJoin.Ref(panel.id(), JOINT),
                    new SeamJoin.Ref(PieceRole.skirtUnder(panel.id()), JOINT)));
        }
        String last = pattern.sheets().get(pattern.sheets().size() - 1).id();
        work.withAfter(last, skirts.toArray(Sheet[]::new));
        pattern.seams().stream()
                .filter(s -> goesOn(parts, s.a()) && goesOn(parts, s.b()))
                .forEach(s ->
                        work.joining(new SeamJoin(s.id() + "K", s.name() + ", skirt", ofSkirt(s.a()), ofSkirt(s.b()))));
        return work.done();
    }

    /** The waist is the body's, also where the joint runs along it. */
    private static Slash.Parts waisted(Sheet panel, Slash.Parts parts) {
        List<LevelMark> body = new ArrayList<>(without(parts.along()));
        body.add(panel.mark(Level.WAIST.id()).orElseThrow());
        return new Slash.Parts(parts.along().withMarks(body), parts.rest().withMarks(without(parts.rest())));
    }

    private static List<LevelMark> without(Sheet sheet) {
        return sheet.marks().stream()
                .filter(m -> !m.level().equals(Level.WAIST.id()))
                .toList();
    }

    /** The joint on each panel, from the edge nearer centre front to the other. */
    private List<Path> joints() {
        List<JoinedEdge.Span> spans = new ArrayList<>();
        List<JoinedEdge.Run> runs = new ArrayList<>();
        for (Side side : sides) {
            Path left = side.left();
            Path right = side.right();
            double fall = line.height(side.alongRight()) - line.height(side.alongLeft());
            spans.add(new JoinedEdge.Span(left.start(), left.startTangent(), right.start(), right.startTangent()));
            runs.add(new JoinedEdge.Run(
                    left.start().to(PanelSheets.inward(right, -fall)),
                    PanelSheets.inward(left, fall).to(right.start()),
                    line.slope(side.alongLeft()),
                    line.slope(side.alongRight()),
                    List.of()));
        }
        return JoinedEdge.over(spans, runs, inFront());
    }

    /** The angle inside the body at centre front, radians. */
    private double inFront() {
        return Math.PI / 2 - Math.atan(line.slope(0));
    }

    /** The point at centre front is drawn on purpose, on the body and in the skirt. */
    private Slash.Parts pointed(Slash.Parts parts, int panel) {
        double degrees = Math.toDegrees(inFront());
        if (panel > 0 || Math.abs(degrees - 90) < Tolerance.COINCIDENT) {
            return parts;
        }
        Point point = sides.get(0).left().start();
        return new Slash.Parts(
                parts.along().declaring(point, degrees), parts.rest().declaring(point, 180 - degrees));
    }

    /** Whether an edge is on the skirt too. */
    private static boolean goesOn(Map<String, Slash.Parts> parts, SeamJoin.Ref ref) {
        return Optional.ofNullable(parts.get(ref.piece()))
                .filter(p -> p.rest().has(ref.edge()) && p.along().has(ref.edge()))
                .isPresent();
    }

    private static SeamJoin.Ref ofSkirt(SeamJoin.Ref ref) {
        return new SeamJoin.Ref(PieceRole.skirtUnder(ref.piece()), ref.edge());
    }
}
