package bathyra.correction;

import bathyra.draft.Draft;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.StringJoiner;

/**
 * What is to be moved on one panel that lies cut on the table (C15.6): edge by edge, where, by how much, and where it has run out. Read from
 * the finished outlines of both drafts.
 *
 * @param piece its id
 * @param moved one an edge
 */
public record Slip(String piece, String name, List<Sentence> moved) {
    /** Less is not cut, mm. */
    private static final double SEEN = 0.5;

    public Slip {
        moved = List.copyOf(moved);
    }

    /** One a panel on which anything moves. */
    public static List<Slip> of(Draft before, Draft after) {
        List<Slip> slips = new ArrayList<>();
        List<SeamPlace> seams = after.commission().garment().seams();
        List<Piece> was = before.panelPieces();
        List<Piece> is = after.panelPieces();
        for (int i = 0; i < Math.min(was.size(), is.size()); i++) {
            List<Sentence> moved = new ArrayList<>();
            double whole = whole(was.get(i), is.get(i));
            String left = i == 0 ? "centre front" : seams.get(i - 1).inWords();
            along(was.get(i), is.get(i), left, true, whole).ifPresent(moved::add);
            along(was.get(i), is.get(i), seams.get(i).inWords(), false, whole).ifPresent(moved::add);
            edge(was.get(i), is.get(i), true).ifPresent(moved::add);
            edge(was.get(i), is.get(i), false).ifPresent(moved::add);
            if (!moved.isEmpty()) {
                slips.add(new Slip(is.get(i).id(), is.get(i).name(), moved));
            }
        }
        return slips;
    }

    /** How far the whole panel lies farther back on the block's paper, which moves nothing on it: the middle of what its edges moved, mm. */
    private static double whole(Piece was, Piece is) {
        List<Double> moved = new ArrayList<>();
        for (Level level : Level.values()) {
            was.mark(level).ifPresent(b -> is.mark(level).ifPresent(a -> {
                moved.add(a.from().x() - b.from().x());
                moved.add(a.to().x() - b.to().x());
            }));
        }
        moved.sort(null);
        return moved.isEmpty() ? 0 : (moved.get((moved.size() - 1) / 2) + moved.get(moved.size() / 2)) / 2;
    }

    /** One long edge, level by level: what is cut off there, or added. */
    private static Optional<Sentence> along(Piece was, Piece is, String name, boolean left, double whole) {
        StringJoiner words = new StringJoiner(", ");
        List<Object> parts = new ArrayList<>();
        List<String> nothing = new ArrayList<>();
        for (Level level : Level.values()) {
            Optional<LevelMark> before = was.mark(level);
            Optional<LevelMark> after = is.mark(level);
            if (before.isEmpty() || after.isEmpty()) {
                continue;
            }
            double moved = left
                    ? before.get().from().x() - after.get().from().x() + whole
                    : after.get().to().x() - before.get().to().x() - whole;
            String low = level.label().toLowerCase(Locale.ROOT);
            if (Math.abs(moved) < SEEN) {
                nothing.add(low);
            } else {
                words.add(low + " {} " + (moved < 0 ? "less" : "more"));
                parts.add(Length.mm(Math.abs(moved)));
            }
        }
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        String out = nothing.isEmpty() ? "" : "; nothing at " + String.join(", ", nothing);
        return Optional.of(new Sentence(capital(name) + ": " + words + out + ".", parts));
    }

    /** The upper or the lower edge at its two corners and between them. */
    private static Optional<Sentence> edge(Piece was, Piece is, boolean upper) {
        Optional<Path> before = path(was, upper);
        Optional<Path> after = path(is, upper);
        if (before.isEmpty() || after.isEmpty()) {
            return Optional.empty();
        }
        String[] where = {"at the corner nearer centre front", "in the middle", "at the corner nearer centre back"};
        StringJoiner words = new StringJoiner(", ");
        List<Object> parts = new ArrayList<>();
        for (int i = 0; i < where.length; i++) {
            double lower =
                    at(after.get(), i / 2.0).y() - at(before.get(), i / 2.0).y();
            if (Math.abs(lower) >= SEEN) {
                words.add("{} " + (lower > 0 ? "lower " : "higher ") + where[i]);
                parts.add(Length.mm(Math.abs(lower)));
            }
        }
        return parts.isEmpty()
                ? Optional.empty()
                : Optional.of(new Sentence((upper ? "Upper edge: " : "Lower edge: ") + words + ".", parts));
    }

    private static Point at(Path path, double share) {
        return path.at(path.length() * share).point();
    }

    /** From the corner nearer centre front. */
    private static Optional<Path> path(Piece piece, boolean upper) {
        return piece.outline().stream()
                .filter(e -> e.role() == (upper ? EdgeRole.UPPER : EdgeRole.LOWER))
                .map(OutlineEdge::path)
                .findFirst()
                .map(p -> upper ? p : p.reversed());
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
