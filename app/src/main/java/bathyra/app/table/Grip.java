package bathyra.app.table;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.MouseEvent;

/** Makes a node one that is dragged. However many moves the pointer reports, it is pulled at most once a pulse, to where the pointer is last. */
public final class Grip {
    /** What happens to it. */
    public interface Deeds {
        /** @param at where it is pressed */
        void taken(MouseEvent at);

        /** @param at where the pointer is */
        void pulled(MouseEvent at);

        /** @param at where it is let go; it was pulled there before */
        void letGo(MouseEvent at);
    }

    private final OncePulse pull;
    private MouseEvent last;

    private Grip(Node node, Deeds deeds) {
        this.pull = OncePulse.before(node, () -> deeds.pulled(last));
    }

    public static void on(Node node, Deeds deeds) {
        Grip grip = new Grip(node, deeds);
        node.setOnMousePressed(e -> {
            hold(node);
            deeds.taken(e);
            e.consume();
        });
        node.setOnMouseDragged(e -> {
            grip.last = e;
            grip.pull.ask();
            e.consume();
        });
        node.setOnMouseReleased(e -> {
            grip.pull.step();
            release(e);
            deeds.letGo(e);
            e.consume();
        });
    }

    /** @param taken on pressing @param pulled for each pull @param letGo on releasing */
    public static void on(Node node, Runnable taken, Consumer<MouseEvent> pulled, Runnable letGo) {
        on(node, new Deeds() {
            @Override
            public void taken(MouseEvent at) {
                taken.run();
            }

            @Override
            public void pulled(MouseEvent at) {
                pulled.accept(at);
            }

            @Override
            public void letGo(MouseEvent at) {
                letGo.run();
            }
        });
    }

    /** The pointer runs ahead of what it drags: it keeps its look, or the desktop would be asked for another at every move. */
    private static void hold(Node node) {
        Scene scene = node.getScene();
        if (scene != null && node.getCursor() != null) {
            scene.setCursor(node.getCursor());
        }
    }

    private static void release(MouseEvent e) {
        Scene scene = ((Node) e.getSource()).getScene();
        if (scene != null) {
            scene.setCursor(null);
        }
    }
}
