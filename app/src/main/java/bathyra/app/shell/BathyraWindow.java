package bathyra.app.shell;

import bathyra.app.settings.SystemLook;
import bathyra.app.stage.DayStyle;
import bathyra.app.stage.Days;
import bathyra.app.stage.Files;
import bathyra.app.stage.Motion;
import bathyra.app.stage.WeekStart;
import bathyra.app.table.Lettering;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.BookDeeds;
import bathyra.app.workshop.Theme;
import bathyra.app.workshop.Workshop;
import bathyra.book.Backups;
import bathyra.book.BookFailure;
import bathyra.book.BookUnavailable;
import bathyra.book.Trash;
import bathyra.book.WorkshopBook;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.DocumentText;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import org.slf4j.LoggerFactory;

/** The window of the program, on one workshop book. */
public final class BathyraWindow extends Application {
    /** For the start-up measurement: print the time and leave once the drawing has been on screen for two frames. */
    private static final boolean QUIT_WHEN_DRAWN = Boolean.getBoolean("bathyra.quitWhenDrawn");

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    /** On a screen with no more than this to spare the window fills it. */
    private static final double FRAME = 60;

    /** Frames after which the first drawing is on the screen. */
    private static final int SHOWN = 3;
    /** What nobody waits for is not begun before the first drawing is on the screen. */
    private static final CountDownLatch DRAWN = new CountDownLatch(1);

    private static Callable<Path> place;
    private static Future<Workshop> opening;

    private Workshop workshop;

    /**
     * Opens the window and returns when it has been closed. The book is opened and the first draft made while the toolkit
     * starts.
     *
     * @param file gives the book's file; may take its time
     */
    public static void open(Callable<Path> file) {
        open(file, Optional.empty());
    }

    /** @param document a commission that is taken into the book and opened; one that cannot be read is said, and the book opens without it */
    public static void open(Callable<Path> file, Optional<Path> document) {
        Renderer.choose();
        place = file;
        opening = begin(document);
        launch(BathyraWindow.class);
    }

    /** Opens the book, hands the workshop over, and goes on to the first draft while the window is built. */
    private static Future<Workshop> begin(Optional<Path> document) {
        FutureTask<Workshop> task = new FutureTask<>(() -> {
            WorkshopBook book = WorkshopBook.open(place.call());
            Optional<String> fault = document.flatMap(d -> takeIn(book, d));
            Workshop opened = workshop(book);
            fault.ifPresent(opened::say);
            return opened;
        });
        Thread thread = new Thread(
                () -> {
                    task.run();
                    draft(task);
                },
                "open the book");
        thread.setDaemon(true);
        thread.start();
        return task;
    }

    /** @return why it was not taken in */
    private static Optional<String> takeIn(WorkshopBook book, Path document) {
        try {
            BookDeeds.takeIn(book, CommissionJson.read(DocumentText.read(document, DocumentText.COMMISSION_MOST)));
            return Optional.empty();
        } catch (BadDocument e) {
            return Optional.of(
                    document.getFileName() + " was not taken in. " + e.faults().get(0));
        } catch (IOException e) {
            LoggerFactory.getLogger(BathyraWindow.class).warn("taking in a commission", e);
            return Optional.of(document.getFileName()
                    + " could not be read. Look whether it is there and whether you may read it.");
        }
    }

    private static Workshop workshop(WorkshopBook book) {
        try {
            return Workshop.undrafted(book);
        } catch (RuntimeException e) {
            book.close();
            throw e;
        }
    }

    private static void draft(Future<Workshop> opened) {
        try {
            Workshop workshop = opened.get();
            Commission commission = workshop.commission();
            Outcome outcome = Drafter.draft(commission);
            Platform.runLater(() -> workshop.firstDraft(outcome));
            DRAWN.await();
            BlockDrafter.Drafted block = BlockDrafter.draft(commission.measurements(), commission.garment());
            Platform.runLater(() -> workshop.firstBlock(commission, block));
        } catch (ExecutionException | InterruptedException e) {
            // The window says why the book did not open; there is nothing to draft.
            LoggerFactory.getLogger(BathyraWindow.class).debug("no first draft", e);
        }
    }

    @Override
    public void start(javafx.stage.Stage stage) {
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> uncaught(e));
        Styles.ofControls();
        Lettering.load();
        try {
            workshop = opening.get();
            show(stage, workshop, Files.chooser());
            if (QUIT_WHEN_DRAWN) {
                whenDrawn(workshop, BathyraWindow::quit);
            }
        } catch (ExecutionException | InterruptedException e) {
            LoggerFactory.getLogger(BathyraWindow.class).warn("the book did not open", e);
            new UnavailablePage(e.getCause(), place(), () -> again(stage)).show(stage);
            if (QUIT_WHEN_DRAWN) {
                Platform.exit();
            }
        }
    }

    /** What no deed answered for is logged; a book that failed is said as well, whichever button was pressed. */
    private void uncaught(Throwable e) {
        LoggerFactory.getLogger(BathyraWindow.class).error("in the window", e);
        if (workshop != null) {
            String said = e instanceof BookFailure
                    ? e.getMessage()
                    : "The program failed at what you did last; it may not have been done. Everything before it is saved, and the log in the data folder says more.";
            Platform.runLater(() -> workshop.say(said));
        }
    }

    /** Shows a workshop in a stage; the tests come in here. */
    public static Scene show(javafx.stage.Stage stage, Workshop workshop, Files files) {
        Styles.ofControls();
        Lettering.load();
        looks(workshop);
        Shell shell = new Shell(workshop, files, backup -> restore(stage, workshop, files, backup));
        Scene scene = scene(shell);
        shell.keys(scene);
        WholeWords.watch(scene);
        KeyWays.watch(scene);
        dark(scene, workshop.whereabouts().darkProperty().get());
        workshop.whereabouts().darkProperty().addListener((o, was, now) -> dark(scene, now));
        stage.setOnHidden(e -> workshop.close());
        stage.setTitle("Bathyra");
        place(stage, scene);
        whenDrawn(workshop, () -> {
            DRAWN.countDown();
            if (!workshop.isClosed()) {
                // Each change asks for the backup too: it holds the book as it was opened, however soon one begins.
                workshop.book().copies().makeWhenDue();
                emptyTrash(workshop.book());
                workshop.book().copies().check(said -> Platform.runLater(() -> workshop.say(said)));
            }
        });
        return scene;
    }

    /** A trash that cannot be emptied today is emptied another day: nothing that is wanted waits for it. */
    private static void emptyTrash(WorkshopBook book) {
        try {
            book.trash().empty(LocalDate.now().minusDays(Trash.DAYS));
        } catch (BookFailure e) {
            LoggerFactory.getLogger(BathyraWindow.class).warn("the trash could not be emptied", e);
        }
    }

    /** What was chosen in Settings of how it looks. */
    private static void looks(Workshop workshop) {
        Days.choose(DayStyle.named(workshop.book().place(DayStyle.KEPT).orElse("")));
        WeekStart.choose(WeekStart.named(workshop.book().place(WeekStart.KEPT).orElse("")));
        Motion.choose(Motion.named(workshop.book().place(Motion.KEPT).orElse("")));
        TextSize.choose(TextSize.named(workshop.book().place(TextSize.KEPT).orElse("")));
        if (workshop.whereabouts().themeProperty().get() == Theme.SYSTEM) {
            SystemLook.ask(dark -> workshop.whereabouts().darkProperty().set(dark));
        }
    }

    /** Shows a scene in the window's full size, whatever stands in it. */
    static void place(javafx.stage.Stage stage, Scene scene) {
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        stage.setScene(scene);
        var screen = javafx.stage.Screen.getPrimary().getVisualBounds();
        stage.setMaximized(screen.getWidth() < WIDTH + FRAME || screen.getHeight() < HEIGHT + FRAME);
        stage.show();
    }

    static Scene scene(javafx.scene.Parent root) {
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        Styles.follow(scene);
        return scene;
    }

    private static void dark(Scene scene, boolean dark) {
        scene.getRoot().getStyleClass().remove("dark");
        if (dark) {
            scene.getRoot().getStyleClass().add("dark");
        }
    }

    /** Puts a backup in the place of the open book and shows it; what was there lies aside. */
    private static void restore(javafx.stage.Stage stage, Workshop workshop, Files files, Backups.Backup backup) {
        Path file = workshop.book().file();
        workshop.close();
        try {
            new Backups(file).restore(backup);
            show(stage, new Workshop(WorkshopBook.open(file)), files);
        } catch (IOException | BookUnavailable e) {
            LoggerFactory.getLogger(BathyraWindow.class).error("restoring", e);
            UnavailablePage.say(
                    stage,
                    "The backup could not be restored",
                    "The book is as it was. Look whether the disk is full and whether you may write in "
                            + file.getParent() + ".",
                    List.of());
        }
    }

    private void again(javafx.stage.Stage stage) {
        opening = begin(Optional.empty());
        start(stage);
    }

    /** The book's file, when it can be told without making one. */
    private static Optional<Path> place() {
        try {
            return Optional.of(place.call());
        } catch (Exception e) {
            return Optional.empty();
        }
    }

    private static void quit() {
        long started = java.lang.management.ManagementFactory.getRuntimeMXBean().getStartTime();
        System.out.println("drawn after " + (System.currentTimeMillis() - started) + " ms");
        Platform.exit();
    }

    private static void whenDrawn(Workshop workshop, Runnable deed) {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (!workshop.isDrafting() && ++frames == SHOWN) {
                    stop();
                    deed.run();
                }
            }
        }.start();
    }
}
