package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PracticeTest {
    @TempDir
    private Path folder;

    @Test
    void attempts_areKeptPersonByPerson_theNewestFirst_andOutliveTheProgram() throws Exception {
        Path file = folder.resolve("book.sqlite");
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.practice().keep("Wilmot", "Quarter block", "Waist", "18.0 cm", false, "Waist dart was not added.");
            book.practice().keep("Odile", "Quarter block", "Hip", "25.3 cm", true, "");
            book.practice().keep("Wilmot", "Quarter block", "Waist", "20.5 cm", true, "");
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.practice().of("Wilmot"))
                    .extracting(Practice.Attempt::answer)
                    .containsExactly("20.5 cm", "18.0 cm");
            assertThat(book.practice().of("Wilmot").get(1).slip()).isEqualTo("Waist dart was not added.");
            assertThat(book.practice().of("Odile")).singleElement().matches(Practice.Attempt::correct);
            assertThat(book.practice().of("nobody")).isEmpty();
        }
    }
}
