package bathyra.intake;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Overridden;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Shares the surplus of one level out over its seams (C6): locked values stand, caps hold, the other seams move as little from
 * their rules as the sum allows. House caps and the wish that no seam gives cloth back are kept as long as they can be; the
 * cutter's own caps always.
 */
final class LevelBalance {
    /** More than this no seam takes. */
    static final double INTAKE_MOST = 160;
    /** A seam may give back so much of what others take too much: spring over the hip (C6). */
    static final double SPRING_MOST = 40;
    /** The side of a bustier takes whatever is left. */
    private static final double UNBOUNDED = 2000;

    private static final double SAME = 1e-9;
    /** A seam that has made room for one panel may leave too little for another. */
    private static final int ROUNDS = 12;

    private final Level level;
    private final Garment garment;
    private final PanelRoom room;

    LevelBalance(Level level, Garment garment, PanelRoom room) {
        this.level = level;
        this.garment = garment;
        this.room = room;
    }

    /** What the seams of both blocks of a level take, in their order. The side lies in both; a lock on it holds the sum of its two parts. */
    record Both(List<Reckoned> front, List<Reckoned> back) {}

    /** @param takes what each seam takes, mm @param held what each may take at the most for the panels beside it, mm; empty where no panel asks */
    private record Solved(double[] takes, double[] held) {
        boolean isHeldForAPanel(int i) {
            return i < held.length && Math.abs(takes[i] - held[i]) < SAME;
        }
    }

    private record Bounds(double[] least, double[] most) {
        /** The same, and none over what it is held to. */
        Bounds under(double[] held) {
            double[] lower = most.clone();
            for (int i = 0; i < lower.length; i++) {
                lower[i] = Math.max(least[i], Math.min(lower[i], held[i]));
            }
            return new Bounds(least, lower);
        }
    }

    Both share(Wanted front, Wanted back) throws NotDraftable {
        Optional<Double> side = lock(SeamPlace.SIDE);
        if (side.isEmpty()) {
            return new Both(shared(front, solve(front, Optional.empty())), shared(back, solve(back, Optional.empty())));
        }
        double free = sideOf(front) + sideOf(back);
        double[] range = meet(range(front), range(back), side.get());
        if (range[0] > range[1] + SAME) {
            throw cannot(front, back, side.get());
        }
        double half = sideOf(front) + (side.get() - free) / 2;
        double inFront = Math.min(range[1], Math.max(range[0], half));
        return new Both(
                shared(front, solve(front, Optional.of(inFront))),
                shared(back, solve(back, Optional.of(side.get() - inFront))));
    }

    /** What the side would take in a block if it were free; where locks leave it no room, what they leave. */
    private double sideOf(Wanted wanted) {
        double[] values = wanted.values();
        double rest = wanted.surplus().value();
        for (int i = 0; i < values.length; i++) {
            if (i != wanted.side()) {
                rest -= lock(wanted.seams().get(i)).orElse(values[i]);
            }
        }
        return wanted.first()[wanted.side()] > 0 && isTheRest(wanted)
                ? rest
                : wanted.rules().get(wanted.side()).value();
    }

    private static boolean isTheRest(Wanted wanted) {
        for (int i = 0; i < wanted.first().length; i++) {
            if (i != wanted.side() && wanted.first()[i] > 0) {
                return false;
            }
        }
        return true;
    }

    /** Between which values the side may lie in a block: what the others can leave it. */
    private double[] range(Wanted wanted) {
        Bounds bounds = bounds(wanted, false, Optional.empty());
        double least = wanted.surplus().value();
        double most = wanted.surplus().value();
        double[] values = wanted.values();
        for (int i = 0; i < values.length; i++) {
            if (i != wanted.side()) {
                boolean moves = wanted.pressed()[i] > 0;
                least -= moves ? bounds.most()[i] : Math.min(bounds.most()[i], Math.max(bounds.least()[i], values[i]));
                most -= moves ? bounds.least()[i] : Math.min(bounds.most()[i], Math.max(bounds.least()[i], values[i]));
            }
        }
        double cap = cap(SeamPlace.SIDE);
        return new double[] {Math.max(least, -UNBOUNDED), Math.min(most, cap)};
    }

    private static double[] meet(double[] front, double[] back, double side) {
        return new double[] {Math.max(front[0], side - back[1]), Math.min(front[1], side - back[0])};
    }

    private Solved solve(Wanted wanted, Optional<Double> side) throws NotDraftable {
        Bounds house = bounds(wanted, true, side);
        Bounds own = bounds(wanted, false, side);
        double[] takes = balanced(wanted, side, house, own).orElseThrow(() -> cannot(wanted, own));
        Solved byCaps = new Solved(takes, new double[0]);
        return garment.kind().isPanelled() ? withRoom(wanted, side, house, own, byCaps) : byCaps;
    }

    /** Within the house's bounds; where they cannot hold it, only what is left over is shared on, beyond them (C6.2). */
    private static Optional<double[]> balanced(Wanted wanted, Optional<Double> side, Bounds house, Bounds own) {
        double sum = wanted.surplus().value();
        double[] values = wanted.values();
        double[] first = side.isPresent() ? wanted.pressed() : wanted.first();
        double[] pressed = wanted.pressed();
        double[] most = within(values, pressed, house.most(), house);
        double[] least = within(values, pressed, house.least(), house);
        return Balance.of(sum, values, first, house.least(), house.most())
                .or(() -> Balance.of(sum, values, pressed, house.least(), house.most()))
                .or(() -> Balance.of(sum, most, pressed, most, own.most()))
                .or(() -> Balance.of(sum, least, pressed, own.least(), least));
    }

    /** Where the seams that give way stand at a bound, and the others as near to what they want as they may. */
    private static double[] within(double[] values, double[] yields, double[] bound, Bounds house) {
        double[] at = new double[values.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = yields[i] > 0 ? bound[i] : Math.min(house.most()[i], Math.max(house.least()[i], values[i]));
        }
        return at;
    }

    /** Where panels would be too narrow, the seams beside them take less and the others more, as long as the others can. */
    private Solved withRoom(Wanted wanted, Optional<Double> side, Bounds house, Bounds own, Solved byCaps) {
        boolean[] moves = new boolean[byCaps.takes().length];
        for (int i = 0; i < moves.length; i++) {
            moves[i] = wanted.pressed()[i] > 0 && own.most()[i] - own.least()[i] > SAME;
        }
        double[] held = new double[moves.length];
        Arrays.fill(held, UNBOUNDED);
        double[] takes = byCaps.takes();
        for (int round = 0; round < ROUNDS && room.hold(level, wanted.seams(), takes, held, moves); round++) {
            Optional<double[]> found = balanced(wanted, side, house.under(held), own.under(held));
            if (found.isEmpty()) {
                return byCaps;
            }
            takes = found.get();
        }
        return new Solved(takes, held);
    }

    private Bounds bounds(Wanted wanted, boolean byHouse, Optional<Double> side) {
        int n = wanted.seams().size();
        double[] least = new double[n];
        double[] most = new double[n];
        boolean corset = garment.kind().isPanelled();
        for (int i = 0; i < n; i++) {
            SeamPlace seam = wanted.seams().get(i);
            Optional<Double> lock = seam.equals(SeamPlace.SIDE) ? side : lock(seam);
            most[i] = lock.orElseGet(() -> cap(seam));
            least[i] = lock.orElse(corset ? byHouse ? 0 : -SPRING_MOST : -UNBOUNDED);
            if (corset && byHouse && lock.isEmpty() && level == Level.WAIST) {
                double house = houseCap(wanted, seam);
                most[i] = Math.min(
                        most[i],
                        wanted.shaping().contains(seam)
                                ? Math.max(house, wanted.rules().get(i).value())
                                : house);
            }
            if (wanted.kept() && lock.isEmpty()) {
                double value = wanted.rules().get(i).value();
                least[i] = Math.min(least[i], value);
                most[i] = garment.sharing().caps().containsKey(new Cell(level, seam))
                        ? most[i]
                        : Math.max(most[i], value);
            }
        }
        return new Bounds(least, most);
    }

    /** What a seam takes at the waist at the most, by the house: its cap, and a half of the side no more than its one edge bears. */
    private double houseCap(Wanted wanted, SeamPlace seam) {
        double cap = garment.length(LengthOption.SEAM_CAP).value();
        return seam.equals(SeamPlace.SIDE) ? Math.min(cap, wanted.sideBears()) : cap;
    }

    private Optional<Double> lock(SeamPlace seam) {
        return Optional.ofNullable(garment.intakes().get(new Cell(level, seam))).map(Length::millimetres);
    }

    private double cap(SeamPlace seam) {
        Length own = garment.sharing().caps().get(new Cell(level, seam));
        return own != null ? own.millimetres() : garment.kind().isPanelled() ? INTAKE_MOST : UNBOUNDED;
    }

    private List<Reckoned> shared(Wanted wanted, Solved solved) {
        double[] takes = solved.takes();
        List<Reckoned> all = new ArrayList<>();
        for (int i = 0; i < takes.length; i++) {
            SeamPlace seam = wanted.seams().get(i);
            Reckoned rule = wanted.rules().get(i);
            boolean locked = !seam.equals(SeamPlace.SIDE) && lock(seam).isPresent();
            all.add(
                    locked
                            ? new Overridden(takes[i], rule, "set by hand")
                            : Math.abs(takes[i] - rule.value()) < SAME
                                    ? rule
                                    : new Overridden(takes[i], rule, why(wanted, i, solved)));
        }
        return all;
    }

    private String why(Wanted wanted, int i, Solved solved) {
        if (solved.isHeldForAPanel(i)) {
            return "leaves the panel beside it room for a bone";
        }
        double takes = solved.takes()[i];
        SeamPlace seam = wanted.seams().get(i);
        if (Math.abs(takes - cap(seam)) < SAME) {
            return "held at its cap";
        }
        if (garment.kind().isPanelled() && level == Level.WAIST && Math.abs(takes - houseCap(wanted, seam)) < SAME) {
            return i == wanted.side() && takes == wanted.sideBears()
                    ? "no more than its edge bears"
                    : "held at its cap";
        }
        return garment.kind().isPanelled() ? "takes what locks and caps leave it" : "gives way to the side";
    }

    private NotDraftable cannot(Wanted wanted, Bounds own) {
        double locked = 0;
        double can = 0;
        double back = 0;
        int free = 0;
        double[] values = wanted.values();
        for (int i = 0; i < own.most().length; i++) {
            boolean fixed = own.most()[i] - own.least()[i] < SAME;
            boolean moves = wanted.pressed()[i] > 0 && !fixed;
            free += moves ? 1 : 0;
            locked += moves ? 0 : Math.min(own.most()[i], Math.max(own.least()[i], values[i]));
            can += moves ? own.most()[i] : 0;
            back += moves ? own.least()[i] : 0;
        }
        double rest = wanted.surplus().value() - locked;
        String where = (wanted.side() == 0 ? "back" : "front") + " at the " + low();
        if (free == 0) {
            return new NotDraftable(Finding.of(
                    FindingKind.INTAKE,
                    level.id(),
                    Finding.Status.FAULT,
                    Math.abs(rest),
                    0,
                    Sentence.of(
                            "Every seam of the " + where
                                    + " is locked and together they are {} off what is to be taken, {}. Unlock one of them.",
                            Length.mm(Math.abs(rest)),
                            wanted.surplus().length())));
        }
        if (rest < back) {
            return new NotDraftable(Finding.of(
                    FindingKind.INTAKE,
                    level.id(),
                    Finding.Status.FAULT,
                    back - rest,
                    0,
                    Sentence.of(
                            "The locked seams of the " + where
                                    + " take {}, and {} is to be taken; the others can give back {} at the most. Lock less, or unlock one.",
                            Length.mm(locked),
                            wanted.surplus().length(),
                            Length.mm(-back))));
        }
        return new NotDraftable(Finding.of(
                FindingKind.INTAKE,
                level.id(),
                Finding.Status.FAULT,
                rest - can,
                0,
                Sentence.of(
                        "The free seams of the " + where
                                + " can take {} of the {}. Raise a cap, add a seam or take {} less there.",
                        Length.mm(can),
                        Length.mm(rest),
                        Length.mm(rest - can))));
    }

    private NotDraftable cannot(Wanted front, Wanted back, double side) {
        double[] f = range(front);
        double[] b = range(back);
        double nearest = side > f[1] + b[1] ? f[1] + b[1] : f[0] + b[0];
        Length off = Length.mm(Math.abs(side - nearest));
        boolean all = garment.seams().stream().allMatch(s -> lock(s).isPresent());
        return new NotDraftable(Finding.of(
                FindingKind.INTAKE,
                level.id(),
                Finding.Status.FAULT,
                off.millimetres(),
                0,
                all
                        ? Sentence.of(
                                "Every seam at the " + low()
                                        + " is locked and together they are {} off what is to be taken. Unlock one of them.",
                                off)
                        : Sentence.of(
                                "Side at the " + low()
                                        + " is locked at {}; what the other seams can take leaves it {}, {} off. Lock it at that, or unlock another seam.",
                                Length.mm(side),
                                Length.mm(nearest),
                                off)));
    }

    private String low() {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
