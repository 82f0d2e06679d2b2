package bathyra.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.LengthUnit;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class HandDrawnTest {
    private final Draft draft =
            (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.of(GarmentKind.CORSET)));

    @Test
    void ourOwnFigures_comeBackAsThePiece_withinTheRounding_andItsChecksHold() {
        for (Piece piece : draft.pattern().pieces()) {
            HandPiece hand = HandPiece.of(piece, HelpLines.COARSE, Division.MILLIMETRE);
            HandDrawn back = HandDrawn.of(piece, hand.offsets().rounded(Division.MILLIMETRE));
            assertThat(back.faults()).isEmpty();
            assertThat(back.off().values()).allMatch(off -> off < 1.5);
            Piece drawn = back.piece().orElseThrow();
            assertThat(drawn.outline()
                            .get(0)
                            .path()
                            .start()
                            .distance(piece.outline().get(0).path().start()))
                    .isLessThan(0.8);
            HandDrawn exact = HandDrawn.of(piece, hand.offsets());
            assertThat(exact.off().values()).allMatch(off -> off <= HelpLines.COARSE.keeps());
            assertThat(HandDrawn.look(draft.pattern(), exact.piece().orElseThrow()).stream()
                            .filter(f -> f.kind() == FindingKind.SEAM_LENGTH && f.status() == Finding.Status.FAULT))
                    .as(piece.id())
                    .isEmpty();
        }
    }

    @Test
    void aSlipOfACentimetre_isFoundOnItsEdge_andOnTheSeam() {
        Piece piece = draft.pattern().pieces().get(1);
        Offsets figures =
                HandPiece.of(piece, HelpLines.COARSE, Division.MILLIMETRE).offsets();
        List<Offsets.Corner> corners = new ArrayList<>(figures.corners());
        Offsets.Corner upper = corners.get(0);
        corners.set(0, new Offsets.Corner(upper.edge(), upper.right(), upper.up() + 10));
        HandDrawn back =
                HandDrawn.of(piece, new Offsets(figures.piece(), corners, figures.heights(), figures.ordinates()));
        assertThat(back.off().get(upper.edge())).isCloseTo(10, within(2.0));
        assertThat(HandDrawn.look(draft.pattern(), back.piece().orElseThrow()))
                .anyMatch(f -> f.status() != Finding.Status.OK);
    }

    @Test
    void figuresThatCross_orLackACorner_areRefused_withThePlace() {
        Piece piece = draft.pattern().pieces().get(1);
        Offsets figures =
                HandPiece.of(piece, HelpLines.COARSE, Division.MILLIMETRE).offsets();
        List<Offsets.Height> crossed = figures.heights().stream()
                .map(h -> h.left() && h.up() == 0 ? new Offsets.Height(0, true, -400) : h)
                .toList();
        HandDrawn back =
                HandDrawn.of(piece, new Offsets(figures.piece(), figures.corners(), crossed, figures.ordinates()));
        assertThat(back.piece()).isEmpty();
        assertThat(back.faults().get(0).in(LengthUnit.CM))
                .startsWith("The outline crosses itself")
                .contains("of the grain");
        HandDrawn less = HandDrawn.of(
                piece,
                new Offsets(
                        figures.piece(),
                        figures.corners().subList(1, figures.corners().size()),
                        figures.heights(),
                        figures.ordinates()));
        assertThat(less.faults().get(0).in(LengthUnit.CM)).contains("is not given");
    }
}
