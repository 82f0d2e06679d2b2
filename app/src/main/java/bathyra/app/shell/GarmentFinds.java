package bathyra.app.shell;

import bathyra.app.edges.EdgesModel;
import bathyra.app.find.Findable;
import bathyra.app.workshop.GarmentChoice;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.garment.Choice;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** What can be found of the garment in hand: every other choice, the marks of its pieces, and the figures that have a field. */
final class GarmentFinds {
    /** The lengths that have their field on Cups. */
    private static final List<LengthOption> CUPS = List.of(
            LengthOption.BRIDGE,
            LengthOption.CUP_SIDE,
            LengthOption.BAND_INNER,
            LengthOption.BAND_SEAM,
            LengthOption.BAND_OUTER,
            LengthOption.CUP_YOKE);

    private final Workshop workshop;
    private final Reach reach;

    GarmentFinds(Workshop workshop, Reach reach) {
        this.workshop = workshop;
        this.reach = reach;
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    List<Findable> all() {
        List<Findable> all = new ArrayList<>();
        GarmentChoice.ALL.forEach(choice -> all.addAll(others(choice)));
        all.addAll(tops());
        all.addAll(figures());
        return all;
    }

    private void once(String label, Garment next) {
        workshop.letGo();
        workshop.once(label, workshop.commission().withGarment(next));
    }

    private <C extends Choice> List<Findable> others(GarmentChoice<C> choice) {
        return choice.others(garment()).stream()
                .map(other -> {
                    String words = choice.name() + ": " + other.label().toLowerCase(Locale.ROOT);
                    String label = words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
                    return new Findable(
                            words,
                            Findable.Kind.DEED,
                            () -> once(label, choice.with().apply(garment(), other)));
                })
                .toList();
    }

    private List<Findable> tops() {
        Set<String> marked = garment().finish().topMarks();
        return workshop.half().stream()
                .flatMap(draft -> draft.pattern().pieces().stream())
                .filter(p -> !marked.contains(p.id()))
                .map(p -> {
                    String name = p.name().toLowerCase(Locale.ROOT);
                    return new Findable(
                            "Mark the top of " + name,
                            Findable.Kind.DEED,
                            () -> once(
                                    "top marked on " + name,
                                    garment().withFinish(garment().finish().withTopMark(p.id(), true))));
                })
                .toList();
    }

    private List<Findable> figures() {
        EdgesModel edges = new EdgesModel(workshop);
        return Stream.of(
                        workshop.half().stream()
                                .flatMap(draft -> draft.girths().levels().stream())
                                .map(plan -> ease(plan.level())),
                        Stream.concat(edges.upperLengths().stream(), edges.lowerLengths().stream())
                                .map(option -> length(option, Stage.EDGES)),
                        CUPS.stream()
                                .filter(option -> option.shapes(garment()))
                                .map(option -> length(option, Stage.CUPS)))
                .flatMap(each -> each)
                .toList();
    }

    private Findable length(LengthOption option, Stage stage) {
        return new Findable(option.label(), Findable.Kind.FIGURE, () -> {
            workshop.whereabouts().goTo(stage);
            reach.field("#option-" + option.id());
        });
    }

    /** Its field is on the card of its level, which is taken first. */
    private Findable ease(Level level) {
        return new Findable("Ease at the " + level.label().toLowerCase(Locale.ROOT), Findable.Kind.FIGURE, () -> {
            workshop.whereabouts().goTo(Stage.GIRTHS);
            reach.behind("#level-" + level.id(), "#option-ease-" + level.id());
        });
    }
}
