package bathyra.app.shelf;

import bathyra.app.stage.Days;
import bathyra.app.stage.SketchPicture;
import bathyra.book.Commissions.Entry;
import bathyra.geometry.Point;
import java.util.List;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One commission on the shelf: wearer, title, how far it has come, its day. */
final class ShelfCell extends ListCell<Entry> {
    private final Label wearer = new Label();
    private final Label title = new Label();
    private final Label state = new Label();
    private final Label due = new Label();
    private final HBox row;
    private final SketchPicture picture = new SketchPicture();
    private final Function<Entry, String> states;
    private final Function<Entry, List<List<Point>>> sketches;

    /** @param states tells how far a commission has come @param sketches tells how its garment looks */
    ShelfCell(Function<Entry, String> states, Function<Entry, List<List<Point>>> sketches) {
        this.states = states;
        this.sketches = sketches;
        wearer.getStyleClass().add("shelf-wearer");
        title.getStyleClass().add("quiet");
        state.getStyleClass().add("quiet");
        due.getStyleClass().add("shelf-due");
        // A long name or title is shortened before the state and the day leave the list.
        VBox names = new VBox(wearer, title);
        names.setMinWidth(0);
        HBox.setHgrow(names, Priority.ALWAYS);
        state.setMinWidth(Region.USE_PREF_SIZE);
        due.setMinWidth(Region.USE_PREF_SIZE);
        row = new HBox(16, picture, names, state, due);
        setPrefWidth(0);
        row.getStyleClass().add("shelf-row");
        setText(null);
    }

    @Override
    protected void updateItem(Entry entry, boolean empty) {
        super.updateItem(entry, empty);
        setGraphic(empty || entry == null ? null : row);
        if (entry != null && !empty) {
            picture.show(sketches.apply(entry));
            wearer.setText(entry.wearer());
            title.setText(entry.title());
            state.setText(entry.archived() ? "archived" : states.apply(entry));
            due.setText(entry.due().map(Days::sayWithYear).orElse(""));
            setAccessibleText(entry.wearer() + ", " + entry.title() + ", " + state.getText());
        }
    }
}
