package bathyra.fitting;

import java.util.Arrays;
import java.util.Optional;

/** What was seen (C15.1), each with what its amount means. */
public enum MarkKind {
    PINCH("pinch", "Pinch", "pinched", "taken in, both edges together"),
    LET_OUT("let-out", "Let out", "let out", "given, both edges together"),
    EDGE("edge", "Edge", "edge moved", "higher; less than nothing is lower"),
    APEX("apex", "Apex", "apex moved", "lower; less than nothing is higher"),
    FOLD("fold", "Fold", "folds", "of cloth in the fold"),
    DIGS("digs-in", "Digs in", "digs in", "to be cut away at the edge"),
    GAP("gap", "Gap", "gap", "between the lacing edges"),
    PLUMB("plumb", "Plumb", "side seam off plumb", "in front of where it belongs; less than nothing is behind"),
    WEDGE("wedge", "Wedge", "wedge pinched at the edge", "taken at the edge on each half, to nothing at the apex"),
    CLOTH("cloth", "Cloth and bones", "cloth and bones take", "less inside than the toile, all round"),
    NOTE("note", "Note", "note", "nothing is moved");

    private final String id;
    private final String label;
    private final String seen;
    private final String meaning;

    MarkKind(String id, String label, String seen, String meaning) {
        this.id = id;
        this.label = label;
        this.seen = seen;
        this.meaning = meaning;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    /** The name on a switch. */
    public String label() {
        return label;
    }

    /** What was seen, in a few words. */
    public String seen() {
        return seen;
    }

    /** What its amount is. */
    public String meaning() {
        return meaning;
    }

    /** Whether it is put on a seam. */
    public boolean isOnSeam() {
        return this == PINCH || this == LET_OUT;
    }

    /** Whether its amount may be less than nothing. */
    public boolean isSigned() {
        return this == EDGE || this == APEX || this == PLUMB;
    }

    public static Optional<MarkKind> ofId(String id) {
        return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
    }
}
