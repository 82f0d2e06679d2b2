package bathyra.intake;

import static bathyra.intake.SeamPlace.CENTRE_BACK;
import static bathyra.intake.SeamPlace.PRINCESS_BACK;
import static bathyra.intake.SeamPlace.PRINCESS_FRONT;
import static bathyra.intake.SeamPlace.SIDE;

import bathyra.block.Block;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.girth.GirthPlan;
import bathyra.girth.Level;
import bathyra.girth.LevelPlan;
import bathyra.measure.Length;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Sentence;
import bathyra.reckon.Given;
import bathyra.reckon.Overridden;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import bathyra.truing.Finding;
import bathyra.truing.NotDraftable;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * Spreads what is to be taken out over the seams of a princess-seamed bustier (C6). The princess seams and centre back take
 * what their rules say, the side takes the rest of its half; a locked value is kept and the others give way.
 */
public final class Spreading {
    private static final Rule SIDE_RULE = Rule.of("C6", "the side takes the rest");
    private static final Rule PRINCESS = Rule.of("C6", "princess seam");
    private static final Rule BACK = Rule.of("C4.1", "back dart");
    private static final Rule ZIP = Rule.of("C4.1", "centre back taken in");
    private static final double BACK_DART_BELOW_CHEST = 25;
    private static final double DART_ABOVE_HIP = 51;
    private static final double INTAKE_MOST = 160;

    private final Block block;
    private final GirthPlan girths;
    private final Garment garment;
    private final Map<Cell, Reckoned> cells = new HashMap<>();
    private final Map<Level, Reckoned> sideFront = new EnumMap<>(Level.class);
    private final Map<Level, Reckoned> sideBack = new EnumMap<>(Level.class);
    private final Map<Level, Reckoned> toTake = new EnumMap<>(Level.class);

    private Spreading(Block block, GirthPlan girths, Garment garment) {
        this.block = block;
        this.girths = girths;
        this.garment = garment;
    }

    /** The soundings of a garment. @throws NotDraftable when a level's locked values leave nothing to give way */
    public static IntakeTable of(MeasurementSet set, Block block, GirthPlan girths, Garment garment) throws NotDraftable {
        Spreading spreading = new Spreading(block, girths, garment);
        Reckoned underbust = UnderbustIntake.by(garment.school(), set, block);
        Reckoned opened = spreading.opened();
        Reckoned front = girths.widestFront();
        Reckoned back = girths.widestBack();
        for (LevelPlan plan : girths.levels()) {
            spreading.spread(plan, underbust, opened, front, back);
        }
        return new IntakeTable(spreading.cells, spreading.sideFront, spreading.sideBack, spreading.toTake, opened, underbust,
                garment.intakes().keySet());
    }

    private void spread(LevelPlan plan, Reckoned underbust, Reckoned opened, Reckoned front, Reckoned back) throws NotDraftable {
        Level level = plan.level();
        Reckoned frontSurplus = front.minus(plan.frontHalf()).named("To take out of the front", Rule.of("C6", "A = W − T"));
        Reckoned backSurplus = back.minus(plan.backHalf()).named("To take out of the back", Rule.of("C6", "A = W − T"));
        toTake.put(level, frontSurplus.plus(backSurplus).named("To take out at the " + low(level), Rule.of("C6", "A = W − T")));

        Reckoned princess = byHand(new Cell(level, PRINCESS_FRONT), princessFront(level, underbust, opened));
        Reckoned princessBack = byHand(new Cell(level, PRINCESS_BACK), tapered(level, PRINCESS_BACK));
        Reckoned centreBack = byHand(new Cell(level, CENTRE_BACK), tapered(level, CENTRE_BACK));
        Length sideLock = garment.intakes().get(new Cell(level, SIDE));
        if (sideLock != null) {
            double rule = frontSurplus.value() - princess.value() + backSurplus.value() - princessBack.value() - centreBack.value();
            GivesWay way = givesWay(level, sideLock.millimetres() - rule, princess, princessBack, centreBack);
            princess = way.princess();
            princessBack = way.princessBack();
            centreBack = way.centreBack();
        }
        Reckoned frontSide = frontSurplus.minus(princess).named("Side, front half", SIDE_RULE);
        Reckoned backSide = backSurplus.minus(princessBack).minus(centreBack).named("Side, back half", SIDE_RULE);
        Reckoned side = frontSide.plus(backSide).named("Side at the " + low(level), SIDE_RULE);
        cells.put(new Cell(level, PRINCESS_FRONT), princess);
        cells.put(new Cell(level, SIDE), sideLock == null ? side : new Overridden(sideLock.millimetres(), side, "set by hand"));
        cells.put(new Cell(level, PRINCESS_BACK), princessBack);
        cells.put(new Cell(level, CENTRE_BACK), centreBack);
        sideFront.put(level, frontSide);
        sideBack.put(level, backSide);
    }

    private record GivesWay(Reckoned princess, Reckoned princessBack, Reckoned centreBack) {}

    /** What the free seams give up when the side is locked {@code more} above what would be left for it. */
    private GivesWay givesWay(Level level, double more, Reckoned princess, Reckoned princessBack, Reckoned centreBack) throws NotDraftable {
        boolean frontFree = level != Level.BUST && isFree(level, PRINCESS_FRONT);
        boolean backFree = isFree(level, PRINCESS_BACK);
        boolean centreFree = isFree(level, CENTRE_BACK) && centreBack.value() > 0;
        if (!frontFree && !backFree && !centreFree && Math.abs(more) > 1e-9) {
            throw new NotDraftable(Finding.mm("intake", level.id(), Finding.Status.FAULT, Math.abs(more), 0, Sentence.of(
                    "Every seam at the " + low(level) + " is locked and together they are {} off what is to be taken. Unlock one of them.",
                    Length.mm(Math.abs(more)))));
        }
        boolean anyBack = backFree || centreFree;
        double fromFront = frontFree ? (anyBack ? more / 2 : more) : 0;
        double fromBack = more - fromFront;
        double weightBack = backFree ? Math.max(princessBack.value(), 1) : 0;
        double weightCentre = centreFree ? centreBack.value() : 0;
        double weights = Math.max(weightBack + weightCentre, 1e-9);
        return new GivesWay(frontFree ? less(princess, fromFront) : princess,
                backFree ? less(princessBack, fromBack * weightBack / weights) : princessBack,
                centreFree ? less(centreBack, fromBack * weightCentre / weights) : centreBack);
    }

    private static Reckoned less(Reckoned number, double by) {
        return Math.abs(by) < 1e-9 ? number : new Overridden(number.value() - by, number, "gives way to the side");
    }

    private boolean isFree(Level level, SeamPlace seam) {
        return !garment.intakes().containsKey(new Cell(level, seam));
    }

    private Reckoned byHand(Cell cell, Reckoned rule) throws NotDraftable {
        Length own = garment.intakes().get(cell);
        if (own == null) {
            return rule;
        }
        if (Math.abs(own.millimetres()) > INTAKE_MOST) {
            throw new NotDraftable(Finding.mm("intake", cell.level().id(), Finding.Status.FAULT, own.millimetres(), INTAKE_MOST, Sentence.of(
                    cell.seam().label() + " at the " + low(cell.level()) + " is set to {}; a seam takes {} at the most. Set it lower or go back to the rule.",
                    own, Length.mm(INTAKE_MOST))));
        }
        return new Overridden(own.millimetres(), rule, "set by hand");
    }

    private Reckoned princessFront(Level level, Reckoned underbust, Reckoned opened) {
        String name = "Princess front at the " + low(level);
        return switch (level) {
            case UPPER -> underbust.minus(garment.length(LengthOption.UPPER_LESS)).atLeast(0).named("Intake at the crest by rule", PRINCESS)
                    .times(upTheLeg()).named("Upper intake by rule", PRINCESS).plus(opened).named(name, PRINCESS);
            case BUST -> nothing(name, "the seam passes through the apex");
            case UNDERBUST -> underbust.named(name, PRINCESS);
            case WAIST -> underbust.named(name, Rule.of("C6", "the same as under the bust"));
            case HIGH_HIP, HIP -> underbust.times(belowWaist(level)).named(name, Rule.of("C4.1", "runs out above the hip"));
        };
    }

    /** The rule speaks of the seam's upper end; the upper line crosses the straight leg on the way there. */
    private Reckoned upTheLeg() {
        Reckoned apex = block.frontDepths().get(Level.BUST);
        Reckoned line = apex.minus(block.frontDepths().get(Level.UPPER)).named("Upper line above the apex", PRINCESS);
        return line.over(apex.minus(block.crest()).named("Crest above the apex", PRINCESS));
    }

    /** Closing the side dart turns the part above it about the apex: by similar triangles the seam opens so much at the upper line. */
    private Reckoned opened() {
        LevelPlan bust = girths.at(Level.BUST);
        Reckoned height = block.frontDepths().get(Level.BUST).minus(block.frontDepths().get(Level.UPPER)).named("Upper line above the apex", PRINCESS);
        Reckoned apexToSide = bust.frontHalf().minus(block.frontAxis()).named("Apex to side", PRINCESS);
        return block.sideDart().times(height.over(apexToSide)).named("Opened by the closed side dart", Rule.of("C7.5", "closing a dart"));
    }

    private Reckoned tapered(Level level, SeamPlace seam) {
        String name = seam.label() + " at the " + low(level);
        boolean zip = seam == CENTRE_BACK;
        Reckoned atWaist = zip ? block.centreBackIn() : block.backDart();
        Rule rule = zip ? ZIP : BACK;
        return switch (level) {
            case UPPER -> nothing(name, zip ? "nothing at the chest" : "begins below the chest line");
            case BUST, UNDERBUST -> atWaist.times(aboveWaist(level, zip)).named(name, rule);
            case WAIST -> atWaist.named(name, rule);
            case HIGH_HIP, HIP -> atWaist.times(zip ? toHip(level) : belowWaist(level)).named(name, rule);
        };
    }

    private Reckoned aboveWaist(Level level, boolean zip) {
        double top = zip ? block.centreBackTop().value() : block.chestDepth().value() + BACK_DART_BELOW_CHEST;
        return share((block.side(level) - top) / (block.side(Level.WAIST) - top));
    }

    private Reckoned belowWaist(Level level) {
        double end = block.hipDepth().value() - DART_ABOVE_HIP;
        return share((end - block.side(level)) / (end - block.side(Level.WAIST)));
    }

    private Reckoned toHip(Level level) {
        double end = block.hipDepth().value();
        return share((end - block.side(level)) / (end - block.side(Level.WAIST)));
    }

    private static Reckoned share(double value) {
        return Given.option("Share of the way", Math.min(1, Math.max(0, value)), Quantity.RATIO, "straight legs", Rule.of("C4.1", "straight dart legs"));
    }

    private static Reckoned nothing(String name, String why) {
        return Given.option(name, 0, Quantity.LENGTH, why, PRINCESS);
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
