package bathyra.app.shell;

import bathyra.app.block.BlockView;
import bathyra.app.bones.BonesView;
import bathyra.app.craft.CraftPage;
import bathyra.app.craft.CraftText;
import bathyra.app.cups.CupsView;
import bathyra.app.edges.EdgesView;
import bathyra.app.find.FindSlip;
import bathyra.app.fit.FitView;
import bathyra.app.fittings.FittingsView;
import bathyra.app.foreign.ForeignView;
import bathyra.app.girths.GirthsView;
import bathyra.app.lay.LayView;
import bathyra.app.making.MakingView;
import bathyra.app.measure.MeasureView;
import bathyra.app.output.Output;
import bathyra.app.pieces.PiecesView;
import bathyra.app.rail.LacingRail;
import bathyra.app.seams.SeamsView;
import bathyra.app.shelf.ShelfView;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Showing.Subject;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.book.Backups;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The frame: rail on the left, slip on top, the stage in the middle. */
public final class Shell extends BorderPane {
    /** As wide as the card, over which the guide lies. */
    private static final double GUIDE = 296;
    /** The slip on top stays free. */
    private static final double BELOW_SLIP = 52;

    private static final double FIND_AT = 64;

    private final Workshop workshop;
    private final Files files;
    private final Output output;
    private final Map<Stage, Node> views = new EnumMap<>(Stage.class);
    private final BorderPane middle = new BorderPane();
    private final FindSlip find;
    private final StackPane over;
    private Optional<CraftPage> guide = Optional.empty();

    /** @param restore puts a backup in the place of the book and opens it */
    public Shell(Workshop workshop, Files files, Consumer<Backups.Backup> restore) {
        this.workshop = workshop;
        this.files = files;
        this.output = new Output(workshop, files);
        Label said = new Label();
        said.setId("said");
        said.getStyleClass().add("kept-draft");
        said.textProperty().bind(workshop.failureProperty());
        said.managedProperty().bind(workshop.failureProperty().isNotEmpty());
        said.visibleProperty().bind(workshop.failureProperty().isNotEmpty());
        Label written = new Label();
        written.setId("written");
        written.getStyleClass().add("status-line");
        written.textProperty().bind(output.saidProperty());
        written.managedProperty().bind(output.saidProperty().isNotEmpty());
        written.visibleProperty().bind(output.saidProperty().isNotEmpty());
        written.setPadding(new javafx.geometry.Insets(0, 20, 2, 20));
        Button stop = new Button("Stop");
        stop.setId("stop-output");
        stop.getStyleClass().add("deed");
        stop.visibleProperty().bind(output.busyProperty());
        stop.managedProperty().bind(output.busyProperty());
        stop.setOnAction(e -> output.stop());
        HBox way = new HBox(written, stop);
        way.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        middle.setTop(new VBox(new TopSlip(workshop, output), said, new RefusalSlip(workshop, files), way));
        setLeft(new LacingRail(workshop));
        find = new FindSlip(
                new Everything(workshop, output, () -> getScene().getWindow(), this::guide)::all, this::requestFocus);
        StackPane.setAlignment(find, Pos.TOP_CENTER);
        StackPane.setMargin(find, new Insets(FIND_AT, 0, 0, 0));
        over = new StackPane(middle, find);
        setCenter(over);
        workshop.whereabouts().stageProperty().addListener((o, was, now) -> {
            workshop.whereabouts().goTo(now);
            show();
            guide.ifPresent(g -> g.open(now.label()));
        });
        workshop.whereabouts().foreignOpenProperty().addListener((o, was, now) -> {
            if (now) {
                foreign();
            } else {
                show();
            }
        });
        workshop.whereabouts().shelfOpenProperty().addListener((o, was, now) -> {
            if (now) {
                shelf(restore);
            } else {
                show();
            }
        });
        workshop.whereabouts().pageProperty().addListener((o, was, now) -> {
            if (workshop.whereabouts().shelfOpenProperty().get()) {
                shelf(restore);
            }
        });
        workshop.whereabouts().ruleProperty().addListener((o, was, now) -> {
            if (now.isPresent()) {
                middle.setCenter(CraftPage.rules(CraftText.shipped(), now.get(), () -> workshop.whereabouts()
                        .ruleProperty()
                        .set(Optional.empty())));
            } else {
                show();
            }
        });
        workshop.showing().failureProperty().addListener((o, was, now) -> {
            if (now.isPresent()) {
                views.remove(workshop.whereabouts().stageProperty().get());
                middle.setCenter(new StageFailedPage(workshop, files, this::again));
            }
        });
        // Whatever changes, a stage that could not be shown is tried once more.
        workshop.showing()
                .on(
                        () -> {
                            if (workshop.showing().failureProperty().get().isPresent()
                                    && middle.getCenter() instanceof StageFailedPage) {
                                again();
                            }
                        },
                        Subject.COMMISSION,
                        Subject.PRICES,
                        Subject.LOOK);
        if (workshop.whereabouts().shelfOpenProperty().get()) {
            shelf(restore);
        } else {
            show();
        }
    }

    private void shelf(Consumer<Backups.Backup> restore) {
        middle.setCenter(new ShelfView(workshop, files, restore));
    }

    /** Opens the guide beside the work, or at another place of it. @param heading empty for the stage in hand */
    private void guide(String heading) {
        CraftPage page = guide.orElseGet(() -> CraftPage.guide(this::closeGuide));
        if (guide.isEmpty()) {
            // Over the card: the work keeps its room.
            page.setMinWidth(GUIDE);
            page.setMaxWidth(GUIDE);
            StackPane.setAlignment(page, Pos.TOP_RIGHT);
            StackPane.setMargin(page, new Insets(BELOW_SLIP, 0, 0, 0));
            over.getChildren().add(over.getChildren().size() - 1, page);
            guide = Optional.of(page);
        }
        page.open(
                heading.isEmpty() ? workshop.whereabouts().stageProperty().get().label() : heading);
    }

    private void closeGuide() {
        guide.ifPresent(over.getChildren()::remove);
        guide = Optional.empty();
        requestFocus();
    }

    private void again() {
        workshop.showing().tried();
        show();
    }

    /** Lays a pattern from elsewhere on the table, if one is named. */
    private void foreign() {
        ForeignView view = new ForeignView(workshop, files, () -> workshop.whereabouts()
                .foreignOpenProperty()
                .set(false));
        if (view.ask()) {
            workshop.whereabouts().shelfOpenProperty().set(false);
            middle.setCenter(view);
        } else {
            workshop.whereabouts().foreignOpenProperty().set(false);
        }
    }

    private void show() {
        workshop.showing().tried();
        try {
            middle.setCenter(view());
        } catch (RuntimeException e) {
            workshop.showing().failed(e);
        }
    }

    private Node view() {
        return views.computeIfAbsent(workshop.whereabouts().stageProperty().get(), stage -> switch (stage) {
            case MEASURE -> new MeasureView(workshop, files);
            case BLOCK -> new BlockView(workshop, files);
            case GIRTHS -> new GirthsView(workshop);
            case SEAMS -> new SeamsView(workshop);
            case CUPS -> new CupsView(workshop);
            case EDGES -> new EdgesView(workshop);
            case PIECES -> new PiecesView(workshop, output);
            case BONES -> new BonesView(workshop);
            case FIT -> new FitView(workshop);
            case LAY -> new LayView(workshop, output);
            case FITTINGS -> new FittingsView(workshop, files);
            case MAKING -> new MakingView(workshop, files);
        });
    }

    /** Undo and redo wherever the focus is; a text field's own undo gives way to them. */
    void keys(javafx.scene.Scene scene) {
        KeyCombination undo = new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN);
        KeyCombination redo =
                new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
        KeyCombination anything = new KeyCodeCombination(KeyCode.K, KeyCombination.SHORTCUT_DOWN);
        scene.addEventFilter(javafx.scene.input.KeyEvent.KEY_PRESSED, e -> {
            if (anything.match(e)) {
                find.open();
                e.consume();
            } else if (e.getCode() == KeyCode.F1) {
                guide.ifPresentOrElse(g -> closeGuide(), () -> guide(""));
                e.consume();
            } else if (e.getCode() == KeyCode.F2) {
                workshop.whereabouts().shelfOpenProperty().set(true);
                e.consume();
            } else if (undo.match(e) || redo.match(e)) {
                requestFocus();
                if (undo.match(e)) {
                    workshop.undo();
                } else {
                    workshop.redo();
                }
                e.consume();
            }
        });
    }
}
