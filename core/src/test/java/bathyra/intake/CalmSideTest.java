package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.FindingKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** All that a block takes at its half of the side lies in one edge: it takes no more than that bears (C6.1). */
class CalmSideTest {
    private static Garment panels(GarmentKind kind, int panels) {
        Garment garment = Garment.of(kind);
        return garment.withPanels(Panels.of(panels, garment.panels().placing()));
    }

    /**
     * By hand: a quarter of the 116 to the high hip are 29, and with the cap of 45 behind it 74. The back must lose 79.8; of the 5.8 left over
     * the side takes 16.5 parts of 48.5, half of its row against the seam's 25 and the lacing edge's 7.
     */
    @Test
    void theBackOfFivePanels_bySums() {
        Random random = new Random(7);
        MeasurementSet body = Bodies.ordinary(random);
        for (int i = 0; i < 50; i++) {
            body = Bodies.ordinary(random);
        }
        Draft draft = (Draft) Drafter.draft(Bodies.commission(body, panels(GarmentKind.UNDERBUST, 5)));
        double toHip = draft.block().front(Level.HIGH_HIP) - draft.block().front(Level.WAIST);
        double side = draft.intakes().sideBack().get(Level.WAIST).value();
        double behind = draft.intakes().at(Level.WAIST, SeamPlace.back(1)).value();
        assertThat(toHip).isCloseTo(116, within(0.5));
        assertThat(side + behind).isCloseTo(79.8, within(0.1));
        assertThat(side).isCloseTo(29 + 5.8 * 16.5 / 48.5, within(0.2));
        assertThat(behind).isCloseTo(45 + 5.8 * 32 / 48.5, within(0.2));
    }

    /** The finished edges, all of them. */
    @ParameterizedTest
    @CsvSource({"UNDERBUST,4", "UNDERBUST,5", "UNDERBUST,6", "CORSET,4", "CORSET,5", "CORSET,6", "BUSTIER,4"})
    void finishedEdges_leanNoFurtherThanClothBears(GarmentKind kind, int panels) {
        Random random = new Random(34);
        Garment garment = kind.isPanelled() ? panels(kind, panels) : Garment.of(kind);
        int bodies = Sample.of(200);
        int leaning = 0;
        for (int i = 0; i < bodies; i++) {
            Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.ordinary(random), garment));
            leaning += draft.findings().stream().anyMatch(f -> f.kind() == FindingKind.EDGE_LEAN) ? 1 : 0;
        }
        assertThat(leaning).as("of %d", bodies).isLessThanOrEqualTo(bodies / 100);
    }
}
