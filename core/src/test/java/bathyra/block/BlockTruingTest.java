package bathyra.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.BlockDrafter;
import bathyra.draft.Bodies;
import bathyra.finding.Finding;
import bathyra.garment.Garment;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** The checks of a block on a sound one, and on ones that were spoilt in one place each. */
class BlockTruingTest {
    private final BlockDrawing sound = BlockDrafter.draft(
                    Bodies.nerea().with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410)), Garment.bustier())
            .drawing()
            .orElseThrow();

    private static List<String> faults(BlockDrawing drawing) {
        return BlockTruing.look(drawing).stream()
                .filter(f -> f.status() == Finding.Status.FAULT)
                .map(Finding::id)
                .distinct()
                .toList();
    }

    /** The drawing with one edge of the front replaced. */
    private BlockDrawing with(BlockEdge.Name name, UnaryOperator<Path> change) {
        List<BlockEdge> front = new ArrayList<>();
        boolean done = false;
        for (BlockEdge edge : sound.front()) {
            boolean here = edge.name() == name && !done;
            front.add(here ? new BlockEdge(name, change.apply(edge.path())) : edge);
            done |= here;
        }
        return new BlockDrawing(sound.method(), sound.steps(), front, sound.back(), sound.darts(), sound.notes());
    }

    /** From the same start to the same end, but over a point beside the middle: so the edge is longer and the outline stays closed. */
    private static Path byWay(Path path, double beside) {
        Vec along = path.start().to(path.end()).unit();
        Point middle = path.start().between(path.end(), 0.5).plus(new Vec(along.dy(), -along.dx()).times(beside));
        return DraftingTable.polyline(List.of(path.start(), middle, path.end()));
    }

    private BlockDrawing withDarts(List<BlockDart> darts) {
        return new BlockDrawing(sound.method(), sound.steps(), sound.front(), sound.back(), darts, sound.notes());
    }

    @Test
    void aSoundBlock_hasNoFault() {
        assertThat(faults(sound)).isEmpty();
        assertThat(BlockTruing.look(sound)).hasSize(14);
    }

    @Test
    void aShoulderThatIsLonger_isFound() {
        BlockDrawing longer = with(BlockEdge.Name.SHOULDER, p -> byWay(p, 14));
        assertThat(BlockTruing.look(longer)).anySatisfy(f -> {
            assertThat(f.id()).isEqualTo("shoulder-seam");
            assertThat(f.status()).isEqualTo(Finding.Status.FAULT);
            assertThat(f.value()).isBetween(2.5, 3.5);
        });
    }

    @Test
    void aSideSeamThatIsLonger_isFound() {
        assertThat(faults(with(BlockEdge.Name.SIDE, p -> byWay(p, 14)))).contains("side-seam");
    }

    @Test
    void aDartWithUnequalLegs_isFound() {
        List<BlockDart> darts = new ArrayList<>(sound.darts());
        BlockDart dart = darts.get(0);
        darts.set(
                0,
                new BlockDart(
                        dart.label(),
                        dart.half(),
                        dart.a().plus(new Vec(-12, 0)),
                        dart.b(),
                        dart.tips(),
                        dart.width(),
                        dart.givenBack()));
        assertThat(faults(withDarts(darts))).containsExactly("dart-legs");
    }

    @Test
    void aDartWithoutRoomBesideIt_isFound() {
        List<BlockDart> darts = new ArrayList<>(sound.darts());
        BlockDart dart = darts.get(0);
        Vec over = new Vec(85, 0);
        darts.set(
                0,
                new BlockDart(
                        dart.label(),
                        dart.half(),
                        dart.a().plus(over),
                        dart.b().plus(over),
                        dart.tips().stream().map(t -> t.plus(over)).toList(),
                        dart.width(),
                        dart.givenBack()));
        assertThat(faults(withDarts(darts))).containsExactly("dart-room");
    }

    @Test
    void anArmholeThatIsNotSquareToTheShoulder_isFound() {
        BlockDrawing slanted = with(BlockEdge.Name.ARMHOLE, p -> Path.of(new Line(p.start(), p.end())));
        assertThat(faults(slanted)).contains("joined-edge");
    }

    @Test
    void aNeckThatIsNotSquareToTheCentre_isFound() {
        assertThat(faults(with(BlockEdge.Name.NECK, p -> Path.of(new Line(p.start(), p.end())))))
                .contains("square-centre");
    }

    @Test
    void anOutlineThatCrossesItself_isFound() {
        BlockDrawing crossed = with(
                BlockEdge.Name.ARMHOLE, p -> DraftingTable.polyline(List.of(p.start(), new Point(-40, 150), p.end())));
        assertThat(faults(crossed)).contains("crossing");
    }

    @Test
    void outlines_areClosed_andTheirDartsOpenInThem() {
        for (Half half : Half.values()) {
            Path outline = sound.closed(half);
            assertThat(outline.start().distance(outline.end())).isCloseTo(0, within(1e-9));
        }
        assertThat(sound.front().stream().filter(e -> e.name() == BlockEdge.Name.DART))
                .hasSize(2);
        assertThat(sound.back().stream().filter(e -> e.name() == BlockEdge.Name.DART))
                .isEmpty();
    }
}
