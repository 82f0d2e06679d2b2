package bathyra.draft;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.girth.GirthPlan;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.Optional;

/** When a wearer is asked before being laced, and what a garment is for one who is not to be (C17, C17.1). */
public final class LacingRule {
    /** What is read out to the wearer. */
    public static final String QUESTION =
            "How old are you? Are you pregnant, or was there a birth within the last six months? Any surgery within the last six months? Anything with your heart, lungs, stomach, back or pelvic floor? "
                    + "If so, does your doctor know that you will be laced, and agree?";

    private static final double DRAWN_IN = 0.03;
    private static final double OVER_UNDERBUST = 80;
    private static final double OF_HIP = 0.95;
    private static final double LAP_LEAST = 80;

    private LacingRule() {}

    /** Whether the wearer is to be asked: the waist is drawn in by more than 3 % or a lacing gap is set, or the figures suggest a pregnancy. */
    public static boolean asks(Draft draft) {
        return draft.waistReduction() > DRAWN_IN
                || draft.commission().garment().gap().value() > 0
                || suggests(draft.commission().measurements());
    }

    /** Whether the figures themselves suggest that one asks. */
    public static boolean suggests(MeasurementSet tape) {
        Optional<Double> waist = value(tape, MeasurementKey.WAIST);
        boolean overRib = waist.isPresent()
                && value(tape, MeasurementKey.UNDERBUST)
                        .filter(rib -> waist.get() >= rib + OVER_UNDERBUST)
                        .isPresent();
        boolean likeHip = waist.isPresent()
                && value(tape, MeasurementKey.HIP)
                        .filter(hip -> waist.get() > OF_HIP * hip)
                        .isPresent();
        return overRib
                || likeHip
                || value(tape, MeasurementKey.WAIST_TO_LAP)
                        .filter(lap -> lap < LAP_LEAST)
                        .isPresent();
    }

    private static Optional<Double> value(MeasurementSet tape, MeasurementKey key) {
        return tape.find(key).map(Reckoned::value);
    }

    /** The garment for one who is not to be laced: nothing is drawn in at the rib and the waist, and it closes edge to edge. */
    static Garment obeyed(Garment garment, MeasurementSet tape) {
        Garment next = garment.withFastening(garment.fastening()
                .withGap(garment.fastening().closure().isLaced() ? Optional.of(Length.mm(0)) : Optional.empty()));
        // Every level is set: what is no longer drawn in at the waist would else be felt at its neighbours.
        for (LevelPlan plan : GirthPlan.of(tape, next).levels()) {
            boolean held = plan.level() == Level.UNDERBUST || plan.level() == Level.WAIST;
            next = next.withEase(
                    plan.level(),
                    Length.mm(
                            held
                                    ? Math.max(0, plan.ease().value())
                                    : plan.ease().value()));
        }
        return next;
    }

    /** What is said of it. */
    static Finding finding(Commission commission, GirthPlan girths) {
        LevelPlan waist = girths.at(Level.WAIST);
        return Finding.of(
                FindingKind.NO_LACING,
                "waist",
                Finding.Status.NOTE,
                waist.worn().value() - waist.body().value(),
                0,
                Sentence.of(
                        commission.garment().fastening().closure().isLaced()
                                ? "Not to be laced: rib and waist are drafted as large as the body, and the garment closes edge to edge. Better close it with a zip, or make it of stretch cloth with bones for shape only."
                                : "Not to be laced: rib and waist are drafted as large as the body; bones are for shape only."));
    }
}
