package bathyra.garment;

/** Whom the garment is for. */
public record Wearer(String name, Experience experience) {}
