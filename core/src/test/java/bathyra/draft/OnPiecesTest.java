package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.finding.Finding;
import bathyra.garment.BackShaping;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.length.Length;
import bathyra.piece.Piece;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class OnPiecesTest {
    private static final Garment BUSTIER = Garment.bustier();
    private static final Garment DARTED = BUSTIER.withBlock(BUSTIER.block().withBack(BackShaping.DART));

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }

    private static List<Finding.Place> places(Draft draft) {
        return draft.findings().stream()
                .map(Finding::place)
                .flatMap(Optional::stream)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(LowerShape.class)
    void whatIsFound_isPlacedOnPiecesThatAreThere(LowerShape lower) {
        Draft draft = draft(DARTED.withLowerEdge(lower));
        assertThat(places(draft)).isNotEmpty().allSatisfy(place -> assertThat(
                        draft.pattern().pieces())
                .extracting(Piece::id)
                .contains(place.piece()));
    }

    @Test
    void whatIsFoundBelowABasque_isPlacedOnTheSkirt() {
        Draft draft = draft(
                BUSTIER.withLowerEdge(LowerShape.ROUNDED_BASQUE).withLength(LengthOption.SKIRT_SPREAD, Length.mm(120)));
        assertThat(places(draft)).isNotEmpty().allSatisfy(place -> {
            Piece piece = draft.pattern().piece(place.piece());
            double top =
                    piece.flattened(1).stream().mapToDouble(p -> p.y()).min().orElseThrow();
            double bottom =
                    piece.flattened(1).stream().mapToDouble(p -> p.y()).max().orElseThrow();
            assertThat(place.at().y()).as(piece.name()).isBetween(top - 1, bottom + 1);
        });
    }

    @Test
    void aPlaceOnAPanelThatWentIntoAnother_isNone() {
        Draft seamed = draft(BUSTIER);
        Finding there = seamed.findings()
                .get(0)
                .at("B2", seamed.pattern().piece("B2").edge("side").path().start());
        assertThat(OnPieces.put(there, seamed.pattern())).isEqualTo(there);
        assertThat(OnPieces.put(there, draft(DARTED).pattern()).place()).isEmpty();
    }
}
