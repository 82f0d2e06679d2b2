package bathyra.draft;

import bathyra.geometry.Path;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What stands square to a piece's level lines, all along one of its edges. Where a dart was closed the lines of a piece fan out: between two of
 * them what is level turns from the one to the other.
 */
final class LevelSquares {
    /** @param arc where the line ends on the edge, mm from the edge's start @param angle of the line's square, radians */
    private record Square(String level, double arc, double angle) {}

    private final List<Square> along;

    private LevelSquares(List<Square> along) {
        this.along = along;
    }

    /** @param piece one with level lines, each of which ends on its long edges */
    static LevelSquares of(Piece piece, Path edge) {
        List<Square> along = new ArrayList<>();
        for (LevelMark mark : piece.levelMarks()) {
            Path.Place from = edge.nearest(mark.from());
            Path.Place to = edge.nearest(mark.to());
            boolean begins = from.point().distance(mark.from()) < to.point().distance(mark.to());
            Vec square = mark.from().to(mark.to()).unit().turned(Math.PI / 2);
            along.add(new Square(mark.level(), (begins ? from : to).arc(), Math.atan2(square.dy(), square.dx())));
        }
        along.sort(Comparator.comparingDouble(Square::arc));
        return new LevelSquares(along);
    }

    /** Downwards and square to what is level at a place of the edge. */
    Vec at(double arc) {
        Square before = along.get(0);
        for (Square next : along) {
            if (next.arc() > arc) {
                double span = next.arc() - before.arc();
                double way = span > 0 ? (arc - before.arc()) / span : 0;
                return towards(before.angle() + Math.max(0, way) * (next.angle() - before.angle()));
            }
            before = next;
        }
        return towards(before.angle());
    }

    private static Vec towards(double angle) {
        return new Vec(Math.cos(angle), Math.sin(angle));
    }

    /** The level line that ends nearest to a place of the edge. */
    String nearest(double arc) {
        return along.stream()
                .min(Comparator.comparingDouble(s -> Math.abs(s.arc() - arc)))
                .orElseThrow()
                .level();
    }
}
