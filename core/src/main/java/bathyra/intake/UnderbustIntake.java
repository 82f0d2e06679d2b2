package bathyra.intake;

import bathyra.block.Block;
import bathyra.garment.UnderbustSchool;
import bathyra.girth.GirthPlan;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;

/** What the front princess seam takes out under the bust, by the schools of C6. */
public final class UnderbustIntake {
    /** No seam takes more under the bust (C6), mm. */
    static final double MOST = 76;

    private static final String NAME = "Under-bust intake";
    private static final Rule FORM = Rule.of("C6", "by the form");

    private UnderbustIntake() {}

    /** The intake of one front quarter by a school, never below nothing. */
    public static Reckoned by(UnderbustSchool school, MeasurementSet set, Block block, GirthPlan girths) {
        Reckoned bust = set.find(MeasurementKey.BUST).orElseThrow();
        Reckoned underbust = set.find(MeasurementKey.UNDERBUST).orElseThrow();
        return switch (school) {
            case BODY -> byTheBust(girths);
            case FORM -> byTheForm(set, girths, underbust);
            case DIFFERENCE -> bust.minus(underbust).over(2).atMost(MOST).named(NAME, Rule.of("C6", "difference"));
            case EXCESS ->
                block.underbustWidth().minus(underbust.over(4)).atLeast(0).named(NAME, Rule.of("C6", "excess"));
            case TABLE ->
                Given.option(NAME, table(bust.value()), Quantity.LENGTH, "table by bust", Rule.of("C6", "table"));
        };
    }

    private static Reckoned byTheBust(GirthPlan girths) {
        return ApexIntake.leavingTheSideCalm(
                girths,
                girths.at(Level.BUST)
                        .frontHalf()
                        .minus(girths.at(Level.UNDERBUST).frontHalf())
                        .named("Front half, bust less underbust", Rule.of("C6.1", "bust to rib")));
    }

    /**
     * What cloth draped over the form would leave over under the bust: the side hangs straight down, and all that the front is shorter round the
     * ribs than over the breasts is pinched into the seam.
     */
    private static Reckoned byTheForm(MeasurementSet set, GirthPlan girths, Reckoned underbust) {
        boolean lungsFull = girths.at(Level.UNDERBUST).body().value() > underbust.value();
        return WearersForm.of(set, lungsFull)
                .map(form -> arc(
                                "Front of the form at the bust, half",
                                form.front(form.heights().bust()))
                        .minus(arc(
                                "Front of the form at the underbust, half",
                                form.front(form.heights().underbust())))
                        .atLeast(0)
                        .atMost(MOST)
                        .named(NAME, FORM))
                .orElseGet(() -> byTheBust(girths).named(NAME + ", without a form", FORM));
    }

    private static Reckoned arc(String name, double front) {
        return Given.option(name, front / 2, Quantity.LENGTH, "as cloth lies round it", FORM);
    }

    /**
     * The table by bust, mm. Between 914 and 965, where it names no value, the intake grows evenly so that a centimetre of
     * bust never makes a jump.
     */
    static double table(double bust) {
        if (bust < 914) {
            return 51;
        }
        if (bust < 965) {
            return 51 + (64 - 51) * (bust - 914) / (965 - 914);
        }
        return bust < 1020 ? 64 : 76;
    }
}
