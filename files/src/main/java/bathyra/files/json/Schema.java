package bathyra.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;

/** The published JSON Schemas, as shipped with the program. */
enum Schema {
    COMMISSION("commission.schema.json"),
    PATTERN("pattern.schema.json");

    private static final int FAULTS_MOST = 40;
    private static final int SHOWN = 40;
    private static final Map<String, String> KINDS = Map.of(
            "object",
            "{ … }",
            "array",
            "a list, [ … ]",
            "string",
            "a text in quotes",
            "number",
            "a number",
            "integer",
            "a whole number",
            "boolean",
            "true or false",
            "null",
            "null");

    private final String file;
    /** Made once, when a document is first held against it: that takes far longer than holding one. */
    private com.networknt.schema.Schema rules;

    Schema(String file) {
        this.file = file;
    }

    /** Refuses a document that does not keep to the schema. @throws BadDocument with the field, what is wrong and what is accepted */
    void require(JsonNode document) throws BadDocument {
        List<String> faults = rules().validate(document).stream()
                .map(e -> said(e, document))
                .distinct()
                .limit(FAULTS_MOST)
                .toList();
        if (!faults.isEmpty()) {
            throw new BadDocument(faults);
        }
    }

    private synchronized com.networknt.schema.Schema rules() {
        if (rules == null) {
            rules = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(text(), InputFormat.JSON);
        }
        return rules;
    }

    /** What a person is told of a fault: the words of whoever checks schemas are none. */
    private String said(Error e, JsonNode document) {
        List<String> steps = new ArrayList<>();
        for (int i = 0; i < e.getInstanceLocation().getNameCount(); i++) {
            steps.add(String.valueOf(e.getInstanceLocation().getElement(i)));
        }
        if (e.getProperty() != null) {
            steps.add(e.getProperty());
        }
        String field = steps.isEmpty() ? "document" : String.join(".", steps);
        JsonNode value = e.getInstanceNode() == null ? document : e.getInstanceNode();
        JsonNode rule = e.getSchemaNode();
        return field + ": "
                + switch (e.getKeyword()) {
                    case "type" -> "is " + shown(value) + "; " + kinds(rule);
                    case "required" -> "is missing; docs/formats/" + file + " says what belongs there";
                    case "additionalProperties" -> "is not known; leave it out";
                    case "enum" -> "is " + shown(value) + "; " + list(rule);
                    case "const" -> "is " + shown(value) + "; " + shown(rule);
                    case "minimum" -> "is " + shown(value) + "; from " + rule.asText();
                    case "maximum" -> "is " + shown(value) + "; up to " + rule.asText();
                    case "minItems" -> "has " + value.size() + " entries; at least " + rule.asText();
                    case "maxItems" -> "has " + value.size() + " entries; at most " + rule.asText();
                    case "maxLength" -> "has " + value.asText().length() + " characters; at most " + rule.asText();
                    default -> "is " + shown(value) + "; docs/formats/" + file + " says what belongs there";
                };
    }

    private static String shown(JsonNode value) {
        if (value.isContainerNode()) {
            return value.isArray() ? "a list" : "an object";
        }
        String text = value.toString();
        return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
    }

    private static String kinds(JsonNode rule) {
        return rule.isArray() ? list(rule, KINDS) : KINDS.getOrDefault(rule.asText(), rule.asText());
    }

    private static String list(JsonNode rule) {
        return list(rule, Map.of());
    }

    private static String list(JsonNode rule, Map<String, String> words) {
        return StreamSupport.stream(rule.spliterator(), false)
                .map(n -> words.getOrDefault(n.asText(), n.asText()))
                .collect(Collectors.joining(" or "));
    }

    private String text() {
        try (InputStream in = Schema.class.getResourceAsStream("/formats/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
