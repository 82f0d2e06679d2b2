package bathyra.bench;

import bathyra.app.home.DemoBook;
import bathyra.app.shell.BathyraWindow;
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
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;

/** Drags a handle of a sixteen-panel corset in the real window to and fro, and counts how many drafts are drawn in each second. */
public final class Drag {
    private static final int SECONDS = 20;

    private Drag() {}

    /** The window in which it is dragged: a class of its own, as the toolkit starts from the class path only then. */
    public static final class Dragged extends Application {
        private final List<Long> drawn = new ArrayList<>();
        private final List<Long> frames = new ArrayList<>();

        @Override
        public void start(javafx.stage.Stage window) throws Exception {
            WorkshopBook book = WorkshopBook.open(
                    DemoBook.fresh(Path.of(getParameters().getRaw().get(0))));
            Workshop workshop = new Workshop(book);
            workshop.deeds().switchTo(workshop.entries().stream()
                    .filter(e -> e.wearer().equals("Maren Achterberg"))
                    .findFirst()
                    .orElseThrow()
                    .id());
            Garment corset = workshop.commission()
                    .garment()
                    .withKind(GarmentKind.CORSET)
                    .withPanels(Panels.of(8, SeamPlacing.LANDMARKS));
            workshop.once("eight panels", workshop.commission().withGarment(corset));
            workshop.selection().cellProperty().set(new Cell(Level.WAIST, SeamPlace.back(1)));
            workshop.whereabouts().stageProperty().set(Stage.SEAMS);
            BathyraWindow.show(window, workshop, Files.always(Path.of("unused")));
            new AnimationTimer() {
                private int frame;
                private Robot robot;
                private Point2D at;
                private double intake = -1;
                private final long begun = System.nanoTime();

                @Override
                public void handle(long now) {
                    frame++;
                    if (frame == 120) {
                        robot = new Robot();
                        Node handle = window.getScene().lookup("#handle-right");
                        at = handle.localToScreen(
                                handle.getLayoutBounds().getCenterX(),
                                handle.getLayoutBounds().getCenterY());
                        robot.mouseMove(at);
                        robot.mousePress(MouseButton.PRIMARY);
                    } else if (frame > 120) {
                        // So fast that the value is another one at every frame.
                        robot.mouseMove(at.add(14 * Math.sin(frame / 6.0), 0));
                        frames.add(now);
                        double is = workshop.draft()
                                .orElseThrow()
                                .intakes()
                                .at(Level.WAIST, SeamPlace.back(1))
                                .value();
                        if (is != intake) {
                            intake = is;
                            drawn.add(now);
                        }
                    }
                    if (now - begun > (SECONDS + 4) * 1_000_000_000L) {
                        stop();
                        robot.mouseRelease(MouseButton.PRIMARY);
                        say();
                        Platform.exit();
                        System.exit(0);
                    }
                }
            }.start();
        }

        private void say() {
            long first = drawn.get(0);
            int[] perSecond = new int[SECONDS];
            List<Double> apart = new ArrayList<>();
            for (int i = 0; i < drawn.size(); i++) {
                int second = (int) ((drawn.get(i) - first) / 1_000_000_000L);
                if (second < SECONDS) {
                    perSecond[second]++;
                }
                if (i > 0) {
                    apart.add((drawn.get(i) - drawn.get(i - 1)) / 1e6);
                }
            }
            apart.sort(null);
            System.out.printf("drafts drawn in each second: %s%n", Arrays.toString(perSecond));
            System.out.printf(
                    "from one to the next: median %.1f ms, 99th percentile %.1f ms; frames in all %d in %.1f s%n",
                    apart.get(apart.size() / 2),
                    apart.get(apart.size() * 99 / 100),
                    frames.size(),
                    (frames.get(frames.size() - 1) - frames.get(0)) / 1e9);
        }
    }

    public static void main(String[] arguments) {
        Application.launch(Dragged.class, arguments);
    }
}
