package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.bone.BonePlan;
import bathyra.bone.Channel;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.fit.FitDrawing;
import bathyra.files.json.FitJson;
import bathyra.files.obj.ObjFiles;
import bathyra.files.pdf.FitSheet;
import bathyra.files.pdf.FormSheets;
import bathyra.files.svg.SvgFit;
import bathyra.fit.FormSurface;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.form.Form;
import bathyra.form.Modelling;
import bathyra.garment.Garment;
import bathyra.length.LengthUnit;
import bathyra.measure.Softness;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** How a garment sits, as files: by the published schema, and whole enough to be reckoned again. */
class FitFilesTest {
    private static final Draft DRAFT = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), Garment.bustier()));
    private static final Worn WORN =
            Worn.cold(DRAFT, new FormSurface(Worn.form(DRAFT), Softness.BETWEEN), Worn.COARSE, () -> false);

    @Test
    void document_keepsToItsSchema_withAndWithoutTheShape() throws IOException {
        try (InputStream in = FitJson.class.getResourceAsStream("/formats/fit.schema.json")) {
            String schema = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            for (boolean mesh : new boolean[] {true, false}) {
                assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                                .getSchema(schema, InputFormat.JSON)
                                .validate(FitJson.write(WORN, "test", mesh), InputFormat.JSON))
                        .isEmpty();
            }
        }
    }

    @Test
    void bonesInTheDocument_areThoseOfThePattern() throws IOException {
        JsonNode bones =
                new ObjectMapper().readTree(FitJson.write(WORN, "test", false)).get("bones");
        List<String> ids = new ArrayList<>();
        bones.forEach(b -> ids.add(b.get("channel").asText()));
        assertThat(ids)
                .isNotEmpty()
                .doesNotHaveDuplicates()
                .isSubsetOf(
                        BonePlan.of(DRAFT).channels().stream().map(Channel::id).toList());
    }

    @Test
    void shapeInTheDocument_isTheWholeHalf() throws IOException {
        JsonNode root = new ObjectMapper().readTree(FitJson.write(WORN, "test", true));
        assertThat(root.get("vertices")).hasSize(WORN.mesh().count());
        assertThat(root.get("clearance")).hasSize(WORN.mesh().count());
        assertThat(root.get("triangles")).hasSize(WORN.mesh().triangles().length);
        double area = 0;
        for (JsonNode triangle : root.get("triangles")) {
            JsonNode p = triangle.get("paper");
            area += Math.abs((p.get(1).get(0).asDouble() - p.get(0).get(0).asDouble())
                                    * (p.get(2).get(1).asDouble()
                                            - p.get(0).get(1).asDouble())
                            - (p.get(2).get(0).asDouble() - p.get(0).get(0).asDouble())
                                    * (p.get(1).get(1).asDouble()
                                            - p.get(0).get(1).asDouble()))
                    / 2;
        }
        double pieces = DRAFT.pattern().pieces().stream()
                .mapToDouble(p -> bathyra.geometry.Shape.area(p.flattened(0.05)))
                .sum();
        assertThat(area).isBetween(0.98 * pieces, 1.02 * pieces);
        assertThat(root.get("note").asText()).contains("the toile decides");
        assertThat(new ObjectMapper()
                        .readTree(FitJson.write(WORN, "test", false))
                        .has("vertices"))
                .isFalse();
    }

    @Test
    void form_isWrittenRound_withItsLevelsAsLines() {
        String text = ObjFiles.form(WORN.form());
        List<String> lines = text.lines().toList();
        long vertices = lines.stream().filter(l -> l.startsWith("v ")).count();
        for (String line : lines) {
            if (line.startsWith("f ") || line.startsWith("l ")) {
                for (String each : line.substring(2).split(" ")) {
                    assertThat(Integer.parseInt(each)).isBetween(1, (int) vertices);
                }
            }
        }
        assertThat(lines).contains("o form", "o level-waist", "o level-bust", "o level-high-hip");
        assertThat(lines).filteredOn(l -> l.startsWith("l ")).hasSize(6);
        // Every face of a closed tube has its neighbours: two faces a field, as many fields as vertices but one ring.
        assertThat(lines).filteredOn(l -> l.startsWith("f ")).hasSizeGreaterThan(2000);
    }

    @Test
    void garment_isBothHalves_turnedTheSameWayOut() {
        List<String> lines = ObjFiles.garment(WORN).lines().toList();
        assertThat(lines).contains("o garment-left", "o garment-right");
        assertThat(lines)
                .filteredOn(l -> l.startsWith("v "))
                .hasSize(2 * WORN.mesh().count());
        assertThat(lines)
                .filteredOn(l -> l.startsWith("f "))
                .hasSize(2 * WORN.mesh().triangles().length);
    }

    @Test
    void drawing_showsEverySide_withItsFigures_andIsWellFormed() throws Exception {
        var document = javax.xml.parsers.DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new java.io.ByteArrayInputStream(SvgFit.write(WORN).getBytes(StandardCharsets.UTF_8)));
        String words = document.getDocumentElement().getTextContent();
        assertThat(words)
                .contains("From the front", "From the side", "From the back", "From above, waist", "the toile decides")
                .contains("71.0")
                .doesNotContain("NaN");
        for (Sight sight : Sight.of(WORN)) {
            assertThat(words).contains(sight.sentence().in(LengthUnit.CM));
        }
    }

    /** What is seen from the front and from the back together is the whole garment, seen once. */
    @Test
    void clothFromFrontAndBack_isEveryTriangleOnce() {
        FitDrawing drawing = new FitDrawing(WORN);
        int seen = 0;
        for (FitDrawing.View view : List.of(FitDrawing.View.FRONT, FitDrawing.View.BACK)) {
            seen += drawing.cloth(view).values().stream().mapToInt(List::size).sum();
        }
        assertThat(seen).isEqualTo(2 * WORN.mesh().triangles().length);
    }

    @Test
    void sheetForTheFitting_isOnePage_withWhatToLookAt() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(FitSheet.write(WORN, "2026-11-29"))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("What to look at", "the toile decides", "Loosen at once", "Nerea Holloway");
        }
    }

    /** One section every 40 mm, its girth beside it; a large body takes a larger sheet, never a smaller scale. */
    @Test
    void formInSections_saysTheGirthOfEach() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(FormSheets.write(WORN.form(), "The Heron", "", LengthUnit.CM))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("at the waist", "72.0 cm round", "measure it before you cut");
            double tall = WORN.form().heights().above() - WORN.form().heights().below();
            assertThat(pdf.getNumberOfPages()).isBetween((int) (tall / 40), (int) (tall / 40) + 1);
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isLessThan(600);
        }
        Form large = Modelling.of(Bodies.large());
        try (PDDocument pdf = Loader.loadPDF(FormSheets.write(large, "Large", "left half", LengthUnit.IN))) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isGreaterThan(600);
            assertThat(new PDFTextStripper().getText(pdf)).contains("left half");
        }
    }
}
