package bathyra.piece;

import bathyra.geometry.Point;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * The line a piece is cut along: its outline with allowances.
 *
 * @param line closed, chord error under 0.05 mm
 * @param widths the width of each edge's allowance by its name, mm; empty where it is not known
 */
public record CuttingLine(List<Point> line, Map<String, Double> widths) {
    public CuttingLine {
        line = List.copyOf(line);
        widths = Map.copyOf(widths);
    }

    /** A line of which the allowances are not known. */
    public static CuttingLine of(List<Point> line) {
        return new CuttingLine(line, Map.of());
    }

    public CuttingLine mapped(UnaryOperator<Point> way) {
        return new CuttingLine(line.stream().map(way).toList(), widths);
    }
}
