package bathyra.app.workshop;

import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.draft.Draft;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The bones of the draft that was last asked about: planned once for all that show them. */
final class PlannedBones {
    private static final Logger LOG = LoggerFactory.getLogger(PlannedBones.class);
    private Optional<Draft> of = Optional.empty();
    private Optional<Bones> bones = Optional.empty();

    /** The bones of a draft; empty without one, and where they cannot be planned: their stage says so, the others go on. */
    Optional<Bones> of(Optional<Draft> draft) {
        if (!draft.equals(of)) {
            of = draft;
            bones = draft.flatMap(PlannedBones::planned);
        }
        return bones;
    }

    private static Optional<Bones> planned(Draft draft) {
        try {
            return Optional.of(BonePlan.of(draft));
        } catch (RuntimeException e) {
            LOG.error("the bones could not be planned", e);
            return Optional.empty();
        }
    }
}
