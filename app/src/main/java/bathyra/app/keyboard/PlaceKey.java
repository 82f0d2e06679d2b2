package bathyra.app.keyboard;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * What a key does in one place. Whoever hears keys there asks these whether it is pressed, and the page of all keys is made from them: what the page
 * says is so.
 */
public enum PlaceKey {
    NEARER(Place.TABLE, "nearer", KeyCode.PLUS, KeyCode.ADD, KeyCode.EQUALS),
    FARTHER(Place.TABLE, "farther", KeyCode.MINUS, KeyCode.SUBTRACT),
    WHOLE(Place.TABLE, "the whole drawing", KeyCode.DIGIT0, KeyCode.NUMPAD0),
    HANDLE(
            Place.TABLE,
            "move the handle in hand by a step; with Shift by ten",
            KeyCode.UP,
            KeyCode.DOWN,
            KeyCode.LEFT,
            KeyCode.RIGHT),
    CHOICE(Place.TABLE, "in a switch: the next choice", KeyCode.UP, KeyCode.DOWN, KeyCode.LEFT, KeyCode.RIGHT),
    NEXT(Place.TABLE, "the next handle, row or field", KeyCode.TAB),

    CLOSE(Place.OVER, "back to the stage", KeyCode.ESCAPE),

    TAKE(Place.MEASURE, "take the figure and go to the next; with Shift to the one before", KeyCode.ENTER),

    STEP(Place.SEAMS, "a step more or less; with Shift a large one", KeyCode.UP, KeyCode.DOWN),
    ASIDE(Place.SEAMS, "a seam or a handle to the side; with Shift by ten", KeyCode.LEFT, KeyCode.RIGHT),
    PIN(Place.SEAMS, "pin the figure, or let it go", KeyCode.P),
    TAKE_IT(Place.SEAMS, "take what was typed", KeyCode.ENTER),
    LEAVE_IT(Place.SEAMS, "leave it as it was", KeyCode.ESCAPE),
    SEAM_AWAY(Place.SEAMS, "take a seam away", KeyCode.DELETE, KeyCode.BACK_SPACE),
    SEAM_MORE(Place.SEAMS, "on the spool: a seam more", KeyCode.ENTER, KeyCode.SPACE),

    WALK(Place.WALKING, "walk on, and back; with Shift in strides", KeyCode.LEFT, KeyCode.RIGHT),
    CORRECT(Place.WALKING, "on a check: look at it", KeyCode.ENTER),

    TURN(Place.FIT, "turn the body; with Shift a little", KeyCode.LEFT, KeyCode.RIGHT),
    FROM_FRONT(Place.FIT, "from the front", KeyCode.DIGIT1),
    FROM_SIDE(Place.FIT, "from the side", KeyCode.DIGIT2),
    FROM_BACK(Place.FIT, "from the back", KeyCode.DIGIT3),

    PINCH(Place.FITTINGS, "pinch", KeyCode.P),
    LET_OUT(Place.FITTINGS, "let out", KeyCode.L),
    EDGE(Place.FITTINGS, "edge", KeyCode.E),
    FOLD(Place.FITTINGS, "fold", KeyCode.F),
    DIGS_IN(Place.FITTINGS, "digs in", KeyCode.D),
    WEDGE(Place.FITTINGS, "wedge", KeyCode.W),
    APEX(Place.FITTINGS, "apex; with a mark in hand: agree to it", KeyCode.A),
    HALVE(Place.FITTINGS, "halve the mark in hand", KeyCode.H),
    LEAVE_OPEN(Place.FITTINGS, "leave it open", KeyCode.V),
    REFUSE(Place.FITTINGS, "refuse it", KeyCode.X),
    MARK_AWAY(Place.FITTINGS, "take it away", KeyCode.DELETE, KeyCode.BACK_SPACE),
    LET_GO(Place.FITTINGS, "let it go; close a picture", KeyCode.ESCAPE),
    OTHER_HALF(Place.FITTINGS, "the other half", KeyCode.R),
    MAKE_DRAFT(Place.FITTINGS, Held.CONTROL, "make the draft", KeyCode.ENTER),

    CLOCK(Place.MAKING, "start and stop the clock", KeyCode.SPACE),
    DONE(Place.MAKING, "the step is done", KeyCode.ENTER),
    DAY(Place.MAKING, "on a pin, here and in the weeks: a day earlier or later", KeyCode.LEFT, KeyCode.RIGHT),
    BY_RULE(Place.MAKING, "on a pin: as the rule gives it", KeyCode.DELETE),

    IN_HAND(Place.BOOK, "take the commission in hand", KeyCode.ENTER),
    TO_THE_LIST(Place.BOOK, "from the search to the list", KeyCode.DOWN),
    DESIGN(Place.BOOK, "in the weeks: close and open a design for many", KeyCode.LEFT, KeyCode.RIGHT),
    WEEKS(Place.BOOK, Held.ALT, "in the weeks: earlier and later", KeyCode.LEFT, KeyCode.RIGHT),

    ON(Place.HAND, "on to the next step", KeyCode.ENTER),
    BACK(Place.HAND, "one step back", KeyCode.BACK_SPACE),
    TO_ZERO(Place.HAND, "to zero", KeyCode.HOME),
    PIECE(
            Place.HAND,
            "the piece",
            KeyCode.DIGIT1,
            KeyCode.DIGIT2,
            KeyCode.DIGIT3,
            KeyCode.DIGIT4,
            KeyCode.DIGIT5,
            KeyCode.DIGIT6,
            KeyCode.DIGIT7,
            KeyCode.DIGIT8,
            KeyCode.DIGIT9),

    NEXT_SIZE(Place.SIZES, "take the figure and go to the next size", KeyCode.DOWN, KeyCode.ENTER),
    SIZE_BEFORE(Place.SIZES, "the size before", KeyCode.UP),
    CARRY_ON(Place.SIZES, Held.CONTROL, "carry the step on down its column", KeyCode.D),
    TABLE_IN(Place.SIZES, Held.CONTROL, "take a table in", KeyCode.V),

    LINE_ON(Place.ALONG, "the next step", KeyCode.PAGE_DOWN),
    LINE_BACK(Place.ALONG, "the one before", KeyCode.PAGE_UP),

    ANSWER(Place.PRACTICE, "look at the answer; from a right one go on", KeyCode.ENTER),

    PACKET(Place.OUTPUT, "the next packet", KeyCode.UP, KeyCode.DOWN),
    MAKE(Place.OUTPUT, "make it", KeyCode.ENTER),

    FOUND(Place.FIND, "the next that was found", KeyCode.UP, KeyCode.DOWN),
    CLOSE_FIND(Place.FIND, "close it", KeyCode.ESCAPE);

    /** What is held down with it. */
    private enum Held {
        NOTHING,
        CONTROL,
        ALT
    }

    /** The same sign on another key; one is said for both. */
    private static final Set<KeyCode> ALSO = EnumSet.of(KeyCode.ADD, KeyCode.EQUALS, KeyCode.SUBTRACT, KeyCode.NUMPAD0);

    private static final Map<KeyCode, String> READ = new EnumMap<>(Map.of(
            KeyCode.PLUS,
            "+",
            KeyCode.MINUS,
            "−",
            KeyCode.PAGE_DOWN,
            "Page Down",
            KeyCode.PAGE_UP,
            "Page Up",
            KeyCode.ESCAPE,
            "Escape"));

    private final Place place;
    private final Held held;
    private final String words;
    private final List<KeyCode> codes;

    PlaceKey(Place place, String words, KeyCode... codes) {
        this(place, Held.NOTHING, words, codes);
    }

    PlaceKey(Place place, Held held, String words, KeyCode... codes) {
        this.place = place;
        this.held = held;
        this.words = words;
        this.codes = List.of(codes);
    }

    public Place place() {
        return place;
    }

    /** What it does, as the keys page says it. */
    public String words() {
        return words;
    }

    /** The keys as one reads them. */
    public String keys() {
        List<String> read = codes.stream()
                .filter(c -> !ALSO.contains(c))
                .map(c -> READ.getOrDefault(c, c.getName()))
                .toList();
        String all = read.size() == 9
                ? read.get(0) + " to " + read.get(8)
                : read.size() == 4
                        ? "Arrow keys"
                        : read.size() == 2 ? read.get(0) + " and " + read.get(1) : String.join(", ", read);
        return switch (held) {
            case NOTHING -> all;
            case CONTROL -> "Ctrl+" + all;
            case ALT -> read.stream().map(r -> "Alt+" + r).collect(Collectors.joining(" and "));
        };
    }

    /** Whether it is one of its keys, whatever is held down with it. */
    public boolean is(KeyCode code) {
        return codes.contains(code);
    }

    /** Whether it is pressed, with Control or Alt where it asks for them, and without where it does not. */
    public boolean isPressed(KeyEvent e) {
        return is(e.getCode()) && e.isShortcutDown() == (held == Held.CONTROL) && e.isAltDown() == (held == Held.ALT);
    }

    /** Which of its signs is typed, from 1, on whatever key of the keyboard it lies; 0 where it is none of them. */
    public int typed(KeyEvent e) {
        return 1 + codes.stream().map(KeyCode::getName).toList().indexOf(e.getText());
    }

    /** Whether it is pressed the other way: up, or to the left. */
    public static boolean isBack(KeyEvent e) {
        return e.getCode() == KeyCode.UP || e.getCode() == KeyCode.LEFT;
    }

    /** The keys of a place, in their order. */
    public static List<PlaceKey> of(Place place) {
        return Arrays.stream(values()).filter(k -> k.place == place).toList();
    }
}
