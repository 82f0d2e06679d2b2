package bathyra.app.glossary;

import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.app.work.Latest;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Control;
import javafx.scene.control.Tooltip;
import javafx.util.Duration;

/** What a figure means, shown at its name: a sentence, and under it a small drawing of what it does. */
public final class DrawnWords extends Tooltip {
    private static final double WIDE = 300;
    private static final double HIGH = 170;
    private static final double AROUND = 24;
    private static final Duration LONG = Duration.minutes(2);

    private final Supplier<List<Tried>> tries;
    private final Latest latest = new Latest(Platform::runLater);
    /** Made when it is first shown: most never are. */
    private Picture picture;

    /** @param tries asked each time it is shown, on the window's thread; the first that moves a line is drawn */
    public DrawnWords(String words, Supplier<List<Tried>> tries) {
        super(words);
        this.tries = tries;
        setWhole(this);
        setOnShowing(e -> draw());
        setOnHidden(e -> latest.stop());
    }

    /** Puts words with their drawing at a control, and the words into its name for those who hear it. */
    public static void at(Control control, String words, Supplier<List<Tried>> tries) {
        control.setAccessibleText(words);
        control.setTooltip(new DrawnWords(words, tries));
    }

    /** Words that are whole however many they are, with room for a drawing under them. */
    public static Tooltip whole(String words) {
        Tooltip whole = new Tooltip(words);
        setWhole(whole);
        return whole;
    }

    private static void setWhole(Tooltip words) {
        words.getStyleClass().add("drawn-words");
        words.setWrapText(true);
        words.setMaxWidth(TextSize.px(WIDE) + AROUND);
        words.setContentDisplay(ContentDisplay.BOTTOM);
        words.setShowDuration(LONG);
    }

    private void draw() {
        List<Tried> all = tries.get();
        if (all.isEmpty()) {
            return;
        }
        if (picture == null) {
            picture = new Picture();
        }
        picture.show(Optional.empty());
        setGraphic(picture);
        latest.begin(
                "glossary",
                run -> {
                    Optional<MovedDrawing> moved = all.stream()
                            .flatMap(t -> MovedDrawing.of(t).stream())
                            .findFirst();
                    run.show(() -> {
                        picture.show(moved);
                        setGraphic(moved.isPresent() ? picture : null);
                    });
                },
                () -> setGraphic(null));
    }

    /** Whether something is drawn. */
    public boolean isDrawn() {
        return picture != null && getGraphic() == picture && picture.drawing.isPresent();
    }

    private static final class Picture extends PaintedPane {
        private Optional<MovedDrawing> drawing = Optional.empty();

        private Picture() {
            super(TextSize.px(HIGH));
            double wide = TextSize.px(WIDE);
            setMinWidth(wide);
            setPrefWidth(wide);
            setMaxWidth(wide);
            setId("glossary-picture");
            setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        }

        private void show(Optional<MovedDrawing> next) {
            drawing = next;
            setAccessibleText(
                    next.map(d -> "The pieces as they are; " + d.words()).orElse("Nothing is drawn"));
            repaint();
        }

        @Override
        protected void paint(Surface g) {
            g.clearRect(0, 0, getWidth(), getHeight());
            drawing.ifPresent(d -> d.paint(g, palette()::of, getWidth(), getHeight()));
        }
    }
}
