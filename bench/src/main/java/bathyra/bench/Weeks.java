package bathyra.bench;

import bathyra.app.home.DemoBook;
import bathyra.app.shell.BathyraWindow;
import bathyra.app.shell.Renderer;
import bathyra.app.stage.Files;
import bathyra.app.workshop.BookPage;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Commission;
import bathyra.plan.Plan;
import bathyra.workplan.Counts;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;

/** Opens Workshop weeks of books with more and more open commissions and drags a pin there: what the window's thread does until the picture stands. */
public final class Weeks {
    private static final int REST = 60;
    private static final int DRAGGED = 600;
    private static final int WAY = 60;

    private Weeks() {}

    /** The window: a class of its own, as the toolkit starts from the class path only then. */
    public static final class Shown extends Application {
        @Override
        public void start(Stage window) throws Exception {
            Path folder = Path.of(getParameters().getRaw().get(0));
            next(window, folder, List.of(24, 500));
        }

        private static void next(Stage window, Path folder, List<Integer> counts) {
            if (counts.isEmpty()) {
                Platform.exit();
                System.exit(0);
            }
            try {
                Workshop workshop = new Workshop(book(folder.resolve("weeks-" + counts.get(0)), counts.get(0)));
                BathyraWindow.show(window, workshop, Files.always(Path.of("unused")));
                new Run(window, workshop, counts.get(0), () -> next(window, folder, counts.subList(1, counts.size())))
                        .start();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        }

        private static WorkshopBook book(Path file, int count) throws Exception {
            WorkshopBook book = WorkshopBook.open(file);
            List<Commission> designs = new ArrayList<>();
            List<Counts> counts = new ArrayList<>();
            for (String name : DemoBook.COMMISSIONS) {
                Commission design = bathyra.files.json.CommissionJson.read(DemoBook.document(name));
                designs.add(design);
                counts.add(Counts.of((Draft) Drafter.draft(design)));
            }
            for (int i = 0; i < count; i++) {
                Commission design = designs.get(i % designs.size());
                Plan plan = design.plan().due(Optional.of(LocalDate.now().plusDays(2 + i * 11L % 150)));
                long id = book.commissions().add(design.withPlan(plan).withTitle(design.title() + " " + i));
                book.works()
                        .keep(
                                id,
                                design.withPlan(plan),
                                new bathyra.files.json.WorkJson.Work(counts.get(i % designs.size()), Optional.empty()));
            }
            return book;
        }
    }

    /** Opens the weeks, then drags. */
    private static final class Run extends AnimationTimer {
        private final Stage window;
        private final Workshop workshop;
        private final int count;
        private final Runnable after;
        private final List<Double> frames = new ArrayList<>();
        private int frame;
        private long begun;
        private double opened;
        private Robot robot;
        private Point2D at;

        private Run(Stage window, Workshop workshop, int count, Runnable after) {
            this.window = window;
            this.workshop = workshop;
            this.count = count;
            this.after = after;
        }

        @Override
        public void handle(long now) {
            frame++;
            if (frame == REST) {
                workshop.whereabouts().open(Over.BOOK);
            } else if (frame == 2 * REST) {
                long from = System.nanoTime();
                workshop.whereabouts().pageProperty().set(BookPage.WEEKS);
                window.getScene().addPostLayoutPulseListener(new Runnable() {
                    @Override
                    public void run() {
                        opened = (System.nanoTime() - from) / 1e6;
                        window.getScene().removePostLayoutPulseListener(this);
                    }
                });
            } else if (frame == 3 * REST) {
                hold();
            } else if (frame > 3 * REST && frame < 3 * REST + DRAGGED) {
                robot.mouseMove(at.add(Math.abs(frame * 3 % (2 * WAY) - WAY), 0));
            } else if (frame == 3 * REST + DRAGGED) {
                stop();
                robot.mouseRelease(MouseButton.PRIMARY);
                Collections.sort(frames);
                System.out.printf(
                        Locale.ROOT,
                        "%d open commissions: first picture %.0f ms; a pin dragged %.1f ms median, %.1f ms at 95 %% of %d frames%n",
                        count,
                        opened,
                        frames.get(frames.size() / 2),
                        frames.get(frames.size() * 95 / 100),
                        frames.size());
                Platform.runLater(after);
            }
        }

        private void hold() {
            Node pin = window.getScene().getRoot().lookupAll(".job-pin").stream()
                    .filter(Node::isVisible)
                    .filter(n -> n.localToScene(0, 0).getX() > 400)
                    .findFirst()
                    .orElseThrow();
            robot = new Robot();
            at = pin.localToScreen(
                    pin.getLayoutBounds().getCenterX(), pin.getLayoutBounds().getCenterY());
            robot.mouseMove(at);
            robot.mousePress(MouseButton.PRIMARY);
            window.getScene().addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> {
                if (begun == 0) {
                    begun = System.nanoTime();
                }
            });
            window.getScene().addPostLayoutPulseListener(() -> {
                if (begun != 0) {
                    frames.add((System.nanoTime() - begun) / 1e6);
                    begun = 0;
                }
            });
        }
    }

    public static void main(String[] arguments) {
        Renderer.choose();
        Application.launch(Shown.class, arguments);
    }
}
