package bathyra.foreign;

import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * A pattern from elsewhere made ready to lie round a body (C21): two heights that are known on one piece are carried along what is sewn to all
 * the others, the pieces are put in wearing order with centre front to the left, and the edges at the two middles are named.
 *
 * @param pattern empty of pieces where there are faults
 * @param notes what was assumed or left out
 * @param faults why it cannot lie round a body, and what to do
 */
public record Levelled(Pattern pattern, List<Sentence> notes, List<Sentence> faults) {
    /** A height is known by two lines. */
    private static final int LINES_LEAST = 2;

    public Levelled {
        notes = List.copyOf(notes);
        faults = List.copyOf(faults);
    }

    /** Whether a pattern has the lines of two levels at least, so that nothing need be asked. */
    public static boolean isMarked(Pattern pattern) {
        return Arrays.stream(Level.values())
                        .filter(l -> pattern.pieces().stream()
                                .anyMatch(p -> p.mark(l).isPresent()))
                        .count()
                >= LINES_LEAST;
    }

    /**
     * @param from the id of the piece on which the heights are known
     * @param depths how far below its highest place each level lies, mm
     * @param laced whether its edges behind stay apart
     */
    public static Levelled of(Pattern drawn, String from, Map<Level, Double> depths, boolean laced) {
        List<Sentence> faults = refused(drawn, from, depths);
        if (!faults.isEmpty()) {
            return none(drawn, faults);
        }
        Pattern upright =
                with(drawn, drawn.pieces().stream().map(Piece::upright).toList(), drawn.seams());
        List<List<LevelWalk.Crossed>> walks = new ArrayList<>();
        Piece piece = upright.piece(from);
        for (Map.Entry<Level, Double> each : depths.entrySet()) {
            List<LevelWalk.Crossed> walk =
                    new LevelWalk(upright, each.getKey().id()).from(piece, top(piece) + each.getValue());
            if (walk.isEmpty()) {
                return none(
                        drawn,
                        List.of(Sentence.of(
                                "At {} below its top there is no cloth of \"" + piece.name()
                                        + "\": say again how deep the "
                                        + each.getKey().label().toLowerCase(Locale.ROOT) + " lies.",
                                Length.mm(each.getValue()))));
            }
            walks.add(walk);
        }
        return round(upright, walks, laced);
    }

    private static Levelled none(Pattern drawn, List<Sentence> faults) {
        return new Levelled(with(drawn, List.of(), List.of()), List.of(), faults);
    }

    private static List<Sentence> refused(Pattern drawn, String from, Map<Level, Double> depths) {
        if (depths.size() < LINES_LEAST) {
            return List.of(Sentence.of("Say how deep two levels lie on one piece: the waist and one more."));
        }
        List<Level> down = depths.keySet().stream().sorted().toList();
        for (int i = 1; i < down.size(); i++) {
            if (depths.get(down.get(i)) <= depths.get(down.get(i - 1))) {
                return List.of(Sentence.of(
                        "The " + down.get(i).label().toLowerCase(Locale.ROOT) + " lies below the "
                                + down.get(i - 1).label().toLowerCase(Locale.ROOT)
                                + ": {} and {} below the top of the piece are the wrong way round.",
                        Length.mm(depths.get(down.get(i))),
                        Length.mm(depths.get(down.get(i - 1)))));
            }
        }
        boolean sewn = drawn.seams().stream()
                .anyMatch(s -> s.a().piece().equals(from) || s.b().piece().equals(from));
        return sewn || drawn.pieces().size() == 1
                ? List.of()
                : List.of(Sentence.of("\"" + drawn.piece(from).name()
                        + "\" is sewn to nothing. Sew the pieces to each other first, or take a piece that is sewn."));
    }

    private static double top(Piece piece) {
        return piece.flattened(1).stream().mapToDouble(Point::y).min().orElse(0);
    }

    private static Levelled round(Pattern upright, List<List<LevelWalk.Crossed>> found, boolean laced) {
        List<Sentence> notes = new ArrayList<>();
        List<List<LevelWalk.Crossed>> walks = found;
        List<String> order = order(walks);
        if (beginsBehind(upright, order)) {
            walks = walks.stream().map(Levelled::turned).toList();
            order = order(walks);
        }
        if (order.stream().map(upright::piece).noneMatch(Piece::front)) {
            notes.add(Sentence.of("Taken as the middle in front: \""
                    + upright.piece(order.get(0)).name()
                    + "\". If it lies elsewhere, say which pieces belong to the front."));
        }
        int fronts = fronts(upright, order);
        Set<String> held = sewnTo(upright, order);
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : upright.pieces()) {
            if (held.contains(piece.id())) {
                pieces.add(placed(piece, order, fronts, walks, laced));
            } else {
                notes.add(Sentence.of("Left out, because it is sewn to nothing: \"" + piece.name() + "\"."));
            }
        }
        pieces.sort(Comparator.comparingInt(Piece::order));
        List<SeamJoin> seams = upright.seams().stream()
                .filter(s -> held.contains(s.a().piece()))
                .toList();
        return new Levelled(with(upright, pieces, seams), notes, List.of());
    }

    private static List<LevelWalk.Crossed> turned(List<LevelWalk.Crossed> walk) {
        List<LevelWalk.Crossed> back =
                new ArrayList<>(walk.stream().map(LevelWalk.Crossed::turned).toList());
        Collections.reverse(back);
        return back;
    }

    /** The pieces of the longest walk, those of others behind the piece that they follow there. */
    private static List<String> order(List<List<LevelWalk.Crossed>> walks) {
        List<List<LevelWalk.Crossed>> longest = new ArrayList<>(walks);
        longest.sort(Comparator.comparingInt(w -> -w.size()));
        List<String> order = new ArrayList<>();
        for (List<LevelWalk.Crossed> walk : longest) {
            int at = 0;
            for (LevelWalk.Crossed each : walk) {
                int known = order.indexOf(each.piece());
                if (known < 0) {
                    order.add(at, each.piece());
                    at++;
                } else {
                    at = known + 1;
                }
            }
        }
        return order;
    }

    /** The end that belongs to the front is the beginning; where that is not said, the one that was drawn first. */
    private static boolean beginsBehind(Pattern pattern, List<String> order) {
        Piece first = pattern.piece(order.get(0));
        Piece last = pattern.piece(order.get(order.size() - 1));
        return first.front() == last.front() ? last.order() < first.order() : last.front();
    }

    private static Set<String> sewnTo(Pattern pattern, List<String> order) {
        Set<String> held = new HashSet<>(order);
        boolean more = true;
        while (more) {
            more = false;
            for (SeamJoin seam : pattern.seams()) {
                if (held.contains(seam.a().piece()) != held.contains(seam.b().piece())) {
                    held.add(seam.a().piece());
                    held.add(seam.b().piece());
                    more = true;
                }
            }
        }
        return held;
    }

    private static Piece placed(
            Piece piece, List<String> order, int fronts, List<List<LevelWalk.Crossed>> walks, boolean laced) {
        List<LevelWalk.Crossed> own = walks.stream()
                .flatMap(List::stream)
                .filter(c -> c.piece().equals(piece.id()))
                .toList();
        int at = order.indexOf(piece.id());
        Piece next = piece.withLevels(own.stream().map(LevelWalk.Crossed::mark).toList());
        if (at == 0) {
            next = Middle.named(next, own.stream().map(LevelWalk.Crossed::in).toList(), OutlineEdge.Kind.FOLD);
        }
        if (at == order.size() - 1) {
            next = Middle.named(
                    next,
                    own.stream().map(LevelWalk.Crossed::out).toList(),
                    laced ? OutlineEdge.Kind.CLOSURE : OutlineEdge.Kind.FOLD);
        }
        boolean mirrored = own.stream()
                .findFirst()
                .map(c -> c.mark().from().x() > c.mark().to().x())
                .orElse(false);
        int number = at < 0 ? order.size() : at;
        boolean front = at >= 0 ? at < fronts : piece.front();
        return (mirrored ? mirrored(next) : next).standing(number + 1, front);
    }

    /** So many pieces of a half are its front: up to the last that belongs to it, else half of them. */
    private static int fronts(Pattern pattern, List<String> order) {
        for (int i = order.size(); i > 0; i--) {
            if (pattern.piece(order.get(i - 1)).front()) {
                return i;
            }
        }
        return (order.size() + 1) / 2;
    }

    /** Turned over; its outline runs clockwise again. */
    private static Piece mirrored(Piece piece) {
        Piece over = piece.mapped(p -> new Point(-p.x(), p.y()));
        List<OutlineEdge> back = new ArrayList<>(over.outline().stream()
                .map(e -> new OutlineEdge(e.name(), e.kind(), e.seam(), e.path().reversed()))
                .toList());
        Collections.reverse(back);
        return over.withOutline(back);
    }

    private static Pattern with(Pattern pattern, List<Piece> pieces, List<SeamJoin> seams) {
        return new Pattern(pattern.title(), pattern.method(), pattern.levels(), pieces, seams, pattern.waistToLap());
    }
}
