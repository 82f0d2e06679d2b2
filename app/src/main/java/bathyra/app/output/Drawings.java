package bathyra.app.output;

import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.finding.Finding;
import java.util.List;

/** What is drawn of a draft in the layers that are put out, and what was found on it; each is worked out when it is first asked for. */
final class Drawings {
    private final Draft draft;
    private final Manner manner;
    private CuttingPlan plan;
    private List<Finding> faults;

    Drawings(Draft draft, Manner manner) {
        this.draft = draft;
        this.manner = manner;
    }

    boolean isOfDraft(Draft other) {
        return draft == other;
    }

    boolean isIn(Manner other) {
        return manner.left().equals(other.left());
    }

    CuttingPlan plan() {
        if (plan == null) {
            plan = manner.plan(draft);
        }
        return plan;
    }

    List<Finding> faults() {
        if (faults == null) {
            faults = PatternFiles.faults(plan());
        }
        return faults;
    }
}
