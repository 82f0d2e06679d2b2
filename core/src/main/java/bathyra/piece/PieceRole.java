package bathyra.piece;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What a piece is. Its id is the role's letters, with a number where there are several of the kind; only here is an id taken apart. */
public enum PieceRole {
    /** A panel of the front, from centre front. */
    FRONT("F", 7),
    /** A panel of the back, from centre back. */
    BACK("B", 7),
    /** Inner, outer and upper cup. */
    CUP("C", 3),
    /** Front and back yoke. */
    YOKE("Y", 2),
    PEPLUM("P", 2),
    /** What hangs from a panel of the front below a basque, by the panel. */
    SKIRT_FRONT("KF", 7),
    /** The same behind. */
    SKIRT_BACK("KB", 7),
    /** A wedge set into a slit. */
    GORE("G", 6),
    SLEEVE("SL", 0),
    MODESTY_PANEL("MP", 0),
    FACING_BACK("FCB", 0),
    FACING_FRONT("FCF", 0),
    FLY_BACK("FLB", 0),
    FLY_FRONT("FLF", 0),
    PLACKET_BACK("PLB", 0),
    PLACKET_FRONT("PLF", 0),
    /** A piece of a drawing from elsewhere. */
    OTHER("", 0);

    private final String letters;
    private final int most;

    PieceRole(String letters, int most) {
        this.letters = letters;
        this.most = most;
    }

    /** The id of the only piece of this role. */
    public String id() {
        return letters;
    }

    /** The id of one of them. @param number from 1 */
    public String id(int number) {
        return letters + number;
    }

    /** The role that an id speaks of. */
    public static PieceRole of(String id) {
        return Arrays.stream(values())
                .filter(role -> role != OTHER && role.isNamedBy(id))
                .findFirst()
                .orElse(OTHER);
    }

    /** The id of the piece of a skirt that hangs from a panel. @param panel the panel's id */
    public static String skirtUnder(String panel) {
        PieceRole role = of(panel);
        return (role == FRONT ? SKIRT_FRONT : SKIRT_BACK).letters + panel.substring(role.letters.length());
    }

    private boolean isNamedBy(String id) {
        return most == 0
                ? id.equals(letters)
                : id.length() == letters.length() + 1
                        && id.startsWith(letters)
                        && id.charAt(letters.length()) >= '1'
                        && id.charAt(letters.length()) <= '0' + most;
    }

    /** Every id that a piece of the program's has. */
    public static List<String> ids() {
        return Arrays.stream(values())
                .filter(role -> role != OTHER)
                .flatMap(role -> role.most == 0
                        ? Stream.of(role.letters)
                        : IntStream.rangeClosed(1, role.most).mapToObj(role::id))
                .toList();
    }

    /** A panel from top to bottom of the garment. */
    public boolean isPanel() {
        return this == FRONT || this == BACK;
    }

    public boolean isSkirt() {
        return this == SKIRT_FRONT || this == SKIRT_BACK;
    }
}
