package bathyra.files.sheet;

import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/** Finds where something can be written inside a piece without lying on a line that matters. */
final class Spots {
    private static final double ROW = 3;
    /** What stays free beside an outline, mm of the pattern. */
    private static final double CLEAR = 2;

    private static final double FLAT = 0.5;
    /** A piece too narrow for words bears its number in so much less room, over whatever is drawn there. */
    private static final double SCANT = 3;

    private final double wide;
    private final double high;
    private final double least;
    private final boolean clear;

    /**
     * @param wide more than so wide nothing is written, mm
     * @param high more than so high nothing is written
     * @param least less than so wide or high is no room
     */
    Spots(double wide, double high, double least) {
        this(wide, high, least, true);
    }

    /** @param clear whether levels, grain and what else is drawn inside are kept clear of */
    private Spots(double wide, double high, double least, boolean clear) {
        this.wide = wide;
        this.high = high;
        this.least = least;
        this.clear = clear;
    }

    /** The room in a drawing on each of the sheets that show it. */
    List<Spot> of(CuttingPlan.Cut cut, Vec shift, List<Sheet> sheets) {
        List<Spot> spots = new ArrayList<>();
        for (Sheet sheet : sheets) {
            roomiest(cut, shift, sheet).ifPresent(spots::add);
        }
        if (spots.isEmpty() && clear) {
            return new Spots(wide, high, least / SCANT, false).of(cut, shift, sheets);
        }
        Optional<Spot> first = spots.stream().max((a, b) -> Double.compare(worth(a), worth(b)));
        return spots.stream()
                .map(s -> first.filter(s::equals).isPresent()
                        ? new Spot(s.cut(), s.sheet(), s.left(), s.top(), s.width(), s.height(), true)
                        : s)
                .toList();
    }

    private double worth(Spot spot) {
        return Math.min(wide, spot.width()) * Math.min(high, spot.height());
    }

    /** The rows of a drawing on one sheet, each with what is free between its sides. */
    private record Rows(double top, double[] left, double[] right) {}

    private Optional<Spot> roomiest(CuttingPlan.Cut cut, Vec shift, Sheet sheet) {
        Optional<Spot> best = Optional.empty();
        List<List<Point>> lines = lines(cut, shift);
        for (double beside : between(cut.piece(), shift, lines)) {
            Rows rows = rows(cut.piece(), shift, sheet, lines, beside);
            for (int from = 0; from < rows.left().length; from++) {
                double left = Double.NEGATIVE_INFINITY;
                double right = Double.POSITIVE_INFINITY;
                for (int to = from; to < rows.left().length && (to - from) * ROW < high; to++) {
                    left = Math.max(left, rows.left()[to]);
                    right = Math.min(right, rows.right()[to]);
                    if (right - left < least) {
                        break;
                    }
                    best = better(
                            best,
                            new Spot(
                                    cut.id(),
                                    sheet,
                                    left,
                                    rows.top() + from * ROW,
                                    Math.min(wide, right - left),
                                    (to - from + 1) * ROW,
                                    false));
                }
            }
        }
        return best;
    }

    private Optional<Spot> better(Optional<Spot> best, Spot next) {
        boolean better =
                next.height() >= least && best.map(b -> worth(b) < worth(next)).orElse(true);
        return better ? Optional.of(next) : best;
    }

    /** What must not be written over: the grain, channels, darts and eyelets, each as it runs down. */
    private List<List<Point>> lines(CuttingPlan.Cut cut, Vec shift) {
        List<List<Point>> lines = new ArrayList<>();
        if (!clear) {
            return lines;
        }
        lines.add(List.of(cut.piece().grain().from(), cut.piece().grain().to()));
        cut.bones().forEach(bone -> lines.add(bone.flattened(FLAT)));
        cut.darts().forEach(dart -> lines.add(dart.flattened(FLAT)));
        if (!cut.eyelets().isEmpty()) {
            lines.add(cut.eyelets());
        }
        return lines.stream()
                .map(line -> line.stream().map(p -> p.plus(shift)).toList())
                .toList();
    }

    /** A place across in the middle between every two of the lines, and between them and the sides. */
    private static List<Double> between(Piece piece, Vec shift, List<List<Point>> lines) {
        double[] box = SheetLayout.box(piece);
        double[] across = DoubleStream.concat(
                        DoubleStream.of(box[0] + shift.dx(), box[2] + shift.dx()),
                        lines.stream().mapToDouble(l -> l.stream()
                                .mapToDouble(Point::x)
                                .average()
                                .orElse(0)))
                .sorted()
                .toArray();
        return IntStream.range(1, across.length)
                .mapToObj(i -> (across[i - 1] + across[i]) / 2)
                .toList();
    }

    /** @param beside the place across that stays between the sides of every row */
    private Rows rows(Piece piece, Vec shift, Sheet sheet, List<List<Point>> lines, double beside) {
        double[] box = SheetLayout.box(piece);
        double top = Math.max(sheet.y(), box[1] + shift.dy());
        double bottom = Math.min(sheet.y() + sheet.height(), box[3] + shift.dy());
        int count = Math.max(0, (int) ((bottom - top) / ROW));
        double[] left = new double[count];
        double[] right = new double[count];
        List<Point> outline =
                piece.flattened(FLAT).stream().map(p -> p.plus(shift)).toList();
        for (int i = 0; i < count; i++) {
            double y = top + i * ROW;
            double[] a = free(outline, y);
            double[] b = free(outline, y + ROW);
            left[i] = Math.max(Math.max(a[0], b[0]) + CLEAR, sheet.x() + CLEAR);
            right[i] = Math.min(Math.min(a[1], b[1]) - CLEAR, sheet.x() + sheet.width() - CLEAR);
            for (List<Point> line : lines) {
                double at = across(line, y);
                if (at <= beside) {
                    left[i] = Math.max(left[i], at + CLEAR);
                } else if (at > beside) {
                    right[i] = Math.min(right[i], at - CLEAR);
                }
            }
            if (clear && isAtLevel(piece, y - shift.dy())) {
                right[i] = left[i];
            }
        }
        return new Rows(top, left, right);
    }

    /** Where a line is at a height, or not far above or below it; nowhere otherwise. */
    private static double across(List<Point> line, double y) {
        for (int i = 1; i < line.size(); i++) {
            Point a = line.get(i - 1);
            Point b = line.get(i);
            if (y + ROW + CLEAR > Math.min(a.y(), b.y()) && y - CLEAR < Math.max(a.y(), b.y())) {
                double share = Math.abs(b.y() - a.y()) < FLAT ? 0 : (y - a.y()) / (b.y() - a.y());
                return a.x() + Math.max(0, Math.min(1, share)) * (b.x() - a.x());
            }
        }
        return Double.NaN;
    }

    private static boolean isAtLevel(Piece piece, double y) {
        for (LevelMark mark : piece.levelMarks()) {
            double upper = Math.min(mark.from().y(), mark.to().y()) - CLEAR - 1;
            double lower = Math.max(mark.from().y(), mark.to().y()) + CLEAR;
            if (y + ROW > upper && y < lower) {
                return true;
            }
        }
        return false;
    }

    /** The widest stretch inside a closed line at a height; from right to left where there is none. */
    private static double[] free(List<Point> closed, double y) {
        double[] crossings = crossings(closed, y);
        double[] widest = {0, -1};
        for (int i = 0; i + 1 < crossings.length; i += 2) {
            if (crossings[i + 1] - crossings[i] > widest[1] - widest[0]) {
                widest = new double[] {crossings[i], crossings[i + 1]};
            }
        }
        return widest[1] < widest[0] ? new double[] {Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY} : widest;
    }

    private static double[] crossings(List<Point> closed, double y) {
        double[] found = new double[closed.size()];
        int count = 0;
        for (int i = 0; i < closed.size(); i++) {
            Point a = closed.get(i);
            Point b = closed.get((i + 1) % closed.size());
            if (a.y() <= y != b.y() <= y) {
                found[count++] = a.x() + (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y());
            }
        }
        double[] crossings = Arrays.copyOf(found, count);
        Arrays.sort(crossings);
        return crossings;
    }
}
