package bathyra.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class CoveredTest {
    private static final double COLUMN = 8;

    @Test
    void block_isCoveredFromTopToBottom_inEachOfItsColumns() {
        List<Point> block = List.of(new Point(0, 10), new Point(24, 10), new Point(24, 90), new Point(0, 90));
        Covered covered = new Covered(block, 0, COLUMN, 3);
        for (int i = 0; i < 3; i++) {
            assertThat(covered.of(i)).hasSize(1);
            assertThat(covered.of(i).get(0)).containsExactly(10, 90);
        }
    }

    @Test
    void fork_isCoveredTwice_whereItsTeethLieOneAboveTheOther() {
        List<Point> fork = List.of(
                new Point(0, 0),
                new Point(40, 0),
                new Point(40, 20),
                new Point(10, 20),
                new Point(10, 60),
                new Point(40, 60),
                new Point(40, 80),
                new Point(0, 80));
        Covered covered = new Covered(fork, 0, COLUMN, 5);
        assertThat(covered.of(0)).hasSize(1);
        assertThat(covered.of(3)).hasSize(2);
        assertThat(covered.of(3).get(0)).containsExactly(0, 20);
        assertThat(covered.of(3).get(1)).containsExactly(60, 80);
    }

    @Test
    void slantedEdge_coversAsFarAsItReachesWithinTheColumn() {
        List<Point> wedge = List.of(new Point(0, 0), new Point(16, 0), new Point(0, 32));
        Covered covered = new Covered(wedge, 0, COLUMN, 2);
        assertThat(covered.of(0).get(0)).containsExactly(0, 32);
        assertThat(covered.of(1).get(0)[1]).isCloseTo(16, within(1e-9));
    }

    @Test
    void outlinesOfAllSorts_areCoveredAsTheirIntersectionWithEachColumnSays() {
        Random random = new Random(5);
        int apart = 0;
        for (int i = 0; i < 200; i++) {
            List<Point> line = jagged(random);
            double[] box = Shape.box(line);
            int columns = (int) Math.ceil((box[2] - box[0]) / COLUMN);
            Covered covered = new Covered(line, box[0], COLUMN, columns);
            for (int at = 0; at < columns; at++) {
                List<double[]> wanted = intersected(line, box[0] + at * COLUMN, box);
                List<double[]> found = covered.of(at);
                assertThat(found).as("column %d of %s", at, line).hasSameSizeAs(wanted);
                for (int k = 0; k < wanted.size(); k++) {
                    assertThat(found.get(k)[0]).isCloseTo(wanted.get(k)[0], within(1e-6));
                    assertThat(found.get(k)[1]).isCloseTo(wanted.get(k)[1], within(1e-6));
                }
                apart += wanted.size() > 1 ? 1 : 0;
            }
        }
        assertThat(apart)
                .as("columns in which a line is covered more than once")
                .isGreaterThan(100);
    }

    /** A star with long points: many of its columns are covered in several stretches. */
    private static List<Point> jagged(Random random) {
        int corners = 12 + 2 * random.nextInt(8);
        return IntStream.range(0, corners)
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * i / corners;
                    double radius = i % 2 == 0 ? 20 + 20 * random.nextDouble() : 60 + 60 * random.nextDouble();
                    return new Point(radius * Math.cos(angle), radius * Math.sin(angle));
                })
                .toList();
    }

    /** The same by the plane-geometry library, parts whose depths meet taken together. */
    private static List<double[]> intersected(List<Point> line, double left, double[] box) {
        double right = left + COLUMN;
        List<Point> column = List.of(
                new Point(left, box[1] - 1),
                new Point(right, box[1] - 1),
                new Point(right, box[3] + 1),
                new Point(left, box[3] + 1));
        List<double[]> parts = new ArrayList<>(Shape.common(line, column).stream()
                .map(Shape::box)
                .map(b -> new double[] {b[1], b[3]})
                .toList());
        parts.sort(Comparator.comparingDouble(p -> p[0]));
        List<double[]> joined = new ArrayList<>();
        for (double[] part : parts) {
            double[] last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null && part[0] <= last[1] + 1e-9) {
                last[1] = Math.max(last[1], part[1]);
            } else {
                joined.add(part);
            }
        }
        return joined;
    }
}
