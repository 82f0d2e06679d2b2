package bathyra.files.json;

import bathyra.garment.Garment;
import bathyra.garment.Gore;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The gores and gussets inside a commission document: {@code gores}. */
final class GoresJson {
    static final String FIELD = "gores";
    private static final String PANEL = "panel";
    private static final String ABOVE = "above";
    private static final String PLACE = "place";
    private static final String HEIGHT = "height";
    private static final String WIDTH = "width";
    private static final double MIDDLE = 0.5;

    private GoresJson() {}

    static List<Gore> read(Fields garment, LengthUnit unit) {
        List<Gore> gores = new ArrayList<>();
        for (Fields each : garment.objects(FIELD)) {
            each.only(List.of(PANEL, ABOVE, PLACE, HEIGHT, WIDTH));
            Optional<String> panel = each.text(PANEL);
            if (panel.isEmpty()) {
                each.fault(PANEL, "is missing", "the id of a panel, such as F3");
            }
            double place = each.share(PLACE).orElse(MIDDLE);
            if (place < Gore.PLACE_LEAST || place > Gore.PLACE_MOST) {
                each.beyond(PLACE, "is " + place, "from " + Gore.PLACE_LEAST + " to " + Gore.PLACE_MOST);
                place = Math.max(Gore.PLACE_LEAST, Math.min(Gore.PLACE_MOST, place));
            }
            Length height = length(each, HEIGHT, Gore.HEIGHT_LEAST, Gore.HEIGHT_MOST, unit);
            Length width = length(each, WIDTH, Gore.WIDTH_LEAST, Gore.WIDTH_MOST, unit);
            gores.add(new Gore(panel.orElse(""), each.truth(ABOVE).orElse(false), place, height, width));
        }
        if (gores.size() > Gore.COUNT_MOST) {
            garment.fault(FIELD, "has " + gores.size() + " gores", Gore.COUNT_MOST + " in a half at the most");
        }
        return gores;
    }

    private static Length length(Fields fields, String key, Length least, Length most, LengthUnit unit) {
        Optional<Length> length = fields.length(key, unit);
        length.ifPresentOrElse(
                l -> GarmentJson.within(fields, key, l, least, most, unit),
                () -> fields.fault(key, "is missing", GarmentJson.range(least, most, unit)));
        return length.orElse(least);
    }

    static void write(ObjectNode out, Garment garment, LengthUnit unit) {
        if (garment.gores().isEmpty()) {
            return;
        }
        ArrayNode gores = out.putArray(FIELD);
        for (Gore gore : garment.gores()) {
            ObjectNode each = gores.addObject().put(PANEL, gore.panel());
            if (gore.above()) {
                each.put(ABOVE, true);
            }
            each.put(PLACE, gore.place());
            CommissionJson.put(each, HEIGHT, gore.height(), unit);
            CommissionJson.put(each, WIDTH, gore.width(), unit);
        }
    }
}
