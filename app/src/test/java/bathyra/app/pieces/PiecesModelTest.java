package bathyra.app.pieces;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.InWorkshop;
import bathyra.finding.Finding;
import bathyra.garment.CornerShape;
import bathyra.garment.EdgeAt;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.GrainLine;
import bathyra.garment.LayerKind;
import bathyra.layer.Layer;
import bathyra.length.Length;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Pieces stage on the demo's first commission. */
class PiecesModelTest extends InWorkshop {
    private PiecesModel model;

    @BeforeEach
    void open() {
        model = new PiecesModel(workshop);
    }

    private void chooseSide() {
        Piece piece = model.pattern().pieces().get(1);
        model.choose(new EdgeAt(piece.id(), "side"));
    }

    @Test
    void nextEdge_goesRoundAPiece_andNextPieceOnToTheOthers() {
        model.nextEdge();
        Piece first = model.piece();
        Set<String> seen = new HashSet<>();
        for (OutlineEdge ignored : first.outline()) {
            seen.add(model.chosen().orElseThrow().edge());
            model.nextEdge();
        }
        assertThat(seen).hasSize(first.outline().size());
        assertThat(model.piece()).isEqualTo(first);
        Set<String> pieces = new HashSet<>();
        for (Piece ignored : model.pattern().pieces()) {
            pieces.add(model.piece().id());
            model.nextPiece();
        }
        assertThat(pieces).hasSize(model.pattern().pieces().size());
        assertThat(model.piece()).isEqualTo(first);
    }

    @Test
    void pull_setsTheAllowanceOfTheEdgeInHand_andNoOther() {
        chooseSide();
        Length seam = garment().allowance(EdgeUse.SEAM);
        model.pull(31.4);
        assertThat(model.allowance(garment())).isEqualTo(Length.mm(31));
        assertThat(model.isOwn(garment())).isTrue();
        assertThat(garment().allowance(EdgeUse.SEAM)).isEqualTo(seam);
        assertThat(undo()).contains("side").endsWith("→ 3.1 cm");
        model.pull(-50);
        assertThat(model.allowance(garment())).isEqualTo(Length.mm(0));
        model.pull(9000);
        assertThat(model.allowance(garment())).isEqualTo(EdgeUse.MOST);
        workshop.undo();
        assertThat(model.isOwn(garment())).isFalse();
    }

    @Test
    void pullInALayer_isOfThatLayerAlone() {
        model.make(LayerKind.LINING, true);
        model.look(Optional.of(LayerKind.LINING));
        assertThat(model.layer()).contains(LayerKind.LINING);
        chooseSide();
        Length drafted = garment().allowance(Optional.empty(), model.chosen().orElseThrow(), model.use());
        model.pull(8);
        assertThat(model.allowance(garment())).isEqualTo(Length.mm(8));
        assertThat(model.edgeWords()).endsWith("(lining)");
        model.look(Optional.empty());
        assertThat(model.allowance(garment())).isEqualTo(drafted);
        assertThat(model.isOwn(garment())).isFalse();
    }

    @Test
    void cutLine_followsTheAllowance() {
        chooseSide();
        Piece before = model.piece();
        model.pull(40);
        Piece after = model.piece();
        assertThat(after.allowances()).containsEntry("side", 40.0);
        assertThat(after.outline()).isEqualTo(before.outline());
        assertThat(after.cutLine()).isNotEqualTo(before.cutLine());
    }

    @Test
    void layer_isMade_orNot_andAPieceIsLeftOutOfIt() {
        model.make(LayerKind.STRENGTH, true);
        assertThat(undo()).endsWith("made").doesNotContain("not");
        Layer strength = layer(LayerKind.STRENGTH);
        Piece piece = strength.pattern().pieces().get(0);
        model.include(LayerKind.STRENGTH, piece, false);
        assertThat(undo()).contains(" not in the ");
        assertThat(layer(LayerKind.STRENGTH).pieces()).hasSize(strength.pieces().size() - 1);
        model.include(LayerKind.STRENGTH, piece, true);
        assertThat(layer(LayerKind.STRENGTH).pieces()).hasSameSizeAs(strength.pieces());
        model.make(LayerKind.STRENGTH, false);
        assertThat(model.layers())
                .filteredOn(l -> l.kind() == LayerKind.STRENGTH)
                .allSatisfy(l -> assertThat(l.pieces()).isEmpty());
        assertThat(model.choice(LayerKind.STRENGTH).made()).contains(false);
    }

    private Layer layer(LayerKind kind) {
        return model.layers().stream().filter(l -> l.kind() == kind).findFirst().orElseThrow();
    }

    @Test
    void layerThatIsNoLongerMade_isNotLookedAtAnyMore() {
        model.make(LayerKind.LINING, true);
        model.look(Optional.of(LayerKind.LINING));
        assertThat(model.pattern()).isNotSameAs(draft().pattern());
        model.make(LayerKind.LINING, false);
        assertThat(model.layer()).isEmpty();
        assertThat(model.pattern()).isSameAs(draft().pattern());
    }

    @Test
    void edgeThatIsGone_isNotInHandAnyMore() {
        model.choose(new EdgeAt("F1", "no-such-edge"));
        assertThat(model.chosen()).isEmpty();
        assertThat(model.allowance(garment())).isEqualTo(garment().allowance(EdgeUse.SEAM));
        assertThat(model.isOwn(garment())).isFalse();
    }

    @Test
    void cornerGrainAndTopMark_areEachOneChange() {
        Piece piece = model.pattern().pieces().get(1);
        model.corner(EdgeUse.UPPER_EDGE, CornerShape.SQUARE);
        assertThat(undo()).startsWith("corners at the ");
        model.grain(piece, GrainLine.PANEL);
        assertThat(undo()).startsWith("grain of ");
        boolean marked = piece.marks().stream().anyMatch(m -> m.kind() == bathyra.piece.Mark.Kind.TOP);
        model.topMark(piece.id(), piece.name(), !marked);
        assertThat(undo()).contains("top mark");
        assertThat(model.pattern().piece(piece.id()).marks().stream()
                        .anyMatch(m -> m.kind() == bathyra.piece.Mark.Kind.TOP))
                .isNotEqualTo(marked);
        for (int i = 0; i < 3; i++) {
            workshop.undo();
        }
        assertThat(model.pattern().piece(piece.id())).isEqualTo(piece);
    }

    @Test
    void findingsBeforeCutting_areLookedForOnceAPattern() {
        List<?> found = model.beforeCutting();
        assertThat(model.beforeCutting()).isSameAs(found);
        chooseSide();
        model.pull(20);
        assertThat(model.beforeCutting()).isNotSameAs(found);
    }

    @Test
    void block_liesOnTheTable_withItsDarts_untilTheDraftIsLookedAtAgain() {
        assertThat(model.hasBlock()).isTrue();
        model.lookAtBlock();
        assertThat(model.isBlock()).isTrue();
        assertThat(model.layer()).isEmpty();
        assertThat(model.pattern().pieces()).extracting(Piece::id).containsExactly("FB", "BB");
        assertThat(model.pattern().pieces())
                .allSatisfy(p -> assertThat(p.darts()).isNotEmpty());
        assertThat(model.pattern()).as("cut once").isSameAs(model.pattern());
        assertThat(model.beforeCutting()).allMatch(f -> f.status() != Finding.Status.FAULT);
        model.look(Optional.empty());
        assertThat(model.isBlock()).isFalse();
        assertThat(model.pattern()).isSameAs(draft().pattern());
    }

    @Test
    void allowanceOnTheBlock_isItsOwn_andMovesNoPieceOfTheGarment() {
        double before = draft().pattern().piece("F2").allowances().get("side");
        model.lookAtBlock();
        model.choose(new EdgeAt("FB", "side"));
        model.pull(31);
        assertThat(model.pattern().piece("FB").allowances().get("side")).isEqualTo(31);
        assertThat(model.isOwn(garment())).isTrue();
        assertThat(draft().pattern().piece("F2").allowances().get("side")).isEqualTo(before);
        assertThat(undo()).contains("allowance of front, side");
    }

    /** A corset is drafted on its levels alone. */
    @Test
    void corset_hasNoBlockToLookAt() {
        model.lookAtBlock();
        make(Garment.of(GarmentKind.CORSET));
        assertThat(model.hasBlock()).isFalse();
        assertThat(model.isBlock()).isFalse();
        assertThat(model.pattern()).isSameAs(draft().pattern());
    }
}
