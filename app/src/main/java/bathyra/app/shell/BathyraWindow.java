package bathyra.app.shell;

import bathyra.app.table.Lettering;
import bathyra.book.BookUnavailable;
import bathyra.book.WorkshopBook;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** The window of the program, on one workshop book. */
public final class BathyraWindow extends Application {
    /** For the start-up measurement: print the time and leave once the drawing has been on screen for two frames. */
    private static final boolean QUIT_WHEN_DRAWN = Boolean.getBoolean("bathyra.quitWhenDrawn");
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    /** On a screen with no more than this to spare the window fills it. */
    private static final double FRAME = 60;
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
        place = file;
        opening = begin();
        launch(BathyraWindow.class);
    }

    /** Opens the book, hands the workshop over, and goes on to the first draft while the window is built. */
    private static Future<Workshop> begin() {
        FutureTask<Workshop> task = new FutureTask<>(() -> Workshop.undrafted(WorkshopBook.open(place.call())));
        Thread thread = new Thread(() -> {
            task.run();
            draft(task);
        }, "open the book");
        thread.setDaemon(true);
        thread.start();
        return task;
    }

    private static void draft(Future<Workshop> opened) {
        try {
            Workshop workshop = opened.get();
            Outcome outcome = Drafter.draft(workshop.commission());
            Platform.runLater(() -> workshop.firstDraft(outcome));
        } catch (ExecutionException | InterruptedException e) {
            // The window says why the book did not open; there is nothing to draft.
            LoggerFactory.getLogger(BathyraWindow.class).debug("no first draft", e);
        }
    }

    @Override
    public void start(javafx.stage.Stage stage) {
        Thread.setDefaultUncaughtExceptionHandler((thread, e) -> LoggerFactory.getLogger(BathyraWindow.class).error("in the window", e));
        Lettering.load();
        try {
            workshop = opening.get();
            show(stage, workshop, Files.chooser());
        } catch (ExecutionException | InterruptedException e) {
            LoggerFactory.getLogger(BathyraWindow.class).warn("the book did not open", e);
            unavailable(stage, e.getCause() instanceof BookUnavailable why ? why.getMessage()
                    : "The book could not be opened. The log in the data folder says more.");
        }
        if (QUIT_WHEN_DRAWN) {
            quitWhenDrawn();
        }
    }

    /** Shows a workshop in a stage; the tests come in here. */
    public static Scene show(javafx.stage.Stage stage, Workshop workshop, Files files) {
        Lettering.load();
        Shell shell = new Shell(workshop, files);
        Scene scene = scene(shell);
        shell.keys(scene);
        dark(scene, workshop.darkProperty().get());
        workshop.darkProperty().addListener((o, was, now) -> dark(scene, now));
        stage.setTitle("Bathyra");
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        stage.setScene(scene);
        var screen = javafx.stage.Screen.getPrimary().getVisualBounds();
        stage.setMaximized(screen.getWidth() < WIDTH + FRAME || screen.getHeight() < HEIGHT + FRAME);
        stage.show();
        return scene;
    }

    private static Scene scene(javafx.scene.Parent root) {
        Scene scene = new Scene(root, WIDTH, HEIGHT);
        scene.getStylesheets().addAll(style("tokens.css"), style("bathyra.css"));
        return scene;
    }

    private static String style(String file) {
        return BathyraWindow.class.getResource("/theme/" + file).toExternalForm();
    }

    private static void dark(Scene scene, boolean dark) {
        scene.getRoot().getStyleClass().remove("dark");
        if (dark) {
            scene.getRoot().getStyleClass().add("dark");
        }
    }

    private void unavailable(javafx.stage.Stage stage, String why) {
        Label title = new Label("The workshop book cannot be opened");
        title.getStyleClass().add("card-title");
        Label words = new Label(why);
        words.getStyleClass().add("words");
        words.setId("book-unavailable");
        Button again = new Button("Try again");
        again.getStyleClass().add("primary");
        again.setOnAction(event -> {
            opening = begin();
            start(stage);
        });
        Button leave = new Button("Close");
        leave.setOnAction(event -> Platform.exit());
        VBox box = new VBox(12, title, words, again, leave);
        box.setPadding(new javafx.geometry.Insets(60));
        stage.setTitle("Bathyra");
        stage.setScene(scene(box));
        stage.show();
    }

    @Override
    public void stop() {
        if (workshop != null) {
            workshop.close();
        }
    }

    private void quitWhenDrawn() {
        new javafx.animation.AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (!workshop.isDrafting() && ++frames == 3) {
                    stop();
                    long started = java.lang.management.ManagementFactory.getRuntimeMXBean().getStartTime();
                    System.out.println("drawn after " + (System.currentTimeMillis() - started) + " ms");
                    Platform.exit();
                }
            }
        }.start();
    }
}
