package bathyra.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.reckon.Formula;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Left and right, what was taken twice, and when. */
class SidesAndConfirmationTest {
    private static final MeasurementKey APEX = MeasurementKey.SHOULDER_TO_APEX;

    private static Remark about(MeasurementSet set, MeasurementKey key) {
        return Plausibility.of(set).stream()
                .filter(r -> r.keys().get(0) == key && r.keys().size() == 1)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void ofTwoSides_theLargerIsDrafted_andSaysSo() {
        MeasurementSet set = Bodies.nerea().withRight(APEX, Optional.of(Length.mm(294)));
        assertThat(set.find(APEX).orElseThrow().value()).isEqualTo(294);
        assertThat(Formula.inWords(set.find(APEX).orElseThrow(), LengthUnit.CM))
                .isEqualTo("the larger of to the apex, left and to the apex, right");
        assertThat(((Draft) Drafter.draft(Bodies.commission(set, Garment.bustier())))
                        .block()
                        .front(Level.BUST))
                .isEqualTo(294);
        assertThat(Bodies.nerea()
                        .withRight(APEX, Optional.of(Length.mm(270)))
                        .find(APEX)
                        .orElseThrow()
                        .value())
                .isEqualTo(281);
    }

    @Test
    void sides_aHalfCentimetreApart_areAlike_andMoreIsANote() {
        assertThat(about(Bodies.nerea().withRight(APEX, Optional.of(Length.mm(286))), APEX)
                        .weight())
                .isEqualTo(Remark.Weight.HOLDS);
        Remark note = about(Bodies.nerea().withRight(APEX, Optional.of(Length.mm(286.1))), APEX);
        assertThat(note.weight()).isEqualTo(Remark.Weight.NOTE);
        assertThat(note.sentence().in(LengthUnit.CM).replace('\u00a0', ' '))
                .isEqualTo(
                        "To the apex: left 28.1 cm, right 28.6 cm. The larger is drafted; pad the other side by 0.5 cm, or cut the two sides apart.");
    }

    @Test
    void rightSide_ofWhatHasNone_isAWrongCall() {
        assertThatThrownBy(() -> Bodies.nerea().withRight(MeasurementKey.APEX_SPAN, Optional.of(Length.mm(900))))
                .hasMessage("apexSpan has no left and right");
    }

    @Test
    void confirmed_outOfRange_isDrafted_andOnRecord() {
        MeasurementSet odd = Bodies.nerea().with(MeasurementKey.WAIST_TO_HIP, Length.mm(285));
        assertThat(Drafter.draft(Bodies.commission(odd, Garment.bustier())) instanceof Draft)
                .isFalse();
        MeasurementSet confirmed = odd.confirming(MeasurementKey.WAIST_TO_HIP, true);
        assertThat(Drafter.draft(Bodies.commission(confirmed, Garment.bustier())) instanceof Draft)
                .isTrue();
        assertThat(about(confirmed, MeasurementKey.WAIST_TO_HIP).sentence().in(LengthUnit.CM))
                .startsWith("Taken twice, correct. Waist to hip is ");
        assertThat(confirmed.confirming(MeasurementKey.WAIST_TO_HIP, false)).isEqualTo(odd);
    }

    @Test
    void confirmation_isOfAFigure_andLapsesWithIt() {
        MeasurementSet confirmed = Bodies.nerea().confirming(MeasurementKey.WAIST, true);
        assertThat(confirmed.with(MeasurementKey.WAIST, Length.mm(720)).confirmed())
                .as("the same figure")
                .containsExactly(MeasurementKey.WAIST);
        assertThat(confirmed.with(MeasurementKey.WAIST, Length.mm(721)).confirmed())
                .isEmpty();
        assertThat(confirmed.without(MeasurementKey.WAIST).confirmed()).isEmpty();
    }

    @Test
    void figuresThatContradict_cannotBeConfirmedAway() {
        MeasurementSet set = Bodies.nerea()
                .with(MeasurementKey.BACK_LENGTH, Length.mm(370))
                .confirming(MeasurementKey.FRONT_LENGTH, true)
                .confirming(MeasurementKey.BACK_LENGTH, true);
        assertThat(Plausibility.of(set).get(0).weight()).isEqualTo(Remark.Weight.STOPS);
    }

    @Test
    void without_takesBothSidesAway() {
        MeasurementSet set =
                Bodies.nerea().withRight(APEX, Optional.of(Length.mm(290))).without(APEX);
        assertThat(set.right()).isEmpty();
        assertThat(set.isTaken(APEX)).isFalse();
    }

    @Test
    void occasion_isKeptThroughEveryChange() {
        Occasion occasion = Occasion.UNNOTED
                .on(LocalDate.of(2026, 11, 3))
                .by("Idris Vale")
                .over("a leotard")
                .breathing(Occasion.Breath.FULL);
        MeasurementSet set = Bodies.nerea()
                .on(occasion)
                .with(MeasurementKey.HIP, Length.mm(1020))
                .confirming(MeasurementKey.HIP, true)
                .without(MeasurementKey.WAIST)
                .withRight(APEX, Optional.of(Length.mm(282)));
        assertThat(set.occasion()).isEqualTo(occasion);
    }
}
