package bathyra.app.keys;

import java.util.List;

/** The keys that do something in one place only. */
enum PlaceKeys {
    TABLE(
            "On every table",
            List.of(
                    new Key("+ and −", "nearer and farther"),
                    new Key("0", "the whole drawing"),
                    new Key("Arrow keys", "move the handle in hand by a step; with Shift by ten"),
                    new Key("Tab", "the next handle, row or field"))),
    MEASURE("Measure", List.of(new Key("Enter", "take the figure and go to the next"))),
    SEAMS(
            "Girths and Seams",
            List.of(
                    new Key("Up and Down", "a step more or less; with Shift a large one"),
                    new Key("P", "pin the figure, or let it go"),
                    new Key("Enter", "type it"),
                    new Key("Escape", "leave it as it was"),
                    new Key("Delete", "take a seam away"))),
    FITTINGS(
            "Fittings",
            List.of(
                    new Key("P L E F D W", "pinch, let out, edge, fold, digs in, wedge"),
                    new Key("A", "apex; with a mark in hand: agree to it"),
                    new Key("V and X", "leave the mark open, refuse it"),
                    new Key("− and +", "the mark a step less or more"),
                    new Key("R", "the other half"),
                    new Key("Ctrl+Enter", "make the draft"))),
    MAKING(
            "Making",
            List.of(
                    new Key("Space", "start and stop the clock"),
                    new Key("Enter", "the step is done"),
                    new Key("Left and Right", "on a pin: a day earlier or later"),
                    new Key("Delete", "on a pin: as the rule gives it"))),
    BOOK(
            "Workshop book",
            List.of(
                    new Key("Enter", "take the commission in hand"),
                    new Key("Right and Left", "in the weeks: open and close a design for many; on a pin: a day"),
                    new Key("Alt+Left and Alt+Right", "in the weeks: earlier and later"))),
    HAND(
            "By hand",
            List.of(
                    new Key("Enter and Backspace", "on to the next step, one back"),
                    new Key("Home", "to zero"),
                    new Key("1 to 9", "the piece"),
                    new Key("Escape", "back to the pieces"))),
    SIZES(
            "Sizes",
            List.of(
                    new Key("Enter, Up and Down", "take the figure and go to the next size"),
                    new Key("Ctrl+D", "carry the step on down its column"),
                    new Key("Ctrl+V", "take a table in"),
                    new Key("Ctrl+Z", "take the last change of a chart back"))),
    ALONG("Draft along", List.of(new Key("Page Down and Page Up", "the next step, the one before"))),
    PRACTICE("Practice", List.of(new Key("Enter", "look at the answer; from a right one go on"))),
    OUTPUT(
            "Output",
            List.of(
                    new Key("Up and Down", "the next packet"),
                    new Key("Enter", "make it"),
                    new Key("Space", "on a sheet: leave it out, or print it"),
                    new Key("Escape", "back to the stage")));

    /** @param keys as one reads them @param does what they do */
    record Key(String keys, String does) {}

    private final String title;
    private final List<Key> keys;

    PlaceKeys(String title, List<Key> keys) {
        this.title = title;
        this.keys = keys;
    }

    String title() {
        return title;
    }

    List<Key> keys() {
        return keys;
    }
}
