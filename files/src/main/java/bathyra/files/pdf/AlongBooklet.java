package bathyra.files.pdf;

import bathyra.along.AlongStep;
import bathyra.files.sheet.Paper;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.reckon.Formula;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A draft as a booklet, two steps a page: the drawing, what to do, the figure with how it comes about, why, and what goes wrong there. */
public final class AlongBooklet {
    private static final double LEFT = 16;
    private static final double DRAWN = 84;
    private static final double WORDS = 108;
    private static final double RIGHT = 194;
    private static final double HALF = 130;
    private static final double TOP = 28;
    private static final double ROW = 4.8;
    private static final double SIZE = 10;
    private static final int A_PAGE = 2;

    private final Pen pen;
    private final Typeface face;
    private final LengthUnit unit;
    private double y;

    private AlongBooklet(Pen pen, Typeface face, LengthUnit unit) {
        this.pen = pen;
        this.face = face;
        this.unit = unit == LengthUnit.MM ? LengthUnit.CM : unit;
    }

    public static byte[] write(String title, List<AlongStep> steps, LengthUnit unit) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            for (int i = 0; i < steps.size(); i += A_PAGE) {
                PDPage page = Pages.add(document, Paper.A4.width(), Paper.A4.height());
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    AlongBooklet booklet = new AlongBooklet(new Pen(out, Paper.A4.height()), face, unit);
                    booklet.pen.text(LEFT, 16, face.plain(), 8.5, title + ", drafted along · " + (i / A_PAGE + 1));
                    for (int k = i; k < Math.min(steps.size(), i + A_PAGE); k++) {
                        booklet.step(steps.get(k), k + 1, TOP + (k - i) * HALF);
                    }
                }
            }
            Pages.entitled(document, title + ", drafted along");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void step(AlongStep step, int number, double top) throws IOException {
        picture(step, top);
        y = top;
        words(face.title(), 14, number + "  " + step.title(), 7);
        words(face.plain(), 8.5, step.chapter().label(), 5.5);
        words(face.plain(), SIZE, step.words().in(unit), ROW);
        y += 1.5;
        if (step.figure().isPresent() && step.figure().get().quantity() == Quantity.LENGTH) {
            Reckoned figure = step.figure().get();
            words(face.bold(), 12, LengthText.say(figure.length(), unit), 6);
            words(face.plain(), SIZE, Formula.inFigures(figure, unit), ROW);
        }
        y += 1.5;
        words(face.plain(), 9, "Why: " + step.why().title() + " (" + step.why().section() + ").", ROW);
        words(face.plain(), 9, "What goes wrong: " + step.mistake().in(unit), ROW);
    }

    private void words(org.apache.pdfbox.pdmodel.font.PDFont font, double size, String text, double row)
            throws IOException {
        for (String line : Typeface.broken(font, size, text, RIGHT - WORDS)) {
            pen.text(WORDS, y, font, size, line);
            y += row;
        }
    }

    private void picture(AlongStep step, double top) throws IOException {
        List<Path> all = new ArrayList<>(step.drawn());
        all.addAll(step.lit());
        if (all.isEmpty()) {
            return;
        }
        List<Point> points = all.stream().flatMap(p -> p.flattened(2).stream()).toList();
        double left = points.stream().mapToDouble(Point::x).min().orElse(0);
        double right = points.stream().mapToDouble(Point::x).max().orElse(1);
        double up = points.stream().mapToDouble(Point::y).min().orElse(0);
        double foot = points.stream().mapToDouble(Point::y).max().orElse(1);
        double scale = Math.min(DRAWN / Math.max(1, right - left), (HALF - 16) / Math.max(1, foot - up));
        pen.save();
        pen.scaled(scale, scale);
        pen.origin(LEFT - left * scale, top - up * scale);
        pen.grey(0.55);
        pen.stroke(0.2);
        for (Path path : step.drawn()) {
            pen.path(path);
        }
        pen.grey(0);
        pen.stroke(0.7);
        for (Path path : step.lit()) {
            pen.path(path);
        }
        pen.restore();
        pen.scaled(1, 1);
        pen.origin(0, 0);
    }
}
