package bathyra.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventHandler;
import javafx.event.EventTarget;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Scene;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.testfx.api.FxRobot;
import org.testfx.robot.Motion;
import org.testfx.service.query.NodeQuery;
import org.testfx.service.query.PointQuery;
import org.testfx.util.WaitForAsyncUtils;

/** Hands and eyes on the window. It looks on the window's own thread: from another one a list may change while it is read. */
class WindowRobot extends FxRobot {
    /** It waits no longer than it must; a busy machine may stand still for long. */
    static final int PATIENCE_MS = 60_000;
    /** A key that closes a window or opens another is not heard to be let go. */
    private static final int HEARING_MS = 3_000;
    /** What an event sets off may set off more. */
    private static final int ROUNDS = 2;

    @Override
    public NodeQuery lookup(String query) {
        return Platform.isFxApplicationThread()
                ? super.lookup(query)
                : WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, () -> super.lookup(query));
    }

    @Override
    public FxRobot push(KeyCode... combination) {
        return heard(List.of(KeyEvent.KEY_RELEASED), combination.length, robot -> {
            for (KeyCode key : combination) {
                robot.keyPress(key);
            }
            for (int i = combination.length - 1; i >= 0; i--) {
                robot.keyRelease(combination[i]);
            }
        });
    }

    @Override
    public FxRobot push(KeyCodeCombination combination) {
        List<KeyCode> keys = new ArrayList<>();
        add(keys, combination.getShift(), KeyCode.SHIFT);
        add(keys, combination.getControl(), KeyCode.CONTROL);
        add(keys, combination.getShortcut(), KeyCode.CONTROL);
        add(keys, combination.getAlt(), KeyCode.ALT);
        keys.add(combination.getCode());
        return push(keys.toArray(KeyCode[]::new));
    }

    private static void add(List<KeyCode> keys, KeyCombination.ModifierValue held, KeyCode key) {
        if (held == KeyCombination.ModifierValue.DOWN) {
            keys.add(key);
        }
    }

    /** Types where the keyboard is; after each sign whatever it set off is done. */
    @Override
    public FxRobot write(String text) {
        waitForTheKeyboard();
        for (String sign : text.split("")) {
            WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, () -> {
                Scene scene = focused().orElseThrow().getScene();
                EventTarget target = scene.getFocusOwner() == null ? scene : scene.getFocusOwner();
                KeyCode code = Optional.ofNullable(KeyCode.getKeyCode(sign.toUpperCase(Locale.ROOT)))
                        .orElse(KeyCode.UNDEFINED);
                Event.fireEvent(target, sign(KeyEvent.KEY_PRESSED, KeyEvent.CHAR_UNDEFINED, code));
                Event.fireEvent(target, sign(KeyEvent.KEY_TYPED, sign, KeyCode.UNDEFINED));
                Event.fireEvent(target, sign(KeyEvent.KEY_RELEASED, KeyEvent.CHAR_UNDEFINED, code));
            });
        }
        WaitForAsyncUtils.waitForFxEvents(ROUNDS);
        return this;
    }

    private static KeyEvent sign(EventType<KeyEvent> type, String sign, KeyCode code) {
        return new KeyEvent(type, sign, sign, code, false, false, false, false);
    }

    @Override
    public FxRobot clickOn(PointQuery at, Motion motion, MouseButton... buttons) {
        if (buttons.length != 0) {
            return super.clickOn(at, motion, buttons);
        }
        Point2D point = WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, at::query);
        // What is pressed may give way to something else, a figure to its field: then only the click is heard.
        return heard(List.of(MouseEvent.MOUSE_RELEASED, MouseEvent.MOUSE_CLICKED), 1, robot -> {
            robot.mouseMove(point);
            robot.mousePress(MouseButton.PRIMARY);
            robot.mouseRelease(MouseButton.PRIMARY);
        });
    }

    @Override
    public FxRobot interact(Runnable deed) {
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, deed);
        WaitForAsyncUtils.waitForFxEvents(ROUNDS);
        return this;
    }

    /**
     * Has something done at the keyboard or with the mouse when a window has the keyboard, and is done when a window has heard of it: on a busy
     * machine both come later than the toolkit says.
     */
    private <E extends InputEvent> FxRobot heard(List<EventType<E>> last, int times, Consumer<Robot> deed) {
        waitForTheKeyboard();
        CountDownLatch done = new CountDownLatch(times);
        EventHandler<E> hears = e -> done.countDown();
        List<Window> windows = WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, () -> {
            List<Window> open = List.copyOf(Window.getWindows());
            open.forEach(w -> last.forEach(type -> w.addEventFilter(type, hears)));
            return open;
        });
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, () -> deed.accept(new Robot()));
        try {
            done.await(HEARING_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        WaitForAsyncUtils.waitForAsyncFx(
                PATIENCE_MS, () -> windows.forEach(w -> last.forEach(type -> w.removeEventFilter(type, hears))));
        WaitForAsyncUtils.waitForFxEvents(ROUNDS);
        return this;
    }

    private static Optional<Window> focused() {
        return Window.getWindows().stream().filter(Window::isFocused).findFirst();
    }

    private void waitForTheKeyboard() {
        try {
            WaitForAsyncUtils.waitFor(PATIENCE_MS, TimeUnit.MILLISECONDS, () -> WaitForAsyncUtils.asyncFx(
                            () -> Window.getWindows().stream().anyMatch(Window::isFocused))
                    .get());
        } catch (TimeoutException e) {
            interact(() -> Window.getWindows().stream()
                    .filter(Window::isShowing)
                    .findFirst()
                    .ifPresent(Window::requestFocus));
        }
    }

    /** Gives each test its robot. */
    static class Given implements ParameterResolver {
        @Override
        public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
            return parameter.getParameter().getType() == WindowRobot.class;
        }

        @Override
        public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
            return new WindowRobot();
        }
    }
}
