package bathyra.app;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.EventHandler;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.stage.Window;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.testfx.api.FxRobot;
import org.testfx.service.query.NodeQuery;
import org.testfx.util.WaitForAsyncUtils;

/** Hands and eyes on the window. It looks on the window's own thread: from another one a list may change while it is read. */
class WindowRobot extends FxRobot {
    private static final int PATIENCE_MS = 10_000;
    /** A key that closes a window or opens another is not heard to be let go. */
    private static final int HEARING_MS = 1_000;

    @Override
    public NodeQuery lookup(String query) {
        return Platform.isFxApplicationThread()
                ? super.lookup(query)
                : WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, () -> super.lookup(query));
    }

    @Override
    public FxRobot push(KeyCode... combination) {
        return heard(combination.length, () -> super.push(combination));
    }

    @Override
    public FxRobot push(KeyCodeCombination combination) {
        long held = Stream.of(
                        combination.getShift(),
                        combination.getControl(),
                        combination.getAlt(),
                        combination.getMeta(),
                        combination.getShortcut())
                .filter(KeyCombination.ModifierValue.DOWN::equals)
                .count();
        return heard((int) held + 1, () -> super.push(combination));
    }

    @Override
    public FxRobot write(String text) {
        waitForTheKeyboard();
        return super.write(text);
    }

    /**
     * Presses keys when a window has the keyboard, and is done when a window has heard that they were let go: on a busy machine both come
     * later than the toolkit says.
     */
    private FxRobot heard(int keys, Runnable push) {
        waitForTheKeyboard();
        CountDownLatch letGo = new CountDownLatch(keys);
        EventHandler<KeyEvent> hears = e -> letGo.countDown();
        List<Window> windows = WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, () -> {
            List<Window> open = List.copyOf(Window.getWindows());
            open.forEach(w -> w.addEventFilter(KeyEvent.KEY_RELEASED, hears));
            return open;
        });
        push.run();
        try {
            letGo.await(HEARING_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        interact(() -> windows.forEach(w -> w.removeEventFilter(KeyEvent.KEY_RELEASED, hears)));
        WaitForAsyncUtils.waitForFxEvents();
        return this;
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
