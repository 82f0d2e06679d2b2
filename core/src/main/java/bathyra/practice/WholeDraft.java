package bathyra.practice;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A whole draft reckoned by hand, from the tape to the pieces as they are cut: every figure in the order of the job, each asked once.
 *
 * @param all in order
 * @param at which one is asked; as many as there are when all are done
 * @param right how many were right at the first try
 */
public record WholeDraft(List<Exercise> all, int at, int right) {
    public WholeDraft {
        all = List.copyOf(all);
    }

    /** @param exercises by what they practise */
    public static WholeDraft of(Map<Skill, List<Exercise>> exercises) {
        return new WholeDraft(
                exercises.entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(Map.Entry::getValue)
                        .flatMap(Collection::stream)
                        .toList(),
                0,
                0);
    }

    /** What is asked; empty when all are done. */
    public Optional<Exercise> asked() {
        return at < all.size() ? Optional.of(all.get(at)) : Optional.empty();
    }

    /** On to the next. @param right whether this one was right at the first try, without its figures before one's eyes */
    public WholeDraft next(boolean right) {
        return new WholeDraft(all, Math.min(all.size(), at + 1), this.right + (right ? 1 : 0));
    }

    public boolean isDone() {
        return at >= all.size();
    }
}
