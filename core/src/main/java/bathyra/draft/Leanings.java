package bathyra.draft;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Point;
import bathyra.intake.SeamAxes;
import bathyra.length.Sentence;
import bathyra.piece.LevelMark;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How far the finished edges of a seam lean from its axis between two level marks: past 20 degrees the cloth lies askew (C6). */
final class Leanings {
    private static final double MOST = 20;

    private Leanings() {}

    /** One note for each seam whose edges lean too far. */
    static List<Finding> of(Pattern pattern, SeamAxes axes) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < pattern.seams().size(); i++) {
            look(pattern, pattern.seams().get(i), axes.axes().get(i))
                    .filter(f -> f.value() > MOST)
                    .ifPresent(findings::add);
        }
        return findings;
    }

    private static Optional<Finding> look(Pattern pattern, SeamJoin seam, SeamAxes.Axis axis) {
        double most = 0;
        Point at = null;
        String piece = "";
        for (SeamJoin.Ref ref : List.of(seam.a(), seam.b())) {
            List<LevelMark> marks = pattern.piece(ref.piece()).levelMarks();
            // Above the bust the closed side dart turns the cloth in front: there the edges lean by more than what the
            // seam takes.
            boolean turned =
                    axis.seam().part() == SeamPlace.Part.FRONT || axis.seam().part() == SeamPlace.Part.SIDE;
            for (int k = turned && marks.get(0).level().equals(Level.UPPER.id()) ? 2 : 1; k < marks.size(); k++) {
                Point above = ref == seam.a()
                        ? marks.get(k - 1).to()
                        : marks.get(k - 1).from();
                Point below = ref == seam.a() ? marks.get(k).to() : marks.get(k).from();
                double degrees = Math.abs(Math.toDegrees(axis.direction().angleTo(above.to(below))));
                if (degrees > most) {
                    most = degrees;
                    at = above.plus(above.to(below).times(0.5));
                    piece = ref.piece();
                }
            }
        }
        if (at == null) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                        FindingKind.EDGE_LEAN,
                        axis.seam().id(),
                        Finding.Status.NOTE,
                        most,
                        MOST,
                        Sentence.of(String.format(
                                Locale.ROOT,
                                "%s: its edge leans %.0f° from the seam's axis; past %.0f° the cloth lies askew there. Let the seams beside it take more.",
                                seam.name(),
                                most,
                                MOST)))
                .at(piece, at));
    }
}
