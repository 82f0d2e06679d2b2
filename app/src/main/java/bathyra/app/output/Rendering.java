package bathyra.app.output;

import bathyra.app.home.Version;
import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.bill.Shopping;
import bathyra.block.BlockDrawing;
import bathyra.cutting.PaperModel;
import bathyra.draft.BlockDrafter;
import bathyra.draft.BlockPattern;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.csv.Bills;
import bathyra.files.csv.CuttingLists;
import bathyra.files.csv.MeasurementCsv;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.BillPage;
import bathyra.files.pdf.DraftingSheet;
import bathyra.files.pdf.MeasuringSheet;
import bathyra.files.pdf.Paper;
import bathyra.files.pdf.PaperModelSheet;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.svg.SvgLay;
import bathyra.files.svg.SvgPattern;
import bathyra.garment.Commission;
import bathyra.lay.AutoLay;
import bathyra.layer.Layer;
import bathyra.stock.PriceList;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/**
 * What goes into the files of one output.
 *
 * @param draft the draft, for what is put out from it
 * @param prices for the bill
 */
record Rendering(OutputKind kind, Commission commission, Optional<Draft> draft, Printing printing, PriceList prices) {

    /** Renders the file, and beside it that of the right half of an uneven body. */
    void all(Path path, Map<Path, byte[]> contents, DoubleConsumer progress, BooleanSupplier cancelled)
            throws IOException {
        PdfPattern.Progress seen = new PdfPattern.Progress(progress, cancelled);
        if (kind == OutputKind.LAY_SVG) {
            lays(path, contents, cancelled);
            return;
        }
        if (kind == OutputKind.BILL_PDF || kind == OutputKind.BILL_CSV || kind == OutputKind.SHOPPING) {
            contents.put(path, making(draft.orElseThrow(), cancelled));
            return;
        }
        contents.put(path, draft.isPresent() ? pattern(draft.get(), seen) : figures());
        Optional<Draft> right = draft.flatMap(Draft::rightHalf);
        if (right.isPresent()) {
            contents.put(ofRightHalf(path), pattern(right.get(), seen));
        }
    }

    private static Path ofRightHalf(Path path) {
        String name = path.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return path.resolveSibling(dot < 0 ? name + "-right" : name.substring(0, dot) + "-right" + name.substring(dot));
    }

    private byte[] pattern(Draft of, PdfPattern.Progress seen) throws IOException {
        CuttingPlan plan = CuttingPlan.of(of, layer -> !printing.left().contains(layer));
        return switch (kind) {
            case PDF_A4 -> pdf(of, plan, Paper.A4, seen);
            case PDF_LETTER -> pdf(of, plan, Paper.LETTER, seen);
            case PDF_A3 -> pdf(of, plan, Paper.A3, seen);
            case PDF_A0 -> pdf(of, plan, Paper.A0, seen);
            case PDF_ROLL -> pdf(of, plan, Paper.ROLL, seen);
            case PAPER_MODEL ->
                PaperModelSheet.write(
                        PaperModel.of(of.cutting(), of.commission().garment()),
                        of.commission().title());
            case SVG -> utf8(SvgPattern.write(plan));
            case DXF -> utf8(DxfPattern.write(plan));
            case PLOT, SEND -> utf8(HpglPattern.write(plan, HpglPattern.ROLL));
            case CUTTING_LIST -> utf8(CuttingLists.pieces(plan, of.commission().units()));
            case GIRTH_PLAN -> utf8(CuttingLists.girths(of));
            default -> utf8(PatternFiles.json(of, plan, Version.number()));
        };
    }

    private byte[] pdf(Draft of, CuttingPlan plan, Paper paper, PdfPattern.Progress seen) throws IOException {
        return PdfPattern.write(
                of, plan, paper, printing.scale(), LocalDate.now().toString(), seen);
    }

    /** One drawing a layer, its name behind the file's. */
    private void lays(Path path, Map<Path, byte[]> contents, BooleanSupplier cancelled) {
        List<Layer> layers = Lays.layers(draft.orElseThrow());
        String name = path.getFileName().toString().replaceFirst("\\.svg$", "");
        Lays.of(draft.get(), layers, prices, AutoLay.ROUNDS, cancelled)
                .forEach((layer, lay) -> contents.put(
                        path.resolveSibling(name + "-" + layer.id() + ".svg"),
                        utf8(SvgLay.write(
                                lay, commission.title() + ", " + layer.label().toLowerCase(Locale.ROOT)))));
    }

    private byte[] making(Draft of, BooleanSupplier cancelled) throws IOException {
        if (kind == OutputKind.SHOPPING) {
            return utf8(Bills.shopping(Shopping.of(of, prices)));
        }
        List<Layer> layers = Lays.layers(of);
        Bill bill = Bill.of(of, layers, Lays.of(of, layers, prices, AutoLay.ROUNDS, cancelled), prices);
        return kind == OutputKind.BILL_PDF
                ? BillPage.write(of, bill, LocalDate.now().toString())
                : utf8(Bills.bill(bill));
    }

    private byte[] figures() throws IOException {
        return switch (kind) {
            case BLOCK_FULL -> block(DraftingSheet.Scale.FULL);
            case BLOCK_HALF -> block(DraftingSheet.Scale.HALF);
            case BLOCK_QUARTER -> block(DraftingSheet.Scale.QUARTER);
            case BLOCK_JSON -> {
                BlockDrafter.Drafted block = BlockDrafter.draft(commission.measurements(), commission.garment());
                yield utf8(PatternJson.write(
                        BlockPattern.of(block.drawing().orElseThrow(), commission.title()),
                        block.findings(),
                        Version.number()));
            }
            case SHEET_BLANK -> MeasuringSheet.blank(Drafter.needs(commission.garment()));
            case SHEET_FILLED -> MeasuringSheet.filled(commission, Drafter.needs(commission.garment()));
            case MEASUREMENTS -> utf8(MeasurementCsv.write(commission.measurements(), commission.units()));
            default -> utf8(CommissionJson.write(commission));
        };
    }

    private byte[] block(DraftingSheet.Scale scale) throws IOException {
        BlockDrawing drawing = BlockDrafter.draft(commission.measurements(), commission.garment())
                .drawing()
                .orElseThrow();
        return DraftingSheet.write(drawing, commission, scale, LocalDate.now().toString());
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
