package bathyra.finding;

/** The steps of the work, in their order: where a finding is looked at and put right. */
public enum Step {
    MEASURE,
    BLOCK,
    GIRTHS,
    SEAMS,
    CUPS,
    EDGES,
    PIECES,
    BONES,
    FIT,
    LAY,
    FITTINGS,
    MAKING
}
