package bathyra.draft;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.length.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * No draft.
 *
 * @param cause whether the input is wrong or the pattern cannot exist
 * @param reasons each names the measurement and what would help
 * @param thrown what broke inside the program, for the log; empty unless the cause is the program
 */
public record Refusal(Cause cause, List<Finding> reasons, Optional<Throwable> thrown) implements Outcome {
    /** Figures or choices that give no pattern. */
    public Refusal(Cause cause, List<Finding> reasons) {
        this(cause, reasons, Optional.empty());
    }

    /** The program failed. */
    static Refusal program(Throwable thrown) {
        return new Refusal(
                Cause.PROGRAM,
                List.of(
                        Finding.of(
                                FindingKind.PROGRAM,
                                "commission",
                                Finding.Status.FAULT,
                                0,
                                0,
                                Sentence.of(
                                        "The program could not draft this. Nothing is lost: the commission is kept as it stands. Take back the last change, or keep the commission as a document to send to whoever mends the program."))),
                Optional.of(thrown));
    }

    /** Where the fault lies. */
    public enum Cause {
        INPUT,
        PATTERN,
        /** The program itself failed on figures and choices that it should have drafted or refused. */
        PROGRAM
    }

    public Refusal {
        reasons = List.copyOf(reasons);
    }
}
