package bathyra.size;

import bathyra.draft.Draft;
import bathyra.girth.LevelPlan;
import bathyra.measure.MeasurementSet;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.EnumMap;
import java.util.Map;

/**
 * Whom a made costume takes besides the one it was made for (C23).
 *
 * @param from the natural girth at each level that it takes with the gap nearly closed, mm
 * @param to the same with the gap as wide as it may be
 * @param letOut what its seam allowances let out round the body, mm
 */
public record Costume(Map<Level, Double> from, Map<Level, Double> to, double letOut) {
    /** Between these gaps a costume can be worn, mm. */
    public static final double GAP_LEAST = 20;

    public static final double GAP_MOST = 110;
    /** What a let-out seam keeps of its allowance, mm. */
    private static final double KEEPS = 6;

    public Costume {
        from = Map.copyOf(from);
        to = Map.copyOf(to);
    }

    /** @param draft of a garment that is laced; one that is not takes what it was made for, give or take its ease */
    public static Costume of(Draft draft) {
        boolean laced = draft.commission().garment().fastening().closure().isLaced();
        Map<Level, Double> from = new EnumMap<>(Level.class);
        Map<Level, Double> to = new EnumMap<>(Level.class);
        for (LevelPlan plan : draft.girths().levels()) {
            double closed = plan.pattern().value() - plan.ease().value();
            from.put(plan.level(), closed + (laced ? GAP_LEAST : 0));
            to.put(plan.level(), closed + (laced ? GAP_MOST : 0));
        }
        return new Costume(from, to, letOut(draft));
    }

    /** Every vertical seam lets out both its allowances but for what holds the stitches, on both halves. */
    private static double letOut(Draft draft) {
        double sum = 0;
        for (Piece piece : draft.panelPieces()) {
            for (OutlineEdge edge : piece.outline()) {
                if (edge.kind() == OutlineEdge.Kind.SEAM
                        && piece.mark(Level.WAIST).isPresent()
                        && isUpright(edge)) {
                    sum += Math.max(0, piece.allowances().getOrDefault(edge.name(), 0.0) - KEEPS);
                }
            }
        }
        return 2 * sum;
    }

    private static boolean isUpright(OutlineEdge edge) {
        var run = edge.path().start().to(edge.path().end());
        return Math.abs(run.dy()) > Math.abs(run.dx());
    }

    /** Whether a body has every girth that it takes, not let out. */
    public boolean takes(MeasurementSet body) {
        return from.keySet().stream().allMatch(level -> body.find(level.girth())
                .map(Reckoned::value)
                .map(g -> g >= from.get(level) && g <= to.get(level))
                .orElse(false));
    }
}
