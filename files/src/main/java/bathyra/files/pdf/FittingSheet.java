package bathyra.files.pdf;

import bathyra.draft.Draft;
import bathyra.files.sheet.Paper;
import bathyra.fitting.Setting;
import bathyra.geometry.Point;
import bathyra.girth.LevelPlan;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A sheet to write on at a fitting (C15.1): the half pattern in outline with its levels, boxes for the gap, an empty table, and room for the wearer's words. */
public final class FittingSheet {
    private static final double LEFT = 14;
    private static final double RIGHT = 196;
    private static final double SIZE = 9;
    private static final double TOP = 58;
    private static final double HIGH = 92;
    private static final double GAP_ROOM = 34;
    private static final double ROW = 8.2;
    private static final int ROWS = 10;
    private static final double BOX = 24;
    private static final double[] COLUMNS = {LEFT, 24, 62, 100, 122, 140, RIGHT};
    private static final List<String> HEADS =
            List.of("No.", "Where", "What was seen", "How much", "L, R, both", "Decided, and why");

    private final Pen pen;
    private final Typeface face;
    private final Draft draft;
    private final LengthUnit unit;

    private FittingSheet(Pen pen, Typeface face, Draft draft) {
        this.pen = pen;
        this.face = face;
        this.draft = draft;
        this.unit = draft.commission().units() == LengthUnit.MM
                ? LengthUnit.CM
                : draft.commission().units();
    }

    public static byte[] write(Draft draft) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            try (PDPageContentStream stream =
                    new PDPageContentStream(document, Pages.add(document, Paper.A4.width(), Paper.A4.height()))) {
                new FittingSheet(new Pen(stream, Paper.A4.height()), face, draft).all();
            }
            Pages.entitled(document, "Fitting sheet");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void all() throws IOException {
        pen.text(
                LEFT,
                20,
                face.title(),
                20,
                Typeface.broken(face.title(), 20, draft.commission().title(), RIGHT - LEFT)
                        .get(0));
        pen.text(
                LEFT,
                27,
                face.plain(),
                SIZE,
                draft.commission().wearer().name() + " · fitting sheet, in " + unit.symbol());
        setting();
        pattern();
        double y = TOP + HIGH + 12;
        y = table(y);
        lines("In the wearer's words", y + 8, 3);
        lines("To do before the next", y + 8 + 3 * ROW + 10, 2);
    }

    private void setting() throws IOException {
        List<String> names = new ArrayList<>(List.of("Day"));
        for (Setting.Field field : Setting.Field.values()) {
            names.add(field.label());
        }
        names.add("Worn, minutes");
        names.add("Pins: all taken / from the seam");
        int across = 4;
        double wide = (RIGHT - LEFT) / across;
        for (int i = 0; i < names.size(); i++) {
            double x = LEFT + (i % across) * wide;
            double y = 35 + (i / across) * 8.0;
            pen.text(x, y, face.plain(), 7.5, names.get(i));
            pen.stroke(0.15);
            double from = x + Typeface.width(face.plain(), 7.5, names.get(i)) + 1.5;
            pen.line(new Point(Math.min(from, x + wide - 4), y + 1), new Point(x + wide - 3, y + 1));
        }
    }

    private void pattern() throws IOException {
        PanelRow row = new PanelRow(draft.panelPieces(), new Point(LEFT, TOP), RIGHT - LEFT - GAP_ROOM, HIGH);
        row.draw(pen, face);
        if (draft.commission().garment().fastening().closure().isLaced()) {
            gaps(row);
        }
    }

    /** A box for each reading of the gap, where its level lies. */
    private void gaps(PanelRow row) throws IOException {
        double x = RIGHT - BOX;
        pen.text(
                x,
                TOP - 2,
                face.plain(),
                7.5,
                "Gap, planned "
                        + LengthText.figure(draft.commission().garment().gap().length(), unit));
        double last = Double.NEGATIVE_INFINITY;
        for (LevelPlan plan : draft.girths().levels()) {
            if (plan.level() == Level.BUST) {
                continue;
            }
            double y = Math.max(last + 9, row.y(draft.block().side(plan.level())) - 3);
            box(x, y, plan.level().label());
            last = y;
        }
        box(x, last + 9, "Hem");
    }

    private void box(double x, double y, String name) throws IOException {
        pen.stroke(0.25);
        pen.rect(x + 11, y, BOX - 11, 6.5);
        pen.text(x + 10 - Typeface.width(face.plain(), 7, name), y + 4.5, face.plain(), 7, name);
    }

    private double table(double from) throws IOException {
        double y = from;
        for (int i = 0; i < HEADS.size(); i++) {
            pen.text(COLUMNS[i] + 1, y, face.bold(), 8, HEADS.get(i));
        }
        y += 2;
        pen.stroke(0.15);
        for (int row = 0; row <= ROWS; row++) {
            pen.line(new Point(LEFT, y + row * ROW), new Point(RIGHT, y + row * ROW));
        }
        for (double x : COLUMNS) {
            pen.line(new Point(x, y), new Point(x, y + ROWS * ROW));
        }
        for (int row = 0; row < ROWS; row++) {
            pen.text(LEFT + 3, y + row * ROW + 5.6, face.plain(), SIZE, Integer.toString(row + 1));
        }
        return y + ROWS * ROW;
    }

    private void lines(String head, double y, int count) throws IOException {
        pen.text(LEFT, y, face.bold(), 8, head);
        pen.stroke(0.15);
        for (int i = 1; i <= count; i++) {
            pen.line(new Point(LEFT, y + i * ROW), new Point(RIGHT, y + i * ROW));
        }
    }
}
