package bathyra.foreign;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A level line carried from a piece on which its height is known to every piece that it meets along what is sewn: where a seam is crossed it
 * goes on from the same place of the other edge, square to the grain.
 */
final class LevelWalk {
    /** A curve is crossed as lines that leave it by no more than this, mm. */
    private static final double CHORD = 0.05;

    private final Pattern pattern;
    private final String level;

    /**
     * A piece that the line crosses.
     *
     * @param mark from the edge by which it was entered, of the first piece from the left
     * @param in the edge at its start
     * @param out the edge at its end
     */
    record Crossed(String piece, LevelMark mark, String in, String out) {
        Crossed turned() {
            return new Crossed(piece, new LevelMark(mark.level(), mark.to(), mark.from()), out, in);
        }
    }

    /** @param pattern its pieces upright @param level the id of the level */
    LevelWalk(Pattern pattern, String level) {
        this.pattern = pattern;
        this.level = level;
    }

    /**
     * The pieces in the order in which they are sewn round, the one it begins on among them; each is crossed onwards.
     *
     * @param y the height of the line on that piece, mm downwards
     * @return nothing where the line misses it
     */
    List<Crossed> from(Piece piece, double y) {
        List<Hit> hits = hits(piece, y);
        if (hits.size() < 2) {
            return List.of();
        }
        Crossed first = crossed(piece, hits.get(0), hits.get(hits.size() - 1));
        Set<String> seen = new HashSet<>(Set.of(piece.id()));
        Deque<Crossed> chain = new ArrayDeque<>(List.of(first));
        for (Optional<Crossed> next = across(first, seen); next.isPresent(); next = across(next.get(), seen)) {
            chain.addLast(next.get());
        }
        for (Optional<Crossed> next = across(first.turned(), seen); next.isPresent(); next = across(next.get(), seen)) {
            chain.addFirst(next.get().turned());
        }
        return new ArrayList<>(chain);
    }

    /** Where a height crosses the outline of a piece. */
    private record Hit(String edge, Point at) {}

    /** From the left. */
    private static List<Hit> hits(Piece piece, double y) {
        List<Hit> hits = new ArrayList<>();
        for (OutlineEdge edge : piece.outline()) {
            List<Point> line = edge.path().flattened(CHORD);
            for (int i = 1; i < line.size(); i++) {
                Point a = line.get(i - 1);
                Point b = line.get(i);
                if (a.y() < y != b.y() < y) {
                    hits.add(new Hit(edge.name(), a.between(b, (y - a.y()) / (b.y() - a.y()))));
                }
            }
        }
        hits.sort(Comparator.comparingDouble(h -> h.at().x()));
        return hits;
    }

    private Crossed crossed(Piece piece, Hit from, Hit to) {
        return new Crossed(piece.id(), new LevelMark(level, from.at(), to.at()), from.edge(), to.edge());
    }

    /** The piece that is sewn on where the line leaves one. */
    private Optional<Crossed> across(Crossed from, Set<String> seen) {
        SeamJoin.Ref leaves = new SeamJoin.Ref(from.piece(), from.out());
        return pattern.seams().stream()
                .filter(s -> s.a().equals(leaves) != s.b().equals(leaves))
                .findFirst()
                .flatMap(seam -> entered(seam, leaves, from.mark().to(), seen));
    }

    private Optional<Crossed> entered(SeamJoin seam, SeamJoin.Ref leaves, Point at, Set<String> seen) {
        boolean first = seam.a().equals(leaves);
        SeamJoin.Ref enters = first ? seam.b() : seam.a();
        Piece piece = pattern.piece(enters.piece());
        if (!seen.add(piece.id())) {
            return Optional.empty();
        }
        Point there = partner(SeamPair.of(pattern, seam), first, at);
        Hit in = new Hit(enters.edge(), there);
        return hits(piece, there.y()).stream()
                .filter(h -> !h.edge().equals(enters.edge()))
                .max(Comparator.comparingDouble(h -> h.at().distance(there)))
                .map(out -> crossed(piece, in, out));
    }

    /** The place of the other edge that is sewn to a place of the one. */
    private static Point partner(SeamPair pair, boolean first, Point at) {
        Path own = first ? pair.a() : pair.b();
        Path other = first ? pair.b() : pair.a();
        double arc = own.nearest(at).arc();
        List<SeamPair.Meeting> down = pair.meetings().stream()
                .sorted(Comparator.comparingDouble(SeamPair.Meeting::arcA))
                .toList();
        for (int i = 1; i < down.size(); i++) {
            double here = first ? down.get(i - 1).arcA() : down.get(i - 1).arcB();
            double next = first ? down.get(i).arcA() : down.get(i).arcB();
            if (arc <= next && next > here) {
                double share = Math.max(0, (arc - here) / (next - here));
                double from = first ? down.get(i - 1).arcB() : down.get(i - 1).arcA();
                double to = first ? down.get(i).arcB() : down.get(i).arcA();
                return other.at(from + share * (to - from)).point();
            }
        }
        return other.end();
    }
}
