package bathyra.app.foreign;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.foreign.DrawnUnit;
import bathyra.foreign.ForeignDrawing;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import java.util.List;

/** A drawing from elsewhere before pieces are taken from it: every line as the file has it. */
final class RawDrawn implements Drawing {
    private final List<Path> lines;

    RawDrawn(ForeignDrawing drawing, DrawnUnit unit) {
        double mm = unit.millimetres();
        lines = drawing.lines().stream()
                .map(l -> l.path().mapped(p -> new Point(p.x() * mm, p.y() * mm)))
                .toList();
    }

    @Override
    public Point[] extent() {
        double left = lines.stream()
                .mapToDouble(l -> Math.min(l.start().x(), l.end().x()))
                .min()
                .orElse(0);
        double top = lines.stream()
                .mapToDouble(l -> Math.min(l.start().y(), l.end().y()))
                .min()
                .orElse(0);
        double right = left + 1;
        double bottom = top + 1;
        for (Path line : lines) {
            for (Segment segment : line.segments()) {
                left = Math.min(left, segment.start().x());
                top = Math.min(top, segment.start().y());
                right = Math.max(right, segment.start().x());
                bottom = Math.max(bottom, segment.start().y());
            }
        }
        return new Point[] {new Point(left, top), new Point(right, bottom)};
    }

    @Override
    public double tagRoom() {
        return 24;
    }

    @Override
    public double footRoom() {
        return 44;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        brush.stroke(Ink.INK, 1.2);
        brush.paths(lines);
    }

    @Override
    public String under(Point paper, double reach) {
        return "";
    }
}
