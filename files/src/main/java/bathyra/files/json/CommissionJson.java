package bathyra.files.json;

import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Choice;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.EdgeUse;
import bathyra.garment.Experience;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.PrincessStart;
import bathyra.garment.SplitOption;
import bathyra.garment.Spoken;
import bathyra.garment.UnderbustSchool;
import bathyra.garment.UpperShape;
import bathyra.garment.Wearer;
import bathyra.girth.Level;
import bathyra.intake.Cell;
import bathyra.intake.SeamPlace;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.measure.MeasurementSet;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Commission documents ({@code *.bathyra.json}, format {@code bathyra-commission} version 1), reading and writing. */
public final class CommissionJson {
    private static final String FORMAT = "bathyra-commission";
    private static final int VERSION = 1;
    private static final String SCHOOL = "underbust-intake";
    private static final String PRINCESS = "princess-from";
    private static final String BASE = "doubled-dart-base";
    private static final Length EASE_MOST = Length.mm(400);
    private static final Length INTAKE_MOST = Length.mm(160);

    private CommissionJson() {}

    /** Reads a document that someone else wrote. @throws BadDocument naming every field that is wrong */
    public static Commission read(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        Commission commission = commission(root, true);
        Schema.COMMISSION.require(root);
        return commission;
    }

    /** Reads back what {@link #write} wrote: figures out of range stay, as the cutter left them. */
    public static Commission readBack(String text) throws BadDocument {
        return commission(Json.parse(text), false);
    }

    private static Commission commission(JsonNode root, boolean ranges) throws BadDocument {
        Fields fields = Fields.root(root);
        fields.only(List.of("format", "version", "title", "units", "wearer", "measurements", "measuring", "garment", "spoken"));
        if (!fields.text("format").orElse("").equals(FORMAT)) {
            fields.fault("format", "is not " + FORMAT, "\"" + FORMAT + "\"");
        }
        int version = fields.whole("version").orElse(0);
        if (version != VERSION) {
            fields.fault("version", version > VERSION ? "is newer than this program" : "is missing or unknown", "1");
        }
        LengthUnit unit = unit(fields);
        Fields wearer = fields.object("wearer");
        wearer.only(List.of("name", "experience"));
        Experience experience = choice(wearer, "experience", Experience.class, Experience.FIRST);
        MeasurementSet set = MeasuringJson.read(fields, unit, ranges);
        if (!fields.has("garment")) {
            fields.fault("garment", "is missing", "{ \"kind\": \"bustier\" }");
        }
        Garment garment = garment(fields.object("garment"), unit, ranges);
        Optional<Spoken> spoken = spoken(fields);
        if (!fields.faults().isEmpty()) {
            throw new BadDocument(fields.faults());
        }
        return new Commission(fields.text("title").filter(t -> !t.isBlank()).orElse("Untitled"), unit,
                new Wearer(wearer.text("name").orElse(""), experience), set, garment, spoken);
    }

    /** The record that the wearer was told of the reduction and agreed. */
    private static Optional<Spoken> spoken(Fields fields) {
        if (!fields.has("spoken")) {
            return Optional.empty();
        }
        Fields record = fields.object("spoken");
        record.only(List.of("date", "reduction"));
        Optional<LocalDate> day = record.text("date").flatMap(text -> {
            try {
                return Optional.of(LocalDate.parse(text));
            } catch (DateTimeParseException e) {
                record.fault("date", "is " + text, "a day such as 2026-11-03");
                return Optional.empty();
            }
        });
        Optional<Double> reduction = record.share("reduction");
        if (day.isEmpty() || reduction.isEmpty()) {
            record.fault("date", "or the reduction is missing", "both: the day, and the share of the natural waist that was spoken of");
        }
        return day.flatMap(d -> reduction.map(r -> new Spoken(d, r)));
    }

    private static LengthUnit unit(Fields fields) {
        String text = fields.text("units").orElse("");
        return Arrays.stream(LengthUnit.values()).filter(u -> u.symbol().equals(text)).findFirst().orElseGet(() -> {
            fields.fault("units", text.isEmpty() ? "is missing" : "is " + text, "mm, cm or in");
            return LengthUnit.MM;
        });
    }

    static String plain(String text) {
        return text.replace('\u00a0', ' ');
    }

    private static Garment garment(Fields fields, LengthUnit unit, boolean ranges) {
        fields.only(List.of("kind", "method", "closure", "lacingGap", "ease", "panelsPerSide", "upperEdge", "lowerEdge", "options", "intakes", "allowances", "frontShare", "baseBlock"));
        fixed(fields, "kind", "bustier", true);
        fields.whole("panelsPerSide").filter(n -> n != 4).ifPresent(n -> fields.fault("panelsPerSide", "is " + n, "4"));
        Fields upper = fields.object("upperEdge");
        upper.only(List.of("shape"));
        Fields lower = fields.object("lowerEdge");
        lower.only(List.of("shape"));
        Fields options = fields.object("options");
        List<String> rules = new ArrayList<>(List.of(SCHOOL, BASE, PRINCESS));
        Arrays.stream(LengthOption.values()).forEach(o -> rules.add(o.id()));
        Arrays.stream(SplitOption.values()).forEach(o -> rules.add(o.id()));
        options.only(rules);
        Map<LengthOption, Length> lengths = new EnumMap<>(LengthOption.class);
        for (LengthOption option : LengthOption.values()) {
            options.length(option.id(), unit).ifPresent(l -> {
                if (ranges && !option.allows(l)) {
                    options.fault(option.id(), "is " + plain(LengthText.say(l, unit)), range(option.least(), option.most(), unit));
                }
                lengths.put(option, l);
            });
        }
        return new Garment(choice(upper, "shape", UpperShape.class, UpperShape.STRAIGHT), choice(lower, "shape", LowerShape.class, LowerShape.HIP),
                choice(options, SCHOOL, UnderbustSchool.class, UnderbustSchool.EXCESS), ease(fields.object("ease"), unit), lengths,
                intakes(fields.object("intakes"), unit), allowances(fields.object("allowances"), unit), splits(options), block(fields, options), fastening(fields, unit));
    }

    private static Fastening fastening(Fields fields, LengthUnit unit) {
        Closure closure = choice(fields, "closure", Closure.class, Closure.BACK_ZIP);
        Optional<Length> gap = fields.length("lacingGap", unit);
        gap.ifPresent(l -> {
            if (!closure.isLaced() && l.millimetres() != 0) {
                fields.fault("lacingGap", "is not 0, and a zip leaves no gap", "0");
            }
            within(fields, "lacingGap", l, Length.mm(0), Fastening.GAP_MOST, unit);
        });
        Fields shares = fields.object("frontShare");
        shares.only(Arrays.stream(Level.values()).map(Level::id).toList());
        Map<Level, Double> own = new EnumMap<>(Level.class);
        for (Level level : Level.values()) {
            shares.share(level.id()).ifPresent(share -> {
                if (share < Fastening.SHARE_LEAST || share > Fastening.SHARE_MOST) {
                    shares.fault(level.id(), "is " + share, "from " + Fastening.SHARE_LEAST + " to " + Fastening.SHARE_MOST + " of the girth in front");
                }
                own.put(level, share);
            });
        }
        return new Fastening(closure, gap.filter(l -> closure.isLaced()), own);
    }

    private static BlockChoice block(Fields fields, Fields options) {
        BlockMethod base = choice(options, BASE, BlockMethod.class, BlockMethod.QUARTER);
        if (base == BlockMethod.DOUBLED_DART) {
            options.fault(BASE, "is the reduction itself", "quarter, proportion or shoulder-dart");
            base = BlockMethod.QUARTER;
        }
        return new BlockChoice(choice(fields, "method", BlockMethod.class, BlockMethod.QUARTER), base, choice(options, PRINCESS, PrincessStart.class, PrincessStart.NONE), TracedBlockJson.read(fields, fields.node("baseBlock")));
    }

    private static Map<SplitOption, Double> splits(Fields options) {
        Map<SplitOption, Double> splits = new EnumMap<>(SplitOption.class);
        for (SplitOption option : SplitOption.values()) {
            options.share(option.id()).ifPresent(share -> {
                if (!SplitOption.allows(share)) {
                    options.fault(option.id(), "is " + share, "from " + SplitOption.LEAST + " to " + SplitOption.MOST + " towards the centre");
                }
                splits.put(option, share);
            });
        }
        return splits;
    }

    private static void fixed(Fields fields, String key, String only, boolean required) {
        Optional<String> text = fields.text(key);
        if (text.isEmpty() && required && !fields.has(key)) {
            fields.fault(key, "is missing", only);
        }
        text.filter(t -> !t.equals(only)).ifPresent(t -> fields.fault(key, "is " + t + ", which this version does not draft", only));
    }

    private static Map<Level, Length> ease(Fields fields, LengthUnit unit) {
        fields.only(Arrays.stream(Level.values()).map(Level::id).toList());
        Map<Level, Length> ease = new EnumMap<>(Level.class);
        for (Level level : Level.values()) {
            fields.length(level.id(), unit).ifPresent(l -> {
                within(fields, level.id(), l, Length.mm(-EASE_MOST.millimetres()), EASE_MOST, unit);
                ease.put(level, l);
            });
        }
        return ease;
    }

    private static Map<Cell, Length> intakes(Fields fields, LengthUnit unit) {
        fields.only(Arrays.stream(Level.values()).map(Level::id).toList());
        Map<Cell, Length> intakes = new HashMap<>();
        for (Level level : Level.values()) {
            Fields row = fields.object(level.id());
            row.only(Arrays.stream(SeamPlace.values()).map(SeamPlace::id).toList());
            for (SeamPlace seam : SeamPlace.values()) {
                row.length(seam.id(), unit).ifPresent(l -> {
                    if (level == Level.BUST && seam == SeamPlace.PRINCESS_FRONT) {
                        row.fault(seam.id(), "cannot be set: the seam passes through the apex", "leave it out");
                    }
                    within(row, seam.id(), l, Length.mm(-INTAKE_MOST.millimetres()), INTAKE_MOST, unit);
                    intakes.put(new Cell(level, seam), l);
                });
            }
        }
        return intakes;
    }

    private static Map<EdgeUse, Length> allowances(Fields fields, LengthUnit unit) {
        fields.only(Arrays.stream(EdgeUse.values()).filter(u -> u != EdgeUse.FOLD).map(EdgeUse::id).toList());
        Map<EdgeUse, Length> allowances = new EnumMap<>(EdgeUse.class);
        for (EdgeUse use : EdgeUse.values()) {
            fields.length(use.id(), unit).ifPresent(l -> {
                within(fields, use.id(), l, Length.mm(0), EdgeUse.MOST, unit);
                allowances.put(use, l);
            });
        }
        return allowances;
    }

    private static void within(Fields fields, String key, Length length, Length least, Length most, LengthUnit unit) {
        if (length.compareTo(least) < 0 || length.compareTo(most) > 0) {
            fields.fault(key, "is " + plain(LengthText.say(length, unit)), range(least, most, unit));
        }
    }

    private static String range(Length least, Length most, LengthUnit unit) {
        return "from " + plain(LengthText.say(least, unit)) + " to " + plain(LengthText.say(most, unit));
    }

    private static <E extends Enum<E> & Choice> E choice(Fields fields, String key, Class<E> type, E standard) {
        Optional<String> text = fields.text(key);
        if (text.isEmpty()) {
            return standard;
        }
        return Choice.find(type, text.get()).orElseGet(() -> {
            fields.fault(key, "is " + text.get(), String.join(" or ", Arrays.stream(type.getEnumConstants()).map(Choice::id).toList()));
            return standard;
        });
    }

    /** The document of a commission. Lengths are written in its unit with every digit, so that reading gives the same again. */
    public static String write(Commission commission) {
        LengthUnit unit = commission.units();
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION).put("title", commission.title()).put("units", unit.symbol());
        root.putObject("wearer").put("name", commission.wearer().name()).put("experience", commission.wearer().experience().id());
        MeasuringJson.write(root, commission.measurements(), unit);
        commission.spoken().ifPresent(s -> root.putObject("spoken").put("date", s.day().toString()).put("reduction", s.reduction()));
        Garment garment = commission.garment();
        ObjectNode out = root.putObject("garment");
        out.put("kind", "bustier").put("method", garment.block().method().id()).put("closure", garment.fastening().closure().id());
        garment.fastening().gap().ifPresent(l -> put(out, "lacingGap", l, unit));
        out.putObject("upperEdge").put("shape", garment.upperEdge().id());
        out.putObject("lowerEdge").put("shape", garment.lowerEdge().id());
        ObjectNode ease = out.putObject("ease");
        new TreeMap<>(garment.ease()).forEach((level, l) -> put(ease, level.id(), l, unit));
        ObjectNode options = out.putObject("options");
        options.put(SCHOOL, garment.school().id());
        if (garment.block().method() == BlockMethod.DOUBLED_DART) {
            options.put(BASE, garment.block().base().id());
        }
        if (garment.block().princess() != PrincessStart.NONE) {
            options.put(PRINCESS, garment.block().princess().id());
        }
        new TreeMap<>(garment.lengths()).forEach((option, l) -> put(options, option.id(), l, unit));
        new TreeMap<>(garment.splits()).forEach((option, share) -> options.put(option.id(), share));
        ObjectNode intakes = out.putObject("intakes");
        for (Level level : Level.values()) {
            for (SeamPlace seam : SeamPlace.values()) {
                Length l = garment.intakes().get(new Cell(level, seam));
                if (l != null) {
                    put(intakes.withObjectProperty(level.id()), seam.id(), l, unit);
                }
            }
        }
        if (!garment.fastening().frontShares().isEmpty()) {
            ObjectNode shares = out.putObject("frontShare");
            new TreeMap<>(garment.fastening().frontShares()).forEach((level, share) -> shares.put(level.id(), share));
        }
        garment.block().traced().ifPresent(traced -> TracedBlockJson.write(out.putObject("baseBlock"), traced));
        ObjectNode allowances = out.putObject("allowances");
        new TreeMap<>(garment.allowances()).forEach((use, l) -> put(allowances, use.id(), l, unit));
        return Json.pretty(root);
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
