package bathyra.book;

/** The open book could not be read or written; the message says what can be done. */
public final class BookFailure extends RuntimeException {
    BookFailure(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
