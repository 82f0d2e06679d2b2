package bathyra.files.pdf;

import bathyra.supply.OrderList;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** The order list on A4, supplier by supplier, with a box to tick for each thing. */
public final class OrderPage {
    private static final double LEFT = 18;
    private static final double RIGHT = 192;
    private static final double AMOUNT = 130;
    private static final double SIZE = 9.5;
    private static final double ROW = 5.4;
    private static final double FOOT = 272;

    private final PDDocument document;
    private final Typeface face;
    private PDPageContentStream stream;
    private Pen pen;
    private double y;

    private OrderPage(PDDocument document, Typeface face) {
        this.document = document;
        this.face = face;
    }

    public static byte[] write(OrderList list) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            OrderPage page = new OrderPage(document, Typeface.in(document));
            page.all(list);
            page.stream.close();
            document.getDocumentInformation().setTitle("Order list");
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
        pen.stroke(0.25);
        y = 24;
    }

    private void all(OrderList list) throws IOException {
        turn();
        pen.text(LEFT, y, face.title(), 20, "Order list");
        y += 10;
        String supplier = null;
        for (OrderList.Line line : list.lines()) {
            if (!line.supplier().equals(supplier)) {
                supplier = line.supplier();
                room(3 * ROW);
                y += 2;
                pen.text(LEFT, y, face.title(), 13, supplier.isEmpty() ? "From nobody yet" : supplier);
                y += 7;
            }
            line(line);
        }
    }

    private void line(OrderList.Line line) throws IOException {
        List<String> words = Typeface.broken(
                face.plain(),
                SIZE,
                line.what() + (line.garments().isEmpty() ? "" : ", for " + String.join("; ", line.garments())),
                AMOUNT - LEFT - 28);
        room(words.size() * ROW);
        pen.rect(LEFT, y - 3, 3.2, 3.2);
        String amount = String.format(Locale.ROOT, "%.1f %s", line.amount(), line.unit());
        pen.text(AMOUNT - Typeface.width(face.bold(), SIZE, amount) + 20, y, face.bold(), SIZE, amount);
        String by = line.by().map(d -> "order by " + d).orElse("");
        pen.text(RIGHT - Typeface.width(face.plain(), SIZE, by), y, face.plain(), SIZE, by);
        for (String each : words) {
            pen.text(LEFT + 6, y, face.plain(), SIZE, each);
            y += ROW;
        }
    }

    private void room(double height) throws IOException {
        if (y + height > FOOT) {
            turn();
        }
    }
}
