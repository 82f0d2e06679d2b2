package bathyra.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A dart on an edge from (0, 0) to (200, 0), its tip below: folded, redrawn straight, opened again. */
class FoldingTest {
    @ParameterizedTest
    @CsvSource({"100,120", "60,150", "150,90"})
    void legs_comeOutAlike_andTheClosedEdgeIsStraight(double x, double y) {
        Point from = new Point(0, 0);
        Point to = new Point(200, 0);
        Point tip = new Point(x, y);
        Folding fold = Folding.of(from, to, new Point(85, 0), new Point(115, 0), tip);
        assertThat(fold.near().distance(tip)).isCloseTo(fold.far().distance(tip), within(1e-9));
        // On the straight line between the end that stays and the end that was folded.
        Vec line = from.to(fold.folded());
        assertThat(line.cross(from.to(fold.near()))).isCloseTo(0, within(1e-6));
        // What lies beyond the dart keeps its length.
        assertThat(fold.far().distance(to)).isCloseTo(fold.near().distance(fold.folded()), within(1e-9));
    }

    @Test
    void aDartSquareOnItsEdge_keepsItsMouths_butForTheRise() {
        Folding fold = Folding.of(
                new Point(0, 0), new Point(200, 0), new Point(85, 0), new Point(115, 0), new Point(100, 120));
        assertThat(fold.near().x()).isCloseTo(85, within(3.0));
        assertThat(fold.near().y())
                .as("the straight edge cuts the fold a little above")
                .isLessThan(0);
    }
}
