package bathyra.form;

import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.List;

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
 * @param height of the wearer, in metres and millimetres the scale of the back's line
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
        double height,
        List<String> assumed) {
    /** An ordinary body, where there is nothing better. */
    private static final double USUAL_HEIGHT = 1650;

    private static final double USUAL_HIP_OVER_WAIST = 250;
    private static final double USUAL_BREAST = 130;

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
                height,
                reading.assumed);
    }

    /** Notes what it had to assume. */
    private static final class Reading {
        private final MeasurementSet set;
        private final List<String> assumed = new ArrayList<>();

        private Reading(MeasurementSet set) {
            this.set = set;
        }

        private double required(MeasurementKey key) {
            return set.find(key)
                    .map(Reckoned::value)
                    .orElseThrow(
                            () -> new IllegalArgumentException(key.label() + " is absent, and a form rests on it"));
        }

        private double or(MeasurementKey key, double usual) {
            return set.find(key).map(Reckoned::value).orElseGet(() -> {
                assumed.add(key.label());
                return usual;
            });
        }
    }
}
