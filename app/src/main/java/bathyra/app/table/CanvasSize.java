package bathyra.app.table;

import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;

/** A canvas as large as its pane. A pane is laid out anew whenever a word on it changes, which is no reason to paint it. */
final class CanvasSize {
    private CanvasSize() {}

    /** @return whether the canvas has become another size, and is empty */
    static boolean follow(Canvas canvas, Region pane) {
        if (canvas.getWidth() == pane.getWidth() && canvas.getHeight() == pane.getHeight()) {
            return false;
        }
        canvas.setWidth(pane.getWidth());
        canvas.setHeight(pane.getHeight());
        return true;
    }
}
