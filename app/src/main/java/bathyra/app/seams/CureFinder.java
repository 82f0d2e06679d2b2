package bathyra.app.seams;

import bathyra.app.workshop.Workshop;
import bathyra.draft.Cure;
import bathyra.draft.Cures;
import bathyra.finding.Finding;
import bathyra.garment.Commission;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/**
 * Looks for what would cure the gravest finding, in the background: every cure is drafted before it is offered, and a drag must
 * not wait for that.
 */
final class CureFinder {
    private static final Duration SETTLED = Duration.millis(250);
    private final ExecutorService worker = Executors.newSingleThreadExecutor(run -> {
        Thread thread = new Thread(run, "cures");
        thread.setDaemon(true);
        return thread;
    });
    private final PauseTransition pause = new PauseTransition(SETTLED);
    private final Workshop workshop;
    private final Consumer<List<Cure>> found;
    private Optional<Commission> soughtFor = Optional.empty();

    /** @param found told on the window's thread; an empty list takes away what was offered before */
    CureFinder(Workshop workshop, Consumer<List<Cure>> found) {
        this.workshop = workshop;
        this.found = found;
    }

    /** The gravest finding that may have a cure: why there is no draft, or the first note. */
    static Optional<Finding> gravest(Workshop workshop) {
        if (workshop.refusal().isPresent()) {
            return workshop.refusal().get().reasons().stream()
                    .filter(Cures::mayHelp)
                    .findFirst();
        }
        return workshop.half().flatMap(d -> d.with(Finding.Status.NOTE).stream()
                .filter(Cures::mayHelp)
                .findFirst());
    }

    /** Whether what was offered last was found for a commission as it is. */
    boolean isFor(Commission commission) {
        return soughtFor.equals(Optional.of(commission));
    }

    /** Begins to look once the commission in hand stays as it is for a moment. */
    void look() {
        Commission now = workshop.commission();
        if (soughtFor.equals(Optional.of(now))) {
            return;
        }
        soughtFor = Optional.of(now);
        found.accept(List.of());
        pause.setOnFinished(e -> gravest(workshop)
                .filter(f -> workshop.commission().equals(now))
                .ifPresent(finding -> worker.execute(() -> {
                    List<Cure> cures = Cures.of(now, finding);
                    Platform.runLater(() -> {
                        if (workshop.commission().equals(now)) {
                            found.accept(cures);
                        }
                    });
                })));
        pause.playFromStart();
    }
}
