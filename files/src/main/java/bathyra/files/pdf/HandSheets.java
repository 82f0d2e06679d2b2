package bathyra.files.pdf;

import bathyra.files.sheet.Paper;
import bathyra.geometry.Point;
import bathyra.hand.Controls;
import bathyra.hand.Division;
import bathyra.hand.FoldedCloth;
import bathyra.hand.HandDart;
import bathyra.hand.HandPiece;
import bathyra.hand.Offsets;
import bathyra.hand.Rounding;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import bathyra.piece.Dart;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Pieces as figures to copy from, one page a piece, with boxes to tick (C24). */
public final class HandSheets {
    private static final double MARGIN = 14;
    private static final double ROW = 4.3;
    private static final double WORDS = 8.5;
    private static final double TABLE = 96;
    private static final double COLUMN = 52;
    private static final double DRAWN_WIDE = 74;
    private static final double DRAWN_HIGH = 128;
    private static final double CLOTH_HIGH = 220;
    private static final double TOP = 30;
    private static final double BOX = 2.6;
    private static final double BESIDE_BOX = BOX + 1.5;

    private final Pen pen;
    private final Typeface face;
    private final Division division;
    private final LengthUnit unit;
    private double x;
    private double y;

    private HandSheets(Pen pen, Typeface face, Division division) {
        this.pen = pen;
        this.face = face;
        this.division = division;
        this.unit = division.isInches()
                ? division == Division.SIXTEENTH ? LengthUnit.IN_16 : LengthUnit.IN
                : division == Division.HALF_MILLIMETRE ? LengthUnit.MM : LengthUnit.CM;
    }

    /** What stands on every page. @param size how large it is drawn, 1 for full */
    public record Heading(String title, Division division, double size, boolean withAllowances) {}

    /**
     * @param pieces each with what is measured on it, in their order
     * @param cost of the division; empty where the figures are not of full size
     * @param folded where they are drawn on folded cloth, a page of its own
     */
    public static byte[] write(
            Map<HandPiece, Controls> pieces, Heading heading, Rounding cost, Optional<FoldedCloth> folded)
            throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            for (Map.Entry<HandPiece, Controls> each : pieces.entrySet()) {
                PDPage page = Pages.add(document, Paper.A4.width(), Paper.A4.height());
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    new HandSheets(new Pen(out, Paper.A4.height()), face, heading.division())
                            .page(each.getKey(), each.getValue(), heading, cost);
                }
            }
            if (folded.isPresent()) {
                PDPage page = Pages.add(document, Paper.A4.width(), Paper.A4.height());
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    new HandSheets(new Pen(out, Paper.A4.height()), face, heading.division())
                            .folded(folded.get(), heading.title());
                }
            }
            Pages.entitled(document, heading.title() + ", by hand");
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void page(HandPiece hand, Controls controls, Heading heading, Rounding cost) throws IOException {
        Offsets figures = hand.offsets().times(heading.size()).rounded(division);
        pen.text(
                MARGIN,
                18,
                face.title(),
                20,
                hand.piece().order() + "  " + hand.piece().name());
        String how = hand.piece().cutWords()
                + (heading.withAllowances() ? ", with its allowances" : ", net, no allowance")
                + (heading.size() == 1 ? "" : heading.size() == 0.5 ? ", at half size" : ", at a quarter of its size");
        pen.text(
                MARGIN,
                24,
                face.plain(),
                WORDS,
                heading.title() + " · " + how + " · " + unit.symbol() + ", heights are counted from the waist");
        drawing(hand);
        x = TABLE;
        y = TOP;
        heights(hand, heading.size());
        corners(figures);
        ordinates(figures);
        darts(hand, heading.size());
        x = MARGIN;
        y = TOP + DRAWN_HIGH + 10;
        measured(controls, heading.size());
        x = MARGIN;
        pen.text(
                MARGIN,
                Paper.A4.height() - 9,
                face.plain(),
                7.5,
                "Rounded to " + division.label() + ": drawn by these figures no seam is out by more than "
                        + LengthText.say(Length.mm(cost.worstSeam()), LengthUnit.MM)
                        + cost.worstLevel()
                                .map(l -> ", and the half at the " + l.getKey().toLowerCase(java.util.Locale.ROOT)
                                        + " by " + LengthText.say(Length.mm(Math.abs(l.getValue())), LengthUnit.MM))
                                .orElse("")
                        + ". Check the sums across before you cut.");
    }

    /** The folded cloth with the pieces on it, small, the fold to the left; beside it what one does. */
    private void folded(FoldedCloth cloth, String title) throws IOException {
        pen.text(MARGIN, 18, face.title(), 20, "On folded cloth");
        pen.text(MARGIN, 24, face.plain(), WORDS, title + " · with its allowances · " + unit.symbol());
        double scale = Math.min(DRAWN_WIDE / cloth.half(), CLOTH_HIGH / Math.max(1, cloth.length()));
        pen.scaled(scale, scale);
        pen.origin(MARGIN, TOP + 4);
        pen.stroke(0.3, 3, 1.5f);
        pen.line(new Point(0, 0), new Point(0, cloth.length()));
        pen.stroke(0.2);
        pen.line(new Point(cloth.half(), 0), new Point(cloth.half(), cloth.length()));
        for (FoldedCloth.Row row : cloth.rows()) {
            pen.stroke(0.1, 1, 1.5f);
            pen.line(new Point(0, row.waist()), new Point(cloth.half(), row.waist()));
            pen.stroke(0.35);
            for (FoldedCloth.Place place : row.places()) {
                pen.origin(MARGIN + place.grain() * scale, TOP + 4 + row.waist() * scale);
                for (var edge : place.piece().outline()) {
                    pen.path(edge.path());
                }
                pen.origin(MARGIN, TOP + 4);
            }
        }
        pen.scaled(1, 1);
        pen.origin(0, 0);
        for (FoldedCloth.Row row : cloth.rows()) {
            for (FoldedCloth.Place place : row.places()) {
                pen.text(
                        MARGIN + place.grain() * scale + 1,
                        TOP + 4 + row.waist() * scale - 1,
                        face.bold(),
                        WORDS,
                        "" + place.piece().order());
            }
        }
        y = TOP + 6;
        for (Sentence sentence : cloth.said()) {
            for (String part :
                    Typeface.broken(face.plain(), WORDS, sentence.in(unit), Paper.A4.width() - TABLE - MARGIN)) {
                pen.text(TABLE, y, face.plain(), WORDS, part);
                y += ROW;
            }
            y += 1;
        }
    }

    private String say(double mm) {
        return LengthText.figure(Length.mm(division.rounded(mm)), unit);
    }

    /** The piece, small: grain, waist and help lines. */
    private void drawing(HandPiece hand) throws IOException {
        List<Point> all = hand.piece().flattened(0.5);
        double left = all.stream().mapToDouble(Point::x).min().orElse(0);
        double right = all.stream().mapToDouble(Point::x).max().orElse(1);
        double top = all.stream().mapToDouble(Point::y).min().orElse(0);
        double foot = all.stream().mapToDouble(Point::y).max().orElse(1);
        double scale = Math.min(DRAWN_WIDE / (right - left), DRAWN_HIGH / (foot - top));
        pen.origin(MARGIN - left * scale, TOP + 4 - top * scale);
        pen.scaled(scale, scale);
        pen.stroke(0.4);
        for (var edge : hand.piece().outline()) {
            pen.path(edge.path());
        }
        for (Dart dart : hand.piece().darts()) {
            pen.path(dart.one());
            pen.path(dart.other());
        }
        pen.stroke(0.2);
        pen.line(new Point(0, top), new Point(0, foot));
        pen.line(new Point(left, 0), new Point(right, 0));
        pen.stroke(0.15, 1, 1.5f);
        for (HandPiece.Row row : hand.rows()) {
            pen.line(
                    new Point(-row.left().orElse(0.0), -row.up()),
                    new Point(row.right().orElse(0.0), -row.up()));
        }
        pen.scaled(1, 1);
        pen.origin(0, 0);
    }

    private void title(String words) throws IOException {
        List<String> lines = Typeface.broken(face.bold(), WORDS, words, COLUMN);
        room(lines.size() + 1);
        y += 1.5;
        for (String line : lines) {
            pen.text(x, y, face.bold(), WORDS, line);
            y += ROW;
        }
    }

    /** The next column where this one is full. */
    private void room(int rows) {
        if (y + rows * ROW > Paper.A4.height() - 16 && x >= TABLE) {
            x += COLUMN + 6;
            y = TOP;
        }
    }

    /** A line with a box to tick. */
    private void line(String... cells) throws IOException {
        room(1);
        box();
        cells(cells);
    }

    private void box() throws IOException {
        pen.stroke(0.2);
        pen.rect(x, y - BOX + 0.4, BOX, BOX);
    }

    private void cells(String... cells) throws IOException {
        double[] ends = {0, 28, 40, COLUMN};
        pen.text(x + BESIDE_BOX, y, face.plain(), WORDS, cells[0]);
        for (int i = 1; i < cells.length; i++) {
            right(cells[i], ends[i]);
        }
        y += ROW;
    }

    private void right(String words, double end) throws IOException {
        pen.text(x + end - Typeface.width(face.plain(), WORDS, words), y, face.plain(), WORDS, words);
    }

    /** A name with its figures at the right: beside it where there is room, else under it. */
    private void named(String name, String figures) throws IOException {
        double room = COLUMN - BESIDE_BOX;
        List<String> words = Typeface.broken(face.plain(), WORDS, name, room);
        boolean beside = Typeface.width(face.plain(), WORDS, words.get(words.size() - 1) + "  " + figures) <= room;
        room(words.size() + (beside ? 0 : 1));
        box();
        for (String part : words) {
            pen.text(x + BESIDE_BOX, y, face.plain(), WORDS, part);
            y += ROW;
        }
        y -= beside ? ROW : 0;
        right(figures, COLUMN);
        y += ROW;
    }

    private void heights(HandPiece hand, double size) throws IOException {
        title("Heights");
        y -= ROW;
        cells("", "left", "right", "across");
        for (HandPiece.Row row : hand.rows()) {
            double up = row.up() * size;
            String height = row.level().isPresent() && row.up() == 0
                    ? "waist"
                    : say(Math.abs(up)) + (up >= 0 ? " up" : " down");
            line(
                    height,
                    row.left().map(l -> say(l * size)).orElse("–"),
                    row.right().map(r -> say(r * size)).orElse("–"),
                    row.across().isEmpty()
                            ? "–"
                            : LengthText.figure(
                                    Length.mm(division.rounded(row.left().get() * size)
                                            + division.rounded(row.right().get() * size)),
                                    unit));
        }
    }

    private void corners(Offsets figures) throws IOException {
        title("Corners");
        for (int i = 0; i < figures.corners().size(); i++) {
            Offsets.Corner corner = figures.corners().get(i);
            Offsets.Corner before = figures.corners()
                    .get((i + figures.corners().size() - 1) % figures.corners().size());
            named(
                    Controls.words(before.edge()) + ", "
                            + Controls.words(corner.edge()).toLowerCase(java.util.Locale.ROOT),
                    say(Math.abs(corner.up()))
                            + (corner.up() >= 0 ? " up, " : " down, ")
                            + say(Math.abs(corner.right()))
                            + (corner.right() >= 0 ? " right" : " left"));
        }
    }

    private void ordinates(Offsets figures) throws IOException {
        String edge = "";
        for (Offsets.Ordinate each : figures.ordinates()) {
            if (!each.edge().equals(edge)) {
                edge = each.edge();
                title(Controls.words(edge) + ", from its chord");
            }
            named(say(each.along()) + " along", say(Math.abs(each.out())) + (each.out() >= 0 ? " out" : " in"));
        }
    }

    private void darts(HandPiece hand, double size) throws IOException {
        for (HandDart dart : HandDart.of(hand)) {
            title(dart.name() + ", both legs");
            for (HandDart.Place place : dart.places()) {
                named(
                        place.up() == 0
                                ? "waist"
                                : say(Math.abs(place.up()) * size) + (place.up() >= 0 ? " up" : " down"),
                        beside(place.one() * size) + ", " + beside(place.other() * size));
            }
        }
    }

    private String beside(double right) {
        return say(Math.abs(right)) + (right >= 0 ? " right" : " left");
    }

    private void measured(Controls controls, double size) throws IOException {
        title("Measure after joining");
        for (Controls.Edge edge : controls.edges()) {
            named(edge.words(), say(edge.length() * size));
        }
        named("Diagonal, falling", say(controls.falling() * size));
        named("Diagonal, rising", say(controls.rising() * size));
        List<String> more = new ArrayList<>();
        for (Controls.Edge edge : controls.edges()) {
            edge.partner()
                    .ifPresent(p -> more.add(edge.words() + " is sewn to " + p + "; allowance "
                            + LengthText.figure(Length.mm(edge.allowance()), unit)
                            + edge.plate()
                                    .map(r -> "; a plate of " + LengthText.figure(Length.mm(2 * r), unit)
                                            + " across goes into it")
                                    .orElse("")
                            + "."));
        }
        controls.notches()
                .forEach(n -> more.add((n.twofold() ? "Two notches" : "Notch") + " on "
                        + n.words().toLowerCase(java.util.Locale.ROOT)
                        + ", "
                        + (n.fromWaist() && Math.abs(n.up() * size) < division.step() / 2
                                ? "on the waist."
                                : say(Math.abs(n.up()) * size)
                                        + (n.up() >= 0 ? " up" : " down")
                                        + (n.fromWaist() ? " from the waist." : " from its lower end."))));
        y += 1;
        for (String words : more) {
            for (String part : Typeface.broken(face.plain(), 7.5, words, DRAWN_WIDE)) {
                if (y < Paper.A4.height() - 14) {
                    pen.text(x, y, face.plain(), 7.5, part);
                    y += 3.5;
                }
            }
        }
    }
}
