package bathyra.files.json;

import bathyra.house.House;
import bathyra.house.Kept;
import bathyra.house.Letter;
import bathyra.house.Maker;
import bathyra.house.Supplier;
import bathyra.house.Terms;
import bathyra.house.WorkingDays;
import bathyra.plan.DateKind;
import bathyra.plan.Occasion;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** The workshop ({@code bathyra-house} version 1): its people, days, terms, order of working and shelf. */
public final class HouseJson {
    private static final String FORMAT = "bathyra-house";
    private static final double AMOUNT_MOST = 9_999_999;
    private static final int FITTINGS_MOST = 20;
    private static final int BEFORE_MOST = 400;

    private HouseJson() {}

    public static String write(House house) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", 1);
        ArrayNode makers = root.putArray("makers");
        for (Maker maker : house.makers()) {
            ObjectNode out = makers.addObject().put("name", maker.name()).put("hours", maker.hours());
            if (!maker.otherwise().isEmpty()) {
                ObjectNode weeks = out.putObject("weeks");
                new TreeMap<>(maker.otherwise()).forEach((monday, hours) -> weeks.put(monday.toString(), hours));
            }
        }
        ArrayNode weekend = root.putArray("weekend");
        new TreeSet<>(house.calendar().weekend())
                .forEach(d -> weekend.add(d.name().toLowerCase(Locale.ROOT)));
        ArrayNode off = root.putArray("off");
        new TreeSet<>(house.calendar().off()).forEach(d -> off.add(d.toString()));
        root.put("buffer", house.buffer());
        if (!house.before().isEmpty()) {
            ObjectNode before = root.putObject("before");
            new TreeMap<>(house.before()).forEach((occasion, days) -> {
                ObjectNode out = before.putObject(occasion.id());
                new TreeMap<>(days).forEach((kind, count) -> out.put(kind.id(), count));
            });
        }
        OrderJson.write(root, house.order());
        terms(root.putObject("terms"), house.terms());
        root.put("currencyFirst", house.letter().currencyFirst())
                .put("decimalComma", house.letter().decimalComma())
                .put("coverLine", house.letter().line());
        ArrayNode suppliers = root.putArray("suppliers");
        house.suppliers()
                .forEach(s -> suppliers.addObject().put("name", s.name()).put("days", s.days()));
        ArrayNode shelf = root.putArray("shelf");
        house.shelf().forEach(k -> shelf.addObject()
                .put("what", k.what())
                .put("unit", k.unit())
                .put("counted", k.counted())
                .put("least", k.least())
                .put("supplier", k.supplier()));
        return Json.pretty(root);
    }

    private static void terms(ObjectNode out, Terms terms) {
        out.put("overhead", terms.overhead())
                .put("margin", terms.margin())
                .put("taxRate", terms.taxRate())
                .put("taxWords", terms.taxWords())
                .put("deposit", terms.deposit())
                .put("valid", terms.valid())
                .put("fittings", terms.fittings())
                .put("fitting", terms.fitting())
                .put("rush", terms.rush())
                .put("letterhead", terms.letterhead());
    }

    /** Reads one. @throws BadDocument naming every field that is wrong */
    public static House read(String text) throws BadDocument {
        Fields fields = Fields.root(Json.parse(text));
        fields.only(List.of(
                "format",
                "version",
                "makers",
                "weekend",
                "off",
                "buffer",
                "before",
                OrderJson.FIELD,
                "terms",
                "currencyFirst",
                "coverLine",
                "decimalComma",
                "suppliers",
                "shelf"));
        if (!fields.text("format").orElse("").equals(FORMAT)) {
            fields.fault("format", "is not " + FORMAT, "\"" + FORMAT + "\"");
        }
        List<Maker> makers = makers(fields);
        House house = House.USUAL;
        if (!makers.isEmpty()) {
            house = house.making(makers);
        }
        House read = new House(
                house.makers(),
                calendar(fields),
                Amounts.read(fields, "buffer", 0, 1).orElse(house.buffer()),
                before(fields),
                OrderJson.read(fields),
                terms(fields.object("terms")),
                new Letter(
                        fields.truth("currencyFirst").orElse(false),
                        fields.truth("decimalComma").orElse(false),
                        fields.text("coverLine").orElse("")),
                suppliers(fields),
                shelf(fields));
        if (!fields.faults().isEmpty()) {
            throw new BadDocument(fields.faults());
        }
        return read;
    }

    private static List<Maker> makers(Fields fields) {
        List<Maker> makers = new ArrayList<>();
        for (Fields each : fields.objects("makers")) {
            each.only(List.of("name", "hours", "weeks"));
            Fields weeks = each.object("weeks");
            Map<LocalDate, Double> otherwise = new TreeMap<>();
            for (String monday : weeks.keys()) {
                Amounts.read(weeks, monday, 0, Maker.MOST)
                        .ifPresent(hours -> day(weeks, monday, monday).ifPresent(d -> otherwise.put(d, hours)));
            }
            makers.add(new Maker(
                    each.text("name").orElse(""),
                    Amounts.read(each, "hours", 0, Maker.MOST).orElse(0.0),
                    otherwise));
        }
        return makers;
    }

    private static Optional<LocalDate> day(Fields fields, String key, String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeException e) {
            fields.fault(key, "is no day: " + text, "such as 2026-11-30");
            return Optional.empty();
        }
    }

    private static WorkingDays calendar(Fields fields) {
        Set<DayOfWeek> weekend = EnumSet.noneOf(DayOfWeek.class);
        for (String name : fields.texts("weekend")) {
            Arrays.stream(DayOfWeek.values())
                    .filter(d -> d.name().equalsIgnoreCase(name))
                    .findFirst()
                    .ifPresentOrElse(
                            weekend::add, () -> fields.fault("weekend", "has " + name, "days such as saturday"));
        }
        if (weekend.size() > 6) {
            fields.fault("weekend", "is every day", "one day to work");
            return WorkingDays.USUAL;
        }
        Set<LocalDate> off = new HashSet<>();
        for (String text : fields.texts("off")) {
            day(fields, "off", text).ifPresent(off::add);
        }
        return new WorkingDays(fields.has("weekend") ? weekend : WorkingDays.USUAL.weekend(), off);
    }

    private static Map<Occasion, Map<DateKind, Integer>> before(Fields fields) {
        Map<Occasion, Map<DateKind, Integer>> all = new EnumMap<>(Occasion.class);
        Fields before = fields.object("before");
        before.only(Arrays.stream(Occasion.values()).map(Occasion::id).toList());
        for (Occasion occasion : Occasion.values()) {
            Fields days = before.object(occasion.id());
            days.only(Arrays.stream(DateKind.values()).map(DateKind::id).toList());
            Map<DateKind, Integer> of = new EnumMap<>(DateKind.class);
            for (DateKind kind : DateKind.values()) {
                Amounts.whole(days, kind.id(), 0, BEFORE_MOST).ifPresent(count -> of.put(kind, count));
            }
            if (!of.isEmpty()) {
                all.put(occasion, of);
            }
        }
        return all;
    }

    private static Terms terms(Fields fields) {
        fields.only(List.of(
                "overhead",
                "margin",
                "taxRate",
                "taxWords",
                "deposit",
                "valid",
                "fittings",
                "fitting",
                "rush",
                "letterhead"));
        Terms usual = Terms.USUAL;
        return new Terms(
                share(fields, "overhead", usual.overhead()),
                share(fields, "margin", usual.margin()),
                share(fields, "taxRate", usual.taxRate()),
                fields.text("taxWords").orElse(""),
                share(fields, "deposit", usual.deposit()),
                Amounts.whole(fields, "valid", 1, Terms.VALID_MOST).orElse(usual.valid()),
                Amounts.whole(fields, "fittings", 0, FITTINGS_MOST).orElse(usual.fittings()),
                Amounts.read(fields, "fitting", 0, AMOUNT_MOST).orElse(usual.fitting()),
                share(fields, "rush", usual.rush()),
                fields.text("letterhead").orElse(""));
    }

    private static double share(Fields fields, String key, double usual) {
        return Amounts.read(fields, key, 0, Terms.SHARE_MOST).orElse(usual);
    }

    private static List<Supplier> suppliers(Fields fields) {
        List<Supplier> suppliers = new ArrayList<>();
        for (Fields each : fields.objects("suppliers")) {
            each.only(List.of("name", "days"));
            suppliers.add(new Supplier(
                    each.text("name").orElse(""),
                    Amounts.whole(each, "days", 0, Supplier.MOST).orElse(0)));
        }
        return suppliers;
    }

    private static List<Kept> shelf(Fields fields) {
        List<Kept> shelf = new ArrayList<>();
        for (Fields each : fields.objects("shelf")) {
            each.only(List.of("what", "unit", "counted", "least", "supplier"));
            shelf.add(new Kept(
                    each.text("what").orElse(""),
                    each.text("unit").orElse(""),
                    Amounts.read(each, "counted", -AMOUNT_MOST, AMOUNT_MOST).orElse(0.0),
                    Amounts.read(each, "least", 0, AMOUNT_MOST).orElse(0.0),
                    each.text("supplier").orElse("")));
        }
        return shelf;
    }
}
