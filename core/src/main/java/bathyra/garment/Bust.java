package bathyra.garment;

import bathyra.length.Length;
import bathyra.place.ContourWedge;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How the bust is shaped and how closely the garment hugs.
 *
 * @param wedges the contour wedges that are closed, each with its width at the mouth
 * @param wired whether a wire lies under each cut cup
 */
public record Bust(CupKind cups, Map<ContourWedge, Length> wedges, boolean wired) {
    /** What stands until something else is chosen. */
    public static final Bust PRINCESS = new Bust(CupKind.PRINCESS, Map.of(), false);

    public Bust {
        wedges = Map.copyOf(wedges);
    }

    public Bust withCups(CupKind next) {
        return new Bust(next, wedges, wired && next.isCut());
    }

    /** The same with or without wires; only a cut cup has a seam to lay one on. */
    public Bust withWires(boolean next) {
        return new Bust(cups, wedges, next && cups.isCut());
    }

    /** The same with every wedge left open. */
    public Bust withoutWedges() {
        return new Bust(cups, Map.of(), wired);
    }

    public Bust withWedge(ContourWedge wedge, Length width) {
        Map<ContourWedge, Length> next = copy();
        next.put(wedge, width);
        return new Bust(cups, next, wired);
    }

    public Bust withoutWedge(ContourWedge wedge) {
        Map<ContourWedge, Length> next = copy();
        next.remove(wedge);
        return new Bust(cups, next, wired);
    }

    /** A usual set in place of all wedges, each at its usual width. */
    public Bust withSet(List<ContourWedge> set) {
        Map<ContourWedge, Length> next = new EnumMap<>(ContourWedge.class);
        set.forEach(w -> next.put(w, w.standard()));
        return new Bust(cups, next, wired);
    }

    /** The width of a wedge, mm; nothing when it is not closed. */
    public double width(ContourWedge wedge) {
        return wedges.containsKey(wedge) ? wedges.get(wedge).millimetres() : 0;
    }

    /** Whether centre front is no longer straight. */
    public boolean bendsCentreFront() {
        return wedges.keySet().stream().anyMatch(w -> w.bendsCentreFront() && width(w) > 0);
    }

    private Map<ContourWedge, Length> copy() {
        Map<ContourWedge, Length> next = new EnumMap<>(ContourWedge.class);
        next.putAll(wedges);
        return next;
    }
}
