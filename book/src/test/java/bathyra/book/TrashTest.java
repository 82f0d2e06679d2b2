package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.geometry.Point;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TrashTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 30);

    @TempDir
    private Path folder;

    private WorkshopBook book;
    private long first;
    private long second;

    @BeforeEach
    void open() throws Exception {
        book = WorkshopBook.open(folder.resolve("book.sqlite"));
        Commission commission = Bodies.commission(Bodies.nerea(), Garment.bustier());
        first = book.commissions().add(commission);
        second = book.commissions().add(commission.withTitle("Another"));
    }

    @AfterEach
    void close() {
        book.close();
    }

    private List<Long> listed() {
        return book.commissions().entries().stream().map(Commissions.Entry::id).toList();
    }

    @Test
    void whatIsThrownAway_isInNoList_andComesBackAsItWas() {
        Commission before = book.commissions().find(first).orElseThrow();
        book.trash().throwAway(first, DAY);
        assertThat(listed()).containsExactly(second);
        assertThat(book.works().all()).extracting(Works.Row::id).containsExactly(second);
        assertThat(book.trash().list()).singleElement().satisfies(t -> {
            assertThat(t.entry().id()).isEqualTo(first);
            assertThat(t.gone()).isEqualTo(DAY.plusDays(30));
        });
        book.trash().takeBack(first);
        assertThat(listed()).containsExactly(first, second);
        assertThat(book.commissions().find(first)).contains(before);
    }

    @Test
    void afterThirtyDays_itIsGone_andNotBefore() {
        book.trash().throwAway(first, DAY);
        book.trash().throwAway(second, DAY.plusDays(1));
        book.trash().empty(DAY.plusDays(30).minusDays(31));
        assertThat(book.trash().list()).hasSize(2);
        book.trash().empty(DAY.plusDays(30).minusDays(30));
        assertThat(book.commissions().find(first)).isEmpty();
        assertThat(book.trash().list()).extracting(t -> t.entry().id()).containsExactly(second);
    }

    @Test
    void issuedInvoices_stayWithoutTheirCommission() {
        book.invoices().issue(DAY, first, "Nerea Holloway", 9000, number -> "{}");
        book.trash().takeAway(first);
        assertThat(book.invoices().all()).singleElement().satisfies(i -> {
            assertThat(i.commission()).isZero();
            assertThat(i.wearer()).isEqualTo("Nerea Holloway");
        });
    }

    @Test
    void aWearerWhoIsErased_isErasedFromTheTrashToo() {
        book.trash().throwAway(first, DAY);
        book.wearers()
                .erase(book.commissions().find(first).orElseThrow().wearer().name(), false, false);
        assertThat(book.trash().list()).isEmpty();
        assertThat(book.commissions().find(first)).isEmpty();
    }

    @Test
    void aGarmentLooks_asItsPiecesLieSideBySide() {
        Draft draft = (Draft) Drafter.draft(book.commissions().find(first).orElseThrow());
        assertThat(book.sketches().find(first)).isEmpty();
        book.sketches().keep(first, draft);
        assertThat(book.sketches().drawn()).containsExactly(first);
        List<List<Point>> lines = book.sketches().find(first).orElseThrow();
        assertThat(lines).hasSize(draft.pattern().pieces().size());
        for (int i = 1; i < lines.size(); i++) {
            assertThat(lines.get(i).stream().mapToDouble(Point::x).min().orElseThrow())
                    .isGreaterThan(lines.get(i - 1).stream()
                            .mapToDouble(Point::x)
                            .max()
                            .orElseThrow());
        }
        assertThat(Sketches.read("0,0 5,0 nonsense 5,5;1,1;2,2 3,3 4,x"))
                .singleElement()
                .isEqualTo(List.of(new Point(0, 0), new Point(5, 0), new Point(5, 5)));
    }

    @Test
    void kinds_areToldByTheirWords() {
        assertThat(book.commissions().kinds()).containsEntry(first, "bustier").containsEntry(second, "bustier");
    }
}
