package bathyra.files.pdf;

import bathyra.supply.OrderList;
import java.io.IOException;
import java.util.List;
import java.util.Locale;

/** The order list on A4, supplier by supplier, with a box to tick for each thing. */
public final class OrderPage extends RunningPage {
    private static final double LEFT = 18;
    private static final double RIGHT = 192;
    private static final double AMOUNT = 150;
    private static final double WORDS = 84;
    private static final double BOX = 3.2;
    private static final double SIZE = 9.5;
    private static final double ROW = 5.4;
    private static final double FOOT = 272;

    private final OrderList list;

    private OrderPage(OrderList list) {
        super(LEFT, RIGHT, FOOT);
        this.list = list;
    }

    public static byte[] write(OrderList list) throws IOException {
        return new OrderPage(list).bytes("Order list");
    }

    @Override
    protected void all() throws IOException {
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
        List<String> words = broken(
                face.plain(),
                SIZE,
                line.what() + (line.garments().isEmpty() ? "" : ", for " + String.join("; ", line.garments())),
                WORDS);
        room(words.size() * ROW);
        pen.stroke(0.25);
        pen.rect(LEFT, y - BOX + 0.2, BOX, BOX);
        right(AMOUNT, face.bold(), SIZE, String.format(Locale.ROOT, "%.1f %s", line.amount(), line.unit()));
        right(face.plain(), SIZE, line.by().map(d -> "order by " + d).orElse(""));
        for (String each : words) {
            pen.text(LEFT + 2 * BOX, y, face.plain(), SIZE, each);
            y += ROW;
        }
    }
}
