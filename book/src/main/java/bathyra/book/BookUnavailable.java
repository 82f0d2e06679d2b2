package bathyra.book;

/** Why a workshop book cannot be opened, in a sentence that says what can be done. The file has not been touched. */
public final class BookUnavailable extends Exception {
    /** What stands in the way. */
    public enum Reason {
        LOCKED,
        READ_ONLY,
        DAMAGED,
        NEWER
    }

    private final Reason reason;

    BookUnavailable(Reason reason, String sentence, Throwable cause) {
        super(sentence, cause);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
