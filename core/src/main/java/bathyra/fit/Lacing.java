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
    /** The middle runs straight down the back within this, mm. */
    private static final double STRAIGHT = 10;

    /**
     * The gap at one height.
     *
     * @param height over the waist, mm
     * @param open between the edges, mm
     * @param needed what would hold it there as planned, N/m
     * @param aside how far the middle of the gap lies from the spine towards the other half, mm; 0 where both are alike
     */
    public record Gap(double height, double open, double needed, double aside) {}

    public Lacing {
        gaps = List.copyOf(gaps);
    }

    /** This half of an uneven body and the other, each laced with the same pull. */
    public Lacing with(Lacing across) {
        List<Gap> both = gaps.stream()
                .map(g -> {
                    double other = across.openAt(g.height());
                    return new Gap(g.height(), (g.open() + other) / 2, g.needed(), (other - g.open()) / 4);
                })
                .toList();
        return new Lacing(pull, both, settled && across.settled());
    }

    /** How far it is open at a height, between its readings in a line, mm. */
    private double openAt(double height) {
        for (int i = 1; i < gaps.size(); i++) {
            Gap above = gaps.get(i - 1);
            Gap below = gaps.get(i);
            if (height >= below.height() && above.height() > below.height()) {
                double share = Math.min(1, (height - below.height()) / (above.height() - below.height()));
                return below.open() + share * (above.open() - below.open());
            }
        }
        return gaps.get(gaps.size() - 1).open();
    }

    /** How far its middle runs to one side from top to bottom, mm. */
    public double lean() {
        return gaps.stream().mapToDouble(Gap::aside).max().orElse(0)
                - gaps.stream().mapToDouble(Gap::aside).min().orElse(0);
    }

    /** Its shape in a few words, with what it means (C15, C22). */
    public String shape() {
        if (lean() > STRAIGHT) {
            return "skewed: one half is longer or fuller than the other, or pulls harder";
        }
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
