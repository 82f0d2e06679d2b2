package bathyra.files.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;

/** Text to tree and back. */
final class Json {
    static final JsonMapper MAPPER = JsonMapper.builder().enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(com.fasterxml.jackson.core.StreamReadFeature.STRICT_DUPLICATE_DETECTION).build();

    private Json() {}

    static JsonNode parse(String text) throws BadDocument {
        try {
            JsonNode root = MAPPER.readTree(text.startsWith("\uFEFF") ? text.substring(1) : text);
            if (root == null || !root.isObject()) {
                throw new BadDocument("document: is no JSON object; a document begins with {");
            }
            return root;
        } catch (JsonProcessingException e) {
            var at = e.getLocation();
            throw new BadDocument("document: is no JSON at line " + (at == null ? "?" : at.getLineNr()) + ", column "
                    + (at == null ? "?" : at.getColumnNr()) + " (" + e.getOriginalMessage().lines().findFirst().orElse("") + "); write it as JSON");
        }
    }

    static String pretty(JsonNode node) {
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(node) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain values is always writable", e);
        }
    }
}
