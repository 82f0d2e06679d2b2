package bathyra.files.sheet;

import bathyra.geometry.Point;
import java.util.List;

/**
 * A square by which a print's scale is measured, wholly on one sheet.
 *
 * @param at its upper left corner, mm of the pattern on the whole sheet
 * @param side mm of the pattern
 */
public record TestSquare(Kind kind, Point at, double side) {
    /** The two that everyone can measure. */
    public enum Kind {
        METRIC(PrintScale.SQUARE, "50 mm: measure before cutting"),
        INCH(50.8, "2 in");

        private final double side;
        private final String words;

        Kind(double side, String words) {
            this.side = side;
            this.words = words;
        }

        /** On paper, mm. */
        public double side() {
            return side;
        }

        public String words() {
            return words;
        }

        static List<Kind> all() {
            return List.of(values());
        }
    }

    /** Whether a sheet shows all of it. */
    public boolean isOn(Sheet sheet) {
        return at.x() >= sheet.x()
                && at.y() >= sheet.y()
                && at.x() + side <= sheet.x() + sheet.width()
                && at.y() + side <= sheet.y() + sheet.height();
    }
}
