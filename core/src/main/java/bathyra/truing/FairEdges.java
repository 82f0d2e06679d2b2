package bathyra.truing;

import bathyra.geometry.Path;
import bathyra.geometry.Segment;
import bathyra.measure.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A fair edge bends the other way at most twice above the waist and once below (C7.3). */
final class FairEdges implements Check {
    private static final int SAMPLES = 12;
    private static final int ABOVE_WAIST = 2;
    private static final int BELOW_WAIST = 1;
    /** Flatter than a radius of five metres is straight to the eye. */
    private static final double STRAIGHT = 1.0 / 5000;

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
                int above = inflections(SeamPair.downwards(edge.path()), waist, true);
                int below = inflections(SeamPair.downwards(edge.path()), waist, false);
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

    private static int inflections(Path path, double waist, boolean above) {
        int count = 0;
        double last = 0;
        for (Segment segment : path.segments()) {
            for (int i = 1; i < SAMPLES; i++) {
                double t = (double) i / SAMPLES;
                if (segment.at(t).y() < waist != above) {
                    continue;
                }
                double curvature = segment.curvature(t);
                if (Math.abs(curvature) > STRAIGHT) {
                    if (curvature * last < 0) {
                        count++;
                    }
                    last = curvature;
                }
            }
        }
        return count;
    }
}
