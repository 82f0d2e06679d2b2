package bathyra.app.steps;

import bathyra.app.output.Receiver;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Whereabouts;
import bathyra.app.workshop.Workshop;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.Objects;
import java.util.function.Consumer;

/** The first steps of a newcomer, from a made-up wearer to a printed toile. Each is done by doing it, not by reading of it. */
enum FirstStep {
    WEARER(
            "Begin with a made-up wearer: her figures are laid into Measure.",
            "Lay her figures",
            at -> at.goTo(Stage.MEASURE)),
    WAIST(
            "Measure: her figures, and the body that they make. Type another waist, one or two centimetres more, and watch it follow.",
            "Go to Measure",
            at -> at.goTo(Stage.MEASURE)),
    EASE(
            "Girths: how tight the garment sits at each level. Choose the waist and change its ease.",
            "Go to Girths",
            at -> at.goTo(Stage.GIRTHS)),
    SEAM(
            "Seams: what is too much at a level is taken out at the seams. Type another figure in one of the fields below.",
            "Go to Seams",
            at -> at.goTo(Stage.SEAMS)),
    PIECES(
            "Pieces: every piece with its allowances, notches and grain, and what was checked on them.",
            "Go to Pieces",
            at -> at.goTo(Stage.PIECES)),
    TOILE(
            "Output: the sheets as they will be glued. Make the packet for your cutting table.",
            "Go to Output",
            at -> at.open(Over.OUTPUT)),
    DONE(
            "Print it at 100 %, measure the square, glue where the marks meet: the toile can be cut. F1 has the guide to every stage.",
            "Close", at -> {});

    private final String words;
    private final String deed;
    private final Consumer<Whereabouts> way;

    FirstStep(String words, String deed, Consumer<Whereabouts> way) {
        this.words = words;
        this.deed = deed;
        this.way = way;
    }

    String words() {
        return words;
    }

    String deed() {
        return deed;
    }

    /** Goes where it is done. */
    void lead(Whereabouts at) {
        way.accept(at);
    }

    /** Whether it has been done on the commission in hand. @param figures with which the wearer was begun */
    boolean isDone(Workshop workshop, MeasurementSet figures) {
        return switch (this) {
            case WEARER -> !workshop.commission().measurements().taken().isEmpty();
            case WAIST ->
                !Objects.equals(
                        workshop.commission().measurements().taken().get(MeasurementKey.WAIST),
                        figures.taken().get(MeasurementKey.WAIST));
            case EASE -> !workshop.commission().garment().ease().isEmpty();
            case SEAM -> !workshop.commission().garment().intakes().isEmpty();
            case PIECES -> workshop.whereabouts().isAt(Stage.PIECES);
            case TOILE ->
                workshop.book()
                        .sent()
                        .last(workshop.id(), Receiver.TABLE.name())
                        .isPresent();
            case DONE -> false;
        };
    }
}
