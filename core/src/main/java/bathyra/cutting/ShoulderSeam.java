package bathyra.cutting;

import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.SeamJoin;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** Sews the shoulders: wherever a seam ends in one of the two edges, the other is divided there, so that edge meets edge. */
final class ShoulderSeam {
    private static final double SAME = 0.3;

    private ShoulderSeam() {}

    /** A stretch of the shoulder on one sheet. */
    private record Stretch(String sheet, String edge, double length) {}

    static PaperPattern joined(PaperPattern pattern) {
        List<Double> front = ends(stretches(pattern, true));
        List<Double> back = ends(stretches(pattern, false));
        PaperPattern divided = divided(divided(pattern, true, back), false, front);
        List<Stretch> a = stretches(divided, true);
        List<Stretch> b = stretches(divided, false);
        List<SeamJoin> seams = new ArrayList<>();
        for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
            seams.add(new SeamJoin(
                    "SH" + (i + 1),
                    "Shoulder",
                    new SeamJoin.Ref(a.get(i).sheet(), a.get(i).edge()),
                    new SeamJoin.Ref(b.get(i).sheet(), b.get(i).edge())));
        }
        return divided.joining(seams.toArray(SeamJoin[]::new));
    }

    /** The sheets of front or back from the centre to the side; cups and yokes lie before the panel that has the side seam. */
    static List<Sheet> outwards(PaperPattern pattern, boolean front) {
        List<Sheet> sheets = new ArrayList<>(
                pattern.sheets().stream().filter(s -> s.front() == front).toList());
        if (!front) {
            Collections.reverse(sheets);
        }
        sheets.sort(Comparator.comparing(s -> s.has(SeamPlace.SIDE.id())));
        return sheets;
    }

    /** From the neck outwards: in front along the outlines of the sheets from centre front, behind against those from centre back. */
    private static List<Stretch> stretches(PaperPattern pattern, boolean front) {
        List<Sheet> sheets = ShoulderSeam.outwards(pattern, front);
        List<Stretch> stretches = new ArrayList<>();
        for (Sheet sheet : sheets) {
            List<OutlineEdge> edges = new ArrayList<>(sheet.outline().stream()
                    .filter(e -> e.role() == EdgeRole.SHOULDER)
                    .toList());
            if (!front) {
                Collections.reverse(edges);
            }
            edges.forEach(e ->
                    stretches.add(new Stretch(sheet.id(), e.name(), e.path().length())));
        }
        return stretches;
    }

    /** Where the stretches end, from the neck, without the last. */
    private static List<Double> ends(List<Stretch> stretches) {
        List<Double> ends = new ArrayList<>();
        double run = 0;
        for (int i = 0; i + 1 < stretches.size(); i++) {
            run += stretches.get(i).length();
            ends.add(run);
        }
        return ends;
    }

    private static PaperPattern divided(PaperPattern pattern, boolean front, List<Double> ends) {
        PaperPattern next = pattern;
        for (double end : ends) {
            double run = 0;
            for (Stretch stretch : stretches(next, front)) {
                double at = end - run;
                if (at > SAME && at < stretch.length() - SAME) {
                    // Behind, the outline runs from the tip to the neck.
                    double arc = front ? at : stretch.length() - at;
                    next = next.with(stretch.sheet(), s -> s.divided(stretch.edge(), arc, stretch.edge() + "-2"));
                }
                run += stretch.length();
            }
        }
        return next;
    }
}
