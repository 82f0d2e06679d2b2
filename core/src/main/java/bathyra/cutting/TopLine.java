package bathyra.cutting;

import bathyra.edge.RoundNeck;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.UpperShape;
import bathyra.geometry.Cubic;
import bathyra.geometry.FairSpline;
import bathyra.geometry.Line;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.ContourWedge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * The edge of one half above the upper line, drawn on the joined pattern from the centre to the underarm (C10): neckline, shoulder or
 * strap end, armhole.
 *
 * @param edges in this order, each beginning where the one before ends
 * @param declared corners that are drawn on purpose
 * @param neckAngle the angle inside the cloth between neckline and shoulder, radians
 */
record TopLine(List<OutlineEdge> edges, List<Piece.Corner> declared, double neckAngle) {
    static final String NECKLINE = EdgeRole.NECKLINE.id();
    static final String SHOULDER = EdgeRole.SHOULDER.id();
    static final String STRAP_END = EdgeRole.STRAP_END.id();
    static final String ARMHOLE = EdgeRole.ARMHOLE.id();
    private static final double RIGHT_ANGLE = Math.PI / 2;
    private static final double STRAIGHT = 10.5;
    private static final double FAR = 5000;
    /** So far the armhole stays within tip and underarm, mm: the less of it the rounder. */
    private static final double HOLLOW_LEAST = 15;

    private static final double HOLLOW_MOST = 90;
    private static final double HOLLOW_STEP = 7.5;
    private static final int HALVINGS = 9;
    /** An armhole is round from this radius on (C10.1), and a hair more for what a yoke cuts out of it. */
    private static final double ROUND = 25.5;

    /** A yoke's line needs the cloth that a rounder armhole would take. */
    private static final double ROUND_UNDER_YOKE = 15;

    private static final double SHOULDER_LEAST = 25;
    /** Where a square neckline has its corner, the usual place first. */
    static final double[] CORNER_SHARES = {0.85, 0.7, 0.95, 0.58};

    private static final double LOBE = 0.78;
    private static final double LOBE_RISE = 42;
    private static final double LOBE_SHARE = 0.35;
    private static final double DIP_DEGREES = 62;

    TopLine {
        edges = List.copyOf(edges);
        declared = List.copyOf(declared);
    }

    /** The front of a garment. @param underarm on the joined pattern @param down the direction of the side seam there @param corner the angle inside the cloth at the underarm @param cornerShare how far out a square neckline has its corner, as a share of the way to the shoulder's end @param apex how far the apex lies from the centre, where a sweetheart off the shoulder has its crest */
    static TopLine front(
            BodyTop body, Garment garment, Point underarm, Vec down, double corner, double cornerShare, double apex)
            throws NotDraftable {
        Cover cover = garment.top().cover();
        double depth = cover == Cover.OFF_SHOULDER
                ? garment.length(LengthOption.SHOULDER_LINE).value()
                        + garment.length(LengthOption.EDGE_DIP).value()
                : garment.length(LengthOption.NECKLINE_DEPTH).value();
        Point centre = new Point(body.centre(), depth);
        if (cover == Cover.OFF_SHOULDER) {
            return offShoulder(
                    body,
                    garment,
                    centre,
                    garment.length(LengthOption.SHOULDER_LINE).value(),
                    underarm,
                    down,
                    corner,
                    apex);
        }
        double width = width(body, garment);
        double strap =
                cover == Cover.HALTER ? garment.length(LengthOption.STRAP_WIDTH).value() : body.shoulder() - width;
        Point neck = body.onShoulder(width);
        Point tip = body.onShoulder(width + strap);
        Path shoulder = shoulder(neck, tip, cover == Cover.HALTER ? 0 : garment.wedge(ContourWedge.SHOULDER));
        List<Piece.Corner> declared = new ArrayList<>();
        Path neckline = neckline(
                garment.upperEdge(), garment, body, centre, neck, shoulder.startTangent(), cornerShare, declared);
        double angle = Math.abs(neckline.endTangent().reversed().angleTo(shoulder.startTangent()));
        Path armhole = armhole(
                body,
                tip,
                body.turned(shoulder.endTangent(), RIGHT_ANGLE),
                cover == Cover.SHOULDERS ? round(garment) : 0,
                underarm,
                down,
                corner);
        boolean halter = cover == Cover.HALTER;
        OutlineEdge across = new OutlineEdge(
                halter ? STRAP_END : SHOULDER,
                halter ? OutlineEdge.Kind.EDGE : OutlineEdge.Kind.SEAM,
                Optional.empty(),
                shoulder);
        return new TopLine(List.of(edge(NECKLINE, neckline), across, edge(ARMHOLE, armhole)), declared, angle);
    }

    /** A round neckline from a depth on a centre line that need not be upright there. */
    private static Path squareTo(Path centreLine, Point usual, Point neck, Vec arriving) {
        if (usual.y() <= centreLine.start().y()) {
            return RoundNeck.between(usual, neck, arriving, STRAIGHT);
        }
        Path.Place begin = centreLine.at(centreLine
                .crossing(Path.of(new Line(new Point(-FAR, usual.y()), new Point(FAR, usual.y()))))
                .map(Path.Crossing::here)
                .orElse(0.0));
        Motion upright = Motion.about(begin.point(), begin.tangent().angleTo(Vec.DOWN));
        Path drawn = RoundNeck.between(begin.point(), upright.apply(neck), upright.apply(arriving), STRAIGHT);
        return upright.inverse().apply(drawn);
    }

    /**
     * The back that goes with a front: the shoulders equally long, the neckline running through.
     *
     * @param centreBack the centre back edge of the panel, from the top down: a deep neckline begins on it, and square to it
     */
    static TopLine back(
            BodyTop body,
            Garment garment,
            double down,
            double frontAngle,
            Path centreBack,
            Point underarm,
            Vec side,
            double corner)
            throws NotDraftable {
        if (garment.top().cover() == Cover.OFF_SHOULDER) {
            double line = garment.length(LengthOption.SHOULDER_LINE).value() + down;
            return offShoulder(body, garment, new Point(body.centre(), line), line, underarm, side, corner, 0);
        }
        Point neck = body.onShoulder(width(body, garment));
        Path shoulder = shoulder(neck, body.tip(), garment.wedge(ContourWedge.SHOULDER));
        Vec arriving =
                body.turned(shoulder.startTangent(), Math.PI - frontAngle).reversed();
        double depth = garment.length(LengthOption.BACK_NECKLINE).value() + down;
        Path neckline = squareTo(centreBack, new Point(body.centre(), depth), neck, arriving);
        return new TopLine(
                List.of(
                        edge(NECKLINE, neckline),
                        new OutlineEdge(SHOULDER, OutlineEdge.Kind.SEAM, Optional.empty(), shoulder),
                        edge(
                                ARMHOLE,
                                armhole(
                                        body,
                                        body.tip(),
                                        body.turned(shoulder.endTangent(), RIGHT_ANGLE),
                                        round(garment),
                                        underarm,
                                        side,
                                        corner))),
                List.of(),
                Math.PI - frontAngle);
    }

    private static OutlineEdge edge(String name, Path path) {
        return new OutlineEdge(
                name,
                name.equals(ARMHOLE) || name.equals(NECKLINE) ? OutlineEdge.Kind.EDGE : OutlineEdge.Kind.SEAM,
                Optional.empty(),
                path);
    }

    private static double width(BodyTop body, Garment garment) throws NotDraftable {
        double width = garment.length(LengthOption.NECKLINE_WIDTH).value();
        double strap = garment.top().cover() == Cover.HALTER
                ? garment.length(LengthOption.STRAP_WIDTH).value()
                : SHOULDER_LEAST;
        if (width > body.shoulder() - strap) {
            throw refuse(
                    LengthOption.NECKLINE_WIDTH,
                    width,
                    body.shoulder() - strap,
                    Sentence.of(
                            "Neckline: it takes {} of a shoulder of {}, and {} must be left. Up to {} can be drawn.",
                            Length.mm(width),
                            Length.mm(body.shoulder()),
                            Length.mm(strap),
                            Length.mm(Math.max(0, Math.floor(body.shoulder() - strap)))));
        }
        return width;
    }

    private static Path shoulder(Point neck, Point tip, double lowered) {
        if (lowered == 0) {
            return Path.of(new Line(neck, tip));
        }
        return FairSpline.through(
                List.of(neck, neck.between(tip, 0.5).plus(new Vec(0, lowered)), tip),
                Optional.empty(),
                Optional.empty());
    }

    private static TopLine offShoulder(
            BodyTop body,
            Garment garment,
            Point centre,
            double line,
            Point underarm,
            Vec side,
            double corner,
            double apex)
            throws NotDraftable {
        Point end = new Point(body.tip().x(), line);
        if (underarm.y() - line < SHOULDER_LEAST) {
            double asked = garment.length(LengthOption.SHOULDER_LINE).value();
            double most = asked + underarm.y() - line - SHOULDER_LEAST;
            throw refuse(
                    LengthOption.SHOULDER_LINE,
                    asked,
                    most,
                    Sentence.of(
                            "Off-shoulder edge: at {} below the neck end only {} are left above the underarm. Draw it higher; {} can be drawn.",
                            Length.mm(asked),
                            Length.mm(underarm.y() - line),
                            Length.mm(Math.floor(most))));
        }
        Vec across = new Vec(body.hand(), 0);
        // A sweetheart has risen over the apex and goes on level; a curved edge rises all the way.
        boolean crested = garment.upperEdge() == UpperShape.SWEETHEART && apex > 2 * STRAIGHT;
        double out = Math.abs(end.x() - centre.x());
        Point crest = crested ? new Point(centre.x() + body.hand() * Math.min(apex, out - STRAIGHT), line) : end;
        double bend = Math.abs(crest.x() - centre.x());
        Path neckline = centre.y() == line
                ? Path.of(new Line(centre, end))
                : Path.of(new Line(centre, centre.plus(across.times(STRAIGHT))))
                        .then(Path.of(Cubic.hermite(
                                centre.plus(across.times(STRAIGHT)), across.times(bend), crest, across.times(bend))));
        if (crested && centre.y() != line) {
            neckline = neckline.then(Path.of(new Line(crest, end)));
        }
        Path armhole = armhole(body, end, body.turned(across, RIGHT_ANGLE), 0, underarm, side, corner);
        return new TopLine(List.of(edge(NECKLINE, neckline), edge(ARMHOLE, armhole)), List.of(), RIGHT_ANGLE);
    }

    /**
     * One curve from the tip to the underarm: hollowed as on the block where that can be sewn, less where the armhole is short.
     *
     * @param leaving square to the shoulder
     * @param round the least radius it should have, mm; 0 for a short one without a hollow
     */
    private static Path armhole(
            BodyTop body, Point tip, Vec leaving, double round, Point underarm, Vec down, double corner) {
        Vec arriving = body.turned(down, corner).reversed();
        if (round == 0) {
            return FairSpline.through(List.of(tip, underarm), Optional.of(leaving), Optional.of(arriving));
        }
        DoubleFunction<Path> hollowed = within -> {
            double most = Math.min(body.hand() * tip.x(), body.hand() * underarm.x()) - within;
            Point hollow = new Point(
                    body.hand() * Math.min(body.hand() * body.hollow().x(), most), (tip.y() + underarm.y()) / 2);
            return FairSpline.through(List.of(tip, hollow, underarm), Optional.of(leaving), Optional.of(arriving));
        };
        double roundest = HOLLOW_LEAST;
        for (double within = HOLLOW_LEAST; within <= HOLLOW_MOST; within += HOLLOW_STEP) {
            if (hollowed.apply(within).tightest() > round) {
                return hollowed.apply(within == HOLLOW_LEAST ? within : between(hollowed, within, round));
            }
            roundest =
                    hollowed.apply(within).tightest() > hollowed.apply(roundest).tightest() ? within : roundest;
        }
        Path straight = FairSpline.through(List.of(tip, underarm), Optional.of(leaving), Optional.of(arriving));
        Path hollow = hollowed.apply(roundest);
        return hollow.tightest() >= straight.tightest() ? hollow : straight;
    }

    /** The deepest hollow that is round, in no steps: an armhole that jumps when a figure changes by a millimetre is no fair answer. @param first one that is; a step before it is not */
    private static double between(DoubleFunction<Path> hollowed, double first, double round) {
        double tight = first - HOLLOW_STEP;
        double found = first;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (tight + found) / 2;
            if (hollowed.apply(middle).tightest() > round) {
                found = middle;
            } else {
                tight = middle;
            }
        }
        return found;
    }

    private static double round(Garment garment) {
        return garment.top().yoke() ? ROUND_UNDER_YOKE : ROUND;
    }

    private static Path neckline(
            UpperShape shape,
            Garment garment,
            BodyTop body,
            Point centre,
            Point neck,
            Vec shoulder,
            double cornerShare,
            List<Piece.Corner> declared)
            throws NotDraftable {
        if (centre.y() < neck.y() + STRAIGHT) {
            throw refuse(
                    LengthOption.NECKLINE_DEPTH,
                    centre.y(),
                    neck.y() + STRAIGHT,
                    Sentence.of(
                            "Neckline, centre front: it lies {} below the neck end, and must lie below the shoulder. From {} on it can be drawn.",
                            Length.mm(centre.y()),
                            Length.mm(Math.ceil(neck.y() + STRAIGHT))));
        }
        return switch (shape) {
            case V, PLUNGE -> {
                declared.add(new Piece.Corner(
                        centre, Math.toDegrees(Math.abs(centre.to(neck).angleTo(Vec.DOWN)))));
                yield Path.of(new Line(centre, neck));
            }
            case SQUARE -> {
                boolean own = garment.lengths().containsKey(LengthOption.EDGE_WIDTH);
                double most = Math.abs(neck.x() - centre.x());
                double out =
                        own ? Math.min(garment.length(LengthOption.EDGE_WIDTH).value(), most) : most * cornerShare;
                Point low = new Point(centre.x() + body.hand() * out, centre.y());
                declared.add(new Piece.Corner(low, 270));
                yield Path.of(new Line(centre, low), new Line(low, neck));
            }
            case SWEETHEART -> {
                Point lobe = new Point(
                        centre.x() + (neck.x() - centre.x()) * LOBE,
                        centre.y() - Math.min(LOBE_RISE, (centre.y() - neck.y()) * LOBE_SHARE));
                Vec leaving = body.turned(Vec.DOWN, -Math.toRadians(DIP_DEGREES + 60));
                double pace = centre.distance(lobe);
                declared.add(new Piece.Corner(centre, Math.toDegrees(Math.abs(leaving.angleTo(Vec.DOWN)))));
                declared.add(new Piece.Corner(lobe, 270));
                Point from = centre.plus(leaving.times(STRAIGHT));
                yield Path.of(
                        new Line(centre, from),
                        Cubic.hermite(from, leaving.times(pace), lobe, new Vec(body.hand(), 0).times(pace)),
                        new Line(lobe, neck));
            }
            default ->
                RoundNeck.between(
                        centre, neck, body.turned(shoulder, RIGHT_ANGLE).reversed(), STRAIGHT);
        };
    }

    /** All edges as one path from the centre to the underarm. */
    Path whole() {
        return edges.stream().map(OutlineEdge::path).reduce(Path::then).orElseThrow();
    }

    private static NotDraftable refuse(LengthOption option, double value, double limit, Sentence sentence) {
        return new NotDraftable(
                Finding.of(FindingKind.UPPER_EDGE, option.id(), Finding.Status.FAULT, value, limit, sentence));
    }
}
