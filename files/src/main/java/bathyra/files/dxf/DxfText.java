package bathyra.files.dxf;

import bathyra.geometry.Line;
import bathyra.geometry.Point;
import java.math.BigDecimal;
import java.util.List;

/** The text of a drawing-exchange file: plain, release 12, millimetres, y up. */
final class DxfText {
    private static final int PLACES = 4;
    private static final double SCALED = 1e4;

    private final StringBuilder out = new StringBuilder();

    DxfText pair(int code, String value) {
        out.append(code).append('\n').append(value).append('\n');
        return this;
    }

    DxfText pair(int code, double value) {
        // A format string would be read anew for each of some ten thousand numbers.
        return pair(code, BigDecimal.valueOf(Math.round(value * SCALED), PLACES).toPlainString());
    }

    /** A point; y runs up in this kind of file. */
    DxfText at(int code, Point p) {
        return pair(code, p.x()).pair(code + 10, -p.y() == 0 ? 0 : -p.y()).pair(code + 20, 0.0);
    }

    /** The sections before the drawing. @param layers their names, each with the number of its colour */
    void head(double width, double height, List<Layer> layers) {
        pair(0, "SECTION")
                .pair(2, "HEADER")
                .pair(9, "$ACADVER")
                .pair(1, "AC1009")
                .pair(9, "$INSUNITS")
                .pair(70, "4")
                .pair(9, "$MEASUREMENT")
                .pair(70, "1");
        pair(9, "$EXTMIN")
                .at(10, new Point(0, height))
                .pair(9, "$EXTMAX")
                .at(10, new Point(width, 0))
                .pair(0, "ENDSEC");
        pair(0, "SECTION")
                .pair(2, "TABLES")
                .pair(0, "TABLE")
                .pair(2, "LTYPE")
                .pair(70, "1")
                .pair(0, "LTYPE")
                .pair(2, "CONTINUOUS")
                .pair(70, "0")
                .pair(3, "Solid line")
                .pair(72, "65")
                .pair(73, "0")
                .pair(40, 0.0)
                .pair(0, "ENDTAB")
                .pair(0, "TABLE")
                .pair(2, "LAYER")
                .pair(70, Integer.toString(layers.size()));
        for (Layer layer : layers) {
            pair(0, "LAYER")
                    .pair(2, layer.name())
                    .pair(70, "0")
                    .pair(62, Integer.toString(layer.colour()))
                    .pair(6, "CONTINUOUS");
        }
        pair(0, "ENDTAB").pair(0, "ENDSEC");
    }

    /** A layer of the file. @param colour by its number in this kind of file */
    record Layer(String name, int colour) {
        /** In the colour of the paper's opposite. */
        static Layer plain(String name) {
            return new Layer(name, 7);
        }
    }

    void line(String layer, Line line) {
        line(layer, line.start(), line.end());
    }

    void line(String layer, Point from, Point to) {
        pair(0, "LINE").pair(8, layer).at(10, from).at(11, to);
    }

    /** @param points the last is joined to the first */
    void closed(String layer, List<Point> points) {
        polyline(layer, points, "1");
    }

    void open(String layer, List<Point> points) {
        polyline(layer, points, "0");
    }

    private void polyline(String layer, List<Point> points, String flags) {
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").at(10, new Point(0, 0)).pair(70, flags);
        points.forEach(p -> pair(0, "VERTEX").pair(8, layer).at(10, p));
        pair(0, "SEQEND").pair(8, layer);
    }

    void words(String layer, Point at, double tall, String words) {
        pair(0, "TEXT").pair(8, layer).at(10, at).pair(40, tall).pair(1, plain(words));
    }

    /** Old readers take nothing but plain letters. */
    private static String plain(String words) {
        return java.text.Normalizer.normalize(words, java.text.Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^ -~]", "?");
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
