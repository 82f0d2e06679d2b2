package bathyra.files.json;

import bathyra.draft.TodaysRules;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Fitting;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Kept;
import bathyra.garment.Making;
import bathyra.garment.Ruled;
import bathyra.garment.Sharing;
import bathyra.garment.Spoken;
import bathyra.garment.UnderbustSchool;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.plan.Plan;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Commission documents ({@code *.bathyra.json}, format {@code bathyra-commission} version 1), reading and writing. */
public final class CommissionJson {
    private static final String FORMAT = "bathyra-commission";
    static final String DIVISION = "inchDivision";
    /** What a document without an edition was drafted by. */
    private static final int FIRST_RULES = 1;

    private static final int VERSION = 1;
    private static final String BLOCK = "block";
    private static final String SIZES = "sizes";
    private static final String NO_LACING = "no-lacing";

    private CommissionJson() {}

    /** Reads a document that someone else wrote. @throws BadDocument naming every field that is wrong */
    public static Commission read(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        Json.requireBounded(root);
        Commission commission = commission(root, true);
        Schema.COMMISSION.require(root);
        PartNames.require(commission);
        return commission.withWearer(new Wearer(
                Wearer.tidy(commission.wearer().name()), commission.wearer().experience()));
    }

    /** Whether a document asks for a block alone ({@code kind: block}), which is no garment. @throws BadDocument when it is no document at all */
    public static boolean isBlock(String text) throws BadDocument {
        return BLOCK.equals(Json.parse(text).path("garment").path("kind").asText());
    }

    /** Reads a document that asks for a block: the measurements, and the school and its options in {@code garment}. */
    public static Commission readBlock(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        Json.requireBounded(root);
        if (root.path("garment") instanceof ObjectNode garment) {
            garment.put("kind", GarmentKind.BUSTIER.id());
        }
        Commission commission = commission(root, true);
        Schema.COMMISSION.require(root);
        PartNames.require(commission);
        return commission;
    }

    /** Reads back what {@link #write} wrote: figures out of range stay, as the cutter left them. */
    public static Commission readBack(String text) throws BadDocument {
        return commission(Json.parse(text), false);
    }

    private static Commission commission(JsonNode root, boolean ranges) throws BadDocument {
        Fields fields = Fields.root(root, ranges);
        fields.only(List.of(
                "format",
                "version",
                "rules",
                "title",
                "units",
                DIVISION,
                "wearer",
                "measurements",
                "measuring",
                "garment",
                "spoken",
                "health",
                "restricted",
                GivenJson.FIELD,
                MakingJson.FIELD,
                FittingsJson.FIELD,
                AdjustmentsJson.FIELD,
                PlanJson.FIELD,
                SIZES));
        if (!fields.text("format").orElse("").equals(FORMAT)) {
            fields.fault("format", "is not " + FORMAT, "\"" + FORMAT + "\"");
        }
        int version = fields.whole("version").orElse(0);
        if (version != VERSION) {
            fields.fault("version", version > VERSION ? "is newer than this program" : "is missing or unknown", "1");
        }
        int rules = fields.whole("rules").orElse(FIRST_RULES);
        if (rules < FIRST_RULES || rules > Commission.RULES) {
            fields.fault(
                    "rules",
                    rules > Commission.RULES ? "is an edition newer than this program's" : "is no edition",
                    FIRST_RULES + " to " + Commission.RULES);
        }
        LengthUnit unit = unit(fields);
        Fields wearer = fields.object("wearer");
        wearer.only(List.of("name", "experience"));
        Experience experience = GarmentJson.choice(wearer, "experience", Experience.class, Experience.FIRST);
        MeasurementSet set = MeasuringJson.read(fields, unit, ranges);
        if (!fields.has("garment")) {
            fields.fault("garment", "is missing", "{ \"kind\": \"bustier\" }");
        }
        Garment read = GarmentJson.read(fields.object("garment"), unit, ranges);
        Optional<Ruled> given = GivenJson.read(fields, unit, read, rules);
        boolean first = !fields.has("rules") || rules == FIRST_RULES && given.isEmpty();
        Optional<Spoken> spoken = spoken(fields);
        Optional<LocalDate> answered = answered(fields);
        boolean restricted = restricted(fields);
        Making making = MakingJson.read(fields, unit);
        List<Fitting> fittings = FittingsJson.read(fields, unit);
        List<Adjustment> adjustments = AdjustmentsJson.read(fields, unit);
        Plan plan = PlanJson.read(fields);
        Optional<String> sizes = fields.text(SIZES).filter(name -> !name.isBlank());
        if (!fields.faults().isEmpty()) {
            throw new BadDocument(fields.faults());
        }
        Garment garment = first ? withoutFirstRules(read) : keeping(read, rules, given);
        Commission commission = new Commission(
                fields.text("title").filter(t -> !t.isBlank()).orElse("Untitled"),
                unit,
                new Wearer(wearer.text("name").orElse(""), experience),
                set,
                garment,
                spoken,
                making,
                answered,
                restricted,
                rules,
                fittings,
                adjustments,
                plan,
                sizes);
        return first || rules == Commission.RULES ? commission : TodaysRules.found(commission);
    }

    /** The first edition wrote its own rules out like choices: those are no choices of the cutter's. */
    private static Garment withoutFirstRules(Garment garment) {
        Garment next = garment.school() == UnderbustSchool.EXCESS ? garment.withSchool(UnderbustSchool.BODY) : garment;
        Sharing sharing = next.sharing();
        return sharing.apexShare().filter(share -> share == Sharing.APEX_SHARE).isPresent()
                ? next.withSharing(new Sharing(sharing.preset(), sharing.weights(), Optional.empty(), sharing.caps()))
                : next;
    }

    /** What today's edition gave is what it gives. */
    private static Garment keeping(Garment garment, int rules, Optional<Ruled> given) {
        return rules == Commission.RULES
                ? garment
                : garment.keeping(given.map(then -> TodaysRules.keeping(rules, then)));
    }

    /** When the wearer last answered; the answers themselves come with a document only when they were asked to be put out, and are not read from it. */
    private static Optional<LocalDate> answered(Fields fields) {
        if (!fields.has("health")) {
            return Optional.empty();
        }
        Fields health = fields.object("health");
        health.only(List.of("answered", "age", "pregnant", "surgery", "condition", "doctorAgrees"));
        return Days.read(health, "answered");
    }

    /** A document says that its wearer is not to be laced, never why. */
    private static boolean restricted(Fields fields) {
        Optional<String> text = fields.text("restricted");
        text.filter(t -> !t.equals(NO_LACING)).ifPresent(t -> fields.fault("restricted", "is " + t, NO_LACING));
        return text.isPresent();
    }

    /** The record that the wearer was told of the reduction and agreed. */
    private static Optional<Spoken> spoken(Fields fields) {
        if (!fields.has("spoken")) {
            return Optional.empty();
        }
        Fields record = fields.object("spoken");
        record.only(List.of("date", "reduction"));
        Optional<LocalDate> day = Days.read(record, "date");
        Optional<Double> reduction = record.share("reduction");
        if (day.isEmpty() || reduction.isEmpty()) {
            record.fault(
                    "date",
                    "or the reduction is missing",
                    "both: the day, and the share of the natural waist that was spoken of");
        }
        return day.flatMap(d -> reduction.map(r -> new Spoken(d, r)));
    }

    private static LengthUnit unit(Fields fields) {
        String text = fields.text("units").orElse("");
        return Arrays.stream(LengthUnit.values())
                .filter(u -> u.symbol().equals(text))
                .findFirst()
                .map(u ->
                        u.isInches() ? LengthUnit.inches(fields.whole(DIVISION).orElse(0)) : u)
                .orElseGet(() -> {
                    fields.fault("units", text.isEmpty() ? "is missing" : "is " + text, "mm, cm or in");
                    return LengthUnit.MM;
                });
    }

    /** Says how inches are divided where it is otherwise than usual. */
    static void division(ObjectNode root, LengthUnit unit) {
        if (unit == LengthUnit.IN_16) {
            root.put(DIVISION, unit.division());
        }
    }

    static String plain(String text) {
        return text.replace('\u00a0', ' ');
    }

    /** The document of a commission. Lengths are written in its unit with every digit, so that reading gives the same again. */
    public static String write(Commission commission) {
        LengthUnit unit = commission.units();
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT)
                .put("version", VERSION)
                .put("rules", commission.rules())
                .put("title", commission.title())
                .put("units", unit.symbol());
        division(root, unit);
        root.putObject("wearer")
                .put("name", commission.wearer().name())
                .put("experience", commission.wearer().experience().id());
        MeasuringJson.write(root, commission.measurements(), unit);
        commission.spoken().ifPresent(s -> root.putObject("spoken")
                .put("date", s.day().toString())
                .put("reduction", s.reduction()));
        commission.answered().ifPresent(day -> root.putObject("health").put("answered", day.toString()));
        if (commission.restricted()) {
            root.put("restricted", NO_LACING);
        }
        GarmentJson.write(root.putObject("garment"), commission.garment(), unit);
        MakingJson.write(root, commission.making(), unit);
        FittingsJson.write(root, commission.fittings(), unit);
        AdjustmentsJson.write(root, commission.adjustments(), unit);
        PlanJson.write(root, commission.plan());
        commission.sizes().ifPresent(chart -> root.put(SIZES, chart));
        given(commission).ifPresent(ruled -> GivenJson.write(root, ruled, commission.garment(), unit));
        return Json.pretty(root);
    }

    /** What it keeps of an earlier edition; or what today's gives it, so that a later one keeps that. */
    private static Optional<Ruled> given(Commission commission) {
        return commission.rules() == Commission.RULES
                ? TodaysRules.of(commission)
                : commission.garment().kept().map(Kept::then);
    }

    /** A figure that does not come back to the very same millimetres in the document's unit is written as a text in mm. */
    static void put(ObjectNode node, String key, Length length, LengthUnit unit) {
        double inUnit = Math.round(length.millimetres() / unit.millimetres() * 1e6) / 1e6;
        if (inUnit * unit.millimetres() == length.millimetres()) {
            node.put(key, inUnit);
        } else {
            node.put(key, length.millimetres() + " mm");
        }
    }
}
