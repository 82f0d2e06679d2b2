package bathyra.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FootprintTest {
    private static final int OUTLINES = 4_000;

    /** A rounded outline anywhere on the paper. */
    private static List<Point> outline(Random random) {
        double x = 1_000 * random.nextDouble();
        double y = 1_000 * random.nextDouble();
        int corners = 3 + random.nextInt(40);
        List<Point> outline = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double reach = 20 + 200 * random.nextDouble();
            double angle = 2 * Math.PI * i / corners;
            outline.add(new Point(x + reach * Math.cos(angle), y + reach * Math.sin(angle)));
        }
        return outline;
    }

    @Test
    void everyRow_liesWithinTheBox_andCoversTheOutline() {
        Random random = new Random(7);
        for (int i = 0; i < OUTLINES; i++) {
            List<Point> outline = outline(random);
            double gap = random.nextInt(3) * 2.5;
            double cell = 3;
            Footprint print = Footprint.of(outline, gap, cell);
            double left = outline.stream().mapToDouble(Point::x).min().orElseThrow() - gap;
            double top = outline.stream().mapToDouble(Point::y).min().orElseThrow() - gap;
            for (int row = 0; row < print.rows(); row++) {
                assertThat(print.left()[row]).isBetween(0, print.right()[row]);
            }
            for (Point p : outline) {
                int row = Math.min(print.rows() - 1, (int) ((p.y() - top) / cell));
                assertThat(p.x()).isBetween(left + print.left()[row] * cell, left + (print.right()[row] + 1) * cell);
            }
        }
    }
}
