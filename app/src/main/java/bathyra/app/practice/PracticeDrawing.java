package bathyra.app.practice;

import bathyra.app.table.Ink;
import bathyra.app.table.Joining;
import bathyra.app.table.Lettering;
import bathyra.app.table.Placement;
import bathyra.app.table.Surface;
import bathyra.draft.Draft;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.practice.Exercise;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** The half pattern beside a question, with what the question is about: a level, a panel, or the two edges of a seam. */
final class PracticeDrawing {
    private static final double MARGIN = 14;
    /** Pixels above the drawing for the name of what is meant. */
    private static final double CAPTION = 24;

    private static final double CHORD = 0.5;

    private final Draft draft;
    private final Exercise.At at;
    private final Map<String, Placement> places;

    PracticeDrawing(Draft draft, Exercise.At at) {
        this.draft = draft;
        this.at = at;
        this.places = Joining.apart(draft.pattern());
    }

    /** What is shown, in words: for those who do not see it, and above it. */
    String words() {
        String level = at.level().map(l -> l.label()).orElse("");
        return at.edges()
                .map(SeamJoin::name)
                .or(() -> at.piece()
                        .flatMap(this::piece)
                        .map(p -> p.name() + (level.isEmpty() ? "" : ", " + level.toLowerCase(Locale.ROOT))))
                .orElse(level);
    }

    private Optional<Piece> piece(String id) {
        return draft.pattern().pieces().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** How the paper lies on the surface. */
    private record Fitted(double left, double top, double scale) {
        double x(Point p) {
            return MARGIN + (p.x() - left) * scale;
        }

        double y(Point p) {
            return CAPTION + MARGIN + (p.y() - top) * scale;
        }
    }

    void paint(Surface g, Function<Ink, Color> ink, double width, double height) {
        g.clearRect(0, 0, width, height);
        Fitted fitted = fitted(width, height);
        for (Piece piece : draft.pattern().pieces()) {
            boolean meant = at.piece().filter(piece.id()::equals).isPresent();
            trace(g, fitted, piece, piece.path());
            g.closePath();
            g.setFill(ink.apply(meant ? Ink.SEA_3 : Ink.CHART));
            g.fill();
            g.setStroke(ink.apply(Ink.INK));
            g.setLineWidth(1.2);
            g.setLineDashes();
            g.stroke();
        }
        at.level().ifPresent(level -> level(g, ink, fitted, level.id()));
        at.edges().ifPresent(seam -> {
            edge(g, ink, fitted, seam.a());
            edge(g, ink, fitted, seam.b());
        });
        g.setFill(ink.apply(Ink.TEAL));
        g.setFont(Lettering.level());
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(words(), MARGIN, CAPTION - 6);
    }

    private Fitted fitted(double width, double height) {
        List<Point> all = draft.pattern().pieces().stream()
                .flatMap(p -> p.flattened(CHORD).stream().map(places.get(p.id())::of))
                .toList();
        double left = all.stream().mapToDouble(Point::x).min().orElse(0);
        double right = all.stream().mapToDouble(Point::x).max().orElse(1);
        double top = all.stream().mapToDouble(Point::y).min().orElse(0);
        double foot = all.stream().mapToDouble(Point::y).max().orElse(1);
        double scale = Math.min(
                (width - 2 * MARGIN) / Math.max(1, right - left),
                (height - CAPTION - 2 * MARGIN) / Math.max(1, foot - top));
        return new Fitted(left, top, Math.max(0.01, scale));
    }

    /** On a piece only that piece's line, else the line across all of them. */
    private void level(Surface g, Function<Ink, Color> ink, Fitted fitted, String level) {
        g.setStroke(ink.apply(Ink.TEAL));
        g.setLineWidth(2.4);
        g.setLineDashes();
        for (Piece piece : draft.pattern().pieces()) {
            if (at.piece().isEmpty() || at.piece().get().equals(piece.id())) {
                for (LevelMark mark : piece.levelMarks()) {
                    if (mark.level().equals(level)) {
                        Point from = places.get(piece.id()).of(mark.from());
                        Point to = places.get(piece.id()).of(mark.to());
                        g.strokeLine(fitted.x(from), fitted.y(from), fitted.x(to), fitted.y(to));
                    }
                }
            }
        }
    }

    private void edge(Surface g, Function<Ink, Color> ink, Fitted fitted, SeamJoin.Ref ref) {
        Piece piece = draft.pattern().piece(ref.piece());
        OutlineEdge edge = piece.edge(ref.edge());
        trace(g, fitted, piece, edge.path());
        g.setStroke(ink.apply(Ink.TEAL));
        g.setLineWidth(3);
        g.setLineDashes();
        g.stroke();
    }

    private void trace(Surface g, Fitted fitted, Piece piece, Path path) {
        g.beginPath();
        boolean first = true;
        for (Point on : path.flattened(CHORD)) {
            Point laid = places.get(piece.id()).of(on);
            if (first) {
                g.moveTo(fitted.x(laid), fitted.y(laid));
                first = false;
            } else {
                g.lineTo(fitted.x(laid), fitted.y(laid));
            }
        }
    }
}
