package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.block.BlockDart;
import bathyra.block.BlockDrawing;
import bathyra.block.Half;
import bathyra.finding.Finding;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.LayerKind;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import bathyra.layer.Layer;
import bathyra.layer.Layers;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.Dart;
import bathyra.piece.Mark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.truing.Truing;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A darted front and back as pieces to be cut (C12.1). */
class BlockPiecesTest {
    private static final int BODIES = Sample.of(200);

    private static Garment by(BlockMethod method) {
        return Garment.bustier().withBlock(Garment.bustier().block().withMethod(method));
    }

    private static Optional<BlockDrawing> drawing(MeasurementSet body, BlockMethod method) {
        return BlockDrafter.draft(body, by(method)).drawing();
    }

    @ParameterizedTest
    @EnumSource(BlockMethod.class)
    void everyPieceHasItsAllowances_andCanBeCut(BlockMethod method) {
        Random random = new Random(31);
        int looked = 0;
        for (int i = 0; i < BODIES; i++) {
            MeasurementSet body = Bodies.ordinary(random);
            Optional<BlockDrawing> drawing = drawing(body, method);
            if (drawing.isEmpty()) {
                continue;
            }
            looked++;
            Pattern pattern = BlockPattern.finished(drawing.get(), "block", by(method));
            Finished.holds(pattern);
            for (Piece piece : pattern.pieces()) {
                for (OutlineEdge edge : piece.outline()) {
                    if (edge.kind() != OutlineEdge.Kind.DART) {
                        double asked = allowance(edge, piece.front());
                        assertThat(awayFrom(middle(edge), piece.cutLine()))
                                .as("%s %s", piece.id(), edge.name())
                                .isCloseTo(asked, within(0.2));
                    }
                }
                assertThat(piece.marks()).allMatch(m -> m.kind() == Mark.Kind.DART_END);
            }
        }
        assertThat(looked).isGreaterThan(BODIES / 2);
    }

    /** The middle of the edge's longest stretch: at a bend the cut line lies farther out. */
    private static Point middle(OutlineEdge edge) {
        return edge.path().segments().stream()
                .max(Comparator.comparingDouble(Segment::length))
                .orElseThrow()
                .at(0.5);
    }

    /** By hand: nothing on the fold, 25 at a zip and at the side, 13 in a seam, 10 at neck, armhole and hem. */
    private static double allowance(OutlineEdge edge, boolean front) {
        String name = edge.name().replaceAll("-\\d$", "");
        return switch (name) {
            case "centre" -> front ? 0 : 25;
            case "side" -> 25;
            case "shoulder" -> 13;
            default -> 10;
        };
    }

    private static double awayFrom(Point point, List<Point> line) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < line.size(); i++) {
            Path chord = Path.of(new Line(line.get(i - 1), line.get(i)));
            if (line.get(i - 1).distance(line.get(i)) > 1e-6) {
                least = Math.min(least, chord.nearest(point).point().distance(point));
            }
        }
        return least;
    }

    @Test
    void overADartTheClothIsNotCutIn_andFoldedItsRoofReachesOverTheSide() {
        MeasurementSet body = Bodies.withArms(Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680)));
        BlockDrawing drawing = drawing(body, BlockMethod.QUARTER).orElseThrow();
        Piece front = BlockPattern.finished(drawing, "block", by(BlockMethod.QUARTER))
                .pieces()
                .get(0);
        BlockDart side = drawing.darts().stream()
                .filter(d -> d.half() == Half.FRONT && d.tips().size() == 1)
                .findFirst()
                .orElseThrow();
        Point tip = side.tips().get(0);
        // The cut line stays outside the mouth by the side's allowance: folded, the roof is as wide as the side is.
        Point middle = side.a().between(side.b(), 0.5);
        assertThat(awayFrom(middle, front.cutLine())).isGreaterThan(20);
        Vec leg = tip.to(side.a()).unit();
        Point beyond = middle.plus(tip.to(middle).unit().times(60));
        Path ray = Path.of(new Line(tip, beyond));
        double roof = 0;
        List<Point> cut = front.cutLine();
        for (int i = 1; i < cut.size(); i++) {
            if (cut.get(i - 1).distance(cut.get(i)) > 1e-6) {
                roof = Math.max(
                        roof,
                        ray.crossing(Path.of(new Line(cut.get(i - 1), cut.get(i))))
                                .map(Path.Crossing::here)
                                .orElse(0.0));
            }
        }
        // Turned over the leg, as it lies when the dart is folded, the roof's peak is 25 outside the side above the
        // dart.
        Point peak = tip.plus(tip.to(beyond).unit().times(roof));
        Vec to = tip.to(peak);
        Point folded = tip.plus(leg.times(2 * to.dot(leg)).minus(to));
        OutlineEdge above = front.edge("side");
        Vec along = above.path().endTangent();
        double off = Math.abs(above.path().end().to(folded).cross(along));
        assertThat(off).isBetween(24.5, 40.0);
    }

    @Test
    void theEndsOfEveryMouthAreNotched_andTheLayersAreThoseOfTheGarment() {
        MeasurementSet body = Bodies.withArms(Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680)));
        Garment garment = by(BlockMethod.SHOULDER_DART);
        BlockDrawing drawing = drawing(body, BlockMethod.SHOULDER_DART).orElseThrow();
        Pattern pattern = BlockPattern.finished(drawing, "block", garment);
        for (Piece piece : pattern.pieces()) {
            assertThat(piece.notches().stream()
                            .filter(n -> n.level().equals("dart"))
                            .map(Notch::edge))
                    .contains("shoulder", "shoulder-2");
        }
        Garment mounted = garment.withFinish(garment.finish()
                .withLayer(
                        LayerKind.INTERLINING,
                        garment.finish().layer(LayerKind.INTERLINING).withMade(true)));
        assertThat(Layers.ofPieces(pattern, mounted))
                .extracting(Layer::kind)
                .containsExactly(LayerKind.FASHION, LayerKind.INTERLINING, LayerKind.LINING);
    }

    /** The darts come along with the piece: one leg as long as the other, sewn from where they meet. */
    @ParameterizedTest
    @EnumSource(BlockMethod.class)
    void darts_lieOnTheirPieces_withLegsAlike(BlockMethod method) {
        BlockDrawing drawing = drawing(Bodies.large(), method).orElseThrow();
        Pattern pattern = BlockPattern.finished(drawing, "block", by(method));
        List<Dart> darts =
                pattern.pieces().stream().flatMap(p -> p.darts().stream()).toList();
        assertThat(darts).hasSameSizeAs(drawing.darts());
        assertThat(darts.isEmpty()).isEqualTo(method == BlockMethod.PROPORTION);
        for (int i = 0; i < darts.size(); i++) {
            Dart dart = darts.get(i);
            BlockDart drawn = drawing.darts().stream()
                    .filter(d -> d.label().equals(dart.name())
                            && d.tips().get(0).distance(dart.one().start()) < 1e-9)
                    .findFirst()
                    .orElseThrow();
            assertThat(dart.one().length()).isCloseTo(dart.other().length(), within(1.0));
            assertThat(dart.tips(0.5)).hasSameSizeAs(drawn.tips());
            assertThat(dart.width()).isCloseTo(drawn.a().distance(drawn.b()), within(2.0));
        }
        assertThat(Truing.beforeCutting(pattern)).allMatch(f -> f.status() != Finding.Status.FAULT);
    }
}
