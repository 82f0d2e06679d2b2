package bathyra.app.along;

import bathyra.along.AlongStep;
import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** The paper as it lies at a step: what was there in ink, what the step draws in teal. */
final class AlongDrawing implements Drawing {
    private final AlongStep step;
    private final List<AlongStep> chapter;

    /** @param chapter all steps of the same part of the work: the view keeps still while one goes through them */
    AlongDrawing(AlongStep step, List<AlongStep> chapter) {
        this.step = step;
        this.chapter = List.copyOf(chapter);
    }

    @Override
    public Point[] extent() {
        List<Point> all = new ArrayList<>();
        for (AlongStep each : chapter) {
            each.lit().forEach(p -> all.addAll(p.flattened(2)));
        }
        step.drawn().forEach(p -> all.addAll(p.flattened(2)));
        return Drawing.around(all);
    }

    @Override
    public double tagRoom() {
        return 24;
    }

    @Override
    public double footRoom() {
        return 46;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        brush.fill(Ink.SEA_1);
        brush.context().fillRect(0, 0, width, height);
        brush.stroke(Ink.INK_2, 1.2);
        brush.paths(step.drawn());
        brush.stroke(Ink.TEAL, 3.2);
        brush.paths(step.lit());
        for (Path path : step.lit()) {
            dot(brush, path.start());
            dot(brush, path.end());
        }
    }

    private static void dot(Brush brush, Point at) {
        brush.fill(Ink.TEAL);
        brush.context().fillOval(brush.view().x(at.x()) - 3, brush.view().y(at.y()) - 3, 6, 6);
    }

    @Override
    public String under(Point paper, double reach) {
        return "";
    }
}
