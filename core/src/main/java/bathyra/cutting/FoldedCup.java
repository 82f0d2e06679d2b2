package bathyra.cutting;

import bathyra.geometry.Path;
import bathyra.paper.PaperPattern;
import java.util.ArrayList;
import java.util.List;

/**
 * The cup with its wedges closed, as a body of revolution: at each distance from the apex the cloth that the sheets leave is so much of
 * a full ring, so the ring is so much narrower, and the middle rises (C8). Computed from the sheets as they are cut.
 *
 * @param rings from the apex to the rim
 */
public record FoldedCup(List<Ring> rings) {
    private static final int STEPS = 24;

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
}
