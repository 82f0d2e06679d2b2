package bathyra.cutting;

import bathyra.edge.JoinedEdge;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.Merge;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.paper.Slash;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.SeamJoin;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A yoke over the bust line (C10): panels that reach up to the shoulder are cut across, and what stands above on either side of the
 * seam is closed and becomes one. In front it may have a keyhole.
 */
final class TopYoke {
    static final String INNER = EdgeRole.YOKE_CENTRE.id();
    static final String OUTER = EdgeRole.YOKE_SIDE.id();
    private static final String KEYHOLE = EdgeRole.KEYHOLE.id();
    private static final double REACH = 12;
    private static final double CLEAR = 12;
    /** Between seam and armhole the line is at least so long: a shorter one cannot be square to both without dipping. */
    private static final double SIDE_LEAST = 38;

    private static final double ABOVE_UNDERARM = 26;
    /** The search for a line that can be cut: in steps of so much, no farther than so much. */
    private static final double STEP = 3;

    private static final double FARTHEST = 90;
    private static final double STRAIGHT = 10.5;
    private static final double KEYHOLE_ABOVE = 14;
    private static final double KEYHOLE_BELOW = 14;
    private static final double UPWARDS = 0.75;
    private static final double ROUND = 3 * 0.5523;

    private final Garment garment;
    private PaperPattern pattern;

    private TopYoke(PaperPattern pattern, Garment garment) {
        this.pattern = pattern;
        this.garment = garment;
    }

    /** @param underarm depth of the underarm @param down by how much the back lies lower than it was drafted @throws NotDraftable when the line runs off the sheets */
    static PaperPattern cut(PaperPattern whole, Apex apex, double underarm, double down, Garment garment)
            throws NotDraftable {
        double asked =
                apex.atInner().y() - garment.length(LengthOption.YOKE_LINE).value();
        boolean own = garment.lengths().containsKey(LengthOption.YOKE_LINE);
        // Unless the cutter sets it, the line keeps clear of the underarm.
        double line = own ? asked : Math.min(asked, underarm - ABOVE_UNDERARM);
        NotDraftable first;
        try {
            return at(whole, apex, line, down, garment);
        } catch (NotDraftable e) {
            first = e;
        }
        // A line that the cutter set and that can be cut is not to blame for a keyhole that does not lie over it.
        if (own && first.reasons().stream().anyMatch(f -> f.kind() == FindingKind.KEYHOLE)) {
            throw first;
        }
        for (double by = STEP; by < FARTHEST; by += STEP) {
            for (double other : new double[] {line - by, line + by}) {
                PaperPattern found;
                try {
                    found = at(whole, apex, other, down, garment);
                } catch (NotDraftable e) {
                    continue;
                }
                if (!own) {
                    return found;
                }
                double works = apex.atInner().y() - other;
                throw new NotDraftable(Finding.of(
                        FindingKind.YOKE,
                        LengthOption.YOKE_LINE.id(),
                        Finding.Status.FAULT,
                        apex.atInner().y() - line,
                        works,
                        Sentence.of(
                                "Yoke line {} above the apex: it must meet the centre and the armhole clear of their ends, and does not. At {} above the apex it can be cut.",
                                Length.mm(apex.atInner().y() - line),
                                Length.mm(works))));
            }
        }
        throw first;
    }

    /** @param line depth of the line in front */
    private static PaperPattern at(PaperPattern whole, Apex apex, double line, double down, Garment garment)
            throws NotDraftable {
        TopYoke yoke = new TopYoke(whole, garment);
        yoke.across(apex.inner(), apex.outer(), apex.seam(), line, true, "Y1", "Front yoke");
        if (garment.top().cover() == Cover.SHOULDERS && !garment.top().inFrontOnly()) {
            List<Sheet> sheets = whole.sheets();
            yoke.across(
                    sheets.get(sheets.size() - 1).id(),
                    sheets.get(sheets.size() - 2).id(),
                    SeamPlace.PRINCESS_BACK.id(),
                    line + down,
                    false,
                    "Y2",
                    "Back yoke");
        }
        return garment.top().keyhole() ? new TopYoke(yoke.pattern, garment).keyhole() : yoke.pattern;
    }

    private void across(
            String centreId, String sideId, String seam, double depth, boolean front, String id, String name)
            throws NotDraftable {
        Sheet centre = pattern.sheet(centreId);
        Sheet side = pattern.sheet(sideId);
        String centreEdge = front ? PanelSheets.CENTRE_FRONT : SeamPlace.CENTRE_BACK.id();
        Path near = down(centre.edge(seam).path());
        Path far = down(side.edge(seam).path());
        // In front the seam may fall towards the cleavage, half of it by the time it meets the princess seam.
        double fall = front ? garment.length(LengthOption.YOKE_FALL).value() : 0;
        Path.Place begin = onLevel(centre, centre.edge(centreEdge).path(), depth + fall, name);
        if (near.start().y() > depth + fall / 2 - CLEAR) {
            alone(centre, begin, front, id, name);
            return;
        }
        double arc = near.nearest(onLevel(centre, near, depth + fall / 2, name).point())
                .arc();
        Path.Place here = near.at(arc);
        Path.Place there = far.at(arc);
        Path.Place end = onArmhole(side, there, front, name);
        if (there.point().distance(end.point()) < SIDE_LEAST) {
            throw off(side, name);
        }
        Vec leaving = down(begin.tangent());
        List<Path> lines = front
                ? JoinedEdge.over(
                        List.of(
                                new JoinedEdge.Span(begin.point(), leaving, here.point(), here.tangent()),
                                new JoinedEdge.Span(there.point(), there.tangent(), end.point(), down(end.tangent()))),
                        Math.PI / 2)
                : reversed(JoinedEdge.over(
                        List.of(
                                new JoinedEdge.Span(end.point(), down(end.tangent()), there.point(), there.tangent()),
                                new JoinedEdge.Span(here.point(), here.tangent(), begin.point(), leaving)),
                        Math.PI / 2));
        Slash.Parts one = Slash.along(centre, lines.get(0), INNER);
        Slash.Parts two = Slash.along(side, lines.get(1), OUTER);
        Sheet yoke = front
                ? Merge.along(one.along(), two.along(), seam, REACH)
                : Merge.along(two.along(), one.along(), seam, REACH);
        pattern = pattern.work()
                .with(centreId, s -> one.rest())
                .with(sideId, s -> two.rest())
                .withAfter(
                        front ? sideId : centreId,
                        new Sheet(id, name, front, yoke.outline(), yoke.marks(), yoke.declared()))
                .joining(
                        join(id + "C", name + ", centre", id, INNER, centreId, INNER),
                        join(id + "S", name + ", side", id, OUTER, sideId, OUTER))
                .done();
        centreOnto(centreId, centreEdge, id);
    }

    /** Behind, the first line belongs to the centre too. */
    private static List<Path> reversed(List<Path> lines) {
        return List.of(lines.get(1), lines.get(0));
    }

    /** The seam begins under the line: only the sheet at the centre is cut. */
    private void alone(Sheet centre, Path.Place begin, boolean front, String id, String name) throws NotDraftable {
        Path.Place end = onArmhole(centre, begin, front, name);
        double turn = front ? 1 : -1;
        Path line = Path.of(Cubic.hermite(
                begin.point(),
                new Vec(turn, 0).times(begin.point().distance(end.point())),
                end.point(),
                begin.point().to(end.point())));
        Slash.Parts parts = Slash.along(centre, front ? line : line.reversed(), INNER);
        pattern = pattern.work()
                .with(centre.id(), s -> parts.rest())
                .withAfter(centre.id(), parts.along().named(id, name))
                .joining(join(id + "C", name, id, INNER, centre.id(), INNER))
                .done();
        centreOnto(centre.id(), front ? PanelSheets.CENTRE_FRONT : SeamPlace.CENTRE_BACK.id(), id);
    }

    /** Where the centre is sewn, the yoke's centre is too. */
    private void centreOnto(String sheet, String edge, String yoke) {
        SeamJoin.Ref own = new SeamJoin.Ref(yoke, edge);
        pattern.seams().stream()
                .filter(s -> s.a().equals(new SeamJoin.Ref(sheet, edge)) && s.a().equals(s.b()))
                .findFirst()
                .ifPresent(s -> pattern = pattern.joining(new SeamJoin(s.id() + "Y", s.name() + ", yoke", own, own)));
    }

    private static SeamJoin join(String id, String name, String a, String edgeA, String b, String edgeB) {
        return new SeamJoin(id, name, new SeamJoin.Ref(a, edgeA), new SeamJoin.Ref(b, edgeB));
    }

    private static Path down(Path path) {
        return path.start().y() < path.end().y() ? path : path.reversed();
    }

    private static Vec down(Vec v) {
        return v.dy() > 0 ? v : v.reversed();
    }

    private Path.Place onLevel(Sheet sheet, Path edge, double depth, String name) throws NotDraftable {
        Path level = Path.of(new Line(new Point(-5000, depth), new Point(5000, depth)));
        Path.Crossing crossing = level.crossing(edge).orElseThrow(() -> off(sheet, name));
        double top = Math.min(crossing.there(), edge.length() - crossing.there());
        if (top < CLEAR) {
            throw off(sheet, name);
        }
        return edge.at(crossing.there());
    }

    private Path.Place onArmhole(Sheet sheet, Path.Place from, boolean front, String name) throws NotDraftable {
        if (!sheet.has(TopLine.ARMHOLE)) {
            throw off(sheet, name);
        }
        Path armhole = sheet.edge(TopLine.ARMHOLE).path();
        Path level = Path.of(new Line(from.point(), from.point().plus(new Vec(front ? 5000 : -5000, 0))));
        Path.Crossing crossing = level.crossing(armhole).orElseThrow(() -> off(sheet, name));
        if (Math.min(crossing.there(), armhole.length() - crossing.there()) < CLEAR) {
            throw off(sheet, name);
        }
        return armhole.at(crossing.there());
    }

    private NotDraftable off(Sheet sheet, String name) {
        Length line = garment.length(LengthOption.YOKE_LINE).length();
        return new NotDraftable(Finding.of(
                FindingKind.YOKE,
                LengthOption.YOKE_LINE.id(),
                Finding.Status.FAULT,
                line.millimetres(),
                0,
                Sentence.of(
                        name + ": {} above the apex its line runs off "
                                + sheet.name().toLowerCase(Locale.ROOT)
                                + ". It must meet centre and armhole. Draw the neckline higher, or leave the yoke out.",
                        line)));
    }

    /** An opening like a drop at the centre of the front yoke, closed above it. */
    private PaperPattern keyhole() throws NotDraftable {
        Sheet yoke = pattern.sheet("Y1");
        OutlineEdge centre = yoke.edge(PanelSheets.CENTRE_FRONT);
        boolean own = garment.lengths().containsKey(LengthOption.KEYHOLE_LENGTH);
        double most = centre.path().length() - KEYHOLE_ABOVE - KEYHOLE_BELOW;
        double length = own
                ? garment.length(LengthOption.KEYHOLE_LENGTH).value()
                : Math.min(garment.length(LengthOption.KEYHOLE_LENGTH).value(), most);
        double half = garment.length(LengthOption.KEYHOLE_WIDTH).value() / 2;
        double room = Math.max(0, most);
        Length least = LengthOption.KEYHOLE_LENGTH.least();
        if (room < least.millimetres()) {
            throw new NotDraftable(Finding.of(
                    FindingKind.KEYHOLE,
                    LengthOption.KEYHOLE_LENGTH.id(),
                    Finding.Status.FAULT,
                    length,
                    room,
                    Sentence.of(
                            "Front yoke: {} stand at centre front between neckline and yoke seam; the shortest keyhole of {} would cross the seam. Draw the neckline higher by {}, or the yoke line lower.",
                            Length.mm(centre.path().length()),
                            least,
                            Length.mm(Math.ceil(least.millimetres() - room)))));
        }
        if (length > room) {
            throw new NotDraftable(Finding.of(
                    FindingKind.KEYHOLE,
                    LengthOption.KEYHOLE_LENGTH.id(),
                    Finding.Status.FAULT,
                    length,
                    room,
                    Sentence.of(
                            "Front yoke: a keyhole of {} would cross the seam under the yoke. Up to {} stay inside it, or draw the yoke line lower.",
                            Length.mm(length),
                            Length.mm(Math.floor(room)))));
        }
        // Centre front runs upwards: what stays under the keyhole, the drop, what stays above.
        double low = KEYHOLE_BELOW;
        double high = low + length;
        Path path = centre.path();
        Point bottom = path.at(low).point();
        Point top = path.at(high).point();
        double round = half - STRAIGHT + 2;
        Point wide = path.at(low + round).point().plus(new Vec(half, 0));
        Vec up = bottom.to(top).unit();
        Point flat = bottom.plus(new Vec(STRAIGHT, 0));
        Point end = top.plus(top.to(wide).unit().times(STRAIGHT));
        Vec into = end.to(top).unit();
        Path drop = Path.of(
                new Line(bottom, flat),
                Cubic.hermite(flat, new Vec(1, 0).times((half - STRAIGHT) * ROUND), wide, up.times(round * ROUND)),
                Cubic.hermite(wide, up.times(length * UPWARDS), end, into.times(length * UPWARDS)),
                new Line(end, top));
        List<OutlineEdge> outline = new ArrayList<>();
        for (OutlineEdge edge : yoke.outline()) {
            if (edge != centre) {
                outline.add(edge);
                continue;
            }
            outline.add(new OutlineEdge(centre.name(), centre.kind(), centre.seam(), path.between(0, low)));
            outline.add(new OutlineEdge(KEYHOLE, OutlineEdge.Kind.EDGE, Optional.empty(), drop));
            outline.add(new OutlineEdge(
                    centre.name() + "-above", centre.kind(), centre.seam(), path.between(high, path.length())));
        }
        double point = Math.toDegrees(Math.abs(drop.endTangent().angleTo(up)));
        return pattern.with("Y1", y -> y.withOutline(outline).declaring(top, 180 - point));
    }
}
