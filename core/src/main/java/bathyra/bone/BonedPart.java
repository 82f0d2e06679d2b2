package bathyra.bone;

import bathyra.garment.Garment;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.Optional;

/** How far down steel and lacing go: nothing stiff goes on into a skirt, for sitting down it would push up (C10). */
public final class BonedPart {
    private BonedPart() {}

    /** A line of a piece as far as it may be boned, from the top down: to the high hip where the garment hangs from there, else the whole. */
    public static Path of(Garment garment, Piece piece, Path downwards) {
        Optional<LevelMark> hip = piece.mark(Level.HIGH_HIP);
        if (!garment.lowerEdge().hangs() || hip.isEmpty()) {
            return downwards;
        }
        Point from = hip.get().from();
        Point to = hip.get().to();
        // A line within the panel is crossed by the level line; a seam and an edge only touch its end.
        double end = downwards
                .crossing(Path.of(new Line(from, to)))
                .map(Path.Crossing::here)
                .orElseGet(() -> {
                    Point nearer = distance(downwards, from) < distance(downwards, to) ? from : to;
                    return downwards.nearest(nearer).arc();
                });
        return downwards.upTo(end);
    }

    private static double distance(Path path, Point p) {
        return path.nearest(p).point().distance(p);
    }
}
