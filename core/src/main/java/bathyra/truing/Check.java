package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.piece.Pattern;
import java.util.List;

/** One check of C11, computed from the finished pattern and from nothing else. */
public interface Check {
    /** What the check finds, one finding for each thing it looks at. */
    List<Finding> look(Pattern pattern);
}
