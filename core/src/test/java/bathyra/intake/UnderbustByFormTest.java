package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.form.Tape;
import bathyra.garment.Garment;
import bathyra.garment.UnderbustSchool;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Formula;
import bathyra.reckon.Reckoned;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The school that takes under the bust what the wearer's own form has too little round the ribs. */
class UnderbustByFormTest {
    private static final Garment BY_FORM = Garment.bustier().withSchool(UnderbustSchool.FORM);

    private static Reckoned by(MeasurementSet body, UnderbustSchool school) {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(body, Garment.bustier()));
        return UnderbustIntake.by(school, body, draft.block(), draft.girths());
    }

    @Test
    void intake_isWhatTheFrontOfTheFormIsShorterRoundTheRibs() {
        Form form = Modelling.of(Tape.of(Bodies.nerea(), false));
        double bust = form.front(form.heights().bust()) / 2;
        double rib = form.front(form.heights().underbust()) / 2;
        Reckoned intake = by(Bodies.nerea(), UnderbustSchool.FORM);
        assertThat(intake.value()).isCloseTo(bust - rib, within(1e-9)).isBetween(20.0, 76.0);
        assertThat(Formula.inWords(intake, LengthUnit.CM))
                .contains("front of the form at the bust, half − front of the form at the underbust, half");
        assertThat(intake.rule().section()).isEqualTo("C6");
    }

    @Test
    void fullerBust_takesMore_andNoneEverMoreThanASeamTakes() {
        MeasurementSet fuller = Bodies.nerea().with(MeasurementKey.BUST, Length.mm(970));
        assertThat(by(fuller, UnderbustSchool.FORM).value())
                .isGreaterThan(by(Bodies.nerea(), UnderbustSchool.FORM).value() + 5);
        assertThat(by(Bodies.large(), UnderbustSchool.FORM).value()).isLessThanOrEqualTo(76);
    }

    @Test
    void withoutTheFiguresOfAForm_itIsByTheBust_andSaysSo() {
        MeasurementSet noHip = Bodies.nerea().without(MeasurementKey.HEIGHT).without(MeasurementKey.WAIST_TO_HIP);
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier()));
        Reckoned intake = UnderbustIntake.by(UnderbustSchool.FORM, noHip, draft.block(), draft.girths());
        assertThat(intake.value())
                .isEqualTo(UnderbustIntake.by(UnderbustSchool.BODY, noHip, draft.block(), draft.girths())
                        .value());
        assertThat(intake.name()).contains("without a form");
    }

    @Test
    void ordinaryBodies_areDraftedByIt_orItIsSaidWhyNot() {
        Random random = new Random(44);
        int wanted = Sample.of(200);
        int drafted = 0;
        for (int i = 0; i < wanted; i++) {
            Outcome outcome = Drafter.draft(Bodies.commission(Bodies.ordinary(random), BY_FORM));
            if (outcome instanceof Draft draft) {
                drafted++;
                assertThat(draft.intakes()
                                .at(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT)
                                .value())
                        .isBetween(0.0, 80.0);
                Finished.holds(draft);
            } else {
                assertThat(((Refusal) outcome).cause()).isNotEqualTo(Refusal.Cause.PROGRAM);
            }
        }
        assertThat(drafted).isGreaterThan(wanted * 8 / 10);
    }
}
