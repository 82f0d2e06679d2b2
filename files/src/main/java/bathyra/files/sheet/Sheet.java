package bathyra.files.sheet;

/** One paper: its row and column, and the part of the whole that it shows, mm of the pattern. */
public record Sheet(int row, int column, double x, double y, double width, double height) {
    private static final int LETTERS = 26;

    /** A letter for its row and a number for its column. */
    public String name() {
        return (char) ('A' + row % LETTERS) + (row < LETTERS ? "" : Integer.toString(row / LETTERS)) + (column + 1);
    }

    boolean shows(double left, double top, double right, double bottom) {
        return right >= x && left <= x + width && bottom >= y && top <= y + height;
    }
}
