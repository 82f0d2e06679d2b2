package bathyra.draft;

import bathyra.block.Block;
import bathyra.cutting.Cutting;
import bathyra.cutting.Finishing;
import bathyra.finding.Finding;
import bathyra.garment.Commission;
import bathyra.girth.GirthPlan;
import bathyra.intake.IntakeTable;
import bathyra.panel.PanelSet;
import bathyra.piece.PanelOutline;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;
import java.util.Optional;

/**
 * A finished draft with everything that led to it.
 *
 * @param cutting the sheets, with their cups, wedges and edges
 * @param findings the checks of the pattern and what the plan itself gives to note
 * @param rightHalf the right half of an uneven body, whose left half this then is
 */
public record Draft(
        Commission commission,
        Block block,
        GirthPlan girths,
        IntakeTable intakes,
        PanelSet panels,
        Cutting cutting,
        Pattern pattern,
        List<Finding> findings,
        Optional<Draft> rightHalf)
        implements Outcome {
    public Draft {
        findings = List.copyOf(findings);
    }

    /**
     * One piece a panel, from centre front to centre back, as the panels are before cups and yokes are cut out of them and skirts and sleeves
     * are sewn to them: what the soundings are taken on.
     */
    public List<Piece> panelPieces() {
        return cutting.pattern() == cutting.whole() ? pattern.pieces() : Finishing.uncut(cutting.whole());
    }

    /** The same garment with a seam wherever a panel is darted: to be laid on a body, where only what is sewn counts. */
    public Draft asSewn() {
        if (cutting.seamed() == cutting.pattern()) {
            return this;
        }
        Pattern sewn = new Pattern(
                pattern.title(),
                pattern.method(),
                pattern.levels(),
                Finishing.pieces(cutting.seamed(), cutting.apex(), commission.garment()),
                cutting.seamed().seams(),
                pattern.waistToLap());
        return new Draft(
                commission,
                block,
                girths,
                intakes,
                panels,
                cutting.asSeamed(),
                sewn,
                findings,
                rightHalf.map(Draft::asSewn));
    }

    /** The outlines of the same panels. */
    public List<PanelOutline> panelOutlines() {
        return panelPieces().stream().map(PanelOutline::of).toList();
    }

    /** The same draft with initials for the wearer's name, for what leaves the workshop. */
    public Draft byInitials() {
        return new Draft(
                commission.withWearer(commission.wearer().byInitials()),
                block,
                girths,
                intakes,
                panels,
                cutting,
                pattern,
                findings,
                rightHalf.map(Draft::byInitials));
    }

    /**
     * Whether the wearer has to be told and to agree, on record, before the pattern may be printed (C17): past the top level, and
     * not spoken of as far as this.
     */
    public boolean mustBeSpokenOf() {
        double share = waistReduction();
        return share > Advice.ANYONE
                && commission
                        .spoken()
                        .filter(s -> s.reduction() >= share - 1e-9)
                        .isEmpty();
    }

    /** How much the waist is drawn in, as a share of the natural waist: of the two halves of an uneven body the larger. */
    public double waistReduction() {
        return Math.max(
                girths.waistReductionShare(),
                rightHalf.map(Draft::waistReduction).orElse(Double.NEGATIVE_INFINITY));
    }

    public List<Finding> with(Finding.Status status) {
        return findings.stream().filter(f -> f.status() == status).toList();
    }

    public boolean isSound() {
        return with(Finding.Status.FAULT).isEmpty();
    }
}
