package bathyra.files.pdf;

import bathyra.bill.Bill;
import bathyra.draft.Draft;
import bathyra.geometry.Point;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** The bill of a commission on one A4 page; a very long one goes on on the next. */
public final class BillPage {
    private static final double LEFT = 18;
    private static final double RIGHT = 192;
    private static final double QUANTITY = 132;
    private static final double PRICE = 162;
    private static final double SIZE = 9;
    private static final double ROW = 5;
    private static final double FOOT = 270;

    private final PDDocument document;
    private final Typeface face;
    private PDPageContentStream stream;
    private Pen pen;
    private double y;

    private BillPage(PDDocument document, Typeface face) {
        this.document = document;
        this.face = face;
    }

    public static byte[] write(Draft draft, Bill bill, String date) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            BillPage page = new BillPage(document, Typeface.in(document));
            page.all(draft, bill, date);
            page.stream.close();
            document.getDocumentInformation().setTitle(draft.commission().title());
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
        y = 24;
    }

    private void all(Draft draft, Bill bill, String date) throws IOException {
        turn();
        for (String line : Typeface.broken(face.title(), 20, draft.commission().title(), RIGHT - LEFT)) {
            pen.text(LEFT, y, face.title(), 20, line);
            y += 8;
        }
        pen.text(
                LEFT,
                y,
                face.plain(),
                SIZE,
                draft.commission().wearer().name() + " · " + date + " · prices in " + bill.currency());
        y += 8;
        for (Bill.Part part : Bill.Part.values()) {
            List<Bill.Line> lines =
                    bill.lines().stream().filter(l -> l.part() == part).toList();
            if (!lines.isEmpty()) {
                part(part, lines, bill);
            }
        }
        room(4 * ROW);
        pen.stroke(0.3);
        pen.line(new Point(LEFT, y - 3), new Point(RIGHT, y - 3));
        y += 3;
        pen.text(LEFT, y, face.title(), 14, "Total");
        right(RIGHT, face.title(), 14, money(bill.total()) + " " + bill.currency());
        y += 9;
        for (String missing : bill.missing()) {
            for (String line : Typeface.broken(face.plain(), SIZE, "Not in the total. " + missing, RIGHT - LEFT)) {
                room(ROW);
                pen.text(LEFT, y, face.plain(), SIZE, line);
                y += ROW;
            }
        }
    }

    private void part(Bill.Part part, List<Bill.Line> lines, Bill bill) throws IOException {
        room(3 * ROW);
        pen.text(LEFT, y, face.title(), 12, part.label());
        right(RIGHT, face.bold(), SIZE, money(bill.total(part)));
        y += 6;
        for (Bill.Line line : lines) {
            List<String> words = Typeface.broken(
                    face.plain(),
                    SIZE,
                    line.what() + (line.how().isEmpty() ? "" : ", " + line.how()),
                    QUANTITY - LEFT - 26);
            room(words.size() * ROW);
            right(QUANTITY, face.plain(), SIZE, quantity(line.quantity()) + " " + line.unit());
            right(PRICE, face.plain(), SIZE, "at " + money(line.price()));
            right(RIGHT, face.plain(), SIZE, money(line.amount()));
            for (String each : words) {
                pen.text(LEFT, y, face.plain(), SIZE, each);
                y += ROW;
            }
        }
        y += 3;
    }

    private void room(double height) throws IOException {
        if (y + height > FOOT) {
            turn();
        }
    }

    private void right(double x, PDFont font, double size, String words) throws IOException {
        pen.text(x - Typeface.width(font, size, words), y, font, size, words);
    }

    /** An amount of money, to hundredths. */
    private static String money(double amount) {
        return String.format(Locale.ROOT, "%.2f", amount);
    }

    private static String quantity(double quantity) {
        return quantity == Math.rint(quantity)
                ? String.format(Locale.ROOT, "%.0f", quantity)
                : String.format(Locale.ROOT, "%.1f", quantity);
    }
}
