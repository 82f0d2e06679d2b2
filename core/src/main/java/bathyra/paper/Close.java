package bathyra.paper;

import bathyra.geometry.Cubic;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Close: a wedge that opens in one edge and ends on another is folded away, by turning what lies between the wedge and the edge on
 * which it ends about that end. There the turned part leaves its edge by the wedge's angle: that is where the surplus goes.
 */
public final class Close {
    /** Beside the closed mouth so much of either stretch may be redrawn. */
    private static final double OF_MOUTH = 0.8;

    private Close() {}

    /**
     * A wedge.
     *
     * @param mouth the edge in which it opens
     * @param from where it begins along that edge, as the outline runs, mm
     * @param to where it ends
     * @param seam the edge on which its point lies
     * @param pin how far along that edge the point lies, as the outline runs, mm
     * @param ahead whether the part that turns lies clockwise of the mouth, or before it
     */
    public record Wedge(String mouth, double from, double to, String seam, double pin, boolean ahead) {
        /** Its point on a sheet. */
        public Point point(Sheet sheet) {
            return sheet.edge(seam).path().at(pin).point();
        }

        /** The angle of the wedge, radians. */
        public double angle(Sheet sheet) {
            Path edge = sheet.edge(mouth).path();
            return Math.abs(point(sheet)
                    .to(edge.at(from).point())
                    .angleTo(point(sheet).to(edge.at(to).point())));
        }
    }

    /**
     * The sheet with the wedge closed: the mouth and the edge at the wedge's point are blended, nothing else changes its length.
     *
     * @param mouthReach how far to either side of the closed mouth its edge is blended, mm
     * @param pinReach the same at the wedge's point
     * @throws IllegalArgumentException when the wedge does not lie within its edge
     */
    public static Sheet wedge(Sheet sheet, Wedge wedge, double mouthReach, double pinReach) {
        OutlineEdge mouth = sheet.edge(wedge.mouth());
        OutlineEdge seam = sheet.edge(wedge.seam());
        double end = mouth.path().length();
        if (wedge.from() < Tolerance.COINCIDENT
                || wedge.to() > end - Tolerance.COINCIDENT
                || wedge.from() >= wedge.to()) {
            throw new IllegalArgumentException("the wedge from " + wedge.from() + " to " + wedge.to()
                    + " does not lie within " + mouth.name() + " of " + end + " mm");
        }
        int at = sheet.index(wedge.mouth());
        int on = sheet.index(wedge.seam());
        int n = sheet.outline().size();
        boolean ahead = wedge.ahead();
        Point pin = wedge.point(sheet);
        Point a = mouth.path().at(wedge.from()).point();
        Point b = mouth.path().at(wedge.to()).point();
        Motion motion = Motion.about(
                pin, ahead ? pin.to(b).angleTo(pin.to(a)) : pin.to(a).angleTo(pin.to(b)));
        List<OutlineEdge> outline = new ArrayList<>(sheet.outline());
        Path first = mouth.path().between(0, wedge.from());
        Path second = mouth.path().between(wedge.to(), end);
        outline.set(
                at,
                path(
                        mouth,
                        Blend.across(
                                        ahead ? first : motion.apply(first),
                                        ahead ? motion.apply(second) : second,
                                        mouthReach,
                                        OF_MOUTH)
                                .whole()));
        Bent bent = bent(seam.path(), wedge, motion, pinReach);
        outline.set(on, path(seam, bent.path()));
        for (int k = 1; k < (ahead ? Math.floorMod(on - at, n) : Math.floorMod(at - on, n)); k++) {
            int between = Math.floorMod(ahead ? at + k : at - k, n);
            outline.set(
                    between,
                    path(outline.get(between), motion.apply(outline.get(between).path())));
        }
        if (bent.atEnd()) {
            squared(
                    outline,
                    on,
                    wedge.pin() < Tolerance.CHORD,
                    ahead ? pin.to(b).angleTo(pin.to(a)) : pin.to(a).angleTo(pin.to(b)),
                    mouthReach);
        }
        Carried carried = new Carried(sheet, wedge, motion, pin, bent.joint());
        return new Sheet(
                sheet.id(),
                sheet.name(),
                sheet.front(),
                outline,
                sheet.marks().stream().map(carried::mark).toList(),
                sheet.declared().stream()
                        .map(c -> new Piece.Corner(carried.place(c.at()), c.degrees()))
                        .toList());
    }

    /** The edge at the wedge's point as it runs afterwards, and where the point has come to lie. */
    private record Bent(Path path, Point joint, boolean atEnd) {}

    private static Bent bent(Path seam, Wedge wedge, Motion motion, double reach) {
        double length = seam.length();
        boolean atStart = wedge.pin() < Tolerance.CHORD;
        // A wedge whose point is the edge's own end, as at the waist of a garment that ends there, bends nothing: the
        // edge turns whole or not at all.
        if (atStart || wedge.pin() > length - Tolerance.CHORD) {
            return new Bent(
                    wedge.ahead() == atStart ? seam : motion.apply(seam),
                    seam.at(wedge.pin()).point(),
                    true);
        }
        Path near = seam.between(0, wedge.pin());
        Path far = seam.between(wedge.pin(), length);
        Blend.Blended blended = Blend.through(
                wedge.ahead() ? motion.apply(near) : near, wedge.ahead() ? far : motion.apply(far), reach);
        return new Bent(blended.whole(), blended.joint(), false);
    }

    /**
     * The edge that meets the turned one at the wedge's point keeps its angle with it, so that the joined edge still runs straight over the
     * seam: its last stretch is bent by the wedge's angle.
     */
    private static void squared(List<OutlineEdge> outline, int on, boolean atStart, double angle, double reach) {
        int at = Math.floorMod(on + (atStart ? -1 : 1), outline.size());
        OutlineEdge beside = outline.get(at);
        Path inwards = atStart ? beside.path().reversed() : beside.path();
        double length = Math.min(reach, inwards.length() * OF_MOUTH);
        Path.Place place = inwards.at(length);
        Vec leaving = inwards.startTangent().turned(angle);
        Path end = Path.of(Cubic.hermite(
                inwards.start(),
                leaving.times(length),
                place.point(),
                place.tangent().times(length)));
        Path bent =
                length < inwards.length() - Tolerance.CHORD ? end.then(inwards.between(length, inwards.length())) : end;
        outline.set(at, path(beside, atStart ? bent.reversed() : bent));
    }

    private static OutlineEdge path(OutlineEdge edge, Path path) {
        return new OutlineEdge(edge.name(), edge.kind(), edge.seam(), path);
    }

    /** Where the places of a sheet go when its wedge is closed: those on the turned stretch of the outline with it, the others stay. */
    private record Carried(Sheet sheet, Wedge wedge, Motion motion, Point pin, Point joint) {
        private static final double NEAR = 0.5;
        private static final double ON_EDGE = 1e-3;

        LevelMark mark(LevelMark mark) {
            return new LevelMark(mark.level(), place(mark.from()), place(mark.to()));
        }

        Point place(Point point) {
            if (point.distance(pin) < NEAR) {
                return joint;
            }
            return isTurned(point) ? motion.apply(point) : point;
        }

        private boolean isTurned(Point point) {
            boolean ahead = wedge.ahead();
            int n = sheet.outline().size();
            int nearest = -1;
            double least = NEAR;
            double arc = 0;
            // What a level line or a corner ends on it lies on: edges farther away are not measured.
            for (int i = 0; i < n && least > ON_EDGE; i++) {
                Optional<Path.Place> place = sheet.outline().get(i).path().near(point, least);
                if (place.isPresent()) {
                    least = place.get().point().distance(point);
                    arc = place.get().arc();
                    nearest = i;
                }
            }
            if (nearest < 0) {
                return false;
            }
            int at = sheet.index(wedge.mouth());
            int on = sheet.index(wedge.seam());
            if (nearest == at) {
                return ahead ? arc >= wedge.to() : arc <= wedge.from();
            }
            if (nearest == on) {
                return ahead ? arc < wedge.pin() : arc > wedge.pin();
            }
            int way = ahead ? Math.floorMod(nearest - at, n) : Math.floorMod(at - nearest, n);
            return way < (ahead ? Math.floorMod(on - at, n) : Math.floorMod(at - on, n));
        }
    }
}
