package bathyra.bone;

import bathyra.draft.Draft;
import bathyra.garment.Boning.PanelBone;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.girth.LevelPlan;
import bathyra.piece.LevelMark;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How the reduction at a level is carried by the bones. By how much the body is drawn in there falls on the seams as they take in; a seam's
 * part is shared by the bones within reach, the nearer carrying more, and what no bone is near enough to carry hangs. The reach is the
 * program's own figure.
 *
 * @param level where
 * @param width half the girth there, mm
 * @param reduction by how much half the body is drawn in, mm; nothing where the garment is worn with ease
 * @param loads what each bone carries, from centre front to centre back
 * @param hanging the seams whose intake no bone is near enough to carry
 */
public record Support(Level level, double width, double reduction, List<Load> loads, List<Hanging> hanging) {
    /** Farther away a bone carries nothing of a seam, mm. */
    public static final double REACH = 60;

    private static final double NEXT_TO_NOTHING = 2.5;
    private static final double NEAR = 0.5;
    private static final double CHORD = 0.2;

    /** A bone at a level. @param at how far from centre front along the level line, mm */
    record Bearer(String channel, double at) {}

    /** What a bone carries. @param at how far from centre front, mm @param carried of the half's reduction, mm */
    public record Load(String channel, double at, double carried) {}

    /** A seam that nothing carries. @param part its part of the reduction, mm @param away how far the nearest bone stands, mm; endless when there is none */
    public record Hanging(SeamPlace seam, double at, double part, double away) {}

    public Support {
        loads = List.copyOf(loads);
        hanging = List.copyOf(hanging);
    }

    static Support at(Draft draft, Level level, List<Channel> channels) {
        List<Bearer> bearers = bearers(draft, level, channels, List.of());
        List<Hanging> hanging = new ArrayList<>();
        for (Seam seam : seams(draft, level)) {
            double away = bearers.stream()
                    .mapToDouble(b -> Math.abs(b.at() - seam.at()))
                    .min()
                    .orElse(Double.POSITIVE_INFINITY);
            if (seam.part() > NEXT_TO_NOTHING && away >= REACH && !shapesTheBust(draft, level, seam.seam())) {
                hanging.add(new Hanging(seam.seam(), seam.at(), seam.part(), away));
            }
        }
        double width = draft.pattern().pieces().stream()
                .flatMap(p -> p.mark(level.id()).stream())
                .mapToDouble(LevelMark::length)
                .sum();
        return new Support(level, width, reduction(draft, level), share(draft, level, bearers), hanging);
    }

    /** Over the bust the seam through the apex shapes the breast, which carries it; a bone there would lie across it. */
    private static boolean shapesTheBust(Draft draft, Level level, SeamPlace seam) {
        return (level == Level.UPPER || level == Level.BUST)
                && draft.intakes().axes().isThroughApex(seam, draft.block().front(Level.BUST));
    }

    /** By how much half the body is drawn in at a level, mm; nothing where the garment is worn with ease. */
    static double reduction(Draft draft, Level level) {
        LevelPlan plan = draft.girths().at(level);
        return Math.max(0, plan.body().value() - plan.worn().value()) / 2;
    }

    /** What the bones carry at a level, mm of one half. */
    public double carried() {
        return loads.stream().mapToDouble(Load::carried).sum();
    }

    /** A seam at a level. @param part its part of the reduction, mm */
    private record Seam(SeamPlace seam, double at, double part) {}

    private static List<Seam> seams(Draft draft, Level level) {
        Map<String, Double> beginnings = Channels.beginnings(draft.pattern(), level);
        List<Seam> seams = new ArrayList<>();
        double all = draft.intakes().seams().stream()
                .filter(s -> draft.intakes().has(level, s))
                .mapToDouble(s -> Math.max(0, draft.intakes().own(level, s)))
                .sum();
        double reduction = reduction(draft, level);
        for (SeamPlace place : draft.intakes().seams()) {
            if (!draft.intakes().has(level, place)) {
                continue;
            }
            double part = all == 0 ? 0 : reduction * Math.max(0, draft.intakes().own(level, place)) / all;
            double at = place.part() == SeamPlace.Part.CENTRE_BACK
                    ? beginnings.values().stream()
                                    .mapToDouble(Double::doubleValue)
                                    .max()
                                    .orElse(0)
                            + last(draft.pattern(), level)
                    : draft.pattern().seams().stream()
                            .filter(s -> s.a().edge().equals(place.id()) && beginnings.containsKey(s.b().piece()))
                            .mapToDouble(s -> beginnings.get(s.b().piece()))
                            .findFirst()
                            .orElse(Double.NaN);
            if (!Double.isNaN(at)) {
                seams.add(new Seam(place, at, part));
            }
        }
        return seams;
    }

    private static double last(Pattern pattern, Level level) {
        List<Piece> marked = pattern.pieces().stream()
                .filter(p -> p.mark(level.id()).isPresent())
                .toList();
        return marked.isEmpty()
                ? 0
                : marked.get(marked.size() - 1).mark(level.id()).orElseThrow().length();
    }

    static List<Load> share(Draft draft, Level level, List<Bearer> bearers) {
        double[] carried = new double[bearers.size()];
        for (Seam seam : seams(draft, level)) {
            double[] weights = bearers.stream()
                    .mapToDouble(b -> Math.max(0, 1 - Math.abs(b.at() - seam.at()) / REACH))
                    .toArray();
            double sum = 0;
            for (double w : weights) {
                sum += w;
            }
            for (int i = 0; i < carried.length && sum > 0; i++) {
                carried[i] += seam.part() * weights[i] / sum;
            }
        }
        List<Load> loads = new ArrayList<>();
        for (int i = 0; i < carried.length; i++) {
            loads.add(new Load(bearers.get(i).channel(), bearers.get(i).at(), carried[i]));
        }
        return loads;
    }

    /** Where the channels cross a level, from centre front. @param planned channels inside panels that are not drawn yet */
    static List<Bearer> bearers(Draft draft, Level level, List<Channel> channels, List<PanelBone> planned) {
        Map<String, Double> beginnings = Channels.beginnings(draft.pattern(), level);
        List<Bearer> bearers = new ArrayList<>();
        for (Channel channel : channels) {
            Channel.Run run = channel.runs().get(0);
            Optional<LevelMark> mark = draft.pattern().piece(run.piece()).mark(level.id());
            mark.flatMap(m -> along(m, run.path()))
                    .ifPresent(way -> bearers.add(new Bearer(channel.id(), beginnings.get(run.piece()) + way)));
        }
        for (PanelBone bone : planned) {
            draft.pattern()
                    .piece(bone.piece())
                    .mark(level.id())
                    .ifPresent(m -> bearers.add(
                            new Bearer(bone.id(), beginnings.get(bone.piece()) + bone.share() * m.length())));
        }
        bearers.sort(Comparator.comparingDouble(Bearer::at));
        return bearers;
    }

    /** How far along a level line a channel crosses it; empty when it ends above or below. */
    private static Optional<Double> along(LevelMark mark, Path path) {
        Point from = mark.from();
        Vec level = from.to(mark.to()).unit();
        List<Point> line = path.flattened(CHORD);
        for (int i = 1; i < line.size(); i++) {
            double above = level.cross(from.to(line.get(i - 1)));
            double below = level.cross(from.to(line.get(i)));
            if (above <= NEAR && below >= -NEAR && below > above) {
                double share = Math.max(0, Math.min(1, -above / (below - above)));
                double way =
                        from.to(line.get(i - 1).between(line.get(i), share)).dot(level);
                return Optional.of(Math.max(0, Math.min(mark.length(), way)));
            }
        }
        return Optional.empty();
    }
}
