package bathyra.app.seams;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.EdgeUnderPointer;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.LevelBands;
import bathyra.app.table.Placement;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.app.table.View;
import bathyra.draft.Draft;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.girth.LevelPlan;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.panel.Panel;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PanelOutline;
import bathyra.piece.Piece;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The half laid flat with what is taken out at each seam in coral: a chart of depths. */
final class SeamsDrawing implements Drawing {
    private static final double TAG_ROOM = 196;
    /** Pixels that a panel needs at the waist for its name. */
    private static final double NAME_ROOM = 56;
    /** Closer to the next level the tag has only room for one line. */
    private static final double TAG_HEIGHT = 44;
    /** Pixels that a panel's number and name take. */
    private static final double WORDS_TALL = 64;

    private static final double HATCH_SLOPE = 0.78;
    private static final double TAG_LEFT = 36;
    private static final double TAG_RIGHT = 200;
    /** A seam that moved by less than this between two drafts is drawn once. */
    private static final double MOVED = 0.1;
    /** At so many places of an edge it is looked whether it moved. */
    private static final int LOOKED_AT = 8;

    private static final double COARSE = 1;

    private final Draft draft;
    private final LengthUnit unit;
    private final Cell selected;
    private final Optional<List<PanelOutline>> former;
    private final double[] columns;
    private final LevelBands bands;
    private final Lie lie;
    private final List<Piece> pieces;
    private final List<Placement> places;
    private final boolean apart;

    /**
     * @param selected the sounding that is looked at
     * @param former the panels before the drag that is going on, or those it is compared with
     * @param columns where the columns of the soundings hang, in pixels from the table's left end
     * @param lie how the panels lie
     */
    SeamsDrawing(
            Draft draft,
            LengthUnit unit,
            Cell selected,
            Optional<List<PanelOutline>> former,
            double[] columns,
            Lie lie) {
        this.draft = draft;
        this.lie = lie;
        this.pieces = draft.panelPieces();
        this.places = lie.places(draft);
        this.apart = lie.isApart(draft);
        this.unit = unit;
        this.selected = selected;
        this.former = former;
        this.columns = columns;
        this.bands = new LevelBands(draft);
    }

    @Override
    public Point[] extent() {
        double top = pieces.stream()
                .flatMap(p -> outermost(p).stream())
                .mapToDouble(Point::y)
                .min()
                .orElse(0);
        double bottom = pieces.stream()
                .flatMap(p -> outermost(p).stream())
                .mapToDouble(Point::y)
                .max()
                .orElse(1);
        double right = draft.girths().widestFront().value()
                + draft.girths().widestBack().value();
        return new Point[] {new Point(lie.whole() ? -right : 0, top), new Point(right + (lie.whole() ? 0 : 40), bottom)
        };
    }

    /** The cutting line, or the sewing line of what has no allowances yet. */
    private static List<Point> outermost(Piece piece) {
        return piece.cutLine().isEmpty() ? piece.flattened(COARSE) : piece.cutLine();
    }

    @Override
    public double tagRoom() {
        return TAG_ROOM;
    }

    @Override
    public double rightRoom() {
        return FromAbove.ROOM;
    }

    @Override
    public double footRoom() {
        return Leads.ROOM;
    }

    /** The level whose tag lies at a place of the table, in pixels. */
    Optional<Level> tagAt(View view, double x, double y) {
        return bands.levels().stream()
                .filter(level -> x > TAG_LEFT - 8
                        && x < TextSize.px(TAG_RIGHT) + 4
                        && Math.abs(y - bands.y(view, level)) < TextSize.px(TAG_HEIGHT) / 2)
                .findFirst();
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        bands.paint(brush, width, height);
        for (Level level : bands.levels()) {
            levelLine(brush, level);
        }
        if (lie.whole()) {
            otherHalf(brush);
        }
        List<Path> panels = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            panels.add(places.get(i).of(pieces.get(i).path()));
        }
        brush.begin(panels);
        brush.fill(Ink.CHART);
        brush.context().fill();
        if (apart) {
            draft.intakes().seams().forEach(seam -> coral(brush, seam));
        }
        outlines(brush);
        for (int i = 0; i < pieces.size(); i++) {
            grain(brush, pieces.get(i), places.get(i));
        }
        former.filter(before -> apart).ifPresent(before -> ghost(brush, before));
        if (apart) {
            draft.panels().levels().forEach(level -> figures(brush, level));
            apex(brush);
        }
        legend(brush, width);
        FromAbove.paint(brush, draft, selected, width - 98, 122);
        Leads.paint(brush, draft.intakes().seams(), lowerEnds(), columns, selected.seam(), height);
    }

    /** The other half, mirrored at centre front, without figures. */
    private void otherHalf(Brush brush) {
        for (int i = 0; i < pieces.size(); i++) {
            Path outline = mirrored(places.get(i).of(pieces.get(i).path()));
            fill(brush, outline);
            brush.stroke(Ink.INK, 1.2);
            brush.path(outline);
        }
        for (SeamPlace seam : draft.intakes().seams()) {
            if (apart) {
                Path[] edges = between(seam);
                brush.follow(mirrored(edges[0]), true);
                brush.follow(mirrored(edges[1]), false);
                brush.context().closePath();
                brush.fill(Ink.CORAL_WASH);
                brush.context().fill();
            }
        }
    }

    private static Path mirrored(Path path) {
        return path.mapped(p -> new Point(-p.x(), p.y()));
    }

    /** Where each seam ends above, half way between its two edges. */
    Point[] upperEnds() {
        List<Panel> panels = draft.panels().panels();
        Point[] ends = new Point[panels.size()];
        for (int i = 0; i < ends.length; i++) {
            Point end = places.get(i).of(panels.get(i).right().path().start());
            Point next = i + 1 < ends.length
                    ? places.get(i + 1).of(panels.get(i + 1).left().path().start())
                    : end;
            ends[i] = new Point((end.x() + next.x()) / 2, Math.min(end.y(), next.y()));
        }
        return ends;
    }

    /** Where each seam ends below, from centre front to centre back. */
    Point[] lowerEnds() {
        List<SeamPlace> seams = draft.intakes().seams();
        Point[] ends = new Point[seams.size()];
        for (int i = 0; i < ends.length; i++) {
            Path edge = pieces.get(i).edge(seams.get(i).id()).path();
            ends[i] = places.get(i).of(edge.start().y() > edge.end().y() ? edge.start() : edge.end());
        }
        return ends;
    }

    /** The former place of every edge that has moved, dashed. */
    private void ghost(Brush brush, List<PanelOutline> before) {
        if (!before.stream()
                .map(PanelOutline::panel)
                .toList()
                .equals(pieces.stream().map(Piece::id).toList())) {
            return;
        }
        List<Path> moved = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            for (OutlineEdge edge : pieces.get(i).outline()) {
                before.get(i).edges().stream()
                        .filter(e -> e.name().equals(edge.name()))
                        .map(OutlineEdge::path)
                        .filter(was -> hasMoved(was, edge.path()))
                        .forEach(moved::add);
            }
        }
        brush.stroke(Ink.INK_2, 1.2, 5, 4);
        brush.paths(moved);
    }

    private static boolean hasMoved(Path was, Path now) {
        for (int i = 0; i <= LOOKED_AT; i++) {
            double share = (double) i / LOOKED_AT;
            if (was.at(was.length() * share)
                            .point()
                            .distance(now.at(now.length() * share).point())
                    > MOVED) {
                return true;
            }
        }
        return false;
    }

    private static void legend(Brush brush, double width) {
        Surface g = brush.context();
        double x = width - 96;
        brush.fill(Ink.CORAL_WASH);
        g.fillRect(x, 36, 14, 14);
        brush.stroke(Ink.CORAL, 1.2);
        g.strokeRect(x, 36, 14, 14);
        brush.fill(Ink.CHART);
        g.fillRect(x, 56, 14, 14);
        brush.stroke(Ink.INK, 1.2);
        g.strokeRect(x, 56, 14, 14);
        brush.text("taken out", x + 20, 48, Ink.INK, Lettering.figure(), TextAlignment.LEFT);
        brush.text("remains", x + 20, 68, Ink.INK, Lettering.figure(), TextAlignment.LEFT);
    }

    private void levelLine(Brush brush, Level level) {
        boolean chosen = level == selected.level();
        LevelPlan plan = draft.girths().at(level);
        double y = bands.y(brush.view(), level);
        brush.stroke(Ink.LINE, chosen ? 1.6 : 1);
        double left = brush.view().x(0);
        brush.context().strokeLine(TAG_LEFT, y, Math.max(left, TAG_LEFT), y);
        brush.text(
                level.label(),
                TAG_LEFT,
                y - 6,
                Ink.TEAL,
                chosen ? Lettering.levelSelected() : Lettering.level(),
                TextAlignment.LEFT);
        boolean estimate = plan.body().estimated();
        if (bands.roomBelow(brush.view(), level) < TextSize.px(TAG_HEIGHT)) {
            brush.text(
                    LengthText.figure(draft.intakes().toTake().get(level).length(), unit) + " out",
                    TextSize.px(TAG_RIGHT),
                    y - 6,
                    Ink.CORAL_TEXT,
                    Lettering.figureBold(),
                    TextAlignment.RIGHT);
            return;
        }
        brush.text(
                (estimate ? "≈ " : "") + LengthText.figure(plan.body().length(), unit) + " → "
                        + LengthText.figure(plan.pattern().length(), unit),
                TAG_LEFT,
                y + TextSize.px(17),
                estimate ? Ink.BRASS_TEXT : Ink.INK,
                Lettering.figure(),
                TextAlignment.LEFT);
        double out = draft.intakes().toTake().get(level).value();
        boolean widest = out < 0.05;
        brush.text(
                widest
                        ? "widest"
                        : LengthText.figure(draft.intakes().toTake().get(level).length(), unit) + " out",
                TextSize.px(TAG_RIGHT),
                y + TextSize.px(17),
                widest ? Ink.INK_2 : Ink.CORAL_TEXT,
                widest ? Lettering.figure() : Lettering.figureBold(),
                TextAlignment.RIGHT);
    }

    private static void fill(Brush brush, Path outline) {
        brush.follow(outline, true);
        brush.fill(Ink.CHART);
        brush.context().fill();
    }

    /** Level lines, sewing lines, folds and the chosen seam, each kind as one path. */
    private void outlines(Brush brush) {
        List<Path> levels = new ArrayList<>();
        List<Path> held = new ArrayList<>();
        List<Path> edges = new ArrayList<>();
        List<Path> folds = new ArrayList<>();
        List<Path> chosen = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Placement place = places.get(i);
            for (LevelMark mark : pieces.get(i).levelMarks()) {
                (mark.level().equals(selected.level().id()) ? held : levels)
                        .add(Path.of(new Line(place.of(mark.from()), place.of(mark.to()))));
            }
            for (OutlineEdge edge : pieces.get(i).outline()) {
                (edge.kind() == OutlineEdge.Kind.FOLD ? folds : isChosen(edge) ? chosen : edges)
                        .add(place.of(edge.path()));
            }
        }
        brush.stroke(Ink.LINE, 1);
        brush.paths(levels);
        brush.stroke(Ink.LINE, 1.6);
        brush.paths(held);
        brush.stroke(Ink.INK, 1.6);
        brush.paths(edges);
        brush.stroke(Ink.INK_2, 1.6, 9, 3, 2, 3);
        brush.paths(folds);
        brush.stroke(Ink.TEAL, 3);
        brush.paths(chosen);
    }

    /** Grain, number and name; where a panel has no room for its name the number says it. */
    private void grain(Brush brush, Piece piece, Placement place) {
        Surface g = brush.context();
        brush.stroke(Ink.INK, 1.2);
        double gx = brush.view().x(place.of(piece.grain().to()).x());
        double bottom = brush.view().y(place.of(piece.grain().from()).y());
        double top = Math.max(brush.view().y(place.of(piece.grain().to()).y()), bottom - 150);
        g.strokeLine(gx, bottom, gx, top);
        g.strokePolyline(new double[] {gx - 4, gx, gx + 4}, new double[] {top + 9, top, top + 9}, 3);
        double foot = clearOfWaist(brush, bottom);
        brush.text(Integer.toString(piece.order()), gx + 6, foot - 24, Ink.INK, Lettering.number(), TextAlignment.LEFT);
        Optional<LevelMark> waist = piece.mark(Level.WAIST.id());
        int row = 0;
        if (waist.isEmpty() || waist.get().length() * brush.view().scale() < TextSize.px(NAME_ROOM)) {
            return;
        }
        for (String word : piece.name().split(" ")) {
            brush.text(
                    word, gx + 6, foot - 7 + TextSize.px(15) * row++, Ink.INK, Lettering.figure(), TextAlignment.LEFT);
        }
    }

    /** A number on the waist line would hide what is taken there: in a short garment it stands above it. */
    private double clearOfWaist(Brush brush, double bottom) {
        double waist = brush.view().y(draft.block().side(Level.WAIST));
        double underbust = brush.view().y(draft.block().side(Level.UNDERBUST));
        return bottom - WORDS_TALL > waist ? bottom : (underbust + waist) / 2 + WORDS_TALL / 4;
    }

    private boolean isChosen(OutlineEdge edge) {
        return edge.name().equals(selected.seam().id());
    }

    /** The two edges between which a seam's intake lies; the last one ends at the straight centre back. */
    private Path[] between(SeamPlace seam) {
        int i = draft.intakes().seams().indexOf(seam);
        Path edge = pieces.get(i).edge(seam.id()).path();
        if (i + 1 < pieces.size()) {
            return new Path[] {edge, pieces.get(i + 1).edge(seam.id()).path()};
        }
        double x = draft.girths().widestFront().value()
                + draft.girths().widestBack().value();
        return new Path[] {
            edge,
            Path.of(new Line(
                    new Point(x, edge.end().y()), new Point(x, edge.start().y())))
        };
    }

    private void coral(Brush brush, SeamPlace seam) {
        Path[] edges = between(seam);
        brush.follow(edges[0], true);
        brush.follow(edges[1], false);
        brush.context().closePath();
        brush.fill(Ink.CORAL_WASH);
        brush.context().fill();
        boolean chosen = seam.equals(selected.seam());
        List<Point> area = new ArrayList<>(edges[0].flattened(0.3));
        area.addAll(edges[1].flattened(0.3));
        brush.context().setGlobalAlpha(chosen ? 0.62 : 0.34);
        brush.stroke(Ink.CORAL, chosen ? 1.6 : 1.3);
        brush.hatch(area, HATCH_SLOPE);
        brush.context().setGlobalAlpha(1);
    }

    private void figures(Brush brush, Level level) {
        for (SeamPlace seam : draft.intakes().seams()) {
            Point[] ends = ends(new Cell(level, seam));
            double value = draft.intakes().at(level, seam).value();
            String figure = LengthText.figure(draft.intakes().at(level, seam).length(), unit);
            if (Math.abs(value) < 0.5 || figure.equals("0")) {
                continue;
            }
            brush.stroke(Ink.CORAL, 1, 2, 2);
            brush.line(ends[0], ends[1]);
            double room = (ends[1].x() - ends[0].x()) * brush.view().scale();
            boolean inside = room > 30;
            double x = inside
                    ? brush.view().x((ends[0].x() + ends[1].x()) / 2)
                    : brush.view().x(ends[1].x()) + 5;
            double y = brush.view().y((ends[0].y() + ends[1].y()) / 2) - 5;
            double chip = figure.length() * 7.5 + 4;
            if (inside) {
                brush.fill(Ink.CORAL_WASH);
                brush.context().fillRect(x - chip / 2, y - 13, chip, 16);
            }
            brush.text(
                    figure,
                    x,
                    y,
                    Ink.CORAL_TEXT,
                    Lettering.sounding(),
                    inside ? TextAlignment.CENTER : TextAlignment.LEFT);
        }
    }

    /** Where a sounding's two edges lie on the paper. */
    Point[] ends(Cell cell) {
        List<Panel> panels = draft.panels().panels();
        int left = draft.intakes().seams().indexOf(cell.seam());
        Point from = places.get(left).of(panels.get(left).right().nodes().get(cell.level()));
        if (left + 1 == panels.size()) {
            double gap = draft.intakes().at(cell.level(), cell.seam()).value();
            return new Point[] {from, new Point(from.x() + gap, from.y())};
        }
        return new Point[] {
            from, places.get(left + 1).of(panels.get(left + 1).left().nodes().get(cell.level()))
        };
    }

    private void apex(Brush brush) {
        double apex = draft.intakes().axes().apex();
        if (!draft.girths().has(Level.BUST) || apex <= 0) {
            return;
        }
        double x = brush.view().x(apex);
        double y = brush.view().y(draft.block().front(Level.BUST));
        brush.stroke(Ink.INK, 1.2);
        brush.context().strokeOval(x - 8, y - 8, 16, 16);
        brush.context().strokeLine(x - 12, y, x + 12, y);
        brush.context().strokeLine(x, y - 12, x, y + 12);
        brush.text("apex", x - 14, y - 8, Ink.INK, Lettering.figure(), TextAlignment.RIGHT);
    }

    @Override
    public String under(Point paper, double reach) {
        return EdgeUnderPointer.describe(pieces, paper, reach, unit, piece -> places.get(pieces.indexOf(piece)));
    }
}
