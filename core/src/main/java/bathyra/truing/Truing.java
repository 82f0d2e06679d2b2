package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.piece.Pattern;
import java.util.ArrayList;
import java.util.List;

/** Looks a finished pattern over, check by check (C11). */
public final class Truing {
    private static final List<Check> CHECKS = List.of(
            new ClosedOutlines(),
            new SeamLengths(),
            new CupArcs(),
            new SideSeam(),
            new Girths(),
            new WidthsBetween(),
            new JoinedEdges(),
            new SquareCentres(),
            new StraightFolds(),
            new Curvature(),
            new Kinks(),
            new PanelWidths(),
            new Crossings(),
            new FairEdges(),
            new SeatedLength(),
            new Stride());

    private static final List<Check> BEFORE_CUTTING = List.of(new AllowanceRoom(), new UpsideDown(), new GrainInside());

    private Truing() {}

    /** Every finding, in the order of the checks. */
    public static List<Finding> look(Pattern pattern) {
        return CHECKS.stream().flatMap(c -> c.look(pattern).stream()).toList();
    }

    /** What is looked at before cloth is cut: whether every allowance has room, and whether a piece could be sewn upside down. */
    public static List<Finding> beforeCutting(Pattern pattern) {
        return BEFORE_CUTTING.stream().flatMap(c -> c.look(pattern).stream()).toList();
    }

    /** Everything, for a pattern of which nothing is known but the document: also whether every edge that is sewn, and every notch on it, has its partner. */
    public static List<Finding> lookAtForeign(Pattern pattern) {
        List<Finding> findings = new ArrayList<>(new Partners().look(pattern));
        findings.addAll(new NotchPartners().look(pattern));
        findings.addAll(look(pattern));
        findings.addAll(beforeCutting(pattern));
        return findings;
    }

    /** How the girth runs between the levels, alone: for panels that are cut into smaller pieces afterwards. */
    public static List<Finding> between(Pattern panels) {
        return new WidthsBetween().look(panels);
    }
}
