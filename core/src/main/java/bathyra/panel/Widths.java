package bathyra.panel;

import bathyra.block.Block;
import bathyra.garment.Garment;
import bathyra.garment.SplitOption;
import bathyra.geometry.Tolerance;
import bathyra.girth.GirthPlan;
import bathyra.girth.Level;
import bathyra.intake.IntakeTable;
import bathyra.intake.SeamPlace;
import bathyra.measure.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.Sentence;
import bathyra.truing.Finding;
import bathyra.truing.NotDraftable;
import java.util.Locale;

/** How wide each panel is at each level: the seam axes less each panel's part of the intakes, the rest to the side panels. */
final class Widths {
    private final Block block;
    private final GirthPlan girths;
    private final IntakeTable intakes;
    private final double frontSplit;
    private final double backSplit;

    Widths(Block block, GirthPlan girths, IntakeTable intakes, Garment garment) {
        this.block = block;
        this.girths = girths;
        this.intakes = intakes;
        this.frontSplit = garment.split(SplitOption.PRINCESS_FRONT).value();
        this.backSplit = garment.split(SplitOption.PRINCESS_BACK).value();
    }

    double centreFront(Level level) {
        return block.frontAxis().value() - frontSplit * intakes.princessFrontOwn(level);
    }

    double sideFront(Level level) {
        return girths.at(level).frontHalf().value() - centreFront(level);
    }

    double centreBack(Level level) {
        return block.backAxis().value() - intakes.at(level, SeamPlace.CENTRE_BACK).value()
                - backSplit * intakes.at(level, SeamPlace.PRINCESS_BACK).value();
    }

    double sideBack(Level level) {
        return girths.at(level).backHalf().value() - centreBack(level);
    }

    void require(Level level) throws NotDraftable {
        require("Centre front", level, centreFront(level), MeasurementKey.APEX_SPAN);
        require("Side front", level, sideFront(level), MeasurementKey.APEX_SPAN);
        require("Side back", level, sideBack(level), level.girth());
        require("Centre back", level, centreBack(level), MeasurementKey.APEX_SPAN);
    }

    private static void require(String panel, Level level, double width, MeasurementKey key) throws NotDraftable {
        if (width < Tolerance.PANEL_WIDTH) {
            throw new NotDraftable(Finding.mm("panel-width", key.key(), Finding.Status.FAULT, width, Tolerance.PANEL_WIDTH, Sentence.of(
                    panel + " would be {} wide at the " + level.label().toLowerCase(Locale.ROOT) + "; {} are needed for a bone channel. Look at "
                            + key.key() + " and at what the seams beside it take out.", Length.mm(width), Length.mm(Tolerance.PANEL_WIDTH))));
        }
    }
}
