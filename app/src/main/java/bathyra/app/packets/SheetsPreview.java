package bathyra.app.packets;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Joint;
import bathyra.files.sheet.Sheet;
import bathyra.files.sheet.Sheets;
import bathyra.files.sheet.Spot;
import bathyra.files.sheet.TestSquare;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.Notch;
import bathyra.piece.PanelOutline;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.text.TextAlignment;

/** The sheets as they are glued, a little apart: each shows what will be printed on it. A click leaves one out. */
final class SheetsPreview extends PaintedPane {
    private static final double APART = 8;
    private static final double EDGE = 4;
    /** A register mark is as large as it is printed, mm, but never too small to be seen, pixels. */
    private static final double REGISTER = 4;

    private static final double REGISTER_LEAST = 3.5;
    private static final double FLAT = 0.3;
    private static final double[] CUT = {5, 3};
    private static final double[] FORMER = {4, 3};

    private final BiConsumer<String, Boolean> print;
    private final Map<String, ToggleButton> tags = new HashMap<>();
    private Optional<Laid> laid = Optional.empty();
    private List<PanelOutline> former = List.of();

    /** @param print gets the name of a sheet and whether it is to be printed */
    SheetsPreview(BiConsumer<String, Boolean> print) {
        this.print = print;
        setId("sheets");
        setAccessibleText("The sheets, as they are glued");
        setMinHeight(160);
    }

    /** @param outlines of a former packet, to lie under the pieces */
    void show(Optional<Laid> next, List<PanelOutline> outlines) {
        laid = next;
        former = outlines;
        List<String> names = next.stream()
                .flatMap(l -> l.sheets().list().stream())
                .map(Sheet::name)
                .toList();
        tags.entrySet().removeIf(tag -> {
            boolean gone = !names.contains(tag.getKey());
            if (gone) {
                getChildren().remove(tag.getValue());
            }
            return gone;
        });
        names.forEach(name -> tags.computeIfAbsent(name, this::tag));
        next.ifPresent(l -> tags.forEach((name, tag) -> {
            boolean printed = !l.manner().leftOut().contains(name);
            tag.setSelected(printed);
            tag.setAccessibleText("Sheet " + name + (printed ? ", printed" : ", left out"));
        }));
        setAccessibleHelp(next.map(l -> l.sheets().printed().size() + " sheets, "
                        + l.sheets().across() + " across and " + l.sheets().down() + " down")
                .orElse("nothing to print"));
        requestLayout();
        repaint();
    }

    private ToggleButton tag(String name) {
        Label chip = new Label(name);
        chip.getStyleClass().add("sheet-name");
        ToggleButton tag = new ToggleButton("", chip);
        tag.setId("sheet-" + name);
        tag.getStyleClass().setAll("sheet-tag");
        tag.setOnAction(e -> print.accept(name, tag.isSelected()));
        getChildren().add(tag);
        return tag;
    }

    /** Where the sheets stand on the screen. @param scale pixels to a millimetre of the pattern */
    private record Place(Sheets sheets, double scale, double left, double top) {
        double x(Sheet sheet) {
            return left + sheet.x() * scale + sheet.column() * APART;
        }

        double y(Sheet sheet) {
            return top + sheet.y() * scale + sheet.row() * APART;
        }
    }

    private Optional<Place> place() {
        return laid.filter(l -> !l.sheets().list().isEmpty()).map(l -> {
            Sheets sheets = l.sheets();
            double wide = sheets.list().stream()
                    .mapToDouble(s -> s.x() + s.width())
                    .max()
                    .orElse(1);
            double high = sheets.list().stream()
                    .mapToDouble(s -> s.y() + s.height())
                    .max()
                    .orElse(1);
            double scale = Math.min(
                    (getWidth() - 2 * EDGE - (sheets.across() - 1) * APART) / wide,
                    (getHeight() - 2 * EDGE - (sheets.down() - 1) * APART) / high);
            double used = wide * scale + (sheets.across() - 1) * APART;
            return new Place(sheets, scale, (getWidth() - used) / 2, EDGE);
        });
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        place().ifPresent(place -> place.sheets().list().forEach(sheet -> {
            ToggleButton tag = tags.get(sheet.name());
            double wide = sheet.width() * place.scale();
            double high = sheet.height() * place.scale();
            tag.resizeRelocate(place.x(sheet), place.y(sheet), wide, high);
        }));
    }

    @Override
    protected void paint(Surface g) {
        g.setFill(palette().of(Ink.SEA_2));
        g.fillRect(0, 0, getWidth(), getHeight());
        place().ifPresent(place -> {
            for (Sheet sheet : place.sheets().list()) {
                g.save();
                sheet(g, place, sheet);
                g.restore();
            }
        });
    }

    private void sheet(Surface g, Place place, Sheet sheet) {
        double x = place.x(sheet);
        double y = place.y(sheet);
        double wide = sheet.width() * place.scale();
        double high = sheet.height() * place.scale();
        boolean printed = !laid.orElseThrow().manner().leftOut().contains(sheet.name());
        g.setFill(palette().of(printed ? Ink.CHART : Ink.SEA_1));
        g.fillRect(x, y, wide, high);
        g.beginPath();
        g.rect(x, y, wide, high);
        g.clip();
        g.translate(x - sheet.x() * place.scale(), y - sheet.y() * place.scale());
        g.setGlobalAlpha(printed ? 1 : 0.35);
        pieces(g, place, sheet);
        marks(g, place, sheet);
        g.setGlobalAlpha(1);
        g.translate(-(x - sheet.x() * place.scale()), -(y - sheet.y() * place.scale()));
        stroke(g, Ink.EDGE, 1);
        g.strokeRect(x + 0.5, y + 0.5, wide - 1, high - 1);
        if (!printed) {
            stroke(g, Ink.EDGE, 1.2);
            g.strokeLine(x, y, x + wide, y + high);
            g.strokeLine(x, y + high, x + wide, y);
        }
    }

    private void pieces(Surface g, Place place, Sheet sheet) {
        for (CuttingPlan.Cut cut : laid.orElseThrow().plan().cuts()) {
            if (!place.sheets().shows(sheet, cut)) {
                continue;
            }
            Vec shift = place.sheets().shift(cut);
            double scale = place.scale();
            if (place.sheets().print().draws(Drawn.ALLOWANCES)) {
                g.setFill(palette().of(Ink.PIECE_ALT));
                polygon(g, cut.piece().cutLine(), shift, scale, true);
            }
            g.setFill(palette().of(Ink.CHART));
            polygon(g, cut.piece().flattened(FLAT), shift, scale, true);
            stroke(g, Ink.INK, 1.3);
            polygon(g, cut.piece().flattened(FLAT), shift, scale, false);
            if (place.sheets().print().draws(Drawn.ALLOWANCES)) {
                stroke(g, Ink.INK_2, 0.9, CUT);
                polygon(g, cut.piece().cutLine(), shift, scale, false);
            }
            inside(g, place, cut, shift);
            former(g, cut, shift, scale);
        }
    }

    private void inside(Surface g, Place place, CuttingPlan.Cut cut, Vec shift) {
        double scale = place.scale();
        if (place.sheets().print().draws(Drawn.LEVELS)) {
            stroke(g, Ink.LINE, 0.8, CUT);
            for (LevelMark mark : cut.piece().levelMarks()) {
                line(g, mark.from().plus(shift), mark.to().plus(shift), scale);
            }
        }
        if (place.sheets().print().draws(Drawn.CHANNELS)) {
            stroke(g, Ink.BRASS, 1);
            for (Path bone : cut.bones()) {
                polyline(g, bone.flattened(FLAT), shift, scale);
            }
        }
        stroke(g, Ink.INK_2, 0.8);
        if (place.sheets().print().draws(Drawn.EYELETS)) {
            for (Point eyelet : cut.eyelets()) {
                lines(g, SheetLayout.cross(eyelet), shift, scale);
            }
        }
        lines(g, SheetLayout.grain(cut.piece()), shift, scale);
        for (Path dart : cut.darts()) {
            polyline(g, dart.flattened(FLAT), shift, scale);
        }
        stroke(g, Ink.INK, 1);
        for (Notch notch : cut.piece().notches()) {
            lines(g, SheetLayout.strokes(cut.piece(), notch), shift, scale);
        }
    }

    private void former(Surface g, CuttingPlan.Cut cut, Vec shift, double scale) {
        for (PanelOutline was : former) {
            if (was.panel().equals(cut.id())) {
                Vec onto = was.start()
                        .to(cut.piece().outline().get(0).path().start())
                        .plus(shift);
                stroke(g, Ink.CORAL, 1.2, FORMER);
                was.edges().forEach(edge -> polyline(g, edge.path().flattened(FLAT), onto, scale));
            }
        }
    }

    private void marks(Surface g, Place place, Sheet sheet) {
        double scale = place.scale();
        for (TestSquare square : place.sheets().squares()) {
            if (square.isOn(sheet)) {
                stroke(g, Ink.INK, 1.2);
                double side = square.side() * scale;
                g.strokeRect(square.at().x() * scale, square.at().y() * scale, side, side);
                words(g, side > 34 ? 12 : 9);
                g.fillText(
                        square.kind() == TestSquare.Kind.METRIC ? "5 cm" : "2 in",
                        square.at().x() * scale + side / 2,
                        square.at().y() * scale + side / 2);
            }
        }
        g.setFill(palette().of(Ink.TEAL));
        double half = Math.max(
                REGISTER_LEAST, REGISTER / place.sheets().print().size().factor() * scale);
        for (Joint joint : place.sheets().joints()) {
            if (joint.first().equals(sheet) || joint.second().equals(sheet)) {
                double x = joint.at().x() * scale;
                double y = joint.at().y() * scale;
                g.fillPolygon(new double[] {x - half, x, x + half, x}, new double[] {y, y - half, y, y + half}, 4);
            }
        }
        for (Spot spot : place.sheets().spots()) {
            if (spot.sheet().equals(sheet)) {
                number(g, spot, scale);
            }
        }
    }

    private void number(Surface g, Spot spot, double scale) {
        int order = laid.orElseThrow().plan().cuts().stream()
                .filter(c -> c.id().equals(spot.cut()))
                .mapToInt(c -> c.piece().order())
                .findFirst()
                .orElse(0);
        g.setFill(palette().of(Ink.INK));
        g.setFont(spot.first() ? Lettering.levelSelected() : Lettering.ruler());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        g.fillText(Integer.toString(order), spot.left() * scale, spot.top() * scale);
    }

    private void words(Surface g, double size) {
        g.setFill(palette().of(Ink.INK));
        g.setFont(size > 10 ? Lettering.ruler() : Lettering.small());
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
    }

    private void stroke(Surface g, Ink ink, double width, double... dash) {
        g.setStroke(palette().of(ink));
        g.setLineWidth(width);
        g.setLineDashes(dash);
    }

    private static void lines(Surface g, List<Line> lines, Vec shift, double scale) {
        lines.forEach(l -> line(g, l.start().plus(shift), l.end().plus(shift), scale));
    }

    private static void line(Surface g, Point from, Point to, double scale) {
        g.strokeLine(from.x() * scale, from.y() * scale, to.x() * scale, to.y() * scale);
    }

    private static void polyline(Surface g, List<Point> points, Vec shift, double scale) {
        double[][] at = at(points, shift, scale);
        g.strokePolyline(at[0], at[1], points.size());
    }

    private static void polygon(Surface g, List<Point> points, Vec shift, double scale, boolean filled) {
        double[][] at = at(points, shift, scale);
        if (filled) {
            g.fillPolygon(at[0], at[1], points.size());
        } else {
            g.strokePolygon(at[0], at[1], points.size());
        }
    }

    private static double[][] at(List<Point> points, Vec shift, double scale) {
        double[] xs = new double[points.size()];
        double[] ys = new double[points.size()];
        for (int i = 0; i < xs.length; i++) {
            xs[i] = (points.get(i).x() + shift.dx()) * scale;
            ys[i] = (points.get(i).y() + shift.dy()) * scale;
        }
        return new double[][] {xs, ys};
    }
}
