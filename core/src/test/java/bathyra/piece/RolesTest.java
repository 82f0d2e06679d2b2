package bathyra.piece;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Choices;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RolesTest {
    @ParameterizedTest
    @CsvSource({
        "side, SIDE",
        "side-yoke, SIDE",
        "side-edge, SIDE_EDGE",
        "front-3, PANEL_FRONT",
        "front-3-2, PANEL_FRONT",
        "front-8, OTHER",
        "front, OTHER",
        "waist-14, WAIST",
        "cup-inner-low, CUP_INNER_LOW",
        "cup-inner-top, CUP_INNER",
        "cupboard, OTHER",
        "armhole-2, ARMHOLE",
        "armhole-1, OTHER",
        "shoulders, OTHER",
        "centre-front-above, CENTRE_FRONT_ABOVE",
        "'', OTHER",
        "SIDE, OTHER"
    })
    void role_isReadFromAName_andFromNothingThatOnlyBeginsLikeOne(String name, EdgeRole role) {
        assertThat(EdgeRole.of(name)).isEqualTo(role);
    }

    @ParameterizedTest
    @CsvSource({
        "F1, FRONT",
        "F7, FRONT",
        "F8, OTHER",
        "F, OTHER",
        "Front, OTHER",
        "C3, CUP",
        "SL, SLEEVE",
        "FCB, FACING_BACK",
        "F10, OTHER",
        "'', OTHER"
    })
    void role_isReadFromAnId(String id, PieceRole role) {
        assertThat(PieceRole.of(id)).isEqualTo(role);
    }

    @Test
    void everyNameAndId_speaksOfItsRole() {
        assertThat(EdgeRole.names()).doesNotHaveDuplicates().allSatisfy(name -> assertThat(EdgeRole.of(name))
                .isNotEqualTo(EdgeRole.OTHER));
        assertThat(PieceRole.ids()).doesNotHaveDuplicates().allSatisfy(id -> assertThat(PieceRole.of(id))
                .isNotEqualTo(PieceRole.OTHER));
        assertThat(EdgeRole.values()).allSatisfy(role -> assertThat(
                        role == EdgeRole.OTHER || EdgeRole.names().stream().anyMatch(name -> EdgeRole.of(name) == role))
                .as(role.name())
                .isTrue());
    }

    /** No piece and no edge of the program's own is without a role, whatever is chosen. */
    @Test
    void everyPieceAndEdgeOfADraft_hasARole() {
        List<Choices.Combination> rows = Choices.pairwise(8, true);
        for (int i = 0; i < rows.size(); i += 2) {
            if (Drafter.draft(Choices.commission(rows.get(i), Bodies.withArms(Bodies.nerea())))
                    instanceof Draft draft) {
                for (Piece piece : draft.pattern().pieces()) {
                    assertThat(piece.role()).as(piece.id()).isNotEqualTo(PieceRole.OTHER);
                    assertThat(piece.outline()).allSatisfy(edge -> assertThat(edge.role())
                            .as(piece.id() + " " + edge.name())
                            .isNotEqualTo(EdgeRole.OTHER));
                }
            }
        }
    }

    @Test
    void anotherStretch_keepsTheNumberThatTellsAnEdgeApart() {
        assertThat(EdgeRole.again("basque", "basque"::equals)).isEqualTo("basque-2");
        assertThat(EdgeRole.again("basque-2", Set.of("basque", "basque-2")::contains))
                .isEqualTo("basque-3");
        // The second seam of a front is no second stretch of the first.
        assertThat(EdgeRole.again("front-2", taken -> false)).isEqualTo("front-2-2");
        assertThat(EdgeRole.of("front-2-2")).isEqualTo(EdgeRole.of("front-2"));
    }

    @Test
    void aSkirtsPiece_isNamedByItsPanel() {
        assertThat(PieceRole.skirtUnder("F2")).isEqualTo("KF2");
        assertThat(PieceRole.of(PieceRole.skirtUnder("B1"))).isEqualTo(PieceRole.SKIRT_BACK);
    }
}
