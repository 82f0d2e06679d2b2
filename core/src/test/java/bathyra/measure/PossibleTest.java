package bathyra.measure;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What was taken twice is believed, within what a body can have. */
class PossibleTest {
    @ParameterizedTest
    @ValueSource(doubles = {999_990, 421, 74, 0, -210})
    void figureThatNoBodyHas_staysRefused_howeverOftenItIsConfirmed(double mm) {
        MeasurementSet set = Bodies.nerea()
                .with(MeasurementKey.WAIST_TO_HIP, Length.mm(mm))
                .confirming(MeasurementKey.WAIST_TO_HIP, true);
        Outcome outcome = Drafter.draft(Bodies.commission(set, Garment.bustier()));
        assertThat(outcome).isInstanceOf(Refusal.class);
        Refusal refusal = (Refusal) outcome;
        assertThat(refusal.cause()).isEqualTo(Refusal.Cause.INPUT);
        assertThat(refusal.reasons().get(0).sentence().in(LengthUnit.CM))
                .contains("Waist to hip", "nothing under", "is drafted");
    }

    @Test
    void oddFigureThatABodyMayHave_isDraftedOnceItIsConfirmed() {
        MeasurementSet odd = Bodies.nerea().with(MeasurementKey.WAIST_TO_HIP, Length.mm(296));
        assertThat(Drafter.draft(Bodies.commission(odd, Garment.bustier()))).isInstanceOf(Refusal.class);
        assertThat(Drafter.draft(
                        Bodies.commission(odd.confirming(MeasurementKey.WAIST_TO_HIP, true), Garment.bustier())))
                .isInstanceOf(Draft.class);
    }

    @ParameterizedTest
    @EnumSource(MeasurementKey.class)
    void whatIsPlausible_isPossible_withRoomOnBothSides(MeasurementKey key) {
        assertThat(key.possibleLeast()).isLessThan(key.least()).isGreaterThan(Length.mm(0));
        assertThat(key.possibleMost()).isGreaterThan(key.most());
    }
}
