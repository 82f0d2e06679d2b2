package bathyra.app.workshop;

import java.util.Arrays;

/** The stages of the job that the program has, in the order in which they are done. */
public enum Stage {
    MEASURE("Measure"),
    BLOCK("Block"),
    GIRTHS("Girths"),
    SEAMS("Seams"),
    CUPS("Cups"),
    EDGES("Edges"),
    PIECES("Pieces"),
    BONES("Bones"),
    LAY("Lay");

    private final String label;

    Stage(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** The stage of a name, the first when there is none. */
    static Stage named(String name) {
        return Arrays.stream(values()).filter(s -> s.name().equals(name)).findFirst().orElse(MEASURE);
    }
}
