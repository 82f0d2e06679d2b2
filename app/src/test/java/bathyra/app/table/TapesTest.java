package bathyra.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.length.LengthUnit;
import java.util.List;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The tapes at the table's edge: whole numerals that keep apart, however small or large the paper is drawn. */
class TapesTest {
    private static final double WIDTH = 960;
    private static final double HEIGHT = 480;
    /** A numeral of four signs is not wider, pixels. */
    private static final double WIDE = 30;

    private static List<Integer> numerals(double scale, LengthUnit unit) {
        RecordingSurface surface = new RecordingSurface();
        Tapes.paint(
                new Brush(surface, ink -> Color.BLACK, new View(scale, Table.RULER, Table.RULER)), WIDTH, HEIGHT, unit);
        return surface.words().stream()
                .filter(w -> w.matches("−?\\d+"))
                .map(w -> Integer.parseInt(w.replace('−', '-')))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "4, CM",
        "1, CM",
        "0.6, CM",
        "0.3, CM",
        "0.11, CM",
        "0.05, CM",
        "0.03, CM",
        "1, IN",
        "0.5, IN",
        "0.11, IN",
        "0.05, IN",
        "0.02, IN"
    })
    void numerals_keepApart(double scale, LengthUnit unit) {
        List<Integer> numerals = numerals(scale, unit);
        assertThat(numerals).hasSizeGreaterThan(2);
        double apart = Math.abs(numerals.get(1) - numerals.get(0)) * unit.millimetres() * scale;
        assertThat(apart).as("pixels from one to the next").isGreaterThanOrEqualTo(WIDE);
    }
}
