package bathyra.app.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.place.Level;
import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LevelBandsTest {
    private static final double WIDE = 840;
    private static final double HIGH = 540;

    private final LevelBands bands =
            new LevelBands((Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier())));

    private List<Rectangle2D> painted(View view) {
        RecordingSurface surface = new RecordingSurface();
        bands.paint(new Brush(surface, ink -> Color.WHITE, view), WIDE, HIGH);
        return surface.areas();
    }

    /** Whole, near by, and so near that most of it lies off the table. */
    @ParameterizedTest
    @CsvSource({"1.3, 40", "3.7, 22.4", "12, -900"})
    void eachBandBeginsAtItsLevel_andTheLastGoesToTheFoot(double scale, double top) {
        View view = new View(scale, 200, top);
        List<Level> levels = bands.levels();
        List<Rectangle2D> areas = painted(view);

        assertThat(areas).hasSize(levels.size());
        for (int i = 0; i < areas.size(); i++) {
            Rectangle2D area = areas.get(i);
            double next = i + 1 < areas.size() ? bands.y(view, levels.get(i + 1)) : HIGH;
            assertThat(area.getMinY()).isEqualTo(bands.y(view, levels.get(i)));
            assertThat(area.getMinX()).isZero();
            assertThat(area.getWidth()).isEqualTo(WIDE);
            if (area.getMinY() < HIGH) {
                assertThat(area.getMaxY()).isGreaterThanOrEqualTo(Math.min(Math.ceil(next) + 1, HIGH) - 1e-9);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"1.3, 40", "3.7, 22.4", "12, -900"})
    void noBandIsPaintedUnderTheNext_butForTheRowsOfPixelsWhereTheyMeet(double scale, double top) {
        List<Rectangle2D> areas = painted(new View(scale, 200, top));

        for (int i = 0; i + 1 < areas.size(); i++) {
            assertThat(areas.get(i).getMaxY())
                    .isLessThan(areas.get(i + 1).getMinY() + 2)
                    .isLessThanOrEqualTo(Math.max(HIGH, areas.get(i).getMinY()));
        }
        assertThat(areas.get(areas.size() - 1).getMaxY())
                .isCloseTo(Math.max(HIGH, areas.get(areas.size() - 1).getMinY()), within(1e-9));
    }
}
