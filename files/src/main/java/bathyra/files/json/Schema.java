package bathyra.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The published JSON Schemas, as shipped with the program. */
enum Schema {
    COMMISSION("commission.schema.json"),
    PATTERN("pattern.schema.json");

    private final String file;

    Schema(String file) {
        this.file = file;
    }

    /** Refuses a document that does not keep to the schema. */
    void require(JsonNode document) throws BadDocument {
        List<String> faults = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text(), InputFormat.JSON)
                .validate(document).stream().map(e -> e.getInstanceLocation() + ": " + e.getMessage() + "; see docs/formats/" + file).distinct().toList();
        if (!faults.isEmpty()) {
            throw new BadDocument(faults);
        }
    }

    private String text() {
        try (InputStream in = Schema.class.getResourceAsStream("/formats/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
