package bathyra.app.girths;

import bathyra.app.glossary.DrawnWords;
import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.OptionField;
import bathyra.app.stage.HalfSwitch;
import bathyra.app.stage.Scroll;
import bathyra.app.stage.TableStage;
import bathyra.app.table.View;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.GarmentChoice;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.TriedChoices;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Advice;
import bathyra.draft.Draft;
import bathyra.garment.Closure;
import bathyra.garment.EaseRow;
import bathyra.garment.Experience;
import bathyra.garment.GarmentKind;
import bathyra.girth.LevelPlan;
import bathyra.length.LengthText;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Girths stage: how tight each level is worn, what the waist loses, how front and back share it, and how it is closed. */
public final class GirthsView extends TableStage {
    private final AnswersControl answers;
    private final GirthsModel model;
    private final BetweenModel lines;
    private final BetweenControl between;
    private final HalfSwitch halves;
    private final GirthHandles handles;
    private final GirthTable plan;
    private final MenuButton kind = new MenuButton();
    private final MenuButton row = new MenuButton();
    private final MenuButton closure = new MenuButton();
    private final VBox controls = new VBox();
    private final TextField percent = new TextField();
    private final Label percentFault = new Label();
    private final Label under = new Label();
    private List<OptionField> fields = new ArrayList<>();
    private Level fieldsOf;
    private boolean fieldsLaced;
    private EaseRow fieldsRow;
    private FitControls fit;
    private GirthsDrawing drawing;

    public GirthsView(Workshop workshop) {
        super(workshop, "girths-table", "The half girth laid flat: body, worn, pattern and lacing gap");
        this.model = new GirthsModel(workshop);
        this.answers = new AnswersControl(workshop);
        this.halves = new HalfSwitch(workshop);
        this.lines = new BetweenModel(workshop, model);
        this.between = new BetweenControl(workshop, lines);
        this.handles = new GirthHandles(workshop, model, lines, table);
        this.plan = new GirthTable(workshop, model);
        controls.getStyleClass().add("controls");
        ZoomSlip zoom = new ZoomSlip(table);
        StackPane.setAlignment(zoom, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(zoom, new Insets(0, 10, 14, 0));
        kind.setId("kind");
        TriedChoices tried = new TriedChoices(workshop);
        DrawnWords.at(kind, "What is made", () -> tried.others(GarmentChoice.KIND));
        for (GarmentKind each : GarmentKind.values()) {
            MenuItem item = new MenuItem(each.label());
            item.setOnAction(e -> model.kind(each));
            kind.getItems().add(item);
        }
        row.setId("ease-row");
        row.setAccessibleText("The row of the table from which the eases start");
        closure.setId("closure");
        DrawnWords.at(closure, "How the garment is closed", () -> tried.others(GarmentChoice.CLOSURE));
        for (Closure each : Closure.values()) {
            MenuItem item = new MenuItem(each.label());
            item.setOnAction(e -> model.closure(each));
            closure.getItems().add(item);
        }
        percent.setId("ease-percent");
        percent.setPromptText("−8 %");
        percent.setPrefColumnCount(4);
        percent.setMinWidth(Region.USE_PREF_SIZE);
        percent.setMaxWidth(Region.USE_PREF_SIZE);
        percent.setAccessibleText("The ease as a share of the body, in per cent");
        percent.setOnAction(e -> percentFault.setText(
                model.percent(model.level(), percent.getText()).orElse("")));
        percentFault.getStyleClass().add("row-fault");
        percentFault.managedProperty().bind(percentFault.textProperty().isNotEmpty());
        percentFault.visibleProperty().bind(percentFault.managedProperty());
        table.viewProperty().addListener((o, was, now) -> {
            if (drawing != null && workshop.half().isPresent()) {
                handles.place(drawing);
            }
        });
        table.setOnMouseClicked(e -> {
            View view = table.viewProperty().get();
            if (drawing != null && view != null && e.isStillSincePress()) {
                drawing.levelAt(view, e.getY()).ifPresent(model::look);
            }
        });
        StackPane.setAlignment(halves, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(halves, new Insets(0, 10, 54, 0));
        arrange(Scroll.sideways(strip()), List.of(zoom, halves));
    }

    private VBox strip() {
        under.getStyleClass().add("status-line");
        under.textProperty().bind(table.underProperty());
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        for (MenuButton menu : List.of(kind, row, closure)) {
            menu.setMinWidth(Region.USE_PREF_SIZE);
        }
        HBox foot = new HBox(8, kind, row, closure, space, under);
        foot.setAlignment(Pos.CENTER_LEFT);
        VBox strip = new VBox(4, plan, foot);
        strip.getStyleClass().addAll("strip", "girth-strip");
        return strip;
    }

    @Override
    protected void showDraft() {
        Draft draft = workshop.half().orElseThrow();
        drawing = new GirthsDrawing(draft, workshop.unit(), model.level());
        lay(drawing);
        handles.place(drawing);
        halves.refresh();
        plan.setVisible(true);
        plan.show();
        closure.setText(model.closure().label());
        kind.setText(model.kind().label());
        row.setText(model.row().label());
        rows();
        card(model.plan(model.level()));
    }

    /** The rows from which a garment of this kind may start. */
    private void rows() {
        List<EaseRow> rows = EaseRow.of(model.kind());
        if (rows.size() == row.getItems().size() && row.getUserData() == model.kind()) {
            return;
        }
        row.setUserData(model.kind());
        row.getItems().clear();
        for (EaseRow each : rows) {
            MenuItem item = new MenuItem(each.label());
            item.setOnAction(e -> model.row(each));
            row.getItems().add(item);
        }
    }

    private void card(LevelPlan level) {
        card.begin(level.level().label() + ", as worn", controls(level.level()));
        card.figure(level.worn(), workshop.unit());
        card.reckoning(level.worn(), workshop.unit(), this::follow);
        card.words(
                "Less the lacing gap of " + LengthText.say(level.gap().length(), workshop.unit())
                        + " the pattern measures "
                        + LengthText.say(level.pattern().length(), workshop.unit()) + " round; half of it is drafted.",
                "quiet");
        card.belowControls();
        if (level.level() == Level.WAIST) {
            caution();
            card.section("Before anyone is laced");
            answers.refresh();
            card.add(answers);
            starts();
        }
    }

    private void follow(Reckoned number) {
        card.begin(number.name());
        card.figure(number, workshop.unit());
        card.reckoning(number, workshop.unit(), this::follow);
        card.add(Deed.button("back-to-level", "Back to the level", workshop.showing()::again));
        card.end();
    }

    private VBox controls(Level level) {
        boolean laced = model.closure().isLaced();
        if (fieldsOf != level || fieldsLaced != laced || fieldsRow != model.row()) {
            fieldsOf = level;
            fieldsRow = model.row();
            fit = new FitControls(workshop, model, level);
            fieldsLaced = laced;
            Settings settings = new Settings(workshop);
            fields = new ArrayList<>(List.of(new OptionField(settings.ease(level), workshop::unit)));
            if (laced) {
                fields.add(new OptionField(settings.gap(), workshop::unit));
            }
            percent.clear();
            percentFault.setText("");
            Label words = new Label("or as a share of the body");
            HBox.setHgrow(words, Priority.ALWAYS);
            words.setMaxWidth(Double.MAX_VALUE);
            words.setWrapText(true);
            HBox row = new HBox(words, percent);
            row.getStyleClass().add("fields");
            controls.getChildren().setAll(fields.get(0), row, percentFault);
            controls.getChildren().addAll(fields.subList(1, fields.size()));
            controls.getChildren().addAll(fit, between);
            controls.getChildren()
                    .add(Deed.button(
                            "share-by-table",
                            "Side seam where the table has it",
                            () -> model.shareByTable(model.level())));
        }
        fields.forEach(OptionField::refresh);
        fit.refresh();
        between.refresh();
        controls.getChildren().get(controls.getChildren().size() - 1).setVisible(model.isOwnShare(level));
        return controls;
    }

    /** Where the reduction is set stands what it can do (C17). */
    private void caution() {
        double share = model.reduction();
        boolean first = workshop.commission().wearer().experience() == Experience.FIRST;
        if (share <= (first ? Advice.FIRST : Advice.SEASONED)) {
            return;
        }
        card.section(String.format(Locale.ROOT, "%.1f %% off the natural waist", share * 100));
        card.words(
                share > Advice.ANYONE
                        ? "Past 20 %, for anyone."
                        : first ? "Past 8 %, and this is a first corset." : "Past 15 %.",
                "caution");
        card.words(Advice.CAUTION, "caution");
        if (model.mustBeSpokenOf()) {
            card.words("The pattern is printed once it is on record that the wearer was told and agreed.", "caution");
        }
        model.record()
                .ifPresent(r -> card.words(
                        String.format(Locale.ROOT, "On record: spoken of %.1f %% on %s.", r.reduction() * 100, r.day()),
                        "quiet"));
        card.add(Deed.button("spoken", "Note in the record that we spoke of it and agreed", model::spoken));
    }

    private void starts() {
        card.section("Where others start at the waist");
        EaseRow own = workshop.commission().garment().row();
        EaseRow.of(workshop.commission().garment().kind()).stream()
                .filter(row -> !row.isStretch())
                .sorted(Comparator.comparing(model::startAtWaist))
                .forEach(row -> card.words(
                        LengthText.say(model.startAtWaist(row), workshop.unit()) + "  " + row.label()
                                + (row == own ? ", this garment's row" : ""),
                        "quiet"));
    }

    @Override
    protected void showNothing() {
        handles.hide();
        plan.setVisible(false);
        teach(
                "No girths yet",
                "Here one decides how tight the garment is at each level, and what the waist loses. Take the measurements first.");
    }
}
