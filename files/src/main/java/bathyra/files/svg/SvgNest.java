package bathyra.files.svg;

import bathyra.files.size.SizeStroke;
import bathyra.geometry.Point;
import bathyra.piece.Piece;
import bathyra.size.Nest;
import bathyra.size.SizeSet;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A nest as an SVG drawing at full size: one user unit is one millimetre, one group a size with its own stroke, in it one a piece. */
public final class SvgNest {
    private static final double MARGIN = 10;
    private static final double CROSS = 4;
    private static final double LETTER = 6;

    private SvgNest() {}

    public static String write(SizeSet set, Nest nest) {
        StringBuilder out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        double width = nest.width() + 2 * MARGIN;
        double height = nest.height() + 2 * MARGIN;
        String title = set.design().title() + ", " + set.chart().name();
        out.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"%.3f %.3f %.3f %.3f\">\n<title>%s</title>\n",
                width,
                height,
                -MARGIN,
                -MARGIN,
                width,
                height,
                Xml.escaped(title)));
        for (int row = 0; row < set.sizes().size(); row++) {
            size(out, set, nest, row);
        }
        out.append("<g id=\"common\" fill=\"none\" stroke=\"#17242E\" stroke-width=\"0.3\">\n");
        for (Nest.Nested nested : nest.pieces()) {
            Point at = nested.common();
            out.append(String.format(
                    Locale.ROOT,
                    "<path d=\"M%.3f %.3fh%.3fM%.3f %.3fv%.3f\"/><text x=\"%.3f\" y=\"%.3f\" fill=\"#17242E\" stroke=\"none\" style=\"font:%.0fpx Lato,sans-serif\">%s</text>\n",
                    at.x() - CROSS,
                    at.y(),
                    2 * CROSS,
                    at.x(),
                    at.y() - CROSS,
                    2 * CROSS,
                    at.x() + 2 * CROSS,
                    at.y() - CROSS,
                    LETTER,
                    Xml.escaped(nested.order() + " " + nested.name())));
        }
        return out.append("</g>\n</svg>\n").toString();
    }

    private static void size(StringBuilder out, SizeSet set, Nest nest, int row) {
        SizeStroke stroke = SizeStroke.of(row);
        String label = set.sizes().get(row).size().label();
        out.append("<g id=\"size-")
                .append(row + 1)
                .append("\" data-size=\"")
                .append(Xml.escaped(label))
                .append("\" fill=\"none\" stroke=\"#17242E\" stroke-width=\"")
                .append(stroke.width())
                .append('"');
        if (!stroke.dash().isEmpty()) {
            out.append(" stroke-dasharray=\"")
                    .append(stroke.dash().stream().map(Object::toString).collect(Collectors.joining(" ")))
                    .append('"');
        }
        out.append(">\n<title>Size ").append(Xml.escaped(label)).append("</title>\n");
        for (Nest.Nested nested : nest.pieces()) {
            for (Nest.Lying lying : nested.sizes()) {
                if (lying.row() == row) {
                    piece(out, nested, lying.piece());
                }
            }
        }
        out.append("</g>\n");
    }

    private static void piece(StringBuilder out, Nest.Nested nested, Piece piece) {
        out.append("<path class=\"sew\" data-piece=\"")
                .append(Xml.escaped(nested.id()))
                .append("\" d=\"")
                .append(SvgPattern.data(piece.path()))
                .append("Z\"/><path class=\"cut\" stroke-opacity=\"0.5\" d=\"")
                .append(polygon(piece.cutLine()))
                .append("\"/>\n");
    }

    private static String polygon(List<Point> closed) {
        return closed.stream()
                        .map(p -> String.format(Locale.ROOT, "%.3f %.3f", p.x(), p.y()))
                        .collect(Collectors.joining("L", "M", ""))
                + "Z";
    }
}
