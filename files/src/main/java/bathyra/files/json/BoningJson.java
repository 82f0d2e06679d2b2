package bathyra.files.json;

import bathyra.garment.BoneKind;
import bathyra.garment.Boning;
import bathyra.garment.Boning.PanelBone;
import bathyra.garment.Boning.Stop;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Bones and hardware as far as they are chosen by hand, inside a commission document. */
final class BoningJson {
    static final String FIELD = "boning";
    private static final Length STOP_MOST = Length.mm(600);

    private BoningJson() {}

    static Boning read(Fields garment, LengthUnit unit) {
        Fields fields = garment.object(FIELD);
        fields.only(List.of("width", "kinds", "without", "panels", "stops", "busk", "eyelets"));
        Optional<Length> width = fields.length("width", unit);
        width.filter(w -> Boning.WIDTHS.stream()
                        .noneMatch(known -> Math.abs(known.millimetres() - w.millimetres()) < 0.01))
                .ifPresent(w -> fields.fault(
                        "width", "is " + w.millimetres() + " mm, and bones are not sold so", "5, 7 or 10 mm"));
        Map<String, BoneKind> kinds = new HashMap<>();
        Fields chosen = fields.object("kinds");
        chosen.keys()
                .forEach(id -> kinds.put(id, GarmentJson.choice(chosen, id, BoneKind.class, BoneKind.SPIRAL_STEEL)));
        Map<String, Stop> stops = new HashMap<>();
        Fields ends = fields.object("stops");
        ends.keys().forEach(id -> {
            Fields stop = ends.object(id);
            stop.only(List.of("above", "below"));
            stops.put(
                    id,
                    new Stop(
                            within(stop, "above", unit, Length.mm(0), STOP_MOST).orElse(Length.mm(0)),
                            within(stop, "below", unit, Length.mm(0), STOP_MOST).orElse(Length.mm(0))));
        });
        return new Boning(
                width,
                kinds,
                Set.copyOf(fields.texts("without")),
                panels(fields),
                stops,
                within(fields, "busk", unit, Boning.BUSK_LEAST, Boning.BUSK_MOST),
                within(fields, "eyelets", unit, Boning.EYELETS_LEAST, Boning.EYELETS_MOST));
    }

    private static Optional<Length> within(Fields fields, String key, LengthUnit unit, Length least, Length most) {
        Optional<Length> length = fields.length(key, unit);
        length.ifPresent(l -> GarmentJson.within(fields, key, l, least, most, unit));
        return length;
    }

    private static List<PanelBone> panels(Fields fields) {
        List<PanelBone> bones = new ArrayList<>();
        for (Fields each : fields.objects("panels")) {
            each.only(List.of("id", "piece", "at"));
            Optional<String> id = each.text("id");
            Optional<String> piece = each.text("piece");
            double at = each.share("at").orElse(-1.0);
            if (id.isEmpty() || piece.isEmpty() || !(at >= 0 && at <= 1)) {
                each.fault(
                        "at",
                        "is no place for a channel",
                        "\"id\", \"piece\", and \"at\" from 0 to 1 across the panel");
            } else {
                bones.add(new PanelBone(id.get(), piece.get(), at));
            }
        }
        return bones;
    }

    static void write(ObjectNode garment, Boning boning, LengthUnit unit) {
        if (boning.equals(Boning.BY_RULE)) {
            return;
        }
        ObjectNode out = garment.putObject(FIELD);
        boning.width().ifPresent(l -> CommissionJson.put(out, "width", l, unit));
        ObjectNode kinds = out.putObject("kinds");
        new TreeMap<>(boning.kinds()).forEach((id, kind) -> kinds.put(id, kind.id()));
        ArrayNode without = out.putArray("without");
        new TreeSet<>(boning.without()).forEach(without::add);
        ArrayNode panels = out.putArray("panels");
        boning.panels().forEach(b -> panels.addObject()
                .put("id", b.id())
                .put("piece", b.piece())
                .put("at", b.share()));
        ObjectNode stops = out.putObject("stops");
        new TreeMap<>(boning.stops()).forEach((id, stop) -> {
            ObjectNode each = stops.putObject(id);
            CommissionJson.put(each, "above", stop.above(), unit);
            CommissionJson.put(each, "below", stop.below(), unit);
        });
        boning.busk().ifPresent(l -> CommissionJson.put(out, "busk", l, unit));
        boning.eyelets().ifPresent(l -> CommissionJson.put(out, "eyelets", l, unit));
    }
}
