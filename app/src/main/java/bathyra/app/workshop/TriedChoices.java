package bathyra.app.workshop;

import bathyra.app.glossary.Tried;
import bathyra.garment.Choice;
import bathyra.garment.Garment;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
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

    /** Every choice but the one that stands, in their order. */
    public <C extends Choice> List<Tried> others(GarmentChoice<C> choice) {
        return choice.others(garment()).stream().map(c -> tried(choice, c)).toList();
    }

    /** One choice alone; nothing where it stands already. */
    public <C extends Choice> List<Tried> only(GarmentChoice<C> choice, C wanted) {
        return choice.value().apply(garment()) == wanted ? List.of() : List.of(tried(choice, wanted));
    }

    /** With it where the garment is without, and without where it has it. */
    public List<Tried> switched(Function<Garment, Boolean> value, BiFunction<Garment, Boolean, Garment> with) {
        boolean now = value.apply(garment());
        return List.of(tried(now ? "without" : "with it", with.apply(garment(), !now)));
    }

    private <C extends Choice> Tried tried(GarmentChoice<C> choice, C wanted) {
        return tried(wanted.label().toLowerCase(Locale.ROOT), choice.with().apply(garment(), wanted));
    }

    private Tried tried(String words, Garment then) {
        return new Tried(workshop.commission(), workshop.commission().withGarment(then), words);
    }
}
