package bathyra.files.svg;

import bathyra.geometry.Point;
import bathyra.lay.Lay;
import bathyra.lay.Placed;
import java.util.List;
import java.util.Locale;

/** A lay as an SVG drawing at full size: the cloth, and a closed line for each piece with its name. */
public final class SvgLay {
    private static final double MARGIN = 20;
    private static final double MIDDLE = 0.5;

    private SvgLay() {}

    public static String write(Lay lay, String title) {
        double width = lay.width() + 2 * MARGIN;
        double height = lay.bought() + 2 * MARGIN;
        StringBuilder out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        out.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"%.3f %.3f %.3f %.3f\">\n",
                width,
                height,
                -MARGIN,
                -MARGIN,
                width,
                height));
        out.append("<title>")
                .append(Xml.escaped(title))
                .append(
                        "</title>\n<style>path,rect{fill:none;stroke:#17242E;stroke-width:.6}.cloth{stroke-dasharray:8 5}.text{font:14px Lato,sans-serif;fill:#17242E;text-anchor:middle}</style>\n");
        out.append(String.format(
                Locale.ROOT,
                "<rect class=\"cloth\" x=\"0\" y=\"0\" width=\"%.3f\" height=\"%.3f\" data-folded=\"%s\"/>\n",
                lay.width(),
                lay.bought(),
                lay.folded()));
        for (Placed placed : lay.placed()) {
            List<Point> ring = placed.ring();
            out.append("<path class=\"laid\" data-piece=\"")
                    .append(Xml.escaped(placed.piece().key()))
                    .append("\" d=\"");
            for (int i = 0; i < ring.size() - 1; i++) {
                out.append(i == 0 ? "M" : "L")
                        .append(String.format(
                                Locale.ROOT,
                                "%.4f,%.4f",
                                ring.get(i).x(),
                                ring.get(i).y()));
            }
            out.append("Z\"/>\n");
            out.append(String.format(
                    Locale.ROOT,
                    "<text class=\"text\" x=\"%.2f\" y=\"%.2f\">%s</text>\n",
                    placed.x() + placed.piece().width() * MIDDLE,
                    placed.y() + placed.piece().height() * MIDDLE,
                    Xml.escaped(placed.piece().name())));
        }
        return out.append("</svg>\n").toString();
    }
}
