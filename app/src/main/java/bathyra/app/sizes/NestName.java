package bathyra.app.sizes;

import bathyra.app.table.Brush;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.piece.Piece;
import bathyra.size.Nest;
import java.util.Arrays;
import java.util.List;
import javafx.scene.text.TextAlignment;

/** Number and name of nested pieces on the inmost of them: in lines where they have room between its edges, else down along it, above the place on which all lie. */
final class NestName {
    private static final double LINE = 15;
    private static final double UNDER_NUMBER = 18;
    private static final double NUMBER_TALL = 24;
    /** Between words that run down and what stands under them. */
    private static final double CLEAR = 12;
    /** So far down its piece a number stands. */
    private static final double DOWN = 0.8;
    /** The edges are looked at so often on the height of the words. */
    private static final int LOOKED_AT = 8;

    private final Brush brush;
    private final Nest.Nested nested;
    private final List<Point> ring;
    private final double x;
    private final double y;
    private final double head;

    NestName(Brush brush, Nest.Nested nested, Piece inmost) {
        this.brush = brush;
        this.nested = nested;
        this.ring = inmost.flattened(1);
        double[] box = Shape.box(ring);
        this.x = (box[0] + box[2]) / 2;
        this.head = box[1];
        this.y = box[1] + (box[3] - box[1]) * DOWN;
    }

    void paint() {
        List<String> words = Arrays.asList(nested.name().split(" "));
        double tall = TextSize.px(UNDER_NUMBER + LINE * words.size());
        double wide = words.stream().mapToDouble(Lettering::atMost).max().orElse(0);
        if (wide <= room(tall)) {
            inLines(words);
        } else {
            alongThePiece();
        }
    }

    private void number(double at) {
        brush.text(
                Integer.toString(nested.order()),
                brush.view().x(x),
                at,
                Ink.INK,
                Lettering.number(),
                TextAlignment.CENTER);
    }

    private void inLines(List<String> words) {
        double top = brush.view().y(y);
        number(top);
        for (int i = 0; i < words.size(); i++) {
            brush.text(
                    words.get(i),
                    brush.view().x(x),
                    top + TextSize.px(UNDER_NUMBER) + TextSize.px(LINE) * i,
                    Ink.INK,
                    Lettering.figure(),
                    TextAlignment.CENTER);
        }
    }

    /** Above the cross where all sizes lie on each other, or above the number where that is lower. */
    private void alongThePiece() {
        double top = brush.view().y(y);
        number(top);
        double end = Math.min(brush.view().y(nested.common().y()), top - TextSize.px(NUMBER_TALL)) - CLEAR;
        double begin = end - Lettering.run(nested.name());
        if (begin < brush.view().y(head)) {
            // So small a piece bears its number alone.
            return;
        }
        Surface g = brush.context();
        g.save();
        g.translate(brush.view().x(x) - TextSize.px(LINE) / 3, begin);
        g.rotate(90);
        brush.text(nested.name(), 0, 0, Ink.INK, Lettering.figure(), TextAlignment.LEFT);
        g.restore();
    }

    /** How wide words can be that stand on the middle of the piece, px. @param tall how far they reach down from the number, px */
    private double room(double tall) {
        double reach = tall / brush.view().scale();
        double room = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= LOOKED_AT; i++) {
            double at = y + reach * i / LOOKED_AT;
            double[] within = Shape.level(ring, at);
            // Where the piece has ended no word has room.
            room = Math.min(room, 2 * Math.max(0, Math.min(x - within[0], within[1] - x)));
        }
        return room * brush.view().scale();
    }
}
