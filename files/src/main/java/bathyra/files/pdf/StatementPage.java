package bathyra.files.pdf;

import bathyra.geometry.Point;
import bathyra.money.Statement;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** A quote or an invoice on A4; a very long one goes on on the next page. */
public final class StatementPage {
    private static final double LEFT = 24;
    private static final double RIGHT = 186;
    private static final double AMOUNT = 40;
    private static final double SIZE = 10.5;
    private static final double ROW = 6;
    private static final double FOOT = 270;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private final PDDocument document;
    private final Typeface face;
    private final Statement statement;
    private PDPageContentStream stream;
    private Pen pen;
    private double y;

    private StatementPage(PDDocument document, Typeface face, Statement statement) {
        this.document = document;
        this.face = face;
        this.statement = statement;
    }

    public static byte[] write(Statement statement) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            StatementPage page = new StatementPage(document, Typeface.in(document), statement);
            page.all();
            page.stream.close();
            document.getDocumentInformation().setTitle(statement.heading());
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void turn() throws IOException {
        if (stream != null) {
            stream.close();
        }
        stream = new PDPageContentStream(document, PdfPattern.page(document, Paper.A4.width(), Paper.A4.height()));
        pen = new Pen(stream, Paper.A4.height());
        y = 28;
    }

    private void all() throws IOException {
        turn();
        for (String line : statement.letterhead().lines().toList()) {
            words(face.plain(), SIZE, line, RIGHT - LEFT);
        }
        y += 14;
        words(face.plain(), SIZE, statement.to(), RIGHT - LEFT);
        y += 12;
        right(face.plain(), SIZE, DAY.format(statement.day()));
        pen.text(LEFT, y, face.title(), 22, statement.heading());
        y += 14;
        for (Statement.Line line : statement.lines()) {
            row(line, face.plain());
        }
        pen.stroke(0.3);
        pen.line(new Point(LEFT, y - 3), new Point(RIGHT, y - 3));
        y += 3;
        List<Statement.Line> sums = statement.sums();
        for (Statement.Line sum : sums) {
            row(sum, sum == sums.get(sums.size() - 1) ? face.bold() : face.plain());
        }
        y += ROW;
        for (String each : statement.words()) {
            words(face.plain(), SIZE, each, RIGHT - LEFT);
        }
    }

    private void row(Statement.Line line, PDFont font) throws IOException {
        room();
        right(font, SIZE, statement.writing().say(line.amount()));
        words(font, SIZE, line.what(), RIGHT - LEFT - AMOUNT);
    }

    private void words(PDFont font, double size, String text, double width) throws IOException {
        for (String line : Typeface.broken(font, size, text, width)) {
            room();
            pen.text(LEFT, y, font, size, line);
            y += ROW;
        }
    }

    private void right(PDFont font, double size, String text) throws IOException {
        pen.text(RIGHT - Typeface.width(font, size, text), y, font, size, text);
    }

    private void room() throws IOException {
        if (y + ROW > FOOT) {
            turn();
        }
    }
}
