package bathyra.lay;

import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.ArrayList;
import java.util.List;

/** Whether pieces lie clear of each other and on the cloth: looked at on their true outlines. */
public final class Clearance {
    private static final double SLIP = 0.01;

    private Clearance() {}

    /** Whether a piece may lie where it lies among others: on the cloth, at the fold if it must, and apart from every other by the gap. */
    public static boolean isClear(Placed piece, List<Placed> others, Laying laying) {
        List<Point> ring = piece.ring();
        return isOnCloth(piece, ring, laying)
                && others.stream()
                        .filter(o -> !o.piece().key().equals(piece.piece().key()))
                        .noneMatch(o -> meets(piece, ring, o, laying.gap()));
    }

    private static boolean isOnCloth(Placed piece, List<Point> ring, Laying laying) {
        if (piece.piece().atFold() && (Math.abs(piece.x()) > SLIP || piece.turned() || piece.tilt() != 0)) {
            return false;
        }
        return ring.stream().allMatch(p -> p.x() >= -SLIP && p.x() <= laying.width() + SLIP && p.y() >= -SLIP);
    }

    private static boolean meets(Placed a, List<Point> ring, Placed b, double gap) {
        double reach = gap + SLIP;
        boolean apart = a.x() > b.x() + b.piece().width() + reach
                || b.x() > a.x() + a.piece().width() + reach
                || a.y() > b.y() + b.piece().height() + reach
                || b.y() > a.y() + a.piece().height() + reach;
        return !(apart && a.tilt() == 0 && b.tilt() == 0) && Shape.between(ring, b.ring()) < gap - SLIP;
    }

    /** The pieces that lie wrong. */
    public static List<Placed> wrong(Lay lay, Laying laying) {
        List<Placed> wrong = new ArrayList<>();
        for (Placed piece : lay.placed()) {
            if (!isClear(piece, lay.placed(), laying)) {
                wrong.add(piece);
            }
        }
        return wrong;
    }
}
