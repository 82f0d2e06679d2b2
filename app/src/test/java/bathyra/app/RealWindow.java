package bathyra.app;

import bathyra.app.home.DemoBook;
import bathyra.app.shell.BathyraWindow;
import bathyra.app.workshop.BookPage;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The real window on a fresh demo book, used as a person uses it: keys, clicks and drags, and a look at what stands on the screen. */
@Tag("window")
@ExtendWith({ApplicationExtension.class, WindowRobot.Given.class})
abstract class RealWindow {
    private static Path prepared;
    Path folder;
    Path output;
    Stage window;
    WorkshopBook book;

    /** The toolkit's extension looks for its annotations in the test's own class only: each calls this from there. */
    void begin(Stage stage) throws Exception {
        begin(stage, "heron.pdf");
    }

    /** @param file the answer to every question for a file */
    void begin(Stage stage, String file) throws Exception {
        folder = forgotten(Files.createTempDirectory("bathyra-window"));
        output = folder.resolve(file);
        window = stage;
        open(Files.copy(prepared(), folder.resolve("demo.sqlite")));
    }

    /** Opens the window on a fresh demo book with one of its commissions in hand. @param title how its title begins @param file the answer to every question for a file */
    Workshop beginAt(Stage stage, String title, String file) throws Exception {
        folder = forgotten(Files.createTempDirectory("bathyra-window"));
        output = folder.resolve(file);
        window = stage;
        return openAt(Files.copy(prepared(), folder.resolve("demo.sqlite")), title);
    }

    /** Clicks where a control stands once everything is laid out: a row that has just come may have moved it. */
    static void click(WindowRobot robot, String query) {
        robot.interact(() -> {
            Parent root = robot.lookup(query).query().getScene().getRoot();
            root.applyCss();
            root.layout();
        });
        robot.clickOn(query);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** A demo book that is bound once and copied for each test. */
    private static synchronized Path prepared() throws Exception {
        if (prepared == null) {
            Path once = Files.createTempDirectory("bathyra-demo");
            prepared = DemoBook.fresh(once.resolve("prepared.sqlite"), LocalDate.of(2026, 11, 29));
            forgotten(once);
        }
        return prepared;
    }

    /** A folder that is taken away when the tests are done: until then a backup may still be written beside its book. */
    private static Path forgotten(Path folder) {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> erase(folder)));
        return folder;
    }

    /** Takes a folder away with all that is in it. */
    private static void erase(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            all.sorted(Comparator.reverseOrder()).forEach(file -> file.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void open(Path file) throws Exception {
        book = WorkshopBook.open(file);
        BathyraWindow.show(window, new Workshop(book), bathyra.app.stage.Files.always(output));
    }

    /** Opens a book with one of its commissions in hand. @param title how its title begins */
    Workshop openAt(Path file, String title) throws Exception {
        book = WorkshopBook.open(file);
        Workshop workshop = new Workshop(book);
        workshop.deeds()
                .switchTo(workshop.entries().stream()
                        .filter(e -> e.title().startsWith(title))
                        .findFirst()
                        .orElseThrow()
                        .id());
        BathyraWindow.show(window, workshop, bathyra.app.stage.Files.always(output));
        return workshop;
    }

    /** The window goes first: what it still finds out must not be noted in a book that is closed. */
    void end() {
        WaitForAsyncUtils.waitForAsyncFx(WindowRobot.PATIENCE_MS, () -> window.hide());
        book.close();
    }

    /** Something that is done on every page. @param where what the page is called */
    @FunctionalInterface
    interface OnPage {
        void look(String where);
    }

    /** Goes through every stage and every page that lies over them. */
    static void everyPage(WindowRobot robot, Workshop workshop, OnPage look) {
        for (bathyra.app.workshop.Stage stage : bathyra.app.workshop.Stage.values()) {
            robot.interact(() -> workshop.whereabouts().goTo(stage));
            WaitForAsyncUtils.waitForFxEvents();
            if (stage == bathyra.app.workshop.Stage.FIT) {
                // What the body says is worked out beside the window: without it there is hardly a word on the page.
                awaitShown(robot, "#read-side");
            }
            look.look(stage.label());
        }
        for (BookPage page : BookPage.values()) {
            robot.interact(() -> {
                workshop.whereabouts().pageProperty().set(page);
                workshop.whereabouts().open(Over.BOOK);
            });
            WaitForAsyncUtils.waitForFxEvents();
            look.look("Book, " + page.label());
        }
        for (Over over :
                new Over[] {Over.OUTPUT, Over.SETTINGS, Over.SIZES, Over.PRACTICE, Over.ALONG, Over.NEW, Over.KEYS}) {
            robot.interact(() -> workshop.whereabouts().open(over));
            WaitForAsyncUtils.waitForFxEvents();
            look.look(over.name());
        }
    }

    @BeforeEach
    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    @AfterEach
    void rest(WindowRobot robot) {
        robot.release(new KeyCode[] {});
        robot.release(new MouseButton[] {});
    }

    /** Waits until something that is worked out beside the window stands there. */
    static void awaitShown(WindowRobot robot, String query) {
        try {
            WaitForAsyncUtils.waitFor(
                    60, TimeUnit.SECONDS, () -> robot.lookup(query).tryQuery().isPresent());
        } catch (TimeoutException e) {
            throw new AssertionError(query + " did not come", e);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** What stands in a node. */
    static String text(WindowRobot robot, String query) {
        return WaitForAsyncUtils.waitForAsyncFx(WindowRobot.PATIENCE_MS, () -> {
            Node node = robot.lookup(query).query();
            return (node instanceof TextField field ? field.getText() : ((Labeled) node).getText())
                    .replace('\u00a0', ' ');
        });
    }

    static void retype(WindowRobot robot, String query, String text) {
        robot.clickOn(query);
        WaitForAsyncUtils.waitForFxEvents();
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write(text);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Puts one thing out by its name. */
    static void putOut(WindowRobot robot, String what) {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        robot.write("Put out: " + what).push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    static void untilWritten(WindowRobot robot) throws TimeoutException {
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#written").startsWith("Written"));
    }

    static void go(WindowRobot robot, String stage) {
        robot.clickOn("#stage-" + stage);
        WaitForAsyncUtils.waitForFxEvents();
    }
}
