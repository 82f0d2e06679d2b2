package bathyra.garment;

import bathyra.measure.Length;

/** How the garment is closed at centre back, with the lacing gap that it starts with (C5, C12). */
public enum Closure implements Choice {
    BACK_ZIP("back-zip", "Zip at the back", 0),
    BACK_LACING("back-lacing", "Lacing at the back", 30),
    BACK_LOOPS("back-loops", "Loops at the back", 30);

    private final String id;
    private final String label;
    private final double gap;

    Closure(String id, String label, double gap) {
        this.id = id;
        this.label = label;
        this.gap = gap;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /** The gap to start with; nothing for a zip. */
    public Length gap() {
        return Length.mm(gap);
    }

    /** Whether it is drawn together over a gap. */
    public boolean isLaced() {
        return this != BACK_ZIP;
    }
}
