package bathyra.files.json;

import bathyra.garment.HealthRecord;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/** The answers of a wearer, as the book keeps them. */
public final class HealthJson {
    private HealthJson() {}

    public static String write(HealthRecord record) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("answered", record.day().toString())
                .put("age", record.age().id())
                .put("pregnant", record.pregnant())
                .put("surgery", record.surgery())
                .put("condition", record.condition());
        record.doctorAgrees().ifPresent(agrees -> root.put("doctorAgrees", agrees));
        return Json.pretty(root);
    }

    /** @throws BadDocument when it is not what {@link #write} wrote */
    public static HealthRecord read(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        HealthRecord.Age age = HealthRecord.Age.ofId(root.path("age").asText())
                .orElseThrow(() -> new BadDocument("age: is unknown; under-16, 16-17 or adult"));
        Optional<Boolean> doctor =
                root.has("doctorAgrees") ? Optional.of(root.get("doctorAgrees").asBoolean()) : Optional.empty();
        try {
            return new HealthRecord(
                    age,
                    root.path("pregnant").asBoolean(),
                    root.path("surgery").asBoolean(),
                    root.path("condition").asBoolean(),
                    doctor,
                    LocalDate.parse(root.path("answered").asText()));
        } catch (DateTimeParseException e) {
            throw new BadDocument("answered: is no day; a day such as 2026-11-03");
        }
    }
}
