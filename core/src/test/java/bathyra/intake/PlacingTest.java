package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where the seams of a corset stand: evenly, or so that the panels are alike at the waist with one seam over the apex (C6). */
class PlacingTest {
    private static Garment corset(int panels, SeamPlacing placing) {
        return Garment.of(GarmentKind.CORSET).withPanels(Panels.of(panels, placing));
    }

    private static Placing placing(Garment garment, double width, double toTake, double forBust) {
        return new Placing(garment, width, toTake, forBust);
    }

    /** Evenly means on the paper, whatever is taken: in front three panels of 240 stand at 80 and 160. */
    @Test
    void even_dividesTheBlock_andAsksNothing() {
        Garment garment = corset(6, SeamPlacing.EVEN);
        int front = garment.panels().front();
        double[] at = placing(garment, 240, 60, 20).front(95);
        assertThat(at).hasSize(front - 1);
        for (int i = 0; i < at.length; i++) {
            assertThat(at[i]).isCloseTo(240.0 * (i + 1) / front, within(1e-9));
        }
        double[] back = placing(garment, 200, 60, 0).back();
        for (int i = 0; i < back.length; i++) {
            assertThat(back[i]).isCloseTo(200.0 * (i + 1) / garment.panels().back(), within(1e-9));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 5, 6, 7, 8})
    void oneSeam_runsOverTheApex(int panels) {
        Garment garment = corset(panels, SeamPlacing.LANDMARKS);
        double[] at = placing(garment, 250, 70, 30).front(95);
        assertThat(Arrays.stream(at).filter(x -> Math.abs(x - 95) < 1e-9).count())
                .isEqualTo(1);
        assertThat(at).isSorted();
    }

    /** Where the apex is not known, or lies beyond the block, no seam is drawn over it. */
    @Test
    void withoutAnApex_thePanelsAreAlikeAtTheWaist() {
        Garment garment = corset(6, SeamPlacing.LANDMARKS);
        for (double apex : new double[] {0, 260}) {
            double[] at = placing(garment, 250, 60, 0).front(apex);
            assertThat(Arrays.stream(at).filter(x -> Math.abs(x - apex) < 1e-9)).isEmpty();
            assertThat(at).isSorted();
        }
    }

    /** By hand: nothing is taken, so alike at the waist is alike on the paper. */
    @Test
    void whereNothingIsTaken_theBackIsDividedEvenly() {
        Garment garment = corset(6, SeamPlacing.LANDMARKS);
        double[] at = placing(garment, 210, 0, 0).back();
        for (int i = 0; i < at.length; i++) {
            assertThat(at[i]).isCloseTo(210.0 * (i + 1) / garment.panels().back(), within(0.05));
        }
    }

    /** Panels of the back are alike at the waist once what their seams take is out: measured from the seams, not from the rule. */
    @Test
    void backPanels_areAlikeAtTheWaist() {
        Random random = new Random(9);
        for (int panels = 4; panels <= 8; panels++) {
            Garment garment = corset(panels, SeamPlacing.LANDMARKS);
            if (garment.panels().back() < 2) {
                continue;
            }
            for (int round = 0; round < 50; round++) {
                double width = 180 + random.nextDouble() * 120;
                double toTake = 20 + random.nextDouble() * 60;
                double[] at = placing(garment, width, toTake, 0).back();
                assertThat(at).isSorted();
                assertThat(at[0]).isPositive();
                assertThat(at[at.length - 1]).isLessThan(width);
                // With more taken, the seams stand farther from the side, which takes its part there.
                double[] more = placing(garment, width, toTake + 10, 0).back();
                assertThat(more[0]).isGreaterThan(at[0]);
            }
        }
    }

    /** A millimetre more of the apex moves the seam over it by one, and no other seam by more than three. */
    @Test
    void nothingJumps_whileTheApexMoves() {
        Garment garment = corset(5, SeamPlacing.LANDMARKS);
        double[] last = placing(garment, 250, 60, 25).front(80);
        int jumps = 0;
        for (double apex = 80.25; apex < 110; apex += 0.25) {
            double[] at = placing(garment, 250, 60, 25).front(apex);
            boolean other = moved(last, at) > 3;
            jumps += other ? 1 : 0;
            last = at;
        }
        assertThat(jumps).as("only where another seam takes over the apex").isLessThanOrEqualTo(1);
    }

    private static double moved(double[] before, double[] after) {
        double most = 0;
        for (int i = 0; i < before.length; i++) {
            most = Math.max(most, Math.abs(after[i] - before[i]));
        }
        return most;
    }

    /** Any body: the seams lie in order within the block, clear of its ends. */
    @Test
    void anyBlock_hasItsSeamsInOrder() {
        Random random = new Random(21);
        for (int round = 0; round < 2_000; round++) {
            Garment garment =
                    corset(4 + random.nextInt(5), SeamPlacing.values()[random.nextInt(SeamPlacing.values().length)]);
            double width = 200 + random.nextDouble() * 160;
            double toTake = random.nextDouble() * 0.3 * width;
            double apex = 60 + random.nextDouble() * 80;
            double[] at =
                    placing(garment, width, toTake, random.nextDouble() * 40).front(apex);
            assertThat(at).hasSize(garment.panels().front() - 1).isSorted();
            for (double x : at) {
                assertThat(x).isBetween(0.0, width);
            }
        }
    }
}
