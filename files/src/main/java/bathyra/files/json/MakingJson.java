package bathyra.files.json;

import bathyra.garment.Cloth;
import bathyra.garment.ClothUse;
import bathyra.garment.ClothUse.HandLaid;
import bathyra.garment.LayerKind;
import bathyra.garment.Making;
import bathyra.garment.Making.Notion;
import bathyra.garment.Making.Work;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What a commission is made from, inside its document: cloths, lays put by hand, notions, hours. */
final class MakingJson {
    static final String FIELD = "making";

    private MakingJson() {}

    static Making read(Fields root, LengthUnit unit) {
        if (!root.has(FIELD)) {
            return Making.BEGUN;
        }
        Fields fields = root.object(FIELD);
        fields.only(List.of("cloths", "spools", "notions", "work"));
        Map<LayerKind, ClothUse> cloths = new EnumMap<>(LayerKind.class);
        Fields chosen = fields.object("cloths");
        chosen.only(Arrays.stream(LayerKind.values()).map(LayerKind::id).toList());
        for (LayerKind kind : LayerKind.values()) {
            if (chosen.has(kind.id())) {
                cloths.put(kind, use(chosen.object(kind.id()), unit));
            }
        }
        List<Notion> notions = new ArrayList<>();
        for (Fields each : fields.objects("notions")) {
            each.only(List.of("name", "count", "price"));
            notions.add(new Notion(each.text("name").orElse(""), amount(each, "count"), amount(each, "price")));
        }
        List<Work> work = new ArrayList<>();
        for (Fields each : fields.objects("work")) {
            each.only(List.of("what", "hours"));
            work.add(new Work(each.text("what").orElse(""), amount(each, "hours")));
        }
        return new Making(
                cloths, fields.has("spools") ? amount(fields, "spools") : Making.BEGUN.spools(), notions, work);
    }

    private static double amount(Fields fields, String key) {
        double value = fields.share(key).orElse(0.0);
        if (!(value >= 0 && value <= Making.MOST)) {
            fields.fault(key, "is " + value, "a number from 0 to " + (int) Making.MOST);
            return 0;
        }
        return value;
    }

    private static ClothUse use(Fields fields, LengthUnit unit) {
        fields.only(List.of("cloth", "folded", "gap", "laid"));
        Cloth cloth = cloth(fields.object("cloth"), unit);
        Length gap = fields.length("gap", unit).orElse(ClothUse.GAP);
        GarmentJson.within(fields, "gap", gap, Length.mm(0), ClothUse.GAP_MOST, unit);
        List<HandLaid> laid = new ArrayList<>();
        for (Fields each : fields.objects("laid")) {
            each.only(List.of("piece", "copy", "x", "y", "turned", "tilt"));
            double tilt = each.share("tilt").orElse(0.0);
            if (!(Math.abs(tilt) <= ClothUse.TILT_MOST)) {
                each.fault(
                        "tilt", "is " + tilt, "from -" + ClothUse.TILT_MOST + " to " + ClothUse.TILT_MOST + " degrees");
            }
            laid.add(new HandLaid(
                    each.text("piece").orElse(""),
                    each.whole("copy").orElse(0),
                    each.share("x").orElse(0.0),
                    each.share("y").orElse(0.0),
                    each.truth("turned").orElse(false),
                    tilt));
        }
        return new ClothUse(cloth, fields.truth("folded").orElse(false), gap, laid);
    }

    /** A cloth; a wrong one is told and read as a plain one. */
    static Cloth cloth(Fields fields, LengthUnit unit) {
        fields.only(List.of("name", "width", "selvedge", "oneWay", "along", "across", "price"));
        double width = fields.length("width", unit).orElse(Length.mm(1400)).millimetres();
        double selvedge = fields.length("selvedge", unit).orElse(Length.mm(10)).millimetres();
        String name = fields.text("name").orElse("Cloth");
        try {
            return new Cloth(
                    name,
                    width,
                    selvedge,
                    fields.truth("oneWay").orElse(false),
                    fields.share("along").orElse(0.0),
                    fields.share("across").orElse(0.0),
                    fields.share("price").orElse(0.0));
        } catch (IllegalArgumentException e) {
            fields.fault(
                    "width",
                    "or another figure of " + name + " is out of range",
                    "a width from 300 to 3200 mm, selvedges under a quarter of it, shrinkage as a share from 0 to 0.2, a price from 0");
            return new Cloth(name, 1400, 10, false, 0, 0, 0);
        }
    }

    static void write(ObjectNode root, Making making, LengthUnit unit) {
        if (making.equals(Making.BEGUN)) {
            return;
        }
        ObjectNode out = root.putObject(FIELD);
        ObjectNode cloths = out.putObject("cloths");
        new TreeMap<>(making.cloths()).forEach((kind, use) -> {
            ObjectNode each = cloths.putObject(kind.id());
            cloth(each.putObject("cloth"), use.cloth());
            each.put("folded", use.folded());
            CommissionJson.put(each, "gap", use.gap(), unit);
            ArrayNode laid = each.putArray("laid");
            use.hand().forEach(h -> laid.addObject()
                    .put("piece", h.piece())
                    .put("copy", h.copy())
                    .put("x", h.x())
                    .put("y", h.y())
                    .put("turned", h.turned())
                    .put("tilt", h.tilt()));
        });
        out.put("spools", making.spools());
        ArrayNode notions = out.putArray("notions");
        making.notions().forEach(n -> notions.addObject()
                .put("name", n.name())
                .put("count", n.count())
                .put("price", n.price()));
        ArrayNode work = out.putArray("work");
        making.work().forEach(w -> work.addObject().put("what", w.what()).put("hours", w.hours()));
    }

    /** A cloth, its lengths as texts in mm whatever the document's unit. */
    static void cloth(ObjectNode out, Cloth cloth) {
        out.put("name", cloth.name())
                .put("width", cloth.width() + " mm")
                .put("selvedge", cloth.selvedge() + " mm")
                .put("oneWay", cloth.oneWay())
                .put("along", cloth.along())
                .put("across", cloth.across())
                .put("price", cloth.price());
    }
}
