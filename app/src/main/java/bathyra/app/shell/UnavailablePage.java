package bathyra.app.shell;

import bathyra.book.Backups;
import bathyra.book.BookFailure;
import bathyra.book.BookUnavailable;
import java.io.IOException;
import java.nio.file.Path;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** What stands in the window when the book does not open: why, and what can be done. Of a damaged one the newest good backup is offered. */
public final class UnavailablePage {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMMM uuuu, HH:mm", Locale.ENGLISH);
    private static final double MARGIN = 60;
    /** Lines longer than this are hard to read. */
    private static final double READABLE = 760;

    private final Throwable cause;
    private final Optional<Path> book;
    private final Runnable again;

    /**
     * @param cause why it did not open
     * @param book the book's file, when it is known
     * @param again tries to open it once more
     */
    public UnavailablePage(Throwable cause, Optional<Path> book, Runnable again) {
        this.cause = cause;
        this.book = book;
        this.again = again;
    }

    public void show(javafx.stage.Stage stage) {
        List<Button> deeds = new ArrayList<>();
        Button retry = new Button("Try again");
        retry.setId("try-again");
        retry.getStyleClass().add("primary");
        retry.setOnAction(event -> again.run());
        deeds.add(retry);
        book.filter(file -> isDamaged())
                .ifPresent(
                        file -> new Backups(file).newestGood().ifPresent(backup -> deeds.add(restoring(file, backup))));
        Button leave = new Button("Close");
        leave.setOnAction(event -> Platform.exit());
        deeds.add(leave);
        boolean known = cause instanceof BookUnavailable || cause instanceof BookFailure;
        say(
                stage,
                "The workshop book cannot be opened",
                known ? cause.getMessage() : "The book could not be opened. The log in the data folder says more.",
                deeds);
    }

    private boolean isDamaged() {
        return cause instanceof BookFailure
                || cause instanceof BookUnavailable why && why.reason() == BookUnavailable.Reason.DAMAGED;
    }

    private Button restoring(Path file, Backups.Backup backup) {
        Button restore = new Button("Put this book aside and open the backup of " + WHEN.format(backup.made()));
        restore.setId("restore-newest");
        restore.setOnAction(event -> {
            try {
                new Backups(file).restore(backup);
                again.run();
            } catch (IOException e) {
                LoggerFactory.getLogger(UnavailablePage.class).error("restoring", e);
                restore.setText("The backup could not be put in its place. Look whether the disk is full.");
            }
        });
        return restore;
    }

    /** Shows words alone in the window. */
    static void say(javafx.stage.Stage stage, String title, String why, List<Button> deeds) {
        Label head = new Label(title);
        head.getStyleClass().add("card-title");
        Label words = new Label(why);
        words.getStyleClass().add("words");
        words.setId("book-unavailable");
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        words.setMaxWidth(READABLE);
        VBox box = new VBox(12, head, words);
        box.getChildren().addAll(deeds);
        box.setPadding(new Insets(MARGIN));
        deeds.forEach(deed -> deed.setMinWidth(Region.USE_PREF_SIZE));
        stage.setTitle("Bathyra");
        BathyraWindow.place(stage, BathyraWindow.scene(box));
    }
}
