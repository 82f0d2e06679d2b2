package bathyra.app.stage;

import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Rows beside the table or under it: a title and what it is about, the rows, which scroll, and a line at the foot. */
public abstract class RowStrip extends VBox {
    protected final VBox rows = new VBox();
    protected final Label foot = new Label();
    private final Scroll scroll;

    protected RowStrip(String title, String about) {
        Label head = new Label(title);
        head.getStyleClass().add("section-head");
        head.setMinWidth(Region.USE_PREF_SIZE);
        Label quiet = new Label(about);
        quiet.getStyleClass().add("quiet");
        quiet.setWrapText(true);
        FlowPane above = new FlowPane(10, 0, head, quiet);
        above.setRowValignment(VPos.BASELINE);
        above.setMinHeight(Region.USE_PREF_SIZE);
        scroll = Scroll.down(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        foot.getStyleClass().add("status-line");
        foot.setWrapText(true);
        foot.setMinHeight(Region.USE_PREF_SIZE);
        getStyleClass().add("strip");
        getChildren().addAll(above, scroll, foot);
    }

    /** Brings a row into view, if it is not. */
    protected final void reveal(Node row) {
        Revealing.in(scroll, rows, row);
    }
}
