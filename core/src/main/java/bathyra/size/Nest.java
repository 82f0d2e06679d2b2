package bathyra.size;

import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.measure.MeasurementKey;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All sizes one inside the other, piece by piece: each piece upright on its grain and laid on a common point (C23).
 *
 * @param pieces from centre front to centre back, laid apart from left to right, mm, y down
 * @param width mm
 * @param height mm
 */
public record Nest(Laying laying, List<Nested> pieces, double width, double height) {
    private static final double APART = 30;
    private static final double TALLY = 1e-9;

    /** Which point of a piece lies on the same point in all sizes. */
    public enum Laying {
        WAIST("Waist, centre"),
        APEX("Apex"),
        UPPER_EDGE("Upper edge");

        private final String label;

        Laying(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * A piece in all sizes that have it.
     *
     * @param common the point on which all lie
     * @param sizes from the smallest
     */
    public record Nested(String id, String name, int order, Point common, List<Lying> sizes) {
        public Nested {
            sizes = List.copyOf(sizes);
        }
    }

    /** A piece of one size where it lies. @param row of the chart */
    public record Lying(int row, Size size, Piece piece) {}

    public Nest {
        pieces = List.copyOf(pieces);
    }

    /** A draft that lies in the nest. @param row of the chart */
    public record Row(int row, Size size, Draft draft) {}

    public static Nest of(SizeSet set, Laying laying) {
        List<Row> rows = new ArrayList<>();
        for (int row = 0; row < set.sizes().size(); row++) {
            SizedDraft sized = set.sizes().get(row);
            if (sized.draft().isPresent()) {
                rows.add(new Row(row, sized.size(), sized.draft().get()));
            }
        }
        return of(rows, laying);
    }

    /** Any drafts over each other, piece by piece of the same id. */
    public static Nest of(List<Row> rows, Laying laying) {
        Map<String, List<Lying>> all = new LinkedHashMap<>();
        for (Row row : rows) {
            Map<String, Point> common = common(row.draft(), laying);
            for (Piece piece : row.draft().pattern().pieces()) {
                Vec home = common.get(piece.id()).to(new Point(0, 0));
                all.computeIfAbsent(piece.id(), id -> new ArrayList<>())
                        .add(new Lying(row.row(), row.size(), piece.upright().mapped(p -> p.plus(home))));
            }
        }
        return apart(laying, all);
    }

    private static Nest apart(Laying laying, Map<String, List<Lying>> all) {
        List<List<Lying>> ordered = all.values().stream()
                .sorted(Comparator.comparingInt(l -> l.get(0).piece().order()))
                .toList();
        double top = ordered.stream()
                .flatMap(List::stream)
                .mapToDouble(l -> box(l.piece())[1])
                .min()
                .orElse(0);
        double foot = ordered.stream()
                .flatMap(List::stream)
                .mapToDouble(l -> box(l.piece())[3])
                .max()
                .orElse(0);
        List<Nested> pieces = new ArrayList<>();
        double x = 0;
        for (List<Lying> sizes : ordered) {
            double left =
                    sizes.stream().mapToDouble(l -> box(l.piece())[0]).min().orElse(0);
            double right =
                    sizes.stream().mapToDouble(l -> box(l.piece())[2]).max().orElse(0);
            Vec shift = new Vec(x - left, -top);
            Piece first = sizes.get(0).piece();
            pieces.add(new Nested(
                    first.id(),
                    first.name(),
                    first.order(),
                    new Point(shift.dx(), shift.dy()),
                    sizes.stream()
                            .map(l -> new Lying(l.row(), l.size(), l.piece().mapped(p -> p.plus(shift))))
                            .toList()));
            x += right - left + APART;
        }
        return new Nest(laying, pieces, Math.max(0, x - APART), foot - top);
    }

    /** Left, top, right and bottom of the cutting line, mm. */
    private static double[] box(Piece piece) {
        return Shape.box(piece.cutLine());
    }

    /** The common point of every piece, upright. */
    private static Map<String, Point> common(Draft draft, Laying laying) {
        Map<String, Point> points = new LinkedHashMap<>();
        List<Piece> pieces = draft.pattern().pieces();
        double apex = draft.commission()
                        .measurements()
                        .find(MeasurementKey.APEX_SPAN)
                        .map(Reckoned::value)
                        .orElse(0.0)
                / 2;
        double along = 0;
        for (Piece piece : pieces) {
            Piece upright = piece.upright();
            Optional<LevelMark> bust = upright.mark(Level.BUST);
            double wide = bust.map(LevelMark::length).orElse(0.0);
            points.put(
                    piece.id(),
                    switch (laying) {
                        case WAIST -> onWaist(upright);
                        case APEX -> atApex(upright, bust, piece.front() ? apex - along : Double.NaN);
                        case UPPER_EDGE -> atUpperEdge(upright);
                    });
            along += wide;
        }
        return points;
    }

    /** At centre front or centre back where the piece lies there, else the middle of the waist. */
    private static Point onWaist(Piece piece) {
        Optional<LevelMark> waist = piece.mark(Level.WAIST);
        if (waist.isEmpty()) {
            return lowest(piece);
        }
        if (liesAt(piece, EdgeRole.CENTRE_FRONT)) {
            return waist.get().from();
        }
        return liesAt(piece, EdgeRole.CENTRE_BACK)
                ? waist.get().to()
                : waist.get().from().between(waist.get().to(), 0.5);
    }

    private static boolean liesAt(Piece piece, EdgeRole role) {
        return piece.outline().stream().anyMatch(e -> e.role() == role);
    }

    /** The end of the bust line that is nearer the apex; on the back, and where there is no such line, as on the waist. @param from the apex's place from the line's beginning, mm */
    private static Point atApex(Piece piece, Optional<LevelMark> bust, double from) {
        if (bust.isEmpty() || Double.isNaN(from)) {
            return onWaist(piece);
        }
        return Math.abs(from) < Math.abs(from - bust.get().length())
                ? bust.get().from()
                : bust.get().to();
    }

    /** The corner of the upper edge nearer centre front. */
    private static Point atUpperEdge(Piece piece) {
        return piece.outline().stream()
                .filter(e -> e.role() == EdgeRole.UPPER || e.role() == EdgeRole.NECKLINE)
                .findFirst()
                .map(e -> e.path().start())
                .orElseGet(() -> onWaist(piece));
    }

    /** The lowest corner along the grain (C24). */
    private static Point lowest(Piece piece) {
        return piece.outline().stream()
                .map(e -> e.path().start())
                .max(Comparator.comparingDouble((Point p) -> p.y()).thenComparingDouble(p -> -p.x() * TALLY))
                .orElseThrow();
    }
}
