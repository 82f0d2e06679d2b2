package bathyra.truing;

import bathyra.piece.Pattern;
import java.util.List;

/** Looks a finished pattern over, check by check (C11). */
public final class Truing {
    private static final List<Check> CHECKS = List.of(new ClosedOutlines(), new SeamLengths(), new CupArcs(), new SideSeam(), new Girths(), new WidthsBetween(), new JoinedEdges(),
            new SquareCentres(), new Curvature(), new PanelWidths(), new Crossings(), new FairEdges(), new SeatedLength());

    private Truing() {}

    /** Every finding, in the order of the checks. */
    public static List<Finding> look(Pattern pattern) {
        return CHECKS.stream().flatMap(c -> c.look(pattern).stream()).toList();
    }

    /** How the girth runs between the levels, alone: for panels that are cut into smaller pieces afterwards. */
    public static List<Finding> between(Pattern panels) {
        return new WidthsBetween().look(panels);
    }
}
