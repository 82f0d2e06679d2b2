package bathyra.block;

import static bathyra.block.BlockLine.Kind.CONSTRUCTION;
import static bathyra.block.BlockLine.Kind.DART;
import static bathyra.block.BlockLine.Kind.EDGE;
import static bathyra.block.BlockLine.Kind.LEVEL;
import static bathyra.block.DraftingTable.nought;
import static bathyra.measure.MeasurementKey.APEX_SPAN;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.BACK_WIDTH;
import static bathyra.measure.MeasurementKey.BUST;
import static bathyra.measure.MeasurementKey.CHEST_WIDTH;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.HIP;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.SHOULDER_WIDTH;
import static bathyra.measure.MeasurementKey.UNDERBUST;
import static bathyra.measure.MeasurementKey.WAIST;
import static bathyra.measure.MeasurementKey.WAIST_TO_HIP;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
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
import java.util.List;
import java.util.Optional;

/** The shoulder-dart block (C4.3): the bust's shaping starts in the shoulder, and grows with the difference of bust and underbust. */
public final class ShoulderDartBlock extends BaseBlock {
    private static final Rule BLOCK = Rule.of("C4.3", "shoulder-dart block");
    private static final Rule WHOLE = Rule.of("C6.3", "a dart comes in whole");
    private static final double SHOULDER_LINE = 38;
    private static final double CHEST_WIDTH_LINE = 51;
    private static final double BUST_EASE = 13;
    private static final double FRONT_DART_BELOW = 127;
    private static final double BACK_DART_BELOW = 152;
    private static final double BACK_SHOULDER_DART = 13;
    private static final double BACK_SHOULDER_DART_LONG = 90;
    private static final double DART_BELOW_APEX = 25;
    private static final double HOLLOW_LEAST = 12;
    private static final double TIP_ABOVE_CHEST_LEAST = 60;

    @Override
    public BlockMethod method() {
        return BlockMethod.SHOULDER_DART;
    }

    @Override
    public String goodAt() {
        return "Full busts and garments with a shoulder: the dart runs straight into a princess seam.";
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
                UNDERBUST,
                WAIST,
                HIP,
                APEX_SPAN,
                SHOULDER_WIDTH,
                CHEST_WIDTH,
                BACK_WIDTH,
                SHOULDER_TO_APEX,
                SHOULDER_TO_UNDERBUST,
                FRONT_LENGTH,
                BACK_LENGTH,
                WAIST_TO_HIP);
    }

    private static Reckoned shoulderDart(DraftingTable t) {
        return t.tape(BUST)
                .minus(t.tape(UNDERBUST))
                .times(0.45)
                .atLeast(25)
                .atMost(90)
                .named("Shoulder bust dart", BLOCK);
    }

    private static Reckoned chest(DraftingTable t, Garment garment) {
        return t.tape(BUST)
                .over(6)
                .plus(garment.length(LengthOption.CHEST_LINE_EXTRA))
                .plus(SHOULDER_LINE)
                .named("Chest line", BLOCK);
    }

    private static Reckoned quarter(DraftingTable t) {
        return t.tape(BUST).over(4).plus(BUST_EASE).named("Quarter at the bust with ease", BLOCK);
    }

    private static Reckoned axis(DraftingTable t) {
        return t.tape(APEX_SPAN).over(2).named("Apex from centre front", BLOCK);
    }

    @Override
    Frame frame(MeasurementSet set, Garment garment) {
        DraftingTable t = new DraftingTable(set, BLOCK);
        Reckoned apex = t.tape(SHOULDER_TO_APEX);
        Reckoned underbust = t.tape(SHOULDER_TO_UNDERBUST);
        Reckoned waist = t.tape(FRONT_LENGTH);
        Reckoned reach = apex.minus(SHOULDER_LINE / 2).named("Length of the shoulder dart", BLOCK);
        Reckoned wide = quarter(t).minus(axis(t)).named("Apex to side", BLOCK);
        Reckoned longer = waist.minus(t.tape(BACK_LENGTH)).named("Front longer than back", BLOCK);
        Reckoned side = shoulderDart(t)
                .times(wide)
                .over(reach)
                .named("Shoulder dart, turned to the side", Rule.of("C7.5", "closing a dart"))
                .atMost(longer)
                .named("Side bust dart", BLOCK);
        Reckoned atWaist = t.tape(WAIST)
                .over(4)
                .plus(garment.length(LengthOption.WAIST_DART))
                .named("Quarter at the waist with its dart", BLOCK);
        Reckoned share = underbust.minus(apex).over(waist.minus(apex)).named("Way from bust line to waist line", BLOCK);
        Reckoned width = quarter(t)
                .minus(quarter(t).minus(atWaist).times(share))
                .named("Drafted width at the underbust line", BLOCK);
        return new Frame(
                apex,
                underbust,
                waist,
                side,
                chest(t, garment),
                width,
                garment.length(LengthOption.BACK_DART),
                garment.length(LengthOption.CENTRE_BACK_IN),
                new Block.Darts(
                        shoulderDart(t)
                                .minus(side.times(reach.over(wide)))
                                .atLeast(0)
                                .named("Shoulder dart left to the seam", WHOLE),
                        Block.Darts.NONE.atWaist()));
    }

    @Override
    Halves halves(DraftingTable t, MeasurementSet set, Garment garment) throws NotDraftable {
        HalfShape front = front(t, garment);
        double seam = front.shoulder().get(0).distance(front.shoulder().get(1))
                + front.shoulder().get(3).distance(front.tip());
        return new Halves(front, back(t, garment, seam));
    }

    private HalfShape front(DraftingTable t, Garment garment) throws NotDraftable {
        t.turnTo(Half.FRONT);
        Reckoned apex = t.tape(SHOULDER_TO_APEX);
        Reckoned waist = t.tape(FRONT_LENGTH);
        Reckoned hip = waist.plus(t.tape(WAIST_TO_HIP)).named("Hip line", BLOCK);
        Reckoned chest = chest(t, garment);
        t.point("O", "Top line at centre front", nought(), nought());
        Levels.mark(t, "B", "Bust line", apex);
        Levels.mark(t, "U", "Underbust line", t.tape(SHOULDER_TO_UNDERBUST));
        Levels.mark(t, "W", "Waist line", waist);
        Levels.mark(t, "H", "Hip line", hip);
        Levels.mark(t, "C", "Chest line", chest);
        neck(t, garment, garment.length(LengthOption.NECK_DEPTH));
        t.point("Ba", "Apex", axis(t), apex);
        t.line(CONSTRUCTION, "Bc", "Ba");
        t.step("Apex", axis(t), Sentence.of("On the bust line mark the apex, {} from centre front.", axis(t).length()));
        Shoulder shoulder = shoulder(t);
        widths(t, chest, shoulder);
        Reckoned dart = garment.length(LengthOption.WAIST_DART);
        Reckoned atWaist = t.tape(WAIST).over(4).plus(dart).named("Quarter at the waist with its dart", BLOCK);
        below(t, atWaist, waist, hip, dart, axis(t), apex.plus(DART_BELOW_APEX), waist.plus(FRONT_DART_BELOW), "Bs");
        return new HalfShape(
                Half.FRONT,
                t.at("Nc"),
                List.of(t.at("Ne"), t.at("S1"), t.at("Ba"), t.at("S2"), t.at("St")),
                List.of(t.at("Am")),
                Levels.corners(t, "Cs", "Bs", "Ws", "Hs"),
                Optional.empty(),
                List.of(t.at("Hc"), t.at("Wc"), t.at("Bc")));
    }

    private static void neck(DraftingTable t, Garment garment, Reckoned depth) {
        Reckoned width = garment.length(LengthOption.NECK_WIDTH);
        t.point("Ne", "Neck end of the shoulder", width, nought());
        t.point("Nc", "Neck at the centre", nought(), depth);
        t.step(
                "Neck",
                width,
                Sentence.of("From O go out {} and down {}: the ends of the neck.", width.length(), depth.length()));
    }

    /** @param inner the dart's leg to the centre @param outer the other; both run from the shoulder to the apex */
    private record Shoulder(Point inner, Point outer, Point apex) {
        /** The width of the open dart along a level line; nothing at the apex and below. */
        double width(double y) {
            return y >= apex.y() ? 0 : at(outer, y) - at(inner, y);
        }

        private double at(Point leg, double y) {
            return leg.x() + (apex.x() - leg.x()) * (y - leg.y()) / (apex.y() - leg.y());
        }
    }

    private static Shoulder shoulder(DraftingTable t) throws NotDraftable {
        Reckoned dart = shoulderDart(t);
        Reckoned across =
                t.tape(SHOULDER_WIDTH).over(2).plus(dart).named("Half the shoulder width with its dart", BLOCK);
        t.point(
                "Sr",
                "Shoulder tip by the rule",
                across,
                Given.option("Shoulder line below the top line", SHOULDER_LINE, Quantity.LENGTH, "rule", BLOCK));
        t.line(CONSTRUCTION, "Ne", "Sr");
        t.step(
                "Shoulder line",
                across,
                Sentence.of(
                        "{} below the top line go out half the shoulder width and the {} of the dart: {}. Join to the neck end.",
                        Length.mm(SHOULDER_LINE),
                        dart.length(),
                        across.length()));
        Point end = t.at("Ne");
        Point tip = t.at("Sr");
        Point apex = t.at("Ba");
        Vec along = end.to(tip).unit();
        Point middle = end.between(tip, 0.5);
        if (end.distance(tip) <= dart.value() + 2 * HOLLOW_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.SHOULDER_DART,
                    SHOULDER_WIDTH.key(),
                    Finding.Status.FAULT,
                    dart.value(),
                    end.distance(tip) - 2 * HOLLOW_LEAST,
                    Sentence.of(
                            "The shoulder dart of {} does not fit on a shoulder of {}. Take {}, {} and {} again.",
                            dart.length(),
                            Length.mm(end.distance(tip)),
                            MeasurementKey.SHOULDER_WIDTH,
                            MeasurementKey.BUST,
                            MeasurementKey.UNDERBUST)));
        }
        Point first = middle.plus(along.times(-dart.value() / 2));
        Point second = middle.plus(along.times(dart.value() / 2));
        t.found("Sa", "Shoulder dart by the rule, to the neck", first);
        t.found("Sb", "Shoulder dart by the rule, to the tip", second);
        t.draw(CONSTRUCTION, DraftingTable.polyline(List.of(first, apex, second)));
        t.step(
                "Shoulder bust dart",
                dart,
                Sentence.of(
                        "Centre the dart on the shoulder, {} wide: 0.45 × (bust − underbust), from {} to {}. Both legs run to the apex.",
                        dart.length(),
                        Length.mm(25),
                        Length.mm(90)));
        Folding fold = Folding.of(end, tip, first, second, apex);
        Point inner = fold.near();
        Point outer = fold.far();
        t.found("S1", "Shoulder dart, trued, to the neck", inner);
        t.found("S2", "Shoulder dart, trued, to the tip", outer);
        t.found("St", "Shoulder tip", tip);
        t.line(EDGE, "Ne", "S1");
        t.line(EDGE, "S2", "St");
        t.line(DART, "S1", "Ba", "S2");
        t.dart(new BlockDart("Shoulder bust dart", Half.FRONT, inner, outer, List.of(apex), dart, ""));
        Given length = Given.option(
                "Shoulder seam, closed",
                end.distance(fold.folded()),
                Quantity.LENGTH,
                "measured on the drawing",
                BLOCK);
        t.step(
                "Fold and redraw the shoulder",
                length,
                Sentence.of(
                        "Fold the dart closed and draw the shoulder straight from neck end to tip: {}. Opened again, both legs are alike.",
                        length.length()));
        return new Shoulder(inner, outer, apex);
    }

    private static void widths(DraftingTable t, Reckoned chest, Shoulder shoulder) throws NotDraftable {
        Reckoned line = chest.minus(CHEST_WIDTH_LINE).named("Chest width line", BLOCK);
        if (line.value() - t.at("St").y() < TIP_ABOVE_CHEST_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.ARMHOLE,
                    BUST.key(),
                    Finding.Status.FAULT,
                    line.value() - t.at("St").y(),
                    TIP_ABOVE_CHEST_LEAST,
                    Sentence.of(
                            "The chest width line lies {} below the shoulder tip; an armhole needs {}. Take {} again, or add more to the chest line.",
                            Length.mm(line.value() - t.at("St").y()),
                            Length.mm(TIP_ABOVE_CHEST_LEAST),
                            MeasurementKey.BUST)));
        }
        Reckoned skippedChest = skipped(shoulder.width(chest.value()));
        Reckoned side = quarter(t).plus(skippedChest).named("Underarm from centre front", BLOCK);
        t.point("Cs", "Underarm", side, chest);
        t.line(LEVEL, "Cc", "Cs");
        t.step(
                "Underarm",
                side,
                Sentence.of(
                        "On the chest line measure a quarter of the bust and {}, skipping the open dart: {} from centre front.",
                        Length.mm(BUST_EASE),
                        side.length()));
        Reckoned skipped = skipped(shoulder.width(line.value()));
        Reckoned across = t.tape(CHEST_WIDTH)
                .over(2)
                .plus(skipped)
                .atMost(side.minus(HOLLOW_LEAST))
                .named("Armhole from centre front", BLOCK);
        t.point("Am", "Armhole, chest width", across, line);
        t.step(
                "Chest width",
                across,
                Sentence.of(
                        "{} above the chest line measure half the chest width, skipping the open dart: the armhole lies {} from centre front.",
                        Length.mm(CHEST_WIDTH_LINE),
                        across.length()));
        t.point("Bs", "Bust line at the side", quarter(t), t.tape(SHOULDER_TO_APEX));
        t.line(LEVEL, "Bc", "Bs");
        t.line(EDGE, "Cs", "Bs");
        t.step(
                "Bust line",
                quarter(t),
                Sentence.of(
                        "On the bust line go {}, a quarter of the bust and {}.",
                        quarter(t).length(),
                        Length.mm(BUST_EASE)));
    }

    private static Reckoned skipped(double width) {
        return Given.option("Open dart, skipped", width, Quantity.LENGTH, "measured on the drawing", BLOCK);
    }

    private static void below(
            DraftingTable t,
            Reckoned atWaist,
            Reckoned waist,
            Reckoned hip,
            Reckoned dart,
            Reckoned axis,
            Reckoned top,
            Reckoned bottom,
            String above) {
        t.point("Ws", "Waist line at the side", atWaist, waist);
        t.line(LEVEL, "Wc", "Ws");
        t.line(EDGE, above, "Ws");
        t.step(
                "Waist",
                atWaist,
                Sentence.of(
                        "On the waist line go {} from the centre: a quarter of the waist and what will be taken out of it.",
                        atWaist.length()));
        Reckoned quarter = t.tape(HIP).over(4).named("Quarter at the hip", BLOCK);
        t.point("Hs", "Hip line at the side", quarter, hip);
        t.line(LEVEL, "Hc", "Hs");
        t.line(EDGE, "Ws", "Hs");
        t.step(
                "Hip",
                quarter,
                Sentence.of("On the hip line go {} from the centre, a quarter of the hip.", quarter.length()));
        Reckoned each = dart.over(2).named("Half the dart", BLOCK);
        t.point("W1", "Waist dart, leg to the centre", axis.minus(each), waist);
        t.point("W2", "Waist dart, leg to the side", axis.plus(each), waist);
        t.point("Da", "Waist dart, upper end", axis, top);
        t.point("Db", "Waist dart, lower end", axis, bottom.atMost(hip));
        t.line(DART, "Da", "W1", "Db", "W2", "Da");
        t.dart(Levels.diamond(t, "Waist dart", dart, "at the side, at the waist line"));
        t.step(
                "Waist dart",
                each,
                Sentence.of(
                        "Under the axis, {} from the centre, mark {} to each side at the waist: this takes out again what the side was given.",
                        axis.length(),
                        each.length()));
    }

    private HalfShape back(DraftingTable t, Garment garment, double seam) {
        t.turnTo(Half.BACK);
        Reckoned waist = t.tape(BACK_LENGTH);
        Reckoned hip = waist.plus(t.tape(WAIST_TO_HIP)).named("Hip line", BLOCK);
        // The back's chest line lies level with the front's once the waists do: so the side seams are alike.
        Reckoned chest =
                chest(t, garment).minus(t.tape(FRONT_LENGTH).minus(waist)).named("Chest line of the back", BLOCK);
        t.point("O", "Top line at centre back", nought(), nought());
        Levels.mark(t, "W", "Waist line", waist);
        Levels.mark(t, "H", "Hip line", hip);
        Levels.mark(t, "C", "Chest line", chest);
        neck(t, garment, garment.length(LengthOption.BACK_NECK_DEPTH));
        backShoulder(t, seam);
        Reckoned side = quarter(t);
        t.point("Cs", "Underarm", side, chest);
        t.line(LEVEL, "Cc", "Cs");
        t.step(
                "Underarm",
                side,
                Sentence.of(
                        "On the chest line go {}, a quarter of the bust and {}.", side.length(), Length.mm(BUST_EASE)));
        Reckoned line = chest.plus(garment.length(LengthOption.BACK_NECK_DEPTH))
                .over(2)
                .named("Halfway between neck and chest line", BLOCK);
        Reckoned across =
                t.tape(BACK_WIDTH).over(2).atMost(side.minus(HOLLOW_LEAST)).named("Armhole from centre back", BLOCK);
        t.point("Am", "Armhole, back width", across, line.atLeast(t.at("St").y() + 20));
        t.step(
                "Back width",
                across,
                Sentence.of(
                        "Halfway between neck and chest line go {}, half the back width: the armhole passes there.",
                        across.length()));
        Reckoned in = garment.length(LengthOption.CENTRE_BACK_IN);
        t.point("Wi", "Centre back taken in", in, waist);
        t.line(EDGE, "Cc", "Wi", "Hc");
        t.step(
                "Centre back",
                in,
                Sentence.of(
                        "Take centre back in by {} at the waist, to nothing at the chest line and at the hip.",
                        in.length()));
        Reckoned dart = garment.length(LengthOption.BACK_DART);
        Reckoned atWaist =
                t.tape(WAIST).over(4).plus(dart).plus(in).named("Quarter at the waist with what is taken in", BLOCK);
        below(
                t,
                atWaist,
                waist,
                hip,
                dart,
                axis(t).named("Dart from centre back", BLOCK),
                chest.plus(DART_BELOW_APEX),
                waist.plus(BACK_DART_BELOW),
                "Cs");
        return new HalfShape(
                Half.BACK,
                t.at("Nc"),
                List.of(t.at("Ne"), t.at("S1"), t.at("Sp"), t.at("S2"), t.at("St")),
                List.of(t.at("Am")),
                Levels.corners(t, "Cs", "Ws", "Hs"),
                Optional.empty(),
                List.of(t.at("Hc"), t.at("Wi"), t.at("Cc")));
    }

    /** As long as the closed front shoulder, with a dart of its own; the dart's legs are alike because it stands square on the seam. */
    private static void backShoulder(DraftingTable t, double seam) {
        Point end = t.at("Ne");
        double drop = SHOULDER_LINE;
        double run = seam + BACK_SHOULDER_DART;
        Point tip = new Point(end.x() + Math.sqrt(run * run - drop * drop), drop);
        Vec along = end.to(tip).unit();
        Point middle = end.between(tip, 0.5);
        t.found("St", "Shoulder tip", tip);
        t.found("S1", "Shoulder dart, leg to the neck", middle.plus(along.times(-BACK_SHOULDER_DART / 2)));
        t.found("S2", "Shoulder dart, leg to the tip", middle.plus(along.times(BACK_SHOULDER_DART / 2)));
        t.found(
                "Sp",
                "Shoulder dart, tip",
                middle.plus(new Vec(-along.dy(), along.dx()).times(BACK_SHOULDER_DART_LONG)));
        t.line(EDGE, "Ne", "S1");
        t.line(EDGE, "S2", "St");
        t.line(DART, "S1", "Sp", "S2");
        Given width = Given.option("Back shoulder dart", BACK_SHOULDER_DART, Quantity.LENGTH, "rule", BLOCK);
        t.dart(new BlockDart(
                "Back shoulder dart",
                Half.BACK,
                t.at("S1"),
                t.at("S2"),
                List.of(t.at("Sp")),
                width,
                "at the shoulder seam, which is longer by as much"));
        Given length =
                Given.option("Back shoulder with its dart", run, Quantity.LENGTH, "measured on the drawing", BLOCK);
        t.step(
                "Back shoulder",
                length,
                Sentence.of(
                        "Draw the shoulder {} long, as the closed front and the {} of its dart; the dart stands square in its middle, {} deep.",
                        length.length(),
                        width.length(),
                        Length.mm(BACK_SHOULDER_DART_LONG)));
    }
}
