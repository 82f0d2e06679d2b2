package bathyra.files.json;

import bathyra.fitting.Found;
import bathyra.garment.ClothGive;
import bathyra.garment.EaseRow;
import bathyra.garment.Fit;
import bathyra.garment.Garment;
import bathyra.garment.Panels;
import bathyra.garment.SeamAxis;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Sharing;
import bathyra.garment.Stretch;
import bathyra.garment.Weighting;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** The panels of a corset, how its surplus is shared out, and how tight it starts, as fields of {@code garment}. */
final class PanelsJson {
    static final List<String> FIELDS = List.of(
            "frontPanels",
            "seamPlacing",
            "seams",
            "weights",
            "apexShare",
            "caps",
            "easeRow",
            "lungsFull",
            "stretch",
            "waistGirthDrops",
            "give");
    private static final String PRESET = "preset";
    private static final Length CAP_MOST = Length.mm(160);
    private static final Length CAP_LEAST = Length.mm(5);

    private PanelsJson() {}

    /** The garment with its panels, its sharing and its fit; faults are noted on the fields. */
    static Garment read(Fields fields, Garment start, LengthUnit unit) {
        Garment panelled = start.kind().isPanelled() ? start.withPanels(panels(fields, start.panels())) : start;
        if (!start.kind().isPanelled()) {
            fields.whole("panelsPerSide")
                    .filter(n -> n != start.panelsPerSide())
                    .ifPresent(n ->
                            fields.fault("panelsPerSide", "is " + n + ", and a bustier has 4", "4, or kind corset"));
            for (String key : FIELDS.subList(0, 5)) {
                if (fields.has(key)) {
                    fields.fault(key, "is for corsets", "leave it out, or kind corset");
                }
            }
        }
        return panelled.withSharing(sharing(fields, panelled, unit)).withFit(fit(fields, panelled, unit));
    }

    private static Panels panels(Fields fields, Panels start) {
        int perSide = fields.whole("panelsPerSide").orElse(start.perSide());
        if (perSide < Panels.LEAST || perSide > Panels.MOST) {
            fields.fault("panelsPerSide", "is " + perSide, "from " + Panels.LEAST + " to " + Panels.MOST);
            perSide = start.perSide();
        }
        int front = fields.whole("frontPanels")
                .orElse(Panels.of(perSide, start.placing()).front());
        if (front < 1 || front >= perSide) {
            fields.fault("frontPanels", "is " + front, "from 1 to " + (perSide - 1) + ", so that the back keeps one");
            front = Panels.of(perSide, start.placing()).front();
        }
        Panels bare = new Panels(
                front,
                perSide - front,
                GarmentJson.choice(fields, "seamPlacing", SeamPlacing.class, start.placing()),
                Map.of());
        Fields seams = fields.object("seams");
        List<SeamPlace> movable = bare.seams().stream()
                .filter(s -> s.part() == SeamPlace.Part.FRONT || s.part() == SeamPlace.Part.BACK)
                .toList();
        seams.only(movable.stream().map(SeamPlace::id).toList());
        Panels panels = bare;
        for (SeamPlace seam : movable) {
            if (seams.has(seam.id())) {
                panels = panels.withAxis(seam, axis(seams.object(seam.id())));
            }
        }
        return panels;
    }

    private static SeamAxis axis(Fields fields) {
        fields.only(List.of("at", "lean", "bow"));
        return new SeamAxis(
                number(fields, "at", 0.02, 0.98),
                number(fields, "lean", -SeamAxis.LEAN_MOST, SeamAxis.LEAN_MOST).orElse(0.0),
                number(fields, "bow", -SeamAxis.BOW_MOST, SeamAxis.BOW_MOST).orElse(0.0));
    }

    private static Optional<Double> number(Fields fields, String key, double least, double most) {
        Optional<Double> value = fields.share(key);
        value.filter(v -> v < least || v > most)
                .ifPresent(v -> fields.fault(key, "is " + v, "from " + least + " to " + most));
        return value;
    }

    private static Sharing sharing(Fields fields, Garment garment, LengthUnit unit) {
        Fields weights = fields.object("weights");
        List<String> known = new java.util.ArrayList<>(List.of(PRESET));
        List<String> shared = garment.seams().stream()
                .filter(s -> s.part() != SeamPlace.Part.CENTRE_BACK)
                .map(SeamPlace::id)
                .toList();
        known.addAll(shared);
        weights.only(known);
        Map<String, Double> own = new HashMap<>();
        shared.forEach(id -> number(weights, id, 0, Sharing.WEIGHT_MOST).ifPresent(w -> own.put(id, w)));
        Fields caps = fields.object("caps");
        caps.only(Arrays.stream(Level.values()).map(Level::id).toList());
        Map<Cell, Length> set = new HashMap<>();
        for (Level level : Level.values()) {
            Fields row = caps.object(level.id());
            row.only(garment.seams().stream().map(SeamPlace::id).toList());
            for (SeamPlace seam : garment.seams()) {
                row.length(seam.id(), unit).ifPresent(l -> {
                    GarmentJson.within(row, seam.id(), l, CAP_LEAST, CAP_MOST, unit);
                    set.put(new Cell(level, seam), l);
                });
            }
        }
        return new Sharing(
                GarmentJson.choice(weights, PRESET, Weighting.class, Weighting.SIDE),
                own,
                number(fields, "apexShare", 0, 1),
                set);
    }

    private static Fit fit(Fields fields, Garment garment, LengthUnit unit) {
        List<EaseRow> rows = EaseRow.of(garment.kind());
        Optional<EaseRow> row = fields.text("easeRow").flatMap(text -> {
            Optional<EaseRow> found = EaseRow.ofId(text).filter(rows::contains);
            if (found.isEmpty()) {
                fields.fault(
                        "easeRow",
                        "is " + text,
                        String.join(" or ", rows.stream().map(EaseRow::id).toList()));
            }
            return found;
        });
        return new Fit(
                row,
                fields.truth("lungsFull"),
                stretch(fields, unit),
                fields.truth("waistGirthDrops").orElse(false),
                fields.has("give")
                        ? Optional.of(GarmentJson.choice(fields, "give", ClothGive.class, ClothGive.FIRM))
                        : Optional.empty(),
                Fit.BY_KIND.wearer(),
                Found.NONE);
    }

    private static Optional<Stretch> stretch(Fields fields, LengthUnit unit) {
        if (!fields.has("stretch")) {
            return Optional.empty();
        }
        Fields test = fields.object("stretch");
        test.only(List.of("relaxed", "across", "along", "returned", "use"));
        Length relaxed = test.length("relaxed", unit).orElse(Length.mm(100));
        Stretch stretch = new Stretch(
                relaxed,
                test.length("across", unit).orElse(relaxed),
                test.length("along", unit).orElse(relaxed),
                test.length("returned", unit).orElse(relaxed),
                test.share("use").orElse(Stretch.USUAL));
        stretch.fault().ifPresent(fault -> fields.beyond("stretch", "is no stretch test", fault));
        return Optional.of(stretch);
    }

    static void write(ObjectNode out, Garment garment, LengthUnit unit) {
        out.put("panelsPerSide", garment.panelsPerSide());
        if (garment.kind().isPanelled()) {
            writePanels(out, garment);
        }
        ObjectNode caps = out.putObject("caps");
        for (Level level : Level.values()) {
            for (SeamPlace seam : garment.seams()) {
                Length cap = garment.sharing().caps().get(new Cell(level, seam));
                if (cap != null) {
                    CommissionJson.put(caps.withObjectProperty(level.id()), seam.id(), cap, unit);
                }
            }
        }
        Fit fit = garment.fit();
        fit.row().ifPresent(row -> out.put("easeRow", row.id()));
        fit.lungsFull().ifPresent(full -> out.put("lungsFull", full));
        fit.give().ifPresent(give -> out.put("give", give.id()));
        if (fit.waistGirthDrops()) {
            out.put("waistGirthDrops", true);
        }
        fit.stretch().ifPresent(stretch -> {
            ObjectNode test = out.putObject("stretch");
            CommissionJson.put(test, "relaxed", stretch.relaxed(), unit);
            CommissionJson.put(test, "across", stretch.across(), unit);
            CommissionJson.put(test, "along", stretch.along(), unit);
            CommissionJson.put(test, "returned", stretch.returned(), unit);
            test.put("use", stretch.use());
        });
    }

    private static void writePanels(ObjectNode out, Garment garment) {
        Panels panels = garment.panels();
        out.put("frontPanels", panels.front())
                .put("seamPlacing", panels.placing().id());
        ObjectNode seams = out.putObject("seams");
        new TreeMap<>(panels.own()).forEach((id, axis) -> {
            ObjectNode node = seams.putObject(id);
            axis.at().ifPresent(at -> node.put("at", at));
            node.put("lean", axis.lean()).put("bow", axis.bow());
        });
        ObjectNode weights =
                out.putObject("weights").put(PRESET, garment.sharing().preset().id());
        new TreeMap<>(garment.sharing().weights()).forEach(weights::put);
        garment.sharing().apexShare().ifPresent(share -> out.put("apexShare", share));
    }
}
