package bathyra.app.making;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Deed;
import bathyra.app.stage.Days;
import bathyra.app.stage.Files;
import bathyra.app.stage.TableStage;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Workshop;
import bathyra.bone.BonePlan;
import bathyra.draft.Draft;
import bathyra.layer.SewingOrder;
import bathyra.supply.Material;
import bathyra.workload.Hours;
import bathyra.workplan.Dates;
import bathyra.workplan.StepKind;
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
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/** The Making stage: the days on a tape, the steps with their minutes, the garment so far, what is on the shelf and what is spent; on the card the step in hand with its clock, a material, or the price. */
public final class MakingView extends TableStage {
    private static final double FOOT = 186;
    /** So near to a seam a click means it, pixels. */
    private static final double REACH = 9;

    private SoFarDrawing drawing;
    private final MakingModel model;
    private final StepList steps;
    private final DaysTape days;
    private final StepControls controls;
    private final StepDeeds deeds;
    private final ShelfPanel shelf;
    private final PricePanel spent;
    private final MaterialCard material;
    private final PriceCard price;

    public MakingView(Workshop workshop, Files files) {
        this(workshop, files, Clock.systemDefaultZone());
    }

    /** @param time by which the clock runs and today is today */
    MakingView(Workshop workshop, Files files, Clock time) {
        super(workshop, "making-table", "The garment so far");
        model = new MakingModel(workshop, time, Platform::runLater);
        steps = new StepList(model);
        days = new DaysTape(model);
        controls = new StepControls(workshop, model);
        deeds = new StepDeeds(model);
        material = new MaterialCard(model.materials());
        shelf = new ShelfPanel(model.materials(), this::look);
        PriceModel money = new PriceModel(workshop, model, model.materials(), time);
        spent = new PricePanel(money, () -> model.look(MakingModel.Subject.PRICE));
        price = new PriceCard(workshop, money, files);
        ZoomSlip zoom = new ZoomSlip(table);
        zoom.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(zoom, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(zoom, new Insets(0, 8, 44, 0));
        arrange(new Region(), List.of(zoom));
        HBox foot = new HBox(shelf, spent);
        HBox.setHgrow(shelf, Priority.ALWAYS);
        HBox.setHgrow(spent, Priority.ALWAYS);
        shelf.setPrefWidth(1);
        spent.setPrefWidth(1);
        foot.setMinHeight(FOOT);
        foot.setPrefHeight(FOOT);
        foot.setMaxHeight(FOOT);
        setCenter(new BorderPane(getCenter(), days, null, foot, steps));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        table.addEventHandler(MouseEvent.MOUSE_CLICKED, this::tick);
        // The clock goes on while another stage is looked at.
        Timeline second = new Timeline(new KeyFrame(Duration.seconds(1), e -> pulse()));
        second.setCycleCount(Animation.INDEFINITE);
        second.play();
    }

    private void look(Material of) {
        material.choose(of);
        model.look(MakingModel.Subject.MATERIAL);
    }

    private void pulse() {
        if (model.running().isPresent()) {
            model.pulse();
            controls.tick();
        }
    }

    /** A click on a seam ticks it, while the seams are in hand. */
    private void tick(MouseEvent e) {
        if (e.isStillSincePress()
                && drawing != null
                && model.step()
                        .filter(s -> s.task() == StepKind.SEAMS && !s.progress().done())
                        .isPresent()) {
            double reach = REACH / table.viewProperty().get().scale();
            drawing.seamAt(table.paperAt(e), reach).ifPresent(model::tick);
        }
    }

    private void key(KeyEvent e) {
        if (e.getTarget() instanceof TextInputControl || e.isShortcutDown()) {
            return;
        }
        if (PlaceKey.CLOCK.isPressed(e) && e.getTarget() == table) {
            model.startOrStop();
            e.consume();
        } else if (PlaceKey.DONE.isPressed(e) && e.getTarget() == table) {
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
        drawing = new SoFarDrawing(new SoFarDrawing.Shown(
                draft,
                workshop.progress().bones().orElseGet(() -> BonePlan.of(draft)),
                done(work),
                inHand.task(),
                model.plan().of(StepKind.SEAMS.id()).parts()));
        lay(drawing);
        shelf.refresh(model.subject() == MakingModel.Subject.MATERIAL ? material.chosen() : Optional.empty());
        spent.refresh();
        boolean other =
                switch (model.subject()) {
                    case STEP -> false;
                    case MATERIAL -> material.show(card);
                    case PRICE -> {
                        price.show(card);
                        yield true;
                    }
                };
        if (!other) {
            step(draft, work, inHand);
        }
    }

    private static Set<String> done(WorkPlan work) {
        Set<String> done = new HashSet<>();
        work.steps().stream()
                .filter(s -> s.progress().done())
                .map(s -> s.task().id())
                .forEach(done::add);
        return done;
    }

    private void step(Draft draft, WorkPlan work, WorkPlan.Step step) {
        controls.show(step);
        card.begin(step.task().label(), controls);
        card.belowControls();
        if (!step.task().caution().isEmpty()) {
            card.words(step.task().caution(), "caution");
        }
        if (!model.said().isEmpty()) {
            card.words(model.said(), "caution");
        }
        model.interrupted().ifPresent(s -> {
            card.words(
                    "The clock of “" + s.task().label()
                            + "” ran when the program ended; its full minutes up to then are on record.",
                    "caution");
            card.add(Deed.button("clock-go-on", "Go on with it", model::goOn));
        });
        step.waitsFor()
                .flatMap(work::step)
                .filter(w -> !w.progress().done())
                .ifPresent(w -> card.words("It waits for “" + w.task().label() + "”.", "caution"));
        materials(step);
        card.reckoning(step.planned(), workshop.unit(), n -> {});
        if (step.task() == StepKind.SEAMS) {
            seams(draft, step);
        }
        deeds.show(card);
        days(work, step);
    }

    /** What a step needs that is not here. */
    private void materials(WorkPlan.Step step) {
        model.materials().materials().stream()
                .filter(m -> m.step() == step.task() && !m.supply().isHere())
                .forEach(m ->
                        card.words(m.what() + " is " + ShelfPanel.said(m) + "; this step waits for it.", "caution"));
    }

    private void seams(Draft draft, WorkPlan.Step step) {
        card.section("Seam by seam");
        for (SewingOrder.Step seam : SewingOrder.of(draft.pattern())) {
            String part = SoFarDrawing.part(seam.seam());
            CheckBox sewn = new CheckBox(seam.number() + "  " + seam.words().split(",")[0]);
            sewn.setId("seam-" + seam.number());
            sewn.setWrapText(true);
            sewn.setSelected(step.progress().done() || step.progress().parts().contains(part));
            sewn.setDisable(step.progress().done());
            sewn.setOnAction(e -> model.tick(part));
            card.add(sewn);
        }
    }

    private void days(WorkPlan work, WorkPlan.Step step) {
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
                + Hours.counted(work.left()) + " are left of the whole. The due day is "
                + model.plan().occasion().due() + ".");
        dates.get().said().forEach(s -> card.words(s.in(workshop.unit()), "caution"));
        if (model.hasOwnDays()) {
            card.add(Deed.button(
                    "keep-days",
                    "Keep these days between for everything "
                            + model.plan().occasion().label().toLowerCase(Locale.ROOT),
                    model::keepDays));
        }
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
