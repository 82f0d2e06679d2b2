package bathyra.files.pdf;

import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Print;
import bathyra.files.size.SizeStroke;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.size.Nest;
import bathyra.size.SizeSet;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;

/** The sizes of a nest as layers of the document: a reader shows or hides each. */
record SizeLayers(Nest nest, List<PDOptionalContentGroup> groups) {
    private static final float VERSION = 1.5f;
    private static final double CROSS = 4;
    private static final double LABEL = 8;
    /** The labels stand in a row below the piece, mm on paper. */
    private static final double LABEL_APART = 6;

    private static final double BELOW = 7;

    static SizeLayers in(PDDocument document, SizeSet set, Nest nest) {
        List<PDOptionalContentGroup> groups = new ArrayList<>();
        PDOptionalContentProperties properties = new PDOptionalContentProperties();
        set.sizes().forEach(sized -> {
            PDOptionalContentGroup group =
                    new PDOptionalContentGroup("Size " + sized.size().label());
            properties.addGroup(group);
            groups.add(group);
        });
        document.setVersion(Math.max(document.getVersion(), VERSION));
        document.getDocumentCatalog().setOCProperties(properties);
        return new SizeLayers(nest, groups);
    }

    /** What a nested piece covers with its labels, closed, where it lies in the nest. */
    static List<Point> around(Nest.Nested nested) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < nested.sizes().size(); i++) {
            points.addAll(nested.sizes().get(i).piece().cutLine());
            points.add(label(nested, i));
        }
        return points;
    }

    /** Where the label of a size stands. */
    private static Point label(Nest.Nested nested, int index) {
        double foot = nested.sizes().stream()
                .flatMap(l -> l.piece().cutLine().stream())
                .mapToDouble(Point::y)
                .max()
                .orElse(0);
        double middle =
                corner(nested.sizes().get(nested.sizes().size() / 2).piece()).x();
        double x = middle + (index - (nested.sizes().size() - 1) / 2.0) * LABEL_APART;
        return new Point(x, foot + BELOW);
    }

    /** The lower corner from which the labels fan out. */
    private static Point corner(Piece piece) {
        return piece.outline().stream()
                .map(e -> e.path().start())
                .max(Comparator.comparingDouble(p -> p.y() + 0.5 * p.x()))
                .orElseThrow();
    }

    /** Draws a piece in all its sizes. @param shift how far it lies on the whole sheet from where it lies in the nest */
    void draw(Pen pen, PDPageContentStream out, Typeface face, Print print, String piece, Vec shift)
            throws IOException {
        Nest.Nested nested = nest.pieces().stream()
                .filter(n -> n.id().equals(piece))
                .findFirst()
                .orElseThrow();
        for (int i = 0; i < nested.sizes().size(); i++) {
            Nest.Lying lying = nested.sizes().get(i);
            out.beginMarkedContent(COSName.OC, groups.get(lying.row()));
            outline(pen, print, lying, shift);
            Point label = label(nested, i).plus(shift);
            pen.stroke(0.15);
            pen.line(corner(lying.piece()).plus(shift), label.plus(new Vec(0, -2.5)));
            pen.text(
                    label.x() - 1.5, label.y(), face.bold(), LABEL, lying.size().label());
            out.endMarkedContent();
        }
        Point at = nested.common().plus(shift);
        pen.stroke(0.3);
        pen.line(at.plus(new Vec(-CROSS, 0)), at.plus(new Vec(CROSS, 0)));
        pen.line(at.plus(new Vec(0, -CROSS)), at.plus(new Vec(0, CROSS)));
    }

    private static void outline(Pen pen, Print print, Nest.Lying lying, Vec shift) throws IOException {
        SizeStroke stroke = SizeStroke.of(lying.row());
        float[] dash = new float[stroke.dash().size()];
        for (int i = 0; i < dash.length; i++) {
            dash[i] = stroke.dash().get(i).floatValue();
        }
        pen.grey(0);
        pen.stroke(stroke.width(), dash);
        for (OutlineEdge edge : lying.piece().outline()) {
            pen.path(edge.path().moved(shift));
        }
        if (print.draws(Drawn.ALLOWANCES)) {
            pen.stroke(0.15, dash);
            pen.polyline(
                    lying.piece().cutLine().stream().map(p -> p.plus(shift)).toList());
        }
        if (print.draws(Drawn.LEVELS)) {
            pen.stroke(0.15, 1, 2);
            for (LevelMark mark : lying.piece().levelMarks()) {
                if (mark.level().equals(Level.WAIST.id())) {
                    pen.line(mark.from().plus(shift), mark.to().plus(shift));
                }
            }
        }
    }
}
