package bathyra.block;

import static bathyra.block.DraftingTable.nought;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.UNDERBUST;

import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.TracedBlock;
import bathyra.garment.TracedBlock.TracedHalf;
import bathyra.geometry.Point;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.List;
import java.util.Optional;

/** A block that was drawn elsewhere and traced: the doubled-dart reduction starts from it as from any other (C4.4). */
final class TracedBase extends BaseBlock {
    private static final Rule TRACED = Rule.of("C4.4", "traced block");
    private final TracedBlock block;

    TracedBase(TracedBlock block) {
        this.block = block;
    }

    @Override
    public BlockMethod method() {
        return BlockMethod.DOUBLED_DART;
    }

    @Override
    public String goodAt() {
        return "A block of one's own, read from a pattern document.";
    }

    @Override
    Rule rule() {
        return TRACED;
    }

    @Override
    public List<MeasurementKey> needs(Garment garment) {
        return withEdges(garment);
    }

    @Override
    public List<MeasurementKey> drawingNeeds(Garment garment) {
        return List.of();
    }

    private static Reckoned traced(String name, double value) {
        return Given.option(name, value, Quantity.LENGTH, "traced", TRACED);
    }

    @Override
    Frame frame(MeasurementSet set, Garment garment) {
        DraftingTable t = new DraftingTable(set, TRACED);
        boolean both = set.isTaken(FRONT_LENGTH) && set.isTaken(BACK_LENGTH);
        Reckoned dart = both
                ? t.tape(FRONT_LENGTH).minus(t.tape(BACK_LENGTH)).named("Side bust dart", TRACED)
                : Given.option("Side bust dart", 0, Quantity.LENGTH, "front and back length were not taken", TRACED);
        return new Frame(
                t.tape(SHOULDER_TO_APEX),
                t.tape(SHOULDER_TO_UNDERBUST),
                traced("Waist line of the traced block", block.front().levels().get("waist")),
                dart,
                traced("Chest line of the traced block", block.front().levels().get("chest")),
                t.tape(UNDERBUST).over(4).named("Quarter at the underbust", TRACED),
                garment.length(LengthOption.BACK_DART),
                garment.length(LengthOption.CENTRE_BACK_IN),
                Block.Darts.NONE);
    }

    @Override
    Halves halves(DraftingTable table, MeasurementSet set, Garment garment) {
        return new Halves(half(table, Half.FRONT, block.front()), half(table, Half.BACK, block.back()));
    }

    private HalfShape half(DraftingTable t, Half half, TracedHalf traced) {
        t.turnTo(half);
        t.point("O", "Neck end of the shoulder, on the centre", nought(), nought());
        for (String[] level : new String[][] {{"C", "chest"}, {"W", "waist"}, {"H", "hip"}}) {
            t.point(
                    level[0] + "c",
                    "The " + level[1] + " line at the centre",
                    nought(),
                    traced("Traced " + level[1] + " line", traced.levels().get(level[1])));
        }
        List<Point> side = traced.side();
        t.found("Nc", "Neck at the centre", traced.neck());
        t.found("Ne", "Neck end of the shoulder", traced.shoulder().get(0));
        t.found("St", "Shoulder tip", traced.shoulder().get(traced.shoulder().size() - 1));
        t.found("Cs", "Underarm", side.get(0));
        t.found("Ws", "Waist line at the side", nearest(side, traced.levels().get("waist")));
        t.found("Hs", "Hip line at the side", side.get(side.size() - 1));
        t.draw(BlockLine.Kind.EDGE, DraftingTable.polyline(side));
        t.draw(BlockLine.Kind.EDGE, DraftingTable.polyline(traced.shoulder()));
        t.step(
                "Lay the block down",
                null,
                Sentence.of("Trace the {} of: {}.", half.label().toLowerCase(java.util.Locale.ROOT), block.title()));
        Optional<HalfShape.SideDart> dart = traced.sideDart().isEmpty()
                ? Optional.empty()
                : Optional.of(new HalfShape.SideDart(
                        traced.sideDart().get(0),
                        traced.sideDart().get(1),
                        traced.sideDart().get(2),
                        traced.aboveDart()));
        return new HalfShape(half, traced.neck(), traced.shoulder(), traced.armhole(), side, dart, traced.centre());
    }

    private static Point nearest(List<Point> side, double depth) {
        return side.stream()
                .min((a, b) -> Double.compare(Math.abs(a.y() - depth), Math.abs(b.y() - depth)))
                .orElseThrow();
    }
}
