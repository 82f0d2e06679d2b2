package bathyra.app.table;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import javafx.scene.transform.Affine;

/**
 * Keeps the words of one painting apart, as on a chart: words that would lie over others that are written already are left out, and
 * stand there once one has gone nearer. What is painted first is what matters more.
 */
final class WordsApart {
    /** So much of a letter's height stands over its line, and so much hangs under it. */
    private static final double ABOVE = 0.7;

    private static final double BELOW = 0.2;
    /** Words may touch, px. */
    private static final double TOUCH = 1;

    private static final int REMEMBERED = 4000;
    private static final Map<Key, Double> WIDTHS = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Double> eldest) {
            return size() > REMEMBERED;
        }
    };

    private record Key(Font font, String words) {}

    /** Four corners in their order round, px. */
    private record Box(Point2D[] corners) {}

    private final List<Box> written = new ArrayList<>();

    /** @return whether there is room for the words; then it is theirs */
    boolean take(String words, double x, double y, Font font, TextAlignment alignment, VPos baseline, Affine placing) {
        if (words.isBlank()) {
            return true;
        }
        double wide = width(font, words);
        double size = font.getSize();
        double left =
                switch (alignment) {
                    case CENTER -> x - wide / 2;
                    case RIGHT -> x - wide;
                    default -> x;
                };
        double foot =
                switch (baseline) {
                    case TOP -> y + size;
                    case CENTER -> y + size * (ABOVE - BELOW) / 2;
                    case BOTTOM -> y - size * BELOW;
                    default -> y;
                };
        Box box = box(
                left + TOUCH, foot - size * ABOVE + TOUCH, left + wide - TOUCH, foot + size * BELOW - TOUCH, placing);
        if (written.stream().anyMatch(other -> overlap(box, other))) {
            return false;
        }
        written.add(box);
        return true;
    }

    /** What is painted over is no longer there to be kept apart from. */
    void cover(double x, double y, double width, double height, Affine placing) {
        Box over = box(x, y, x + width, y + height, placing);
        written.removeIf(box -> overlap(over, box));
    }

    private static Box box(double x1, double y1, double x2, double y2, Affine placing) {
        return new Box(new Point2D[] {
            placing.transform(x1, y1), placing.transform(x2, y1), placing.transform(x2, y2), placing.transform(x1, y2)
        });
    }

    /** Two boxes overlap unless a side of one of them parts them. */
    private static boolean overlap(Box a, Box b) {
        return !parts(a, b) && !parts(b, a);
    }

    private static boolean parts(Box a, Box b) {
        for (int i = 0; i < 2; i++) {
            Point2D along = a.corners()[i + 1].subtract(a.corners()[i]);
            double[] one = reach(a, along);
            double[] two = reach(b, along);
            if (one[1] <= two[0] || two[1] <= one[0]) {
                return true;
            }
        }
        return false;
    }

    private static double[] reach(Box box, Point2D along) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Point2D corner : box.corners()) {
            double at = corner.dotProduct(along);
            least = Math.min(least, at);
            most = Math.max(most, at);
        }
        return new double[] {least, most};
    }

    private static double width(Font font, String words) {
        return WIDTHS.computeIfAbsent(new Key(font, words), key -> {
            Text text = new Text(key.words());
            text.setFont(key.font());
            Bounds bounds = text.getLayoutBounds();
            return bounds.getWidth();
        });
    }
}
