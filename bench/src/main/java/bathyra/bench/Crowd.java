package bathyra.bench;

import bathyra.app.shelf.Chorus;
import bathyra.app.shelf.Search;
import bathyra.book.Commissions.Entry;
import bathyra.book.WorkshopBook;
import bathyra.draft.Bodies;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.Wearer;
import bathyra.length.LengthUnit;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** Many wearers: searching a large book as one types, and one design for a whole chorus. */
public final class Crowd {
    private static final String[] FIRST = {
        "Nerea", "Ottoline", "Tamsin", "Séraphine", "Isaura", "Marit", "Idris", "Perpetua", "Lucasta", "Wenna"
    };
    private static final String[] LAST = {
        "Holloway", "Brackwater", "Okoro", "Müller", "Quillfeather", "Sollers", "Vale", "Finch", "Tidemark", "Saltmarsh"
    };

    private Crowd() {}

    /** {@code search N}: a book of N wearers is listed and searched; {@code chorus N}: N wearers are drafted and written. */
    public static void main(String[] arguments) throws Exception {
        int count = Integer.parseInt(arguments[1]);
        if (arguments[0].equals("search")) {
            search(count);
        } else {
            chorus(count);
        }
    }

    private static List<Commission> commissions(int count) {
        Random random = new Random(3);
        List<Commission> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            String name = FIRST[random.nextInt(FIRST.length)] + " " + LAST[random.nextInt(LAST.length)] + " " + i;
            all.add(new Commission(
                    "Chorus, row " + i % 12,
                    LengthUnit.CM,
                    new Wearer(name, Experience.FIRST),
                    Bodies.random(random),
                    Garment.bustier()));
        }
        return all;
    }

    private static void search(int count) throws Exception {
        Path file = Files.createTempDirectory("crowd").resolve("book.sqlite");
        try (WorkshopBook book = WorkshopBook.open(file)) {
            book.commissions().addAll(commissions(count));
            long begun = System.nanoTime();
            List<Entry> entries = book.commissions().entries();
            Search search = new Search(entries);
            System.out.printf("%d wearers listed in %.0f ms%n", entries.size(), (System.nanoTime() - begun) / 1e6);
            String[] typed = {
                "n", "ne", "ner", "nere", "nerea", "nerea h", "nerea holl", "row 7 muller", "quill", "4711", "zzz", ""
            };
            List<Double> times = new ArrayList<>();
            for (int round = 0; round < 40; round++) {
                for (String words : typed) {
                    long start = System.nanoTime();
                    search.find(words, false);
                    times.add((System.nanoTime() - start) / 1e6);
                }
            }
            double[] sorted =
                    times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
            System.out.printf(
                    "an answer: median %.2f ms, 99th percentile %.2f ms, slowest %.2f ms of %d%n",
                    sorted[sorted.length / 2],
                    sorted[(int) (sorted.length * 0.99)],
                    Arrays.stream(sorted).max().orElse(0),
                    sorted.length);
        }
    }

    private static void chorus(int count) throws Exception {
        Path folder = Files.createTempDirectory("chorus");
        long begun = System.nanoTime();
        List<Chorus.Part> parts = Chorus.draft(commissions(count), n -> {}, () -> false);
        long drafted = System.nanoTime();
        int written = Chorus.write(parts, folder, "2026-11-23", "bench", n -> {}, () -> false);
        System.out.printf(
                "%d wearers: drafted in %.1f s, %d patterns written in %.1f s%n",
                parts.size(), (drafted - begun) / 1e9, written, (System.nanoTime() - drafted) / 1e9);
    }
}
