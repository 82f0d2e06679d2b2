package bathyra.block;

import static bathyra.measure.MeasurementKey.APEX_SPAN;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.UNDERBUST;

import bathyra.finding.NotDraftable;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The doubled-dart reduction (C4.4): a block with ease is made close by doubling its waist dart and taking in at underarm and rib. */
public final class DoubledDartReduction implements DraftingMethod {
    private static final Rule REDUCTION = Rule.of("C4.4", "doubled-dart reduction");
    private static final double RIB_BELOW_APEX = 80;
    private static final double TOP_ABOVE_APEX = 80;
    private static final double EACH_SIDE = 5;
    private static final double UNDERARM_IN = 10;
    private static final double DART_BELOW_APEX = 25;
    private static final double DART_ABOVE_HIP = 51;

    private final BaseBlock base;

    DoubledDartReduction(BaseBlock base) {
        this.base = base;
    }

    @Override
    public BlockMethod method() {
        return BlockMethod.DOUBLED_DART;
    }

    @Override
    public String goodAt() {
        return "Makes a block with ease close fitting. Starts from another school's block.";
    }

    @Override
    public List<MeasurementKey> needs(Garment garment) {
        return base.needs(garment);
    }

    @Override
    public List<MeasurementKey> drawingNeeds(Garment garment) {
        Set<MeasurementKey> keys = new LinkedHashSet<>(base.drawingNeeds(garment));
        keys.addAll(List.of(APEX_SPAN, SHOULDER_TO_APEX));
        return List.copyOf(keys);
    }

    @Override
    public Block draw(MeasurementSet set, Garment garment) throws NotDraftable {
        Frame frame = base.frame(set, garment);
        DraftingTable t = new DraftingTable(set, REDUCTION);
        Reckoned dart = garment.length(LengthOption.WAIST_DART);
        Reckoned share = frame.underbust()
                .minus(frame.apex().plus(DART_BELOW_APEX))
                .over(frame.waist().minus(frame.apex().plus(DART_BELOW_APEX)))
                .atLeast(0)
                .named("Way down the dart at the rib line", REDUCTION);
        Reckoned taken =
                dart.times(2).times(share).plus(2 * EACH_SIDE).named("Doubled dart at the rib line", REDUCTION);
        Reckoned width = t.tape(UNDERBUST).over(4).plus(taken).named("Drafted width at the underbust line", REDUCTION);
        Reckoned back = frame.backDart().plus(2 * EACH_SIDE).named("Back dart, widened", REDUCTION);
        return Strapless.on(
                new Frame(
                        frame.apex(),
                        frame.underbust(),
                        frame.waist(),
                        frame.sideDart(),
                        frame.chest(),
                        width,
                        back,
                        frame.centreBackIn(),
                        new Block.Darts(frame.darts().atShoulder(), doubled(garment))),
                set,
                garment);
    }

    private static Reckoned doubled(Garment garment) {
        return garment.length(LengthOption.WAIST_DART).plus(EACH_SIDE).times(2).named("Doubled waist dart", REDUCTION);
    }

    @Override
    public BlockDrawing drawing(MeasurementSet set, Garment garment) throws NotDraftable {
        DraftingTable t = new DraftingTable(set, base.rule());
        BaseBlock.Halves halves = base.halves(t, set, garment);
        t.by(REDUCTION);
        HalfShape front = front(t, set, garment, halves.front());
        return Outlines.finish(t, method(), front, back(t, garment, halves.back()));
    }

    private static HalfShape front(DraftingTable t, MeasurementSet set, Garment garment, HalfShape shape) {
        t.turnTo(Half.FRONT);
        Reckoned apex = t.tape(SHOULDER_TO_APEX);
        Reckoned axis = t.tape(APEX_SPAN).over(2).named("Apex from centre front", REDUCTION);
        if (!t.has("Ba")) {
            t.point("Ba", "Apex", axis, apex);
            t.step(
                    "Apex",
                    axis,
                    Sentence.of("Mark the apex {} from centre front and {} down.", axis.length(), apex.length()));
        }
        Reckoned rib = set.isTaken(SHOULDER_TO_UNDERBUST)
                ? t.tape(SHOULDER_TO_UNDERBUST).named("Rib line by the tape", REDUCTION)
                : apex.plus(RIB_BELOW_APEX).named("Rib line", REDUCTION);
        Reckoned top = apex.minus(TOP_ABOVE_APEX).named("Top edge", REDUCTION);
        level(t, shape, "R", "Rib line", rib);
        t.step(
                "Rib line",
                rib,
                Sentence.of(
                        "{} down square across: the rib line, {} below the apex or where the tape says.",
                        rib.length(),
                        Length.mm(RIB_BELOW_APEX)));
        level(t, shape, "T", "Top edge", top);
        t.step(
                "Top edge",
                top,
                Sentence.of(
                        "{} down square across: the top edge, {} above the apex on both sides of the dart.",
                        top.length(),
                        Length.mm(TOP_ABOVE_APEX)));

        Reckoned dart = garment.length(LengthOption.WAIST_DART);
        Reckoned waist = t.point("Wc").down();
        Reckoned each = dart.plus(EACH_SIDE).named("Half the doubled dart", REDUCTION);
        Reckoned begin = apex.plus(DART_BELOW_APEX);
        merged(t, axis, each, waist, begin, end(t, waist));
        t.step(
                "Double the waist dart",
                each,
                Sentence.of(
                        "Lay a second dart of {} beside the first, merge the two, and take {} more each side: {} each side of the axis.",
                        dart.length(),
                        Length.mm(EACH_SIDE),
                        each.length()));
        Reckoned share = rib.minus(begin)
                .over(waist.minus(begin))
                .atLeast(0)
                .named("Way down the dart at the rib line", REDUCTION);
        Reckoned atRib = dart.times(share).plus(EACH_SIDE).named("Half the doubled dart at the rib line", REDUCTION);
        t.point("R1", "Rib line, leg to the centre", axis.minus(atRib), rib);
        t.point("R2", "Rib line, leg to the side", axis.plus(atRib), rib);
        t.line(BlockLine.Kind.DART, "Da", "R1", "W1");
        t.line(BlockLine.Kind.DART, "Da", "R2", "W2");
        t.step(
                "Take in at the rib line",
                atRib,
                Sentence.of(
                        "On the rib line take {} more each side of the dart: {} each side of the axis.",
                        Length.mm(EACH_SIDE),
                        atRib.length()));
        return takenIn(t, shape);
    }

    private static HalfShape back(DraftingTable t, Garment garment, HalfShape shape) {
        t.turnTo(Half.BACK);
        Reckoned axis = t.tape(APEX_SPAN).over(2).named("Dart from centre back", REDUCTION);
        Reckoned waist = t.point("Wc").down();
        Reckoned each = garment.length(LengthOption.BACK_DART)
                .over(2)
                .plus(EACH_SIDE)
                .named("Half the widened back dart", REDUCTION);
        merged(t, axis, each, waist, t.point("Cc").down(), end(t, waist));
        t.step(
                "Widen the back dart",
                each,
                Sentence.of(
                        "Widen the back dart by {} each side, {} each side of the axis, and carry it up to the blade at the chest line.",
                        Length.mm(EACH_SIDE),
                        each.length()));
        return takenIn(t, shape);
    }

    private static Reckoned end(DraftingTable t, Reckoned waist) {
        Reckoned hip = t.point("Hs").down();
        return hip.minus(DART_ABOVE_HIP).atLeast(waist.plus(1)).named("Dart, lower end", REDUCTION);
    }

    private static void merged(
            DraftingTable t, Reckoned axis, Reckoned each, Reckoned waist, Reckoned top, Reckoned bottom) {
        t.point("W1", "Waist dart, leg to the centre", axis.minus(each), waist);
        t.point("W2", "Waist dart, leg to the side", axis.plus(each), waist);
        t.point("Da", "Waist dart, upper end", axis, top);
        t.point("Db", "Waist dart, lower end", axis, bottom);
        t.line(BlockLine.Kind.DART, "Da", "W1", "Db", "W2", "Da");
        t.dartInstead(
                "Waist dart",
                Levels.diamond(
                        t,
                        "Waist dart",
                        each.times(2).named("Waist dart", REDUCTION),
                        "nowhere: this is what makes the block close"));
    }

    private static void level(DraftingTable t, HalfShape shape, String letter, String label, Reckoned depth) {
        double side = shape.side().stream().mapToDouble(Point::x).max().orElseThrow();
        t.point(letter + "c", label + " at the centre", DraftingTable.nought(), depth);
        t.point(
                letter + "s",
                label + ", outwards",
                Given.option("Width drawn", side, Quantity.LENGTH, "found on the drawing", REDUCTION),
                depth);
        t.line(BlockLine.Kind.LEVEL, letter + "c", letter + "s");
    }

    /** In at the underarm, running to nothing at the hip; a dart in the side moves with it and keeps its legs alike. */
    private static HalfShape takenIn(DraftingTable t, HalfShape shape) {
        List<Point> side = new ArrayList<>();
        double top = shape.underarm().y();
        double hip = shape.side().get(shape.side().size() - 1).y();
        shape.side().forEach(p -> side.add(in(p, top, hip)));
        Optional<HalfShape.SideDart> dart = shape.sideDart().map(d -> {
            Point upper = in(d.upper(), top, hip);
            Vec leg = d.tip().to(in(d.lower(), top, hip)).unit();
            return new HalfShape.SideDart(
                    upper, d.tip(), d.tip().plus(leg.times(d.tip().distance(upper))), d.after());
        });
        Reckoned figure = Given.option("Taken in at the underarm", UNDERARM_IN, Quantity.LENGTH, "rule", REDUCTION);
        t.found("Ci", "Underarm, taken in", side.get(0));
        t.draw(BlockLine.Kind.EDGE, DraftingTable.polyline(side));
        t.step(
                "Take in at the underarm",
                figure,
                Sentence.of(
                        "Take {} in at the underarm, running to nothing at the hip, which stays as it is.",
                        figure.length()));
        return new HalfShape(
                shape.half(),
                shape.neckCentre(),
                shape.shoulder(),
                shape.armhole().stream()
                        .map(p -> p.x() > side.get(0).x() - UNDERARM_IN / 2
                                ? new Point(side.get(0).x() - UNDERARM_IN / 2, p.y())
                                : p)
                        .toList(),
                side,
                dart,
                shape.centre());
    }

    private static Point in(Point p, double top, double hip) {
        return new Point(p.x() - UNDERARM_IN * Math.max(0, hip - p.y()) / (hip - top), p.y());
    }
}
