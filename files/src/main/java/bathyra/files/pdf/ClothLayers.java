package bathyra.files.pdf;

import bathyra.files.CuttingPlan;
import bathyra.garment.LayerKind;
import bathyra.layer.Layer;
import java.io.IOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentMembershipDictionary;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;

/** The layers of cloth as layers of the document: a reader shows or hides each. What is cut in several is seen while one of them is. */
record ClothLayers(Map<LayerKind, PDOptionalContentGroup> groups) {
    /** Layers in a document came with this version of the format. */
    private static final float VERSION = 1.5f;

    static ClothLayers in(PDDocument document, CuttingPlan plan) {
        Map<LayerKind, PDOptionalContentGroup> groups = new EnumMap<>(LayerKind.class);
        PDOptionalContentProperties properties = new PDOptionalContentProperties();
        for (Layer layer : plan.layers()) {
            PDOptionalContentGroup group =
                    new PDOptionalContentGroup(layer.kind().label());
            properties.addGroup(group);
            groups.put(layer.kind(), group);
        }
        if (!groups.isEmpty()) {
            document.setVersion(Math.max(document.getVersion(), VERSION));
            document.getDocumentCatalog().setOCProperties(properties);
        }
        return new ClothLayers(groups);
    }

    /** From here on what is drawn belongs to the layers of a drawing. */
    void begin(PDPageContentStream out, CuttingPlan.Cut cut) throws IOException {
        List<PDPropertyList> of = cut.layers().stream()
                .filter(groups::containsKey)
                .<PDPropertyList>map(groups::get)
                .toList();
        if (of.size() == 1) {
            out.beginMarkedContent(COSName.OC, of.get(0));
        } else if (!of.isEmpty()) {
            PDOptionalContentMembershipDictionary any = new PDOptionalContentMembershipDictionary();
            any.setOCGs(of);
            any.setVisibilityPolicy(COSName.getPDFName("AnyOn"));
            out.beginMarkedContent(COSName.OC, any);
        }
    }

    void end(PDPageContentStream out, CuttingPlan.Cut cut) throws IOException {
        if (cut.layers().stream().anyMatch(groups::containsKey)) {
            out.endMarkedContent();
        }
    }
}
