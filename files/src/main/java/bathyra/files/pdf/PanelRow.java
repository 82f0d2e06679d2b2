package bathyra.files.pdf;

import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.io.IOException;
import java.util.List;

/** The half pattern in outline, its panels beside each other, scaled into a box on a sheet. */
final class PanelRow {
    private static final double APART = 10;

    private final List<Piece> panels;
    private final double[] lefts;
    private final double top;
    private final double scale;
    private final Point at;

    /** @param at the upper left of the box, mm @param wide how wide the box is, mm */
    PanelRow(List<Piece> panels, Point at, double wide, double high) {
        this.panels = panels;
        this.at = at;
        this.lefts = new double[panels.size()];
        double along = -APART;
        double above = Double.POSITIVE_INFINITY;
        double foot = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < panels.size(); i++) {
            List<Point> around = panels.get(i).path().flattened(1);
            double left = around.stream().mapToDouble(Point::x).min().orElseThrow();
            lefts[i] = along + APART - left;
            along += around.stream().mapToDouble(Point::x).max().orElseThrow() - left + APART;
            above = Math.min(above, around.stream().mapToDouble(Point::y).min().orElseThrow());
            foot = Math.max(foot, around.stream().mapToDouble(Point::y).max().orElseThrow());
        }
        this.top = above;
        this.scale = Math.min(wide / along, high / (foot - above));
    }

    /** Where a height of the pattern lies on the sheet, mm. */
    double y(double height) {
        return at.y() + (height - top) * scale;
    }

    private Point placed(int panel, Point p) {
        return new Point(at.x() + (p.x() + lefts[panel]) * scale, y(p.y()));
    }

    void draw(Pen pen, Typeface face) throws IOException {
        for (int i = 0; i < panels.size(); i++) {
            int number = i;
            Piece panel = panels.get(i);
            pen.stroke(0.4);
            pen.path(panel.path().mapped(p -> placed(number, p)));
            pen.stroke(0.15, 1.5f, 1);
            for (LevelMark mark : panel.levelMarks()) {
                pen.line(placed(i, mark.from()), placed(i, mark.to()));
            }
            Point middle = placed(
                    i,
                    panel.mark(Level.WAIST)
                            .map(m -> m.from().between(m.to(), 0.5))
                            .orElse(panel.path().start()));
            pen.text(middle.x() - 3, middle.y() - 6, face.title(), 12, panel.id());
        }
    }
}
