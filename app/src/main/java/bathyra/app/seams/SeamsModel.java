package bathyra.app.seams;

import bathyra.app.glossary.Tried;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.garment.BackShaping;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.SplitOption;
import bathyra.garment.UnderbustSchool;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** What can be done on the Seams stage: setting, nudging, locking and freeing soundings. */
public final class SeamsModel {
    private final Workshop workshop;
    private final ReadOnlyStringWrapper reason = new ReadOnlyStringWrapper("");

    public SeamsModel(Workshop workshop) {
        this.workshop = workshop;
    }

    /** Why the last entry was not taken; empty when it was. */
    public ReadOnlyStringProperty reasonProperty() {
        return reason.getReadOnlyProperty();
    }

    /** A drag has ended: what was shown beside it goes. */
    void laidDown() {
        workshop.showing().again();
    }

    void clearReason() {
        reason.set("");
    }

    /** At the bust a seam that passes through the apex takes nothing. */
    public boolean isEditable(Cell cell) {
        return cell.level() != Level.BUST
                || !workshop.half()
                        .map(d -> d.intakes().seams().contains(cell.seam())
                                && d.intakes()
                                        .axes()
                                        .isThroughApex(cell.seam(), d.block().front(Level.BUST)))
                        .orElse(cell.seam().equals(SeamPlace.PRINCESS_FRONT));
    }

    public boolean isLocked(Cell cell) {
        return locks().containsKey(cell)
                || workshop.commission().garment().intakes().containsKey(cell);
    }

    /** Whether the right half of an uneven body is worked on, which has locks of its own. */
    private boolean onTheRight() {
        return workshop.selection().rightHalfProperty().get()
                && workshop.draft().flatMap(Draft::rightHalf).isPresent();
    }

    private Map<Cell, Length> locks() {
        Garment garment = workshop.commission().garment();
        return onTheRight() ? garment.rightIntakes() : garment.intakes();
    }

    private Garment locked(Garment garment, Cell cell, Length length) {
        Length before = workshop.half()
                .map(h -> h.commission().garment().beforePins(cell, length))
                .orElse(length);
        return onTheRight() ? garment.withRightIntake(cell, before) : garment.withIntake(cell, before);
    }

    /** On the right, what is free of its own lock is as on the left; a lock that both share goes on both. */
    private Garment free(Garment garment, Cell cell) {
        return onTheRight() && garment.rightIntakes().containsKey(cell)
                ? garment.withoutRightIntake(cell)
                : garment.withoutIntake(cell);
    }

    BackShaping backShaping() {
        return workshop.commission().garment().block().back();
    }

    /** The back in two panels, or in one piece with a dart. */
    void shapeBack(BackShaping next) {
        Garment garment = workshop.commission().garment();
        workshop.letGo();
        workshop.once(
                "back with a " + next.label().toLowerCase(Locale.ROOT),
                workshop.commission()
                        .withGarment(garment.withBlock(garment.block().withBack(next))));
    }

    /** Takes what was typed; gives the reason when it is no length. */
    public String type(Cell cell, String text) {
        LengthText.Reading reading = LengthText.read(text, workshop.unit());
        if (reading instanceof LengthText.Unread unread) {
            reason.set(unread.reason());
            workshop.withdraw(InHand.of(cell));
        } else if (reading instanceof LengthText.Read read) {
            reason.set("");
            set(cell, read.length());
        }
        return reason.get();
    }

    /** Sets a sounding and locks it there; the free seams of the level give way. */
    public void set(Cell cell, Length length) {
        if (!isEditable(cell)) {
            return;
        }
        LengthUnit unit = workshop.unit();
        Commission now = workshop.commission();
        String was = workshop.draftBefore(InHand.of(cell))
                .map(d -> LengthText.figure(
                        d.intakes().at(cell.level(), cell.seam()).length(), unit))
                .orElse("rule");
        workshop.change(
                name(cell) + " " + was + " → " + LengthText.say(length, unit),
                now.withGarment(locked(now.garment(), cell, length)),
                InHand.of(cell));
    }

    /** One step more or less: a millimetre, or an eighth where inches are shown. */
    public void nudge(Cell cell, int steps) {
        workshop.half().ifPresent(draft -> {
            double step = workshop.unit().step();
            set(cell, Length.mm(draft.intakes().at(cell.level(), cell.seam()).value() + steps * step));
        });
    }

    /** How many steps Shift takes at once: a centimetre, or an inch. */
    int bigStep() {
        return workshop.unit().isInches() ? workshop.unit().division() : 10;
    }

    /** Divides a seam's intake anew between its two edges; changes in one drag of the slider are one. */
    public void split(SplitOption option, double towardsCentre) {
        Commission now = workshop.commission();
        double share = Math.min(SplitOption.MOST, Math.max(SplitOption.LEAST, Math.round(towardsCentre * 100) / 100.0));
        workshop.change(
                "split of the " + option.label().toLowerCase(Locale.ROOT) + " to " + ratio(share),
                now.withGarment(now.garment().withSplit(option, share)),
                InHand.of(option.id()));
    }

    public void splitByRule(SplitOption option) {
        workshop.letGo();
        workshop.change(
                "split of the " + option.label().toLowerCase(Locale.ROOT) + " back to the rule",
                workshop.commission()
                        .withGarment(workshop.commission().garment().withoutSplit(option)),
                InHand.of(option.id()));
        workshop.letGo();
    }

    /** A share as a cutter says it: {@code 1 : 2} towards the centre and towards the side. */
    static String ratio(double towardsCentre) {
        double other = (1 - towardsCentre) / towardsCentre;
        return other >= 1 ? "1 : " + plain(other) : plain(1 / other) + " : 1";
    }

    private static String plain(double value) {
        return Math.abs(value - Math.rint(value)) < 0.04
                ? Long.toString(Math.round(value))
                : String.format(Locale.ROOT, "%.1f", value);
    }

    /** Locks a sounding where it is, or frees it. */
    public void toggleLock(Cell cell) {
        workshop.letGo();
        if (isLocked(cell)) {
            backToRule(cell);
        } else {
            workshop.half().ifPresent(draft -> {
                if (isEditable(cell)) {
                    Garment garment = workshop.commission().garment();
                    workshop.change(
                            "lock " + name(cell),
                            workshop.commission()
                                    .withGarment(locked(
                                            garment,
                                            cell,
                                            draft.intakes()
                                                    .at(cell.level(), cell.seam())
                                                    .length())),
                            InHand.of(""));
                }
            });
        }
        workshop.letGo();
    }

    /** Back to what the rule gives. */
    public void backToRule(Cell cell) {
        workshop.letGo();
        workshop.change(
                name(cell) + " back to the rule",
                workshop.commission().withGarment(free(workshop.commission().garment(), cell)),
                InHand.of(""));
        workshop.letGo();
    }

    public void choose(UnderbustSchool school) {
        workshop.letGo();
        workshop.change(
                "under-bust intake by " + school.label().toLowerCase(Locale.ROOT),
                workshop.commission()
                        .withGarment(workshop.commission().garment().withSchool(school)),
                InHand.of(""));
        workshop.letGo();
    }

    /** What a seam's column says, in a sentence. */
    static String meaning(SeamPlace seam) {
        return seam.part() == SeamPlace.Part.CENTRE_BACK
                ? seam.label()
                        + ": what the back edge is taken in at each level, so that it is no longer straight. Typed, a value is locked, and the other seams of the back give way."
                : seam.label()
                        + ": what is taken out between its two panels at each level, so that they are narrower there. Typed, a value is locked, and the other seams of its block give way.";
    }

    /** The commission with more taken out at a seam: at the level that is chosen, or at the waist where the seam takes nothing of its own there. */
    List<Tried> tried(SeamPlace seam) {
        Level chosen = workshop.selection().cellProperty().get().level();
        return workshop
                .half()
                .flatMap(draft -> Stream.of(chosen, Level.WAIST)
                        .map(level -> new Cell(level, seam))
                        .filter(cell -> draft.intakes().cells().containsKey(cell) && isEditable(cell))
                        .findFirst()
                        .map(cell -> tried(draft, cell)))
                .stream()
                .toList();
    }

    private Tried tried(Draft draft, Cell cell) {
        Commission now = workshop.commission();
        Length step = Tried.step(workshop.unit());
        Length more = Length.mm(draft.intakes().at(cell.level(), cell.seam()).value() + step.millimetres());
        return new Tried(
                now,
                now.withGarment(locked(now.garment(), cell, more)),
                LengthText.say(step, workshop.unit()) + " more at the "
                        + cell.level().label().toLowerCase(Locale.ROOT));
    }

    static String name(Cell cell) {
        return cell.seam().label().toLowerCase(Locale.ROOT) + " intake at "
                + cell.level().label().toLowerCase(Locale.ROOT);
    }
}
