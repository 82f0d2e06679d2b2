package bathyra.paper;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Tolerance;

/** True: an edge is made as long as the edge to which it is sewn, at its end and in its own direction. */
public final class True {
    private True() {}

    /** The same edge ended at a length: cut short, or carried on straight. @param length mm, more than nothing */
    public static Path toLength(Path path, double length) {
        double has = path.length();
        if (Math.abs(has - length) < Tolerance.COINCIDENT) {
            return path;
        }
        return has > length
                ? path.upTo(length)
                : path.then(Path.of(
                        new Line(path.end(), path.end().plus(path.endTangent().times(length - has)))));
    }
}
