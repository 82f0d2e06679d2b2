package bathyra.app.along;

import bathyra.along.AlongStep;
import bathyra.along.DraftAlong;
import bathyra.app.keyboard.PlaceKey;
import bathyra.app.output.AllOrNone;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.stage.Files;
import bathyra.app.stage.Motion;
import bathyra.app.stage.Scroll;
import bathyra.app.table.Table;
import bathyra.app.table.TextSize;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.files.pdf.AlongBooklet;
import bathyra.reckon.Quantity;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.slf4j.LoggerFactory;

/** The whole draft, step by step: the paper, what is done, its figure with how it comes about, why, and what people get wrong there. */
public final class AlongView extends BorderPane {
    private static final Duration PACE = Duration.seconds(4);
    private static final double STRIP = 168;

    private final Workshop workshop;
    private final Table table;
    private final Card card = new Card();
    private final Label chapter = new Label();
    private final Label title = new Label();
    private final Label words = new Label();
    private final Label mistake = new Label();
    private final Label count = new Label();
    private final ProgressBar far = new ProgressBar(0);
    private final Button play = new Button("Play");
    private final Button booklet;
    private final Timeline playing = new Timeline(new KeyFrame(PACE, e -> onward()));
    private Optional<Draft> told = Optional.empty();
    private List<AlongStep> steps = List.of();
    private int at;
    private String said = "";

    public AlongView(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.table = new Table(workshop::unit);
        setId("along");
        table.setId("along-table");
        table.setAccessibleText("The paper at this step");
        playing.setCycleCount(Timeline.INDEFINITE);
        booklet = CardRows.deed("Print it as a booklet", "along-booklet", () -> files.where(
                        getScene().getWindow(), "The draft as a booklet", "draft-along.pdf")
                .ifPresent(this::print));
        ZoomSlip zoom = new ZoomSlip(table);
        zoom.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(zoom, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(zoom, new Insets(0, 10, 10, 0));
        StackPane frame = new StackPane(table, zoom);
        frame.setMinWidth(0);
        setCenter(new BorderPane(frame, null, null, strip(), null));
        setRight(Scroll.filling(card));
        card.onRule(rule -> workshop.whereabouts().ruleProperty().set(Optional.of(rule)));
        addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
        sceneProperty().addListener((o, was, now) -> {
            if (now == null) {
                play(false);
            } else {
                // Its keys work at once, whatever was pressed to come here.
                Platform.runLater(table::requestFocus);
            }
        });
        workshop.showing().whileShown(this, this::show);
    }

    private void keys(KeyEvent e) {
        if (PlaceKey.CLOSE.isPressed(e)) {
            workshop.whereabouts().close();
        } else if (PlaceKey.LINE_ON.isPressed(e)) {
            go(at + 1);
        } else if (PlaceKey.LINE_BACK.isPressed(e)) {
            go(at - 1);
        } else {
            return;
        }
        e.consume();
    }

    private VBox strip() {
        chapter.getStyleClass().add("card-label");
        title.getStyleClass().add("section-head");
        title.setId("along-title");
        words.setWrapText(true);
        words.setId("along-words");
        words.getStyleClass().add("step-words");
        mistake.setWrapText(true);
        mistake.getStyleClass().add("quiet");
        mistake.setId("along-mistake");
        count.setId("along-count");
        count.setMinWidth(Region.USE_PREF_SIZE);
        play.setId("along-play");
        play.setOnAction(e -> play(playing.getStatus() != Timeline.Status.RUNNING));
        FlowPane way = new FlowPane(
                8,
                4,
                button("along-first", "To the first", () -> go(0)),
                button("along-back", "Back", () -> go(at - 1)),
                button("along-forward", "Forward", () -> go(at + 1)),
                play,
                count,
                far);
        way.setAlignment(Pos.CENTER_LEFT);
        for (Label each : List.of(words, mistake)) {
            each.setMinHeight(Region.USE_PREF_SIZE);
        }
        VBox strip = new VBox(3, chapter, title, words, mistake, way);
        strip.getStyleClass().add("strip");
        TextSize.minHeight(strip, STRIP);
        return strip;
    }

    private static Button button(String id, String text, Runnable deed) {
        Button button = new Button(text);
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> deed.run());
        return button;
    }

    private void play(boolean on) {
        if (on && Motion.now() == Motion.SHOWN) {
            playing.play();
        } else {
            playing.stop();
        }
        play.setText(playing.getStatus() == Timeline.Status.RUNNING ? "Stop" : "Play");
    }

    private void onward() {
        if (at + 1 >= steps.size()) {
            play(false);
        } else {
            go(at + 1);
        }
    }

    private void go(int next) {
        int to = Math.max(0, Math.min(steps.size() - 1, next));
        boolean another = to != at
                && !steps.isEmpty()
                && steps.get(to).chapter() != steps.get(at).chapter();
        at = to;
        write();
        if (another) {
            table.fit();
        }
    }

    private void print(Path file) {
        try {
            AllOrNone.write(
                    Map.of(file, AlongBooklet.write(workshop.commission().title(), steps, workshop.unit())));
            said = "The booklet is in " + file.getFileName() + ".";
        } catch (IOException e) {
            LoggerFactory.getLogger(AlongView.class).warn("writing the booklet", e);
            said = file.getFileName() + " could not be written. Choose a place that you may write to, with room.";
        }
        write();
    }

    private void show() {
        Optional<Draft> now = workshop.half();
        if (!now.equals(told)) {
            told = now;
            steps = now.map(d -> DraftAlong.of(d, block(d))).orElse(List.of());
            at = Math.min(at, Math.max(0, steps.size() - 1));
            write();
            table.fit();
        } else {
            write();
        }
    }

    /** A corset is drafted on its levels alone. */
    private Optional<bathyra.block.BlockDrawing> block(Draft draft) {
        return draft.commission().garment().kind().isPanelled()
                ? Optional.empty()
                : Optional.ofNullable(workshop.block()).flatMap(b -> b.drawing());
    }

    private void write() {
        if (steps.isEmpty()) {
            table.clear();
            title.setText("Nothing drafted yet");
            words.setText(
                    "Take the measurements first; then the draft can be followed from its first line to its pieces.");
            card.begin("Draft along");
            card.end();
            return;
        }
        AlongStep step = steps.get(at);
        table.lay(new AlongDrawing(
                step, steps.stream().filter(s -> s.chapter() == step.chapter()).toList()));
        chapter.setText(step.chapter().label());
        title.setText(step.title());
        words.setText(step.words().in(workshop.unit()));
        mistake.setText("What goes wrong: " + step.mistake().in(workshop.unit()));
        count.setText("step " + (at + 1) + " of " + steps.size());
        far.setProgress((at + 1.0) / steps.size());
        card.begin(step.title());
        step.figure().filter(f -> f.quantity() == Quantity.LENGTH).ifPresent(f -> {
            card.figure(f, workshop.unit());
            card.reckoning(f, workshop.unit(), input -> {});
        });
        card.section("Why");
        card.words(Character.toUpperCase(step.why().title().charAt(0))
                + step.why().title().substring(1) + ".");
        card.add(CardRows.deed("Read the rule", "along-rule", () -> workshop.whereabouts()
                .ruleProperty()
                .set(Optional.of(step.why()))));
        card.section("On paper");
        card.add(booklet);
        if (!said.isEmpty()) {
            card.words(said, "caution").setId("along-said");
        }
        card.words("Page Down and Page Up go from step to step.", "quiet");
        card.end();
    }
}
