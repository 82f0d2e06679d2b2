package bathyra.app.weeks;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.workload.Hours;
import bathyra.workload.Job;
import bathyra.workload.WorkLoad;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/** The hours of each week as a basin: filled to the water line with the hours at hand, the work stacked in it as slips of paper; what stands out of the water is too much. */
final class Basins extends PaintedPane {
    /** Slips lower than this are not named. */
    private static final double NAMED = 15;

    private static final double TOP = 24;
    private static final double EDGE = 3;
    private static final double HATCH = 7;
    private static final double HOUR = 60;
    /** About as wide as a letter. */
    private static final double LETTER = 6.4;

    private static final String ARTICLE = "The ";

    private final WeeksModel model;
    private final Span span;

    Basins(WeeksModel model, Span span) {
        this.model = model;
        this.span = span;
        setAccessibleText("Hours needed against hours at hand, week by week");
    }

    void show() {
        repaint();
    }

    @Override
    protected void paint(Surface g) {
        g.clearRect(0, 0, getWidth(), getHeight());
        WorkLoad load = model.load();
        double width = (getWidth() - WeeksView.SCROLL) / span.weeks();
        double most = HOUR;
        for (int i = 0; i < span.weeks(); i++) {
            int week = load.week(span.week(i));
            most = Math.max(most, Math.max(load.needed(week), load.atHand(week)));
        }
        double scale = (getHeight() - TOP) / most;
        for (int i = 0; i < span.weeks(); i++) {
            int week = load.week(span.week(i));
            if (week >= 0) {
                week(g, load, week, i * width, width, scale);
            }
        }
    }

    private void week(Surface g, WorkLoad load, int week, double x, double width, double scale) {
        double foot = getHeight();
        double water = foot - load.atHand(week) * scale;
        g.setFill(palette().of(Ink.SEA_4));
        g.fillRect(x + 1, water, width - 2, foot - water);
        double at = foot;
        boolean odd = false;
        for (Slip slip : slips(load, week)) {
            double height = slip.minutes() * scale;
            g.setFill(palette().of(slip.mine() ? Ink.TEAL : odd ? Ink.PIECE_ALT : Ink.PAPER));
            g.fillRect(x + EDGE, at - height, width - 2 * EDGE, height);
            at -= height;
            odd = !odd;
            if (height >= NAMED && width > 2 * NAMED) {
                name(g, slip, x + width / 2, at + height / 2, width - 2 * EDGE - 6);
            }
        }
        if (at < foot) {
            g.setStroke(palette().of(Ink.LINE));
            g.setLineWidth(1);
            g.setLineDashes();
            g.strokeRect(x + EDGE, at, width - 2 * EDGE, foot - at);
        }
        if (at < water - 0.5 && load.over(week) > 0) {
            over(g, x, width, at, water);
        }
        g.setStroke(palette().of(Ink.INK));
        g.setLineWidth(2);
        g.setLineDashes();
        g.strokeLine(x + 1, water, x + width - 1, water);
        boolean over = load.over(week) > 0;
        g.setFont(Lettering.figureBold());
        g.setFill(palette().of(over ? Ink.AMBER_TEXT : Ink.INK));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.BASELINE);
        if (load.needed(week) > 0) {
            g.fillText(Hours.said(load.needed(week)), x + width / 2, at - 6);
        }
    }

    /** What is stacked in a basin: a commission, or one design for many. */
    private record Slip(String title, double minutes, boolean mine) {
        private Slip and(Slip more) {
            return new Slip(title, minutes + more.minutes, mine || more.mine);
        }
    }

    private List<Slip> slips(WorkLoad load, int week) {
        Map<String, Slip> slips = new LinkedHashMap<>();
        // The jobs come by their due days.
        for (Job job : load.jobs()) {
            double minutes = load.needed(job.id(), week);
            if (minutes > 0) {
                slips.merge(job.title(), new Slip(job.title(), minutes, model.isInHand(job.id())), Slip::and);
            }
        }
        return List.copyOf(slips.values());
    }

    private void name(Surface g, Slip slip, double middle, double y, double room) {
        String name = WeekWords.brief(slip.title());
        int letters = (int) (room / TextSize.px(LETTER));
        if (name.length() > letters && name.startsWith(ARTICLE)) {
            name = name.substring(ARTICLE.length());
        }
        if (name.length() > letters) {
            name = letters < 4 ? "" : name.substring(0, letters - 1).strip() + "…";
        }
        g.setFont(Lettering.ruler());
        g.setFill(palette().of(slip.mine() ? Ink.ON_TEAL : Ink.INK));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(name, middle, y);
    }

    private void over(Surface g, double x, double width, double top, double water) {
        g.save();
        g.setFill(palette().of(Ink.AMBER_WASH));
        g.setGlobalAlpha(0.55);
        g.fillRect(x + EDGE, top, width - 2 * EDGE, water - top);
        g.setGlobalAlpha(1);
        g.setStroke(palette().of(Ink.AMBER));
        g.setLineWidth(1);
        double left = x + EDGE;
        double right = x + width - EDGE;
        double height = water - top;
        g.beginPath();
        for (double from = left - height; from < right; from += HATCH) {
            double x1 = Math.max(left, from);
            double x2 = Math.min(right, from + height);
            g.moveTo(x1, water - (x1 - from));
            g.lineTo(x2, water - (x2 - from));
        }
        g.stroke();
        g.strokeRect(left, top, right - left, height);
        g.restore();
    }
}
