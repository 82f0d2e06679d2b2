package bathyra.reckon;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.length.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Waist ÷ 4 + dart, with a waist of 700 and a dart of 25: 200. */
class SlipsTest {
    private static final Rule RULE = Rule.of("C4.1", "quarter block");
    private final Reckoned atWaist = Given.tape("Waist", 700)
            .over(4)
            .plus(Given.option("Waist dart", 25, Quantity.LENGTH, "rule", RULE))
            .named("Quarter at the waist", RULE);

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            175 | Waist dart was not added.
            375 | Waist was halved, not quartered.
            725 | Waist was not quartered.
            508 | The figure is in centimetres; inches are asked for here, or the other way round.
            2000 | The figure is ten times too large: it is in millimetres.
            """)
    void aWrongAnswer_isTracedToItsSlip(double answer, String said) {
        assertThat(Slips.behind(atWaist, answer, 1).orElseThrow().sentence().in(LengthUnit.CM))
                .isEqualTo(said);
    }

    @Test
    void aRightAnswer_andOneThatNoSlipGives_haveNone() {
        assertThat(Slips.behind(atWaist, 200, 1)).isEmpty();
        assertThat(Slips.behind(atWaist, 333, 1)).isEmpty();
    }

    @Test
    void aDifference_canBeLeftOutOrAdded() {
        Reckoned dart = Given.tape("Front length", 450)
                .minus(Given.tape("Back length", 425))
                .named("Side bust dart", RULE);
        assertThat(Slips.behind(dart, 875, 1).orElseThrow().sentence().in(LengthUnit.CM))
                .isEqualTo("Back length was added instead of taken off.");
        assertThat(Slips.behind(dart, 450, 1).orElseThrow().sentence().in(LengthUnit.CM))
                .isEqualTo("Back length was not taken off.");
    }

    @Test
    void everySlip_givesAnotherResult() {
        assertThat(Slips.of(atWaist)).allSatisfy(s -> assertThat(s.value()).isNotEqualTo(200));
    }
}
