package bathyra.size;

import bathyra.draft.Draft;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What each step from size to size gives each piece at each level, measured on the finished pieces, mm (C23).
 *
 * @param gains one a piece and level
 */
public record StepGains(List<Gain> gains) {
    /** A gain over so many times its neighbours' is a jump. */
    private static final double TIMES = 2;
    /** What is no more than this is no jump, mm. */
    private static final double LEAST = 1;

    /**
     * @param widths the piece at the level in each size; not a number where the size does not draft
     */
    public record Gain(String piece, String name, Level level, double[] widths) {
        /** What the step up to a size gives; not a number where either is missing. @param row from 1 */
        public double at(int row) {
            return row < 1 || row >= widths.length ? Double.NaN : widths[row] - widths[row - 1];
        }

        /** Whether the step up to a size is over twice those beside it. */
        public boolean isJump(int row) {
            double here = Math.abs(at(row));
            double before = Math.abs(at(row - 1));
            double after = Math.abs(at(row + 1));
            double most = Double.isNaN(before) ? after : Double.isNaN(after) ? before : Math.max(before, after);
            return here > LEAST && here > TIMES * most + LEAST;
        }
    }

    public StepGains {
        gains = List.copyOf(gains);
    }

    public static StepGains of(SizeSet set) {
        Map<String, Gain> all = new LinkedHashMap<>();
        int count = set.sizes().size();
        for (int row = 0; row < count; row++) {
            int at = row;
            set.sizes()
                    .get(row)
                    .draft()
                    .map(Draft::panelPieces)
                    .orElse(List.of())
                    .forEach(piece -> {
                        for (Level level : Level.values()) {
                            piece.mark(level)
                                    .map(LevelMark::length)
                                    .ifPresent(wide -> all.computeIfAbsent(
                                                    piece.id() + level.id(), k -> empty(piece, level, count))
                                            .widths()[at] = wide);
                        }
                    });
        }
        return new StepGains(new ArrayList<>(all.values()));
    }

    private static Gain empty(Piece piece, Level level, int count) {
        double[] widths = new double[count];
        java.util.Arrays.fill(widths, Double.NaN);
        return new Gain(piece.id(), piece.name(), level, widths);
    }

    /** What a step gives the pieces at a level, from centre front to centre back. */
    public List<Gain> at(Level level) {
        return gains.stream().filter(g -> g.level() == level).toList();
    }

    /** What the pieces get together in the half, mm. @param row the size up to which the step goes */
    public double sum(Level level, int row) {
        return at(level).stream().mapToDouble(g -> g.at(row)).sum();
    }

    public List<Gain> jumps(int row) {
        return gains.stream().filter(g -> g.isJump(row)).toList();
    }
}
