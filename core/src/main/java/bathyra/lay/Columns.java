package bathyra.lay;

import java.util.Arrays;

/** The cloth in columns along it: what of each is taken. Pieces are put down one after the other, each as far up as it goes. */
final class Columns {
    private static final double SLIP = 1e-9;
    private final double column;
    private final double width;
    private final int count;
    private final double[][] from;
    private final double[][] to;
    private final int[] parts;
    /** Below this nothing of a column is taken, mm. */
    private final double[] free;

    Columns(double width, double margin, double column) {
        this.column = column;
        this.width = width;
        // Half a gap hangs over either selvedge: only pieces keep apart, not a piece and the edge of the cloth.
        this.count = (int) Math.ceil((width + 2 * margin) / column - 1e-9);
        this.from = new double[count][8];
        this.to = new double[count][8];
        this.parts = new int[count];
        this.free = new double[count];
    }

    /** Where a piece lies. @param x column of its left side @param y mm */
    record Spot(int x, double y) {}

    void clear() {
        Arrays.fill(parts, 0);
        Arrays.fill(free, Double.NEGATIVE_INFINITY);
    }

    /** The spot where a piece reaches least far along the cloth, the leftmost of several. @param bestEnd what has to be beaten, mm */
    Spot lowest(Profile profile, LayPiece piece, double bestEnd) {
        int last = piece.atFold() ? 0 : (int) Math.floor((width - piece.width()) / column + 1e-9);
        Spot best = null;
        double end = bestEnd;
        for (int x = 0; x <= last; x++) {
            double y = up(profile, x, end - piece.height());
            if (y + piece.height() < end - SLIP) {
                end = y + piece.height();
                best = new Spot(x, y);
            }
        }
        return best;
    }

    /** The least depth at which a piece lies free in some columns; more than {@code most} when there is none up to there. */
    private double up(Profile profile, int x, double most) {
        int columns = Math.min(profile.columns(), count - x);
        double y = 0;
        // The columns are gone through again and again until none has moved the piece; the one that moved it last is
        // where to stop.
        for (int i = 0, since = 0; since < columns && y <= most; i = i + 1 == columns ? 0 : i + 1, since++) {
            double moved = past(profile.from()[i], profile.to()[i], x + i, y);
            if (moved > y) {
                y = moved;
                since = 0;
            }
        }
        return y;
    }

    /** How far down a piece must go so that nothing of it meets what is taken of one column. */
    private double past(double[] a, double[] b, int at, double start) {
        double y = start;
        double[] p = from[at];
        double[] q = to[at];
        boolean moved = a.length > 0 && y + a[0] < free[at] - SLIP;
        while (moved) {
            moved = false;
            for (int k = 0; k < parts[at]; k++) {
                for (int j = 0; j < a.length; j++) {
                    if (y + a[j] < q[k] - SLIP && y + b[j] > p[k] + SLIP) {
                        y = q[k] - a[j];
                        moved = true;
                    }
                }
            }
        }
        return y;
    }

    void take(Profile profile, Spot spot) {
        for (int i = 0; i < profile.columns() && spot.x() + i < count; i++) {
            int at = spot.x() + i;
            double[] a = profile.from()[i];
            for (int j = 0; j < a.length; j++) {
                if (parts[at] == from[at].length) {
                    from[at] = Arrays.copyOf(from[at], 2 * parts[at]);
                    to[at] = Arrays.copyOf(to[at], 2 * parts[at]);
                }
                from[at][parts[at]] = spot.y() + a[j];
                to[at][parts[at]++] = spot.y() + profile.to()[i][j];
                free[at] = Math.max(free[at], spot.y() + profile.to()[i][j]);
            }
        }
    }

    double x(Spot spot) {
        return spot.x() * column;
    }
}
