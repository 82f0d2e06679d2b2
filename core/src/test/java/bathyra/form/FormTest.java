package bathyra.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Posture;
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
        Form breathing = Modelling.of(full);
        assertThat(breathing.girth(breathing.heights().underbust())).isCloseTo(full.rib(), within(0.3));
    }

    @ParameterizedTest
    @EnumSource(Posture.class)
    void posture_leavesTheTapesAlone_andMovesTheBack(Posture posture) {
        Form each = Modelling.of(Tape.of(Bodies.nerea(), false).standing(posture));
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
        assertThat(Modelling.of(tape).girth(0)).isCloseTo(720, within(0.3));
        assertThatThrownBy(() -> Tape.of(few.without(MeasurementKey.WAIST), false))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("Waist");
    }

    @Test
    void finerTapes_areReadOnTheFormToo() {
        MeasurementSet body = Bodies.nerea()
                .with(MeasurementKey.UPPER_BUST_HEIGHT, Length.mm(221))
                .with(MeasurementKey.WAIST_FRONT_ARC, Length.mm(372))
                .with(MeasurementKey.HIP_FRONT_ARC, Length.mm(495))
                .with(MeasurementKey.BUST_FRONT_ARC, Length.mm(485))
                .with(MeasurementKey.BELLY, Length.mm(850))
                .with(MeasurementKey.WAIST_TO_BELLY, Length.mm(70));
        Form finer = Modelling.of(body);
        assertThat(finer.residuals())
                .hasSize(form.residuals().size() + 5)
                .allSatisfy(r -> assertThat(Math.abs(r.off())).as(r.toString()).isLessThan(0.3));
        assertThat(finer.front(0)).isCloseTo(372, within(0.3)).isGreaterThan(form.front(0) + 3);
        assertThat(finer.girth(-70)).isCloseTo(850, within(0.3));
    }

    /** A tape over the front that no oval can follow is said with by how much it differs; the form is drawn all the same. */
    @Test
    void tapeOverTheFront_thatNoBodyHas_leavesAResidual() {
        Form odd = Modelling.of(Bodies.nerea().with(MeasurementKey.WAIST_FRONT_ARC, Length.mm(460)));
        assertThat(Math.abs(off(odd, MeasurementKey.WAIST_FRONT_ARC.label()))).isGreaterThan(20);
        assertThat(odd.girth(0)).isCloseTo(720, within(0.5));
    }

    @Test
    void neckEndOfTheShoulder_liesAsFarFromApexAndBack_asTheTapesSay() {
        double[] neck = form.shoulder().orElseThrow();
        double[] apex = form.apex();
        assertThat(Form.distance(neck, apex)).isCloseTo(281, within(0.01));
        double[] blade = form.at(Math.PI - 0.5, form.heights().upper() + 60);
        double down = form.arc(Math.PI - 0.5, 0, form.heights().upper() + 60);
        assertThat(Form.distance(neck, blade) + down).isCloseTo(439, within(0.01));
        assertThat(Modelling.of(Bodies.nerea().with(MeasurementKey.BACK_LENGTH, Length.mm(250)))
                        .shoulder())
                .as("a back that does not reach")
                .isEmpty();
    }

    @Test
    void halvesOfAnUnevenBody_areFormsOfTheirOwn_withTheLengthsOfTheirSides() {
        MeasurementSet uneven = Bodies.nerea()
                .withRight(MeasurementKey.WAIST, java.util.Optional.of(Length.mm(350)))
                .withRight(MeasurementKey.WAIST_TO_HIP, java.util.Optional.of(Length.mm(211)));
        Form right = Modelling.of(uneven.of(MeasurementSet.Part.RIGHT));
        Form left = Modelling.of(uneven.of(MeasurementSet.Part.LEFT));
        assertThat(right.girth(0)).isCloseTo(700, within(0.1));
        assertThat(left.girth(0)).isCloseTo(740, within(0.1));
        assertThat(left.heights().hip() - right.heights().hip()).isCloseTo(-20, within(1e-9));
    }

    /** A taut band touches where the body bulges and bridges where it is hollow; its girth is the tape's. */
    @Test
    void aTautBand_liesOutsideTheBody_andGoesAsFarRoundAsTheTape() {
        Form form = Modelling.of(Bodies.nerea());
        double bridged = 0;
        for (double z = 0; z < form.heights().bust(); z += 15) {
            double girth = 0;
            double[] last = null;
            for (int i = 0; i <= 720; i++) {
                double azimuth = Math.PI * i / 720;
                double taut = form.taut(azimuth, z);
                assertThat(taut).isGreaterThanOrEqualTo(form.radius(azimuth, z));
                bridged = Math.max(bridged, taut - form.radius(azimuth, z));
                double[] at = {taut * Math.sin(azimuth), taut * Math.cos(azimuth)};
                girth += last == null ? 0 : Math.hypot(at[0] - last[0], at[1] - last[1]);
                last = at;
            }
            assertThat(2 * girth).as("at " + z).isCloseTo(form.girth(z), within(1.0));
        }
        assertThat(bridged).as("between the breasts and beside them").isBetween(3.0, 40.0);
    }
}
