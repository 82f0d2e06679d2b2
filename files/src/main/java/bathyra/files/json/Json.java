package bathyra.files.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.ArrayList;
import java.util.List;

/** Text to tree and back. */
final class Json {
    static final JsonMapper MAPPER = JsonMapper.builder().enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build();

    private static final double NUMBER_MOST = 1e7;

    private Json() {}

    static JsonNode parse(String text) throws BadDocument {
        try {
            JsonNode root = MAPPER.readTree(text.startsWith("\uFEFF") ? text.substring(1) : text);
            if (root == null || !root.isObject()) {
                throw new BadDocument("document: is no JSON object; a document begins with {");
            }
            List<String> faults = new ArrayList<>();
            requireMeasurable(root, "", faults);
            if (!faults.isEmpty()) {
                throw new BadDocument(faults);
            }
            return root;
        } catch (JsonProcessingException e) {
            var at = e.getLocation();
            throw new BadDocument("document: is no JSON at line " + (at == null ? "?" : at.getLineNr()) + ", column "
                    + (at == null ? "?" : at.getColumnNr()) + " (" + reason(e) + "); write it as JSON");
        }
    }

    /** What the parser says without the names of its own parts, which follow in brackets. */
    private static String reason(JsonProcessingException e) {
        String first = e.getOriginalMessage().lines().findFirst().orElse("");
        return first.contains(" (") ? first.substring(0, first.indexOf(" (")) : first;
    }

    /** No figure of a garment is anywhere near this; a larger one is a slip, or meant to break something. */
    private static void requireMeasurable(JsonNode node, String where, List<String> faults) {
        if (node.isNumber() && !(Math.abs(node.doubleValue()) <= NUMBER_MOST)) {
            faults.add(where + ": is too large a number; one under " + (long) NUMBER_MOST);
        }
        node.properties().forEach(child -> requireMeasurable(child.getValue(), where.isEmpty() ? child.getKey() : where + "." + child.getKey(), faults));
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                requireMeasurable(node.get(i), where + "[" + i + "]", faults);
            }
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
