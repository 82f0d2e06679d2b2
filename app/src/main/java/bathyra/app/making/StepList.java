package bathyra.app.making;

import bathyra.app.stage.RowStrip;
import bathyra.app.table.TextSize;
import bathyra.workload.Hours;
import bathyra.workplan.WorkPlan;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** The steps in their order, each with its minutes as a strip: the strip is planned, the thread on it is taken. */
final class StepList extends RowStrip {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final PseudoClass DONE = PseudoClass.getPseudoClass("done");
    /** Pixels a minute, and no strip is longer. */
    private static final double MINUTE = 0.42;

    private static final double STRIP_MOST = 76;
    private static final double WIDTH = 446;
    private static final double WORDS = 160;

    private final MakingModel model;
    /** The step that was brought into view: one may look elsewhere afterwards. */
    private Optional<String> revealed = Optional.empty();

    StepList(MakingModel model) {
        super("The steps", "the strip is planned, the thread is taken");
        this.model = model;
        foot.setId("making-sum");
        getStyleClass().add("making-steps");
        TextSize.width(this, WIDTH, WORDS);
    }

    void refresh() {
        Optional<WorkPlan> work = model.work();
        Optional<WorkPlan.Step> inHand = model.step();
        List<WorkPlan.Step> steps = work.map(WorkPlan::steps).orElse(List.of());
        rows.getChildren()
                .setAll(steps.stream()
                        .map(s -> row(
                                steps.indexOf(s) + 1,
                                s,
                                inHand.filter(s::equals).isPresent()))
                        .toList());
        Optional<String> now = inHand.map(i -> i.task().id());
        if (!now.equals(revealed)) {
            revealed = now;
            inHand.map(steps::indexOf)
                    .filter(i -> i >= 0)
                    .ifPresent(i -> reveal(rows.getChildren().get(i)));
        }
        foot.setText(work.map(w -> Math.round(w.taken()) + " of " + Math.round(w.planned()) + " minutes, "
                        + Hours.counted(w.left()) + " to go")
                .orElse(""));
    }

    private Button row(int index, WorkPlan.Step step, boolean inHand) {
        Label number = new Label(Integer.toString(index));
        number.getStyleClass().add("mark-number");
        Label name = new Label(step.task().label());
        name.getStyleClass().add("mark-seen");
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Label figures = new Label(figures(step));
        figures.getStyleClass().add("step-figures");
        HBox line = new HBox(10, number, name, figures);
        if (TextSize.now() != TextSize.LARGEST) {
            // At the largest words the strip's room goes to the name; the minutes stand beside it.
            line.getChildren().add(2, strip(step));
        }
        line.setAlignment(Pos.CENTER_LEFT);
        Button row = new Button();
        row.setGraphic(line);
        row.setMaxWidth(Double.MAX_VALUE);
        line.prefWidthProperty().bind(row.widthProperty().subtract(16));
        row.getStyleClass().setAll("mark-row", "step-row");
        row.setId("step-" + step.task().id());
        row.pseudoClassStateChanged(SELECTED, inHand);
        row.pseudoClassStateChanged(DONE, step.progress().done());
        row.setAccessibleText("Step " + index + ", " + step.task().label() + ", " + figures.getText()
                + (step.progress().done() ? ", done" : ""));
        row.setOnAction(e -> model.choose(step.task()));
        return row;
    }

    private static String figures(WorkPlan.Step step) {
        String planned = Math.round(step.planned().value()) + " min";
        return step.progress().minutes() == 0
                ? planned
                : Math.round(step.progress().minutes()) + " of " + planned;
    }

    private static StackPane strip(WorkPlan.Step step) {
        double planned = Math.min(STRIP_MOST, step.planned().value() * MINUTE);
        double taken = Math.min(STRIP_MOST, step.progress().minutes() * MINUTE);
        StackPane strip = new StackPane(
                part("strip-planned", planned),
                part("strip-taken", Math.min(taken, planned)),
                part("strip-over", Math.max(0, taken - planned)));
        strip.getChildren().get(2).setTranslateX(planned);
        strip.setAlignment(Pos.CENTER_LEFT);
        strip.setMinWidth(STRIP_MOST);
        strip.setMaxWidth(STRIP_MOST);
        return strip;
    }

    private static Region part(String style, double width) {
        Region part = new Region();
        part.getStyleClass().add(style);
        part.setMinWidth(width);
        part.setMaxWidth(width);
        part.setVisible(width > 0);
        return part;
    }
}
