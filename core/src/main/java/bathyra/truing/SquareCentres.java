package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Centre front and centre back are square at both edges, so that the two halves make no point and no dip. */
final class SquareCentres implements Check {
    private static final double SAME = 0.01;

    @Override
    public List<Finding> look(Pattern pattern) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            for (OutlineEdge edge : piece.outline()) {
                if (edge.kind() == OutlineEdge.Kind.FOLD || edge.kind() == OutlineEdge.Kind.CLOSURE) {
                    findings.add(look(piece, edge, true));
                    findings.add(look(piece, edge, false));
                }
            }
        }
        return findings;
    }

    private static Finding look(Piece piece, OutlineEdge edge, boolean top) {
        Corner corner = Corner.of(piece, edge, top);
        double degrees = corner.degreesOver(Tolerance.SQUARE_OVER);
        double wanted = piece.declared().stream()
                .filter(d -> d.at().distance(corner.point()) < SAME)
                .findFirst()
                .map(Piece.Corner::degrees)
                .orElse(90.0);
        double off = Math.abs(degrees - wanted);
        boolean holds = off <= Tolerance.SQUARE_DEGREES;
        String where = "{}, " + (top ? "upper" : "lower") + " corner at the {}";
        String at = edge.name().replace('-', ' ');
        String said = String.format(Locale.ROOT, "%.1f°", degrees);
        return Finding.of(
                        FindingKind.SQUARE_CENTRE,
                        piece.id() + (top ? "-upper" : "-lower"),
                        holds ? Finding.Status.OK : Finding.Status.FAULT,
                        off,
                        Tolerance.SQUARE_DEGREES,
                        Sentence.of(
                                holds
                                        ? where
                                                + (wanted == 90
                                                        ? ": square over {}, "
                                                        : ": the point that is drawn there, over {}, ")
                                                + said + "."
                                        : where + ": " + said
                                                + String.format(
                                                        Locale.ROOT,
                                                        " over {}; %.0f° ± %.0f° allowed. Blend the edge again.",
                                                        wanted,
                                                        Tolerance.SQUARE_DEGREES),
                                piece.name(),
                                at,
                                Length.mm(Tolerance.SQUARE_OVER)))
                .at(piece.id(), corner.point());
    }
}
