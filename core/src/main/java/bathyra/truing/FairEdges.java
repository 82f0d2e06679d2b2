package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** A fair edge bends the other way at most twice above the waist and once below (C7.3); a piece without a waist has no such edge. */
final class FairEdges implements Check {
    private static final int ABOVE_WAIST = 2;
    private static final int BELOW_WAIST = 1;
    /** An edge so far above its level line stands at a crest, mm. */
    private static final double CREST = 5;
    /** An edge that goes on so far below its lowest level hangs, mm. */
    private static final double HANGS = 60;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream()
                .filter(p -> p.mark(Level.WAIST).isPresent())
                .map(FairEdges::look)
                .toList();
    }

    private static Finding look(Piece piece) {
        List<String> unfair = new ArrayList<>();
        int most = 0;
        Optional<Point> worst = Optional.empty();
        for (OutlineEdge edge : piece.outline()) {
            if (edge.kind() == OutlineEdge.Kind.SEAM) {
                double waist = piece.mark(Level.WAIST).get().from().y();
                List<Point> above = edge.path().inflections(p -> p.y() < waist);
                double hem = hangsFrom(piece, edge);
                List<Point> below = edge.path().inflections(p -> p.y() >= waist && p.y() < hem);
                most = Math.max(most, above.size());
                if (above.size() > most(piece) || below.size() > BELOW_WAIST) {
                    // The turn nearest to the waist is the one too many: farther out the edge has its turns by nature.
                    Point turn = (above.size() > most(piece) ? above : below)
                            .stream()
                                    .min(Comparator.comparingDouble(p -> Math.abs(p.y() - waist)))
                                    .orElseThrow();
                    unfair.add(edge.name().replace('-', ' ') + " by the " + nearest(piece, turn));
                    worst = Optional.of(turn);
                }
            }
        }
        boolean holds = unfair.isEmpty();
        Finding finding = new Finding(
                FindingKind.FAIR_EDGE,
                piece.id(),
                holds ? Finding.Status.OK : Finding.Status.NOTE,
                most,
                ABOVE_WAIST,
                holds
                        ? Sentence.of("{}: both long edges run fair.", piece.name())
                        : Sentence.of(
                                "{}, {}: the edge swings more often than it should. What is taken there fights with the levels beside it; bring it closer to them.",
                                piece.name(),
                                String.join(" and ", unfair)),
                Optional.empty());
        return worst.map(turn -> finding.at(piece.id(), turn)).orElse(finding);
    }

    /** How deep a long edge is shaped by its levels: what hangs far below the lowest of them swings out by itself. */
    private static double hangsFrom(Piece piece, OutlineEdge edge) {
        double lowest = piece.levelMarks().stream()
                .mapToDouble(m -> Math.min(m.from().y(), m.to().y()))
                .max()
                .orElse(Double.POSITIVE_INFINITY);
        double end = Math.max(edge.path().start().y(), edge.path().end().y());
        boolean hips = piece.mark(Level.HIGH_HIP).isPresent();
        return hips && end - lowest > HANGS ? lowest - CREST : Double.POSITIVE_INFINITY;
    }

    /** A seam that goes on above the upper line, to a crest, a shoulder, an armhole or a neckline, turns once more on its way there. */
    private static int most(Piece piece) {
        boolean reaches = piece.outline().stream().anyMatch(e -> e.role().standsAboveUpperLine());
        boolean crest = piece.outline().stream()
                .filter(e -> e.role() == EdgeRole.UPPER)
                .anyMatch(e -> isCrest(piece, e.path()));
        return reaches || crest ? ABOVE_WAIST + 1 : ABOVE_WAIST;
    }

    /** Where the edge dips so low that the upper line is cut away, its higher end stands over the lower one. */
    private static boolean isCrest(Piece piece, Path edge) {
        double high = Math.min(edge.start().y(), edge.end().y());
        double low = Math.max(edge.start().y(), edge.end().y());
        double line = piece.mark(Level.UPPER)
                .map(m -> Math.min(m.from().y(), m.to().y()))
                .orElse(low);
        return high < line - CREST;
    }

    private static String nearest(Piece piece, Point turn) {
        return piece.levelMarks().stream()
                .min(Comparator.comparingDouble(
                        m -> Math.min(Math.abs(m.from().y() - turn.y()), Math.abs(m.to().y() - turn.y()))))
                .orElseThrow()
                .level()
                .replace('-', ' ');
    }
}
