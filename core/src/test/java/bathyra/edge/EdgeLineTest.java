package bathyra.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.edge.EdgeLine.Knot;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The designed curve of an edge over the closed half. */
class EdgeLineTest {
    private static EdgeLine falling(double side, double underarm, double end, double back) {
        return new EdgeLine(EdgeLine.levelAtBothEnds(new Knot(0, 85, 0), side, underarm, new Knot(end, back, 0)));
    }

    /**
     * Level at both ends, 120 to the underarm and 200 more to centre back: of least bending it falls there by
     * 1.5 × (before × 200 + after × 120) ÷ 320. From 85 to 55 and 37: before −0.25, after −0.09: −0.285. But no steeper than three times the
     * way on, −0.27, where it would make a hump.
     */
    @ParameterizedTest
    @CsvSource({
        // Before −0.125, after −0.09: least bending −0.1677, which lies within.
        "70, 52, -0.16781",
        "55, 37, -0.27",
        // Level behind: it must be level at the underarm already.
        "55, 55, 0",
        // Level up to the underarm.
        "85, 75, 0"
    })
    void slopeAtTheUnderarm_isOfLeastBending_asFarAsItMakesNoHump(double underarm, double back, double slope) {
        assertThat(falling(120, underarm, 320, back).slope(120)).isCloseTo(slope, within(1e-4));
    }

    @Test
    void fromTheCrestItOnlyFalls_andBendsOverOnce() {
        Random random = new Random(101);
        for (int i = 0; i < 300; i++) {
            double side = 60 + random.nextDouble() * 120;
            double underarm = 85 - random.nextDouble() * 60;
            double back = underarm - random.nextDouble() * 40;
            EdgeLine line = falling(side, underarm, side + 80 + random.nextDouble() * 200, back);
            double before = line.height(0);
            for (int x = 1; x <= 400; x++) {
                double now = line.height(x);
                assertThat(now).as("at %d of %s", x, line).isLessThanOrEqualTo(before + 1e-9);
                before = now;
            }
            assertThat(line.inflections()).as("%s", line).isLessThanOrEqualTo(1);
            assertThat(line.height(side)).isCloseTo(underarm, within(1e-9));
        }
    }

    @Test
    void dipInFront_bendsOverOnceMore_aPointDoesNot() {
        Knot crest = new Knot(90, 85, 0);
        List<Knot> behind = EdgeLine.levelAtBothEnds(crest, 210, 55, new Knot(400, 45, 0));
        List<Knot> round = new ArrayList<>(List.of(new Knot(0, 45, 0)));
        round.addAll(behind);
        assertThat(new EdgeLine(round).inflections()).isEqualTo(2);
        List<Knot> pointed = new ArrayList<>(List.of(EdgeLine.running(0, 45, crest)));
        pointed.addAll(behind);
        assertThat(new EdgeLine(pointed).inflections()).isEqualTo(1);
        // Half as steep again as the straight line of 40 on 90.
        assertThat(new EdgeLine(pointed).slope(0)).isCloseTo(1.5 * 40 / 90, within(1e-9));
    }

    @Test
    void heightAndSlope_agree() {
        EdgeLine line = falling(130, 52, 350, 40);
        for (int x = 5; x < 345; x += 7) {
            assertThat(line.slope(x)).isCloseTo((line.height(x + 1e-4) - line.height(x - 1e-4)) / 2e-4, within(1e-5));
        }
        assertThat(line.height(500)).as("beyond its end").isCloseTo(40, within(1e-9));
    }
}
