package bathyra.files.pdf;

import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.bone.Eyelets;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.files.sheet.Paper;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.layer.SewingOrder;
import bathyra.layer.Strip;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** What is cut, and in which order it is sewn: the lists, and the picture that shows which edge meets which. */
final class MakingPages implements AutoCloseable {
    private static final double LEFT = 14;
    private static final double SIZE = 8.5;
    private static final double ROW = 4.3;
    private static final double PICTURE = 85;
    private static final double BADGE = 2.4;
    private static final double BADGE_AT = 0.7;

    private final PDDocument document;
    private final Typeface face;
    private final Paper paper;
    private final double wide;
    private PDPageContentStream stream;
    private Pen pen;
    private double y;

    private MakingPages(PDDocument document, Typeface face, Paper paper) throws IOException {
        this.document = document;
        this.face = face;
        this.paper = paper;
        this.wide = paper.width() - 2 * LEFT;
        turn();
    }

    static void draw(PDDocument document, Typeface face, Draft draft, CuttingPlan plan, LengthUnit unit, Paper paper)
            throws IOException {
        try (MakingPages pages = new MakingPages(document, face, paper)) {
            pages.lists(plan, unit);
            pages.order(plan.pattern());
            pages.bones(draft, unit);
        }
    }

    private void turn() throws IOException {
        if (stream != null) {
            stream.close();
        }
        stream = new PDPageContentStream(document, Pages.add(document, paper.width(), paper.height()));
        pen = new Pen(stream, paper.height());
        y = 20;
    }

    private void room(double height) throws IOException {
        if (y + height > paper.height() - LEFT) {
            turn();
        }
    }

    private void heading(String words) throws IOException {
        room(4 * ROW);
        pen.text(LEFT, y, face.title(), 14, words);
        y += 7;
    }

    private void row(String words, String amount) throws IOException {
        double width = Typeface.width(face.bold(), SIZE, amount);
        for (String line : Typeface.broken(face.plain(), SIZE, words, wide - width - 6)) {
            room(ROW);
            pen.text(LEFT, y, face.plain(), SIZE, line);
            y += ROW;
        }
        pen.text(LEFT + wide - width, y - ROW, face.bold(), SIZE, amount);
    }

    private void lists(CuttingPlan plan, LengthUnit unit) throws IOException {
        heading("What is cut");
        for (CuttingPlan.Cut cut : plan.cuts()) {
            row(
                    cut.piece().order() + "  " + cut.piece().name()
                            + (cut.id().equals(cut.piece().id()) ? "" : " (" + cut.id() + ")"),
                    cut.words());
        }
        if (!plan.strips().isEmpty()) {
            y += ROW;
            heading("What is measured off");
        }
        for (Strip strip : plan.strips()) {
            row(
                    strip.name() + ", " + strip.cutWords(),
                    LengthText.say(strip.length().length(), unit) + " long, "
                            + LengthText.say(strip.width().length(), unit) + " wide");
        }
        y += ROW;
    }

    private void order(Pattern pattern) throws IOException {
        List<SewingOrder.Step> steps = SewingOrder.of(pattern);
        heading("In which order it is sewn");
        for (String dart : SewingOrder.darts(pattern)) {
            row("first  " + dart, "dart");
        }
        for (SewingOrder.Step step : steps) {
            row(step.number() + "  " + step.words(), step.seam().name());
        }
        y += ROW;
        room(PICTURE);
        picture(pattern, steps, Math.min(paper.height() - LEFT - y, PICTURE * 1.4));
    }

    /** The boning map: where each channel lies, with the kind, the cut length and the number of its bones. */
    private void bones(Draft draft, LengthUnit unit) throws IOException {
        Bones bones = BonePlan.of(draft);
        if (bones.channels().isEmpty()) {
            return;
        }
        y += ROW;
        heading("Bones and hardware");
        int number = 1;
        for (Channel channel : bones.channels()) {
            row(
                    number++ + "  " + channel.label() + ", "
                            + channel.kind().label().toLowerCase(Locale.ROOT) + ", channel "
                            + LengthText.say(channel.finished().length(), unit),
                    channel.count() + " × " + LengthText.say(channel.cut().length(), unit));
        }
        if (bones.busk().isPresent()) {
            row("Busk", LengthText.say(bones.busk().get().length().length(), unit));
        }
        if (bones.eyelets().isPresent()) {
            Eyelets eyelets = bones.eyelets().get();
            row(
                    "Eyelets, each edge: " + LengthText.say(eyelets.above().length(), unit) + " apart above the waist, "
                            + LengthText.say(eyelets.pull().length(), unit) + " at the waist pull, "
                            + LengthText.say(eyelets.below().length(), unit) + " below",
                    Integer.toString(eyelets.points().size()));
        }
        if (bones.cord().isPresent()) {
            row("Cord", LengthText.say(bones.cord().get().length(), unit));
        }
        if (bones.wires().isPresent()) {
            row(
                    "Wire under each cup, in a channel of "
                            + LengthText.say(bones.wires().get().cradle().length(), unit),
                    "2 × " + LengthText.say(bones.wires().get().wire().length(), unit));
        }
        row(
                "Waist tape",
                (bones.tapes() == 1 ? "" : bones.tapes() + " × ")
                        + LengthText.say(bones.tape().length(), unit));
        y += ROW;
        room(PICTURE);
        map(draft.pattern(), bones, Math.min(paper.height() - LEFT - y, PICTURE * 1.4));
    }

    private void map(Pattern pattern, Bones bones, double high) throws IOException {
        SheetLayout layout = SheetLayout.of(pattern);
        double scale = Math.min(wide / layout.width(), high / layout.height());
        pen.origin(LEFT, y);
        pen.scaled(scale, scale);
        pen.grey(0);
        for (Piece piece : pattern.pieces()) {
            pen.stroke(0.3);
            pen.path(piece.path().moved(layout.shift(piece.id())));
        }
        int number = 1;
        for (Channel channel : bones.channels()) {
            for (Channel.Run run : channel.runs()) {
                pen.stroke(0.9);
                pen.path(run.path().moved(layout.shift(run.piece())));
            }
            Channel.Run first = channel.runs().get(0);
            badge(
                    first.path().at(first.path().length() * BADGE_AT).point().plus(layout.shift(first.piece())),
                    number++,
                    scale);
        }
        pen.scaled(1, 1);
        pen.origin(0, 0);
        y += layout.height() * scale + ROW;
    }

    /** All pieces small and apart; every edge carries the number of its step, and a thread runs from it to the edge that it meets. */
    private void picture(Pattern pattern, List<SewingOrder.Step> steps, double high) throws IOException {
        SheetLayout layout = SheetLayout.of(pattern);
        double scale = Math.min(wide / layout.width(), high / layout.height());
        pen.origin(LEFT, y);
        pen.scaled(scale, scale);
        for (Piece piece : pattern.pieces()) {
            pen.grey(0);
            pen.stroke(0.3);
            pen.path(piece.path().moved(layout.shift(piece.id())));
            Point middle = at(layout, piece.id(), SheetLayout.labelAt(piece));
            pen.text(middle.x(), middle.y(), face.title(), 12, Integer.toString(piece.order()));
        }
        for (SewingOrder.Step step : steps) {
            Point a = middle(pattern, layout, step.seam().a());
            Point b = middle(pattern, layout, step.seam().b());
            pen.grey(0.55);
            pen.stroke(0.25, 1, 1);
            pen.line(a, b);
            badge(a, step.number(), scale);
            badge(b, step.number(), scale);
        }
        pen.scaled(1, 1);
        pen.origin(0, 0);
        y += layout.height() * scale + ROW;
    }

    private void badge(Point at, int number, double scale) throws IOException {
        pen.grey(0.15);
        pen.disc(at, BADGE / scale);
        stream.setNonStrokingColor(1f);
        String words = Integer.toString(number);
        pen.text(
                at.x() - Typeface.width(face.bold(), 7, words) / 2 / scale,
                at.y() + 0.9 / scale,
                face.bold(),
                7,
                words);
        pen.grey(0);
    }

    private static Point middle(Pattern pattern, SheetLayout layout, SeamJoin.Ref ref) {
        var path = pattern.edge(ref).path();
        return at(layout, ref.piece(), path.at(path.length() / 2).point());
    }

    private static Point at(SheetLayout layout, String piece, Point p) {
        Vec shift = layout.shift(piece);
        return p.plus(shift);
    }

    @Override
    public void close() throws IOException {
        stream.close();
    }
}
