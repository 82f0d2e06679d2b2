package bathyra.app.fittings;

import bathyra.app.work.Latest;
import bathyra.app.workshop.Workshop;
import bathyra.book.BookFailure;
import bathyra.book.Commissions;
import bathyra.book.Wearers;
import bathyra.correction.ReadBack;
import bathyra.garment.Commission;
import bathyra.garment.GarmentKind;
import bathyra.girth.GirthPlan;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What the fittings in the book have said again and again, of this wearer and of the house; read beside the window when it is asked for. */
final class LookingBack {
    private static final Logger LOG = LoggerFactory.getLogger(LookingBack.class);

    private final Workshop workshop;
    private final Latest work;
    private final Runnable changed;
    private Optional<Said> said = Optional.empty();
    private boolean looking;

    /** What was read for a commission. */
    private record Said(long commission, List<ReadBack> wearer, List<ReadBack> house) {}

    LookingBack(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.work = new Latest(later);
        this.changed = changed;
    }

    /** Reads the book; what was read before is shown until then. */
    void look() {
        looking = true;
        long id = workshop.id();
        String wearer = workshop.commission().wearer().name();
        GarmentKind kind = workshop.commission().garment().kind();
        List<Commissions.Entry> entries = workshop.book().commissions().entries();
        work.begin("looking back", run -> read(id, wearer, kind, entries, run), () -> {
            looking = false;
            changed.run();
        });
        changed.run();
    }

    private void read(long id, String wearer, GarmentKind kind, List<Commissions.Entry> entries, Latest.Run run) {
        List<Commission> own = new ArrayList<>();
        List<Commission> house = new ArrayList<>();
        for (Commissions.Entry entry : entries) {
            if (run.isOver() || workshop.isClosed()) {
                return;
            }
            find(entry.id()).ifPresent(commission -> {
                house.add(commission);
                if (Wearers.isSame(entry.wearer(), wearer)) {
                    own.add(commission);
                }
            });
        }
        Said found = new Said(id, ReadBack.of(own, kind), ReadBack.of(house, kind));
        run.show(() -> {
            said = Optional.of(found);
            looking = false;
            changed.run();
        });
    }

    /** One that cannot be read says nothing here; the shelf says what is wrong with it. */
    private Optional<Commission> find(long id) {
        try {
            return workshop.book().commissions().find(id);
        } catch (BookFailure e) {
            LOG.debug("commission {} cannot be read", id, e);
            return Optional.empty();
        }
    }

    boolean isLooking() {
        return looking;
    }

    /** Whether the book was read for the commission in hand. */
    boolean hasLooked() {
        return said.filter(s -> s.commission() == workshop.id()).isPresent();
    }

    List<ReadBack> ofWearer() {
        return said.filter(s -> s.commission() == workshop.id())
                .map(Said::wearer)
                .orElse(List.of());
    }

    List<ReadBack> ofHouse() {
        return said.filter(s -> s.commission() == workshop.id())
                .map(Said::house)
                .orElse(List.of());
    }

    /** Begins with it: the level's ease by the rule, and so much more. Only when asked. */
    void begin(ReadBack with) {
        Commission commission = workshop.commission();
        Length rule = GirthPlan.standardEase(commission.measurements(), commission.garment(), with.level())
                .length();
        Length next = Length.mm(rule.millimetres() + with.by().millimetres());
        workshop.once(
                "ease at the " + with.low() + " as fittings had it, " + LengthText.say(next, workshop.unit()),
                commission.withGarment(commission.garment().withEase(with.level(), next)));
    }
}
