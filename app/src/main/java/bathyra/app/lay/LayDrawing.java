package bathyra.app.lay;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.TextSize;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.lay.Lay;
import bathyra.lay.Placed;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The cloth with the pieces on it: paper on a length of chart, what is bought marked across it. */
final class LayDrawing implements Drawing {
    private static final double LETTER = 6.8;
    private static final double GRAIN = 0.25;
    private static final double UNDER_NAME = 26;
    private static final double BARB = 8;
    private final Lay lay;
    private final LengthUnit unit;
    private final Optional<String> chosen;
    private final List<String> wrong;
    private final double selvedge;

    /** @param wrong the pieces that touch another or leave the cloth, by their keys @param selvedge shown beside what can be laid on, mm */
    LayDrawing(Lay lay, LengthUnit unit, Optional<String> chosen, List<String> wrong, double selvedge) {
        this.lay = lay;
        this.unit = unit;
        this.chosen = chosen;
        this.wrong = wrong;
        this.selvedge = selvedge;
    }

    @Override
    public Point[] extent() {
        return new Point[] {new Point(-selvedge, 0), new Point(lay.width() + selvedge, Math.max(lay.bought(), 100))};
    }

    @Override
    public double tagRoom() {
        return 20;
    }

    @Override
    public double footRoom() {
        return 70;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        double left = brush.view().x(-selvedge);
        double right = brush.view().x(lay.width() + (lay.folded() ? 0 : selvedge));
        double top = brush.view().y(0);
        double foot = brush.view().y(lay.bought());
        brush.fill(Ink.SEA_4);
        brush.context().fillRect(left, top, right - left, foot - top);
        brush.fill(Ink.SEA_2);
        brush.context()
                .fillRect(
                        brush.view().x(0),
                        top,
                        brush.view().x(lay.width()) - brush.view().x(0),
                        foot - top);
        brush.stroke(Ink.LINE, 1.2, 8, 5);
        brush.line(new Point(0, 0), new Point(0, lay.bought()));
        if (lay.folded()) {
            brush.stroke(Ink.INK_2, 1.8, 9, 3, 2, 3);
            brush.line(new Point(0, 0), new Point(0, lay.bought()));
            brush.text(
                    "fold",
                    brush.view().x(0) + 4,
                    foot + TextSize.px(16),
                    Ink.INK_2,
                    Lettering.figure(),
                    TextAlignment.LEFT);
        } else {
            brush.line(new Point(lay.width(), 0), new Point(lay.width(), lay.bought()));
        }
        lay.placed().forEach(p -> piece(brush, p));
        brush.stroke(Ink.CORAL, 1.4, 6, 4);
        brush.line(new Point(0, lay.length()), new Point(lay.width(), lay.length()));
        brush.text(
                "used " + LengthText.say(Length.mm(lay.length()), unit) + ", to buy "
                        + LengthText.say(Length.mm(lay.bought()), unit),
                (left + right) / 2,
                foot + TextSize.px(16),
                Ink.INK,
                Lettering.figureBold(),
                TextAlignment.CENTER);
    }

    private void piece(Brush brush, Placed placed) {
        boolean inHand = chosen.equals(Optional.of(placed.piece().key()));
        boolean amiss = wrong.contains(placed.piece().key());
        List<Point> ring = placed.ring();
        brush.fill(amiss ? Ink.RED_WASH : Ink.CHART);
        brush.polygon(ring, true);
        brush.stroke(amiss ? Ink.RED : inHand ? Ink.TEAL : Ink.INK, inHand ? 3 : 1.2);
        brush.polygon(ring, false);
        Point middle = Shape.middle(ring);
        double x = brush.view().x(middle.x());
        double y = brush.view().y(middle.y());
        String number = placed.piece().name().substring(0, placed.piece().name().indexOf(' '));
        double room = placed.piece().width() * brush.view().scale();
        brush.text(number, x, y, Ink.INK, Lettering.number(), TextAlignment.CENTER);
        String name = placed.piece().name().substring(number.length() + 1);
        if (name.length() * TextSize.px(LETTER) < room * 0.8) {
            brush.text(name, x, y + TextSize.px(17), Ink.INK_2, Lettering.figure(), TextAlignment.CENTER);
        }
        grain(brush, placed, x, y + TextSize.px(UNDER_NAME));
    }

    /** The way the thread runs and which end is up, below the number and the name. */
    private static void grain(Brush brush, Placed placed, double x, double top) {
        double foot = top + placed.piece().height() * brush.view().scale() * GRAIN;
        double head = placed.turned() ? foot : top;
        double barb = placed.turned() ? foot - BARB : top + BARB;
        brush.stroke(Ink.INK_2, 1.2);
        brush.context().strokeLine(x, top, x, foot);
        brush.context()
                .strokePolyline(new double[] {x - BARB / 2, x, x + BARB / 2}, new double[] {barb, head, barb}, 3);
    }

    /** The piece under a place of the table. */
    Optional<String> pieceAt(Point at) {
        return lay.placed().stream()
                .filter(p -> Shape.contains(p.ring(), at))
                .map(p -> p.piece().key())
                .findFirst();
    }

    @Override
    public String under(Point paper, double reach) {
        return lay.placed().stream()
                .filter(p -> Shape.contains(p.ring(), paper))
                .findFirst()
                .map(p -> p.piece().name()
                        + (p.turned() ? ", turned end for end" : "")
                        + (p.tilt() == 0 ? "" : String.format(Locale.ROOT, ", leans %.1f°", p.tilt())))
                .orElse("");
    }
}
