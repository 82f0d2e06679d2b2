package bathyra.foreign;

import bathyra.geometry.Path;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Says which edges of pieces from elsewhere are sewn together: the cutter names them, or edges that agree are found. */
public final class Sewing {
    /** Shorter edges are not matched by their length alone, mm. */
    private static final double LONG = 60;

    private static final double ALIKE = 8;
    private static final double ALIKE_SHARE = 0.02;

    private Sewing() {}

    /** The same pattern with two edges sewn together; seams in which either was before are undone. */
    public static Pattern sewn(Pattern pattern, SeamJoin.Ref a, SeamJoin.Ref b) {
        List<SeamJoin> seams = new ArrayList<>(pattern.seams());
        seams.removeIf(s -> touches(s, a) || touches(s, b));
        seams.add(new SeamJoin(
                "S" + number(seams),
                pattern.piece(a.piece()).name() + " to "
                        + pattern.piece(b.piece()).name(),
                a,
                b));
        return with(pattern, seams);
    }

    private static int number(List<SeamJoin> seams) {
        return seams.stream()
                        .mapToInt(s -> s.id().matches("S\\d{1,6}") ? Integer.parseInt(s.id().substring(1)) : 0)
                        .max()
                        .orElse(0)
                + 1;
    }

    /** The same pattern without a seam. */
    public static Pattern unsewn(Pattern pattern, SeamJoin seam) {
        return with(
                pattern, pattern.seams().stream().filter(s -> !s.equals(seam)).toList());
    }

    private static boolean touches(SeamJoin seam, SeamJoin.Ref ref) {
        return seam.a().equals(ref) || seam.b().equals(ref);
    }

    /** The pattern with these seams; an edge that is sewn is a seam, one that no longer is, an edge. */
    private static Pattern with(Pattern pattern, List<SeamJoin> seams) {
        List<Piece> pieces = pattern.pieces().stream()
                .map(piece -> piece.withOutline(piece.outline().stream()
                        .map(edge -> {
                            Optional<SeamJoin> seam = seams.stream()
                                    .filter(s -> touches(s, new SeamJoin.Ref(piece.id(), edge.name())))
                                    .findFirst();
                            boolean was = edge.kind() == OutlineEdge.Kind.SEAM;
                            return new OutlineEdge(
                                    edge.name(),
                                    seam.isPresent()
                                            ? OutlineEdge.Kind.SEAM
                                            : was ? OutlineEdge.Kind.EDGE : edge.kind(),
                                    seam.map(SeamJoin::id),
                                    edge.path());
                        })
                        .toList()))
                .toList();
        return new Pattern(pattern.title(), pattern.method(), pattern.levels(), pieces, seams, pattern.waistToLap());
    }

    /**
     * The pattern with the seams that the pieces themselves suggest: of two that lie beside each other the edges that face each
     * other, when they are about equally long. Seams that are named already stay.
     */
    public static Pattern suggested(Pattern pattern) {
        Pattern sewn = pattern;
        for (int i = 0; i + 1 < pattern.pieces().size(); i++) {
            Piece left = pattern.pieces().get(i);
            Piece right = pattern.pieces().get(i + 1);
            Optional<OutlineEdge> a = facing(left, true);
            Optional<OutlineEdge> b = facing(right, false);
            if (a.isPresent()
                    && b.isPresent()
                    && areAlike(a.get().path(), b.get().path())) {
                SeamJoin.Ref refA = new SeamJoin.Ref(left.id(), a.get().name());
                SeamJoin.Ref refB = new SeamJoin.Ref(right.id(), b.get().name());
                if (sewn.seams().stream().noneMatch(s -> touches(s, refA) || touches(s, refB))) {
                    sewn = sewn(sewn, refA, refB);
                }
            }
        }
        return sewn;
    }

    /** The long upright edge that lies farthest to one side. */
    private static Optional<OutlineEdge> facing(Piece piece, boolean toTheRight) {
        Comparator<OutlineEdge> across = Comparator.comparingDouble(
                e -> e.path().at(e.path().length() / 2).point().x());
        return piece.outline().stream()
                .filter(e -> e.path().length() >= LONG
                        && Math.abs(e.path().end().y() - e.path().start().y())
                                > Math.abs(e.path().end().x() - e.path().start().x()))
                .max(toTheRight ? across : across.reversed());
    }

    private static boolean areAlike(Path a, Path b) {
        return Math.abs(a.length() - b.length()) <= Math.max(ALIKE, ALIKE_SHARE * a.length());
    }
}
