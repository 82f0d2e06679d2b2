package bathyra.cutting;

import bathyra.garment.GrainLine;
import bathyra.geometry.Motion;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.paper.Sheet;
import bathyra.piece.Grain;
import bathyra.piece.LevelMark;
import bathyra.place.Level;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The grain line of a sheet: over nearly the whole piece, its arrow at the top (C12). */
final class Grains {
    /** Beside the middle, so that the name has room. */
    private static final double AT = 0.17;

    /** Places tried across the piece. */
    private static final int PLACES = 12;

    private static final double COARSE = 0.2;
    /** The axis of a panel runs through the middles of its widths at these shares of its height. */
    private static final double HIGH = 0.2;

    private static final double LOW = 0.8;

    private Grains() {}

    static Grain of(Sheet sheet, GrainLine line) {
        List<Point> ring = sheet.flattened(COARSE);
        double turn =
                switch (line) {
                    case CENTRE_FRONT -> 0;
                    case PANEL -> lean(axis(ring));
                    case WAIST ->
                        sheet.mark(Level.WAIST.id())
                                .map(m -> m.from().to(m.to()).turned(-Math.PI / 2))
                                .map(Grains::lean)
                                .orElse(0.0);
                    case BIAS -> Math.PI / 4;
                };
        if (turn == 0) {
            return upright(ring, sheet.mark(Level.WAIST.id()));
        }
        Motion upright = Motion.about(Shape.middle(ring), -turn);
        Grain grain = upright(
                ring.stream().map(upright).toList(),
                sheet.mark(Level.WAIST.id())
                        .map(m -> new LevelMark(m.level(), upright.apply(m.from()), upright.apply(m.to()))));
        Motion back = upright.inverse();
        return new Grain(back.apply(grain.from()), back.apply(grain.to()));
    }

    /** By how much a direction leans from straight up, clockwise on the screen. */
    private static double lean(Vec up) {
        return Vec.DOWN.reversed().angleTo(up);
    }

    /** From the middle of the lower part to that of the upper. */
    private static Vec axis(List<Point> ring) {
        double top = ring.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = ring.stream().mapToDouble(Point::y).max().orElse(0);
        return middle(ring, top + LOW * (bottom - top)).to(middle(ring, top + HIGH * (bottom - top)));
    }

    private static Point middle(List<Point> ring, double y) {
        // The library's upright cut serves for a level one with the axes changed over.
        double[] reach =
                Shape.upright(ring.stream().map(p -> new Point(p.y(), p.x())).toList(), y);
        return new Point((reach[0] + reach[1]) / 2, y);
    }

    /** As near to its usual place as it covers enough of the piece, clear of the edges; the longest there is where none does. */
    private static Grain upright(List<Point> ring, Optional<LevelMark> waist) {
        GrainRoom.Run best = new GrainRoom(ring).best(places(ring, waist));
        return new Grain(new Point(best.x(), best.lower()), new Point(best.x(), best.upper()));
    }

    /** Across the waist from beside its middle to the other side of it; without a waist from the middle of the piece outwards. */
    private static double[] places(List<Point> ring, Optional<LevelMark> waist) {
        if (waist.isPresent()) {
            double from = waist.get().from().x();
            double wide = waist.get().to().x() - from;
            return IntStream.rangeClosed(0, PLACES)
                    .mapToDouble(i -> from + wide * (AT + (1 - 2 * AT) * i / PLACES))
                    .toArray();
        }
        double middle = Shape.middle(ring).x();
        DoubleSummaryStatistics across = ring.stream().mapToDouble(Point::x).summaryStatistics();
        double step = (across.getMax() - across.getMin()) / 2 / PLACES;
        return IntStream.rangeClosed(0, PLACES)
                .mapToDouble(i -> middle + (i % 2 == 0 ? 1 : -1) * ((i + 1) / 2) * step)
                .toArray();
    }
}
