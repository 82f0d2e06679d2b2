package bathyra.cutting;

import bathyra.block.BlockDrawing;
import bathyra.block.BlockEdge;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import java.util.List;

/**
 * What a block says of one half above the upper line, laid on the sheets: the joined pattern on which necklines and armholes are drawn.
 *
 * @param hand 1 where the side lies to the right, as in front; −1 behind
 * @param centre where the centre line stands, mm
 * @param neck the neck end of the shoulder
 * @param tip the tip of the shoulder, its dart closed
 * @param hollow what the armhole passes through
 */
record BodyTop(int hand, double centre, Point neck, Point tip, Point hollow) {

    /** The front, which lies on the sheets as it was drafted. */
    static BodyTop front(BlockDrawing drawing) {
        return of(drawing, Half.FRONT, 1, 0, 0);
    }

    /** The back, turned over beside the front. @param centre centre back on the sheets @param down by how much its waist lies lower there than it was drafted */
    static BodyTop back(BlockDrawing drawing, double centre, double down) {
        return of(drawing, Half.BACK, -1, centre, down);
    }

    private static BodyTop of(BlockDrawing drawing, Half half, int hand, double centre, double down) {
        List<Path> shoulder = drawing.outline(half).stream()
                .filter(e -> e.name() == BlockEdge.Name.SHOULDER)
                .map(BlockEdge::path)
                .toList();
        Point neck = shoulder.get(0).start();
        double length = shoulder.stream().mapToDouble(Path::length).sum();
        Point tip = neck.plus(shoulder.get(0).startTangent().times(length));
        Point hollow = drawing.last(half, "Am")
                .map(BlockPoint::at)
                .orElse(tip.between(new Point(tip.x(), tip.y() + 150), 0.6));
        return new BodyTop(
                hand,
                centre,
                laid(neck, hand, centre, down),
                laid(tip, hand, centre, down),
                laid(hollow, hand, centre, down));
    }

    private static Point laid(Point p, int hand, double centre, double down) {
        return new Point(centre + hand * p.x(), p.y() + down);
    }

    /** The same half with its shoulder as long as the other's. */
    BodyTop withShoulder(double length) {
        return new BodyTop(hand, centre, neck, neck.plus(along().times(length)), hollow);
    }

    /** The direction of the shoulder, from the neck outwards. */
    Vec along() {
        return neck.to(tip).unit();
    }

    double shoulder() {
        return neck.distance(tip);
    }

    /** A place on the shoulder. @param distance mm from the neck end */
    Point onShoulder(double distance) {
        return neck.plus(along().times(distance));
    }

    /** A direction turned towards the cloth: clockwise in front, the other way behind. */
    Vec turned(Vec direction, double radians) {
        return direction.turned(hand * radians);
    }

    BodyTop moved(Motion motion) {
        return new BodyTop(hand, centre, motion.apply(neck), motion.apply(tip), motion.apply(hollow));
    }
}
