package bathyra.workload;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoursTest {
    @ParameterizedTest
    @CsvSource({
        "0, 0 h, 0 h 0 min",
        "14.9, 0 h, 0 h 15 min",
        "15, 0.5 h, 0 h 15 min",
        "59.6, 1 h, 1 h 0 min",
        "185, 3 h, 3 h 5 min",
        "750, 12.5 h, 12 h 30 min",
        "4799, 80 h, 79 h 59 min"
    })
    void minutes_areSaidByTheHalfHour_andCountedToTheMinute(double minutes, String said, String counted) {
        assertThat(Hours.said(minutes)).isEqualTo(said);
        assertThat(Hours.counted(minutes)).isEqualTo(counted);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "15, 0.5", "44.9, 0.5", "45, 1"})
    void halfOfAHalfHour_goesUp(double minutes, double hours) {
        assertThat(Hours.toHalf(minutes)).isEqualTo(hours);
    }
}
