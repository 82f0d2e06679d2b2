package bathyra.app.workshop;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Node;
import javafx.scene.Scene;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Who shows what: each view says what it shows, and is told when that has changed, and of nothing else. */
public final class Showing {
    private static final Logger LOG = LoggerFactory.getLogger(Showing.class);

    /** What can be shown. */
    public enum Subject {
        /** The commission in hand with everything that follows from it. */
        COMMISSION,
        /** What the workshop keeps and buys. */
        PRICES,
        /** Who works in the workshop and when, and on what terms. */
        HOUSE,
        /** How the stage in view looks at it: what is selected, lit up, turned, compared. Nothing outside the stage shows that. */
        LOOK
    }

    private record Viewer(Set<Subject> subjects, Runnable show) {}

    private final List<Viewer> viewers = new ArrayList<>();
    private final ReadOnlyObjectWrapper<Optional<Throwable>> failure = new ReadOnlyObjectWrapper<>(Optional.empty());

    Showing() {}

    /** Runs a deed after every change of one of these, and when the first draft has come. */
    public void on(Runnable deed, Subject first, Subject... more) {
        viewers.add(new Viewer(EnumSet.of(first, more), deed));
    }

    /**
     * Shows every change on a stage while it is on the screen. One that is not costs a drag elsewhere nothing; it is brought up
     * to date when it comes back.
     */
    public void whileShown(Node view, Runnable show) {
        viewers.add(new Viewer(EnumSet.allOf(Subject.class), () -> {
            if (view.getScene() != null) {
                guarded(() -> keepingTheKeyboard(view, show));
            }
        }));
        view.sceneProperty().addListener((o, was, now) -> {
            if (now != null) {
                guarded(show);
            }
        });
    }

    /** Rows and fields are made anew when they are shown: what had the keyboard and is there again by its name has it again. */
    private static void keepingTheKeyboard(Node view, Runnable show) {
        Scene scene = view.getScene();
        Node had = scene.getFocusOwner();
        show.run();
        if (had != null && had.getId() != null && had.getScene() != scene && view.getScene() == scene) {
            Optional.ofNullable(view.lookup("#" + had.getId())).ifPresent(Node::requestFocus);
        }
    }

    /** Makes known that something is another than it was. */
    void changed(Subject subject) {
        for (Viewer viewer : List.copyOf(viewers)) {
            if (viewer.subjects().contains(subject)) {
                viewer.show().run();
            }
        }
    }

    /** The stage in view looks at something else: it is shown anew, without a change. */
    public void again() {
        changed(Subject.LOOK);
    }

    /** One stage that fails takes nothing else with it. */
    private void guarded(Runnable show) {
        try {
            show.run();
        } catch (RuntimeException e) {
            failed(e);
        }
    }

    /** Why the stage in view could not be shown; empty while it is. */
    public ReadOnlyObjectProperty<Optional<Throwable>> failureProperty() {
        return failure.getReadOnlyProperty();
    }

    /** A stage could not be shown. */
    public void failed(Throwable why) {
        LOG.error("the stage in view could not be shown", why);
        failure.set(Optional.of(why));
    }

    /** The stage is tried again. */
    public void tried() {
        failure.set(Optional.empty());
    }
}
