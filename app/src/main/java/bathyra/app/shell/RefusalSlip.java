package bathyra.app.shell;

import bathyra.app.reckoning.Deed;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Showing.Subject;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Refusal;
import bathyra.draft.Remedies;
import bathyra.garment.Commission;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.slf4j.LoggerFactory;

/**
 * Above every stage while the commission in hand gives no draft: why, and the nearest change that drafts, searched beside the window. Where
 * the program itself failed, the way back, and the commission as a document to send.
 */
final class RefusalSlip extends HBox {
    private final Workshop workshop;
    private final Label words = new Label();
    private final Button take;
    private final Button keep;
    private final Label kept = new Label();
    private AtomicBoolean stopped = new AtomicBoolean();
    private Commission searched;
    private Optional<Remedies.Remedy> remedy = Optional.empty();

    RefusalSlip(Workshop workshop, Files files) {
        super(10);
        this.workshop = workshop;
        setId("refusal");
        setAlignment(Pos.CENTER_LEFT);
        setPadding(new Insets(0, 20, 2, 0));
        words.getStyleClass().add("kept-draft");
        words.setWrapText(true);
        words.setId("refusal-words");
        HBox.setHgrow(words, Priority.ALWAYS);
        take = Deed.button("refusal-take", "", () -> remedy.ifPresent(this::take));
        Button back = Deed.button("refusal-back", "Go back one change", workshop::undo);
        back.disableProperty().bind(workshop.undoLabelProperty().isEmpty());
        keep = StageFailedPage.keep(workshop, files, kept);
        for (Button button : new Button[] {take, back, keep}) {
            button.setMinWidth(USE_PREF_SIZE);
        }
        getChildren().addAll(words, take, back, keep, kept);
        workshop.showing().on(this::show, Subject.COMMISSION);
        show();
    }

    private void show() {
        Optional<Refusal> refusal = workshop.refusal().filter(r -> r.cause() != Refusal.Cause.INPUT);
        setVisible(refusal.isPresent());
        setManaged(refusal.isPresent());
        boolean failed = workshop.isProgramFailing();
        keep.setVisible(failed);
        keep.setManaged(failed);
        if (refusal.isEmpty() || failed) {
            stopped.set(true);
            remedy = Optional.empty();
            searched = null;
        } else if (!workshop.commission().equals(searched)) {
            search(workshop.commission());
        }
        refusal.ifPresent(r -> words.setText(r.reasons().get(0).sentence().in(workshop.unit())));
        offer();
    }

    private void offer() {
        take.setVisible(remedy.isPresent());
        take.setManaged(remedy.isPresent());
        remedy.ifPresent(r -> take.setText("Drafts with " + r.words().in(workshop.unit())));
    }

    /** Each draft takes a few milliseconds and there may be dozens: they are made beside the window; the next change supersedes them. */
    private void search(Commission commission) {
        stopped.set(true);
        AtomicBoolean own = new AtomicBoolean();
        stopped = own;
        searched = commission;
        remedy = Optional.empty();
        CompletableFuture.supplyAsync(() -> Remedies.nearest(commission, own::get))
                .whenComplete((found, failure) -> Platform.runLater(() -> {
                    if (failure != null) {
                        LoggerFactory.getLogger(RefusalSlip.class).error("looking for what drafts", failure);
                    } else if (!own.get()) {
                        remedy = found;
                        offer();
                    }
                }));
    }

    private void take(Remedies.Remedy found) {
        workshop.letGo();
        workshop.once(found.words().in(workshop.unit()), workshop.commission().withGarment(found.garment()));
    }
}
