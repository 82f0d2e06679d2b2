package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import bathyra.bone.BonePlan;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.BadDocument;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Paper;
import bathyra.files.svg.SvgPattern;
import bathyra.finding.Finding;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.garment.Wearer;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.truing.Truing;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

class PatternFilesTest {
    private final Draft draft = (Draft)
            Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier().withUpperEdge(UpperShape.SWEETHEART)));

    @Test
    void json_writtenAndRead_passesTheSameChecks() throws BadDocument {
        Pattern read = PatternJson.read(PatternJson.write(draft.pattern(), draft.findings(), "test"));
        List<Finding> before = Truing.look(draft.pattern());
        List<Finding> after = Truing.look(read);
        assertThat(after).hasSameSizeAs(before);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).status())
                    .as(before.get(i).id())
                    .isEqualTo(before.get(i).status());
            assertThat(after.get(i).value()).isCloseTo(before.get(i).value(), within(1e-2));
        }
    }

    @Test
    void json_ofNothingToDoWithPatterns_isRefused() {
        assertThat(catchThrowableOfType(BadDocument.class, () -> PatternJson.read("{}"))
                        .faults())
                .containsExactly("format: is not bathyra-pattern; a pattern document as ./bathyra draft writes it");
        String text = PatternJson.write(draft.pattern(), draft.findings(), "test");
        assertThat(catchThrowableOfType(
                                BadDocument.class,
                                () -> PatternJson.read(
                                        text.replace("\"side\",\n      \"kind\"", "\"sidle\",\n      \"kind\"")))
                        .faults())
                .isNotEmpty();
        assertThat(catchThrowableOfType(
                                BadDocument.class,
                                () -> PatternJson.read(text.replaceFirst("\"order\" : 1", "\"order\" : \"one\"")))
                        .faults())
                .singleElement()
                .asString()
                .contains("order");
    }

    @Test
    void svg_isOneMillimetreAUnitWithAGroupAPiece() throws Exception {
        Document svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(
                        SvgPattern.write(CuttingPlan.of(draft)).getBytes(StandardCharsets.UTF_8)));
        Element root = svg.getDocumentElement();
        double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
        assertThat(Double.parseDouble(root.getAttribute("viewBox").split(" ")[2]))
                .isEqualTo(width);
        assertThat(root.getElementsByTagName("g").getLength()).isEqualTo(4);
        for (String type : List.of("sew", "cut", "grain", "notch", "level")) {
            long count = java.util.stream.IntStream.range(
                            0, root.getElementsByTagName("path").getLength())
                    .filter(i -> ((Element) root.getElementsByTagName("path").item(i))
                            .getAttribute("class")
                            .equals(type))
                    .count();
            assertThat(count).as(type).isGreaterThanOrEqualTo(4);
        }
        assertThat(java.util.stream.IntStream.range(
                                0, root.getElementsByTagName("text").getLength())
                        .mapToObj(i -> root.getElementsByTagName("text").item(i).getTextContent()))
                .as("every level is called by its name")
                .contains("Waist", "Underbust", "High hip");
    }

    @ParameterizedTest
    @ValueSource(strings = {"a4", "letter", "a3", "a0", "roll", "roll:610", "300x400"})
    void pdf_hasItsPagesAtFullSizeWithBothSquaresAndItsFontsEmbedded(String word) throws IOException {
        Paper paper = Paper.read(word);
        try (PDDocument pdf = Loader.loadPDF(PdfPattern.write(draft, paper, "2026-01-01"))) {
            int pages = pdf.getNumberOfPages();
            assertThat(pages).isBetween(3, 30);
            if (paper == Paper.A0) {
                assertThat(pages).isEqualTo(4);
                assertThat(pdf.getPage(3).getMediaBox().getWidth()).isCloseTo((float) (841 * 72 / 25.4), within(0.1f));
            }
            List<SquareFinder.Square> squares = new ArrayList<>();
            for (int page = 3; page < pages; page++) {
                squares.addAll(SquareFinder.in(pdf.getPage(page)));
            }
            assertThat(squares).anySatisfy(s -> assertThat(s.width()).isCloseTo(50, within(0.01)));
            assertThat(squares).anySatisfy(s -> assertThat(s.width()).isCloseTo(50.8, within(0.01)));
            assertThat(squares).anySatisfy(s -> assertThat(s.height()).isCloseTo(50, within(0.01)));
            for (PDPage page : pdf.getPages()) {
                for (var name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    assertThat(font.isEmbedded()).isTrue();
                }
            }
            String cover = text(pdf, 1);
            assertThat(cover)
                    .contains(
                            "The Heron",
                            "Nerea Holloway",
                            "Measurements",
                            "Girth plan",
                            "What was checked",
                            "No figure makes a reduction safe");
            assertThat(text(pdf, 2))
                    .contains(
                            "What is cut",
                            "Side front",
                            "cut 2: fashion, lining",
                            "In which order it is sewn",
                            "Centre front to 2 Side front, from the waist outwards");
        }
    }

    @Test
    void pdf_ofANameInAnyScript_isWritten() throws IOException {
        Commission odd = new Commission(
                "Die Möwe & <Krähe> \u4e2d 🐟",
                LengthUnit.IN,
                new Wearer("Åsa Łukasz-Ørsted von und zu einem sehr langen Namen", Experience.FIRST),
                Bodies.nerea(),
                Garment.bustier());
        try (PDDocument pdf = Loader.loadPDF(PdfPattern.write((Draft) Drafter.draft(odd), Paper.A4, "2026-01-01"))) {
            assertThat(text(pdf, 1)).contains("Möwe", "Krähe", "Åsa");
        }
    }

    @Test
    void pdf_saysOnItsCoverAndOnEverySheet_thatNoBuskFits() throws IOException {
        Garment underbust = Garment.of(GarmentKind.UNDERBUST).withLowerEdge(LowerShape.WAIST);
        Draft buskless = (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea(), underbust.withFastening(underbust.fastening().with(Closure.FRONT_BUSK))));
        assertThat(BonePlan.of(buskless).busk().orElseThrow().room().value()).isLessThan(200);
        try (PDDocument pdf = Loader.loadPDF(PdfPattern.write(buskless, Paper.A4, "2026-01-01"))) {
            int sheets = 0;
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                String text = text(pdf, page);
                if (page == 1 || text.contains("Sheet ")) {
                    sheets++;
                    assertThat(text.replaceAll("[\\s\u00a0]+", " "))
                            .as("page " + page)
                            .contains("No busk fits: the shortest, 20.0 cm, needs 22.0 cm at centre front.");
                }
            }
            assertThat(sheets).isGreaterThan(2);
        }
        assertThat(text(Loader.loadPDF(PdfPattern.write(draft, Paper.A4, "2026-01-01")), 4))
                .doesNotContain("No busk fits");
    }

    private static String text(PDDocument pdf, int page) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        return stripper.getText(pdf);
    }
}
