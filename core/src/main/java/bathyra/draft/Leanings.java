package bathyra.draft;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.intake.SeamAxes;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
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

    /** @param past by how much it leans more than it should, degrees */
    private record Lean(String piece, Point at, String level, double degrees, double limit) {
        double past() {
            return degrees - limit;
        }
    }

    private static Lean steepest(Piece piece, OutlineEdge edge, double own, boolean shapes, Optional<Level> swings) {
        Path path = edge.path();
        Lean steepest = new Lean(piece.id(), path.start(), "", 0, MOST);
        boolean carriedUp = piece.outline().stream().anyMatch(e -> e.role().standsAboveUpperLine());
        LevelSquares squares = LevelSquares.of(piece, path);
        for (double arc = ENDS; arc < path.length() - ENDS; arc += APART) {
            Path.Place place = path.at(arc);
            boolean meant = carriedUp && isAboveUpperLine(piece, place.point())
                    || swings.filter(level -> isBelow(piece, level, place.point()))
                            .isPresent();
            if (meant) {
                continue;
            }
            Vec down = squares.at(arc);
            Vec along = place.tangent().dy() < 0 ? place.tangent().reversed() : place.tangent();
            double lean = Math.abs(Math.toDegrees(down.angleTo(along)) - own);
            boolean overBust = shapes && isAbove(piece, place.point());
            Lean here =
                    new Lean(piece.id(), place.point(), squares.nearest(arc), lean, overBust ? MOST_OVER_BUST : MOST);
            steepest = here.past() > steepest.past() ? here : steepest;
        }
        return steepest;
    }

    /** From there a seam runs to where it is led: into the armhole, to the shoulder or the neck. */
    private static boolean isAboveUpperLine(Piece piece, Point at) {
        return piece.mark(Level.UPPER)
                .filter(m -> at.y() < Math.max(m.from().y(), m.to().y()))
                .isPresent();
    }

    /** The bust is shaped from the middle of the way between rib and waist up. */
    private static boolean isAbove(Piece piece, Point at) {
        return piece.mark(Level.UNDERBUST)
                .flatMap(rib -> piece.mark(Level.WAIST)
                        .map(waist -> (rib.from().y()
                                        + rib.to().y()
                                        + waist.from().y()
                                        + waist.to().y())
                                / 4))
                .filter(y -> at.y() < y)
                .isPresent();
    }

    private static boolean isBelow(Piece piece, Level level, Point at) {
        return piece.mark(level)
                .filter(m -> at.y() > Math.min(m.from().y(), m.to().y()))
                .isPresent();
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
