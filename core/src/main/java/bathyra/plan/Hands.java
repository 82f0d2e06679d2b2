package bathyra.plan;

/**
 * Who makes a garment.
 *
 * @param maker the name; empty for the first of the workshop
 * @param learner whether that is not an experienced one
 */
public record Hands(String maker, boolean learner) {
    public static final Hands FIRST = new Hands("", false);
}
