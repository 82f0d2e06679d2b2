package bathyra.files.pdf;

import bathyra.files.sheet.Paper;
import bathyra.geometry.Point;
import bathyra.plan.DateKind;
import bathyra.workplan.Dates;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Labels that hang on the hangers, eight on a sheet of A4, with lines to cut along and a ring where the hole is punched. */
public final class HangerLabels {
    private static final double WIDTH = 90;
    private static final double HEIGHT = 66;
    private static final double LEFT = 15;
    private static final double TOP = 14;
    private static final int ACROSS = 2;
    private static final int A_PAGE = 8;
    private static final double INSIDE = 7;
    private static final double HOLE = 2.5;
    private static final int TITLE_LINES = 2;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.ENGLISH);

    private final Pen pen;
    private final Typeface face;

    private HangerLabels(Pen pen, Typeface face) {
        this.pen = pen;
        this.face = face;
    }

    /**
     * What stands on one.
     *
     * @param next what is the next day of it, in a word; empty for none
     * @param maker who makes it; empty where nobody is named
     */
    public record Label(
            String wearer, String title, Optional<LocalDate> due, String next, Optional<LocalDate> on, String maker) {
        /** @param dates its days; empty while it has no due day @param today from which on the next of them is looked for */
        public static Label of(String wearer, String title, Optional<Dates> dates, String maker, LocalDate today) {
            Optional<DateKind> next = dates.flatMap(d -> d.next(today));
            return new Label(
                    wearer,
                    title,
                    dates.map(Dates::due),
                    next.map(DateKind::label).orElse(""),
                    next.flatMap(n -> dates.map(d -> d.day(n))),
                    maker);
        }
    }

    public static byte[] write(List<Label> labels) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            for (int first = 0; first < labels.size(); first += A_PAGE) {
                try (PDPageContentStream stream =
                        new PDPageContentStream(document, Pages.add(document, Paper.A4.width(), Paper.A4.height()))) {
                    HangerLabels page = new HangerLabels(new Pen(stream, Paper.A4.height()), face);
                    for (int i = first; i < Math.min(first + A_PAGE, labels.size()); i++) {
                        int at = i - first;
                        page.label(labels.get(i), LEFT + at % ACROSS * WIDTH, TOP + at / ACROSS * HEIGHT);
                    }
                }
            }
            Pages.unscaled(document);
            Pages.entitled(document, "Hanger labels");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void label(Label label, double x, double y) throws IOException {
        pen.stroke(0.2);
        pen.rect(x, y, WIDTH, HEIGHT);
        hole(x + WIDTH / 2, y + 7);
        double at = y + 20;
        pen.text(x + INSIDE, at, face.bold(), 14, fitting(label.wearer(), 14));
        at += 7;
        List<String> title = Typeface.broken(face.plain(), 10.5, label.title(), WIDTH - 2 * INSIDE);
        for (String line : title.subList(0, Math.min(TITLE_LINES, title.size()))) {
            pen.text(x + INSIDE, at, face.plain(), 10.5, line);
            at += 5;
        }
        at = y + 46;
        if (label.on().isPresent()) {
            pen.text(
                    x + INSIDE,
                    at,
                    face.plain(),
                    10.5,
                    label.next() + " " + DAY.format(label.on().get()));
        }
        if (label.due().isPresent()) {
            pen.text(
                    x + INSIDE,
                    at + 7,
                    face.title(),
                    14,
                    "due " + DAY.format(label.due().get()));
        }
        if (!label.maker().isEmpty()) {
            pen.text(x + INSIDE, at + 14, face.plain(), 9, label.maker());
        }
    }

    private String fitting(String words, double size) throws IOException {
        String text = words;
        while (Typeface.width(face.bold(), size, text) > WIDTH - 2 * INSIDE && text.length() > 2) {
            text = text.substring(0, text.length() - 2).strip() + "…";
        }
        return text;
    }

    private void hole(double x, double y) throws IOException {
        int corners = 16;
        for (int i = 0; i < corners; i++) {
            pen.line(on(x, y, i, corners), on(x, y, i + 1, corners));
        }
    }

    private static Point on(double x, double y, int corner, int corners) {
        double turn = 2 * Math.PI * corner / corners;
        return new Point(x + HOLE * Math.cos(turn), y + HOLE * Math.sin(turn));
    }
}
