package bathyra.practice;

import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Sums on the upper edge or the neckline as it lies on the finished panels (C10). */
final class EdgeSums {
    private static final Rule SUM = Rule.of("C10", "edges");
    /** A rise or fall that is worth a sum, mm. */
    private static final double SEEN = 5;

    private static final double CHORD = 0.5;

    private final Draft draft;
    private final EdgeRole role;

    private EdgeSums(Draft draft) {
        this.draft = draft;
        this.role = edges(draft.panelPieces(), EdgeRole.NECKLINE).findAny().isPresent()
                ? EdgeRole.NECKLINE
                : EdgeRole.UPPER;
    }

    static List<Exercise> of(Draft draft) {
        EdgeSums sums = new EdgeSums(draft);
        List<Exercise> all = new ArrayList<>();
        sums.rise().ifPresent(all::add);
        sums.fall().ifPresent(all::add);
        sums.whole().ifPresent(all::add);
        return all;
    }

    private String edge() {
        return role == EdgeRole.NECKLINE ? "neckline" : "upper edge";
    }

    private static Stream<OutlineEdge> edges(List<Piece> pieces, EdgeRole role) {
        return pieces.stream().flatMap(p -> p.outline().stream()).filter(e -> e.role() == role);
    }

    private List<Piece> ofFront(boolean front) {
        return draft.panelPieces().stream().filter(p -> p.front() == front).toList();
    }

    /** The height of the edge at one of its points. @param level of the same panel, over which it is counted */
    private record Height(Level level, double above) {}

    /** Along the edge in front or behind, from centre front on; only where a level lies on the panel. */
    private List<Height> heights(boolean front) {
        List<Height> all = new ArrayList<>();
        for (Piece piece : ofFront(front)) {
            Optional<Level> level = Stream.of(Level.BUST, Level.UNDERBUST, Level.WAIST)
                    .filter(l -> piece.mark(l).isPresent())
                    .findFirst();
            if (level.isPresent()) {
                LevelMark mark = piece.mark(level.get()).orElseThrow();
                edges(List.of(piece), role)
                        .flatMap(e -> inWearingOrder(e, mark).stream())
                        .forEach(p -> all.add(new Height(level.get(), above(mark, p))));
            }
        }
        return all;
    }

    private static List<Point> inWearingOrder(OutlineEdge edge, LevelMark mark) {
        List<Point> points = new ArrayList<>(edge.path().flattened(CHORD));
        if (along(mark, points.get(0)) > along(mark, points.get(points.size() - 1))) {
            Collections.reverse(points);
        }
        return points;
    }

    private static double along(LevelMark mark, Point p) {
        Vec line = mark.from().to(mark.to());
        return mark.from().to(p).dot(line) / line.length();
    }

    /** Upwards on the paper is less. */
    private static double above(LevelMark mark, Point p) {
        Vec line = mark.from().to(mark.to());
        return -line.cross(mark.from().to(p)) / line.length();
    }

    /** From centre front up to the crest. */
    private Optional<Exercise> rise() {
        List<Height> front = heights(true);
        if (front.isEmpty()) {
            return Optional.empty();
        }
        Height first = front.get(0);
        double crest = front.stream()
                .filter(h -> h.level() == first.level())
                .mapToDouble(Height::above)
                .max()
                .orElse(first.above());
        double rise = crest - first.above();
        if (rise < SEEN) {
            return Optional.empty();
        }
        Reckoned begins = length("At centre front", first.above());
        Reckoned rises = length("Rises by", rise);
        return Optional.of(new Exercise(
                Skill.NECKLINE,
                Sentence.of(
                        "At centre front the " + edge()
                                + " lies {} above the {} line; from there it rises by {}. How high is it at its highest?",
                        begins.length(),
                        name(first.level()),
                        rises.length()),
                begins.plus(rises).named("At its highest", SUM),
                Sentence.of("Both heights stand on the same line."),
                Exercise.At.level(first.level())));
    }

    /** From the side seam to centre back. */
    private Optional<Exercise> fall() {
        List<Height> back = heights(false);
        if (role == EdgeRole.NECKLINE || back.isEmpty()) {
            return Optional.empty();
        }
        Height first = back.get(0);
        Height last = back.get(back.size() - 1);
        double fall = first.above() - last.above();
        if (fall < SEEN || first.level() != last.level()) {
            return Optional.empty();
        }
        Reckoned side = length("At the side", first.above());
        Reckoned falls = length("Falls by", fall);
        return Optional.of(new Exercise(
                Skill.NECKLINE,
                Sentence.of(
                        "At the side seam the upper edge lies {} above the {} line, and to centre back it falls by {}. How high is it there?",
                        side.length(),
                        name(first.level()),
                        falls.length()),
                side.minus(falls).named("At centre back", SUM),
                Sentence.of("What falls is taken away."),
                Exercise.At.level(first.level())));
    }

    /** What is bound. */
    private Optional<Exercise> whole() {
        double front = measured(true);
        double back = measured(false);
        if (front < SEEN || back < SEEN) {
            return Optional.empty();
        }
        Reckoned ahead = length("In front", front);
        Reckoned behind = length("Behind", back);
        return Optional.of(new Exercise(
                Skill.NECKLINE,
                Sentence.of(
                        "On one half the " + edge()
                                + " measures {} in front and {} behind. How long is it round the whole garment?",
                        ahead.length(),
                        behind.length()),
                ahead.plus(behind).times(Given.constant(2, Quantity.RATIO)).named("Round the whole garment", SUM),
                Sentence.of("A pattern is one half."),
                Exercise.At.level(Level.WAIST)));
    }

    private double measured(boolean front) {
        return edges(ofFront(front), role).mapToDouble(e -> e.path().length()).sum();
    }

    private static String name(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }

    private static Reckoned length(String name, double mm) {
        return Given.option(name, mm, Quantity.LENGTH, "given", SUM);
    }
}
