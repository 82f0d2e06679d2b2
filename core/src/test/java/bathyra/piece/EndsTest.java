package bathyra.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.geometry.Point;
import java.util.List;
import org.junit.jupiter.api.Test;

class EndsTest {
    /** Wider at the top by 30 on the right alone. */
    private static final List<Point> LEANING =
            List.of(new Point(0, 0), new Point(130, 0), new Point(100, 200), new Point(0, 200));

    private static final List<Point> BLOCK =
            List.of(new Point(0, 0), new Point(100, 0), new Point(100, 200), new Point(0, 200));

    /** Turned end for end its right edge leans the other way; turned over as well, it is itself again. */
    private static final List<Point> SLANTED =
            List.of(new Point(0, 0), new Point(100, 0), new Point(140, 200), new Point(40, 200));

    @Test
    void block_looksAlikeAtBothEnds() {
        assertThat(Ends.alike(BLOCK, false)).isTrue();
        assertThat(Ends.alike(BLOCK, true)).isTrue();
        assertThat(Ends.apart(BLOCK, false)).isZero();
    }

    @Test
    void pieceWiderAtOneEnd_isTold() {
        assertThat(Ends.alike(LEANING, false)).isFalse();
        assertThat(Ends.apart(LEANING, false)).isGreaterThan(Ends.ALIKE);
    }

    @Test
    void slantedPiece_isItselfTurnedOver_butNotOnTheFold() {
        assertThat(Ends.apart(SLANTED, false)).isCloseTo(0, within(1e-9));
        assertThat(Ends.alike(SLANTED, false)).isTrue();
        assertThat(Ends.alike(SLANTED, true)).isFalse();
    }

    @Test
    void piecesOfADraft_areAlike_whereTheirEndsLieAsNear() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)));
        assertThat(draft.pattern().pieces()).isNotEmpty().allSatisfy(piece -> assertThat(Ends.alike(piece))
                .as(piece.id())
                .isEqualTo(Ends.apart(piece.flattened(Ends.FOLLOWED), piece.onFold()) < Ends.ALIKE));
    }
}
