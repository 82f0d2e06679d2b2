package bathyra.fit;

import bathyra.draft.Draft;
import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.form.Tape;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * A figure that nobody has taken, and what one would see that hangs on it: were it ten millimetres wrong, that would not be seen.
 *
 * @param key the figure
 * @param hanging what would no longer be seen on a body that is 10 mm more there, or 10 mm less
 */
public record Doubt(MeasurementKey key, List<Sight> hanging) {
    /** How wrong a figure is taken to be, mm. */
    public static final double WRONG = 10;

    private static final double SAME_AZIMUTH = 0.5;
    private static final double SAME_HEIGHT = 60;
    private static final List<MeasurementKey> OF_THE_FORM = List.of(
            MeasurementKey.UPPER_BUST,
            MeasurementKey.HIGH_HIP,
            MeasurementKey.HIP,
            MeasurementKey.APEX_SPAN,
            MeasurementKey.APEX_TO_UNDERBUST,
            MeasurementKey.WAIST_TO_HIP,
            MeasurementKey.WAIST_TO_HIGH_HIP);

    public Doubt {
        hanging = List.copyOf(hanging);
    }

    /**
     * What hangs on what: the garment stays as it is, the body changes.
     *
     * @param now the garment at rest on the rough mesh
     * @param stop asked between trials; what was found so far is then given
     */
    public static List<Doubt> of(Worn now, BooleanSupplier stop) {
        List<Sight> sights = Sight.of(now);
        List<Doubt> doubts = new ArrayList<>();
        for (Map.Entry<MeasurementKey, Double> each : estimated(now).entrySet()) {
            Set<Sight> hanging = new LinkedHashSet<>();
            for (double wrong : new double[] {-WRONG, WRONG}) {
                if (stop.getAsBoolean()) {
                    return doubts;
                }
                List<Sight> then = Sight.of(on(now.draft(), each.getKey(), each.getValue() + wrong, stop));
                sights.stream().filter(s -> !isAmong(s, then)).forEach(hanging::add);
            }
            if (!hanging.isEmpty()) {
                doubts.add(new Doubt(each.getKey(), List.copyOf(hanging)));
            }
        }
        return doubts;
    }

    private static boolean isAmong(Sight sight, List<Sight> others) {
        return others.stream()
                .anyMatch(o -> o.kind() == sight.kind()
                        && Math.abs(o.azimuth() - sight.azimuth()) < SAME_AZIMUTH
                        && Math.abs(o.height() - sight.height()) < SAME_HEIGHT);
    }

    /** What the form rests on and nobody has taken, with what stands for it, mm. */
    private static Map<MeasurementKey, Double> estimated(Worn now) {
        MeasurementSet set = now.draft().commission().measurements();
        Map<MeasurementKey, Double> estimated = new EnumMap<>(MeasurementKey.class);
        for (MeasurementKey key : OF_THE_FORM) {
            if (!set.isTaken(key)) {
                set.find(key).map(Reckoned::value).ifPresent(v -> estimated.put(key, v));
            }
        }
        if (!set.isTaken(MeasurementKey.UPPER_BUST_HEIGHT)) {
            Form form = now.form();
            double over = form.arc(
                    form.apexAzimuth(), form.heights().bust(), form.heights().upper());
            set.find(MeasurementKey.SHOULDER_TO_APEX)
                    .ifPresent(apex -> estimated.put(MeasurementKey.UPPER_BUST_HEIGHT, apex.value() - over));
        }
        return estimated;
    }

    private static Worn on(Draft draft, MeasurementKey key, double mm, BooleanSupplier stop) {
        Garment garment = draft.commission().garment();
        MeasurementSet body = draft.commission().measurements();
        MeasurementSet other = body.with(key, Length.mm(mm)).of(body.part());
        FormSurface surface = new FormSurface(
                Modelling.of(Tape.of(other, garment.isLungsFull())),
                body.occasion().softness());
        return Worn.cold(draft, surface, Worn.COARSE, stop);
    }
}
