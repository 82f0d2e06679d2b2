package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClosenessTest {
    @ParameterizedTest
    @CsvSource({
        "-9, PRESSES_MOST",
        "-5.5, PRESSES_MOST",
        "-5.4, PRESSES_MORE",
        "-3, PRESSES",
        "-1.4, TOUCHES",
        "0, TOUCHES",
        "1, TOUCHES",
        "1.1, NEAR",
        "2.1, OFF",
        "4.1, AWAY",
        "6, AWAY",
        "6.1, FAR",
        "900, FAR"
    })
    void everyDistance_liesInTheBandThatItsLabelSays(double away, Closeness band) {
        assertThat(Closeness.of(away)).isEqualTo(band);
    }

    @Test
    void bandsThatPress_lieBelowWhereItTouches() {
        for (Closeness band : Closeness.values()) {
            assertThat(band.isPressing())
                    .as(band.label())
                    .isEqualTo(band.label().startsWith("presses"));
        }
    }
}
