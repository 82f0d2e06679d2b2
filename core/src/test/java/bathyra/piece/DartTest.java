package bathyra.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Darts with straight and with curved legs, measured by hand. */
class DartTest {
    /** From a tip at the top down to a mouth 30 wide. */
    private static final Dart OPEN = new Dart(
            "open",
            Path.of(new Line(new Point(0, 0), new Point(-15, 100))),
            Path.of(new Line(new Point(0, 0), new Point(15, 100))));

    /** Between two tips, 24 wide in its middle. */
    private static final Dart FISH = new Dart(
            "fish",
            Path.of(new Line(new Point(0, 0), new Point(-12, 80)), new Line(new Point(-12, 80), new Point(0, 200))),
            Path.of(new Line(new Point(0, 0), new Point(12, 80)), new Line(new Point(12, 80), new Point(0, 200))));

    @Test
    void width_isWhereItTakesMost() {
        assertThat(OPEN.width()).isCloseTo(30, within(1e-9));
        assertThat(FISH.width()).isCloseTo(24, within(0.6));
        assertThat(FISH.width()).isLessThanOrEqualTo(24 + 1e-9);
    }

    @Test
    void tips_areOne_whereItOpens_andTwoWhereItLiesInside() {
        assertThat(OPEN.tips(0.5)).containsExactly(new Point(0, 0));
        assertThat(FISH.tips(0.5)).containsExactly(new Point(0, 0), new Point(0, 200));
        // A mouth that is as narrow as what counts as meeting is no mouth.
        assertThat(OPEN.tips(31)).hasSize(2);
    }

    @Test
    void fold_runsMidwayBetweenTheLegs() {
        assertThat(OPEN.fold().start()).isEqualTo(new Point(0, 0));
        assertThat(OPEN.fold().end()).isEqualTo(new Point(0, 100));
        assertThat(FISH.fold().length()).isCloseTo(200, within(1e-9));
        assertThat(OPEN.lines()).containsExactly(OPEN.one(), OPEN.other(), OPEN.fold());
    }

    /** Laid elsewhere it is the same dart: nothing of it grows. */
    @Test
    void laidElsewhere_itKeepsItsMeasures() {
        Motion way = Motion.about(new Point(30, 40), 0.7).then(new Motion(1, 0, new Vec(120, -15)));
        for (Dart dart : List.of(OPEN, FISH, curved())) {
            Dart laid = dart.mapped(way);
            assertThat(laid.name()).isEqualTo(dart.name());
            assertThat(laid.width()).isCloseTo(dart.width(), within(1e-9));
            assertThat(laid.one().length()).isCloseTo(dart.one().length(), within(1e-9));
            assertThat(laid.other().length()).isCloseTo(dart.other().length(), within(1e-9));
            assertThat(laid.fold().start().distance(way.apply(dart.fold().start())))
                    .isLessThan(1e-9);
        }
    }

    private static Dart curved() {
        return new Dart(
                "curved",
                Path.of(new Cubic(new Point(0, 0), new Point(-2, 30), new Point(-14, 60), new Point(-15, 100))),
                Path.of(new Cubic(new Point(0, 0), new Point(2, 30), new Point(14, 60), new Point(15, 100))));
    }

    @Test
    void curvedLegs_areMeasuredAlongThemselves() {
        Dart dart = curved();
        assertThat(dart.one().length()).isCloseTo(dart.other().length(), within(1e-9));
        assertThat(dart.one().length()).isGreaterThan(OPEN.one().length());
        assertThat(dart.width()).isCloseTo(30, within(1e-6));
    }

    /** On a piece it goes where the piece goes, and stays when other things of the piece change. */
    @Test
    void onAPiece_itGoesAlong() {
        Piece piece = new Piece(
                        new PieceTitle("B1", "Back", 3, false),
                        new CutCount(2, false),
                        List.of(
                                edge("upper-edge", -60, -20, 60, -20),
                                edge("centre-back", 60, -20, 60, 220),
                                edge("lower-edge", 60, 220, -60, 220),
                                edge("side", -60, 220, -60, -20)),
                        new Markings(List.of(), List.of(), new Grain(new Point(50, 200), new Point(50, 0))),
                        CuttingLine.of(List.of()))
                .darted(List.of(FISH));
        assertThat(piece.darts()).containsExactly(FISH);
        assertThat(piece.withNotches(List.of(new Notch("side", new Point(-60, 80), true, "waist")))
                        .darts())
                .containsExactly(FISH);
        assertThat(piece.called("Back, whole", false).darts()).containsExactly(FISH);
        assertThat(piece.cutOnce().darts()).containsExactly(FISH);
        Piece moved = piece.mapped(p -> p.plus(new Vec(7, 9)));
        assertThat(moved.darts().get(0).one().start()).isEqualTo(new Point(7, 9));
        assertThat(piece.darted(List.of()).darts()).isEmpty();
    }

    private static OutlineEdge edge(String name, double x1, double y1, double x2, double y2) {
        return new OutlineEdge(
                name, OutlineEdge.Kind.SEAM, Optional.empty(), Path.of(new Line(new Point(x1, y1), new Point(x2, y2))));
    }
}
