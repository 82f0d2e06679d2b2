package bathyra.app.workshop;

import bathyra.book.BookFailure;
import bathyra.book.WorkshopBook;
import bathyra.files.json.BadDocument;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Something of the workshop's, not of a commission's, as it is kept in the book under a name. */
public final class KeptInBook<T> {
    private static final Logger LOG = LoggerFactory.getLogger(KeptInBook.class);
    private static final String UNREAD = "-unread";

    private final WorkshopBook book;
    private final String place;
    private final String what;
    private final Reader<T> reader;
    private final Function<T, String> writer;
    private final T usual;
    private final Consumer<String> failed;
    private Optional<T> kept = Optional.empty();

    /** Reads it back. */
    @FunctionalInterface
    interface Reader<T> {
        T read(String text) throws BadDocument;
    }

    /**
     * @param what it is, in words: "the prices"
     * @param usual what stands in until one was kept
     * @param failed hears what could not be kept or read, in words for the cutter
     */
    KeptInBook(
            WorkshopBook book,
            String place,
            String what,
            Reader<T> reader,
            Function<T, String> writer,
            T usual,
            Consumer<String> failed) {
        this.book = book;
        this.place = place;
        this.what = what;
        this.reader = reader;
        this.writer = writer;
        this.usual = usual;
        this.failed = failed;
    }

    /** Read when it is first asked for. */
    public T get() {
        if (kept.isEmpty()) {
            kept = Optional.of(book.place(place).map(this::read).orElse(usual));
        }
        return kept.get();
    }

    public void keep(T next) {
        kept = Optional.of(next);
        write(place, writer.apply(next));
    }

    /** What cannot be read is kept beside it: the next change would write over it. */
    private T read(String text) {
        try {
            return reader.read(text);
        } catch (BadDocument e) {
            LOG.warn("what is kept under {} could not be read, the usual stands in", place, e);
            write(place + UNREAD, text);
            failed.accept(unread(what));
            return usual;
        }
    }

    /** What is said of something of the workshop's that is damaged. */
    public static String unread(String what) {
        return "What this book keeps of " + what
                + " could not be read: the usual stands in. What stood there is kept beside it in the book; a backup may have it whole.";
    }

    private void write(String at, String text) {
        try {
            book.keepPlace(at, text);
        } catch (BookFailure e) {
            failed.accept(e.getMessage());
        }
    }
}
