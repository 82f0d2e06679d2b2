package bathyra.files.pdf;

import bathyra.files.fit.FitDrawing;
import bathyra.files.fit.FitDrawing.View;
import bathyra.files.sheet.Paper;
import bathyra.fit.Closeness;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** One A4 sheet to hold beside the wearer at the fitting: how the garment sits by reckoning, what to look at, and room to write what is seen. */
public final class FitSheet {
    private static final double LEFT = 14;
    private static final double TOP = 36;
    private static final double VIEWS_HIGH = 92;
    private static final double VIEWS_WIDE = 60;
    private static final double ABOVE_HIGH = 38;
    private static final double ROW = 5.6;
    private static final double HATCH = 1.6;
    private static final double[] GREY = {0.9, 0.94, 0.98, 1, 0.97, 0.92, 0.84, 0.72};
    private static final String[] HEADS = {"", "Body", "Planned", "Garment", "It presses", "Rides", "Seen"};
    private static final double[] COLUMNS = {0, 30, 54, 78, 102, 128, 152};

    private final Pen pen;
    private final Typeface face;
    private final FitDrawing drawing;
    private final LengthUnit unit;

    private FitSheet(Pen pen, Typeface face, FitDrawing drawing, LengthUnit unit) {
        this.pen = pen;
        this.face = face;
        this.drawing = drawing;
        this.unit = unit;
    }

    public static byte[] write(Worn worn, String date) throws IOException {
        LengthUnit units = worn.draft().commission().units();
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            PDPage page = Pages.add(document, Paper.A4.width(), Paper.A4.height());
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                new FitSheet(
                                new Pen(out, Paper.A4.height()),
                                face,
                                new FitDrawing(worn),
                                units == LengthUnit.MM ? LengthUnit.CM : units)
                        .all(worn, date);
            }
            Pages.entitled(document, "On the body");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void all(Worn worn, String date) throws IOException {
        double wide = Paper.A4.width() - 2 * LEFT;
        String title = worn.draft().commission().title();
        pen.text(
                LEFT,
                18,
                face.title(),
                18,
                Typeface.broken(face.title(), 18, title, wide).get(0));
        pen.text(
                LEFT,
                25,
                face.plain(),
                10,
                worn.draft().commission().wearer().name() + ", to look at in the fitting, " + date);
        double x = LEFT + VIEWS_WIDE / 2;
        for (View view : View.values()) {
            view(view, x);
            x += VIEWS_WIDE + 1;
        }
        double y = TOP + VIEWS_HIGH + 6;
        x = LEFT + VIEWS_WIDE / 2;
        for (String level : drawing.cuts()) {
            above(level, x, y);
            x += VIEWS_WIDE + 1;
        }
        y = table(worn, y + ABOVE_HIGH + 12);
        y = sights(worn, y + 4);
        legend(y + 3);
        pen.text(LEFT, 280, face.bold(), 9.5, worn.assumed());
        pen.text(
                LEFT,
                285,
                face.plain(),
                8,
                "Cloth, softness of the body and its posture are assumed; there is no friction in it, so that how high it rides is the least certain.");
        pen.text(
                LEFT,
                289,
                face.plain(),
                8,
                "No figure makes a lacing safe. Loosen at once with pain, numbness, tingling, faintness, reflux or short breath.");
    }

    private void view(View view, double middle) throws IOException {
        var heights = drawing.worn().form().heights();
        double scale = Math.min(
                VIEWS_HIGH / (heights.above() - heights.below()),
                VIEWS_WIDE
                        / (2
                                * drawing.body(view).stream()
                                        .mapToDouble(p -> Math.abs(p.x()))
                                        .max()
                                        .orElse(1)));
        pen.text(middle - VIEWS_WIDE / 2, TOP - 2, face.plain(), 9, view.label());
        pen.origin(middle, TOP + heights.above() * scale);
        pen.scaled(scale, scale);
        pen.stroke(0.25, 1.2f, 0.8f);
        pen.polyline(drawing.body(view));
        for (Map.Entry<Closeness, List<Point[]>> each : drawing.cloth(view).entrySet()) {
            List<List<Point>> areas = each.getValue().stream().map(List::of).toList();
            pen.grey(GREY[each.getKey().ordinal()]);
            pen.fill(areas);
            if (each.getKey().isPressing()) {
                pen.grey(0.25);
                pen.stroke(0.12);
                for (List<Point> line : FitDrawing.hatch(each.getValue(), HATCH / scale)) {
                    pen.polyline(line);
                }
            }
        }
        pen.grey(0);
        pen.stroke(0.2);
        for (List<Point> line : drawing.lines(view, true)) {
            pen.polyline(line);
        }
        pen.stroke(0.5);
        for (List<Point> line : drawing.lines(view, false)) {
            pen.polyline(line);
        }
        pen.stroke(0.15, 0.8f, 0.8f);
        for (double z : drawing.worn().form().lines().values()) {
            pen.line(new Point(-VIEWS_WIDE / 2 / scale, -z), new Point(VIEWS_WIDE / 2 / scale, -z));
        }
        pen.origin(0, 0);
        pen.scaled(1, 1);
        pen.stroke(0.25);
    }

    private void above(String level, double middle, double y) throws IOException {
        double z = drawing.worn().form().lines().get(level);
        List<Point> section = drawing.section(z);
        double back = section.stream().mapToDouble(Point::y).min().orElse(0);
        double front = section.stream().mapToDouble(Point::y).max().orElse(0);
        double wide = section.stream().mapToDouble(Point::x).max().orElse(1);
        double scale = Math.min(ABOVE_HIGH / (front - back + 30), (VIEWS_WIDE - 6) / (2 * wide + 30));
        pen.text(middle - VIEWS_WIDE / 2, y, face.plain(), 9, "From above, " + level + ", the front below");
        pen.origin(middle, y + 5 - back * scale);
        pen.scaled(scale, scale);
        pen.stroke(0.25, 1.2f, 0.8f);
        pen.polyline(section);
        pen.stroke(0.5);
        for (List<Point> line : drawing.clothAt(z)) {
            pen.polyline(line);
        }
        pen.origin(0, 0);
        pen.scaled(1, 1);
    }

    private double table(Worn worn, double from) throws IOException {
        double y = from;
        for (int i = 0; i < HEADS.length; i++) {
            pen.text(LEFT + COLUMNS[i], y, face.bold(), 9, HEADS[i]);
        }
        for (Worn.LevelReading reading : worn.levels()) {
            y += ROW;
            String[] cells = {
                reading.level().label(),
                figure(reading.body()),
                figure(reading.planned()),
                figure(reading.worn()),
                Worn.pressing(reading.pressure()),
                Math.abs(reading.ridesFront()) < 3
                        ? "in place"
                        : figure(Math.abs(reading.ridesFront())) + (reading.ridesFront() > 0 ? " up" : " down")
            };
            for (int i = 0; i < cells.length; i++) {
                pen.text(LEFT + COLUMNS[i], y, face.plain(), 9, cells[i]);
            }
            pen.stroke(0.2);
            pen.rect(LEFT + COLUMNS[6], y - 3.8, 28, 4.6);
        }
        return y + ROW;
    }

    private double sights(Worn worn, double from) throws IOException {
        double y = from;
        pen.text(LEFT, y, face.bold(), 9, "What to look at");
        pen.text(LEFT + 128, y, face.bold(), 9, "Seen");
        List<Sight> sights = Sight.of(worn);
        if (sights.isEmpty()) {
            y += ROW;
            pen.text(LEFT, y, face.plain(), 9, "Nothing stands away or bites in by more than " + figure(4) + ".");
        }
        int number = 1;
        for (Sight sight : sights) {
            y += ROW;
            String words = number++ + "  " + sight.sentence().in(unit);
            pen.text(
                    LEFT,
                    y,
                    face.plain(),
                    9,
                    Typeface.broken(face.plain(), 9, words, 122).get(0));
            pen.line(new Point(LEFT + 128, y + 0.6), new Point(Paper.A4.width() - LEFT, y + 0.6));
        }
        return y + ROW;
    }

    private void legend(double y) throws IOException {
        double x = LEFT;
        for (Closeness each : List.of(Closeness.TOUCHES, Closeness.OFF, Closeness.FAR, Closeness.PRESSES)) {
            List<Point> square =
                    List.of(new Point(x, y - 3), new Point(x + 4, y - 3), new Point(x + 4, y + 1), new Point(x, y + 1));
            pen.grey(GREY[each.ordinal()]);
            pen.fill(List.of(square));
            pen.grey(0);
            pen.stroke(0.15);
            pen.rect(x, y - 3, 4, 4);
            if (each.isPressing()) {
                pen.line(new Point(x, y + 1), new Point(x + 4, y - 3));
            }
            pen.text(x + 5.5, y, face.plain(), 8, each.label());
            x += 46;
        }
    }

    private String figure(double mm) {
        return LengthText.say(Length.mm(mm), unit);
    }
}
