package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.LineCrossing;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Every allowance has room: along most of an edge it does not run into the allowance of another stretch of the same piece, as it
 * does in a slot or a keyhole, nor into that of the other half where the piece is cut on the fold. Measured from the sewing line
 * straight outwards. At the tip of a V, or where a hollow is merely tight, two allowances meet over a part of the edge: there the cut
 * line is shortened and nothing is lost.
 */
final class AllowanceRoom implements Check {
    private static final double EVERY = 4;
    private static final double CLEAR = 0.5;
    private static final double CHORD = 0.3;
    /** Of a longer part of an edge than this an allowance cannot be missing. */
    private static final double SHARE = 0.5;
    /** Over fewer widths than so many an edge without room is a corner. */
    private static final double WIDTHS = 2;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream()
                .filter(p -> !p.cutLine().isEmpty())
                .map(AllowanceRoom::look)
                .toList();
    }

    /**
     * Part of the outline as a straight stretch.
     *
     * @param run how far along the outline it begins, mm
     * @param mirrored whether it belongs to the other half, beyond the fold
     */
    private record Stretch(Point from, Point to, double run, double allowance, boolean mirrored) {}

    /** The outline in stretches. @param whole its length @param folds how far along it the corners at the fold lie */
    private record Round(List<Stretch> stretches, double whole, List<Double> folds) {
        /** How far apart two places lie along the outline; one beyond the fold is reached round a corner at the fold. */
        double apart(double run, Stretch stretch) {
            return stretch.mirrored()
                    ? folds.stream()
                            .mapToDouble(f -> way(run, f) + way(stretch.run(), f))
                            .min()
                            .orElse(0)
                    : way(run, stretch.run());
        }

        private double way(double a, double b) {
            double straight = Math.abs(a - b);
            return Math.min(straight, whole - straight);
        }
    }

    /**
     * An edge along which two allowances have no room.
     *
     * @param room how far apart the sewing lines lie at the middle one of the places looked at, mm
     * @param over by how much the allowances overlap there, mm
     */
    private record Tight(Point at, String edge, double room, double over) {}

    /** How far from a place the next stretch lies, and how far both allowances reach, mm. */
    private record Clear(Point at, double way, double reach) {}

    private static Finding look(Piece piece) {
        Round round = round(piece);
        List<Tight> tight = new ArrayList<>();
        double run = 0;
        for (OutlineEdge edge : piece.outline()) {
            tight(piece, edge, run, round).ifPresent(tight::add);
            run += edge.path().length();
        }
        return tight.stream()
                .max(Comparator.comparingDouble(Tight::over))
                .map(worst -> fault(piece, worst))
                .orElseGet(() -> Finding.of(
                        FindingKind.ALLOWANCE,
                        piece.id(),
                        Finding.Status.OK,
                        0,
                        0,
                        Sentence.of("{}: every allowance has room.", piece.name())));
    }

    private static Finding fault(Piece piece, Tight worst) {
        return Finding.of(
                        FindingKind.ALLOWANCE,
                        piece.id(),
                        Finding.Status.FAULT,
                        worst.over(),
                        0,
                        Sentence.of(
                                "{}, {}: its allowance runs into another of the same piece by {}. There is room for {} on either side; narrow it, or leave it 0 and bind or face the edge.",
                                piece.name(),
                                worst.edge(),
                                Length.mm(worst.over()),
                                Length.mm(Math.floor(worst.room() / 2))))
                .at(piece.id(), worst.at());
    }

    private static Optional<Tight> tight(Piece piece, OutlineEdge edge, double run, Round round) {
        double width = piece.allowances().getOrDefault(edge.name(), 0.0);
        double length = edge.path().length();
        // A dart is folded, not cut out: between its legs there is cloth.
        if (edge.kind() == OutlineEdge.Kind.DART || width <= 0 || length < WIDTHS * width) {
            return Optional.empty();
        }
        List<Clear> without = new ArrayList<>();
        int looked = 0;
        for (double arc = EVERY / 2; arc < length; arc += EVERY) {
            at(edge.path().at(arc), run + arc, width, round).ifPresent(without::add);
            looked++;
        }
        if (without.size() <= SHARE * looked || without.size() * EVERY < WIDTHS * width) {
            return Optional.empty();
        }
        without.sort(Comparator.comparingDouble(Clear::way));
        Clear middle = without.get(without.size() / 2);
        return Optional.of(
                new Tight(middle.at(), edge.name().replace('-', ' '), middle.way(), middle.reach() - middle.way()));
    }

    private static Round round(Piece piece) {
        List<Stretch> stretches = new ArrayList<>();
        List<Double> folds = new ArrayList<>();
        double whole = 0;
        for (OutlineEdge edge : piece.outline()) {
            List<Point> points = edge.path().flattened(CHORD);
            boolean fold = edge.kind() == OutlineEdge.Kind.FOLD;
            if (fold) {
                folds.add(whole);
                folds.add(whole + edge.path().length());
            }
            for (int i = 1; i < points.size(); i++) {
                if (!fold) {
                    stretches.add(new Stretch(
                            points.get(i - 1),
                            points.get(i),
                            whole,
                            piece.allowances().getOrDefault(edge.name(), 0.0),
                            false));
                }
                whole += points.get(i - 1).distance(points.get(i));
            }
        }
        piece.outline().stream()
                .filter(e -> e.kind() == OutlineEdge.Kind.FOLD)
                .findFirst()
                .ifPresent(fold -> stretches.addAll(beyond(stretches, fold.path())));
        return new Round(stretches, whole, folds);
    }

    /** The other half of a piece on the fold. */
    private static List<Stretch> beyond(List<Stretch> stretches, Path fold) {
        Vec across = fold.start().to(fold.end()).unit().turned(Math.PI / 2);
        UnaryOperator<Point> mirror =
                p -> p.plus(across.times(-2 * fold.start().to(p).dot(across)));
        return stretches.stream()
                .map(s -> new Stretch(mirror.apply(s.from()), mirror.apply(s.to()), s.run(), s.allowance(), true))
                .toList();
    }

    /** The nearest stretch outside a place whose allowance reaches that of the place; none for room. */
    private static Optional<Clear> at(Path.Place place, double run, double width, Round round) {
        Vec out = place.tangent().turned(-Math.PI / 2);
        Optional<Clear> nearest = Optional.empty();
        for (Stretch stretch : round.stretches()) {
            double reach = width + stretch.allowance();
            if (round.apart(run, stretch) < width) {
                continue;
            }
            Vec along = stretch.from().to(stretch.to());
            Optional<LineCrossing> crossing = LineCrossing.of(place.point(), out, stretch.from(), along);
            if (crossing.isEmpty()) {
                continue;
            }
            double way = crossing.get().here();
            double share = crossing.get().there();
            if (way > CLEAR
                    && way < reach
                    && share >= 0
                    && share <= 1
                    && way < nearest.map(Clear::way).orElse(Double.POSITIVE_INFINITY)) {
                nearest = Optional.of(new Clear(place.point(), way, reach));
            }
        }
        return nearest;
    }
}
