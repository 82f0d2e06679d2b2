package bathyra.draft;

import bathyra.truing.Finding;
import java.util.List;

/**
 * No draft.
 *
 * @param cause whether the input is wrong or the pattern cannot exist
 * @param reasons each names the measurement and what would help
 */
public record Refusal(Cause cause, List<Finding> reasons) implements Outcome {
    /** Where the fault lies. */
    public enum Cause {
        INPUT,
        PATTERN
    }

    public Refusal {
        reasons = List.copyOf(reasons);
    }
}
