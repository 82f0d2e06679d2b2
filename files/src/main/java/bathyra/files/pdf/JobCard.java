package bathyra.files.pdf;

import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.layer.SewingOrder;
import bathyra.plan.DateKind;
import bathyra.workplan.Dates;
import bathyra.workplan.WorkPlan;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** The job card that hangs with the garment on the rail, A5: its steps with their minutes, its days, the order of its seams. */
public final class JobCard {
    private static final double WIDTH = 148;
    private static final double HEIGHT = 210;
    private static final double LEFT = 10;
    private static final double RIGHT = 138;
    private static final double SIZE = 8;
    private static final double ROW = 4.6;
    private static final double SECOND = 92;
    private static final double FOOT = 202;
    private static final double BOTTOM = 200;
    /** A picture that is lower shows nothing. */
    private static final double PICTURE_LEAST = 22;

    private static final double MINUTES_AT = 78;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    private final Pen pen;
    private final Typeface face;

    private JobCard(Pen pen, Typeface face) {
        this.pen = pen;
        this.face = face;
    }

    public static byte[] write(Draft draft, WorkPlan plan, Optional<Dates> dates) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            try (PDPageContentStream stream = new PDPageContentStream(document, Pages.add(document, WIDTH, HEIGHT))) {
                new JobCard(new Pen(stream, HEIGHT), face).all(draft, plan, dates);
            }
            Pages.entitled(document, "Job card");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void all(Draft draft, WorkPlan plan, Optional<Dates> dates) throws IOException {
        double y = 16;
        for (String line : Typeface.broken(face.title(), 15, draft.commission().title(), RIGHT - LEFT)) {
            pen.text(LEFT, y, face.title(), 15, line);
            y += 6;
        }
        pen.text(
                LEFT,
                y,
                face.plain(),
                SIZE,
                draft.commission().wearer().name() + " · " + Math.round(plan.planned()) + " minutes planned, "
                        + Math.round(plan.taken()) + " taken");
        double top = y + 9;
        double foot = steps(plan, top);
        if (BOTTOM - foot > PICTURE_LEAST) {
            new PanelRow(draft.panelPieces(), new Point(LEFT, foot), RIGHT - LEFT, BOTTOM - foot).draw(pen, face);
        }
        double end = dates.isPresent() ? days(dates.get(), top) : top;
        seams(draft, end);
    }

    private double steps(WorkPlan plan, double from) throws IOException {
        double y = from;
        pen.text(LEFT, y, face.title(), 11, "Steps");
        pen.text(MINUTES_AT, y, face.plain(), 7, "min");
        y += 5;
        pen.stroke(0.25);
        for (WorkPlan.Step step : plan.steps()) {
            pen.rect(LEFT, y - 2.8, 3, 3);
            if (step.progress().done()) {
                pen.line(new Point(LEFT + 0.5, y - 1.4), new Point(LEFT + 1.3, y - 0.4));
                pen.line(new Point(LEFT + 1.3, y - 0.4), new Point(LEFT + 2.7, y - 2.4));
            }
            pen.text(LEFT + 5, y, face.plain(), SIZE, step.task().label());
            String minutes = Long.toString(Math.round(step.planned().value()));
            pen.text(MINUTES_AT + 5 - Typeface.width(face.bold(), SIZE, minutes), y, face.bold(), SIZE, minutes);
            y += ROW;
            if (!step.task().caution().isEmpty()) {
                for (String line :
                        Typeface.broken(face.plain(), 6.5, step.task().caution(), MINUTES_AT - LEFT - 5)) {
                    pen.text(LEFT + 5, y - 0.8, face.plain(), 6.5, line);
                    y += 3.2;
                }
            }
        }
        return y + ROW;
    }

    private double days(Dates dates, double from) throws IOException {
        double y = from;
        pen.text(SECOND, y, face.title(), 11, "Days");
        y += 5;
        for (DateKind kind : DateKind.values()) {
            day(kind.label(), dates.day(kind), y);
            y += ROW;
        }
        day("Due", dates.due(), y);
        return y + 9;
    }

    private void day(String label, LocalDate day, double y) throws IOException {
        pen.text(SECOND, y, face.plain(), SIZE, label);
        String said = DAY.format(day);
        pen.text(RIGHT - Typeface.width(face.bold(), SIZE, said), y, face.bold(), SIZE, said);
    }

    private void seams(Draft draft, double from) throws IOException {
        double y = from;
        pen.text(SECOND, y, face.title(), 11, "Seams, in order");
        y += 5;
        List<String> steps = new ArrayList<>(SewingOrder.darts(draft.pattern()));
        SewingOrder.of(draft.pattern()).forEach(step -> steps.add(step.number() + "  " + step.words()));
        for (String step : steps) {
            for (String line : Typeface.broken(face.plain(), 7, step, RIGHT - SECOND)) {
                if (y > FOOT) {
                    return;
                }
                pen.text(SECOND, y, face.plain(), 7, line);
                y += 3.5;
            }
        }
    }
}
