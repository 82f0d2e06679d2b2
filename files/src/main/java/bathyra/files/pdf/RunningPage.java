package bathyra.files.pdf;

import bathyra.files.sheet.Paper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Words that run down A4 pages, on the next one where there is no room any more. */
abstract class RunningPage {
    private static final double TOP = 24;

    private final PDDocument document = new PDDocument();
    private final double left;
    private final double right;
    private final double foot;
    protected Typeface face;
    protected Pen pen;
    /** How far down the next line stands, mm. */
    protected double y;

    private PDPageContentStream stream;

    /** @param left where lines begin, mm @param right where they end @param foot below this nothing stands */
    protected RunningPage(double left, double right, double foot) {
        this.left = left;
        this.right = right;
        this.foot = foot;
    }

    /** Writes all that stands on it. */
    protected abstract void all() throws IOException;

    /** The document. @param title what it is called */
    protected final byte[] bytes(String title) throws IOException {
        try (document;
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            face = Typeface.in(document);
            turn();
            all();
            stream.close();
            Pages.entitled(document, title);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void turn() throws IOException {
        if (stream != null) {
            stream.close();
        }
        stream = new PDPageContentStream(document, Pages.add(document, Paper.A4.width(), Paper.A4.height()));
        pen = new Pen(stream, Paper.A4.height());
        y = TOP;
    }

    /** Turns the page where less than so much is left, mm. */
    protected final void room(double height) throws IOException {
        if (y + height > foot) {
            turn();
        }
    }

    /** Words from the left, broken at a width; the next line stands below them. @param row from line to line, mm */
    protected final void words(PDFont font, double size, String text, double width, double row) throws IOException {
        for (String line : Typeface.broken(font, size, text, width)) {
            room(row);
            pen.text(left, y, font, size, line);
            y += row;
        }
    }

    /** Words that end at the right, on the line as it stands. */
    protected final void right(PDFont font, double size, String text) throws IOException {
        right(right, font, size, text);
    }

    /** Words that end at a place, on the line as it stands. */
    protected final void right(double x, PDFont font, double size, String text) throws IOException {
        pen.text(x - Typeface.width(font, size, text), y, font, size, text);
    }

    /** As many lines as words need at a width. */
    protected final List<String> broken(PDFont font, double size, String text, double width) throws IOException {
        return Typeface.broken(font, size, text, width);
    }
}
