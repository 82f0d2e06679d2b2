package bathyra.garment;

import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Into how many panels half a corset is divided, and where its seams stand. A seam always lies at the side, between the front
 * and the back block; the others are numbered from centre front to the side and from the side to centre back.
 *
 * @param front panels of the front half
 * @param back panels of the back half
 * @param placing where the seams stand that the cutter has not moved
 * @param own axes set by hand, by the seam's id
 */
public record Panels(int front, int back, SeamPlacing placing, Map<String, SeamAxis> own) {
    public static final int LEAST = 3;
    public static final int MOST = 8;

    public Panels {
        own = Map.copyOf(own);
        if (front < 1 || back < 1 || front + back < LEAST || front + back > MOST) {
            throw new IllegalArgumentException(
                    "half a corset has from " + LEAST + " to " + MOST + " panels, not " + front + " and " + back);
        }
    }

    /** So many panels a side, one more in front where they cannot be shared equally. @throws IllegalArgumentException outside 3 to 8 */
    public static Panels of(int perSide, SeamPlacing placing) {
        return new Panels((perSide + 1) / 2, perSide / 2, placing, Map.of());
    }

    public int perSide() {
        return front + back;
    }

    /** The seams from centre front to centre back; the last is the closing edge at centre back. */
    public List<SeamPlace> seams() {
        List<SeamPlace> seams = new ArrayList<>();
        for (int i = 1; i < front; i++) {
            seams.add(SeamPlace.front(i));
        }
        seams.add(SeamPlace.SIDE);
        for (int i = 1; i < back; i++) {
            seams.add(SeamPlace.back(i));
        }
        seams.add(SeamPlace.CENTRE_BACK);
        return seams;
    }

    public SeamAxis axis(SeamPlace seam) {
        return own.getOrDefault(seam.id(), SeamAxis.PLACED);
    }

    /** The same panels with a seam's axis set by hand, or back where the placing has it. */
    public Panels withAxis(SeamPlace seam, SeamAxis axis) {
        Map<String, SeamAxis> next = new HashMap<>(own);
        if (axis.isPlaced()) {
            next.remove(seam.id());
        } else {
            next.put(seam.id(), axis);
        }
        return new Panels(front, back, placing, next);
    }

    /** The same number of panels, placed anew. */
    public Panels placed(SeamPlacing next) {
        return new Panels(front, back, next, Map.of());
    }

    public boolean canAdd() {
        return perSide() < MOST;
    }

    /** Whether a seam may be left out: not the side, and not below three panels. */
    public boolean canRemove(SeamPlace seam) {
        return perSide() > LEAST && (seam.part() == SeamPlace.Part.FRONT || seam.part() == SeamPlace.Part.BACK);
    }

    /** One seam more in front or behind. @param number which one of its part it becomes @param at its place, empty where the placing has it */
    Panels with(SeamPlace.Part part, int number, Optional<Double> at) {
        Map<String, SeamAxis> next = renamed(own, s -> s.shifted(part, number, 1));
        at.ifPresent(share -> next.put(
                (part == SeamPlace.Part.FRONT ? SeamPlace.front(number) : SeamPlace.back(number)).id(),
                SeamAxis.PLACED.at(share)));
        return new Panels(
                front + (part == SeamPlace.Part.FRONT ? 1 : 0),
                back + (part == SeamPlace.Part.BACK ? 1 : 0),
                placing,
                next);
    }

    /** The same without a seam. */
    Panels without(SeamPlace seam) {
        Map<String, SeamAxis> left = new HashMap<>(own);
        left.remove(seam.id());
        Map<String, SeamAxis> next = renamed(left, s -> s.shifted(seam.part(), seam.number() + 1, -1));
        return new Panels(
                front - (seam.part() == SeamPlace.Part.FRONT ? 1 : 0),
                back - (seam.part() == SeamPlace.Part.BACK ? 1 : 0),
                placing,
                next);
    }

    /** What is kept by seam, under the numbers that the seams have now. */
    static <V> Map<String, V> renamed(Map<String, V> bySeam, UnaryOperator<SeamPlace> number) {
        Map<String, V> next = new HashMap<>();
        bySeam.forEach((id, value) ->
                next.put(number.apply(SeamPlace.ofId(id).orElseThrow()).id(), value));
        return next;
    }
}
