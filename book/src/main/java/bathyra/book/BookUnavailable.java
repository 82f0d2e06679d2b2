package bathyra.book;

/** Why a workshop book cannot be opened, in a sentence that says what can be done. The file has not been touched. */
public final class BookUnavailable extends Exception {
    /** What stands in the way. */
    public enum Reason {
        LOCKED,
        READ_ONLY,
        /** What stands in it is not what was written: only then a backup is offered. */
        DAMAGED,
        NEWER,
        /** A database of some other program. */
        FOREIGN,
        /** There is no room left to open it; the book itself is whole. */
        FULL,
        /** The disk does not give it out. */
        UNREADABLE
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
