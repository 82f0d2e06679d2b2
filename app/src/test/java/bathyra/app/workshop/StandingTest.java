package bathyra.app.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Drafter;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import org.junit.jupiter.api.Test;

/** How the stages of a commission stand, from its figures alone. */
class StandingTest {
    private static Standing of(MeasurementSet set, Garment garment) {
        Commission commission = Bodies.commission(set, garment);
        return Standing.of(commission, Drafter.draft(commission));
    }

    @Test
    void aBlankCommission_needsItsFigures_andDraftsNothing() {
        Standing standing = of(MeasurementSet.empty(), Garment.bustier());
        assertThat(standing.at(Stage.MEASURE)).matches("\\d+ missing");
        assertThat(standing.at(Stage.SEAMS)).isEqualTo("no draft");
        assertThat(standing.line()).doesNotContain("done");
    }

    @Test
    void aBlockWithoutItsShoulders_isSaid_andTheRestGoesOn() {
        Standing standing = of(Bodies.nerea(), Garment.bustier());
        assertThat(standing.at(Stage.BLOCK)).isEqualTo("1 missing");
        assertThat(standing.at(Stage.PIECES)).isNotEqualTo("no draft");
        assertThat(of(Bodies.nerea().with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410)), Garment.bustier())
                        .at(Stage.BLOCK))
                .isEmpty();
    }

    @Test
    void aWaistDrawnInFar_isNotedAtTheGirths_andNotAtThePieces() {
        Standing before = of(Bodies.nerea(), Garment.bustier());
        Standing tight = of(Bodies.nerea(), Garment.bustier().withEase(Level.WAIST, Length.mm(-80)));
        assertThat(before.at(Stage.GIRTHS)).isEmpty();
        assertThat(tight.at(Stage.GIRTHS)).isEqualTo("1 note");
        assertThat(tight.line()).contains("Girths 1 note");
    }
}
