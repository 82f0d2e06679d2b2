package bathyra.cutting;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * A sleeve set into the armhole (C10): its cap is in front as long as the front half of the armhole and behind as the back half, both halves
 * equally high, and as wide at the underarm as the arm asks; from there it tapers to a level hem.
 */
final class SetInSleeve {
    private static final int TRIALS = 100;
    /** Heights and widths are met as nearly as this, mm. */
    private static final double NEAR = 1e-9;

    private static final double LOWEST = 8;
    /** A cap is no higher than so much of the shorter half of the armhole: steeper, it could not be sewn. */
    private static final double HIGHEST = 0.93;

    private static final double USUAL_LENGTH = 120;

    private SetInSleeve() {}

    /** @param arm round the upper arm, mm @throws NotDraftable when no such sleeve goes into these armholes */
    static PaperPattern sewn(PaperPattern pattern, double arm, Garment garment) throws NotDraftable {
        List<Sheet> front = Sleeves.armholes(pattern, true);
        List<Sheet> back = Sleeves.armholes(pattern, false);
        double inFront = Sleeves.length(front);
        double behind = Sleeves.length(back);
        double wide = arm + garment.length(LengthOption.SLEEVE_EASE).value();
        double highest = HIGHEST * Math.min(inFront, behind);
        double slant = garment.length(LengthOption.SLEEVE_TAPER).value() / 2 / depth(garment);
        DoubleUnaryOperator width = high -> half(inFront, high, slant) + half(behind, high, slant);
        if (width.applyAsDouble(LOWEST) < wide || width.applyAsDouble(highest) > wide) {
            boolean tight = width.applyAsDouble(LOWEST) < wide;
            throw new NotDraftable(Finding.of(
                    FindingKind.SLEEVE,
                    MeasurementKey.UPPER_ARM.key(),
                    Finding.Status.FAULT,
                    inFront + behind,
                    wide,
                    Sentence.of(
                            tight
                                    ? "Sleeve: an armhole of {} is too short for a sleeve of {}. Lower the underarm, ease the sleeve less, or take {} again."
                                    : "Sleeve: an armhole of {} is too long for a sleeve of {}. Ease the sleeve more, raise the underarm, or take {} again.",
                            Length.mm(inFront + behind),
                            Length.mm(wide),
                            MeasurementKey.UPPER_ARM)));
        }
        double high = where(h -> width.applyAsDouble(h) - wide, LOWEST, highest);
        Path left = cap(-half(inFront, high, slant), high, slant);
        Path right = cap(half(behind, high, slant), high, slant);
        return Sleeves.joined(pattern, front, back, outline(left, right, front, back, garment), garment);
    }

    private static double depth(Garment garment) {
        return garment.lengths().containsKey(LengthOption.SLEEVE_DEPTH)
                ? garment.length(LengthOption.SLEEVE_DEPTH).value()
                : USUAL_LENGTH;
    }

    private static List<OutlineEdge> outline(
            Path left, Path right, List<Sheet> front, List<Sheet> back, Garment garment) {
        double depth = depth(garment);
        double in = garment.length(LengthOption.SLEEVE_TAPER).value() / 2;
        Point lowLeft = left.end().plus(new Vec(in, depth));
        Point lowRight = right.end().plus(new Vec(-in, depth));
        Path underRight = Path.of(new Line(right.end(), lowRight));
        Path underLeft = Path.of(new Line(lowLeft, left.end()));
        // Square to both seams, so that closed it hangs level.
        double pace = lowLeft.distance(lowRight);
        Path hem = Path.of(Cubic.hermite(
                lowRight,
                underRight.endTangent().turned(Math.PI / 2).times(pace),
                lowLeft,
                underLeft.startTangent().turned(-Math.PI / 2).times(pace)));
        List<OutlineEdge> outline = new ArrayList<>(Sleeves.caps(EdgeRole.CAP_BACK.id(), right, back, false));
        outline.add(Sleeves.seam(EdgeRole.UNDERARM_BACK.id(), underRight));
        outline.add(new OutlineEdge(EdgeRole.HEM.id(), OutlineEdge.Kind.EDGE, Optional.empty(), hem));
        outline.add(Sleeves.seam(EdgeRole.UNDERARM_FRONT.id(), underLeft));
        outline.addAll(Sleeves.caps(EdgeRole.CAP_FRONT.id(), left, front, true));
        return outline;
    }

    /** How wide half a cap of a height is whose curve is so long, mm. */
    private static double half(double length, double high, double slant) {
        return where(w -> cap(w, high, slant).length() - length, 0, length);
    }

    /** Half a cap, from the shoulder down: level there, and at the underarm square to a seam that tapers. @param wide to the left negative @param slant by how much the seam runs in for each millimetre that it runs down */
    private static Path cap(double wide, double high, double slant) {
        Point to = new Point(wide, high);
        double pace = Math.hypot(wide, high);
        double out = Math.signum(wide == 0 ? 1 : wide);
        Vec arriving = new Vec(out, slant).unit();
        return Path.of(Cubic.hermite(new Point(0, 0), new Vec(out * pace, 0), to, arriving.times(pace)));
    }

    /** Where what is missing at the one end and over at the other is neither; the first end where it is over, or missing, at both. */
    private static double where(DoubleUnaryOperator missing, double from, double to) {
        return missing.applyAsDouble(from) * missing.applyAsDouble(to) > 0
                ? from
                : new BrentSolver(NEAR).solve(TRIALS, missing::applyAsDouble, from, to);
    }
}
