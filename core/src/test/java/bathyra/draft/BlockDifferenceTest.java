package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.block.BlockDrawing;
import bathyra.block.Half;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class BlockDifferenceTest {
    private final MeasurementSet set = Bodies.nerea()
            .with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410))
            .with(MeasurementKey.HEIGHT, Length.mm(1700));

    private BlockDrawing draw(Garment garment) {
        return BlockDrafter.draft(set, garment).drawing().orElseThrow();
    }

    private static Garment by(BlockMethod method) {
        return Garment.bustier().withBlock(BlockChoice.QUARTER.withMethod(method));
    }

    @Test
    void aBlockAndItself_doNotDiffer() {
        assertThat(BlockDifference.between(draw(Garment.bustier()), draw(Garment.bustier())))
                .isEmpty();
    }

    @Test
    void oneOption_movesItsPointsAndNoOther() {
        List<BlockDifference.Row> rows = BlockDifference.between(
                draw(Garment.bustier()),
                draw(Garment.bustier().withLength(LengthOption.BACK_NECK_DEPTH, Length.mm(25))));
        assertThat(rows).hasSize(1);
        assertThat(rows.get(0).half()).isEqualTo(Half.BACK);
        assertThat(rows.get(0).name()).isEqualTo("Nc");
        assertThat(rows.get(0).down()).isCloseTo(-13, within(1e-9));
    }

    @Test
    void differences_areExplainedByTheMeasurementThatChangesThemMost() {
        Garment quarter = Garment.bustier();
        Garment proportion = by(BlockMethod.PROPORTION);
        List<BlockDifference.Row> rows = BlockDifference.between(draw(quarter), draw(proportion));
        Map<BlockDifference.Row, MeasurementKey> explained = BlockDifference.explain(set, quarter, proportion, rows);
        BlockDifference.Row waistAtSide = rows.stream()
                .filter(r -> r.half() == Half.FRONT && r.name().equals("Ws"))
                .findFirst()
                .orElseThrow();
        // The proportion block does not look at the waist's girth; the quarter block does, and at the tape for its
        // depth.
        assertThat(explained.get(waistAtSide))
                .isIn(MeasurementKey.WAIST, MeasurementKey.FRONT_LENGTH, MeasurementKey.HEIGHT);
    }

    @Test
    void rows_standWithTheFarthestFirst() {
        List<BlockDifference.Row> rows =
                BlockDifference.between(draw(Garment.bustier()), draw(by(BlockMethod.SHOULDER_DART)));
        for (int i = 0; i + 1 < rows.size(); i++) {
            assertThat(rows.get(i).apart())
                    .isGreaterThanOrEqualTo(rows.get(i + 1).apart());
        }
    }
}
