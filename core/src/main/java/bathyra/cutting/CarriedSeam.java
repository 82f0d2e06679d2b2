package bathyra.cutting;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.PrincessStart;
import bathyra.geometry.FairSpline;
import bathyra.geometry.Line;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.Ends;
import bathyra.paper.Sheet;
import bathyra.paper.TraceOff;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Two panels that are carried up along the seam between them, until it meets the edge above (C7.4, C7.5).
 *
 * @param body what the block says above the upper line
 * @param centre the panel nearer the centre
 * @param side the panel nearer the side
 * @param seam the name of their edges
 * @param sideSeam the name of the other edge of the panel at the side
 * @param start where the seam is led to
 * @param opened how the block lies on the panel at the side, before the seam is walked
 * @param end what the seam takes where it ends
 * @param drawing of the edge above
 */
record CarriedSeam(
        BodyTop body,
        Sheet centre,
        Sheet side,
        String seam,
        String sideSeam,
        PrincessStart start,
        Motion opened,
        UpperEnd end,
        Meeting.Drawing drawing) {
    private static final double BEYOND = 160;
    private static final double BESIDE_NECK = 16;
    private static final int TRIALS = 8;
    private static final double DAMPED = 0.6;
    private static final double LEAST_GAIN = 0.5;
    private static final double MOST_GAIN = 6;
    /** What the seam takes at its end is met as nearly as this, mm. */
    private static final double TAKEN = 0.25;
    /** On some bodies a seam has no room to come into the armhole squarely: as squarely as it goes. */
    private static final double[] SQUARELY = {1, 0.6, 0.3, 0};

    private static final double RIGHT_ANGLE = Math.PI / 2;

    /** Two panels carried up, and the line that was drawn over them. */
    record Carried(Sheet centre, Sheet side, TopLine line) {}

    /** @throws NotDraftable when the seam does not meet the edge, or the edge misses the underarm */
    Carried up() throws NotDraftable {
        NotDraftable refused = null;
        for (double squarely : SQUARELY) {
            try {
                return met(squarely);
            } catch (NotDraftable e) {
                refused = refused == null ? e : refused;
            }
        }
        throw refused;
    }

    /** @param squarely how far a seam that ends in the armhole is bent to come in square to it, 0 to 1 */
    private Carried met(double squarely) throws NotDraftable {
        Path near = down(centre.edge(seam).path());
        Path far = down(side.edge(seam).path());
        Path flank = down(side.edge(sideSeam).path());
        TopLine first = drawing.line(
                opened.inverse().apply(flank.start()), opened.inverse().apply(flank.startTangent()));
        Point target = target(first);
        // Both edges come in alike: else the panel would turn as they are laid on each other, and swing the underarm.
        Vec straight = near.start().to(target).unit();
        Vec arriving = intoArmhole(first)
                .map(square -> straight.times(1 - squarely)
                        .plus(square.times(squarely))
                        .unit())
                .orElse(straight);
        Vec outwards = body.turned(arriving, RIGHT_ANGLE);
        Path up = raised(near, end.near(target, outwards), arriving);
        Trial best = trial(end.taken(), up, far, target, outwards, arriving, flank);
        Trial last = best;
        // How much is gained by leading the edge one further, known from the last two trials.
        double gain = 1 / DAMPED;
        for (int round = 0; Math.abs(last.missing()) > TAKEN && round < TRIALS; round++) {
            double step = last.missing() / gain;
            Trial next = trial(last.by() + step, up, far, target, outwards, arriving, flank);
            gain = Math.max(LEAST_GAIN, Math.min(MOST_GAIN, (last.missing() - next.missing()) / step));
            last = next;
            best = Math.abs(next.missing()) < Math.abs(best.missing()) ? next : best;
        }
        Path partner = best.partner();
        Meeting.Met met = best.met();
        double off = met.off();
        if (off > Tolerance.CHORD) {
            throw new NotDraftable(Finding.of(
                    FindingKind.UPPER_EDGE,
                    "upperEdge",
                    Finding.Status.FAULT,
                    off,
                    Tolerance.CHORD,
                    Sentence.of(
                            "{}: the upper edge misses the underarm by {}. Draw the neckline higher or narrower, or let the princess seam begin elsewhere.",
                            side.name(),
                            Length.mm(off))));
        }
        TopLine line = met.line();
        Split split = split(line, met.there(), met.laid().inverse());
        Path nearSeam = up.between(0, met.here()).reversed().then(near);
        Path farSeam = partner.between(0, met.here()).reversed().then(far);
        boolean inFront = body.hand() > 0;
        return new Carried(
                topped(centre, split.before(), seam, nearSeam, inFront, true, line.declared()),
                topped(side, split.after(), seam, farSeam, inFront, false, List.of()),
                line);
    }

    /** The seam with its edge at the side led to one place: where it meets the edge above, and what it then does not take yet, mm. */
    private record Trial(double by, Path partner, Meeting.Met met, double missing) {}

    /** The edge is met beside the place where the seam is led to, and there its edges are not yet parallel. */
    private Trial trial(double by, Path up, Path far, Point target, Vec outwards, Vec arriving, Path flank)
            throws NotDraftable {
        Path partner = raised(far, opened.apply(end.far(target, outwards, by)), opened.apply(arriving));
        Meeting.Met met = new Meeting(up, partner, flank, drawing).found(opened).orElseThrow(() -> noMeeting());
        double missing = end.taken() > 0 ? end.taken() - apart(up.at(met.here()), partner.at(met.here())) : 0;
        return new Trial(by, partner, met, missing);
    }

    static Path down(Path path) {
        return path.start().y() < path.end().y() ? path : path.reversed();
    }

    /** Where the seam is led to: the middle of the shoulder or of the armhole, or the neck (C7.4, C18). A halter has no shoulder to lead it to. */
    private Point target(TopLine line) {
        return switch (start) {
            case ARMHOLE -> {
                Path armhole = line.edges().get(line.edges().size() - 1).path();
                yield armhole.at(armhole.length() / 2).point();
            }
            case NECK -> body.neck().plus(new Vec(-body.hand() * BESIDE_NECK, BESIDE_NECK));
            default -> body.onShoulder(body.shoulder() / 2);
        };
    }

    /** How far apart, square to the seam, its two edges lie at a place, the opened side dart apart. */
    private double apart(Path.Place here, Path.Place there) {
        return opened.apply(here.point()).to(there.point()).dot(opened.apply(body.turned(here.tangent(), RIGHT_ANGLE)));
    }

    /** A seam that begins in the armhole leaves it squarely: running along it the two would cross again (C10). */
    private Optional<Vec> intoArmhole(TopLine line) {
        if (start != PrincessStart.ARMHOLE) {
            return Optional.empty();
        }
        Path armhole = line.edges().get(line.edges().size() - 1).path();
        Vec across = armhole.at(armhole.length() / 2).tangent().turned(Math.PI / 2);
        Vec outwards = line.whole().start().to(armhole.at(armhole.length() / 2).point());
        return Optional.of(across.dot(outwards) > 0 ? across : across.reversed());
    }

    /** The seam carried up from its upper end, through where it is led and on. */
    private static Path raised(Path seam, Point target, Vec arriving) {
        Path curve = FairSpline.through(
                List.of(seam.start(), target), Optional.of(seam.startTangent().reversed()), Optional.of(arriving));
        return curve.then(Path.of(
                new Line(curve.end(), curve.end().plus(curve.endTangent().times(BEYOND)))));
    }

    private NotDraftable noMeeting() {
        return new NotDraftable(Finding.of(
                FindingKind.UPPER_EDGE,
                "upperEdge",
                Finding.Status.FAULT,
                0,
                0,
                Sentence.of(
                        "{}: the princess seam does not meet the upper edge. Draw the neckline higher or narrower, or let the seam begin elsewhere.",
                        centre.name())));
    }

    /** The edges before the seam as they lie, and those behind it on their own panel. */
    private record Split(List<OutlineEdge> before, List<OutlineEdge> after) {}

    /** @param piece how the panel at the side lies in the joined pattern */
    private static Split split(TopLine line, double at, Motion piece) {
        List<OutlineEdge> before = new ArrayList<>();
        List<OutlineEdge> after = new ArrayList<>();
        double run = 0;
        for (OutlineEdge edge : line.edges()) {
            double length = edge.path().length();
            double cut = Math.min(length, Math.max(0, at - run));
            if (cut > Tolerance.CHORD) {
                before.add(new OutlineEdge(
                        edge.name(),
                        edge.kind(),
                        edge.seam(),
                        cut >= length - Tolerance.CHORD
                                ? edge.path()
                                : edge.path().between(0, cut)));
            }
            if (cut < length - Tolerance.CHORD) {
                Path rest = cut <= Tolerance.CHORD ? edge.path() : edge.path().between(cut, length);
                after.add(new OutlineEdge(edge.name(), edge.kind(), edge.seam(), TraceOff.onto(rest, piece)));
            }
            run += length;
        }
        return new Split(before, after);
    }

    /** A sheet with the edges above put in place of its provisional upper edge. */
    private static Sheet topped(
            Sheet sheet,
            List<OutlineEdge> above,
            String seam,
            Path seamPath,
            boolean inFront,
            boolean centre,
            List<Piece.Corner> declared) {
        List<OutlineEdge> top = new ArrayList<>();
        for (OutlineEdge edge : above) {
            top.add(
                    inFront
                            ? edge
                            : new OutlineEdge(
                                    edge.name(),
                                    edge.kind(),
                                    edge.seam(),
                                    edge.path().reversed()));
        }
        if (!inFront) {
            Collections.reverse(top);
        }
        List<OutlineEdge> outline = new ArrayList<>();
        for (OutlineEdge edge : sheet.outline()) {
            if (edge.name().equals(PanelSheets.UPPER)) {
                outline.addAll(top);
            } else if (edge.name().equals(seam)) {
                boolean down = edge.path().start().y() < edge.path().end().y();
                outline.add(
                        new OutlineEdge(edge.name(), edge.kind(), edge.seam(), down ? seamPath : seamPath.reversed()));
            } else {
                outline.add(edge);
            }
        }
        Sheet next = sheet.withOutline(Ends.met(withCentre(outline, top, inFront, centre)));
        for (Piece.Corner corner : declared) {
            next = next.declaring(corner.at(), corner.degrees());
        }
        return next;
    }

    /** The centre line runs up to where the neckline begins. */
    private static List<OutlineEdge> withCentre(
            List<OutlineEdge> outline, List<OutlineEdge> top, boolean inFront, boolean centre) {
        if (!centre) {
            return outline;
        }
        Point neck = inFront
                ? top.get(0).path().start()
                : top.get(top.size() - 1).path().end();
        String name = inFront ? PanelSheets.CENTRE_FRONT : SeamPlace.CENTRE_BACK.id();
        List<OutlineEdge> next = new ArrayList<>();
        for (OutlineEdge edge : outline) {
            next.add(
                    edge.name().equals(name)
                            ? new OutlineEdge(
                                    edge.name(), edge.kind(), edge.seam(), reaching(edge.path(), neck, inFront))
                            : edge);
        }
        return next;
    }

    /** Centre front is one straight line and begins anew; centre back is carried up. */
    private static Path reaching(Path path, Point neck, boolean inFront) {
        if (inFront) {
            return Path.of(new Line(path.start(), neck));
        }
        return neck.y() < path.start().y()
                ? Path.of(new Line(neck, path.start())).then(path)
                : path.between(path.nearest(neck).arc(), path.length());
    }
}
