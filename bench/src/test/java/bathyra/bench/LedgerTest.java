package bathyra.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.bench.Ledger.Figure;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LedgerTest {
    private static final Figure FIRST =
            new Figure("2026-01-01", "aaa", "a lay, folded", 8, 10, new Yardstick(4, 10), "9 / 12", "bench/run all");
    private static final Figure SECOND =
            new Figure("2026-01-02", "bbb", "a lay, folded", 6, 9.5, new Yardstick(5, 4), "9 / 12", "bench/run all");

    @TempDir
    private Path folder;

    @Test
    void whatIsAppended_isReadBack_underOneHead() throws IOException {
        Path csv = folder.resolve("figures.csv");
        Ledger.append(csv, List.of(FIRST));
        Ledger.append(csv, List.of(SECOND));
        assertThat(Ledger.read(csv)).containsExactly(FIRST, SECOND);
        assertThat(Files.readAllLines(csv)).hasSize(3);
    }

    @Test
    void page_showsTheLastOfEachFigure_besideTheOneBefore_andLeavesTheRest() throws IOException {
        Path csv = folder.resolve("figures.csv");
        Path page = folder.resolve("page.md");
        Ledger.append(csv, List.of(FIRST, SECOND));
        Files.writeString(
                page, "before\n<!-- made from benchmarks.csv -->\nformer table\n<!-- end of what is made -->\nafter\n");
        Ledger.page(csv, page);
        assertThat(Files.readString(page))
                .startsWith("before\n")
                .endsWith("<!-- end of what is made -->\nafter\n")
                .contains("| a lay, folded | 9 / 12 | 6.0 / 9.5 | 1.50 | 0.80 | `bench/run all`, 2026-01-02, bbb |")
                .doesNotContain("former table");
    }

    @Test
    void lineOfBeforeTheObjects_isReadAsItIs_andHeldAgainstTheLoop() throws IOException {
        Path csv = folder.resolve("figures.csv");
        Path page = folder.resolve("page.md");
        Files.writeString(
                csv,
                "date,commit,figure,median ms,high ms,yardstick ms,target ms,command\n"
                        + "2025-12-31,000,\"a lay, folded\",9.000,11.000,3.000,9 / 12,bench/run all\n");
        Ledger.append(csv, List.of(SECOND));
        Files.writeString(page, "<!-- made from benchmarks.csv -->\n<!-- end of what is made -->\n");

        Ledger.page(csv, page);

        assertThat(Ledger.read(csv).get(0).yardstick().objects()).isNaN();
        assertThat(Files.readString(page)).contains("| 6.0 / 9.5 | 1.20 | 3.00 |");
    }

    @Test
    void pageWithoutAPlace_isSaid_andLeftAsItIs() throws IOException {
        Path csv = folder.resolve("figures.csv");
        Path page = folder.resolve("page.md");
        Ledger.append(csv, List.of(FIRST));
        Files.writeString(page, "nothing\n");
        assertThatThrownBy(() -> Ledger.page(csv, page))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("no place");
        assertThat(Files.readString(page)).isEqualTo("nothing\n");
    }
}
