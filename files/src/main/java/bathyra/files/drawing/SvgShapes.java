package bathyra.files.drawing;

import static bathyra.files.drawing.SvgDrawing.attribute;
import static bathyra.files.drawing.SvgDrawing.figure;
import static bathyra.files.drawing.SvgDrawing.shortened;

import bathyra.files.json.BadDocument;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.StringReader;
import java.util.Optional;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.AWTPolygonProducer;
import org.apache.batik.parser.AWTPolylineProducer;

/** The shapes of an SVG drawing. */
final class SvgShapes {
    private SvgShapes() {}

    /** The shape of an element; empty for one that draws no line. */
    static Optional<Shape> of(String element, XMLStreamReader in, String name) throws BadDocument {
        try {
            return switch (element) {
                case "path" ->
                    Optional.of(AWTPathProducer.createShape(
                            new StringReader(attribute(in, "d")), PathIterator.WIND_NON_ZERO));
                case "polygon" ->
                    Optional.of(AWTPolygonProducer.createShape(
                            new StringReader(attribute(in, "points")), PathIterator.WIND_NON_ZERO));
                case "polyline" ->
                    Optional.of(AWTPolylineProducer.createShape(
                            new StringReader(attribute(in, "points")), PathIterator.WIND_NON_ZERO));
                case "line" ->
                    Optional.of(
                            new Line2D.Double(number(in, "x1"), number(in, "y1"), number(in, "x2"), number(in, "y2")));
                case "rect" ->
                    Optional.of(new Rectangle2D.Double(
                            number(in, "x"), number(in, "y"), number(in, "width"), number(in, "height")));
                case "circle" ->
                    Optional.of(round(number(in, "cx"), number(in, "cy"), number(in, "r"), number(in, "r")));
                case "ellipse" ->
                    Optional.of(round(number(in, "cx"), number(in, "cy"), number(in, "rx"), number(in, "ry")));
                default -> Optional.empty();
            };
        } catch (IOException | RuntimeException e) {
            // The parser names no faults of its own for a path that draws or closes before it begins: it throws
            // whatever it trips over.
            String data = attribute(in, element.equals("path") ? "d" : "points");
            throw new BadDocument(name + ": its line cannot be read, it begins " + shortened(data)
                    + "; commands such as M, L and C with their figures");
        }
    }

    private static Shape round(double x, double y, double across, double down) {
        return new Ellipse2D.Double(x - across, y - down, 2 * across, 2 * down);
    }

    private static double number(XMLStreamReader in, String name) throws BadDocument {
        String text = attribute(in, name);
        return text.isBlank() ? 0 : figure(name, text);
    }
}
