package bathyra.hand;

import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One thing to do at the table when a piece is drawn from its figures: grain, waist, upwards, downwards, corners, edges, join, darts, measure (C24).
 *
 * @param name in a word or two
 * @param row the height that is marked, of the piece at full size
 * @param figures what is marked, large, in order
 * @param points where the marks come, on the sheet of {@link HandPiece}, at full size
 */
public record HandStep(
        Kind kind, String name, Optional<HandPiece.Row> row, Sentence words, List<Figure> figures, List<Point> points) {
    /** Legs this near each other meet, mm. */
    private static final double MEETS = 0.5;

    /** What is done. */
    public enum Kind {
        GRAIN,
        WAIST,
        HEIGHT,
        CORNER,
        EDGE,
        JOIN,
        DART,
        MEASURE
    }

    /** A figure to be read from across the table. @param mm as the tape gives it */
    public record Figure(double mm, String words) {}

    public HandStep {
        figures = List.copyOf(figures);
        points = List.copyOf(points);
    }

    /** All steps of a piece, as a tape gives its figures. @param size how large it is drawn, 1 for full */
    public static List<HandStep> of(HandPiece hand, Controls controls, Division division, double size) {
        Offsets figures = hand.offsets().times(size).rounded(division);
        List<HandStep> steps = new ArrayList<>();
        double least =
                size * hand.rows().stream().mapToDouble(HandPiece.Row::up).min().orElse(0);
        double most =
                size * hand.rows().stream().mapToDouble(HandPiece.Row::up).max().orElse(0);
        steps.add(new HandStep(
                Kind.GRAIN,
                "Grain",
                Optional.empty(),
                Sentence.of("Draw the grain, {} long, along the selvedge or the edge of the paper.", mm(most - least)),
                List.of(new Figure(division.rounded(most - least), "long")),
                List.of()));
        steps.add(new HandStep(
                Kind.WAIST,
                "Zero on the grain",
                Optional.empty(),
                Sentence.of(
                        "Mark zero on it, {} from its lower end, and square a line across: everything is counted from there.",
                        mm(-least)),
                List.of(new Figure(division.rounded(-least), "from below")),
                List.of(new Point(0, 0))));
        List<HandPiece.Row> upwards = hand.rows().stream()
                .filter(r -> r.up() >= 0)
                .sorted(Comparator.comparingDouble(HandPiece.Row::up))
                .toList();
        List<HandPiece.Row> downwards =
                hand.rows().stream().filter(r -> r.up() < 0).toList();
        upwards.forEach(row -> steps.add(height(row, division, size)));
        downwards.forEach(row -> steps.add(height(row, division, size)));
        corners(steps, figures, size);
        edges(steps, figures);
        steps.add(new HandStep(
                Kind.JOIN,
                "Join the marks",
                Optional.empty(),
                Sentence.of("Join the marks from corner to corner with a fair curve; straight edges with the ruler."),
                List.of(),
                List.of()));
        HandDart.of(hand).forEach(dart -> dart(steps, dart, division, size));
        for (Controls.Edge edge : controls.edges()) {
            steps.add(new HandStep(
                    Kind.MEASURE,
                    edge.words(),
                    Optional.empty(),
                    Sentence.of("{}, measured along it from corner to corner.", edge.words()),
                    List.of(new Figure(division.rounded(size * edge.length()), "long")),
                    List.of()));
        }
        return steps;
    }

    /** Both legs at every height, and at its ends the one place where they meet. */
    private static void dart(List<HandStep> steps, HandDart dart, Division division, double size) {
        for (HandDart.Place place : dart.places()) {
            boolean meets = Math.abs(place.one() - place.other()) < MEETS;
            List<Figure> figures = new ArrayList<>(List.of(beside(place.one(), division, size)));
            List<Point> points = new ArrayList<>(List.of(new Point(place.one(), -place.up())));
            if (!meets) {
                figures.add(beside(place.other(), division, size));
                points.add(new Point(place.other(), -place.up()));
            }
            steps.add(new HandStep(
                    Kind.DART,
                    dart.name(),
                    Optional.empty(),
                    Sentence.of(
                            dart.name() + ": {} " + (place.up() >= 0 ? "up" : "down") + " from the waist "
                                    + (meets ? "its legs meet." : "prick both its legs."),
                            mm(division.rounded(size * Math.abs(place.up())))),
                    figures,
                    points));
        }
    }

    private static Figure beside(double right, Division division, double size) {
        return new Figure(division.rounded(size * Math.abs(right)), right >= 0 ? "right" : "left");
    }

    private static Length mm(double value) {
        return Length.mm(value);
    }

    private static HandStep height(HandPiece.Row row, Division division, double size) {
        List<Figure> figures = new ArrayList<>();
        List<Point> points = new ArrayList<>();
        row.left().ifPresent(l -> {
            figures.add(new Figure(division.rounded(size * l), "left"));
            points.add(new Point(-l, -row.up()));
        });
        row.right().ifPresent(r -> {
            figures.add(new Figure(division.rounded(size * r), "right"));
            points.add(new Point(r, -row.up()));
        });
        String both = points.size() > 1 ? "prick both marks" : "prick the mark";
        Sentence words = row.up() == 0
                ? Sentence.of("On the waist " + both + ".")
                : Sentence.of(
                        "Go {} " + (row.up() > 0 ? "up" : "down")
                                + " the grain from the waist. Lay the square on it and " + both + ".",
                        mm(size * Math.abs(row.up())));
        return new HandStep(Kind.HEIGHT, row.level().orElse(""), Optional.of(row), words, figures, points);
    }

    private static void corners(List<HandStep> steps, Offsets figures, double size) {
        for (int i = 0; i < figures.corners().size(); i++) {
            Offsets.Corner corner = figures.corners().get(i);
            Offsets.Corner before = figures.corners()
                    .get((i + figures.corners().size() - 1) % figures.corners().size());
            steps.add(new HandStep(
                    Kind.CORNER,
                    Controls.words(before.edge()) + ", "
                            + Controls.words(corner.edge()).toLowerCase(java.util.Locale.ROOT),
                    Optional.empty(),
                    Sentence.of(
                            "The corner of {} and {}.",
                            Controls.words(before.edge()).toLowerCase(java.util.Locale.ROOT),
                            Controls.words(corner.edge()).toLowerCase(java.util.Locale.ROOT)),
                    List.of(
                            new Figure(Math.abs(corner.up()), corner.up() >= 0 ? "up" : "down"),
                            new Figure(Math.abs(corner.right()), corner.right() >= 0 ? "right" : "left")),
                    List.of(new Point(corner.right() / size, -corner.up() / size))));
        }
    }

    private static void edges(List<HandStep> steps, Offsets figures) {
        for (Offsets.Corner corner : figures.corners()) {
            List<Offsets.Ordinate> own = figures.ordinates().stream()
                    .filter(o -> o.edge().equals(corner.edge()))
                    .toList();
            for (Offsets.Ordinate each : own) {
                steps.add(new HandStep(
                        Kind.EDGE,
                        Controls.words(corner.edge()),
                        Optional.empty(),
                        Sentence.of(
                                "{}: lay the ruler from corner to corner; {} along it, square "
                                        + (each.out() >= 0 ? "out" : "in") + ".",
                                Controls.words(corner.edge()),
                                mm(each.along())),
                        List.of(
                                new Figure(each.along(), "along"),
                                new Figure(Math.abs(each.out()), each.out() >= 0 ? "out" : "in")),
                        List.of()));
            }
        }
    }
}
