package bathyra.files.sheet;

import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Lays pieces upright on papers so that few papers are used: one after another, each where it takes the fewest papers that are not
 * in use yet, then as far to the left and up as it goes. That depends on which comes first, so several orders are tried.
 */
final class Nesting {
    /** Side of a cell, mm on paper. */
    static final double CELL = 5;
    /** What stays free round a piece, mm on paper: two lie twice as far apart. */
    static final double FREE = 2;

    private static final int SHUFFLED = 6;
    private static final long SEED = 11;
    private static final int ROWS_MOST = 3;
    /** So many things are laid in all the ways that are tried together: of many pieces fewer ways are tried. */
    private static final int LAID_MOST = 160;

    private static final int TRIES_LEAST = 4;

    private final SheetGrid grid;
    private final double cell;
    private final List<Item> items;

    /** One thing to be laid. @param whole whether it must lie on one paper */
    record Item(String id, Footprint print, boolean whole) {}

    /**
     * How everything lies.
     *
     * @param at how far the upper left corner of each footprint lies from the sheet's, mm of the pattern
     * @param papers those that are used
     * @param girth how far it reaches across and down together, mm: of two that take as many papers the closer one is glued sooner
     */
    record Laid(Map<String, Vec> at, List<Papers.Place> papers, double girth) {}

    private Nesting(SheetGrid grid, double cell, List<Item> items) {
        this.grid = grid;
        this.cell = cell;
        this.items = items;
    }

    /**
     * The way to lay everything that takes the fewest papers of those tried.
     *
     * @param cell side of a cell, mm of the pattern
     */
    static Laid of(SheetGrid grid, double cell, List<Item> items) {
        return new Nesting(grid, cell, items).best();
    }

    private Laid best() {
        Optional<Laid> best = Optional.empty();
        int tallest = items.stream().mapToInt(i -> i.print().rows()).max().orElse(1);
        int least = grid.row(tallest * cell) + 1;
        int left = Math.max(TRIES_LEAST, LAID_MOST / items.size());
        for (List<Item> order : orders()) {
            for (int rows = least; rows < least + ROWS_MOST && left > 0; rows++) {
                left--;
                int most = best.map(b -> b.papers().size()).orElse(Integer.MAX_VALUE);
                best = better(best, lay(order, rows, most));
            }
        }
        return best.orElseThrow();
    }

    private static Optional<Laid> better(Optional<Laid> one, Optional<Laid> other) {
        return Stream.of(one, other)
                .flatMap(Optional::stream)
                .min(Comparator.<Laid>comparingInt(l -> l.papers().size()).thenComparingDouble(Laid::girth));
    }

    private List<List<Item>> orders() {
        List<List<Item>> orders = new ArrayList<>();
        orders.add(items);
        orders.add(sorted(Comparator.comparingInt(i -> -i.print().rows())));
        orders.add(sorted(Comparator.comparingInt(i -> -i.print().columns())));
        orders.add(sorted(
                Comparator.comparingInt(i -> -i.print().rows() * i.print().columns())));
        Random random = new Random(SEED);
        for (int i = 0; i < SHUFFLED; i++) {
            List<Item> order = new ArrayList<>(items);
            Collections.shuffle(order, random);
            orders.add(order);
        }
        return orders;
    }

    private List<Item> sorted(Comparator<Item> by) {
        return items.stream().sorted(by).toList();
    }

    /** One way to lay them. @return empty as soon as it takes more papers than are allowed */
    private Optional<Laid> lay(List<Item> order, int rows, int most) {
        int deep = (int) Math.floor((grid.height() + (rows - 1) * grid.down()) / cell);
        int paper = (int) Math.ceil(grid.width() / cell);
        int wide = order.stream().mapToInt(i -> i.print().columns() + paper).sum();
        Board board = new Board(deep, wide);
        Papers papers = new Papers(grid, cell, deep, wide);
        Map<String, Vec> at = new HashMap<>();
        int reach = 0;
        for (Item item : order) {
            Place place =
                    place(board, papers, item, Math.min(wide - item.print().columns(), reach + paper));
            board.take(item.print(), place.x(), place.y());
            papers.use(papers.stretches(item.print(), place.y()), place.x());
            at.put(item.id(), new Vec(place.x() * cell, place.y() * cell));
            reach = Math.max(reach, place.x() + item.print().columns());
            if (papers.used() > most) {
                return Optional.empty();
            }
        }
        return Optional.of(new Laid(at, papers.list(), girth(papers.list())));
    }

    private double girth(List<Papers.Place> papers) {
        int across = papers.stream().mapToInt(Papers.Place::column).max().orElse(0) + 1;
        int down = papers.stream().mapToInt(Papers.Place::row).max().orElse(0) + 1;
        return across * grid.across() + down * grid.down();
    }

    private record Place(int x, int y) {}

    /** The place that takes the fewest papers more; of those the leftmost, of those the uppermost. */
    private static Place place(Board board, Papers papers, Item item, int to) {
        int most = board.rows() - item.print().rows();
        int[][] stretches = IntStream.rangeClosed(0, most)
                .mapToObj(y -> papers.stretches(item.print(), y))
                .toArray(int[][]::new);
        Place best = new Place(to, 0);
        int fewest = Integer.MAX_VALUE;
        for (int x = 0; x <= to; x++) {
            for (int y = 0; y <= most; y++) {
                if (item.whole() && papers.count(stretches[y], x) > 1) {
                    continue;
                }
                int more = papers.more(stretches[y], x);
                if (more < fewest && board.isFree(item.print(), x, y)) {
                    if (more == 0) {
                        return new Place(x, y);
                    }
                    fewest = more;
                    best = new Place(x, y);
                }
            }
        }
        return best;
    }
}
