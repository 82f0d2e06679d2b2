package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Drafter;
import bathyra.files.pdf.MeasuringSheet;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import java.io.IOException;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The sheets are read back by a PDF library. */
class MeasuringSheetTest {
    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void blank_namesEveryMeasurement_andHoldsNoFigure() throws IOException {
        String text = text(MeasuringSheet.blank(Drafter.needs(Garment.bustier())));
        for (MeasurementKey key : MeasurementKey.values()) {
            assertThat(text).contains(key.label());
        }
        assertThat(text).contains("Wearer ___").doesNotContain("≈").doesNotContainPattern("\\d\\d\\.\\d");
    }

    @Test
    void filled_holdsTheFiguresInTheUnit_estimatesMarked_andTheRightSide() throws IOException {
        var set = Bodies.nerea().withRight(MeasurementKey.SHOULDER_TO_APEX, Optional.of(Length.mm(294)));
        String text = text(
                MeasuringSheet.filled(Bodies.commission(set, Garment.bustier()), Drafter.needs(Garment.bustier())));
        assertThat(text)
                .contains("Nerea Holloway")
                .contains("91.0")
                .contains("≈ 86.0")
                .contains("28.1")
                .contains("29.4");
        String inches = text(MeasuringSheet.filled(
                Bodies.commission(set, Garment.bustier()).withUnits(LengthUnit.IN), Drafter.needs(Garment.bustier())));
        assertThat(inches).contains("30⅞").doesNotContain("78.5");
    }

    @Test
    void aLongName_staysOnThePage() throws IOException {
        var commission =
                Bodies.commission(Bodies.nerea(), Garment.bustier()).withTitle("The Harbour Master ".repeat(20));
        assertThat(text(MeasuringSheet.filled(commission, Drafter.needs(Garment.bustier()))))
                .contains("The Harbour Master");
    }
}
