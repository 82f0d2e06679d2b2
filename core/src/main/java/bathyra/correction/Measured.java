package bathyra.correction;

import bathyra.draft.Draft;
import bathyra.fitting.Change;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.measure.MeasurementKey;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.ContourWedge;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.truing.UnrolledEdge;
import java.util.List;
import java.util.Optional;

/** What a change is about, measured on the finished panels of a half, mm. */
final class Measured {
    private Measured() {}

    /** Empty where the panels do not have it. */
    static Optional<Double> at(Draft draft, Change change) {
        List<Piece> panels = draft.panelPieces();
        if (change instanceof Change.Girth girth) {
            return girth(panels, girth.level())
                    .map(g -> g + draft.commission().garment().gap().value());
        }
        if (change instanceof Change.Cloth cloth) {
            return girth(panels, cloth.level())
                    .map(g -> g + draft.commission().garment().gap().value());
        }
        if (change instanceof Change.Share share) {
            return width(panels.stream().filter(Piece::front).toList(), share.level());
        }
        if (change instanceof Change.Pinch pinch) {
            return width(beside(panels, pinch.cell().seam()), pinch.cell().level())
                    .map(w -> -w);
        }
        if (change instanceof Change.PinchBetween pinch) {
            return across(beside(panels, pinch.seam()), pinch.above().millimetres())
                    .map(w -> -w);
        }
        if (change instanceof Change.Edge edge) {
            return edge(panels, edge.upper(), edge.place());
        }
        if (change instanceof Change.Drawn drawn) {
            return drawn(panels, drawn.edge());
        }
        if (change instanceof Change.Wedge wedge) {
            return wedge(draft, wedge.wedge());
        }
        if (change instanceof Change.Fold fold) {
            return length(draft, panels, fold.behind(), fold.after()).map(l -> -l);
        }
        return figure(draft, panels, (Change.Figure) change);
    }

    /** A wedge that is closed on no sheet has no width; under the bust and at the shoulder it lies in a seam and cannot be measured by itself. */
    private static Optional<Double> wedge(Draft draft, ContourWedge wedge) {
        boolean inSeam = wedge == ContourWedge.UNDER_BUST || wedge == ContourWedge.SHOULDER;
        return inSeam
                ? Optional.empty()
                : Optional.of(draft.cutting().contour().width(wedge).orElse(0));
    }

    /** The whole girth in cloth at a level. */
    static Optional<Double> girth(List<Piece> panels, Level level) {
        return width(panels, level).map(w -> 2 * w);
    }

    private static Optional<Double> width(List<Piece> panels, Level level) {
        double sum = 0;
        for (Piece panel : panels) {
            Optional<LevelMark> mark = panel.mark(level);
            if (mark.isEmpty()) {
                return Optional.empty();
            }
            sum += mark.get().length();
        }
        return Optional.of(sum);
    }

    /** The panels to either side of a seam. */
    private static List<Piece> beside(List<Piece> panels, SeamPlace seam) {
        return panels.stream()
                .filter(p -> p.outline().stream().anyMatch(e -> e.name().equals(seam.id())))
                .toList();
    }

    /** How wide panels are together at a height along their long edges. */
    static Optional<Double> across(List<Piece> panels, double above) {
        double sum = 0;
        for (Piece panel : panels) {
            Optional<LevelMark> waist = panel.mark(Level.WAIST);
            if (waist.isEmpty()) {
                return Optional.empty();
            }
            Optional<Point> left = at(panel, waist.get().from(), above);
            Optional<Point> right = at(panel, waist.get().to(), above);
            if (left.isEmpty() || right.isEmpty()) {
                return Optional.empty();
            }
            sum += left.get().distance(right.get());
        }
        return Optional.of(sum);
    }

    /** The place so far above a mark along the long edge on which it lies. */
    private static Optional<Point> at(Piece panel, Point mark, double above) {
        for (OutlineEdge edge : panel.outline()) {
            if (edge.role() == EdgeRole.UPPER || edge.role() == EdgeRole.LOWER) {
                continue;
            }
            Path.Place on = edge.path().nearest(mark);
            if (on.point().distance(mark) < 0.1) {
                Path up = edge.path().start().y() > edge.path().end().y()
                        ? edge.path()
                        : edge.path().reversed();
                double arc = up.nearest(mark).arc() + above;
                return arc < 0 || arc > up.length()
                        ? Optional.empty()
                        : Optional.of(up.at(arc).point());
            }
        }
        return Optional.empty();
    }

    /** How high an edge lies above the waist at a place along the half. */
    static Optional<Double> edge(List<Piece> panels, boolean upper, double place) {
        return UnrolledEdge.heightAt(panels, upper, Level.WAIST, place);
    }

    /** How high an edge that is drawn as a whole lies over the waist: a neckline at its centre, an underarm at the side, a hem at centre front. */
    private static Optional<Double> drawn(List<Piece> panels, DrawnEdge edge) {
        return switch (edge) {
            case NECKLINE -> above(panels.get(0), EdgeRole.NECKLINE, false);
            case BACK_NECKLINE -> above(panels.get(panels.size() - 1), EdgeRole.NECKLINE, true);
            case UNDERARM ->
                panels.stream()
                        .filter(p -> p.front() && p.outline().stream().anyMatch(e -> e.role() == EdgeRole.SIDE))
                        .findFirst()
                        .flatMap(p -> above(p, EdgeRole.SIDE, true));
            case HEM -> above(panels.get(0), EdgeRole.LOWER, false);
            // Its corners lie in the sleeve: it is drawn as it is asked.
            case OFF_SHOULDER -> Optional.empty();
        };
    }

    /** How high an edge reaches over the waist at its end nearer one of the panel's sides. @param behind nearer centre back */
    private static Optional<Double> above(Piece panel, EdgeRole role, boolean behind) {
        Optional<LevelMark> waist = panel.mark(Level.WAIST);
        Optional<OutlineEdge> edge =
                panel.outline().stream().filter(e -> e.role() == role).findFirst();
        return waist.flatMap(w -> edge.map(e -> {
            Point centre = behind ? w.to() : w.from();
            Point start = e.path().start();
            Point end = e.path().end();
            boolean upright = role == EdgeRole.SIDE;
            Point at =
                    (upright ? start.y() < end.y() : Math.abs(start.x() - centre.x()) < Math.abs(end.x() - centre.x()))
                            ? start
                            : end;
            return centre.y() - at.y();
        }));
    }

    /** The length of a centre between a level and the next. */
    private static Optional<Double> length(Draft draft, List<Piece> panels, boolean behind, Level after) {
        Level before = Level.values()[after.ordinal() + 1];
        Piece panel = behind ? panels.get(panels.size() - 1) : panels.get(0);
        Optional<LevelMark> top = panel.mark(after);
        Optional<LevelMark> foot = panel.mark(before);
        if (top.isEmpty() || foot.isEmpty() || !draft.girths().has(before)) {
            return Optional.empty();
        }
        Point a = behind ? top.get().to() : top.get().from();
        Point b = behind ? foot.get().to() : foot.get().from();
        return Optional.of(a.distance(b));
    }

    private static Optional<Double> figure(Draft draft, List<Piece> panels, Change.Figure figure) {
        MeasurementKey key = figure.key();
        if (key == MeasurementKey.SHOULDER_TO_APEX || key == MeasurementKey.APEX_SPAN) {
            return draft.cutting()
                    .apex()
                    .map(a -> key == MeasurementKey.APEX_SPAN
                            ? 2 * a.atInner().x()
                            : a.atInner().y());
        }
        if (key == MeasurementKey.FRONT_LENGTH) {
            return length(draft, panels, false, Level.UNDERBUST);
        }
        if (key == MeasurementKey.WAIST_TO_HIGH_HIP) {
            return length(draft, panels, false, Level.WAIST);
        }
        return Optional.empty();
    }
}
