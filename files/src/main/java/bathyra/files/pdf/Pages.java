package bathyra.files.pdf;

import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** Pages by their size in millimetres. */
final class Pages {
    private static final double POINTS_PER_MM = 72 / 25.4;

    private Pages() {}

    /** One more page of a document. @param width mm @param height mm */
    static PDPage add(PDDocument document, double width, double height) {
        PDPage page = new PDPage(new PDRectangle((float) (width * POINTS_PER_MM), (float) (height * POINTS_PER_MM)));
        document.addPage(page);
        return page;
    }

    /** Asks every reader to print the document at its own size. */
    static void unscaled(PDDocument document) {
        PDViewerPreferences preferences =
                new PDViewerPreferences(document.getDocumentCatalog().getCOSObject());
        preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
        document.getDocumentCatalog().getCOSObject().setItem(COSName.VIEWER_PREFERENCES, preferences);
    }
}
