package bathyra.app.workshop;

import bathyra.book.BookFailure;
import bathyra.book.WorkshopBook;
import bathyra.files.json.BadDocument;
import bathyra.files.json.PriceListJson;
import bathyra.stock.PriceList;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The price list as it is kept in the book: of the workshop, not of a commission. */
final class KeptPrices {
    private static final Logger LOG = LoggerFactory.getLogger(KeptPrices.class);
    private static final String PLACE = "prices";
    private static final String UNREAD = "prices-unread";

    private final WorkshopBook book;
    private final Consumer<String> failed;
    private Optional<PriceList> list = Optional.empty();

    /** @param failed hears what could not be kept, in words for the cutter */
    KeptPrices(WorkshopBook book, Consumer<String> failed) {
        this.book = book;
        this.failed = failed;
    }

    /** The list, read when it is first asked for; an invented one until prices were kept. */
    PriceList list() {
        if (list.isEmpty()) {
            list = Optional.of(book.place(PLACE).map(this::read).orElseGet(PriceList::invented));
        }
        return list.get();
    }

    void keep(PriceList next) {
        list = Optional.of(next);
        write(PLACE, PriceListJson.write(next));
    }

    /** What cannot be read is kept beside it: the next change of a price would write over it. */
    private PriceList read(String text) {
        try {
            return PriceListJson.read(text);
        } catch (BadDocument e) {
            LOG.warn("the price list could not be read, the invented one stands in", e);
            write(UNREAD, text);
            return PriceList.invented();
        }
    }

    private void write(String place, String text) {
        try {
            book.keepPlace(place, text);
        } catch (BookFailure e) {
            failed.accept(e.getMessage());
        }
    }
}
