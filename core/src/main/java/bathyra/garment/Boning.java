package bathyra.garment;

import bathyra.length.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the cutter has chosen for bones and hardware; the rest stands by rule (C13).
 *
 * @param width how wide the bones are
 * @param kinds kinds chosen by hand, by the channel
 * @param without channels that the rule places and that are left out
 * @param panels channels inside panels that were placed by hand
 * @param stops how far from the upper and the lower edge a channel ends, by the channel
 * @param busk the busk's length, chosen by hand
 * @param eyelets how far apart the eyelets are
 */
public record Boning(
        Optional<Length> width,
        Map<String, BoneKind> kinds,
        Set<String> without,
        List<PanelBone> panels,
        Map<String, Stop> stops,
        Optional<Length> busk,
        Optional<Length> eyelets) {
    /** Everything by rule. */
    public static final Boning BY_RULE =
            new Boning(Optional.empty(), Map.of(), Set.of(), List.of(), Map.of(), Optional.empty(), Optional.empty());
    /** The width of bone where the cutter has not chosen one (C13.1). */
    public static final Length USUAL_WIDTH = Length.mm(7);
    /** The widths in which bones are sold. */
    public static final List<Length> WIDTHS = List.of(Length.mm(5), Length.mm(7), Length.mm(10));

    public static final Length EYELETS_LEAST = Length.mm(8);
    public static final Length EYELETS_MOST = Length.mm(40);
    public static final Length BUSK_LEAST = Length.mm(150);
    public static final Length BUSK_MOST = Length.mm(500);

    /**
     * A channel inside a panel.
     *
     * @param id what it is called; one that the rule placed keeps its id when it is moved
     * @param piece the panel
     * @param share how far across the panel it stands: 0 at the edge nearer centre front, 1 at the other
     */
    public record PanelBone(String id, String piece, double share) {
        public PanelBone {
            if (!(share >= 0 && share <= 1)) {
                throw new IllegalArgumentException("a channel stands from 0 to 1 across its panel, was " + share);
            }
        }
    }

    /** How far a channel ends before the edges, mm along it. @param above below the upper edge @param below above the lower edge */
    public record Stop(Length above, Length below) {
        public static final Stop NONE = new Stop(Length.mm(0), Length.mm(0));
    }

    public Boning {
        kinds = Map.copyOf(kinds);
        without = Set.copyOf(without);
        panels = List.copyOf(panels);
        stops = Map.copyOf(stops);
    }

    /** What remains when the panels become others: nothing that names a channel. */
    Boning ofOtherPieces() {
        return new Boning(width, Map.of(), Set.of(), List.of(), Map.of(), busk, eyelets);
    }

    public Boning withWidth(Optional<Length> next) {
        return new Boning(next, kinds, without, panels, stops, busk, eyelets);
    }

    public Boning withKind(String channel, Optional<BoneKind> kind) {
        return new Boning(width, Finish.changed(kinds, channel, kind), without, panels, stops, busk, eyelets);
    }

    /** The same with a channel placed by hand, or moved. */
    public Boning withPanel(PanelBone bone) {
        List<PanelBone> next = new ArrayList<>(panels);
        next.removeIf(b -> b.id().equals(bone.id()));
        next.add(bone);
        Set<String> left = new HashSet<>(without);
        left.remove(bone.id());
        return new Boning(width, kinds, left, next, stops, busk, eyelets);
    }

    /** The same without a channel, wherever it came from. */
    public Boning without(String channel) {
        Set<String> left = new HashSet<>(without);
        left.add(channel);
        return new Boning(
                width,
                Finish.changed(kinds, channel, Optional.empty()),
                left,
                panels.stream().filter(b -> !b.id().equals(channel)).toList(),
                Finish.changed(stops, channel, Optional.empty()),
                busk,
                eyelets);
    }

    /** The same with a channel back as the rule places it. */
    public Boning byRule(String channel) {
        Set<String> left = new HashSet<>(without);
        left.remove(channel);
        return new Boning(
                width,
                Finish.changed(kinds, channel, Optional.empty()),
                left,
                panels.stream().filter(b -> !b.id().equals(channel)).toList(),
                Finish.changed(stops, channel, Optional.empty()),
                busk,
                eyelets);
    }

    public Boning withStop(String channel, Stop stop) {
        Map<String, Stop> next = new HashMap<>(stops);
        next.put(channel, stop);
        return new Boning(width, kinds, without, panels, next, busk, eyelets);
    }

    public Boning withBusk(Optional<Length> next) {
        return new Boning(width, kinds, without, panels, stops, next, eyelets);
    }

    public Boning withEyelets(Optional<Length> next) {
        return new Boning(width, kinds, without, panels, stops, busk, next);
    }

    /** An id for a channel of the cutter's own that no other has. */
    public String nextOwn() {
        int number = 1;
        for (int n = number; panels.stream().map(PanelBone::id).toList().contains("own-" + n); n++) {
            number = n + 1;
        }
        return "own-" + number;
    }

    /** How wide the bones are, chosen or usual. */
    public Length boneWidth() {
        return width.orElse(USUAL_WIDTH);
    }
}
