package bathyra.garment;

import bathyra.length.Length;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the cutter has chosen for one layer.
 *
 * @param made whether it is made; what is usual otherwise
 * @param turn by how much it grows at each side seam to go round the layers below it (turn of cloth, C14)
 * @param allowances its own allowances by what an edge is for
 * @param edges its own allowances of single edges
 * @param without the pieces that it leaves out
 */
public record LayerChoice(
        Optional<Boolean> made,
        Length turn,
        Map<EdgeUse, Length> allowances,
        Map<EdgeAt, Length> edges,
        Set<String> without) {
    /** Nothing chosen. */
    public static final LayerChoice USUAL =
            new LayerChoice(Optional.empty(), Length.mm(0), Map.of(), Map.of(), Set.of());
    /** The least and the most that a layer may grow at a side seam; an inner one may shrink. */
    public static final Length TURN_LEAST = Length.mm(-2);

    public static final Length TURN_MOST = Length.mm(4);

    public LayerChoice {
        allowances = Map.copyOf(allowances);
        edges = Map.copyOf(edges);
        without = Set.copyOf(without);
    }

    public LayerChoice withMade(boolean next) {
        return new LayerChoice(Optional.of(next), turn, allowances, edges, without);
    }

    public LayerChoice withTurn(Length next) {
        return new LayerChoice(made, next, allowances, edges, without);
    }

    public LayerChoice withAllowance(EdgeUse use, Optional<Length> width) {
        return new LayerChoice(made, turn, Finish.changed(allowances, use, width), edges, without);
    }

    public LayerChoice withEdge(EdgeAt edge, Optional<Length> width) {
        return new LayerChoice(made, turn, allowances, Finish.changed(edges, edge, width), without);
    }

    /** The same layer with a piece cut in it or left out. */
    public LayerChoice withPiece(String piece, boolean cut) {
        Set<String> next = new HashSet<>(without);
        if (cut) {
            next.remove(piece);
        } else {
            next.add(piece);
        }
        return new LayerChoice(made, turn, allowances, new HashMap<>(edges), next);
    }
}
