package bathyra.app.output;

import bathyra.app.plotter.PlotterLine;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.sheet.Paper;
import bathyra.finding.Finding;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
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

    private final Workshop workshop;
    private final Files files;
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper("");
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);
    private final BooleanProperty named = new SimpleBooleanProperty(false);
    private final ObjectProperty<Printing> printing;
    private Optional<Task<Void>> running = Optional.empty();

    public Output(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.files = files;
        Path kept = workshop.book().file().toAbsolutePath().resolveSibling(KEPT);
        printing = new SimpleObjectProperty<>(Printing.kept(kept));
        printing.addListener((o, was, now) -> {
            try {
                now.keep(kept);
            } catch (IOException e) {
                LoggerFactory.getLogger(Output.class).warn("how this workshop prints was not kept", e);
            }
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

    public void write(OutputKind kind, Window window) {
        Optional<String> hindrance = hindrance(kind);
        if (hindrance.isPresent()) {
            said.set(hindrance.get());
            return;
        }
        Commission commission = named.get()
                ? workshop.commission()
                : workshop.commission()
                        .withWearer(workshop.commission().wearer().byInitials());
        Optional<Draft> draft =
                named.get() ? workshop.draft() : workshop.draft().map(Draft::byInitials);
        Rendering rendering = new Rendering(
                kind,
                commission,
                draft.filter(d -> kind.source() == OutputKind.Source.DRAFT),
                printing.get(),
                new Workroom(
                        workshop.prices(), workshop.house(), workshop.work().pace()));
        if (kind == OutputKind.SEND) {
            start(rendering, Optional.empty());
        } else {
            files.where(window, kind.label(), PatternFiles.fileName(commission.title()) + "." + kind.ending())
                    .ifPresent(path -> start(rendering, Optional.of(path)));
        }
    }

    /** Why it cannot be put out, and what to do. */
    private Optional<String> hindrance(OutputKind kind) {
        if (kind.source() == OutputKind.Source.DRAFT
                && (workshop.draft().isEmpty() || workshop.refusal().isPresent())) {
            return Optional.of("There is no finished draft to put out. Measure says what is missing.");
        }
        if (kind.source() == OutputKind.Source.DRAFT
                && kind != OutputKind.JSON
                && workshop.draft().filter(Draft::mustBeSpokenOf).isPresent()) {
            return Optional.of(
                    "The waist is drawn in past the top level. Note on the Girths stage that the wearer was told and agreed; then the pattern can be printed.");
        }
        if (kind.source() == OutputKind.Source.BLOCK
                && workshop.block().drawing().isEmpty()) {
            return Optional.of("There is no block to put out. The Block stage says what is missing.");
        }
        if (kind == OutputKind.PAPER_MODEL
                && workshop.draft().filter(d -> d.cutting().apex().isPresent()).isEmpty()) {
            return Optional.of("There is no cup to fold: no seam passes over the apex.");
        }
        boolean compares = kind == OutputKind.FITTING_SLIPS || kind == OutputKind.OLD_OVER_NEW;
        if (compares && workshop.commission().adjustments().isEmpty()) {
            return Optional.of(
                    "The draft follows no fitting yet, so there is no former one. On Fittings a draft is made from what was agreed.");
        }
        if ((kind == OutputKind.FITTING_RECORD || kind == OutputKind.FITTING_CSV)
                && workshop.commission().fittings().isEmpty()) {
            return Optional.of("There is no fitting on record. Begin one on the Fittings stage.");
        }
        if (kind == OutputKind.CALENDAR && workshop.commission().plan().due().isEmpty()) {
            return Optional.of("There is no due day to plan back from. Type it on the Making stage.");
        }
        return kind.isPattern() ? hindranceOnPieces(kind) : Optional.empty();
    }

    private Optional<String> hindranceOnPieces(OutputKind kind) {
        CuttingPlan plan = CuttingPlan.of(
                workshop.draft().orElseThrow(), layer -> !printing.get().left().contains(layer));
        if (plan.layers().isEmpty()) {
            return Optional.of("Every layer is left out. Choose on the Pieces stage which layers are put out.");
        }
        List<Finding> faults = new ArrayList<>(PatternFiles.faults(plan));
        if (kind == OutputKind.PDF_ROLL) {
            faults.addAll(PatternFiles.tooWide(
                    plan, Paper.ROLL.acrossRoll(printing.get().scale()).orElseThrow()));
        } else if (kind == OutputKind.PLOT || kind == OutputKind.SEND) {
            faults.addAll(PatternFiles.tooWide(plan, HpglPattern.ROLL));
        }
        return faults.isEmpty()
                ? Optional.empty()
                : Optional.of(faults.get(0).sentence().in(workshop.unit()));
    }

    /** @param path where it is written; the plotter gets it otherwise */
    private void start(Rendering rendering, Optional<Path> path) {
        stop();
        String name = path.map(p -> p.getFileName().toString())
                .orElse("the plotter at port " + rendering.printing().port());
        Task<Void> task = new Task<>() {
            @Override
            protected Void call() throws IOException {
                Map<Path, byte[]> contents = new LinkedHashMap<>();
                rendering.all(
                        path.orElse(Path.of("plot")),
                        contents,
                        share -> Platform.runLater(() -> progress(name, share)),
                        this::isCancelled);
                if (isCancelled()) {
                    return null;
                }
                if (path.isPresent()) {
                    AllOrNone.write(contents);
                } else {
                    for (byte[] content : contents.values()) {
                        PlotterLine.send(rendering.printing().port(), content);
                    }
                }
                return null;
            }
        };
        said.set((path.isPresent() ? "Writing " : "Sending to ") + name + " …");
        task.setOnSucceeded(e -> end(task, path.isPresent() ? "Written: " + name : "Sent to " + name + "."));
        task.setOnCancelled(e -> end(task, "Stopped. Nothing was written."));
        task.setOnFailed(e -> {
            LoggerFactory.getLogger(Output.class).warn("output", task.getException());
            end(
                    task,
                    task.getException() instanceof CancellationException
                            ? "Stopped. Nothing was written."
                            : path.isPresent()
                                    ? name + " could not be written. Choose a folder that you may write to."
                                    : "Nobody listens at port "
                                            + rendering.printing().port()
                                            + " of this machine. Switch the plotter on, start the simulated one with ./bathyra plotter-simulator, or set another port on the Pieces stage.");
        });
        running = Optional.of(task);
        busy.set(true);
        Thread thread = new Thread(task, "output");
        thread.setDaemon(true);
        thread.start();
    }

    private void progress(String name, double share) {
        if (busy.get()) {
            said.set(String.format(java.util.Locale.ROOT, "Writing %s: %.0f %%", name, share * 100));
        }
    }

    private void end(Task<Void> task, String words) {
        if (running.equals(Optional.of(task))) {
            running = Optional.empty();
            busy.set(false);
            said.set(workshop.isToBeAsked() ? words + " " + NOT_ASKED : words);
        }
    }
}
