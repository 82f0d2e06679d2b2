package bathyra.app.shell;

import bathyra.app.table.TextSize;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import javafx.application.Application;
import javafx.application.ConditionalFeature;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.scene.Scene;

/** The stylesheets of a scene, at the size of its words. */
final class Styles {
    private static final List<String> FILES = List.of("/theme/tokens.css", "/theme/bathyra.css");
    private static final Pattern GROWS = Pattern.compile("(\\d+(?:\\.\\d+)?)px");

    private Styles() {}

    /**
     * Takes the toolkit's own style as the build has laid it beside the program's; to be called before the first control is made, or all of it
     * is read before. Where it is not there, as beside classes that no build has made, all of it stands; and on a screen that is touched, for which the
     * toolkit adds what makes its controls wide enough for a finger.
     */
    static void ofControls() {
        if (Platform.isSupported(ConditionalFeature.INPUT_TOUCH)) {
            return;
        }
        String sheet =
                Platform.isSupported(ConditionalFeature.TRANSPARENT_WINDOW) ? BuiltStyles.CONTROLS : BuiltStyles.OPAQUE;
        Optional.ofNullable(Styles.class.getResource("/theme/" + sheet))
                .map(URL::toExternalForm)
                .filter(each -> !each.equals(Application.getUserAgentStylesheet()))
                .ifPresent(Application::setUserAgentStylesheet);
    }

    /** Styles a scene, and again whenever another size is chosen. */
    static void follow(Scene scene) {
        style(scene);
        InvalidationListener again = o -> style(scene);
        // The scene keeps what listens for it: with the scene it goes.
        scene.getProperties().put(Styles.class, again);
        TextSize.nowProperty().addListener(new WeakInvalidationListener(again));
    }

    private static void style(Scene scene) {
        scene.getStylesheets()
                .setAll(FILES.stream().map(file -> at(file, TextSize.now())).toList());
    }

    /** @return where the toolkit reads a stylesheet at a size */
    private static String at(String file, TextSize size) {
        if (size == TextSize.USUAL) {
            return Styles.class.getResource(file).toExternalForm();
        }
        try (InputStream in = Styles.class.getResourceAsStream(file)) {
            String grown = grown(new String(in.readAllBytes(), StandardCharsets.UTF_8), size.factor());
            return "data:text/css;base64," + Base64.getEncoder().encodeToString(grown.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static String grown(String css, double factor) {
        return GROWS.matcher(css)
                .replaceAll(size -> Math.round(Double.parseDouble(size.group(1)) * factor * 10) / 10.0 + "px");
    }
}
