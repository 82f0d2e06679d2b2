package bathyra.app.shell;

import bathyra.app.command.Version;
import bathyra.block.BlockDrawing;
import bathyra.cutting.PaperModel;
import bathyra.draft.BlockDrafter;
import bathyra.draft.BlockPattern;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.csv.MeasurementCsv;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.DraftingSheet;
import bathyra.files.pdf.MeasuringSheet;
import bathyra.files.pdf.Paper;
import bathyra.files.pdf.PaperModelSheet;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.svg.SvgPattern;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.concurrent.Task;
import javafx.stage.Window;

/** Writes the draft to paper and files, in the background. */
final class Output {
    private final Workshop workshop;
    private final Files files;
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper("");
    private final BooleanProperty named = new SimpleBooleanProperty(false);

    /** What can be put out. */
    enum Kind {
        PDF_A4("PDF, A4 sheets", "pdf", true),
        PDF_LETTER("PDF, letter sheets", "pdf", true),
        PDF_A0("PDF, one A0 sheet", "pdf", true),
        SVG("SVG drawing", "svg", true),
        JSON("Pattern document", "json", true),
        PAPER_MODEL("Paper model of the cup, half size", "pdf", true),
        BLOCK_FULL("Block with its steps, full size on A4", "pdf", false),
        BLOCK_HALF("Block with its steps, half size", "pdf", false),
        BLOCK_QUARTER("Block with its steps, quarter size", "pdf", false),
        BLOCK_JSON("Block, pattern document", "json", false),
        SHEET_BLANK("Measuring sheet, blank", "pdf", false),
        SHEET_FILLED("Measuring sheet, filled", "pdf", false),
        MEASUREMENTS("Measurements, CSV", "csv", false),
        COMMISSION("Commission document", "bathyra.json", false);

        private final String label;
        private final String ending;
        private final boolean needsDraft;

        Kind(String label, String ending, boolean needsDraft) {
            this.label = label;
            this.ending = ending;
            this.needsDraft = needsDraft;
        }

        String label() {
            return label;
        }
    }

    Output(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.files = files;
    }

    List<Kind> kinds() {
        return List.of(Kind.values());
    }

    ReadOnlyStringProperty saidProperty() {
        return said.getReadOnlyProperty();
    }

    /** Whether what is put out carries the wearer's name; the initials otherwise. Asked anew each time the program starts. */
    BooleanProperty namedProperty() {
        return named;
    }

    void write(Kind kind, Window window) {
        if (kind.needsDraft && (workshop.draft().isEmpty() || workshop.refusal().isPresent())) {
            said.set("There is no finished draft to put out. Measure says what is missing.");
            return;
        }
        if (kind.needsDraft && kind != Kind.JSON && workshop.draft().filter(Draft::mustBeSpokenOf).isPresent()) {
            said.set("The waist is drawn in past the top level. Note on the Girths stage that the wearer was told and agreed; then the pattern can be printed.");
            return;
        }
        boolean ofBlock = kind == Kind.BLOCK_FULL || kind == Kind.BLOCK_HALF || kind == Kind.BLOCK_QUARTER || kind == Kind.BLOCK_JSON;
        if (ofBlock && workshop.block().drawing().isEmpty()) {
            said.set("There is no block to put out. The Block stage says what is missing.");
            return;
        }
        if (kind == Kind.PAPER_MODEL && workshop.draft().filter(d -> d.cutting().apex().isPresent()).isEmpty()) {
            said.set("There is no cup to fold: no seam passes over the apex.");
            return;
        }
        Commission commission = named.get() ? workshop.commission() : workshop.commission().withWearer(workshop.commission().wearer().byInitials());
        Optional<Draft> draft = named.get() ? workshop.draft() : workshop.draft().map(Draft::byInitials);
        String name = commission.title().replaceAll("[^\\p{L}\\p{N} ,-]", "").replace(' ', '-').replace(",", "") + "." + kind.ending;
        files.where(window, kind.label(), name).ifPresent(path -> start(kind, commission, draft, path));
    }

    private void start(Kind kind, Commission commission, Optional<Draft> draft, Path path) {
        Task<Void> task = new Task<>() {
            @Override
            protected Void call() throws IOException {
                write(path, kind.needsDraft ? pattern(kind, draft.orElseThrow()) : figures(kind, commission));
                Optional<Draft> right = draft.filter(d -> kind.needsDraft).flatMap(Draft::rightHalf);
                if (right.isPresent()) {
                    write(ofRightHalf(path), pattern(kind, right.get()));
                }
                return null;
            }
        };
        said.set("Writing " + path.getFileName() + " …");
        task.setOnSucceeded(e -> said.set("Written: " + path.getFileName()));
        task.setOnFailed(e -> {
            org.slf4j.LoggerFactory.getLogger(Output.class).warn("output", task.getException());
            said.set(path.getFileName() + " could not be written. Choose a folder that you may write to.");
        });
        Thread thread = new Thread(task, "output");
        thread.setDaemon(true);
        thread.start();
    }

    /** The right half of an uneven body lies beside the left one. */
    private static Path ofRightHalf(Path path) {
        String name = path.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return path.resolveSibling(dot < 0 ? name + "-right" : name.substring(0, dot) + "-right" + name.substring(dot));
    }

    private static void write(Path path, byte[] content) throws IOException {
        Path part = java.nio.file.Files.createTempFile(path.toAbsolutePath().getParent(), ".output", ".part");
        java.nio.file.Files.write(part, content);
        java.nio.file.Files.move(part, path, StandardCopyOption.REPLACE_EXISTING);
    }

    private static byte[] pattern(Kind kind, Draft draft) throws IOException {
        String date = LocalDate.now().toString();
        return switch (kind) {
            case PDF_A4 -> PdfPattern.write(draft, Paper.A4, date);
            case PDF_LETTER -> PdfPattern.write(draft, Paper.LETTER, date);
            case PDF_A0 -> PdfPattern.write(draft, Paper.A0, date);
            case PAPER_MODEL -> PaperModelSheet.write(PaperModel.of(draft.cutting(), draft.commission().garment()), draft.commission().title());
            case SVG -> SvgPattern.write(draft.pattern()).getBytes(StandardCharsets.UTF_8);
            default -> PatternJson.write(draft.pattern(), draft.findings(), Version.number()).getBytes(StandardCharsets.UTF_8);
        };
    }

    private static byte[] figures(Kind kind, Commission commission) throws IOException {
        return switch (kind) {
            case BLOCK_FULL -> block(commission, DraftingSheet.Scale.FULL);
            case BLOCK_HALF -> block(commission, DraftingSheet.Scale.HALF);
            case BLOCK_QUARTER -> block(commission, DraftingSheet.Scale.QUARTER);
            case BLOCK_JSON -> {
                BlockDrafter.Drafted block = BlockDrafter.draft(commission.measurements(), commission.garment());
                yield PatternJson.write(BlockPattern.of(block.drawing().orElseThrow(), commission.title()), block.findings(), Version.number()).getBytes(StandardCharsets.UTF_8);
            }
            case SHEET_BLANK -> MeasuringSheet.blank(Drafter.needs(commission.garment()));
            case SHEET_FILLED -> MeasuringSheet.filled(commission, Drafter.needs(commission.garment()));
            case MEASUREMENTS -> MeasurementCsv.write(commission.measurements(), commission.units()).getBytes(StandardCharsets.UTF_8);
            default -> CommissionJson.write(commission).getBytes(StandardCharsets.UTF_8);
        };
    }

    private static byte[] block(Commission commission, DraftingSheet.Scale scale) throws IOException {
        BlockDrawing drawing = BlockDrafter.draft(commission.measurements(), commission.garment()).drawing().orElseThrow();
        return DraftingSheet.write(drawing, commission, scale, LocalDate.now().toString());
    }
}
