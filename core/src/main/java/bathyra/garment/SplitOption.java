package bathyra.garment;

import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How the intake of a seam is divided between its two edges: the share that lies towards the centre (C6, C18).
 *
 * @param id the rule-id in files
 * @param standard the share until the cutter sets one
 * @param reason why the default is what it is
 */
public record SplitOption(String id, SeamPlace seam, double standard, String reason)
        implements Comparable<SplitOption> {
    public static final SplitOption PRINCESS_FRONT = new SplitOption(
            "princess-split",
            SeamPlace.PRINCESS_FRONT,
            1.0 / 3,
            "one third towards the centre, two thirds towards the side");
    public static final SplitOption PRINCESS_BACK =
            new SplitOption("back-split", SeamPlace.PRINCESS_BACK, 0.5, "half and half");
    /** The front princess seam at its upper end (C6.3): strapless neither leg leans more than the other, carried up it is as below, until the cutter divides it otherwise. */
    public static final SplitOption PRINCESS_UPPER =
            new SplitOption("princess-upper-split", SeamPlace.PRINCESS_FRONT, 0.5, "half and half above the apex");
    /** Less than this would leave one edge as good as straight and bend the other alone. */
    public static final double LEAST = 0.1;

    public static final double MOST = 0.9;
    private static final String OF_SEAM = "split-";

    public static boolean allows(double share) {
        return share >= LEAST && share <= MOST;
    }

    Reckoned reckoned(Double own) {
        return Given.option(
                "Towards the centre",
                own == null ? standard : own,
                Quantity.RATIO,
                own == null ? "rule: " + reason : "yours",
                equals(PRINCESS_UPPER) ? Rule.of("C6.3", "split of the upper end") : Rule.of("C6", "split"));
    }

    /** What is divided, in words. */
    public String label() {
        return equals(PRINCESS_UPPER) ? seam.label() + ", upper end" : seam.label();
    }

    /** Reckoned while the cutter has set none: where the upper end follows the seam, it is the seam's. */
    Reckoned following(Reckoned seamsOwn) {
        return seamsOwn.named("Towards the centre, as below", Rule.of("C6.3", "split of the upper end"));
    }

    /** The split of a seam at a level, if it is one that can be divided at will. */
    public static Optional<SplitOption> of(SeamPlace seam, Level level) {
        return level == Level.UPPER && seam.equals(SeamPlace.PRINCESS_FRONT) ? Optional.of(PRINCESS_UPPER) : of(seam);
    }

    /** The split of a seam, if it is one that can be divided at will. The side belongs half to each block; centre back has one edge. */
    public static Optional<SplitOption> of(SeamPlace seam) {
        if (seam.part() != SeamPlace.Part.FRONT && seam.part() != SeamPlace.Part.BACK) {
            return Optional.empty();
        }
        return Optional.of(
                seam.equals(SeamPlace.PRINCESS_FRONT)
                        ? PRINCESS_FRONT
                        : seam.equals(SeamPlace.PRINCESS_BACK)
                                ? PRINCESS_BACK
                                : new SplitOption(OF_SEAM + seam.id(), seam, 0.5, "half and half on corset panels"));
    }

    /** All ways in which a seam is divided: one, and above the apex another. */
    public static List<SplitOption> all(SeamPlace seam) {
        return Stream.concat(of(seam).stream(), of(seam, Level.UPPER).stream())
                .distinct()
                .toList();
    }

    public static Optional<SplitOption> ofId(String id) {
        if (id.equals(PRINCESS_UPPER.id)) {
            return Optional.of(PRINCESS_UPPER);
        }
        if (id.equals(PRINCESS_FRONT.id) || id.equals(PRINCESS_BACK.id)) {
            return Optional.of(id.equals(PRINCESS_FRONT.id) ? PRINCESS_FRONT : PRINCESS_BACK);
        }
        return id.startsWith(OF_SEAM)
                ? SeamPlace.ofId(id.substring(OF_SEAM.length()))
                        .filter(s -> !s.isPrincess())
                        .flatMap(SplitOption::of)
                : Optional.empty();
    }

    @Override
    public int compareTo(SplitOption other) {
        return id.compareTo(other.id);
    }
}
