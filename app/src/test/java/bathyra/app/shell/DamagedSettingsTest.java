package bathyra.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import bathyra.app.output.Output;
import bathyra.app.output.Packets;
import bathyra.app.output.Printing;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.house.House;
import bathyra.stock.PriceList;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the workshop set and cannot be read any more: the usual stands in, the damaged text is kept, and it is said. */
class DamagedSettingsTest {
    @TempDir
    private Path folder;

    private WorkshopBook book;

    @BeforeEach
    void open() throws Exception {
        book = WorkshopBook.open(DemoBook.fresh(folder.resolve("book.sqlite")));
    }

    @AfterEach
    void close() {
        book.close();
    }

    @Test
    void aPriceListThatCannotBeRead_isPutAside_beforeAnotherIsWrittenOverIt() {
        book.keepPlace("prices", "{\"format\": \"bathyra-prices\", \"items\": {\"cord\": \"much\"}}");
        Workshop workshop = new Workshop(book);
        assertThat(workshop.kept().prices()).isEqualTo(PriceList.invented());
        assertThat(book.place("prices-unread").orElseThrow()).contains("much");
        assertThat(workshop.failureProperty().get()).contains("the prices could not be read", "the usual stands in");
    }

    @Test
    void theWorkshopsOwnSettings_areSaidToo() {
        book.keepPlace("house", "{");
        Workshop workshop = new Workshop(book);
        assertThat(workshop.kept().house()).isEqualTo(House.USUAL);
        assertThat(book.place("house-unread")).contains("{");
        assertThat(workshop.failureProperty().get()).contains("What this book keeps of the workshop could not be read");
    }

    /** Where one was may be damaged too: the first commission is taken in hand. */
    @Test
    void placeThatIsNone_opensTheBookAtItsBeginning() {
        book.keepPlace("commission", "on page seven");
        book.keepPlace("stage", "nowhere");
        book.keepPlace("theme", "plaid");
        Workshop workshop = new Workshop(book);
        assertThat(workshop.id()).isEqualTo(book.commissions().entries().get(0).id());
        assertThat(workshop.draft()).isPresent();
    }

    @Test
    void whatIsWhole_isReadWithoutAWord() {
        Workshop workshop = new Workshop(book);
        workshop.kept().prices();
        workshop.kept().house();
        new Output(workshop, Files.always(folder));
        assertThat(workshop.failureProperty().get()).isEmpty();
        assertThat(book.place("prices-unread")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"cutting-table.paper=papyrus", "cutting-table.drawn=GRAIN,SMELL", "a=\\u00zz"})
    void packetsThatCannotBeReadWholly_areAsUsualThere_andTheTextIsKept(String damaged) {
        List<String> said = new ArrayList<>();
        String table = Packets.USUAL.list().get(0).id();
        String text = damaged.replace("cutting-table", table);
        Packets packets = Packets.read(text, () -> said.add("damaged"));
        assertThat(said).hasSize(1);
        assertThat(packets.list()).hasSameSizeAs(Packets.USUAL.list());
        book.keepPlace("packets", text);
        Workshop workshop = new Workshop(book);
        new Output(workshop, Files.always(folder));
        assertThat(book.place("packets-unread")).contains(text);
        assertThat(workshop.failureProperty().get()).contains("the packets could not be read");
    }

    @Test
    void packetsAsTheyAreWritten_areReadBackWithoutAWord() {
        List<String> said = new ArrayList<>();
        assertThat(Packets.read(Packets.USUAL.write(), () -> said.add("damaged")))
                .isEqualTo(Packets.USUAL);
        assertThat(said).isEmpty();
    }

    @Test
    void aPrintersCorrectionThatCannotBeRead_isPutAside_andItIsSaidToPrintTheSquare() throws Exception {
        Path file = folder.resolve("printing.properties");
        List<String> said = new ArrayList<>();
        assertThat(Printing.kept(file, said::add)).isEqualTo(Printing.USUAL);
        assertThat(said).as("there was none").isEmpty();
        Printing.USUAL.withMeasured(49.5, 50.5).keep(file);
        assertThat(Printing.kept(file, said::add)).isEqualTo(Printing.USUAL.withMeasured(49.5, 50.5));
        assertThat(said).isEmpty();
        java.nio.file.Files.writeString(file, "across=wide\n");
        assertThat(Printing.kept(file, said::add)).isEqualTo(Printing.USUAL);
        assertThat(said).singleElement().satisfies(s -> assertThat(s)
                .contains("Print the test square before you cut")
                .contains("printing.properties.unread"));
        assertThat(folder.resolve("printing.properties.unread")).hasContent("across=wide");
        assertThat(file).doesNotExist();
    }
}
