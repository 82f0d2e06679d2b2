package bathyra.intake;

import bathyra.girth.Level;

/** One sounding: a seam at a level. */
public record Cell(Level level, SeamPlace seam) {}
