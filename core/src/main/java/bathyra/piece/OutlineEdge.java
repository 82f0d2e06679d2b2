package bathyra.piece;

import bathyra.geometry.Path;
import java.util.Optional;

/**
 * One edge of a piece.
 *
 * @param name for example {@code princess-front}
 * @param seam the id of the seam in which it is sewn, if it is
 * @param path along the outline, which runs clockwise on the screen
 */
public record OutlineEdge(String name, Kind kind, Optional<String> seam, Path path) {
    /** What the edge is. */
    public EdgeRole role() {
        return EdgeRole.of(name);
    }

    /** What happens at an edge. */
    public enum Kind {
        FOLD("fold"),
        SEAM("seam"),
        EDGE("edge"),
        CLOSURE("closure"),
        DART("dart");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        public String id() {
            return id;
        }
    }
}
