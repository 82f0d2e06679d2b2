package bathyra.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.stage.Scroll;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** What the renderer is asked to paint, and how often. */
@Tag("window")
class PaintingWindowTest {
    private static final int SIDE = 40;
    /** Of 255: how much two ways of painting the same line may differ in a pixel. */
    private static final double LIKE = 2 / 255.0;

    private Stage window;

    @BeforeEach
    void window() throws Exception {
        window = FxToolkit.registerPrimaryStage();
    }

    private static <T> T there(Callable<T> deed) {
        return WaitForAsyncUtils.waitForAsyncFx(5000, deed);
    }

    /** A pane with a word on it that counts how often it is painted. */
    private static final class Counted extends PaintedPane {
        private final Label word = new Label("short");
        private int painted;

        private Counted() {
            getChildren().add(word);
        }

        @Override
        protected void paint(Surface g) {
            painted++;
        }
    }

    private void show(Pane pane) {
        there(() -> {
            window.setScene(new Scene(new Pane(pane), 300, 200));
            pane.setPrefSize(200, 100);
            window.show();
            return null;
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void paneIsPaintedWhenItsSizeChanges_notWhenAWordOnItDoes() {
        Counted pane = there(Counted::new);
        show(pane);
        int shown = pane.painted;
        assertThat(shown).isPositive();

        there(() -> {
            pane.word.setText("a much longer word that takes more room than before");
            return null;
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(pane.painted).isEqualTo(shown);

        there(() -> {
            pane.setPrefSize(210, 120);
            return null;
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(pane.painted).isGreaterThan(shown);
    }

    @Test
    void whatScrollsIsNotPaintedIntoAPictureFirst() {
        Scroll scroll = there(() -> Scroll.down(new Label("words")));
        there(() -> {
            scroll.setPadding(Insets.EMPTY);
            window.setScene(new Scene(scroll, 300, 200));
            window.show();
            return null;
        });
        WaitForAsyncUtils.waitForFxEvents();

        assertThat(scroll.lookup(".viewport").isCache()).isFalse();
    }

    private static WritableImage painted(Consumer<Canvas> deed) {
        return there(() -> {
            Canvas canvas = new Canvas(SIDE, SIDE);
            GraphicsContext g = canvas.getGraphicsContext2D();
            g.setFill(Color.IVORY);
            g.fillRect(0, 0, SIDE, SIDE);
            g.setFill(Color.CRIMSON);
            g.setStroke(Color.rgb(20, 70, 80, 0.8));
            deed.accept(canvas);
            g.fillRect(1, 1, 3, 3);
            return canvas.snapshot(null, null);
        });
    }

    /** Lines along the pixels and across them, begun from either end, on a pixel's edge and a quarter beside it; one of no length. */
    @ParameterizedTest
    @CsvSource({
        "1, 10.5, 6, 10.5, 30",
        "1, 10, 30, 10, 6",
        "1.5, 5.25, 12.25, 33.7, 12.25",
        "1.5, 33.7, 20, 5.1, 20",
        "3, 8.5, 8.25, 8.5, 30.75",
        "2, 20, 20, 20, 20"
    })
    void uprightLineIsPaintedAsARectangle_andLooksLikeTheLine(double wide, double x1, double y1, double x2, double y2) {
        PixelReader plain = painted(canvas -> {
                    canvas.getGraphicsContext2D().setLineWidth(wide);
                    canvas.getGraphicsContext2D().strokeLine(x1, y1, x2, y2);
                })
                .getPixelReader();
        PixelReader own = painted(canvas -> {
                    canvas.getGraphicsContext2D().setLineWidth(wide);
                    new CanvasSurface(canvas).strokeLine(x1, y1, x2, y2);
                })
                .getPixelReader();

        double most = 0;
        for (int x = 0; x < SIDE; x++) {
            for (int y = 0; y < SIDE; y++) {
                most = Math.max(most, apart(plain.getColor(x, y), own.getColor(x, y)));
            }
        }
        assertThat(most).isLessThanOrEqualTo(LIKE);
    }

    private static double apart(Color a, Color b) {
        return Math.max(
                Math.abs(a.getRed() - b.getRed()),
                Math.max(Math.abs(a.getGreen() - b.getGreen()), Math.abs(a.getBlue() - b.getBlue())));
    }
}
