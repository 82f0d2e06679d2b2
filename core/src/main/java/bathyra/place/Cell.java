package bathyra.place;

/** One sounding: a seam at a level. */
public record Cell(Level level, SeamPlace seam) {}
