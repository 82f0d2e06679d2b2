package bathyra.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What a cutter does with paper, on a sheet of 200 by 300 mm: what must not change does not, and angles add up. */
class OperationsTest {
    private static final double EXACT = 1e-6;

    private static OutlineEdge edge(String name, OutlineEdge.Kind kind, Point a, Point b) {
        return new OutlineEdge(name, kind, Optional.empty(), Path.of(new Line(a, b)));
    }

    /** Clockwise on the screen: top, right, bottom, left. */
    private static Sheet sheet() {
        Point a = new Point(0, 0);
        Point b = new Point(200, 0);
        Point c = new Point(200, 300);
        Point d = new Point(0, 300);
        return new Sheet(
                "F1",
                "Front",
                true,
                List.of(
                        edge("top", OutlineEdge.Kind.EDGE, a, b),
                        edge("seam", OutlineEdge.Kind.SEAM, b, c),
                        edge("hem", OutlineEdge.Kind.EDGE, c, d),
                        edge("fold", OutlineEdge.Kind.FOLD, d, a)),
                List.of(new LevelMark("bust", new Point(0, 150), new Point(200, 150))),
                List.of());
    }

    private static double area(Sheet sheet) {
        return Shape.area(sheet.flattened(0.001));
    }

    private static void isClosed(Sheet sheet) {
        for (OutlineEdge edge : sheet.outline()) {
            assertThat(edge.path()
                            .end()
                            .distance(sheet.beside(edge.name(), 1).path().start()))
                    .as(edge.name())
                    .isLessThan(EXACT);
        }
    }

    @Test
    void slash_givesTwoClosedSheetsThatTogetherAreTheWhole() {
        Path line = Path.of(new Cubic(new Point(0, 100), new Point(60, 140), new Point(140, 60), new Point(200, 120)));
        Slash.Parts parts = Slash.along(sheet(), line, "cut");
        assertThat(area(parts.along()) + area(parts.rest())).isCloseTo(60000, within(0.01));
        assertThat(parts.along().edge("cut").path().length()).isCloseTo(line.length(), within(EXACT));
        assertThat(parts.rest().edge("cut").path().length()).isCloseTo(line.length(), within(EXACT));
        assertThat(parts.along().edge("fold").path().length()
                        + parts.rest().edge("fold").path().length())
                .isCloseTo(300, within(EXACT));
        isClosed(parts.along());
        isClosed(parts.rest());
    }

    @Test
    void slash_acrossALevelLine_dividesIt() {
        Slash.Parts parts = Slash.along(sheet(), Path.of(new Line(new Point(80, 0), new Point(80, 300))), "cut");
        assertThat(parts.along().marks()).hasSize(1);
        assertThat(parts.along().marks().get(0).length()).isCloseTo(120, within(EXACT));
        assertThat(parts.rest().marks().get(0).length()).isCloseTo(80, within(EXACT));
    }

    @Test
    void slash_thatEndsOffTheOutline_isNone() {
        assertThatThrownBy(() -> Slash.along(sheet(), Path.of(new Line(new Point(0, 100), new Point(150, 120))), "cut"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("F1");
    }

    @Test
    void pivot_keepsEveryLengthAndTheArea() {
        Sheet turned = Pivot.about(sheet(), new Point(200, 150), 0.4);
        for (OutlineEdge edge : sheet().outline()) {
            assertThat(turned.edge(edge.name()).path().length())
                    .isCloseTo(edge.path().length(), within(EXACT));
        }
        assertThat(area(turned)).isCloseTo(60000, within(EXACT * 1000));
        assertThat(Motion.about(new Point(200, 150), 0.4)
                        .inverse()
                        .apply(turned.edge("top").path().start())
                        .distance(new Point(0, 0)))
                .isLessThan(EXACT);
    }

    @Test
    void close_turnsThePartAtTheSeamAndTakesTheWedgeOutOfTheEdge() {
        Close.Wedge wedge = new Close.Wedge("top", 90, 110, "seam", 150, true);
        double angle = wedge.angle(sheet());
        assertThat(angle)
                .isCloseTo(2 * Math.atan2(10, Math.hypot(150, 100)) * Math.cos(Math.atan2(100, 150)), within(0.01));
        Sheet closed = Close.wedge(sheet(), wedge, 5, 5);
        isClosed(closed);
        // The edge lies aslant to the wedge: its two sides are 186 and 175 long, and the blend takes up the step.
        assertThat(closed.edge("top").path().length()).isBetween(180.0, 180 + 186 - 175 + 1.0);
        assertThat(closed.edge("seam").path().length()).isCloseTo(300, within(0.05));
        assertThat(closed.edge("fold").path().length()).isEqualTo(300);
        // Below its point the seam stands still, above it leans inwards by the wedge's angle.
        assertThat(closed.edge("seam").path().end()).isEqualTo(new Point(200, 300));
        assertThat(closed.edge("seam").path().startTangent().angleTo(Vec.DOWN)).isCloseTo(angle, within(1e-9));
    }

    @Test
    void close_beyondItsEdge_isNone() {
        assertThatThrownBy(() -> Close.wedge(sheet(), new Close.Wedge("top", 190, 210, "seam", 150, true), 5, 5))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("top");
    }

    /** Whatever wedges are closed at a pin, in whatever order: the cloth that is left round it and what was taken out are half a turn together. */
    @Test
    void closing_anyWedgesAtOnePin_keepsTheTotalAngle() {
        Random random = new Random(9);
        for (int n = 0; n < 300; n++) {
            Sheet sheet = sheet();
            double taken = 0;
            for (int i = 1 + random.nextInt(5); i > 0; i--) {
                double length = sheet.edge("top").path().length();
                double from = 15 + random.nextDouble() * (length - 60);
                double pin =
                        sheet.edge("seam").path().nearest(new Point(200, 150)).arc();
                Close.Wedge wedge =
                        new Close.Wedge("top", from, from + 2 + random.nextDouble() * 10, "seam", pin, true);
                taken += wedge.angle(sheet);
                sheet = Close.wedge(sheet, wedge, 4, 4);
            }
            Path seam = sheet.edge("seam").path();
            double cloth = Math.PI - seam.startTangent().angleTo(seam.endTangent());
            assertThat(cloth + taken).isCloseTo(Math.PI, within(1e-6));
        }
    }

    /** A dart that is moved: slashed, turned about its point and joined again, the paper keeps its area and the angle at the point. */
    @Test
    void moving_aSlashedPart_andMergingItBack_givesTheSheetAgain() {
        Random random = new Random(4);
        for (int n = 0; n < 100; n++) {
            double y = 60 + random.nextDouble() * 180;
            Slash.Parts parts =
                    Slash.along(sheet(), Path.of(new Line(new Point(0, y), new Point(200, 300 - y * 0.8))), "cut");
            Sheet turned = Pivot.about(
                    parts.rest(),
                    new Point(random.nextDouble() * 200, random.nextDouble() * 300),
                    random.nextDouble() - 0.5);
            Sheet merged = Merge.along(parts.along(), turned, "cut", 3);
            assertThat(area(merged)).isCloseTo(60000, within(0.5));
            assertThat(merged.has("cut")).isFalse();
            assertThat(merged.edge("fold").path().length()).isCloseTo(300, within(0.01));
            isClosed(merged);
        }
    }

    @Test
    void blend_meetsInOneDirection_andThroughKeepsTheJoint() {
        Path before = Path.of(new Line(new Point(0, 0), new Point(50, 0)));
        Path after = Path.of(new Line(new Point(50, 0), new Point(100, 20)));
        for (Blend.Blended blended : List.of(Blend.across(before, after, 20), Blend.through(before, after, 20))) {
            assertThat(blended.before().endTangent().angleTo(blended.after().startTangent()))
                    .isCloseTo(0, within(1e-9));
            assertThat(blended.whole().start()).isEqualTo(before.start());
            assertThat(blended.whole().end()).isEqualTo(after.end());
        }
        assertThat(Blend.through(before, after, 20).joint()).isEqualTo(new Point(50, 0));
    }

    @Test
    void spread_keepsTheEdgeOnWhichItHinges_andOpensTheOther() {
        Sheet fan = Spread.strip("P1", "Peplum", true, 240, 140, 160, 10);
        assertThat(fan.edge("top").path().length()).isCloseTo(240, within(1e-3));
        // Nine of ten slashes open: the last strip ends at the seam.
        assertThat(fan.edge("hem").path().length()).isCloseTo(240 + 160 * 0.9, within(2.0));
        assertThat(fan.edge("left").path().startTangent().angleTo(Vec.DOWN.reversed()))
                .isCloseTo(0, within(1e-9));
        isClosed(fan);
    }

    @Test
    void trueing_andWalking_measureAndMakeEqual() {
        Path shorter = Path.of(new Line(new Point(0, 0), new Point(0, 100)));
        Path longer = Path.of(new Cubic(new Point(0, 0), new Point(20, 30), new Point(20, 70), new Point(0, 110)));
        assertThat(Walk.difference(longer, shorter)).isPositive();
        assertThat(Walk.difference(longer, True.toLength(shorter, longer.length())))
                .isCloseTo(0, within(EXACT));
        assertThat(Walk.difference(True.toLength(longer, 100), shorter)).isCloseTo(0, within(EXACT));
        assertThat(Walk.partner(shorter, 30)).isCloseTo(70, within(EXACT));
    }

    @Test
    void traceOff_carriesALineOntoThePieceThatLiesThere_andCopiesAPart() {
        Motion laid = Motion.about(new Point(10, 20), 0.3);
        Path onPiece = Path.of(new Line(new Point(5, 5), new Point(40, 8)));
        Path back = TraceOff.onto(laid.apply(onPiece), laid);
        assertThat(back.start().distance(onPiece.start())).isLessThan(EXACT);
        assertThat(back.end().distance(onPiece.end())).isLessThan(EXACT);
        Sheet copy = TraceOff.part(
                sheet(), Path.of(new Line(new Point(0, 40), new Point(200, 40))), "facing", "X", "Facing");
        assertThat(area(copy)).isCloseTo(200 * 40, within(0.01));
        assertThat(copy.name()).isEqualTo("Facing");
    }

    @Test
    void divided_edgeIsAsLongAsBefore() {
        Sheet divided = sheet().divided("seam", 120, "seam-low");
        assertThat(divided.edge("seam").path().length()
                        + divided.edge("seam-low").path().length())
                .isCloseTo(300, within(EXACT));
        List<String> names = new ArrayList<>(
                divided.outline().stream().map(OutlineEdge::name).toList());
        assertThat(names).containsExactly("top", "seam", "seam-low", "hem", "fold");
        assertThat(sheet().divided("seam", 0, "none").outline()).hasSize(4);
    }
}
