package bathyra.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "92.5 | CM | 925",
                "92,5 | CM | 925",
                "925 mm | CM | 925",
                "36 1/2 | IN | 927.1",
                "36½ | IN | 927.1",
                "36.5in | CM | 927.1",
                "3/4 \" | CM | 19.05",
                "⅞ | IN | 22.225",
                "30⅞ in | CM | 784.225",
                "-1.5 | CM | -15",
                "−1.5 | CM | -15",
                "  72  | CM | 720",
                ".5 | IN | 12.7",
                "92. | CM | 920"
            })
    void read_whatACutterSays_givesTheLength(String text, LengthUnit bare, double millimetres) {
        assertThat(LengthText.read(text, bare)).isInstanceOfSatisfying(LengthText.Read.class, read -> assertThat(
                        read.length().millimetres())
                .isCloseTo(millimetres, within(1e-9)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"78,5,0", "abc", "12 ft", "3/0", "1/", "36 1/2 1/2", "--4", "5e3", "NaN"})
    void read_whatIsNoLength_isRefusedWithWhatIsAccepted(String text) {
        assertThat(LengthText.read(text, LengthUnit.CM))
                .isInstanceOfSatisfying(LengthText.Unread.class, unread -> assertThat(unread.reason())
                        .isEqualTo("Not understood: " + text + ". Type 78.5, 30 7/8 or 30⅞ in."));
    }

    @Test
    void read_aSecondComma_saysWhereItStopped() {
        assertThat(LengthText.read("78,5,0", LengthUnit.CM))
                .isInstanceOfSatisfying(LengthText.Unread.class, unread -> assertThat(unread.position())
                        .isEqualTo(4));
    }

    @ParameterizedTest
    @CsvSource({
        "785, CM, 78.5 cm",
        "785, IN, 30⅞ in",
        "12.7, IN, ½ in",
        "0, IN, 0 in",
        "-15, CM, −1.5 cm",
        "-3.175, IN, −⅛ in",
        "-0.2, CM, 0.0 cm",
        "785, MM, 785.0 mm"
    })
    void say_inAUnit_writesTheCuttersFigure(double mm, LengthUnit unit, String said) {
        assertThat(LengthText.say(Length.mm(mm), unit).replace('\u00a0', ' ')).isEqualTo(said);
    }

    @Test
    void sixteenths_betweenTwoEighths_areBuiltFromSmallFigures() {
        assertThat(LengthText.sixteenths(2 + 3.0 / 16)).isEqualTo("2³⁄₁₆");
        assertThat(LengthText.sixteenths(15.0 / 16)).isEqualTo("¹⁵⁄₁₆");
        assertThat(LengthText.sixteenths(1.25)).isEqualTo("1¼");
    }

    @Test
    void read_whatWasCopiedOffTheScreen_isTheSameLength() {
        assertThat(LengthText.read(LengthText.say(Length.mm(785), LengthUnit.CM), LengthUnit.IN))
                .isEqualTo(new LengthText.Read(Length.mm(785)));
    }

    @Test
    void sixteenths_asTheyAreWritten_areReadAgain() {
        for (int sixteenths = -40; sixteenths <= 700; sixteenths++) {
            double mm = sixteenths * 25.4 / 16;
            String said = LengthText.figure(Length.mm(mm), LengthUnit.IN_16);
            assertThat(LengthText.read(said, LengthUnit.IN_16))
                    .as(said)
                    .isInstanceOfSatisfying(
                            LengthText.Read.class,
                            read -> assertThat(read.length().millimetres()).isCloseTo(mm, within(1e-9)));
        }
    }

    /** The figure is what the language's own format gives, with a minus of the right length, and nothing is "−0.0". */
    @Test
    void figures_areRoundedAsTheFormatOfTheLanguageRounds() {
        Random random = new Random(12);
        for (int i = 0; i < 20_000; i++) {
            double mm = (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(7) - 2);
            String asked = String.format(Locale.ROOT, "%.1f", mm);
            String wanted = asked.equals("-0.0") ? "0.0" : asked.replace('-', '−');
            assertThat(LengthText.figure(Length.mm(mm), LengthUnit.MM)).isEqualTo(wanted);
        }
        for (double half : new double[] {0.05, 0.15, 0.25, 2.35, -0.05, -0.04, 1234567.85, 0}) {
            String asked = String.format(Locale.ROOT, "%.1f", half);
            assertThat(LengthText.figure(Length.mm(half), LengthUnit.MM))
                    .isEqualTo(asked.equals("-0.0") ? "0.0" : asked.replace('-', '−'));
        }
    }
}
