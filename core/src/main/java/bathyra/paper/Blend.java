package bathyra.paper;

import bathyra.geometry.Cubic;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;

/** Blend: where two stretches of an edge meet at an angle or a hair apart, one smooth curve is drawn through. */
public final class Blend {
    private Blend() {}

    /**
     * The two stretches after blending; they meet in one point, in one direction.
     *
     * @param before ends where {@code after} begins
     */
    public record Blended(Path before, Path after) {
        /** Where they meet. */
        public Point joint() {
            return before.end();
        }

        public Path whole() {
            return before.then(after);
        }
    }

    /** @param reach how far to either side of the joint the curve reaches, mm; no farther than half of a stretch */
    public static Blended across(Path before, Path after, double reach) {
        double back = Math.min(reach, before.length() / 2);
        double on = Math.min(reach, after.length() / 2);
        Path.Place a = before.at(before.length() - back);
        Path.Place b = after.at(on);
        double pace = a.point().distance(b.point());
        Vec away = a.tangent().times(pace);
        Cubic curve = Cubic.hermite(a.point(), away, b.point(), b.tangent().times(pace));
        double share = back / (back + on);
        Path first = before.between(0, before.length() - back);
        Path second = after.between(on, after.length());
        return new Blended(first.then(Path.of(curve.part(0, share))), Path.of(curve.part(share, 1)).then(second));
    }
}
