package bathyra.app.shell;

import bathyra.app.keys.KeyDeed;
import bathyra.app.stage.Marks;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Showing.Subject;
import bathyra.app.workshop.Workshop;
import bathyra.finding.Finding;
import bathyra.length.LengthUnit;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The slim bar on top: commission and wearer, the state of the checks, undo and redo, the unit, output. */
final class TopSlip extends HBox {
    private final Workshop workshop;
    private final Button title = new Button();
    private final Tooltip whole = new Tooltip();
    private final Label wearer = new Label();
    private final Label state = new Label();
    private final ToggleButton cm = new ToggleButton("cm");
    private final ToggleButton in = new ToggleButton(LengthUnit.IN.label());

    TopSlip(Workshop workshop, List<KeyDeed> keys) {
        this.workshop = workshop;
        getStyleClass().add("top-slip");
        title.getStyleClass().setAll("commission-title");
        title.setId("commission");
        title.setAccessibleText("Open the workshop book");
        title.setOnAction(e -> toggle(Over.BOOK));
        title.setTooltip(whole);
        wearer.getStyleClass().add("commission-wearer");
        state.setId("state");
        state.setMinWidth(Region.USE_PREF_SIZE);
        VBox names = new VBox(title, wearer);
        names.setMinWidth(120);
        HBox.setHgrow(names, Priority.ALWAYS);
        getChildren().addAll(names, state, undoButton(), redoButton(), units(), more(keys), outputButton());
        workshop.showing().on(this::show, Subject.COMMISSION);
        show();
    }

    private Button undoButton() {
        Button undo = new Button("", Marks.undo());
        undo.setId("undo");
        undo.getStyleClass().add("plain");
        undo.setMaxWidth(270);
        undo.textProperty().bind(workshop.undoLabelProperty().map(l -> l.isEmpty() ? "Undo" : "Undo " + l));
        Tooltip all = new Tooltip();
        all.textProperty().bind(workshop.undoLabelProperty().map(l -> "Undo " + l));
        undo.setTooltip(all);
        undo.disableProperty().bind(workshop.undoLabelProperty().isEmpty());
        undo.setOnAction(e -> workshop.undo());
        return undo;
    }

    private Button redoButton() {
        Button redo = new Button("", Marks.redo());
        redo.setId("redo");
        redo.getStyleClass().add("plain");
        redo.setAccessibleText("Redo");
        redo.setTooltip(new Tooltip("Redo"));
        redo.disableProperty().bind(workshop.redoLabelProperty().isEmpty());
        redo.setOnAction(e -> workshop.redo());
        return redo;
    }

    private HBox units() {
        ToggleGroup group = new ToggleGroup();
        cm.setToggleGroup(group);
        in.setToggleGroup(group);
        cm.setId("unit-cm");
        in.setId("unit-in");
        cm.getStyleClass().add("first");
        in.getStyleClass().add("last");
        cm.setOnAction(e -> choose(LengthUnit.CM));
        in.setOnAction(e -> choose(workshop.inches()));
        HBox box = new HBox(cm, in);
        box.getStyleClass().add("unit-switch");
        box.setMinWidth(Region.USE_PREF_SIZE);
        return box;
    }

    private void choose(LengthUnit unit) {
        if (workshop.unit() != unit) {
            workshop.naming().unit(unit);
        }
        show();
    }

    private static MenuButton more(List<KeyDeed> keys) {
        MenuButton more = new MenuButton("More");
        more.setId("more");
        more.setMinWidth(Region.USE_PREF_SIZE);
        for (KeyDeed deed : keys) {
            if (deed.inMenu()) {
                MenuItem line = new MenuItem(deed.words() + "   " + deed.keys());
                line.setOnAction(e -> deed.run().run());
                more.getItems().add(line);
            }
        }
        return more;
    }

    private Button outputButton() {
        Button button = new Button("Output");
        button.setId("output");
        button.getStyleClass().add("primary");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new Tooltip("Who receives it, on what paper: Ctrl+P"));
        button.setOnAction(e -> toggle(Over.OUTPUT));
        return button;
    }

    private void toggle(Over page) {
        if (workshop.whereabouts().isOpen(page)) {
            workshop.whereabouts().close();
        } else {
            workshop.whereabouts().open(page);
        }
    }

    private void show() {
        String name = workshop.commission().title();
        title.setText(name);
        whole.setText(name);
        wearer.setText(workshop.commission().wearer().name());
        cm.setSelected(workshop.unit() == LengthUnit.CM);
        in.setText(workshop.inches().label());
        in.setSelected(workshop.unit().isInches());
        state();
    }

    private void state() {
        if (workshop.isDrafting()) {
            state("Drafting …", "state-drafting", () -> null);
        } else if (workshop.refusal().isPresent()) {
            state("No draft from these figures", "state-fault", Marks::cross);
        } else {
            workshop.draft().ifPresent(draft -> {
                int notes = draft.with(Finding.Status.NOTE).size();
                int holds = draft.with(Finding.Status.OK).size();
                state(
                        holds + " checks hold" + (notes == 0 ? "" : notes == 1 ? ", 1 note" : ", " + notes + " notes"),
                        notes == 0 ? "state-holds" : "state-note",
                        notes == 0 ? Marks::tick : Marks::triangle);
            });
        }
    }

    private void state(String words, String type, Supplier<Node> mark) {
        state.setText(words);
        if (!state.getStyleClass().contains(type)) {
            state.getStyleClass().removeAll("state-drafting", "state-holds", "state-note", "state-fault");
            state.getStyleClass().add(type);
            state.setGraphic(mark.get());
        }
    }
}
