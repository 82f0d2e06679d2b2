package bathyra.app.table;

import java.io.InputStream;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.FontPosture;
import javafx.scene.text.FontWeight;

/** The lettering of the drawings: the shipped fonts in the few sizes that the chart uses, as large as the words of the window are. */
public final class Lettering {
    /** Pixels of a letter of the figures' type, at the most. */
    private static final double LETTER = 7.2;
    /** Pixels of a letter in a run of words, where narrow ones make up for wide ones. */
    private static final double LETTER_RUN = 6.4;

    private static final List<String> FILES = List.of(
            "Lato-Regular.ttf",
            "Lato-Bold.ttf",
            "OldStandard-Regular.ttf",
            "OldStandard-Italic.ttf",
            "OldStandard-Bold.ttf");
    private static final String READ = "Lato";
    private static final String NAMES = "Old Standard TT";

    static {
        FILES.forEach(Lettering::load);
    }

    private static final Map<TextSize, Lettering> OF = new EnumMap<>(TextSize.class);

    private final Font figure;
    private final Font figureBold;
    private final Font ruler;
    private final Font small;
    private final Font level;
    private final Font levelSelected;
    private final Font sounding;
    private final Font number;

    private Lettering(double grown) {
        figure = Font.font(READ, 13 * grown);
        figureBold = Font.font(READ, FontWeight.BOLD, 13 * grown);
        ruler = Font.font(READ, 12 * grown);
        small = Font.font(READ, 9 * grown);
        level = Font.font(NAMES, FontPosture.ITALIC, 18 * grown);
        levelSelected = Font.font(NAMES, FontWeight.BOLD, 18 * grown);
        sounding = Font.font(NAMES, FontPosture.ITALIC, 16 * grown);
        number = Font.font(NAMES, 34 * grown);
    }

    private static Lettering now() {
        return OF.computeIfAbsent(TextSize.now(), size -> new Lettering(size.factor()));
    }

    public static Font figure() {
        return now().figure;
    }

    public static Font figureBold() {
        return now().figureBold;
    }

    public static Font ruler() {
        return now().ruler;
    }

    public static Font small() {
        return now().small;
    }

    public static Font level() {
        return now().level;
    }

    public static Font levelSelected() {
        return now().levelSelected;
    }

    public static Font sounding() {
        return now().sounding;
    }

    public static Font number() {
        return now().number;
    }

    /** Makes the shipped fonts known to the toolkit, once: loading this class does it. */
    public static void load() {
        if (!figure().getFamily().equals(READ)) {
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

    /** How wide a word in figures' type is at the most, px. */
    public static double atMost(String word) {
        return word.length() * TextSize.px(LETTER);
    }

    /** How long a run of words in figures' type is, px: narrow letters make up for wide ones. */
    public static double run(String words) {
        return words.length() * TextSize.px(LETTER_RUN);
    }
}
