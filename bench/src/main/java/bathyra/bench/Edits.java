package bathyra.bench;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;

/** Edits on a book, as a user makes them: at random, and for being killed in the middle. */
public final class Edits {
    private Edits() {}

    /**
     * {@code create FILE} makes a demo book; {@code write FILE} edits without end and says each edit once it is saved; {@code verify FILE LAST} opens the book and
     * compares.
     */
    public static void main(String[] arguments) throws Exception {
        Path file = Path.of(arguments[1]);
        switch (arguments[0]) {
            case "create" -> open(file).close();
            case "write" -> write(file);
            case "verify" -> verify(file, Integer.parseInt(arguments[2]));
            default -> throw new IllegalArgumentException("create, write or verify, not " + arguments[0]);
        }
    }

    private static WorkshopBook open(Path file) throws Exception {
        return WorkshopBook.open(Files.exists(file) ? file : DemoBook.fresh(file));
    }

    /** Each edit sets the hip to its own number of tenths, so that the last saved one can be told. */
    private static void write(Path file) throws Exception {
        try (WorkshopBook book = open(file)) {
            for (int i = 1; ; i++) {
                Commission before = book.find(1).orElseThrow();
                Commission after = before.withMeasurements(
                        before.measurements().with(MeasurementKey.HIP, Length.mm(900 + i % 2000 * 0.1)));
                book.record(1, "edit " + i, before, after);
                System.out.println(i);
            }
        }
    }

    private static void verify(Path file, int last) throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            double hip = book.find(1)
                    .orElseThrow()
                    .measurements()
                    .taken()
                    .get(MeasurementKey.HIP)
                    .millimetres();
            int found = Integer.parseInt(book.undoLabel(1).orElse("edit 0").substring(5));
            boolean whole = found == 0 || Math.abs(hip - (900 + found % 2000 * 0.1)) < 1e-9;
            System.out.println((whole && found >= last && found <= last + 1 ? "kept" : "LOST") + " said " + last
                    + " found " + found);
            System.exit(whole && found >= last && found <= last + 1 ? 0 : 1);
        }
    }

    /** One edit or undo, as a user makes it. */
    static void edit(Workshop workshop, Random random) {
        workshop.letGo();
        Commission commission = workshop.commission();
        switch (random.nextInt(5)) {
            case 0 -> workshop.undo();
            case 1 ->
                workshop.change(
                        "intake",
                        commission.withGarment(commission
                                .garment()
                                .withIntake(
                                        new Cell(Level.WAIST, SeamPlace.PRINCESS_BACK),
                                        Length.mm(10 + random.nextInt(30)))),
                        InHand.once());
            default ->
                workshop.change(
                        "waist",
                        commission.withMeasurements(commission
                                .measurements()
                                .with(MeasurementKey.WAIST, Length.mm(680 + random.nextInt(80)))),
                        InHand.once());
        }
    }
}
