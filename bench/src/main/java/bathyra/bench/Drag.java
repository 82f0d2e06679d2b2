package bathyra.bench;

import bathyra.app.home.DemoBook;
import bathyra.app.shell.BathyraWindow;
import bathyra.app.shell.Renderer;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;

/**
 * Drags a handle of the Seams stage in the real window to and fro, first of the demo's bustier, then of a corset in twelve panels, and
 * says how long it is from one draft drawn to the next.
 */
public final class Drag {
    private static final double SECONDS = 14;
    /** Frames in which the window comes to rest before the pointer takes hold. */
    private static final int REST = 90;

    /** How far the pointer goes to each side, and with each frame, pixels. */
    private static final int WAY = 14;

    private static final int STEP = 3;

    private static List<String> kept = List.of();

    private Drag() {}

    private enum Subject {
        BUSTIER("a bustier", "17 / 25", "Nerea Holloway", new Cell(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT)),
        CORSET("a corset in twelve panels", "22 / 33", "Maren Achterberg", new Cell(Level.WAIST, SeamPlace.back(1)));

        private final String words;
        private final String target;
        private final String wearer;
        private final Cell cell;

        Subject(String words, String target, String wearer, Cell cell) {
            this.words = words;
            this.target = target;
            this.wearer = wearer;
            this.cell = cell;
        }

        private void layOut(Workshop workshop) {
            workshop.deeds()
                    .switchTo(workshop.entries().stream()
                            .filter(e -> e.wearer().equals(wearer))
                            .findFirst()
                            .orElseThrow()
                            .id());
            if (this == CORSET) {
                Garment corset = workshop.commission()
                        .garment()
                        .withKind(GarmentKind.CORSET)
                        .withPanels(Panels.of(6, SeamPlacing.LANDMARKS));
                workshop.once("twelve panels", workshop.commission().withGarment(corset));
            }
            workshop.selection().cellProperty().set(cell);
            workshop.showing().again();
        }
    }

    /** The window in which it is dragged: a class of its own, as the toolkit starts from the class path only then. */
    public static final class Dragged extends Application {
        @Override
        public void start(javafx.stage.Stage window) throws Exception {
            WorkshopBook book = WorkshopBook.open(
                    DemoBook.fresh(Path.of(getParameters().getRaw().get(0))));
            Workshop workshop = new Workshop(book);
            workshop.whereabouts().stageProperty().set(Stage.SEAMS);
            BathyraWindow.show(window, workshop, Files.always(Path.of("unused")));
            drag(window, workshop, List.of(Subject.values()));
        }

        private void drag(javafx.stage.Stage window, Workshop workshop, List<Subject> subjects) {
            if (subjects.isEmpty()) {
                Platform.exit();
                System.exit(0);
            }
            Subject subject = subjects.get(0);
            subject.layOut(workshop);
            new AnimationTimer() {
                private final List<Long> drawn = new ArrayList<>();
                private int frame;
                private Robot robot;
                private Point2D at;
                private double intake = -1;
                private long begun;
                private Busy busy;

                @Override
                public void handle(long now) {
                    frame++;
                    if (frame == REST) {
                        robot = new Robot();
                        Node handle = window.getScene().lookup("#handle-right");
                        at = handle.localToScreen(
                                handle.getLayoutBounds().getCenterX(),
                                handle.getLayoutBounds().getCenterY());
                        robot.mouseMove(at);
                        robot.mousePress(MouseButton.PRIMARY);
                        begun = now;
                        busy = Busy.now();
                    } else if (frame > REST) {
                        double is = workshop.draft()
                                .orElseThrow()
                                .intakes()
                                .at(subject.cell.level(), subject.cell.seam())
                                .value();
                        if (is != intake) {
                            intake = is;
                            drawn.add(now);
                        }
                        // To and fro so fast that the value is another one at every frame.
                        robot.mouseMove(at.add(Math.abs(frame * STEP % (4 * WAY) - 2 * WAY) - WAY, 0));
                        if (now - begun > SECONDS * 1e9) {
                            stop();
                            robot.mouseRelease(MouseButton.PRIMARY);
                            say(subject, drawn, Busy.now().since(busy));
                            Platform.runLater(() -> drag(window, workshop, subjects.subList(1, subjects.size())));
                        }
                    }
                }
            }.start();
        }

        private static void say(Subject subject, List<Long> drawn, Busy busy) {
            double[] apart = new double[drawn.size() - 1];
            for (int i = 0; i < apart.length; i++) {
                apart[i] = (drawn.get(i + 1) - drawn.get(i)) / 1e6;
            }
            long early = Arrays.stream(
                            drawn.stream().mapToLong(t -> t - drawn.get(0)).toArray())
                    .filter(t -> t < 1_000_000_000L)
                    .count();
            Arrays.sort(apart);
            keep(subject, apart);
            System.out.printf(
                    Locale.ROOT,
                    "%s: from one draft drawn to the next %.1f ms median, %.1f ms at 95 %%, %.1f ms at 99 %%; %d drafts, %d in the first second;"
                            + " for each the window's thread is busy for %.1f ms and the painter's for %.1f ms%n",
                    subject.name().toLowerCase(Locale.ROOT),
                    apart[apart.length / 2],
                    apart[apart.length * 95 / 100],
                    apart[apart.length * 99 / 100],
                    drawn.size(),
                    early,
                    busy.window / drawn.size(),
                    busy.painter / drawn.size());
        }
    }

    /** How long the two threads that a frame goes through have been at work, milliseconds: which of them limits. */
    private record Busy(double window, double painter) {
        private static Busy now() {
            return new Busy(of("JavaFX Application"), of("QuantumRenderer"));
        }

        private static double of(String name) {
            ThreadMXBean threads = ManagementFactory.getThreadMXBean();
            return Arrays.stream(threads.getThreadInfo(threads.getAllThreadIds()))
                    .filter(t -> t != null && t.getThreadName().startsWith(name))
                    .mapToDouble(t -> threads.getThreadCpuTime(t.getThreadId()) / 1e6)
                    .sum();
        }

        private Busy since(Busy before) {
            return new Busy(window - before.window, painter - before.painter);
        }
    }

    /** With a commit and a file beside the book the figures are kept. */
    private static void keep(Subject subject, double[] apart) {
        if (kept.size() < 3) {
            return;
        }
        Ledger.Figure figure = new Ledger.Figure(
                LocalDate.now().toString(),
                kept.get(1),
                "a seam of " + subject.words + " dragged in the window, from one draft drawn to the next",
                apart[apart.length / 2],
                apart[apart.length * 95 / 100],
                Yardstick.now(),
                subject.target,
                "bench/run all");
        try {
            Ledger.append(Path.of(kept.get(2)), List.of(figure));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static void main(String[] arguments) {
        kept = List.of(arguments);
        Renderer.choose();
        Application.launch(Dragged.class, arguments);
    }
}
