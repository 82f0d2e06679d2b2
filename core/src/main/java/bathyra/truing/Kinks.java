package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Segment;
import bathyra.geometry.Tolerance;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** No edge has a corner within itself but where one is drawn on purpose: at a corner cloth puckers, or the seam shows a point (C10). */
final class Kinks implements Check {
    /** A corner drawn on purpose stands so near, mm. */
    private static final double DECLARED = 0.5;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(Kinks::look).toList();
    }

    private record Kink(OutlineEdge edge, Segment before, double degrees) {}

    private static Finding look(Piece piece) {
        Kink worst = piece.outline().stream()
                .flatMap(edge -> kinks(piece, edge))
                .max(Comparator.comparingDouble(Kink::degrees))
                .orElse(new Kink(
                        piece.outline().get(0),
                        piece.outline().get(0).path().segments().get(0),
                        0));
        boolean holds = worst.degrees() <= Tolerance.JOIN_DEGREES;
        return Finding.of(
                        FindingKind.KINK,
                        piece.id(),
                        holds ? Finding.Status.OK : Finding.Status.NOTE,
                        worst.degrees(),
                        Tolerance.JOIN_DEGREES,
                        Sentence.of(
                                holds
                                        ? String.format(
                                                Locale.ROOT,
                                                "%s: no corner within an edge; none over %.0f°.",
                                                piece.name(),
                                                Tolerance.JOIN_DEGREES)
                                        : String.format(
                                                Locale.ROOT,
                                                "%s, %s: a corner of %.0f° that nobody drew. Blend the edge there, or sew to the point and clip.",
                                                piece.name(),
                                                worst.edge().name().replace('-', ' '),
                                                worst.degrees())))
                .at(piece.id(), worst.before().end());
    }

    private static Stream<Kink> kinks(Piece piece, OutlineEdge edge) {
        List<Segment> segments = edge.path().segments();
        return IntStream.range(1, segments.size())
                .mapToObj(i -> new Kink(edge, segments.get(i - 1), turn(segments.get(i - 1), segments.get(i))))
                .filter(k -> piece.declared().stream()
                        .noneMatch(c -> c.at().distance(k.before().end()) <= DECLARED));
    }

    private static double turn(Segment before, Segment after) {
        return Math.abs(Math.toDegrees(before.velocity(1).angleTo(after.velocity(0))));
    }
}
