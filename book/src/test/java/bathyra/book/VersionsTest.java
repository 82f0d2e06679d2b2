package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import bathyra.draft.Bodies;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Named versions, and which of them are drafts made from fittings. */
class VersionsTest {
    @TempDir
    Path folder;

    private Path file;
    private Commission commission;

    @BeforeEach
    void commission() {
        file = folder.resolve("book.sqlite");
        commission = Bodies.commission(Bodies.nerea(), Garment.bustier());
    }

    @Test
    void drafts_areTold_byTheirNumberAndNotByTheirName() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(commission);
            book.versions().keepDraft(id, 1, "from the tape", commission);
            book.versions().keep(id, "Draft 7 of the hem", commission.withTitle("Later"));
            book.versions().keepDraft(id, 2, "fitting 1", commission);
            assertThat(book.versions().of(id))
                    .extracting(Versions.Version::name, Versions.Version::draft)
                    .containsExactly(
                            tuple("fitting 1", Optional.of(2)),
                            tuple("Draft 7 of the hem", Optional.empty()),
                            tuple("from the tape", Optional.of(1)));
            assertThat(book.versions().of(id))
                    .as("each has the outlines of its own state")
                    .allSatisfy(
                            v -> assertThat(book.versions().outlines(v.id())).isPresent());
        }
    }

    /** Until its tenth version a book told drafts by their names alone. */
    @Test
    void draftsOfAnOlderBook_getTheirNumbers_fromTheirNames() throws Exception {
        long id;
        try (WorkshopBook book = WorkshopBook.open(file)) {
            id = book.commissions().add(commission);
            for (String name :
                    List.of("Draft 1, from the tape", "Draft 12, fitting 3", "Draft of the hem", "draft 2")) {
                book.versions().keep(id, name, commission);
            }
        }
        older(9);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.versions().of(id))
                    .extracting(Versions.Version::draft)
                    .containsExactly(Optional.empty(), Optional.empty(), Optional.of(12), Optional.of(1));
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            assertThat(Seal.broken(connection)).isEmpty();
            assertThat(Migrations.version(connection)).isEqualTo(Migrations.newest());
        }
    }

    @Test
    void number_thatIsNotAsItWasWritten_isSaid() throws Exception {
        long id;
        try (WorkshopBook book = WorkshopBook.open(file)) {
            id = book.commissions().add(commission);
            book.versions().keepDraft(id, 1, "from the tape", commission);
        }
        alter("UPDATE draft SET number = 3");
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThatThrownBy(() -> book.versions().of(id))
                    .isInstanceOf(BookFailure.class)
                    .hasMessageContaining("the number of a draft of \"" + commission.title() + "\"")
                    .hasMessageContaining("Restore a backup");
        }
    }

    @Test
    void drafts_goWithTheirCommission() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(commission);
            book.versions().keepDraft(id, 1, "from the tape", commission);
            book.trash().takeAway(id);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement();
                var rows = statement.executeQuery("SELECT count(*) FROM draft")) {
            rows.next();
            assertThat(rows.getInt(1)).isZero();
        }
    }

    private void older(int version) throws Exception {
        alter("DROP TABLE draft", "PRAGMA user_version=" + version);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            statement.execute("UPDATE place SET value = '" + version + "' WHERE name = 'edition'");
            Seal.renew(connection, Seal.Table.PLACE, "name = 'edition'");
        }
    }

    private void alter(String... statements) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        }
    }
}
