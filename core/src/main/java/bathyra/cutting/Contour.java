package bathyra.cutting;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.geometry.FairSpline;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.Close;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.SeamJoin;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The contour wedges (C9): each is drawn on its sheet and closed by turning what lies between it and the seam on which it ends. What a
 * wedge at the apex takes goes into the seam there; what fades along a seam or centre front is taken out of the girth.
 */
public final class Contour {
    private static final double MOUTH_REACH = 25;
    private static final double PIN_REACH = 13;
    /** The strip that turns beside a seam or centre front is so wide, or this share of its edge. */
    private static final double STRIP = 25;

    private static final double SIDE_STRIP = 40;
    private static final double[] ARMHOLE_STRIPS = {34, 28, 22, 16};
    /** A wedge whose edge runs towards its point has no mouth: at least this share of the width must lie across. */
    private static final double ACROSS = 0.4;

    private static final double SQUARELY = 0.7;
    /** A place that moves by less has stayed where it was. */
    private static final double MOVED = 1e-6;
    /** A bend that can be sewn with something to spare, and where along an armhole it is held when it is redrawn; 0 for nowhere. */
    private static final double SEWN = 14;

    private static final double[] THROUGH = {0.5, 0.4, 0.3, 0.6, 0};
    private static final double STRIP_SHARE = 0.3;
    /** So much of the edge stays on either side of a wedge. */
    private static final double LEFT = 6;

    /**
     * One wedge that was closed.
     *
     * @param sheet the sheet on which it lay
     * @param shape its corners before it was closed: the two ends of the mouth and the point
     * @param degrees the angle that it took out
     * @param goes where the surplus went, in words
     */
    public record Closed(ContourWedge wedge, String sheet, List<Point> shape, double degrees, String goes) {}

    /**
     * A pattern with its wedges closed.
     *
     * @param open the pattern before
     * @param front what each level lost of the front half, by the widths of the wedges, mm
     * @param back the same behind
     */
    public record Contoured(
            PaperPattern pattern,
            PaperPattern open,
            List<Closed> closed,
            Map<String, Double> front,
            Map<String, Double> back) {
        /** How wide a wedge was at its mouth, measured on the sheet where it was closed, mm; empty where it was not closed on one. */
        public OptionalDouble width(ContourWedge wedge) {
            return closed.stream()
                    .filter(c -> c.wedge() == wedge)
                    .mapToDouble(c -> c.shape().get(0).distance(c.shape().get(1)))
                    .max();
        }
    }

    private final Garment garment;
    private final Optional<Apex> apex;
    private final List<Closed> closed = new ArrayList<>();
    private final Map<String, Double> front = new HashMap<>();
    private final Map<String, Double> back = new HashMap<>();
    private PaperPattern pattern;

    private Contour(PaperPattern pattern, Garment garment, Optional<Apex> apex) {
        this.pattern = pattern;
        this.garment = garment;
        this.apex = apex;
    }

    /** Closes what a garment asks for. @throws NotDraftable when a wedge has no place on its sheet */
    static Contoured of(PaperPattern open, Garment garment, Optional<Apex> apex) throws NotDraftable {
        Contour contour = new Contour(open, garment, apex);
        for (ContourWedge wedge : ContourWedge.values()) {
            if (garment.wedge(wedge) > 0) {
                contour.close(wedge, garment.wedge(wedge));
            }
        }
        return new Contoured(
                contour.pattern,
                open,
                List.copyOf(contour.closed),
                Map.copyOf(contour.front),
                Map.copyOf(contour.back));
    }

    private void close(ContourWedge wedge, double width) throws NotDraftable {
        switch (wedge) {
            case NECKLINE ->
                atApex(
                        wedge,
                        true,
                        width,
                        pattern.sheet(apex(wedge).inner()).has(TopLine.NECKLINE) ? TopLine.NECKLINE : PanelSheets.UPPER,
                        0.5);
            case ARMHOLE -> atApex(wedge, false, width, armholeEdge(), 0.5);
            case CUT_AWAY_ARMHOLE -> cutAway(wedge, width);
            case STRAPLESS_TOP -> {
                if (garment.top().cover() != Cover.STRAPLESS) {
                    throw refuse(
                            wedge,
                            width,
                            0,
                            Sentence.of(
                                    "Strapless top: the seam over the apex ends in the shoulder, the armhole or a strap here, not in a strapless edge. Leave the wedge open."));
                }
                atApex(wedge, true, width, lastBefore(true), -1);
                atApex(wedge, false, width, lastBefore(false), -1);
            }
            case BETWEEN -> between(wedge, width);
            case SIDE -> {
                SeamJoin side = pattern.seams().stream()
                        .filter(s -> s.a().edge().equals(SeamPlace.SIDE.id()))
                        .findFirst()
                        .orElseThrow();
                fading(wedge, side.a().piece(), side.a().edge(), true, width, SIDE_STRIP);
                fading(wedge, side.b().piece(), side.b().edge(), false, width, SIDE_STRIP);
            }
            case CF_NECKLINE -> {
                requireOpenFront(wedge);
                fading(wedge, pattern.sheets().get(0).id(), PanelSheets.CENTRE_FRONT, false, width, STRIP);
                centreFrontSewn();
            }
            case UNDER_BUST, SHOULDER -> {}
        }
    }

    private Apex apex(ContourWedge wedge) throws NotDraftable {
        return apex.orElseThrow(() -> refuse(
                        wedge,
                        0,
                        0,
                        Sentence.of(
                                "{}: the wedge ends at the apex, and no seam passes through it. Let a seam run over the apex, or leave the wedge open.",
                                wedge.label())))
                .on(pattern);
    }

    private String armholeEdge() throws NotDraftable {
        Sheet outer = pattern.sheet(apex(ContourWedge.ARMHOLE).outer());
        return outer.has(Shoulders.ARMHOLE) ? Shoulders.ARMHOLE : PanelSheets.UPPER;
    }

    /** The free edge beside the upper end of the seam over the apex. */
    private String lastBefore(boolean inner) throws NotDraftable {
        Apex at = apex(ContourWedge.STRAPLESS_TOP);
        return pattern.sheet(inner ? at.inner() : at.outer())
                .beside(at.seam(), inner ? -1 : 1)
                .name();
    }

    private void cutAway(ContourWedge wedge, double width) throws NotDraftable {
        if (garment.top().cover() != Cover.HALTER) {
            throw refuse(
                    wedge,
                    width,
                    0,
                    Sentence.of(
                            "Cut-away armhole: the wedge starts beside the strap of a halter, and this edge has none. Choose a halter, or leave the wedge open."));
        }
        // The wedge lies on whichever side of the seam its edge lies across it.
        Apex at = apex(wedge);
        boolean inner =
                across(pattern.sheet(at.inner()), at.atInner()) > across(pattern.sheet(at.outer()), at.atOuter());
        atApex(wedge, inner, width, Shoulders.ARMHOLE, inner ? 0.5 : 0.2);
    }

    private static double across(Sheet sheet, Point apex) {
        return sheet.has(Shoulders.ARMHOLE)
                ? across(
                        sheet.edge(Shoulders.ARMHOLE).path(),
                        bestMouth(sheet.edge(Shoulders.ARMHOLE).path(), apex, 0.5),
                        apex)
                : 0;
    }

    /** How squarely an edge lies across the way to a point, 0 to 1. @param share how far along the edge */
    private static double across(Path edge, double share, Point point) {
        Path.Place place = edge.at(edge.length() * share);
        return Math.abs(place.point().to(point).unit().cross(place.tangent()));
    }

    /** Where along an edge a wedge opens best: where it is usual, or, if the edge runs towards the point there, where it lies most squarely across. */
    private static double bestMouth(Path edge, Point point, double usual) {
        double best = usual;
        for (double share = 0.2; share <= 0.801 && across(edge, usual, point) < SQUARELY; share += 0.1) {
            best = across(edge, share, point) > across(edge, best, point) ? share : best;
        }
        return best;
    }

    /** A wedge from an edge to the apex. @param share where along the edge its mouth lies; −1 beside the seam */
    private void atApex(ContourWedge wedge, boolean inner, double width, String mouth, double share)
            throws NotDraftable {
        Apex at = apex(wedge);
        Sheet sheet = pattern.sheet(inner ? at.inner() : at.outer());
        if (!sheet.has(mouth)) {
            throw refuse(
                    wedge,
                    width,
                    0,
                    Sentence.of(wedge.label() + ": " + sheet.name() + " has no such edge. Leave the wedge open."));
        }
        double length = sheet.edge(mouth).path().length();
        double strip = Math.min(STRIP, length * STRIP_SHARE);
        double middle = share >= 0
                ? length * bestMouth(sheet.edge(mouth).path(), inner ? at.atInner() : at.atOuter(), share)
                : inner ? length - strip - width / 2 : strip + width / 2;
        // The mouth precedes the seam on the inner sheet and follows it on the outer.
        place(
                wedge,
                sheet,
                new Mouth(mouth, middle, width, share >= 0 ? 0 : strip),
                new Target(at.seam(), inner ? at.atInner() : at.atOuter(), inner),
                "the upper end of the " + words(at.seam()) + " seam");
    }

    private void between(ContourWedge wedge, double width) throws NotDraftable {
        Apex at = apex(wedge);
        requireOpenFront(wedge);
        Sheet sheet = pattern.sheet(at.inner());
        if (!sheet.has(PanelSheets.CENTRE_FRONT)) {
            throw refuse(
                    wedge,
                    width,
                    0,
                    Sentence.of(
                            "Between the breasts: from centre front to the apex the wedge would cross a seam. Leave that seam out, or leave the wedge open."));
        }
        Path centre = sheet.edge(PanelSheets.CENTRE_FRONT).path();
        double middle = centre.nearest(new Point(0, at.atInner().y())).arc();
        place(
                wedge,
                sheet,
                new Mouth(PanelSheets.CENTRE_FRONT, middle, width, 0),
                new Target(at.seam(), at.atInner(), true),
                "the upper end of the " + words(at.seam()) + " seam; centre front bends and becomes a seam");
        centreFrontSewn();
    }

    /** A wedge beside a seam or centre front that fades to the waist. */
    private void fading(ContourWedge wedge, String id, String seam, boolean ahead, double width, double strip)
            throws NotDraftable {
        Sheet sheet = pattern.sheet(id);
        OutlineEdge mouth = sheet.beside(seam, ahead ? -1 : 1);
        LevelMark waist = sheet.mark(Level.WAIST.id()).orElseThrow();
        double length = mouth.path().length();
        // The armhole lies across the side only close to it.
        double clear = Math.min(strip, length * STRIP_SHARE);
        if (mouth.name().equals(Shoulders.ARMHOLE)) {
            clear = armholeStrip(
                    mouth.path(),
                    sheet.edge(seam)
                            .path()
                            .nearest(ahead ? waist.to() : waist.from())
                            .point(),
                    ahead);
        }
        double middle = ahead ? length - clear - width / 2 : clear + width / 2;
        Point pin = sheet.edge(seam)
                .path()
                .nearest(ahead ? waist.to() : waist.from())
                .point();
        place(
                wedge,
                sheet,
                new Mouth(mouth.name(), middle, width, clear),
                new Target(seam, pin, ahead),
                "nowhere: it comes off the girth, down to the waist");
        if (mouth.name().equals(Shoulders.ARMHOLE)) {
            pattern = pattern.with(id, Contour::armholeRedrawn);
        }
    }

    /** Taken in at the underarm, an armhole may bend too tightly to be sewn: then it is redrawn between its ends, as much like it was as can be. */
    private static Sheet armholeRedrawn(Sheet sheet) {
        Path best = sheet.edge(Shoulders.ARMHOLE).path();
        Path old = best;
        for (double share : THROUGH) {
            if (best.tightest() > SEWN) {
                break;
            }
            List<Point> through = new ArrayList<>(List.of(old.start(), old.end()));
            if (share > 0) {
                through.add(1, old.at(old.length() * share).point());
            }
            Path next = FairSpline.through(through, Optional.of(old.startTangent()), Optional.of(old.endTangent()));
            best = next.tightest() > best.tightest() ? next : best;
        }
        return sheet.withPath(Shoulders.ARMHOLE, best);
    }

    private static double armholeStrip(Path armhole, Point pin, boolean ahead) {
        double best = ARMHOLE_STRIPS[0];
        for (double strip : ARMHOLE_STRIPS) {
            double share = ahead ? 1 - strip / armhole.length() : strip / armhole.length();
            double other = ahead ? 1 - best / armhole.length() : best / armhole.length();
            best = across(armhole, share, pin) > across(armhole, other, pin) + 0.1 ? strip : best;
        }
        return best;
    }

    /**
     * Where a wedge opens.
     *
     * @param middle how far along the edge, mm
     * @param strip what stays beside the seam when the wedge lies there, mm; 0 when it lies at a place of its own
     */
    private record Mouth(String edge, double middle, double width, double strip) {}

    /** Where a wedge runs to. @param ahead whether its mouth precedes the seam on the outline */
    private record Target(String seam, Point pin, boolean ahead) {}

    /** @param goes where what is taken goes, in words */
    private void place(ContourWedge wedge, Sheet sheet, Mouth mouth, Target target, String goes) throws NotDraftable {
        double length = sheet.edge(mouth.edge()).path().length();
        double room = mouth.strip() > 0
                ? length - mouth.strip() - LEFT
                : 2 * (Math.min(mouth.middle(), length - mouth.middle()) - LEFT);
        if (room <= 0) {
            throw refuse(
                    wedge,
                    mouth.width(),
                    0,
                    Sentence.of(
                            wedge.label() + ", " + sheet.name()
                                    + ": the edge is cut away where the wedge would lie. Leave the wedge open, or draw the edge higher."));
        }
        if (mouth.width() > room) {
            throw refuse(
                    wedge,
                    mouth.width(),
                    room,
                    Sentence.of(
                            wedge.label() + ", " + sheet.name()
                                    + ": the wedge of {} is wider than its edge bears there. Up to {} can be closed.",
                            Length.mm(mouth.width()),
                            Length.mm(Math.max(0, Math.floor(room)))));
        }
        Close.Wedge drawn = new Close.Wedge(
                mouth.edge(),
                mouth.middle() - mouth.width() / 2,
                mouth.middle() + mouth.width() / 2,
                target.seam(),
                sheet.edge(target.seam()).path().nearest(target.pin()).arc(),
                target.ahead());
        Path edge = sheet.edge(mouth.edge()).path();
        Point point = drawn.point(sheet);
        double across = point.to(edge.at(drawn.from()).point())
                        .angleTo(point.to(edge.at(drawn.to()).point()))
                * point.distance(edge.at(mouth.middle()).point());
        if (across < mouth.width() * ACROSS) {
            throw refuse(
                    wedge,
                    mouth.width(),
                    0,
                    Sentence.of(
                            wedge.label() + ", " + sheet.name()
                                    + ": the edge runs towards the point of the wedge there, so it has no mouth. Leave the wedge open, or draw the edge otherwise."));
        }
        List<Point> shape =
                List.of(edge.at(drawn.from()).point(), edge.at(drawn.to()).point(), drawn.point(sheet));
        closed.add(new Closed(wedge, sheet.id(), shape, Math.toDegrees(drawn.angle(sheet)), goes));
        Sheet turned = Close.wedge(sheet, drawn, MOUTH_REACH, PIN_REACH);
        if (!mouth.edge().equals(PanelSheets.CENTRE_FRONT)) {
            lose(sheet, turned, drawn);
        }
        pattern = pattern.with(sheet.id(), s -> turned);
    }

    /** A level line of which one end turns about the point by the wedge's angle is shorter than before by what lies between its ends then. */
    private void lose(Sheet sheet, Sheet turned, Close.Wedge drawn) {
        for (int i = 0; i < sheet.marks().size(); i++) {
            LevelMark mark = sheet.marks().get(i);
            LevelMark after = turned.marks().get(i);
            boolean fromTurned = after.from().distance(mark.from()) > MOVED;
            boolean toTurned = after.to().distance(mark.to()) > MOVED;
            if (fromTurned != toTurned) {
                (sheet.front() ? front : back)
                        .merge(
                                mark.level(),
                                shorter(mark, fromTurned, drawn.point(sheet), drawn.angle(sheet)),
                                Double::sum);
            }
        }
    }

    private static double shorter(LevelMark mark, boolean fromTurns, Point pin, double angle) {
        Point turns = fromTurns ? mark.from() : mark.to();
        Point stays = fromTurns ? mark.to() : mark.from();
        // Of the two ways round, closing is the one that brings the ends together.
        double closed = Math.min(
                stays.distance(pin.plus(pin.to(turns).turned(angle))),
                stays.distance(pin.plus(pin.to(turns).turned(-angle))));
        return mark.length() - closed;
    }

    private void requireOpenFront(ContourWedge wedge) throws NotDraftable {
        if (garment.fastening().closure().opensInFront()) {
            throw refuse(
                    wedge,
                    garment.wedge(wedge),
                    0,
                    Sentence.of(
                            "{}: it would bend centre front, and a busk needs it straight. Close the garment behind, or leave the wedge open.",
                            wedge.label()));
        }
    }

    /** Centre front is no longer straight: it cannot lie on the fold and is sewn. */
    private void centreFrontSewn() {
        String id = pattern.sheets().get(0).id();
        if (pattern.sheet(id).edge(PanelSheets.CENTRE_FRONT).kind() == OutlineEdge.Kind.FOLD) {
            SeamJoin.Ref centre = new SeamJoin.Ref(id, PanelSheets.CENTRE_FRONT);
            pattern = pattern.with(
                            id,
                            s -> s.with(
                                    PanelSheets.CENTRE_FRONT,
                                    e -> new OutlineEdge(e.name(), OutlineEdge.Kind.SEAM, e.seam(), e.path())))
                    .joining(new SeamJoin("SCF", "Centre front", centre, centre));
        }
    }

    private static String words(String seam) {
        return SeamPlace.ofId(seam).map(SeamPlace::inWords).orElse(seam);
    }

    private static NotDraftable refuse(ContourWedge wedge, double value, double limit, Sentence sentence) {
        return new NotDraftable(
                Finding.of(FindingKind.CONTOUR, wedge.id(), Finding.Status.FAULT, value, limit, sentence));
    }
}
