package bathyra.files.pdf;

import bathyra.block.BlockDrawing;
import bathyra.bone.BonePlan;
import bathyra.bone.Busk;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.garment.Commission;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A pattern on paper at full size: a cover sheet, what is cut and how it is sewn, then the sheets that are not blank. */
public final class PdfPattern {
    private static final double INCH_SQUARE = 50.8;
    private static final double GREY = 0.45;

    private PdfPattern() {}

    /** How a long print gets on, and whether it is still wanted. */
    public record Progress(DoubleConsumer share, BooleanSupplier cancelled) {
        /** Nobody looks. */
        public static final Progress UNSEEN = new Progress(s -> {}, () -> false);

        private void at(int done, int of) {
            if (cancelled.getAsBoolean()) {
                throw new CancellationException("the print is no longer wanted");
            }
            share.accept((double) done / of);
        }
    }

    /** The whole document in all layers, for a printer that is right. */
    public static byte[] write(Draft draft, Paper paper, String date) throws IOException {
        return write(draft, CuttingPlan.of(draft), paper, PrintScale.TRUE, date, Progress.UNSEEN);
    }

    /**
     * The whole document.
     *
     * @param scale makes good for a printer that is off
     * @throws CancellationException when it is no longer wanted
     */
    public static byte[] write(
            Draft draft, CuttingPlan plan, Paper paper, PrintScale scale, String date, Progress progress)
            throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            Tiles tiles = Tiles.of(plan, paper, scale);
            Paper coverPaper = paper.isLarge() || paper.roll() || paper.width() < Paper.A4.width() ? Paper.A4 : paper;
            Cover.draw(
                    page(document, coverPaper.width(), coverPaper.height()),
                    document,
                    face,
                    draft,
                    plan,
                    tiles,
                    coverPaper,
                    paper,
                    scale,
                    date);
            MakingPages.draw(document, face, draft, plan, draft.commission().units(), coverPaper);
            Printed printed = new Printed(PieceOnPaper.Heading.of(draft), plan, tiles, scale, warning(draft));
            tiles(document, face, printed, paper, progress);
            document.getDocumentInformation().setTitle(draft.pattern().title());
            Pages.unscaled(document);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** The pieces at full size with the former draft's outlines dashed under them, waist on waist. */
    public static byte[] overFormer(Draft draft, Draft former, CuttingPlan plan, CuttingPlan formerPlan, Paper paper)
            throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Tiles tiles = Tiles.of(plan, paper, PrintScale.TRUE);
            tiles(
                    document,
                    Typeface.in(document),
                    new Printed(
                            new PieceOnPaper.Heading(
                                    draft.pattern().title() + ", the former draft dashed",
                                    former.commission().wearer().name()),
                            plan,
                            tiles,
                            PrintScale.TRUE,
                            Optional.empty(),
                            Optional.of(formerPlan)),
                    paper,
                    Progress.UNSEEN);
            document.getDocumentInformation().setTitle(draft.pattern().title());
            Pages.unscaled(document);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** The pieces of a darted block on sheets at full size, with what every sheet bears; how it is drafted stands on sheets of its own. */
    public static byte[] write(BlockDrawing block, Commission commission, Paper paper) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            CuttingPlan plan = CuttingPlan.of(block, commission);
            Tiles tiles = Tiles.of(plan, paper, PrintScale.TRUE);
            PieceOnPaper.Heading heading = new PieceOnPaper.Heading(
                    commission.title(), commission.wearer().name());
            tiles(
                    document,
                    Typeface.in(document),
                    new Printed(heading, plan, tiles, PrintScale.TRUE, Optional.empty()),
                    paper,
                    Progress.UNSEEN);
            document.getDocumentInformation().setTitle(commission.title());
            Pages.unscaled(document);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static void tiles(PDDocument document, Typeface face, Printed printed, Paper paper, Progress progress)
            throws IOException {
        List<Tiles.Tile> all = printed.tiles().list();
        for (int i = 0; i < all.size(); i++) {
            progress.at(i, all.size());
            Tiles.Tile tile = all.get(i);
            double height = paper.roll() ? tile.height() * printed.scale().down() + 2 * Paper.MARGIN : paper.height();
            tile(document, face, printed, tile, paper.width(), height);
        }
    }

    /** What is drawn on the tiles, and what has to be known on every one of them. */
    private record Printed(
            PieceOnPaper.Heading heading,
            CuttingPlan plan,
            Tiles tiles,
            PrintScale scale,
            Optional<String> warning,
            Optional<CuttingPlan> former) {
        Printed(
                PieceOnPaper.Heading heading,
                CuttingPlan plan,
                Tiles tiles,
                PrintScale scale,
                Optional<String> warning) {
            this(heading, plan, tiles, scale, warning, Optional.empty());
        }
    }

    /** What is missing to make it at all, for the cover and for every sheet. */
    static Optional<String> warning(Draft draft) {
        return BonePlan.of(draft)
                .busk()
                .flatMap(Busk::missing)
                .map(s -> s.in(draft.commission().units()));
    }

    static PDPage page(PDDocument document, double width, double height) {
        PDPage page = Pages.add(document, width, height);
        return page;
    }

    private static void tile(
            PDDocument document, Typeface face, Printed printed, Tiles.Tile tile, double width, double height)
            throws IOException {
        Tiles tiles = printed.tiles();
        PrintScale scale = printed.scale();
        try (PDPageContentStream stream = new PDPageContentStream(document, page(document, width, height))) {
            Pen pen = new Pen(stream, height);
            pen.save();
            pen.clip(Paper.MARGIN, Paper.MARGIN, tile.width() * scale.across(), tile.height() * scale.down());
            pen.scaled(scale.across(), scale.down());
            pen.origin(Paper.MARGIN - tile.x() * scale.across(), Paper.MARGIN - tile.y() * scale.down());
            testSquares(pen, face, 0, 0, false);
            for (CuttingPlan.Cut cut : printed.plan().cuts()) {
                Vec shift = Tiles.shift(tiles.layout(), cut);
                double[] box = SheetLayout.box(cut.piece());
                if (tile.shows(box[0] + shift.dx(), box[1] + shift.dy(), box[2] + shift.dx(), box[3] + shift.dy())) {
                    PieceOnPaper.draw(pen, face, cut, shift, printed.heading());
                    former(pen, printed, cut, shift);
                }
            }
            pen.restore();
            pen.scaled(1, 1);
            pen.origin(0, 0);
            frame(pen, face, printed, tile);
        }
    }

    /** The same piece as it was, dashed, waist on waist. */
    private static void former(Pen pen, Printed printed, CuttingPlan.Cut cut, Vec shift) throws IOException {
        Optional<Piece> was = printed.former().stream()
                .flatMap(plan -> plan.cuts().stream())
                .filter(c -> c.id().equals(cut.id()))
                .map(CuttingPlan.Cut::piece)
                .findFirst();
        if (was.isEmpty()) {
            return;
        }
        Vec to = middle(was.get()).to(middle(cut.piece())).plus(shift);
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

    private static void frame(Pen pen, Typeface face, Printed printed, Tiles.Tile tile) throws IOException {
        PrintScale scale = printed.scale();
        int tiles = printed.tiles().list().size();
        pen.grey(GREY);
        pen.stroke(0.2);
        double right = Paper.MARGIN + tile.width() * scale.across();
        double bottom = Paper.MARGIN + tile.height() * scale.down();
        for (double x : new double[] {Paper.MARGIN, right}) {
            for (double y : new double[] {Paper.MARGIN, bottom}) {
                pen.line(new Point(x - 4, y), new Point(x + 4, y));
                pen.line(new Point(x, y - 4), new Point(x, y + 4));
            }
        }
        if (tiles > 1) {
            pen.stroke(0.15, 1, 2);
            pen.line(new Point(right - Paper.OVERLAP, Paper.MARGIN), new Point(right - Paper.OVERLAP, bottom));
            pen.line(new Point(Paper.MARGIN, bottom - Paper.OVERLAP), new Point(right, bottom - Paper.OVERLAP));
        }
        pen.grey(0);
        pen.text(Paper.MARGIN + 6, Paper.MARGIN - 3, face.bold(), 10, "Sheet " + tile.name());
        pen.text(
                Paper.MARGIN + 32,
                Paper.MARGIN - 3,
                face.plain(),
                8,
                printed.heading().title() + " · " + printed.heading().wearer()
                        + (tiles > 1 ? " · glue up to the dotted lines, row by row" : " · print at 100 %")
                        + (scale.equals(PrintScale.TRUE) ? "" : " · corrected for one printer"));
        if (printed.warning().isPresent()) {
            pen.text(
                    Paper.MARGIN + 6,
                    bottom + 5,
                    face.bold(),
                    8,
                    printed.warning().get());
        }
        pen.grey(0);
    }

    /** The two squares by which a print's scale is measured. */
    static void testSquares(Pen pen, Typeface face, double x, double y, boolean beside) throws IOException {
        pen.grey(0);
        pen.stroke(0.25);
        pen.rect(x + 2, y + 2, PrintScale.SQUARE, PrintScale.SQUARE);
        pen.text(x + 6, y + 26, face.plain(), 9, "50 mm: measure");
        pen.text(x + 6, y + 31, face.plain(), 9, "before cutting");
        double x2 = beside ? x + 55 : x + 2;
        double y2 = beside ? y + 2 : y + 58;
        pen.rect(x2, y2, INCH_SQUARE, INCH_SQUARE);
        pen.text(x2 + 4, y2 + 24, face.plain(), 9, "2 in");
    }
}
