package bathyra.app.workshop;

import bathyra.app.glossary.Tried;
import bathyra.app.reckoning.OptionField;
import bathyra.app.reckoning.OptionField.Setting;
import bathyra.garment.Commission;
import bathyra.garment.EaseHere;
import bathyra.garment.EdgeUse;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.Gore;
import bathyra.garment.LengthOption;
import bathyra.garment.SeamAxis;
import bathyra.garment.Stretch;
import bathyra.girth.GirthPlan;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** The lengths of the commission in hand that can be set: eases, rule lengths, allowances, each with its way back to the rule. */
public final class Settings {
    private static final Length EASE_MOST = Length.mm(400);
    private static final Length CAP_MOST = Length.mm(160);

    private final Workshop workshop;

    public Settings(Workshop workshop) {
        this.workshop = workshop;
    }

    /** The ease of a level, on the full girth. */
    public Setting ease(Level level) {
        String label = "Ease at the " + level.label().toLowerCase(Locale.ROOT);
        Length rule = standardEase(garment(), level);
        return setting(
                "ease-" + level.id(),
                label,
                "On the full girth; less than nothing is tighter than the body. "
                        + garment().row().label() + ": begins at " + LengthText.say(rule, workshop.unit()) + ".",
                Length.mm(-EASE_MOST.millimetres()),
                EASE_MOST,
                g -> g.ease().getOrDefault(level, standardEase(g, level)),
                g -> g.ease().containsKey(level),
                (g, l) -> g.withEase(level, l),
                g -> g.withoutEase(level));
    }

    /** What a line between the levels gives, on the full girth. @param which of the garment's lines */
    public Setting easeHere(int which) {
        return setting(
                "ease-here-" + which,
                "Room there",
                "On the full girth, beside the straight run from level to level; less than nothing is tighter.",
                Length.mm(-EaseHere.MOST),
                Length.mm(EaseHere.MOST),
                g -> line(g, which).map(EaseHere::ease).orElse(Length.mm(0)),
                g -> line(g, which).filter(l -> l.ease().millimetres() != 0).isPresent(),
                (g, l) -> withLine(g, which, line -> line.easedBy(l)),
                g -> withLine(g, which, line -> line.easedBy(Length.mm(0))));
    }

    /** How high a line between the levels lies. */
    public Setting heightOfEase(int which) {
        return setting(
                "ease-here-height-" + which,
                "Above the waist",
                "At centre front; less than nothing is below the waist.",
                Length.mm(-EaseHere.FARTHEST),
                Length.mm(EaseHere.FARTHEST),
                g -> line(g, which).map(EaseHere::above).orElse(Length.mm(0)),
                g -> false,
                (g, l) -> withLine(g, which, line -> line.at(l)),
                g -> g);
    }

    /** Empty once the line is gone, until its field is. */
    private static Optional<EaseHere> line(Garment garment, int which) {
        return garment.between().stream().skip(which).findFirst();
    }

    private static Garment withLine(Garment garment, int which, UnaryOperator<EaseHere> change) {
        List<EaseHere> lines = new ArrayList<>(garment.between());
        if (which < lines.size()) {
            lines.set(which, change.apply(lines.get(which)));
        }
        return garment.withBetween(lines);
    }

    /** How wide a gore is at its edge. @param which of the garment's gores */
    public Setting goreWidth(int which) {
        return gore(
                "gore-width-" + which,
                "Wide at the edge",
                "The spring that it gives; the seams beside its panel take so much less.",
                Gore.WIDTH_LEAST,
                Gore.WIDTH_MOST,
                which,
                Gore::width,
                Gore::withWidth);
    }

    /** How far a gore reaches in from its edge. */
    public Setting goreHeight(int which) {
        return gore(
                "gore-height-" + which,
                "High",
                "The slit stands square to the edge; its point keeps clear of the waist.",
                Gore.HEIGHT_LEAST,
                Gore.HEIGHT_MOST,
                which,
                Gore::height,
                Gore::withHeight);
    }

    private Setting gore(
            String id,
            String label,
            String why,
            Length least,
            Length most,
            int which,
            Function<Gore, Length> value,
            BiFunction<Gore, Length, Gore> with) {
        return setting(
                id,
                label,
                why,
                least,
                most,
                // Empty once the gore is gone, until its field is.
                g -> g.gores().stream().skip(which).findFirst().map(value).orElse(least),
                g -> false,
                (g, l) -> {
                    List<Gore> gores = new ArrayList<>(g.gores());
                    if (which < gores.size()) {
                        gores.set(which, with.apply(gores.get(which), l));
                    }
                    return g.withGores(gores);
                },
                g -> g);
    }

    /** The lacing gap of a laced garment. */
    public Setting gap() {
        return setting(
                "lacing-gap",
                "Lacing gap",
                "Taken out of the back alone, the same at every level. This row begins at "
                        + LengthText.say(garment().standardGap(), workshop.unit()) + ".",
                Length.mm(0),
                Fastening.GAP_MOST,
                g -> g.gap().length(),
                g -> g.fastening().gap().isPresent(),
                (g, l) -> g.withFastening(g.fastening().withGap(Optional.of(l))),
                g -> g.withFastening(g.fastening().withGap(Optional.empty())));
    }

    /** One of the lengths of the stretch test: the sample relaxed, pulled across, pulled along, and a minute after. */
    public Setting stretch(
            String id,
            String label,
            String why,
            Function<Stretch, Length> value,
            BiFunction<Stretch, Length, Stretch> with) {
        return setting(
                "stretch-" + id,
                label,
                why,
                Length.mm(20),
                Length.mm(1500),
                g -> value.apply(g.fit().stretch().orElseGet(Stretch::unmeasured)),
                g -> g.fit().stretch().isPresent(),
                (g, l) -> g.withFit(g.fit()
                        .withStretch(Optional.of(with.apply(g.fit().stretch().orElseGet(Stretch::unmeasured), l)))),
                g -> g.withFit(g.fit().withStretch(Optional.empty())));
    }

    /** What a seam takes at a level at the most. */
    public Setting cap(Cell cell) {
        return setting(
                "cap-" + cell.level().id() + "-" + cell.seam().id(),
                "Cap at the " + cell.level().label().toLowerCase(Locale.ROOT),
                "Set here it always holds; the others take the rest, and where they cannot nothing is drafted.",
                Length.mm(5),
                CAP_MOST,
                g -> g.sharing()
                        .caps()
                        .getOrDefault(
                                cell,
                                cell.level() == Level.WAIST
                                        ? g.length(LengthOption.SEAM_CAP).length()
                                        : CAP_MOST),
                g -> g.sharing().caps().containsKey(cell),
                (g, l) -> g.withSharing(g.sharing().withCap(cell, Optional.of(l))),
                g -> g.withSharing(g.sharing().withCap(cell, Optional.empty())));
    }

    /** How far the ends of a corset's seam stand beside its straight axis. */
    public Setting bow(SeamPlace seam) {
        return setting(
                "bow-" + seam.id(),
                "Bow",
                "The ends stand so far away from centre front; panels that narrow towards the waist look slimmer.",
                Length.mm(-SeamAxis.BOW_MOST),
                Length.mm(SeamAxis.BOW_MOST),
                g -> Length.mm(g.panels().axis(seam).bow()),
                g -> g.panels().axis(seam).bow() != 0,
                (g, l) -> g.withPanels(
                        g.panels().withAxis(seam, g.panels().axis(seam).bowed(l.millimetres()))),
                g -> g.withPanels(
                        g.panels().withAxis(seam, g.panels().axis(seam).bowed(0))));
    }

    /** A length of a rule. */
    public Setting length(LengthOption option) {
        return setting(
                option.id(),
                option.label(),
                "Begins at " + LengthText.say(garment().standard(option), workshop.unit()) + ": "
                        + option.reason(workshop.unit()) + ".",
                option.least(),
                option.most(),
                g -> g.chosen(option).length(),
                g -> g.lengths().containsKey(option),
                (g, l) -> g.withLength(option, l),
                g -> g.withoutLength(option));
    }

    /** A seam allowance. */
    public Setting allowance(EdgeUse use) {
        String name = use.label().substring(0, 1).toUpperCase(Locale.ROOT)
                + use.label().substring(1);
        return setting(
                "allowance-" + use.id(),
                name + " allowance",
                "",
                Length.mm(0),
                EdgeUse.MOST,
                g -> g.allowance(use),
                g -> g.finish().allowances().containsKey(use),
                (g, l) -> g.withAllowance(use, l),
                g -> g.withoutAllowance(use));
    }

    /** What an own value is laid into a garment with; back at what is usual when empty. */
    public interface Own {
        Garment apply(Garment garment, Optional<Length> length);
    }

    /**
     * A length that belongs to what is in hand, such as the allowance of one edge.
     *
     * @param label what it is called beside its field
     * @param words what a change of it is called, as a sentence goes on
     */
    public Setting own(
            String id,
            String label,
            Supplier<String> words,
            String why,
            Length least,
            Length most,
            Function<Garment, Length> value,
            Function<Garment, Boolean> isOwn,
            Own with) {
        return setting(
                id,
                label,
                words,
                why,
                least,
                most,
                value,
                isOwn,
                (g, l) -> with.apply(g, Optional.of(l)),
                g -> with.apply(g, Optional.empty()));
    }

    private interface With {
        Garment apply(Garment garment, Length length);
    }

    private Setting setting(
            String id,
            String label,
            String why,
            Length least,
            Length most,
            Function<Garment, Length> value,
            Function<Garment, Boolean> own,
            With with,
            UnaryOperator<Garment> without) {
        String name = label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
        return setting(id, label, () -> name, why, least, most, value, own, with, without);
    }

    private Setting setting(
            String id,
            String label,
            Supplier<String> name,
            String why,
            Length least,
            Length most,
            Function<Garment, Length> value,
            Function<Garment, Boolean> own,
            With with,
            UnaryOperator<Garment> without) {
        return new Setting(
                new OptionField.Name(id, label, why),
                new OptionField.Range(least, most),
                new OptionField.State(
                        () -> value.apply(garment()),
                        () -> own.apply(garment()),
                        () -> workshop.isInHand(InHand.of(id))
                                ? workshop.refusal()
                                        .map(r -> r.reasons().get(0).sentence().in(workshop.unit()))
                                : Optional.empty()),
                new OptionField.Deeds(
                        length -> {
                            Length was =
                                    value.apply(workshop.before(InHand.of(id)).garment());
                            workshop.change(
                                    name.get() + " " + LengthText.figure(was, workshop.unit()) + " → "
                                            + LengthText.say(length, workshop.unit()),
                                    with(with.apply(garment(), length)),
                                    InHand.of(id));
                        },
                        () -> workshop.withdraw(InHand.of(id)),
                        workshop::letGo,
                        () -> {
                            workshop.letGo();
                            workshop.change(
                                    name.get() + " back to the rule", with(without.apply(garment())), InHand.of(id));
                            workshop.letGo();
                        }),
                () -> tries(least, most, value, with));
    }

    /** The commission with a little more of a length, and with a little less, as far as there is room. */
    private List<Tried> tries(Length least, Length most, Function<Garment, Length> value, With with) {
        Garment now = garment();
        double step =
                Math.min(Tried.step(workshop.unit()).millimetres(), (most.millimetres() - least.millimetres()) / 4);
        double before = value.apply(now).millimetres();
        String by = LengthText.say(Length.mm(step), workshop.unit());
        List<Tried> tries = new ArrayList<>();
        if (before + step <= most.millimetres()) {
            tries.add(new Tried(workshop.commission(), with(with.apply(now, Length.mm(before + step))), by + " more"));
        }
        if (before - step >= least.millimetres()) {
            tries.add(new Tried(workshop.commission(), with(with.apply(now, Length.mm(before - step))), by + " less"));
        }
        return tries;
    }

    private Length standardEase(Garment garment, Level level) {
        return GirthPlan.standardEase(workshop.commission().measurements(), garment, level)
                .length();
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    private Commission with(Garment garment) {
        return workshop.commission().withGarment(garment);
    }
}
