package bathyra.app.table;

import java.io.InputStream;
import java.util.List;
import javafx.scene.text.Font;

/** The lettering of the drawings: the shipped fonts in the few sizes that the chart uses. */
public final class Lettering {
    private static final List<String> FILES = List.of(
            "Lato-Regular.ttf",
            "Lato-Bold.ttf",
            "OldStandard-Regular.ttf",
            "OldStandard-Italic.ttf",
            "OldStandard-Bold.ttf");

    static {
        FILES.forEach(Lettering::load);
    }

    public static final Font FIGURE = Font.font("Lato", 13);
    public static final Font FIGURE_BOLD = Font.font("Lato", javafx.scene.text.FontWeight.BOLD, 13);
    public static final Font RULER = Font.font("Lato", 12);
    public static final Font SMALL = Font.font("Lato", 9);
    public static final Font LEVEL = Font.font("Old Standard TT", javafx.scene.text.FontPosture.ITALIC, 18);
    public static final Font LEVEL_SELECTED = Font.font("Old Standard TT", javafx.scene.text.FontWeight.BOLD, 18);
    public static final Font SOUNDING = Font.font("Old Standard TT", javafx.scene.text.FontPosture.ITALIC, 16);
    public static final Font NUMBER = Font.font("Old Standard TT", 34);

    private Lettering() {}

    /** Makes the shipped fonts known to the toolkit, once: loading this class does it. */
    public static void load() {
        if (!FIGURE.getFamily().equals("Lato")) {
            throw new IllegalStateException("the shipped fonts could not be loaded");
        }
    }

    private static void load(String file) {
        try (InputStream in = Lettering.class.getResourceAsStream("/fonts/" + file)) {
            Font.loadFont(in, 12);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
