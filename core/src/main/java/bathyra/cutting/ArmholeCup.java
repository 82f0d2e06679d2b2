package bathyra.cutting;

import bathyra.finding.NotDraftable;
import bathyra.geometry.Arc;
import bathyra.geometry.Cubic;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.paper.Sheet;
import bathyra.place.SeamPlace;

/**
 * The outer half of a cup line under a shoulder or a halter: along the circle and from there into the armhole, square to it (C8, C10). Of all
 * ways that stay clear of the side it is the one that bends least.
 */
final class ArmholeCup {
    /** So much of the armhole stays below and above the place where the line comes in, mm. */
    private static final double CLEAR = 26;

    private static final double STEP = 6;
    /** The line leaves the circle somewhere between these angles from straight down, radians. */
    private static final double LEAVES_FIRST = Math.toRadians(40);

    private static final double LEAVES_LAST = Math.toRadians(140);
    private static final double LEAVES_STEP = Math.toRadians(10);
    /** A bone channel and its stitching pass between cup and side. */
    private static final double BESIDE = 25.5;
    /** A sewn line bends no tighter, with something to spare. */
    private static final double SEWN = 14;

    private static final int SAMPLES = 10;

    private ArmholeCup() {}

    /**
     * @param room how far from the apex to the side the cup may reach, mm
     * @param seam where the line leaves the seam over the apex
     * @param corner between that seam and the line, radians
     * @throws NotDraftable when no way into the armhole is left
     */
    static Path line(Sheet sheet, Apex apex, double radius, double room, Path.Place seam, double corner)
            throws NotDraftable {
        Point centre = apex.atOuter();
        Path armhole = sheet.edge(TopLine.ARMHOLE).path();
        Path side = sheet.edge(SeamPlace.SIDE.id()).path();
        double start = CupLine.from(centre, radius, seam, 1);
        double widest = Math.asin(Math.min(1, room / radius));
        Path first = CupLine.leaving(centre, radius, seam, 1, corner);
        Path best = null;
        for (double at = CLEAR; at <= armhole.length() - CLEAR; at += STEP) {
            Path.Place end = armhole.at(at);
            Vec arriving = end.tangent().turned(-Math.PI / 2);
            for (double leaves = Math.max(LEAVES_FIRST, start + LEAVES_STEP);
                    leaves <= LEAVES_LAST;
                    leaves += LEAVES_STEP) {
                boolean clear = leaves <= widest || room >= radius;
                Point from = Arc.at(centre, radius, leaves);
                Vec leaving = Arc.along(leaves);
                // Only forwards: neither back over the circle nor out of the cloth.
                if (!clear
                        || from.to(end.point()).dot(leaving) <= 0
                        || from.to(end.point()).dot(arriving) <= 0) {
                    continue;
                }
                double pace = from.distance(end.point());
                Path into = Path.of(Cubic.hermite(from, leaving.times(pace), end.point(), arriving.times(pace)));
                boolean bendsLess = best == null || into.tightest() > last(best).tightest();
                if (bendsLess && into.tightest() > SEWN && isInside(into, armhole, side)) {
                    best = first.then(Arc.of(centre, radius, start, leaves)).then(into);
                }
            }
        }
        if (best == null) {
            throw CupLine.refuse(
                    radius,
                    room,
                    Sentence.of(
                            "{}: between the armhole and the side there is no way for a cup of {} that can be sewn. Take {} again, draw the armhole lower, or choose princess seams.",
                            sheet.name(),
                            Length.mm(radius),
                            MeasurementKey.APEX_TO_UNDERBUST));
        }
        return best;
    }

    private static Path last(Path path) {
        return Path.of(path.segments().get(path.segments().size() - 1));
    }

    /** Whether the line stays a channel's width from the side and meets the armhole at its end alone. */
    private static boolean isInside(Path into, Path armhole, Path side) {
        for (int i = 0; i <= SAMPLES; i++) {
            if (side.isNear(into.at(into.length() * i / SAMPLES).point(), BESIDE)) {
                return false;
            }
        }
        return into.between(0, into.length() - 1).crossing(armhole).isEmpty();
    }
}
