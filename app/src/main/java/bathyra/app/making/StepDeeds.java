package bathyra.app.making;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.reckoning.Deed;
import bathyra.app.table.TextSize;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What can be done with the order of the steps: one moved, left out, added; the order kept for the garments to come. */
final class StepDeeds {
    private static final double MINUTES = 56;

    private final MakingModel model;
    private final TextField label = new TextField();
    private final TextField minutes = new TextField();
    private final Label wrong = new Label();
    private final VBox adding;
    /** The same nodes each time: one that is pressed must be there when it is let go. */
    private final HBox moving;

    private final Button takeIn;
    private final Button keep;
    private final Button use;

    StepDeeds(MakingModel model) {
        this.model = model;
        label.setId("own-step");
        label.setPromptText("A step of your own");
        label.setAccessibleText("A step of your own");
        HBox.setHgrow(label, Priority.ALWAYS);
        minutes.setId("own-minutes");
        minutes.setPromptText("min");
        minutes.setAccessibleText("Minutes of the step of your own");
        TextSize.width(minutes, MINUTES);
        label.setOnAction(e -> add());
        minutes.setOnAction(e -> add());
        wrong.getStyleClass().add("caution");
        wrong.setWrapText(true);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        wrong.visibleProperty().bind(wrong.managedProperty());
        HBox row = new HBox(6, label, minutes, CardRows.deed("Add", "add-step", this::add));
        row.getStyleClass().add("fields");
        adding = new VBox(4, row, wrong);
        moving = new HBox(
                12,
                Deed.button("step-earlier", "Earlier", () -> model.ordering().move(-1)),
                Deed.button("step-later", "Later", () -> model.ordering().move(1)),
                Deed.button("step-out", "Leave it out", model.ordering()::leaveOut));
        takeIn = Deed.button("steps-in", "", model.ordering()::takeIn);
        keep = Deed.button("keep-order", "Keep this order for garments to come", model.ordering()::keepOrder);
        use = Deed.button("use-order", "Work in the order that was kept", model.ordering()::useOrder);
    }

    private void add() {
        Optional<String> said = model.ordering().add(label.getText(), minutes.getText());
        wrong.setText(said.orElse(""));
        if (said.isEmpty()) {
            label.clear();
            minutes.clear();
        }
    }

    void show(Card card) {
        card.section("The order of working");
        card.add(moving);
        card.add(adding);
        int out = model.plan().order().leftOut().size();
        if (out > 0) {
            takeIn.setText("Take in again what is left out (" + out + ")");
            card.add(takeIn);
        }
        if (!model.ordering().followsHouse()) {
            card.add(keep);
            card.add(use);
        }
    }
}
