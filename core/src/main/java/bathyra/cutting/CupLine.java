package bathyra.cutting;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Arc;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.paper.Blend;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;

/**
 * Where body and cup part (C8): along the circle of the bust radius about the apex, from the bridge at centre front to the stretch that
 * is left before the side, and upright from there to the edge above.
 *
 * @param inner on the sheet nearer centre front, from its upper edge down to the seam
 * @param outer on the sheet behind, from the seam up to its upper edge
 */
record CupLine(Path inner, Path outer) {
    private static final double FAR = 2000;
    /** A cup that is squeezed to less than this share of its radius is no cup of that size. */
    private static final double SQUEEZED = 0.6;

    private static final double CORNER = 22;
    /** Beside the seam the line leaves the circle over so much of it, to run straight on over the seam. */
    private static final double BESIDE_SEAM = 28;

    private static final int SAMPLES = 24;

    /** @throws NotDraftable when the circle does not fit between its limits */
    static CupLine of(PaperPattern pattern, Apex apex, double radius, Garment garment) throws NotDraftable {
        Sheet inner = pattern.sheet(apex.inner());
        Sheet outer = pattern.sheet(apex.outer());
        Path innerSeam = inner.edge(apex.seam()).path();
        Path outerSeam = outer.edge(apex.seam()).path().reversed();
        double below = below(innerSeam, apex.atInner(), radius);
        double fromInner = innerSeam.nearest(apex.atInner()).arc();
        double fromOuter = outerSeam.nearest(apex.atOuter()).arc();
        if (fromInner + below > innerSeam.length() - 1 || fromOuter + below > outerSeam.length() - 1) {
            throw refuse(
                    radius,
                    radius / 2,
                    Sentence.of(
                            "Cup, under the apex: a circle of {} reaches past the lower edge. Let the garment end lower, or take {} again.",
                            Length.mm(radius),
                            MeasurementKey.APEX_TO_UNDERBUST));
        }
        Path.Place atInner = innerSeam.at(fromInner + below);
        Path.Place atOuter = outerSeam.at(fromOuter + below);
        double bridge = apex.atInner().x()
                - garment.length(LengthOption.BRIDGE).value()
                - reach(apex.atInner(), radius, apex.across(inner).path(), false);
        double side = reach(apex.atOuter(), radius, apex.across(outer).path(), true)
                - garment.length(LengthOption.CUP_SIDE).value()
                - apex.atOuter().x();
        requireRoom(
                inner,
                Math.min(bridge, side) == bridge ? bridge : side,
                Math.min(bridge, side) == bridge,
                radius,
                garment,
                outer);
        // Each line takes half of what the two corners at the seam lack to a straight run.
        double innerCorner = Math.abs(
                Arc.along(angle(apex.atInner(), atInner.point())).reversed().angleTo(atInner.tangent()));
        double outerCorner =
                Math.abs(Arc.along(angle(apex.atOuter(), atOuter.point())).angleTo(atOuter.tangent()));
        double share = (Math.PI - innerCorner - outerCorner) / 2;
        Path left = half(inner, apex.atInner(), radius, Math.min(bridge, radius), atInner, -1, innerCorner + share)
                .reversed();
        double outerRoom = Math.min(side, radius);
        Path right = outer.has(TopLine.ARMHOLE)
                ? ArmholeCup.line(outer, apex, radius, outerRoom, atOuter, outerCorner + share)
                : half(outer, apex.atOuter(), radius, outerRoom, atOuter, 1, outerCorner + share);
        return new CupLine(left, right);
    }

    /** How far down the seam the circle meets it, mm along the seam. */
    private static double below(Path seam, Point apex, double radius) {
        double from = seam.nearest(apex).arc();
        double arc = radius;
        for (int i = 0; i < 8; i++) {
            arc += radius - seam.at(from + arc).point().distance(apex);
        }
        return arc;
    }

    /** The place of an edge nearest to the cup, where the cup stands upright. */
    private static double reach(Point apex, double radius, Path edge, boolean least) {
        double found = least ? FAR : -FAR;
        for (int i = 0; i <= SAMPLES; i++) {
            Point p = edge.at(edge.length() * i / SAMPLES).point();
            if (p.y() < apex.y() + radius / 3) {
                found = least ? Math.min(found, p.x()) : Math.max(found, p.x());
            }
        }
        return Math.abs(found) == FAR ? (least ? edge.start().x() : edge.end().x()) : found;
    }

    private static void requireRoom(
            Sheet inner, double room, boolean bridge, double radius, Garment garment, Sheet outer) throws NotDraftable {
        if (room < radius * SQUEEZED) {
            Sheet sheet = bridge ? inner : outer;
            LengthOption limit = bridge ? LengthOption.BRIDGE : LengthOption.CUP_SIDE;
            throw refuse(
                    radius,
                    room / SQUEEZED,
                    Sentence.of(
                            "{}: a cup of {} is larger than its panel; {} are left there for it. A bust radius up to {} fits, or bring the limit of {} closer to the edge, or leave a seam out.",
                            sheet.name(),
                            Length.mm(radius),
                            Length.mm(Math.max(0, room)),
                            Length.mm(Math.max(0, Math.floor(room / SQUEEZED))),
                            garment.length(limit).length()));
        }
    }

    private static double angle(Point centre, Point at) {
        return Math.atan2(at.x() - centre.x(), at.y() - centre.y());
    }

    /** One half of the line, from the seam up to the edge above. @param hand −1 towards centre front, 1 towards the side */
    private static Path half(
            Sheet sheet, Point apex, double radius, double width, Path.Place seam, int hand, double corner)
            throws NotDraftable {
        double to = hand * Math.asin(Math.min(1, width / radius));
        Path arc = leaving(apex, radius, seam, hand, corner)
                .then(Arc.of(apex, radius, from(apex, radius, seam, hand), to));
        Path upright = Path.of(new Line(arc.end(), new Point(arc.end().x(), apex.y() - FAR)));
        Path whole = width >= radius - 0.5
                ? arc.then(upright)
                : Blend.across(arc, upright, CORNER).whole();
        Path.Crossing top = top(sheet, whole);
        return whole.between(0, top.here());
    }

    /** Where on the circle the line has come to it from the seam, as an angle about the apex. */
    static double from(Point apex, double radius, Path.Place seam, int hand) {
        return angle(apex, seam.point()) + hand * BESIDE_SEAM / radius;
    }

    /** From the seam, at the corner asked for, onto the circle. */
    static Path leaving(Point apex, double radius, Path.Place seam, int hand, double corner) {
        double from = from(apex, radius, seam, hand);
        Point on = Arc.at(apex, radius, from);
        double pace = seam.point().distance(on);
        return Path.of(Cubic.hermite(
                seam.point(),
                seam.tangent().turned(-hand * corner).times(pace),
                on,
                Arc.along(from).times(hand * pace)));
    }

    private static Path.Crossing top(Sheet sheet, Path whole) throws NotDraftable {
        for (OutlineEdge edge : sheet.outline()) {
            boolean above = edge.kind() == OutlineEdge.Kind.EDGE && edge.role() != EdgeRole.LOWER
                    || edge.role().isYoke()
                    || edge.role() == EdgeRole.SHOULDER;
            if (above) {
                var crossing = whole.crossing(edge.path());
                if (crossing.isPresent()) {
                    return crossing.get();
                }
            }
        }
        throw refuse(
                0,
                0,
                Sentence.of(
                        "{}: the cup line does not reach the upper edge. Draw the edge higher, or make the cup smaller.",
                        sheet.name()));
    }

    static NotDraftable refuse(double value, double limit, Sentence sentence) {
        return new NotDraftable(Finding.of(
                FindingKind.CUP, MeasurementKey.APEX_TO_UNDERBUST.key(), Finding.Status.FAULT, value, limit, sentence));
    }
}
