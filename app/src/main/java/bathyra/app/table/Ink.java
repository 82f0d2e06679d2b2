package bathyra.app.table;

/** The colour tokens by their meaning; their values stand in the stylesheet alone. */
public enum Ink {
    PAPER("-paper"),
    CHART("-chart"),
    PIECE_ALT("-piece-alt"),
    SEA_1("-sea-1"),
    SEA_2("-sea-2"),
    SEA_3("-sea-3"),
    SEA_4("-sea-4"),
    SEA_5("-sea-5"),
    INK("-ink"),
    INK_2("-ink-2"),
    TEAL("-teal"),
    LINE("-line"),
    SHALLOW("-shallow"),
    CORAL("-coral"),
    CORAL_TEXT("-coral-text"),
    CORAL_WASH("-coral-wash"),
    BRASS("-brass"),
    BRASS_TEXT("-brass-text"),
    BRASS_LIGHT("-brass-light"),
    KELP("-kelp"),
    AMBER("-amber"),
    AMBER_TEXT("-amber-text"),
    AMBER_WASH("-amber-wash"),
    RED("-red"),
    RED_WASH("-red-wash"),
    RULE("-rule"),
    EDGE("-edge"),
    CLOTH("-cloth"),
    DEEP("-deep"),
    CORD("-cord"),
    TAPE("-tape"),
    ON_TEAL("-on-teal"),
    RAIL_NOTE("-rail-note");

    private final String token;

    Ink(String token) {
        this.token = token;
    }

    String property() {
        return "-ink-of" + token;
    }
}
