package bathyra.files.pdf;

import bathyra.correction.Slip;
import bathyra.draft.Draft;
import bathyra.files.sheet.Paper;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Fitting;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Setting;
import bathyra.fitting.Side;
import bathyra.fitting.Wording;
import bathyra.garment.Commission;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** The record of a commission's fittings on paper, and the slips that lie on the panels while they are corrected (C15.6). */
public final class FittingRecord {
    private static final double LEFT = 18;
    private static final double RIGHT = 192;
    private static final double SIZE = 9.5;
    private static final double ROW = 4.8;
    private static final double FOOT = 282;

    private final PDDocument document;
    private final Typeface face;
    private final LengthUnit unit;
    private PDPageContentStream stream;
    private Pen pen;
    private double y;

    private FittingRecord(PDDocument document, LengthUnit unit) throws IOException {
        this.document = document;
        this.face = Typeface.in(document);
        this.unit = unit == LengthUnit.MM ? LengthUnit.CM : unit;
    }

    /** What is written on the pages. */
    @FunctionalInterface
    private interface Written {
        void on(FittingRecord record) throws IOException;
    }

    private static byte[] pages(Commission commission, String title, Written written) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            FittingRecord record = new FittingRecord(document, commission.units());
            record.turn();
            record.head(commission.title(), 20);
            record.words(commission.wearer().name() + " · " + title);
            written.on(record);
            record.stream.close();
            Pages.entitled(document, title);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** All fittings, from the first, with what the draft follows of them. */
    public static byte[] write(Commission commission) throws IOException {
        return pages(commission, "record of fittings", record -> {
            for (Fitting fitting : commission.fittings()) {
                record.fitting(fitting);
            }
            record.head("What the draft follows", 14);
            List<Adjustment> all = commission.adjustments().stream()
                    .filter(a -> a.change().by().millimetres() != 0)
                    .toList();
            if (all.isEmpty()) {
                record.words("Nothing yet.");
            }
            for (Adjustment each : all) {
                record.words(
                        (each.on() ? "" : "Switched off: ") + Wording.of(each).in(record.unit));
            }
        });
    }

    /** One slip a panel: edge by edge what is cut off, or added. */
    public static byte[] slips(Draft before, Draft after) throws IOException {
        return pages(after.commission(), "correction slips, one to a panel", record -> {
            for (Slip slip : Slip.of(before, after)) {
                record.room((slip.moved().size() + 3) * ROW);
                record.rule();
                record.head(slip.piece() + ", " + slip.name(), 13);
                for (Sentence moved : slip.moved()) {
                    record.words(moved.in(record.unit));
                }
            }
        });
    }

    private void turn() throws IOException {
        if (stream != null) {
            stream.close();
        }
        stream = new PDPageContentStream(document, Pages.add(document, Paper.A4.width(), Paper.A4.height()));
        pen = new Pen(stream, Paper.A4.height());
        y = 22;
    }

    private void room(double high) throws IOException {
        if (y + high > FOOT) {
            turn();
        }
    }

    private void head(String words, double size) throws IOException {
        y += size > 15 ? 0 : 3;
        for (String line : Typeface.broken(face.title(), size, words, RIGHT - LEFT)) {
            room(size * 0.5);
            pen.text(LEFT, y, face.title(), size, line);
            y += size * 0.42;
        }
    }

    private void words(String words) throws IOException {
        for (String line : Typeface.broken(face.plain(), SIZE, words, RIGHT - LEFT)) {
            room(ROW);
            pen.text(LEFT, y, face.plain(), SIZE, line);
            y += ROW;
        }
    }

    private void rule() throws IOException {
        y += 2;
        pen.stroke(0.2, 3, 2);
        pen.line(new Point(LEFT, y), new Point(RIGHT, y));
        y += 4;
    }

    private void fitting(Fitting fitting) throws IOException {
        room(6 * ROW);
        head(
                fitting.kind().label() + " " + fitting.number()
                        + fitting.day().map(d -> ", " + d).orElse(""),
                14);
        List<String> setting = new ArrayList<>();
        for (Setting.Field field : Setting.Field.values()) {
            String text = fitting.setting().text(field);
            if (!text.isEmpty()) {
                setting.add(field.label().toLowerCase(Locale.ROOT) + ": " + text);
            }
        }
        fitting.setting().gap().ifPresent(g -> setting.add("laced to " + LengthText.say(g, unit)));
        fitting.setting().minutes().ifPresent(m -> setting.add(m + " minutes worn"));
        words(String.join(" · ", setting));
        for (Mark mark : fitting.marks()) {
            mark(mark);
        }
        if (!fitting.said().isEmpty()) {
            words("In the wearer's words: " + fitting.said());
        }
        if (!fitting.toDo().isEmpty()) {
            words("To do before the next: " + fitting.toDo());
        }
    }

    private void mark(Mark mark) throws IOException {
        StringBuilder line = new StringBuilder();
        line.append(mark.number()).append("  ").append(mark.kind().seen());
        if (mark.kind() != MarkKind.NOTE) {
            line.append(' ').append(LengthText.say(mark.amount(), unit));
        }
        if (mark.across().millimetres() != 0) {
            line.append(", ").append(LengthText.say(mark.across(), unit)).append(" across");
        }
        mark.spot().seam().ifPresent(s -> line.append(", ").append(s.inWords()));
        mark.spot()
                .level()
                .ifPresentOrElse(
                        l -> line.append(", ").append(l.label().toLowerCase(Locale.ROOT)),
                        () -> line.append(", ").append(height(mark)));
        mark.fold().ifPresent(f -> line.append(", ").append(f.label()));
        if (mark.side() != Side.BOTH) {
            line.append(", ").append(mark.side().label());
        }
        line.append(": ").append(mark.decision().label());
        if (!mark.seen().isEmpty()) {
            line.append(" (").append(mark.seen()).append(')');
        }
        if (!mark.reason().isEmpty()) {
            line.append(". ").append(mark.reason());
        }
        words(line.toString());
    }

    private String height(Mark mark) {
        double above = mark.spot().above().millimetres();
        return switch (mark.kind()) {
            case EDGE, DIGS ->
                (above > 0 ? "upper edge, " : "lower edge, ")
                        + Math.round(mark.spot().place() * 100) + " % from centre front";
            case GAP -> "hem";
            default ->
                LengthText.say(Length.mm(Math.abs(above)), unit) + (above < 0 ? " below" : " above") + " the waist";
        };
    }
}
