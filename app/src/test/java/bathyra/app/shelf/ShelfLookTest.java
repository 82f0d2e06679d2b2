package bathyra.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.shelf.ShelfLook.Kind;
import bathyra.app.shelf.ShelfLook.Order;
import bathyra.app.shelf.ShelfLook.Which;
import bathyra.book.Commissions.Entry;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ShelfLookTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);
    private static final List<Entry> ENTRIES = List.of(
            entry(1, "Zoe", "Alpha", Optional.of(TODAY.minusDays(1)), "every stage done"),
            entry(2, "Ábel", "Beta", Optional.of(TODAY.plusDays(30)), "Edges 1 note · the rest done"),
            entry(3, "abel", "Gamma", Optional.of(TODAY.plusDays(31)), ""),
            entry(4, "Nils", "Delta", Optional.empty(), "cannot be read: the book is damaged there"));
    private static final Map<Long, String> KINDS = Map.of(1L, "corset", 2L, "bustier", 3L, "corset");

    private static Entry entry(long id, String wearer, String title, Optional<LocalDate> due, String state) {
        return new Entry(id, title, wearer, due, state, false);
    }

    private static List<Long> ids(ShelfLook look) {
        return look.of(ENTRIES, KINDS, TODAY).stream().map(Entry::id).toList();
    }

    @Test
    void theyAreShown_byTheirDays_kindAndState() {
        assertThat(ids(ShelfLook.USUAL)).containsExactly(1L, 2L, 3L, 4L);
        assertThat(ids(ShelfLook.USUAL.showing(Which.LATE))).containsExactly(1L);
        assertThat(ids(ShelfLook.USUAL.showing(Which.SOON))).containsExactly(2L);
        assertThat(ids(ShelfLook.USUAL.showing(Which.UNDATED))).containsExactly(4L);
        assertThat(ids(ShelfLook.USUAL.showing(Which.TO_LOOK_AT))).containsExactly(2L, 4L);
        assertThat(ids(ShelfLook.USUAL.of(Kind.CORSET))).containsExactly(1L, 3L);
    }

    @Test
    void theOrder_takesNoNoticeOfAccentsAndCapitals() {
        assertThat(ids(ShelfLook.USUAL.by(Order.WEARER))).containsExactly(2L, 3L, 4L, 1L);
        assertThat(ids(ShelfLook.USUAL.by(Order.TITLE))).containsExactly(1L, 2L, 4L, 3L);
        assertThat(ids(ShelfLook.USUAL.by(Order.NEWEST))).containsExactly(4L, 3L, 2L, 1L);
    }

    @Test
    void itStays_butTheTrashIsNotOpenedByItself_andNonsenseIsAsUsual() {
        ShelfLook look = ShelfLook.USUAL.by(Order.TITLE).of(Kind.UNDERBUST).showing(Which.LATE);
        assertThat(ShelfLook.read(look.write())).isEqualTo(look);
        assertThat(ShelfLook.read(look.showing(Which.TRASH).write()).which()).isEqualTo(Which.ALL);
        assertThat(ShelfLook.read("x,,y")).isEqualTo(ShelfLook.USUAL);
    }

    @Test
    void productions_areTheTitlesMadeForSeveral_andOneCanBeLookedAtAlone() {
        List<Entry> book = List.of(
                entry(1, "Ada", "Chorus, act 1", Optional.empty(), ""),
                entry(2, "Bea", "Chorus, act 1", Optional.empty(), ""),
                entry(3, "Ada", "Bridal", Optional.empty(), ""),
                entry(4, "Ada", "Bridal", Optional.empty(), ""));
        assertThat(ShelfLook.productions(book)).containsExactly("Chorus, act 1");
        ShelfLook look = ShelfLook.USUAL.madeFor("Chorus, act 1");
        assertThat(look.of(book, Map.of(), TODAY)).extracting(Entry::id).containsExactly(1L, 2L);
        assertThat(ShelfLook.read(look.by(Order.TITLE).write()))
                .as("whatever its title")
                .isEqualTo(look.by(Order.TITLE));
        assertThat(ShelfLook.read("DUE,ANY,ALL")).as("of a former version").isEqualTo(ShelfLook.USUAL);
    }
}
