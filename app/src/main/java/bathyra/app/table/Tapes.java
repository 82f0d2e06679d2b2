package bathyra.app.table;

import bathyra.length.LengthUnit;
import java.util.Arrays;
import javafx.scene.text.TextAlignment;

/** The two measuring tapes at the table's edges; the upright one counts down from the neck end of the shoulder. */
final class Tapes {
    /** A numeral with room beside it, pixels. */
    private static final double NUMERAL = 34;

    private static final int[] CENTIMETRES = {1, 2, 5, 10, 20, 50};
    private static final int[] INCHES = {1, 5, 10, 20, 50};
    private static final int MANY = 100;
    private static final double WIDTH = Table.RULER;

    private Tapes() {}

    static void paint(Brush brush, double width, double height, LengthUnit unit) {
        Surface g = brush.context();
        brush.fill(Ink.CHART);
        g.fillRect(0, 0, width, WIDTH);
        g.fillRect(0, 0, WIDTH, height);
        brush.stroke(Ink.EDGE, 1);
        g.strokeLine(WIDTH, WIDTH - 0.5, width, WIDTH - 0.5);
        g.strokeLine(WIDTH - 0.5, WIDTH, WIDTH - 0.5, height);
        double small = unit.isInches() ? LengthUnit.IN.step() : 10;
        int perLarge = unit.isInches() ? 8 : 10;
        // Small ticks closer than this would run into each other.
        if (small * brush.view().scale() < 3.5) {
            small *= unit.isInches() ? 4 : 5;
            perLarge = 2;
        }
        double numeralEvery = numeralEvery(perLarge * small * brush.view().scale(), unit);
        brush.stroke(Ink.INK_2, 1);
        ticks(brush, width, true, small, perLarge, numeralEvery, unit);
        ticks(brush, height, false, small, perLarge, numeralEvery, unit);
        brush.fill(Ink.BRASS_LIGHT);
        g.fillRect(0, 0, WIDTH, WIDTH);
        brush.text(unit.symbol(), WIDTH / 2, 16, Ink.DEEP, Lettering.ruler(), TextAlignment.CENTER);
    }

    /** Every how many large ticks have room for a numeral. @param apart pixels from one to the next */
    private static int numeralEvery(double apart, LengthUnit unit) {
        return Arrays.stream(unit.isInches() ? INCHES : CENTIMETRES)
                .filter(every -> every * apart >= NUMERAL)
                .findFirst()
                .orElse(MANY);
    }

    private static void ticks(
            Brush brush,
            double length,
            boolean across,
            double small,
            int perLarge,
            double numeralEvery,
            LengthUnit unit) {
        View view = brush.view();
        double from =
                across ? view.toPaper(WIDTH, 0).x() : view.toPaper(0, WIDTH).y();
        double to =
                across ? view.toPaper(length, 0).x() : view.toPaper(0, length).y();
        brush.context().beginPath();
        for (long i = (long) Math.ceil(from / small); i * small <= to; i++) {
            double at = across ? view.x(i * small) : view.y(i * small);
            boolean large = i % perLarge == 0;
            double tick = large ? 10 : i % Math.max(1, perLarge / 2) == 0 ? 8 : 4.5;
            if (across) {
                brush.context().moveTo(at, WIDTH - tick);
                brush.context().lineTo(at, WIDTH - 1);
            } else {
                brush.context().moveTo(WIDTH - tick, at);
                brush.context().lineTo(WIDTH - 1, at);
            }
            if (large && (i / perLarge) % (long) numeralEvery == 0) {
                String numeral = Long.toString(Math.round(i * small / unit.millimetres()))
                        .replace('-', '−');
                if (across && at > WIDTH + 10) {
                    brush.text(numeral, at, 12, Ink.INK_2, Lettering.ruler(), TextAlignment.CENTER);
                } else if (!across && at > WIDTH + 10) {
                    brush.text(numeral, 1, at - 3, Ink.INK_2, Lettering.ruler(), TextAlignment.LEFT);
                }
            }
        }
        brush.context().stroke();
    }
}
