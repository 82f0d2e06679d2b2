package bathyra.files.pdf;

import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** Pages by their size in millimetres. */
final class Pages {
    private static final double POINTS_PER_MM = 72 / 25.4;
    private static final String LANGUAGE = "en";

    private Pages() {}

    /** One more page of a document. @param width mm @param height mm */
    static PDPage add(PDDocument document, double width, double height) {
        PDPage page = new PDPage(new PDRectangle((float) (width * POINTS_PER_MM), (float) (height * POINTS_PER_MM)));
        document.addPage(page);
        return page;
    }

    /** Gives a document its title, which readers show in place of the file's name, and its language; it bears no author. */
    static void entitled(PDDocument document, String title) {
        document.getDocumentInformation().setTitle(title);
        document.getDocumentCatalog().setLanguage(LANGUAGE);
        preferences(document).setDisplayDocTitle(true);
    }

    /** Asks every reader to print the document at its own size. */
    static void unscaled(PDDocument document) {
        preferences(document).setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
    }

    private static PDViewerPreferences preferences(PDDocument document) {
        PDDocumentCatalog catalog = document.getDocumentCatalog();
        if (catalog.getViewerPreferences() == null) {
            catalog.setViewerPreferences(new PDViewerPreferences(new COSDictionary()));
        }
        return catalog.getViewerPreferences();
    }
}
