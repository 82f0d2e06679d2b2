package bathyra.book;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.Wearer;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The pictures beside the book: kept once, copied once, erased with their wearer. */
class PicturesTest {
    private static final byte[] PICTURE = {1, 2, 3, 4, 5};

    @TempDir
    Path folder;

    private static Commission of(String wearer) {
        return new Commission(
                "The Salt Queen",
                LengthUnit.CM,
                new Wearer(wearer, Experience.FIRST),
                MeasurementSet.empty(),
                Garment.bustier());
    }

    private List<Path> files() throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(p -> p.toString().endsWith(".jpg")).toList();
        }
    }

    @Test
    void aPictureIsKeptOnce_withOneCopy_whichIsReadWhereTheFirstIsSpoilt() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(folder.resolve("book.sqlite"))) {
            long id = book.commissions().add(of("Maren Achterberg"));
            String name = book.pictures().keep(id, PICTURE);
            assertThat(book.pictures().keep(id, PICTURE)).isEqualTo(name);
            assertThat(files()).hasSize(2);
            assertThat(book.pictures().find(id, name)).hasValue(PICTURE);
            Path first = files().stream()
                    .filter(p -> !p.toString().contains("-copy"))
                    .findFirst()
                    .orElseThrow();
            Files.write(first, new byte[] {9});
            assertThat(book.pictures().find(id, name)).hasValue(PICTURE);
            assertThat(book.pictures().find(id + 1, name)).isEmpty();
        }
    }

    @Test
    void picturesAreNotInTheHourlyCopies() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(folder.resolve("book.sqlite"))) {
            long id = book.commissions().add(of("Maren Achterberg"));
            byte[] heavy = new byte[3_000_000];
            new java.util.Random(1).nextBytes(heavy);
            book.pictures().keep(id, heavy);
            new Backups(book.file()).make(java.time.LocalDateTime.now());
            try (Stream<Path> all = Files.walk(folder)) {
                assertThat(all.filter(p -> !p.toString().contains("-pictures"))
                                .filter(Files::isRegularFile)
                                .mapToLong(p -> p.toFile().length())
                                .sum())
                        .isLessThan(2_000_000);
            }
        }
    }

    @Test
    void aWearersPictures_areErasedWithTheWearer_andNobodyElses() throws Exception {
        try (WorkshopBook book = WorkshopBook.open(folder.resolve("book.sqlite"))) {
            long maren = book.commissions().add(of("Maren  Achterberg"));
            long nerea = book.commissions().add(of("Nerea Holloway"));
            book.pictures().keep(maren, PICTURE);
            String kept = book.pictures().keep(nerea, new byte[] {7, 7});
            book.wearers().erase("Maren Achterberg", false, false);
            assertThat(files()).hasSize(2);
            assertThat(book.pictures().find(nerea, kept)).isPresent();
        }
    }
}
