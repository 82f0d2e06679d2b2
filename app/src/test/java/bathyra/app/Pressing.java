package bathyra.app;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;

/** What is pressed where a control is seen: the control, or something that lies over it. */
final class Pressing {
    private Pressing() {}

    /** What lies over the middle of a node and catches what is pressed there; empty where it is the node's own, or where it is scrolled out of sight. */
    static Optional<Node> over(Node node) {
        Scene scene = node.getScene();
        var bounds = node.localToScene(node.getBoundsInLocal());
        Point2D middle = new Point2D(bounds.getCenterX(), bounds.getCenterY());
        boolean seen = bounds.getWidth() > 0
                && middle.getX() >= 0
                && middle.getY() >= 0
                && middle.getX() < scene.getWidth()
                && middle.getY() < scene.getHeight()
                && isWithinEveryClip(node, middle);
        return seen
                ? Optional.ofNullable(pressed(scene.getRoot(), middle)).filter(p -> !isWithin(p, node))
                : Optional.empty();
    }

    private static boolean isWithinEveryClip(Node node, Point2D at) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (each.getClip() != null && !each.getClip().contains(each.sceneToLocal(at))) {
                return false;
            }
        }
        return true;
    }

    private static boolean isWithin(Node node, Node ancestor) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (each == ancestor) {
                return true;
            }
        }
        return false;
    }

    /** As the toolkit finds it: the last of the children lies topmost. */
    private static Node pressed(Node node, Point2D at) {
        if (!node.isVisible() || node.isMouseTransparent()) {
            return null;
        }
        Point2D local = node.sceneToLocal(at);
        if (node.getClip() != null && !node.getClip().contains(local)) {
            return null;
        }
        if (node instanceof Parent parent) {
            List<Node> children = parent.getChildrenUnmodifiable();
            for (int i = children.size() - 1; i >= 0; i--) {
                Node pressed = pressed(children.get(i), at);
                if (pressed != null) {
                    return pressed;
                }
            }
        }
        return !(node instanceof Group) && node.contains(local) ? node : null;
    }
}
