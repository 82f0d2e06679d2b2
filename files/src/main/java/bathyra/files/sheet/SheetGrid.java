package bathyra.files.sheet;

/**
 * How papers glued together share out a large sheet. Each lies over the next by the overlap; a place is the first paper's that shows it.
 *
 * @param width what one paper shows across, mm as drawn
 * @param height what one paper shows down
 * @param overAcross how far a paper lies over the next one across
 * @param overDown how far it lies over the one below
 */
record SheetGrid(double width, double height, double overAcross, double overDown) {
    static SheetGrid of(Print print) {
        return new SheetGrid(
                (print.paper().width() - 2 * Paper.MARGIN) / print.across(),
                (print.paper().height() - 2 * Paper.MARGIN) / print.down(),
                Paper.OVERLAP / print.across(),
                Paper.OVERLAP / print.down());
    }

    double across() {
        return width - overAcross;
    }

    double down() {
        return height - overDown;
    }

    /** The column whose paper shows a place first. */
    int column(double x) {
        return Math.max(0, (int) Math.ceil((x - width) / across()));
    }

    /** The row whose paper shows a place first. */
    int row(double y) {
        return Math.max(0, (int) Math.ceil((y - height) / down()));
    }

    /** What a paper shows. */
    Sheet sheet(int row, int column) {
        return new Sheet(row, column, column * across(), row * down(), width, height);
    }

    /** What of a paper no paper at its left and above it shows. */
    Sheet firstShown(int row, int column) {
        Sheet all = sheet(row, column);
        double left = column == 0 ? 0 : overAcross;
        double top = row == 0 ? 0 : overDown;
        return new Sheet(row, column, all.x() + left, all.y() + top, width - left, height - top);
    }
}
