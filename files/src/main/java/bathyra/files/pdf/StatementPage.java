package bathyra.files.pdf;

import bathyra.geometry.Point;
import bathyra.money.Statement;
import java.io.IOException;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** A quote or an invoice on A4; a very long one goes on on the next page. */
public final class StatementPage extends RunningPage {
    private static final double LEFT = 24;
    private static final double RIGHT = 186;
    private static final double AMOUNT = 40;
    private static final double SIZE = 10.5;
    private static final double ROW = 6;
    private static final double FOOT = 270;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private final Statement statement;

    private StatementPage(Statement statement) {
        super(LEFT, RIGHT, FOOT);
        this.statement = statement;
    }

    public static byte[] write(Statement statement) throws IOException {
        return new StatementPage(statement).bytes(statement.heading());
    }

    @Override
    protected void all() throws IOException {
        for (String line : statement.letterhead().lines().toList()) {
            words(face.plain(), SIZE, line, RIGHT - LEFT, ROW);
        }
        y += 14;
        words(face.plain(), SIZE, statement.to(), RIGHT - LEFT, ROW);
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
            words(face.plain(), SIZE, each, RIGHT - LEFT, ROW);
        }
    }

    private void row(Statement.Line line, PDFont font) throws IOException {
        room(ROW);
        right(font, SIZE, statement.writing().say(line.amount()));
        words(font, SIZE, line.what(), RIGHT - LEFT - AMOUNT, ROW);
    }
}
