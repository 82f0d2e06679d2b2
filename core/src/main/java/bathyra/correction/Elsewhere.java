package bathyra.correction;

import bathyra.draft.Draft;
import bathyra.length.Length;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A figure that two drafts have differently, measured on their finished panels.
 *
 * @param name what it is
 */
public record Elsewhere(String name, Length before, Length after) {
    /** Less is not seen, mm. */
    private static final double SEEN = 0.5;

    public double by() {
        return after.millimetres() - before.millimetres();
    }

    /** Every girth, length and edge that moves, and the gap that would be left where one was measured. */
    public static List<Elsewhere> between(Draft before, Draft after) {
        List<Elsewhere> all = new ArrayList<>();
        List<Piece> was = before.panelPieces();
        List<Piece> is = after.panelPieces();
        for (Level level : Level.values()) {
            add(all, level.label(), girth(before, was, level), girth(after, is, level));
        }
        for (double above : heights(after)) {
            add(
                    all,
                    "Girth where it is pinched",
                    Measured.across(was, above).map(w -> 2 * w),
                    Measured.across(is, above).map(w -> 2 * w));
        }
        for (SeamJoin seam : before.cutting().whole().seams()) {
            add(all, seam.name() + " seam, long", length(was, seam), length(is, seam));
        }
        centre(all, "Centre front, long", was.get(0), is.get(0), true);
        centre(all, "Centre back, long", was.get(was.size() - 1), is.get(is.size() - 1), false);
        add(all, "Apex from centre front", apex(before, true), apex(after, true));
        add(all, "Apex below the shoulder", apex(before, false), apex(after, false));
        for (boolean upper : new boolean[] {true, false}) {
            String edge = upper ? "Upper edge" : "Lower edge";
            for (double place : new double[] {0, 0.5, 1}) {
                String where = place == 0 ? " at centre front" : place == 1 ? " at centre back" : " half way";
                add(
                        all,
                        edge + where + ", from the waist",
                        Measured.edge(was, upper, place).map(Math::abs),
                        Measured.edge(is, upper, place).map(Math::abs));
            }
        }
        return all;
    }

    /** Where something is pinched between the levels, mm above the waist. */
    private static List<Double> heights(Draft draft) {
        return draft.commission().garment().found().between().stream()
                .map(p -> p.above().millimetres())
                .distinct()
                .toList();
    }

    private static Optional<Double> girth(Draft draft, List<Piece> panels, Level level) {
        return Measured.girth(panels, level)
                .map(g -> g + draft.commission().garment().gap().value());
    }

    private static Optional<Double> apex(Draft draft, boolean along) {
        return draft.cutting()
                .apex()
                .map(a -> along ? a.atInner().x() : a.atInner().y());
    }

    private static Optional<Double> length(List<Piece> panels, SeamJoin seam) {
        return panels.stream()
                .filter(p -> p.id().equals(seam.a().piece()))
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().equals(seam.a().edge()))
                .map(e -> e.path().length())
                .findFirst();
    }

    private static void centre(List<Elsewhere> all, String name, Piece was, Piece is, boolean front) {
        add(all, name, centre(was, front), centre(is, front));
    }

    private static Optional<Double> centre(Piece panel, boolean front) {
        List<OutlineEdge> ring = panel.outline();
        return Optional.of(ring.get(front ? ring.size() - 1 : 1).path().length());
    }

    private static void add(List<Elsewhere> all, String name, Optional<Double> before, Optional<Double> after) {
        if (before.isPresent() && after.isPresent() && Math.abs(after.get() - before.get()) > SEEN) {
            all.add(new Elsewhere(name, Length.mm(before.get()), Length.mm(after.get())));
        }
    }
}
