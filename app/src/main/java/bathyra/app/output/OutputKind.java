package bathyra.app.output;

import bathyra.app.home.Version;
import bathyra.bill.Shopping;
import bathyra.cutting.PaperModel;
import bathyra.draft.Drafter;
import bathyra.files.PatternFiles;
import bathyra.files.csv.Bills;
import bathyra.files.csv.CuttingLists;
import bathyra.files.csv.FittingsCsv;
import bathyra.files.csv.MeasurementCsv;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.json.CommissionJson;
import bathyra.files.obj.ObjFiles;
import bathyra.files.pdf.BillPage;
import bathyra.files.pdf.CareSheet;
import bathyra.files.pdf.DraftingSheet;
import bathyra.files.pdf.FitSheet;
import bathyra.files.pdf.FittingRecord;
import bathyra.files.pdf.FittingSheet;
import bathyra.files.pdf.FormSheets;
import bathyra.files.pdf.MeasuringSheet;
import bathyra.files.pdf.PaperModelSheet;
import bathyra.files.sheet.Paper;
import bathyra.files.svg.SvgFit;
import bathyra.files.svg.SvgPattern;
import bathyra.fit.Worn;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What can be put out: one line each. The packets, the window's writing and the command's formats all read it. */
public enum OutputKind {
    PATTERN("Pattern on paper, PDF", "pdf", Source.DRAFT, Of.HALF, Job::pattern),
    SVG("SVG drawing", "svg", Source.DRAFT, Of.HALF, job -> Job.utf8(SvgPattern.write(job.plan()))),
    DXF("DXF drawing", "dxf", Source.DRAFT, Of.HALF, job -> Job.utf8(DxfPattern.write(job.plan()))),
    PLOT("Plotter file", "hpgl", Source.DRAFT, Of.HALF, OutputKind::plot),
    SEND("Send to the plotter", "", Source.DRAFT, Of.HALF, OutputKind::plot),
    JSON(
            "Pattern document",
            "json",
            Source.DRAFT,
            Of.HALF,
            job -> Job.utf8(PatternFiles.json(job.drafted(), job.plan(), Version.number()))),
    CUTTING_LIST(
            "Cutting list, CSV",
            "csv",
            Source.DRAFT,
            Of.HALF,
            job -> Job.utf8(CuttingLists.pieces(job.plan(), job.commission().units()))),
    GIRTH_PLAN("Girth plan, CSV", "csv", Source.DRAFT, Of.HALF, job -> Job.utf8(CuttingLists.girths(job.drafted()))),
    PAPER_MODEL(
            "Paper model of the cup, half size",
            "pdf",
            Source.DRAFT,
            Of.HALF,
            job -> PaperModelSheet.write(
                    PaperModel.of(
                            job.drafted().cutting(), job.drafted().commission().garment()),
                    job.drafted().commission().title())),
    PROJECT("Pattern to project, PDF", "pdf", Source.DRAFT, Of.HALF, Job::projected),
    SHOPPING(
            "Shopping list of bones, CSV",
            "csv",
            Source.DRAFT,
            Of.WHOLE,
            job -> Job.utf8(Bills.shopping(Shopping.of(job.drafted(), job.prices())))),
    LAY_SVG("Lays of all layers, SVG", "svg", Job::lays),
    BILL_PDF("Bill, PDF", "pdf", Source.DRAFT, Of.WHOLE, job -> BillPage.write(job.drafted(), job.bill(), Job.today())),
    BILL_CSV("Bill, CSV", "csv", Source.DRAFT, Of.WHOLE, job -> Job.utf8(Bills.bill(job.bill()))),
    FIT_SHEET(
            "On the body, one sheet for the fitting",
            "pdf",
            Source.DRAFT,
            Of.HALF,
            job -> FitSheet.write(job.worn(), Job.today())),
    FIT_SVG("On the body, SVG", "svg", Source.DRAFT, Of.HALF, job -> Job.utf8(SvgFit.write(job.worn()))),
    FORM_SHEETS(
            "The form in sections, full size",
            "pdf",
            Source.DRAFT,
            Of.HALF,
            job -> FormSheets.write(
                    Worn.form(job.drafted()),
                    job.drafted().commission().title(),
                    job.half(),
                    job.commission().units())),
    FORM_OBJ("The form, OBJ", "obj", Source.DRAFT, Of.HALF, job -> Job.utf8(ObjFiles.form(Worn.form(job.drafted())))),
    FITTING_SHEET("Fitting sheet to write on", "pdf", Source.DRAFT, Of.HALF, job -> FittingSheet.write(job.drafted())),
    FITTING_RECORD(
            "Record of fittings, PDF", "pdf", Source.FIGURES, Of.WHOLE, job -> FittingRecord.write(job.commission())),
    FITTING_CSV(
            "Record of fittings, CSV",
            "csv",
            Source.FIGURES,
            Of.WHOLE,
            job -> Job.utf8(FittingsCsv.write(job.commission()))),
    FITTING_SLIPS("Correction slips, one to a panel", "pdf", Source.DRAFT, Of.HALF, Job::slips),
    OLD_OVER_NEW("New draft over the former, full size on A4", "pdf", Source.DRAFT, Of.HALF, Job::overFormer),
    JOB_CARD("Job card to hang on the rail, A5", "pdf", Source.DRAFT, Of.WHOLE, Job::jobCard),
    HANGER_LABEL("Label for the hanger", "pdf", Source.FIGURES, Of.WHOLE, Job::hangerLabel),
    PLAN_DOCUMENT("Steps, minutes and days, JSON", "json", Source.DRAFT, Of.WHOLE, Job::planDocument),
    CALENDAR("The days as a calendar", "ics", Source.FIGURES, Of.WHOLE, Job::calendar),
    CARE_SHEET(
            "Care and wearing in, for the wearer",
            "pdf",
            Source.FIGURES,
            Of.WHOLE,
            job -> CareSheet.write(job.commission())),
    BLOCK_FULL(
            "Block with its steps, full size on A4",
            "pdf",
            Source.BLOCK,
            Of.WHOLE,
            job -> job.block(DraftingSheet.Scale.FULL)),
    BLOCK_HALF(
            "Block with its steps, half size",
            "pdf",
            Source.BLOCK,
            Of.WHOLE,
            job -> job.block(DraftingSheet.Scale.HALF)),
    BLOCK_QUARTER(
            "Block with its steps, quarter size",
            "pdf",
            Source.BLOCK,
            Of.WHOLE,
            job -> job.block(DraftingSheet.Scale.QUARTER)),
    BLOCK_PIECES("Block as pieces, A4 sheets", "pdf", Source.BLOCK, Of.WHOLE, job -> job.blockPieces(Paper.A4)),
    BLOCK_DXF(
            "Block as pieces, DXF", "dxf", Source.BLOCK, Of.WHOLE, job -> Job.utf8(DxfPattern.write(job.blockPlan()))),
    BLOCK_JSON("Block, pattern document", "json", Source.BLOCK, Of.WHOLE, job -> Job.utf8(job.blockDocument())),
    SHEET_BLANK(
            "Measuring sheet, blank",
            "pdf",
            Source.FIGURES,
            Of.WHOLE,
            job -> MeasuringSheet.blank(Drafter.needs(job.commission().garment()))),
    SHEET_FILLED(
            "Measuring sheet, filled",
            "pdf",
            Source.FIGURES,
            Of.WHOLE,
            job -> MeasuringSheet.filled(
                    job.commission(), Drafter.needs(job.commission().garment()))),
    MEASUREMENTS(
            "Measurements, CSV",
            "csv",
            Source.FIGURES,
            Of.WHOLE,
            job -> Job.utf8(MeasurementCsv.write(
                    job.commission().measurements(), job.commission().units()))),
    COMMISSION(
            "Commission document",
            "bathyra.json",
            Source.FIGURES,
            Of.WHOLE,
            job -> Job.utf8(CommissionJson.write(job.commission().withoutPictures())));

    /** What something is put out from. */
    enum Source {
        DRAFT,
        BLOCK,
        FIGURES
    }

    /** Whether there is one for each half of an uneven body. */
    private enum Of {
        HALF,
        WHOLE
    }

    /** Writes one file. */
    @FunctionalInterface
    private interface One {
        byte[] write(Job job) throws IOException;
    }

    /** Writes several files, by what stands behind the name of each. */
    @FunctionalInterface
    private interface Several {
        Map<String, byte[]> write(Job job) throws IOException;
    }

    /** Behind the name of a file of the right half of an uneven body. */
    public static final String RIGHT_HALF = "-right";

    private final String label;
    private final String ending;
    private final Source source;
    private final Of of;
    private final Several writer;

    OutputKind(String label, String ending, Source source, Of of, One writer) {
        this(source, of, label, ending, several(writer));
    }

    OutputKind(String label, String ending, Several writer) {
        this(Source.DRAFT, Of.WHOLE, label, ending, writer);
    }

    OutputKind(Source source, Of of, String label, String ending, Several writer) {
        this.label = label;
        this.ending = ending;
        this.source = source;
        this.of = of;
        this.writer = writer;
    }

    private static Several several(One writer) {
        return job -> Map.of("", writer.write(job));
    }

    private static byte[] plot(Job job) {
        return Job.utf8(HpglPattern.write(job.plan(), HpglPattern.ROLL));
    }

    /** The formats in which a pattern is written, by their endings. */
    public static List<String> formats() {
        return Arrays.stream(values())
                .filter(OutputKind::isPattern)
                .map(OutputKind::ending)
                .filter(ending -> !ending.isEmpty())
                .distinct()
                .toList();
    }

    /** The pattern in the one form of a format that needs no more to be said; empty for those that come in several. */
    public static Optional<OutputKind> ofFormat(String format) {
        List<OutputKind> all = Arrays.stream(values())
                .filter(kind -> kind.isPattern() && kind.ending.equals(format))
                .toList();
        return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
    }

    /** What it comes to as files, by what stands behind the name of each. */
    public Map<String, byte[]> write(Job job) throws IOException {
        return writer.write(job);
    }

    public String label() {
        return label;
    }

    String ending() {
        return ending;
    }

    /** Its format as one says it: PDF, DXF. */
    public String format() {
        return ending.toUpperCase(Locale.ROOT).replaceAll("^.*\\.", "");
    }

    /** Whether the pieces are drawn in it, so that paper, size and layers matter. */
    public boolean isDrawn() {
        return isPattern() || this == OLD_OVER_NEW;
    }

    Source source() {
        return source;
    }

    /** Whether there is one for each half of an uneven body. */
    boolean isOfEachHalf() {
        return of == Of.HALF;
    }

    /** Whether it is cut out: a pattern with its layers. */
    boolean isPattern() {
        return ordinal() <= GIRTH_PLAN.ordinal() || this == PROJECT;
    }

    /** What stands behind the title in the name of its file. */
    String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
