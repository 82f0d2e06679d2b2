package bathyra.correction;

import bathyra.draft.Draft;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.garment.Cover;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.DrawnEdge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The panels of a toile, on which marks are put down and found again. */
public final class Toile {
    /** So near a level line it is the level that is meant, mm. */
    private static final double AT_LEVEL = 14;
    /** No panel reaches farther from the waist, mm. */
    private static final double FAR = 700;

    /** What may end a panel above, the first that it has. */
    private static final List<EdgeRole> ABOVE = List.of(EdgeRole.UPPER, EdgeRole.NECKLINE, EdgeRole.ARMHOLE);

    private static final int HALVINGS = 40;
    private static final double ON_EDGE = 0.5;

    private final List<Panel> panels = new ArrayList<>();
    private final List<SeamPlace> seams;
    private final Optional<At> apex;

    public Toile(Draft draft) {
        draft.panelPieces().forEach(p -> Panel.of(p).ifPresent(panels::add));
        seams = draft.commission().garment().seams();
        apex = draft.cutting().apex().map(a -> new At(a.inner(), a.atInner()));
    }

    /** A place on a panel. @param piece its id */
    public record At(String piece, Point point) {}

    /**
     * A panel by its long edges, upwards.
     *
     * @param fromLeft along the left edge to the waist
     * @param fromRight along the right edge to the waist
     */
    private record Panel(Piece piece, Path left, Path right, double fromLeft, double fromRight) {
        static Optional<Panel> of(Piece piece) {
            Optional<LevelMark> waist = piece.mark(Level.WAIST);
            return waist.flatMap(w -> edge(piece, w.from()).flatMap(l -> edge(piece, w.to())
                    .map(r -> new Panel(
                            piece,
                            l,
                            r,
                            l.nearest(w.from()).arc(),
                            r.nearest(w.to()).arc()))));
        }

        private static Optional<Path> edge(Piece piece, Point mark) {
            return piece.outline().stream()
                    .filter(e -> e.role() != EdgeRole.LOWER && e.role() != EdgeRole.UPPER)
                    .map(OutlineEdge::path)
                    .filter(p -> p.nearest(mark).point().distance(mark) < ON_EDGE)
                    .findFirst()
                    .map(p -> p.start().y() > p.end().y() ? p : p.reversed());
        }

        Point left(double above) {
            return place(left, fromLeft + above);
        }

        Point right(double above) {
            return place(right, fromRight + above);
        }

        /** Beyond its ends an edge is followed straight on. */
        private static Point place(Path edge, double arc) {
            double held = Math.max(0, Math.min(edge.length(), arc));
            Path.Place on = edge.at(held);
            return on.point().plus(on.tangent().times(arc - held));
        }

        double width(double above) {
            return left(above).distance(right(above));
        }

        /** How far above the waist a point lies, by the lines across from edge to edge. */
        double above(Point at) {
            double low = -FAR;
            double high = FAR;
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (low + high) / 2;
                Vec across = left(middle).to(right(middle));
                boolean higher = across.cross(left(middle).to(at)) < 0;
                low = higher ? middle : low;
                high = higher ? high : middle;
            }
            return (low + high) / 2;
        }

        double share(Point at, double above) {
            Vec across = left(above).to(right(above));
            return Math.max(0, Math.min(1, left(above).to(at).dot(across) / across.dot(across)));
        }

        Optional<Double> height(Level level) {
            return piece.mark(level).map(m -> left.nearest(m.from()).arc() - fromLeft);
        }

        Optional<Path> edge(boolean upper) {
            return role(upper)
                    .flatMap(role -> piece.outline().stream()
                            .filter(e -> e.role() == role)
                            .map(OutlineEdge::path)
                            .findFirst())
                    .map(p -> upper ? p : p.reversed());
        }

        /** What ends the panel above or below; under a shoulder the neckline where it has one, else the armhole. */
        Optional<EdgeRole> role(boolean upper) {
            return (upper ? ABOVE : List.of(EdgeRole.LOWER))
                    .stream()
                            .filter(role -> piece.outline().stream().anyMatch(e -> e.role() == role))
                            .findFirst();
        }

        private double wide(boolean upper) {
            return edge(upper).map(p -> p.start().distance(p.end())).orElse(0.0);
        }
    }

    /**
     * What a place on a panel is for a kind of mark: on the seam nearest to it, at a level where one is near, along an edge for what is seen
     * there.
     */
    public Spot spot(MarkKind kind, String piece, Point at, double reach) {
        int i = index(piece);
        Panel panel = panels.get(i);
        double above = panel.above(at);
        double share = panel.share(at, above);
        if (kind == MarkKind.EDGE || kind == MarkKind.DIGS) {
            boolean upper = above > 0;
            double before = wide(i, upper);
            return Spot.onEdge(upper, (before + share * panel.wide(upper)) / wide(panels.size(), upper));
        }
        Optional<Level> level = near(panel, above);
        boolean toRight = share > 0.5;
        double away = (toRight ? 1 - share : share) * panel.width(above);
        Optional<SeamPlace> seam = kind.isOnSeam() || away <= reach ? seam(toRight ? i : i - 1) : Optional.empty();
        // At centre front there is none: the seam on the panel's other side is meant.
        if (seam.isEmpty() && kind.isOnSeam()) {
            seam = seam(toRight ? i - 1 : i);
        }
        return new Spot(Length.mm(Math.rint(above)), along(i, share, above), seam, level);
    }

    private int index(String piece) {
        for (int i = 0; i < panels.size(); i++) {
            if (panels.get(i).piece().id().equals(piece)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no panel " + piece);
    }

    /** Which edge over a shoulder is meant at a place along the upper end. */
    DrawnEdge overShoulder(Spot spot, Cover cover) {
        if (cover == Cover.OFF_SHOULDER) {
            return DrawnEdge.OFF_SHOULDER;
        }
        Panel panel = onEdge(true, spot.place())
                .map(at -> panels.get(index(at.piece())))
                .orElse(panels.get(0));
        return panel.role(true).filter(r -> r == EdgeRole.ARMHOLE).isPresent()
                ? DrawnEdge.UNDERARM
                : panel.piece().front() ? DrawnEdge.NECKLINE : DrawnEdge.BACK_NECKLINE;
    }

    private static Optional<Level> near(Panel panel, double above) {
        Optional<Level> best = Optional.empty();
        double least = AT_LEVEL;
        for (Level level : Level.values()) {
            double away = panel.height(level).map(h -> Math.abs(h - above)).orElse(Double.POSITIVE_INFINITY);
            if (away < least) {
                least = away;
                best = Optional.of(level);
            }
        }
        return best;
    }

    /** The seam between panel i and the next; the last edge is centre back. */
    private Optional<SeamPlace> seam(int i) {
        return i >= 0 && i < seams.size() ? Optional.of(seams.get(i)) : Optional.empty();
    }

    private double along(int i, double share, double above) {
        double before = 0;
        double all = 0;
        for (int k = 0; k < panels.size(); k++) {
            double width = panels.get(k).width(above);
            before += k < i ? width : k == i ? share * width : 0;
            all += width;
        }
        return Math.max(0, Math.min(1, before / all));
    }

    private double wide(int until, boolean upper) {
        return panels.stream().limit(until).mapToDouble(p -> p.wide(upper)).sum();
    }

    /** Where a mark lies; empty where this toile has no such place. */
    public Optional<At> at(Mark mark) {
        Spot spot = mark.spot();
        if (panels.isEmpty()) {
            return Optional.empty();
        }
        if (mark.kind() == MarkKind.EDGE || mark.kind() == MarkKind.DIGS) {
            return onEdge(spot.isAbove(), spot.place());
        }
        if (mark.kind() == MarkKind.APEX && apex.isPresent()) {
            return apex;
        }
        if (spot.seam().isPresent()) {
            int i = seams.indexOf(spot.seam().get());
            return i < 0 || i >= panels.size() ? Optional.empty() : Optional.of(onSeam(panels.get(i), spot));
        }
        double above = height(spot);
        double all = panels.stream().mapToDouble(p -> p.width(above)).sum();
        double left = spot.place() * all;
        for (Panel panel : panels) {
            double width = panel.width(above);
            if (left <= width || panel == panels.get(panels.size() - 1)) {
                double share = Math.max(0, Math.min(1, left / width));
                return Optional.of(new At(panel.piece().id(), panel.left(above).between(panel.right(above), share)));
            }
            left -= width;
        }
        return Optional.empty();
    }

    private double height(Spot spot) {
        return spot.level()
                .flatMap(l -> panels.stream().flatMap(p -> p.height(l).stream()).findFirst())
                .orElse(spot.above().millimetres());
    }

    private At onSeam(Panel before, Spot spot) {
        Optional<Point> atLevel =
                spot.level().flatMap(l -> before.piece().mark(l)).map(LevelMark::to);
        return new At(before.piece().id(), atLevel.orElseGet(() -> before.right(height(spot))));
    }

    private Optional<At> onEdge(boolean upper, double place) {
        double left = place * wide(panels.size(), upper);
        Panel last = panels.stream()
                .filter(p -> p.wide(upper) > 0)
                .max(Comparator.comparingInt(panels::indexOf))
                .orElse(null);
        for (Panel panel : panels) {
            double width = panel.wide(upper);
            if (width > 0 && (left <= width || panel == last)) {
                Path edge = panel.edge(upper).orElseThrow();
                double share = Math.max(0, Math.min(1, left / width));
                return Optional.of(new At(
                        panel.piece().id(), edge.at(edge.length() * share).point()));
            }
            left -= width;
        }
        return Optional.empty();
    }
}
