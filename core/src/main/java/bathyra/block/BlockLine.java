package bathyra.block;

import bathyra.geometry.Path;

/** A line of a drawn block, in the frame of its half. */
public record BlockLine(Half half, Kind kind, Path path) {
    /** What a line is for. */
    public enum Kind {
        /** Only leads to others. */
        CONSTRUCTION,
        /** A level line. */
        LEVEL,
        /** An edge of the block. */
        EDGE,
        /** A leg of a dart. */
        DART
    }
}
