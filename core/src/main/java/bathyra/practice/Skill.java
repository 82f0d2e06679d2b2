package bathyra.practice;

import java.util.Arrays;
import java.util.Optional;

/** What can be practised, from single sums to walking a seam. */
public enum Skill {
    APEX("apex", "Where the apex lies"),
    QUARTER("quarter", "A quarter of a girth"),
    RADIUS("radius", "The bust radius"),
    CHEST("chest", "The chest line"),
    WORN("worn", "The girth as it is worn"),
    PATTERN("pattern", "The half in cloth"),
    SHARE("share", "The front's share"),
    SURPLUS("surplus", "What the seams take together"),
    WIDTH("width", "How wide a panel stays"),
    LEFT_OVER("left-over", "What is given back at the side"),
    NECKLINE("neckline", "The neckline and the upper edge"),
    WALKING("walking", "Walking a seam"),
    CUT("cut", "The piece with its allowances");

    private final String id;
    private final String label;

    Skill(String id, String label) {
        this.id = id;
        this.label = label;
    }

    /** The word under which it is kept. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    public static Optional<Skill> ofId(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }
}
