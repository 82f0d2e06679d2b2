package bathyra.garment;

import bathyra.fitting.Adjustment;
import bathyra.fitting.Fitting;
import bathyra.fitting.Found;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.plan.Plan;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * What goes into a draft: whom for, the figures, and what is to be made.
 *
 * @param units the unit in which the cutter works on it
 * @param spoken what the wearer was told of the waist reduction, when that is on record
 * @param making what it is made from and what goes into its bill
 * @param answered when the wearer last answered the questions of {@link HealthRecord}; what was answered does not stand here
 * @param restricted whether the wearer is not to be laced, for whatever reason; every draft obeys it
 * @param rules by which edition of the rules it was made; what that gave stands in the garment, and what it did not give comes from the newest
 * @param fittings the record of its fittings, from the first
 * @param adjustments what they found that the draft follows, or may follow
 * @param plan what is on record of its making
 * @param sizes the name of the size chart it was drafted from, when it is one of several sizes
 */
public record Commission(
        String title,
        LengthUnit units,
        Wearer wearer,
        MeasurementSet measurements,
        Garment garment,
        Optional<Spoken> spoken,
        Making making,
        Optional<LocalDate> answered,
        boolean restricted,
        int rules,
        List<Fitting> fittings,
        List<Adjustment> adjustments,
        Plan plan,
        Optional<String> sizes) {
    /** The edition of the rules by which this program drafts. */
    public static final int RULES = 4;

    public Commission {
        fittings = List.copyOf(fittings);
        adjustments = List.copyOf(adjustments);
        Found all = Found.of(adjustments, measurements.part());
        Found found = restricted ? all.withoutDrawingIn() : all;
        measurements = measurements.finding(found.figures());
        garment =
                garment.forWearer(new Figure(wearer.experience(), measurements)).finding(found);
    }

    /** A commission with nothing on record about its reduction or its making. */
    public Commission(String title, LengthUnit units, Wearer wearer, MeasurementSet measurements, Garment garment) {
        this(
                title,
                units,
                wearer,
                measurements,
                garment,
                Optional.empty(),
                Making.BEGUN,
                Optional.empty(),
                false,
                RULES,
                List.of(),
                List.of(),
                Plan.NONE,
                Optional.empty());
    }

    public Commission withFittings(List<Fitting> next) {
        return with(p -> p.fittings = next);
    }

    /** The same commission without a word of pictures: what leaves the workshop shows nobody. */
    public Commission withoutPictures() {
        return withFittings(fittings.stream().map(f -> f.showing(List.of())).toList());
    }

    public Commission withPlan(Plan next) {
        return with(p -> p.plan = next);
    }

    /** The same commission as one of the sizes of a chart. @param chart its name */
    public Commission withSizes(Optional<String> chart) {
        return with(p -> p.sizes = chart);
    }

    public Commission withAdjustments(List<Adjustment> next) {
        return with(p -> p.adjustments = next);
    }

    public Commission withMeasurements(MeasurementSet set) {
        return with(p -> p.measurements = set);
    }

    public Commission withGarment(Garment next) {
        return with(p -> p.garment = next);
    }

    public Commission withTitle(String next) {
        return with(p -> p.title = next);
    }

    public Commission withWearer(Wearer next) {
        return with(p -> p.wearer = next);
    }

    public Commission withUnits(LengthUnit next) {
        return with(p -> p.units = next);
    }

    public Commission withSpoken(Optional<Spoken> next) {
        return with(p -> p.spoken = next);
    }

    public Commission withMaking(Making next) {
        return with(p -> p.making = next);
    }

    /** The same commission with what is on record of its wearer's answers. @param day when they were given @param noLacing whether they forbid lacing */
    public Commission withAnswers(Optional<LocalDate> day, boolean noLacing) {
        return with(p -> {
            p.answered = day;
            p.restricted = noLacing;
        });
    }

    /** Whether it was drafted by an earlier edition and keeps nothing of it: it is drafted anew. */
    public boolean isDraftedAnew() {
        return rules < RULES && garment.kept().isEmpty();
    }

    /** The same commission by today's rules alone, whatever an earlier edition gave it. */
    public Commission byTodaysRules() {
        return with(p -> {
            p.garment = garment.keeping(Optional.empty());
            p.rules = RULES;
        });
    }

    /** The same commission as an earlier edition left it. @param kept what that gave it */
    public Commission keeping(int edition, Optional<Kept> kept) {
        return with(p -> {
            p.garment = garment.keeping(kept);
            p.rules = edition;
        });
    }

    private Commission with(Consumer<Parts> exchange) {
        Parts parts = new Parts(this);
        exchange.accept(parts);
        return parts.commission();
    }

    /** The parts of a commission while some of them are exchanged. */
    private static final class Parts {
        private String title;
        private LengthUnit units;
        private Wearer wearer;
        private MeasurementSet measurements;
        private Garment garment;
        private Optional<Spoken> spoken;
        private Making making;
        private Optional<LocalDate> answered;
        private boolean restricted;
        private int rules;
        private List<Fitting> fittings;
        private List<Adjustment> adjustments;
        private Plan plan;
        private Optional<String> sizes;

        private Parts(Commission of) {
            title = of.title;
            units = of.units;
            wearer = of.wearer;
            measurements = of.measurements;
            garment = of.garment;
            spoken = of.spoken;
            making = of.making;
            answered = of.answered;
            restricted = of.restricted;
            rules = of.rules;
            fittings = of.fittings;
            adjustments = of.adjustments;
            plan = of.plan;
            sizes = of.sizes;
        }

        private Commission commission() {
            return new Commission(
                    title,
                    units,
                    wearer,
                    measurements,
                    garment,
                    spoken,
                    making,
                    answered,
                    restricted,
                    rules,
                    fittings,
                    adjustments,
                    plan,
                    sizes);
        }
    }
}
