package bathyra.piece;

import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** A pattern as a small flat drawing: its pieces side by side in wearing order, coarse. */
public final class Sketch {
    /** Coarser than a pixel of a small drawing, mm. */
    private static final double COARSE = 3;

    private static final double APART = 14;

    private Sketch() {}

    /** Each piece as a closed line, mm from the upper left corner. */
    public static List<List<Point>> of(Pattern pattern) {
        List<List<Point>> lines = new ArrayList<>();
        double top = pattern.pieces().stream()
                .flatMap(p -> p.flattened(COARSE).stream())
                .mapToDouble(Point::y)
                .min()
                .orElse(0);
        double x = 0;
        for (Piece piece : pattern.pieces()) {
            List<Point> outline = piece.flattened(COARSE);
            double left = outline.stream().mapToDouble(Point::x).min().orElse(0);
            double right = outline.stream().mapToDouble(Point::x).max().orElse(0);
            double shift = x - left;
            lines.add(outline.stream()
                    .map(p -> new Point(p.x() + shift, p.y() - top))
                    .toList());
            x += right - left + APART;
        }
        return lines;
    }
}
