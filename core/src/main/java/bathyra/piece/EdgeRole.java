package bathyra.piece;

import bathyra.place.SeamPlace;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What an edge of a piece is. Its name is the role's id, with a number where there are several of the kind ({@code front-2}) and with what was
 * added when it was divided ({@code side-yoke}, {@code armhole-2}); only here is a name taken apart.
 */
public enum EdgeRole {
    CENTRE_FRONT("centre-front"),
    CENTRE_FRONT_ABOVE("centre-front-above"),
    CENTRE_BACK(SeamPlace.CENTRE_BACK.id()),
    PRINCESS_FRONT(SeamPlace.PRINCESS_FRONT.id()),
    PRINCESS_BACK(SeamPlace.PRINCESS_BACK.id()),
    SIDE(SeamPlace.SIDE.id()),
    /** A seam of the front of a corset, by its number from centre front. */
    PANEL_FRONT("front", 7),
    /** A seam of its back, by its number from centre back. */
    PANEL_BACK("back", 7),
    /** Where a peplum is sewn to the body, by the panels from the centre. */
    WAIST("waist", 14),
    /** Where a skirt that was cut off along a basque is sewn to the body again. */
    BASQUE("basque"),
    UPPER("upper-edge"),
    LOWER("lower-edge"),
    HEM("hem"),
    FOLD("fold"),
    NECKLINE("neckline"),
    SHOULDER("shoulder"),
    STRAP_END("strap-end"),
    ARMHOLE("armhole"),
    CUP_INNER("cup-inner"),
    CUP_INNER_LOW("cup-inner-low"),
    CUP_OUTER("cup-outer"),
    CUP_OUTER_LOW("cup-outer-low"),
    BAND_INNER("band-inner"),
    BAND_OUTER("band-outer"),
    YOKE_INNER("yoke-inner"),
    YOKE_OUTER("yoke-outer"),
    YOKE_CENTRE("yoke-centre"),
    YOKE_SIDE("yoke-side"),
    KEYHOLE("keyhole"),
    SLEEVE_TOP("sleeve-top"),
    /** Where a panel is slit for a gore, two edges to each. */
    SLIT("slit", 12),
    /** The two long edges of a gore. */
    GORE("gore", 12),
    CAP_FRONT("cap-front"),
    CAP_BACK("cap-back"),
    UNDERARM_FRONT("underarm-front"),
    UNDERARM_BACK("underarm-back"),
    /** Of a strip, a facing or a modesty panel. */
    TOP("top"),
    BOTTOM("bottom"),
    INNER("inner"),
    SIDE_EDGE("side-edge"),
    /** A name that the program did not give: an edge of a drawing from elsewhere. */
    OTHER("");

    private static final Set<EdgeRole> CUP = EnumSet.of(CUP_INNER, CUP_INNER_LOW, CUP_OUTER, CUP_OUTER_LOW);
    private static final Set<EdgeRole> BAND = EnumSet.of(BAND_INNER, BAND_OUTER);
    private static final Set<EdgeRole> YOKE = EnumSet.of(YOKE_INNER, YOKE_OUTER, YOKE_CENTRE, YOKE_SIDE);
    private static final Set<EdgeRole> FREE_ABOVE =
            EnumSet.of(UPPER, NECKLINE, ARMHOLE, STRAP_END, KEYHOLE, SLEEVE_TOP, SHOULDER);
    /** What is added to the name of an edge that is divided. */
    private static final Pattern STRETCHES = Pattern.compile("(-([2-9]|yoke|body|cup|peplum|low|top|below))*");

    /** The last of them, by its number. */
    private static final Pattern STRETCH = Pattern.compile("-[2-9]$");

    private static final Pattern NUMBER = Pattern.compile("-([1-9]\\d?)(?=-|$)");
    private static final List<EdgeRole> LONGEST_FIRST = Arrays.stream(values())
            .filter(r -> r != OTHER)
            .sorted(Comparator.comparingInt((EdgeRole r) -> r.id.length()).reversed())
            .toList();
    private static final Map<String, EdgeRole> KNOWN = new ConcurrentHashMap<>();
    /** Names are read from documents too: no more of them are remembered than a garment has. */
    private static final int KNOWN_MOST = 2_000;

    private final String id;
    private final int most;

    EdgeRole(String id) {
        this(id, 0);
    }

    /** @param most so many of the kind a garment has, told apart by a number; 0 where there is one */
    EdgeRole(String id, int most) {
        this.id = id;
        this.most = most;
    }

    /** The name of an edge of this role, or its beginning. */
    public String id() {
        return id;
    }

    /** The role that a name speaks of. */
    public static EdgeRole of(String name) {
        EdgeRole known = KNOWN.get(name);
        if (known != null) {
            return known;
        }
        EdgeRole found = LONGEST_FIRST.stream()
                .filter(role -> role.isNamedBy(name))
                .findFirst()
                .orElse(OTHER);
        // Names from elsewhere would only fill the room of our own.
        if (found != OTHER && KNOWN.size() < KNOWN_MOST) {
            KNOWN.put(name, found);
        }
        return found;
    }

    private boolean isNamedBy(String name) {
        if (!name.startsWith(id)) {
            return false;
        }
        String rest = name.substring(id.length());
        if (most > 0) {
            var number = NUMBER.matcher(rest);
            return number.lookingAt()
                    && Integer.parseInt(number.group(1)) <= most
                    && isStretch(rest.substring(number.end()));
        }
        return isStretch(rest);
    }

    /** A name for another stretch of an edge, or for an edge that has come beside one of its name. @param taken what no longer can be had */
    public static String again(String name, Predicate<String> taken) {
        EdgeRole role = of(name);
        int own = role.id.length();
        var number = NUMBER.matcher(name.substring(own));
        if (role.most > 0 && number.lookingAt()) {
            own += number.end();
        }
        String plain =
                name.substring(0, own) + STRETCH.matcher(name.substring(own)).replaceAll("");
        int n = 2;
        while (taken.test(plain + "-" + n)) {
            n++;
        }
        return plain + "-" + n;
    }

    /** Whether what follows a name is what is added to it when an edge is divided. */
    public static boolean isStretch(String added) {
        return STRETCHES.matcher(added).matches();
    }

    /** Every name that an undivided edge has. */
    public static List<String> names() {
        return Arrays.stream(values())
                .filter(r -> r != OTHER)
                .flatMap(r ->
                        r.most > 0 ? IntStream.rangeClosed(1, r.most).mapToObj(n -> r.id + "-" + n) : Stream.of(r.id))
                .toList();
    }

    /** Whether a piece that has it goes on above the upper line, up to the shoulder or around the neck or the arm. */
    public boolean standsAboveUpperLine() {
        return this == ARMHOLE || this == NECKLINE || this == SHOULDER;
    }

    /** Where a cup is sewn into its opening. */
    public boolean isCup() {
        return CUP.contains(this);
    }

    /** Where the upper cup is sewn to the lower ones. */
    public boolean isBand() {
        return BAND.contains(this);
    }

    /** Where a yoke is sewn on. */
    public boolean isYoke() {
        return YOKE.contains(this);
    }

    /** An edge over the bust to which nothing is sewn as long as there is no shoulder and no sleeve. */
    public boolean isAbove() {
        return FREE_ABOVE.contains(this);
    }

    /** An edge at the foot of the garment. */
    public boolean isBelow() {
        return this == LOWER || this == HEM;
    }
}
