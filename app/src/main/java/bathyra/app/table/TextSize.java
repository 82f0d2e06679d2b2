package bathyra.app.table;

import java.util.Arrays;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.Region;

/** How large the words of the window are. What is written in px in the stylesheet grows with them, and so does the lettering of the drawings. */
public enum TextSize {
    USUAL(100),
    LARGER(115),
    LARGE(130),
    LARGEST(150);

    /** Under which word the book keeps it. */
    public static final String KEPT = "text";

    private static final double HUNDRED = 100;
    /** One for the program, as its stylesheet is. */
    private static final ReadOnlyObjectWrapper<TextSize> NOW = new ReadOnlyObjectWrapper<>(USUAL);

    private final int percent;

    TextSize(int percent) {
        this.percent = percent;
    }

    public static ReadOnlyObjectProperty<TextSize> nowProperty() {
        return NOW.getReadOnlyProperty();
    }

    public static TextSize now() {
        return NOW.get();
    }

    /** How large words are from now on. */
    public static void choose(TextSize next) {
        NOW.set(next);
    }

    /** The usual size for any word that is none. */
    public static TextSize named(String word) {
        return Arrays.stream(values())
                .filter(s -> s.name().equals(word))
                .findFirst()
                .orElse(USUAL);
    }

    public String label() {
        return percent + " %";
    }

    public double factor() {
        return percent / HUNDRED;
    }

    /** @param usual pixels at the usual size @return pixels now */
    public static double px(double usual) {
        return usual * now().factor();
    }

    /** Keeps a region at least so wide. @param usual pixels at the usual size */
    public static void minWidth(Region region, double usual) {
        region.minWidthProperty().bind(grown(usual));
    }

    /** Keeps a region at most so wide. @param usual pixels at the usual size */
    public static void maxWidth(Region region, double usual) {
        region.maxWidthProperty().bind(grown(usual));
    }

    /** Keeps a region just so wide. @param usual pixels at the usual size */
    public static void width(Region region, double usual) {
        minWidth(region, usual);
        maxWidth(region, usual);
    }

    /** Keeps a region just so wide. @param usual pixels at the usual size @param words how much of them words take: only those grow */
    public static void width(Region region, double usual, double words) {
        DoubleBinding wide = Bindings.createDoubleBinding(() -> usual - words + px(words), NOW);
        region.minWidthProperty().bind(wide);
        region.prefWidthProperty().bind(wide);
        region.maxWidthProperty().bind(wide);
    }

    /** Keeps a region at least so high. @param usual pixels at the usual size */
    public static void minHeight(Region region, double usual) {
        region.minHeightProperty().bind(grown(usual));
    }

    /** Keeps a region just so high. @param usual pixels at the usual size */
    public static void height(Region region, double usual) {
        minHeight(region, usual);
        region.prefHeightProperty().bind(grown(usual));
        region.maxHeightProperty().bind(grown(usual));
    }

    /** Keeps a column just so wide. @param usual pixels at the usual size */
    public static void width(ColumnConstraints column, double usual) {
        column.minWidthProperty().bind(grown(usual));
        column.prefWidthProperty().bind(grown(usual));
        column.maxWidthProperty().bind(grown(usual));
    }

    /** Follows the size for as long as somebody holds it. */
    private static DoubleBinding grown(double usual) {
        return Bindings.createDoubleBinding(() -> px(usual), NOW);
    }
}
