package bathyra.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.CornerShape;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.UpperShape;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.piece.OutlineEdge.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CutLineTest {
    /**
     * A panel that leans: from 0,0 across the top to 100,0, down its right side to 140,200, back along the hem to 0,200, up the straight left
     * side. Clockwise. The right side leans out by 40 on 200, so its direction is (1, 5)/√26.
     */
    private static List<Point> cut(double seam, double hem, CornerShape corners) {
        return CutLine.of(List.of(
                side("upper-edge", Kind.EDGE, 0, 0, 100, 0, 0, CornerShape.MITRED),
                        side("side", Kind.SEAM, 100, 0, 140, 200, seam, CornerShape.MITRED),
                side("hem", Kind.EDGE, 140, 200, 0, 200, hem, corners),
                        side("left", Kind.SEAM, 0, 200, 0, 0, seam, CornerShape.MITRED)));
    }

    private static CutLine.Side side(
            String name, Kind kind, double x1, double y1, double x2, double y2, double width, CornerShape corners) {
        return new CutLine.Side(
                new OutlineEdge(name, kind, Optional.empty(), Path.of(new Line(new Point(x1, y1), new Point(x2, y2)))),
                width,
                corners);
    }

    private static void assertHasCorner(List<Point> ring, double x, double y) {
        assertThat(ring).anySatisfy(p -> {
            assertThat(p.x()).isCloseTo(x, within(0.01));
            assertThat(p.y()).isCloseTo(y, within(0.01));
        });
    }

    @Test
    void mitredCorner_isWhereBothAllowancesMeet() {
        // The side's allowance of 10 stands 10·√26/5 = 10.198 to the right of the seam at the same depth. At the hem's
        // cut line, y = 220, the seam
        // runs on to x = 140 + 20/5 = 144, and its cut line to 154.198. On the left: x = -10.
        List<Point> ring = cut(10, 20, CornerShape.MITRED);
        assertHasCorner(ring, 154.198, 220);
        assertHasCorner(ring, -10, 220);
    }

    @Test
    void squareCorner_endsAtRightAnglesToTheSeam() {
        // The seam runs on to the hem's cut line at 144, 220. At right angles to the seam, 10 out along (5, -1)/√26 =
        // (0.98058, -0.19612):
        // 153.806, 218.039.
        List<Point> ring = cut(10, 20, CornerShape.SQUARE);
        assertHasCorner(ring, 144, 220);
        assertHasCorner(ring, 153.806, 218.039);
    }

    @Test
    void reversedCorner_mirrorsThePieceBelowTheHem() {
        // At the hem the piece with its allowance ends at x = 150.198. Turned in, the hem lies on the piece, which is
        // narrower by 1/5 of the depth:
        // at y = 220 the cut line must stand where it stands at y = 180, at 150.198 - 20/5 = 146.198.
        List<Point> ring = cut(10, 20, CornerShape.REVERSED);
        assertHasCorner(ring, 150.198, 200);
        assertHasCorner(ring, 146.198, 220);
    }

    @Test
    void aBoundEdge_keepsTheSewingLine() {
        assertHasCorner(cut(10, 0, CornerShape.REVERSED), 150.198, 200);
        assertThat(cut(10, 0, CornerShape.REVERSED))
                .allSatisfy(p -> assertThat(p.y()).isBetween(-1e-6, 200 + 1e-6));
    }

    @Test
    void cutLines_ofRandomBodies_liePerAllowanceOutsideAndNeverCross() {
        Random random = new Random(7);
        int drafted = 0;
        for (int i = 0; i < 60; i++) {
            Garment garment = Garment.bustier()
                    .withUpperEdge(UpperShape.values()[i % 2])
                    .withAllowance(EdgeUse.SIDE, Length.mm(random.nextInt(60)))
                    .withAllowance(EdgeUse.UPPER_EDGE, Length.mm(i % 3 * 8))
                    .withAllowance(EdgeUse.LOWER_EDGE, Length.mm(i % 2 * 25));
            if (!(Drafter.draft(Bodies.commission(Bodies.random(random), garment)) instanceof Draft draft)) {
                continue;
            }
            drafted++;
            for (Piece piece : draft.pattern().pieces()) {
                assertThat(Shape.crossing(piece.cutLine())).as(piece.name()).isEmpty();
                assertThat(Shape.contains(piece.cutLine(), piece.flattened(0.02), 0.06))
                        .as(piece.name())
                        .isTrue();
                for (OutlineEdge edge : piece.outline()) {
                    Path.Place middle = edge.path().at(edge.path().length() / 2);
                    double width = piece.allowances().get(edge.name());
                    Point out = middle.point()
                            .plus(middle.tangent().turned(-Math.PI / 2).times(width));
                    if (distance(piece.flattened(0.02), out) < width - 0.05) {
                        // In a hollow tighter than the allowance is wide another place of the edge lies nearer.
                        continue;
                    }
                    assertThat(distance(piece.cutLine(), out))
                            .as(piece.name() + " " + edge.name())
                            .isLessThan(0.1);
                }
            }
        }
        assertThat(drafted).isGreaterThan(30);
    }

    private static double distance(List<Point> ring, Point at) {
        List<Point> line = new ArrayList<>(ring);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < line.size(); i++) {
            Path stretch = line.get(i - 1).distance(line.get(i)) < 1e-9
                    ? null
                    : Path.of(new Line(line.get(i - 1), line.get(i)));
            least = stretch == null
                    ? least
                    : Math.min(least, stretch.nearest(at).point().distance(at));
        }
        return least;
    }
}
