package bathyra.app.shelf;

import bathyra.app.home.Version;
import bathyra.app.stage.Files;
import bathyra.app.stage.Marks;
import bathyra.app.stage.Scroll;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions.Entry;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.concurrent.Task;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** The design in hand for many wearers: choose them, draft them, look at who needs a look, put out all patterns. */
final class ChorusView extends VBox {
    private final Workshop workshop;
    private final List<CheckBox> boxes = new ArrayList<>();
    private final VBox rows = new VBox();
    private final Label said = new Label();
    private final ProgressBar progress = new ProgressBar(0);
    private final Button draft = new Button("Draft them");
    private final Button stop = new Button("Stop");
    private final Button out = new Button("Put out the patterns");
    private final CheckBox named = new CheckBox("With the names");
    private final Button begin = new Button("Begin these commissions");
    private List<Chorus.Part> parts = List.of();
    private Task<?> running;
    private Task<?> looking;

    /** @param closed run when the shelf is to be shown again */
    ChorusView(Workshop workshop, Files files, Runnable closed) {
        this.workshop = workshop;
        getStyleClass().add("shelf");
        setSpacing(10);
        Label title = new Label(workshop.commission().title() + ", for many");
        title.getStyleClass().add("shelf-title");
        title.setWrapText(true);
        said.setId("chorus-said");
        said.setText("The design in hand, with the newest figures of each wearer.");
        rows.getStyleClass().add("chorus-rows");
        Chorus.wearers(workshop.entries()).values().forEach(entry -> {
            CheckBox box = new CheckBox(entry.wearer());
            box.setUserData(entry);
            box.setSelected(true);
            boxes.add(box);
            rows.getChildren().add(box);
        });
        Scroll scroll = Scroll.both(rows);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        draft.getStyleClass().add("primary");
        draft.setId("chorus-draft");
        draft.setOnAction(e -> draftAll());
        stop.setId("chorus-stop");
        stop.setOnAction(e -> running.cancel());
        out.setId("chorus-out");
        out.setOnAction(e -> files.folder(getScene().getWindow(), "Patterns, a folder for each wearer")
                .ifPresent(this::writeAll));
        begin.setId("chorus-begin");
        begin.setOnAction(e -> {
            workshop.book()
                    .commissions()
                    .addAll(parts.stream().map(Chorus.Part::commission).toList());
            said.setText(parts.size() + " commissions are begun. They stand on the shelf.");
            begin.setDisable(true);
        });
        Button back = new Button("Back to the shelf");
        back.setId("chorus-back");
        back.setOnAction(e -> {
            endLooking();
            if (running != null) {
                running.cancel();
            }
            closed.run();
        });
        named.setId("chorus-named");
        named.setAccessibleText("Folders and sheets carry the names; the initials otherwise");
        HBox deeds = new HBox(8, draft, out, named, begin, stop, back);
        deeds.setAlignment(Pos.CENTER_LEFT);
        deeds.setMinHeight(Region.USE_PREF_SIZE);
        progress.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(title, said, progress, scroll, deeds);
        idle();
    }

    private void idle() {
        progress.setVisible(false);
        stop.setDisable(true);
        draft.setDisable(false);
        out.setDisable(parts.stream().noneMatch(Chorus.Part::isDrafted));
        begin.setDisable(parts.isEmpty());
    }

    private List<Entry> chosen() {
        return boxes.stream()
                .filter(CheckBox::isSelected)
                .map(b -> (Entry) b.getUserData())
                .toList();
    }

    private void draftAll() {
        List<Entry> wearers = chosen();
        if (wearers.isEmpty()) {
            said.setText("Nobody is chosen. Tick the wearers for whom it is to be drafted.");
            return;
        }
        // Read here, because the book belongs to the window's thread.
        List<Commission> commissions = Chorus.commissions(workshop.commission(), wearers, workshop.book()).stream()
                .map(workshop::obeying)
                .toList();
        run(
                new Task<List<Chorus.Part>>() {
                    @Override
                    protected List<Chorus.Part> call() {
                        return Chorus.draft(commissions, n -> updateProgress(n, commissions.size()), this::isCancelled);
                    }
                },
                done -> {
                    show(done);
                    lookOnTheBody(done);
                });
    }

    /** Behind the drafts, which stand there already and can be put out: what would be seen first on each body. */
    private void lookOnTheBody(List<Chorus.Part> done) {
        Task<List<Chorus.Part>> look = new Task<>() {
            @Override
            protected List<Chorus.Part> call() {
                return Chorus.onTheBody(done, n -> {}, this::isCancelled);
            }
        };
        looking = look;
        look.setOnSucceeded(e -> {
            if (parts == done) {
                show(look.getValue());
            }
        });
        begin(look);
    }

    private void endLooking() {
        if (looking != null) {
            looking.cancel();
        }
    }

    private static void begin(Task<?> task) {
        Thread thread = new Thread(task, "chorus");
        thread.setDaemon(true);
        thread.start();
    }

    private void show(List<Chorus.Part> done) {
        parts = done;
        rows.getChildren().clear();
        boxes.clear();
        long clean = done.stream().filter(Chorus.Part::isClean).count();
        long look = done.stream().filter(p -> p.isDrafted() && !p.isClean()).count();
        said.setText(clean + " draft clean, " + look + (look == 1 ? " needs a look, " : " need a look, ")
                + (done.size() - clean - look) + " cannot be drafted.");
        // Who needs a look stands first.
        done.stream().sorted((a, b) -> rank(a) - rank(b)).forEach(part -> {
            Label wearer = new Label(part.commission().wearer().name());
            wearer.getStyleClass().add("check-name");
            Label words = new Label(part.says(workshop.unit()));
            words.getStyleClass().add("words");
            VBox said = new VBox(wearer, words);
            part.worst().ifPresent(sight -> {
                Label body =
                        new Label("On the body, roughly: " + sight.sentence().in(workshop.unit()));
                body.getStyleClass().addAll("words", "quiet");
                said.getChildren().add(body);
            });
            HBox row =
                    new HBox(part.isClean() ? Marks.tick() : part.isDrafted() ? Marks.triangle() : Marks.cross(), said);
            row.getStyleClass().add("check-row");
            rows.getChildren().add(row);
        });
    }

    private static int rank(Chorus.Part part) {
        return part.isClean() ? 2 : part.isDrafted() ? 1 : 0;
    }

    private void writeAll(Path folder) {
        List<Chorus.Part> all = named.isSelected()
                ? parts
                : parts.stream().map(Chorus.Part::byInitials).toList();
        long drafted = all.stream().filter(Chorus.Part::isDrafted).count();
        run(
                new Task<Integer>() {
                    @Override
                    protected Integer call() throws IOException {
                        return Chorus.write(
                                all,
                                folder,
                                LocalDate.now().toString(),
                                Version.number(),
                                n -> updateProgress(n, drafted),
                                this::isCancelled);
                    }
                },
                written -> said.setText(
                        written == 0
                                ? "Stopped; nothing was written."
                                : written + " patterns written, a folder for each wearer."));
    }

    private <T> void run(Task<T> task, Consumer<T> done) {
        endLooking();
        running = task;
        progress.setVisible(true);
        progress.progressProperty().bind(task.progressProperty());
        stop.setDisable(false);
        draft.setDisable(true);
        out.setDisable(true);
        begin.setDisable(true);
        task.setOnSucceeded(e -> {
            done.accept(task.getValue());
            idle();
        });
        task.setOnCancelled(e -> {
            said.setText("Stopped.");
            idle();
        });
        task.setOnFailed(e -> {
            LoggerFactory.getLogger(ChorusView.class).warn("the chorus", task.getException());
            said.setText(
                    "It could not be finished. Choose a folder that you may write to, and look whether the disk is full.");
            idle();
        });
        begin(task);
    }
}
