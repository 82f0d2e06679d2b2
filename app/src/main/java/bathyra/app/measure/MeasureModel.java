package bathyra.app.measure;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Drafter;
import bathyra.draft.Refusal;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Occasion;
import bathyra.measure.Plausibility;
import bathyra.measure.Remark;
import bathyra.reckon.Formula;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;

/** The measuring page: what is typed, what is taken of it, and what the figures say. */
public final class MeasureModel {
    private final Workshop workshop;
    private MeasurementSet remarked;
    private List<Remark> remarks = List.of();
    /** Text that was no length, by commission: another wearer's page does not show it. */
    private final Map<Long, Map<MeasurementKey, String>> wrong = new HashMap<>();

    public MeasureModel(Workshop workshop) {
        this.workshop = workshop;
    }

    /** The measurement whose tape is in hand. */
    public ObjectProperty<MeasurementKey> inHandProperty() {
        return workshop.selection().measurementProperty();
    }

    /** The measurements that this garment rests on, that were taken, or from which one of these is estimated or checked. */
    public Set<MeasurementKey> used() {
        EnumSet<MeasurementKey> keys =
                EnumSet.copyOf(Drafter.needs(workshop.commission().garment()));
        keys.addAll(workshop.commission().measurements().taken().keySet());
        keys.addAll(List.of(
                MeasurementKey.APEX_TO_UNDERBUST,
                MeasurementKey.ARMHOLE,
                MeasurementKey.WAIST_TO_LAP,
                MeasurementKey.HEIGHT));
        return keys;
    }

    /**
     * Takes what was typed into a row. Text that is no length is kept with its reason and changes nothing else.
     *
     * @param text nothing gives the estimate back
     */
    public void type(MeasurementKey key, String text) {
        wrongHere().remove(key);
        MeasurementSet set = workshop.commission().measurements();
        if (text.isBlank()) {
            change(key, set.without(key), "none");
            return;
        }
        LengthText.Reading reading = LengthText.read(text.replace("≈", ""), workshop.unit());
        if (reading instanceof LengthText.Read read) {
            take(key, read.length());
        } else if (reading instanceof LengthText.Unread unread) {
            wrongHere().put(key, unread.reason());
            workshop.withdraw(InHand.of(key));
        }
    }

    /** Takes a figure, as read off a tape. */
    public void take(MeasurementKey key, Length length) {
        wrongHere().remove(key);
        change(key, workshop.commission().measurements().with(key, length), LengthText.say(length, workshop.unit()));
    }

    private void change(MeasurementKey key, MeasurementSet after, String now) {
        Commission commission = workshop.commission();
        Length before = workshop.before(InHand.of(key)).measurements().taken().get(key);
        workshop.change(
                key.label().toLowerCase(Locale.ROOT) + " "
                        + (before == null ? "none" : LengthText.figure(before, workshop.unit())) + " → " + now,
                commission.withMeasurements(after),
                InHand.of(key));
    }

    private Map<MeasurementKey, String> wrongHere() {
        return wrong.computeIfAbsent(workshop.id(), id -> new EnumMap<>(MeasurementKey.class));
    }

    /** Whether the text in a row is no length and waits to be put right. */
    boolean isWaiting(MeasurementKey key) {
        return wrongHere().containsKey(key);
    }

    /**
     * Why a row's figure is not usable: no length, outside the plausible range, or at odds with other figures so that no
     * pattern can exist. The last is said beside the figure that was changed last, else beside the one to take again first.
     */
    public Optional<String> fault(MeasurementKey key) {
        if (wrongHere().containsKey(key)) {
            return Optional.of(wrongHere().get(key));
        }
        Length taken = workshop.commission().measurements().taken().get(key);
        if (taken == null) {
            return Optional.empty();
        }
        Optional<String> range = isConfirmed(key) && key.isPossible(taken)
                ? Optional.empty()
                : Plausibility.inRange(key, taken).map(r -> r.sentence().in(workshop.unit()));
        return range.or(() -> refused(key));
    }

    private Optional<String> refused(MeasurementKey key) {
        return workshop.refusal()
                .filter(r -> r.cause() == Refusal.Cause.PATTERN)
                .flatMap(r -> r.reasons().stream()
                        .filter(reason -> workshop.isInHand(InHand.of(key))
                                || reason.subject().equals(key.key()))
                        .findFirst()
                        .map(reason -> reason.sentence().in(workshop.unit())));
    }

    public Optional<Reckoned> value(MeasurementKey key) {
        return workshop.commission().measurements().find(key);
    }

    public boolean isTaken(MeasurementKey key) {
        return workshop.commission().measurements().isTaken(key);
    }

    /** "tape", "estimate", "needed", or that it wants another look. */
    public String source(MeasurementKey key) {
        boolean again = remarks().stream()
                .anyMatch(r -> r.weight() != Remark.Weight.HOLDS && r.keys().get(0) == key);
        if (again) {
            return "look again";
        }
        if (isTaken(key)) {
            return isConfirmed(key) ? "tape, twice" : "tape";
        }
        return value(key).isPresent()
                ? "estimate"
                : Drafter.needs(workshop.commission().garment()).contains(key) ? "needed" : "";
    }

    /** What the figures say about each other, the gravest first. */
    public List<Remark> remarks() {
        MeasurementSet set = workshop.commission().measurements();
        if (set != remarked) {
            // Every row of the page asks; the figures change once a keystroke.
            remarked = set;
            remarks = Plausibility.of(set);
        }
        return remarks;
    }

    /** The estimates that hang on a measurement. */
    public List<Reckoned> hanging(MeasurementKey key) {
        List<Reckoned> hanging = new ArrayList<>();
        for (MeasurementKey other : used()) {
            if (!isTaken(other)) {
                value(other)
                        .filter(v -> Formula.figures(v).stream()
                                .anyMatch(f -> f.name().equals(key.label())))
                        .ifPresent(hanging::add);
            }
        }
        return hanging;
    }

    public Occasion occasion() {
        return workshop.commission().measurements().occasion();
    }

    /** Notes when and how the figures were taken. */
    public void occasion(Occasion next) {
        workshop.change(
                "when it was taken",
                workshop.commission()
                        .withMeasurements(workshop.commission().measurements().on(next)),
                InHand.of("occasion"));
    }

    /** The left side of a figure that was taken on both. */
    Length left(MeasurementKey key) {
        return workshop.commission().measurements().taken().get(key);
    }

    public Optional<Length> right(MeasurementKey key) {
        return isTaken(key)
                ? Optional.ofNullable(
                        workshop.commission().measurements().right().get(key))
                : Optional.empty();
    }

    /** Takes what was typed for the right side; nothing takes the right side away. Gives the reason when it is no length. */
    public String typeRight(MeasurementKey key, String text) {
        MeasurementSet set = workshop.commission().measurements();
        String thing = key.key() + " right";
        if (text.isBlank()) {
            workshop.change(
                    key.label().toLowerCase(Locale.ROOT) + ", right → none",
                    workshop.commission().withMeasurements(set.withRight(key, Optional.empty())),
                    InHand.of(thing));
            return "";
        }
        LengthText.Reading reading = LengthText.read(text, workshop.unit());
        if (reading instanceof LengthText.Read read) {
            workshop.change(
                    key.label().toLowerCase(Locale.ROOT) + ", right → "
                            + LengthText.say(read.length(), workshop.unit()),
                    workshop.commission().withMeasurements(set.withRight(key, Optional.of(read.length()))),
                    InHand.of(thing));
            return "";
        }
        workshop.withdraw(InHand.of(thing));
        return ((LengthText.Unread) reading).reason();
    }

    /** Puts on record that a figure was taken twice and is correct, or takes that back. */
    public void confirm(MeasurementKey key, boolean correct) {
        workshop.letGo();
        workshop.change(
                key.label().toLowerCase(Locale.ROOT) + (correct ? " confirmed" : " no longer confirmed"),
                workshop.commission()
                        .withMeasurements(workshop.commission().measurements().confirming(key, correct)),
                InHand.of(""));
        workshop.letGo();
    }

    public boolean isConfirmed(MeasurementKey key) {
        return workshop.commission().measurements().confirmed().contains(key);
    }

    /** Whether a figure stands in the way only because it is out of its usual range, and may be confirmed. */
    public boolean isOutOfRange(MeasurementKey key) {
        Length taken = workshop.commission().measurements().taken().get(key);
        return taken != null && !isConfirmed(key) && !key.isPlausible(taken) && key.isPossible(taken);
    }

    /** How used the wearer is to being laced; the cautions go by it. */
    public void experience(Experience next) {
        Commission commission = workshop.commission();
        workshop.letGo();
        workshop.change(
                "wearer is " + next.label(),
                commission.withWearer(new Wearer(commission.wearer().name(), next)),
                InHand.of("experience " + next));
        workshop.letGo();
    }

    public LengthUnit unit() {
        return workshop.unit();
    }
}
