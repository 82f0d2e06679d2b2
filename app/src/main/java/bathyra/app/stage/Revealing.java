package bathyra.app.stage;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;

/** Scrolls rows just so far that one of them is seen. */
public final class Revealing {
    private Revealing() {}

    /** @param rows what scrolls @param row among them */
    public static void in(ScrollPane scroll, Region rows, Node row) {
        // Where it lies is known once the rows have been laid out.
        rows.applyCss();
        scroll.layout();
        rows.layout();
        double seen = scroll.getViewportBounds().getHeight();
        double hidden = rows.getHeight() - seen;
        double above = scroll.getVvalue() * hidden;
        Bounds at = row.getBoundsInParent();
        if (hidden > 0 && at.getMinY() < above) {
            scroll.setVvalue(at.getMinY() / hidden);
        } else if (hidden > 0 && at.getMaxY() > above + seen) {
            scroll.setVvalue((at.getMaxY() - seen) / hidden);
        }
    }
}
