package bathyra.truing;

import bathyra.measure.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A fair edge bends the other way at most twice above the waist and once below (C7.3). */
final class FairEdges implements Check {
    private static final int ABOVE_WAIST = 2;
    private static final int BELOW_WAIST = 1;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(FairEdges::look).toList();
    }

    private static Finding look(Piece piece) {
        List<String> unfair = new ArrayList<>();
        int most = 0;
        for (OutlineEdge edge : piece.outline()) {
            if (edge.kind() == OutlineEdge.Kind.SEAM && piece.mark("waist").isPresent()) {
                double waist = piece.mark("waist").get().from().y();
                int above = edge.path().inflections(p -> p.y() < waist);
                int below = edge.path().inflections(p -> p.y() >= waist);
                most = Math.max(most, above);
                if (above > ABOVE_WAIST || below > BELOW_WAIST) {
                    unfair.add(edge.name().replace('-', ' ') + (above > ABOVE_WAIST ? " above the waist" : " below the waist"));
                }
            }
        }
        boolean holds = unfair.isEmpty();
        return new Finding("fair-edge", piece.id(), holds ? Finding.Status.OK : Finding.Status.NOTE, most, ABOVE_WAIST, "count",
                Sentence.of(holds ? piece.name() + ": both long edges run fair."
                        : piece.name() + ", " + String.join(" and ", unfair) + ": the edge swings more often than it should. The intakes of neighbouring levels fight each other; bring them closer."),
                Optional.empty());
    }
}
