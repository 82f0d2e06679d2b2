package bathyra.files.json;

import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Picture;
import bathyra.fitting.Setting;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.fitting.Taken;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;

/** The record of fittings inside a commission document: {@code fittings} (C15.1). */
final class FittingsJson {
    static final String FIELD = "fittings";
    private static final double FARTHEST = 600;
    private static final int MINUTES_MOST = 600;

    private FittingsJson() {}

    static List<Fitting> read(Fields root, LengthUnit unit) {
        List<Fitting> fittings = new ArrayList<>();
        Set<Integer> numbers = new HashSet<>();
        for (Fields each : root.objects(FIELD)) {
            each.only(List.of("number", "kind", "day", "setting", "said", "toDo", "marks", "pictures"));
            int number = number(each, numbers);
            fittings.add(new Fitting(
                    number,
                    choice(each, "kind", FittingKind.values(), FittingKind::id, FittingKind.TOILE),
                    Days.read(each, "day"),
                    setting(each.object("setting"), unit),
                    each.text("said").orElse(""),
                    each.text("toDo").orElse(""),
                    marks(each, unit),
                    pictures(each)));
        }
        if (fittings.size() > Fitting.COUNT_MOST) {
            root.fault(FIELD, "has " + fittings.size() + " fittings", Fitting.COUNT_MOST + " at the most");
        }
        return fittings;
    }

    private static int number(Fields each, Set<Integer> numbers) {
        int number = each.whole("number").orElse(0);
        if (number < 1 || !numbers.add(number)) {
            each.fault("number", number < 1 ? "is missing" : "is given twice", "1 for the first, then 2, …");
        }
        return number;
    }

    private static Setting setting(Fields fields, LengthUnit unit) {
        List<String> known = new ArrayList<>(List.of("gap", "minutes", "pinsToSeam"));
        Setting setting = Setting.UNNOTED;
        for (Setting.Field field : Setting.Field.values()) {
            known.add(field.id());
            setting = setting.with(field, fields.text(field.id()).orElse(""));
        }
        fields.only(known);
        Optional<Length> gap = fields.length("gap", unit);
        gap.ifPresent(g -> GarmentJson.within(fields, "gap", g, Length.mm(0), Mark.MOST, unit));
        Optional<Integer> minutes = fields.whole("minutes");
        minutes.filter(m -> m < 0 || m > MINUTES_MOST)
                .ifPresent(m -> fields.fault("minutes", "is " + m, "0 to " + MINUTES_MOST));
        return setting.lacedTo(gap)
                .worn(minutes.map(OptionalInt::of).orElse(OptionalInt.empty()))
                .pinned(fields.truth("pinsToSeam").orElse(false));
    }

    private static List<Mark> marks(Fields fitting, LengthUnit unit) {
        List<Mark> marks = new ArrayList<>();
        Set<Integer> numbers = new HashSet<>();
        for (Fields each : fitting.objects("marks")) {
            each.only(List.of(
                    "number",
                    "kind",
                    "spot",
                    "side",
                    "amount",
                    "across",
                    "fold",
                    "taken",
                    "seen",
                    "decision",
                    "reason"));
            int number = number(each, numbers);
            MarkKind kind = choice(each, "kind", MarkKind.values(), MarkKind::id, MarkKind.NOTE);
            marks.add(new Mark(
                    number,
                    kind,
                    spot(each.object("spot"), unit),
                    choice(each, "side", Side.values(), Side::id, Side.BOTH),
                    length(each, "amount", unit),
                    length(each, "across", unit),
                    each.has("fold")
                            ? Optional.of(choice(each, "fold", FoldRun.values(), FoldRun::id, FoldRun.ROUND))
                            : Optional.empty(),
                    choice(each, "taken", Taken.values(), Taken::id, Taken.ESTIMATED),
                    each.text("seen").orElse(""),
                    choice(each, "decision", Decision.values(), Decision::id, Decision.OPEN),
                    each.text("reason").orElse("")));
        }
        if (marks.size() > Fitting.MARKS_MOST) {
            fitting.fault("marks", "has " + marks.size() + " marks", Fitting.MARKS_MOST + " at the most");
        }
        return marks;
    }

    private static List<Picture> pictures(Fields fitting) {
        List<Picture> pictures = new ArrayList<>();
        for (Fields each : fitting.objects("pictures")) {
            each.only(List.of("id", "label", "dots"));
            Optional<String> id = each.text("id").filter(t -> t.matches("[0-9a-f]{8,64}"));
            if (id.isEmpty()) {
                each.fault("id", "is missing or no picture's", "the name under which the book keeps it");
            }
            List<Picture.Dot> dots = new ArrayList<>();
            for (Fields dot : each.objects("dots")) {
                dot.only(List.of("mark", "x", "y"));
                dots.add(new Picture.Dot(dot.whole("mark").orElse(0), share(dot, "x"), share(dot, "y")));
            }
            id.ifPresent(i -> pictures.add(new Picture(i, each.text("label").orElse(""), dots)));
        }
        if (pictures.size() > Picture.COUNT_MOST) {
            fitting.fault("pictures", "has " + pictures.size() + " pictures", Picture.COUNT_MOST + " at the most");
        }
        return pictures;
    }

    private static double share(Fields fields, String key) {
        double share = fields.share(key).orElse(0.0);
        if (!(share >= 0 && share <= 1)) {
            fields.fault(key, "is " + share, "0 to 1");
        }
        return share;
    }

    private static Length length(Fields fields, String key, LengthUnit unit) {
        Optional<Length> length = fields.length(key, unit);
        length.ifPresent(l -> GarmentJson.within(fields, key, l, Length.mm(-Mark.MOST.millimetres()), Mark.MOST, unit));
        return length.orElse(Length.mm(0));
    }

    private static Spot spot(Fields fields, LengthUnit unit) {
        fields.only(List.of("above", "place", "seam", "level"));
        Optional<Length> above = fields.length("above", unit);
        above.ifPresent(a -> GarmentJson.within(fields, "above", a, Length.mm(-FARTHEST), Length.mm(FARTHEST), unit));
        double place = fields.share("place").orElse(0.0);
        if (!(place >= 0 && place <= 1)) {
            fields.fault("place", "is " + place, "0 at centre front to 1 at centre back");
        }
        return new Spot(above.orElse(Length.mm(0)), place, seam(fields), level(fields, "level"));
    }

    static Optional<SeamPlace> seam(Fields fields) {
        return fields.text("seam").flatMap(id -> {
            Optional<SeamPlace> seam = SeamPlace.ofId(id);
            if (seam.isEmpty()) {
                fields.fault("seam", "is " + id, "a seam such as side or front-2");
            }
            return seam;
        });
    }

    static Optional<Level> level(Fields fields, String key) {
        return fields.text(key).flatMap(id -> {
            Optional<Level> level = Level.ofId(id);
            if (level.isEmpty()) {
                fields.fault(
                        key,
                        "is " + id,
                        String.join(
                                " or ",
                                Arrays.stream(Level.values()).map(Level::id).toList()));
            }
            return level;
        });
    }

    static <T> T choice(Fields fields, String key, T[] all, Function<T, String> id, T otherwise) {
        Optional<String> text = fields.text(key);
        Optional<T> found = text.flatMap(
                t -> Arrays.stream(all).filter(c -> id.apply(c).equals(t)).findFirst());
        if (text.isPresent() && found.isEmpty()) {
            fields.fault(
                    key,
                    "is " + text.get(),
                    String.join(" or ", Arrays.stream(all).map(id).toList()));
        }
        return found.orElse(otherwise);
    }

    static void write(ObjectNode root, List<Fitting> fittings, LengthUnit unit) {
        if (fittings.isEmpty()) {
            return;
        }
        ArrayNode all = root.putArray(FIELD);
        for (Fitting fitting : fittings) {
            ObjectNode out = all.addObject();
            out.put("number", fitting.number()).put("kind", fitting.kind().id());
            fitting.day().ifPresent(day -> out.put("day", day.toString()));
            setting(out, fitting.setting(), unit);
            text(out, "said", fitting.said());
            text(out, "toDo", fitting.toDo());
            ArrayNode marks = fitting.marks().isEmpty() ? null : out.putArray("marks");
            fitting.marks().forEach(m -> write(marks.addObject(), m, unit));
            pictures(out, fitting.pictures());
        }
    }

    private static void pictures(ObjectNode fitting, List<Picture> pictures) {
        if (pictures.isEmpty()) {
            return;
        }
        ArrayNode all = fitting.putArray("pictures");
        for (Picture picture : pictures) {
            ObjectNode out = all.addObject().put("id", picture.id());
            text(out, "label", picture.label());
            if (!picture.dots().isEmpty()) {
                ArrayNode dots = out.putArray("dots");
                picture.dots().forEach(d -> dots.addObject()
                        .put("mark", d.mark())
                        .put("x", d.x())
                        .put("y", d.y()));
            }
        }
    }

    private static void setting(ObjectNode fitting, Setting setting, LengthUnit unit) {
        if (setting.equals(Setting.UNNOTED)) {
            return;
        }
        ObjectNode out = fitting.putObject("setting");
        for (Setting.Field field : Setting.Field.values()) {
            text(out, field.id(), setting.text(field));
        }
        setting.gap().ifPresent(gap -> CommissionJson.put(out, "gap", gap, unit));
        setting.minutes().ifPresent(minutes -> out.put("minutes", minutes));
        if (setting.pinsToSeam()) {
            out.put("pinsToSeam", true);
        }
    }

    private static void write(ObjectNode out, Mark mark, LengthUnit unit) {
        out.put("number", mark.number()).put("kind", mark.kind().id());
        ObjectNode spot = out.putObject("spot");
        if (mark.spot().above().millimetres() != 0) {
            CommissionJson.put(spot, "above", mark.spot().above(), unit);
        }
        spot.put("place", mark.spot().place());
        mark.spot().seam().ifPresent(s -> spot.put("seam", s.id()));
        mark.spot().level().ifPresent(l -> spot.put("level", l.id()));
        if (mark.side() != Side.BOTH) {
            out.put("side", mark.side().id());
        }
        CommissionJson.put(out, "amount", mark.amount(), unit);
        if (mark.across().millimetres() != 0) {
            CommissionJson.put(out, "across", mark.across(), unit);
        }
        mark.fold().ifPresent(f -> out.put("fold", f.id()));
        out.put("taken", mark.taken().id());
        text(out, "seen", mark.seen());
        out.put("decision", mark.decision().id());
        text(out, "reason", mark.reason());
    }

    private static void text(ObjectNode out, String key, String text) {
        if (!text.isEmpty()) {
            out.put(key, text);
        }
    }
}
