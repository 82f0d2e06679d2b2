package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Between two levels the girth stays within what the two measure: the edges neither bulge nor pinch there (C7.2). */
final class WidthsBetween implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        Optional<GirthRun> girths = pattern.pieces().stream().allMatch(WidthsBetween::hasTwoSides)
                ? GirthRun.of(pattern)
                : Optional.empty();
        if (girths.isEmpty()) {
            return List.of();
        }
        List<Finding> findings = new ArrayList<>();
        List<double[]> run = girths.get().between();
        for (int i = 0; i < run.size(); i++) {
            findings.add(look(
                    pattern.levels().get(i).id(), pattern.levels().get(i + 1).id(), run.get(i)));
        }
        return findings;
    }

    private static boolean hasTwoSides(Piece piece) {
        return piece.outline().size() == 4;
    }

    private static Finding look(String above, String below, double[] sums) {
        double low = Math.min(sums[0], sums[GirthRun.STEPS]) * (1 - Tolerance.BETWEEN);
        double high = Math.max(sums[0], sums[GirthRun.STEPS]) * (1 + Tolerance.BETWEEN);
        double worst = sums[0];
        double off = 0;
        for (double sum : sums) {
            double out = Math.max(low - sum, sum - high);
            if (out > off) {
                off = out;
                worst = sum;
            }
        }
        String from = Level.nameOf(above).toLowerCase(Locale.ROOT);
        String to = Level.nameOf(below).toLowerCase(Locale.ROOT);
        return Finding.of(
                FindingKind.WIDTH_BETWEEN,
                above,
                off == 0 ? Finding.Status.OK : Finding.Status.NOTE,
                off,
                0,
                off == 0
                        ? Sentence.of(
                                "Between {} and {}: the half girth runs from {} to {} without bulging.",
                                from,
                                to,
                                Length.mm(sums[0]),
                                Length.mm(sums[GirthRun.STEPS]))
                        : Sentence.of(
                                "Between {} and {}: the half girth reaches {}, {} beyond what the two levels allow. Bring their intakes closer together.",
                                from,
                                to,
                                Length.mm(worst),
                                Length.mm(off)));
    }
}
