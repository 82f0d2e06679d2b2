package bathyra.files.sheet;

/**
 * Room for words inside a piece on one sheet: clear of the sheet's edges, of the grain and of the levels.
 *
 * @param cut the drawing it belongs to
 * @param sheet on which it is
 * @param left mm of the pattern on the whole sheet, as all that follow
 * @param first whether it is the roomiest of its drawing, where everything about it is written
 */
public record Spot(String cut, Sheet sheet, double left, double top, double width, double height, boolean first) {}
