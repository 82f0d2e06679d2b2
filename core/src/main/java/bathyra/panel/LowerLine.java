package bathyra.panel;

import bathyra.block.Block;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Level;

/**
 * The lower edge in the developed plane: how far below the waist it lies over the place along the half girth (C10). Centre front
 * ends in a point, in a round or straight; from the side it falls a little to centre back.
 */
record LowerLine(LowerShape shape, double front, double side, double back, double sideAt, double end) {
    /** How steeply a point runs out: 1 would be a straight line to the side. */
    private static final double POINTED = 1.6;

    /** @throws NotDraftable when the edge would lie above the waist of the garment, which may be dropped */
    static LowerLine of(Garment garment, Block block, double sideAt, double end) throws NotDraftable {
        if (garment.lowerEdge().isOnLevel()) {
            return new LowerLine(garment.lowerEdge(), 0, 0, 0, sideAt, end);
        }
        if (garment.lowerEdge() == LowerShape.FLARED) {
            double length = garment.length(LengthOption.FLARED_LENGTH).value()
                    - garment.length(LengthOption.WAIST_DROP).value();
            return new LowerLine(garment.lowerEdge(), length, length, length, sideAt, end);
        }
        double side = below(garment, LengthOption.SIDE_LENGTH_BELOW);
        boolean straight = garment.lowerEdge() == LowerShape.STRAIGHT;
        return new LowerLine(
                garment.lowerEdge(),
                straight ? side : below(garment, LengthOption.FRONT_LENGTH_BELOW),
                side,
                straight ? side : below(garment, LengthOption.BACK_LENGTH_BELOW),
                sideAt,
                end);
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

    /** How far below the waist of the garment the edge lies, mm along the panels. @param x distance from centre front on the paper */
    double below(double x) {
        if (x >= sideAt) {
            return side + (back - side) * wave((x - sideAt) / (end - sideAt));
        }
        double share = x / sideAt;
        return shape == LowerShape.POINTED
                ? side + (front - side) * Math.pow(1 - share, POINTED)
                : front + (side - front) * wave(share);
    }

    private static double wave(double share) {
        return (1 - Math.cos(Math.PI * share)) / 2;
    }

    /** The angle inside the cloth at centre front, radians: square but at a point. */
    double angleInFront() {
        return shape == LowerShape.POINTED ? Math.PI / 2 - Math.atan(POINTED * (front - side) / sideAt) : Math.PI / 2;
    }

    /** How far a level line lies below the waist of the garment in front, mm; negative above it. */
    static double belowWaist(Block block, Level level) {
        return block.front(level) - block.front(Level.WAIST);
    }
}
