package bathyra.app.stage;

import bathyra.geometry.Point;
import java.util.List;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/** A garment as a small flat drawing. */
public final class SketchPicture extends StackPane {
    private static final double WIDE = 92;
    private static final double HIGH = 40;
    private final SVGPath path = new SVGPath();

    public SketchPicture() {
        path.getStyleClass().add("sketch");
        setMinSize(WIDE, HIGH);
        setMaxSize(WIDE, HIGH);
        getChildren().add(path);
    }

    /** @param lines closed, mm from the upper left corner; none for a garment that was not drafted yet */
    public void show(List<List<Point>> lines) {
        double wide = extent(lines, true);
        double high = extent(lines, false);
        double scale = lines.isEmpty() ? 1 : Math.min(WIDE / wide, HIGH / high);
        StringBuilder content = new StringBuilder();
        for (List<Point> line : lines) {
            for (int i = 0; i < line.size(); i++) {
                content.append(i == 0 ? 'M' : 'L')
                        .append((float) (line.get(i).x() * scale))
                        .append(' ')
                        .append((float) (line.get(i).y() * scale));
            }
            content.append('Z');
        }
        path.setContent(content.toString());
    }

    private static double extent(List<List<Point>> lines, boolean across) {
        return Math.max(
                1,
                lines.stream()
                        .flatMap(List::stream)
                        .mapToDouble(p -> across ? p.x() : p.y())
                        .max()
                        .orElse(1));
    }
}
