package bathyra.draft;

import bathyra.block.Block;
import bathyra.cutting.Cutting;
import bathyra.intake.IntakeTable;
import bathyra.panel.PanelSet;

/**
 * The panels of one half, drawn on a block: what each step of the path gave.
 *
 * @param lowered by how much the underarm lies lower than the school has it, for the tape round the arm, mm; negative higher
 */
record Drawn(Block block, IntakeTable intakes, PanelSet panels, Cutting cutting, double lowered) {
    Drawn withUnderarmLowered(double by) {
        return new Drawn(block, intakes, panels, cutting, by);
    }
}
