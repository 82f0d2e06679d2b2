package bathyra.app.fittings;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.stage.Files;
import bathyra.app.stage.TableStage;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.Readout;
import bathyra.app.table.ZoomSlip;
import bathyra.app.workshop.Workshop;
import bathyra.correction.Proposal;
import bathyra.correction.Toile;
import bathyra.draft.Draft;
import bathyra.fitting.Decision;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Picture;
import bathyra.fitting.Spot;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** The Fittings stage: the notebook of fittings, the toile with what was seen on it, what becomes of it, and the mark in hand. */
public final class FittingsView extends TableStage {
    /** What is put down without being drawn out, mm. */
    private static final double FIRST = 5;
    /** A pointer that moved less was only pressed, pixels. */
    private static final double STILL = 4;
    /** So near a seam a mark lies on it, pixels. */
    private static final double REACH = 12;

    private static final List<MarkKind> TOOLS = List.of(
            MarkKind.PINCH,
            MarkKind.LET_OUT,
            MarkKind.EDGE,
            MarkKind.APEX,
            MarkKind.FOLD,
            MarkKind.DIGS,
            MarkKind.PLUMB,
            MarkKind.WEDGE,
            MarkKind.NOTE);

    private final FittingsModel model;
    private final Notebook notebook;
    private final MarkList list;
    private final MarkCard marks;
    private final PictureStrip pictures;
    private final PictureViewer viewer;
    private static final Map<PlaceKey, MarkKind> TOOL_KEYS = new EnumMap<>(Map.of(
            PlaceKey.PINCH,
            MarkKind.PINCH,
            PlaceKey.LET_OUT,
            MarkKind.LET_OUT,
            PlaceKey.EDGE,
            MarkKind.EDGE,
            PlaceKey.FOLD,
            MarkKind.FOLD,
            PlaceKey.DIGS_IN,
            MarkKind.DIGS,
            PlaceKey.WEDGE,
            MarkKind.WEDGE,
            PlaceKey.APEX,
            MarkKind.APEX));
    private final LookSwitch<MarkKind> tools;
    private final Button side = new Button();
    private final Readout readout;
    private FittingsDrawing drawing;
    private Optional<Press> press = Optional.empty();

    /** Where a mark was put, and where the pointer was pressed. */
    private record Press(Point paper, double x, double y, boolean drawn) {}

    public FittingsView(Workshop workshop, Files files) {
        super(workshop, "fittings-table", "The half pattern with what was seen on the toile");
        model = new FittingsModel(
                workshop, Platform::runLater, () -> workshop.showing().again());
        viewer = new PictureViewer(model);
        pictures = new PictureStrip(workshop, model, files, this::look);
        notebook = new Notebook(workshop, model, pictures);
        list = new MarkList(workshop, model);
        marks = new MarkCard(workshop, model, new LookingBack(workshop, Platform::runLater, () -> workshop.showing()
                .again()));
        readout = new Readout(table);
        tools = new LookSwitch<>("mark-", TOOLS, model.tool(), MarkKind::label, model::tool);
        tools.setAccessibleText("What is put down");
        side.setId("mark-side");
        side.setMinWidth(Region.USE_PREF_SIZE);
        side.setOnAction(e -> model.nextSide());
        FlowPane put = new FlowPane(8, 6, tools, side);
        put.prefWrapLengthProperty().bind(table.widthProperty().subtract(40));
        put.getStyleClass().add("put-mark");
        put.setAlignment(Pos.CENTER_LEFT);
        put.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(put, Pos.BOTTOM_LEFT);
        StackPane.setMargin(put, new Insets(0, 0, 8, 30));
        ZoomSlip zoom = new ZoomSlip(table);
        zoom.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(zoom, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(zoom, new Insets(0, 8, 44, 0));
        table.addEventFilter(MouseEvent.MOUSE_PRESSED, this::pressed);
        table.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::dragged);
        table.addEventFilter(MouseEvent.MOUSE_RELEASED, this::released);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        setLeft(notebook);
        sceneProperty().addListener((o, was, now) -> {
            if (now == null) {
                model.giveUp();
            }
        });
        arrange(list, List.of(put, zoom, viewer));
    }

    private void key(KeyEvent e) {
        boolean typing = e.getTarget() instanceof javafx.scene.control.TextInputControl;
        if (PlaceKey.MAKE_DRAFT.isPressed(e)) {
            if (model.proposal().isPresent()) {
                model.make();
            }
        } else if (typing || e.isShortcutDown() || model.fitting().isEmpty()) {
            return;
        } else if (!tool(e) && !onMark(e)) {
            return;
        }
        e.consume();
    }

    private boolean tool(KeyEvent e) {
        Optional<MarkKind> kind = TOOL_KEYS.entrySet().stream()
                .filter(t -> t.getKey().isPressed(e))
                .filter(t -> t.getKey() != PlaceKey.APEX || model.mark().isEmpty())
                .map(Map.Entry::getValue)
                .findFirst();
        kind.ifPresent(k -> {
            model.tool(k);
            tools.choose(k);
        });
        boolean half = PlaceKey.OTHER_HALF.isPressed(e);
        if (half) {
            model.nextSide();
        }
        return kind.isPresent() || half;
    }

    private boolean onMark(KeyEvent e) {
        if (model.mark().isEmpty()) {
            return false;
        }
        if (PlaceKey.APEX.isPressed(e)) {
            model.decide(Decision.AGREED);
        } else if (PlaceKey.HALVE.isPressed(e)) {
            model.decide(Decision.HALVED);
        } else if (PlaceKey.LEAVE_OPEN.isPressed(e)) {
            model.decide(Decision.OPEN);
        } else if (PlaceKey.REFUSE.isPressed(e)) {
            model.decide(Decision.REFUSED);
        } else if (PlaceKey.MARK_AWAY.isPressed(e)) {
            model.takeAway();
        } else if (PlaceKey.LET_GO.isPressed(e)) {
            model.choose(0);
        } else {
            return false;
        }
        return true;
    }

    private void pressed(MouseEvent e) {
        press = Optional.empty();
        if (e.getButton() != MouseButton.PRIMARY
                || drawing == null
                || model.fitting().isEmpty()
                || onHandle(e)) {
            return;
        }
        Point paper = table.paperAt(e);
        double scale = table.viewProperty().get().scale();
        Optional<Mark> there = drawing.markAt(paper, scale);
        if (there.isPresent()) {
            model.choose(there.get().number());
            table.requestFocus();
            e.consume();
        } else if (drawing.panelAt(paper, REACH / scale).isPresent()) {
            press = Optional.of(new Press(paper, e.getX(), e.getY(), false));
            table.requestFocus();
            e.consume();
        }
    }

    private static boolean onHandle(MouseEvent e) {
        return e.getTarget() instanceof javafx.scene.shape.Circle;
    }

    private void dragged(MouseEvent e) {
        press.ifPresent(p -> {
            if (!p.drawn() && Math.hypot(e.getX() - p.x(), e.getY() - p.y()) < STILL) {
                e.consume();
                return;
            }
            if (!p.drawn()) {
                put(p);
                press = Optional.of(new Press(p.paper(), p.x(), p.y(), true));
            }
            double scale = table.viewProperty().get().scale();
            double dx = (e.getX() - p.x()) / scale;
            double dy = (e.getY() - p.y()) / scale;
            model.mark(m -> drawn(m, dx, dy));
            model.mark()
                    .ifPresent(m -> readout.say(
                            e.getX(), e.getY(), LengthText.say(m.amount(), workshop.unit()), MarkWords.place(m)));
            e.consume();
        });
    }

    private void released(MouseEvent e) {
        press.ifPresent(p -> {
            if (!p.drawn()) {
                put(p);
            }
            readout.end();
            workshop.letGo();
            e.consume();
        });
        press = Optional.empty();
    }

    private void put(Press p) {
        double reach = REACH / table.viewProperty().get().scale();
        Toile.At at = drawing.panelAt(p.paper(), reach).orElseThrow();
        MarkKind kind = model.tool();
        Spot spot = drawing.toile().spot(kind, at.piece(), at.point(), reach);
        double first = kind == MarkKind.NOTE ? 0 : FIRST;
        model.put(spot, Length.mm(kind == MarkKind.EDGE && spot.isAbove() ? -first : first));
    }

    /** How much is drawn out by the pointer: sideways in a seam, up and down at an edge, both ways for the apex. */
    private static Mark drawn(Mark mark, double dx, double dy) {
        double most = Mark.MOST.millimetres();
        return switch (mark.kind()) {
            case APEX -> mark.of(whole(dy, -most, most)).across(whole(dx, -most, most));
            case EDGE -> mark.of(whole(-dy, -most, most));
            case PLUMB -> mark.of(whole(-dx, -most, most));
            case FOLD, DIGS -> mark.of(whole(Math.abs(dy), 0, most));
            case PINCH, LET_OUT, WEDGE -> mark.of(whole(Math.abs(dx), 0, most));
            case GAP, CLOTH, NOTE -> mark;
        };
    }

    private static Length whole(double mm, double least, double most) {
        return Length.mm(Math.rint(Math.max(least, Math.min(most, mm))));
    }

    @Override
    protected boolean hasDrawing() {
        return model != null && model.tried().isPresent();
    }

    @Override
    protected void showDraft() {
        model.bringUpToDate();
        notebook.refresh();
        side.setText(
                switch (model.side()) {
                    case BOTH -> "on both halves";
                    case LEFT -> "on the left";
                    case RIGHT -> "on the right";
                });
        drawing = new FittingsDrawing(shown());
        lay(drawing);
        list.refresh();
        marks.show(card);
        viewer.refresh();
    }

    private FittingsDrawing.Shown shown() {
        Optional<KeptDrafts.Pair> pair = model.kept().onTheTable();
        if (pair.isPresent()) {
            return new FittingsDrawing.Shown(
                    pair.get().before(),
                    pair.map(KeptDrafts.Pair::after),
                    Optional.empty(),
                    FittingsDrawing.NONE,
                    0,
                    workshop.unit());
        }
        Optional<Draft> next = model.fitting().isEmpty()
                ? Optional.empty()
                : model.one().or(model::proposal).map(Proposal::draft);
        return new FittingsDrawing.Shown(
                model.tried().orElseThrow(),
                next,
                workshop.comparison().ghost(),
                model.fitting().orElse(FittingsDrawing.NONE),
                model.mark().map(Mark::number).orElse(0),
                workshop.unit());
    }

    private void look(Picture picture) {
        pictures.image(picture, 0).ifPresent(image -> viewer.look(picture, image));
    }

    @Override
    protected void showNothing() {
        notebook.refresh();
        list.refresh();
        teach(
                "No toile yet",
                "Write down what you see on the toile; each mark becomes a correction of the draft. There is no draft to cut it from yet: take the measurements first.");
    }
}
