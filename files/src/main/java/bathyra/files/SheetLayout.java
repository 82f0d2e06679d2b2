package bathyra.files;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.Notch;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The pieces laid apart on one sheet for print, in wearing order with the waists level, and the marks of a piece as strokes.
 *
 * @param shifts how far each piece is moved, by its id
 * @param width of the sheet, mm
 * @param height of the sheet, mm
 */
public record SheetLayout(Map<String, Vec> shifts, double width, double height) {
    private static final double GAP = 12;
    private static final double NOTCH = 6;
    private static final double NOTCH_APART = 4;
    private static final double ARROW = 7;
    private static final double CROSS = 4;
    private static final double CLIP = 2;

    /** Lays the pieces of a pattern apart; the sheet begins at 0, 0. */
    public static SheetLayout of(Pattern pattern) {
        double top = pattern.pieces().stream()
                .flatMap(p -> p.cutLine().stream())
                .mapToDouble(Point::y)
                .min()
                .orElse(0);
        double bottom = pattern.pieces().stream()
                .flatMap(p -> p.cutLine().stream())
                .mapToDouble(Point::y)
                .max()
                .orElse(0);
        Map<String, Vec> shifts = new LinkedHashMap<>();
        double x = 0;
        for (Piece piece : pattern.pieces()) {
            double left = piece.cutLine().stream().mapToDouble(Point::x).min().orElse(0);
            double right = piece.cutLine().stream().mapToDouble(Point::x).max().orElse(0);
            shifts.put(piece.id(), new Vec(x - left, -top));
            x += right - left + GAP;
        }
        return new SheetLayout(shifts, Math.max(0, x - GAP), bottom - top);
    }

    /** Lays what is to be cut apart in rows no wider than a sheet; the draft's own pieces first, the other layers below them. */
    public static SheetLayout of(CuttingPlan plan, double widest) {
        Map<String, Vec> shifts = new LinkedHashMap<>();
        double y = 0;
        double width = 0;
        List<CuttingPlan.Cut> row = new ArrayList<>();
        double reach = 0;
        for (CuttingPlan.Cut cut : plan.cuts()) {
            double[] box = box(cut.piece());
            boolean other = !row.isEmpty()
                    && row.get(0).id().equals(row.get(0).piece().id())
                            != cut.id().equals(cut.piece().id());
            if (!row.isEmpty() && (other || reach + box[2] - box[0] > widest)) {
                y += lay(row, y, shifts) + GAP;
                row.clear();
                reach = 0;
            }
            row.add(cut);
            reach += box[2] - box[0] + GAP;
            width = Math.max(width, reach - GAP);
        }
        double height = row.isEmpty() ? y : y + lay(row, y, shifts);
        return new SheetLayout(shifts, width, height);
    }

    /** One row, its pieces at the depth at which they are worn. @return how high the row is */
    private static double lay(List<CuttingPlan.Cut> row, double y, Map<String, Vec> shifts) {
        double top = row.stream().mapToDouble(c -> box(c.piece())[1]).min().orElse(0);
        double bottom = row.stream().mapToDouble(c -> box(c.piece())[3]).max().orElse(0);
        double x = 0;
        for (CuttingPlan.Cut cut : row) {
            double[] box = box(cut.piece());
            shifts.put(cut.id(), new Vec(x - box[0], y - top));
            x += box[2] - box[0] + GAP;
        }
        return bottom - top;
    }

    /** Left, top, right and bottom of the cut line. */
    public static double[] box(Piece piece) {
        return Shape.box(piece.cutLine());
    }

    public Vec shift(String piece) {
        return shifts.get(piece);
    }

    /** A notch as one stroke or two, from the sewing line out across the allowance. */
    public static List<Line> strokes(Piece piece, Notch notch) {
        Path path = piece.edge(notch.edge()).path();
        double arc = path.nearest(notch.at()).arc();
        List<Line> strokes = new ArrayList<>();
        for (double offset : notch.twofold() ? new double[] {-NOTCH_APART / 2, NOTCH_APART / 2} : new double[] {0}) {
            Path.Place place = path.at(arc + offset);
            Vec out = place.tangent().turned(-Math.PI / 2);
            strokes.add(new Line(place.point(), place.point().plus(out.times(NOTCH))));
        }
        return strokes;
    }

    /** A mark: a cross at the apex, a small arrowhead into the piece where its top is, a small slanting cross where the allowance is clipped. */
    public static List<Line> strokes(Mark mark) {
        Point at = mark.at();
        if (mark.kind() == Mark.Kind.APEX) {
            return List.of(
                    new Line(at.plus(new Vec(-CROSS, 0)), at.plus(new Vec(CROSS, 0))),
                    new Line(at.plus(new Vec(0, -CROSS)), at.plus(new Vec(0, CROSS))));
        }
        if (mark.kind() == Mark.Kind.CLIP) {
            return cross(at);
        }
        Point tip = at.plus(new Vec(0, 2 * CROSS));
        return List.of(new Line(at.plus(new Vec(-CROSS, 0)), tip), new Line(tip, at.plus(new Vec(CROSS, 0))));
    }

    /** A small slanting cross. */
    public static List<Line> cross(Point at) {
        return List.of(
                new Line(at.plus(new Vec(-CLIP, -CLIP)), at.plus(new Vec(CLIP, CLIP))),
                new Line(at.plus(new Vec(-CLIP, CLIP)), at.plus(new Vec(CLIP, -CLIP))));
    }

    /** The grain line with its one arrowhead, at the top. */
    public static List<Line> grain(Piece piece) {
        Point from = piece.grain().from();
        Point to = piece.grain().to();
        Vec back = to.to(from).unit().times(ARROW);
        return List.of(
                new Line(from, to),
                new Line(to, to.plus(back.turned(0.45))),
                new Line(to, to.plus(back.turned(-0.45))));
    }

    /** What is written on a level mark: whoever cuts from the paper knows a level by its name. */
    public static String levelName(LevelMark mark) {
        return Level.nameOf(mark.level());
    }

    /** Where the number and the name of a piece stand: beside the grain, below the waist or in its middle. */
    public static Point labelAt(Piece piece) {
        Optional<LevelMark> waist = piece.mark(Level.WAIST);
        double x = piece.grain().to().x() + 4;
        if (waist.isEmpty()) {
            return new Point(x, (piece.grain().from().y() + piece.grain().to().y()) / 2);
        }
        double bottom = piece.outline().stream()
                .mapToDouble(e -> Math.max(e.path().start().y(), e.path().end().y()))
                .max()
                .orElse(0);
        double at = waist.get().from().y();
        return bottom - at > 60 ? new Point(x, at + 26) : new Point(x, at - 84);
    }
}
