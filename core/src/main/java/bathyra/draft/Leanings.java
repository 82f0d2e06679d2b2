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
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How far the finished edges of a seam lean from the square of the level lines, looked at all along: past 20 degrees the cloth lies askew
 * (C7.7). A seam that the cutter has leaned is held against its own lean; the seam over the apex leans to shape the bust.
 */
final class Leanings {
    private static final double MOST = 20;
    /** Over the bust the seam that shapes it leans by nature: by what it takes within the bust's own height. */
    private static final double MOST_OVER_BUST = 60;

    /** A piece with one of these goes on above the upper line. */
    private static final Set<EdgeRole> CARRIED_UP = EnumSet.of(EdgeRole.ARMHOLE, EdgeRole.NECKLINE, EdgeRole.SHOULDER);

    private static final double APART = 5;
    /** The ends of an edge are looked at from here on: a corner that was eased is no lean. */
    private static final double ENDS = 8;

    private Leanings() {}

    /** One note for each seam whose edges lean too far. @param bust depth of the bust line, where there is one */
    static List<Finding> of(Pattern pattern, SeamAxes axes, OptionalDouble bust) {
        List<Finding> findings = new ArrayList<>();
        for (SeamAxes.Axis axis : axes.axes()) {
            boolean shapes = bust.isPresent() && axes.isThroughApex(axis.seam(), bust.getAsDouble());
            pattern.seams().stream()
                    .filter(seam -> isOf(seam.a().edge(), axis.seam()))
                    .flatMap(seam -> Stream.of(seam.a(), seam.b()))
                    .filter(ref -> !pattern.piece(ref.piece()).levelMarks().isEmpty())
                    .map(ref -> steepest(pattern.piece(ref.piece()), pattern.edge(ref), axis.lean(), shapes))
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

    private static Lean steepest(Piece piece, OutlineEdge edge, double own, boolean shapes) {
        Path path = edge.path();
        Lean steepest = new Lean(piece.id(), path.start(), "", 0, MOST);
        boolean carriedUp = piece.outline().stream().anyMatch(e -> CARRIED_UP.contains(e.role()));
        for (double arc = ENDS; arc < path.length() - ENDS; arc += APART) {
            Path.Place place = path.at(arc);
            if (carriedUp && isAboveUpperLine(piece, place.point())) {
                continue;
            }
            LevelMark level = nearest(piece, place.point());
            Vec down = level.from().to(level.to()).unit().turned(Math.PI / 2);
            Vec along = place.tangent().dy() < 0 ? place.tangent().reversed() : place.tangent();
            double lean = Math.abs(Math.toDegrees(down.angleTo(along)) - own);
            boolean overBust = shapes && isAbove(piece, place.point());
            Lean here = new Lean(piece.id(), place.point(), level.level(), lean, overBust ? MOST_OVER_BUST : MOST);
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

    private static LevelMark nearest(Piece piece, Point at) {
        return piece.levelMarks().stream()
                .min(Comparator.comparingDouble(m -> Math.min(m.from().distance(at), m.to().distance(at))))
                .orElseThrow();
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
