package bathyra.files.sheet;

import bathyra.geometry.Point;

/**
 * A register mark on the line at which one sheet is laid on another: each bears its half, and where the halves meet they are glued.
 *
 * @param at its middle, mm of the pattern on the whole sheet
 * @param first the sheet at the left or above
 * @param second the one that is laid on it
 * @param upright whether the line runs down
 */
public record Joint(Point at, Sheet first, Sheet second, boolean upright) {}
