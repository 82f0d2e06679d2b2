package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Every edge that is to be sewn has an edge to which it is sewn. */
final class Partners implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        Set<SeamJoin.Ref> joined = new HashSet<>();
        pattern.seams().forEach(s -> {
            joined.add(s.a());
            joined.add(s.b());
        });
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            for (OutlineEdge edge : piece.outline()) {
                if (edge.kind() == OutlineEdge.Kind.SEAM) {
                    findings.add(look(piece, edge, joined.contains(new SeamJoin.Ref(piece.id(), edge.name()))));
                }
            }
        }
        return findings;
    }

    private static Finding look(Piece piece, OutlineEdge edge, boolean joined) {
        Finding finding = new Finding(
                FindingKind.PARTNER,
                piece.id() + "." + edge.name(),
                joined ? Finding.Status.OK : Finding.Status.FAULT,
                joined ? 0 : 1,
                0,
                Sentence.of(
                        joined
                                ? "{}: the edge {} has its partner."
                                : "{}: the edge {} is to be sewn, and no edge is named that it is sewn to. Name its partner under seams, or call it an edge.",
                        piece.name(),
                        edge.name()),
                Optional.empty());
        return joined
                ? finding
                : finding.at(
                        piece.id(), edge.path().at(edge.path().length() / 2).point());
    }
}
