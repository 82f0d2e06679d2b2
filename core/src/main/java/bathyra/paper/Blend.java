package bathyra.paper;

import bathyra.geometry.Cubic;
import bathyra.geometry.FairSpline;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import java.util.List;
import java.util.Optional;

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
        return across(before, after, reach, 0.5);
    }

    /** @param most the share of a stretch that may be redrawn at the most */
    public static Blended across(Path before, Path after, double reach, double most) {
        double back = Math.min(reach, before.length() * most);
        double on = Math.min(reach, after.length() * most);
        Path.Place a = before.at(before.length() - back);
        Path.Place b = after.at(on);
        double pace = a.point().distance(b.point());
        Vec away = a.tangent().times(pace);
        Cubic curve = Cubic.hermite(a.point(), away, b.point(), b.tangent().times(pace));
        double share = back / (back + on);
        Path first = before.between(0, before.length() - back);
        Path second = after.between(on, after.length());
        return new Blended(
                first.then(Path.of(curve.part(0, share))),
                Path.of(curve.part(share, 1)).then(second));
    }

    /** The same where the joint has to stay in its place: one smooth curve on either side that meets in it. */
    public static Blended through(Path before, Path after, double reach) {
        double back = Math.min(reach, before.length() / 2);
        double on = Math.min(reach, after.length() / 2);
        Path.Place a = before.at(before.length() - back);
        Path.Place b = after.at(on);
        Path curve = FairSpline.through(
                List.of(a.point(), before.end(), b.point()), Optional.of(a.tangent()), Optional.of(b.tangent()));
        return new Blended(
                before.between(0, before.length() - back)
                        .then(Path.of(curve.segments().get(0))),
                Path.of(curve.segments().get(1)).then(after.between(on, after.length())));
    }
}
