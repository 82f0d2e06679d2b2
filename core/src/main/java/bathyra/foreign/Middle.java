package bathyra.foreign;

import bathyra.geometry.Point;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Names the edge of a piece that lies on the middle of the body, all the way up and down. */
final class Middle {
    /** At a corner that turns more the edge above or below is no longer the middle, degrees. */
    private static final double TURNS_MOST = 35;

    private Middle() {}

    /** @param crossed edges that lie on the middle for certain */
    static Piece named(Piece piece, Collection<String> crossed, OutlineEdge.Kind kind) {
        Set<String> middle = new HashSet<>(crossed);
        List<OutlineEdge> ring = piece.outline();
        for (int i = 0; i < ring.size(); i++) {
            if (crossed.contains(ring.get(i).name())) {
                grow(ring, i, 1, middle);
                grow(ring, i, -1, middle);
            }
        }
        List<OutlineEdge> named = new ArrayList<>();
        for (OutlineEdge edge : ring) {
            boolean ours = middle.contains(edge.name()) && edge.kind() != OutlineEdge.Kind.SEAM;
            named.add(ours ? new OutlineEdge(edge.name(), kind, Optional.empty(), edge.path()) : edge);
        }
        return piece.withOutline(named);
    }

    private static void grow(List<OutlineEdge> ring, int from, int step, Set<String> middle) {
        int at = from;
        while (true) {
            int next = Math.floorMod(at + step, ring.size());
            OutlineEdge here = ring.get(at);
            OutlineEdge there = ring.get(next);
            double turn = step > 0
                    ? here.path().endTangent().angleTo(there.path().startTangent())
                    : there.path().endTangent().angleTo(here.path().startTangent());
            if (there.kind() == OutlineEdge.Kind.SEAM
                    || !isUpright(there)
                    || Math.abs(Math.toDegrees(turn)) > TURNS_MOST
                    || !middle.add(there.name())) {
                return;
            }
            at = next;
        }
    }

    private static boolean isUpright(OutlineEdge edge) {
        Point a = edge.path().start();
        Point b = edge.path().end();
        return Math.abs(b.y() - a.y()) > Math.abs(b.x() - a.x());
    }
}
