package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.correction.Proposal;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.files.csv.FittingsCsv;
import bathyra.files.pdf.FittingRecord;
import bathyra.files.pdf.FittingSheet;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Paper;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Setting;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What a fitting comes to on paper and in a table (C15.6). */
class FittingFilesTest {
    private static final Proposal MADE = made();

    private static Proposal made() {
        Commission commission = Bodies.commission(
                Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680)), Garment.of(GarmentKind.CORSET));
        Fitting fitting = Fitting.begun(1, FittingKind.TOILE, LocalDate.of(2026, 11, 16))
                .in(Setting.UNNOTED.with(Setting.Field.BY, "Idris Vale"))
                .saying("The ribs open well.")
                .with(Mark.put(1, MarkKind.PINCH, Spot.on(SeamPlace.SIDE, Level.WAIST), Length.mm(10))
                        .saying("=1+1")
                        .decided(Decision.AGREED, ""))
                .with(Mark.put(2, MarkKind.EDGE, Spot.onEdge(false, 0), Length.mm(15))
                        .decided(Decision.REFUSED, "Pad the busk instead."));
        return Proposal.of(commission.withFittings(List.of(fitting)), fitting).orElseThrow();
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper()
                    .getText(document)
                    .replace('\u00a0', ' ')
                    .replaceAll("\\s+", " ");
        }
    }

    @Test
    void theRecord_hasWhatWasSeenAndDecided_andWhatTheDraftFollows() throws IOException {
        String text = text(FittingRecord.write(MADE.commission()));
        assertThat(text)
                .contains("Toile 1, 2026-11-16", "by: Idris Vale", "The ribs open well.")
                .contains("1 pinched 1.0 cm, side, waist: agreed")
                .contains("lower edge, 0 % from centre front: refused", "Pad the busk instead.")
                .contains("Side at the waist: 1.0 cm taken in on each half (fitting 1, mark 1)");
    }

    @Test
    void theSlips_sayWhatIsCutOffWhere() throws IOException {
        String text = text(FittingRecord.slips(MADE.before(), MADE.draft()));
        assertThat(text).contains("F3, Side front Side: waist 0.5 cm less; nothing at upper edge, bust, underbust");
        assertThat(text).doesNotContain("F1,");
    }

    @Test
    void theSheetToWriteOn_isOneLeaf_withABoxForEveryGap() throws IOException {
        byte[] pdf = FittingSheet.write(MADE.draft());
        assertThat(text(pdf)).contains("Upper edge", "Underbust", "Waist", "High hip", "Hem", "Decided, and why");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
    }

    @Test
    void theNewDraft_isDrawnOverTheFormer_andTheCoverNamesWhatWasFound() throws IOException {
        Draft draft = MADE.draft();
        byte[] over = PdfPattern.overFormer(
                draft, MADE.before(), CuttingPlan.of(draft), CuttingPlan.of(MADE.before()), Paper.A0);
        byte[] alone = PdfPattern.overFormer(draft, draft, CuttingPlan.of(draft), CuttingPlan.of(draft), Paper.A0);
        assertThat(text(over)).contains("the former draft dashed");
        assertThat(over).isNotEqualTo(alone);
        assertThat(text(PdfPattern.write(draft, Paper.A4, "2026-11-29")))
                .contains("Found at fittings, and followed", "Side at the waist: 1.0 cm taken in on each half");
    }

    @Test
    void theTable_hasALineAMark_andNoFormula() throws IOException {
        String csv = FittingsCsv.write(MADE.commission().withUnits(LengthUnit.MM));
        assertThat(csv.lines()).hasSize(3);
        assertThat(csv.lines().skip(1).findFirst().orElseThrow())
                .startsWith("1,toile,2026-11-16,1,pinch,side,waist,,both,10,0,mm,pinned,agreed,")
                .contains("'=1+1");
    }
}
