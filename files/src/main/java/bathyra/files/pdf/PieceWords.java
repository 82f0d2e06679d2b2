package bathyra.files.pdf;

import bathyra.files.CuttingPlan;
import bathyra.files.sheet.Print;
import bathyra.files.sheet.Spot;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** What is written on a piece: everything where it has the most room, its number and name on every other sheet that shows part of it. */
final class PieceWords {
    private static final double WORDS = 10;
    private static final double ROW = 4.4;
    private static final double NUMBER = 34;
    private static final double NUMBER_HIGH = 9.5;
    private static final double NUMBER_SMALL = 18;
    private static final double NUMBER_SMALL_HIGH = 6;

    private PieceWords() {}

    static void write(Pen pen, Typeface face, CuttingPlan.Cut cut, PieceOnPaper.Heading heading, Spot spot, Print print)
            throws IOException {
        double room = spot.width() * print.across();
        double bottom = spot.height() * print.down();
        boolean large = spot.first() && bottom >= NUMBER_HIGH + ROW;
        double small = Math.min(NUMBER_SMALL_HIGH, bottom);
        double y = large ? NUMBER_HIGH : small;
        double size = large ? NUMBER : NUMBER_SMALL * small / NUMBER_SMALL_HIGH;
        text(
                pen,
                spot,
                print,
                y,
                face.title(),
                size,
                Integer.toString(cut.piece().order()));
        y += ROW + 1;
        for (String words : spot.first()
                ? List.of(cut.piece().name(), cut.words(), heading.title(), heading.wearer())
                : List.of(cut.piece().name())) {
            List<String> lines = Typeface.broken(face.plain(), WORDS, words, room);
            if (y + (lines.size() - 1) * ROW > bottom) {
                return;
            }
            for (String line : lines) {
                double wide = Typeface.width(face.plain(), WORDS, line);
                text(pen, spot, print, y, face.plain(), WORDS * Math.min(1, room / wide), line);
                y += ROW;
            }
        }
    }

    /** @param y mm on paper below the spot's upper edge */
    private static void text(Pen pen, Spot spot, Print print, double y, PDFont font, double size, String words)
            throws IOException {
        pen.text(spot.left(), spot.top() + y / print.down(), font, size, words);
    }
}
