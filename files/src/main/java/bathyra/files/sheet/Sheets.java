package bathyra.files.sheet;

import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A pattern shared out over papers: where each piece lies, which part each paper shows, where the papers meet and where something can
 * be written. Papers on which nothing would be drawn are not there. The screen's preview and the print both draw from it.
 *
 * @param print how it goes on paper; sheets that were left out are in the list all the same
 * @param shifts how far each drawing is moved, by its id; mm of the pattern, as everything here
 * @param list row by row
 */
public record Sheets(
        Print print,
        Map<String, Vec> shifts,
        double width,
        double height,
        List<Sheet> list,
        List<TestSquare> squares,
        List<Joint> joints,
        List<Spot> spots) {
    /** The test squares stand in a column before pieces that lie in rows, mm on paper. */
    static final double TEST_COLUMN = 62;

    private static final double BESIDE = 2;
    /** What is written about a piece, mm on paper: no wider, no higher, and not at all in less. */
    private static final double WORDS_WIDE = 58;

    private static final double WORDS_HIGH = 42;
    private static final double WORDS_LEAST = 9;

    /** How the pieces lie. */
    private record Lying(Map<String, Vec> shifts, List<TestSquare> squares, double width, double height) {}

    /** How the pieces lie, and the papers that show them. */
    private record Shown(Lying lying, List<Sheet> sheets) {}

    public static Sheets of(CuttingPlan plan, Print print) {
        Paper paper = print.paper();
        SheetGrid grid = SheetGrid.of(print);
        if (paper.roll() || paper.isLarge()) {
            double column = TEST_COLUMN / print.size().factor();
            Lying lying = inRows(plan, print, grid.width() - column);
            return shared(plan, print, new Shown(lying, paper.roll() ? off(grid, lying) : sheets(plan, grid, lying)));
        }
        Lying rows = inRows(plan, print, Double.MAX_VALUE);
        List<Sheet> ofRows = sheets(plan, grid, rows);
        Shown nested = nested(plan, print, grid);
        return shared(plan, print, nested.sheets().size() < ofRows.size() ? nested : new Shown(rows, ofRows));
    }

    /** One length off a roll. */
    private static List<Sheet> off(SheetGrid grid, Lying lying) {
        return List.of(new Sheet(0, 0, 0, 0, grid.width(), lying.height()));
    }

    private static Lying inRows(CuttingPlan plan, Print print, double widest) {
        SheetLayout layout = SheetLayout.of(plan, widest);
        double on = 1 / print.size().factor();
        Map<String, Vec> shifts = new LinkedHashMap<>();
        plan.cuts().forEach(cut -> shifts.put(cut.id(), layout.shift(cut.id()).plus(new Vec(TEST_COLUMN * on, 0))));
        List<TestSquare> squares = new ArrayList<>();
        double y = BESIDE * on;
        for (TestSquare.Kind kind : TestSquare.Kind.all()) {
            squares.add(new TestSquare(kind, new Point(BESIDE * on, y), kind.side() * on));
            y += (kind.side() + 3 * BESIDE) * on;
        }
        return new Lying(shifts, squares, layout.width() + TEST_COLUMN * on, Math.max(layout.height(), y));
    }

    private static Shown nested(CuttingPlan plan, Print print, SheetGrid grid) {
        double cell = Nesting.CELL / print.size().factor();
        double free = Nesting.FREE / print.size().factor();
        List<Nesting.Item> items = new ArrayList<>();
        for (CuttingPlan.Cut cut : plan.cuts()) {
            items.add(new Nesting.Item(cut.id(), Footprint.of(cut.piece().cutLine(), free, cell), false));
        }
        for (TestSquare.Kind kind : TestSquare.Kind.all()) {
            double side = kind.side() / print.size().factor();
            List<Point> corners =
                    List.of(new Point(0, 0), new Point(side, 0), new Point(side, side), new Point(0, side));
            items.add(new Nesting.Item(kind.name(), Footprint.of(corners, free, cell), true));
        }
        Nesting.Laid laid = Nesting.of(grid, cell, items);
        Map<String, Vec> shifts = new LinkedHashMap<>();
        double width = 0;
        double height = 0;
        for (CuttingPlan.Cut cut : plan.cuts()) {
            double[] box = SheetLayout.box(cut.piece());
            Vec shift = laid.at().get(cut.id()).plus(new Vec(free - box[0], free - box[1]));
            shifts.put(cut.id(), shift);
            width = Math.max(width, box[2] + shift.dx());
            height = Math.max(height, box[3] + shift.dy());
        }
        List<TestSquare> squares = new ArrayList<>();
        for (TestSquare.Kind kind : TestSquare.Kind.all()) {
            Vec shift = laid.at().get(kind.name()).plus(new Vec(free, free));
            TestSquare square = new TestSquare(
                    kind,
                    new Point(shift.dx(), shift.dy()),
                    kind.side() / print.size().factor());
            squares.add(square);
            width = Math.max(width, square.at().x() + square.side());
            height = Math.max(height, square.at().y() + square.side());
        }
        return new Shown(
                new Lying(shifts, squares, width, height),
                laid.papers().stream().map(p -> grid.sheet(p.row(), p.column())).toList());
    }

    private static Sheets shared(CuttingPlan plan, Print print, Shown shown) {
        Lying lying = shown.lying();
        List<Sheet> list = shown.sheets();
        Spots spots = new Spots(
                WORDS_WIDE / print.size().factor(),
                WORDS_HIGH / print.size().factor(),
                WORDS_LEAST / print.size().factor());
        return new Sheets(
                print,
                lying.shifts(),
                lying.width(),
                lying.height(),
                list,
                lying.squares(),
                joints(list),
                plan.cuts().stream()
                        .flatMap(cut -> spots.of(cut, lying.shifts().get(cut.id()), list).stream())
                        .toList());
    }

    private static List<Sheet> sheets(CuttingPlan plan, SheetGrid grid, Lying lying) {
        List<Sheet> sheets = new ArrayList<>();
        for (int row = 0; row <= grid.row(lying.height()); row++) {
            for (int column = 0; column <= grid.column(lying.width()); column++) {
                if (isUsed(plan, lying, grid, row, column)) {
                    sheets.add(grid.sheet(row, column));
                }
            }
        }
        return sheets;
    }

    /** Whether something is drawn on a paper that no paper before it shows. */
    private static boolean isUsed(CuttingPlan plan, Lying lying, SheetGrid grid, int row, int column) {
        Sheet first = grid.firstShown(row, column);
        boolean square = lying.squares().stream()
                .anyMatch(s -> grid.row(s.at().y() + s.side()) == row && grid.column(s.at().x() + s.side()) == column);
        return square
                || plan.cuts().stream().anyMatch(cut -> {
                    Vec shift = lying.shifts().get(cut.id());
                    double[] box = SheetLayout.box(cut.piece());
                    return first.shows(
                                    box[0] + shift.dx(), box[1] + shift.dy(), box[2] + shift.dx(), box[3] + shift.dy())
                            && Shape.overlaps(
                                    cut.piece().cutLine().stream()
                                            .map(p -> p.plus(shift))
                                            .toList(),
                                    new Point(first.x(), first.y()),
                                    new Point(first.x() + first.width(), first.y() + first.height()));
                });
    }

    /** Two marks where two sheets lie side by side or one above the other. */
    private static List<Joint> joints(List<Sheet> sheets) {
        List<Joint> joints = new ArrayList<>();
        for (Sheet sheet : sheets) {
            for (double share : new double[] {0.25, 0.75}) {
                find(sheets, sheet.row(), sheet.column() + 1)
                        .ifPresent(next -> joints.add(
                                new Joint(new Point(next.x(), sheet.y() + sheet.height() * share), sheet, next, true)));
                find(sheets, sheet.row() + 1, sheet.column())
                        .ifPresent(next -> joints.add(
                                new Joint(new Point(sheet.x() + sheet.width() * share, next.y()), sheet, next, false)));
            }
        }
        return joints;
    }

    private static Optional<Sheet> find(List<Sheet> sheets, int row, int column) {
        return sheets.stream()
                .filter(s -> s.row() == row && s.column() == column)
                .findFirst();
    }

    /** The same sheets, of which others are printed. @param next with the same paper, scale and size */
    public Sheets printing(Print next) {
        return new Sheets(next, shifts, width, height, list, squares, joints, spots);
    }

    /** Those that are printed. */
    public List<Sheet> printed() {
        Set<String> left = print.leftOut();
        return list.stream().filter(s -> !left.contains(s.name())).toList();
    }

    public Vec shift(CuttingPlan.Cut cut) {
        return shifts.get(cut.id());
    }

    /** Whether a sheet shows part of the box round a drawing. */
    public boolean shows(Sheet sheet, CuttingPlan.Cut cut) {
        Vec shift = shift(cut);
        double[] box = SheetLayout.box(cut.piece());
        return sheet.shows(box[0] + shift.dx(), box[1] + shift.dy(), box[2] + shift.dx(), box[3] + shift.dy());
    }

    /** How many sheets lie side by side where there are most. */
    public int across() {
        return list.stream().mapToInt(s -> s.column() + 1).max().orElse(0);
    }

    /** How many sheets lie one below the other where there are most. */
    public int down() {
        return list.stream().mapToInt(s -> s.row() + 1).max().orElse(0);
    }
}
