package bathyra.files.json;

import bathyra.garment.BackShaping;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Choice;
import bathyra.garment.Closure;
import bathyra.garment.Edges;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.PrincessStart;
import bathyra.garment.Seaming;
import bathyra.garment.SkirtShaping;
import bathyra.garment.SplitOption;
import bathyra.garment.Top;
import bathyra.garment.UnderbustSchool;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/** What is to be made, inside a commission document: reading and writing {@code garment}. */
final class GarmentJson {
    private static final String PANEL = "panel";
    private static final String SCHOOL = "underbust-intake";
    private static final String PRINCESS = "princess-from";
    private static final String BACK = "back-shaping";
    private static final String SKIRT = "skirt";
    private static final String BASE = "doubled-dart-base";
    private static final Length EASE_MOST = Length.mm(400);
    private static final Length INTAKE_MOST = Length.mm(160);

    private GarmentJson() {}

    /** @param ranges whether figures out of their range are faults */
    static Garment read(Fields fields, LengthUnit unit, boolean ranges) {
        List<String> known = new ArrayList<>(List.of(
                "kind",
                "method",
                "closure",
                "lacingGap",
                "ease",
                EaseHereJson.FIELD,
                GoresJson.FIELD,
                "panelsPerSide",
                "upperEdge",
                "lowerEdge",
                "options",
                "intakes",
                "intakesRight",
                "allowances",
                "frontShare",
                "baseBlock",
                "cups",
                "wired",
                "contour",
                FinishJson.FIELD,
                BoningJson.FIELD));
        known.addAll(PanelsJson.FIELDS);
        fields.only(known);
        if (!fields.has("kind")) {
            fields.fault("kind", "is missing", "bustier, corset or underbust");
        }
        GarmentKind kind = choice(fields, "kind", GarmentKind.class, GarmentKind.BUSTIER);
        Garment start = PanelsJson.read(fields, Garment.of(kind), unit);
        Top top = EdgesJson.top(fields.object("upperEdge"), kind);
        UpperShape upperShape = EdgesJson.shape(fields.object("upperEdge"), kind, top.cover());
        Fields lower = fields.object("lowerEdge");
        lower.only(List.of("shape", SKIRT));
        Fields options = fields.object("options");
        List<String> rules = new ArrayList<>(List.of(SCHOOL, BASE, PRINCESS, BACK));
        Arrays.stream(LengthOption.values()).forEach(o -> rules.add(o.id()));
        splitOptions(start).forEach(o -> rules.add(o.id()));
        options.only(rules);
        return new Garment(
                kind,
                block(fields, options, kind),
                lengths(options, unit, ranges),
                ease(fields.object("ease"), unit),
                start.fit(),
                fastening(fields, unit, start),
                new Seaming(
                        choice(options, SCHOOL, UnderbustSchool.class, UnderbustSchool.BODY),
                        start.panels(),
                        start.sharing(),
                        intakes(fields.object("intakes"), unit, start),
                        intakes(fields.object("intakesRight"), unit, start),
                        splits(options, start),
                        EaseHereJson.read(fields, unit, start.seams())),
                EdgesJson.bust(fields, kind, unit),
                new Edges(
                        upperShape,
                        choice(lower, "shape", LowerShape.class, start.lowerEdge()),
                        choice(lower, SKIRT, SkirtShaping.class, SkirtShaping.SEAMS),
                        top,
                        GoresJson.read(fields, unit)),
                FinishJson.read(fields, unit),
                BoningJson.read(fields, unit),
                Optional.empty());
    }

    private static Map<LengthOption, Length> lengths(Fields options, LengthUnit unit, boolean ranges) {
        Map<LengthOption, Length> lengths = new EnumMap<>(LengthOption.class);
        for (LengthOption option : LengthOption.values()) {
            options.length(option.id(), unit).ifPresent(l -> {
                if (ranges && !option.allows(l)) {
                    options.fault(
                            option.id(),
                            "is " + CommissionJson.plain(LengthText.say(l, unit)),
                            range(option.least(), option.most(), unit));
                }
                lengths.put(option, l);
            });
        }
        return lengths;
    }

    private static Fastening fastening(Fields fields, LengthUnit unit, Garment start) {
        Closure closure =
                choice(fields, "closure", Closure.class, start.fastening().closure());
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
                    shares.fault(
                            level.id(),
                            "is " + share,
                            "from " + Fastening.SHARE_LEAST + " to " + Fastening.SHARE_MOST + " of the girth in front");
                }
                own.put(level, share);
            });
        }
        return new Fastening(closure, gap.filter(l -> closure.isLaced()), own);
    }

    private static BlockChoice block(Fields fields, Fields options, GarmentKind kind) {
        BlockMethod base = choice(options, BASE, BlockMethod.class, BlockMethod.QUARTER);
        if (base == BlockMethod.DOUBLED_DART) {
            options.fault(BASE, "is the reduction itself", "quarter, proportion or shoulder-dart");
            base = BlockMethod.QUARTER;
        }
        return new BlockChoice(
                method(fields, kind),
                base,
                choice(options, PRINCESS, PrincessStart.class, PrincessStart.NONE),
                TracedBlockJson.read(fields, fields.node("baseBlock")),
                choice(options, BACK, BackShaping.class, BackShaping.SEAM));
    }

    /** A corset is drafted on its levels: the only method it takes is the panel draft, and a bustier takes any but that. */
    private static BlockMethod method(Fields fields, GarmentKind kind) {
        Optional<String> text = fields.text("method");
        boolean panel = text.equals(Optional.of(PANEL));
        if (panel && !kind.isPanelled()) {
            fields.fault(
                    "method",
                    "is panel, and a bustier is drafted on a block",
                    "quarter, proportion, shoulder-dart or doubled-dart");
        } else if (kind.isPanelled() && text.isPresent() && !panel) {
            fields.fault("method", "is " + text.get() + ", and a corset is drafted on its levels alone", PANEL);
        }
        return panel || kind.isPanelled()
                ? BlockMethod.QUARTER
                : choice(fields, "method", BlockMethod.class, BlockMethod.QUARTER);
    }

    private static Map<SplitOption, Double> splits(Fields options, Garment start) {
        Map<SplitOption, Double> splits = new HashMap<>();
        for (SplitOption option : splitOptions(start)) {
            options.share(option.id()).ifPresent(share -> {
                if (!SplitOption.allows(share)) {
                    options.fault(
                            option.id(),
                            "is " + share,
                            "from " + SplitOption.LEAST + " to " + SplitOption.MOST + " towards the centre");
                }
                splits.put(option, share);
            });
        }
        return splits;
    }

    private static List<SplitOption> splitOptions(Garment garment) {
        return garment.seams().stream()
                .flatMap(s -> Stream.concat(SplitOption.of(s).stream(), SplitOption.of(s, Level.UPPER).stream()))
                .distinct()
                .toList();
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

    private static Map<Cell, Length> intakes(Fields fields, LengthUnit unit, Garment start) {
        fields.only(Arrays.stream(Level.values()).map(Level::id).toList());
        Map<Cell, Length> intakes = new HashMap<>();
        for (Level level : Level.values()) {
            Fields row = fields.object(level.id());
            row.only(start.seams().stream().map(SeamPlace::id).toList());
            for (SeamPlace seam : start.seams()) {
                row.length(seam.id(), unit).ifPresent(l -> {
                    if (level == Level.BUST && seam.equals(SeamPlace.PRINCESS_FRONT)) {
                        row.fault(seam.id(), "cannot be set: the seam passes through the apex", "leave it out");
                    }
                    within(row, seam.id(), l, Length.mm(-INTAKE_MOST.millimetres()), INTAKE_MOST, unit);
                    intakes.put(new Cell(level, seam), l);
                });
            }
        }
        return intakes;
    }

    static void within(Fields fields, String key, Length length, Length least, Length most, LengthUnit unit) {
        if (!length.isWithin(least, most)) {
            fields.beyond(key, "is " + CommissionJson.plain(LengthText.say(length, unit)), range(least, most, unit));
        }
    }

    static String range(Length least, Length most, LengthUnit unit) {
        return "from " + CommissionJson.plain(LengthText.say(least, unit)) + " to "
                + CommissionJson.plain(LengthText.say(most, unit));
    }

    static <E extends Enum<E> & Choice> E choice(Fields fields, String key, Class<E> type, E standard) {
        Optional<String> text = fields.text(key);
        if (text.isEmpty()) {
            return standard;
        }
        return Choice.find(type, text.get()).orElseGet(() -> {
            fields.fault(
                    key,
                    "is " + text.get(),
                    String.join(
                            " or ",
                            Arrays.stream(type.getEnumConstants())
                                    .map(Choice::id)
                                    .toList()));
            return standard;
        });
    }

    /** Writes everything that has been chosen. */
    static void write(ObjectNode out, Garment garment, LengthUnit unit) {
        out.put("kind", garment.kind().id())
                .put("method", garment.method())
                .put("closure", garment.fastening().closure().id());
        garment.fastening().gap().ifPresent(l -> CommissionJson.put(out, "lacingGap", l, unit));
        EdgesJson.write(out, garment, unit);
        ObjectNode lower =
                out.putObject("lowerEdge").put("shape", garment.lowerEdge().id());
        if (garment.skirt() != SkirtShaping.SEAMS) {
            lower.put(SKIRT, garment.skirt().id());
        }
        ObjectNode ease = out.putObject("ease");
        new TreeMap<>(garment.ease()).forEach((level, l) -> CommissionJson.put(ease, level.id(), l, unit));
        EaseHereJson.write(out, garment, unit);
        GoresJson.write(out, garment, unit);
        ObjectNode options = out.putObject("options");
        options.put(SCHOOL, garment.school().id());
        if (garment.block().method() == BlockMethod.DOUBLED_DART) {
            options.put(BASE, garment.block().base().id());
        }
        if (garment.block().princess() != PrincessStart.NONE) {
            options.put(PRINCESS, garment.block().princess().id());
        }
        if (garment.block().back() != BackShaping.SEAM) {
            options.put(BACK, garment.block().back().id());
        }
        new TreeMap<>(garment.lengths()).forEach((option, l) -> CommissionJson.put(options, option.id(), l, unit));
        new TreeMap<>(garment.splits()).forEach((option, share) -> options.put(option.id(), share));
        PanelsJson.write(out, garment, unit);
        intakes(out, "intakes", garment, garment.intakes(), unit);
        if (!garment.rightIntakes().isEmpty()) {
            intakes(out, "intakesRight", garment, garment.rightIntakes(), unit);
        }
        if (!garment.fastening().frontShares().isEmpty()) {
            ObjectNode shares = out.putObject("frontShare");
            new TreeMap<>(garment.fastening().frontShares()).forEach((level, share) -> shares.put(level.id(), share));
        }
        garment.block().traced().ifPresent(traced -> TracedBlockJson.write(out.putObject("baseBlock"), traced));
        FinishJson.write(out, garment.finish(), unit);
        BoningJson.write(out, garment.boning(), unit);
    }

    private static void intakes(
            ObjectNode out, String key, Garment garment, Map<Cell, Length> locked, LengthUnit unit) {
        ObjectNode intakes = out.putObject(key);
        for (Level level : Level.values()) {
            for (SeamPlace seam : garment.seams()) {
                Length l = locked.get(new Cell(level, seam));
                if (l != null) {
                    CommissionJson.put(intakes.withObjectProperty(level.id()), seam.id(), l, unit);
                }
            }
        }
    }
}
