package bathyra.app.glossary;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.piece.Piece;
import bathyra.size.Nest;
import bathyra.size.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * What one figure does to the pattern: its pieces as they are, and over them as they would be, each pair laid on its waist.
 *
 * @param now closed lines, mm, y down
 * @param then the same
 * @param moved the stretches of these that lie elsewhere than now
 */
record MovedDrawing(List<List<Point>> now, List<List<Point>> then, List<List<Point>> moved, String words) {
    private static final double MARGIN = 8;
    /** Pixels under the drawing for its words. */
    private static final double CAPTION = 22;
    /** Finer than a pixel of a small drawing, mm. */
    private static final double CHORD = 0.5;
    /** How far apart points are looked at, mm. */
    private static final double FINE = 5;
    /** What cannot be seen in a small drawing, mm. */
    private static final double UNSEEN = 0.5;

    private static final Size AS_IT_IS = new Size("as it is", "", Map.of());
    private static final Size AS_IT_WOULD_BE = new Size("as it would be", "", Map.of());

    /** Drafts both. @return nothing where one of them has no draft, and where no line of any piece moves */
    static Optional<MovedDrawing> of(Tried tried) {
        if (!(Drafter.draft(tried.now()) instanceof Draft now && Drafter.draft(tried.then()) instanceof Draft then)) {
            return Optional.empty();
        }
        Nest nest = Nest.of(
                List.of(new Nest.Row(0, AS_IT_IS, now), new Nest.Row(1, AS_IT_WOULD_BE, then)), Nest.Laying.WAIST);
        return Stream.<Function<Piece, List<Point>>>of(p -> p.flattened(CHORD), Piece::cutLine)
                .map(line -> of(nest, line, tried.words()))
                .filter(d -> !d.moved().isEmpty())
                .findFirst();
    }

    private static MovedDrawing of(Nest nest, Function<Piece, List<Point>> line, String words) {
        List<List<Point>> now = new ArrayList<>();
        List<List<Point>> then = new ArrayList<>();
        List<List<Point>> moved = new ArrayList<>();
        for (Nest.Nested piece : nest.pieces()) {
            Optional<List<Point>> before = lying(piece, 0).map(line);
            Optional<List<Point>> after = lying(piece, 1).map(line);
            before.ifPresent(now::add);
            after.ifPresent(then::add);
            after.ifPresent(a -> moved.addAll(stretches(fine(closed(a)), before.map(MovedDrawing::closed))));
        }
        return new MovedDrawing(now, then, moved, "dashed: " + words);
    }

    private static Optional<Piece> lying(Nest.Nested piece, int row) {
        return piece.sizes().stream()
                .filter(l -> l.row() == row)
                .map(Nest.Lying::piece)
                .findFirst();
    }

    private static List<Point> closed(List<Point> line) {
        List<Point> all = new ArrayList<>(line);
        all.add(line.get(0));
        return all;
    }

    /** With points so near to each other that a long straight line may move at one end alone. */
    private static List<Point> fine(List<Point> line) {
        List<Point> all = new ArrayList<>(List.of(line.get(0)));
        for (int i = 1; i < line.size(); i++) {
            Point from = line.get(i - 1);
            Point to = line.get(i);
            int parts = (int) Math.max(1, Math.ceil(from.distance(to) / FINE));
            for (int k = 1; k <= parts; k++) {
                all.add(from.between(to, (double) k / parts));
            }
        }
        return all;
    }

    /** The stretches of a line that leave another; all of it where there is none. */
    private static List<List<Point>> stretches(List<Point> line, Optional<List<Point>> from) {
        List<List<Point>> all = new ArrayList<>();
        List<Point> run = new ArrayList<>();
        for (Point point : line) {
            boolean away = from.map(f -> Shape.distance(f, point) > UNSEEN).orElse(true);
            if (away || run.size() > 1) {
                run.add(point);
            } else {
                // Where it leaves the other it begins on it.
                run = new ArrayList<>(List.of(point));
            }
            if (!away && run.size() > 1) {
                all.add(run);
                run = new ArrayList<>(List.of(point));
            }
        }
        if (run.size() > 1) {
            all.add(run);
        }
        return all;
    }

    void paint(Surface g, Function<Ink, Color> ink, double width, double height) {
        g.clearRect(0, 0, width, height);
        double foot = TextSize.px(CAPTION);
        Fitted fitted = Fitted.of(
                Stream.concat(now.stream(), then.stream()).flatMap(List::stream).toList(), width, height - foot);
        for (List<Point> line : now) {
            trace(g, fitted, line);
            g.closePath();
            g.setFill(ink.apply(Ink.CHART));
            g.fill();
            g.setStroke(ink.apply(Ink.INK));
            g.setLineWidth(1);
            g.setLineDashes();
            g.stroke();
        }
        for (List<Point> line : moved) {
            trace(g, fitted, line);
            g.setStroke(ink.apply(Ink.CORAL));
            g.setLineWidth(1.6);
            g.setLineDashes(4, 2);
            g.stroke();
        }
        g.setLineDashes();
        g.setFill(ink.apply(Ink.TEAL));
        g.setFont(Lettering.level());
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(words, MARGIN, height - MARGIN);
    }

    private static void trace(Surface g, Fitted fitted, List<Point> line) {
        g.beginPath();
        for (int i = 0; i < line.size(); i++) {
            double x = fitted.x(line.get(i));
            double y = fitted.y(line.get(i));
            if (i == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
    }

    /** How the paper lies on the surface. @param left pixels @param top pixels */
    private record Fitted(double left, double top, double scale) {
        static Fitted of(List<Point> all, double width, double height) {
            double from = all.stream().mapToDouble(Point::x).min().orElse(0);
            double to = all.stream().mapToDouble(Point::x).max().orElse(1);
            double high = all.stream().mapToDouble(Point::y).min().orElse(0);
            double low = all.stream().mapToDouble(Point::y).max().orElse(1);
            double scale = Math.min(
                    (width - 2 * MARGIN) / Math.max(1, to - from), (height - 2 * MARGIN) / Math.max(1, low - high));
            return new Fitted(
                    (width - (to - from) * scale) / 2 - from * scale,
                    (height - (low - high) * scale) / 2 - high * scale,
                    scale);
        }

        double x(Point p) {
            return left + p.x() * scale;
        }

        double y(Point p) {
            return top + p.y() * scale;
        }
    }
}
