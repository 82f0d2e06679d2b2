package bathyra.bone;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** The area of a channel on its piece, to be drawn. */
public final class BoneOutline {
    private static final double EVERY = 6;

    private BoneOutline() {}

    /** The outline of a run, from its upper end down one side and up the other; not closed. */
    public static List<Point> of(Channel.Run run, double width) {
        List<Point> right = new ArrayList<>();
        List<Point> left = new ArrayList<>();
        Path path = run.path();
        int steps = (int) Math.max(1, Math.ceil(path.length() / EVERY));
        for (int i = 0; i <= steps; i++) {
            Path.Place at = path.at(path.length() * i / steps);
            right.add(at.point().plus(at.tangent().turned(Math.PI / 2).times(run.half() >= 0 ? width / 2 : 0)));
            left.add(0, at.point().plus(at.tangent().turned(-Math.PI / 2).times(run.half() <= 0 ? width / 2 : 0)));
        }
        right.addAll(left);
        return right;
    }
}
