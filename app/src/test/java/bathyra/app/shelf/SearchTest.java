package bathyra.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.book.Commissions.Entry;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SearchTest {
    private final Search search = new Search(List.of(
            new Entry(1, "The Heron, sweetheart bustier", "Nerea Holloway", Optional.empty(), "2 notes", false),
            new Entry(
                    2,
                    "Harbour master",
                    "Ottoline Brackwater-Finch",
                    Optional.of(LocalDate.of(2026, 12, 24)),
                    "drafts clean",
                    false),
            new Entry(
                    3, "Orchard keeper", "Séraphine Müller", Optional.of(LocalDate.of(2026, 12, 1)), "no draft", false),
            new Entry(4, "Chorus, first row", "Nerea Holloway", Optional.empty(), "", true)));

    private List<Long> find(String words, boolean archived) {
        return search.find(words, archived).stream().map(Entry::id).toList();
    }

    @Test
    void nothingTyped_givesAllThatIsNotArchived_theNextDueFirst() {
        assertThat(find("", false)).containsExactly(3L, 2L, 1L);
        assertThat(find("  ", true)).containsExactly(3L, 2L, 1L, 4L);
    }

    @Test
    void words_inAnyOrderAndCase_mustAllStandThere() {
        assertThat(find("bustier NEREA", false)).containsExactly(1L);
        assertThat(find("holloway", true)).containsExactly(1L, 4L);
        assertThat(find("holloway master", true)).isEmpty();
    }

    @Test
    void accents_mayBeLeftOut() {
        assertThat(find("seraphine muller", false)).containsExactly(3L);
        assertThat(find("Müller", false)).containsExactly(3L);
    }

    @Test
    void dayAndState_areFoundToo() {
        assertThat(find("2026-12", false)).containsExactly(3L, 2L);
        assertThat(find("no draft", false)).containsExactly(3L);
    }
}
