package bathyra.files;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.Notch;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
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

    /** Lays the pieces of a pattern apart; the sheet begins at 0, 0. */
    public static SheetLayout of(Pattern pattern) {
        double top = pattern.pieces().stream().flatMap(p -> p.cutLine().stream()).mapToDouble(Point::y).min().orElse(0);
        double bottom = pattern.pieces().stream().flatMap(p -> p.cutLine().stream()).mapToDouble(Point::y).max().orElse(0);
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

    /** The grain line with its one arrowhead, at the top. */
    public static List<Line> grain(Piece piece) {
        Point from = piece.grain().from();
        Point to = piece.grain().to();
        Vec back = to.to(from).unit().times(ARROW);
        return List.of(new Line(from, to), new Line(to, to.plus(back.turned(0.45))), new Line(to, to.plus(back.turned(-0.45))));
    }

    /** Where the number and the name of a piece stand: beside the grain, below the waist or in its middle. */
    public static Point labelAt(Piece piece) {
        Optional<LevelMark> waist = piece.mark("waist");
        double x = piece.grain().to().x() + 4;
        if (waist.isEmpty()) {
            return new Point(x, (piece.grain().from().y() + piece.grain().to().y()) / 2);
        }
        double bottom = piece.outline().stream().mapToDouble(e -> Math.max(e.path().start().y(), e.path().end().y())).max().orElse(0);
        double at = waist.get().from().y();
        return bottom - at > 60 ? new Point(x, at + 26) : new Point(x, at - 84);
    }
}
