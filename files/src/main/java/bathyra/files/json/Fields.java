package bathyra.files.json;

import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** Reads the fields of one JSON object and gathers what is wrong with them instead of stopping at the first. */
final class Fields {
    private final String path;
    private final JsonNode node;
    private final List<String> faults;
    private final boolean ranges;

    private Fields(String path, JsonNode node, List<String> faults, boolean ranges) {
        this.path = path;
        this.node = node;
        this.faults = faults;
        this.ranges = ranges;
    }

    static Fields root(JsonNode node) {
        return root(node, true);
    }

    /** @param ranges whether figures out of their range are faults; what the cutter has left in the book is read back whatever it is */
    static Fields root(JsonNode node, boolean ranges) {
        return new Fields("", node, new ArrayList<>(), ranges);
    }

    List<String> faults() {
        return faults;
    }

    String path(String key) {
        return path.isEmpty() ? key : path + "." + key;
    }

    void fault(String key, String wrong, String accepted) {
        faults.add(path(key) + ": " + wrong + "; " + accepted);
    }

    /** A fault of a figure that is out of its range. */
    void beyond(String key, String wrong, String accepted) {
        if (ranges) {
            fault(key, wrong, accepted);
        }
    }

    boolean has(String key) {
        return node.hasNonNull(key);
    }

    /** Refuses every key that is not known, naming the nearest that is. */
    void only(Collection<String> known) {
        node.fieldNames().forEachRemaining(key -> {
            if (!known.contains(key)) {
                fault(key, "is not known", "nearest is " + nearest(key, known));
            }
        });
    }

    Iterable<String> keys() {
        return node::fieldNames;
    }

    /** The object under a key; an absent one reads as empty. */
    Fields object(String key) {
        JsonNode child = node.get(key);
        if (child != null && !child.isObject()) {
            fault(key, "is no object", "write { … }");
        }
        return new Fields(
                path(key), child != null && child.isObject() ? child : Json.MAPPER.createObjectNode(), faults, ranges);
    }

    Optional<String> text(String key) {
        JsonNode child = node.get(key);
        if (child == null || child.isNull()) {
            return Optional.empty();
        }
        if (!child.isTextual()) {
            fault(key, "is no text", "write it in quotes");
            return Optional.empty();
        }
        return Optional.of(child.textValue());
    }

    /** A list of texts; empty when there is none. */
    List<String> texts(String key) {
        JsonNode child = node.get(key);
        if (child == null || child.isNull()) {
            return List.of();
        }
        List<String> texts = new ArrayList<>();
        for (JsonNode each : child) {
            if (each.isTextual()) {
                texts.add(each.textValue());
            }
        }
        if (!child.isArray() || texts.size() != child.size()) {
            fault(key, "is no list of texts", "write [\"…\"]");
        }
        return texts;
    }

    /** The objects of a list; empty when there is none. */
    List<Fields> objects(String key) {
        JsonNode child = node.get(key);
        List<Fields> objects = new ArrayList<>();
        if (child == null || child.isNull()) {
            return objects;
        }
        for (JsonNode each : child) {
            if (each.isObject()) {
                objects.add(new Fields(path(key) + "." + objects.size(), each, faults, ranges));
            }
        }
        if (!child.isArray() || objects.size() != child.size()) {
            fault(key, "is no list of objects", "write [{ … }]");
        }
        return objects;
    }

    Optional<Integer> whole(String key) {
        JsonNode child = node.get(key);
        if (child == null) {
            return Optional.empty();
        }
        if (!child.isIntegralNumber() || !child.canConvertToInt()) {
            fault(key, "is no whole number", "write a number without a point");
            return Optional.empty();
        }
        return Optional.of(child.intValue());
    }

    /** A length: a number in the document's unit, or a text with its own unit or a fraction. */
    Optional<Length> length(String key, LengthUnit unit) {
        JsonNode child = node.get(key);
        if (child == null || child.isNull()) {
            return Optional.empty();
        }
        if (child.isNumber()) {
            return Optional.of(Length.mm(child.doubleValue() * unit.millimetres()));
        }
        if (child.isTextual()) {
            LengthText.Reading reading = LengthText.read(child.textValue(), unit);
            if (reading instanceof LengthText.Read read) {
                return Optional.of(read.length());
            }
        }
        fault(
                key,
                "is no length: " + child,
                "a number in " + unit.symbol() + ", or a text such as \"37 1/2 in\" or \"92,5 cm\"");
        return Optional.empty();
    }

    /** The bare node under a key; null when there is none. */
    JsonNode node(String key) {
        return node.get(key);
    }

    /** Yes or no. */
    Optional<Boolean> truth(String key) {
        JsonNode child = node.get(key);
        if (child == null || child.isNull()) {
            return Optional.empty();
        }
        if (!child.isBoolean()) {
            fault(key, "is neither yes nor no", "true or false");
            return Optional.empty();
        }
        return Optional.of(child.booleanValue());
    }

    /** A share: a plain number. */
    Optional<Double> share(String key) {
        JsonNode child = node.get(key);
        if (child == null || child.isNull()) {
            return Optional.empty();
        }
        if (!child.isNumber()) {
            fault(key, "is no number: " + child, "a share such as 0.33");
            return Optional.empty();
        }
        return Optional.of(child.doubleValue());
    }

    /** The known name that is spelled most like another. */
    static String nearest(String key, Collection<String> known) {
        String best = "";
        int least = Integer.MAX_VALUE;
        for (String candidate : known) {
            int distance =
                    distance(key.toLowerCase(java.util.Locale.ROOT), candidate.toLowerCase(java.util.Locale.ROOT));
            if (distance < least) {
                least = distance;
                best = candidate;
            }
        }
        return best;
    }

    /** Levenshtein distance. */
    private static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int swap = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(swap, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}
