package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.FitJson;
import bathyra.files.obj.ObjFiles;
import bathyra.fit.FormSurface;
import bathyra.fit.Worn;
import bathyra.garment.Garment;
import bathyra.measure.Softness;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
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
    void shapeInTheDocument_isTheWholeHalf() throws IOException {
        JsonNode root = new ObjectMapper().readTree(FitJson.write(WORN, "test", true));
        JsonNode mesh = root.get("mesh");
        assertThat(mesh.get("vertices")).hasSize(WORN.mesh().count());
        assertThat(mesh.get("away")).hasSize(WORN.mesh().count());
        assertThat(mesh.get("triangles")).hasSize(WORN.mesh().triangles().length);
        assertThat(mesh.get("paper")).hasSameSizeAs(mesh.get("triangles"));
        double area = 0;
        for (JsonNode p : mesh.get("paper")) {
            area += Math.abs((p.get(2).asDouble() - p.get(0).asDouble())
                                    * (p.get(5).asDouble() - p.get(1).asDouble())
                            - (p.get(4).asDouble() - p.get(0).asDouble())
                                    * (p.get(3).asDouble() - p.get(1).asDouble()))
                    / 2;
        }
        double pieces = DRAFT.pattern().pieces().stream()
                .mapToDouble(p -> bathyra.geometry.Shape.area(p.flattened(0.05)))
                .sum();
        assertThat(area).isBetween(0.98 * pieces, 1.02 * pieces);
        assertThat(root.get("note").asText()).contains("the toile decides");
        assertThat(new ObjectMapper()
                        .readTree(FitJson.write(WORN, "test", false))
                        .has("mesh"))
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
}
