package bathyra.block;

import static bathyra.block.BlockLine.Kind.CONSTRUCTION;
import static bathyra.block.BlockLine.Kind.EDGE;
import static bathyra.block.BlockLine.Kind.LEVEL;
import static bathyra.block.DraftingTable.nought;
import static bathyra.measure.MeasurementKey.ARMHOLE;
import static bathyra.measure.MeasurementKey.BACK_LENGTH;
import static bathyra.measure.MeasurementKey.BACK_WIDTH;
import static bathyra.measure.MeasurementKey.BUST;
import static bathyra.measure.MeasurementKey.CHEST_WIDTH;
import static bathyra.measure.MeasurementKey.FRONT_LENGTH;
import static bathyra.measure.MeasurementKey.HEIGHT;
import static bathyra.measure.MeasurementKey.HIP;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_APEX;
import static bathyra.measure.MeasurementKey.SHOULDER_TO_UNDERBUST;
import static bathyra.measure.MeasurementKey.SHOULDER_WIDTH;
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

/** The proportion block (C4.2): a half body from bust, height and shoulder alone; a tape that says clearly otherwise wins. */
public final class ProportionBlock extends BaseBlock {
    private static final Rule BLOCK = Rule.of("C4.2", "proportion block");
    private static final double EASE = 51;
    private static final double TAPE_WINS_FROM = 25;
    private static final double FRONT_NARROWER = 13;
    private static final double SIDE_FORWARD = 6;
    private static final double BACK_SHOULDER_FALLS = 16;
    private static final double FRONT_SHOULDER_FALLS = 38;
    private static final double ARMHOLE_LEAST = 40;
    private static final double CENTRE_FRONT_DROP = 6;
    private static final double BELOW_CHEST_LEAST = 30;

    @Override
    public BlockMethod method() {
        return BlockMethod.PROPORTION;
    }

    @Override
    public String goodAt() {
        return "Drafts from bust, height and shoulder when there is little on the tape. Carries ease, which the girth plan takes out.";
    }

    @Override
    Rule rule() {
        return BLOCK;
    }

    @Override
    public List<MeasurementKey> needs(Garment garment) {
        return withEdges(garment, HEIGHT);
    }

    @Override
    public List<MeasurementKey> drawingNeeds(Garment garment) {
        return List.of(BUST, HEIGHT, SHOULDER_WIDTH);
    }

    private static Reckoned napeToWaist(DraftingTable t, MeasurementSet set) {
        Reckoned rule = t.tape(HEIGHT).over(4).plus(9.5).named("Nape to waist", BLOCK);
        Reckoned tape = set.isTaken(BACK_LENGTH)
                ? t.tape(BACK_LENGTH)
                        .minus(rise(t))
                        .named("Nape to waist by the tape", Rule.of("C4.2", "the tape wins"))
                : rule;
        return Levels.tapeOrRule(t, BACK_LENGTH, set.isTaken(BACK_LENGTH), tape, rule, TAPE_WINS_FROM);
    }

    private static Reckoned neckWidth(DraftingTable t) {
        return t.tape(BUST).over(12).plus(6).named("Back neck width", BLOCK);
    }

    private static Reckoned rise(DraftingTable t) {
        return neckWidth(t).over(3).named("Rise of the back neck", BLOCK);
    }

    private static Reckoned chest(DraftingTable t, MeasurementSet set) {
        double bust = t.tape(BUST).value();
        double more = bust < 914 ? 19 : bust > 1118 ? -13 : 0;
        Reckoned rule = t.tape(BUST)
                .over(4)
                .plus(Given.option("Added by bust", more, Quantity.LENGTH, "rule", Rule.of("C4.2", "chest line")))
                .named("Chest line", BLOCK);
        Reckoned tape = set.isTaken(ARMHOLE)
                ? t.tape(ARMHOLE)
                        .over(2)
                        .plus(FRONT_SHOULDER_FALLS)
                        .named("Chest line by the armhole tape", Rule.of("C4.2", "the tape wins"))
                : rule;
        return Levels.tapeOrRule(t, ARMHOLE, set.isTaken(ARMHOLE), tape, rule, TAPE_WINS_FROM);
    }

    private static Reckoned backWidth(DraftingTable t, MeasurementSet set, Garment garment) {
        Reckoned rule = t.tape(BUST)
                .over(6)
                .plus(garment.length(LengthOption.BACK_WIDTH_EXTRA))
                .named("Back width", BLOCK);
        Reckoned tape = set.isTaken(BACK_WIDTH)
                ? t.tape(BACK_WIDTH).over(2).named("Back width by the tape", Rule.of("C4.2", "the tape wins"))
                : rule;
        return Levels.tapeOrRule(t, BACK_WIDTH, set.isTaken(BACK_WIDTH), tape, rule, TAPE_WINS_FROM);
    }

    private static Reckoned frontWidth(DraftingTable t, MeasurementSet set, Garment garment) {
        Reckoned rule = t.tape(BUST)
                .over(6)
                .plus(garment.length(LengthOption.BACK_WIDTH_EXTRA))
                .minus(FRONT_NARROWER)
                .named("Front width", BLOCK);
        Reckoned tape = set.isTaken(CHEST_WIDTH)
                ? t.tape(CHEST_WIDTH).over(2).named("Front width by the tape", Rule.of("C4.2", "the tape wins"))
                : rule;
        return Levels.tapeOrRule(t, CHEST_WIDTH, set.isTaken(CHEST_WIDTH), tape, rule, TAPE_WINS_FROM);
    }

    private static Reckoned half(DraftingTable t) {
        return t.tape(BUST).over(2).plus(EASE).named("Half the body with ease", BLOCK);
    }

    private static Reckoned between(DraftingTable t, MeasurementSet set, Garment garment) {
        return half(t).minus(backWidth(t, set, garment))
                .minus(frontWidth(t, set, garment))
                .named("Between back and front width", BLOCK);
    }

    private static Reckoned backSide(DraftingTable t, MeasurementSet set, Garment garment) {
        return backWidth(t, set, garment)
                .plus(between(t, set, garment).over(2))
                .plus(SIDE_FORWARD)
                .named("Side seam from centre back", BLOCK);
    }

    private static Reckoned frontSide(DraftingTable t, MeasurementSet set, Garment garment) {
        return half(t).minus(backSide(t, set, garment)).named("Side seam from centre front", BLOCK);
    }

    @Override
    Frame frame(MeasurementSet set, Garment garment) {
        DraftingTable t = new DraftingTable(set, BLOCK);
        boolean bothLengths = set.isTaken(FRONT_LENGTH) && set.isTaken(BACK_LENGTH);
        Reckoned dart = bothLengths
                ? t.tape(FRONT_LENGTH).minus(t.tape(BACK_LENGTH)).named("Side bust dart", BLOCK)
                : Given.option("Side bust dart", 0, Quantity.LENGTH, "front and back length were not taken", BLOCK);
        Reckoned rule = napeToWaist(t, set);
        Reckoned waist = Levels.tapeOrRule(
                t,
                FRONT_LENGTH,
                set.isTaken(FRONT_LENGTH),
                set.isTaken(FRONT_LENGTH) ? t.tape(FRONT_LENGTH) : rule,
                rule,
                TAPE_WINS_FROM);
        return new Frame(
                t.tape(SHOULDER_TO_APEX),
                t.tape(SHOULDER_TO_UNDERBUST),
                waist.named("Waist line", BLOCK),
                dart,
                chest(t, set).named("Chest line", BLOCK),
                frontSide(t, set, garment).named("Drafted width at the underbust line", BLOCK),
                garment.length(LengthOption.BACK_DART),
                garment.length(LengthOption.CENTRE_BACK_IN),
                Block.Darts.NONE);
    }

    @Override
    Halves halves(DraftingTable t, MeasurementSet set, Garment garment) throws NotDraftable {
        Reckoned between = between(t, set, garment);
        if (between.value() < ARMHOLE_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.ARMHOLE,
                    BACK_WIDTH.key(),
                    Finding.Status.FAULT,
                    between.value(),
                    ARMHOLE_LEAST,
                    Sentence.of(
                            "Between back width and front width {} are left for the armhole; it needs {}. Take {}, {} and {} again.",
                            between.length(),
                            Length.mm(ARMHOLE_LEAST),
                            MeasurementKey.BACK_WIDTH,
                            MeasurementKey.CHEST_WIDTH,
                            MeasurementKey.BUST)));
        }
        Reckoned below = napeToWaist(t, set).minus(chest(t, set));
        if (below.value() < BELOW_CHEST_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.LEVELS,
                    BACK_LENGTH.key(),
                    Finding.Status.FAULT,
                    below.value(),
                    BELOW_CHEST_LEAST,
                    Sentence.of(
                            "The waist lies {} below the chest line; at least {} are needed. Take {}, {} and {} again, or the armhole, which sets the chest line.",
                            below.length(),
                            Length.mm(BELOW_CHEST_LEAST),
                            MeasurementKey.BACK_LENGTH,
                            MeasurementKey.HEIGHT,
                            MeasurementKey.BUST)));
        }
        HalfShape back = back(t, set, garment);
        return new Halves(front(t, set, garment, back), back);
    }

    private static HalfShape back(DraftingTable t, MeasurementSet set, Garment garment) {
        t.turnTo(Half.BACK);
        levels(t, set, "Nape at centre back");
        Reckoned chest = chest(t, set);
        Reckoned width = backWidth(t, set, garment);
        Reckoned side = backSide(t, set, garment);
        body(t, set, chest, width, side, nought());
        Reckoned neck = neckWidth(t);
        Reckoned rise = rise(t);
        t.point("Nc", "Nape", nought(), nought());
        t.point("Ne", "Neck end of the shoulder", neck, nought().minus(rise));
        t.step(
                "Back neck",
                neck,
                Sentence.of(
                        "Along the top line go {} from centre back and rise {}, a third of it.",
                        neck.length(),
                        rise.length()));
        Reckoned seam = t.tape(SHOULDER_WIDTH).over(2).minus(neck).named("Shoulder seam", BLOCK);
        shoulder(
                t,
                new Point(width.value(), BACK_SHOULDER_FALLS),
                seam,
                Sentence.of(
                        "Lay the ruler from the neck end through the point {} below the top line on the back width line; the shoulder seam is {} long, half the shoulder width less the neck.",
                        Length.mm(BACK_SHOULDER_FALLS),
                        seam.length()));
        Reckoned down =
                chest.minus(chest.minus(BACK_SHOULDER_FALLS).over(4)).named("A quarter up the back width line", BLOCK);
        t.point("Am", "Armhole, back width", width.minus(6), down);
        hollow(
                t,
                width,
                side,
                Sentence.of(
                        "Mark the armhole {} inside the back width line a quarter up its height, and half the distance to the side seam out from the corner at 45°.",
                        Length.mm(6)),
                width.minus(6));
        return shape(t, Half.BACK);
    }

    private static HalfShape front(DraftingTable t, MeasurementSet set, Garment garment, HalfShape back) {
        t.turnTo(Half.FRONT);
        levels(t, set, "Top line at centre front");
        Reckoned chest = chest(t, set);
        Reckoned width = frontWidth(t, set, garment);
        Reckoned side = frontSide(t, set, garment);
        body(t, set, chest, width, side, Given.constant(CENTRE_FRONT_DROP, Quantity.LENGTH));
        Reckoned neck = neckWidth(t).plus(6).named("Front neck width", BLOCK);
        Reckoned depth = neckWidth(t).minus(3).named("Front neck depth", BLOCK);
        t.point("Ne", "Neck end of the shoulder", neck, nought());
        t.point("Nc", "Neck at centre front", nought(), depth);
        t.step(
                "Front neck",
                neck,
                Sentence.of(
                        "Along the top line go {} from centre front, down centre front {}.",
                        neck.length(),
                        depth.length()));
        double seam = back.shoulder().get(0).distance(back.tip());
        shoulder(
                t,
                new Point(width.value(), FRONT_SHOULDER_FALLS),
                Given.option("Back shoulder seam", seam, Quantity.LENGTH, "measured on the drawing", BLOCK),
                Sentence.of(
                        "Lay the ruler from the neck end through the point {} below the top line on the front width line; make the seam as long as the back one, {}.",
                        Length.mm(FRONT_SHOULDER_FALLS),
                        Length.mm(seam)));
        Reckoned down = chest.minus(FRONT_SHOULDER_FALLS)
                .times(2)
                .over(3)
                .plus(FRONT_SHOULDER_FALLS)
                .named("Two thirds down the front width line", BLOCK);
        t.point("Am", "Armhole, front width", width, down);
        hollow(
                t,
                width,
                side,
                Sentence.of(
                        "Mark the armhole on the front width line two thirds down, and half the distance to the side seam out from the corner at 45°."),
                width);
        return shape(t, Half.FRONT);
    }

    private static void levels(DraftingTable t, MeasurementSet set, String origin) {
        Reckoned waist = napeToWaist(t, set);
        Reckoned rule = t.tape(HEIGHT).over(8).named("Waist to hip", BLOCK);
        Reckoned toHip = Levels.tapeOrRule(
                t,
                WAIST_TO_HIP,
                set.isTaken(WAIST_TO_HIP),
                set.isTaken(WAIST_TO_HIP) ? t.tape(WAIST_TO_HIP) : rule,
                rule,
                TAPE_WINS_FROM);
        t.point("O", origin, nought(), nought());
        Levels.mark(t, "C", "Chest line", chest(t, set));
        Levels.mark(t, "W", "Waist line", waist);
        t.point("Hi", "Hip line on the centre", nought(), waist.plus(toHip));
        t.step(
                "Hip line",
                toHip,
                Sentence.of("From the waist go down {} and square across: the hip line.", toHip.length()));
    }

    private static void body(
            DraftingTable t, MeasurementSet set, Reckoned chest, Reckoned width, Reckoned side, Reckoned drop) {
        t.point("Cw", "Width line on the chest line", width, chest);
        t.draw(CONSTRUCTION, DraftingTable.polyline(List.of(new Point(width.value(), 0), t.at("Cw"))));
        t.step(
                "Width line",
                width,
                Sentence.of("On the chest line go {} from the centre and square up to the top line.", width.length()));
        Reckoned waist = t.point("Wc").down();
        Reckoned hip = t.point("Hi").down();
        t.point("Cs", "Underarm", side, chest);
        t.point("Ws", "Waist line at the side", side, waist);
        Reckoned out = set.isTaken(HIP)
                ? t.tape(HIP).over(2).minus(half(t)).over(2).atLeast(0).named("Wider at the hip by", BLOCK)
                : nought();
        t.point("Hs", "Hip line at the side", side.plus(out), hip);
        t.point("Hc", "Hip line at the centre", nought(), hip.plus(drop));
        t.line(LEVEL, "Cc", "Cs");
        t.line(LEVEL, "Wc", "Ws");
        t.line(EDGE, "Cs", "Ws", "Hs", "Hc");
        t.step(
                "Side seam",
                side,
                Sentence.of(
                        "Halve what lies between back and front width, move {} to the front: the side seam, {} from the centre.",
                        Length.mm(SIDE_FORWARD),
                        side.length()));
    }

    private static void shoulder(DraftingTable t, Point through, Reckoned seam, Sentence words) {
        Point end = t.at("Ne");
        t.found("St", "Shoulder tip", end.plus(end.to(through).unit().times(seam.value())));
        t.line(EDGE, "Ne", "St");
        t.step("Shoulder", seam, words);
    }

    private static void hollow(DraftingTable t, Reckoned width, Reckoned side, Sentence words, Reckoned figure) {
        Vec out = new Vec(1, -1).unit().times((side.value() - width.value()) / 2);
        t.found("Ah", "Armhole, hollow", t.at("Cw").plus(out));
        t.draw(CONSTRUCTION, DraftingTable.polyline(List.of(t.at("Cw"), t.at("Ah"))));
        t.step("Armhole", figure.named("Armhole from the centre", BLOCK), words);
    }

    private static HalfShape shape(DraftingTable t, Half half) {
        return new HalfShape(
                half,
                t.at("Nc"),
                List.of(t.at("Ne"), t.at("St")),
                List.of(t.at("Am"), t.at("Ah")),
                Levels.corners(t, "Cs", "Ws", "Hs"),
                Optional.empty(),
                List.of(t.at("Hc"), t.at("Wc"), t.at("Cc")));
    }
}
