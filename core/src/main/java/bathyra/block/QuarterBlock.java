package bathyra.block;

import static bathyra.block.BlockLine.Kind.CONSTRUCTION;
import static bathyra.block.BlockLine.Kind.DART;
import static bathyra.block.BlockLine.Kind.EDGE;
import static bathyra.block.BlockLine.Kind.LEVEL;
import static bathyra.block.DraftingTable.nought;
import static bathyra.measure.MeasurementKey.APEX_SPAN;
import static bathyra.measure.MeasurementKey.ARMHOLE;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.BUST;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.HIP;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.SHOULDER_WIDTH;
import static bathyra.measure.MeasurementKey.WAIST;
import static bathyra.measure.MeasurementKey.WAIST_TO_HIP;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.List;
import java.util.Optional;

/** The quarter block, the commonest school (C4.1): every girth is quartered, the darts are given back at the side. */
public final class QuarterBlock extends BaseBlock {
    private static final Rule BLOCK = Rule.of("C4.1", "quarter block");
    private static final double DART_BELOW_APEX = 25;
    private static final double DART_ABOVE_HIP = 51;
    private static final double SIDE_DART_END = 25;
    /** A narrower one is nothing to sew; the side seams are trued instead. */
    private static final double SIDE_DART_LEAST = 1;

    private static final double SIDE_DART_MOST = 70;
    private static final double BELOW_CHEST_LEAST = 40;
    private static final double HOLLOW_LEAST = 12;

    @Override
    public BlockMethod method() {
        return BlockMethod.QUARTER;
    }

    @Override
    public String goodAt() {
        return "Few sums, every level from the tape. The commonest block for a close bodice.";
    }

    @Override
    Rule rule() {
        return BLOCK;
    }

    @Override
    public List<MeasurementKey> needs(Garment garment) {
        return withEdges(garment, FRONT_LENGTH, BACK_LENGTH);
    }

    @Override
    public List<MeasurementKey> drawingNeeds(Garment garment) {
        return List.of(
                BUST,
                WAIST,
                HIP,
                APEX_SPAN,
                SHOULDER_WIDTH,
                SHOULDER_TO_APEX,
                SHOULDER_TO_UNDERBUST,
                FRONT_LENGTH,
                BACK_LENGTH,
                WAIST_TO_HIP);
    }

    @Override
    Frame frame(MeasurementSet set, Garment garment) {
        DraftingTable table = new DraftingTable(set, BLOCK);
        Reckoned apex = table.tape(SHOULDER_TO_APEX);
        Reckoned underbust = table.tape(SHOULDER_TO_UNDERBUST);
        Reckoned waist = table.tape(FRONT_LENGTH);
        return new Frame(
                apex,
                underbust,
                waist,
                sideDart(table),
                chest(table, set, garment),
                underbustWidth(table, garment, apex, underbust, waist),
                garment.length(LengthOption.BACK_DART),
                garment.length(LengthOption.CENTRE_BACK_IN),
                Block.Darts.NONE);
    }

    private static Reckoned sideDart(DraftingTable table) {
        return table.tape(FRONT_LENGTH).minus(table.tape(BACK_LENGTH)).named("Side bust dart", BLOCK);
    }

    private static Reckoned chest(DraftingTable table, MeasurementSet set, Garment garment) {
        Reckoned below = set.isTaken(ARMHOLE)
                ? table.tape(ARMHOLE)
                        .over(2)
                        .named("Chest line below the shoulder tip", Rule.of("C18", "the armhole tape wins"))
                : table.tape(BUST)
                        .over(6)
                        .plus(garment.length(LengthOption.CHEST_LINE_EXTRA))
                        .named("Chest line below the shoulder tip", Rule.of("C4.1", "chest line"));
        return garment.length(LengthOption.SHOULDER_DROP).plus(below).named("Chest line", BLOCK);
    }

    /** The quarter narrows from bust ÷ 4 at the bust line to waist ÷ 4 with its dart at the waist line. */
    private static Reckoned underbustWidth(
            DraftingTable table, Garment garment, Reckoned apex, Reckoned underbust, Reckoned waist) {
        Reckoned atBust = table.tape(BUST).over(4).named("Quarter at the bust", BLOCK);
        Reckoned atWaist = table.tape(WAIST)
                .over(4)
                .plus(garment.length(LengthOption.WAIST_DART))
                .named("Quarter at the waist with its dart", BLOCK);
        Reckoned share = underbust.minus(apex).over(waist.minus(apex)).named("Way from bust line to waist line", BLOCK);
        return atBust.minus(atBust.minus(atWaist).times(share)).named("Drafted width at the underbust line", BLOCK);
    }

    @Override
    Halves halves(DraftingTable table, MeasurementSet set, Garment garment) throws NotDraftable {
        requireRoom(table, set, garment);
        return new Halves(front(table, set, garment), back(table, set, garment));
    }

    /** Chest line, waist and the dart between them must be in their order, on the shorter back too. */
    private static void requireRoom(DraftingTable t, MeasurementSet set, Garment garment) throws NotDraftable {
        Reckoned left = t.tape(BACK_LENGTH).atMost(t.tape(FRONT_LENGTH)).minus(chest(t, set, garment));
        if (left.value() < BELOW_CHEST_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.LEVELS,
                    BACK_LENGTH.key(),
                    Finding.Status.FAULT,
                    left.value(),
                    BELOW_CHEST_LEAST,
                    Sentence.of(
                            "The waist lies {} below the chest line; at least {} are needed. Take {}, {} and {} again, or the armhole, which sets the chest line.",
                            left.length(),
                            Length.mm(BELOW_CHEST_LEAST),
                            MeasurementKey.BACK_LENGTH,
                            MeasurementKey.FRONT_LENGTH,
                            MeasurementKey.BUST)));
        }
        Reckoned dart = sideDart(t);
        if (dart.value() > Math.min(SIDE_DART_MOST, left.value())) {
            throw new NotDraftable(Finding.of(
                    FindingKind.SIDE_DART,
                    FRONT_LENGTH.key(),
                    Finding.Status.FAULT,
                    dart.value(),
                    SIDE_DART_MOST,
                    Sentence.of(
                            "The front is {} longer than the back; a side bust dart to {} can be closed, and no more than the {} of the side above the waist. Take {} and {} again.",
                            dart.length(),
                            Length.mm(SIDE_DART_MOST),
                            left.length(),
                            MeasurementKey.FRONT_LENGTH,
                            MeasurementKey.BACK_LENGTH)));
        }
    }

    private HalfShape front(DraftingTable t, MeasurementSet set, Garment garment) throws NotDraftable {
        t.turnTo(Half.FRONT);
        Reckoned waist = t.tape(FRONT_LENGTH);
        Reckoned hip = waist.plus(t.tape(WAIST_TO_HIP)).named("Hip line", BLOCK);
        Reckoned apex = t.tape(SHOULDER_TO_APEX);
        Reckoned chest = chest(t, set, garment);
        t.point("O", "Shoulder line at centre front", nought(), nought());
        Levels.mark(t, "B", "Bust line", apex);
        Levels.mark(t, "U", "Underbust line", t.tape(SHOULDER_TO_UNDERBUST));
        Levels.mark(t, "W", "Waist line", waist);
        Levels.mark(t, "H", "Hip line", hip);
        upper(t, garment, garment.length(LengthOption.NECK_DEPTH), garment.length(LengthOption.ARMHOLE_INSET), chest);

        Reckoned axis = t.tape(APEX_SPAN).over(2).named("Apex from centre front", BLOCK);
        Reckoned quarter = t.tape(BUST).over(4).named("Quarter at the bust", BLOCK);
        t.point("Bs", "Bust line at the side", quarter, apex);
        t.point("Ba", "Apex", axis, apex);
        t.line(LEVEL, "Bc", "Bs");
        t.line(EDGE, "Cs", "Bs");
        t.step(
                "Apex",
                axis,
                Sentence.of(
                        "On the bust line mark the apex {} from centre front, and the side {} from it.",
                        axis.length(),
                        quarter.length()));
        Reckoned dart = garment.length(LengthOption.WAIST_DART);
        Reckoned atWaist = t.tape(WAIST).over(4).plus(dart).named("Quarter at the waist with its dart", BLOCK);
        waist(
                t,
                atWaist,
                waist,
                hip,
                Sentence.of(
                        "On the waist line go {} from centre front: a quarter of the waist and the {} that the dart will take. Join to the side above.",
                        atWaist.length(),
                        dart.length()));
        waistDart(t, axis, dart, waist, apex.plus(DART_BELOW_APEX), hip.minus(DART_ABOVE_HIP));
        Optional<HalfShape.SideDart> sideDart = sideBustDart(t);
        // A bust line that falls within the dart is no corner of the side any more.
        boolean swallowed = sideDart.isPresent() && sideDart.get().after() == 1;
        List<Point> side = swallowed ? Levels.corners(t, "Cs", "Ws", "Hs") : Levels.corners(t, "Cs", "Bs", "Ws", "Hs");
        return new HalfShape(
                Half.FRONT,
                t.at("Nc"),
                List.of(t.at("Ne"), t.at("St")),
                List.of(t.at("Am")),
                side,
                sideDart,
                List.of(t.at("Hc"), t.at("Wc"), t.at("Bc")));
    }

    private HalfShape back(DraftingTable t, MeasurementSet set, Garment garment) {
        t.turnTo(Half.BACK);
        Reckoned waist = t.tape(BACK_LENGTH);
        Reckoned hip = waist.plus(t.tape(WAIST_TO_HIP)).named("Hip line", BLOCK);
        Reckoned chest = chest(t, set, garment);
        Reckoned in = garment.length(LengthOption.CENTRE_BACK_IN);
        t.point("O", "Shoulder line at centre back", nought(), nought());
        Levels.mark(t, "W", "Waist line", waist);
        Levels.mark(t, "H", "Hip line", hip);
        upper(t, garment, garment.length(LengthOption.BACK_NECK_DEPTH), nought(), chest);
        Reckoned bust = t.tape(SHOULDER_TO_APEX)
                .minus(sideDart(t))
                .atLeast(chest.plus(1))
                .named("Bust line of the back", BLOCK);
        t.point("Bs", "Bust line at the side", t.tape(BUST).over(4).named("Quarter at the bust", BLOCK), bust);
        t.point("Bc", "Bust line at centre back", nought(), bust);
        t.line(LEVEL, "Bc", "Bs");
        t.line(EDGE, "Cs", "Bs");
        t.step(
                "Bust line of the back",
                bust,
                Sentence.of(
                        "The back is shorter by the side bust dart: its bust line lies {} down. Go out a quarter of the bust on it.",
                        bust.length()));
        t.point("Wi", "Centre back taken in", in, waist);
        t.line(EDGE, "Cc", "Wi", "Hc");
        t.step(
                "Centre back",
                in,
                Sentence.of(
                        "Take centre back in by {} at the waist, to nothing at the chest line and at the hip line: it would stand off behind the closure.",
                        in.length()));
        Reckoned dart = garment.length(LengthOption.BACK_DART);
        Reckoned atWaist =
                t.tape(WAIST).over(4).plus(dart).plus(in).named("Quarter at the waist with what is taken in", BLOCK);
        waist(
                t,
                atWaist,
                waist,
                hip,
                Sentence.of(
                        "On the waist line go {} from centre back: a quarter of the waist, the {} of the dart and the {} taken in at centre back.",
                        atWaist.length(),
                        dart.length(),
                        in.length()));
        Reckoned axis = t.tape(APEX_SPAN).over(2).named("Dart from centre back", BLOCK);
        waistDart(t, axis, dart, waist, chest.plus(DART_BELOW_APEX), hip.minus(DART_ABOVE_HIP));
        return new HalfShape(
                Half.BACK,
                t.at("Nc"),
                List.of(t.at("Ne"), t.at("St")),
                List.of(t.at("Am")),
                Levels.corners(t, "Cs", "Bs", "Ws", "Hs"),
                Optional.empty(),
                List.of(t.at("Hc"), t.at("Wi"), t.at("Cc")));
    }

    /** Shoulder, neck, chest line and the middle of the armhole, alike in front and back but for two figures. */
    private static void upper(DraftingTable t, Garment garment, Reckoned neckDepth, Reckoned inset, Reckoned chest) {
        Reckoned half = t.tape(SHOULDER_WIDTH).over(2).named("Half the shoulder width", BLOCK);
        Reckoned drop = garment.length(LengthOption.SHOULDER_DROP);
        Reckoned neck = garment.length(LengthOption.NECK_WIDTH);
        t.point("Ne", "Neck end of the shoulder", neck, nought());
        t.point("Nc", "Neck at the centre", nought(), neckDepth);
        t.step(
                "Neck",
                neck,
                Sentence.of(
                        "From O go {} along the shoulder line and {} down the centre: the ends of the neck.",
                        neck.length(),
                        neckDepth.length()));
        t.point("St", "Shoulder tip", half, drop);
        t.line(CONSTRUCTION, "O", "Ne");
        t.line(EDGE, "Ne", "St");
        t.step(
                "Shoulder",
                half,
                Sentence.of(
                        "From O go out {}, half the shoulder width, and drop {}: the shoulder tip. Join it to the neck end.",
                        half.length(),
                        drop.length()));
        Reckoned quarter = t.tape(BUST).over(4).named("Quarter at the bust", BLOCK);
        t.point("Cc", "Chest line at the centre", nought(), chest);
        t.point("Cs", "Underarm", quarter, chest);
        t.line(LEVEL, "Cc", "Cs");
        t.step(
                "Chest line",
                chest,
                Sentence.of(
                        "From O go down {} and square across a quarter of the bust, {}: the chest line and the underarm.",
                        chest.length(),
                        quarter.length()));
        Reckoned across = half.minus(inset).atMost(quarter.minus(HOLLOW_LEAST)).named("Armhole, middle", BLOCK);
        Reckoned down = drop.plus(chest).over(2).named("Armhole, middle, down", BLOCK);
        t.point("Am", "Armhole, middle", across, down);
        t.draw(CONSTRUCTION, DraftingTable.polyline(List.of(t.at("St"), new Point(half.value(), chest.value()))));
        t.step(
                "Armhole",
                across,
                Sentence.of(
                        "Halfway down from the shoulder tip to the chest line mark the armhole {} from the centre.",
                        across.length()));
    }

    private static void waist(DraftingTable t, Reckoned across, Reckoned waist, Reckoned hip, Sentence words) {
        t.point("Ws", "Waist line at the side", across, waist);
        t.line(LEVEL, "Wc", "Ws");
        t.line(EDGE, "Bs", "Ws");
        t.step("Waist", across, words);
        Reckoned quarter = t.tape(HIP).over(4).named("Quarter at the hip", BLOCK);
        t.point("Hs", "Hip line at the side", quarter, hip);
        t.line(LEVEL, "Hc", "Hs");
        t.line(EDGE, "Ws", "Hs");
        t.step(
                "Hip",
                quarter,
                Sentence.of(
                        "On the hip line go {} from the centre, a quarter of the hip, and join to the waist.",
                        quarter.length()));
    }

    private static void waistDart(
            DraftingTable t, Reckoned axis, Reckoned dart, Reckoned waist, Reckoned top, Reckoned bottom) {
        t.point("W1", "Waist dart, leg to the centre", axis.minus(dart.over(2)), waist);
        t.point("W2", "Waist dart, leg to the side", axis.plus(dart.over(2)), waist);
        t.point("Da", "Waist dart, upper end", axis, top);
        t.point("Db", "Waist dart, lower end", axis, bottom);
        t.line(DART, "Da", "W1", "Db", "W2", "Da");
        Reckoned each = dart.over(2).named("Half the dart", BLOCK);
        t.dart(Levels.diamond(t, "Waist dart", dart, "at the side, at the waist line"));
        t.step(
                "Waist dart",
                each,
                Sentence.of(
                        "On the axis, {} from the centre, mark {} to each side at the waist; the dart ends {} and {} down. The side gives back what it takes.",
                        axis.length(),
                        each.length(),
                        top.length(),
                        bottom.length()));
    }

    /** The dart on the side halfway between chest and waist, folded so that its legs come out alike. */
    private static Optional<HalfShape.SideDart> sideBustDart(DraftingTable t) throws NotDraftable {
        Path side = DraftingTable.polyline(Levels.corners(t, "Cs", "Bs", "Ws"));
        Reckoned width = sideDart(t);
        if (width.value() < 0) {
            throw Levels.noSideDart(width);
        }
        if (width.value() < SIDE_DART_LEAST) {
            return Optional.empty();
        }
        double middle = side.length() / 2;
        Point at = side.at(middle).point();
        Point apex = t.at("Ba");
        Point tip = at.plus(at.to(apex).unit().times(Math.max(at.distance(apex) - SIDE_DART_END, 1)));
        Point upper = side.at(middle - width.value() / 2).point();
        Point lower = side.at(middle + width.value() / 2).point();
        int after = (int) Levels.corners(t, "Cs", "Bs", "Ws").stream()
                .filter(p -> p.y() < upper.y())
                .count();
        Folding fold = Folding.of(Levels.corners(t, "Cs", "Bs", "Ws").get(after - 1), t.at("Ws"), upper, lower, tip);
        t.found("Dr1", "Side bust dart by the rule, upper leg", upper);
        t.found("Dr2", "Side bust dart by the rule, lower leg", lower);
        t.found("Dp", "Side bust dart, tip", tip);
        t.draw(CONSTRUCTION, DraftingTable.polyline(List.of(upper, tip, lower)));
        t.step(
                "Side bust dart",
                width,
                Sentence.of(
                        "Halfway down the side from chest to waist mark {}, front length less back length. Point it at the apex and end it {} short.",
                        width.length(),
                        Length.mm(SIDE_DART_END)));
        t.found("D1", "Side bust dart, upper leg", fold.near());
        t.found("D2", "Side bust dart, lower leg", fold.far());
        t.line(DART, "D1", "Dp", "D2");
        t.dart(new BlockDart("Side bust dart", Half.FRONT, fold.near(), fold.far(), List.of(tip), width, ""));
        t.step(
                "Fold and redraw the side",
                null,
                Sentence.of(
                        "Fold the dart closed and draw the side straight over it. Opened again, both legs are {} long.",
                        Length.mm(tip.distance(fold.near()))));
        return Optional.of(new HalfShape.SideDart(fold.near(), tip, fold.far(), after));
    }
}
