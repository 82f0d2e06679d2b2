package bathyra.app.sizes;

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
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.text.TextAlignment;

/** How several sizes lie on one cloth, its length from left to right, each piece with its number and its size. */
final class LaidSizes implements Drawing {
    /** The usual width of a letter of a figure, pixels. */
    private static final double LETTER = 7.2;

    private static final double LINE = 14;
    private static final double UNDER = 18;
    private final Lay lay;
    private final LengthUnit unit;
    /** The cut line of each as it is drawn: asked for at every move of the pointer. */
    private final Map<Placed, List<Point>> rings = new IdentityHashMap<>();

    LaidSizes(Lay lay, LengthUnit unit) {
        this.lay = lay;
        this.unit = unit;
        lay.placed()
                .forEach(p -> rings.put(p, p.ring().stream().map(this::turned).toList()));
    }

    /** The cloth a quarter turned. */
    private Point turned(Point onCloth) {
        return new Point(onCloth.y(), lay.width() - onCloth.x());
    }

    @Override
    public Point[] extent() {
        return new Point[] {new Point(0, 0), new Point(lay.bought(), lay.width())};
    }

    @Override
    public double tagRoom() {
        return 20;
    }

    @Override
    public double footRoom() {
        return 40;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        brush.fill(Ink.SEA_2);
        brush.polygon(
                List.of(
                        new Point(0, 0),
                        new Point(lay.bought(), 0),
                        new Point(lay.bought(), lay.width()),
                        new Point(0, lay.width()),
                        new Point(0, 0)),
                true);
        lay.placed().forEach(p -> piece(brush, p));
        brush.stroke(Ink.CORAL, 1.4, 6, 4);
        brush.line(new Point(lay.length(), 0), new Point(lay.length(), lay.width()));
        brush.text(
                "used " + LengthText.say(Length.mm(lay.length()), unit) + ", to buy "
                        + LengthText.say(Length.mm(lay.bought()), unit),
                brush.view().x(lay.bought() / 2),
                brush.view().y(lay.width()) + TextSize.px(UNDER),
                Ink.INK,
                Lettering.figureBold(),
                TextAlignment.CENTER);
    }

    private void piece(Brush brush, Placed placed) {
        List<Point> ring = rings.get(placed);
        brush.fill(Ink.CHART);
        brush.polygon(ring, true);
        brush.stroke(Ink.INK, 1);
        brush.polygon(ring, false);
        String label = label(placed);
        double along = placed.piece().height() * brush.view().scale();
        double across = placed.piece().width() * brush.view().scale();
        if (along > label.length() * TextSize.px(LETTER) && across > TextSize.px(LINE)) {
            Point middle = Shape.middle(ring);
            brush.text(
                    label,
                    brush.view().x(middle.x()),
                    brush.view().y(middle.y()) + TextSize.px(LINE) / 3,
                    Ink.INK,
                    Lettering.figure(),
                    TextAlignment.CENTER);
        }
    }

    /** Its number and its size: "2 · 38". */
    private static String label(Placed placed) {
        String name = placed.piece().name();
        return name.substring(0, name.indexOf(' ')) + " · " + name.substring(name.lastIndexOf(", ") + 2);
    }

    @Override
    public String under(Point paper, double reach) {
        return lay.placed().stream()
                .filter(p -> Shape.contains(rings.get(p), paper))
                .findFirst()
                .map(p -> p.piece().name() + (p.turned() ? ", turned end for end" : ""))
                .orElse("");
    }
}
