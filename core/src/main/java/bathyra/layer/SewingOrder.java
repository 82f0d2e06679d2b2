package bathyra.layer;

import bathyra.piece.EdgeRole;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** In which order the seams are sewn, and which edge meets which: small parts first, front and back apart, then the side and the shoulder (C16). */
public final class SewingOrder {
    private SewingOrder() {}

    /** One seam to sew. @param number from 1 */
    public record Step(int number, SeamJoin seam, Piece first, Piece second) {
        /** The step in words: which piece to which, and from where. */
        public String words() {
            String what = isOnItself()
                    ? first.order() + " " + first.name() + ": close it, or sew it to the other half"
                    : first.order() + " " + first.name() + " to " + second.order() + " " + second.name();
            boolean fromWaist = first.mark(Level.WAIST).isPresent()
                    && second.mark(Level.WAIST).isPresent();
            return what + (fromWaist ? ", from the waist outwards" : "");
        }

        private boolean isOnItself() {
            return seam.a().equals(seam.b());
        }
    }

    /** What is sewn before any seam: the darts inside the pieces, in words. */
    public static List<String> darts(Pattern pattern) {
        return pattern.pieces().stream()
                .flatMap(p -> p.darts().stream()
                        .map(d -> p.order() + " " + p.name() + ": " + d.name().toLowerCase(Locale.ROOT)
                                + ", from where it is widest to its ends"))
                .toList();
    }

    public static List<Step> of(Pattern pattern) {
        List<SeamJoin> seams = new ArrayList<>(pattern.seams());
        seams.sort(Comparator.comparingInt(
                        (SeamJoin s) -> part(pattern.piece(s.a().piece()), pattern.piece(s.b().piece()), s))
                .thenComparingInt(s -> least(pattern, s)));
        List<Step> steps = new ArrayList<>();
        for (SeamJoin seam : seams) {
            steps.add(new Step(
                    steps.size() + 1,
                    seam,
                    pattern.piece(seam.a().piece()),
                    pattern.piece(seam.b().piece())));
        }
        return steps;
    }

    private static int least(Pattern pattern, SeamJoin seam) {
        return Math.min(
                pattern.piece(seam.a().piece()).order(),
                pattern.piece(seam.b().piece()).order());
    }

    /** When a seam's turn comes, by the pieces that it joins. */
    private static int part(Piece a, Piece b, SeamJoin seam) {
        if (isPart(a, PieceRole.CUP) && isPart(b, PieceRole.CUP)) {
            return 0;
        }
        if (isSetOn(a) || isSetOn(b)) {
            return isSetOn(a) && isSetOn(b) ? 7 : 8;
        }
        if (isPart(a, PieceRole.YOKE) || isPart(b, PieceRole.YOKE)) {
            return a.front() == b.front() ? 3 : 6;
        }
        if (isPart(a, PieceRole.CUP) || isPart(b, PieceRole.CUP)) {
            return 2;
        }
        if (a.front() != b.front()) {
            return seam.a().role() == EdgeRole.SHOULDER ? 6 : 5;
        }
        return a.front() ? 1 : 4;
    }

    /** Whether a piece belongs to what is sewn together by itself and set on when the body is closed. */
    private static boolean isSetOn(Piece piece) {
        return isPart(piece, PieceRole.PEPLUM)
                || isPart(piece, PieceRole.SLEEVE)
                || piece.role().isSkirt();
    }

    private static boolean isPart(Piece piece, PieceRole role) {
        return piece.role() == role;
    }
}
