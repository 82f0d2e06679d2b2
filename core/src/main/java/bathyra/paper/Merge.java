package bathyra.paper;

import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;

/** Merge: two sheets are laid together along a seam and become one, the edges beside the seam blended. */
public final class Merge {
    private static final double NARROWER = 0.75;
    private static final double LEAST_REACH = 3;
    /** No blend is made to bend more tightly than can be sewn, with something to spare. */
    private static final double SEWN = 14;

    private Merge() {}

    /** How a sheet is laid so that one of its edges lies along another's: end on start, by the straight line between the ends. */
    public static Motion laying(Path edge, Path against) {
        Vec chord = edge.end().to(edge.start());
        Vec partner = against.start().to(against.end());
        // What the two chords differ by is shared between both ends.
        Point middle = edge.start().between(edge.end(), 0.5);
        return Motion.laying(middle, chord, against.start().between(against.end(), 0.5), partner);
    }

    /**
     * Joins the second sheet to the first. Edges of one name that come to follow each other become one.
     *
     * @param seam the name of the edge that is closed, in both sheets
     * @param reach how far from the closed seam the edges beside it are blended, mm
     */
    public static Sheet along(Sheet first, Sheet second, String seam, double reach) {
        Sheet laid =
                second.moved(laying(second.edge(seam).path(), first.edge(seam).path()));
        // Clockwise round the first from behind the seam to before it, then round the second.
        List<OutlineEdge> one = from(first, seam);
        List<OutlineEdge> two = from(laid, seam);
        List<OutlineEdge> ring = new ArrayList<>(one);
        ring.addAll(two);
        blend(ring, one.size() - 1, one.size(), reach);
        blend(ring, ring.size() - 1, 0, reach);
        List<LevelMark> marks = new ArrayList<>(first.marks());
        marks.addAll(laid.marks());
        List<Piece.Corner> declared = new ArrayList<>(first.declared());
        declared.addAll(laid.declared());
        return new Sheet(first.id(), first.name(), first.front(), joined(ring), marks, declared);
    }

    private static List<OutlineEdge> from(Sheet sheet, String seam) {
        List<OutlineEdge> edges = new ArrayList<>();
        for (int k = 1; k < sheet.outline().size(); k++) {
            edges.add(sheet.beside(seam, k));
        }
        return edges;
    }

    private static void blend(List<OutlineEdge> ring, int before, int after, double reach) {
        OutlineEdge a = ring.get(before);
        OutlineEdge b = ring.get(after);
        Blend.Blended blended = Blend.across(a.path(), b.path(), reach);
        // Cutting the corner shortens both edges; where they are sewn to others they may lose no more than is taken up
        // without notice.
        for (double less = reach * NARROWER;
                isSewn(a, b) && lost(a, b, blended) > Tolerance.SEAM / 2 && less > LEAST_REACH;
                less *= NARROWER) {
            Blend.Blended next = Blend.across(a.path(), b.path(), less);
            if (Math.min(next.before().tightest(), next.after().tightest()) < SEWN) {
                break;
            }
            blended = next;
        }
        ring.set(before, new OutlineEdge(a.name(), a.kind(), a.seam(), blended.before()));
        ring.set(after, new OutlineEdge(b.name(), b.kind(), b.seam(), blended.after()));
    }

    private static boolean isSewn(OutlineEdge a, OutlineEdge b) {
        return a.kind() == OutlineEdge.Kind.SEAM || b.kind() == OutlineEdge.Kind.SEAM;
    }

    private static double lost(OutlineEdge a, OutlineEdge b, Blend.Blended blended) {
        return Math.max(
                Math.abs(a.path().length() - blended.before().length()),
                Math.abs(b.path().length() - blended.after().length()));
    }

    private static List<OutlineEdge> joined(List<OutlineEdge> ring) {
        List<OutlineEdge> next = new ArrayList<>();
        for (OutlineEdge edge : ring) {
            OutlineEdge last = next.isEmpty() ? null : next.get(next.size() - 1);
            if (last != null && last.name().equals(edge.name())) {
                next.set(
                        next.size() - 1,
                        new OutlineEdge(
                                last.name(),
                                last.kind(),
                                last.seam(),
                                last.path().then(edge.path())));
            } else {
                next.add(edge);
            }
        }
        OutlineEdge last = next.get(next.size() - 1);
        if (next.size() > 1 && last.name().equals(next.get(0).name())) {
            next.set(
                    0,
                    new OutlineEdge(
                            last.name(),
                            last.kind(),
                            last.seam(),
                            last.path().then(next.get(0).path())));
            next.remove(next.size() - 1);
        }
        return next;
    }
}
