package bathyra.bench;

import bathyra.app.home.DemoBook;
import bathyra.app.shell.BathyraWindow;
import bathyra.app.shell.Renderer;
import bathyra.app.stage.Files;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.garment.LowerShape;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import java.nio.file.Path;
import java.util.Random;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;

/**
 * Random edits in the real window, one a frame: figures, intakes, undo, another stage, another unit, another commission, the
 * other theme. Prints the heap in use after a collection and the nodes on the screen, every tenth of the time.
 */
public final class Soak {
    private static final int COLLECTIONS = 8;
    private static Path file;
    private static long seconds;

    private Soak() {}

    /** The window that is driven. */
    public static final class Driven extends Application {
        private final Random random = new Random(5);
        private Workshop workshop;
        private Scene scene;
        private long edits;
        private long begun;
        private long next;

        @Override
        public void start(javafx.stage.Stage stage) throws Exception {
            workshop = new Workshop(WorkshopBook.open(DemoBook.fresh(file)));
            scene = BathyraWindow.show(stage, workshop, Files.always(file));
            begun = System.nanoTime();
            next = begun;
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    step();
                    if (System.nanoTime() - begun > seconds * 1_000_000_000L) {
                        stop();
                        report();
                        Platform.exit();
                    }
                }
            }.start();
        }

        private void step() {
            Edits.edit(workshop, random);
            switch (random.nextInt(40)) {
                case 0 ->
                    workshop.whereabouts().stageProperty().set(Stage.values()[random.nextInt(Stage.values().length)]);
                case 1 ->
                    workshop.selection()
                            .cellProperty()
                            .set(new Cell(
                                    Level.values()[random.nextInt(4)],
                                    bathyra.garment.Garment.bustier().seams().get(random.nextInt(4))));
                case 2 ->
                    workshop.deeds()
                            .switchTo(workshop.entries()
                                    .get(random.nextInt(workshop.entries().size()))
                                    .id());
                case 3 -> workshop.naming().unit(random.nextBoolean() ? LengthUnit.CM : LengthUnit.IN);
                case 4 -> workshop.whereabouts().darkProperty().set(random.nextBoolean());
                case 5 ->
                    workshop.change(
                            "lower edge",
                            workshop.commission()
                                    .withGarment(workshop.commission()
                                            .garment()
                                            .withLowerEdge(LowerShape.values()[random.nextInt(3)])),
                            InHand.once());
                default -> edits++;
            }
            if (System.nanoTime() > next) {
                report();
                next += seconds * 100_000_000L;
            }
        }

        private void report() {
            System.out.printf(
                    "%d s, %d edits, heap in use %.1f MB, %d nodes%n",
                    (System.nanoTime() - begun) / 1_000_000_000L, edits, inUse() / 1e6, nodes(scene.getRoot()));
        }

        /** While the toolkit paints it holds native access to pixels, and the collector lets a request pass: ask until one was heard. */
        private static long inUse() {
            Runtime runtime = Runtime.getRuntime();
            long least = Long.MAX_VALUE;
            for (int i = 0; i < COLLECTIONS; i++) {
                System.gc();
                least = Math.min(least, runtime.totalMemory() - runtime.freeMemory());
            }
            return least;
        }

        private static int nodes(Node node) {
            return 1
                    + (node instanceof Parent parent
                            ? parent.getChildrenUnmodifiable().stream()
                                    .mapToInt(Driven::nodes)
                                    .sum()
                            : 0);
        }

        @Override
        public void stop() {
            workshop.close();
        }
    }

    /** @param arguments the book to make, the seconds to go on */
    public static void main(String[] arguments) {
        file = Path.of(arguments[0]);
        seconds = Long.parseLong(arguments[1]);
        Renderer.choose();
        Application.launch(Driven.class);
    }
}
