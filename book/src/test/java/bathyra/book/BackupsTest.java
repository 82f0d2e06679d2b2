package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.piece.PanelOutline;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.DriverManager;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What keeps the book safe: backups, restoring, damage, privacy, erasing. */
class BackupsTest {
    private static final LocalDateTime NOON = LocalDateTime.of(2026, 11, 3, 12, 0);

    @TempDir
    private Path folder;

    private Path file;
    private Backups backups;
    private final Commission heron = Bodies.commission(Bodies.nerea(), Garment.bustier());

    @BeforeEach
    void name() {
        file = folder.resolve("book.sqlite");
        backups = new Backups(file);
    }

    private long bind(int commissions) throws BookUnavailable {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = 0;
            for (int i = 0; i < commissions; i++) {
                id = book.commissions().add(heron);
            }
            book.copies().makeWhenDue();
            return id;
        }
    }

    private void backUpAt(LocalDateTime when) throws Exception {
        backups.make(when);
    }

    @Test
    void backUp_isDueOnceAnHour() throws Exception {
        bind(1);
        LocalDateTime made = backups.list().get(0).made();
        assertThat(backups.isDue(made.plusMinutes(59))).isFalse();
        assertThat(backups.isDue(made.plusMinutes(60))).isTrue();
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.copies().makeWhenDue();
        }
        assertThat(backups.list()).as("none before the hour is over").hasSize(1);
    }

    @Test
    void backUps_theNewestTenAreKept() throws Exception {
        bind(1);
        backups.forget();
        for (int hour = 0; hour < 14; hour++) {
            backUpAt(NOON.plusHours(hour));
        }
        assertThat(backups.list()).hasSize(10);
        assertThat(backups.list().get(0).made()).isEqualTo(NOON.plusHours(13));
        assertThat(backups.list().get(9).made()).isEqualTo(NOON.plusHours(4));
    }

    @Test
    void newestGood_passesOverOneThatIsDamaged() throws Exception {
        bind(20);
        backups.forget();
        backUpAt(NOON);
        backUpAt(NOON.plusHours(1));
        Path newest = backups.list().get(0).file();
        byte[] bytes = Files.readAllBytes(newest);
        Arrays.fill(bytes, 2000, bytes.length - 500, (byte) 7);
        Files.write(newest, bytes);
        assertThat(backups.newestGood().map(Backups.Backup::made)).contains(NOON);
    }

    @Test
    void restore_putsTheBookAsideAndTheBackupInItsPlace() throws Exception {
        long id = bind(1);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.history().record(id, "later", heron, heron.withTitle("Later"));
        }
        Path aside = backups.restore(backups.list().get(0));
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.commissions().find(id)).contains(heron);
        }
        try (WorkshopBook former = WorkshopBook.open(aside)) {
            assertThat(former.commissions().find(id).map(Commission::title)).contains("Later");
        }
    }

    @Test
    void oldBook_isBroughtToTheNewVersionWithEverythingInIt() throws Exception {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.execute(
                    "CREATE TABLE commission (id INTEGER PRIMARY KEY, title TEXT NOT NULL, wearer TEXT NOT NULL, document TEXT NOT NULL, cursor INTEGER NOT NULL DEFAULT 0)");
            statement.execute(
                    "CREATE TABLE edit (commission INTEGER NOT NULL, seq INTEGER NOT NULL, label TEXT NOT NULL, before TEXT NOT NULL, after TEXT NOT NULL,"
                            + " made TEXT NOT NULL DEFAULT CURRENT_TIMESTAMP, PRIMARY KEY (commission, seq))");
            statement.execute("CREATE TABLE place (name TEXT PRIMARY KEY, value TEXT NOT NULL)");
            statement.execute(
                    "INSERT INTO commission (title, wearer, document) VALUES ('The Heron', 'Nerea Holloway', '"
                            + CommissionJson.write(heron).replace("'", "''") + "')");
            statement.execute("PRAGMA user_version=1");
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.commissions().find(1)).contains(heron);
            assertThat(book.commissions().entries()).singleElement().satisfies(e -> {
                assertThat(e.due()).isEmpty();
                assertThat(e.archived()).isFalse();
            });
        }
    }

    @Test
    void dayNotesStateAndArchive_areKept() throws Exception {
        long id = bind(1);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.commissions().due(id, Optional.of(LocalDate.of(2026, 12, 24)));
            book.commissions().notes(id, "Act two; breathes low.");
            book.commissions().state(id, "2 notes");
            book.commissions().archive(id, true);
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.commissions().entries())
                    .containsExactly(new Commissions.Entry(
                            id,
                            "The Heron",
                            "Nerea Holloway",
                            Optional.of(LocalDate.of(2026, 12, 24)),
                            "2 notes",
                            true));
            assertThat(book.commissions().notes(id)).isEqualTo("Act two; breathes low.");
            book.commissions().due(id, Optional.empty());
            book.commissions().archive(id, false);
            assertThat(book.commissions().entries().get(0).due()).isEmpty();
            assertThat(book.commissions().entries().get(0).archived()).isFalse();
        }
    }

    @Test
    void bookAndBackups_areReadableByTheirOwnerOnly() throws Exception {
        bind(1);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
        Path backup = backups.list().get(0).file();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(backup)))
                .isEqualTo("rw-------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(backup.getParent())))
                .isEqualTo("rwx------");
    }

    @Test
    void erase_leavesNothingOfTheWearerInAnyFile() throws Exception {
        Commission other = new Commission(
                "The Orchard",
                heron.units(),
                new Wearer("Ottoline Brackwater", Experience.FIRST),
                heron.measurements(),
                heron.garment());
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(heron);
            book.commissions().add(other);
            for (int i = 0; i < 30; i++) {
                Commission now = book.commissions().find(id).orElseThrow();
                book.history()
                        .record(
                                id,
                                "waist",
                                now,
                                now.withMeasurements(
                                        now.measurements().with(MeasurementKey.WAIST, Length.mm(700 + i))));
            }
            book.copies().makeWhenDue();
            book.wearers().erase("Nerea Holloway", false, false);
            assertThat(book.commissions().entries())
                    .extracting(Commissions.Entry::wearer)
                    .containsExactly("Ottoline Brackwater");
            assertThat(filesWith("Nerea Holloway")).as("while the book is open").isEmpty();
        }
        assertThat(filesWith("Nerea Holloway")).isEmpty();
        assertThat(filesWith("Ottoline Brackwater")).isNotEmpty();
    }

    private List<Path> filesWith(String text) throws Exception {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile)
                    .filter(p -> {
                        try {
                            return new String(Files.readAllBytes(p), StandardCharsets.ISO_8859_1).contains(text);
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    })
                    .toList();
        }
    }

    @Test
    void withdraw_leavesNoChangeAndNothingToRedo() throws Exception {
        long id = bind(1);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            Commission once = heron.withTitle("Once");
            book.history().record(id, "a", heron, once);
            book.history().record(id, "b", once, heron.withTitle("Twice"));
            assertThat(book.history().withdraw(id)).contains(once);
            assertThat(book.history().redoLabel(id)).isEmpty();
            assertThat(book.history().undoLabel(id)).contains("a");
            assertThat(book.commissions().find(id)).contains(once);
        }
    }

    @Test
    void aDigitThatTurnedIntoAnother_isFound_andItsBackupIsPassedOver() throws Exception {
        bind(1);
        for (Path each : List.of(file, backups.list().get(0).file())) {
            try (var connection = DriverManager.getConnection("jdbc:sqlite:" + each);
                    var statement = connection.createStatement()) {
                assertThat(statement.executeUpdate("UPDATE commission SET document = replace(document, '91', '81')"))
                        .isPositive();
            }
        }
        assertThatThrownBy(() -> WorkshopBook.open(file))
                .isInstanceOf(BookUnavailable.class)
                .hasMessageContaining("are not as they were written");
        assertThat(backups.newestGood()).isEmpty();
    }

    @Test
    void lockedBook_saysWhoHasIt() throws Exception {
        bind(1);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file))
                            .getMessage())
                    .contains("is open in another window (" + System.getProperty("user.name") + ", since ");
        }
        assertThat(Files.exists(folder.resolve("book.sqlite.holder"))).isFalse();
    }

    /** 50 books with bytes flipped, cut short or zeroed: each opens and reads back, or says that it is damaged and is left as it is; a good backup is there each time. */
    @Test
    void damagedBooks_openOrAreLeftAsTheyAre() throws Exception {
        bind(40);
        byte[] good = Files.readAllBytes(file);
        Random random = new Random(31);
        int damaged = 0;
        for (int i = 0; i < 50; i++) {
            byte[] spoilt = spoilt(good, random);
            for (String part : List.of("-wal", "-shm")) {
                Files.deleteIfExists(Path.of(file + part));
            }
            Files.write(file, spoilt);
            try (WorkshopBook book = WorkshopBook.open(file)) {
                for (Commissions.Entry entry : book.commissions().entries()) {
                    book.commissions().find(entry.id());
                }
            } catch (BookUnavailable e) {
                damaged++;
                assertThat(e.reason()).isIn(BookUnavailable.Reason.DAMAGED, BookUnavailable.Reason.NEWER);
                assertThat(Files.readAllBytes(file)).as("round " + i).isEqualTo(spoilt);
            } catch (BookFailure e) {
                damaged++;
                assertThat(e).hasMessageContaining(file.getFileName().toString());
            }
            assertThat(backups.newestGood()).isPresent();
        }
        assertThat(damaged).isGreaterThan(20);
    }

    private static byte[] spoilt(byte[] good, Random random) {
        byte[] bytes = good.clone();
        switch (random.nextInt(3)) {
            case 0 -> {
                for (int k = 0; k < 40; k++) {
                    bytes[random.nextInt(bytes.length)] ^= (byte) (1 + random.nextInt(255));
                }
            }
            case 1 -> bytes = Arrays.copyOf(bytes, random.nextInt(bytes.length));
            default -> {
                int page = 4096 * random.nextInt(bytes.length / 4096);
                Arrays.fill(bytes, page, page + 4096, (byte) 0);
            }
        }
        return bytes;
    }

    @Test
    void versions_areKeptByName_theNewestFirst_andGoWithTheirCommission() throws Exception {
        long id = bind(2);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.versions().keep(id, "Before the fitting", heron);
            book.versions().keep(id, "After it", heron.withTitle("Taken in"));
            assertThat(book.versions().of(id))
                    .extracting(Versions.Version::name)
                    .containsExactly("After it", "Before the fitting");
            assertThat(book.versions().of(id).get(1).commission()).isEqualTo(heron);
            assertThat(book.versions().of(1)).isEmpty();
            book.wearers().erase("Nerea Holloway", false, false);
            assertThat(book.versions().of(id)).isEmpty();
        }
    }

    @Test
    void outlinesOfAVersion_stayAsTheyWereDrawn_andGoWithIt() throws Exception {
        long id = bind(1);
        List<PanelOutline> drawn = ((Draft) Drafter.draft(heron)).panelOutlines();
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.versions().keep(id, "Before the fitting", heron);
            Versions.Version version = book.versions().of(id).get(0);
            List<PanelOutline> kept = book.versions().outlines(version.id()).orElseThrow();
            assertThat(kept)
                    .extracting(PanelOutline::panel)
                    .containsExactlyElementsOf(
                            drawn.stream().map(PanelOutline::panel).toList());
            assertThat(kept.get(1).edges().get(0).path().length())
                    .isCloseTo(drawn.get(1).edges().get(0).path().length(), within(1e-3));
            book.versions()
                    .keep(
                            id,
                            "No bust yet",
                            heron.withMeasurements(heron.measurements().without(MeasurementKey.BUST)));
            assertThat(book.versions().outlines(book.versions().of(id).get(0).id()))
                    .as("what gives no draft has no outlines")
                    .isEmpty();
            book.wearers().erase("Nerea Holloway", false, false);
            assertThat(book.versions().outlines(version.id())).isEmpty();
        }
    }

    /** A book from before the outlines of versions were kept. */
    @Test
    void versionOfAnOlderBook_hasNoOutlines_andItsBackupIsWhole() throws Exception {
        long id = bind(1);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.versions().keep(id, "Before the fitting", heron);
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            for (String later : List.of("outline", "work", "invoice", "sent", "trash", "sketch", "draft")) {
                statement.execute("DROP TABLE " + later);
            }
            statement.execute("PRAGMA user_version=6");
            statement.execute("UPDATE place SET value = '6' WHERE name = 'edition'");
            Seal.renew(connection, Seal.Table.PLACE, "name = 'edition'");
            assertThat(Seal.broken(connection)).isEmpty();
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            Versions.Version version = book.versions().of(id).get(0);
            assertThat(version.commission()).isEqualTo(heron);
            assertThat(book.versions().outlines(version.id())).isEmpty();
        }
    }

    @Test
    void rename_reachesEveryChangeVersionAndSet_andNoFileHoldsTheOldName() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            long id = book.commissions().add(heron);
            book.history().record(id, "wearer to Nerea Holloway", heron, heron.withTitle("Second"));
            book.versions().keep(id, "First", heron);
            book.measurings().keep(heron);
            book.wearers().rename("Nerea Holloway", "N. H.");
            assertThat(book.commissions().find(id).orElseThrow().wearer().name())
                    .isEqualTo("N. H.");
            assertThat(book.history().undo(id).orElseThrow())
                    .isEqualTo(heron.withWearer(new Wearer("N. H.", Experience.FIRST)));
            assertThat(book.versions().of(id).get(0).commission().wearer().name())
                    .isEqualTo("N. H.");
            assertThat(book.measurings().of("N. H.")).hasSize(1);
            assertThat(book.measurings().of("Nerea Holloway")).isEmpty();
        }
        assertThat(filesWith("Nerea Holloway")).isEmpty();
    }

    @Test
    void sets_ofAWearer_areKeptByDay_theNewestFirst() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            for (int day : new int[] {3, 20, 11}) {
                book.measurings()
                        .keep(heron.withMeasurements(heron.measurements()
                                .with(MeasurementKey.WAIST, Length.mm(700 + day))
                                .on(heron.measurements().occasion().on(LocalDate.of(2026, 11, day)))));
            }
            assertThat(book.measurings().of("Nerea Holloway"))
                    .extracting(Measurings.Measuring::day)
                    .containsExactly(LocalDate.of(2026, 11, 20), LocalDate.of(2026, 11, 11), LocalDate.of(2026, 11, 3));
            assertThat(book.measurings().of("Nerea Holloway").get(0).set().taken())
                    .containsEntry(MeasurementKey.WAIST, Length.mm(720));
            assertThat(book.measurings().of("Ottoline")).isEmpty();
        }
    }

    @Test
    void restore_ofABackupThatIsGone_leavesTheBookWhereItWas() throws Exception {
        long id = bind(1);
        Backups.Backup gone = new Backups.Backup(folder.resolve("gone.sqlite"), NOON);
        assertThatThrownBy(() -> backups.restore(gone)).isInstanceOf(IOException.class);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            assertThat(book.commissions().find(id)).contains(heron);
        }
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(p -> p.getFileName().toString()))
                    .noneMatch(n -> n.contains("aside") || n.endsWith(".part"));
        }
    }

    @Test
    void aSecondPlace_getsEveryBackup_keepsAsMany_andForgetsWhoIsErased(@TempDir Path other) throws Exception {
        bind(1);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.copies().makeBy(new Backups.Policy(3, Optional.of(other)));
            assertThat(book.copies().policy()).isEqualTo(new Backups.Policy(3, Optional.of(other)));
            for (int i = 0; i < 5; i++) {
                book.copies().makeNow().get();
            }
            Path copies = other.resolve(file.getFileName() + ".backups");
            assertThat(files(copies)).isEqualTo(3);
            assertThat(book.copies().secondPlaceFailure()).isEmpty();
            book.wearers().erase("Nerea Holloway", false, false);
            assertThat(files(copies)).as("only the one made after the erasing").isEqualTo(1);
            Path blocked = Files.writeString(other.resolve("a-file"), "");
            book.copies().makeBy(new Backups.Policy(3, Optional.of(blocked)));
            book.copies().makeNow().get();
            assertThat(book.copies().secondPlaceFailure())
                    .hasValueSatisfying(said -> assertThat(said).contains("cannot be written"));
        }
    }

    private static long files(Path folder) throws Exception {
        try (var all = Files.list(folder)) {
            return all.count();
        }
    }

    @Test
    void howBackupsAreMade_thatCannotBeRead_isAsUsual() throws Exception {
        bind(1);
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.keepPlace("backups-kept", "many");
            assertThat(book.copies().policy()).isEqualTo(Backups.Policy.USUAL);
            book.keepPlace("backups-kept", "1");
            assertThat(book.copies().policy()).isEqualTo(Backups.Policy.USUAL);
        }
    }
}
