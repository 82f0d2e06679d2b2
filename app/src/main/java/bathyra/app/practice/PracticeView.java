package bathyra.app.practice;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.stage.Days;
import bathyra.app.stage.Files;
import bathyra.app.stage.Scroll;
import bathyra.app.table.LookSwitch;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.length.LengthText;
import bathyra.practice.Exercise;
import bathyra.practice.Repetition;
import bathyra.practice.Skill;
import bathyra.practice.WholeDraft;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Practice: one question at a time, hints in three depths, slips called by their names; beside it where each skill stands. */
public final class PracticeView extends BorderPane {
    private static final double READABLE = 720;

    private final Workshop workshop;
    private final PracticeModel model;
    private final Label skill = new Label();
    private final Label question = new Label();
    private final TextField answer = new TextField();
    private final Label unit = new Label();
    private final VBox hints = new VBox(4);
    private final Label verdict = new Label();
    private final PracticePicture picture = new PracticePicture();
    private final Button look = new Button("Look");
    private final Button next = new Button("Next");
    private final Button hint = CardRows.deed("A hint", "practice-hint", this::hint);
    private final TextField learner = new TextField();
    private final Card card = new Card();
    private final List<Button> outward;
    private Optional<Exercise> shown = Optional.empty();

    public PracticeView(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.model = new PracticeModel(workshop, Platform::runLater, this::show, new Random());
        setId("practice");
        skill.getStyleClass().add("chart-title");
        skill.setId("practice-skill");
        question.getStyleClass().add("practice-question");
        question.setWrapText(true);
        question.setId("practice-question");
        question.setMinHeight(Region.USE_PREF_SIZE);
        answer.setId("practice-answer");
        answer.setAccessibleText("Your figure");
        answer.setPromptText("your figure");
        answer.setPrefColumnCount(10);
        answer.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (PlaceKey.ANSWER.isPressed(e)) {
                lookOrGoOn();
                e.consume();
            }
        });
        look.setId("practice-look");
        look.getStyleClass().add("primary");
        look.setOnAction(e -> model.answer(answer.getText()));
        next.setId("practice-next");
        next.setOnAction(e -> model.goOn());
        verdict.setId("practice-verdict");
        verdict.setWrapText(true);
        verdict.setMinHeight(Region.USE_PREF_SIZE);
        FlowPane row = new FlowPane(8, 8, answer, unit, look, hint, next);
        row.setAlignment(Pos.CENTER_LEFT);
        Label title = new Label("Practice");
        title.getStyleClass().add("page-title");
        VBox page = new VBox(14, title, who(), skill, question, row, hints, verdict, picture);
        page.getStyleClass().add("practice-page");
        page.setMaxWidth(READABLE);
        BorderPane middle = new BorderPane();
        middle.setCenter(page);
        BorderPane.setAlignment(page, Pos.TOP_LEFT);
        middle.getStyleClass().add("practice-ground");
        setCenter(middle);
        setRight(Scroll.filling(card));
        outward = List.of(
                CardRows.deed("A sheet for the class", "practice-sheet", () -> files.where(
                                getScene().getWindow(), "A sheet of exercises with its answers", "practice.pdf")
                        .ifPresent(model::writeSheet)),
                CardRows.deed("The class as a table", "practice-class", () -> files.where(
                                getScene().getWindow(), "How everybody stands", "class.csv")
                        .ifPresent(model::writeClass)),
                CardRows.deed("Draft a whole block along", "practice-block", () -> workshop.whereabouts()
                        .goTo(Stage.BLOCK)));
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (PlaceKey.CLOSE.isPressed(e)) {
                workshop.whereabouts().close();
                e.consume();
            }
        });
        sceneProperty().addListener((o, was, now) -> {
            if (now != null) {
                Platform.runLater(answer::requestFocus);
            }
        });
        workshop.showing().whileShown(this, () -> {
            model.bringUpToDate();
            show();
        });
    }

    private FlowPane who() {
        learner.setId("practice-learner");
        learner.setPromptText("who practises");
        learner.setAccessibleText("Who practises");
        learner.setText(model.learner());
        learner.setOnAction(e -> model.learner(learner.getText()));
        learner.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                model.learner(learner.getText());
            }
        });
        LookSwitch<PracticeModel.Source> source = new LookSwitch<>(
                "practice-from-",
                List.of(PracticeModel.Source.values()),
                model.source(),
                PracticeModel.Source::label,
                model::from);
        LookSwitch<PracticeModel.Course> course = new LookSwitch<>(
                "practice-course-",
                List.of(PracticeModel.Course.values()),
                model.course(),
                PracticeModel.Course::label,
                model::course);
        FlowPane row = new FlowPane(10, 8, learner, source, course);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Enter looks at an answer, and goes on from one that is right. */
    private void lookOrGoOn() {
        if (model.verdict().filter(Exercise.Verdict::correct).isPresent()) {
            model.goOn();
        } else {
            model.answer(answer.getText());
        }
    }

    private void hint() {
        model.hint();
    }

    private void show() {
        Optional<Exercise> asked = model.asked();
        boolean there = asked.isPresent();
        if (!asked.equals(shown)) {
            shown = asked;
            answer.clear();
        }
        Optional<WholeDraft> whole = model.whole();
        skill.setText(asked.map(
                        e -> e.skill().label() + whole.map(PracticeView::place).orElse(""))
                .orElse(whole.isPresent() ? "The draft is done" : "Nothing to reckon with yet"));
        question.setText(asked.map(e -> e.asked().in(workshop.unit())).orElseGet(() -> nothingAsked(whole)));
        next.setText(asked.isEmpty() && whole.isPresent() ? "From the beginning" : "Next");
        unit.setText(workshop.unit().symbol());
        look.setDisable(!there);
        next.setDisable(!there && whole.filter(w -> !w.all().isEmpty()).isEmpty());
        answer.setDisable(!there);
        hint.setVisible(there && model.hints() < Exercise.Depth.values().length);
        hint.setText(model.hints() == 0 ? "A hint" : "One more");
        hints.getChildren().clear();
        for (int i = 0; i < model.hints() && there; i++) {
            Label words = new Label(asked.get().hint(Exercise.Depth.values()[i], workshop.unit()));
            words.getStyleClass().add(i == 2 ? "formula" : "words");
            words.setMinHeight(Region.USE_PREF_SIZE);
            words.setWrapText(true);
            words.setId("practice-hint-" + (i + 1));
            hints.getChildren().add(words);
        }
        picture.show(model.drawing());
        verdict();
        card();
    }

    private static String place(WholeDraft whole) {
        return ", " + (whole.at() + 1) + " of " + whole.all().size();
    }

    private static String nothingAsked(Optional<WholeDraft> whole) {
        return whole.filter(w -> !w.all().isEmpty())
                .map(w -> w.right() + " of " + w.all().size()
                        + " figures were right at the first try. Another body gives another draft.")
                .orElse("Take the measurements first, or practise on a made-up body.");
    }

    private void verdict() {
        verdict.getStyleClass().setAll("label");
        if (!model.said().isEmpty()) {
            verdict.setText(model.said());
            verdict.getStyleClass().add("caution");
        } else if (model.verdict().isPresent() && model.asked().isPresent()) {
            Exercise.Verdict looked = model.verdict().get();
            verdict.setText(
                    looked.correct()
                            ? "Right: "
                                    + LengthText.say(
                                            model.asked().get().answer().length(), workshop.unit()) + ". Enter goes on."
                            : looked.slip()
                                    .map(s -> "Not this. " + s.in(workshop.unit()))
                                    .orElse("Not this. Look once more at what is asked."));
            verdict.getStyleClass().add(looked.correct() ? "state-holds" : "caution");
        } else {
            verdict.setText("");
        }
    }

    /** Where each skill stands. */
    private void card() {
        card.begin("Where it stands");
        Repetition repetition = model.repetition();
        card.words((model.learner().isEmpty() ? "Nobody is named" : model.learner())
                + "; right "
                + repetition.boxes().values().stream()
                        .mapToInt(Repetition.Box::right)
                        .sum()
                + ", wrong "
                + repetition.boxes().values().stream()
                        .mapToInt(Repetition.Box::wrong)
                        .sum()
                + ".");
        for (Skill each : Skill.values()) {
            Repetition.Box box = repetition.boxes().get(each);
            card.words(
                    each.label()
                            + (box == null
                                    ? ": not tried"
                                    : ": box " + box.number() + " of 5, again " + Days.say(box.due()) + "; "
                                            + box.right() + " right, " + box.wrong() + " wrong"),
                    box == null ? "quiet" : "words");
        }
        card.words(
                "A right answer moves a skill one box on, a wrong one back to the first; it comes again after 0, 1, 3, 7 or 21 days (Leitner, 1972). With all three hints it does not count.",
                "quiet");
        card.section("For a class");
        outward.forEach(card::add);
        card.end();
    }
}
