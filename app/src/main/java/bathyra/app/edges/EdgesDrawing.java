package bathyra.app.edges;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Joining;
import bathyra.app.table.Lettering;
import bathyra.app.table.LevelBands;
import bathyra.cutting.Apex;
import bathyra.draft.Draft;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.Gore;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.paper.Joined;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PieceRole;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The sheets on the joined pattern, their free edges drawn strong: what is pulled there is traced off onto the sheets at once. */
final class EdgesDrawing implements Drawing {
    private static final double CHORD = 0.3;
    private static final double APART = 16;
    private static final double BESIDE = 70;
    private static final String CENTRE_FRONT = EdgeRole.CENTRE_FRONT.id();
    private static final String CENTRE_BACK = EdgeRole.CENTRE_BACK.id();

    private final Draft draft;
    private final LengthUnit unit;
    private final Garment garment;
    private final Joining joining;
    private final PaperPattern pattern;
    /** The panels alone, which end in the basque where there is one. */
    private final PaperPattern bodies;

    private final Map<String, Motion> laid;
    private final LevelBands bands;

    EdgesDrawing(Draft draft, LengthUnit unit, Joining joining) {
        this.joining = joining;
        this.draft = draft;
        this.unit = unit;
        this.garment = draft.commission().garment();
        this.pattern = joining == Joining.APART
                ? draft.cutting().pattern()
                : draft.cutting().whole();
        this.bodies = joining == Joining.APART
                ? panels(pattern)
                : panels(draft.cutting().seamed());
        this.laid = joining == Joining.APART
                ? apart()
                : Joined.at(
                        joining == Joining.BELOW && garment.lowerEdge().isBasque() ? bodies : pattern,
                        joining == Joining.ABOVE);
        this.bands = new LevelBands(draft);
    }

    private static PaperPattern panels(PaperPattern pattern) {
        return new PaperPattern(
                pattern.sheets().stream()
                        .filter(s -> PieceRole.of(s.id()).isPanel())
                        .toList(),
                pattern.seams().stream()
                        .filter(s ->
                                s.a().pieceRole().isPanel() && s.b().pieceRole().isPanel())
                        .toList());
    }

    /** The lines along which a skirt is cut off, as they lie. */
    private List<Path> basque() {
        return bodies.sheets().stream()
                .flatMap(s -> s.outline().stream()
                        .filter(e -> e.role() == EdgeRole.BASQUE)
                        .map(e -> laid.get(s.id()).apply(e.path())))
                .toList();
    }

    private Map<String, Motion> apart() {
        Map<String, Motion> places = new HashMap<>();
        double x = 0;
        for (Sheet sheet : pattern.sheets()) {
            List<Point> ring = sheet.flattened(1);
            double left = ring.stream().mapToDouble(Point::x).min().orElse(0);
            double right = ring.stream().mapToDouble(Point::x).max().orElse(0);
            places.put(sheet.id(), new Motion(1, 0, new Vec(x - left, 0)));
            x += right - left + APART;
        }
        return places;
    }

    @Override
    public Point[] extent() {
        double left = Double.POSITIVE_INFINITY;
        double top = left;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = right;
        for (Sheet sheet : pattern.sheets()) {
            for (Point p : looked(sheet.moved(laid.get(sheet.id())))) {
                left = Math.min(left, p.x());
                right = Math.max(right, p.x());
                top = Math.min(top, p.y());
                bottom = Math.max(bottom, p.y());
            }
        }
        for (Path basque : joining == Joining.BELOW ? basque() : List.<Path>of()) {
            top = Math.min(top, Shape.box(basque.flattened(1))[1]);
        }
        double below = joining == Joining.ABOVE ? BESIDE : 8;
        double above = joining == Joining.BELOW ? BESIDE : 8;
        return new Point[] {new Point(left - 8, top - above), new Point(right + 8, bottom + below)};
    }

    /** Apart, the whole sheets are looked at; joined, the edge that is seen to run through. */
    private List<Point> looked(Sheet sheet) {
        if (joining == Joining.APART) {
            return sheet.flattened(1);
        }
        boolean upper = joining == Joining.ABOVE;
        return sheet.outline().stream()
                .filter(e -> upper ? e.role().isAbove() : e.role().isBelow())
                .flatMap(e -> e.path().flattened(1).stream())
                .toList();
    }

    @Override
    public double tagRoom() {
        return 104;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        bands.paint(brush, width, height);
        for (Sheet sheet : pattern.sheets()) {
            Sheet lies = sheet.moved(laid.get(sheet.id()));
            brush.fill(Ink.CHART);
            brush.polygon(lies.flattened(CHORD), true);
            brush.stroke(Ink.LINE, 1, 4, 3);
            lies.marks().forEach(m -> brush.line(m.from(), m.to()));
        }
        for (Sheet sheet : pattern.sheets()) {
            Sheet lies = sheet.moved(laid.get(sheet.id()));
            for (OutlineEdge edge : lies.outline()) {
                if (edge.kind() == OutlineEdge.Kind.FOLD) {
                    brush.stroke(Ink.INK_2, 1.2, 9, 3, 2, 3);
                } else {
                    brush.stroke(isFree(edge) ? Ink.TEAL : Ink.INK, isFree(edge) ? 3 : 1.4);
                }
                brush.path(edge.path());
            }
        }
        brush.stroke(Ink.TEAL, 3);
        basque().forEach(brush::path);
        brush.stroke(Ink.INK, 1.4);
        for (boolean upper : new boolean[] {true, false}) {
            slits(upper).forEach(slit -> brush.line(slit.mouth(), slit.point()));
        }
        coverage(brush);
        for (Level level : bands.levels()) {
            double y = bands.y(brush.view(), level);
            if (bands.roomBelow(brush.view(), level) > 24) {
                brush.text(level.label(), 34, y - 5, Ink.TEAL, Lettering.level(), TextAlignment.LEFT);
            }
        }
    }

    private static boolean isFree(OutlineEdge edge) {
        return edge.kind() == OutlineEdge.Kind.EDGE || edge.role().isAbove() && edge.role() != EdgeRole.SHOULDER;
    }

    /** How far up the circle of the breast reaches: an edge below it shows some. */
    private void coverage(Brush brush) {
        Optional<Apex> apex = draft.cutting().apex();
        if (apex.isEmpty() || pattern != draft.cutting().whole()) {
            return;
        }
        Point at = laid.get(apex.get().inner()).apply(apex.get().atInner());
        double radius = draft.cutting().cup().orElseThrow().radius().value();
        brush.stroke(Ink.BRASS, 1.4, 5, 4);
        brush.line(
                new Point(at.x() - radius * 0.7, at.y() - radius), new Point(at.x() + radius * 0.7, at.y() - radius));
        brush.text(
                "covers the breast",
                brush.view().x(at.x() - radius * 0.7) - 6,
                brush.view().y(at.y() - radius) + 4,
                Ink.BRASS_TEXT,
                Lettering.figure(),
                TextAlignment.RIGHT);
    }

    /**
     * A gore as it lies in its panel.
     *
     * @param number of the gore, from 0
     * @param mouth where its slit leaves the edge
     * @param point where the slit ends
     * @param edge how long the panel's edge is there, mm
     */
    record Slit(int number, Point mouth, Point point, double edge) {
        Vec inwards() {
            return mouth.to(point).unit();
        }
    }

    /** The gores of the upper edge, or of the lower. */
    List<Slit> slits(boolean upper) {
        List<Slit> slits = new ArrayList<>();
        for (int i = 0; i < garment.gores().size(); i++) {
            Gore gore = garment.gores().get(i);
            String name = EdgeRole.SLIT.id() + "-" + (2 * i + 1);
            if (gore.above() == upper && bodies.has(gore.panel())) {
                Sheet panel = bodies.sheet(gore.panel());
                Path slit = laid.get(panel.id()).apply(panel.edge(name).path());
                double edge = panel.outline().stream()
                        .filter(e -> e.role() == (upper ? EdgeRole.UPPER : EdgeRole.LOWER))
                        .mapToDouble(e -> e.path().length())
                        .sum();
                slits.add(new Slit(i, slit.start(), slit.end(), edge));
            }
        }
        return slits;
    }

    /** Where each handle lies on the joined pattern, by the option that it pulls. */
    Map<LengthOption, Point> handles(boolean upper) {
        Map<LengthOption, Point> places = new LinkedHashMap<>();
        if (upper) {
            upper(places);
        } else {
            lower(places);
        }
        return places;
    }

    private void upper(Map<LengthOption, Point> places) {
        Point centre = end(CENTRE_FRONT, true);
        if (garment.top().cover() == Cover.STRAPLESS) {
            if (!garment.kind().isOverBust()) {
                return;
            }
            if (garment.upperEdge() != UpperShape.STRAIGHT) {
                places.put(
                        garment.upperEdge() == UpperShape.SWEETHEART
                                ? LengthOption.SWEETHEART_DIP
                                : LengthOption.EDGE_DIP,
                        centre);
            }
            draft.cutting()
                    .apex()
                    .ifPresent(a -> places.put(LengthOption.COVERAGE, ends(pattern.sheet(a.inner()), a.seam(), true)));
            places.put(LengthOption.BACK_FALL, end(CENTRE_BACK, true));
        } else if (garment.top().cover() == Cover.OFF_SHOULDER) {
            places.put(LengthOption.SHOULDER_LINE, centre);
        } else {
            places.put(LengthOption.NECKLINE_DEPTH, centre);
            neck(true).ifPresent(p -> places.put(LengthOption.NECKLINE_WIDTH, p));
            if (garment.top().cover() == Cover.HALTER) {
                pattern.sheets().stream()
                        .filter(s -> s.has(EdgeRole.STRAP_END.id()))
                        .findFirst()
                        .ifPresent(s -> places.put(
                                LengthOption.STRAP_WIDTH,
                                laid.get(s.id())
                                        .apply(s.edge(EdgeRole.STRAP_END.id())
                                                .path()
                                                .end())));
            } else {
                places.put(LengthOption.BACK_NECKLINE, end(CENTRE_BACK, true));
            }
        }
        Sheet side = pattern.sheets().stream()
                .filter(s -> s.front() && s.has(EdgeRole.SIDE.id()))
                .findFirst()
                .orElseThrow();
        places.put(LengthOption.UNDERARM_LOWERING, ends(side, EdgeRole.SIDE.id(), true));
        if (garment.upperEdge() == UpperShape.SQUARE) {
            corner().ifPresent(p -> places.put(LengthOption.EDGE_WIDTH, p));
        }
    }

    private void lower(Map<LengthOption, Point> places) {
        LowerShape shape = garment.lowerEdge();
        Sheet side = bodies.sheets().stream()
                .filter(s -> s.front() && s.has(EdgeRole.SIDE.id()))
                .findFirst()
                .orElseThrow();
        if (shape == LowerShape.POINTED || shape == LowerShape.ROUNDED) {
            places.put(LengthOption.FRONT_LENGTH_BELOW, end(CENTRE_FRONT, false));
            places.put(LengthOption.BACK_LENGTH_BELOW, end(CENTRE_BACK, false));
        }
        if (shape == LowerShape.POINTED || shape == LowerShape.ROUNDED || shape == LowerShape.STRAIGHT) {
            places.put(LengthOption.SIDE_LENGTH_BELOW, ends(side, EdgeRole.SIDE.id(), false));
        }
        if (shape == LowerShape.FLARED) {
            places.put(LengthOption.FLARED_LENGTH, end(CENTRE_FRONT, false));
        }
        if (shape.hangs()) {
            places.put(LengthOption.SKIRT_LENGTH, end(CENTRE_FRONT, false));
        }
        if (shape.isBasque()) {
            places.put(LengthOption.BASQUE_FRONT, ends(body(CENTRE_FRONT), CENTRE_FRONT, false));
            places.put(LengthOption.BASQUE_SIDE, ends(side, EdgeRole.SIDE.id(), false));
            places.put(LengthOption.BASQUE_BACK, ends(body(CENTRE_BACK), CENTRE_BACK, false));
        }
    }

    /** Where the neckline ends on the shoulder. */
    private Optional<Point> neck(boolean front) {
        return pattern.sheets().stream()
                .filter(s -> s.front() == front && (s.has(EdgeRole.SHOULDER.id()) || s.has(EdgeRole.STRAP_END.id())))
                .findFirst()
                .map(s -> laid.get(s.id())
                        .apply(s.edge(s.has(EdgeRole.SHOULDER.id()) ? EdgeRole.SHOULDER.id() : EdgeRole.STRAP_END.id())
                                .path()
                                .start()));
    }

    private Optional<Point> corner() {
        return pattern.sheets().stream()
                .flatMap(s -> s.declared().stream()
                        .filter(c -> c.degrees() == 270)
                        .map(c -> laid.get(s.id()).apply(c.at())))
                .findFirst();
    }

    /** The upper or the lower end of an edge that several sheets may have a stretch of, such as centre front under a yoke. */
    /** The panel at a centre. */
    private Sheet body(String centre) {
        return bodies.sheets().stream().filter(s -> s.has(centre)).findFirst().orElseThrow();
    }

    private Point end(String edge, boolean top) {
        return pattern.sheets().stream()
                .filter(s -> s.has(edge))
                .map(s -> ends(s, edge, top))
                .min(Comparator.comparingDouble(p -> top ? p.y() : -p.y()))
                .orElseThrow();
    }

    private Point ends(Sheet sheet, String edge, boolean top) {
        Path path = sheet.edge(edge).path();
        boolean startIsTop = path.start().y() < path.end().y();
        return laid.get(sheet.id()).apply(startIsTop == top ? path.start() : path.end());
    }

    @Override
    public String under(Point paper, double reach) {
        for (Sheet sheet : pattern.sheets()) {
            Point on = laid.get(sheet.id()).inverse().apply(paper);
            for (OutlineEdge edge : sheet.outline()) {
                if (edge.path().nearest(on).point().distance(on) < reach) {
                    return sheet.name() + ", " + edge.name().replace('-', ' ') + ": "
                            + LengthText.say(Length.mm(edge.path().length()), unit);
                }
            }
        }
        return "";
    }
}
