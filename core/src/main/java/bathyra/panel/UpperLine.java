package bathyra.panel;

import bathyra.block.Block;
import bathyra.edge.EdgeLine;
import bathyra.edge.EdgeLine.Knot;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.UpperShape;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;

/**
 * The upper edge over the closed half (C10.1): how high above the bust line it lies, over the place along the half girth at the upper
 * line. From centre front it rises to the crest over the apex, and from there it only falls: to the underarm and on to centre back.
 *
 * @param line its height above the bust line
 * @param corner where a square edge turns up, mm from centre front
 * @param cut how deep centre front is cut away
 * @param cutBehind how deep centre back is
 */
record UpperLine(EdgeLine line, UpperShape shape, double corner, double cut, double cutBehind) {
    private static final double CLEAR = 38;
    private static final double LEAST_SHARE = 0.4;
    /** A scoop stays low for so much of its way, and has risen so much of its height there. */
    private static final double SCOOP_LOW = 0.6;

    private static final double SCOOP_RISEN = 0.32;
    /** There it rises as much faster than on the way there. */
    private static final double SCOOP_BENDS = 2;

    /**
     * @param apex along the half girth, mm
     * @param side the same
     * @param end the same
     * @param seam where the first seam stands on the paper, mm from centre front
     * @throws NotDraftable when a fitting moved an edge that is drawn by other lines
     */
    static UpperLine of(Garment garment, Block block, double apex, double side, double end, double seam)
            throws NotDraftable {
        boolean strapless = garment.top().cover() == Cover.STRAPLESS;
        UpperShape shape = strapless ? garment.upperEdge() : UpperShape.STRAIGHT;
        double bust = block.front(Level.BUST);
        double bustAtSide = block.side(Level.BUST);
        double centre = bust - block.centreFrontTop().value();
        double crest = bust - block.crest().value();
        double underarm = bustAtSide - block.side(Level.UPPER);
        double back = bustAtSide - block.centreBackTop().value();
        double corner = corner(garment, seam);
        Knot top = new Knot(apex, crest, 0);
        List<Knot> knots = new ArrayList<>(inFront(shape, centre, top, corner));
        knots.addAll(EdgeLine.levelAtBothEnds(top, side, underarm, new Knot(end, back, 0)));
        return new UpperLine(
                new EdgeLine(knots).moved(MovedEdge.of(garment, true, end)),
                shape,
                corner,
                isOpen(shape) ? block.centreFrontTop().value() : neckline(garment),
                garment.top().cover() == Cover.SHOULDERS
                        ? garment.length(LengthOption.BACK_NECKLINE).value()
                                + block.sideDart().value()
                        : 0);
    }

    /** From centre front to the crest, which is not among them. */
    private static List<Knot> inFront(UpperShape shape, double centre, Knot crest, double corner) {
        Knot level = new Knot(0, centre, 0);
        return switch (shape) {
            case V, PLUNGE -> List.of(EdgeLine.running(0, centre, crest));
            case SCOOP -> {
                double along = SCOOP_LOW * crest.along();
                double risen = SCOOP_RISEN * (crest.height() - centre);
                yield List.of(level, new Knot(along, centre + risen, SCOOP_BENDS * risen / along));
            }
            // Its upright is drawn on the panel: up to there it is level, from there on it lies at the crest.
            case SQUARE -> List.of(level, new Knot(corner, centre, 0), new Knot(corner + 1e-3, crest.height(), 0));
            default -> List.of(level);
        };
    }

    private static double neckline(Garment garment) {
        return garment.top().cover().hasShoulder()
                ? garment.length(LengthOption.NECKLINE_DEPTH).value()
                : 0;
    }

    /** Unless the cutter sets it, the corner keeps clear of the first seam: the edge needs the room to come round there. */
    private static double corner(Garment garment, double seam) {
        double asked = garment.length(LengthOption.EDGE_WIDTH).value();
        boolean own = garment.lengths().containsKey(LengthOption.EDGE_WIDTH);
        return own ? asked : Math.min(asked, Math.max(seam - CLEAR, seam * LEAST_SHARE));
    }

    /** Whether the edge may lie below the upper line in front. */
    private static boolean isOpen(UpperShape shape) {
        return shape != UpperShape.STRAIGHT && shape != UpperShape.SWEETHEART;
    }

    /** Whether a level line runs off the edge at centre front or centre back. */
    boolean cutsOff(Block block, Level level) {
        return block.front(level) < cut + 1 || block.side(level) < cutBehind + 1;
    }
}
