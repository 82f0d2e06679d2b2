package bathyra.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class ShapeTest {
    /** Clockwise on the screen: along the top, down, back along the bottom. */
    private static final List<Point> SQUARE =
            List.of(new Point(0, 0), new Point(100, 0), new Point(100, 100), new Point(0, 100));

    @Test
    void crossing_ofABowTie_isWhereItCrosses() {
        assertThat(Shape.crossing(SQUARE)).isEmpty();
        assertThat(Shape.crossing(List.of(new Point(0, 0), new Point(100, 100), new Point(100, 0), new Point(0, 100))))
                .hasValueSatisfying(
                        p -> assertThat(p.distance(new Point(50, 50))).isLessThan(1e-6));
    }

    @Test
    void overlaps_tellsTilesThatShowSomethingFromBlankOnes() {
        assertThat(Shape.overlaps(SQUARE, new Point(50, 50), new Point(300, 300)))
                .isTrue();
        assertThat(Shape.overlaps(SQUARE, new Point(120, 0), new Point(300, 300)))
                .isFalse();
    }

    @Test
    void contains_andArea() {
        assertThat(Shape.area(SQUARE)).isEqualTo(10000);
        assertThat(Shape.contains(SQUARE, List.of(new Point(10, 10), new Point(90, 10), new Point(50, 90)), 0.01))
                .isTrue();
        assertThat(Shape.contains(SQUARE, List.of(new Point(10, 10), new Point(190, 10), new Point(50, 90)), 0.01))
                .isFalse();
    }
}
