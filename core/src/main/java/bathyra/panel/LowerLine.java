package bathyra.panel;

import bathyra.block.Block;
import bathyra.edge.EdgeLine;
import bathyra.edge.EdgeLine.Knot;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Level;
import java.util.List;

/**
 * The lower edge over the closed half (C10.1): how far above the waist it lies (below it: negative), along the panels, over the place
 * along the half girth. Centre front ends in a point, in a round or straight; from the side it falls a little to centre back.
 */
record LowerLine(LowerShape shape, EdgeLine line) {
    /** A skirt hangs from the hips at least so far, mm. */
    private static final double HANGS_LEAST = 40;

    /** @throws NotDraftable when the edge would lie above the waist of the garment, which may be dropped */
    static LowerLine of(Garment garment, double sideAt, double end) throws NotDraftable {
        LowerLine designed = designed(garment, sideAt, end);
        return new LowerLine(designed.shape, designed.line.moved(MovedEdge.of(garment, false, end)));
    }

    private static LowerLine designed(Garment garment, double sideAt, double end) throws NotDraftable {
        LowerShape shape = garment.lowerEdge();
        if (shape.isOnLevel()) {
            return new LowerLine(shape, level(0, end));
        }
        if (shape.isHem()) {
            LengthOption option = shape.hangs() ? LengthOption.SKIRT_LENGTH : LengthOption.FLARED_LENGTH;
            double length = garment.length(option).value()
                    - garment.length(LengthOption.WAIST_DROP).value();
            return new LowerLine(shape, level(length, end));
        }
        double side = below(garment, LengthOption.SIDE_LENGTH_BELOW);
        if (shape == LowerShape.STRAIGHT) {
            return new LowerLine(shape, level(side, end));
        }
        Knot atSide = new Knot(sideAt, -side, 0);
        double front = below(garment, LengthOption.FRONT_LENGTH_BELOW);
        return new LowerLine(
                shape,
                new EdgeLine(List.of(
                        shape == LowerShape.POINTED ? EdgeLine.running(0, -front, atSide) : new Knot(0, -front, 0),
                        atSide,
                        new Knot(end, -below(garment, LengthOption.BACK_LENGTH_BELOW), 0))));
    }

    private static EdgeLine level(double below, double end) {
        return new EdgeLine(List.of(new Knot(0, -below, 0), new Knot(end, -below, 0)));
    }

    /** How far the edge lies below the waist of the garment, mm; its length is set from the waist of the body. */
    private static double below(Garment garment, LengthOption option) throws NotDraftable {
        double length = garment.length(option).value();
        double drop = garment.length(LengthOption.WAIST_DROP).value();
        double least = option.least().millimetres();
        if (drop > 0 && length - drop < least) {
            throw new NotDraftable(Finding.of(
                    FindingKind.LOWER_EDGE,
                    option.id(),
                    Finding.Status.FAULT,
                    length,
                    drop + least,
                    Sentence.of(
                            "“{}” is {}, and the waist is dropped by {}: the edge must lie {} below it. Set {} or more, or drop the waist less.",
                            option.label(),
                            Length.mm(length),
                            Length.mm(drop),
                            Length.mm(least),
                            Length.mm(drop + least))));
        }
        return length - drop;
    }

    boolean isOnLevel() {
        return shape.isOnLevel();
    }

    /** Whether it is a curve of its own, and follows neither a level line nor the hem that the seams end on. */
    boolean isDesigned() {
        return !shape.isOnLevel() && !shape.isHem();
    }

    /** Whether it follows a level line from end to end. */
    boolean isWholeLevel() {
        return shape.isOnLevel() && line.dents().isEmpty();
    }

    /** The most that a fitting raised it at a place, mm. */
    private double raised() {
        return line.dents().stream()
                .mapToDouble(d -> Math.max(0, line.moved(d.along())))
                .max()
                .orElse(0);
    }

    /** How far along a seam from the waist it lies. @param level how far its level lies there, for an edge that follows one */
    double below(double along, double level) {
        return shape.isOnLevel() ? level - line.moved(along) : -line.height(along);
    }

    /** Whether it lies above the level that it follows somewhere, so that this is cut off. */
    boolean isRaised() {
        return raised() > 0;
    }

    /** The least that it lies below the waist, mm. */
    double least() {
        return line.knots().stream().mapToDouble(k -> -k.height()).min().orElseThrow() - raised();
    }

    /** @throws NotDraftable when a skirt would end above the hips that it hangs from */
    void requireBelowHip(Block block) throws NotDraftable {
        if (!shape.hangs()) {
            return;
        }
        double hip = belowWaist(block, Level.HIP);
        if (least() < hip + HANGS_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.LOWER_EDGE,
                    LengthOption.SKIRT_LENGTH.id(),
                    Finding.Status.FAULT,
                    least(),
                    hip + HANGS_LEAST,
                    Sentence.of(
                            "The skirt ends {} below the waist, and the hips are {} below it: it must end {} below them. Make it longer by {}, or end at the hip.",
                            Length.mm(least()),
                            Length.mm(hip),
                            Length.mm(HANGS_LEAST),
                            Length.mm(hip + HANGS_LEAST - least()))));
        }
    }

    /** The angle inside the cloth at centre front, radians: square but at a point. */
    double angleInFront() {
        return Math.PI / 2 - Math.atan(line.slope(0));
    }

    /** How far a level line lies below the waist of the garment in front, mm; negative above it. */
    static double belowWaist(Block block, Level level) {
        return block.front(level) - block.front(Level.WAIST);
    }
}
