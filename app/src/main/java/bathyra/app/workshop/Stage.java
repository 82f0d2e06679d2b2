package bathyra.app.workshop;

import bathyra.finding.Step;
import java.util.Arrays;

/** The stages of the job that the program has, in the order in which they are done. */
public enum Stage {
    MEASURE("Measure", Step.MEASURE),
    BLOCK("Block", Step.BLOCK),
    GIRTHS("Girths", Step.GIRTHS),
    SEAMS("Seams", Step.SEAMS),
    CUPS("Cups", Step.CUPS),
    EDGES("Edges", Step.EDGES),
    PIECES("Pieces", Step.PIECES),
    BONES("Bones", Step.BONES),
    FIT("Fit", Step.FIT),
    LAY("Lay", Step.LAY),
    FITTINGS("Fittings", Step.FITTINGS),
    MAKING("Making", Step.MAKING);

    private final String label;
    private final Step step;

    Stage(String label, Step step) {
        this.label = label;
        this.step = step;
    }

    /** The stage on which a step of the work is done. */
    public static Stage of(Step step) {
        return Arrays.stream(values()).filter(s -> s.step == step).findFirst().orElseThrow();
    }

    public String label() {
        return label;
    }

    /** The stage of a name, the first when there is none. */
    static Stage named(String name) {
        return Arrays.stream(values())
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElse(MEASURE);
    }
}
