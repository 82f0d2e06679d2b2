package bathyra.app.block;

import bathyra.app.glossary.DrawnWords;
import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.OptionField;
import bathyra.app.stage.Files;
import bathyra.app.stage.TableStage;
import bathyra.app.table.View;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.GarmentChoice;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.TriedChoices;
import bathyra.app.workshop.Workshop;
import bathyra.block.BlockDart;
import bathyra.block.BlockDrawing;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.block.PrincessCut;
import bathyra.block.Step;
import bathyra.book.Practice;
import bathyra.book.Versions;
import bathyra.draft.BlockDifference;
import bathyra.draft.BlockDrafter;
import bathyra.finding.Finding;
import bathyra.garment.BlockMethod;
import bathyra.garment.LengthOption;
import bathyra.garment.PrincessStart;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Block stage: the whole block with its named points, the schools beside each other, and drafting along on paper. */
public final class BlockView extends TableStage {
    private static final double REACH = 12;
    private static final int ATTEMPTS = 5;

    private static final Map<BlockMethod, List<LengthOption>> OPTIONS = Map.of(
            BlockMethod.QUARTER,
                    List.of(
                            LengthOption.NECK_WIDTH,
                            LengthOption.NECK_DEPTH,
                            LengthOption.BACK_NECK_DEPTH,
                            LengthOption.SHOULDER_DROP,
                            LengthOption.CHEST_LINE_EXTRA,
                            LengthOption.ARMHOLE_INSET,
                            LengthOption.WAIST_DART,
                            LengthOption.BACK_DART,
                            LengthOption.CENTRE_BACK_IN),
            BlockMethod.PROPORTION, List.of(LengthOption.BACK_WIDTH_EXTRA),
            BlockMethod.SHOULDER_DART,
                    List.of(
                            LengthOption.NECK_WIDTH,
                            LengthOption.NECK_DEPTH,
                            LengthOption.BACK_NECK_DEPTH,
                            LengthOption.CHEST_LINE_EXTRA,
                            LengthOption.WAIST_DART,
                            LengthOption.BACK_DART,
                            LengthOption.CENTRE_BACK_IN));

    private final List<OptionField> fields = new ArrayList<>();
    private final VBox controls = new VBox();
    private final MenuButton princess = new MenuButton();
    private BlockMethod fieldsOf;
    private final BlockModel model;
    private final SchoolCards schools;
    private final StepStrip steps;
    private final StackPane below = new StackPane();
    private final Map<BlockModel.Mode, ToggleButton> modes = new EnumMap<>(BlockModel.Mode.class);
    private final MenuButton kept = new MenuButton("A kept version");
    private final Label under = new Label();
    private final Label baseFault = new Label();
    private BlockChart chart;
    private List<PrincessCut> cuts = List.of();

    public BlockView(Workshop workshop, Files files) {
        super(workshop, "block-table", "The block with its construction lines and named points");
        this.model = new BlockModel(workshop);
        this.schools =
                new SchoolCards(workshop, model, () -> files.which(getScene().getWindow(), "Block", "json")
                        .ifPresent(path -> baseFault.setText(model.trace(path).orElse(""))));
        this.steps = new StepStrip(workshop, model);
        controls.getStyleClass().add("controls");
        princess.setId("princess-from");
        DrawnWords.at(princess, "Where a princess seam begins", () -> new TriedChoices(workshop)
                .others(GarmentChoice.PRINCESS));
        for (PrincessStart start : PrincessStart.values()) {
            MenuItem item = new MenuItem(start.label());
            item.setOnAction(e -> model.princess(start));
            princess.getItems().add(item);
        }
        ZoomSlip zoom = new ZoomSlip(table);
        StackPane.setAlignment(zoom, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(zoom, new Insets(0, 10, 14, 0));
        table.setOnMouseClicked(e -> {
            View view = table.viewProperty().get();
            if (chart != null && view != null && e.isStillSincePress()) {
                pointed(view.toPaper(e.getX(), e.getY()), REACH / view.scale());
            }
        });
        arrange(strip(), List.of(zoom));
    }

    private VBox strip() {
        ToggleGroup group = new ToggleGroup();
        HBox row = new HBox();
        for (BlockModel.Mode mode : BlockModel.Mode.values()) {
            ToggleButton button = new ToggleButton(mode.label());
            button.setId("mode-" + mode.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setOnAction(e -> model.mode(mode));
            modes.put(mode, button);
            row.getChildren().add(button);
        }
        modes.get(BlockModel.Mode.WHOLE).getStyleClass().add("first");
        modes.get(BlockModel.Mode.PRACTICE).getStyleClass().add("last");
        row.getStyleClass().add("unit-switch");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        under.getStyleClass().add("status-line");
        under.textProperty().bind(table.underProperty());
        kept.setId("compare-version");
        kept.getStyleClass().add("plain");
        kept.managedProperty().bind(kept.visibleProperty());
        HBox head = new HBox(8, row, kept, space, under);
        head.setAlignment(Pos.CENTER_LEFT);
        baseFault.setId("base-fault");
        baseFault.getStyleClass().add("row-fault");
        baseFault.managedProperty().bind(baseFault.textProperty().isNotEmpty());
        baseFault.visibleProperty().bind(baseFault.managedProperty());
        VBox strip = new VBox(6, head, baseFault, below);
        strip.getStyleClass().addAll("strip", "block-strip");
        return strip;
    }

    /** What is pointed at on the table: a learner's answer, or a point to look at. */
    private void pointed(Point paper, double reach) {
        Optional<Step> asked = model.step();
        if (model.mode() == BlockModel.Mode.PRACTICE && asked.isPresent()) {
            if (model.verdict().filter(BlockModel.Verdict::correct).isEmpty()) {
                model.answerAt(chart.back(asked.get().half(), paper));
            }
        } else {
            chart.at(paper, reach).ifPresent(model::look);
        }
    }

    @Override
    protected boolean hasDrawing() {
        return model.drafted().drawing().isPresent();
    }

    @Override
    protected boolean isKept() {
        return false;
    }

    private void showStrip() {
        modes.forEach((mode, button) -> button.setSelected(mode == model.mode()));
        List<Versions.Version> versions = model.mode() == BlockModel.Mode.COMPARE ? model.versions() : List.of();
        kept.setVisible(!versions.isEmpty());
        kept.getItems()
                .setAll(versions.stream()
                        .map(version -> {
                            MenuItem item = new MenuItem(version.name());
                            item.setOnAction(e -> model.compare(version));
                            return item;
                        })
                        .toList());
        below.getChildren().setAll(model.isStepping() ? steps : schools);
        if (model.isStepping()) {
            steps.show();
        } else {
            schools.show();
        }
    }

    @Override
    protected void showDraft() {
        showStrip();
        BlockDrafter.Drafted drafted = model.drafted();
        boolean practising = model.mode() == BlockModel.Mode.PRACTICE;
        boolean answered = model.verdict().filter(BlockModel.Verdict::correct).isPresent();
        boolean asks = practising && model.step().flatMap(Step::figure).isPresent() && !answered;
        cuts = model.mode() == BlockModel.Mode.WHOLE ? model.cuts() : List.of();
        chart = new BlockChart(
                drafted.drawing().orElseThrow(),
                workshop.unit(),
                model.comparison().flatMap(c -> c.other().drawing()),
                model.isStepping() ? model.stepNumber() : Integer.MAX_VALUE,
                asks,
                model.looked(),
                model::isLit,
                cuts);
        lay(chart);
        card(drafted);
    }

    private void card(BlockDrafter.Drafted drafted) {
        switch (model.mode()) {
            case WHOLE -> whole(drafted);
            case COMPARE -> compare();
            case ALONG -> model.step().ifPresent(this::step);
            case PRACTICE -> practice();
        }
    }

    private void whole(BlockDrafter.Drafted drafted) {
        if (model.looked().map(l -> looked(drafted.drawing().orElseThrow(), l)).orElse(false)) {
            lit();
            return;
        }
        card.begin(model.choice().method().label(), figures());
        lit();
        ofPanels();
        card.words(
                "Point at a dot, a line or a dart on the table to see where it comes from. Coral is what the darts take.");
        card.section("Darts");
        drafted.drawing().orElseThrow().darts().forEach(this::dart);
        cuts.forEach(this::cut);
        checks(drafted);
        card.belowControls();
    }

    /** What a princess seam does to a half. */
    private void cut(PrincessCut cut) {
        LengthUnit unit = workshop.unit();
        card.section("Princess seam, " + cut.half().label().toLowerCase(Locale.ROOT));
        card.words("Opens by " + LengthText.say(Length.mm(cut.opened()), unit) + " at the top; both edges "
                + LengthText.say(Length.mm(cut.centreSeam().length()), unit) + ". The edge it begins in is "
                + LengthText.say(Length.mm(cut.edgeBefore()), unit) + " before and "
                + LengthText.say(Length.mm(cut.edgeAfter()), unit) + " after: lost "
                + LengthText.say(Length.mm(Math.abs(cut.lost())), unit) + ".");
    }

    /** Writes the card of what is looked at; false when this block has no such thing. */
    private boolean looked(BlockDrawing drawing, Looked at) {
        String half = at.half().label().toLowerCase(Locale.ROOT);
        if (at instanceof Looked.AtPoint named) {
            Optional<BlockPoint> point = drawing.last(at.half(), named.name());
            point.ifPresent(p -> {
                card.begin(p.label() + ", " + half);
                figure("Across from the centre", p.across());
                figure("Down", p.down());
            });
            return point.isPresent();
        }
        if (at instanceof Looked.AtLevel level) {
            Optional<BlockPoint> side = drawing.last(at.half(), level.letter() + "s");
            side.ifPresent(p -> {
                card.begin("Width, " + half);
                card.words("From the centre to: " + p.label().toLowerCase(Locale.ROOT) + ".");
                figure("Width", p.across());
            });
            return side.isPresent();
        }
        if (at instanceof Looked.AtEdge edge) {
            String name = edge.name().name().toLowerCase(Locale.ROOT);
            card.begin(name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1) + ", " + half);
            figure(
                    "Length, darts closed",
                    Given.option(
                            "Length of the edge",
                            drawing.length(at.half(), edge.name()),
                            Quantity.LENGTH,
                            "measured on the finished drawing",
                            Rule.ARITHMETIC));
            Half other = at.half() == Half.FRONT ? Half.BACK : Half.FRONT;
            card.words(other.label() + ": "
                    + LengthText.say(Length.mm(drawing.length(other, edge.name())), workshop.unit()) + ".");
            return true;
        }
        Optional<BlockDart> dart = drawing.darts().stream()
                .filter(d -> d.half() == at.half() && d.label().equals(((Looked.AtDart) at).label()))
                .findFirst();
        dart.ifPresent(d -> {
            card.begin(d.label() + ", " + half);
            figure("Width", d.width());
            card.section("Angle");
            card.words(String.format(
                    Locale.ROOT,
                    "%.1f° at the tip; its legs are %s long.",
                    d.degrees(),
                    LengthText.say(Length.mm(d.tips().get(0).distance(d.a())), workshop.unit())));
            if (!d.givenBack().isEmpty()) {
                card.words("Given back " + d.givenBack() + ".");
            }
        });
        return dart.isPresent();
    }

    /** The figures of the school that a cutter may set. */
    private VBox figures() {
        BlockMethod school = model.choice().figures();
        if (fields.isEmpty() || fieldsOf != school) {
            fieldsOf = school;
            fields.clear();
            Settings settings = new Settings(workshop);
            OPTIONS.get(school).forEach(option -> fields.add(new OptionField(settings.length(option), workshop::unit)));
            Label title = new Label("Figures of this school");
            title.getStyleClass().add("section-title");
            controls.getChildren().setAll(title);
            controls.getChildren().addAll(fields);
            controls.getChildren().add(princess);
        }
        princess.setText(model.choice().princess().label());
        fields.forEach(OptionField::refresh);
        return controls;
    }

    private void figure(String title, Reckoned number) {
        LengthUnit unit = workshop.unit();
        card.section(title);
        card.figure(number, unit);
        card.reckoning(number, unit, this::follow);
    }

    /** A figure of the reckoning is followed: everything that rests on it lights up. */
    private void follow(Reckoned number) {
        model.light(number.name());
    }

    private void lit() {
        model.lit().ifPresent(name -> {
            card.section("Lit up on the table");
            card.words("Every point that rests on: " + name + ".");
            Arrays.stream(MeasurementKey.values())
                    .filter(k -> k.label().equals(name))
                    .findFirst()
                    .ifPresent(key -> card.add(Deed.button("to-the-tape", "Go to it on the tape", () -> {
                        workshop.selection().measurementProperty().set(key);
                        workshop.whereabouts().stageProperty().set(Stage.MEASURE);
                    })));
        });
    }

    private void dart(BlockDart dart) {
        card.words(dart.label() + ", " + dart.half().label().toLowerCase(Locale.ROOT) + ": takes "
                + LengthText.say(dart.width().length(), workshop.unit())
                + (dart.givenBack().isEmpty() ? "." : ", given back " + dart.givenBack() + "."));
    }

    private void checks(BlockDrafter.Drafted drafted) {
        card.section("What was checked");
        long holds = drafted.with(Finding.Status.OK).size();
        card.words(holds + " checks hold: side seams, shoulders, dart legs, neck and armhole over the seams.");
        drafted.with(Finding.Status.NOTE).forEach(f -> card.words(f.sentence().in(workshop.unit()), "caution"));
    }

    private void compare() {
        if (model.comparison().isEmpty()) {
            card.begin("Compare");
            card.words("Choose another school below, or a kept version.");
            return;
        }
        card.begin("Against: " + model.against().orElseThrow().name());
        BlockModel.Comparison comparison = model.comparison().orElseThrow();
        if (comparison.other().drawing().isEmpty()) {
            comparison
                    .other()
                    .with(Finding.Status.FAULT)
                    .forEach(f -> card.words(f.sentence().in(workshop.unit())));
            return;
        }
        card.words("The dashed line is the other block of the same body. The farthest points first.");
        for (BlockDifference.Row row :
                comparison.rows().stream().limit(BlockModel.EXPLAINED).toList()) {
            card.section(row.label() + ", " + row.half().label().toLowerCase(Locale.ROOT));
            card.words(way(row));
            MeasurementKey because = comparison.explained().get(row);
            card.words(
                    because == null
                            ? "The two set different fixed figures here."
                            : "Explained by: " + because.label() + ".",
                    "quiet");
        }
    }

    private String way(BlockDifference.Row row) {
        String across = Math.abs(row.across()) < 0.05
                ? ""
                : LengthText.say(Length.mm(Math.abs(row.across())), workshop.unit())
                        + (row.across() > 0 ? " farther out" : " farther in");
        String down = Math.abs(row.down()) < 0.05
                ? ""
                : LengthText.say(Length.mm(Math.abs(row.down())), workshop.unit())
                        + (row.down() > 0 ? " lower" : " higher");
        return "There it lies " + across + (across.isEmpty() || down.isEmpty() ? "" : ", ") + down + ".";
    }

    private void step(Step step) {
        card.begin(step.title());
        step.figure().ifPresent(figure -> {
            card.figure(figure, workshop.unit());
            card.reckoning(figure, workshop.unit(), this::follow);
        });
        model.drafted().drawing().orElseThrow().darts().stream()
                .filter(d -> step.title().equalsIgnoreCase(d.label()) && d.half() == step.half())
                .forEach(d -> {
                    card.section("The dart");
                    dart(d);
                });
        lit();
    }

    private void practice() {
        card.begin("Practice");
        card.words("Reckon the step on paper, then type the figure. A wrong one is told which slip gives it.");
        model.step()
                .filter(s -> model.verdict().filter(BlockModel.Verdict::correct).isPresent())
                .flatMap(Step::figure)
                .ifPresent(f -> card.reckoning(f, workshop.unit(), this::follow));
        List<Practice.Attempt> attempts = model.attempts();
        card.section(model.learner().isBlank() ? "Attempts" : "Attempts of " + model.learner());
        long right = attempts.stream().filter(Practice.Attempt::correct).count();
        card.words(attempts.isEmpty() ? "None yet." : right + " of " + attempts.size() + " were right.");
        attempts.stream()
                .limit(ATTEMPTS)
                .forEach(a -> card.words(
                        a.step() + ": " + a.answer()
                                + (a.correct() ? ", right" : a.slip().isEmpty() ? ", not right" : ". " + a.slip()),
                        "quiet"));
    }

    @Override
    protected void showNothing() {
        showStrip();
        chart = null;
        BlockDrafter.Drafted drafted = model.drafted();
        teach(
                "No block yet",
                drafted.missing().isEmpty()
                        ? drafted.with(Finding.Status.FAULT).get(0).sentence().in(workshop.unit())
                        : "The " + model.choice().method().label().toLowerCase(Locale.ROOT)
                                + " with its shoulders needs what was not taken yet:");
        drafted.missing().forEach(key -> card.words(key.label() + ". " + key.hint(), "quiet"));
        ofPanels();
    }

    /** A corset does not wait for a block. */
    private void ofPanels() {
        if (workshop.commission().garment().kind().isPanelled()) {
            card.words(
                    "This corset is drafted on its levels alone, without a block. A block of the same body stands here to look at and to compare.",
                    "quiet");
        }
    }
}
