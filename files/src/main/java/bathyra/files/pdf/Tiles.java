package bathyra.files.pdf;

import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.List;

/**
 * How a large sheet is shared out over papers: which part of it each shows. Papers on which nothing would be drawn are left out.
 *
 * @param layout where each piece lies on the sheet
 * @param list row by row
 */
record Tiles(SheetLayout layout, List<Tile> list) {
    /** The test squares stand in a column before the pieces. */
    static final double TEST_COLUMN = 62;

    private static final double TEST_HEIGHT = 114;

    /** One paper: its row and column, and the part of the sheet that it shows, mm as drawn. */
    record Tile(int row, int column, double x, double y, double width, double height) {
        String name() {
            return (char) ('A' + row % 26) + (row < 26 ? "" : Integer.toString(row / 26)) + "" + (column + 1);
        }

        boolean shows(double left, double top, double right, double bottom) {
            return right >= x && left <= x + width && bottom >= y && top <= y + height;
        }
    }

    static Tiles of(CuttingPlan plan, Paper paper, PrintScale scale) {
        double width = (paper.width() - 2 * Paper.MARGIN) / scale.across();
        double height = (paper.height() - 2 * Paper.MARGIN) / scale.down();
        SheetLayout layout =
                SheetLayout.of(plan, paper.isLarge() || paper.roll() ? width - TEST_COLUMN : Double.MAX_VALUE);
        double sheetWidth = layout.width() + TEST_COLUMN;
        double sheetHeight = Math.max(layout.height(), TEST_HEIGHT);
        if (paper.roll()) {
            return new Tiles(layout, List.of(new Tile(0, 0, 0, 0, width, sheetHeight)));
        }
        List<Tile> tiles = new ArrayList<>();
        double right = width - Paper.OVERLAP / scale.across();
        double down = height - Paper.OVERLAP / scale.down();
        for (int row = 0; row == 0 || row * down + Paper.OVERLAP < sheetHeight; row++) {
            for (int column = 0; column == 0 || column * right + Paper.OVERLAP < sheetWidth; column++) {
                Tile tile = new Tile(row, column, column * right, row * down, width, height);
                if ((row == 0 && column == 0)
                        || tile.shows(0, 0, TEST_COLUMN - 8, TEST_HEIGHT)
                        || isUsed(plan, layout, tile)) {
                    tiles.add(tile);
                }
            }
        }
        return new Tiles(layout, tiles);
    }

    private static boolean isUsed(CuttingPlan plan, SheetLayout layout, Tile tile) {
        return plan.cuts().stream().anyMatch(cut -> {
            Vec shift = shift(layout, cut);
            double[] box = SheetLayout.box(cut.piece());
            return tile.shows(box[0] + shift.dx(), box[1] + shift.dy(), box[2] + shift.dx(), box[3] + shift.dy())
                    && Shape.overlaps(
                            cut.piece().cutLine().stream()
                                    .map(p -> p.plus(shift))
                                    .toList(),
                            new Point(tile.x(), tile.y()),
                            new Point(tile.x() + tile.width(), tile.y() + tile.height()));
        });
    }

    /** Where a piece lies, the column of the test squares counted. */
    static Vec shift(SheetLayout layout, CuttingPlan.Cut cut) {
        return layout.shift(cut.id()).plus(new Vec(TEST_COLUMN, 0));
    }
}
