package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.block.BlockDrawing;
import bathyra.block.BlockLayout;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Bodies;
import bathyra.files.pdf.DraftingSheet;
import bathyra.garment.BlockChoice;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.PrincessStart;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The printed block, read back. */
class DraftingSheetTest {
    private final Commission commission =
            Bodies.commission(Bodies.nerea().with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410)), Garment.bustier());
    private final BlockDrawing drawing = BlockDrafter.draft(commission.measurements(), commission.garment())
            .drawing()
            .orElseThrow();

    @ParameterizedTest
    @EnumSource(DraftingSheet.Scale.class)
    void everyStepAndEveryPoint_isOnPaper(DraftingSheet.Scale scale) throws Exception {
        try (PDDocument pdf = Loader.loadPDF(DraftingSheet.write(drawing, commission, scale, "2026-01-01"))) {
            String words = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(words).contains(scale.label());
            drawing.steps()
                    .forEach(step -> assertThat(words).contains(step.half().label() + ": " + step.title()));
            if (scale == DraftingSheet.Scale.FULL) {
                // At smaller sizes names may lie on each other and are read as one.
                drawing.points().forEach(point -> assertThat(words).contains(point.name()));
            }
        }
    }

    @Test
    void aQuarterSheet_isAQuarterAsWideAsTheBlock() throws Exception {
        double block = new BlockLayout(drawing, 40).extent()[1].x();
        try (PDDocument half =
                Loader.loadPDF(DraftingSheet.write(drawing, commission, DraftingSheet.Scale.HALF, "2026-01-01"))) {
            double width = half.getPage(0).getMediaBox().getWidth() / 72 * 25.4;
            assertThat(width).isCloseTo(block / 2 + 12 + 24, within(0.1));
        }
    }

    @Test
    void aPrincessSeam_addsItsPanels() throws Exception {
        Commission cut = commission.withGarment(
                Garment.bustier().withBlock(BlockChoice.QUARTER.withPrincess(PrincessStart.ARMHOLE)));
        try (PDDocument pdf =
                Loader.loadPDF(DraftingSheet.write(drawing, cut, DraftingSheet.Scale.HALF, "2026-01-01"))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains(
                            "From the middle of the armhole: the panels",
                            "Centre front",
                            "Side front",
                            "Side back",
                            "Centre back");
        }
    }

    @Test
    void inInches_theStepsAreSaidInFractions() throws Exception {
        try (PDDocument pdf = Loader.loadPDF(DraftingSheet.write(
                drawing, commission.withUnits(LengthUnit.IN), DraftingSheet.Scale.FULL, "2026-01-01"))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("From O go down 11⅛ in along the centre")
                    .doesNotContain("At full size");
            assertThat(pdf.getNumberOfPages()).isGreaterThan(8);
        }
    }
}
