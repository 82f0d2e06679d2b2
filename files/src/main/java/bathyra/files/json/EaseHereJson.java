package bathyra.files.json;

import bathyra.garment.EaseHere;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.SeamPlace;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The room between the levels inside a commission document: {@code easeHere}. */
final class EaseHereJson {
    static final String FIELD = "easeHere";
    private static final String ABOVE = "aboveWaist";
    private static final String EASE = "ease";
    private static final String SEAM = "seam";

    private EaseHereJson() {}

    static List<EaseHere> read(Fields garment, LengthUnit unit, List<SeamPlace> seams) {
        List<EaseHere> lines = new ArrayList<>();
        for (Fields each : garment.objects(FIELD)) {
            each.only(List.of(ABOVE, EASE, SEAM));
            Optional<Length> above = length(each, ABOVE, EaseHere.FARTHEST, unit);
            Optional<Length> ease = length(each, EASE, EaseHere.MOST, unit);
            Optional<SeamPlace> seam = each.text(SEAM).flatMap(id -> seam(each, id, seams));
            if (above.isPresent() && ease.isPresent()) {
                lines.add(new EaseHere(above.get(), seam, ease.get()));
            }
        }
        if (lines.size() > EaseHere.COUNT_MOST) {
            garment.fault(FIELD, "has " + lines.size() + " lines", EaseHere.COUNT_MOST + " at the most");
        }
        return lines;
    }

    private static Optional<Length> length(Fields fields, String key, double most, LengthUnit unit) {
        Optional<Length> length = fields.length(key, unit);
        length.ifPresentOrElse(
                l -> GarmentJson.within(fields, key, l, Length.mm(-most), Length.mm(most), unit),
                () -> fields.fault(key, "is missing", GarmentJson.range(Length.mm(-most), Length.mm(most), unit)));
        return length;
    }

    private static Optional<SeamPlace> seam(Fields fields, String id, List<SeamPlace> seams) {
        Optional<SeamPlace> found =
                seams.stream().filter(s -> s.id().equals(id)).findFirst();
        if (found.isEmpty()) {
            fields.fault(
                    SEAM,
                    "is " + id,
                    String.join(" or ", seams.stream().map(SeamPlace::id).toList())
                            + ", or leave it out for all seams");
        }
        return found;
    }

    static void write(ObjectNode out, Garment garment, LengthUnit unit) {
        if (garment.between().isEmpty()) {
            return;
        }
        ArrayNode lines = out.putArray(FIELD);
        for (EaseHere line : garment.between()) {
            ObjectNode each = lines.addObject();
            CommissionJson.put(each, ABOVE, line.above(), unit);
            CommissionJson.put(each, EASE, line.ease(), unit);
            line.seam().ifPresent(seam -> each.put(SEAM, seam.id()));
        }
    }
}
