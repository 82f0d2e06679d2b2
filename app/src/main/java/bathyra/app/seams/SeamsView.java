package bathyra.app.seams;

import bathyra.app.shell.Card;
import bathyra.app.shell.Marks;
import bathyra.app.shell.Stage;
import bathyra.app.shell.Workshop;
import bathyra.app.table.Table;
import bathyra.app.table.View;
import bathyra.draft.Draft;
import bathyra.garment.UnderbustSchool;
import bathyra.geometry.Point;
import bathyra.girth.Level;
import bathyra.intake.Cell;
import bathyra.intake.SeamPlace;
import bathyra.intake.UnderbustIntake;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.reckon.Reckoned;
import bathyra.truing.Finding;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;

/** The Seams stage: the chart of what is taken out, the soundings below it, the reckoning beside it. */
public final class SeamsView extends BorderPane {
    private static final double HANDLE = 5;
    private final Workshop workshop;
    private final SeamsModel model;
    private final Table table;
    private final Soundings soundings;
    private final Card card = new Card();
    private final Label note = new Label();
    private final Label under = new Label();
    private final Label kept = new Label("The last good draft is shown: the present figures give none");
    private final Circle[] handles = {new Circle(HANDLE), new Circle(HANDLE)};
    private final VBox readout = new VBox();
    private final Button percent = new Button();
    private Optional<Reckoned> followed = Optional.empty();
    private long shownId = -1;
    private double dragFrom;
    private double dragValue;

    public SeamsView(Workshop workshop) {
        this.workshop = workshop;
        this.model = new SeamsModel(workshop);
        this.table = new Table(workshop::unit);
        this.soundings = new Soundings(workshop, model);
        table.setId("table");
        table.setAccessibleText("The half pattern with what is taken out at each seam");
        StackPane frame = new StackPane(table, kept, zoom());
        StackPane.setAlignment(kept, Pos.TOP_CENTER);
        StackPane.setMargin(kept, new javafx.geometry.Insets(34, 0, 0, 0));
        kept.getStyleClass().add("kept-draft");
        note.getStyleClass().add("status-line");
        note.setId("seams-note");
        under.getStyleClass().add("status-line");
        under.textProperty().bind(table.underProperty());
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox foot = new HBox(8, note, space, under);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setMinHeight(24);
        note.setMinWidth(0);
        under.setMinWidth(Region.USE_PREF_SIZE);
        VBox strip = new VBox(2, soundings, foot);
        strip.getStyleClass().add("strip");
        setCenter(new BorderPane(frame, null, null, strip, null));
        ScrollPane scroll = new ScrollPane(card);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        setRight(scroll);
        readout.getStyleClass().add("readout");
        readout.setVisible(false);
        readout.setMouseTransparent(true);
        makeHandles();
        Workshop.whileShown(this, workshop, this::show);
        workshop.selectedProperty().addListener((o, was, now) -> {
            followed = Optional.empty();
            show();
        });
        model.reasonProperty().addListener((o, was, now) -> showNote());
        table.viewProperty().addListener((o, was, now) -> placeHandles());
        show();
    }

    private HBox zoom() {
        Button less = small("−", "Smaller", () -> table.zoom(1 / 1.2, table.getWidth() / 2, table.getHeight() / 2));
        Button more = small("+", "Larger", () -> table.zoom(1.2, table.getWidth() / 2, table.getHeight() / 2));
        percent.getStyleClass().add("plain");
        percent.setAccessibleText("Fit the whole drawing");
        percent.setTooltip(new javafx.scene.control.Tooltip("Fit the whole drawing"));
        percent.setOnAction(e -> table.fit());
        HBox box = new HBox(less, percent, more);
        box.getStyleClass().add("slip");
        StackPane.setAlignment(box, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(box, new javafx.geometry.Insets(0, 12, 12, 0));
        return box;
    }

    private static Button small(String text, String name, Runnable deed) {
        Button button = new Button(text);
        button.getStyleClass().add("plain");
        button.setAccessibleText(name);
        button.setOnAction(e -> deed.run());
        return button;
    }

    private void makeHandles() {
        for (int i = 0; i < handles.length; i++) {
            Circle handle = handles[i];
            handle.setId(i == 0 ? "handle-left" : "handle-right");
            handle.getStyleClass().add("handle");
            handle.setAccessibleText("Drag sideways to change the intake");
            double side = i == 0 ? -1 : 1;
            handle.setOnMousePressed(e -> {
                dragFrom = e.getSceneX();
                dragValue = value();
                workshop.letGo();
                e.consume();
            });
            handle.setOnMouseDragged(e -> {
                drag(side, e.getSceneX() - dragFrom);
                e.consume();
            });
            handle.setOnMouseReleased(e -> {
                workshop.letGo();
                readout.setVisible(false);
                e.consume();
            });
        }
        table.handles().getChildren().addAll(handles);
        table.handles().getChildren().add(readout);
    }

    private double value() {
        Cell cell = workshop.selectedProperty().get();
        return workshop.draft().map(d -> d.intakes().at(cell.level(), cell.seam()).value()).orElse(0.0);
    }

    /** The edge in hand moves by the pointer; the intake grows by what both edges together move. */
    private void drag(double side, double pixels) {
        Cell cell = workshop.selectedProperty().get();
        double moved = side * pixels / table.viewProperty().get().scale();
        double part = cell.seam() == SeamPlace.PRINCESS_FRONT ? (side < 0 ? 1.0 / 3 : 2.0 / 3) : cell.seam() == SeamPlace.CENTRE_BACK ? 1 : 0.5;
        double asked = Math.round((dragValue + moved / part) * 2) / 2.0;
        double sideBefore = sideValue(cell.level());
        model.set(cell, Length.mm(asked));
        LengthUnit unit = workshop.unit();
        Label now = new Label(LengthText.say(Length.mm(value()), unit));
        now.getStyleClass().add("value");
        readout.getChildren().setAll(now, new Label("was " + LengthText.say(Length.mm(dragValue), unit)));
        double gives = sideValue(cell.level()) - sideBefore;
        if (cell.seam() != SeamPlace.SIDE && Math.abs(gives) > 0.01) {
            readout.getChildren().add(new Label("the side gives way"));
        }
        readout.setVisible(true);
        readout.autosize();
        double x = Math.min(handles[1].getCenterX() + 16, table.getWidth() - readout.getWidth() - 8);
        readout.relocate(x, handles[1].getCenterY() + 14);
    }

    private double sideValue(Level level) {
        return workshop.draft().map(d -> d.intakes().at(level, SeamPlace.SIDE).value()).orElse(0.0);
    }

    private void show() {
        kept.setVisible(workshop.refusal().isPresent() && workshop.draft().isPresent());
        if (workshop.draft().isEmpty()) {
            empty();
            return;
        }
        Draft draft = workshop.draft().get();
        Cell cell = selected(draft);
        table.lay(new SeamsDrawing(draft, workshop.unit(), cell));
        if (shownId != workshop.id()) {
            shownId = workshop.id();
            table.fit();
        }
        soundings.setVisible(true);
        soundings.show(draft);
        showNote();
        placeHandles();
        reckon(draft, cell);
    }

    /** A level that the garment no longer has cannot stay selected. */
    private Cell selected(Draft draft) {
        Cell cell = workshop.selectedProperty().get();
        return draft.girths().has(cell.level()) ? cell : new Cell(Level.WAIST, cell.seam());
    }

    private void empty() {
        soundings.setVisible(false);
        card.begin("Nothing to sound yet");
        card.words("Seams divide the girth into panels. Take the measurements first; then the surplus can be taken out here.");
        Button go = new Button("Go to Measure");
        go.getStyleClass().add("primary");
        go.setOnAction(e -> workshop.stageProperty().set(Stage.MEASURE));
        card.getChildren().add(go);
    }

    private void showNote() {
        note.setGraphic(null);
        if (!model.reasonProperty().get().isEmpty()) {
            note.setText(model.reasonProperty().get());
            note.setGraphic(Marks.cross());
        } else if (workshop.refusal().isPresent()) {
            note.setText(workshop.refusal().get().reasons().get(0).sentence().in(workshop.unit()));
            note.setGraphic(Marks.cross());
        } else {
            Optional<Finding> first = workshop.draft().flatMap(d -> d.with(Finding.Status.NOTE).stream().filter(f -> !f.id().equals("seated-length")).findFirst());
            note.setText(first.map(f -> f.sentence().in(workshop.unit())).orElse("Every level takes out what it is planned to take."));
            note.setGraphic(first.isPresent() ? Marks.triangle() : Marks.tick());
        }
        note.setTooltip(new javafx.scene.control.Tooltip(note.getText()));
    }

    private void placeHandles() {
        View view = table.viewProperty().get();
        percent.setText(table.percent() + " %");
        boolean shown = view != null && workshop.draft().isPresent();
        for (Circle handle : handles) {
            handle.setVisible(shown);
        }
        if (!shown) {
            return;
        }
        Draft draft = workshop.draft().get();
        Cell cell = selected(draft);
        Point[] ends = SeamsDrawing.ends(draft, cell);
        for (int i = 0; i < 2; i++) {
            handles[i].setCenterX(view.x(ends[i].x()));
            handles[i].setCenterY(view.y(ends[i].y()));
            handles[i].setVisible(model.isEditable(cell) && (i == 0 || cell.seam() != SeamPlace.CENTRE_BACK));
        }
    }

    private void reckon(Draft draft, Cell cell) {
        LengthUnit unit = workshop.unit();
        if (followed.isPresent()) {
            Reckoned number = followed.get();
            card.begin(number.name());
            if (number.quantity() == bathyra.reckon.Quantity.LENGTH) {
                card.figure(number, unit);
            }
            Button back = new Button("Back to the sounding");
            back.setOnAction(e -> follow(null));
            card.getChildren().add(back);
            card.reckoning(number, unit, this::follow);
            return;
        }
        Reckoned number = draft.intakes().at(cell.level(), cell.seam());
        card.begin(cell.seam().label() + ", " + cell.level().label().toLowerCase(java.util.Locale.ROOT));
        card.figure(number, unit);
        if (model.isEditable(cell)) {
            card.getChildren().add(deeds(cell));
        }
        card.reckoning(number, unit, this::follow);
        if (cell.seam() == SeamPlace.PRINCESS_FRONT && cell.level() != Level.BUST) {
            schools(draft, unit);
        }
        card.section("What follows from it");
        card.words(consequence(draft, cell, unit));
    }

    private HBox deeds(Cell cell) {
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

    private void schools(Draft draft, LengthUnit unit) {
        card.section("The schools beside it");
        card.words("Under-bust intake of the front quarter", "quiet");
        ToggleGroup group = new ToggleGroup();
        for (UnderbustSchool school : UnderbustSchool.values()) {
            Reckoned by = UnderbustIntake.by(school, workshop.commission().measurements(), draft.block());
            ToggleButton button = new ToggleButton(LengthText.figure(by.length(), unit) + "  " + school.label());
            button.setId("school-" + school.id());
            button.setToggleGroup(group);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setAlignment(Pos.CENTER_LEFT);
            boolean used = workshop.commission().garment().school() == school;
            button.setSelected(used);
            button.setText(button.getText() + (used ? ", in use" : ""));
            button.setOnAction(e -> {
                if (!used) {
                    model.choose(school);
                } else {
                    button.setSelected(true);
                }
            });
            card.getChildren().add(button);
        }
    }

    private String consequence(Draft draft, Cell cell, LengthUnit unit) {
        Length take = draft.intakes().toTake().get(cell.level()).length();
        Length side = draft.intakes().at(cell.level(), SeamPlace.SIDE).length();
        String level = cell.level().label().toLowerCase(java.util.Locale.ROOT);
        if (!model.isEditable(cell)) {
            return "The seam passes through the apex: at the bust line it takes nothing, whatever is taken above and below.";
        }
        return cell.seam() == SeamPlace.SIDE
                ? "The " + level + " takes " + LengthText.say(take, unit) + " in all. Locked, the side keeps its value and the princess seams and centre back give way."
                : "The side takes the rest, " + LengthText.say(side, unit) + ", so the " + level + " still takes " + LengthText.say(take, unit) + ".";
    }

    private void follow(Reckoned number) {
        followed = Optional.ofNullable(number);
        workshop.draft().ifPresent(d -> reckon(d, selected(d)));
    }
}
