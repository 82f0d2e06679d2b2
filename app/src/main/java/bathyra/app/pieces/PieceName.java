package bathyra.app.pieces;

import bathyra.app.table.Brush;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Placement;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.files.SheetLayout;
import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.text.TextAlignment;

/** Number, name and cut of a piece beside its grain: level where they have room, along a narrow panel, the number alone in a short one. */
final class PieceName {
    /** Pixels from a piece's number down to the end of its words. */
    private static final double WORDS_TALL = 58;

    private static final double NUMBER_TALL = 30;
    /** From the foot of a number to words that run down from it. */
    private static final double UNDER_NUMBER = 10;

    private final Brush brush;
    private final Piece piece;
    private final Placement place;
    private final double x;

    PieceName(Brush brush, Piece piece, Placement place) {
        this.brush = brush;
        this.piece = piece;
        this.place = place;
        this.x = brush.view().x(place.of(SheetLayout.labelAt(piece)).x()) + 2;
    }

    /** @param level whether the piece stands upright, so that lines of text have room on it */
    void paint(boolean level) {
        double foot = down(piece.grain().from());
        double tall = Math.abs(foot - down(piece.grain().to()));
        if (tall < TextSize.px(WORDS_TALL + NUMBER_TALL)) {
            // In a short garment the words would run over the lower edge.
            number(foot - tall / 2 + NUMBER_TALL / 3);
            return;
        }
        double y = Math.min(down(SheetLayout.labelAt(piece)) + 6, foot - TextSize.px(WORDS_TALL));
        if (!level) {
            number(y);
        } else if (words().anyMatch(word -> Lettering.atMost(word) > room())) {
            alongThePanel(y, foot);
        } else {
            inLines(y);
        }
    }

    private double down(Point at) {
        return brush.view().y(place.of(at).y());
    }

    private Stream<String> words() {
        return Stream.of(piece.name().split(" "));
    }

    private void number(double y) {
        brush.text(Integer.toString(piece.order()), x, y, Ink.INK, Lettering.number(), TextAlignment.LEFT);
    }

    private void inLines(double y) {
        number(y);
        int row = 1;
        for (String word : words().toList()) {
            brush.text(word, x, y + 4 + TextSize.px(15) * row++, Ink.INK, Lettering.figure(), TextAlignment.LEFT);
        }
        String cut = piece.onFold() ? "cut 1 on|the fold" : piece.cutWords();
        for (String word : cut.split("\\|")) {
            brush.text(word, x, y + 8 + TextSize.px(15) * row++, Ink.INK_2, Lettering.figure(), TextAlignment.LEFT);
        }
    }

    /** From the words' beginning to the edge of the piece at the waist, or to its outermost corner, or to a dart before that, px. */
    private double room() {
        Point edge = piece.mark(Level.WAIST)
                .map(LevelMark::to)
                .orElseGet(() -> new Point(
                        piece.outline().stream()
                                .mapToDouble(e -> Math.max(
                                        e.path().start().x(), e.path().end().x()))
                                .max()
                                .orElse(0),
                        0));
        double toEdge = brush.view().x(place.of(edge).x()) - x;
        return piece.darts().stream()
                .flatMap(d -> d.lines().stream())
                .flatMap(line -> line.flattened(1).stream())
                .mapToDouble(p -> brush.view().x(place.of(p).x()) - x)
                .filter(toDart -> toDart > 0)
                .reduce(toEdge, Math::min);
    }

    /** Where a panel is too narrow for level words they run down it, beside its grain and no farther than its foot: as many as it is long enough for. */
    private void alongThePanel(double y, double foot) {
        double head = down(piece.grain().to()) + TextSize.px(NUMBER_TALL) / 2;
        Optional<String> words = Stream.of(piece.name() + ", " + piece.cutWords(), piece.name())
                .filter(w -> head + UNDER_NUMBER + Lettering.run(w) <= foot)
                .findFirst();
        if (words.isEmpty()) {
            number(Math.max(head, y));
            return;
        }
        double number = Math.min(y, foot - Lettering.run(words.get()) - UNDER_NUMBER);
        number(number);
        Surface g = brush.context();
        g.save();
        g.translate(x + 4, number + UNDER_NUMBER);
        g.rotate(90);
        brush.text(words.get(), 0, 0, Ink.INK, Lettering.figure(), TextAlignment.LEFT);
        g.restore();
    }
}
