package bathyra.app.girths;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.block.Block;
import bathyra.draft.Draft;
import bathyra.garment.EaseHere;
import bathyra.garment.Garment;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** What can be done with the lines between the levels (C5.1). */
public final class BetweenModel {
    private static final double HEIGHT_STEP = 5;

    private final Workshop workshop;
    private final GirthsModel girths;

    public BetweenModel(Workshop workshop, GirthsModel girths) {
        this.workshop = workshop;
        this.girths = girths;
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    private List<EaseHere> lines() {
        return garment().between();
    }

    private void set(String label, List<EaseHere> next, String thing) {
        workshop.change(label, workshop.commission().withGarment(garment().withBetween(next)), InHand.of(thing));
    }

    /** Puts a line into the widest room beside the level in hand, with nothing given yet; nothing where there is no room. */
    public void add() {
        Optional<Double> above = roomiest();
        if (above.isEmpty() || lines().size() >= EaseHere.COUNT_MOST) {
            return;
        }
        workshop.letGo();
        EaseHere line = new EaseHere(Length.mm(above.get()), Optional.empty(), Length.mm(0));
        set(
                "a line between the levels",
                Stream.concat(lines().stream(), Stream.of(line)).toList(),
                "ease here added");
        workshop.letGo();
    }

    /** The middle of the widest stretch that ends at the level in hand, above the waist, mm. */
    private Optional<Double> roomiest() {
        Block block = workshop.half().orElseThrow().block();
        double waist = block.front(Level.WAIST);
        double level = waist - block.front(girths.level());
        List<Double> taken = new ArrayList<>();
        workshop.half().orElseThrow().girths().levels().stream()
                .map(LevelPlan::level)
                .forEach(l -> taken.add(waist - block.front(l)));
        lines().forEach(l -> taken.add(l.above().millimetres()));
        Optional<Double> over = taken.stream().filter(t -> t > level).min(Comparator.naturalOrder());
        Optional<Double> under = taken.stream().filter(t -> t < level).max(Comparator.naturalOrder());
        return Stream.of(over, under)
                .flatMap(Optional::stream)
                .filter(t -> Math.abs(t - level) >= 2 * EaseHere.CLEAR)
                .max(Comparator.comparingDouble(t -> Math.abs(t - level)))
                .map(t -> Math.rint((t + level) / 2 / HEIGHT_STEP) * HEIGHT_STEP);
    }

    /** Takes a line away. */
    public void away(int which) {
        workshop.letGo();
        List<EaseHere> next = new ArrayList<>(lines());
        next.remove(which);
        set("the line between the levels taken away", next, "ease here gone");
        workshop.letGo();
    }

    /** Lets one seam give the room, or all of them. */
    public void in(int which, Optional<SeamPlace> seam) {
        workshop.letGo();
        set(
                "ease between levels " + seam.map(s -> "in " + s.inWords()).orElse("shared over the seams"),
                with(which, l -> new EaseHere(l.above(), seam, l.ease())),
                "ease-here-seam-" + which);
        workshop.letGo();
    }

    private List<EaseHere> with(int which, UnaryOperator<EaseHere> change) {
        List<EaseHere> next = new ArrayList<>(lines());
        next.set(which, change.apply(next.get(which)));
        return next;
    }

    /** Pulls a line to a girth, to the millimetre or the eighth of an inch. @param worn at the line, mm */
    public void wear(int which, double worn) {
        double step = workshop.unit().step();
        give(which, Math.rint((worn - run(which)) / step) * step);
    }

    /** Gives a line so much. @param ease on the whole girth, mm */
    public void give(int which, double ease) {
        Length held = Length.mm(Math.max(-EaseHere.MOST, Math.min(EaseHere.MOST, ease)));
        set(
                "ease between levels " + LengthText.say(held, workshop.unit()),
                with(which, l -> l.easedBy(held)),
                "ease-here-" + which);
    }

    /** Moves a line. @param above the waist, mm */
    public void move(int which, double above) {
        Length held = Length.mm(Math.max(-EaseHere.FARTHEST, Math.min(EaseHere.FARTHEST, Math.rint(above))));
        set(
                "line between levels at " + LengthText.say(held, workshop.unit()) + " above the waist",
                with(which, l -> l.at(held)),
                "ease-here-height-" + which);
    }

    /** What the straight run of the worn girths has at a line, mm. */
    public double run(int which) {
        return run(workshop.half().orElseThrow(), lines().get(which));
    }

    /** What the straight run of a draft's worn girths has at a line, mm; beyond the levels that of the nearest. */
    static double run(Draft draft, EaseHere line) {
        double depth = draft.block().front(Level.WAIST) - line.above().millimetres();
        List<LevelPlan> plans = draft.girths().levels();
        for (int i = 0; i + 1 < plans.size(); i++) {
            double top = draft.block().front(plans.get(i).level());
            double foot = draft.block().front(plans.get(i + 1).level());
            if (depth <= foot) {
                double share = Math.max(0, (depth - top) / (foot - top));
                double above = plans.get(i).worn().value();
                return above + (plans.get(i + 1).worn().value() - above) * share;
            }
        }
        return plans.get(plans.size() - 1).worn().value();
    }

    /** What a line says of itself. */
    String words(int which) {
        EaseHere line = lines().get(which);
        return String.format(
                Locale.ROOT,
                "%s %s the waist, %s%s",
                LengthText.say(Length.mm(Math.abs(line.above().millimetres())), workshop.unit()),
                line.above().millimetres() < 0 ? "below" : "above",
                line.ease().millimetres() > 0 ? "+" : "",
                LengthText.say(line.ease(), workshop.unit()));
    }
}
