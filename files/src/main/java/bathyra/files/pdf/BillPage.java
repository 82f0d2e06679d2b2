package bathyra.files.pdf;

import bathyra.bill.Bill;
import bathyra.draft.Draft;
import bathyra.geometry.Point;
import java.io.IOException;
import java.util.List;
import java.util.Locale;

/** The bill of a commission on one A4 page; a very long one goes on on the next. */
public final class BillPage extends RunningPage {
    private static final double LEFT = 18;
    private static final double RIGHT = 192;
    private static final double QUANTITY = 132;
    private static final double PRICE = 162;
    private static final double SIZE = 9;
    private static final double ROW = 5;
    private static final double FOOT = 270;

    private final Draft draft;
    private final Bill bill;
    private final String date;

    private BillPage(Draft draft, Bill bill, String date) {
        super(LEFT, RIGHT, FOOT);
        this.draft = draft;
        this.bill = bill;
        this.date = date;
    }

    public static byte[] write(Draft draft, Bill bill, String date) throws IOException {
        return new BillPage(draft, bill, date).bytes(draft.commission().title());
    }

    @Override
    protected void all() throws IOException {
        words(face.title(), 20, draft.commission().title(), RIGHT - LEFT, 8);
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
                part(part, lines);
            }
        }
        room(4 * ROW);
        pen.stroke(0.3);
        pen.line(new Point(LEFT, y - 3), new Point(RIGHT, y - 3));
        y += 3;
        pen.text(LEFT, y, face.title(), 14, "Total");
        right(face.title(), 14, money(bill.total()) + " " + bill.currency());
        y += 9;
        for (String missing : bill.missing()) {
            words(face.plain(), SIZE, "Not in the total. " + missing, RIGHT - LEFT, ROW);
        }
    }

    private void part(Bill.Part part, List<Bill.Line> lines) throws IOException {
        room(3 * ROW);
        pen.text(LEFT, y, face.title(), 12, part.label());
        right(face.bold(), SIZE, money(bill.total(part)));
        y += 6;
        for (Bill.Line line : lines) {
            List<String> words = broken(
                    face.plain(),
                    SIZE,
                    line.what() + (line.how().isEmpty() ? "" : ", " + line.how()),
                    QUANTITY - LEFT - 26);
            room(words.size() * ROW);
            right(QUANTITY, face.plain(), SIZE, quantity(line.quantity()) + " " + line.unit());
            right(PRICE, face.plain(), SIZE, "at " + money(line.price()));
            right(face.plain(), SIZE, money(line.amount()));
            for (String each : words) {
                pen.text(LEFT, y, face.plain(), SIZE, each);
                y += ROW;
            }
        }
        y += 3;
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
