package bathyra.app.seams;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.DepthProfile;
import bathyra.app.reckoning.TapeGauge;
import bathyra.app.table.Ink;
import bathyra.app.workshop.Comparison;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Cure;
import bathyra.draft.Difference;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.LengthOption;
import bathyra.garment.UnderbustSchool;
import bathyra.girth.LevelPlan;
import bathyra.intake.UnderbustIntake;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.truing.GirthRun;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;

/** Writes the reckoning of the Seams stage: a sounding, a level's girth plan, or a figure that was followed. */
final class SeamsReckoning {
    private static final double GAUGE_MOST = 90;

    /** For which the controls were built. */
    private record Key(long commission, Looking looking, Cell cell, LengthUnit unit, List<SeamPlace> seams) {}

    private final Workshop workshop;
    private final SeamsModel model;
    private final PanelsModel panels;
    private final Card card;
    private final Runnable again;
    private final Consumer<Cure> apply;
    private final TapeGauge gauge = new TapeGauge();
    private final SeamBars bars;
    private final ToggleButton weigh = new ToggleButton("Weights");
    private final DepthProfile profile = new DepthProfile();
    private final DepthProfile run = new DepthProfile();
    private List<Cure> cures = List.of();
    private boolean dragging;
    private Looking looking = new Looking.AtSounding();
    private Optional<Comparison.Compared> seen = Optional.empty();
    private Key builtFor;
    private String deedsFor = "";
    private HBox deeds = new HBox();
    private SeamControls controls;

    /** @param apply applies a cure @param again shows the card anew when something else is to be explained */
    SeamsReckoning(
            Workshop workshop, SeamsModel model, PanelsModel panels, Card card, Runnable again, Consumer<Cure> apply) {
        this.workshop = workshop;
        this.model = model;
        this.panels = panels;
        this.bars = new SeamBars(workshop, model, panels);
        this.card = card;
        this.again = again;
        this.apply = apply;
    }

    void look(Looking next) {
        looking = next;
        again.run();
    }

    void show(Draft draft, Cell cell) {
        LengthUnit unit = workshop.unit();
        if (workshop.comparison().compared().isPresent()
                && !workshop.comparison().compared().equals(seen)) {
            // A comparison that has just been begun is what one wants to see.
            looking = new Looking.AtComparison();
        }
        seen = workshop.comparison().compared();
        if (looking instanceof Looking.AtComparison
                && workshop.comparison().compared().isPresent()) {
            comparison(draft, workshop.comparison().compared().get(), unit);
        } else if (looking instanceof Looking.AtNumber at) {
            number(at, unit);
        } else if (looking instanceof Looking.AtLevel at && draft.girths().has(at.level())) {
            level(draft, at.level(), unit);
        } else {
            sounding(draft, cell, unit);
        }
    }

    private SeamControls controls(Cell cell) {
        Key key = new Key(
                workshop.id(),
                looking,
                cell,
                workshop.unit(),
                workshop.commission().garment().seams());
        if (!key.equals(builtFor)) {
            builtFor = key;
            controls = looking instanceof Looking.AtLevel at
                    ? SeamControls.of(at.level(), workshop)
                    : SeamControls.of(cell, workshop, model, panels);
        }
        controls.refresh();
        return controls;
    }

    private void follow(Reckoned number) {
        look(new Looking.AtNumber(number, looking));
    }

    /** What differs from the state on the table as a ghost: former figure → figure now, or figure now → what it would be; the largest difference of each kind first. */
    private void comparison(Draft draft, Comparison.Compared with, LengthUnit unit) {
        card.begin("Beside “" + with.name() + "”");
        card.words("The dashed lines are “" + with.name() + "”.", "quiet");
        List<Difference> differences = with.differences(draft);
        if (differences.isEmpty()) {
            card.words("Nothing differs.");
        }
        Difference.Kind kind = null;
        for (Difference difference : differences) {
            if (difference.kind() != kind) {
                kind = difference.kind();
                card.section(kind.label());
            }
            card.words(
                    difference.name() + ": " + say(difference.former(), unit) + " → " + say(difference.now(), unit),
                    "difference");
        }
        Button stop = new Button("Stop comparing");
        stop.setId("stop-comparing");
        stop.setOnAction(e -> {
            looking = new Looking.AtSounding();
            workshop.comparison().with(Optional.empty());
        });
        card.add(stop);
    }

    private static String say(Optional<Length> length, LengthUnit unit) {
        return length.map(l -> LengthText.say(l, unit)).orElse("none");
    }

    private void number(Looking.AtNumber at, LengthUnit unit) {
        card.begin(at.number().name());
        if (at.number().quantity() == Quantity.LENGTH) {
            card.figure(at.number(), unit);
        }
        Button back = new Button("Back");
        back.setId("back");
        back.setOnAction(e -> look(at.from()));
        card.add(back);
        card.reckoning(at.number(), unit, this::follow);
    }

    private void level(Draft draft, Level level, LengthUnit unit) {
        LevelPlan plan = draft.girths().at(level);
        card.begin(
                level.label() + ", girth plan",
                controls(workshop.selection().cellProperty().get()));
        card.figure(plan.pattern(), unit);
        card.words(
                "Of this, half is drafted: " + LengthText.say(plan.frontHalf().length(), unit) + " in front and "
                        + LengthText.say(plan.backHalf().length(), unit) + " behind.");
        card.reckoning(plan.worn(), unit, this::follow);
        card.belowControls();
        if (level == Level.WAIST) {
            card.section("How much the waist is drawn in");
            double reduction = plan.body().value() - plan.worn().value();
            card.words(
                    reduction <= 0
                            ? "Nothing: the garment gives the waist room."
                            : LengthText.say(Length.mm(reduction), unit) + ", "
                                    + String.format(
                                            Locale.ROOT,
                                            "%.1f",
                                            100 * draft.girths().waistReductionShare()) + " % of the natural waist.");
            draft.with(Finding.Status.NOTE).stream()
                    .filter(f -> f.kind() == FindingKind.WAIST_REDUCTION)
                    .forEach(f -> card.words(f.sentence().in(unit), "caution"));
        }
        run(draft);
        card.add(backToSounding());
    }

    private Button backToSounding() {
        Button back = new Button("Back to the sounding");
        back.setId("back");
        back.setOnAction(e -> look(new Looking.AtSounding()));
        return back;
    }

    private void sounding(Draft draft, Cell cell, LengthUnit unit) {
        Reckoned number = draft.intakes().at(cell.level(), cell.seam());
        card.begin(cell.seam().label() + ", " + cell.level().label().toLowerCase(Locale.ROOT), controls(cell));
        card.figure(number, unit);
        if (model.isEditable(cell)) {
            card.add(deeds(cell));
        }
        card.reckoning(number, unit, this::follow);
        card.belowControls();
        if (cell.seam().equals(SeamPlace.PRINCESS_FRONT) && cell.level() != Level.BUST) {
            schools(draft, cell, unit);
        }
        card.section("What follows from it");
        card.words(consequence(draft, cell, unit));
        cures(unit);
        barsOf(draft, cell);
        profile(draft, cell);
    }

    /** While an edge is dragged the drawing and the soundings follow it; what stands below the figure waits until it is let go. */
    void dragging(boolean now) {
        dragging = now;
    }

    /** What would cure the gravest finding. */
    void offer(List<Cure> found) {
        cures = found;
    }

    private void cures(LengthUnit unit) {
        if (cures.isEmpty()) {
            return;
        }
        card.section("What would cure the note");
        for (int i = 0; i < cures.size(); i++) {
            Cure cure = cures.get(i);
            card.add(Deed.button("cure-" + (i + 1), cure.deed().in(unit), () -> apply.accept(cure)));
            card.words(cure.effect().in(unit), "quiet");
        }
    }

    private void barsOf(Draft draft, Cell cell) {
        card.section("Seam by seam"
                + (weigh.isSelected()
                        ? ", weights"
                        : " at the " + cell.level().label().toLowerCase(Locale.ROOT)));
        if (panels.isPanelled()) {
            weigh.setId("weigh");
            weigh.setOnAction(e -> again.run());
            card.add(weigh);
        }
        if (!dragging) {
            bars.show(draft, cell, weigh.isSelected() && panels.isPanelled());
        }
        card.add(bars);
    }

    /** What the seam takes by depth. */
    private void profile(Draft draft, Cell cell) {
        card.section(cell.seam().label() + ", level by level");
        List<Level> levels =
                draft.girths().levels().stream().map(LevelPlan::level).toList();
        double[] depths = levels.stream().mapToDouble(draft.block()::side).toArray();
        double[] takes = levels.stream()
                .mapToDouble(level -> draft.intakes().at(level, cell.seam()).value())
                .toArray();
        if (dragging) {
            card.add(profile);
            return;
        }
        profile.show(
                "What " + cell.seam().inWords() + " takes by depth",
                List.of(new DepthProfile.Line("", Ink.CORAL, new double[0], depths, takes, true)),
                marks(draft, levels),
                true);
        card.add(profile);
    }

    private static List<DepthProfile.Mark> marks(Draft draft, List<Level> levels) {
        return levels.stream()
                .map(level -> new DepthProfile.Mark(level.label(), draft.block().side(level)))
                .toList();
    }

    /** How the girth of the finished panels runs between the levels, beside the body's, where every piece reaches over all of them. */
    private void run(Draft draft) {
        Optional<GirthRun> girths = GirthRun.of(draft.pattern());
        if (girths.isEmpty()) {
            return;
        }
        List<Level> levels = draft.panels().levels();
        List<LevelPlan> plans = levels.stream().map(draft.girths()::at).toList();
        double[] depths = levels.stream().mapToDouble(draft.block()::side).toArray();
        List<double[]> between = girths.get().between();
        double[] fine = new double[between.size() * GirthRun.STEPS + 1];
        double[] measured = new double[fine.length];
        double gap = plans.get(0).gap().value();
        for (int i = 0; i < fine.length; i++) {
            int stretch = Math.min(between.size() - 1, i / GirthRun.STEPS);
            int step = i - stretch * GirthRun.STEPS;
            fine[i] = depths[stretch] + (depths[stretch + 1] - depths[stretch]) * step / GirthRun.STEPS;
            measured[i] = 2 * between.get(stretch)[step] + gap;
        }
        card.section("How the girth runs between the levels");
        run.show(
                "The girth of the body and of the closed garment by depth",
                List.of(
                        new DepthProfile.Line(
                                "body",
                                Ink.TEAL,
                                new double[0],
                                depths,
                                plans.stream()
                                        .mapToDouble(p -> p.body().value())
                                        .toArray(),
                                true),
                        new DepthProfile.Line("closed garment", Ink.INK, new double[] {5, 3}, fine, measured, false)),
                marks(draft, levels),
                false);
        card.add(run);
        card.words("Measured on the finished panels at " + fine.length + " depths.", "quiet");
    }

    private HBox deeds(Cell cell) {
        String key = cell + " " + model.isLocked(cell);
        if (!key.equals(deedsFor)) {
            deedsFor = key;
            deeds = newDeeds(cell);
        }
        return deeds;
    }

    private HBox newDeeds(Cell cell) {
        Button less = new Button("−");
        less.setAccessibleText("One step less");
        less.setOnAction(e -> model.nudge(cell, -1));
        Button more = new Button("+");
        more.setAccessibleText("One step more");
        more.setOnAction(e -> model.nudge(cell, 1));
        Button lock = new Button(model.isLocked(cell) ? "Back to the rule" : "Lock this value");
        lock.setId("lock");
        lock.setOnAction(e -> model.toggleLock(cell));
        HBox row = new HBox(8, less, more, lock);
        row.getStyleClass().add("fields");
        return row;
    }

    /** The schools as pins on one tape, then as a list in the order of the tape. */
    private void schools(Draft draft, Cell cell, LengthUnit unit) {
        card.section("The schools beside it");
        List<UnderbustSchool> order = Arrays.stream(UnderbustSchool.values())
                .sorted(Comparator.comparingDouble(s -> by(s, draft).value()))
                .toList();
        Length here = draft.intakes().at(cell.level(), cell.seam()).length();
        gauge.show(new TapeGauge.Scale(
                0,
                GAUGE_MOST,
                OptionalDouble.of(here.millimetres()),
                order.stream().map(s -> by(s, draft).value()).toList(),
                OptionalDouble.of(draft.commission()
                        .garment()
                        .length(LengthOption.SEAM_CAP)
                        .value()),
                "here " + LengthText.say(here, unit),
                unit));
        card.add(gauge);
        card.words("Under-bust intake of the front quarter; dashed, the cap at the waist", "quiet");
        ToggleGroup group = new ToggleGroup();
        for (UnderbustSchool school : order) {
            card.add(school(school, by(school, draft), group, unit));
        }
    }

    private Reckoned by(UnderbustSchool school, Draft draft) {
        return UnderbustIntake.by(school, draft.commission().measurements(), draft.block(), draft.girths());
    }

    private ToggleButton school(UnderbustSchool school, Reckoned by, ToggleGroup group, LengthUnit unit) {
        boolean used = workshop.commission().garment().school() == school;
        ToggleButton button = new ToggleButton(
                LengthText.figure(by.length(), unit) + "  " + school.label() + (used ? ", in use" : ""));
        button.setId("school-" + school.id());
        button.setToggleGroup(group);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAlignment(Pos.CENTER_LEFT);
        button.setSelected(used);
        button.setOnAction(e -> {
            if (used) {
                button.setSelected(true);
            } else {
                model.choose(school);
            }
        });
        return button;
    }

    private String consequence(Draft draft, Cell cell, LengthUnit unit) {
        Length take = draft.intakes().toTake().get(cell.level()).length();
        Length side = draft.intakes().at(cell.level(), SeamPlace.SIDE).length();
        String level = cell.level().label().toLowerCase(Locale.ROOT);
        if (!model.isEditable(cell)) {
            return "The seam passes through the apex: at the bust line it takes nothing, whatever is taken above and below.";
        }
        if (panels.isPanelled()) {
            return "The " + level + " takes " + LengthText.say(take, unit)
                    + " in all. Locked, this seam keeps its value and the free seams of its block share what is left by their weights.";
        }
        return cell.seam().equals(SeamPlace.SIDE)
                ? "The " + level + " takes " + LengthText.say(take, unit)
                        + " in all. Locked, the side keeps its value and the princess seams and centre back give way."
                : "The side takes the rest, " + LengthText.say(side, unit) + ", so the " + level + " still takes "
                        + LengthText.say(take, unit) + ".";
    }
}
