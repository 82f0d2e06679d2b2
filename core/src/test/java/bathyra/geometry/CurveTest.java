package bathyra.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lengths, bends and splines against figures known from elsewhere. */
class CurveTest {
    /** The usual cubic of a quarter circle: its control points stand 0.5523 radii along the tangents. */
    private static Cubic quarter(double radius) {
        double k = 0.5522847498 * radius;
        return new Cubic(new Point(radius, 0), new Point(radius, k), new Point(k, radius), new Point(0, radius));
    }

    @ParameterizedTest
    @ValueSource(doubles = {10, 100, 1000})
    void length_ofAQuarterCircle_isHalfPiTimesItsRadius(double radius) {
        // The cubic itself leaves the circle by 0.027 % at the most.
        assertThat(quarter(radius).length()).isCloseTo(Math.PI / 2 * radius, within(radius * 3e-4));
    }

    @Test
    void length_ofParts_addsUpToTheWhole() {
        Random random = new Random(4);
        for (int i = 0; i < 200; i++) {
            Cubic cubic = random(random);
            double cut = random.nextDouble();
            assertThat(cubic.length(0, cut) + cubic.length(cut, 1))
                    .isCloseTo(cubic.length(), within(1e-6 * Math.max(1, cubic.length())));
        }
    }

    /** A curve as a panel has them: it swings about its chord and has no cusp. */
    private static Cubic random(Random random) {
        return new Cubic(point(random, 0), point(random, 100), point(random, 200), point(random, 300));
    }

    private static Point point(Random random, double along) {
        return new Point(random.nextDouble() * 60, along + random.nextDouble() * 40);
    }

    @Test
    void length_isNeverShorterThanTheChordNorLongerThanTheHull() {
        Random random = new Random(6);
        for (int i = 0; i < 200; i++) {
            Cubic c = random(random);
            double hull = c.start().distance(c.control1())
                    + c.control1().distance(c.control2())
                    + c.control2().distance(c.end());
            assertThat(c.length()).isBetween(c.start().distance(c.end()) - 1e-6, hull + 1e-6);
        }
    }

    @Test
    void curvature_ofAQuarterCircle_isOneOverItsRadius_positiveClockwise() {
        // From the right of the centre down to below it, y down: clockwise on the screen.
        assertThat(quarter(50).curvature(0.5)).isCloseTo(1.0 / 50, within(2e-4));
        assertThat(quarter(50).reversed().curvature(0.5)).isCloseTo(-1.0 / 50, within(2e-4));
    }

    @Test
    void curvature_ofALine_isNothing() {
        assertThat(new Line(new Point(0, 0), new Point(3, 4)).curvature(0.3)).isZero();
        assertThat(new Line(new Point(0, 0), new Point(3, 4)).length()).isEqualTo(5);
    }

    @Test
    void part_runsAlongTheSameCurve() {
        Cubic whole = quarter(80);
        Cubic part = whole.part(0.2, 0.7);
        for (double t = 0; t <= 1; t += 0.25) {
            assertThat(part.at(t).distance(whole.at(0.2 + 0.5 * t))).isLessThan(1e-9);
        }
    }

    @Test
    void reversed_twice_isTheSame() {
        Path path = new Path(List.of(new Line(new Point(200, 0), new Point(80, 0)), quarter(80)));
        assertThat(path.reversed().reversed()).isEqualTo(path);
        assertThat(path.reversed().length()).isCloseTo(path.length(), within(1e-9));
    }

    @Test
    void mapped_byARigidMotion_keepsEveryLength() {
        Path path = Path.of(quarter(60));
        Path turned = path.mapped(
                p -> new Point(0, 0).plus(new Point(0, 0).to(p).turned(1.1)).plus(new Vec(30, -12)));
        assertThat(turned.length()).isCloseTo(path.length(), within(1e-9));
        assertThat(turned.at(20).point().distance(turned.start()))
                .isCloseTo(path.at(20).point().distance(path.start()), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.05, 0.005})
    void flattened_leavesTheCurveByNoMoreThanTheChordAllows(double chord) {
        Path path = Path.of(quarter(120));
        List<Point> points = path.flattened(chord);
        for (int i = 1; i < points.size(); i++) {
            Point middle = new Point(
                    (points.get(i - 1).x() + points.get(i).x()) / 2,
                    (points.get(i - 1).y() + points.get(i).y()) / 2);
            assertThat(path.nearest(middle).point().distance(middle)).isLessThanOrEqualTo(chord);
        }
    }

    @Test
    void spline_passesThroughItsPoints_withoutAJumpOfCurvature() {
        List<Point> points = List.of(new Point(0, 0), new Point(20, 90), new Point(5, 170), new Point(12, 290));
        Path path = FairSpline.through(points, Optional.empty(), Optional.empty());
        for (int i = 0; i + 1 < path.segments().size(); i++) {
            Segment before = path.segments().get(i);
            Segment after = path.segments().get(i + 1);
            assertThat(before.end()).isEqualTo(points.get(i + 1));
            assertThat(before.velocity(1).unit().angleTo(after.velocity(0).unit()))
                    .isCloseTo(0, within(1e-9));
            assertThat(before.curvature(1)).isCloseTo(after.curvature(0), within(1e-9));
        }
    }

    @Test
    void spline_withFreeEnds_hasNoCurvatureThere() {
        Path path = FairSpline.through(
                List.of(new Point(0, 0), new Point(30, 100), new Point(0, 200)), Optional.empty(), Optional.empty());
        assertThat(path.segments().get(0).curvature(0)).isCloseTo(0, within(1e-12));
        assertThat(path.segments().get(1).curvature(1)).isCloseTo(0, within(1e-12));
    }

    @Test
    void spline_throughPointsOnALine_isThatLine() {
        Path path = FairSpline.through(
                List.of(new Point(0, 0), new Point(10, 20), new Point(40, 80)), Optional.empty(), Optional.empty());
        assertThat(path.length()).isCloseTo(Math.hypot(40, 80), within(1e-9));
        path.flattened(0.01).forEach(p -> assertThat(p.y()).isCloseTo(2 * p.x(), within(1e-9)));
    }

    @Test
    void spline_keepsTheDirectionsItIsGiven() {
        Path path = FairSpline.through(
                List.of(new Point(0, 0), new Point(30, 100), new Point(0, 200)),
                Optional.of(Vec.DOWN),
                Optional.of(Vec.DOWN));
        assertThat(path.startTangent().angleTo(Vec.DOWN)).isCloseTo(0, within(1e-12));
        assertThat(path.endTangent().angleTo(Vec.DOWN)).isCloseTo(0, within(1e-12));
    }

    @Test
    void spline_throughOnePoint_orTwiceTheSame_isAWrongCall() {
        assertThatThrownBy(() -> FairSpline.through(List.of(new Point(0, 0)), Optional.empty(), Optional.empty()))
                .hasMessage("a spline needs two points, had 1");
        assertThatThrownBy(() -> FairSpline.through(
                        List.of(new Point(1, 1), new Point(1, 1)), Optional.empty(), Optional.empty()))
                .hasMessage("points 0 and 1 of a spline lie 0.0 mm apart");
    }

    @Test
    void vec_ofNoLength_hasNoDirection() {
        assertThatThrownBy(() -> new Vec(0, 0).unit()).isInstanceOf(ArithmeticException.class);
        assertThat(Vec.RIGHT.turned(Math.PI / 2).minus(Vec.DOWN).length())
                .as("clockwise on the screen")
                .isCloseTo(0, within(1e-12));
        assertThat(Vec.RIGHT.angleTo(Vec.DOWN)).isCloseTo(Math.PI / 2, within(1e-12));
        assertThat(Vec.RIGHT.cross(Vec.DOWN)).isPositive();
    }
}
