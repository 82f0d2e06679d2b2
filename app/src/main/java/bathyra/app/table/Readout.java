package bathyra.app.table;

import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The few words beside what is dragged: its value, and what else changes with it. */
public final class Readout extends VBox {
    private static final double RIGHT = 16;
    private static final double BELOW = 14;
    private static final double MARGIN = 8;

    private final Table table;

    public Readout(Table table) {
        this.table = table;
        getStyleClass().add("readout");
        setManaged(false);
        setMouseTransparent(true);
        setVisible(false);
        table.handles().getChildren().add(this);
    }

    /** Says something beside a place on the table, in its pixels, and never beyond its border. */
    public void say(double x, double y, String value, String... more) {
        while (getChildren().size() <= more.length) {
            Label line = new Label();
            if (getChildren().isEmpty()) {
                line.getStyleClass().add("value");
            }
            getChildren().add(line);
        }
        getChildren().remove(more.length + 1, getChildren().size());
        line(0).setText(value);
        for (int i = 0; i < more.length; i++) {
            line(i + 1).setText(more[i]);
        }
        setVisible(true);
        autosize();
        relocate(
                Math.max(0, Math.min(x + RIGHT, table.getWidth() - getWidth() - MARGIN)),
                Math.max(0, Math.min(y + BELOW, table.getHeight() - getHeight() - MARGIN)));
        toFront();
    }

    /** The same beside the pointer. */
    public void sayAt(Point2D pointer, String words) {
        say(pointer.getX(), pointer.getY(), words);
    }

    private Label line(int index) {
        return (Label) getChildren().get(index);
    }

    /** Says nothing any more. */
    public void end() {
        setVisible(false);
    }
}
