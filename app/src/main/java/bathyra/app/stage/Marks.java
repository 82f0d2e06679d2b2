package bathyra.app.stage;

import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.shape.SVGPath;

/** The few drawn marks, all with one stroke: tick, triangle, cross, arrows. */
public final class Marks {
    private Marks() {}

    /** It holds. */
    public static Node tick() {
        return mark("M1 6 L4.5 10 L11 2", "tick");
    }

    /** Look at it. */
    public static Node triangle() {
        return mark("M6.5 1 L12.5 12 L0.5 12 Z M6.5 5 L6.5 8.5 M6.5 10 L6.5 10.6", "warn");
    }

    /** It stops the draft. */
    public static Node cross() {
        return mark("M2 2 L10 10 M10 2 L2 10", "stop");
    }

    /** It is pinned where it is. */
    public static Node pin() {
        SVGPath shaft = new SVGPath();
        shaft.setContent("M1 14 L9 5");
        shaft.getStyleClass().add("pin-shaft");
        SVGPath head = new SVGPath();
        head.setContent("M12.5 3.5 A3 3 0 1 1 6.5 3.5 A3 3 0 1 1 12.5 3.5 Z");
        head.getStyleClass().add("pin-head");
        return new Group(shaft, head);
    }

    /** A leaf of a calendar. */
    public static Node calendar() {
        return mark("M1 3 L13 3 L13 13 L1 13 Z M1 6 L13 6 M4 1 L4 4 M10 1 L10 4 M4 9 L6 9 M8 9 L10 9", "arrow-mark");
    }

    public static Node undo() {
        return mark("M4 1 L1 4 L4 7 M1 4 L8 4 Q12 4 12 8 Q12 11 8 11", "arrow-mark");
    }

    public static Node redo() {
        return mark("M9 1 L12 4 L9 7 M12 4 L5 4 Q1 4 1 8 Q1 11 5 11", "arrow-mark");
    }

    private static Node mark(String path, String type) {
        SVGPath shape = new SVGPath();
        shape.setContent(path);
        shape.getStyleClass().add(type);
        return shape;
    }
}
