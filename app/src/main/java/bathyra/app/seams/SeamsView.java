package bathyra.app.seams;

import bathyra.app.reckoning.Deed;
import bathyra.app.stage.HalfSwitch;
import bathyra.app.stage.Marks;
import bathyra.app.stage.TableStage;
import bathyra.app.table.View;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Cure;
import bathyra.draft.Cures;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Point;
import bathyra.girth.LevelPlan;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Seams stage: the chart of what is taken out, the soundings plumb below it, the reckoning beside it. */
public final class SeamsView extends TableStage {
    private static final double COLUMNS_APART = 86;
    /** More seams than this stand closer, so that their columns hang plumb under them. */
    private static final int ROOMY = 4;

    private static final double COLUMNS_CLOSE = 60;
    private static final double COLUMNS_LEFT = 256;
    private static final double COLUMNS_RIGHT = 172;

    private final SeamsModel model;
    private final Soundings soundings;
    private final SeamsReckoning reckoning;
    private final SeamHandles handles;
    private final PanelsModel panels;
    private final AxisHandles axes;
    private final SharingBar sharing;
    private final HalfSwitch halves;
    private final CureFinder cures;
    private final HBox deeds = new HBox(10);
    private final Label note = new Label();
    private final Label under = new Label();
    private double[] columns = {};
    private Lie lie = Lie.ON_AXES;
    private SeamsDrawing drawing;

    public SeamsView(Workshop workshop) {
        super(workshop, "table", "The half pattern with what is taken out at each seam");
        this.model = new SeamsModel(workshop);
        this.panels = new PanelsModel(workshop);
        this.axes = new AxisHandles(workshop, panels, table);
        this.sharing = new SharingBar(panels, this::lie);
        this.halves = new HalfSwitch(workshop);
        this.cures = new CureFinder(workshop, this::offer);
        this.reckoning = new SeamsReckoning(workshop, model, panels, card, this::show, this::apply);
        this.soundings = new Soundings(workshop, model, level -> reckoning.look(new Looking.AtLevel(level)));
        this.handles = new SeamHandles(workshop, model, table);
        ZoomSlip zoom = new ZoomSlip(table);
        StackPane.setAlignment(zoom, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(zoom, new Insets(0, 10, 14, 0));
        workshop.selection().cellProperty().addListener((o, was, now) -> reckoning.look(new Looking.AtSounding()));
        model.reasonProperty().addListener((o, was, now) -> showNote());
        table.viewProperty()
                .addListener((o, was, now) ->
                        workshop.half().filter(d -> drawing != null).ifPresent(this::placeHandles));
        table.setOnFitted(this::hang);
        table.setOnMouseClicked(e -> tag(e.getX(), e.getY()));
        StackPane.setAlignment(sharing.lie(), Pos.BOTTOM_RIGHT);
        StackPane.setMargin(sharing.lie(), new Insets(0, 10, 54, 0));
        StackPane.setAlignment(halves, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(halves, new Insets(0, 10, 96, 0));
        arrange(strip(), List.of(zoom, sharing.lie(), halves));
    }

    private VBox strip() {
        note.getStyleClass().add("status-line");
        note.setId("seams-note");
        note.setMinWidth(0);
        Tooltip whole = new Tooltip();
        whole.textProperty().bind(note.textProperty());
        note.setTooltip(whole);
        under.getStyleClass().add("status-line");
        under.textProperty().bind(table.underProperty());
        under.setMinWidth(Region.USE_PREF_SIZE);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        deeds.setAlignment(Pos.CENTER_LEFT);
        deeds.setMinWidth(Region.USE_PREF_SIZE);
        HBox foot = new HBox(8, note, deeds, space, under);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setMinHeight(24);
        VBox strip = new VBox(2, sharing, soundings, foot);
        strip.getStyleClass().add("strip");
        return strip;
    }

    /** The columns hang where the seams end when the whole drawing is in view; they stay there when it is moved. */
    private void hang() {
        workshop.half().filter(d -> table.viewProperty().get() != null).ifPresent(draft -> {
            Point[] ends = new SeamsDrawing(draft, workshop.unit(), selected(draft), Optional.empty(), columns, lie)
                    .lowerEnds();
            double[] at = new double[ends.length];
            double most = table.getWidth() - COLUMNS_RIGHT;
            double apart = Math.min(
                    ends.length > ROOMY ? COLUMNS_CLOSE : COLUMNS_APART,
                    (most - COLUMNS_LEFT) / Math.max(1, ends.length - 1));
            double free = COLUMNS_LEFT;
            for (int i = 0; i < at.length; i++) {
                at[i] = Math.max(free, table.viewProperty().get().x(ends[i].x()));
                free = at[i] + apart;
            }
            for (int i = at.length - 1; i >= 0; i--) {
                at[i] = Math.min(at[i], most);
                most = at[i] - apart;
            }
            columns = at;
            soundings.hang(at);
            lay(draft, selected(draft));
        });
    }

    private void placeHandles(Draft draft) {
        handles.place(drawing, selected(draft));
        axes.place(drawing, draft, Optional.of(selected(draft).seam()), lie.isApart(draft));
    }

    private void lie(Lie next) {
        lie = next;
        show();
        table.fit();
    }

    /** Beside the note stands the cheapest cure as a deed; the card lists all of them. */
    private void offer(List<Cure> found) {
        deeds.getChildren().clear();
        found.stream().limit(1).forEach(cure -> {
            Button deed = Deed.button("cure", cure.deed().in(workshop.unit()), () -> apply(cure));
            deed.setTooltip(new Tooltip(cure.effect().in(workshop.unit())));
            deeds.getChildren().add(deed);
        });
        reckoning.offer(found);
        if (!found.isEmpty()) {
            show();
        }
    }

    /** A cure belongs to the state it was found for. */
    private void apply(Cure cure) {
        if (cures.isFor(workshop.commission())) {
            panels.apply(cure);
        }
    }

    private void tag(double x, double y) {
        View view = table.viewProperty().get();
        if (drawing != null && view != null) {
            drawing.tagAt(view, x, y).ifPresent(level -> reckoning.look(new Looking.AtLevel(level)));
        }
    }

    @Override
    protected void showDraft() {
        Draft draft = workshop.half().orElseThrow();
        Cell cell = selected(draft);
        if (!cell.equals(workshop.selection().cellProperty().get())) {
            // What is in hand has to be there for everything that asks for it; choosing it shows all anew.
            workshop.selection().cellProperty().set(cell);
            return;
        }
        if (columns.length != draft.intakes().seams().size()) {
            columns = new double[draft.intakes().seams().size()];
            hang();
        }
        lay(draft, cell);
        soundings.setVisible(true);
        soundings.show(draft);
        showNote();
        sharing.refresh(draft.girths().levels().stream().map(LevelPlan::level).toList());
        halves.refresh();
        placeHandles(draft);
        boolean dragging = handles.former().isPresent();
        reckoning.dragging(dragging);
        if (!dragging) {
            cures.look();
        }
        reckoning.show(draft, cell);
    }

    private void lay(Draft draft, Cell cell) {
        drawing = new SeamsDrawing(
                draft,
                workshop.unit(),
                cell,
                handles.former().map(Draft::panelOutlines).or(() -> workshop.comparison()
                        .ghost()),
                columns,
                lie);
        lay(drawing);
    }

    /** A level or a seam that the garment no longer has cannot stay selected. */
    private Cell selected(Draft draft) {
        Cell cell = workshop.selection().cellProperty().get();
        SeamPlace seam = draft.intakes().seams().contains(cell.seam()) ? cell.seam() : SeamPlace.SIDE;
        return new Cell(draft.girths().has(cell.level()) ? cell.level() : Level.WAIST, seam);
    }

    @Override
    protected void showNothing() {
        soundings.setVisible(false);
        handles.hide();
        axes.hide();
        note.setGraphic(null);
        note.setText("");
        teach(
                "Nothing to sound yet",
                "Seams divide the girth into panels. Take the measurements first; then the surplus can be taken out here.");
    }

    private void showNote() {
        if (!model.reasonProperty().get().isEmpty()) {
            note.setText(model.reasonProperty().get());
            note.setGraphic(Marks.cross());
        } else if (workshop.refusal().isPresent()) {
            note.setText(workshop.refusal().get().reasons().get(0).sentence().in(workshop.unit()));
            note.setGraphic(Marks.cross());
        } else {
            Optional<Finding> first = workshop.half().flatMap(d -> d.with(Finding.Status.NOTE).stream()
                    .filter(f -> f.kind() != FindingKind.SEATED_LENGTH)
                    .min(Comparator.comparing(f -> !Cures.mayHelp(f))));
            note.setText(first.map(f -> f.sentence().in(workshop.unit()))
                    .orElse("Every level takes out what it is planned to take."));
            note.setGraphic(first.isPresent() ? Marks.triangle() : Marks.tick());
        }
    }
}
