package bathyra.files.pdf;

import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.LacingRule;
import bathyra.files.CuttingPlan;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.PrintScale;
import bathyra.files.sheet.Sheet;
import bathyra.files.sheet.Sheets;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Wording;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.girth.LevelPlan;
import bathyra.layer.Layer;
import bathyra.layer.Strip;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Reckoned;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** The sheet on top: what it is, the figures, the girth plan, the checks, the pieces, the cautions and the map of the sheets. */
final class Cover {
    private static final double LEFT = 14;
    private static final double LINE_AT = 10;
    private static final double SECOND = 110;
    private static final double SIZE = 8.5;
    private static final double ROW = 4.1;
    private static final double MAP_HIGH = 56;
    /** So many of what fittings found stand on the cover. */
    private static final int FOUND_MOST = 8;

    private final Pen pen;
    private final Typeface face;
    private final LengthUnit unit;
    private double y;

    private Cover(Pen pen, Typeface face, LengthUnit unit) {
        this.pen = pen;
        this.face = face;
        this.unit = unit;
    }

    /** What is made and how it is drafted, in a few words. */
    private static String made(Garment garment) {
        String how = garment.kind().isPanelled()
                ? garment.panelsPerSide() + " panels a side"
                : garment.block().method().label();
        return (garment.kind().label() + ", " + how).toLowerCase(Locale.ROOT);
    }

    static void draw(
            PDDocument document,
            Typeface face,
            Draft draft,
            CuttingPlan plan,
            Sheets sheets,
            PdfPattern.Imprint imprint)
            throws IOException {
        Paper paper = sheets.print().coverPaper();
        PDPage page = Pages.add(document, paper.width(), paper.height());
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            new Cover(new Pen(stream, paper.height()), face, draft.commission().units())
                    .all(draft, plan, sheets, imprint);
        }
    }

    private void all(Draft draft, CuttingPlan plan, Sheets sheets, PdfPattern.Imprint imprint) throws IOException {
        Paper paper = sheets.print().coverPaper();
        double wide = paper.width() - LEFT - 12;
        if (!imprint.line().isEmpty()) {
            pen.text(LEFT, LINE_AT, face.plain(), SIZE, Typeface.within(face.plain(), SIZE, imprint.line(), wide));
        }
        y = 20;
        for (String line : Typeface.broken(face.title(), 20, draft.pattern().title(), wide)) {
            pen.text(LEFT, y, face.title(), 20, line);
            y += 8;
        }
        pen.text(
                LEFT,
                y,
                face.plain(),
                9,
                draft.commission().wearer().name() + " · "
                        + made(draft.commission().garment()) + ", "
                        + draft.commission()
                                .garment()
                                .fastening()
                                .closure()
                                .label()
                                .toLowerCase(Locale.ROOT) + " · " + imprint.date() + " · "
                        + sheets.print().size().words() + ", in " + unit.symbol());
        y += 8;
        double top = y;
        measurements(draft);
        double leftEnd = y;
        y = top;
        girths(draft);
        layers(plan);
        allowances(draft);
        found(draft);
        y = Math.max(leftEnd, y) + 4;
        double checksTop = y;
        findings(draft, SECOND - LEFT - 18);
        y = checksTop;
        map(sheets);
        corrected(sheets.print().scale());
        y = paper.height() - 26;
        heading(LEFT, "Caution");
        paragraph(LEFT, Cautions.LACING, wide);
        SheetPage.squares(pen, face, paper.width() - 114, paper.height() - 86);
    }

    private void heading(double x, String words) throws IOException {
        pen.text(x, y, face.title(), 12, words);
        y += 5;
    }

    private void paragraph(double x, String words, double width) throws IOException {
        for (String line : Typeface.broken(face.plain(), SIZE, words, width)) {
            pen.text(x, y, face.plain(), SIZE, line);
            y += ROW;
        }
    }

    private void row(double x, double column, String name, String value) throws IOException {
        pen.text(x, y, face.plain(), SIZE, name);
        pen.text(column - Typeface.width(face.bold(), SIZE, value), y, face.bold(), SIZE, value);
        y += ROW;
    }

    private void measurements(Draft draft) throws IOException {
        heading(LEFT, "Measurements");
        Set<MeasurementKey> keys =
                new LinkedHashSet<>(Drafter.needs(draft.commission().garment()));
        keys.addAll(draft.commission().measurements().taken().keySet());
        for (MeasurementKey key : keys) {
            Reckoned value = draft.commission().measurements().find(key).orElseThrow();
            boolean taken = draft.commission().measurements().isTaken(key);
            row(
                    LEFT,
                    SECOND - 10,
                    key.label(),
                    (taken ? "" : "≈ ") + LengthText.say(value.length(), unit) + (taken ? "" : ", estimate"));
        }
    }

    private void girths(Draft draft) throws IOException {
        heading(SECOND, "Girth plan: body, ease, pattern");
        for (LevelPlan plan : draft.girths().levels()) {
            row(
                    SECOND,
                    SECOND + 86,
                    plan.level().label(),
                    (plan.body().estimated() ? "≈ " : "")
                            + LengthText.figure(plan.body().length(), unit) + "   "
                            + LengthText.figure(plan.ease().length(), unit) + "   "
                            + LengthText.say(plan.pattern().length(), unit));
        }
        y += 3;
    }

    private void layers(CuttingPlan plan) throws IOException {
        heading(SECOND, "Layers: the lists follow");
        for (Layer layer : plan.layers()) {
            int pieces = layer.pieces().size();
            row(
                    SECOND,
                    SECOND + 86,
                    layer.kind().label(),
                    (pieces > 0
                                    ? pieces + (pieces == 1 ? " piece" : " pieces")
                                    : layer.strips().stream()
                                                    .mapToInt(Strip::count)
                                                    .sum() + " strips")
                            + (layer.turn() == 0 ? "" : ", turn " + LengthText.say(Length.mm(layer.turn()), unit)));
        }
        y += 3;
    }

    private void allowances(Draft draft) throws IOException {
        heading(SECOND, "Allowances, outside the sewing line");
        for (EdgeUse use : EdgeUse.values()) {
            boolean has =
                    use != EdgeUse.SLIT || !draft.commission().garment().gores().isEmpty();
            if (use != EdgeUse.FOLD && has) {
                row(
                        SECOND,
                        SECOND + 86,
                        use.label(),
                        LengthText.say(draft.commission().garment().allowance(use), unit));
            }
        }
    }

    /** What fittings found and the draft follows; what is switched off is not drafted. */
    private void found(Draft draft) throws IOException {
        List<Adjustment> followed = draft.commission().adjustments().stream()
                .filter(Adjustment::moves)
                .toList();
        if (followed.isEmpty()) {
            return;
        }
        y += 3;
        heading(SECOND, "Found at fittings, and followed");
        for (Adjustment each : followed.subList(0, Math.min(FOUND_MOST, followed.size()))) {
            paragraph(SECOND, Wording.of(each).in(unit), 88);
        }
        if (followed.size() > FOUND_MOST) {
            paragraph(SECOND, "and " + (followed.size() - FOUND_MOST) + " more, in the record of fittings.", 88);
        }
    }

    private void findings(Draft draft, double width) throws IOException {
        heading(LEFT, "What was checked");
        for (FindingKind kind : FindingKind.values()) {
            List<Finding> found =
                    draft.findings().stream().filter(f -> f.kind() == kind).toList();
            if (kind.cover().isPresent() && !found.isEmpty()) {
                row(
                        LEFT,
                        LEFT + width,
                        kind.cover().get(),
                        found.stream()
                                        .filter(f -> f.status() == Finding.Status.OK)
                                        .count() + " hold");
            }
        }
        List<String> notes = new ArrayList<>();
        draft.with(Finding.Status.NOTE).forEach(f -> notes.add(f.sentence().in(unit)));
        PdfPattern.warning(draft).ifPresent(notes::add);
        for (String note : notes) {
            paragraph(LEFT, "Note. " + note, width);
        }
        asked(draft, width);
    }

    /** Whether the wearer was asked before lacing; what was answered stands nowhere (C17.1). */
    private void asked(Draft draft, double width) throws IOException {
        if (draft.commission().answered().isPresent()) {
            paragraph(
                    LEFT,
                    "Asked before lacing on " + draft.commission().answered().get() + ".",
                    width);
        } else if (LacingRule.asks(draft)) {
            paragraph(LEFT, "Not asked yet before lacing. Read out: “" + LacingRule.QUESTION + "”", width);
        }
    }

    private void map(Sheets sheets) throws IOException {
        List<Sheet> list = sheets.printed();
        int left = sheets.list().size() - list.size();
        heading(
                SECOND,
                sheets.list().size() == 1
                        ? "One sheet, " + sheets.print().paper().id()
                        : "Map of the " + list.size() + " sheets" + (left == 0 ? "" : ", " + left + " left out"));
        double cellWidth = Math.min(11, 88.0 / Math.max(1, sheets.across()));
        double cellHeight = Math.min(8, MAP_HIGH / Math.max(1, sheets.down()));
        double top = y - 3;
        pen.stroke(0.2);
        for (Sheet tile : list) {
            double x = SECOND + tile.column() * cellWidth;
            pen.rect(x, top + tile.row() * cellHeight, cellWidth, cellHeight);
            pen.text(
                    x + cellWidth * 0.25,
                    top + tile.row() * cellHeight + cellHeight * 0.65,
                    face.plain(),
                    Math.min(8, cellWidth * 0.9),
                    tile.name());
        }
        y = top + sheets.down() * cellHeight + 6;
    }

    private void corrected(PrintScale scale) throws IOException {
        if (!scale.equals(PrintScale.TRUE)) {
            paragraph(
                    SECOND,
                    String.format(
                            Locale.ROOT,
                            "Corrected for one printer: drawn %.2f %% across and %.2f %% down. Print it on no other.",
                            scale.across() * 100,
                            scale.down() * 100),
                    88);
        }
    }
}
