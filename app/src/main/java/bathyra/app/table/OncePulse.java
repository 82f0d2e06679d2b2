package bathyra.app.table;

import java.util.function.BiConsumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/**
 * A deed done at most once a pulse, however often it is asked for. While its node is in no scene it waits.
 */
public final class OncePulse {
    private final Node node;
    private final Runnable deed;
    private boolean asked;

    private OncePulse(Node node, Runnable deed, BiConsumer<Scene, Runnable> add, BiConsumer<Scene, Runnable> remove) {
        this.node = node;
        this.deed = deed;
        Runnable step = this::step;
        if (node.getScene() != null) {
            add.accept(node.getScene(), step);
        }
        node.sceneProperty().addListener((o, was, now) -> {
            if (was != null) {
                remove.accept(was, step);
            }
            if (now != null) {
                add.accept(now, step);
            }
        });
    }

    /** Done before the nodes are styled and laid out: for what changes nodes. */
    public static OncePulse before(Node node, Runnable deed) {
        return new OncePulse(node, deed, Scene::addPreLayoutPulseListener, Scene::removePreLayoutPulseListener);
    }

    /** Done when everything has its place and colour: for what paints. */
    public static OncePulse after(Node node, Runnable deed) {
        return new OncePulse(node, deed, Scene::addPostLayoutPulseListener, Scene::removePostLayoutPulseListener);
    }

    /** The deed is to be done. */
    public void ask() {
        if (!asked) {
            asked = true;
            // What comes into a scene later is laid out there, and that is a pulse.
            if (node.getScene() != null) {
                Platform.requestNextPulse();
            }
        }
    }

    /** Does the deed now, if it is still to be done. */
    public void step() {
        if (asked) {
            asked = false;
            deed.run();
        }
    }
}
