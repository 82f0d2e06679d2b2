package bathyra.app.seams;

import bathyra.app.table.Brush;
import bathyra.app.table.Ink;
import bathyra.app.table.Surface;
import bathyra.geometry.Point;
import bathyra.place.SeamPlace;
import java.util.List;

/** The lead lines from the seams' lower ends down to the heads of their soundings. */
final class Leads {
    /** Pixels at the foot of the table that the leads need. */
    static final double ROOM = 26;

    private static final double LEAD = 13;

    private Leads() {}

    /** @param columns where the columns of the soundings hang, in pixels from the table's left end */
    static void paint(
            Brush brush, List<SeamPlace> seams, Point[] ends, double[] columns, SeamPlace chosen, double height) {
        Surface g = brush.context();
        // Right after a seam has come, the columns still hang for those before.
        for (int i = 0; i < Math.min(seams.size(), columns.length); i++) {
            boolean held = seams.get(i).equals(chosen);
            double x = columns[i];
            Point end = ends[i];
            brush.stroke(held ? Ink.TEAL : Ink.LINE, held ? 2 : 1, held ? new double[0] : new double[] {1, 2.5});
            g.strokeLine(
                    brush.view().x(end.x()), Math.min(brush.view().y(end.y()), height - LEAD - 4), x, height - LEAD);
            brush.fill(held ? Ink.TEAL : Ink.LINE);
            g.beginPath();
            g.moveTo(x, height - LEAD - 2);
            g.bezierCurveTo(x + 2, height - LEAD + 2, x + 4, height - 5, x, height - 1);
            g.bezierCurveTo(x - 4, height - 5, x - 2, height - LEAD + 2, x, height - LEAD - 2);
            g.fill();
        }
        g.setLineDashes();
    }
}
