package bathyra.draft;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.intake.SeamAxes;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * How far the finished edges of a seam lean from the square of the level lines, looked at all along: past 20 degrees the cloth lies askew
 * (C7.7). A seam that the cutter has leaned is held against its own lean; the seam over the apex leans to shape the bust, and a hem swings out.
 */
final class Leanings {
    private static final double MOST = 20;
    /** Over the bust the seam that shapes it leans by nature: by what it takes within the bust's own height. */
    private static final double MOST_OVER_BUST = 60;

    private static final double APART = 5;
    /** The ends of an edge are looked at from here on: a corner that was eased is no lean. */
    private static final double ENDS = 8;

    private Leanings() {}

    /**
     * One note for each seam whose edges lean too far.
     *
     * @param bust depth of the bust line, where there is one
     * @param swings from where the seams swing out, where they do
     */
    static List<Finding> of(Pattern pattern, SeamAxes axes, OptionalDouble bust, Optional<Level> swings) {
        List<Finding> findings = new ArrayList<>();
        for (SeamAxes.Axis axis : axes.axes()) {
            boolean shapes = bust.isPresent() && axes.isThroughApex(axis.seam(), bust.getAsDouble());
            pattern.seams().stream()
                    .filter(seam -> isOf(seam.a().edge(), axis.seam()))
                    .flatMap(seam -> Stream.of(seam.a(), seam.b()))
                    .filter(ref -> !pattern.piece(ref.piece()).levelMarks().isEmpty())
                    .map(ref -> steepest(pattern.piece(ref.piece()), pattern.edge(ref), axis.lean(), shapes, swings))
                    .max(Comparator.comparingDouble(Lean::past))
                    .filter(lean -> lean.past() > 0)
                    .map(lean -> finding(axis, lean))
                    .ifPresent(findings::add);
        }
        return findings;
    }

    /** Whether an edge is a seam, or a stretch of one that is divided; shoulders, cups and yokes lean as they like. */
    private static boolean isOf(String edge, SeamPlace seam) {
        return edge.startsWith(seam.id())
                && EdgeRole.isStretch(edge.substring(seam.id().length()));
    }

    /** How an edge leans at a place of its own. @param level the level line that ends nearest to it */
    private record Lean(String piece, Point at, String level, double degrees, double limit) {
        /** By how much it leans more than it should, degrees. */
        double past() {
            return degrees - limit;
        }
    }

    private static Lean steepest(Piece piece, OutlineEdge edge, double own, boolean shapes, Optional<Level> swings) {
        Path path = edge.path();
        double from = ledFrom(piece);
        double to = swings.map(level -> swingsFrom(piece, level)).orElse(Double.POSITIVE_INFINITY);
        double bust = shapes ? bustEnds(piece) : Double.NEGATIVE_INFINITY;
        LevelSquares squares = LevelSquares.of(piece, path);
        Path.Place steepest = new Path.Place(0, path.start(), path.startTangent());
        double degrees = 0;
        double limit = MOST;
        for (Path.Place place : path.along(APART)) {
            boolean atEnd = place.arc() < ENDS || place.arc() > path.length() - ENDS;
            double y = place.point().y();
            if (atEnd || y < from || y > to) {
                continue;
            }
            Vec along = place.tangent().dy() < 0 ? place.tangent().reversed() : place.tangent();
            double lean = Math.abs(Math.toDegrees(squares.at(place.arc()).angleTo(along)) - own);
            double most = y < bust ? MOST_OVER_BUST : MOST;
            if (lean - most > degrees - limit) {
                steepest = place;
                degrees = lean;
                limit = most;
            }
        }
        return new Lean(piece.id(), steepest.point(), squares.nearest(steepest.arc()), degrees, limit);
    }

    /** The height above which a seam runs to where it is led: into the armhole, to the shoulder or the neck. */
    private static double ledFrom(Piece piece) {
        boolean carriedUp = piece.outline().stream().anyMatch(e -> e.role().standsAboveUpperLine());
        return carriedUp
                ? piece.mark(Level.UPPER)
                        .map(m -> Math.max(m.from().y(), m.to().y()))
                        .orElse(Double.NEGATIVE_INFINITY)
                : Double.NEGATIVE_INFINITY;
    }

    /** The bust is shaped from the middle of the way between rib and waist up. */
    private static double bustEnds(Piece piece) {
        return piece.mark(Level.UNDERBUST)
                .flatMap(rib -> piece.mark(Level.WAIST).map(waist -> (middle(rib) + middle(waist)) / 2))
                .orElse(Double.NEGATIVE_INFINITY);
    }

    private static double middle(LevelMark mark) {
        return (mark.from().y() + mark.to().y()) / 2;
    }

    private static double swingsFrom(Piece piece, Level level) {
        return piece.mark(level).map(m -> Math.min(m.from().y(), m.to().y())).orElse(Double.POSITIVE_INFINITY);
    }

    private static Finding finding(SeamAxes.Axis axis, Lean lean) {
        return Finding.of(
                        FindingKind.EDGE_LEAN,
                        axis.seam().id(),
                        Finding.Status.NOTE,
                        lean.degrees(),
                        lean.limit(),
                        Sentence.of(String.format(
                                Locale.ROOT,
                                "%s: by the %s its edge leans %.0f° from the square of that line; past %.0f° the cloth lies askew there. Let the seams beside it take more.",
                                axis.seam().label(),
                                Level.ofId(lean.level())
                                        .map(l -> l.label().toLowerCase(Locale.ROOT))
                                        .orElse(lean.level().replace('-', ' ')),
                                lean.degrees(),
                                lean.limit())))
                .at(lean.piece(), lean.at());
    }
}
