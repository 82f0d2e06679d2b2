package bathyra.files.pdf;

import bathyra.block.BlockDrawing;
import bathyra.bone.BonePlan;
import bathyra.bone.Busk;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.sheet.Sheet;
import bathyra.files.sheet.Sheets;
import bathyra.garment.Commission;
import bathyra.geometry.Shape;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.size.Nest;
import bathyra.size.SizeSet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;

/** A pattern on paper at full size: a cover sheet, what is cut and how it is sewn, then the sheets that are not blank. */
public final class PdfPattern {
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
        return write(draft, CuttingPlan.of(draft), Print.of(paper), new Imprint(date, ""), Progress.UNSEEN);
    }

    /** Whose print it is. @param line of the workshop; empty for none */
    public record Imprint(String date, String line) {}

    /**
     * The whole document.
     *
     * @throws CancellationException when it is no longer wanted
     */
    public static byte[] write(Draft draft, CuttingPlan plan, Print print, Imprint imprint, Progress progress)
            throws IOException {
        return document(draft.pattern().title(), (document, face) -> {
            Sheets sheets = Sheets.of(plan, print);
            lists(document, face, draft, plan, sheets, imprint);
            sheets(document, face, new SheetPage.Printed(heading(draft), plan, sheets, warning(draft)), progress);
        });
    }

    private static void lists(
            PDDocument document, Typeface face, Draft draft, CuttingPlan plan, Sheets sheets, Imprint imprint)
            throws IOException {
        Cover.draw(document, face, draft, plan, sheets, imprint);
        MakingPages.draw(
                document,
                face,
                draft,
                plan,
                draft.commission().units(),
                sheets.print().coverPaper());
    }

    /** How many pages of cover and lists come before the sheets. */
    public static int listPages(Draft draft, CuttingPlan plan, Sheets sheets) throws IOException {
        try (PDDocument document = new PDDocument()) {
            lists(document, Typeface.in(document), draft, plan, sheets, new Imprint("", ""));
            return document.getNumberOfPages();
        }
    }

    /** The pieces at full size with the former draft's outlines dashed under them, waist on waist. */
    public static byte[] overFormer(Draft draft, Draft former, CuttingPlan plan, CuttingPlan formerPlan, Paper paper)
            throws IOException {
        String title = draft.pattern().title();
        PieceOnPaper.Heading heading = new PieceOnPaper.Heading(
                title + ", the former draft dashed",
                former.commission().wearer().name());
        return document(
                title,
                (document, face) -> sheets(
                        document,
                        face,
                        new SheetPage.Printed(heading, plan, Sheets.of(plan, Print.of(paper)), Optional.empty())
                                .over(formerPlan),
                        Progress.UNSEEN));
    }

    /** The pieces of a darted block on sheets at full size, with what every sheet bears; how it is drafted stands on sheets of its own. */
    public static byte[] write(BlockDrawing block, Commission commission, Paper paper) throws IOException {
        CuttingPlan plan = CuttingPlan.of(block, commission);
        PieceOnPaper.Heading heading =
                new PieceOnPaper.Heading(commission.title(), commission.wearer().name());
        return document(
                commission.title(),
                (document, face) -> sheets(
                        document,
                        face,
                        new SheetPage.Printed(heading, plan, Sheets.of(plan, Print.of(paper)), Optional.empty()),
                        Progress.UNSEEN));
    }

    /** The pieces on one page for a projector over the cutting table: thick lines, a grid and crosses to calibrate by, no margins. */
    public static byte[] projected(Draft draft, CuttingPlan plan) throws IOException {
        return document(
                draft.pattern().title() + ", to project",
                (document, face) -> ProjectorPage.draw(document, face, heading(draft), plan));
    }

    /** All sizes of a design one inside the other, a layer a size. */
    public static byte[] nest(SizeSet set, Nest nest, Print print) throws IOException {
        String title = set.design().title() + ", " + set.chart().name();
        CuttingPlan plan = CuttingPlan.of(new Pattern(
                title,
                "",
                List.of(),
                nest.pieces().stream().map(PdfPattern::around).toList(),
                List.of(),
                OptionalDouble.empty()));
        PieceOnPaper.Heading heading = new PieceOnPaper.Heading(
                title,
                "sizes " + set.drafted().stream().map(s -> s.size().label()).collect(Collectors.joining(", ")));
        return document(title, (document, face) -> {
            SizeLayers sizes = SizeLayers.in(document, set, nest);
            sheets(
                    document,
                    face,
                    new SheetPage.Printed(heading, plan, Sheets.of(plan, print), caution(set)).in(sizes),
                    Progress.UNSEEN);
        });
    }

    /** The largest size, with room for all and their labels. */
    private static Piece around(Nest.Nested nested) {
        Piece largest = nested.sizes().get(nested.sizes().size() - 1).piece();
        return largest.cutWith(Shape.hull(SizeLayers.around(nested)), largest.allowances());
    }

    private static Optional<String> caution(SizeSet set) {
        return set.mustBeSpokenOf()
                ? Optional.of(
                        "Draws the waist in past the top level: tell each wearer, and have it agreed, before she is laced.")
                : Optional.empty();
    }

    /** Fills a document. */
    @FunctionalInterface
    private interface Filling {
        void into(PDDocument document, Typeface face) throws IOException;
    }

    private static byte[] document(String title, Filling filling) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            filling.into(document, Typeface.in(document));
            Pages.entitled(document, title);
            Pages.unscaled(document);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static void sheets(PDDocument document, Typeface face, SheetPage.Printed printed, Progress progress)
            throws IOException {
        ClothLayers layers =
                printed.sizes().isPresent() ? new ClothLayers(Map.of()) : ClothLayers.in(document, printed.plan());
        Map<String, PDPage> pages = new HashMap<>();
        List<Sheet> all = printed.sheets().printed();
        for (int i = 0; i < all.size(); i++) {
            progress.at(i, all.size());
            pages.put(all.get(i).name(), SheetPage.draw(document, face, printed, layers, all.get(i)));
        }
        Bookmarks.add(document, printed, pages);
    }

    private static PieceOnPaper.Heading heading(Draft draft) {
        return PieceOnPaper.Heading.of(draft);
    }

    /** What is missing to make it at all, for the cover and for every sheet. */
    static Optional<String> warning(Draft draft) {
        return BonePlan.of(draft)
                .busk()
                .flatMap(Busk::missing)
                .map(s -> s.in(draft.commission().units()));
    }
}
