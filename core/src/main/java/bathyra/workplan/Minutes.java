package bathyra.workplan;

import bathyra.garment.Closure;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;

/** How long each step takes an experienced maker (C16.2): so much for the step itself, and so much for each of what it has to do with. */
final class Minutes {
    private static final Rule RULE = Rule.of("C16.2", "minutes by what is there");
    private static final double LEARNER = 1.7;
    private static final int WITH_CUPS = 2;

    private final Counts counts;
    private final Pace pace;

    Minutes(Counts counts, Pace pace) {
        this.counts = counts;
        this.pace = pace;
    }

    /** 0 for a garment under the bust, 1 over it, 2 with cups: the fixed rows of the table. */
    private int column() {
        return counts.build().cups() ? WITH_CUPS : counts.build().overBust() ? 1 : 0;
    }

    private Reckoned fixed(String name, double under, double over, double cups) {
        return given(name, new double[] {under, over, cups}[column()]);
    }

    private static Reckoned given(String name, double minutes) {
        return Given.option(name, minutes, Quantity.MINUTES, "house", RULE);
    }

    /** So many of a thing, each taking so long. */
    private static Reckoned each(double minutes, String thing, double count) {
        return Given.option("Minutes each", minutes, Quantity.MINUTES, "house", RULE)
                .times(Given.option(thing, count, Quantity.RATIO, "counted", RULE));
    }

    /** @param learner whether the maker is not an experienced one; the cutter's own steps take as long as the cutter says */
    Reckoned of(Task task, boolean learner) {
        return task instanceof Task.Own own
                ? Given.option(own.label(), own.step().minutes(), Quantity.MINUTES, "yours", RULE)
                : of((StepKind) task, learner);
    }

    Reckoned of(StepKind step, boolean learner) {
        Reckoned minutes = pace.of(step)
                .map(p -> minutes(step)
                        .times(Given.option("As your own took, " + p.said(), p.ratio(), Quantity.RATIO, "yours", RULE)))
                .orElseGet(() -> minutes(step));
        return (learner
                        ? minutes.times(Given.option("A learner takes longer", LEARNER, Quantity.RATIO, "house", RULE))
                        : minutes)
                .named(step.label(), RULE);
    }

    private Reckoned minutes(StepKind step) {
        return switch (step) {
            case CONSULT -> fixed("Consult and measure", 45, 60, 60);
            case DRAFT ->
                withCups(
                        given("Draft", 40)
                                .plus(each(3.5, "Paper pieces", counts.cutting().paper())),
                        "Cups on paper",
                        20);
            case TOILE ->
                withCups(
                        given("Toile", 30).plus(each(6, "Seams", counts.sewing().panels())), "Cups of the toile", 60);
            case FIRST_FITTING -> fixed("First fitting", 30, 45, 60);
            case CARRIED_BACK -> fixed("Carried back", 45, 60, 90);
            case SECOND_TOILE -> fixed("Second toile", 0, 60, 90);
            case CUT ->
                given("Laying and marking", 20)
                        .plus(each(2.5, "Pieces of all layers", counts.cutting().cloth()));
            case MOUNT -> each(4, "Mounted pieces", counts.cutting().mounted());
            case FASTENING -> fastening();
            case SEAMS -> each(8, "Panel seams", counts.sewing().panels());
            case CUPS ->
                given("A pair of cups", 75)
                        .plus(each(12.5, "Cup seams", counts.sewing().cups()));
            case WAIST_TAPE -> given("Waist tape", counts.build().cups() ? 20 : 15);
            case CHANNELS ->
                each(5.5, "Channels on seams", counts.boned().seamChannels())
                        .plus(each(3.5, "Channels beside them", counts.boned().otherChannels()));
            case EYELETS ->
                given("Facing", 10).plus(each(2, "Eyelets", counts.boned().eyelets()));
            case BONES -> each(2.5, "Bones", counts.boned().bones());
            case SECOND_FITTING -> fixed("Second fitting", 30, 40, 45);
            case LINING ->
                each(4, "Panels lined", counts.sewing().lined())
                        .plus(each(40, "Metres bound by hand", counts.sewing().edge()));
            case FINISHING -> {
                Reckoned finish = given("Finishing", 60);
                yield counts.build().modesty() || counts.build().wired()
                        ? finish.plus(given("Modesty panel and wires", 15))
                        : finish;
            }
        };
    }

    private Reckoned withCups(Reckoned minutes, String name, double more) {
        return counts.build().cups() ? minutes.plus(given(name, more)) : minutes;
    }

    private Reckoned fastening() {
        double busk = counts.build().busk() ? 45 : 0;
        double closure =
                counts.build().closure() == Closure.BACK_ZIP || counts.build().closure() == Closure.SIDE_ZIP
                        ? 40
                        : counts.build().closure() == Closure.BACK_LOOPS ? 50 : 0;
        Reckoned sewn = given("Busk", busk).plus(given("Zip or loops", closure));
        return counts.build().overBust() && busk + closure > 0 ? sewn.plus(given("Over the bust", 5)) : sewn;
    }

    /** Whether a garment has a step at all. */
    boolean has(StepKind step) {
        return switch (step) {
            case SECOND_TOILE -> column() > 0;
            case MOUNT -> counts.cutting().mounted() > 0;
            case FASTENING -> counts.build().busk() || counts.build().closure() != Closure.BACK_LACING;
            case CUPS -> counts.build().cups();
            case CHANNELS, BONES -> counts.boned().bones() > 0;
            case EYELETS -> counts.boned().eyelets() > 0;
            default -> true;
        };
    }
}
