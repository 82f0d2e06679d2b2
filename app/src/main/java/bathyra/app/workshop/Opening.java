package bathyra.app.workshop;

import bathyra.book.BookFailure;
import bathyra.book.Commissions;
import bathyra.book.WorkshopBook;
import bathyra.garment.Commission;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** With which commission a book opens: the one that was in hand; where it cannot be read the next one that can. */
final class Opening {
    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);

    private final WorkshopBook book;
    private final List<BookFailure> failures = new ArrayList<>();

    private Opening(WorkshopBook book) {
        this.book = book;
    }

    /** @param failed why the one that was in hand cannot be read, in words for the cutter; empty where it is the one */
    record Found(long id, Commission commission, Optional<String> failed) {}

    /**
     * The first commission that can be read.
     *
     * @throws BookFailure when none can be read
     */
    static Found of(WorkshopBook book) {
        BookDeeds.fill(book);
        Opening opening = new Opening(book);
        Optional<Found> found = LongStream.concat(
                        LongStream.of(BookDeeds.last(book)),
                        book.commissions().entries().stream().mapToLong(Commissions.Entry::id))
                .mapToObj(opening::readable)
                .flatMap(Optional::stream)
                .findFirst();
        return found.orElseThrow(() -> opening.failures.get(0));
    }

    private Optional<Found> readable(long id) {
        try {
            return book.commissions()
                    .find(id)
                    .map(commission -> new Found(
                            id, commission, failures.stream().findFirst().map(BookFailure::getMessage)));
        } catch (BookFailure e) {
            LOG.error("commission {} cannot be read", id, e);
            failures.add(e);
            return Optional.empty();
        }
    }
}
