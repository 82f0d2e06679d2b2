package bathyra.app.shell;

import bathyra.app.craft.CraftPage;
import bathyra.app.find.FindSlip;
import bathyra.app.keyboard.PlaceKey;
import bathyra.app.keys.KeyDeed;
import bathyra.app.output.Output;
import bathyra.app.rail.LacingRail;
import bathyra.app.stage.Files;
import bathyra.app.steps.FirstSteps;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.book.Backups;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
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
    private final BorderPane middle = new BorderPane();
    private final FindSlip find;
    private final List<KeyDeed> keys;
    private final FirstSteps first;
    private final StackPane over;
    private final Pages pages;
    private Optional<CraftPage> guide = Optional.empty();

    /** @param restore puts a backup in the place of the book and opens it */
    public Shell(Workshop workshop, Files files, Consumer<Backups.Backup> restore) {
        this.workshop = workshop;
        Output output = new Output(workshop, files);
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
        find = new FindSlip(
                new Everything(workshop, output, () -> getScene().getWindow(), this::guide, () -> first().begin())::all,
                this::requestFocus);
        first = new FirstSteps(workshop);
        output.saidProperty().addListener((o, was, now) -> first.lookAgain());
        keys = keyDeeds();
        middle.setTop(new VBox(new TopSlip(workshop, keys), first, said, new RefusalSlip(workshop, files), way));
        pages = new Pages(workshop, files, output, keys, restore);
        middle.setCenter(pages);
        setLeft(new LacingRail(workshop));
        StackPane.setAlignment(find, Pos.TOP_CENTER);
        StackPane.setMargin(find, new Insets(FIND_AT, 0, 0, 0));
        over = new StackPane(middle, find);
        setCenter(over);
        workshop.whereabouts().stageProperty().addListener((o, was, now) -> guide.ifPresent(g -> g.open(now.label())));
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

    private List<KeyDeed> keyDeeds() {
        KeyCombination.Modifier ctrl = KeyCombination.SHORTCUT_DOWN;
        return List.of(
                KeyDeed.of(new KeyCodeCombination(KeyCode.K, ctrl), "Find anything", true, find::open),
                KeyDeed.of(
                        new KeyCodeCombination(KeyCode.F1),
                        "The guide at the stage in hand",
                        true,
                        () -> guide.ifPresentOrElse(g -> closeGuide(), () -> guide(""))),
                KeyDeed.of(new KeyCodeCombination(KeyCode.F2), "The workshop book", true, () -> open(Over.BOOK)),
                KeyDeed.of(
                        new KeyCodeCombination(KeyCode.P, ctrl),
                        "Output: who receives it",
                        false,
                        () -> open(Over.OUTPUT)),
                KeyDeed.of(new KeyCodeCombination(KeyCode.F3), "Sizes", true, () -> open(Over.SIZES)),
                KeyDeed.of(new KeyCodeCombination(KeyCode.F4), "Practice", true, () -> open(Over.PRACTICE)),
                KeyDeed.of(new KeyCodeCombination(KeyCode.F6), "Draft along", true, () -> open(Over.ALONG)),
                KeyDeed.of(new KeyCodeCombination(KeyCode.COMMA, ctrl), "Settings", true, () -> open(Over.SETTINGS)),
                KeyDeed.sign("?", "Every key", () -> open(Over.KEYS)),
                KeyDeed.of(new KeyCodeCombination(KeyCode.Z, ctrl), "Undo", false, () -> {
                    requestFocus();
                    undo();
                }),
                KeyDeed.of(new KeyCodeCombination(KeyCode.Z, ctrl, KeyCombination.SHIFT_DOWN), "Redo", false, () -> {
                    requestFocus();
                    workshop.redo();
                }));
    }

    private void undo() {
        if (!pages.undo()) {
            workshop.undo();
        }
    }

    private FirstSteps first() {
        return first;
    }

    private void open(Over page) {
        workshop.whereabouts().open(page);
    }

    /** What keys do wherever the focus is; a text field's own undo gives way to the commission's. */
    void keys(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> keys.stream()
                .filter(deed -> deed.match().test(e))
                .findFirst()
                .ifPresent(deed -> {
                    deed.run().run();
                    e.consume();
                }));
        // A page whose button went with what it did has no key of its own any more.
        scene.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            boolean leaves = workshop.whereabouts()
                    .overProperty()
                    .get()
                    .filter(page -> page != Over.BOOK && page != Over.FOREIGN)
                    .isPresent();
            if (PlaceKey.CLOSE.isPressed(e) && leaves) {
                workshop.whereabouts().close();
                e.consume();
            }
        });
    }
}
