package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.fit.Settling.Rest;
import bathyra.fit.Shapes.Sleeve;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the reckoning must give where the answer is known. */
class SettlingTest {
    private static final double GIRTH = 800;
    private static final double LESS = 16;
    private static final double RADIUS = GIRTH / (2 * Math.PI);
    private static final double FIRM = 1;
    private static final Cloth LIGHT = new Cloth(40, 40, 4, 0.003, 0.5, 0);

    private static Rest settled(Settling settling, Sleeve sleeve) {
        Rest rest = settling.settle(sleeve.start(), 1e-3, 1e-3, 200, () -> false);
        assertThat(rest.settled())
                .as("residual " + rest.residual() + " N after " + rest.rounds())
                .isTrue();
        return rest;
    }

    /** A tube sixteen millimetres too small on a cylinder: the tension over the radius. */
    @ParameterizedTest
    @CsvSource({"12, 0.02", "8, 0.01"})
    void tubeOnACylinder(double spacing, double share) {
        Sleeve sleeve = Shapes.sleeve((GIRTH - LESS) / 2, 160, spacing, RADIUS, 0);
        Settling settling = new Settling(sleeve.mesh(), LIGHT, Shapes.round(RADIUS, 0, FIRM), spacing);
        Rest rest = settled(settling, sleeve);
        double strain = LESS / (GIRTH - LESS);
        double stretch = 1 + strain;
        double tension = 40 * (stretch * stretch - 1) / 2 * stretch;
        double pressure = pressure(settling, sleeve, rest);
        assertThat(tension / RADIUS * 1000).isCloseTo(6.61, within(0.01));
        assertThat(pressure).isCloseTo(tension / RADIUS, within(share * tension / RADIUS));
        int middle = sleeve.at(sleeve.rows() / 2, sleeve.columns() / 2);
        int beside = sleeve.at(sleeve.rows() / 2, sleeve.columns() / 2 + 1);
        double stretched = distance(rest.shape(), middle, beside) / ((GIRTH - LESS) / 2 / sleeve.columns());
        assertThat(stretched - 1).isCloseTo(strain, within(share * strain));
    }

    /** The mean over the middle third of the rows, on the area that the cloth has become. */
    private static double pressure(Settling settling, Sleeve sleeve, Rest rest) {
        double force = 0;
        double area = 0;
        double[] stretched = settling.stretchedArea(rest.shape());
        for (int row = sleeve.rows() / 3; row <= 2 * sleeve.rows() / 3; row++) {
            for (int column = 0; column <= sleeve.columns(); column++) {
                int v = sleeve.at(row, column);
                force += settling.contact().pressure(rest.shape(), v)
                        * settling.contact().area(v);
                area += stretched[v];
            }
        }
        return force / area;
    }

    private static double distance(double[] x, int a, int b) {
        double dx = x[3 * a] - x[3 * b];
        double dy = x[3 * a + 1] - x[3 * b + 1];
        double dz = x[3 * a + 2] - x[3 * b + 2];
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }

    /** What is too wide does not press. */
    @Test
    void tubeThatIsTooWide_pressesNowhere_andIsNotStretched() {
        Sleeve sleeve = Shapes.sleeve((GIRTH + 20) / 2, 100, 20, RADIUS, 0);
        Settling settling = new Settling(sleeve.mesh(), LIGHT, Shapes.round(RADIUS, 0, FIRM), 20);
        Rest rest = settling.settle(sleeve.start(), 1e-3, 1e-3, 300, () -> false);
        double pressure = 0;
        for (int v = 0; v < sleeve.mesh().count(); v++) {
            pressure = Math.max(pressure, settling.contact().pressure(rest.shape(), v));
        }
        assertThat(pressure).isLessThan(0.5e-3);
    }

    /** Firmer and softer bodies bear the same tension; the soft one is pressed in farther. */
    @Test
    void softBody_isPressedIn_asFarAsItsFirmnessSays() {
        double firmness = 0.4e-3;
        Sleeve sleeve = Shapes.sleeve((GIRTH - 60) / 2, 120, 12, RADIUS, 0);
        Settling settling = new Settling(sleeve.mesh(), LIGHT, Shapes.round(RADIUS, 0, firmness), 12);
        Rest rest = settled(settling, sleeve);
        double depth = 0;
        for (int column = 0; column < sleeve.columns(); column++) {
            depth -= settling.contact().outside(rest.shape(), sleeve.at(sleeve.rows() / 2, column)) / sleeve.columns();
        }
        double stretch = 2 * Math.PI * (RADIUS - depth) / (GIRTH - 60);
        double tension = 40 * (stretch * stretch - 1) / 2 * stretch;
        assertThat(pressure(settling, sleeve, rest))
                .isCloseTo(tension / (RADIUS - depth), within(0.02 * tension / (RADIUS - depth)));
        assertThat(depth).isGreaterThan(5);
    }

    /** The upright forces of the body bear the cloth's weight where nothing else holds it. */
    @Test
    void coneBearsTheWeight_ofWhatHangsOnIt() {
        Cloth heavy = new Cloth(40, 40, 4, 0.003, 0.5, 5e-4);
        double slope = -0.3;
        Sleeve hung = Shapes.sleeve(GIRTH / 2 - 20, 120, 12, RADIUS, slope);
        boolean[][] held = hung.mesh().held().clone();
        for (int v = 0; v < held.length; v++) {
            held[v] = new boolean[] {held[v][0], false, false};
        }
        Mesh mesh = new Mesh(
                hung.mesh().count(), hung.mesh().triangles(), hung.mesh().paper(), held);
        Surface cone = Shapes.round(RADIUS, slope, 0.01);
        Settling settling = new Settling(mesh, heavy, cone, 12);
        Rest rest = settling.settle(hung.start(), 1e-3, 1e-3, 400, () -> false);
        assertThat(rest.settled()).isTrue();
        double borne = 0;
        double weight = 0;
        double steep = Math.sqrt(1 + slope * slope);
        for (int v = 0; v < mesh.count(); v++) {
            double area = settling.contact().area(v);
            borne += settling.contact().pressure(rest.shape(), v) * area * -slope / steep;
            weight += heavy.weight() * area;
        }
        assertThat(borne).isCloseTo(weight, within(0.01 * weight));
    }

    @Test
    void disturbedStart_comesToTheSameShape() {
        Sleeve sleeve = Shapes.sleeve((GIRTH - LESS) / 2, 100, 20, RADIUS, 0);
        Settling settling = new Settling(sleeve.mesh(), LIGHT, Shapes.round(RADIUS, 0, FIRM), 20);
        double[] one = settled(settling, sleeve).shape();
        double[] disturbed = sleeve.start().clone();
        java.util.Random random = new java.util.Random(3);
        for (int v = 0; v < sleeve.mesh().count(); v++) {
            for (int axis = 0; axis < 3; axis++) {
                if (!sleeve.mesh().held()[v][axis]) {
                    disturbed[3 * v + axis] += 3 * (random.nextDouble() - 0.5);
                }
            }
        }
        double[] other =
                settling.settle(disturbed, 1e-3, 1e-3, 300, () -> false).shape();
        for (int i = 0; i < one.length; i++) {
            assertThat(other[i]).isCloseTo(one[i], within(0.05));
        }
    }

    @Test
    void stoppedAtOnce_givesWhatThereIs_andSaysThatItIsNotSettled() {
        Sleeve sleeve = Shapes.sleeve((GIRTH - LESS) / 2, 100, 20, RADIUS, 0);
        Settling settling = new Settling(sleeve.mesh(), LIGHT, Shapes.round(RADIUS, 0, FIRM), 20);
        Rest rest = settling.settle(sleeve.start(), 1e-3, 1e-3, 300, () -> true);
        assertThat(rest.settled()).isFalse();
        assertThat(rest.shape()).isEqualTo(sleeve.start());
    }
}
