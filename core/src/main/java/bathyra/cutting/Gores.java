package bathyra.cutting;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.Gore;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Sets gores into slits (C8.2): the panel is slit square to its edge, and a wedge with two edges as long as the slit is sewn in. Its own edge
 * is an arc about its point, so that it goes on squarely to either side.
 */
final class Gores {
    /** On paper the two sides of a slit stand so far apart at the edge, mm. */
    private static final double OPEN = 0.6;

    private static final double BEYOND = 1.1;
    /** A slit leaves so much of the panel's edge to either side, mm. */
    private static final double BESIDE = 12;

    private Gores() {}

    /** @param given what each gore gives by the plan at the levels that it reaches */
    static PaperPattern set(PaperPattern pattern, List<Map<Level, Double>> given, Garment garment) throws NotDraftable {
        PaperPattern next = pattern;
        int number = 0;
        for (Gore gore : garment.gores()) {
            number++;
            next = set(next, gore, given.get(number - 1), number);
        }
        return next;
    }

    private static PaperPattern set(PaperPattern pattern, Gore gore, Map<Level, Double> given, int number)
            throws NotDraftable {
        if (!pattern.has(gore.panel())) {
            throw new NotDraftable(Finding.of(
                    FindingKind.GORE,
                    gore.panel(),
                    Finding.Status.FAULT,
                    0,
                    0,
                    Sentence.of(
                            "The back is one piece with a dart, and a {} is set into its side panel. Set it into another panel, or choose a princess seam behind.",
                            gore.name().toLowerCase(Locale.ROOT))));
        }
        Sheet panel = pattern.sheet(gore.panel());
        // Above, the outline runs away from centre front; below, towards it.
        double along = length(panel, gore) * (gore.above() ? gore.place() : 1 - gore.place());
        OutlineEdge edge = stretch(panel, gore, along);
        double length = edge.path().length();
        double arc = along - before(panel, gore, edge);
        if (Math.min(arc, length - arc) < BESIDE) {
            throw new NotDraftable(Finding.of(
                    FindingKind.GORE,
                    gore.panel(),
                    Finding.Status.FAULT,
                    Math.min(arc, length - arc),
                    BESIDE,
                    Sentence.of(
                            "{}: a {} there leaves {} of its edge beside the slit, and {} are needed. Set it nearer the middle.",
                            panel.name(),
                            gore.name().toLowerCase(Locale.ROOT),
                            Length.mm(Math.min(arc, length - arc)),
                            Length.mm(BESIDE))));
        }
        Path.Place at = edge.path().at(arc);
        // Clockwise on the screen the cloth lies to the right of the outline.
        Vec inwards = at.tangent().turned(Math.PI / 2);
        Point point = at.point().plus(inwards.times(gore.height().millimetres()));
        Path before = edge.path().between(0, arc - OPEN / 2);
        Path after = edge.path().between(arc + OPEN / 2, length);
        String one = EdgeRole.SLIT.id() + "-" + (2 * number - 1);
        String two = EdgeRole.SLIT.id() + "-" + 2 * number;
        List<OutlineEdge> outline = new ArrayList<>();
        for (OutlineEdge each : panel.outline()) {
            if (each != edge) {
                outline.add(each);
                continue;
            }
            outline.add(new OutlineEdge(edge.name(), edge.kind(), edge.seam(), before));
            outline.add(seam(one, new Line(before.end(), point)));
            outline.add(seam(two, new Line(point, after.start())));
            outline.add(new OutlineEdge(EdgeRole.again(edge.name(), panel::has), edge.kind(), edge.seam(), after));
        }
        String id = PieceRole.GORE.id(number);
        // On the table it lies at the height of its slit.
        Sheet wedge = wedge(
                        id,
                        gore,
                        panel,
                        before.end().distance(point),
                        given,
                        crossings(panel, at.point(), point),
                        number)
                .moved(new Motion(1, 0, new Vec(point.x(), point.y())));
        return pattern.with(panel.id(), s -> s.withOutline(outline))
                .withAfter(panel.id(), wedge)
                .joining(
                        join(id + "A", gore, panel.id(), one, id, EdgeRole.GORE.id() + "-" + (2 * number - 1)),
                        join(id + "B", gore, panel.id(), two, id, EdgeRole.GORE.id() + "-" + 2 * number));
    }

    private static OutlineEdge seam(String name, Line line) {
        return new OutlineEdge(name, OutlineEdge.Kind.SEAM, Optional.empty(), Path.of(line));
    }

    private static SeamJoin join(String id, Gore gore, String panel, String slit, String piece, String edge) {
        return new SeamJoin(id, gore.name(), new SeamJoin.Ref(panel, slit), new SeamJoin.Ref(piece, edge));
    }

    /** The stretches into which the edge has been slit already. */
    private static List<OutlineEdge> stretches(Sheet panel, Gore gore) {
        EdgeRole role = gore.above() ? EdgeRole.UPPER : EdgeRole.LOWER;
        return panel.outline().stream().filter(e -> e.role() == role).toList();
    }

    private static double length(Sheet panel, Gore gore) {
        return stretches(panel, gore).stream()
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    /** How long the stretches before one of them are, mm. */
    private static double before(Sheet panel, Gore gore, OutlineEdge stretch) {
        return stretches(panel, gore).stream()
                .takeWhile(e -> e != stretch)
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    private static OutlineEdge stretch(Sheet panel, Gore gore, double along) {
        List<OutlineEdge> stretches = stretches(panel, gore);
        return stretches.stream()
                .filter(e -> along <= before(panel, gore, e) + e.path().length())
                .findFirst()
                .orElse(stretches.get(stretches.size() - 1));
    }

    /** Where the level lines cross the slit: how far from its point. */
    private static List<LevelMark> crossings(Sheet panel, Point edge, Point point) {
        // A level may be the edge itself, and then lies a hair beyond the slit's end.
        Path slit = Path.of(new Line(point, point.plus(point.to(edge).times(BEYOND))));
        List<LevelMark> marks = new ArrayList<>();
        for (LevelMark mark : panel.marks()) {
            slit.crossing(Path.of(new Line(mark.from(), mark.to())))
                    .ifPresent(c ->
                            marks.add(new LevelMark(mark.level(), new Point(c.here(), 0), new Point(c.here(), 0))));
        }
        return marks;
    }

    /** Half the angle at its point: at the farthest level that it reaches it is as wide as the plan counts on, else as wide at its edge as was asked. */
    private static double half(Gore gore, double length, Map<Level, Double> given, List<LevelMark> crossed) {
        double[] widest = {gore.width().millimetres(), length};
        double farthest = 0;
        for (LevelMark mark : crossed) {
            Optional<Double> planned = Level.ofId(mark.level()).map(given::get);
            if (planned.isPresent() && mark.from().x() > farthest) {
                farthest = mark.from().x();
                widest = new double[] {planned.get(), farthest};
            }
        }
        return Math.asin(Math.min(1, widest[0] / 2 / widest[1]));
    }

    /** The wedge, its point up where it opens below. @param crossed the levels, each at its distance from the point */
    private static Sheet wedge(
            String id,
            Gore gore,
            Sheet panel,
            double length,
            Map<Level, Double> given,
            List<LevelMark> crossed,
            int number) {
        double half = half(gore, length, given, crossed);
        Vec middle = gore.above() ? Vec.DOWN.reversed() : Vec.DOWN;
        Point point = new Point(0, 0);
        // Clockwise: from the point along the one edge, along the arc, and back.
        Vec first = middle.turned(-half);
        Vec second = middle.turned(half);
        Point a = point.plus(first.times(length));
        Point b = point.plus(second.times(length));
        double handle = 4.0 / 3 * Math.tan(half / 2) * length;
        Path arc = Path.of(new Cubic(
                a,
                a.plus(first.turned(Math.PI / 2).times(handle)),
                b.plus(second.turned(-Math.PI / 2).times(handle)),
                b));
        String free = gore.above() ? EdgeRole.UPPER.id() : EdgeRole.LOWER.id();
        List<OutlineEdge> outline = List.of(
                seam(EdgeRole.GORE.id() + "-" + (2 * number - 1), new Line(point, a)),
                new OutlineEdge(free, OutlineEdge.Kind.EDGE, Optional.empty(), arc),
                seam(EdgeRole.GORE.id() + "-" + 2 * number, new Line(b, point)));
        List<LevelMark> marks = crossed.stream()
                .map(m -> new LevelMark(
                        m.level(),
                        point.plus(second.times(Math.min(length, m.from().x()))),
                        point.plus(first.times(Math.min(length, m.from().x())))))
                .toList();
        return new Sheet(
                id,
                gore.name() + ", " + panel.name().toLowerCase(Locale.ROOT),
                panel.front(),
                outline,
                marks,
                List.of());
    }
}
