package bathyra.cutting;

import bathyra.block.Block;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.PrincessStart;
import bathyra.garment.UpperShape;
import bathyra.geometry.Motion;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.panel.PanelSet;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;

/**
 * Carries the panels up to the shoulder (C7.4, C7.5, C10): the edge is drawn on the joined pattern, the seam is carried up until it
 * meets it, and what lies beyond the seam is traced off onto the panel there. Closing the side dart has opened the seam, so nothing of
 * shoulder or armhole is lost.
 */
final class Shoulders {
    static final String ARMHOLE = TopLine.ARMHOLE;
    /** So far a corner of the neckline stays from the upper end of the seam, mm. */
    private static final double CORNER_CLEAR = 16;

    private static final double RIGHT_ANGLE = Math.PI / 2;

    private final Garment garment;
    private final PaperPattern pattern;
    private final Block block;
    private final PanelSet set;
    private final BodyTop front;
    private final BodyTop back;
    private final UpperEnd taken;

    private Shoulders(
            PaperPattern pattern,
            PanelSet set,
            Block block,
            Cutting.Reaching reaching,
            Garment garment,
            UpperEnd taken) {
        this.taken = taken;
        this.pattern = pattern;
        this.set = set;
        this.block = block;
        this.garment = garment;
        BodyTop drawnFront = BodyTop.front(reaching.drawing());
        Sheet centreBack = pattern.sheets().get(pattern.sheets().size() - 1);
        BodyTop drawnBack = BodyTop.back(
                        reaching.drawing(),
                        centreBack
                                .edge(SeamPlace.CENTRE_BACK.id())
                                .path()
                                .start()
                                .x(),
                        block.sideDart().value())
                .withShoulder(drawnFront.shoulder());
        // Off the shoulder the edge ends where the tape along it ends.
        boolean off = garment.top().cover() == Cover.OFF_SHOULDER;
        this.front = off ? withTip(drawnFront, reaching.topEdge() / 2) : drawnFront;
        this.back = off ? withTip(drawnBack, reaching.topEdge() / 2) : drawnBack;
    }

    private static BodyTop withTip(BodyTop body, double across) {
        return new BodyTop(
                body.hand(),
                body.centre(),
                body.neck(),
                new Point(body.centre() + body.hand() * across, body.tip().y()),
                body.hollow());
    }

    /** The shoulders are not sewn yet: cups and yokes may still be cut through them. @throws NotDraftable when an edge cannot be drawn on this body */
    static PaperPattern on(
            PaperPattern pattern, PanelSet set, Block block, Cutting.Reaching reaching, Garment garment, UpperEnd taken)
            throws NotDraftable {
        return new Shoulders(pattern, set, block, reaching, garment, taken).carriedUp();
    }

    private PaperPattern carriedUp() throws NotDraftable {
        List<Sheet> sheets = pattern.sheets();
        int last = sheets.size() - 1;
        boolean halter = garment.top().cover() == Cover.HALTER;
        double corner = halter ? Math.PI - cornerAtSide(sheets.get(2)) : RIGHT_ANGLE;
        double turn = Math.asin(
                Math.min(1, block.sideDart().value() / set.panels().get(1).width(Level.BUST)));
        Point apex = set.panels().get(0).right().nodes().get(Level.BUST);
        Vec moved = apex.to(set.panels().get(1).left().nodes().get(Level.BUST));
        Motion opened = Motion.about(apex, turn).then(new Motion(1, 0, moved));
        CarriedSeam.Carried inFront = front(sheets.get(0), sheets.get(1), opened, corner);
        List<Sheet> next = new ArrayList<>(List.of(inFront.centre(), inFront.side()));
        if (halter) {
            next.addAll(sheets.subList(2, last + 1));
        } else {
            Sheet side = sheets.get(last - 1);
            Sheet centre = sheets.get(last);
            Point sideUpper = set.panels().get(last - 1).right().nodes().get(Level.UPPER);
            Point centreUpper = set.panels().get(last).left().nodes().get(Level.UPPER);
            Motion beside = new Motion(1, 0, centreUpper.to(sideUpper));
            CarriedSeam.Carried behind = new CarriedSeam(
                            back,
                            centre,
                            side,
                            SeamPlace.PRINCESS_BACK.id(),
                            SeamPlace.SIDE.id(),
                            start(),
                            beside,
                            UpperEnd.NOTHING,
                            (e, d) -> TopLine.back(
                                    back,
                                    garment,
                                    block.sideDart().value(),
                                    inFront.line().neckAngle(),
                                    CarriedSeam.down(centre.edge(SeamPlace.CENTRE_BACK.id())
                                            .path()),
                                    e,
                                    d,
                                    RIGHT_ANGLE))
                    .up();
            next.add(behind.side());
            next.add(behind.centre());
        }
        return new PaperPattern(next, pattern.seams());
    }

    private double apexOut() {
        return set.panels().get(0).right().nodes().get(Level.BUST).x();
    }

    /** The front; the corner of a square neckline that the cutter has not set keeps clear of the seam. */
    private CarriedSeam.Carried front(Sheet centre, Sheet side, Motion opened, double corner) throws NotDraftable {
        CarriedSeam.Carried first = null;
        for (double share : TopLine.CORNER_SHARES) {
            CarriedSeam.Carried carried = new CarriedSeam(
                            front,
                            centre,
                            side,
                            SeamPlace.PRINCESS_FRONT.id(),
                            SeamPlace.SIDE.id(),
                            start(),
                            opened,
                            taken,
                            (e, d) -> TopLine.front(front, garment, e, d, corner, share, apexOut()))
                    .up();
            Point top =
                    carried.centre().edge(SeamPlace.PRINCESS_FRONT.id()).path().start();
            if (garment.upperEdge() != UpperShape.SQUARE
                    || carried.line().declared().stream().allMatch(c -> c.at().distance(top) > CORNER_CLEAR)) {
                return carried;
            }
            first = first == null ? carried : first;
        }
        return first;
    }

    /** The angle inside the cloth where the strapless back meets the side. */
    private static double cornerAtSide(Sheet back) {
        return Math.abs(back.edge(PanelSheets.UPPER)
                .path()
                .startTangent()
                .angleTo(back.edge(SeamPlace.SIDE.id()).path().endTangent().reversed()));
    }

    private PrincessStart start() {
        return switch (garment.top().cover()) {
            case HALTER -> PrincessStart.ARMHOLE;
            case OFF_SHOULDER -> PrincessStart.SHOULDER;
            default -> garment.block().princess();
        };
    }
}
