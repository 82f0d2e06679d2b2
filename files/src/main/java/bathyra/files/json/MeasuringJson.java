package bathyra.files.json;

import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Occasion;
import bathyra.measure.Plausibility;
import bathyra.measure.Posture;
import bathyra.measure.Softness;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** The figures of a commission document, and how they were taken ({@code measurements} and {@code measuring}). */
final class MeasuringJson {
    private MeasuringJson() {}

    /** @param ranges whether a figure out of its range, and not confirmed, is a fault */
    static MeasurementSet read(Fields root, LengthUnit unit, boolean ranges) {
        Fields measuring = root.object("measuring");
        measuring.only(List.of("date", "by", "over", "breath", "posture", "softness", "right", "confirmed"));
        Set<MeasurementKey> confirmed = confirmed(measuring);
        Map<MeasurementKey, Length> taken = lengths(root.object("measurements"), unit, ranges, confirmed, false);
        Fields rightFields = measuring.object("right");
        Map<MeasurementKey, Length> right = lengths(rightFields, unit, ranges, confirmed, true);
        right.keySet().removeIf(key -> {
            if (!key.isPaired()) {
                rightFields.fault(key.key(), "has no left and right", "leave it out");
            }
            return !key.isPaired();
        });
        return new MeasurementSet(taken, right, confirmed, occasion(measuring));
    }

    private static Occasion occasion(Fields measuring) {
        Optional<LocalDate> day = measuring.text("date").flatMap(text -> {
            try {
                return Optional.of(LocalDate.parse(text));
            } catch (DateTimeException e) {
                measuring.fault("date", "is no date: " + text, "year-month-day, such as 2026-11-03");
                return Optional.empty();
            }
        });
        return new Occasion(
                day,
                measuring.text("by").orElse(""),
                measuring.text("over").orElse(""),
                word(measuring, "breath", Occasion.Breath.values(), Occasion.Breath::id),
                word(measuring, "posture", Posture.values(), Posture::id),
                word(measuring, "softness", Softness.values(), Softness::id, Softness.BETWEEN));
    }

    private static <T> T word(Fields fields, String key, T[] choices, Function<T, String> id) {
        return word(fields, key, choices, id, choices[0]);
    }

    /** One of a few words. @param usual where there is none */
    private static <T> T word(Fields fields, String key, T[] choices, Function<T, String> id, T usual) {
        return fields.text(key)
                .map(text -> Arrays.stream(choices)
                        .filter(c -> id.apply(c).equals(text))
                        .findFirst()
                        .orElseGet(() -> {
                            fields.fault(
                                    key,
                                    "is " + text,
                                    String.join(
                                            " or ",
                                            Arrays.stream(choices).map(id).toList()));
                            return usual;
                        }))
                .orElse(usual);
    }

    private static Set<MeasurementKey> confirmed(Fields measuring) {
        Set<MeasurementKey> confirmed = EnumSet.noneOf(MeasurementKey.class);
        for (String key : measuring.texts("confirmed")) {
            MeasurementKey.ofKey(key)
                    .ifPresentOrElse(
                            confirmed::add,
                            () -> measuring.fault(
                                    "confirmed", "names " + key + ", which is no measurement", "keys of measurements"));
        }
        return confirmed;
    }

    private static Map<MeasurementKey, Length> lengths(
            Fields fields, LengthUnit unit, boolean ranges, Set<MeasurementKey> confirmed, boolean right) {
        fields.only(
                Arrays.stream(MeasurementKey.values()).map(MeasurementKey::key).toList());
        Map<MeasurementKey, Length> lengths = new EnumMap<>(MeasurementKey.class);
        for (MeasurementKey key : MeasurementKey.values()) {
            fields.length(key.key(), unit).ifPresent(length -> {
                if (ranges && !confirmed.contains(key)) {
                    // Of a girth the right side is half of it.
                    Length whole = right && key.isHalved() ? Length.mm(2 * length.millimetres()) : length;
                    Plausibility.inRange(key, whole)
                            .ifPresent(remark -> fields.fault(
                                    key.key(),
                                    CommissionJson.plain(remark.sentence().in(unit)),
                                    "from " + CommissionJson.plain(LengthText.say(key.least(), unit)) + " to "
                                            + CommissionJson.plain(LengthText.say(key.most(), unit))));
                }
                lengths.put(key, length);
            });
        }
        return lengths;
    }

    static void write(ObjectNode root, MeasurementSet set, LengthUnit unit) {
        ObjectNode measurements = root.putObject("measurements");
        set.taken().forEach((key, length) -> CommissionJson.put(measurements, key.key(), length, unit));
        if (set.occasion().equals(Occasion.UNNOTED)
                && set.right().isEmpty()
                && set.confirmed().isEmpty()) {
            return;
        }
        ObjectNode measuring = root.putObject("measuring");
        set.occasion().day().ifPresent(day -> measuring.put("date", day.toString()));
        measuring
                .put("by", set.occasion().by())
                .put("over", set.occasion().over())
                .put("breath", set.occasion().breath().id());
        if (set.occasion().posture() != Posture.USUAL) {
            measuring.put("posture", set.occasion().posture().id());
        }
        if (set.occasion().softness() != Softness.BETWEEN) {
            measuring.put("softness", set.occasion().softness().id());
        }
        if (!set.right().isEmpty()) {
            ObjectNode right = measuring.putObject("right");
            set.right().forEach((key, length) -> CommissionJson.put(right, key.key(), length, unit));
        }
        if (!set.confirmed().isEmpty()) {
            ArrayNode confirmed = measuring.putArray("confirmed");
            set.confirmed().forEach(key -> confirmed.add(key.key()));
        }
    }
}
