package bathyra.piece;

import bathyra.geometry.Point;

/** The grain line; {@code to} is the end with the arrow, the top of the worn piece. */
public record Grain(Point from, Point to) {}
