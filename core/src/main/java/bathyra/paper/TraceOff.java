package bathyra.paper;

import bathyra.geometry.Motion;
import bathyra.geometry.Path;

/** Trace off: what is drawn on the joined pattern is carried onto the piece that lies there, or a part of a sheet is copied. */
public final class TraceOff {
    private TraceOff() {}

    /** A line of the joined pattern on a piece. @param laid how the piece was laid into the joined pattern */
    public static Path onto(Path drawn, Motion laid) {
        return laid.inverse().apply(drawn);
    }

    /** A copy of the part of a sheet that lies along a line, under a name of its own; the sheet stays whole. */
    public static Sheet part(Sheet sheet, Path line, String cut, String id, String name) {
        return Slash.along(sheet, line, cut).along().named(id, name);
    }
}
