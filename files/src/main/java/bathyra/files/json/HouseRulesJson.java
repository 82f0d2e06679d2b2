package bathyra.files.json;

import bathyra.garment.Garment;
import bathyra.garment.HouseRules;
import bathyra.garment.HouseRules.Group;
import bathyra.length.LengthUnit;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** The rules of a house ({@code bathyra-house-rules} version 1): a garment that has them, and which of its choices are meant. */
public final class HouseRulesJson {
    private static final String FORMAT = "bathyra-house-rules";
    private static final int VERSION = 1;

    private HouseRulesJson() {}

    public static String write(HouseRules rules) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT)
                .put("version", VERSION)
                .put("units", rules.units().symbol());
        CommissionJson.division(root, rules.units());
        ArrayNode of = root.putArray("of");
        Garment garment = Garment.bustier();
        for (Group group : Group.values()) {
            if (rules.has(group)) {
                of.add(group.name().toLowerCase(Locale.ROOT));
            }
        }
        GarmentJson.write(root.putObject("garment"), rules.on(garment), rules.units());
        return Json.pretty(root);
    }

    /** @throws BadDocument with what is wrong; a version that this program does not know is refused */
    public static HouseRules read(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        Json.requireBounded(root);
        if (!root.path("format").asText().equals(FORMAT)) {
            throw new BadDocument(
                    List.of("format: is not " + FORMAT + "; the rules of a house as Settings writes them"));
        }
        if (root.path("version").asInt() != VERSION) {
            throw new BadDocument(List.of("version: is " + root.path("version").asText()
                    + ", which a later program wrote; this one reads version " + VERSION));
        }
        LengthUnit units = LengthUnit.named(root.path("units").asText())
                .map(u -> u.isInches()
                        ? LengthUnit.inches(root.path(CommissionJson.DIVISION).asInt())
                        : u)
                .orElse(LengthUnit.CM);
        Fields fields = Fields.root(root);
        Garment garment = GarmentJson.read(fields.object("garment"), units, true);
        if (!fields.faults().isEmpty()) {
            throw new BadDocument(fields.faults());
        }
        HouseRules rules = HouseRules.NONE.in(units);
        for (Group group : groups(root.path("of"))) {
            rules = rules.as(group, garment);
        }
        return rules;
    }

    private static Set<Group> groups(JsonNode of) {
        Set<Group> groups = EnumSet.noneOf(Group.class);
        for (Group group : Group.values()) {
            of.forEach(word -> {
                if (word.asText().equals(group.name().toLowerCase(Locale.ROOT))) {
                    groups.add(group);
                }
            });
        }
        return groups;
    }
}
