package bathyra.finding;

import java.util.List;

/** Why a body or a choice can have no pattern; the reasons name the measurement and what would help. */
public final class NotDraftable extends Exception {
    private final transient List<Finding> reasons;

    public NotDraftable(List<Finding> reasons) {
        super(reasons.get(0).id());
        this.reasons = List.copyOf(reasons);
    }

    public NotDraftable(Finding reason) {
        this(List.of(reason));
    }

    public List<Finding> reasons() {
        return reasons;
    }
}
