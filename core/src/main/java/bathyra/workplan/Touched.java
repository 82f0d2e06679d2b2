package bathyra.workplan;

/** What of the garment a step has to do with. */
public enum Touched {
    PANELS,
    CUPS,
    SEAMS,
    CLOSURE,
    WAIST,
    CHANNELS,
    EDGES
}
