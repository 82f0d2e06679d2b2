package bathyra.fit;

import java.util.List;

/**
 * How a laced back opens under one cord that is pulled alike over its whole length.
 *
 * @param pull of the cord, N for each metre of the edge
 * @param gaps from the top down
 * @param settled whether it came wholly to rest
 */
public record Lacing(double pull, List<Gap> gaps, boolean settled) {
    /** What differs less between top and bottom is parallel, mm. */
    private static final double PARALLEL = 12;

    /**
     * The gap at one height.
     *
     * @param height over the waist, mm
     * @param open between the edges, mm
     * @param needed what would hold it there as planned, N/m
     */
    public record Gap(double height, double open, double needed) {}

    public Lacing {
        gaps = List.copyOf(gaps);
    }

    /** Its shape in a few words, with what it means (C15). */
    public String shape() {
        double top = gaps.get(0).open();
        double bottom = gaps.get(gaps.size() - 1).open();
        double least = gaps.stream().mapToDouble(Gap::open).min().orElse(0);
        double most = gaps.stream().mapToDouble(Gap::open).max().orElse(0);
        if (most - least <= PARALLEL) {
            return "parallel: it holds alike at every height";
        }
        if (top - bottom > PARALLEL && top >= most - PARALLEL / 2) {
            return "a V that opens upwards: the ribs or the bust ask for more room than the rest";
        }
        if (bottom - top > PARALLEL && bottom >= most - PARALLEL / 2) {
            return "a V that opens downwards: the hips ask for more room than the rest";
        }
        return least < Math.min(top, bottom) - PARALLEL / 2
                ? "narrow in the middle: the waist has more room than ribs and hips"
                : "wide in the middle: the waist asks for more room than ribs and hips";
    }
}
