package bathyra.foreign;

import bathyra.piece.SeamJoin;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was read from a drawing that comes from elsewhere.
 *
 * @param title what the file calls it; empty where it does not say
 * @param unit what the file says it is measured in
 * @param labels what the file says of the pieces, by the group of their lines
 * @param seams which edges are sewn together, where the file says so
 * @param leftOut what of the file was left out, one sentence each
 */
public record ForeignDrawing(
        String title,
        Optional<DrawnUnit> unit,
        List<ForeignLine> lines,
        Map<String, Label> labels,
        List<SeamJoin> seams,
        List<String> leftOut) {
    /** What a file says of a piece. */
    public record Label(String id, String name, int order, boolean front, int count, boolean onFold) {}

    public ForeignDrawing {
        lines = List.copyOf(lines);
        labels = Map.copyOf(labels);
        seams = List.copyOf(seams);
        leftOut = List.copyOf(leftOut);
    }

    public ForeignDrawing(String title, Optional<DrawnUnit> unit, List<ForeignLine> lines, List<String> leftOut) {
        this(title, unit, lines, Map.of(), List.of(), leftOut);
    }
}
