package bathyra.app.girths;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.garment.Closure;
import bathyra.garment.EaseRow;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.Spoken;
import bathyra.garment.Stretch;
import bathyra.girth.GirthPlan;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Level;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;

/** What can be done on the Girths stage: ease, front share, closure, and the record that the wearer was told. */
public final class GirthsModel {
    private static final double EASE_MOST = 400;
    private static final double SHARE_STEP = 0.005;

    private final Workshop workshop;
    private Level level = Level.WAIST;

    public GirthsModel(Workshop workshop) {
        this.workshop = workshop;
    }

    /** The level in hand; the waist when the garment has lost the one that was. */
    public Level level() {
        return workshop.half().filter(d -> !d.girths().has(level)).isPresent() ? Level.WAIST : level;
    }

    public void look(Level next) {
        level = next;
        workshop.showing().again();
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    private void set(String label, Garment next, InHand thing) {
        workshop.change(label, workshop.commission().withGarment(next), thing);
    }

    /** Sets how tight a level is worn, by dragging: to the millimetre, or the eighth of an inch. */
    public void wear(Level at, double worn) {
        double step = workshop.unit().step();
        double body = plan(at).body().value() + garment().found().worn(at);
        ease(at, Length.mm(Math.rint((worn - body) / step) * step));
    }

    /** Sets the ease of a level as a length on the full girth. */
    public void ease(Level at, Length ease) {
        double held = Math.max(-EASE_MOST, Math.min(EASE_MOST, ease.millimetres()));
        String thing = "ease-" + at.id();
        Length was = workshop.before(InHand.of(thing))
                .garment()
                .ease()
                .getOrDefault(
                        at,
                        GirthPlan.standardEase(workshop.commission().measurements(), garment(), at)
                                .length());
        set(
                "ease at the " + at.label().toLowerCase(Locale.ROOT) + " " + LengthText.figure(was, workshop.unit())
                        + " → " + LengthText.say(Length.mm(held), workshop.unit()),
                garment().withEase(at, Length.mm(held)),
                InHand.of(thing));
    }

    /** Sets the ease of a level as a share of the body, −8 for eight per cent less. @return why it was not taken, empty when it was */
    public Optional<String> percent(Level at, String text) {
        try {
            double percent = Double.parseDouble(text.strip()
                    .replace("%", "")
                    .replace(',', '.')
                    .replace('−', '-')
                    .strip());
            if (!(Math.abs(percent) <= 40)) {
                return Optional.of("From −40 to 40 per cent of the body can be used.");
            }
            workshop.letGo();
            ease(at, Length.mm(Math.rint(plan(at).body().value() * percent / 100 * 10) / 10));
            workshop.letGo();
            return Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.of("Type it as −8 or −8 %.");
        }
    }

    /** The ease at the waist with which a row starts on this body. */
    Length startAtWaist(EaseRow row) {
        Garment other = garment().withFit(garment().fit().with(row)).keeping(Optional.empty());
        return GirthPlan.standardEase(workshop.commission().measurements(), other, Level.WAIST)
                .length();
    }

    /** Moves the side seam of a level; the girth stays. */
    public void share(Level at, double share) {
        double held = Math.max(
                Fastening.SHARE_LEAST, Math.min(Fastening.SHARE_MOST, Math.rint(share / SHARE_STEP) * SHARE_STEP));
        InHand hand = InHand.of("share-" + at.id());
        // What stands on the table is the last that could be drafted; there may be no plan of it any more.
        String from = workshop.draftBefore(hand)
                .map(d -> percent(d.girths().at(at).frontShare().value()) + " ")
                .orElse("");
        set(
                "front share at the " + at.label().toLowerCase(Locale.ROOT) + " " + from + "→ " + percent(held) + " %",
                garment().withFastening(garment().fastening().withShare(at, Optional.of(held))),
                hand);
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f", share * 100);
    }

    /** Puts the side seam of a level back where the table has it. */
    public void shareByTable(Level at) {
        workshop.letGo();
        set(
                "front share at the " + at.label().toLowerCase(Locale.ROOT) + " back to the rule",
                garment().withFastening(garment().fastening().withShare(at, Optional.empty())),
                InHand.of("table " + at.id()));
        workshop.letGo();
    }

    public boolean isOwnShare(Level at) {
        return garment().fastening().frontShares().containsKey(at);
    }

    public void closure(Closure next) {
        workshop.letGo();
        set(
                "closure: " + next.label().toLowerCase(Locale.ROOT),
                garment().withFastening(garment().fastening().with(next)),
                InHand.of("closure " + next.id()));
        workshop.letGo();
    }

    /** Makes the commission another kind of garment; what belongs to seams it does not have goes. */
    public void kind(GarmentKind next) {
        workshop.letGo();
        set("kind: " + next.label().toLowerCase(Locale.ROOT), garment().withKind(next), InHand.of("kind " + next));
        workshop.letGo();
    }

    public GarmentKind kind() {
        return garment().kind();
    }

    /** Starts from another row of the table; eases set by hand stay. */
    public void row(EaseRow next) {
        workshop.letGo();
        set(
                "girths start from " + next.label().toLowerCase(Locale.ROOT),
                garment().withFit(garment().fit().with(next)),
                InHand.of("row " + next));
        workshop.letGo();
    }

    public EaseRow row() {
        return garment().row();
    }

    public boolean isLungsFull() {
        return garment().isLungsFull();
    }

    public void lungsFull(boolean full) {
        workshop.letGo();
        set(
                full ? "underbust fitted with lungs full" : "underbust fitted at rest",
                garment().withFit(garment().fit().withLungsFull(full)),
                InHand.of("lungs"));
        workshop.letGo();
    }

    public boolean waistGirthDrops() {
        return garment().fit().waistGirthDrops();
    }

    public void waistGirthDrops(boolean drops) {
        workshop.letGo();
        set(
                drops ? "waist girth drops with the waist" : "waist girth stays with the body",
                garment().withFit(garment().fit().withWaistGirthDropping(drops)),
                InHand.of("drops"));
        workshop.letGo();
    }

    public Stretch stretch() {
        return garment().fit().stretch().orElseGet(Stretch::unmeasured);
    }

    public void stretchUse(double use) {
        Stretch now = stretch();
        double held = Math.rint(use * 20) / 20;
        set(
                String.format(Locale.ROOT, "stretch used: %.0f %%", held * 100),
                garment()
                        .withFit(garment()
                                .fit()
                                .withStretch(Optional.of(
                                        new Stretch(now.relaxed(), now.across(), now.along(), now.returned(), held)))),
                InHand.of("stretch-use"));
    }

    /** How far the waist's own reduction is felt, mm; dragged on the drawing. */
    public void reach(LengthOption option, double mm) {
        double held =
                Math.min(option.most().millimetres(), Math.max(option.least().millimetres(), Math.rint(mm / 5) * 5));
        set(
                option.label().toLowerCase(Locale.ROOT) + " " + LengthText.say(Length.mm(held), workshop.unit()),
                garment().withLength(option, Length.mm(held)),
                InHand.of(option.id()));
    }

    public double reach(LengthOption option) {
        return garment().length(option).value();
    }

    public Closure closure() {
        return garment().fastening().closure();
    }

    public LevelPlan plan(Level at) {
        return workshop.half().orElseThrow().girths().at(at);
    }

    /** What is taken off the natural waist, as a share. */
    public double reduction() {
        return workshop.draft().map(Draft::waistReduction).orElse(0.0);
    }

    public boolean mustBeSpokenOf() {
        return workshop.draft().filter(Draft::mustBeSpokenOf).isPresent();
    }

    /** Puts on record, with today's date, that the wearer was told of this reduction and agreed. */
    public void spoken() {
        workshop.letGo();
        workshop.change(
                String.format(Locale.ROOT, "spoken of a waist %.1f %% smaller", reduction() * 100),
                workshop.commission().withSpoken(Optional.of(new Spoken(LocalDate.now(), reduction()))),
                InHand.of("spoken"));
        workshop.letGo();
    }

    public Optional<Spoken> record() {
        return workshop.commission().spoken();
    }
}
