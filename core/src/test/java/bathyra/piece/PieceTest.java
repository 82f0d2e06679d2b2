package bathyra.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PieceTest {
    private static OutlineEdge edge(String name, double x1, double y1, double x2, double y2) {
        return new OutlineEdge(
                name, OutlineEdge.Kind.SEAM, Optional.empty(), Path.of(new Line(new Point(x1, y1), new Point(x2, y2))));
    }

    private final Piece square = new Piece(
            new PieceTitle("F2", "Side front", 2, true),
            new CutCount(2, false),
            List.of(
                    edge("upper-edge", 0, 0, 80, 0),
                    edge("right", 80, 0, 80, 200),
                    edge("lower-edge", 80, 200, 0, 200),
                    edge("left", 0, 200, 0, 0)),
            new Markings(
                    List.of(new LevelMark("waist", new Point(0, 120), new Point(80, 120))),
                    List.of(new Notch("right", new Point(80, 120), false, "waist")),
                    new Grain(new Point(40, 180), new Point(40, 20)),
                    List.of(new Piece.Corner(new Point(0, 200), 70)),
                    List.of(new Mark(Mark.Kind.TOP, new Point(40, 10))),
                    List.of()),
            new CuttingLine(
                    List.of(new Point(-13, -13), new Point(93, -13), new Point(93, 213), new Point(-13, -13)),
                    Map.of("right", 13.0)));

    @Test
    void whatItIsCalled_cutAndMarkedWith_isReadThroughIt() {
        assertThat(square.id()).isEqualTo("F2");
        assertThat(square.name()).isEqualTo("Side front");
        assertThat(square.order()).isEqualTo(2);
        assertThat(square.front()).isTrue();
        assertThat(square.count()).isEqualTo(2);
        assertThat(square.onFold()).isFalse();
        assertThat(square.cutWords()).isEqualTo("cut 2");
        assertThat(square.cutOnce().cutWords()).isEqualTo("cut 1");
        assertThat(new CutCount(1, true).words()).isEqualTo("cut 1 on the fold");
        assertThat(square.mark("waist")).isPresent();
        assertThat(square.mark("hip")).isEmpty();
        assertThat(square.allowances()).containsEntry("right", 13.0);
    }

    @Test
    void changingOneThing_leavesTheRest() {
        Piece other = square.called("Front", false);
        assertThat(other.name()).isEqualTo("Front");
        assertThat(other.front()).isFalse();
        assertThat(other.id()).isEqualTo("F2");
        assertThat(other.outline()).isEqualTo(square.outline());
        assertThat(other.markings()).isEqualTo(square.markings());
        assertThat(square.withId("X").markings()).isEqualTo(square.markings());
        assertThat(square.marking(List.of()).marks()).isEmpty();
        assertThat(square.marking(List.of()).notches()).isEqualTo(square.notches());
        assertThat(square.withLevels(List.of()).levelMarks()).isEmpty();
        assertThat(square.withNotches(List.of()).levelMarks()).isEqualTo(square.levelMarks());
        assertThat(square.cutWith(List.of(), Map.of()).title()).isEqualTo(square.title());
    }

    @Test
    void laidElsewhere_everythingGoesAlong_andNoLengthChanges() {
        Piece moved = square.mapped(p -> p.plus(new Vec(30, -40)));
        for (OutlineEdge edge : square.outline()) {
            OutlineEdge there = moved.edge(edge.name());
            assertThat(there.path().length()).isCloseTo(edge.path().length(), within(1e-9));
            assertThat(there.path().start()).isEqualTo(edge.path().start().plus(new Vec(30, -40)));
        }
        assertThat(moved.grain().from()).isEqualTo(new Point(70, 140));
        assertThat(moved.notches().get(0).at()).isEqualTo(new Point(110, 80));
        assertThat(moved.notches().get(0).level()).contains("waist");
        assertThat(moved.declared().get(0).at()).isEqualTo(new Point(30, 160));
        assertThat(moved.declared().get(0).degrees()).isEqualTo(70);
        assertThat(moved.marks().get(0).at()).isEqualTo(new Point(70, -30));
        assertThat(moved.cutLine()).hasSameSizeAs(square.cutLine());
        assertThat(moved.allowances()).isEqualTo(square.allowances());
    }

    @Test
    void upright_turnsItsGrain_andOnlyThat() {
        Piece leaning = square.mapped(bathyra.geometry.Motion.about(new Point(40, 100), 0.3));
        Piece upright = leaning.upright();
        Grain grain = upright.grain();
        assertThat(grain.from().x()).isCloseTo(grain.to().x(), within(1e-9));
        assertThat(grain.to().y()).isLessThan(grain.from().y());
        assertThat(square.upright()).isSameAs(square);
    }

    @Test
    void edgeThatItHasNot_isSaidByName() {
        assertThatThrownBy(() -> square.edge("hem"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("F2")
                .hasMessageContaining("hem");
    }

    @Test
    void flattenedOutline_isClosed_andRunsThroughEveryCorner() {
        List<Point> ring = square.flattened(0.1);
        assertThat(ring.get(0)).isEqualTo(ring.get(ring.size() - 1));
        assertThat(ring).contains(new Point(0, 0), new Point(80, 0), new Point(80, 200), new Point(0, 200));
        assertThat(square.path().length()).isCloseTo(560, within(1e-9));
    }

    @Test
    void listsGivenIn_cannotBeChangedAfterwards() {
        List<OutlineEdge> outline = new ArrayList<>(square.outline());
        Piece piece = square.withOutline(outline);
        outline.clear();
        assertThat(piece.outline()).hasSize(4);
        assertThatThrownBy(() -> piece.outline().clear()).isInstanceOf(UnsupportedOperationException.class);
    }
}
