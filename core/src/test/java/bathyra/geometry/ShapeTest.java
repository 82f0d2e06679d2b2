package bathyra.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
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

    @Test
    void isWithin_isWhatTheDistanceSays_forOutlinesOfAllSorts() {
        Random random = new Random(8);
        int near = 0;
        for (int i = 0; i < 400; i++) {
            List<Point> one = roundish(random);
            List<Point> other = roundish(random);
            double apart = Shape.apart(one, other);
            assertThat(Shape.isWithin(one, other, 60))
                    .as("outlines %s and %s, %s apart", one, other, apart)
                    .isEqualTo(apart < 60);
            near += apart < 60 ? 1 : 0;
        }
        assertThat(near).isBetween(50, 350);
    }

    @Test
    void isWithin_looksFromBothSides() {
        List<Point> horned =
                List.of(new Point(0, 0), new Point(50, -40), new Point(100, 0), new Point(100, 100), new Point(0, 100));
        assertThat(Shape.isWithin(SQUARE, horned, 20)).isFalse();
        assertThat(Shape.isWithin(horned, SQUARE, 20)).isFalse();
        assertThat(Shape.isWithin(horned, SQUARE, 41)).isTrue();
    }

    @Test
    void lineThatComesBackToItself_meetsItself() {
        assertThat(Shape.meetsItself(SQUARE)).isFalse();
        List<Point> looped =
                List.of(new Point(0, 0), new Point(100, 0), new Point(100, 50), new Point(50, 50), new Point(50, -20));
        assertThat(Shape.meetsItself(looped)).isTrue();
        assertThat(Shape.meetsItself(looped.subList(0, 4))).isFalse();
        // It ends where it began: that is a meeting of its first stretch with its last.
        assertThat(Shape.meetsItself(List.of(SQUARE.get(0), SQUARE.get(1), SQUARE.get(2), SQUARE.get(0))))
                .isTrue();
    }

    @Test
    void meetsItself_isWhatAllPairsOfStretchesSay() {
        Random random = new Random(11);
        int met = 0;
        for (int i = 0; i < 300; i++) {
            List<Point> line = IntStream.range(0, 40)
                    .mapToObj(k -> new Point(9 * k + 14 * random.nextDouble(), 60 * random.nextDouble()))
                    .toList();
            boolean any = false;
            for (int a = 0; a + 1 < line.size(); a++) {
                for (int b = a + 2; b + 1 < line.size(); b++) {
                    any |= !Double.isNaN(
                            LineCrossing.along(line.get(a), line.get(a + 1), line.get(b), line.get(b + 1), 0));
                }
            }
            assertThat(Shape.meetsItself(line)).as("%s", line).isEqualTo(any);
            met += any ? 1 : 0;
        }
        assertThat(met).isBetween(30, 290);
    }

    private static List<Point> roundish(Random random) {
        int corners = 3 + random.nextInt(9);
        return IntStream.range(0, corners)
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * i / corners;
                    double radius = 80 + 50 * random.nextDouble();
                    return new Point(radius * Math.cos(angle), radius * Math.sin(angle));
                })
                .toList();
    }
}
