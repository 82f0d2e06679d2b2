package bathyra.app.cups;

import bathyra.app.stage.Motion;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.place.ContourWedge;
import java.util.function.Consumer;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.util.Duration;

/** Shows how a wedge closes: the sheets as they are at each width on the way, each of them drafted. */
final class ClosingWedge {
    private static final int FRAMES = 10;
    private static final Duration EACH = Duration.millis(26);
    private final Workshop workshop;
    private final Consumer<Draft> show;
    private final Runnable done;
    private Timeline timeline = new Timeline();

    ClosingWedge(Workshop workshop, Consumer<Draft> show, Runnable done) {
        this.workshop = workshop;
        this.show = show;
        this.done = done;
    }

    void play(ContourWedge wedge) {
        timeline.stop();
        if (Motion.now() == Motion.REDUCED) {
            done.run();
            return;
        }
        Garment garment = workshop.commission().garment();
        double width = garment.wedge(wedge);
        timeline = new Timeline();
        for (int i = 0; i < FRAMES; i++) {
            double share = (double) i / FRAMES;
            timeline.getKeyFrames()
                    .add(new KeyFrame(
                            EACH.multiply(i),
                            e -> frame(garment.withBust(garment.bust().withWedge(wedge, Length.mm(width * share))))));
        }
        timeline.getKeyFrames().add(new KeyFrame(EACH.multiply(FRAMES), e -> done.run()));
        timeline.play();
    }

    private void frame(Garment garment) {
        if (Drafter.draft(workshop.commission().withGarment(garment)) instanceof Draft draft
                && draft.cutting().cup().isPresent()) {
            show.accept(draft);
        }
    }
}
