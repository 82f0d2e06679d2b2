package bathyra.app.edges;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.table.Joining;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.BackShaping;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.geometry.Point;
import bathyra.length.LengthUnit;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class EdgesDrawingTest {
    private static final Garment BASQUE = Garment.bustier().withLowerEdge(LowerShape.POINTED_BASQUE);

    private static Map<LengthOption, Point> handles(Garment garment, Joining joining) {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
        return new EdgesDrawing(draft, LengthUnit.CM, joining).handles(false);
    }

    @ParameterizedTest
    @EnumSource(Joining.class)
    void basque_hasItsHandlesWhereTheBodyEnds_andTheSkirtsAtItsHem(Joining joining) {
        Map<LengthOption, Point> handles = handles(BASQUE, joining);
        assertThat(handles)
                .containsOnlyKeys(
                        LengthOption.SKIRT_LENGTH,
                        LengthOption.BASQUE_FRONT,
                        LengthOption.BASQUE_SIDE,
                        LengthOption.BASQUE_BACK);
        double front = handles.get(LengthOption.BASQUE_FRONT).y();
        double asked = LengthOption.SKIRT_LENGTH
                        .standard(BASQUE.block().method())
                        .millimetres()
                - LengthOption.BASQUE_FRONT.standard(BASQUE.block().method()).millimetres();
        assertThat(handles.get(LengthOption.SKIRT_LENGTH).y() - front).isCloseTo(asked, within(1.0));
        assertThat(handles.get(LengthOption.BASQUE_SIDE).y()).isLessThan(front - 60);
    }

    @ParameterizedTest
    @EnumSource(Joining.class)
    void basqueOverADartedBack_hasTheSameHandles(Joining joining) {
        Garment darted = BASQUE.withBlock(BASQUE.block().withBack(BackShaping.DART));
        assertThat(handles(darted, joining)).hasSize(4);
    }
}
