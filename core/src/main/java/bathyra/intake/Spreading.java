package bathyra.intake;

import bathyra.block.Block;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.fitting.Found;
import bathyra.garment.Garment;
import bathyra.garment.Kept;
import bathyra.garment.RuleValues;
import bathyra.girth.GirthPlan;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementSet;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Overridden;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Spreads what is to be taken out over the seams (C6): at each level and in each block the widest half less the planned half,
 * shared by the rules of a princess bustier or by the weights of a corset. A locked value is kept and the others give way.
 */
public final class Spreading {
    private static final Rule SURPLUS = Rule.of("C6", "A = W − T");
    private static final Rule FOUND = Rule.of("C15.4", "what becomes of what was seen");

    /** An edge that takes so much of the height over which it runs out leans up to 20 degrees. */
    private static final double EDGE_BEARS = 0.25;

    private final Garment garment;
    private final Block block;
    private final GirthPlan girths;
    private final Reckoned widestFront;
    private final Reckoned widestBack;
    private final SeamAxes axes;
    private final PrincessRules princess;
    private final PanelRules panels;
    private final PanelRoom room;
    private final Map<Cell, Reckoned> cells = new HashMap<>();
    private final Map<Level, Reckoned> sideFront = new EnumMap<>(Level.class);
    private final Map<Level, Reckoned> sideBack = new EnumMap<>(Level.class);
    private final Map<Level, Reckoned> toTake = new EnumMap<>(Level.class);

    private Spreading(Block block, GirthPlan girths, Garment garment) {
        this.garment = garment;
        this.block = block;
        this.girths = girths;
        this.widestFront = girths.widestFront();
        this.widestBack = girths.widestBack();
        this.axes = SeamAxes.of(block, girths, garment);
        this.princess = new PrincessRules(block, girths, garment);
        this.panels = new PanelRules(block, girths, garment, axes);
        this.room = new PanelRoom(garment, axes, block::front);
    }

    /** The soundings of a garment. @throws NotDraftable when locks and caps of a level leave nothing to give way */
    public static IntakeTable of(MeasurementSet set, Block block, GirthPlan girths, Garment garment)
            throws NotDraftable {
        Spreading spreading = new Spreading(block, girths, garment);
        boolean corset = garment.kind().isPanelled();
        Reckoned underbust =
                corset ? none("Under-bust intake") : UnderbustIntake.by(garment.school(), set, block, girths);
        Reckoned opened = corset ? none("Opened by the closed side dart") : ApexIntake.opened(block, girths);
        spreading.requireBearable();
        for (LevelPlan plan : girths.levels()) {
            spreading.spread(plan, underbust, opened);
        }
        return new IntakeTable(
                spreading.axes,
                spreading.cells,
                spreading.sideFront,
                spreading.sideBack,
                spreading.toTake,
                opened,
                underbust,
                garment.intakes().keySet());
    }

    private static Reckoned none(String name) {
        return Given.option(name, 0, Quantity.LENGTH, "not a princess seam", SURPLUS);
    }

    private void requireBearable() throws NotDraftable {
        for (Map.Entry<Cell, Length> lock : garment.intakes().entrySet()) {
            Cell cell = lock.getKey();
            String where = cell.seam().label() + " at the " + low(cell.level());
            if (Math.abs(lock.getValue().millimetres()) > LevelBalance.INTAKE_MOST) {
                throw new NotDraftable(Finding.of(
                        FindingKind.INTAKE,
                        cell.level().id(),
                        Finding.Status.FAULT,
                        lock.getValue().millimetres(),
                        LevelBalance.INTAKE_MOST,
                        Sentence.of(
                                where
                                        + " is set to {}; a seam takes {} at the most. Set it lower or go back to the rule.",
                                lock.getValue(),
                                Length.mm(LevelBalance.INTAKE_MOST))));
            }
            Length cap = garment.sharing().caps().get(cell);
            if (cap != null
                    && lock.getValue().millimetres()
                            > cap.millimetres() * (cell.seam().equals(SeamPlace.SIDE) ? 2 : 1)) {
                throw new NotDraftable(Finding.of(
                        FindingKind.INTAKE,
                        cell.level().id(),
                        Finding.Status.FAULT,
                        lock.getValue().millimetres(),
                        cap.millimetres(),
                        Sentence.of(
                                where + " is locked at {} and capped at {}. Raise its cap, or lock it lower.",
                                lock.getValue(),
                                cap)));
            }
        }
    }

    private void spread(LevelPlan plan, Reckoned underbust, Reckoned opened) throws NotDraftable {
        Level level = plan.level();
        Reckoned frontSurplus = widestFront.minus(plan.frontHalf()).named("To take out of the front", SURPLUS);
        Reckoned backSurplus = widestBack.minus(plan.backHalf()).named("To take out of the back", SURPLUS);
        Found found = garment.found();
        Reckoned all = frontSurplus.plus(backSurplus);
        double pinched = found.pinched(level, true) + found.pinched(level, false);
        toTake.put(
                level,
                (pinched == 0 ? all : all.plus(pinched("Pinched", pinched)))
                        .named("To take out at the " + low(level), SURPLUS));
        boolean corset = garment.kind().isPanelled();
        Wanted front = corset
                ? bearing(level, panels.front(level, frontSurplus), true)
                : princess.front(level, frontSurplus, underbust, opened);
        Wanted back =
                corset ? bearing(level, panels.back(level, backSurplus), false) : princess.back(level, backSurplus);
        LevelBalance balance = new LevelBalance(level, garment, room);
        LevelBalance.Both byRule = balance.share(front, back);
        Optional<RuleValues> more =
                garment.kept().filter(k -> k.sameSharing(garment)).map(Kept::more);
        LevelBalance.Both both = more.isEmpty()
                ? byRule
                : balance.share(
                        kept(front, byRule.front(), level, more.get().sideFront()),
                        kept(back, byRule.back(), level, more.get().sideBack()));
        List<Reckoned> inFront = pinched(level, front, corset ? both.front() : withTheRest(front, both.front()));
        List<Reckoned> behind = pinched(level, back, corset ? both.back() : withTheRest(back, both.back()));
        put(level, front, inFront, sideFront);
        put(level, back, behind, sideBack);
        Rule rule = corset ? Rule.of("C6", "half to each block") : PrincessRules.SIDE_RULE;
        String name = "Side at the " + low(level);
        Length lock = garment.intakes().get(new Cell(level, SeamPlace.SIDE));
        boolean sidePinched = found.pinched(new Cell(level, SeamPlace.SIDE)) != 0;
        cells.put(
                new Cell(level, SeamPlace.SIDE),
                lock == null || sidePinched
                        ? sideFront.get(level).plus(sideBack.get(level)).named(name, rule)
                        : new Overridden(
                                lock.millimetres(),
                                front.rules()
                                        .get(front.side())
                                        .plus(back.rules().get(back.side()))
                                        .named(name, rule),
                                "set by hand"));
    }

    /** A corset's side at the waist: no more over what it takes at the high hip, and at the rib, than its edge bears on the way there. */
    private Wanted bearing(Level level, Wanted wanted, boolean front) {
        // In the front of an overbust the seam over the apex comes first, and has a rule of its own for the side.
        boolean apexFirst = front && garment.kind().isOverBust();
        if (level != Level.WAIST || apexFirst || wanted.surplus().value() <= 0) {
            return wanted;
        }
        double most = girths.levels().stream()
                .map(LevelPlan::level)
                .filter(l -> l == Level.HIGH_HIP || l == Level.UNDERBUST)
                .mapToDouble(l -> bearingTo(l, wanted, front))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return wanted.withSideBearing(most);
    }

    private double bearingTo(Level end, Wanted wanted, boolean front) {
        LevelPlan plan = girths.at(end);
        double left = front
                ? widestFront.value() - plan.frontHalf().value()
                : widestBack.value() - plan.backHalf().value();
        double share =
                wanted.rules().get(wanted.side()).value() / wanted.surplus().value();
        double height = Math.abs(block.front(end) - block.front(Level.WAIST));
        return Math.max(0, left * share) + EDGE_BEARS * height;
    }

    /** What the seams of a block keep: today's rule, and by how much more they were given. What is locked stays the lock's. */
    private Wanted kept(Wanted wanted, List<Reckoned> byRule, Level level, Map<Level, Double> side) {
        Kept kept = garment.kept().orElseThrow();
        List<Reckoned> values = new ArrayList<>();
        for (int i = 0; i < byRule.size(); i++) {
            Cell cell = new Cell(level, wanted.seams().get(i));
            double more = i == wanted.side()
                    ? side.getOrDefault(level, 0.0)
                    : garment.intakes().containsKey(cell)
                            ? 0
                            : kept.more().soundings().getOrDefault(cell, 0.0);
            values.add(more == 0 ? byRule.get(i) : kept.kept(byRule.get(i), more));
        }
        return wanted.keeping(values);
    }

    private void put(Level level, Wanted wanted, List<Reckoned> takes, Map<Level, Reckoned> side) {
        for (int i = 0; i < takes.size(); i++) {
            if (i == wanted.side()) {
                side.put(level, takes.get(i));
            } else {
                cells.put(new Cell(level, wanted.seams().get(i)), takes.get(i));
            }
        }
    }

    /** A bustier's side is what the others leave: its figure says so. */
    private static List<Reckoned> withTheRest(Wanted wanted, List<Reckoned> takes) {
        Reckoned rest = wanted.surplus();
        for (int i = 0; i < takes.size(); i++) {
            rest = i == wanted.side() ? rest : rest.minus(takes.get(i));
        }
        List<Reckoned> all = new ArrayList<>(takes);
        all.set(wanted.side(), rest.named(takes.get(wanted.side()).name(), PrincessRules.SIDE_RULE));
        return all;
    }

    /** What was pinched in each seam on top of what it takes; at the side half in each block. */
    private List<Reckoned> pinched(Level level, Wanted wanted, List<Reckoned> takes) {
        List<Reckoned> all = new ArrayList<>(takes);
        for (int i = 0; i < all.size(); i++) {
            double by = garment.found().pinched(new Cell(level, wanted.seams().get(i)));
            if (by != 0) {
                Reckoned has = all.get(i);
                all.set(
                        i,
                        has.plus(pinched("Pinched here", i == wanted.side() ? by / 2 : by))
                                .named(has.name(), FOUND));
            }
        }
        return all;
    }

    private static Reckoned pinched(String name, double by) {
        return Given.option(name, by, Quantity.LENGTH, "fitting", FOUND);
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
