package bathyra.lay;

import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.List;

/**
 * What a piece covers of the cloth, column by column, with half the gap round it. A column's stretches hold every point of the piece in
 * it, so two pieces whose stretches do not meet never do.
 *
 * @param columns how many columns it covers
 * @param from upper ends of the stretches, by the column, mm below the upper end of the piece
 * @param to lower ends
 * @param margin how far the grown outline stands out of the piece, mm
 */
record Profile(int columns, double[][] from, double[][] to, double margin, boolean turned) {

    static Profile of(LayPiece piece, boolean turned, double gap, double column) {
        double margin = gap / 2 * Shape.GROWN_MOST;
        List<Point> ring = new Placed(piece, 0, 0, turned, 0).ring();
        List<Point> grown = margin > 0 ? Shape.grown(ring, gap / 2) : ring;
        int columns = (int) Math.ceil((piece.width() + 2 * margin) / column - 1e-9);
        Covered covered = new Covered(grown, -margin, column, columns);
        double[][] from = new double[columns][];
        double[][] to = new double[columns][];
        for (int i = 0; i < columns; i++) {
            List<double[]> parts = covered.of(i);
            from[i] = parts.stream().mapToDouble(p -> p[0]).toArray();
            to[i] = parts.stream().mapToDouble(p -> p[1]).toArray();
        }
        return new Profile(columns, from, to, margin, turned);
    }
}
