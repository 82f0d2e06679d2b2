package bathyra.piece;

import bathyra.geometry.Point;

/** A mark on a sewn edge that meets its partner's. */
public record Notch(String edge, Point at, boolean twofold, String level) {}
