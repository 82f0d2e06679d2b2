package bathyra.lay;

import java.util.ArrayList;
import java.util.List;

/** Pieces in rows in their sewing order, as one lays them by hand without trying: what an automatic lay is measured against. */
public final class Rows {
    private Rows() {}

    public static Lay of(Laying laying) {
        List<Placed> placed = new ArrayList<>();
        double x = 0;
        double y = 0;
        double row = 0;
        for (LayPiece piece : laying.pieces()) {
            boolean next = x > 0 && (x + piece.width() > laying.width() || piece.atFold());
            if (next) {
                y += row + laying.gap();
                x = 0;
                row = 0;
            }
            placed.add(new Placed(piece, x, y, false, 0));
            x += piece.width() + laying.gap();
            row = Math.max(row, piece.height());
        }
        return new Lay(placed, laying.width(), laying.folded());
    }
}
