package bathyra.garment;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LengthOptionTest {
    /** A refusal must never name a limit that is then refused itself, in either system. */
    @ParameterizedTest
    @EnumSource(LengthOption.class)
    void aLimitAsItIsSaid_isAllowed(LengthOption option) {
        for (LengthUnit unit : LengthUnit.values()) {
            for (Length limit : new Length[] {option.least(), option.most()}) {
                String said = LengthText.say(limit, unit).replace('−', '-');
                assertThat(LengthText.read(said, unit))
                        .as(said)
                        .isInstanceOfSatisfying(LengthText.Read.class, read -> assertThat(option.allows(read.length()))
                                .as(said)
                                .isTrue());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(LengthOption.class)
    void whatIsAnEighthBeyondALimit_isNot(LengthOption option) {
        assertThat(option.allows(Length.mm(option.most().millimetres() + 25.4 / 8)))
                .isFalse();
        assertThat(option.allows(Length.mm(option.least().millimetres() - 25.4 / 8)))
                .isFalse();
    }
}
