package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Stage;
import java.nio.file.Files;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.logging.Handler;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Someone who touches everything: seeded random acts over all stages of the real window. Nothing may be thrown or logged as failed, and the
 * window goes on answering. A test run takes few acts; {@code bench/run monkey} takes two thousand and says how long the slowest kept the window.
 */
class MonkeyTest extends RealWindow {
    private static final int ACTS = Integer.getInteger("bathyra.monkey", 100);
    private static final long SEED = Long.getLong("bathyra.monkey.seed", 7);
    private static final List<String> WORDS = List.of(
            "104",
            "0",
            "-3",
            "99999",
            "36 1/2 in",
            "½",
            "",
            "  ",
            "abc",
            "2026-12-24",
            "1e400",
            "12,5",
            "Isaura {} %s",
            "x".repeat(300));
    private static final List<KeyCode> KEYS = List.of(
            KeyCode.ENTER,
            KeyCode.ESCAPE,
            KeyCode.TAB,
            KeyCode.LEFT,
            KeyCode.RIGHT,
            KeyCode.UP,
            KeyCode.DOWN,
            KeyCode.DELETE,
            KeyCode.SPACE,
            KeyCode.HOME,
            KeyCode.END);
    private static final List<KeyCode> SHORTCUTS = List.of(
            KeyCode.Z, KeyCode.Y, KeyCode.DIGIT1, KeyCode.DIGIT5, KeyCode.DIGIT9, KeyCode.D, KeyCode.L, KeyCode.F);
    private static final int LAST_ACTS = 6;
    private static final int ENOUGH = 12;

    private final Random random = new Random(SEED);
    private final List<String> failed = Collections.synchronizedList(new ArrayList<>());
    private final Deque<String> acts = new ArrayDeque<>();
    private final Handler heard = new Handler() {
        @Override
        public void publish(LogRecord entry) {
            if (entry.getThrown() != null) {
                failed.add(entry.getMessage() + ": " + entry.getThrown() + at(entry.getThrown()) + " after " + acts);
            }
        }

        @Override
        public void flush() {
            // Nothing is kept back.
        }

        @Override
        public void close() {
            // Nothing is held open.
        }
    };

    @Start
    void start(javafx.stage.Stage stage) throws Exception {
        Logger.getLogger("").addHandler(heard);
        begin(stage, "taken.svg");
        Files.writeString(
                output,
                "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='200mm' viewBox='0 0 200 200'><path d='M10 10H150V180H10Z'/></svg>");
        Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> failed.add(e + at(e) + " after " + acts));
    }

    @Stop
    void stop() {
        Logger.getLogger("").removeHandler(heard);
        end();
    }

    private static String at(Throwable e) {
        Throwable cause = e.getCause() == null ? e : e.getCause();
        return " " + cause.getMessage() + " at "
                + List.of(cause.getStackTrace()).subList(0, Math.min(6, cause.getStackTrace().length));
    }

    @Test
    void whateverIsTouched_theWindowGoesOn(WindowRobot robot) throws Exception {
        long slowest = 0;
        String slowestAct = "";
        for (int i = 0; i < ACTS && failed.size() < ENOUGH; i++) {
            long began = System.nanoTime();
            WaitForAsyncUtils.waitForAsyncFx(60_000, this::act);
            WaitForAsyncUtils.waitForAsyncFx(60_000, () -> {});
            long took = System.nanoTime() - began;
            if (took > slowest) {
                slowest = took;
                slowestAct = acts.peekLast();
            }
        }
        WaitForAsyncUtils.waitForFxEvents();
        System.out.printf(
                "%d acts with seed %d, the slowest %d ms: %s%n",
                ACTS, SEED, TimeUnit.NANOSECONDS.toMillis(slowest), slowestAct);
        assertThat(failed).isEmpty();
        assertThat(window.isShowing()).isTrue();
    }

    private void act() {
        try {
            List<Node> all = new ArrayList<>();
            gather(window.getScene().getRoot(), all);
            int kind = random.nextInt(20);
            if (kind == 0 || all.isEmpty()) {
                press("stage-"
                        + Stage.values()[random.nextInt(Stage.values().length)]
                                .name()
                                .toLowerCase(Locale.ROOT));
            } else if (kind < 3) {
                key();
            } else {
                touch(all.get(random.nextInt(all.size())));
            }
        } catch (RuntimeException e) {
            failed.add(e + at(e) + " after " + acts);
        }
    }

    private void did(String what) {
        acts.add(what);
        if (acts.size() > LAST_ACTS) {
            acts.removeFirst();
        }
    }

    private void press(String id) {
        did(id);
        if (window.getScene().lookup("#" + id) instanceof ButtonBase button) {
            button.fire();
        }
    }

    /** Everything that can be touched where it can be seen. */
    private static void gather(Node node, List<Node> into) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        boolean ours = node instanceof ButtonBase
                || node instanceof TextField
                || node instanceof ComboBox
                || node instanceof Slider
                || node instanceof ListView
                || node.getOnMousePressed() != null
                || node.getOnMouseClicked() != null;
        if (ours && node.getLayoutBounds().getWidth() > 0) {
            into.add(node);
        }
        if (node instanceof Parent parent && !(node instanceof TextField)) {
            parent.getChildrenUnmodifiable().forEach(child -> gather(child, into));
        }
    }

    private void touch(Node node) {
        String name = node.getClass().getSimpleName() + " " + node.getId() + " " + node.getAccessibleText();
        node.requestFocus();
        if (node instanceof ButtonBase button) {
            did(name);
            button.fire();
        } else if (node instanceof TextField field) {
            String word = WORDS.get(random.nextInt(WORDS.size()));
            did(name + " " + word);
            field.setText(word);
            if (random.nextBoolean()) {
                Event.fireEvent(field, pressed(KeyCode.ENTER, false));
            }
        } else if (node instanceof ComboBox<?> box && !box.getItems().isEmpty()) {
            did(name);
            box.getSelectionModel().select(random.nextInt(box.getItems().size()));
        } else if (node instanceof Slider slider) {
            did(name);
            slider.setValue(slider.getMin() + random.nextDouble() * (slider.getMax() - slider.getMin()));
        } else if (node instanceof ListView<?> list && !list.getItems().isEmpty()) {
            did(name);
            list.getSelectionModel().select(random.nextInt(list.getItems().size()));
            Event.fireEvent(list, pressed(KeyCode.ENTER, false));
        } else {
            drag(node, name);
        }
    }

    /** Pressed at one place, moved over others, let go at the last. */
    private void drag(Node node, String name) {
        Bounds bounds = node.getLayoutBounds();
        did("drag on " + name);
        double x = bounds.getMinX() + random.nextDouble() * bounds.getWidth();
        double y = bounds.getMinY() + random.nextDouble() * bounds.getHeight();
        Event.fireEvent(node, mouse(MouseEvent.MOUSE_MOVED, x, y));
        Event.fireEvent(node, mouse(MouseEvent.MOUSE_PRESSED, x, y));
        for (int i = random.nextInt(4); i > 0; i--) {
            x = bounds.getMinX() + random.nextDouble() * bounds.getWidth();
            y = bounds.getMinY() + random.nextDouble() * bounds.getHeight();
            Event.fireEvent(node, mouse(MouseEvent.MOUSE_DRAGGED, x, y));
        }
        Event.fireEvent(node, mouse(MouseEvent.MOUSE_RELEASED, x, y));
        Event.fireEvent(node, mouse(MouseEvent.MOUSE_CLICKED, x, y));
    }

    private MouseEvent mouse(EventType<MouseEvent> type, double x, double y) {
        boolean held = type == MouseEvent.MOUSE_PRESSED || type == MouseEvent.MOUSE_DRAGGED;
        return new MouseEvent(
                type,
                x,
                y,
                x,
                y,
                MouseButton.PRIMARY,
                1,
                random.nextInt(5) == 0,
                false,
                false,
                false,
                held,
                false,
                false,
                true,
                false,
                false,
                null);
    }

    private void key() {
        boolean shortcut = random.nextInt(3) == 0;
        KeyCode code =
                shortcut ? SHORTCUTS.get(random.nextInt(SHORTCUTS.size())) : KEYS.get(random.nextInt(KEYS.size()));
        did((shortcut ? "Ctrl+" : "") + code);
        Node at = window.getScene().getFocusOwner();
        Event.fireEvent(at == null ? window.getScene().getRoot() : at, pressed(code, shortcut));
    }

    private static KeyEvent pressed(KeyCode code, boolean shortcut) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, shortcut, false, false);
    }
}
