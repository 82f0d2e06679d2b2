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
    static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private static final double NUMBER_MOST = 1e7;
    private static final int TEXT_MOST = 500;
    private static final int ENTRIES_MOST = 2_000;
    private static final int FAULTS_MOST = 40;

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
        node.properties()
                .forEach(child -> requireMeasurable(
                        child.getValue(), where.isEmpty() ? child.getKey() : where + "." + child.getKey(), faults));
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                requireMeasurable(node.get(i), where + "[" + i + "]", faults);
            }
        }
    }

    /**
     * Bounds on what someone else wrote: no title is a book, and no list of choices has thousands of entries.
     *
     * @throws BadDocument naming every field that is beyond them
     */
    static void requireBounded(JsonNode root) throws BadDocument {
        List<String> faults = new ArrayList<>();
        bounded(root, "", faults);
        if (!faults.isEmpty()) {
            throw new BadDocument(faults.size() > FAULTS_MOST ? faults.subList(0, FAULTS_MOST) : faults);
        }
    }

    private static void bounded(JsonNode node, String where, List<String> faults) {
        if (node.isTextual() && node.textValue().length() > TEXT_MOST) {
            faults.add(where + ": has " + node.textValue().length() + " characters; at most " + TEXT_MOST);
        }
        if (node.size() > ENTRIES_MOST) {
            faults.add((where.isEmpty() ? "document" : where) + ": has " + node.size() + " entries; at most "
                    + ENTRIES_MOST);
            return;
        }
        node.properties().forEach(child -> {
            if (child.getKey().length() > TEXT_MOST) {
                faults.add((where.isEmpty() ? "document" : where) + ": has a name of "
                        + child.getKey().length() + " characters; at most " + TEXT_MOST);
            } else {
                bounded(child.getValue(), where.isEmpty() ? child.getKey() : where + "." + child.getKey(), faults);
            }
        });
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            bounded(node.get(i), where + "." + i, faults);
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
