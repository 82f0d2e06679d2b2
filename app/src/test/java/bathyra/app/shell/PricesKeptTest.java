package bathyra.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.stock.PriceList;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PricesKeptTest {
    @Test
    void aPriceListThatCannotBeRead_isPutAside_beforeAnotherIsWrittenOverIt(@TempDir Path folder) throws Exception {
        try (WorkshopBook book = WorkshopBook.open(DemoBook.fresh(folder.resolve("book.sqlite")))) {
            book.keepPlace("prices", "{\"format\": \"bathyra-prices\", \"items\": {\"cord\": \"much\"}}");
            Workshop workshop = new Workshop(book);
            assertThat(workshop.prices()).isEqualTo(PriceList.invented());
            assertThat(book.place("prices-unread").orElseThrow()).contains("much");
        }
    }
}
