package bathyra.plan;

import java.util.Arrays;
import java.util.Optional;

/** The days of a commission, in their order, each with how many working days it lies before the due day (C16.3). */
public enum DateKind {
    MEASURED("measured", "Measured", 32),
    ORDERED("ordered", "Ordered", 30),
    TOILE("toile", "Toile", 26),
    FIRST_FITTING("first-fitting", "First fitting", 23),
    CORRECTED("corrected", "Pattern corrected", 21),
    CLOTH_IN("cloth-in", "Cloth in", 20),
    CUT("cut", "Cut", 18),
    MADE_UP("made-up", "Made up", 10),
    SECOND_FITTING("second-fitting", "Second fitting", 9),
    FINISHED("finished", "Finished", 4),
    DELIVERY("delivery", "Delivery", 2);

    private final String id;
    private final String label;
    private final int before;

    DateKind(String id, String label, int before) {
        this.id = id;
        this.label = label;
        this.before = before;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    /** How many working days before the due day. */
    public int before() {
        return before;
    }

    public boolean isFitting() {
        return this == FIRST_FITTING || this == SECOND_FITTING;
    }

    public static Optional<DateKind> ofId(String id) {
        return Arrays.stream(values()).filter(d -> d.id.equals(id)).findFirst();
    }
}
