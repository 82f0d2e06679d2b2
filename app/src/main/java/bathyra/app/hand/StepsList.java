package bathyra.app.hand;

import bathyra.app.stage.Revealing;
import bathyra.app.stage.Scroll;
import bathyra.hand.HandStep;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The figures of a piece in the order in which they are drawn; what is done is ticked. */
final class StepsList extends Scroll {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");

    private final HandModel model;
    private final VBox rows = new VBox();
    private final List<Button> buttons = new ArrayList<>();
    private List<HandStep> built = List.of();
    private HandModel.Size size = HandModel.Size.FULL;

    StepsList(HandModel model) {
        this.model = model;
        setId("hand-steps");
        setContent(rows);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        rows.getStyleClass().add("hand-steps");
    }

    void show() {
        List<HandStep> steps = model.inHand().steps();
        if (steps != built || size != model.size()) {
            built = steps;
            size = model.size();
            build(steps);
        }
        int done = model.done(model.index());
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).pseudoClassStateChanged(DONE, i < done);
            buttons.get(i).pseudoClassStateChanged(SELECTED, i == done);
        }
        if (done < buttons.size()) {
            Revealing.in(this, rows, buttons.get(done));
        }
    }

    private void build(List<HandStep> steps) {
        rows.getChildren().clear();
        buttons.clear();
        HandStep.Kind last = null;
        for (int i = 0; i < steps.size(); i++) {
            HandStep step = steps.get(i);
            if (step.kind() != last) {
                title(step.kind()).ifPresent(rows.getChildren()::add);
                last = step.kind();
            }
            rows.getChildren().add(row(i, step));
        }
    }

    private static java.util.Optional<Node> title(HandStep.Kind kind) {
        String words =
                switch (kind) {
                    case GRAIN -> "The axes";
                    case HEIGHT -> "Heights: left, right, across";
                    case CORNER -> "Then the corners";
                    case EDGE -> "Edges from their chords";
                    case MEASURE -> "Measure after joining";
                    default -> "";
                };
        if (words.isEmpty()) {
            return java.util.Optional.empty();
        }
        Label label = new Label(words);
        label.getStyleClass().add("group-title");
        return java.util.Optional.of(label);
    }

    private Node row(int index, HandStep step) {
        Label number = new Label(Integer.toString(index + 1));
        number.getStyleClass().add("mark-number");
        Label name = new Label(name(step));
        name.getStyleClass().add("mark-seen");
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Label figures = new Label(figures(step));
        figures.getStyleClass().add("figure-strong");
        figures.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(8, number, name, figures);
        line.setAlignment(Pos.CENTER_LEFT);
        Button row = new Button();
        row.setGraphic(line);
        row.setMaxWidth(Double.MAX_VALUE);
        line.prefWidthProperty().bind(row.widthProperty().subtract(16));
        row.getStyleClass().setAll("mark-row", "step-row");
        row.setId("hand-step-" + index);
        row.setAccessibleText("Step " + (index + 1) + ", " + name.getText() + ", " + figures.getText());
        row.setOnAction(e -> model.go(index));
        buttons.add(row);
        return row;
    }

    private String name(HandStep step) {
        if (step.row().isEmpty()) {
            return step.name();
        }
        double up = step.row().get().up();
        String height = up == 0 ? "on the line" : model.say(Math.abs(up)) + (up > 0 ? " up" : " down");
        return step.name().isEmpty() ? height : step.name() + ", " + height;
    }

    private String figures(HandStep step) {
        if (step.kind() == HandStep.Kind.HEIGHT) {
            var row = step.row().orElseThrow();
            return row.left().map(model::say).orElse("–") + "   "
                    + row.right().map(model::say).orElse("–") + "   "
                    + row.across()
                            .map(a -> LengthText.figure(
                                    Length.mm(model.drawn(row.left().get())
                                            + model.drawn(row.right().get())),
                                    model.unit()))
                            .orElse("–");
        }
        return step.figures().stream()
                .map(f -> model.tell(f.mm()) + (step.figures().size() > 1 ? " " + f.words() : ""))
                .collect(Collectors.joining(", "));
    }
}
