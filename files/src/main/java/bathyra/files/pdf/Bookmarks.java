package bathyra.files.pdf;

import bathyra.files.CuttingPlan;
import bathyra.files.sheet.Spot;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;

/** One bookmark a piece, to the sheet on which it has its name. */
final class Bookmarks {
    private Bookmarks() {}

    /** @param pages those of the sheets, by their names */
    static void add(PDDocument document, SheetPage.Printed printed, Map<String, PDPage> pages) {
        PDDocumentOutline outline = new PDDocumentOutline();
        for (CuttingPlan.Cut cut : printed.plan().cuts()) {
            page(printed, cut, pages).ifPresent(page -> {
                PDOutlineItem item = new PDOutlineItem();
                item.setTitle(cut.piece().order() + " " + cut.piece().name() + ", " + cut.words());
                item.setDestination(page);
                outline.addLast(item);
            });
        }
        document.getDocumentCatalog().setDocumentOutline(outline);
    }

    private static Optional<PDPage> page(SheetPage.Printed printed, CuttingPlan.Cut cut, Map<String, PDPage> pages) {
        Optional<PDPage> named = printed.sheets().spots().stream()
                .filter(s -> s.first() && s.cut().equals(cut.id()))
                .map(Spot::sheet)
                .findFirst()
                .map(sheet -> pages.get(sheet.name()));
        return named.or(() -> printed.sheets().printed().stream()
                .filter(sheet -> printed.sheets().shows(sheet, cut))
                .map(sheet -> pages.get(sheet.name()))
                .findFirst());
    }
}
