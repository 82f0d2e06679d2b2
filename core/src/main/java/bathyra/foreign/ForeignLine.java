package bathyra.foreign;

import bathyra.geometry.Path;
import java.util.List;

/**
 * One line of a drawing that comes from elsewhere, in the drawing's unit, y down.
 *
 * @param name what the file calls it, for messages
 * @param group what ties it to the other lines of its piece; empty where the file does not say
 * @param edges how the outline is shared out into edges, where the file says so; empty otherwise
 */
public record ForeignLine(String name, String group, Role role, Path path, List<NamedEdge> edges) {
    /** What a line is for. */
    public enum Role {
        /** The file does not say. */
        UNKNOWN,
        CUT,
        SEW,
        NOTCH,
        GRAIN,
        /** A level line; its name is the level. */
        LEVEL,
        /** Anything else inside a piece. */
        INSIDE
    }

    /** A part of an outline. @param stretches of how many stretches of the path it is made */
    public record NamedEdge(String name, String kind, int stretches) {}

    public ForeignLine {
        edges = List.copyOf(edges);
    }

    public ForeignLine(String name, String group, Role role, Path path) {
        this(name, group, role, path, List.of());
    }
}
