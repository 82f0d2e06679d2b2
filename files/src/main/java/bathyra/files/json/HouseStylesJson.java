package bathyra.files.json;

import bathyra.garment.Garment;
import bathyra.garment.HouseStyle;
import bathyra.length.LengthUnit;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;

/** The styles of a house ({@code bathyra-house-styles} version 1): designs by name, lengths in mm. */
public final class HouseStylesJson {
    private static final String FORMAT = "bathyra-house-styles";

    private HouseStylesJson() {}

    public static String write(List<HouseStyle> styles) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", 1);
        ArrayNode all = root.putArray("styles");
        for (HouseStyle style : styles) {
            ObjectNode out = all.addObject().put("name", style.name());
            GarmentJson.write(out.putObject("garment"), style.garment(), LengthUnit.MM);
        }
        return Json.pretty(root);
    }

    /** @throws BadDocument with what is wrong */
    public static List<HouseStyle> read(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        if (!root.path("format").asText().equals(FORMAT) || root.path("version").asInt() != 1) {
            throw new BadDocument(List.of("format: is not " + FORMAT + " version 1"));
        }
        List<HouseStyle> styles = new ArrayList<>();
        for (JsonNode node : root.path("styles")) {
            Fields fields = Fields.root(node, false);
            Garment garment = GarmentJson.read(fields.object("garment"), LengthUnit.MM, false);
            if (!fields.faults().isEmpty()) {
                throw new BadDocument(fields.faults());
            }
            styles.add(new HouseStyle(fields.text("name").orElse("Style"), garment));
        }
        return styles;
    }
}
