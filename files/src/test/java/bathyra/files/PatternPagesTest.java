package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.sheet.PrintScale;
import bathyra.files.sheet.PrintSize;
import bathyra.files.sheet.Sheets;
import bathyra.garment.Closure;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** A printed pattern read back: its layers, bookmarks, sheets, sizes, and that no word is cut by a sheet's edge. */
class PatternPagesTest {
    private static final int BEFORE = 3;
    private final Draft draft = draft();
    private final CuttingPlan plan = CuttingPlan.of(draft);

    private static Draft draft() {
        Garment corset = Garment.of(GarmentKind.CORSET);
        return (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea(), corset.withFastening(corset.fastening().with(Closure.BACK_LACING))));
    }

    private PDDocument written(Print print) throws IOException {
        return Loader.loadPDF(PdfPattern.write(
                draft, plan, print, new PdfPattern.Imprint("2026-01-01", ""), PdfPattern.Progress.UNSEEN));
    }

    @Test
    void everyClothLayer_isALayerOfTheDocument() throws IOException {
        try (PDDocument pdf = written(Print.of(Paper.A4))) {
            assertThat(pdf.getDocumentCatalog().getOCProperties().getGroupNames())
                    .containsExactlyInAnyOrderElementsOf(
                            plan.layers().stream().map(l -> l.kind().label()).toList());
            assertThat(pdf.getVersion()).isGreaterThanOrEqualTo(1.5f);
        }
    }

    @Test
    void everyDrawing_hasABookmarkToASheetOnWhichItsNameStands() throws IOException {
        try (PDDocument pdf = written(Print.of(Paper.A4))) {
            List<String> titles = new ArrayList<>();
            for (PDOutlineItem item :
                    pdf.getDocumentCatalog().getDocumentOutline().children()) {
                titles.add(item.getTitle());
                int page = pdf.getPages().indexOf(item.findDestinationPage(pdf));
                String name = item.getTitle().replaceAll("^\\d+ ([^,]+(, centre (front|back))?).*", "$1");
                assertThat(text(pdf, page + 1).replaceAll("\\s+", " ")).contains(name);
            }
            assertThat(titles).hasSize(plan.cuts().size());
        }
    }

    @Test
    void theDocument_saysItsTitleAndLanguage_andNobodysName() throws IOException {
        try (PDDocument pdf = written(Print.of(Paper.A4))) {
            PDDocumentCatalog catalog = pdf.getDocumentCatalog();
            assertThat(catalog.getLanguage()).isEqualTo("en");
            assertThat(catalog.getViewerPreferences().displayDocTitle()).isTrue();
            assertThat(pdf.getDocumentInformation().getTitle())
                    .isEqualTo(draft.pattern().title());
            assertThat(pdf.getDocumentInformation().getAuthor()).isNull();
        }
        try (PDDocument pdf = Loader.loadPDF(PdfPattern.write(draft.byInitials(), Paper.A4, "2026-01-01"))) {
            assertThat(text(pdf, 0)).doesNotContain("Nerea").doesNotContain("Holloway");
        }
    }

    @Test
    void noWord_reachesOverASheetsEdge_andEverySheetBearsItsNameAndThatOfAPiece() throws IOException {
        for (Paper paper : List.of(Paper.A4, Paper.LETTER, Paper.A3)) {
            Print print = Print.of(paper);
            Sheets sheets = Sheets.of(plan, print);
            try (PDDocument pdf = written(print)) {
                int before = pdf.getNumberOfPages() - sheets.list().size();
                assertThat(before).as("cover and lists").isBetween(2, BEFORE);
                for (int i = 0; i < sheets.list().size(); i++) {
                    String words = text(pdf, before + 1 + i);
                    assertThat(words).contains("Sheet " + sheets.list().get(i).name());
                    assertThat(plan.cuts())
                            .anyMatch(c -> words.contains(c.piece().name()));
                    for (TextPosition letter : letters(pdf, before + 1 + i)) {
                        double left = letter.getXDirAdj() * 25.4 / 72;
                        double right = left + letter.getWidthDirAdj() * 25.4 / 72;
                        assertThat(left).as(words).isGreaterThanOrEqualTo(Paper.MARGIN - 0.01);
                        assertThat(right).as(words).isLessThanOrEqualTo(paper.width() - Paper.MARGIN + 0.01);
                    }
                }
            }
        }
    }

    @Test
    void sheetsLeftOut_areNotPrinted_andTheCoverSaysSo() throws IOException {
        Print all = Print.of(Paper.A4);
        Sheets sheets = Sheets.of(plan, all);
        Print fewer = new Print(
                Paper.A4,
                PrintScale.TRUE,
                PrintSize.FULL,
                all.drawn(),
                Set.of(sheets.list().get(1).name()));
        try (PDDocument pdf = written(fewer)) {
            assertThat(pdf.getNumberOfPages() - BEFORE).isEqualTo(sheets.list().size() - 1);
            assertThat(text(pdf, 1)).contains("1 left out");
            assertThat(text(pdf, 0))
                    .doesNotContain("Sheet " + sheets.list().get(1).name() + " ");
        }
    }

    @Test
    void atHalfSize_theSquareStillMeasuresFifty_andNothingThatWasNotAskedForIsDrawn() throws IOException {
        Print half = new Print(Paper.A4, PrintScale.TRUE, PrintSize.HALF, EnumSet.noneOf(Drawn.class), Set.of());
        try (PDDocument pdf = written(half)) {
            List<SquareFinder.Square> squares = new ArrayList<>();
            for (int i = BEFORE; i < pdf.getNumberOfPages(); i++) {
                squares.addAll(SquareFinder.in(pdf.getPage(i)));
                assertThat(text(pdf, i + 1)).contains("half size").doesNotContain("High hip");
            }
            assertThat(squares).anySatisfy(s -> assertThat(s.width()).isCloseTo(50, within(0.01)));
            assertThat(pdf.getNumberOfPages() - BEFORE)
                    .isLessThan(Sheets.of(plan, Print.of(Paper.A4)).list().size());
        }
    }

    @Test
    void toProject_isOnePageWithItsLayersAndEveryPiece() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(PdfPattern.projected(draft, plan))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            double width = pdf.getPage(0).getMediaBox().getWidth() * 25.4 / 72;
            assertThat(width).isCloseTo(Math.round(width / 50) * 50.0, within(0.01));
            assertThat(new HashSet<>(
                            plan.cuts().stream().map(c -> c.piece().name()).toList()))
                    .allMatch(name -> read(pdf).contains(name));
        }
    }

    private static String read(PDDocument pdf) {
        try {
            return text(pdf, 1);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    /** @param page from 1; 0 for all */
    private static String text(PDDocument pdf, int page) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        if (page > 0) {
            stripper.setStartPage(page);
            stripper.setEndPage(page);
        }
        return stripper.getText(pdf);
    }

    private static List<TextPosition> letters(PDDocument pdf, int page) throws IOException {
        List<TextPosition> letters = new ArrayList<>();
        PDFTextStripper stripper = new PDFTextStripper() {
            @Override
            protected void writeString(String words, List<TextPosition> positions) {
                letters.addAll(positions);
            }
        };
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        stripper.getText(pdf);
        return letters;
    }
}
