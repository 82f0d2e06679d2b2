package bathyra.app.table;

import bathyra.geometry.Point;
import java.util.List;

/** What lies on the table: it paints itself and says how large it is and what lies under the pointer. */
public interface Drawing {
    /** The paper rectangle that is to be seen when the drawing is fitted, mm: upper left and lower right. */
    Point[] extent();

    /** The least rectangle round points, mm: upper left and lower right; one millimetre square where there are none. */
    static Point[] around(List<Point> points) {
        return new Point[] {
            new Point(
                    points.stream().mapToDouble(Point::x).min().orElse(0),
                    points.stream().mapToDouble(Point::y).min().orElse(0)),
            new Point(
                    points.stream().mapToDouble(Point::x).max().orElse(1),
                    points.stream().mapToDouble(Point::y).max().orElse(1))
        };
    }

    /** Pixels kept free on the left for the level tags, at the usual size of words. */
    double tagRoom();

    /** Pixels kept free on the right, at the usual size of words. */
    default double rightRoom() {
        return 0;
    }

    /** Pixels kept free at the foot, at the usual size of words. */
    default double footRoom() {
        return 0;
    }

    void paint(Brush brush, double width, double height);

    /** One line about what lies at a place of the paper; empty for nothing. */
    String under(Point paper, double reach);
}
