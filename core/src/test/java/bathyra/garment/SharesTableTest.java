package bathyra.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.place.SeamPlace;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The rows of C6.1, and what becomes of them where the cutter divides the half otherwise. */
class SharesTableTest {
    private static double of(SeamPlace seam, int front, int back, boolean shapedBack) {
        return SharesTable.of(seam, new Panels(front, back, SeamPlacing.values()[0], Map.of()), shapedBack);
    }

    private static double front(int front, int back) {
        return IntStream.range(1, front)
                .mapToDouble(i -> of(SeamPlace.front(i), front, back, true))
                .sum();
    }

    private static double back(int front, int back, boolean shaped) {
        return IntStream.range(1, back)
                .mapToDouble(i -> of(SeamPlace.back(i), front, back, shaped))
                .sum();
    }

    @ParameterizedTest
    @CsvSource({"3, 2, 1, 4.2, 2.4", "4, 2, 2, 1.8, 2.1", "5, 3, 2, 3.5, 1.65", "6, 3, 3, 2.8, 1.5", "8, 4, 4, 3.3, 1.2"
    })
    void theUsualDivision_hasTheRowAsItStands(int perSide, int front, int back, double fronts, double side) {
        assertThat(front + back).isEqualTo(perSide);
        assertThat(front(front, back)).isCloseTo(fronts, within(1e-9));
        assertThat(of(SeamPlace.SIDE, front, back, true)).isCloseTo(side, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 5, 6, 7, 8})
    void anotherDivision_leavesEachBlockItsSum_andNoSeamWithout(int perSide) {
        double fronts = front((perSide + 1) / 2, perSide / 2);
        double backs = back((perSide + 1) / 2, perSide / 2, true);
        for (int front = 2; front <= perSide - 2; front++) {
            int back = perSide - front;
            assertThat(front(front, back)).as(front + " in front").isCloseTo(fronts, within(1e-9));
            assertThat(back(front, back, true)).as(back + " behind").isCloseTo(backs, within(1e-9));
            for (int i = 1; i < front; i++) {
                assertThat(of(SeamPlace.front(i), front, back, true)).isPositive();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"3, 2, 1, 1.0", "4, 2, 2, 1.0", "5, 3, 2, 0.7", "7, 4, 3, 0.3"})
    void aStraightBackEdge_leavesItsShareToTheSeamBesideIt(int perSide, int front, int back, double edge) {
        assertThat(front + back).isEqualTo(perSide);
        SeamPlace beside = back == 1 ? SeamPlace.SIDE : SeamPlace.back(back - 1);
        assertThat(of(beside, front, back, false) - of(beside, front, back, true))
                .isCloseTo(edge, within(1e-9));
    }
}
