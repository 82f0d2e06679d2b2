package bathyra.app.steps;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.Showing.Subject;
import bathyra.app.workshop.Workshop;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Garment;
import bathyra.measure.MeasurementSet;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.slf4j.LoggerFactory;

/** The first steps as a slip under the title: one at a time, left at any moment and taken up again where they were left. */
public final class FirstSteps extends HBox {
    private static final String KEPT = "first-steps";
    private static final String COMMISSION = "first-steps-commission";
    private static final String OVER = "over";
    private static final String SOMEBODY = "the-heron";
    private static final String MADE_UP = "A made-up wearer";

    private final Workshop workshop;
    private final Label count = new Label();
    private final Label words = new Label();
    private final Button deed = new Button(FirstStep.WEARER.deed());
    private final Button skip = new Button("Skip this step");
    private final Button leave = new Button("Leave");
    private Optional<FirstStep> step;
    private Optional<Long> commission;
    private Optional<MeasurementSet> figures = Optional.empty();

    public FirstSteps(Workshop workshop) {
        super(12);
        this.workshop = workshop;
        this.step = kept();
        this.commission = workshop.book()
                .place(COMMISSION)
                .filter(id -> id.matches("\\d{1,18}"))
                .map(Long::parseLong);
        setId("first-steps");
        getStyleClass().add("first-steps");
        count.getStyleClass().add("check-name");
        count.setMinWidth(Region.USE_PREF_SIZE);
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        words.setId("first-step");
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        deed.setId("first-step-go");
        deed.getStyleClass().add("primary");
        deed.setMinWidth(Region.USE_PREF_SIZE);
        deed.setOnAction(e -> go());
        for (Button each : new Button[] {skip, leave}) {
            each.getStyleClass().add("deed");
            each.setMinWidth(Region.USE_PREF_SIZE);
        }
        skip.setId("first-step-skip");
        skip.setOnAction(e -> onward());
        leave.setId("first-steps-leave");
        leave.setOnAction(e -> take(Optional.empty()));
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(count, words, deed, skip, leave);
        workshop.showing().on(this::look, Subject.COMMISSION);
        workshop.whereabouts().stageProperty().addListener((o, was, now) -> look());
        workshop.whereabouts().overProperty().addListener((o, was, now) -> look());
        show();
    }

    /** Where they were left; from the beginning in a book in which nothing has been done yet. */
    private Optional<FirstStep> kept() {
        Optional<String> name = workshop.book().place(KEPT);
        boolean fresh = workshop.entries().size() == 1
                && workshop.commission().measurements().taken().isEmpty();
        return name.isEmpty()
                ? Optional.of(FirstStep.WEARER).filter(s -> fresh)
                : Arrays.stream(FirstStep.values())
                        .filter(s -> s.name().equals(name.get()))
                        .findFirst();
    }

    /** Takes them up from the beginning. */
    public void begin() {
        take(Optional.of(FirstStep.WEARER));
    }

    private void take(Optional<FirstStep> next) {
        step = next;
        workshop.book().keepPlace(KEPT, next.map(Enum::name).orElse(OVER));
        show();
    }

    private void onward() {
        step.ifPresent(s -> take(Optional.of(FirstStep.values()[Math.min(s.ordinal() + 1, FirstStep.DONE.ordinal())])));
    }

    private void go() {
        FirstStep now = step.orElseThrow();
        if (now == FirstStep.DONE) {
            take(Optional.empty());
        } else if (now == FirstStep.WEARER) {
            figures().ifPresent(set -> workshop.deeds().begin(MADE_UP, Garment.bustier(), Optional.of(set)));
            commission = Optional.of(workshop.id());
            workshop.book().keepPlace(COMMISSION, Long.toString(workshop.id()));
            now.lead(workshop.whereabouts());
            take(Optional.of(FirstStep.WAIST));
        } else {
            back();
            now.lead(workshop.whereabouts());
        }
    }

    /** The made-up wearer is taken in hand again, if another commission was taken meanwhile. */
    private void back() {
        commission
                .filter(id -> id != workshop.id())
                .filter(id -> workshop.entries().stream().anyMatch(e -> e.id() == id))
                .ifPresent(workshop.deeds()::switchTo);
    }

    private Optional<MeasurementSet> figures() {
        if (figures.isEmpty()) {
            try {
                figures = Optional.of(
                        CommissionJson.read(DemoBook.document(SOMEBODY)).measurements());
            } catch (IOException | BadDocument e) {
                LoggerFactory.getLogger(FirstSteps.class).warn("the made-up wearer cannot be read", e);
            }
        }
        return figures;
    }

    /** Goes on as soon as a step has been done on the made-up wearer. */
    private void look() {
        // Asked of what is at hand: this is run at every step of every drag.
        if (step.isEmpty() || step.get() == FirstStep.WEARER || step.get() == FirstStep.DONE) {
            return;
        }
        if (commission.equals(Optional.of(workshop.id()))) {
            figures().filter(set -> step.orElseThrow().isDone(workshop, set)).ifPresent(set -> onward());
        }
    }

    /** Looks again after something was put out. */
    public void lookAgain() {
        Platform.runLater(this::look);
    }

    private void show() {
        setVisible(step.isPresent());
        setManaged(step.isPresent());
        step.ifPresent(s -> {
            boolean done = s == FirstStep.DONE;
            count.setText(
                    done
                            ? "First steps, done"
                            : "First steps, " + (s.ordinal() + 1) + " of " + FirstStep.DONE.ordinal());
            words.setText(s.words());
            deed.setText(s.deed());
            skip.setVisible(!done && s != FirstStep.WEARER);
            skip.setManaged(skip.isVisible());
            leave.setVisible(!done);
            leave.setManaged(!done);
        });
    }
}
