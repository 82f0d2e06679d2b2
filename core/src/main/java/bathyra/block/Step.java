package bathyra.block;

import bathyra.length.Sentence;
import bathyra.reckon.Reckoned;
import java.util.List;
import java.util.Optional;

/**
 * One step of drafting, in the order of the work.
 *
 * @param title what comes about
 * @param words what to do with ruler and curve
 * @param figure the length that is reckoned for it; what a learner is asked for
 * @param points the names of the points that it puts down
 * @param lines what it draws
 */
public record Step(
        Half half,
        String title,
        Sentence words,
        Optional<Reckoned> figure,
        List<BlockPoint> points,
        List<BlockLine> lines) {
    public Step {
        points = List.copyOf(points);
        lines = List.copyOf(lines);
    }
}
