package bathyra.app.output;

import bathyra.app.home.Version;
import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.block.BlockDrawing;
import bathyra.correction.Proposal;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.files.CuttingPlan;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.DraftingSheet;
import bathyra.files.pdf.FittingRecord;
import bathyra.files.pdf.HangerLabels;
import bathyra.files.pdf.JobCard;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.plan.PlanCalendar;
import bathyra.files.plan.PlanReport;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.PrintScale;
import bathyra.files.svg.SvgLay;
import bathyra.fit.Worn;
import bathyra.fitting.Adjustment;
import bathyra.garment.Commission;
import bathyra.lay.AutoLay;
import bathyra.layer.Layer;
import bathyra.measure.MeasurementSet;
import bathyra.stock.PriceList;
import bathyra.workplan.Dates;
import bathyra.workplan.WorkPlan;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What one file is written from.
 *
 * @param draft the half that is written, for what is put out from a draft
 * @param manner how a pattern is put out
 * @param scale makes good for a printer that is off
 * @param workroom what of the workshop goes into it
 * @param seen is told how far it is, and asked whether to go on
 */
public record Job(
        Commission commission,
        Optional<Draft> draft,
        Manner manner,
        PrintScale scale,
        Workroom workroom,
        PdfPattern.Progress seen) {

    PriceList prices() {
        return workroom.prices();
    }

    Draft drafted() {
        return draft.orElseThrow();
    }

    CuttingPlan plan() {
        return manner.plan(drafted());
    }

    byte[] pattern() throws IOException {
        return PdfPattern.write(drafted(), plan(), manner.print(scale), imprint(), seen);
    }

    private PdfPattern.Imprint imprint() {
        return new PdfPattern.Imprint(today(), workroom.house().letter().line());
    }

    byte[] projected() throws IOException {
        return PdfPattern.projected(drafted(), plan());
    }

    /** How it sits on the wearer's form, worked out from cold. */
    Worn worn() {
        return Worn.of(drafted(), Worn.surface(drafted()), seen.cancelled());
    }

    /** Which half is written, empty where both are alike. */
    String half() {
        return switch (drafted().commission().measurements().part()) {
            case WHOLE -> "";
            case LEFT -> "left half";
            case RIGHT -> "right half";
        };
    }

    /** The draft before the last fitting that it follows. @throws IOException when that cannot be drafted any more */
    private Draft former() throws IOException {
        Outcome outcome = Drafter.draft(before());
        if (outcome instanceof Draft former) {
            Draft right = former.rightHalf().orElse(former);
            return drafted().commission().measurements().part() == MeasurementSet.Part.RIGHT ? right : former;
        }
        throw new IOException("the draft before the last fitting cannot be drafted any more");
    }

    private Commission before() {
        int last = commission.adjustments().stream()
                .mapToInt(Adjustment::fitting)
                .max()
                .orElse(0);
        return Proposal.before(commission, last);
    }

    byte[] slips() throws IOException {
        return FittingRecord.slips(former(), drafted());
    }

    byte[] overFormer() throws IOException {
        Draft former = former();
        return PdfPattern.overFormer(drafted(), former, plan(), manner.plan(former), Paper.A4);
    }

    private WorkPlan work() {
        return WorkPlan.of(drafted(), commission.plan(), workroom.pace());
    }

    private Optional<Dates> dates() {
        return Dates.of(commission.plan(), workroom.house(), LocalDate.now());
    }

    byte[] jobCard() throws IOException {
        return JobCard.write(drafted(), work(), dates());
    }

    /** One label for the hanger. */
    byte[] hangerLabel() throws IOException {
        return HangerLabels.write(List.of(HangerLabels.Label.of(
                commission.wearer().name(),
                commission.title(),
                dates(),
                workroom.house().maker(commission.plan().hands().maker()).name(),
                LocalDate.now())));
    }

    byte[] planDocument() {
        return utf8(PlanReport.write(commission, work(), dates()));
    }

    /** The days, of which there are some. */
    byte[] calendar() {
        String key = workroom.key().orElseGet(() -> PlanCalendar.keyOf(commission));
        return utf8(PlanCalendar.write(
                List.of(new PlanCalendar.Entry(commission.title(), key, dates().orElseThrow())), Instant.now()));
    }

    static String today() {
        return LocalDate.now().toString();
    }

    /** One drawing a layer, by what stands behind the file's name. */
    Map<String, byte[]> lays() {
        Map<String, byte[]> drawings = new LinkedHashMap<>();
        Lays.of(drafted(), Lays.layers(drafted()), workroom.prices(), AutoLay.ROUNDS, seen.cancelled())
                .forEach((layer, lay) -> drawings.put(
                        "-" + layer.id(),
                        utf8(SvgLay.write(
                                lay, commission.title() + ", " + layer.label().toLowerCase(Locale.ROOT)))));
        return drawings;
    }

    Bill bill() {
        List<Layer> layers = Lays.layers(drafted());
        return Bill.of(
                drafted(),
                layers,
                Lays.of(drafted(), layers, workroom.prices(), AutoLay.ROUNDS, seen.cancelled()),
                workroom.prices());
    }

    private BlockDrafter.Drafted block() {
        return BlockDrafter.draft(commission.measurements(), commission.garment());
    }

    byte[] block(DraftingSheet.Scale scale) throws IOException {
        BlockDrawing drawing = block().drawing().orElseThrow();
        return DraftingSheet.write(drawing, commission, scale, today());
    }

    byte[] blockPieces(Paper paper) throws IOException {
        return PdfPattern.write(block().drawing().orElseThrow(), commission, paper);
    }

    CuttingPlan blockPlan() {
        return CuttingPlan.of(block().drawing().orElseThrow(), commission);
    }

    String blockDocument() {
        BlockDrafter.Drafted block = block();
        return PatternJson.write(block.drawing().orElseThrow(), commission.title(), block.findings(), Version.number());
    }

    static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
