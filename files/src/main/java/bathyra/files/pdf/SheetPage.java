package bathyra.files.pdf;

import bathyra.files.CuttingPlan;
import bathyra.files.sheet.Joint;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.sheet.PrintScale;
import bathyra.files.sheet.PrintSize;
import bathyra.files.sheet.Sheet;
import bathyra.files.sheet.Sheets;
import bathyra.files.sheet.Spot;
import bathyra.files.sheet.TestSquare;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** One sheet of a pattern: its part of the pieces inside a frame, and what has to be known on every sheet. */
final class SheetPage {
    private static final double GREY = 0.45;
    private static final double REGISTER = 4;
    private static final double HEAD = 8;
    private static final double INSET = 4;

    private final Pen pen;
    private final Typeface face;
    private final Printed printed;
    private final Sheet sheet;
    private final double right;
    private final double bottom;

    /** What is drawn on the sheets. @param former what lies dashed under it @param sizes in which each piece is drawn, in place of its one */
    record Printed(
            PieceOnPaper.Heading heading,
            CuttingPlan plan,
            Sheets sheets,
            Optional<String> warning,
            Optional<CuttingPlan> former,
            Optional<SizeLayers> sizes) {
        Printed(PieceOnPaper.Heading heading, CuttingPlan plan, Sheets sheets, Optional<String> warning) {
            this(heading, plan, sheets, warning, Optional.empty(), Optional.empty());
        }

        Printed over(CuttingPlan dashed) {
            return new Printed(heading, plan, sheets, warning, Optional.of(dashed), sizes);
        }

        Printed in(SizeLayers many) {
            return new Printed(heading, plan, sheets, warning, former, Optional.of(many));
        }

        Print print() {
            return sheets.print();
        }
    }

    private SheetPage(Pen pen, Typeface face, Printed printed, Sheet sheet) {
        this.pen = pen;
        this.face = face;
        this.printed = printed;
        this.sheet = sheet;
        this.right = Paper.MARGIN + sheet.width() * printed.print().across();
        this.bottom = Paper.MARGIN + sheet.height() * printed.print().down();
    }

    static PDPage draw(PDDocument document, Typeface face, Printed printed, ClothLayers layers, Sheet sheet)
            throws IOException {
        Paper paper = printed.print().paper();
        double height = paper.roll() ? sheet.height() * printed.print().down() + 2 * Paper.MARGIN : paper.height();
        PDPage page = Pages.add(document, paper.width(), height);
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            SheetPage on = new SheetPage(new Pen(stream, height), face, printed, sheet);
            on.pieces(stream, layers);
            on.frame();
            on.words();
        }
        return page;
    }

    private void pieces(PDPageContentStream stream, ClothLayers layers) throws IOException {
        Print print = printed.print();
        pen.save();
        pen.clip(Paper.MARGIN, Paper.MARGIN, right - Paper.MARGIN, bottom - Paper.MARGIN);
        pen.scaled(print.across(), print.down());
        pen.origin(Paper.MARGIN - sheet.x() * print.across(), Paper.MARGIN - sheet.y() * print.down());
        for (CuttingPlan.Cut cut : printed.plan().cuts()) {
            if (printed.sheets().shows(sheet, cut)) {
                layers.begin(stream, cut);
                Vec shift = printed.sheets().shift(cut);
                if (printed.sizes().isPresent()) {
                    printed.sizes().get().draw(pen, stream, face, print, cut.id(), shift);
                } else {
                    PieceOnPaper.draw(pen, face, print, sheet, cut, shift);
                    former(cut);
                }
                for (Spot spot : printed.sheets().spots()) {
                    if (spot.cut().equals(cut.id()) && spot.sheet().equals(sheet)) {
                        PieceWords.write(pen, face, cut, printed.heading(), spot, print);
                    }
                }
                layers.end(stream, cut);
            }
        }
        for (Joint joint : printed.sheets().joints()) {
            if (joint.first().equals(sheet) || joint.second().equals(sheet)) {
                register(joint.at());
            }
        }
        for (TestSquare square : printed.sheets().squares()) {
            if (square.isOn(sheet)) {
                square(pen, face, square.kind(), square.at(), square.side());
            }
        }
        pen.restore();
        pen.scaled(1, 1);
        pen.origin(0, 0);
    }

    /** A diamond astride the joint. */
    private void register(Point at) throws IOException {
        double across = REGISTER / printed.print().across();
        double down = REGISTER / printed.print().down();
        pen.grey(GREY);
        pen.stroke(0.25);
        Point left = at.plus(new Vec(-across, 0));
        Point above = at.plus(new Vec(0, -down));
        Point beside = at.plus(new Vec(across, 0));
        Point below = at.plus(new Vec(0, down));
        pen.fill(List.of(List.of(left, above, at), List.of(beside, below, at)));
        pen.polyline(List.of(left, above, beside, below, left));
        pen.grey(0);
    }

    /** The same piece as it was, dashed, waist on waist. */
    private void former(CuttingPlan.Cut cut) throws IOException {
        Optional<Piece> was = printed.former().stream()
                .flatMap(plan -> plan.cuts().stream())
                .filter(c -> c.id().equals(cut.id()))
                .map(CuttingPlan.Cut::piece)
                .findFirst();
        if (was.isEmpty()) {
            return;
        }
        Vec to = middle(was.get()).to(middle(cut.piece())).plus(printed.sheets().shift(cut));
        pen.grey(GREY);
        pen.stroke(0.4, 2, 2);
        for (OutlineEdge edge : was.get().outline()) {
            pen.path(edge.path().moved(to));
        }
        pen.grey(0);
    }

    private static Point middle(Piece piece) {
        return piece.mark(Level.WAIST)
                .map(m -> m.from().between(m.to(), 0.5))
                .orElseGet(() -> piece.outline().get(0).path().start());
    }

    /** The corners at which it is trimmed, and the lines up to which the next sheets are laid on it. */
    private void frame() throws IOException {
        pen.grey(GREY);
        pen.stroke(0.2);
        for (double x : new double[] {Paper.MARGIN, right}) {
            for (double y : new double[] {Paper.MARGIN, bottom}) {
                pen.line(new Point(x - INSET, y), new Point(x + INSET, y));
                pen.line(new Point(x, y - INSET), new Point(x, y + INSET));
            }
        }
        pen.stroke(0.15, 1, 2);
        if (isLaidOnIt(1, 0)) {
            pen.line(new Point(right - Paper.OVERLAP, Paper.MARGIN), new Point(right - Paper.OVERLAP, bottom));
        }
        if (isLaidOnIt(0, 1)) {
            pen.line(new Point(Paper.MARGIN, bottom - Paper.OVERLAP), new Point(right, bottom - Paper.OVERLAP));
        }
        pen.grey(0);
    }

    private boolean isLaidOnIt(int across, int down) {
        return printed.sheets().list().stream()
                .anyMatch(s -> s.column() == sheet.column() + across && s.row() == sheet.row() + down);
    }

    private void words() throws IOException {
        double at = Paper.MARGIN + INSET + 2;
        pen.text(at, Paper.MARGIN - 3, face.bold(), 10, "Sheet " + sheet.name());
        double after = at + Typeface.width(face.bold(), 10, "Sheet " + sheet.name()) + INSET;
        String head = pieceNames() + " · " + printed.heading().title() + " · "
                + printed.heading().wearer() + size() + how();
        pen.text(
                after,
                Paper.MARGIN - 3,
                face.plain(),
                HEAD,
                Typeface.within(face.plain(), HEAD, head, right - INSET - after));
        if (printed.warning().isPresent()) {
            String warning = printed.warning().get();
            pen.text(at, bottom + 5, face.bold(), HEAD, Typeface.within(face.bold(), HEAD, warning, right - at));
        }
    }

    private String pieceNames() {
        return printed.plan().cuts().stream()
                .filter(cut -> printed.sheets().spots().stream()
                        .anyMatch(s -> s.cut().equals(cut.id()) && s.sheet().equals(sheet)))
                .map(cut -> cut.piece().order() + " " + cut.piece().name())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private String size() {
        return printed.print().size() == PrintSize.FULL
                ? ""
                : " · " + printed.print().size().words();
    }

    private String how() {
        String print =
                printed.sheets().list().size() > 1 ? " · glue up to the dotted lines, row by row" : " · print at 100 %";
        return printed.print().scale().equals(PrintScale.TRUE) ? print : print + " · corrected for one printer";
    }

    /** The two squares side by side at their true size, for a page that shows no pattern. */
    static void squares(Pen pen, Typeface face, double x, double y) throws IOException {
        square(pen, face, TestSquare.Kind.METRIC, new Point(x + 2, y + 2), TestSquare.Kind.METRIC.side());
        square(pen, face, TestSquare.Kind.INCH, new Point(x + 55, y + 2), TestSquare.Kind.INCH.side());
    }

    private static void square(Pen pen, Typeface face, TestSquare.Kind kind, Point at, double side) throws IOException {
        pen.grey(0);
        pen.stroke(0.25);
        pen.rect(at.x(), at.y(), side, side);
        double scale = side / kind.side();
        double y = at.y() + side / 2;
        for (String line : Typeface.broken(face.plain(), 9, kind.words(), kind.side() - 2 * INSET)) {
            pen.text(at.x() + INSET * scale, y, face.plain(), 9, line);
            y += 5 * scale;
        }
    }
}
