package bathyra.app.table;

import bathyra.geometry.Point;

/** What lies on the table: it paints itself and says how large it is and what lies under the pointer. */
public interface Drawing {
    /** The paper rectangle that is to be seen when the drawing is fitted, mm: upper left and lower right. */
    Point[] extent();

    /** Pixels kept free on the left for the level tags. */
    double tagRoom();

    /** Pixels kept free on the right. */
    default double rightRoom() {
        return 0;
    }

    /** Pixels kept free at the foot. */
    default double footRoom() {
        return 0;
    }

    void paint(Brush brush, double width, double height);

    /** One line about what lies at a place of the paper; empty for nothing. */
    String under(Point paper, double reach);
}
