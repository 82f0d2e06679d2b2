package bathyra.measure;

import static bathyra.measure.MeasurementKey.APEX_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.ARMHOLE;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.BUST;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.UNDERBUST;
import static bathyra.measure.MeasurementKey.WAIST;
import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import java.util.List;
import org.junit.jupiter.api.Test;

class PlausibilityTest {
    private static List<String> said(MeasurementSet set, Remark.Weight weight) {
        return Plausibility.of(set).stream()
                .filter(r -> r.weight() == weight)
                .map(r -> r.sentence().in(LengthUnit.CM).replace('\u00a0', ' '))
                .toList();
    }

    @Test
    void of_anOrdinaryBody_holds() {
        assertThat(said(Bodies.nerea(), Remark.Weight.NOTE)).isEmpty();
        assertThat(said(Bodies.nerea(), Remark.Weight.STOPS)).isEmpty();
        assertThat(said(Bodies.nerea(), Remark.Weight.HOLDS))
                .contains(
                        "The front is 2.9 cm longer than the back: that is the side bust dart. Usual is 1.0 cm to 5.5 cm.");
    }

    @Test
    void of_aBustInInchesTakenForCentimetres_namesTheSlip() {
        assertThat(said(Bodies.nerea().with(BUST, Length.cm(36)), Remark.Weight.STOPS))
                .contains(
                        "Bust is 36.0 cm; plausible is from 65.0 cm to 160.0 cm. It looks like a figure in inches: type in behind it.");
    }

    @Test
    void of_aWaistInMillimetresTakenForCentimetres_namesTheSlip() {
        assertThat(said(Bodies.nerea().with(WAIST, Length.cm(720)), Remark.Weight.STOPS))
                .contains(
                        "Waist is 720.0 cm; plausible is from 48.0 cm to 150.0 cm. It looks like a figure in millimetres: type mm behind it.");
    }

    @Test
    void of_sideDart_isLookedAtFromBothSidesOfItsBorders() {
        assertThat(said(Bodies.nerea().with(BACK_LENGTH, Length.mm(468 - 55)), Remark.Weight.NOTE))
                .isEmpty();
        assertThat(said(Bodies.nerea().with(BACK_LENGTH, Length.mm(468 - 56)), Remark.Weight.NOTE))
                .hasSize(1);
        assertThat(said(Bodies.nerea().with(BACK_LENGTH, Length.mm(468 - 70)), Remark.Weight.STOPS))
                .isEmpty();
        assertThat(said(Bodies.nerea().with(BACK_LENGTH, Length.mm(468 - 71)), Remark.Weight.STOPS))
                .hasSize(1);
        assertThat(said(Bodies.nerea().with(BACK_LENGTH, Length.mm(469)), Remark.Weight.STOPS))
                .containsExactly(
                        "The front is 46.8 cm to the waist and the back 46.9 cm: the front must be the longer, by the side bust dart. Take both again.");
    }

    @Test
    void of_levelsOutOfOrder_stops() {
        assertThat(said(Bodies.nerea().with(SHOULDER_TO_UNDERBUST, Length.mm(280)), Remark.Weight.STOPS))
                .contains(
                        "The apex lies 28.1 cm below the shoulder and the underbust 28.0 cm: it must lie above it. Take both again.");
        assertThat(said(Bodies.nerea().with(FRONT_LENGTH, Length.mm(366)), Remark.Weight.STOPS))
                .isNotEmpty();
    }

    @Test
    void of_bustNotOverUnderbust_stops() {
        assertThat(said(Bodies.nerea().with(UNDERBUST, Length.mm(910)), Remark.Weight.STOPS))
                .hasSize(1);
    }

    @Test
    void of_threeFiguresThatContradict_namesAllThree() {
        assertThat(said(Bodies.nerea().with(APEX_TO_UNDERBUST, Length.mm(95)), Remark.Weight.NOTE))
                .isEmpty();
        assertThat(Plausibility.of(Bodies.nerea().with(APEX_TO_UNDERBUST, Length.mm(96))))
                .anySatisfy(r -> {
                    assertThat(r.weight()).isEqualTo(Remark.Weight.NOTE);
                    assertThat(r.keys()).contains(APEX_TO_UNDERBUST, SHOULDER_TO_UNDERBUST);
                });
    }

    @Test
    void of_armholeTapeFarFromTheRule_saysThatTheTapeIsUsed() {
        // Rule 910/6 + 38 = 189.7; tape 440/2 = 220, 30.3 away.
        assertThat(said(Bodies.nerea().with(ARMHOLE, Length.mm(440)), Remark.Weight.NOTE))
                .containsExactly(
                        "The armhole tape puts the chest line at 22.0 cm, the rule at 19.0 cm. The tape is used.");
    }

    @Test
    void of_theTapeOverTheFront_isComparedWithItsGirth() {
        assertThat(said(Bodies.nerea().with(MeasurementKey.WAIST_FRONT_ARC, Length.mm(370)), Remark.Weight.HOLDS))
                .contains("Of the 72.0 cm of “Waist” 37.0 cm lie in front.");
        assertThat(said(Bodies.nerea().with(MeasurementKey.WAIST_FRONT_ARC, Length.mm(460)), Remark.Weight.NOTE))
                .containsExactly(
                        "“Waist, over the front” is 46.0 cm of 72.0 cm of “Waist”: from 30.2 cm to 44.6 cm are plausible. Take both again.");
    }

    @Test
    void of_theWaistDrawnIn_saysHowFarItYields() {
        assertThat(said(Bodies.nerea().with(MeasurementKey.WAIST_DRAWN_IN, Length.mm(660)), Remark.Weight.HOLDS))
                .contains("Drawn in the waist yields 6.0 cm: a reduction of that much is comfortable.");
        assertThat(said(Bodies.nerea().with(MeasurementKey.WAIST_DRAWN_IN, Length.mm(730)), Remark.Weight.NOTE))
                .hasSize(1);
    }
}
