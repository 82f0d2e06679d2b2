package bathyra.app.settings;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Asks the desktop whether it is dark. One that does not say is light. */
public final class SystemLook {
    private static final Logger LOG = LoggerFactory.getLogger(SystemLook.class);
    private static final long PATIENCE_MS = 1500;

    private SystemLook() {}

    /** Asks beside the window's thread, which hears the answer. */
    public static void ask(Consumer<Boolean> dark) {
        Thread thread = new Thread(
                () -> {
                    boolean answer = isDark("gsettings", "get", "org.gnome.desktop.interface", "color-scheme");
                    Platform.runLater(() -> dark.accept(answer));
                },
                "ask the desktop");
        thread.setDaemon(true);
        thread.start();
    }

    static boolean isDark(String... question) {
        try {
            Process process =
                    new ProcessBuilder(question).redirectErrorStream(true).start();
            if (!process.waitFor(PATIENCE_MS, TimeUnit.MILLISECONDS)) {
                process.destroy();
                return false;
            }
            return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).contains("dark");
        } catch (IOException e) {
            LOG.info("this desktop does not say whether it is dark");
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
