package bathyra.app.table;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Where every painting in the window is begun: one that fails says so in its place, is logged once, and the others go on. */
final class Painting {
    private static final Logger LOG = LoggerFactory.getLogger(Painting.class);
    private static final double LEFT = 12;
    private static final double DOWN = 40;
    private static final double LINE = 18;
    private static String logged = "";

    private Painting() {}

    /** What a drawing says of itself; empty where it fails. */
    static <T> Optional<T> answered(Supplier<T> question) {
        try {
            return Optional.of(question.get());
        } catch (RuntimeException e) {
            log(e);
            return Optional.empty();
        }
    }

    /** A drawing is painted at every move of the pointer: the same failure is logged once. */
    private static void log(RuntimeException e) {
        String what = Objects.toString(e) + (e.getStackTrace().length > 0 ? e.getStackTrace()[0] : "");
        if (!what.equals(logged)) {
            logged = what;
            LOG.error("a drawing could not be painted", e);
        }
    }

    /** @param paint may throw whatever it likes */
    static void guarded(Surface g, Function<Ink, Color> colours, double width, double height, Consumer<Surface> paint) {
        g.save();
        try {
            paint.accept(g);
        } catch (RuntimeException e) {
            log(e);
            g.restore();
            g.save();
            g.setFill(colours.apply(Ink.SEA_1));
            g.fillRect(0, 0, width, height);
            g.setFill(colours.apply(Ink.RED));
            g.setFont(Lettering.figure());
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText("This drawing cannot be shown.", LEFT, DOWN);
            g.fillText("The log in the data folder says why. Undo goes back one change.", LEFT, DOWN + LINE);
        }
        g.restore();
    }
}
