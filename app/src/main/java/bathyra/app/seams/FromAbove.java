package bathyra.app.seams;

import bathyra.app.table.Brush;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Surface;
import bathyra.draft.Draft;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;

/**
 * One level seen from above, as half a ring with centre front below: each seam stands where its panels meet, and what it takes
 * out stands out of the ring. Too much in front is seen at once.
 */
final class FromAbove {
    static final double ROOM = 122;
    private static final double RADIUS = 56;
    private static final double BAR = 6;
    private static final double BAR_PER_MM = 0.42;
    private static final double BAR_MOST = 28;

    private FromAbove() {}

    /** @param left pixels of the ring's straight side @param top pixels of the caption above it */
    static void paint(Brush brush, Draft draft, Cell selected, double left, double top) {
        Surface g = brush.context();
        Level level = selected.level();
        double y = top + 16 + RADIUS;
        brush.text("from above", left - 8, top, Ink.TEAL, Lettering.sounding(), TextAlignment.LEFT);
        brush.fill(Ink.CHART);
        g.fillArc(left - RADIUS, y - RADIUS, 2 * RADIUS, 2 * RADIUS, -90, 180, ArcType.CHORD);
        brush.stroke(Ink.LINE, 1);
        g.strokeArc(left - RADIUS - 4, y - RADIUS - 4, 2 * RADIUS + 8, 2 * RADIUS + 8, -90, 180, ArcType.OPEN);
        brush.stroke(Ink.INK, 1.6);
        g.strokeArc(left - RADIUS, y - RADIUS, 2 * RADIUS, 2 * RADIUS, -90, 180, ArcType.OPEN);
        g.strokeLine(left, y - RADIUS, left, y + RADIUS);
        double[] at = turns(draft, level);
        List<SeamPlace> seams = draft.intakes().seams();
        for (int i = 0; i < seams.size(); i++) {
            bar(
                    brush,
                    seams.get(i).equals(selected.seam()),
                    draft.intakes().at(level, seams.get(i)).value(),
                    at[i],
                    left,
                    y);
        }
        brush.text("front below", left - 8, y + RADIUS + 20, Ink.INK_2, Lettering.figure(), TextAlignment.LEFT);
    }

    /** How far round from centre front each seam stands, in radians: half the body is half a turn. */
    private static double[] turns(Draft draft, Level level) {
        double[] turns = new double[draft.intakes().seams().size()];
        double half = draft.panels().panels().stream()
                .mapToDouble(p -> p.width(level))
                .sum();
        double passed = 0;
        for (int i = 0; i < turns.length; i++) {
            passed += draft.panels().panels().get(i).width(level);
            turns[i] = Math.PI * passed / half;
        }
        return turns;
    }

    private static void bar(Brush brush, boolean chosen, double intake, double turn, double x, double y) {
        Surface g = brush.context();
        double sin = Math.sin(turn);
        double cos = Math.cos(turn);
        double length = Math.min(BAR_MOST, Math.abs(intake) * BAR_PER_MM);
        if (length > 0.5) {
            g.setLineCap(StrokeLineCap.BUTT);
            brush.stroke(intake > 0 ? Ink.CORAL : Ink.LINE, BAR);
            g.strokeLine(
                    x + (RADIUS + 2) * sin,
                    y + (RADIUS + 2) * cos,
                    x + (RADIUS + 2 + length) * sin,
                    y + (RADIUS + 2 + length) * cos);
            g.setLineCap(StrokeLineCap.SQUARE);
        }
        double r = chosen ? 5 : 4;
        brush.fill(chosen ? Ink.TEAL : Ink.CHART);
        g.fillOval(x + RADIUS * sin - r, y + RADIUS * cos - r, 2 * r, 2 * r);
        brush.stroke(chosen ? Ink.TEAL : Ink.INK, 1.4);
        g.strokeOval(x + RADIUS * sin - r, y + RADIUS * cos - r, 2 * r, 2 * r);
    }
}
