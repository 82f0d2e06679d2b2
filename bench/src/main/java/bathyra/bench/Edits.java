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
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/** Edits on a book, as a user makes them: at random, and for being killed in the middle. */
public final class Edits {
    private static final int STEPS = 6;
    private static final int PACE = 4;
    /** Milliseconds after which an edit that was let go is in the book. */
    private static final int LATEST = 100;

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

    /**
     * Each edit drags the hip in a few steps to its own number of tenths, so that the last saved one can be told. It is said
     * {@value #LATEST} ms after it was let go: by then it has to be in the book.
     */
    private static void write(Path file) throws Exception {
        ScheduledExecutorService saying = Executors.newSingleThreadScheduledExecutor();
        try (WorkshopBook book = open(file)) {
            Commission before = book.commissions().find(1).orElseThrow();
            for (int i = 1; ; i++) {
                int edit = i;
                Commission after = before;
                for (int step = 1; step <= STEPS; step++) {
                    double hip = 900 + (step < STEPS ? 300 + step : i % 2000 * 0.1);
                    after = before.withMeasurements(before.measurements().with(MeasurementKey.HIP, Length.mm(hip)));
                    book.changes().write(1, "edit " + i, before, after, step > 1);
                    Thread.sleep(PACE);
                }
                book.changes().finish();
                if (i == 1) {
                    // The first one loads the classes that write, and is waited for.
                    book.commissions().find(1);
                }
                saying.schedule(() -> System.out.println(edit), LATEST, TimeUnit.MILLISECONDS);
                before = after;
            }
        }
    }

    private static void verify(Path file, int last) throws Exception {
        try (WorkshopBook book = WorkshopBook.open(file)) {
            double hip = book.commissions()
                    .find(1)
                    .orElseThrow()
                    .measurements()
                    .taken()
                    .get(MeasurementKey.HIP)
                    .millimetres();
            int found = Integer.parseInt(
                    book.history().undoLabel(1).orElse("edit 0").substring(5));
            // What was found may be an edit that was still going on: then it stands at one of its steps.
            boolean whole = found == 0 || Math.abs(hip - (900 + found % 2000 * 0.1)) < 1e-9 || hip > 1200;
            boolean kept = whole && found >= last;
            System.out.println((kept ? "kept" : "LOST") + " said " + last + " found " + found);
            System.exit(kept ? 0 : 1);
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
