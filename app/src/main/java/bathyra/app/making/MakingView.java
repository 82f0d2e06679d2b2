package bathyra.app.making;

import bathyra.app.reckoning.Deed;
import bathyra.app.stage.Days;
import bathyra.app.stage.TableStage;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Workshop;
import bathyra.bone.BonePlan;
import bathyra.draft.Draft;
import bathyra.workplan.Dates;
import bathyra.workplan.WorkPlan;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/** The Making stage: the days on a tape, the steps with their minutes, the garment so far, and the step in hand with its clock. */
public final class MakingView extends TableStage {
    private final MakingModel model;
    private final StepList steps;
    private final DaysTape days;
    private final StepControls controls;

    public MakingView(Workshop workshop) {
        this(workshop, Clock.systemDefaultZone());
    }

    /** @param time by which the clock runs and today is today */
    MakingView(Workshop workshop, Clock time) {
        super(workshop, "making-table", "The garment so far");
        model = new MakingModel(workshop, time);
        steps = new StepList(model);
        days = new DaysTape(model);
        controls = new StepControls(workshop, model);
        ZoomSlip zoom = new ZoomSlip(table);
        zoom.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(zoom, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(zoom, new Insets(0, 8, 44, 0));
        arrange(new Region(), List.of(zoom));
        setCenter(new BorderPane(getCenter(), days, null, null, steps));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        // The clock goes on while another stage is looked at.
        Timeline second = new Timeline(new KeyFrame(Duration.seconds(1), e -> pulse()));
        second.setCycleCount(Animation.INDEFINITE);
        second.play();
    }

    private void pulse() {
        if (model.running().isPresent()) {
            model.pulse();
            controls.tick();
        }
    }

    private void key(KeyEvent e) {
        if (e.getTarget() instanceof TextInputControl || e.isShortcutDown()) {
            return;
        }
        if (e.getCode() == KeyCode.SPACE && e.getTarget() == table) {
            model.startOrStop();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && e.getTarget() == table) {
            model.done();
            e.consume();
        }
    }

    @Override
    protected void showDraft() {
        WorkPlan work = model.work().orElseThrow();
        WorkPlan.Step inHand = model.step().orElseThrow();
        steps.refresh();
        days.refresh();
        Draft draft = workshop.draft().orElseThrow();
        lay(new SoFarDrawing(new SoFarDrawing.Shown(
                draft, workshop.bones().orElseGet(() -> BonePlan.of(draft)), done(work), inHand.task())));
        step(work, inHand);
    }

    private static Set<String> done(WorkPlan work) {
        Set<String> done = new HashSet<>();
        work.steps().stream()
                .filter(s -> s.progress().done())
                .map(s -> s.task().id())
                .forEach(done::add);
        return done;
    }

    private void step(WorkPlan work, WorkPlan.Step step) {
        controls.show(step);
        card.begin(step.task().label(), controls);
        card.belowControls();
        if (!step.task().caution().isEmpty()) {
            card.words(step.task().caution(), "caution");
        }
        if (!model.said().isEmpty()) {
            card.words(model.said(), "caution");
        }
        step.waitsFor()
                .flatMap(work::step)
                .filter(w -> !w.progress().done())
                .ifPresent(w -> card.words("It waits for “" + w.task().label() + "”.", "caution"));
        card.reckoning(step.planned(), workshop.unit(), n -> {});
        card.section("What the days say");
        Optional<Dates> dates = model.dates();
        model.dueInBook().ifPresent(day -> {
            card.words("The book has it due on " + Days.say(day) + ".", "caution");
            card.add(Deed.button("plan-by-book", "Plan back from " + Days.say(day), () -> model.due(Optional.of(day))));
        });
        if (dates.isEmpty()) {
            card.words("No due day yet: type it above, and the other days are planned back from it.", "quiet");
            return;
        }
        card.words("To be done by " + Days.say(dates.get().day(step.task().by())) + ", "
                + step.task().by().label().toLowerCase(Locale.ROOT) + ". "
                + StepList.hours(work.left()) + " are left of the whole.");
        dates.get().said().forEach(s -> card.words(s.in(workshop.unit()), "caution"));
    }

    @Override
    protected void showNothing() {
        steps.refresh();
        days.refresh();
        teach(
                "The order of making, and what it takes",
                "Steps, minutes and days are counted on the finished draft. There is none yet: take the measurements first.");
    }
}
