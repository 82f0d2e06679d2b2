package bathyra.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PathTest {
    /** The usual cubic for a quarter circle of radius 100, 0.027 % off the true arc. */
    private static final double K = 55.22847498;

    private static final Cubic QUARTER =
            new Cubic(new Point(100, 0), new Point(100, K), new Point(K, 100), new Point(0, 100));

    @Test
    void length_ofAQuarterArc_isIntegratedOnTheCurve() {
        assertThat(QUARTER.length()).isCloseTo(Math.PI * 50, within(0.03));
        // Against the same curve in two hundred parts: the quadrature itself is far finer than any sewer.
        double parts = 0;
        for (int i = 0; i < 200; i++) {
            parts += QUARTER.length(i / 200.0, (i + 1) / 200.0);
        }
        assertThat(QUARTER.length()).isCloseTo(parts, within(1e-6));
    }

    @Test
    void curvature_clockwiseOnTheScreen_isPositive() {
        assertThat(QUARTER.curvature(0.5)).isCloseTo(0.01, within(1e-4));
        assertThat(QUARTER.reversed().curvature(0.5)).isCloseTo(-0.01, within(1e-4));
    }

    @Test
    void at_anArcLength_andNearest_areInverse() {
        Path path = Path.of(new Line(new Point(100, -50), new Point(100, 0)), QUARTER);
        for (double arc : new double[] {0, 20, 50, 90, 150, path.length()}) {
            Path.Place place = path.at(arc);
            assertThat(path.nearest(place.point()).arc()).isCloseTo(arc, within(1e-4));
        }
    }

    @Test
    void along_goesFromEndToEnd_andAgreesWithThePlacesSearchedFor() {
        Path path = Path.of(new Line(new Point(100, -50), new Point(100, 0)), QUARTER);
        List<Path.Place> places = path.along(5);
        assertThat(places.get(0)).isEqualTo(path.at(0));
        assertThat(places.get(places.size() - 1).arc()).isCloseTo(path.length(), within(1e-6));
        assertThat(places).hasSize(1 + 10 + 32).allSatisfy(place -> {
            Path.Place searched = path.at(place.arc());
            assertThat(searched.point().distance(place.point())).isLessThan(1e-5);
            assertThat(searched.tangent().angleTo(place.tangent())).isCloseTo(0, within(1e-6));
        });
        for (int i = 1; i < places.size(); i++) {
            assertThat(places.get(i).arc() - places.get(i - 1).arc()).isBetween(4.5, 5.5);
        }
    }

    @Test
    void reversed_twice_isTheSame() {
        Path path = Path.of(new Line(new Point(100, -50), new Point(100, 0)), QUARTER);
        assertThat(path.reversed().reversed()).isEqualTo(path);
        assertThat(path.reversed().length()).isCloseTo(path.length(), within(1e-9));
    }

    @Test
    void flattened_neverLeavesTheCurveByMoreThanAsked() {
        List<Point> points = Path.of(QUARTER).flattened(0.05);
        Path path = Path.of(QUARTER);
        for (int i = 1; i < points.size(); i++) {
            Point middle = points.get(i - 1).between(points.get(i), 0.5);
            assertThat(path.nearest(middle).point().distance(middle)).isLessThan(0.05);
        }
    }

    @Test
    void path_withAGap_isRefused() {
        assertThatThrownBy(() ->
                        Path.of(new Line(new Point(0, 0), new Point(1, 0)), new Line(new Point(2, 0), new Point(3, 0))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("stretch 1 begins 1.0 mm from where the one before ended");
    }

    @Test
    void spline_throughPoints_hasContinuousCurvatureAndAFreeEnd() {
        Path spline = FairSpline.through(
                List.of(new Point(0, 0), new Point(20, 60), new Point(5, 140), new Point(0, 200)),
                Optional.empty(),
                Optional.of(Vec.DOWN));
        assertThat(spline.segments().get(0).curvature(0)).isCloseTo(0, within(1e-9));
        for (int i = 1; i < 3; i++) {
            assertThat(spline.segments().get(i).curvature(0))
                    .isCloseTo(spline.segments().get(i - 1).curvature(1), within(1e-9));
        }
        assertThat(spline.endTangent().dx()).isCloseTo(0, within(1e-12));
    }

    @Test
    void spline_throughOnePlaceTwice_isRefused() {
        assertThatThrownBy(() -> FairSpline.through(
                        List.of(new Point(1, 1), new Point(1, 1)), Optional.empty(), Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("points 0 and 1 of a spline lie 0.0 mm apart");
    }
}
