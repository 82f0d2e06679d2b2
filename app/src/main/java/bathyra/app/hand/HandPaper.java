package bathyra.app.hand;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.hand.HandPiece;
import bathyra.hand.HandStep;
import bathyra.hand.Redrawn;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;

/** The drafting paper: grain and waist, the help lines with their figures, what is drawn, and the square and the pencil at what comes next. */
final class HandPaper extends PaintedPane {
    private static final double TAPE = 42;
    private static final double MARGIN = 84;
    private static final double ABOVE = 54;
    private static final double BELOW = 46;
    private static final double WEIGHT = 9;
    private static final double SQUARE = 120;

    private Optional<HandModel> model = Optional.empty();
    private double scale;
    private double grain;
    private double waist;

    HandPaper() {
        setId("hand-paper");
        setMinSize(260, 300);
    }

    void show(HandModel next) {
        model = Optional.of(next);
        HandModel.Given given = next.inHand();
        setAccessibleText(given.hand().piece().name() + " by hand, " + next.done(next.index()) + " of "
                + given.steps().size() + " steps done"
                + next.step().map(s -> ". " + s.words().in(next.unit())).orElse(""));
        repaint();
    }

    @Override
    protected void paint(Surface g) {
        g.setFill(palette().of(Ink.SEA_2));
        g.fillRect(0, 0, getWidth(), getHeight());
        if (model.isEmpty()) {
            return;
        }
        HandModel now = model.get();
        HandModel.Given given = now.inHand();
        place(given.hand());
        sheet(g);
        tape(g, now, given.hand());
        rows(g, now, given);
        outline(g, now, given);
        drawnBack(g);
        inHand(g, now);
        axes(g, given.hand());
        words(g, given);
    }

    /** Everything has room between the margins. */
    private void place(HandPiece hand) {
        List<Point> all = hand.piece().flattened(1);
        double left = Math.min(0, all.stream().mapToDouble(Point::x).min().orElse(0));
        double right = Math.max(0, all.stream().mapToDouble(Point::x).max().orElse(1));
        double top = all.stream().mapToDouble(Point::y).min().orElse(0);
        double foot = all.stream().mapToDouble(Point::y).max().orElse(1);
        double wide = getWidth() - TAPE - 2 * MARGIN;
        scale = Math.max(
                0.05, Math.min(wide / (right - left), (getHeight() - ABOVE - BELOW) / Math.max(1, foot - top)));
        grain = TAPE + MARGIN + (wide - scale * (right - left)) / 2 - left * scale;
        waist = ABOVE - top * scale;
    }

    private double x(double mm) {
        return grain + mm * scale;
    }

    private double y(double up) {
        return waist - up * scale;
    }

    private void sheet(Surface g) {
        double left = TAPE + 8;
        double width = getWidth() - left - 8;
        double height = getHeight() - 16;
        g.setFill(palette().of(Ink.TAPE));
        g.fillRect(left, 8, width, height);
        g.setStroke(palette().of(Ink.BRASS));
        g.setLineWidth(1);
        g.setLineDashes();
        g.strokeRect(left, 8, width, height);
        for (double x : new double[] {left + 14, left + width - 14}) {
            for (double y : new double[] {22, height - 6}) {
                g.setFill(palette().of(Ink.BRASS));
                g.fillOval(x - WEIGHT, y - WEIGHT, 2 * WEIGHT, 2 * WEIGHT);
                g.setFill(palette().of(Ink.DEEP));
                g.fillOval(x - 3, y - 3, 6, 6);
            }
        }
    }

    /** The tape of heights, counted from the waist. */
    private void tape(Surface g, HandModel now, HandPiece hand) {
        g.setFill(palette().of(Ink.TAPE));
        g.fillRect(6, 8, TAPE - 6, getHeight() - 16);
        g.setStroke(palette().of(Ink.BRASS));
        g.strokeRect(6, 8, TAPE - 6, getHeight() - 16);
        double every = now.division().isInches() ? 25.4 : 10;
        double top = hand.rows().isEmpty() ? 0 : (waist - 12) / scale;
        for (long i = (long) Math.floor(top / every); y(i * every) < getHeight() - 12; i--) {
            double y = y(i * every);
            boolean large = i % 5 == 0;
            g.setStroke(palette().of(Ink.DEEP));
            g.strokeLine(TAPE - (large ? 14 : 7), y, TAPE, y);
            if (large && y > 24) {
                text(g, Long.toString(i).replace('-', '−'), TAPE - 17, y + 4, Ink.DEEP, TextAlignment.RIGHT, false);
            }
        }
    }

    private void axes(Surface g, HandPiece hand) {
        List<Point> all = hand.piece().flattened(1);
        double top = -all.stream().mapToDouble(Point::y).min().orElse(0);
        double foot = -all.stream().mapToDouble(Point::y).max().orElse(0);
        g.setStroke(palette().of(Ink.DEEP));
        g.setLineWidth(1.2);
        g.setLineDashes();
        g.strokeLine(x(0), y(top) - 16, x(0), y(foot) + 16);
        g.strokePolyline(
                new double[] {x(0) - 5, x(0), x(0) + 5}, new double[] {y(top) - 7, y(top) - 16, y(top) - 7}, 3);
        g.setFont(Lettering.sounding());
        g.setFill(palette().of(Ink.DEEP));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BASELINE);
        g.fillText("grain", x(0) + 9, y(top) - 10);
    }

    private void rows(Surface g, HandModel now, HandModel.Given given) {
        int done = now.done(now.index());
        Optional<HandPiece.Row> held = now.step().flatMap(HandStep::row);
        for (HandPiece.Row row : given.hand().rows()) {
            boolean drawn = given.steps().stream()
                    .limit(done)
                    .anyMatch(s -> s.row().filter(row::equals).isPresent());
            double left = x(-row.left().orElse(0.0));
            double right = x(row.right().orElse(0.0));
            double y = y(row.up());
            g.setStroke(palette().of(Ink.LINE));
            g.setLineWidth(1);
            g.setLineDashes(4, 3);
            g.strokeLine(TAPE + 60, y, left - 4, y);
            g.strokeLine(left, y, right, y);
            g.strokeLine(right + 4, y, getWidth() - 66, y);
            g.setLineDashes();
            if (held.filter(row::equals).isEmpty()) {
                row.left().ifPresent(l -> figure(g, now.say(l), TAPE + 56, y, TextAlignment.RIGHT, drawn));
                row.right().ifPresent(r -> figure(g, now.say(r), getWidth() - 62, y, TextAlignment.LEFT, drawn));
            }
            row.level().ifPresent(level -> {
                g.setFont(Lettering.sounding());
                g.setFill(palette().of(Ink.DEEP));
                g.setTextAlign(TextAlignment.LEFT);
                g.fillText(level, TAPE + 66, y - 5);
            });
            row.left().ifPresent(l -> dot(g, left, y, drawn));
            row.right().ifPresent(r -> dot(g, right, y, drawn));
        }
    }

    private void figure(Surface g, String words, double x, double y, TextAlignment side, boolean drawn) {
        text(g, words, x, y + 4.5, drawn ? Ink.DEEP : Ink.EDGE, side, drawn);
    }

    private void dot(Surface g, double x, double y, boolean drawn) {
        if (drawn) {
            g.setFill(palette().of(Ink.DEEP));
            g.fillOval(x - 3, y - 3, 6, 6);
        } else {
            g.setStroke(palette().of(Ink.EDGE));
            g.setLineWidth(1.3);
            g.strokeOval(x - 3, y - 3, 6, 6);
        }
    }

    /** Dotted as it will be; in ink once it is joined. */
    private void outline(Surface g, HandModel now, HandModel.Given given) {
        boolean joined =
                given.steps().stream().limit(now.done(now.index())).anyMatch(s -> s.kind() == HandStep.Kind.JOIN);
        g.setStroke(palette().of(joined ? Ink.DEEP : Ink.EDGE));
        g.setLineWidth(joined ? 1.8 : 1);
        if (joined) {
            g.setLineDashes();
        } else {
            g.setLineDashes(1.5, 4);
        }
        Redrawn.of(given.hand().offsets()).edges().values().forEach(edge -> follow(g, edge));
        given.hand().piece().darts().forEach(dart -> {
            follow(g, dart.one());
            follow(g, dart.other());
        });
        g.setLineDashes();
        given.hand()
                .offsets()
                .corners()
                .forEach(c -> dot(
                        g,
                        x(c.right()),
                        y(c.up()),
                        given.steps().stream()
                                .limit(now.done(now.index()))
                                .filter(s -> s.kind() == HandStep.Kind.CORNER)
                                .flatMap(s -> s.points().stream())
                                .anyMatch(p -> Math.hypot(p.x() - c.right(), p.y() + c.up()) < 2)));
    }

    private void drawnBack(Surface g) {
        g.setStroke(palette().of(Ink.CORAL));
        g.setLineWidth(2);
        g.setLineDashes(6, 3);
        model.flatMap(HandModel::drawnEdges).ifPresent(edges -> edges.forEach(edge -> follow(g, edge)));
        g.setLineDashes();
    }

    private void follow(Surface g, Path edge) {
        List<Point> points = edge.flattened(0.3);
        g.strokePolyline(
                points.stream().mapToDouble(p -> x(p.x())).toArray(),
                points.stream().mapToDouble(p -> y(-p.y())).toArray(),
                points.size());
    }

    /** The step in hand: its line and figures large, the square on the grain and the pencil at its mark. */
    private void inHand(Surface g, HandModel now) {
        Optional<HandStep> step = now.step();
        if (step.isEmpty()) {
            return;
        }
        step.get().row().ifPresent(row -> {
            double y = y(row.up());
            g.setStroke(palette().of(Ink.TEAL));
            g.setLineWidth(4);
            g.setLineCap(StrokeLineCap.ROUND);
            g.strokeLine(x(-row.left().orElse(0.0)), y, x(row.right().orElse(0.0)), y);
            g.setLineCap(StrokeLineCap.BUTT);
            square(g, y);
            row.left().ifPresent(l -> label(g, now.say(l), TAPE + 62, y, true));
            row.right().ifPresent(r -> label(g, now.say(r), getWidth() - 66, y, false));
        });
        step.get().points().stream().reduce((a, b) -> b).ifPresent(p -> pencil(g, x(p.x()), y(-p.y())));
    }

    private void square(Surface g, double y) {
        double side = SQUARE;
        g.setStroke(palette().of(Ink.BRASS));
        g.setLineWidth(1.4);
        g.setLineDashes();
        g.strokePolygon(new double[] {x(0), x(0) + side, x(0)}, new double[] {y, y, y - side}, 3);
        g.strokePolygon(
                new double[] {x(0) + 18, x(0) + side * 0.62, x(0) + 18},
                new double[] {y - 18, y - 18, y - 18 - side * 0.48},
                3);
    }

    private void pencil(Surface g, double x, double y) {
        g.setFill(palette().of(Ink.TEAL));
        g.fillOval(x - 6, y - 6, 12, 12);
        g.fillPolygon(new double[] {x + 4, x + 12, x + 52, x + 44}, new double[] {y + 8, y + 3, y + 50, y + 56}, 4);
        g.setStroke(palette().of(Ink.CHART));
        g.setLineWidth(2);
        g.strokeOval(x - 6, y - 6, 12, 12);
    }

    private void label(Surface g, String words, double at, double y, boolean left) {
        double wide = TextSize.px(16 + 9 * words.length());
        double tall = TextSize.px(26);
        g.setFill(palette().of(Ink.TEAL));
        g.fillRoundRect(left ? at - wide : at, y - tall / 2, wide, tall, 6, 6);
        text(g, words, left ? at - wide / 2 : at + wide / 2, y + 5, Ink.ON_TEAL, TextAlignment.CENTER, true);
    }

    private void words(Surface g, HandModel.Given given) {
        text(
                g,
                "Write on it: " + given.hand().piece().order() + ", "
                        + given.hand().piece().name().toLowerCase(java.util.Locale.ROOT) + ", "
                        + given.hand().piece().cutWords(),
                (TAPE + getWidth()) / 2,
                getHeight() - 18,
                Ink.DEEP,
                TextAlignment.CENTER,
                false);
    }

    private void text(Surface g, String words, double x, double y, Ink ink, TextAlignment side, boolean bold) {
        g.setFont(bold ? Lettering.figureBold() : Lettering.figure());
        g.setFill(palette().of(ink));
        g.setTextAlign(side);
        g.setTextBaseline(VPos.BASELINE);
        g.fillText(words, x, y);
    }
}
