package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bathyra.draft.Bodies;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever happens to the file: nothing that has been altered is given out unsaid, and what is whole is not called damaged. */
class SealedBookTest {
    @TempDir
    private Path folder;

    private Path file;
    private final Commission heron = Bodies.commission(Bodies.nerea(), Garment.bustier());

    @BeforeEach
    void name() {
        file = folder.resolve("book.sqlite");
    }

    /** A book with something in every table. */
    private long bind() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = 0;
            for (int i = 0; i < 6; i++) {
                id = book.commissions().add(heron.withTitle("Corset " + i));
                Commission now = book.commissions().find(id).orElseThrow();
                for (int k = 0; k < 4; k++) {
                    Commission next =
                            now.withMeasurements(now.measurements().with(MeasurementKey.WAIST, Length.mm(700 + k)));
                    book.history().record(id, "waist " + k, now, next);
                    now = next;
                }
                book.versions().keep(id, "First", heron);
                book.commissions().due(id, Optional.of(LocalDate.of(2026, 12, 1 + i)));
                book.commissions().notes(id, "brings her own busk " + i);
            }
            book.measurings().keep(heron);
            book.practice().keep("Tove", "Quarter block", "Chest line", "18 cm", true, "");
            book.keepPlace("stage", "PIECES");
            return id;
        }
    }

    /** Everything that the book says, as it is shown. */
    private List<Object> all(WorkshopBook book) {
        List<Object> all = new ArrayList<>();
        for (Commissions.Entry entry : book.commissions().entries()) {
            all.add(entry);
            all.add(book.commissions().find(entry.id()));
            all.add(book.commissions().notes(entry.id()));
            all.add(book.history().undoLabel(entry.id()));
            book.versions().of(entry.id()).forEach(v -> all.add(List.of(v.name(), v.commission())));
        }
        book.measurings().of(heron.wearer().name()).forEach(m -> all.add(List.of(m.day(), m.set())));
        book.practice().of("Tove").forEach(a -> all.add(List.of(a.step(), a.answer())));
        all.add(book.place("stage"));
        for (Commissions.Entry entry : book.commissions().entries()) {
            for (int k = 0; k < 4; k++) {
                all.add(book.history().undo(entry.id()));
            }
        }
        return all;
    }

    private static List<String> check(WorkshopBook book) throws Exception {
        List<String> found = new ArrayList<>();
        book.copies().check(found::add).get(20, TimeUnit.SECONDS);
        return found;
    }

    @Test
    void wholeBook_saysNothing() throws Exception {
        bind();
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(check(book)).isEmpty();
            assertThat(all(book)).hasSizeGreaterThan(40);
        }
    }

    /** 300 bytes, one at a time: the book says so when it is opened, when the altered thing is asked for, or when it has been looked through beside the window; else everything reads as it was written. */
    @Test
    void flippedByte_isNeverGivenOutUnsaid() throws Exception {
        bind();
        byte[] good = Files.readAllBytes(file);
        List<Object> written;
        try (WorkshopBook book = WorkshopBook.open(file)) {
            written = all(book);
        }
        Random random = new Random(300);
        int atOpening = 0;
        int atUse = 0;
        int beside = 0;
        int harmless = 0;
        for (int i = 0; i < 300; i++) {
            for (String part : List.of("-wal", "-shm")) {
                Files.deleteIfExists(Path.of(file + part));
            }
            byte[] spoilt = good.clone();
            int at = random.nextInt(spoilt.length);
            spoilt[at] ^= (byte) (1 << random.nextInt(8));
            Files.write(file, spoilt);
            try (WorkshopBook book = WorkshopBook.open(file)) {
                List<String> found = check(book);
                try {
                    List<Object> read = all(book);
                    if (found.isEmpty()) {
                        harmless++;
                        assertThat(read).as("byte " + at).isEqualTo(written);
                    }
                } catch (BookFailure e) {
                    atUse++;
                    if (e.getMessage().contains("as they were written")) {
                        assertThat(found)
                                .as("what is altered was found beside the window too: byte " + at)
                                .isNotEmpty();
                    }
                }
                beside += found.size();
            } catch (BookUnavailable e) {
                atOpening++;
                assertThat(e.reason())
                        .as("byte " + at + ": " + e.getMessage())
                        .isIn(BookUnavailable.Reason.DAMAGED, BookUnavailable.Reason.FOREIGN);
                assertThat(Files.readAllBytes(file)).as("left as it is").isEqualTo(spoilt);
            }
        }
        System.out.println("of 300 flipped bytes " + atOpening + " were found at opening, " + atUse + " at use, "
                + beside + " beside the window (those at use among them), and " + harmless + " altered nothing");
        assertThat(atOpening).isPositive();
        assertThat(beside).isGreaterThan(80);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "UPDATE edit SET before = replace(before, '72', '62')",
                "UPDATE version SET document = replace(document, '91', '81')",
                "UPDATE measuring SET day = '2025-13-40'",
                "UPDATE attempt SET answer = '8 cm'",
                "UPDATE place SET value = 'LAY' WHERE name = 'stage'"
            })
    void alteredRow_isFoundBesideTheWindow_andItsBackupDoesNotCount(String sql) throws Exception {
        bind();
        Backups backups = new Backups(file);
        backups.make(LocalDateTime.now().minusHours(3));
        assertThat(backups.newestGood()).isPresent();
        alter(file, sql);
        alter(backups.list().get(0).file(), sql);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(check(book)).singleElement().asString().contains("not as they were written");
            book.copies().makeWhenDue().get(20, TimeUnit.SECONDS);
        }
        assertThat(backups.newestGood()).as("no whole backup").isEmpty();
        assertThat(backups.list())
                .as("a damaged book is not backed up over the others")
                .hasSize(1);
    }

    private static void alter(Path book, String sql) throws Exception {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + book);
                var statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "UPDATE commission SET due = '2026-13-77'",
                "UPDATE commission SET title = 'Other'",
                "PRAGMA user_version=3",
                "PRAGMA user_version=-7",
                "PRAGMA user_version=262150"
            })
    void badDayTitleOrVersion_isDamagedAtOpening_andTryingAgainWorks(String sql) throws Exception {
        bind();
        byte[] good = Files.readAllBytes(file);
        alter(file, sql);
        BookUnavailable damaged = catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file));
        assertThat(damaged.reason()).isEqualTo(BookUnavailable.Reason.DAMAGED);
        Files.write(file, good);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.commissions().entries())
                    .as("the lock was let go of")
                    .hasSize(6);
        }
    }

    @Test
    void databaseOfAnotherProgram_isLeftAsItIs() throws Exception {
        for (String sql : List.of(
                "CREATE TABLE notes (id INTEGER, text TEXT)",
                "CREATE TABLE commission (id INTEGER PRIMARY KEY, paid INTEGER)")) {
            Files.deleteIfExists(file);
            alter(file, sql);
            for (int version : new int[] {0, 1, 3, 40}) {
                alter(file, "PRAGMA user_version=" + version);
                byte[] before = Files.readAllBytes(file);
                assertThat(catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file))
                                .reason())
                        .isEqualTo(BookUnavailable.Reason.FOREIGN);
                assertThat(Files.readAllBytes(file)).isEqualTo(before);
            }
        }
    }

    /** A closed book is one file: without its log beside it nothing is missing. */
    @Test
    void closedBook_isOneFile() throws Exception {
        bind();
        Path copy = folder.resolve("copy.sqlite");
        Files.copy(file, copy);
        try (WorkshopBook book = WorkshopBook.open(copy)) {
            assertThat(book.commissions().entries()).hasSize(6);
            assertThat(check(book)).isEmpty();
        }
    }

    /** While it is open, the hourly backup carries the log over: a copy of the one file holds everything up to then. */
    @Test
    void openBook_isOneFileAfterTheHourlyBackup() throws Exception {
        Path copy = folder.resolve("copy.sqlite");
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.commissions().add(heron.withTitle("Before the hour"));
            book.copies().makeWhenDue().get(20, TimeUnit.SECONDS);
            copyByAnother(file, copy);
            book.commissions().add(heron.withTitle("After it"));
        }
        try (WorkshopBook book = WorkshopBook.open(copy)) {
            assertThat(book.commissions().entries())
                    .extracting(Commissions.Entry::title)
                    .containsExactly("Before the hour");
        }
    }

    /** As a person copies a file: from outside this program, whose own locks a copy inside it would let go. */
    private static void copyByAnother(Path from, Path to) throws Exception {
        assertThat(new ProcessBuilder("cp", from.toString(), to.toString())
                        .start()
                        .waitFor())
                .isZero();
    }

    @Test
    void backupFromTheFuture_stopsNoOther() throws Exception {
        bind();
        Backups backups = new Backups(file);
        LocalDateTime now = LocalDateTime.of(2026, 11, 28, 12, 0);
        backups.make(now.plusYears(3));
        assertThat(backups.isDue(now)).isTrue();
        backups.make(now);
        assertThat(backups.isDue(now.plusMinutes(59))).isFalse();
        assertThat(backups.isDue(now.plusMinutes(61))).isTrue();
    }

    @Test
    void backup_isMadeWhileOneWorksOn() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(heron);
            var made = book.copies().makeWhenDue();
            for (int i = 0; i < 50; i++) {
                book.history().record(id, "change " + i, heron, heron.withTitle("Title " + i));
            }
            made.get(20, TimeUnit.SECONDS);
            assertThat(book.commissions().find(id).map(Commission::title)).contains("Title 49");
        }
        assertThat(new Backups(file).newestGood()).isPresent();
    }

    /** On a disk without room a book that is whole is not called damaged, and no backup is put in its place. */
    @Test
    void fullDisk_isCalledThat_andTheBookOpensAgainWithRoom() throws Exception {
        Path small = Files.createDirectory(folder.resolve("small"));
        Assumptions.assumeTrue(
                run("mount", "-t", "tmpfs", "-o", "size=1m", "tmpfs", small.toString()) == 0,
                "a small disk can be made by root alone");
        try {
            Path book = small.resolve("book.sqlite");
            try (WorkshopBook open = WorkshopBook.open(book)) {
                open.commissions().add(heron);
            }
            fill(small.resolve("filling"));
            BookUnavailable full = catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(book));
            assertThat(full.reason()).isEqualTo(BookUnavailable.Reason.FULL);
            assertThat(full).hasMessageContaining("no room left").hasMessageContaining("The book is whole");
            Files.delete(small.resolve("filling"));
            try (WorkshopBook open = WorkshopBook.open(book)) {
                assertThat(open.commissions().entries()).hasSize(1);
                fill(small.resolve("filling"));
                assertThatThrownBy(() -> {
                            for (int i = 0; i < 2000; i++) {
                                open.commissions().add(heron);
                            }
                        })
                        .isInstanceOf(BookFailure.class);
            }
        } finally {
            run("umount", small.toString());
        }
    }

    private static void fill(Path file) {
        try (var out = Files.newOutputStream(file)) {
            byte[] block = new byte[4096];
            while (true) {
                out.write(block);
            }
        } catch (IOException e) {
            // That is what it is for.
        }
    }

    private static int run(String... command) throws Exception {
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
    }

    /** Erasing reaches every spelling, practice, the history of a commission that has passed to another, what was put aside, and, when asked, the titles and notes of others. */
    @Test
    void erase_reachesEverything() throws Exception {
        Commission spaced = heron.withWearer(new Wearer("Nerea  Holloway ", Experience.FIRST));
        Commission passedOn = heron.withTitle("Passed on");
        Commission other = heron.withWearer(new Wearer("Ottoline Brackwater", Experience.FIRST));
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.commissions().add(spaced);
            long passed = book.commissions().add(passedOn);
            book.history().record(passed, "wearer to Ottoline", passedOn, passedOn.withWearer(other.wearer()));
            book.versions().keep(passed, "While it was hers", passedOn);
            long like = book.commissions().add(other.withTitle("As for nerea holloway, in red"));
            book.commissions().notes(like, "Nerea Holloway recommended us");
            book.practice().keep("nerea holloway", "Quarter block", "Chest line", "18 cm", true, "");
        }
        Files.copy(file, Path.of(file + ".aside-20261101-120000-000"));
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.wearers().mentions("Nerea Holloway"))
                    .singleElement()
                    .satisfies(m -> {
                        assertThat(m.inTitle()).isTrue();
                        assertThat(m.inNotes()).isTrue();
                    });
            book.wearers().erase("Nerea Holloway", true, false);
            assertThat(book.commissions().entries())
                    .extracting(Commissions.Entry::title)
                    .containsExactly("Passed on", "As for …, in red");
            assertThat(book.history()
                            .undoLabel(book.commissions().entries().get(0).id()))
                    .isEmpty();
            assertThat(book.commissions()
                            .notes(book.commissions().entries().get(1).id()))
                    .isEqualTo("… recommended us");
            assertThat(check(book)).isEmpty();
        }
        try (var all = Files.walk(folder)) {
            assertThat(all.filter(Files::isRegularFile).filter(SealedBookTest::bearsTheName))
                    .isEmpty();
        }
    }

    private static boolean bearsTheName(Path path) {
        try {
            return new String(Files.readAllBytes(path), java.nio.charset.StandardCharsets.ISO_8859_1)
                    .toLowerCase(java.util.Locale.ROOT)
                    .matches("(?s).*nerea\\s+holloway.*");
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
