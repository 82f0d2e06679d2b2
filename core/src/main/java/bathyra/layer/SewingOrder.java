package bathyra.layer;

import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** In which order the seams are sewn, and which edge meets which: small parts first, front and back apart, then the side and the shoulder (C16). */
public final class SewingOrder {
    private SewingOrder() {}

    /** One seam to sew. @param number from 1 */
    public record Step(int number, SeamJoin seam, Piece first, Piece second) {
        /** The step in words: which piece to which, and from where. */
        public String words() {
            String what = isOnItself() ? first.order() + " " + first.name() + ": close it, or sew it to the other half"
                    : first.order() + " " + first.name() + " to " + second.order() + " " + second.name();
            boolean fromWaist = first.mark("waist").isPresent() && second.mark("waist").isPresent();
            return what + (fromWaist ? ", from the waist outwards" : "");
        }

        private boolean isOnItself() {
            return seam.a().equals(seam.b());
        }
    }

    public static List<Step> of(Pattern pattern) {
        List<SeamJoin> seams = new ArrayList<>(pattern.seams());
        seams.sort(Comparator.comparingInt((SeamJoin s) -> part(pattern.piece(s.a().piece()), pattern.piece(s.b().piece()), s)).thenComparingInt(s -> least(pattern, s)));
        List<Step> steps = new ArrayList<>();
        for (SeamJoin seam : seams) {
            steps.add(new Step(steps.size() + 1, seam, pattern.piece(seam.a().piece()), pattern.piece(seam.b().piece())));
        }
        return steps;
    }

    private static int least(Pattern pattern, SeamJoin seam) {
        return Math.min(pattern.piece(seam.a().piece()).order(), pattern.piece(seam.b().piece()).order());
    }

    /** When a seam's turn comes, by the pieces that it joins. */
    private static int part(Piece a, Piece b, SeamJoin seam) {
        if (isPart(a, 'C') && isPart(b, 'C')) {
            return 0;
        }
        if (isPart(a, 'P') || isPart(b, 'P') || isPart(a, 'S') || isPart(b, 'S')) {
            return isPart(a, 'P') && isPart(b, 'P') || isPart(a, 'S') && isPart(b, 'S') ? 7 : 8;
        }
        if (isPart(a, 'Y') || isPart(b, 'Y')) {
            return a.front() == b.front() ? 3 : 6;
        }
        if (isPart(a, 'C') || isPart(b, 'C')) {
            return 2;
        }
        if (a.front() != b.front()) {
            return seam.a().edge().startsWith("shoulder") ? 6 : 5;
        }
        return a.front() ? 1 : 4;
    }

    private static boolean isPart(Piece piece, char letter) {
        return piece.id().startsWith(String.valueOf(letter));
    }
}
