package bathyra.app.home;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.book.WorkshopBook;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DemoBookTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 29);

    @TempDir
    private Path folder;

    static java.util.List<String> documents() {
        return DemoBook.all();
    }

    /** At a start they are not held against the schema: here they are. */
    @ParameterizedTest
    @MethodSource("documents")
    void everyShippedDocument_keepsToTheSchema_andIsReadTheSame(String name) throws Exception {
        String document = DemoBook.document(name);
        assertThat(CommissionJson.read(document)).isEqualTo(CommissionJson.readBack(document));
    }

    @Test
    void theBook_holdsThemAll_andTheDraftsOfWhatWasFitted() throws Exception {
        Path file = DemoBook.fresh(folder.resolve("demo.sqlite"), DAY);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.commissions().entries()).hasSize(24);
            int fitted = 0;
            for (var entry : book.commissions().entries()) {
                Commission commission = book.commissions().find(entry.id()).orElseThrow();
                assertThat(commission.title()).isEqualTo(entry.title());
                var drafts = book.versions().of(entry.id());
                if (commission.adjustments().isEmpty()) {
                    assertThat(drafts).isEmpty();
                } else {
                    fitted++;
                    assertThat(drafts).hasSize(2);
                }
            }
            assertThat(fitted).isPositive();
        }
        assertThatThrownBy(() -> DemoBook.fresh(file, DAY))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("never writes over a book");
    }
}
