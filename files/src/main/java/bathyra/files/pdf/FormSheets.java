package bathyra.files.pdf;

import bathyra.files.sheet.Paper;
import bathyra.form.Form;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/**
 * A form as cross-sections in full size, one a page at every 40 mm of height, to cut out and pad a stand to a wearer. Each is one half, to
 * be laid on a fold at the middle line.
 */
public final class FormSheets {
    private static final double EVERY = 40;
    private static final double MARGIN = 10;
    /** The words stand inside the section, beside its fold. */
    private static final double INSIDE = 6;

    private static final double ROW = 5;
    private static final double SQUARE = 50;
    private static final int STEPS = 90;

    private FormSheets() {}

    /**
     * @param half what the half is called, empty where both are alike
     * @throws IOException never, but that the document is written to memory
     */
    public static byte[] write(Form form, String title, String half, LengthUnit units) throws IOException {
        LengthUnit unit = units == LengthUnit.MM ? LengthUnit.CM : units;
        List<Double> heights = heights(form);
        Paper paper = paper(form, heights);
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            for (int i = 0; i < heights.size(); i++) {
                PDPage page = Pages.add(document, paper.width(), paper.height());
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    page(new Pen(out, paper.height()), face, form, heights.get(i), title, half, unit, i + 1);
                }
            }
            Pages.entitled(document, title + ", the form in sections");
            Pages.unscaled(document);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** From the waist up and down, from below upwards. */
    private static List<Double> heights(Form form) {
        List<Double> heights = new ArrayList<>();
        for (double z = Math.ceil(form.heights().below() / EVERY) * EVERY;
                z <= form.heights().above();
                z += EVERY) {
            heights.add(z);
        }
        return heights;
    }

    /** The smallest usual paper on which every half section has room. */
    private static Paper paper(Form form, List<Double> heights) {
        double wide = 0;
        double deep = 0;
        for (double z : heights) {
            List<Point> outline = outline(form, z);
            wide = Math.max(wide, outline.stream().mapToDouble(Point::x).max().orElse(0));
            deep = Math.max(deep, depth(outline));
        }
        for (Paper paper : List.of(Paper.A4, Paper.A3)) {
            if (wide <= paper.width() - 2 * MARGIN && deep <= paper.height() - 2 * MARGIN) {
                return paper;
            }
        }
        return Paper.A0;
    }

    /** The half section from centre front, y down to the back. */
    private static List<Point> outline(Form form, double z) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double[] at = form.at(Math.PI * i / STEPS, z);
            points.add(new Point(Math.max(0, at[0]), -at[1]));
        }
        return points;
    }

    private static double depth(List<Point> outline) {
        return outline.stream().mapToDouble(Point::y).max().orElse(0)
                - outline.stream().mapToDouble(Point::y).min().orElse(0);
    }

    private static void page(
            Pen pen, Typeface face, Form form, double z, String title, String half, LengthUnit unit, int number)
            throws IOException {
        List<Point> outline = outline(form, z);
        double top = outline.stream().mapToDouble(Point::y).min().orElse(0);
        pen.origin(MARGIN, MARGIN - top);
        pen.stroke(0.5);
        pen.polyline(outline);
        pen.stroke(0.25, 6f, 1.5f, 1f, 1.5f);
        pen.line(outline.get(0), outline.get(outline.size() - 1));
        pen.stroke(0.25);
        double axis = -form.axis(z);
        double[] side = form.at(Math.PI / 2, z);
        pen.line(new Point(side[0] - 6, axis), new Point(side[0], axis));
        pen.text(side[0] - 14, axis - 1.5, face.plain(), 8, "side");
        pen.text(3, outline.get(0).y() + 8, face.plain(), 8, "centre front, on the fold");
        pen.text(3, outline.get(outline.size() - 1).y() - 4, face.plain(), 8, "centre back, on the fold");
        double room = side[0] - 2 * INSIDE;
        double y = axis - 4 * ROW;
        String where = z == 0
                ? "at the waist"
                : LengthText.say(Length.mm(Math.abs(z)), unit) + (z > 0 ? " above" : " below") + " the waist";
        for (String words : List.of(
                title,
                "Section " + number + ", " + where + (half.isEmpty() ? "" : ", " + half),
                LengthText.say(Length.mm(form.girth(z)), unit) + " round",
                lines(form, z, unit))) {
            for (String line : Typeface.broken(face.plain(), 10, words, room)) {
                pen.text(INSIDE, y, face.plain(), 10, line);
                y += ROW;
            }
        }
        pen.line(new Point(INSIDE, y), new Point(INSIDE + SQUARE, y));
        pen.line(new Point(INSIDE, y - 1.5), new Point(INSIDE, y + 1.5));
        pen.line(new Point(INSIDE + SQUARE, y - 1.5), new Point(INSIDE + SQUARE, y + 1.5));
        pen.text(INSIDE, y + ROW, face.plain(), 8, "50 mm on this paper: measure it before you cut");
        pen.origin(0, 0);
    }

    /** The level lines that run between this section and its neighbours. */
    private static String lines(Form form, double z, LengthUnit unit) {
        StringBuilder near = new StringBuilder();
        form.lines().forEach((name, line) -> {
            double off = line - z;
            if (Math.abs(off) <= EVERY / 2 && off != 0) {
                near.append(near.isEmpty() ? "The " : "; the ")
                        .append(name)
                        .append(" runs ")
                        .append(LengthText.say(Length.mm(Math.abs(off)), unit))
                        .append(off > 0 ? " above it" : " below it");
            }
        });
        return near.toString();
    }
}
