package bathyra.files.pdf;

import bathyra.garment.Commission;
import bathyra.geometry.FairSpline;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Occasion;
import bathyra.reckon.Reckoned;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A measuring sheet of one leaf, in large print and with a figure that shows where the tape lies; what few take stands behind. Blank, or with the figures of a commission. */
public final class MeasuringSheet {
    private static final double WIDTH = 210;
    private static final double HEIGHT = 297;
    private static final double LEFT = 14;
    private static final double TOP = 46;
    private static final double ROW = 7.4;
    private static final double TOP_BEHIND = 32;
    private static final double ROW_BEHIND = 13;
    private static final double BOX_LEFT = 74;
    private static final double BOX = 25;
    private static final double BOX_HEIGHT = 6.2;
    private static final double FIGURE_MIDDLE = 166;
    private static final double FIGURE_TOP = 56;

    private MeasuringSheet() {}

    /** An empty sheet to take to a fitting. @param needed the measurements that are marked as needed */
    public static byte[] blank(Collection<MeasurementKey> needed) throws IOException {
        return write("Measuring sheet", "", "", MeasurementSet.empty(), LengthUnit.CM, needed);
    }

    /** The figures of a commission, estimates marked as such. */
    public static byte[] filled(Commission commission, Collection<MeasurementKey> needed) throws IOException {
        LengthUnit unit = commission.units() == LengthUnit.MM ? LengthUnit.CM : commission.units();
        return write(
                commission.wearer().name(),
                commission.title(),
                taken(commission.measurements().occasion()),
                commission.measurements(),
                unit,
                needed);
    }

    private static String taken(Occasion occasion) {
        return occasion.equals(Occasion.UNNOTED)
                ? ""
                : "Taken " + occasion.day().map(Object::toString).orElse("")
                        + (occasion.by().isEmpty() ? "" : " by " + occasion.by())
                        + (occasion.over().isEmpty() ? "" : ", over " + occasion.over()) + ", "
                        + occasion.breath().label();
    }

    private static byte[] write(
            String title,
            String under,
            String occasion,
            MeasurementSet set,
            LengthUnit unit,
            Collection<MeasurementKey> needed)
            throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            PDPage page = Pages.add(document, WIDTH, HEIGHT);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                Pen pen = new Pen(out, HEIGHT);
                head(pen, face, title, under, occasion, set.taken().isEmpty());
                Map<MeasurementKey, Integer> numbers = rows(pen, face, set, unit, needed, false);
                figure(pen, face, numbers);
            }
            PDPage back = Pages.add(document, WIDTH, HEIGHT);
            try (PDPageContentStream out = new PDPageContentStream(document, back)) {
                Pen pen = new Pen(out, HEIGHT);
                pen.text(LEFT, 20, face.title(), 24, "Measuring sheet, more that can be taken");
                pen.text(
                        LEFT,
                        28,
                        face.plain(),
                        10.5,
                        "Each of these takes the place of a rule. Leave empty what you do not take.");
                hints(pen, face, rows(pen, face, set, unit, needed, true));
            }
            Pages.entitled(document, "Measuring sheet");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static void head(Pen pen, Typeface face, String title, String under, String occasion, boolean blank)
            throws IOException {
        pen.text(
                LEFT,
                20,
                face.title(),
                24,
                Typeface.broken(face.title(), 24, title, WIDTH - 2 * LEFT).get(0));
        if (!under.isEmpty()) {
            pen.text(
                    LEFT,
                    27,
                    face.plain(),
                    11,
                    Typeface.broken(face.plain(), 11, under, WIDTH - 2 * LEFT).get(0));
        }
        if (!occasion.isEmpty()) {
            pen.text(
                    LEFT,
                    33,
                    face.plain(),
                    11,
                    Typeface.broken(face.plain(), 11, occasion, WIDTH - 2 * LEFT)
                            .get(0));
        }
        if (blank) {
            pen.text(
                    LEFT,
                    30,
                    face.plain(),
                    12,
                    "Wearer ________________________   Day ____________   Taken by __________________");
            pen.text(
                    LEFT,
                    38,
                    face.plain(),
                    12,
                    "Over ___________________   Breath: at rest / lungs full   Unit: cm / in");
        }
        pen.text(
                LEFT,
                43.5,
                face.plain(),
                9,
                "• needed for this garment. The second box is for the right side. Tie a tape round the waist first and leave it on.");
    }

    private static Map<MeasurementKey, Integer> rows(
            Pen pen,
            Typeface face,
            MeasurementSet set,
            LengthUnit unit,
            Collection<MeasurementKey> needed,
            boolean finer)
            throws IOException {
        Map<MeasurementKey, Integer> numbers = new EnumMap<>(MeasurementKey.class);
        double y = finer ? TOP_BEHIND : TOP;
        double row = finer ? ROW_BEHIND : ROW;
        int number = finer
                ? (int) Arrays.stream(MeasurementKey.values())
                                .filter(k -> !k.isFiner())
                                .count()
                        + 1
                : 1;
        for (MeasurementKey.Way way : MeasurementKey.Way.values()) {
            y += row;
            pen.text(LEFT, y, face.title(), 14, way.title());
            for (MeasurementKey key : Arrays.stream(MeasurementKey.values())
                    .filter(k -> k.way() == way && k.isFiner() == finer)
                    .toList()) {
                y += row;
                numbers.put(key, number);
                pen.text(LEFT, y, face.plain(), 11, number + (needed.contains(key) ? " •" : ""));
                pen.text(LEFT + 11, y, needed.contains(key) ? face.bold() : face.plain(), 11.5, key.label());
                box(pen, face, BOX_LEFT, y, value(set, key, unit), unit);
                if (key.isPaired()) {
                    box(
                            pen,
                            face,
                            BOX_LEFT + BOX + 2,
                            y,
                            Optional.ofNullable(set.right().get(key))
                                    .map(l -> LengthText.figure(l, unit))
                                    .orElse(""),
                            unit);
                }
                number++;
            }
        }
        return numbers;
    }

    /** Under each row of the second page how it is taken. */
    private static void hints(Pen pen, Typeface face, Map<MeasurementKey, Integer> rows) throws IOException {
        double y = TOP_BEHIND;
        for (MeasurementKey.Way way : MeasurementKey.Way.values()) {
            y += ROW_BEHIND;
            for (MeasurementKey key : rows.keySet()) {
                if (key.way() == way) {
                    y += ROW_BEHIND;
                    pen.text(LEFT + 11, y + 4.8, face.plain(), 9, key.hint());
                }
            }
        }
    }

    private static String value(MeasurementSet set, MeasurementKey key, LengthUnit unit) {
        Length taken = set.taken().get(key);
        return taken != null
                ? LengthText.figure(taken, unit)
                : set.find(key)
                        .map(Reckoned::length)
                        .map(l -> "≈ " + LengthText.figure(l, unit))
                        .orElse("");
    }

    private static void box(Pen pen, Typeface face, double x, double y, String value, LengthUnit unit)
            throws IOException {
        pen.stroke(0.2);
        pen.rect(x, y - BOX_HEIGHT + 1.4, BOX, BOX_HEIGHT);
        if (!value.isEmpty()) {
            pen.text(x + 2, y - 0.3, face.bold(), 12, value);
            pen.text(x + BOX - 6.5, y - 0.3, face.plain(), 9, unit.symbol());
        }
    }

    /** An abstract torso with the lines of the tape, numbered as the rows are. */
    private static void figure(Pen pen, Typeface face, Map<MeasurementKey, Integer> numbers) throws IOException {
        pen.origin(FIGURE_MIDDLE, FIGURE_TOP);
        pen.stroke(0.5);
        for (int side = -1; side <= 1; side += 2) {
            pen.path(side(side));
        }
        pen.path(Path.of(new Line(new Point(-7, 0), new Point(7, 0))));
        pen.path(Path.of(new Line(new Point(-26, 168), new Point(26, 168))));
        Map<MeasurementKey, double[]> rings = new EnumMap<>(MeasurementKey.class);
        rings.put(MeasurementKey.NECK, new double[] {9, 8});
        rings.put(MeasurementKey.UPPER_BUST, new double[] {44, 21});
        rings.put(MeasurementKey.BUST, new double[] {58, 23});
        rings.put(MeasurementKey.UNDERBUST, new double[] {74, 20});
        rings.put(MeasurementKey.WAIST, new double[] {98, 17});
        rings.put(MeasurementKey.HIGH_HIP, new double[] {122, 22});
        rings.put(MeasurementKey.HIP, new double[] {146, 26});
        for (Map.Entry<MeasurementKey, double[]> ring : rings.entrySet()) {
            double y = ring.getValue()[0];
            double half = ring.getValue()[1];
            pen.stroke(0.25);
            pen.path(FairSpline.through(
                    List.of(new Point(-half, y), new Point(0, y + 2.6), new Point(half, y)),
                    Optional.empty(),
                    Optional.empty()));
            mark(pen, face, half + 4, y + 1, numbers.get(ring.getKey()));
        }
        tape(pen, face, new Point(-8, 12), new Point(-10, 58), numbers.get(MeasurementKey.SHOULDER_TO_APEX), -15, 30);
        tape(pen, face, new Point(-6, 12), new Point(-6, 98), numbers.get(MeasurementKey.FRONT_LENGTH), -4, 86);
        tape(pen, face, new Point(-10, 58), new Point(10, 58), numbers.get(MeasurementKey.APEX_SPAN), -2, 55);
        tape(pen, face, new Point(-10, 58), new Point(-10, 74), numbers.get(MeasurementKey.APEX_TO_UNDERBUST), -17, 69);
        tape(pen, face, new Point(16, 99), new Point(25, 146), numbers.get(MeasurementKey.WAIST_TO_HIP), 14, 132);
        tape(pen, face, new Point(20, 40), new Point(16, 97), numbers.get(MeasurementKey.UNDERARM_TO_WAIST), 10, 88);
        tape(pen, face, new Point(-29, 20), new Point(29, 20), numbers.get(MeasurementKey.SHOULDER_WIDTH), 18, 18);
        pen.origin(0, 0);
    }

    private static Path side(int side) {
        return FairSpline.through(
                List.of(
                        new Point(side * 7, 0),
                        new Point(side * 8, 9),
                        new Point(side * 29, 19),
                        new Point(side * 26, 34),
                        new Point(side * 21, 44),
                        new Point(side * 23, 58),
                        new Point(side * 20, 74),
                        new Point(side * 17, 98),
                        new Point(side * 22, 122),
                        new Point(side * 26, 146),
                        new Point(side * 26, 168)),
                Optional.empty(),
                Optional.empty());
    }

    private static void tape(Pen pen, Typeface face, Point from, Point to, int number, double x, double y)
            throws IOException {
        pen.stroke(0.25, 1.2f, 0.8f);
        pen.line(from, to);
        mark(pen, face, x, y, number);
        pen.stroke(0.25);
    }

    private static void mark(Pen pen, Typeface face, double x, double y, int number) throws IOException {
        pen.text(x, y, face.bold(), 9, Integer.toString(number));
    }
}
