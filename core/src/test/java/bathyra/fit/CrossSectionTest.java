package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.form.Tape;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A cloth whose section is the body's, made larger or smaller from the axis: what is read off it is known beforehand. */
class CrossSectionTest {
    private static final Form BODY = Modelling.of(Tape.of(Bodies.nerea(), false));
    private static final double WAIST = 0;

    /** @param share of the body's own distance from the axis @param until how far round, of the way from front to back */
    private static CrossSection cloth(double share, double until) {
        double axis = BODY.axis(WAIST);
        double[][] body = BODY.section(WAIST);
        List<double[]> lines = new ArrayList<>();
        for (int i = 1; i <= (body.length - 1) * until; i++) {
            double[] a = body[i - 1];
            double[] b = body[i];
            lines.add(
                    new double[] {share * a[0], axis + share * (a[1] - axis), share * b[0], axis + share * (b[1] - axis)
                    });
        }
        return new CrossSection(BODY, WAIST, lines);
    }

    @Test
    void aTapeRoundTheCloth_readsItsHull() {
        assertThat(cloth(1, 1).hull()).isCloseTo(BODY.girth(WAIST), within(1e-6));
        assertThat(cloth(1.1, 1).hull()).isCloseTo(1.1 * BODY.girth(WAIST), within(1e-6));
        assertThat(cloth(0.9, 1).hull()).isCloseTo(0.9 * BODY.girth(WAIST), within(1e-6));
    }

    @Test
    void clothThatStandsAway_pressesNothingIn() {
        assertThat(cloth(1.1, 1).bodyUnder()).isCloseTo(BODY.girth(WAIST), within(1e-6));
    }

    @Test
    void clothThatIsTighter_pressesTheBodyInToItself() {
        assertThat(cloth(0.9, 1).bodyUnder()).isCloseTo(0.9 * BODY.girth(WAIST), within(0.5));
    }

    /** Where there is none, the body stays as it is. */
    @Test
    void clothOverTheFrontOnly_pressesInTheFrontOnly() {
        assertThat(cloth(0.9, 0.5).bodyUnder())
                .isGreaterThan(0.9 * BODY.girth(WAIST) + 5)
                .isLessThan(BODY.girth(WAIST) - 5);
    }

    @Test
    void withoutCloth_thereIsNoGirthOfIt_andTheBodyIsItsOwn() {
        CrossSection bare = new CrossSection(BODY, WAIST, List.of());
        assertThat(bare.hull()).isZero();
        assertThat(bare.bodyUnder()).isCloseTo(BODY.girth(WAIST), within(1e-6));
    }
}
