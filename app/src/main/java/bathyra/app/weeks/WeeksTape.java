package bathyra.app.weeks;

import bathyra.app.stage.Days;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import java.time.LocalDate;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/** The weeks as bands down the whole page, with the dated tape above and today as a line. A click on a week chooses it. */
final class WeeksTape extends PaintedPane {
    static final double HEAD = 48;
    private static final double TAPE_AT = 18;
    private static final double TAPE = 26;
    private static final double SMALL = 6;
    private static final double LARGE = 11;
    private static final int DAYS = 7;
    /** Narrower weeks have no ticks for their days, and not each its date. */
    private static final double NARROW = 46;

    private final WeeksModel model;
    private final Span span;
    private final ReadOnlyDoubleProperty hours;

    /** @param hours how high the hours stand below the rows */
    WeeksTape(WeeksModel model, Span span, ReadOnlyDoubleProperty hours) {
        this.model = model;
        this.span = span;
        this.hours = hours;
        hours.addListener(o -> repaint());
        setAccessibleText("The weeks");
        setOnMouseClicked(e -> {
            LocalDate day = span.first().plusDays((long) (e.getX() * span.weeks() * DAYS / Math.max(1, width())));
            if (e.getX() <= width() && model.load().week(day) >= 0) {
                model.chooseWeek(model.load().week(day));
            }
        });
    }

    void show() {
        repaint();
    }

    private double width() {
        return getWidth() - WeeksView.SCROLL;
    }

    @Override
    protected void paint(Surface g) {
        g.clearRect(0, 0, getWidth(), getHeight());
        double week = width() / span.weeks();
        for (int i = 0; i < span.weeks(); i++) {
            boolean chosen = isChosen(span.week(i));
            if (chosen || i % 2 == 0) {
                g.setFill(palette().of(chosen ? Ink.SEA_5 : Ink.SEA_1));
                g.fillRect(i * week, HEAD, week, getHeight() - HEAD);
            }
        }
        tape(g, week);
        today(g);
    }

    private void tape(Surface g, double week) {
        g.setFill(palette().of(Ink.BRASS));
        g.fillRect(0, TAPE_AT, width(), TAPE);
        g.setFill(palette().of(Ink.TAPE));
        g.fillRect(1, TAPE_AT + 1, width() - 2, TAPE - 2);
        int every = (int) Math.ceil(NARROW / week);
        g.setLineWidth(1);
        g.setLineDashes();
        for (int i = 0; i < span.weeks(); i++) {
            double x = i * week;
            weekend(g, span.week(i), x, week);
            g.setStroke(palette().of(Ink.DEEP));
            g.strokeLine(x + 0.5, TAPE_AT + TAPE - LARGE, x + 0.5, TAPE_AT + TAPE);
            for (int day = 1; every == 1 && day < DAYS; day++) {
                double at = x + day * week / DAYS;
                g.strokeLine(at, TAPE_AT + TAPE - SMALL, at, TAPE_AT + TAPE);
            }
            if (i % every == 0) {
                g.setFont(isChosen(span.week(i)) ? Lettering.figureBold() : Lettering.ruler());
                g.setFill(palette().of(Ink.DEEP));
                g.setTextAlign(TextAlignment.LEFT);
                g.setTextBaseline(VPos.BASELINE);
                g.fillText(Days.say(span.week(i)), x + 5, TAPE_AT + TAPE - LARGE - 1);
            }
        }
    }

    /** The days on which nobody works, in whichever place of a week they lie. */
    private void weekend(Surface g, LocalDate first, double x, double week) {
        g.setFill(palette().of(Ink.BRASS_LIGHT));
        g.setGlobalAlpha(0.22);
        for (int day = 0; day < DAYS; day++) {
            if (model.house().calendar().weekend().contains(first.plusDays(day).getDayOfWeek())) {
                g.fillRect(x + day * week / DAYS, TAPE_AT + 1, week / DAYS, TAPE - 2);
            }
        }
        g.setGlobalAlpha(1);
    }

    private boolean isChosen(LocalDate week) {
        return model.chosenWeek().map(model.load()::first).filter(week::equals).isPresent();
    }

    /** Under the words of the tape, and no farther than the rows: no line runs through a figure. */
    private void today(Surface g) {
        double x = span.x(model.today(), width());
        if (x < 0 || x > width()) {
            return;
        }
        g.setStroke(palette().of(Ink.TEAL));
        g.setLineWidth(2);
        g.strokeLine(x, TAPE_AT + TAPE - LARGE, x, getHeight() - hours.get());
        g.setFill(palette().of(Ink.TEAL));
        g.fillPolygon(new double[] {x - 5, x + 5, x}, new double[] {TAPE_AT - 7, TAPE_AT - 7, TAPE_AT}, 3);
        g.setFont(Lettering.figureBold());
        g.setTextAlign(x > width() / 2 ? TextAlignment.RIGHT : TextAlignment.LEFT);
        g.fillText("today, " + Days.say(model.today()), x > width() / 2 ? x - 9 : x + 9, TAPE_AT - 5);
    }
}
