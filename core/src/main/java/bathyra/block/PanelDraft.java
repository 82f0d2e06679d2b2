package bathyra.block;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The panel draft of corsets (C4.5): only the levels are drawn, there is no block. Over the bust they lie where the quarter block
 * has them; under the bust the underbust line is the upper edge.
 */
final class PanelDraft implements DraftingMethod {
    private static final Rule RULE = Rule.of("C4.5", "panel draft");
    private static final double STRETCH_LEAST = 30;
    private final DraftingMethod school;

    /** @param school the block that is drawn beside it, for those who want to compare */
    PanelDraft(DraftingMethod school) {
        this.school = school;
    }

    @Override
    public BlockMethod method() {
        return school.method();
    }

    @Override
    public String goodAt() {
        return school.goodAt();
    }

    @Override
    public List<MeasurementKey> needs(Garment garment) {
        if (garment.kind() == GarmentKind.CORSET) {
            return new QuarterBlock().needs(garment);
        }
        List<MeasurementKey> keys = new ArrayList<>(List.of(
                MeasurementKey.UNDERBUST,
                MeasurementKey.WAIST,
                MeasurementKey.SHOULDER_TO_UNDERBUST,
                MeasurementKey.FRONT_LENGTH));
        if (!garment.lowerEdge().endsAtWaist()) {
            keys.addAll(List.of(
                    MeasurementKey.HIGH_HIP,
                    MeasurementKey.HIP,
                    MeasurementKey.WAIST_TO_HIGH_HIP,
                    MeasurementKey.WAIST_TO_HIP));
        }
        return keys;
    }

    @Override
    public List<MeasurementKey> drawingNeeds(Garment garment) {
        return school.drawingNeeds(garment);
    }

    @Override
    public Block draw(MeasurementSet set, Garment garment) throws NotDraftable {
        return garment.kind() == GarmentKind.CORSET
                ? Strapless.on(new QuarterBlock().frame(set, garment), set, garment)
                : underbust(set, garment);
    }

    @Override
    public BlockDrawing drawing(MeasurementSet set, Garment garment) throws NotDraftable {
        return school.drawing(set, garment);
    }

    private static Block underbust(MeasurementSet set, Garment garment) throws NotDraftable {
        Reckoned waist = set.find(MeasurementKey.FRONT_LENGTH).orElseThrow();
        Reckoned taken = set.find(MeasurementKey.SHOULDER_TO_UNDERBUST).orElseThrow();
        Reckoned fall = set.isTaken(MeasurementKey.UNDERBUST_TO_WAIST_FRONT)
                ? set.find(MeasurementKey.UNDERBUST_TO_WAIST_FRONT).orElseThrow()
                : waist.minus(taken);
        Reckoned top = waist.minus(Frame.stretched(garment, fall)).named("Underbust line", RULE);
        if (waist.value() - top.value() < STRETCH_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.LEVELS,
                    MeasurementKey.FRONT_LENGTH.key(),
                    Finding.Status.FAULT,
                    waist.value() - top.value(),
                    STRETCH_LEAST,
                    Sentence.of(
                            "The waist lies {} below the underbust; at least {} are needed. Take {} and {} again.",
                            Length.mm(waist.value() - top.value()),
                            Length.mm(STRETCH_LEAST),
                            MeasurementKey.FRONT_LENGTH,
                            MeasurementKey.SHOULDER_TO_UNDERBUST)));
        }
        Map<Level, Reckoned> depths = new EnumMap<>(Level.class);
        depths.put(Level.UNDERBUST, top);
        depths.put(Level.WAIST, Strapless.styledWaist(garment, waist));
        Reckoned hip = Strapless.belowWaist(set, garment, waist, depths);
        Reckoned axis = set.find(MeasurementKey.APEX_SPAN)
                .map(span -> span.over(2).named("Line of the apex", RULE))
                .orElseGet(() -> none("Line of the apex"));
        Reckoned nothing = none("Nothing under the bust");
        return new Block(
                new Block.Heights(depths, depths, top, hip),
                new Block.Upper(top, top, top),
                new Block.Axes(axis, axis),
                new Block.Shaping(nothing, nothing, nothing, nothing, nothing, Block.Darts.NONE));
    }

    private static Reckoned none(String name) {
        return Given.option(name, 0, Quantity.LENGTH, "an underbust corset has none", RULE);
    }
}
