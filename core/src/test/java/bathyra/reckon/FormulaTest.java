package bathyra.reckon;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.length.LengthUnit;
import org.junit.jupiter.api.Test;

class FormulaTest {
    private final Reckoned bust = Given.tape("Bust", 910);
    private final Reckoned underbust = Given.tape("Underbust", 785);
    private final Reckoned difference =
            bust.minus(underbust).over(2).atMost(76).named("Intake", Rule.of("C6", "difference"));

    private static String plain(String text) {
        return text.replace('\u00a0', ' ');
    }

    @Test
    void value_isWhatTheFormulaSays() {
        assertThat(difference.value()).isEqualTo(62.5);
        assertThat(Formula.inWords(difference, LengthUnit.CM))
                .isEqualTo("the smaller of (bust − underbust) ÷ 2 and 7.6");
        assertThat(plain(Formula.inFigures(difference, LengthUnit.CM)))
                .isEqualTo("the smaller of (91.0 − 78.5) ÷ 2 and 7.6 = 6.3 cm");
    }

    @Test
    void formula_callsANamedNumberByItsNameAndWritesAnUnnamedOneOut() {
        Reckoned twice = difference.plus(bust.minus(underbust)).named("Sum", Rule.ARITHMETIC);
        assertThat(Formula.inWords(twice, LengthUnit.CM)).isEqualTo("intake + bust − underbust");
        assertThat(Formula.figures(twice)).extracting(Reckoned::name).containsExactly("Intake", "Bust", "Underbust");
    }

    @Test
    void formula_bracketsTheSecondOperandOfADifference() {
        Reckoned n = bust.minus(underbust.minus(bust)).named("N", Rule.ARITHMETIC);
        assertThat(Formula.inWords(n, LengthUnit.CM)).isEqualTo("bust − (underbust − bust)");
        assertThat(n.value()).isEqualTo(910 - (785 - 910));
    }

    @Test
    void overridden_keepsTheComputedNumberBesideIt() {
        Overridden own = new Overridden(44, difference, "set by hand");
        assertThat(own.value()).isEqualTo(44);
        assertThat(own.computed().value()).isEqualTo(62.5);
        assertThat(Formula.origin(own)).isSameAs(difference);
    }

    @Test
    void origin_ofANumberTakenOverUnderAnotherName_isTheOneThatWasComputed() {
        assertThat(Formula.origin(difference.named("At the waist", Rule.of("C6", "the same"))))
                .isSameAs(difference);
    }

    @Test
    void estimated_travelsToEverythingThatRestsOnIt() {
        Reckoned estimate = Derived.estimate(bust.times(0.2), "Apex to apex", Rule.of("C2", "estimate"));
        assertThat(estimate.over(2).named("Axis", Rule.ARITHMETIC).estimated()).isTrue();
        assertThat(difference.estimated()).isFalse();
    }

    @Test
    void quantity_ofAQuotientOfLengths_isARatio() {
        assertThat(bust.over(underbust).quantity()).isEqualTo(Quantity.RATIO);
        assertThat(bust.over(4).quantity()).isEqualTo(Quantity.LENGTH);
    }
}
