package bathyra.panel;

import bathyra.edge.EdgeLine.Dent;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.fitting.Change;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.Sentence;
import java.util.List;

/** The places at which a fitting moved the upper or the lower edge (C15.4), along the closed half. */
final class MovedEdge {
    /** No edge is moved farther at one place, mm. */
    private static final double MOST = 120;

    private MovedEdge() {}

    /**
     * @param end how far from centre front the edge ends, mm
     * @throws NotDraftable where the edge is drawn by other lines, or is moved too far
     */
    static List<Dent> of(Garment garment, boolean upper, double end) throws NotDraftable {
        List<Change.Edge> edges = garment.found().edges(upper);
        if (edges.isEmpty()) {
            return List.of();
        }
        if (upper && garment.top().cover() != Cover.STRAPLESS) {
            throw refused(
                    upper,
                    Sentence.of(
                            "A fitting moved the upper edge, and neckline and armhole of this garment are drawn over the shoulder. Move them on Edges, and leave the mark open."));
        }
        if (!upper && garment.lowerEdge().isHem()) {
            throw refused(
                    upper,
                    Sentence.of(
                            "A fitting moved the hem, which hangs level here. Change its length on Edges instead."));
        }
        if (!upper && garment.lowerEdge().endsAtWaist()) {
            throw refused(
                    upper,
                    Sentence.of(
                            "A fitting moved the lower edge, and this garment ends at the waist. Give it another lower edge on Edges, or leave the mark open."));
        }
        for (Change.Edge edge : edges) {
            if (Math.abs(edge.by().millimetres()) > MOST) {
                throw refused(
                        upper,
                        Sentence.of(
                                "An edge is moved by {} at one place; {} is the most. Change its shape on Edges instead.",
                                edge.by(),
                                Length.mm(MOST)));
            }
        }
        return edges.stream()
                .map(e -> new Dent(e.place() * end, e.reach().millimetres(), e.by().millimetres()))
                .toList();
    }

    private static NotDraftable refused(boolean upper, Sentence sentence) {
        return new NotDraftable(Finding.of(
                upper ? FindingKind.UPPER_EDGE : FindingKind.LOWER_EDGE,
                upper ? "upperEdge" : "lowerEdge",
                Finding.Status.FAULT,
                0,
                0,
                sentence));
    }
}
