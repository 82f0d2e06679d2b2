package bathyra.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The corners of a joined edge: straight over every seam, square at both centres, whatever way the seams lean. */
class JoinedEdgeTest {
    private static Vec down(double degrees) {
        return Vec.DOWN.turned(Math.toRadians(degrees));
    }

    @Test
    void overUprightSeamsAtOneHeight_isAStraightLine() {
        List<Path> edges = JoinedEdge.over(
                List.of(
                        new JoinedEdge.Span(new Point(0, 100), Vec.DOWN, new Point(90, 100), Vec.DOWN),
                        new JoinedEdge.Span(new Point(0, 100), Vec.DOWN, new Point(120, 100), Vec.DOWN)),
                Math.PI / 2);
        edges.forEach(
                edge -> edge.flattened(0.01).forEach(p -> assertThat(p.y()).isCloseTo(100, within(1e-9))));
    }

    @Test
    void atEverySeam_theTwoCornersMakeAStraightAngle_andBothCentresAreSquare() {
        Random random = new Random(8);
        for (int round = 0; round < 300; round++) {
            List<JoinedEdge.Span> spans = List.of(span(random, 0), span(random, 1), span(random, 2), span(random, 3));
            List<Path> edges = JoinedEdge.over(spans, Math.PI / 2);
            for (int i = 0; i + 1 < spans.size(); i++) {
                double left = Math.abs(edges.get(i)
                        .reversed()
                        .startTangent()
                        .angleTo(spans.get(i).rightSeam()));
                double right = Math.abs(
                        edges.get(i + 1).startTangent().angleTo(spans.get(i + 1).leftSeam()));
                assertThat(Math.toDegrees(left + right)).isCloseTo(180, within(1e-6));
            }
            assertThat(Math.toDegrees(Math.abs(
                            edges.get(0).startTangent().angleTo(spans.get(0).leftSeam()))))
                    .isCloseTo(90, within(1e-6));
            assertThat(Math.toDegrees(Math.abs(edges.get(3)
                            .reversed()
                            .startTangent()
                            .angleTo(spans.get(3).rightSeam()))))
                    .isCloseTo(90, within(1e-6));
        }
    }

    private static JoinedEdge.Span span(Random random, int i) {
        double x = 150 * i;
        return new JoinedEdge.Span(
                new Point(x, 100 + random.nextDouble() * 30),
                down(random.nextDouble() * 30 - 15),
                new Point(x + 60 + random.nextDouble() * 80, 100 + random.nextDouble() * 30),
                down(random.nextDouble() * 30 - 15));
    }

    @Test
    void edge_leavesEveryCornerStraightForTenMillimetres() {
        List<Path> edges = JoinedEdge.over(
                List.of(
                        new JoinedEdge.Span(new Point(0, 100), down(4), new Point(100, 120), down(-6)),
                        new JoinedEdge.Span(new Point(0, 110), down(8), new Point(110, 96), Vec.DOWN)),
                Math.PI / 2);
        for (Path edge : edges) {
            assertThat(edge.at(10).tangent().angleTo(edge.startTangent())).isCloseTo(0, within(1e-9));
            assertThat(edge.at(edge.length() - 10).tangent().angleTo(edge.endTangent()))
                    .isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void lowerEdge_withSeamsRunningUpFromIt_isTheMirrorOfTheUpper() {
        List<Path> upper = JoinedEdge.over(
                List.of(
                        new JoinedEdge.Span(new Point(0, 10), Vec.DOWN, new Point(90, 30), down(7)),
                        new JoinedEdge.Span(new Point(0, 30), down(-5), new Point(100, 30), Vec.DOWN)),
                Math.PI / 2);
        List<Path> lower = JoinedEdge.over(
                List.of(
                        new JoinedEdge.Span(
                                new Point(0, -10), mirrored(Vec.DOWN), new Point(90, -30), mirrored(down(7))),
                        new JoinedEdge.Span(
                                new Point(0, -30), mirrored(down(-5)), new Point(100, -30), mirrored(Vec.DOWN))),
                Math.PI / 2);
        for (int i = 0; i < 2; i++) {
            for (double arc = 0; arc < upper.get(i).length(); arc += 9) {
                Point a = upper.get(i).at(arc).point();
                Point b = lower.get(i).at(arc).point();
                assertThat(b.x()).isCloseTo(a.x(), within(1e-6));
                assertThat(b.y()).isCloseTo(-a.y(), within(1e-6));
            }
        }
    }

    private static Vec mirrored(Vec v) {
        return new Vec(v.dx(), -v.dy());
    }
}
