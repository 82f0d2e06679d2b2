package bathyra.app.table;

import bathyra.app.keyboard.PlaceKey;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Circle;

/** Handles that lie on a drawing: dragged with the pointer or nudged with the arrow keys, with a readout beside the one in hand. */
public final class PullHandles {
    private static final double RADIUS = 6;
    private final Table table;
    private final Map<String, Circle> handles = new LinkedHashMap<>();
    private final Map<String, Point> places = new LinkedHashMap<>();
    private final Readout readout;
    private final Runnable letGo;

    /** @param letGo what happens when a handle is let go */
    public PullHandles(Table table, Runnable letGo) {
        this.table = table;
        this.letGo = letGo;
        this.readout = new Readout(table);
        table.viewProperty().addListener((o, was, now) -> places.forEach(this::put));
    }

    /**
     * What a handle does.
     *
     * @param name for those who do not see it
     * @param drag takes the place on the paper to which it is pulled
     * @param nudge takes the way of an arrow key, one step
     * @param says its value, while it is in hand
     */
    public record Pull(String name, Consumer<Point> drag, Consumer<Vec> nudge, Supplier<String> says) {}

    /** Adds a handle; it lies nowhere until it is placed. */
    public void add(String id, Pull pull) {
        Circle handle = new Circle(RADIUS);
        handle.setId(id);
        handle.getStyleClass().add("handle");
        handle.setAccessibleText(pull.name());
        handle.setFocusTraversable(true);
        handle.setVisible(false);
        Grip.on(
                handle,
                () -> {
                    letGo.run();
                    handle.requestFocus();
                },
                at -> {
                    pull.drag().accept(table.paperAt(at));
                    readout.say(
                            handle.getCenterX(),
                            handle.getCenterY(),
                            pull.says().get());
                },
                () -> {
                    letGo.run();
                    readout.end();
                });
        handle.setOnKeyPressed(e -> {
            if (PlaceKey.HANDLE.is(e.getCode())) {
                Vec way = way(e.getCode());
                pull.nudge().accept(way.times(e.isShiftDown() ? 10 : 1));
                e.consume();
            }
        });
        handle.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                letGo.run();
            }
        });
        handles.put(id, handle);
        table.handles().getChildren().add(0, handle);
    }

    private static Vec way(KeyCode code) {
        return switch (code) {
            case LEFT -> new Vec(-1, 0);
            case RIGHT -> new Vec(1, 0);
            case UP -> new Vec(0, -1);
            default -> new Vec(0, 1);
        };
    }

    /** Puts every handle in its place; those that have none are hidden. */
    public void place(Map<String, Point> next) {
        places.clear();
        places.putAll(next);
        handles.forEach((id, handle) -> handle.setVisible(next.containsKey(id)));
        places.forEach(this::put);
    }

    private void put(String id, Point at) {
        View view = table.viewProperty().get();
        if (view != null) {
            handles.get(id).setCenterX(view.x(at.x()));
            handles.get(id).setCenterY(view.y(at.y()));
        }
    }
}
