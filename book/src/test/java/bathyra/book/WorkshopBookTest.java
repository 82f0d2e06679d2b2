package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bathyra.draft.Bodies;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WorkshopBookTest {
    @TempDir
    private Path folder;

    private Path file;
    private final Commission first = Bodies.commission(Bodies.nerea(), Garment.bustier());
    private final Commission second =
            first.withMeasurements(first.measurements().with(MeasurementKey.WAIST, Length.mm(730)));
    private final Commission third = second.withUnits(LengthUnit.IN);

    @BeforeEach
    void name() {
        file = folder.resolve("book.sqlite");
    }

    @Test
    void undoAndRedo_surviveARestart() throws BookUnavailable {
        long id;
        try (WorkshopBook book = WorkshopBook.open(file)) {
            id = book.commissions().add(first);
            book.history().record(id, "waist 72.0 → 73.0 cm", first, second);
            book.history().record(id, "units cm → in", second, third);
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.commissions().find(id)).contains(third);
            assertThat(book.history().undoLabel(id)).contains("units cm → in");
            assertThat(book.history().undo(id)).contains(second);
            assertThat(book.history().undo(id)).contains(first);
            assertThat(book.history().undo(id)).isEmpty();
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.commissions().find(id)).contains(first);
            assertThat(book.history().redoLabel(id)).contains("waist 72.0 → 73.0 cm");
            assertThat(book.history().redo(id)).contains(second);
            assertThat(book.history().redo(id)).contains(third);
            assertThat(book.history().redo(id)).isEmpty();
        }
    }

    @Test
    void record_afterUndo_forgetsWhatWasUndone() throws BookUnavailable {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(first);
            book.history().record(id, "a", first, second);
            book.history().undo(id);
            book.history().record(id, "b", first, third);
            assertThat(book.history().redoLabel(id)).isEmpty();
            assertThat(book.history().undo(id)).contains(first);
        }
    }

    @Test
    void amend_makesOneChangeOfMany() throws BookUnavailable {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(first);
            book.history().record(id, "a", first, second);
            book.history().amend(id, "b", third);
            assertThat(book.commissions().find(id)).contains(third);
            assertThat(book.history().undoLabel(id)).contains("b");
            assertThat(book.history().undo(id)).contains(first);
        }
    }

    @Test
    void place_isKept() throws BookUnavailable {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.keepPlace("stage", "SEAMS");
            book.keepPlace("stage", "PIECES");
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.place("stage")).contains("PIECES");
            assertThat(book.place("other")).isEmpty();
        }
    }

    @Test
    void open_twice_saysThatItIsLockedAndHarmsNothing() throws BookUnavailable {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(first);
            BookUnavailable locked = catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file));
            assertThat(locked.reason()).isEqualTo(BookUnavailable.Reason.LOCKED);
            assertThat(locked)
                    .hasMessageStartingWith("The book " + file.toAbsolutePath() + " is open in another window")
                    .hasMessageEndingWith(". Close that window, or open another book with --book.");
            assertThat(book.commissions().find(id)).contains(first);
        }
    }

    @Test
    void open_whatIsNoBook_leavesItAsItIs() throws IOException {
        Files.writeString(file, "This is a letter, not a book. ".repeat(100));
        byte[] before = Files.readAllBytes(file);
        assertThat(catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file))
                        .reason())
                .isEqualTo(BookUnavailable.Reason.DAMAGED);
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void open_aDamagedBook_leavesItAsItIs() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            for (int i = 0; i < 40; i++) {
                book.commissions().add(first);
            }
        }
        byte[] bytes = Files.readAllBytes(file);
        java.util.Arrays.fill(bytes, 4096, bytes.length - 4096, (byte) 0x5a);
        Files.write(file, bytes);
        assertThat(catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file))
                        .reason())
                .isEqualTo(BookUnavailable.Reason.DAMAGED);
        assertThat(Files.readAllBytes(file)).isEqualTo(bytes);
    }

    @Test
    void open_aBookOfANewerVersion_leavesItAsItIs() throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute("CREATE TABLE later (x)");
            statement.execute("PRAGMA application_id=" + 0x42415448);
            statement.execute("PRAGMA user_version=99");
        }
        byte[] before = Files.readAllBytes(file);
        BookUnavailable newer = catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file));
        assertThat(newer.reason()).isEqualTo(BookUnavailable.Reason.NEWER);
        assertThat(newer).hasMessageContaining("was written by a newer Bathyra");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void open_aForeignDatabase_isNotTakenForABook() throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute("CREATE TABLE commission (other TEXT)");
        }
        assertThat(catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file))
                        .reason())
                .isEqualTo(BookUnavailable.Reason.FOREIGN);
    }

    @Test
    void keyOfACommission_staysWithIt_andIsNoOtherBooks() throws Exception {
        String first;
        try (WorkshopBook book = WorkshopBook.open(file)) {
            first = book.keyOf(1);
            assertThat(book.keyOf(2)).isNotEqualTo(first);
            assertThat(book.keyOf(1)).isEqualTo(first);
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.keyOf(1)).isEqualTo(first);
        }
        try (WorkshopBook other = WorkshopBook.open(file.resolveSibling("other.sqlite"))) {
            assertThat(other.keyOf(1)).isNotEqualTo(first);
        }
    }
}
