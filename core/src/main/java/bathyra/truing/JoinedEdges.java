package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/** Sewn together, every edge runs straight on over the seams that end in it. */
final class JoinedEdges implements Check {
    private static final double SAME = 0.01;
    /** Where one piece runs on unbroken, a seam ends against it: there are three pieces, and the two others are looked at. */
    private static final double UNBROKEN = 165;
    /** Farther from straight than this there is no corner to blend, degrees. */
    private static final double DOUBLES_BACK = 90;

    @Override
    public List<Finding> look(Pattern pattern) {
        List<Finding> findings = new ArrayList<>();
        for (SeamJoin seam : pattern.seams()) {
            OutlineEdge edge = pattern.edge(seam.a());
            boolean endIsTop = edge.path().end().y() < edge.path().start().y();
            look(pattern, seam, endIsTop, true, findings);
            look(pattern, seam, !endIsTop, false, findings);
        }
        return findings;
    }

    /** @param atEnd whether the end of the first edge is looked at, along its outline; the edge sewn to it runs the other way */
    private static void look(Pattern pattern, SeamJoin seam, boolean atEnd, boolean top, List<Finding> findings) {
        Corner a = Corner.at(pattern.piece(seam.a().piece()), pattern.edge(seam.a()), atEnd);
        Corner b = Corner.at(
                pattern.piece(seam.b().piece()),
                pattern.edge(seam.b()),
                seam.a().equals(seam.b()) == atEnd);
        // Seams of the front and of the back may meet at an angle in the shoulder: what must run straight there is the
        // shoulder.
        boolean crossing =
                isInner(a) && isInner(b) && a.piece().front() != b.piece().front();
        // The legs of a dart meet inside the piece: no edge runs over its end.
        boolean inside = !seam.a().equals(seam.b())
                && seam.a().piece().equals(seam.b().piece())
                && a.point().distance(b.point()) < SAME;
        if (isUnbroken(a) || isUnbroken(b) || crossing || inside) {
            return;
        }
        double sum = a.degrees() + b.degrees();
        double wanted = declared(a).isPresent() && declared(b).isPresent()
                ? declared(a).getAsDouble() + declared(b).getAsDouble()
                : 180;
        double off = Math.abs(sum - wanted);
        boolean holds = off <= Tolerance.JOIN_DEGREES;
        String where = "{}, " + (top ? "upper" : "lower") + " edge";
        String said = String.format(Locale.ROOT, "%.1f°", sum);
        String asked = String.format(Locale.ROOT, "%.0f° ± %.0f°", wanted, Tolerance.JOIN_DEGREES);
        findings.add(Finding.of(
                        FindingKind.JOINED_EDGE,
                        seam.id() + (top ? "-upper" : "-lower"),
                        holds ? Finding.Status.OK : Finding.Status.FAULT,
                        off,
                        Tolerance.JOIN_DEGREES,
                        Sentence.of(
                                holds
                                        ? where + ": the joined edge runs straight on, " + said + "; " + asked + "."
                                        : off > DOUBLES_BACK
                                                ? where
                                                        + ": the two edges do not come together in one line, they turn back on themselves. Too much is taken out at the seam there, or too little."
                                                : where + ": the joined edge turns, " + said + "; " + asked
                                                        + " allowed. Blend the edge again.",
                                seam.name()))
                .at(a.piece().id(), a.point()));
    }

    private static boolean isUnbroken(Corner corner) {
        return isInner(corner) && corner.degrees() > UNBROKEN;
    }

    private static boolean isInner(Corner corner) {
        return corner.before().kind() == OutlineEdge.Kind.SEAM && corner.after().kind() == OutlineEdge.Kind.SEAM;
    }

    private static OptionalDouble declared(Corner corner) {
        return corner.piece().declared().stream()
                .filter(d -> d.at().distance(corner.point()) < SAME)
                .mapToDouble(Piece.Corner::degrees)
                .findFirst();
    }
}
