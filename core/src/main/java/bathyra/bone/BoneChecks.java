package bathyra.bone;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Boning;
import bathyra.garment.Boning.PanelBone;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;

/** Whether every channel lies in its piece, no two meet, and what was placed by hand still has its place. Measured on the finished pieces. */
final class BoneChecks {
    private static final double EVERY = 5;
    private static final double CHORD = 0.05;
    /** What a channel may stick out: less than its stitching. */
    private static final double OUT = 0.5;

    private static final double FINE = 0.1;
    static final double APART = 1;

    private BoneChecks() {}

    static List<Finding> look(Pattern pattern, List<Channel> channels, Boning boning) {
        List<Finding> findings = new ArrayList<>();
        Map<String, List<Point>> rings = new HashMap<>();
        pattern.pieces().forEach(p -> rings.put(p.id(), p.flattened(CHORD)));
        for (Channel channel : channels) {
            findings.add(fit(pattern, channel, rings));
        }
        for (int i = 0; i < channels.size(); i++) {
            for (int k = i + 1; k < channels.size(); k++) {
                clash(pattern, channels.get(i), channels.get(k), findings);
            }
        }
        for (PanelBone bone : boning.panels()) {
            if (channels.stream().noneMatch(c -> c.id().equals(bone.id()))) {
                findings.add(Finding.of(
                        FindingKind.CHANNEL_PLACE,
                        bone.id(),
                        Finding.Status.NOTE,
                        0,
                        0,
                        Sentence.of("A channel that you placed in the piece " + bone.piece()
                                + " has no place there any more. Place it anew, or leave it out.")));
            }
        }
        Set<String> idle = new TreeSet<>(boning.kinds().keySet());
        idle.addAll(boning.stops().keySet());
        idle.removeAll(boning.without());
        channels.forEach(c -> idle.remove(c.id()));
        if (!idle.isEmpty()) {
            findings.add(Finding.of(
                    FindingKind.NO_EFFECT,
                    "boning",
                    Finding.Status.NOTE,
                    idle.size(),
                    0,
                    Sentence.of(
                            "Kinds or ends are set for channels that this garment has not: {}. They have no effect here and are kept for when the channels are there again.",
                            String.join("; ", idle).replace('-', ' '))));
        }
        return findings;
    }

    private static Finding fit(Pattern pattern, Channel channel, Map<String, List<Point>> rings) {
        double worst = 0;
        Finding.Place place = null;
        for (Channel.Run run : channel.runs()) {
            List<Point> ring = rings.get(run.piece());
            Predicate<Point> inside = Shape.inside(ring);
            for (Point p : outline(run, channel.width())) {
                if (!inside.test(p)) {
                    double out = Shape.away(ring, p);
                    if (out > worst) {
                        worst = out;
                        place = new Finding.Place(run.piece(), p);
                    }
                }
            }
        }
        if (worst <= OUT) {
            return Finding.of(
                    FindingKind.CHANNEL_FIT,
                    channel.id(),
                    Finding.Status.OK,
                    worst,
                    OUT,
                    Sentence.of(
                            "{}: the channel of {} lies within its panel.",
                            channel.label(),
                            Length.mm(channel.width())));
        }
        Piece piece = pattern.piece(place.piece());
        return Finding.of(
                        FindingKind.CHANNEL_FIT,
                        channel.id(),
                        Finding.Status.FAULT,
                        worst,
                        OUT,
                        Sentence.of(
                                "{}: the channel of {} sticks out of {} by {}. Move it, take a narrower bone, or end it sooner.",
                                channel.label(),
                                Length.mm(channel.width()),
                                piece.name().toLowerCase(Locale.ROOT),
                                Length.mm(worst)))
                .at(place.piece(), place.at());
    }

    /** Points on both sides of a run, but for its ends, which the edges above and below cut off. Walked along its chords: to look up places by arc length costs more than all else here. */
    static List<Point> outline(Channel.Run run, double width) {
        List<Point> points = new ArrayList<>();
        double end = run.path().length() - width;
        double next = width;
        double arc = 0;
        List<Point> line = run.path().flattened(CHORD);
        for (int i = 1; i < line.size(); i++) {
            Vec along = line.get(i - 1).to(line.get(i));
            double length = along.length();
            for (; next <= arc + length && next < end && length > 0; next += EVERY) {
                Point at = line.get(i - 1).plus(along.times((next - arc) / length));
                Vec side = along.turned(Math.PI / 2).times(width / 2 / length);
                if (run.half() >= 0) {
                    points.add(at.plus(side));
                }
                if (run.half() <= 0) {
                    points.add(at.plus(side.reversed()));
                }
            }
            arc += length;
        }
        return points;
    }

    /** How far apart the middles of two channels must lie, mm. */
    static double needed(Channel a, Channel b) {
        return (a.width() + b.width()) / 2 + APART;
    }

    /**
     * Where two channels come too near each other.
     *
     * @param distance of their middles, mm
     */
    record Nearest(double distance, Finding.Place place) {}

    /** The place where two channels come nearest; empty where they keep clear of each other or share no piece. */
    static Optional<Nearest> tooNear(Channel a, Channel b) {
        double least = needed(a, b);
        Finding.Place place = null;
        for (Channel.Run one : a.runs()) {
            for (Channel.Run other : b.runs()) {
                if (!one.piece().equals(other.piece())) {
                    continue;
                }
                List<Point> line = other.path().flattened(FINE);
                for (Point at : one.path().flattened(FINE)) {
                    double distance = Shape.distance(line, at);
                    if (distance < least) {
                        least = distance;
                        place = new Finding.Place(one.piece(), at);
                    }
                }
            }
        }
        return place == null ? Optional.empty() : Optional.of(new Nearest(least, place));
    }

    private static void clash(Pattern pattern, Channel a, Channel b, List<Finding> findings) {
        double needed = needed(a, b);
        Optional<Nearest> nearest = tooNear(a, b);
        double least = nearest.map(Nearest::distance).orElse(needed);
        Finding.Place place = nearest.map(Nearest::place).orElse(null);
        if (place != null) {
            findings.add(Finding.of(
                            FindingKind.CHANNEL_CLASH,
                            a.id() + " " + b.id(),
                            Finding.Status.FAULT,
                            least,
                            needed,
                            Sentence.of(
                                    "{} and {}: in {} their middles come within {} of each other; they need {}. Move one, end it sooner, or leave it out.",
                                    a.label(),
                                    b.label().toLowerCase(Locale.ROOT),
                                    pattern.piece(place.piece()).name().toLowerCase(Locale.ROOT),
                                    Length.mm(least),
                                    Length.mm(needed)))
                    .at(place.piece(), place.at()));
        }
    }
}
