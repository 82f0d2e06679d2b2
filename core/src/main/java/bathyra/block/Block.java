package bathyra.block;

import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.EnumMap;
import java.util.Map;

/**
 * What a drafting method delivers to everything after it: where the level lines lie and where the seams run. Depths count
 * down from the neck end of the shoulder on the front; the back is laid beside the front with the waists level.
 */
public record Block(Heights heights, Upper upper, Axes axes, Shaping shaping) {
    /**
     * How deep the lines lie.
     *
     * @param front of each level at centre front
     * @param side of each level at the side seam once the side bust dart is closed, and on the back
     * @param chest of the chest line on the back
     * @param hip of the hip line, where the intakes have run out
     */
    public record Heights(Map<Level, Reckoned> front, Map<Level, Reckoned> side, Reckoned chest, Reckoned hip) {
        public Heights {
            front = Map.copyOf(front);
            side = Map.copyOf(side);
        }
    }

    /**
     * How deep the upper edge lies.
     *
     * @param centreBack at centre back
     * @param crest over the apex
     * @param centreFront at centre front
     */
    public record Upper(Reckoned centreBack, Reckoned crest, Reckoned centreFront) {}

    /**
     * Where the princess seams stand.
     *
     * @param front from centre front
     * @param back from centre back
     */
    public record Axes(Reckoned front, Reckoned back) {}

    /**
     * What is shaped.
     *
     * @param bustRadius apex to underbust
     * @param sideDart width of the side bust dart
     * @param underbustWidth width of the drafted quarter at the underbust line
     * @param backDart what the back princess seam takes at the waist
     * @param centreBackIn what centre back is taken in at the waist
     * @param darts what the darts of the school bring into the princess seam
     */
    public record Shaping(
            Reckoned bustRadius,
            Reckoned sideDart,
            Reckoned underbustWidth,
            Reckoned backDart,
            Reckoned centreBackIn,
            Darts darts) {}

    /**
     * What the darts with which a school begins bring into the front princess seam, whole (C6.3).
     *
     * @param atShoulder what the seam takes at the shoulder besides what the closed side dart opens there
     * @param atWaist what it takes at the waist at the least
     */
    public record Darts(Reckoned atShoulder, Reckoned atWaist) {
        /** A school without darts of its own. */
        public static final Darts NONE = new Darts(none("Shoulder dart"), none("Waist dart"));

        private static Reckoned none(String name) {
            return Given.option(
                    name, 0, Quantity.LENGTH, "not of this school", Rule.of("C6.3", "a dart comes in whole"));
        }
    }

    /** The same block with its underarm, and the upper line with it, lower by so much; negative higher. @param by with the rule that asks for it */
    public Block withUnderarmLowered(Reckoned by) {
        Map<Level, Reckoned> front = new EnumMap<>(heights.front());
        front.computeIfPresent(Level.UPPER, (level, depth) -> lowered(depth, by));
        Map<Level, Reckoned> side = new EnumMap<>(heights.side());
        side.computeIfPresent(Level.UPPER, (level, depth) -> lowered(depth, by));
        return new Block(
                new Heights(front, side, heights.chest(), heights.hip()),
                new Upper(lowered(upper.centreBack(), by), upper.crest(), upper.centreFront()),
                axes,
                shaping);
    }

    private static Reckoned lowered(Reckoned depth, Reckoned by) {
        return depth.plus(by).named(depth.name(), by.rule());
    }

    public Darts darts() {
        return shaping.darts();
    }

    public double front(Level level) {
        return heights.front().get(level).value();
    }

    public double side(Level level) {
        return heights.side().get(level).value();
    }

    public Reckoned chestDepth() {
        return heights.chest();
    }

    public Reckoned hipDepth() {
        return heights.hip();
    }

    public Reckoned centreBackTop() {
        return upper.centreBack();
    }

    public Reckoned crest() {
        return upper.crest();
    }

    public Reckoned centreFrontTop() {
        return upper.centreFront();
    }

    public Reckoned frontAxis() {
        return axes.front();
    }

    public Reckoned backAxis() {
        return axes.back();
    }

    public Reckoned bustRadius() {
        return shaping.bustRadius();
    }

    public Reckoned sideDart() {
        return shaping.sideDart();
    }

    public Reckoned underbustWidth() {
        return shaping.underbustWidth();
    }

    public Reckoned backDart() {
        return shaping.backDart();
    }

    public Reckoned centreBackIn() {
        return shaping.centreBackIn();
    }
}
