package bathyra.panel;

import bathyra.block.Block;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.girth.GirthPlan;
import bathyra.intake.SeamAxes;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;

/**
 * Where the two edges of every seam run at the lines between the levels: beside the straight way from level to level by their part of
 * what is given there (C5.1).
 *
 * @param lines from the top
 * @param asides for each seam from centre front and each line, how far the edge nearer centre front and the one nearer centre back stand towards centre back, mm
 */
record BetweenTable(List<Between> lines, List<List<double[]>> asides) {
    static BetweenTable of(Garment garment, Block block, GirthPlan girths, Widths widths, SeamAxes axes)
            throws NotDraftable {
        List<Between> lines = Between.of(garment, block, girths);
        List<SeamPlace> seams = axes.axes().stream().map(SeamAxes.Axis::seam).toList();
        double[] places = axes.axes().stream()
                .mapToDouble(a -> a.at() / axes.axes().get(seams.size() - 1).at())
                .toArray();
        List<List<double[]>> asides = new ArrayList<>();
        seams.forEach(s -> asides.add(new ArrayList<>()));
        for (Between line : lines) {
            double[][] parts = line.shared(garment, girths, seams, places);
            for (int i = 0; i < parts.length; i++) {
                double front = parts[i][0];
                double back = parts[i][1];
                double before = seams.get(i).equals(SeamPlace.SIDE)
                        ? front
                        : (front + back) * widths.shareBefore(seams.get(i), line.before());
                asides.get(i).add(new double[] {before, before - front - back});
            }
        }
        return new BetweenTable(lines, asides);
    }

    /** The lines that go round, as they lie on the finished panels. */
    List<Laid> laid(List<Panel> panels) {
        List<Laid> laid = new ArrayList<>();
        for (Between line :
                lines.stream().filter(b -> b.asked().seam().isEmpty()).toList()) {
            List<Double> shares = new ArrayList<>();
            shares.add(panels.get(0).left().shareAlong(line, List.of()));
            for (int i = 0; i < panels.size(); i++) {
                shares.add(panels.get(i).right().shareAlong(line, before(i)));
            }
            laid.add(new Laid(line, shares));
        }
        return laid;
    }

    /** What the edge nearer centre front of a seam runs through. */
    List<Course.Guide> before(int seam) {
        return guides(seam, 0);
    }

    /** What the edge nearer centre back of a seam runs through. */
    List<Course.Guide> behind(int seam) {
        return guides(seam, 1);
    }

    private List<Course.Guide> guides(int seam, int edge) {
        List<Course.Guide> guides = new ArrayList<>();
        for (int k = 0; k < lines.size(); k++) {
            Between line = lines.get(k);
            double aside = asides.get(seam).get(k)[edge];
            boolean alone = line.asked().seam().isPresent();
            if (!alone || aside != 0) {
                guides.add(new Course.Guide(line.after(), line.share(), aside, alone));
            }
        }
        return guides;
    }
}
