package bathyra.block;

import bathyra.finding.NotDraftable;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;

/** A block that is drafted from the tape alone, with no other block under it. */
abstract sealed class BaseBlock implements DraftingMethod
        permits QuarterBlock, ProportionBlock, ShoulderDartBlock, TracedBase {
    /** Both halves as they come from the rules, before their side seams are trued and their curves drawn. */
    record Halves(HalfShape front, HalfShape back) {}

    /** The base of a name. @throws IllegalArgumentException for the reduction, which has no draft of its own */
    static BaseBlock of(BlockMethod method) {
        return switch (method) {
            case QUARTER -> new QuarterBlock();
            case PROPORTION -> new ProportionBlock();
            case SHOULDER_DART -> new ShoulderDartBlock();
            case DOUBLED_DART -> throw new IllegalArgumentException("the reduction starts from another block");
        };
    }

    abstract Rule rule();

    abstract Frame frame(MeasurementSet set, Garment garment);

    abstract Halves halves(DraftingTable table, MeasurementSet set, Garment garment) throws NotDraftable;

    @Override
    public final Block draw(MeasurementSet set, Garment garment) throws NotDraftable {
        return Strapless.on(frame(set, garment), set, garment);
    }

    @Override
    public final BlockDrawing drawing(MeasurementSet set, Garment garment) throws NotDraftable {
        DraftingTable table = new DraftingTable(set, rule());
        Halves halves = halves(table, set, garment);
        return Outlines.finish(table, method(), halves.front(), halves.back());
    }

    /** What every strapless garment needs besides what the school itself asks for. */
    static List<MeasurementKey> withEdges(Garment garment, MeasurementKey... school) {
        List<MeasurementKey> keys = new ArrayList<>(List.of(
                MeasurementKey.BUST,
                MeasurementKey.UPPER_BUST,
                MeasurementKey.UNDERBUST,
                MeasurementKey.WAIST,
                MeasurementKey.APEX_SPAN,
                MeasurementKey.SHOULDER_TO_APEX,
                MeasurementKey.SHOULDER_TO_UNDERBUST));
        keys.addAll(List.of(school));
        if (!garment.lowerEdge().endsAtWaist()) {
            keys.addAll(List.of(
                    MeasurementKey.HIGH_HIP,
                    MeasurementKey.HIP,
                    MeasurementKey.WAIST_TO_HIGH_HIP,
                    MeasurementKey.WAIST_TO_HIP));
        }
        if (garment.isLungsFull()) {
            keys.add(MeasurementKey.UNDERBUST_FULL);
        }
        return keys;
    }
}
