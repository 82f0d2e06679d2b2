package bathyra.form;

import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Posture;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The figures from which a form is built (C20), mm, and which of them nobody has taken.
 *
 * @param bust the girth over the breasts
 * @param upper the girth under the arms
 * @param rib the girth under the bust; with full lungs where that is asked
 * @param hipBelow how far below the waist the hip lies
 * @param highHipBelow how far below it the high hip lies
 * @param waistToUnderbust over the body, from the waist up to the line under the bust
 * @param radius from apex to underbust
 * @param span from apex to apex
 * @param upperHeight from the neck end of the shoulder down to the apex
 * @param backLength from there down the back to the waist
 * @param height of the wearer, in metres and millimetres the scale of the back's line
 * @param finer what few take, and what it then says better than a rule
 * @param posture how the wearer stands
 * @param assumed what stands for a figure that is neither taken nor estimated, in words
 */
public record Tape(
        double bust,
        double upper,
        double rib,
        double waist,
        double highHip,
        double hip,
        double hipBelow,
        double highHipBelow,
        double waistToUnderbust,
        double radius,
        double span,
        double upperHeight,
        double backLength,
        double height,
        Finer finer,
        Posture posture,
        List<String> assumed) {
    /**
     * Figures that are absent on most wearers, mm.
     *
     * @param upperOverBust over the body from the apex up to the upper-bust tape
     * @param belly the girth over the belly
     * @param bellyBelow how far below the waist that lies
     * @param fronts by girth how much of it lies in front, from side seam to side seam
     */
    record Finer(
            OptionalDouble upperOverBust,
            OptionalDouble belly,
            OptionalDouble bellyBelow,
            Map<MeasurementKey, Double> fronts) {
        Finer {
            fronts = Map.copyOf(fronts);
        }

        /** Whether the belly has its own tape and its own height. */
        boolean hasBelly() {
            return belly.isPresent() && bellyBelow.isPresent();
        }
    }

    /** An ordinary body, where there is nothing better. */
    private static final double USUAL_HEIGHT = 1650;

    private static final double USUAL_HIP_OVER_WAIST = 250;
    private static final double USUAL_BREAST = 130;
    private static final double USUAL_SIDE_DART = 30;

    public Tape {
        assumed = List.copyOf(assumed);
    }

    /**
     * Reads a form's figures off a set.
     *
     * @param lungsFull whether the rib is that with full lungs
     * @throws IllegalArgumentException without a waist and an underbust, on which everything else rests
     */
    public static Tape of(MeasurementSet set, boolean lungsFull) {
        Reading reading = new Reading(set);
        double rib = reading.required(lungsFull ? MeasurementKey.UNDERBUST_FULL : MeasurementKey.UNDERBUST);
        double waist = reading.required(MeasurementKey.WAIST);
        double hip = reading.or(MeasurementKey.HIP, waist + USUAL_HIP_OVER_WAIST);
        double bust = reading.or(MeasurementKey.BUST, reading.required(MeasurementKey.UNDERBUST) + USUAL_BREAST);
        double height = reading.or(MeasurementKey.HEIGHT, USUAL_HEIGHT);
        double hipBelow = reading.or(MeasurementKey.WAIST_TO_HIP, height / 8);
        double apex = reading.or(MeasurementKey.SHOULDER_TO_APEX, height * 0.165);
        double radius = reading.or(MeasurementKey.APEX_TO_UNDERBUST, 52 + 0.23 * (bust - rib));
        double underbust = reading.or(MeasurementKey.SHOULDER_TO_UNDERBUST, apex + radius);
        double front = reading.or(MeasurementKey.FRONT_LENGTH, underbust + height * 0.055);
        return new Tape(
                bust,
                reading.or(MeasurementKey.UPPER_BUST, bust - 0.4 * (bust - rib)),
                rib,
                waist,
                reading.or(MeasurementKey.HIGH_HIP, waist + 0.6 * (hip - waist)),
                hip,
                hipBelow,
                reading.or(MeasurementKey.WAIST_TO_HIGH_HIP, hipBelow / 2),
                front - underbust,
                radius,
                reading.or(MeasurementKey.APEX_SPAN, bust * 0.2),
                apex,
                reading.taken(MeasurementKey.BACK_LENGTH).orElse(front - USUAL_SIDE_DART),
                height,
                new Finer(
                        reading.taken(MeasurementKey.UPPER_BUST_HEIGHT).stream()
                                .map(upper -> apex - upper)
                                .findFirst(),
                        reading.taken(MeasurementKey.BELLY),
                        reading.taken(MeasurementKey.WAIST_TO_BELLY),
                        reading.fronts()),
                set.occasion().posture(),
                reading.assumed);
    }

    /** The same wearer standing otherwise. */
    public Tape standing(Posture next) {
        return new Tape(
                bust,
                upper,
                rib,
                waist,
                highHip,
                hip,
                hipBelow,
                highHipBelow,
                waistToUnderbust,
                radius,
                span,
                upperHeight,
                backLength,
                height,
                finer,
                next,
                assumed);
    }

    /** Notes what it had to assume. */
    private static final class Reading {
        private final MeasurementSet set;
        private final List<String> assumed = new ArrayList<>();

        private Reading(MeasurementSet set) {
            this.set = set;
        }

        /** A figure of the tape alone; on one half of an uneven body that of its own side. */
        private OptionalDouble taken(MeasurementKey key) {
            return set.side(key).map(l -> OptionalDouble.of(l.millimetres())).orElse(OptionalDouble.empty());
        }

        private Map<MeasurementKey, Double> fronts() {
            Map<MeasurementKey, Double> fronts = new EnumMap<>(MeasurementKey.class);
            Map.of(
                            MeasurementKey.BUST, MeasurementKey.BUST_FRONT_ARC,
                            MeasurementKey.WAIST, MeasurementKey.WAIST_FRONT_ARC,
                            MeasurementKey.HIP, MeasurementKey.HIP_FRONT_ARC)
                    .forEach((girth, arc) -> {
                        if (set.isTaken(girth) && set.isTaken(arc)) {
                            fronts.put(
                                    girth,
                                    set.taken().get(arc).millimetres()
                                            / set.taken().get(girth).millimetres());
                        }
                    });
            return fronts;
        }

        private double required(MeasurementKey key) {
            return set.find(key)
                    .map(Reckoned::value)
                    .orElseThrow(
                            () -> new IllegalArgumentException(key.label() + " is absent, and a form rests on it"));
        }

        private double or(MeasurementKey key, double usual) {
            OptionalDouble own = key.isHalved() ? OptionalDouble.empty() : taken(key);
            if (own.isPresent()) {
                return own.getAsDouble();
            }
            return set.find(key).map(Reckoned::value).orElseGet(() -> {
                assumed.add(key.label());
                return usual;
            });
        }
    }
}
