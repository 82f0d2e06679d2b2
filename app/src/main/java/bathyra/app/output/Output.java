package bathyra.app.output;

import bathyra.app.plotter.PlotterLine;
import bathyra.app.stage.Files;
import bathyra.app.workshop.KeptInBook;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.concurrent.Task;
import javafx.stage.Window;
import org.slf4j.LoggerFactory;

/** Puts the draft on paper, into files and on the plotter, in the background; what takes long shows how far it is and can be stopped. */
public final class Output {
    private static final String KEPT = "printing.properties";
    /** What is unanswered stops nothing and is asked again each time something goes out (C17.1). */
    private static final String NOT_ASKED =
            "Before lacing the wearer was not asked yet: Girths, at the waist, has the question.";

    private static final String STOPPED = "Stopped. Nothing was written.";
    private static final String PACKETS = "packets";

    private final Workshop workshop;
    private final Files files;
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper("");
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);
    private final BooleanProperty named = new SimpleBooleanProperty(false);
    private final ObjectProperty<Printing> printing;
    private final ObjectProperty<Packets> packets;
    private final List<Drawings> drawings = new ArrayList<>();
    private Optional<Task<List<Path>>> running = Optional.empty();

    public Output(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.files = files;
        packets = new SimpleObjectProperty<>(
                workshop.book().place(PACKETS).map(this::packets).orElse(Packets.USUAL));
        packets.addListener((o, was, now) -> {
            String text = now.write();
            if (!text.equals(was.write())) {
                workshop.book().keepPlace(PACKETS, text);
            }
        });
        Path kept = workshop.book().file().toAbsolutePath().resolveSibling(KEPT);
        printing = new SimpleObjectProperty<>(Printing.kept(kept, workshop::say));
        printing.addListener((o, was, now) -> {
            try {
                now.keep(kept);
            } catch (IOException e) {
                LoggerFactory.getLogger(Output.class).warn("how this workshop prints was not kept", e);
            }
        });
    }

    private Packets packets(String kept) {
        return Packets.read(kept, () -> {
            workshop.book().keepPlace(PACKETS + "-unread", kept);
            workshop.say(KeptInBook.unread("the packets"));
        });
    }

    public ReadOnlyStringProperty saidProperty() {
        return said.getReadOnlyProperty();
    }

    /** Whether something is being put out, so that it can be stopped. */
    public ReadOnlyBooleanProperty busyProperty() {
        return busy.getReadOnlyProperty();
    }

    /** Whether what is put out carries the wearer's name; the initials otherwise. Asked anew each time the program starts. */
    public BooleanProperty namedProperty() {
        return named;
    }

    /** How this workshop prints and plots. */
    public ObjectProperty<Printing> printingProperty() {
        return printing;
    }

    /** Stops what is being put out; no file is written then. */
    public void stop() {
        running.ifPresent(Task::cancel);
    }

    /** The packets of this workshop. */
    public ObjectProperty<Packets> packetsProperty() {
        return packets;
    }

    /** Puts one thing out, in the manner of the packet for one's own table; what is plotted in that of the plotter's. */
    public void write(OutputKind kind, Window window) {
        boolean plotted = kind == OutputKind.PLOT || kind == OutputKind.SEND;
        Manner manner =
                packets.get().of(plotted ? Receiver.PLOTTER : Receiver.TABLE).manner();
        Optional<String> hindrance = hindrance(kind, manner);
        if (hindrance.isPresent()) {
            said.set(hindrance.get());
        } else if (kind == OutputKind.SEND) {
            send(rendering(kind, manner));
        } else {
            String title = PatternFiles.fileName(workshop.commission().title());
            files.where(window, kind.label(), title + "." + kind.ending())
                    .ifPresent(path -> write(
                            List.of(rendering(kind, manner)),
                            List.of(path),
                            path.getFileName().toString(),
                            paths -> {}));
        }
    }

    /** Why a part of a packet cannot be put out; empty when it can. */
    public Optional<String> hindrance(OutputKind kind, Manner manner) {
        return new Hindrance(workshop, manner, printing.get().scale(), this::drawings).to(kind);
    }

    /** What is drawn of the draft in hand; empty where there is none. */
    public Optional<CuttingPlan> plan(Manner manner) {
        return workshop.draft().map(d -> drawings(manner).plan());
    }

    /** Kept while the draft is the same: a page asks for it many times at each change. */
    private Drawings drawings(Manner manner) {
        Draft draft = workshop.draft().orElseThrow();
        drawings.removeIf(d -> !d.isOfDraft(draft));
        return drawings.stream().filter(d -> d.isIn(manner)).findFirst().orElseGet(() -> {
            Drawings next = new Drawings(draft, manner);
            drawings.add(next);
            return next;
        });
    }

    /**
     * Writes a packet: all its files or none. A part that cannot be put out now is left out of it.
     *
     * @param folder is made where there is none
     * @param made gets the files that were written
     */
    public void write(Packet packet, Path folder, Consumer<List<Path>> made) {
        String title = PatternFiles.fileName(workshop.commission().title());
        List<Rendering> renderings = new ArrayList<>();
        List<Path> paths = new ArrayList<>();
        for (OutputKind kind : packet.inOrder()) {
            if (hindrance(kind, packet.manner()).isEmpty()) {
                renderings.add(rendering(kind, packet.manner()));
                paths.add(folder.resolve(title + "-" + kind.word() + "." + kind.ending()));
            }
        }
        write(renderings, paths, packet.name(), made);
    }

    private Rendering rendering(OutputKind kind, Manner manner) {
        Commission commission = workshop.commission();
        Optional<Draft> draft = workshop.draft().filter(d -> kind.source() == OutputKind.Source.DRAFT);
        return new Rendering(
                kind,
                named.get()
                        ? commission
                        : commission.withWearer(commission.wearer().byInitials()),
                named.get() ? draft : draft.map(Draft::byInitials),
                manner,
                printing.get().scale(),
                new Workroom(
                        workshop.kept().prices(),
                        workshop.kept().house(),
                        workshop.work().pace(),
                        Optional.of(workshop.book().keyOf(workshop.id()))));
    }

    private void write(List<Rendering> renderings, List<Path> paths, String name, Consumer<List<Path>> made) {
        start(
                new Errand(
                        "Writing " + name,
                        "Written: " + name,
                        name + " could not be written. Choose a folder that you may write to, on a disk with room."),
                (progress, cancelled) -> {
                    Map<Path, byte[]> contents = new LinkedHashMap<>();
                    for (int i = 0; i < renderings.size(); i++) {
                        double before = (double) i / renderings.size();
                        renderings
                                .get(i)
                                .all(
                                        paths.get(i),
                                        contents,
                                        share -> progress.accept(before + share / renderings.size()),
                                        cancelled);
                    }
                    if (!cancelled.getAsBoolean()) {
                        AllOrNone.write(contents);
                    }
                    return List.copyOf(contents.keySet());
                },
                made);
    }

    private void send(Rendering rendering) {
        int port = printing.get().port();
        start(
                new Errand(
                        "Sending to the plotter at port " + port,
                        "Sent to the plotter at port " + port + ".",
                        "Nobody listens at port " + port
                                + " of this machine. Switch the plotter on, start the simulated one with ./bathyra plotter-simulator, or set another port on the Pieces stage."),
                (progress, cancelled) -> {
                    Map<Path, byte[]> contents = new LinkedHashMap<>();
                    rendering.all(Path.of("plot"), contents, progress, cancelled);
                    for (byte[] content : cancelled.getAsBoolean() ? List.<byte[]>of() : contents.values()) {
                        PlotterLine.send(port, content);
                    }
                    return List.of();
                },
                paths -> {});
    }

    /** What is said of something that goes out: while it does, when it has, and when it could not. */
    private record Errand(String doing, String done, String failed) {}

    /** What is done in the background. @return the files that were written */
    @FunctionalInterface
    private interface Work {
        List<Path> run(DoubleConsumer progress, BooleanSupplier cancelled) throws IOException;
    }

    private void start(Errand errand, Work work, Consumer<List<Path>> made) {
        stop();
        Task<List<Path>> task = new Task<>() {
            @Override
            protected List<Path> call() throws IOException {
                return work.run(share -> Platform.runLater(() -> progress(errand, share)), this::isCancelled);
            }
        };
        said.set(errand.doing() + " …");
        task.setOnSucceeded(e -> {
            end(task, errand.done());
            made.accept(task.getValue());
        });
        task.setOnCancelled(e -> end(task, STOPPED));
        task.setOnFailed(e -> {
            LoggerFactory.getLogger(Output.class).warn("output", task.getException());
            end(task, task.getException() instanceof CancellationException ? STOPPED : errand.failed());
        });
        running = Optional.of(task);
        busy.set(true);
        Thread thread = new Thread(task, "output");
        thread.setDaemon(true);
        thread.start();
    }

    private void progress(Errand errand, double share) {
        if (busy.get()) {
            said.set(String.format(Locale.ROOT, "%s: %.0f %%", errand.doing(), share * 100));
        }
    }

    private void end(Task<?> task, String words) {
        if (running.equals(Optional.of(task))) {
            running = Optional.empty();
            busy.set(false);
            said.set(workshop.isToBeAsked() ? words + (words.endsWith(".") ? " " : ". ") + NOT_ASKED : words);
        }
    }
}
