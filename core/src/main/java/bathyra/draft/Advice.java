package bathyra.draft;

import bathyra.block.Block;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.girth.GirthPlan;
import bathyra.girth.Level;
import bathyra.girth.LevelPlan;
import bathyra.intake.IntakeTable;
import bathyra.intake.SeamPlace;
import bathyra.measure.Length;
import bathyra.measure.Sentence;
import bathyra.truing.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the plan gives to think about before cloth is cut: caps on the intakes (C6) and cautions on the waist (C17). */
public final class Advice {
    /** What one seam takes at the waist at the most before it is noted, mm (C6). */
    public static final double CAP = 45;
    /** Past these shares of the natural waist the program asks: for a first corset, for a seasoned wearer, for anyone (C5, C17). */
    public static final double FIRST = 0.08;
    public static final double SEASONED = 0.15;
    public static final double ANYONE = 0.20;
    /** The cautions, where a reduction is set (C17). */
    public static final String CAUTION = "Reduce little by little. Never with pregnancy, after surgery or with an illness of heart, lungs, stomach, back or pelvic floor unless a doctor agrees. "
            + "Not for sleep or exercise. Loosen at once with pain, numbness, tingling, faintness, reflux or short breath. Never lace a child. No figure makes a reduction safe.";

    private Advice() {}

    static List<Finding> on(Commission commission, Block block, GirthPlan girths, IntakeTable intakes) {
        List<Finding> findings = new ArrayList<>();
        cap(findings, "Princess front", "princess-front", intakes.at(Level.WAIST, SeamPlace.PRINCESS_FRONT).value());
        cap(findings, "Side, front half", "side", intakes.sideFront().get(Level.WAIST).value());
        cap(findings, "Side, back half", "side", intakes.sideBack().get(Level.WAIST).value());
        cap(findings, "Princess back", "princess-back", intakes.at(Level.WAIST, SeamPlace.PRINCESS_BACK).value());
        caution(findings, commission, girths);
        return findings;
    }

    private static void cap(List<Finding> findings, String name, String subject, double value) {
        if (value > CAP) {
            findings.add(Finding.mm("intake-cap", subject, Finding.Status.NOTE, value, CAP, Sentence.of(
                    name + " takes {} at the waist; its cap is {}. Let the seams beside it take more, or reduce less.",
                    Length.mm(value), Length.mm(CAP))));
        }
    }

    private static void caution(List<Finding> findings, Commission commission, GirthPlan girths) {
        double share = girths.waistReductionShare();
        boolean first = commission.wearer().experience() == Experience.FIRST;
        double limit = share > ANYONE ? ANYONE : share > SEASONED ? SEASONED : FIRST;
        if (share <= FIRST || (!first && share <= SEASONED)) {
            return;
        }
        LevelPlan waist = girths.at(Level.WAIST);
        findings.add(Finding.mm("waist-reduction", "waist", Finding.Status.NOTE, waist.body().value() - waist.worn().value(), waist.body().value() * limit,
                Sentence.of(String.format(Locale.ROOT, "The waist is drawn in by {}, %.0f %% of the natural waist; past %.0f %% ask before going on. ", share * 100, limit * 100)
                        + "Reduce little by little. Never with pregnancy, after surgery or with an illness of heart, lungs, stomach, back or pelvic floor unless a doctor agrees. No figure makes a reduction safe.",
                        Length.mm(waist.body().value() - waist.worn().value()))));
    }
}
