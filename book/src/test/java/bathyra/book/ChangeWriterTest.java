package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import bathyra.draft.Bodies;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ChangeWriterTest {
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    @TempDir
    private Path folder;

    private final Commission first = Bodies.commission(Bodies.nerea(), Garment.bustier());
    private Path file;
    private WorkshopBook book;
    private long id;

    @BeforeEach
    void open() throws BookUnavailable {
        file = folder.resolve("book.sqlite");
        book = WorkshopBook.open(file);
        id = book.commissions().add(first);
    }

    @AfterEach
    void close() {
        book.close();
    }

    private Commission waist(double mm) {
        return first.withMeasurements(first.measurements().with(MeasurementKey.WAIST, Length.mm(mm)));
    }

    private void drag(double from, double to) {
        for (double at = from; at <= to; at++) {
            book.changes().write(id, "waist to " + at, waist(from - 1), waist(at), at > from);
        }
    }

    /** Looks into the file itself, past everything that waits in the program. */
    private int rowsInTheFile() throws SQLException {
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = other.createStatement();
                ResultSet rows = statement.executeQuery("SELECT count(*) FROM edit")) {
            rows.next();
            return rows.getInt(1);
        }
    }

    private void awaitRows(int wanted) throws SQLException, InterruptedException {
        Instant until = Instant.now().plus(PATIENCE);
        while (rowsInTheFile() != wanted) {
            if (Instant.now().isAfter(until)) {
                fail(rowsInTheFile() + " changes in the file, not " + wanted);
            }
            Thread.sleep(10);
        }
    }

    @Test
    void stepsOfOneDrag_areOneChange() {
        drag(721, 740);
        book.changes().finish();
        assertThat(book.commissions().find(id)).contains(waist(740));
        assertThat(book.history().undoLabel(id)).contains("waist to 740.0");
        assertThat(book.history().undo(id)).contains(waist(720));
        assertThat(book.history().undoLabel(id)).isEmpty();
    }

    @Test
    void twoDrags_areTwoChanges_inTheirOrder() {
        drag(721, 730);
        book.changes().finish();
        drag(731, 735);
        book.changes().finish();
        assertThat(book.history().undo(id)).contains(waist(730));
        assertThat(book.history().undo(id)).contains(waist(720));
    }

    @Test
    void changeThatGoesOn_isInTheFile_withoutAnybodyAsking() throws SQLException, InterruptedException {
        drag(721, 725);
        awaitRows(1);
        drag(741, 742);
        awaitRows(2);
    }

    @Test
    void changeCarriedFurther_afterItWasWritten_isStillOne() throws SQLException, InterruptedException {
        drag(721, 725);
        awaitRows(1);
        book.changes().write(id, "waist to 750.0", waist(725), waist(750), true);
        book.changes().finish();
        assertThat(book.commissions().find(id)).contains(waist(750));
        assertThat(book.history().undo(id)).contains(waist(720));
    }

    @Test
    void whoeverReads_readsWhatWasHandedOver() {
        book.changes().write(id, "title", first, first.withTitle("Kelp"), false);
        assertThat(book.commissions().entries())
                .extracting(Commissions.Entry::title)
                .contains("Kelp");
        book.changes().write(id, "title", first, first.withTitle("Brine"), false);
        assertThat(book.commissions().find(id).orElseThrow().title()).isEqualTo("Brine");
    }

    @Test
    void closing_writesWhatWaits() throws BookUnavailable {
        drag(721, 733);
        book.close();
        try (WorkshopBook again = WorkshopBook.open(file)) {
            assertThat(again.commissions().find(id)).contains(waist(733));
        }
        book = reopened();
    }

    private WorkshopBook reopened() throws BookUnavailable {
        return WorkshopBook.open(file);
    }

    @Test
    void changeThatCannotBeWritten_isTold_andTheNextGoesOn() throws SQLException {
        List<Optional<BookFailure>> said = new CopyOnWriteArrayList<>();
        book.changes().onOutcome(said::add);
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = other.createStatement()) {
            statement.execute("CREATE TRIGGER no BEFORE INSERT ON edit BEGIN SELECT raise(ABORT, 'no more room'); END");
        }
        drag(721, 730);
        assertThat(book.commissions().find(id)).contains(first);
        assertThat(said).hasSize(1).allSatisfy(outcome -> assertThat(outcome).isPresent());
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = other.createStatement()) {
            statement.execute("DROP TRIGGER no");
        }
        // The same drag goes on: it has no row yet, and gets one with the state before it.
        book.changes().write(id, "waist to 731.0", waist(730), waist(731), true);
        assertThat(book.commissions().find(id)).contains(waist(731));
        assertThat(said).hasSize(2).last().isEqualTo(Optional.empty());
        assertThat(book.history().undo(id)).contains(waist(720));
    }
}
