package bathyra.workplan;

import bathyra.plan.DateKind;
import bathyra.plan.OwnStep;
import java.util.Set;

/** What is done in one step of a making: one of the rule's, or one of the cutter's own. */
public sealed interface Task permits StepKind, Task.Own {
    /** The word in files. */
    String id();

    String label();

    /** The day by which it is to be done. */
    DateKind by();

    /** What to beware of, before it is begun; empty for nothing in particular. */
    String caution();

    /** What of the garment it has to do with; nothing where it has to do with the wearer or the pattern. */
    Set<Touched> touches();

    /** Whether the wearer comes for it: it is done on its day, not before it. */
    default boolean isMeeting() {
        return false;
    }

    /** One of the cutter's own. */
    record Own(OwnStep step) implements Task {
        @Override
        public String id() {
            return step.id();
        }

        @Override
        public String label() {
            return step.label();
        }

        @Override
        public DateKind by() {
            return step.by();
        }

        @Override
        public String caution() {
            return "";
        }

        @Override
        public Set<Touched> touches() {
            return Set.of();
        }
    }
}
