package bathyra.cutting;

import bathyra.block.Block;
import bathyra.garment.Garment;
import bathyra.girth.Level;
import bathyra.intake.SeamAxes;
import bathyra.panel.PanelSet;
import bathyra.paper.PaperPattern;
import bathyra.truing.NotDraftable;
import java.util.Map;
import java.util.Optional;

/**
 * The sheets that are cut, and what led to them: edges, contour, top, cups and hem, in this order.
 *
 * @param whole the panels with their edges drawn and their wedges closed, before cups and yokes are cut out of them
 * @param pattern the sheets as they are cut
 * @param contour the wedges that were closed
 * @param apex the seam over the apex, if one passes there
 */
public record Cutting(PaperPattern whole, PaperPattern pattern, Contour.Contoured contour, Optional<Apex> apex) {

    /** @throws NotDraftable when a wedge, a cup or an edge does not fit on its panel */
    public static Cutting of(PanelSet panels, SeamAxes axes, Block block, Garment garment) throws NotDraftable {
        PaperPattern plain = PanelSheets.of(panels, block, garment);
        Optional<Apex> apex = garment.kind().isOverBust() ? Apex.of(plain, panels, axes, block.front(Level.BUST)) : Optional.empty();
        Contour.Contoured contour = Contour.of(plain, garment, apex);
        PaperPattern whole = contour.pattern();
        return new Cutting(whole, whole, contour, apex.map(a -> a.on(whole)));
    }

    /** What a level lost to the contour wedges in front or behind, mm of one half. */
    public double lost(String level, boolean front) {
        return (front ? contour.front() : contour.back()).getOrDefault(level, 0.0);
    }
}
