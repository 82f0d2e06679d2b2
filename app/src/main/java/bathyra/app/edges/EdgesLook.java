package bathyra.app.edges;

import bathyra.app.table.Joining;

/** How the edges are looked at: on the pattern as it lies, or as they run on the closed garment. */
enum EdgesLook {
    ABOVE(Joining.ABOVE.label(), Joining.ABOVE),
    BELOW(Joining.BELOW.label(), Joining.BELOW),
    APART(Joining.APART.label(), Joining.APART),
    WORN("As worn", Joining.ABOVE);

    private final String label;
    private final Joining joining;

    EdgesLook(String label, Joining joining) {
        this.label = label;
        this.joining = joining;
    }

    String label() {
        return label;
    }

    /** How the pattern lies on which the handles are pulled. */
    Joining joining() {
        return joining;
    }

    boolean hasHandles() {
        return this == ABOVE || this == BELOW;
    }
}
