package bathyra.foreign;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.finding.Finding;
import bathyra.foreign.ForeignLine.Role;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.length.LengthUnit;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TakingTest {
    private static Path run(double... xy) {
        List<Segment> segments = new ArrayList<>();
        for (int i = 2; i < xy.length; i += 2) {
            segments.add(new Line(new Point(xy[i - 2], xy[i - 1]), new Point(xy[i], xy[i + 1])));
        }
        return new Path(segments);
    }

    private static Path box(double left, double top, double width, double height) {
        return run(left, top, left + width, top, left + width, top + height, left, top + height, left, top);
    }

    private static ForeignLine line(String name, Path path) {
        return new ForeignLine(name, "", Role.UNKNOWN, path);
    }

    private static Taken take(ForeignLine... lines) {
        return Taking.take(new ForeignDrawing("Mended", Optional.empty(), List.of(lines), List.of()), DrawnUnit.MM);
    }

    private static String only(List<Finding> findings) {
        assertThat(findings).hasSize(1);
        return findings.get(0).sentence().in(LengthUnit.MM).replace('\u00a0', ' ');
    }

    @Test
    void aRectangle_isOnePieceWithFourEdges_clockwiseFromTheUpperLeft() {
        // Drawn the other way round: the outline is turned so that it runs clockwise.
        Taken taken = take(line("Back", run(0, 0, 0, 300, 100, 300, 100, 0, 0, 0)));
        Piece piece = taken.pattern().pieces().get(0);
        assertThat(taken.faults()).isEmpty();
        assertThat(piece.outline()).extracting(OutlineEdge::name).containsExactly("edge1", "edge2", "edge3", "edge4");
        assertThat(piece.outline().get(0).path().start()).isEqualTo(new Point(0, 0));
        assertThat(piece.outline().get(0).path().end()).isEqualTo(new Point(100, 0));
        assertThat(piece.grain().to().y())
                .as("the arrow is at the top")
                .isLessThan(piece.grain().from().y());
    }

    @Test
    void loosePieces_ofOneOutline_areJoinedInAnyOrderAndDirection() {
        Taken taken = take(
                line("a", run(0, 0, 100, 0)),
                line("b", run(100.3, 300, 100, 0.2)),
                line("c", run(0, 300, 0, 0)),
                line("d", run(0, 300.1, 100, 300)));
        assertThat(taken.faults()).isEmpty();
        assertThat(taken.pattern().pieces()).hasSize(1);
        assertThat(taken.pattern().pieces().get(0).outline()).hasSize(4);
    }

    @Test
    void anOpenOutline_isSaidWithBothEndsAndTheGap_andNothingIsTaken() {
        Taken taken = take(
                line("Side front", run(0, 0, 100, 0, 100, 300, 0, 300, 0, 12)), line("Back", box(200, 0, 100, 300)));
        assertThat(taken.pattern().pieces()).isEmpty();
        assertThat(only(taken.faults()))
                .isEqualTo(
                        "Side front is open: between its ends, at 0.0, 0.0 mm and at 0.0, 12.0 mm, there are 12.0 mm. Join them; ends up to 0.5 mm apart are joined for you.");
    }

    @Test
    void aGap_isJoinedUpToHalfAMillimetre_andNoFarther() {
        assertThat(take(line("P", run(0, 0, 100, 0, 100, 300, 0, 300, 0, 0.45))).faults())
                .isEmpty();
        assertThat(take(line("P", run(0, 0, 100, 0, 100, 300, 0, 300, 0, 0.55))).faults())
                .hasSize(1);
    }

    @Test
    void anOutlineThatCrossesItself_isSaidWithThePlace() {
        assertThat(only(take(line("Cup", run(0, 0, 100, 100, 100, 0, 0, 100, 0, 0)))
                        .faults()))
                .isEqualTo(
                        "Cup crosses itself at 50.0, 50.0 mm. Redraw it there so that it runs round the piece once.");
    }

    @Test
    void anOutlineInsideAnother_isItsSewingLine_whenItLiesAnAllowanceAway() {
        Taken taken = take(line("cut", box(0, 0, 130, 330)), line("sew", box(15, 15, 100, 300)));
        assertThat(taken.pattern().pieces()).singleElement().satisfies(p -> {
            assertThat(p.name()).isEqualTo("sew");
            assertThat(Shape.area(p.cutLine())).isCloseTo(130 * 330, within(0.1));
        });
    }

    @Test
    void aFrameRoundTwoPieces_isLeftOut_andAHoleToo() {
        Taken framed = take(
                line("frame", box(-50, -50, 600, 500)),
                line("L", box(0, 0, 200, 300)),
                line("R", box(250, 0, 200, 300)));
        assertThat(framed.pattern().pieces()).extracting(Piece::name).containsExactly("L", "R");
        assertThat(only(framed.notes())).isEqualTo("A frame round 2 outlines left out: frame.");
        Taken holed = take(line("P", box(0, 0, 300, 300)), line("hole", box(100, 100, 60, 60)));
        assertThat(holed.pattern().pieces()).extracting(Piece::name).containsExactly("P");
        assertThat(only(holed.notes())).startsWith("1 line inside P left out");
    }

    @Test
    void openLinesInsideAPiece_areLeftOut_smallOnesToo() {
        Taken taken = take(
                line("P", box(0, 0, 100, 300)), line("grain", run(50, 20, 50, 280)), line("tick", run(-20, 0, -10, 0)));
        assertThat(taken.faults()).isEmpty();
        assertThat(taken.notes())
                .extracting(f -> f.sentence().in(LengthUnit.MM))
                .containsExactly("1 open line inside the pieces left out.", "1 short open line left out.");
    }

    @Test
    void aWrongUnit_isSaidWithTheSizeItWouldGive() {
        ForeignDrawing drawing =
                new ForeignDrawing("", Optional.empty(), List.of(line("P", box(0, 0, 10, 30))), List.of());
        assertThat(Taking.take(drawing, DrawnUnit.CM).faults()).isEmpty();
        assertThat(only(Taking.take(drawing, DrawnUnit.MM).faults()))
                .startsWith("There is no closed outline of 9 cm² or more in the drawing.");
        assertThat(only(Taking.take(drawing, DrawnUnit.FT).faults()))
                .isEqualTo(
                        "In ft the largest piece would be 9144.0 mm long. Say another unit: pieces from 40.0 mm to 3000.0 mm are taken.");
        assertThat(Taking.size(drawing, DrawnUnit.IN)).containsExactly(254, 762);
    }

    @Test
    void aCurveInShortLines_isOneEdgeAndLaidSmooth_withinThreeHundredthsOfItsCorners() {
        // A leaf: an arc of radius 200 up one side, straight back. Its bend can be looked at only when the arc is no
        // row of corners.
        List<Segment> segments = new ArrayList<>();
        Point from = new Point(0, 0);
        for (int i = 1; i <= 60; i++) {
            double angle = Math.toRadians(i);
            Point to = new Point(200 * (1 - Math.cos(angle)), 200 * Math.sin(angle));
            segments.add(new Line(from, to));
            from = to;
        }
        segments.add(new Line(from, new Point(0, 0)));
        Path drawn = new Path(segments);
        Piece piece = take(line("Leaf", drawn)).pattern().pieces().get(0);
        assertThat(piece.outline()).hasSize(2);
        Path arc = piece.outline().stream()
                .map(OutlineEdge::path)
                .filter(p -> p.segments().stream().anyMatch(s -> s instanceof Cubic))
                .findFirst()
                .orElseThrow();
        assertThat(arc.tightest()).isCloseTo(200, within(6.0));
        for (Segment s : drawn.segments()) {
            assertThat(arc.nearest(s.start()).point().distance(s.start())).isLessThan(Smoothing.NEAR + 0.01);
        }
    }

    @Test
    void edgesThatFaceEachOther_areSewnWhenAlike_andOnesChosenInTheirStead() {
        Taken taken = take(
                line("L", box(0, 0, 100, 300)), line("M", box(150, 0, 100, 305)), line("R", box(300, 0, 100, 400)));
        Pattern sewn = Sewing.suggested(taken.pattern());
        assertThat(sewn.seams())
                .as("300 and 305 agree, 305 and 400 do not")
                .extracting(s -> s.a().piece() + s.a().edge() + s.b().piece() + s.b().edge())
                .containsExactly("P1edge2P2edge4");
        assertThat(sewn.piece("P1").edge("edge2").kind()).isEqualTo(OutlineEdge.Kind.SEAM);
        Pattern other = Sewing.sewn(sewn, new SeamJoin.Ref("P1", "edge2"), new SeamJoin.Ref("P3", "edge4"));
        assertThat(other.seams()).hasSize(1);
        assertThat(other.piece("P2").edge("edge4").kind())
                .as("its seam was undone")
                .isEqualTo(OutlineEdge.Kind.EDGE);
        assertThat(Sewing.unsewn(other, other.seams().get(0)).seams()).isEmpty();
    }

    @Test
    void rolesOfABlock_nameEdgesOnce_andLayLevelLines() {
        Pattern pattern = take(line("Front", run(0, 100, 60, 0, 180, 30, 200, 200, 190, 600, 0, 600, 0, 100)))
                .pattern();
        SeamJoin.Ref edge =
                new SeamJoin.Ref("P1", pattern.pieces().get(0).outline().get(1).name());
        SeamJoin.Ref next =
                new SeamJoin.Ref("P1", pattern.pieces().get(0).outline().get(2).name());
        BlockRoles roles = BlockRoles.NONE
                .naming(edge, Optional.of("shoulder"))
                .naming(next, Optional.of("shoulder"))
                .at("P1", 420, 600);
        assertThat(roles.edges()).containsOnlyKeys(next);
        Piece block = roles.block(pattern).pieces().get(0);
        assertThat(block.mark("waist").orElseThrow().from().y())
                .isEqualTo(Math.min(
                                block.edge("shoulder").path().start().y(),
                                block.edge("shoulder").path().end().y())
                        + 420);
    }

    @Test
    void cornersOfAnOutline_areTurnsThatNobodySewsRound() {
        // A round end of radius 15 is sewn round; a point of 60 degrees is a corner.
        List<Segment> segments = new ArrayList<>();
        segments.add(new Line(new Point(0, 0), new Point(0, -200)));
        double k = 0.5523 * 15;
        segments.add(
                new Cubic(new Point(0, -200), new Point(0, -200 - k), new Point(15 - k, -215), new Point(15, -215)));
        segments.add(
                new Cubic(new Point(15, -215), new Point(15 + k, -215), new Point(30, -200 - k), new Point(30, -200)));
        segments.add(new Line(new Point(30, -200), new Point(30, 0)));
        segments.add(new Line(new Point(30, 0), new Point(15, 26)));
        segments.add(new Line(new Point(15, 26), new Point(0, 0)));
        Piece piece = take(line("Strap", new Path(segments).moved(new Vec(100, 300))))
                .pattern()
                .pieces()
                .get(0);
        assertThat(piece.outline()).hasSize(3);
    }
}
