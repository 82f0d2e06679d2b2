package bathyra.app.reckoning;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers as people type them, and what is none. */
class TypedNumberTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"12.5 | 12.5", "' 12,5 ' | 12.5", "−3 | -3", "-0.25 | -0.25", "7. | 7", "007 | 7"})
    void aPlainNumber_isRead(String text, double number) {
        assertThat(TypedNumber.read(text)).hasValue(number);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "  ", "NaN", "Infinity", "1e5", "0x1p3", "5d", "1.234,5", "twelve", "--3", "1234567890123"})
    void anythingElse_isNone(String text) {
        assertThat(TypedNumber.read(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0,true", "100,true", "100.1,false", "-0.1,false"})
    void withinItsBounds_orNot(String text, boolean within) {
        assertThat(TypedNumber.read(text + " h", "h", 0, 100).isPresent()).isEqualTo(within);
    }
}
