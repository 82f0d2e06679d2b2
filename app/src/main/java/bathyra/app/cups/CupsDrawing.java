package bathyra.app.cups;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.LevelBands;
import bathyra.app.table.TextSize;
import bathyra.app.table.View;
import bathyra.cutting.Apex;
import bathyra.cutting.Contour;
import bathyra.cutting.CupShape;
import bathyra.cutting.Cutting;
import bathyra.cutting.FoldedCup;
import bathyra.draft.Draft;
import bathyra.garment.CupKind;
import bathyra.garment.LengthOption;
import bathyra.geometry.Arc;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PieceRole;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/**
 * The two sheets on either side of the seam over the apex, flat: what the wedges swallow is coral, the height of the closed cup stands
 * on the paper as rings, the cut between body and cup as a line.
 */
final class CupsDrawing implements Drawing {
    private static final double HATCH_SLOPE = 0.78;
    private static final double AROUND = 42;
    private static final double RIM_ANGLE = Math.toRadians(52);
    private static final double RING_LABEL = Math.toRadians(-50);
    private static final double CHORD = 0.3;
    private static final double TINT = 0.34;
    private static final double BRIDGE_DROP = 12;
    private static final double BRIDGE_AT = 1.06;

    private final Draft draft;
    private final LengthUnit unit;
    private final Cutting cutting;
    private final Apex apex;
    private final CupShape cup;
    private final FoldedCup folded;
    private final boolean contour;
    private final PaperPattern sheets;
    private final LevelBands bands;

    /** @param contour whether the wedges of the contour are shown in their places, open */
    CupsDrawing(Draft draft, LengthUnit unit, boolean contour) {
        this.draft = draft;
        this.unit = unit;
        this.contour = contour;
        this.cutting = draft.cutting();
        this.apex = cutting.apex().orElseThrow();
        this.cup = cutting.cup().orElseThrow();
        this.folded = FoldedCup.of(cutting.whole(), apex, cup.radius().value());
        this.sheets = contour ? cutting.contour().open() : cutting.whole();
        this.bands = new LevelBands(draft);
    }

    private double radius() {
        return cup.radius().value();
    }

    @Override
    public Point[] extent() {
        if (contour) {
            double left = sheets.sheet(apex.inner()).flattened(CHORD).stream()
                    .mapToDouble(Point::x)
                    .min()
                    .orElse(0);
            double right = sheets.sheet(apex.outer()).flattened(CHORD).stream()
                    .mapToDouble(Point::x)
                    .max()
                    .orElse(0);
            double top = sheets.sheet(apex.inner()).flattened(CHORD).stream()
                    .mapToDouble(Point::y)
                    .min()
                    .orElse(0);
            return new Point[] {
                new Point(left - 8, top - 8),
                new Point(right + 8, apex.atInner().y() + radius() + AROUND)
            };
        }
        return new Point[] {
            new Point(
                    Math.min(0, apex.atInner().x() - radius()) - 8,
                    apex.atInner().y() - radius() - 14),
            new Point(apex.atOuter().x() + radius() + AROUND, apex.atInner().y() + radius() + AROUND)
        };
    }

    @Override
    public double tagRoom() {
        return 104;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        bands.paint(brush, width, height);
        for (String id : List.of(apex.inner(), apex.outer())) {
            brush.fill(Ink.CHART);
            brush.polygon(sheets.sheet(id).flattened(CHORD), true);
        }
        if (!contour) {
            rings(brush);
        }
        wedge(brush, true);
        wedge(brush, false);
        outline(brush);
        if (contour) {
            cutting.contour().closed().forEach(c -> open(brush, c));
        } else {
            circle(brush);
            cuts(brush);
            bridge(brush);
        }
        levels(brush);
        brush.stroke(Ink.INK, 1.2);
        View view = brush.view();
        brush.context()
                .strokeOval(
                        view.x(apex.atInner().x()) - 7, view.y(apex.atInner().y()) - 7, 14, 14);
        brush.fill(Ink.INK);
        brush.context()
                .fillOval(view.x(apex.atInner().x()) - 2, view.y(apex.atInner().y()) - 2, 4, 4);
    }

    /** The closed cup's height over its rim, as rings on the flat paper. */
    private void rings(Brush brush) {
        double step = unit.isInches() ? 12.7 : 10;
        List<Double> heights = new ArrayList<>(List.of(0.0));
        for (double h = step; h < folded.depth() - 2; h += step) {
            heights.add(h);
        }
        for (double height : heights) {
            for (boolean inner : new boolean[] {true, false}) {
                List<Point> sector = sector(inner, folded.awayAt(height));
                brush.context().setGlobalAlpha(TINT);
                brush.fill(Ink.SHALLOW);
                for (List<Point> cloth : Shape.common(
                        sector,
                        sheets.sheet(inner ? apex.inner() : apex.outer()).flattened(1))) {
                    brush.polygon(cloth, true);
                }
                brush.context().setGlobalAlpha(1);
                if (height > 0) {
                    brush.stroke(Ink.LINE, 1);
                    brush.polyline(sector.subList(1, sector.size()));
                }
            }
        }
        for (int k = 1; k < heights.size(); k++) {
            Point at = Arc.at(apex.atInner(), folded.awayAt(heights.get(k)), RING_LABEL);
            String said = unit.isInches() ? LengthText.figure(Length.mm(heights.get(k)), unit) : Integer.toString(k);
            View view = brush.view();
            brush.fill(Ink.CHART);
            brush.context().fillOval(view.x(at.x()) - 10, view.y(at.y()) - 10, 20, 20);
            brush.stroke(Ink.LINE, 1);
            brush.context().strokeOval(view.x(at.x()) - 10, view.y(at.y()) - 10, 20, 20);
            brush.text(said, view.x(at.x()), view.y(at.y()) + 5, Ink.TEAL, Lettering.sounding(), TextAlignment.CENTER);
        }
    }

    /** What of a circle about the apex lies on one sheet: from the apex along the lower edge, round, and back along the upper edge. */
    private List<Point> sector(boolean inner, double away) {
        Sheet sheet = sheets.sheet(inner ? apex.inner() : apex.outer());
        Point centre = inner ? apex.atInner() : apex.atOuter();
        Path edge = sheet.edge(apex.seam()).path();
        Path down = inner ? edge : edge.reversed();
        double at = down.nearest(centre).arc();
        Point low = down.at(Math.min(down.length(), at + away)).point();
        Point high = down.at(Math.max(0, at - away)).point();
        double from = Math.atan2(low.x() - centre.x(), low.y() - centre.y());
        double to = Math.atan2(high.x() - centre.x(), high.y() - centre.y());
        if (inner && to > from) {
            to -= 2 * Math.PI;
        } else if (!inner && to < from) {
            to += 2 * Math.PI;
        }
        List<Point> area = new ArrayList<>(List.of(centre));
        double[] limits = limits();
        for (int i = 0; i <= 48; i++) {
            Point p = Arc.at(centre, away, from + (to - from) * i / 48);
            area.add(new Point(Math.max(limits[0], Math.min(limits[1], p.x())), p.y()));
        }
        return area;
    }

    /** Where the cup stops before centre front and before the side. */
    private double[] limits() {
        double side = sheets.sheet(apex.outer()).flattened(1).stream()
                .filter(p -> p.y() < apex.atOuter().y() + radius() / 3)
                .mapToDouble(Point::x)
                .max()
                .orElse(apex.atOuter().x() + radius());
        return new double[] {option(LengthOption.BRIDGE), side - option(LengthOption.CUP_SIDE)};
    }

    private double option(LengthOption option) {
        return draft.commission().garment().length(option).value();
    }

    private void wedge(Brush brush, boolean above) {
        List<Point> area = new ArrayList<>(part(true, above).flattened(CHORD));
        area.addAll(part(false, above).reversed().flattened(CHORD));
        brush.fill(Ink.CORAL_WASH);
        brush.polygon(area, true);
        brush.stroke(Ink.CORAL, 1.2);
        brush.context().setGlobalAlpha(0.4);
        brush.hatch(area, HATCH_SLOPE);
        brush.context().setGlobalAlpha(1);
        double degrees = Math.toDegrees((above ? cup.upper() : cup.lower()).value());
        Point a = above ? cup.innerAbove() : cup.innerBelow();
        Point b = above ? cup.outerAbove() : cup.outerBelow();
        if (!contour && degrees > 4) {
            Point at = apex.atInner().between(a.between(b, 0.5), above ? 0.86 : 1.16);
            brush.text(
                    String.format(Locale.ROOT, "%.1f°", degrees),
                    brush.view().x(at.x()),
                    brush.view().y(at.y()) + 5,
                    Ink.CORAL_TEXT,
                    Lettering.sounding(),
                    TextAlignment.CENTER);
        }
    }

    /** One edge of the seam from the apex upwards or downwards. */
    private Path part(boolean inner, boolean above) {
        Path edge = sheets.sheet(inner ? apex.inner() : apex.outer())
                .edge(apex.seam())
                .path();
        Path down = inner ? edge : edge.reversed();
        double at = down.nearest(inner ? apex.atInner() : apex.atOuter()).arc();
        return above ? down.between(0, at).reversed() : down.between(at, down.length());
    }

    private void outline(Brush brush) {
        brush.stroke(Ink.INK, 1.6);
        for (String id : List.of(apex.inner(), apex.outer())) {
            brush.paths(sheets.sheet(id).outline().stream()
                    .filter(e -> e.kind() != OutlineEdge.Kind.FOLD)
                    .map(OutlineEdge::path)
                    .toList());
            brush.stroke(Ink.INK_2, 1.2, 9, 3, 2, 3);
            brush.paths(sheets.sheet(id).outline().stream()
                    .filter(e -> e.kind() == OutlineEdge.Kind.FOLD)
                    .map(OutlineEdge::path)
                    .toList());
            brush.stroke(Ink.INK, 1.6);
        }
    }

    private void circle(Brush brush) {
        brush.stroke(Ink.TEAL, 1.6, 6, 4);
        for (boolean inner : new boolean[] {true, false}) {
            List<Point> rim = sector(inner, radius());
            brush.polyline(rim.subList(1, rim.size()));
        }
        brush.stroke(Ink.BRASS, 1.2, 2, 3);
        brush.line(apex.atOuter(), rim());
        Point middle = apex.atOuter().between(rim(), 0.62);
        brush.text(
                (cup.radius().estimated() ? "bust radius ≈ " : "bust radius ")
                        + LengthText.say(cup.radius().length(), unit),
                brush.view().x(middle.x()) + 10,
                brush.view().y(middle.y()) - 4,
                Ink.BRASS_TEXT,
                Lettering.figure(),
                TextAlignment.LEFT);
    }

    /** Where the circle's rim is taken in hand. */
    Point rim() {
        return Arc.at(apex.atOuter(), radius(), RIM_ANGLE);
    }

    /** Every cut through the two panels, where it lies on the flat paper, with how long it is. */
    private void cuts(Brush brush) {
        if (!draft.commission().garment().bust().cups().isCut()) {
            return;
        }
        brush.stroke(Ink.TEAL, 3);
        cutLines().forEach((name, path) -> brush.path(path));
        cutLines().forEach((name, path) -> {
            if (EdgeRole.of(name).isCup()) {
                Path.Place at = path.at(path.length() * 0.5);
                boolean left = at.point().x() < apex.atInner().x();
                brush.text(
                        "cup seam " + LengthText.say(Length.mm(path.length()), unit),
                        left
                                ? brush.view().x(0) - 10
                                : brush.view().x(at.point().x()) + 10,
                        brush.view().y(at.point().y()) + (left ? 4 : 20),
                        Ink.INK,
                        Lettering.figure(),
                        left ? TextAlignment.RIGHT : TextAlignment.LEFT);
            }
        });
    }

    private Map<String, Path> cutLines() {
        Map<String, Path> lines = new LinkedHashMap<>();
        for (String id : List.of(apex.inner(), apex.outer(), PieceRole.CUP.id(1), PieceRole.CUP.id(2))) {
            if (cutting.pattern().has(id)) {
                for (OutlineEdge edge : cutting.pattern().sheet(id).outline()) {
                    if (edge.role().isCup()
                            || edge.role().isBand()
                            || edge.role().isYoke()) {
                        lines.put((PieceRole.of(id) == PieceRole.CUP ? "~" : "") + edge.name(), edge.path());
                    }
                }
            }
        }
        return lines;
    }

    private void bridge(Brush brush) {
        if (!draft.commission().garment().bust().cups().isCut()) {
            return;
        }
        double y = apex.atInner().y() + radius() * BRIDGE_AT;
        brush.stroke(Ink.INK, 1);
        brush.line(new Point(0, y), new Point(option(LengthOption.BRIDGE), y));
        brush.text(
                LengthText.say(Length.mm(option(LengthOption.BRIDGE)), unit),
                brush.view().x(option(LengthOption.BRIDGE) / 2),
                brush.view().y(y) + 6 + BRIDGE_DROP,
                Ink.INK,
                Lettering.figure(),
                TextAlignment.CENTER);
    }

    private void open(Brush brush, Contour.Closed wedge) {
        brush.fill(Ink.CORAL_WASH);
        brush.polygon(wedge.shape(), true);
        brush.stroke(Ink.CORAL, 1.6);
        brush.polygon(wedge.shape(), false);
        Point mouth = wedge.shape().get(0).between(wedge.shape().get(1), 0.5);
        boolean left = mouth.x() < apex.atInner().x();
        brush.text(
                String.format(Locale.ROOT, "%s %.1f°", wedge.wedge().label(), wedge.degrees()),
                brush.view().x(mouth.x()) + (left ? -8 : 8),
                brush.view().y(mouth.y()) - 8,
                Ink.CORAL_TEXT,
                Lettering.figureBold(),
                left ? TextAlignment.RIGHT : TextAlignment.LEFT);
    }

    private void levels(Brush brush) {
        View view = brush.view();
        for (Level level : List.of(Level.BUST, Level.UNDERBUST)) {
            for (String id : List.of(apex.inner(), apex.outer())) {
                Optional.ofNullable(sheets.sheet(id))
                        .flatMap(s -> s.mark(level.id()))
                        .ifPresent(m -> {
                            brush.stroke(Ink.LINE, 1);
                            brush.line(m.from(), m.to());
                        });
            }
            double y = bands.y(view, level);
            brush.text(level.label(), 34, y - 5, Ink.TEAL, Lettering.level(), TextAlignment.LEFT);
            brush.text(
                    LengthText.say(draft.girths().at(level).pattern().length(), unit),
                    34,
                    y + TextSize.px(16),
                    Ink.INK,
                    Lettering.figure(),
                    TextAlignment.LEFT);
        }
    }

    /** Where each handle lies, by its id. */
    Map<String, Point> handles() {
        Map<String, Point> places = new LinkedHashMap<>();
        if (contour) {
            return places;
        }
        places.put("handle-rim", rim());
        places.put("handle-lower", cup.outerBelow());
        places.put("handle-upper", cup.outerAbove());
        if (draft.commission().garment().bust().cups().isCut()) {
            places.put(
                    "handle-bridge",
                    new Point(option(LengthOption.BRIDGE), apex.atInner().y() + radius() * 0.55));
            places.put("handle-cup-side", new Point(limits()[1], apex.atOuter().y() + radius() * 0.25));
        }
        if (draft.commission().garment().bust().cups() == CupKind.THREE_PART
                && cutting.pattern().has(PieceRole.CUP.id(1))) {
            places.put(
                    "handle-band",
                    cutting.pattern()
                            .sheet(PieceRole.CUP.id(1))
                            .edge(EdgeRole.BAND_INNER.id())
                            .path()
                            .end());
        }
        return places;
    }

    /** How much the width of a wedge changes where a handle is pulled to. @param above whether the upper one */
    double wedgeAt(boolean above, Point to) {
        Point inner = above ? cup.innerAbove() : cup.innerBelow();
        return to.x() - inner.x();
    }

    double wedgeNow(boolean above) {
        return wedgeAt(above, above ? cup.outerAbove() : cup.outerBelow());
    }

    Apex apex() {
        return apex;
    }

    double sideLimit(double x) {
        return limits()[1] + option(LengthOption.CUP_SIDE) - x;
    }

    @Override
    public String under(Point paper, double reach) {
        for (String id : List.of(apex.inner(), apex.outer())) {
            for (OutlineEdge edge : sheets.sheet(id).outline()) {
                if (edge.path().nearest(paper).point().distance(paper) < reach) {
                    return sheets.sheet(id).name() + ", " + edge.name().replace('-', ' ') + ": "
                            + LengthText.say(Length.mm(edge.path().length()), unit);
                }
            }
        }
        double away = apex.atInner().distance(paper);
        return away < radius() ? LengthText.say(Length.mm(away), unit) + " from the apex" : "";
    }
}
