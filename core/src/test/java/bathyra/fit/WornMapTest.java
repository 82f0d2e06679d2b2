package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.place.Level;
import java.util.Arrays;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is shown all over a worn garment says what its levels say. */
class WornMapTest {
    private static final Draft DRAFT =
            (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.UNDERBUST)));
    private static final Worn WORN = Worn.cold(DRAFT, Worn.surface(DRAFT), Worn.COARSE, () -> false);

    /** The mean of a map within so much of a height, mm. */
    private static double mean(WornMap map, double height) {
        double[] readings = map.readings(WORN);
        double[] x = WORN.rest().shape();
        return IntStream.range(0, readings.length)
                .filter(v -> Math.abs(x[3 * v + 2] - height) < 20)
                .mapToDouble(v -> readings[v])
                .average()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(WornMap.class)
    void everyReading_hasABand_andTheBandsRise(WornMap map) {
        double[] readings = map.readings(WORN);
        assertThat(readings).hasSize(WORN.mesh().count());
        assertThat(Arrays.stream(readings).allMatch(Double::isFinite)).isTrue();
        for (double reading : readings) {
            assertThat(map.band(reading).most()).isGreaterThanOrEqualTo(reading);
        }
        assertThat(map.bands()).extracting(WornMap.Band::most).isSorted();
        assertThat(map.bands()).extracting(WornMap.Band::words).doesNotHaveDuplicates();
        assertThat(map.bands()).extracting(WornMap.Band::tone).doesNotHaveDuplicates();
        assertThat(map.bands()).anyMatch(WornMap.Band::hatched);
    }

    @Test
    void atTheWaist_theyAgreeWithTheReadingsOfTheLevel() {
        Worn.LevelReading waist = WORN.levels().stream()
                .filter(r -> r.level() == Level.WAIST)
                .findFirst()
                .orElseThrow();
        assertThat(mean(WornMap.PULL, 0))
                .as("it is pulled most round the body, where the level is read")
                .isCloseTo(waist.tension(), within(0.5 * waist.tension()));
        assertThat(mean(WornMap.PRESSURE, 0)).isCloseTo(waist.pressure(), within(0.5 * waist.pressure()));
        assertThat(mean(WornMap.PULL, 0)).as("a corset pulls at the waist").isGreaterThan(20);
    }

    @ParameterizedTest
    @CsvSource({
        "0.04, presses not at all",
        "0.06, 'light, under 1 kPa'",
        "2.9, 'firm, 1 to 3 kPa'",
        "3.1, 'hard, over 3 kPa'"
    })
    void pressure_isSaidInTheHousesWords(double kilopascals, String words) {
        assertThat(WornMap.PRESSURE.band(kilopascals).words()).isEqualTo(words);
    }
}
