package bathyra.foreign;

import bathyra.finding.Finding;
import bathyra.piece.Pattern;
import java.util.List;

/**
 * What became of a drawing from elsewhere.
 *
 * @param pattern the pieces, with the seams that the file names; empty of pieces when there are faults
 * @param notes what was left out or assumed
 * @param faults why nothing can be taken: what, where and what to do
 */
public record Taken(Pattern pattern, List<Finding> notes, List<Finding> faults) {
    public Taken {
        notes = List.copyOf(notes);
        faults = List.copyOf(faults);
    }
}
