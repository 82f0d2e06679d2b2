package bathyra.app.pieces;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.table.RecordingSurface;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.piece.Piece;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PieceNameTest {
    @ParameterizedTest
    @EnumSource(LowerShape.class)
    void names_standOnThePaper_howeverSmallThePiecesAre(LowerShape lower) {
        Draft draft = (Draft) Drafter.draft(
                Bodies.commission(Bodies.nerea(), Garment.bustier().withLowerEdge(lower)));
        RecordingSurface painted =
                RecordingSurface.painted(PiecesDrawings.of(draft, List.of()).get(0));
        assertThat(painted.beginnings()).isNotEmpty().allSatisfy(at -> assertThat(at.getY())
                .isPositive());
        for (Piece piece : draft.pattern().pieces()) {
            assertThat(painted.words()).contains(Integer.toString(piece.order()));
        }
        assertThat(String.join(" ", painted.words())).contains("Centre front");
    }
}
