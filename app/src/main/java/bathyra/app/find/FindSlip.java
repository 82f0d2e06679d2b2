package bathyra.app.find;

import bathyra.app.keyboard.PlaceKey;
import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Finds anything: stages, deeds, figures, commissions, help. Typed into, chosen with the arrows, done with Enter; Escape leads back. */
public final class FindSlip extends VBox {
    private static final double WIDTH = 560;
    private static final double ROW = 30;
    private static final int MOST = 10;

    private final Supplier<List<Findable>> things;
    private final Runnable closed;
    private final TextField words = new TextField();
    private final ListView<Findable> list = new ListView<>();
    private final Label nothing = new Label();
    private Finder finder = new Finder(List.of());

    /** @param things asked each time it is opened @param closed done when it has gone */
    public FindSlip(Supplier<List<Findable>> things, Runnable closed) {
        super(6);
        this.things = things;
        this.closed = closed;
        words.setId("find");
        words.setPromptText("A stage, a deed, a figure, a wearer, a word of the guide");
        words.setAccessibleText("Find anything");
        words.textProperty().addListener((o, was, now) -> look());
        words.setOnAction(e -> go());
        list.setId("found-things");
        list.setAccessibleText("What was found");
        list.setFixedCellSize(ROW);
        list.setCellFactory(l -> new Cell());
        list.setOnMouseClicked(e -> go());
        list.setFocusTraversable(false);
        nothing.getStyleClass().add("quiet");
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        getStyleClass().add("find-slip");
        setMaxSize(WIDTH, Region.USE_PREF_SIZE);
        getChildren().addAll(words, list, nothing);
        setVisible(false);
        setManaged(false);
    }

    private void key(KeyEvent e) {
        int at = list.getSelectionModel().getSelectedIndex();
        if (PlaceKey.CLOSE_FIND.isPressed(e)) {
            close();
            e.consume();
        } else if (PlaceKey.FOUND.isPressed(e)) {
            int next = at + (PlaceKey.isBack(e) ? -1 : 1);
            if (next >= 0 && next < list.getItems().size()) {
                list.getSelectionModel().select(next);
                list.scrollTo(next);
            }
            e.consume();
        }
    }

    /** Opens it, empty. */
    public void open() {
        finder = new Finder(things.get());
        setVisible(true);
        setManaged(true);
        words.clear();
        look();
        words.requestFocus();
    }

    private void close() {
        setVisible(false);
        setManaged(false);
        closed.run();
    }

    private void look() {
        List<Findable> found = finder.find(words.getText(), MOST);
        list.getItems().setAll(found);
        list.setPrefHeight(found.size() * ROW + 2);
        list.setVisible(!found.isEmpty());
        list.setManaged(!found.isEmpty());
        list.getSelectionModel().selectFirst();
        nothing.setText(
                words.getText().isBlank()
                        ? "Enter does it or goes there, Escape leads back."
                        : found.isEmpty() ? "Nothing is called so." : "");
        nothing.setManaged(!nothing.getText().isEmpty());
        nothing.setVisible(nothing.isManaged());
    }

    private void go() {
        Findable chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            close();
            chosen.deed().run();
        }
    }

    /** What it is called, and what sort of thing it is. */
    private static final class Cell extends ListCell<Findable> {
        private final Label name = new Label();
        private final Label kind = new Label();
        private final HBox row = new HBox(12, name, kind);

        private Cell() {
            name.setMinWidth(0);
            name.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(name, Priority.ALWAYS);
            kind.getStyleClass().add("quiet");
            kind.setMinWidth(Region.USE_PREF_SIZE);
            row.setAlignment(Pos.CENTER_LEFT);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Findable item, boolean empty) {
            super.updateItem(item, empty);
            setGraphic(empty || item == null ? null : row);
            if (item != null && !empty) {
                name.setText(item.words());
                kind.setText(item.kind().label());
                setAccessibleText(item.words() + ", " + item.kind().label());
            }
        }
    }
}
