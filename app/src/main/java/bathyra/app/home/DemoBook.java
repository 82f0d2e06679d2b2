package bathyra.app.home;

import bathyra.book.BookUnavailable;
import bathyra.book.WorkshopBook;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The demo book: the commissions of an invented touring company and its chorus of twelve, shipped as documents and bound afresh each time. */
public final class DemoBook {
    /** The shipped commissions, the first opens first. */
    public static final List<String> COMMISSIONS = List.of(
            "the-heron",
            "the-harbour-master",
            "the-orchard-keeper",
            "the-salt-queen",
            "the-ringmaster",
            "the-tide-bride",
            "the-lamplighter",
            "the-beekeeper",
            "the-ferry-girl",
            "the-cartographer",
            "the-baker-of-the-quay",
            "the-quay-widow");

    private static final int CHORUS = 12;

    private DemoBook() {}

    /** A new demo book as it is today. @param place where to put it; null for a temporary folder */
    public static Path fresh(Path place) throws IOException, BookUnavailable, BadDocument {
        return fresh(place, LocalDate.now());
    }

    /** @param today around which its work lies */
    public static Path fresh(Path place, LocalDate today) throws IOException, BookUnavailable, BadDocument {
        DemoDays days = new DemoDays(today);
        Path file = place == null ? Files.createTempDirectory("bathyra-demo").resolve("demo-book.sqlite") : place;
        if (Files.exists(file)) {
            throw new IOException(file + " is there already; the demo never writes over a book. Name a new file.");
        }
        try (WorkshopBook book = WorkshopBook.open(file)) {
            List<Bound> bound = new ArrayList<>();
            for (String name : all()) {
                bound.add(bound(document(name), days));
            }
            List<Long> ids = book.commissions()
                    .add(
                            bound.stream().map(Bound::commission).toList(),
                            bound.stream().map(Bound::document).toList());
            for (int i = 0; i < bound.size(); i++) {
                keepDrafts(book, ids.get(i), bound.get(i).commission());
            }
            book.keepPlace("house", document("house"));
        }
        return file;
    }

    /** A shipped commission with its document, as they are bound. */
    private record Bound(Commission commission, String document) {}

    /** They are the program's own documents: read back, and not held against the schema at each start. */
    private static Bound bound(String document, DemoDays days) throws BadDocument {
        Commission commission = CommissionJson.readBack(document);
        Commission moved = days.moved(commission);
        return new Bound(moved, moved.equals(commission) ? document : CommissionJson.write(moved));
    }

    /** What went through a fitting has its drafts on record: the one that was tried, and the one that came of it. */
    private static void keepDrafts(WorkshopBook book, long id, Commission commission) {
        if (!commission.adjustments().isEmpty()) {
            book.versions().keepDraft(id, 1, "Draft 1, from the tape", commission.withAdjustments(List.of()));
            book.versions().keepDraft(id, 2, "Draft 2, fitting 1", commission);
        }
    }

    /** The names of all shipped documents: the commissions, then the chorus. */
    public static List<String> all() {
        return Stream.concat(
                        COMMISSIONS.stream(),
                        IntStream.rangeClosed(1, CHORUS).mapToObj(i -> String.format(Locale.ROOT, "chorus-%02d", i)))
                .toList();
    }

    /** A shipped commission document, or that of the invented workshop. */
    public static String document(String name) throws IOException {
        try (InputStream in = DemoBook.class.getResourceAsStream("/demo/" + name + ".bathyra.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
