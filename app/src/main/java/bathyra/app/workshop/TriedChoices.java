package bathyra.app.workshop;

import bathyra.app.glossary.Tried;
import bathyra.garment.Choice;
import bathyra.garment.Garment;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/** What another choice would make of the commission in hand, for the drawing at the choice's name; nothing is changed. */
public final class TriedChoices {
    private final Workshop workshop;

    public TriedChoices(Workshop workshop) {
        this.workshop = workshop;
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    /** Every choice but the one that stands, in their order. @param with the garment in hand with another choice */
    public <C extends Choice> List<Tried> others(Collection<C> choices, Function<Garment, C> value, With<C> with) {
        C now = value.apply(garment());
        return choices.stream()
                .filter(c -> c != now)
                .map(c -> tried(c.label().toLowerCase(Locale.ROOT), with.apply(garment(), c)))
                .toList();
    }

    /** With it where the garment is without, and without where it has it. */
    public List<Tried> switched(Function<Garment, Boolean> value, With<Boolean> with) {
        boolean now = value.apply(garment());
        return List.of(tried(now ? "without" : "with it", with.apply(garment(), !now)));
    }

    /** A garment with something chosen in it. */
    @FunctionalInterface
    public interface With<C> {
        Garment apply(Garment garment, C choice);
    }

    private Tried tried(String words, Garment then) {
        return new Tried(workshop.commission(), workshop.commission().withGarment(then), words);
    }
}
