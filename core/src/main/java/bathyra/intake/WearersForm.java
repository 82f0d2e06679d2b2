package bathyra.intake;

import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.form.Tape;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.List;
import java.util.Optional;

/** The wearer's form, where rules share or take by it (C6.1, C20). */
final class WearersForm {
    /** Without these there is no form. */
    private static final List<MeasurementKey> NEEDS = List.of(
            MeasurementKey.BUST,
            MeasurementKey.UNDERBUST,
            MeasurementKey.WAIST,
            MeasurementKey.HIP,
            MeasurementKey.FRONT_LENGTH,
            MeasurementKey.SHOULDER_TO_APEX,
            MeasurementKey.SHOULDER_TO_UNDERBUST,
            MeasurementKey.APEX_SPAN,
            MeasurementKey.WAIST_TO_HIP);

    private record Known(MeasurementSet set, boolean lungsFull, Optional<Form> form) {}

    /** The last one that was asked for: a form takes some thirty milliseconds, and while one drags a seam the body stays. */
    private static volatile Known last = new Known(MeasurementSet.empty(), false, Optional.empty());

    private WearersForm() {}

    /** Empty where the figures make no form. */
    static Optional<Form> of(MeasurementSet set, boolean lungsFull) {
        Known known = last;
        if (known.lungsFull() == lungsFull && known.set().equals(set)) {
            return known.form();
        }
        Optional<Form> form = NEEDS.stream().allMatch(key -> set.find(key).isPresent())
                ? Optional.of(Modelling.of(Tape.of(set, lungsFull)))
                : Optional.empty();
        last = new Known(set, lungsFull, form);
        return form;
    }
}
