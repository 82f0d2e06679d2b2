package bathyra.files.json;

import bathyra.garment.Experience;
import bathyra.garment.Figure;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.RuleValues;
import bathyra.garment.Ruled;
import bathyra.garment.SplitOption;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * What the rules of an edition gave a commission ({@code given}): values, and the measurements they were given for. The garment
 * they were given for stands there too where it is no longer the commission's own.
 */
final class GivenJson {
    static final String FIELD = "given";
    private static final int UPPER_END_APART = 3;
    private static final String RIGHT = "right";
    private static final String EXPERIENCE = "experience";
    private static final String RESTRICTED = "restricted";
    private static final List<String> VALUES = List.of(
            "lengths", "ease", "lacingGap", "frontShare", "splits", "axes", "soundings", "sideFront", "sideBack");

    private GivenJson() {}

    /** @param root the whole document @param garment what the document asks for @param edition by which edition it was given */
    static Optional<Ruled> read(Fields root, LengthUnit unit, Garment garment, int edition) {
        if (!root.has(FIELD)) {
            return Optional.empty();
        }
        Fields given = root.object(FIELD);
        List<String> known = new ArrayList<>(VALUES);
        known.addAll(List.of("measurements", "measuring", "garment", EXPERIENCE, RIGHT, RESTRICTED));
        given.only(known);
        MeasurementSet set = MeasuringJson.read(given, unit, false);
        Garment choices = given.has("garment") ? GarmentJson.read(given.object("garment"), unit, false) : garment;
        Fields right = given.object(RIGHT);
        right.only(VALUES);
        Experience wearer = GarmentJson.choice(given, EXPERIENCE, Experience.class, Experience.FIRST);
        return Optional.of(new Ruled(
                set,
                choices.forWearer(new Figure(wearer, set)),
                given.truth(RESTRICTED).orElse(false),
                asThen(values(given, unit), choices, edition),
                given.has(RIGHT) ? Optional.of(asThen(values(right, unit), choices, edition)) : Optional.empty()));
    }

    /** Before the upper end of a princess seam had a rule of its own it was divided as the seam below, and nothing was written of it. */
    private static RuleValues asThen(RuleValues given, Garment choices, int edition) {
        Double below = choices.splits()
                .getOrDefault(SplitOption.PRINCESS_FRONT, given.splits().get(SplitOption.PRINCESS_FRONT));
        boolean unsaid = edition < UPPER_END_APART
                && choices.endsAtUpperEdge()
                && below != null
                && !choices.splits().containsKey(SplitOption.PRINCESS_UPPER);
        return unsaid ? given.withSplit(SplitOption.PRINCESS_UPPER, below) : given;
    }

    private static RuleValues values(Fields fields, LengthUnit unit) {
        Map<Cell, Double> soundings = new HashMap<>();
        Fields rows = fields.object("soundings");
        for (Level level : Level.values()) {
            lengths(rows.object(level.id()), unit, SeamPlace::ofId)
                    .forEach((seam, takes) -> soundings.put(new Cell(level, seam), takes));
        }
        return new RuleValues(
                lengths(fields.object("lengths"), unit, LengthOption::ofId),
                lengths(fields.object("ease"), unit, Level::ofId),
                fields.length("lacingGap", unit).map(Length::millimetres),
                shares(fields.object("frontShare"), Level::ofId),
                shares(fields.object("splits"), SplitOption::ofId),
                lengths(fields.object("axes"), unit, SeamPlace::ofId),
                soundings,
                lengths(fields.object("sideFront"), unit, Level::ofId),
                lengths(fields.object("sideBack"), unit, Level::ofId));
    }

    /** What an edition named that this program no longer has is passed over: there is nothing left that it could keep. */
    private static <K> Map<K, Double> lengths(Fields fields, LengthUnit unit, Function<String, Optional<K>> key) {
        return read(fields, key, id -> fields.length(id, unit).map(Length::millimetres));
    }

    private static <K> Map<K, Double> shares(Fields fields, Function<String, Optional<K>> key) {
        return read(fields, key, fields::share);
    }

    private static <K> Map<K, Double> read(
            Fields fields, Function<String, Optional<K>> key, Function<String, Optional<Double>> value) {
        Map<K, Double> values = new HashMap<>();
        for (String id : fields.keys()) {
            key.apply(id).ifPresent(k -> value.apply(id).ifPresent(v -> values.put(k, v)));
        }
        return values;
    }

    /** @param garment what the document asks for */
    static void write(ObjectNode root, Ruled ruled, Garment garment, LengthUnit unit) {
        ObjectNode given = root.putObject(FIELD);
        MeasuringJson.write(given, ruled.measurements(), unit);
        given.put(EXPERIENCE, ruled.choices().fit().wearer().experience().id());
        if (ruled.restricted()) {
            given.put(RESTRICTED, true);
        }
        Garment own = garment.keeping(Optional.empty())
                .forWearer(ruled.choices().fit().wearer());
        if (!ruled.choices().equals(own)) {
            GarmentJson.write(given.putObject("garment"), ruled.choices(), unit);
        }
        values(given, ruled.given(), unit);
        ruled.right().ifPresent(right -> values(given.putObject(RIGHT), right, unit));
    }

    private static void values(ObjectNode out, RuleValues values, LengthUnit unit) {
        lengths(out.putObject("lengths"), values.lengths(), LengthOption::id, unit);
        lengths(out.putObject("ease"), values.ease(), Level::id, unit);
        values.gap().ifPresent(gap -> put(out, "lacingGap", gap, unit));
        ObjectNode shares = out.putObject("frontShare");
        new TreeMap<>(values.shares()).forEach((level, share) -> shares.put(level.id(), share));
        ObjectNode splits = out.putObject("splits");
        new TreeMap<>(values.splits()).forEach((split, share) -> splits.put(split.id(), share));
        lengths(out.putObject("axes"), values.axes(), SeamPlace::id, unit);
        ObjectNode soundings = out.putObject("soundings");
        for (Level level : Level.values()) {
            Map<SeamPlace, Double> row = new HashMap<>();
            values.soundings().forEach((cell, takes) -> {
                if (cell.level() == level) {
                    row.put(cell.seam(), takes);
                }
            });
            if (!row.isEmpty()) {
                lengths(soundings.putObject(level.id()), row, SeamPlace::id, unit);
            }
        }
        lengths(out.putObject("sideFront"), values.sideFront(), Level::id, unit);
        lengths(out.putObject("sideBack"), values.sideBack(), Level::id, unit);
    }

    private static <K> void lengths(ObjectNode out, Map<K, Double> values, Function<K, String> id, LengthUnit unit) {
        Map<String, Double> sorted = new TreeMap<>();
        values.forEach((key, value) -> sorted.put(id.apply(key), value));
        sorted.forEach((key, value) -> put(out, key, value, unit));
    }

    /** To a millionth of the unit: far less than can be seen, and no figure of seventeen digits. */
    private static void put(ObjectNode out, String key, double millimetres, LengthUnit unit) {
        out.put(key, Math.round(millimetres / unit.millimetres() * 1e6) / 1e6);
    }
}
