package bathyra.plan;

import java.util.Arrays;
import java.util.Optional;

/** What a garment is made for, as far as its days hang on it (C16.3). */
public enum Occasion {
    EVERYDAY("everyday", "Everyday", "the day it is handed over"),
    BRIDAL("bridal", "Bridal", "the wedding"),
    STAGE("stage", "Stage", "the technical rehearsal, not the first night");

    private final String id;
    private final String label;
    private final String due;

    Occasion(String id, String label, String due) {
        this.id = id;
        this.label = label;
        this.due = due;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    /** Which day counts as the due day. */
    public String due() {
        return due;
    }

    public static Optional<Occasion> ofId(String id) {
        return Arrays.stream(values()).filter(o -> o.id.equals(id)).findFirst();
    }
}
