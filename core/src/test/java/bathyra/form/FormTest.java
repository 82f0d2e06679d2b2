package bathyra.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FormTest {
    private final Form form = Modelling.of(Bodies.nerea());

    private static double off(Form form, String name) {
        return form.residuals().stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow()
                .off();
    }

    @Test
    void tapesRoundTheForm_readWhatTheyReadOnTheWearer() {
        assertThat(form.residuals())
                .allSatisfy(r -> assertThat(Math.abs(r.off())).as(r.name()).isLessThan(0.1));
        assertThat(form.girth(0)).isCloseTo(720, within(0.05));
        assertThat(form.girth(form.heights().bust())).isCloseTo(910, within(0.05));
    }

    /** What another implementation of the same formulas gave for this body. */
    @Test
    void breast_isAsAnotherReckoningHasIt() {
        assertThat(form.proud()).isCloseTo(47, within(0.5));
        assertThat(form.breastVolume()).isCloseTo(394, within(2.0));
        assertThat(form.heights().bust()).isCloseTo(170, within(0.5));
    }

    @Test
    void ordinaryBodies_close_withinHalfAMillimetre() {
        Random random = new Random(20);
        int bodies = Sample.of(200);
        int close = 0;
        for (int i = 0; i < bodies; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            Form each = Modelling.of(body);
            double girth = 0;
            for (Form.Residual residual : each.residuals()) {
                boolean length = residual.name().contains("to ");
                assertThat(Math.abs(residual.off()))
                        .as(residual + " of " + body)
                        .isLessThan(length ? 0.2 : 0.7);
                girth = length ? girth : Math.max(girth, Math.abs(residual.off()));
            }
            close += girth <= 0.5 ? 1 : 0;
        }
        assertThat(close).isGreaterThanOrEqualTo((int) Math.ceil(bodies * 0.98));
    }

    @Test
    void form_isEven_andSmooth() {
        for (double z = -280; z < 280; z += 35) {
            for (double azimuth = 0.1; azimuth < Math.PI; azimuth += 0.3) {
                double[] left = form.at(azimuth, z);
                double[] right = form.at(-azimuth, z);
                assertThat(right[0]).isCloseTo(-left[0], within(1e-9));
                assertThat(right[1]).isCloseTo(left[1], within(1e-9));
                double there = form.radius(azimuth, z);
                assertThat(Math.abs(form.radius(azimuth, z + 0.5) - there)).isLessThan(2);
                assertThat(Math.abs(form.radius(azimuth + 0.005, z) - there)).isLessThan(3);
            }
        }
    }

    @Test
    void apex_standsFarthestForwardOfItsSide_andItsSpanIsTheTapes() {
        double[] apex = form.apex();
        assertThat(2 * apex[0]).isCloseTo(186, within(1e-6));
        assertThat(form.at(0, form.heights().bust())[1]).isLessThan(apex[1]);
        assertThat(apex[2]).isEqualTo(form.heights().bust());
    }

    @Test
    void tapeOverTheBreasts_bridgesTheHollow() {
        double bust = form.heights().bust();
        double along = 0;
        double[][] section = form.section(bust);
        for (int i = 1; i < section.length; i++) {
            along += Math.hypot(section[i][0] - section[i - 1][0], section[i][1] - section[i - 1][1]);
        }
        assertThat(2 * along).isGreaterThan(form.girth(bust) + 5);
    }

    @Test
    void fullerBust_standsOutFarther_andTheRestStays() {
        Form fuller = Modelling.of(Bodies.nerea().with(MeasurementKey.BUST, Length.mm(980)));
        assertThat(fuller.proud()).isGreaterThan(form.proud() + 5);
        assertThat(fuller.breastVolume()).isGreaterThan(form.breastVolume());
        assertThat(fuller.girth(0)).isCloseTo(720, within(0.1));
        assertThat(off(fuller, "Bust")).isCloseTo(0, within(0.3));
    }

    @Test
    void noBreastAtAll_isAFormToo() {
        MeasurementSet flat = Bodies.nerea().with(MeasurementKey.BUST, Length.mm(800));
        Form form = Modelling.of(flat);
        assertThat(form.proud()).isGreaterThanOrEqualTo(0);
        assertThat(Math.abs(off(form, "Bust"))).isLessThan(6);
    }

    @Test
    void lungsFull_isTheWiderRib() {
        Tape rest = Tape.of(Bodies.nerea(), false);
        Tape full = Tape.of(Bodies.nerea(), true);
        assertThat(full.rib()).isGreaterThan(rest.rib());
        Form breathing = Modelling.of(full, Posture.USUAL);
        assertThat(breathing.girth(breathing.heights().underbust())).isCloseTo(full.rib(), within(0.3));
    }

    @ParameterizedTest
    @EnumSource(Posture.class)
    void posture_leavesTheTapesAlone_andMovesTheBack(Posture posture) {
        Form each = Modelling.of(Tape.of(Bodies.nerea(), false), posture);
        assertThat(each.residuals())
                .allSatisfy(r -> assertThat(Math.abs(r.off())).isLessThan(0.3));
        double moved = 0;
        for (double z = -200; z <= 250; z += 10) {
            moved = Math.max(moved, Form.distance(each.at(Math.PI, z), form.at(Math.PI, z)));
        }
        assertThat(moved > 1).isEqualTo(posture != Posture.USUAL && posture != Posture.BELLY);
    }

    @Test
    void figuresThatNobodyTook_areNamed_andThoseOnWhichAllRests_areAskedFor() {
        MeasurementSet few = MeasurementSet.empty()
                .with(MeasurementKey.WAIST, Length.mm(720))
                .with(MeasurementKey.UNDERBUST, Length.mm(785));
        Tape tape = Tape.of(few, false);
        assertThat(tape.assumed()).contains(MeasurementKey.BUST.label(), MeasurementKey.HIP.label());
        assertThat(Modelling.of(tape, Posture.USUAL).girth(0)).isCloseTo(720, within(0.3));
        assertThatThrownBy(() -> Tape.of(few.without(MeasurementKey.WAIST), false))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("Waist");
    }
}
