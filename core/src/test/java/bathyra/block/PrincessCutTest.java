package bathyra.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.BlockDrafter;
import bathyra.draft.Bodies;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.PrincessStart;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Blocks cut apart along a princess seam, measured on what comes out. */
class PrincessCutTest {
    private static BlockDrawing drawing(BlockMethod method) {
        return BlockDrafter.draft(
                        Bodies.nerea().with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410)),
                        Garment.bustier().withBlock(BlockChoice.QUARTER.withMethod(method)))
                .drawing()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "QUARTER,ARMHOLE",
        "QUARTER,SHOULDER",
        "QUARTER,NECK",
        "SHOULDER_DART,ARMHOLE",
        "SHOULDER_DART,SHOULDER",
        "SHOULDER_DART,NECK",
        "DOUBLED_DART,ARMHOLE"
    })
    void bothEdgesOfTheSeam_areAlike_andNothingOfTheEdgeIsLost(BlockMethod method, PrincessStart start) {
        for (Half half : Half.values()) {
            PrincessCut cut = PrincessCut.of(drawing(method), half, start).orElseThrow();
            assertThat(cut.centreSeam().length()).isCloseTo(cut.sideSeam().length(), within(0.5));
            assertThat(cut.edgeAfter()).isCloseTo(cut.edgeBefore(), within(1e-5));
            assertThat(Shape.crossing(cut.centre().flattened(0.05))).isEmpty();
            assertThat(Shape.crossing(cut.side().flattened(0.05))).isEmpty();
        }
    }

    @Test
    void closingTheSideDart_opensTheArmhole_bySimilarTriangles() {
        // Quarter: the dart of 29 lies about 120 from the apex, the middle of the armhole about 170: the angle is the
        // same.
        BlockDrawing drawing = drawing(BlockMethod.QUARTER);
        PrincessCut cut =
                PrincessCut.of(drawing, Half.FRONT, PrincessStart.ARMHOLE).orElseThrow();
        BlockDart dart = drawing.darts().stream()
                .filter(d -> d.label().equals("Side bust dart"))
                .findFirst()
                .orElseThrow();
        double angle = Math.abs(drawing.point(Half.FRONT, "Ba")
                .at()
                .to(dart.a())
                .angleTo(drawing.point(Half.FRONT, "Ba").at().to(dart.b())));
        double reach = cut.centreSeam()
                .start()
                .distance(drawing.point(Half.FRONT, "Ba").at());
        assertThat(cut.opened())
                .isCloseTo(2 * reach * Math.sin(angle / 2), within(0.01))
                .isGreaterThan(20);
    }

    @Test
    void aShoulderDart_isTheSeamsOpening_whenItBeginsThere() {
        PrincessCut cut = PrincessCut.of(drawing(BlockMethod.SHOULDER_DART), Half.FRONT, PrincessStart.SHOULDER)
                .orElseThrow();
        // (910 − 785) × 0.45; folding and redrawing the shoulder moves the mouth a little up the legs.
        assertThat(cut.opened()).isCloseTo(56.25, within(2.0));
    }

    @Test
    void theTwoPanels_coverTheBlockWithoutItsDarts() {
        BlockDrawing drawing = drawing(BlockMethod.QUARTER);
        PrincessCut cut =
                PrincessCut.of(drawing, Half.BACK, PrincessStart.ARMHOLE).orElseThrow();
        BlockDart dart = drawing.darts().stream()
                .filter(d -> d.half() == Half.BACK)
                .findFirst()
                .orElseThrow();
        double whole = Shape.area(drawing.closed(Half.BACK).flattened(0.05));
        double taken = dart.width().value()
                * (dart.tips().get(1).y() - dart.tips().get(0).y())
                / 2;
        assertThat(Shape.area(cut.centre().flattened(0.05))
                        + Shape.area(cut.side().flattened(0.05)))
                .isCloseTo(whole - taken, within(1.0));
    }

    @Test
    void noSeam_andABlockWithoutADart_areNotCut() {
        assertThat(PrincessCut.of(drawing(BlockMethod.QUARTER), Half.FRONT, PrincessStart.NONE))
                .isEmpty();
        BlockDrawing proportion = BlockDrafter.draft(
                        Bodies.nerea()
                                .with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410))
                                .with(MeasurementKey.HEIGHT, Length.mm(1700)),
                        Garment.bustier().withBlock(BlockChoice.QUARTER.withMethod(BlockMethod.PROPORTION)))
                .drawing()
                .orElseThrow();
        assertThat(PrincessCut.of(proportion, Half.FRONT, PrincessStart.ARMHOLE))
                .isEmpty();
    }

    @Test
    void plausibleBodies_keepTheirSeamsAlike() {
        Random random = new Random(5);
        int cuts = 0;
        for (int i = 0; i < 1_000; i++) {
            Optional<BlockDrawing> drawing =
                    BlockDrafter.draft(Bodies.random(random), Garment.bustier()).drawing();
            if (drawing.isPresent()) {
                PrincessCut cut = PrincessCut.of(drawing.get(), Half.FRONT, PrincessStart.ARMHOLE)
                        .orElseThrow();
                assertThat(cut.centreSeam().length()).isCloseTo(cut.sideSeam().length(), within(0.5));
                assertThat(Math.abs(cut.lost())).isLessThan(1e-4);
                cuts++;
            }
        }
        assertThat(cuts).isGreaterThan(800);
    }
}
