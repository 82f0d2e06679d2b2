package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.cutting.PaperModel;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.PaperModelSheet;
import bathyra.finding.Finding;
import bathyra.garment.Bust;
import bathyra.garment.Commission;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.piece.Pattern;
import bathyra.place.ContourWedge;
import bathyra.truing.Truing;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Cups, contour and edges in documents: written and read again, refused where they do not go together, and printed as a paper model. */
class EdgesDocumentTest {
    private static final Garment SWEETHEART = Garment.bustier().withUpperEdge(UpperShape.SWEETHEART);

    @Test
    void everyChoice_isReadAsItWasWritten() throws BadDocument {
        Bust bust = Bust.PRINCESS
                .withCups(CupKind.THREE_PART)
                .withWires(true)
                .withWedge(ContourWedge.NECKLINE, Length.mm(6))
                .withWedge(ContourWedge.SIDE, Length.mm(10));
        List<Garment> garments = List.of(
                SWEETHEART.withBust(bust).withLowerEdge(LowerShape.PEPLUM),
                Garment.bustier()
                        .withTop(new Top(Cover.SHOULDERS, true, true, Sleeve.BAND))
                        .withUpperEdge(UpperShape.ROUND)
                        .withLength(LengthOption.KEYHOLE_LENGTH, Length.mm(70)),
                Garment.bustier().withTop(new Top(Cover.SHOULDERS, true, true, false, Sleeve.BAND)),
                Garment.bustier()
                        .withTop(new Top(Cover.OFF_SHOULDER, false, false, Sleeve.SHORT))
                        .withLowerEdge(LowerShape.FLARED));
        for (Garment garment : garments) {
            Commission commission = Bodies.commission(Bodies.nerea(), garment);
            assertThat(CommissionJson.read(CommissionJson.write(commission)).garment())
                    .isEqualTo(commission.garment());
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"upperEdge\": {\"shape\": \"round\"} | upperEdge.shape",
                "\"upperEdge\": {\"shape\": \"straight\", \"cover\": \"halter\"} | upperEdge.shape",
                "\"upperEdge\": {\"yoke\": true} | upperEdge.yoke",
                "\"upperEdge\": {\"cover\": \"shoulders\", \"keyhole\": true} | upperEdge.keyhole",
                "\"upperEdge\": {\"cover\": \"sleeveless\"} | upperEdge.cover",
                "\"cups\": \"four-part\" | cups",
                "\"contour\": {\"neckline\": 9} | contour.neckline",
                "\"contour\": {\"waist\": 1} | contour",
                "\"kind\": \"underbust\", \"cups\": \"two-part\" | cups",
                "\"kind\": \"corset\", \"upperEdge\": {\"cover\": \"shoulders\"} | upperEdge.cover"
            })
    void whatDoesNotGoTogether_isRefusedByItsField(String garment, String field) {
        String kind = garment.contains("\"kind\"") ? "" : "\"kind\": \"bustier\", ";
        String text =
                "{\"format\": \"bathyra-commission\", \"version\": 1, \"title\": \"T\", \"units\": \"cm\", \"wearer\": {\"name\": \"N\"}, \"measurements\": {}, \"garment\": {"
                        + kind + garment + "}}";
        assertThatThrownBy(() -> CommissionJson.read(text))
                .isInstanceOf(BadDocument.class)
                .hasMessageContaining(field);
    }

    /** Checked again from the document, a pattern with cups holds as it did when it was drafted. */
    @ParameterizedTest
    @EnumSource(CupKind.class)
    void patternWithCups_isReadBack_andHoldsAllChecks(CupKind kind) throws BadDocument {
        Draft draft = (Draft)
                Drafter.draft(Bodies.commission(Bodies.nerea(), SWEETHEART.withBust(Bust.PRINCESS.withCups(kind))));
        Pattern read = PatternJson.read(PatternJson.write(draft.pattern(), draft.findings(), "test"));
        assertThat(read.pieces()).hasSameSizeAs(draft.pattern().pieces());
        assertThat(Truing.look(read)).noneMatch(f -> f.status() == Finding.Status.FAULT);
    }

    @ParameterizedTest
    @EnumSource(CupKind.class)
    void paperModel_isOneSheetAtHalfScale_withTabsOnOneSideOfEachSeam(CupKind kind) throws Exception {
        Draft draft = (Draft)
                Drafter.draft(Bodies.commission(Bodies.nerea(), SWEETHEART.withBust(Bust.PRINCESS.withCups(kind))));
        PaperModel model = PaperModel.of(draft.cutting(), draft.commission().garment());
        assertThat(model.parts()).hasSize(kind == CupKind.THREE_PART || kind == CupKind.YOKE ? 3 : 2);
        assertThat(model.parts().stream().mapToInt(p -> p.tabs().size()).sum()).isPositive();
        try (PDDocument document = Loader.loadPDF(PaperModelSheet.write(model, "The Heron"))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(document))
                    .contains("half scale")
                    .contains("fold the tabs");
        }
    }
}
