package bathyra.cutting;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * The cup with its wedges closed, as a body of revolution: at each distance from the apex the cloth that the sheets leave is so much of
 * a full ring, so the ring is so much narrower, and the middle rises (C8). Computed from the sheets as they are cut.
 *
 * @param rings from the apex to the rim
 */
public record FoldedCup(List<Ring> rings) {
    private static final int STEPS = 24;
    private static final int TURNS = 24;
    private static final double CHORD = 0.5;

    /**
     * One ring.
     *
     * @param away its distance from the apex over the cloth, mm
     * @param radius of the closed ring, mm
     * @param below how far it lies below the apex, mm
     * @param cloth how much of a full turn the cloth fills there, 0 to 1
     */
    public record Ring(double away, double radius, double below, double cloth) {}

    public FoldedCup {
        rings = List.copyOf(rings);
    }

    /** @param radius the bust radius, mm */
    public static FoldedCup of(PaperPattern whole, Apex apex, double radius) {
        Path inner = whole.sheet(apex.inner()).edge(apex.seam()).path();
        Path outer = whole.sheet(apex.outer()).edge(apex.seam()).path().reversed();
        double i = inner.nearest(apex.atInner()).arc();
        double o = outer.nearest(apex.atOuter()).arc();
        List<Ring> rings = new ArrayList<>(List.of(new Ring(0, 0, 0, 1)));
        for (int step = 1; step <= STEPS; step++) {
            double away = radius * step / STEPS;
            double up = Math.min(away, Math.min(i, o));
            double down = Math.min(away, Math.min(inner.length() - i, outer.length() - o));
            double wedges = apex.atInner()
                            .to(inner.at(i - up).point())
                            .angleTo(apex.atOuter().to(outer.at(o - up).point()))
                    - apex.atInner()
                            .to(inner.at(i + down).point())
                            .angleTo(apex.atOuter().to(outer.at(o + down).point()));
            double cloth = 1 - wedges / (2 * Math.PI);
            Ring last = rings.get(step - 1);
            double ring = Math.min(away * cloth, last.radius() + (away - last.away()));
            double out = ring - last.radius();
            double along = away - last.away();
            rings.add(new Ring(away, ring, last.below() + Math.sqrt(Math.max(0, along * along - out * out)), cloth));
        }
        return new FoldedCup(rings);
    }

    /** How high the middle rises above the rim, mm. */
    public double depth() {
        return rings.get(rings.size() - 1).below();
    }

    /** The distance from the apex, over the cloth, of the ring that lies at a height above the rim. @param height mm */
    public double awayAt(double height) {
        double below = depth() - height;
        for (int k = 1; k < rings.size(); k++) {
            Ring a = rings.get(k - 1);
            Ring b = rings.get(k);
            if (b.below() >= below) {
                double share = b.below() == a.below() ? 0 : (below - a.below()) / (b.below() - a.below());
                return a.away() + (b.away() - a.away()) * share;
            }
        }
        return rings.get(rings.size() - 1).away();
    }

    /**
     * A facet of the folded cup.
     *
     * @param corners four places, each across, down and out of the body, mm from the middle of the rim
     * @param inner whether it belongs to the sheet nearer centre front
     */
    public record Facet(List<double[]> corners, boolean inner) {}

    /** The facets where there is cloth: what the upper edge or a neckline cuts away is not there. */
    public List<Facet> facets(PaperPattern whole, Apex apex) {
        List<Facet> facets = new ArrayList<>();
        facets(facets, whole.sheet(apex.inner()), apex.atInner(), apex.seam(), true);
        facets(facets, whole.sheet(apex.outer()), apex.atOuter(), apex.seam(), false);
        return facets;
    }

    private void facets(List<Facet> facets, Sheet sheet, Point apex, String seam, boolean inner) {
        Predicate<Point> cloth = Shape.inside(sheet.flattened(CHORD));
        Path edge = sheet.edge(seam).path();
        Path down = inner ? edge : edge.reversed();
        double at = down.nearest(apex).arc();
        int hand = inner ? -1 : 1;
        for (int k = 1; k < rings.size(); k++) {
            for (int t = 0; t < TURNS; t++) {
                double share = (t + 0.5) / TURNS;
                double away = (rings.get(k).away() + rings.get(k - 1).away()) / 2;
                if (cloth.test(flat(down, at, apex, away, share, hand))) {
                    facets.add(new Facet(
                            List.of(
                                    folded(k - 1, t, hand),
                                    folded(k, t, hand),
                                    folded(k, t + 1, hand),
                                    folded(k - 1, t + 1, hand)),
                            inner));
                }
            }
        }
    }

    /** A place on the flat sheet: so far from the apex, and such a share of the way round from the lower to the upper edge of the seam. */
    private static Point flat(Path down, double at, Point apex, double away, double share, int hand) {
        Vec low = apex.to(down.at(at + Math.min(away, down.length() - at)).point());
        Vec high = apex.to(down.at(at - Math.min(away, at)).point());
        double round = hand > 0 ? low.angleTo(high) : high.angleTo(low);
        double whole = round < 0 ? -round : 2 * Math.PI - round;
        return apex.plus(low.unit().times(away).turned(-hand * share * whole));
    }

    private double[] folded(int ring, int turn, int hand) {
        Ring r = rings.get(ring);
        double angle = hand * Math.PI * turn / TURNS;
        return new double[] {r.radius() * Math.sin(angle), r.radius() * Math.cos(angle), depth() - r.below()};
    }
}
