package bathyra.app.block;

import bathyra.app.stage.Marks;
import bathyra.app.workshop.Workshop;
import bathyra.block.Step;
import java.util.Optional;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** The step in hand in words, the way through the steps, and for a learner the field for the answer. */
final class StepStrip extends VBox {
    private static final Duration PACE = Duration.seconds(2.2);

    private final Workshop workshop;
    private final BlockModel model;
    private final Label title = new Label();
    private final Label words = new Label();
    private final Label count = new Label();
    private final Label verdict = new Label();
    private final Button play = new Button("Play");
    private final TextField answer = new TextField();
    private final Label unit = new Label();
    private final TextField learner = new TextField();
    private final HBox practice;
    private final Timeline playing = new Timeline(new KeyFrame(PACE, e -> onward()));
    private int shownStep = -1;

    StepStrip(Workshop workshop, BlockModel model) {
        this.workshop = workshop;
        this.model = model;
        getStyleClass().add("step-strip");
        title.getStyleClass().add("section-title");
        title.setId("step-title");
        words.getStyleClass().add("step-words");
        words.setId("step-words");
        words.setWrapText(true);
        verdict.getStyleClass().add("words");
        verdict.setId("verdict");
        count.setId("step-count");
        count.setMinWidth(Region.USE_PREF_SIZE);
        playing.setCycleCount(Timeline.INDEFINITE);
        Button first = button("step-first", "To the first", () -> model.go(0));
        Button back = button("step-back", "Back", model::back);
        Button forward = button("step-forward", "Forward", model::forward);
        play.setId("step-play");
        play.setOnAction(e -> play(playing.getStatus() != Timeline.Status.RUNNING));
        HBox way = new HBox(8, first, back, forward, play, count);
        way.getStyleClass().add("fields");
        answer.setId("answer");
        answer.setAccessibleText("Your figure for this step");
        answer.setPromptText("your figure");
        answer.setOnAction(e -> model.answer(answer.getText()));
        Button look = button("answer-look", "Look", () -> model.answer(answer.getText()));
        Button reveal = button("answer-show", "Show it", model::forward);
        learner.setId("learner");
        learner.setPromptText("who practises");
        learner.setAccessibleText("Whose attempts are logged");
        learner.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                model.learner(learner.getText());
            }
        });
        learner.setOnAction(e -> model.learner(learner.getText()));
        practice = new HBox(8, answer, unit, look, reveal, new Label("Log for"), learner);
        practice.getStyleClass().add("fields");
        play.managedProperty().bind(play.visibleProperty());
        practice.managedProperty().bind(practice.visibleProperty());
        getChildren().addAll(title, words, practice, verdict, way);
        sceneProperty().addListener((o, was, now) -> {
            if (now == null) {
                play(false);
            }
        });
    }

    private static Button button(String id, String text, Runnable deed) {
        Button button = new Button(text);
        button.setId(id);
        button.setOnAction(e -> deed.run());
        return button;
    }

    private void play(boolean on) {
        play.setText(on ? "Pause" : "Play");
        if (on) {
            playing.play();
        } else {
            playing.stop();
        }
    }

    private void onward() {
        if (model.stepNumber() >= model.steps().size()) {
            play(false);
        } else {
            model.forward();
        }
    }

    void show() {
        Optional<Step> step = model.step();
        boolean practising = model.mode() == BlockModel.Mode.PRACTICE;
        practice.setVisible(practising && step.flatMap(Step::figure).isPresent());
        play.setVisible(!practising);
        title.setText(step.map(
                        s -> s.half().label() + ": " + s.title().substring(0, 1).toLowerCase(java.util.Locale.ROOT)
                                + s.title().substring(1))
                .orElse("No steps yet"));
        words.setText(step.map(s -> practising ? model.asked(s) : s.words().in(workshop.unit()))
                .orElse("This school cannot draft the block from these figures."));
        count.setText("Step " + model.stepNumber() + " of " + model.steps().size());
        unit.setText(workshop.unit().symbol());
        if (shownStep != model.stepNumber()) {
            shownStep = model.stepNumber();
            answer.clear();
        }
        if (!learner.isFocused()) {
            learner.setText(model.learner());
        }
        verdict.setText(model.verdict()
                .map(BlockModel.Verdict::words)
                .orElse(practising ? "Type the figure, or point at the place on the table." : ""));
        verdict.setGraphic(model.verdict()
                .map(v -> v.correct() ? Marks.tick() : Marks.cross())
                .orElse(null));
    }
}
