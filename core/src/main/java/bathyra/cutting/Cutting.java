package bathyra.cutting;

import bathyra.block.Block;
import bathyra.garment.Garment;
import bathyra.panel.PanelSet;
import bathyra.paper.PaperPattern;
import bathyra.truing.NotDraftable;

/** From the panels to the sheets that are cut: edges, contour, top, cups and hem, in this order. */
public final class Cutting {
    private Cutting() {}

    /** @throws NotDraftable when a wedge, a cup or an edge does not fit on its panel */
    public static PaperPattern sheets(PanelSet panels, Block block, Garment garment) throws NotDraftable {
        return PanelSheets.of(panels, block, garment);
    }
}
