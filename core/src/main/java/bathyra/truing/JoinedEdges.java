package bathyra.truing;

import bathyra.geometry.Tolerance;
import bathyra.measure.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Sewn together, the upper and the lower edge run straight on over every seam. */
final class JoinedEdges implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.seams().stream().flatMap(s -> Stream.of(look(pattern, s, true), look(pattern, s, false))).toList();
    }

    private static Finding look(Pattern pattern, SeamJoin seam, boolean top) {
        Corner a = Corner.of(pattern.piece(seam.a().piece()), pattern.edge(seam.a()), top);
        Corner b = Corner.of(pattern.piece(seam.b().piece()), pattern.edge(seam.b()), top);
        double sum = a.degrees() + b.degrees();
        double off = Math.abs(sum - 180);
        boolean holds = off <= Tolerance.JOIN_DEGREES;
        String where = seam.name() + ", " + (top ? "upper" : "lower") + " edge";
        String said = String.format(Locale.ROOT, "%.1f°", sum);
        return Finding.degrees("joined-edge", seam.id() + (top ? "-upper" : "-lower"), holds ? Finding.Status.OK : Finding.Status.FAULT, off,
                Tolerance.JOIN_DEGREES, Sentence.of(holds ? where + ": the joined edge runs straight on, " + said + "; 180° ± 5°."
                        : where + ": the joined edge turns, " + said + "; 180° ± 5° allowed. Blend the edge again.")).at(a.piece().id(), a.point());
    }
}
