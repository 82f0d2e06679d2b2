package bathyra.app.edges;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.garment.Garment;
import bathyra.garment.Gore;
import bathyra.length.Length;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** What can be done with gores and gussets (C8.2). */
public final class GoresModel {
    private static final double MIDDLE = 0.5;
    private static final Length HEIGHT = Length.mm(55);
    private static final Length WIDTH = Length.mm(20);
    static final double PLACE_STEP = 0.05;

    private final Workshop workshop;

    public GoresModel(Workshop workshop) {
        this.workshop = workshop;
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    List<Gore> gores() {
        return garment().gores();
    }

    private void set(String label, List<Gore> next, String thing) {
        workshop.change(label, workshop.commission().withGarment(garment().withGores(next)), InHand.of(thing));
    }

    /** Whether one can be set into the upper edge, or the lower. */
    boolean canOpen(boolean above) {
        return Gore.opensIn(garment(), above);
    }

    /** The panels that can be slit, each with its name. */
    List<Piece> panels() {
        return workshop.half().stream()
                .flatMap(d -> d.pattern().pieces().stream())
                .filter(p -> p.role().isPanel())
                .toList();
    }

    /** Sets one into the panel that is widest at that edge and has none yet. */
    public void add(boolean above) {
        Optional<Piece> widest = workshop.half().flatMap(d -> widest(d, above));
        if (widest.isEmpty() || gores().size() >= Gore.COUNT_MOST) {
            return;
        }
        workshop.letGo();
        Gore gore = new Gore(widest.get().id(), above, MIDDLE, HEIGHT, WIDTH);
        set(
                gore.name().toLowerCase(Locale.ROOT) + " in "
                        + widest.get().name().toLowerCase(Locale.ROOT),
                Stream.concat(gores().stream(), Stream.of(gore)).toList(),
                "gore added");
        workshop.letGo();
    }

    private Optional<Piece> widest(Draft draft, boolean above) {
        return draft.pattern().pieces().stream()
                .filter(p -> p.role().isPanel())
                .filter(p -> gores().stream().noneMatch(g -> g.panel().equals(p.id())))
                .max(Comparator.comparingDouble(p -> width(p, above)));
    }

    /** How long a panel's free edge is, mm. */
    private static double width(Piece piece, boolean above) {
        return piece.outline().stream()
                .filter(e -> above ? e.role().isAbove() : e.role().isBelow())
                .mapToDouble(e -> e.path().length())
                .sum();
    }

    public void away(int which) {
        workshop.letGo();
        List<Gore> next = new ArrayList<>(gores());
        Gore gone = next.remove(which);
        set(gone.name().toLowerCase(Locale.ROOT) + " taken away", next, "gore gone");
        workshop.letGo();
    }

    /** Sets a gore into another panel. */
    public void into(int which, Piece panel) {
        workshop.letGo();
        set(
                gores().get(which).name().toLowerCase(Locale.ROOT) + " into "
                        + panel.name().toLowerCase(Locale.ROOT),
                with(which, g -> new Gore(panel.id(), g.above(), g.place(), g.height(), g.width())),
                "gore-panel-" + which);
        workshop.letGo();
    }

    /** Moves a gore along its edge, in steps of a twentieth. */
    public void place(int which, double share) {
        if (which >= gores().size()) {
            return;
        }
        double held = Math.rint(share / PLACE_STEP) * PLACE_STEP;
        set(
                gores().get(which).name().toLowerCase(Locale.ROOT) + " moved along its edge",
                with(which, g -> g.at(held)),
                "gore-place-" + which);
    }

    /** Makes a gore as high as that, within what a gore may be. @param millimetres from its edge to its point */
    void height(int which, double millimetres) {
        if (which >= gores().size()) {
            return;
        }
        double held = Math.max(
                Gore.HEIGHT_LEAST.millimetres(), Math.min(Gore.HEIGHT_MOST.millimetres(), Math.rint(millimetres)));
        set(
                gores().get(which).name().toLowerCase(Locale.ROOT) + " high",
                with(which, g -> g.withHeight(Length.mm(held))),
                "gore-height-" + which);
    }

    /** Millimetres. */
    double height(int which) {
        return (which < gores().size() ? gores().get(which).height() : HEIGHT).millimetres();
    }

    double place(int which) {
        return which < gores().size() ? gores().get(which).place() : MIDDLE;
    }

    private List<Gore> with(int which, UnaryOperator<Gore> change) {
        List<Gore> next = new ArrayList<>(gores());
        next.set(which, change.apply(next.get(which)));
        return next;
    }
}
