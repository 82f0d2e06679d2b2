package bathyra.files.drawing;

import bathyra.files.json.BadDocument;
import bathyra.foreign.DrawnUnit;
import bathyra.foreign.ForeignDrawing;
import bathyra.foreign.ForeignDrawing.Label;
import bathyra.foreign.ForeignLine.NamedEdge;
import bathyra.foreign.ForeignLine.Role;
import bathyra.piece.SeamJoin;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;

/**
 * Reads the lines of an SVG drawing: paths and plain shapes with their transformations. A drawing that this program wrote also tells
 * its pieces, edges, levels and seams. Document types and entities are not read, pictures and references left out.
 */
final class SvgDrawing {
    private static final Set<String> HIDDEN = Set.of(
            "defs", "symbol", "clipPath", "mask", "pattern", "marker", "metadata", "style", "script", "title", "desc");
    private static final Set<String> REFERENCES = Set.of("use", "image", "foreignObject", "a");
    private static final Pattern LENGTH =
            Pattern.compile("\\s*([0-9.]+(?:[eE][-+]?\\d+)?)\\s*(mm|cm|in|pt|px|q|Q|%)?\\s*");
    private static final int DEPTH_MOST = 256;

    private final Lines lines = new Lines();
    private final Map<String, Label> labels = new HashMap<>();
    private final Map<String, Integer> leftOut = new HashMap<>();
    private final List<SeamJoin> seams = new ArrayList<>();
    private final Deque<Group> groups = new ArrayDeque<>();
    private Optional<DrawnUnit> unit = Optional.empty();
    private String title = "";
    private int count;

    /** What holds inside an element. @param piece the group of the piece that it belongs to; empty for none */
    private record Group(AffineTransform way, String piece, boolean hidden) {}

    private SvgDrawing() {}

    /** @throws BadDocument when it is no SVG drawing */
    static ForeignDrawing read(String text) throws BadDocument {
        SvgDrawing drawing = new SvgDrawing();
        try {
            drawing.all(text);
        } catch (XMLStreamException e) {
            throw new BadDocument("drawing: is no whole SVG, line "
                    + (e.getLocation() == null ? 1 : e.getLocation().getLineNumber())
                    + " cannot be read; a plain SVG without entities, saved anew from the program it comes from");
        }
        return drawing.drawing();
    }

    private ForeignDrawing drawing() {
        List<String> notes = new ArrayList<>();
        leftOut.forEach((what, n) -> notes.add((n == 1 ? "1 element " : n + " elements ") + what
                + " left out: what a drawing refers to is not looked up."));
        Set<String> known = new HashSet<>();
        labels.values().forEach(l -> known.add(l.id()));
        return new ForeignDrawing(
                title,
                unit,
                lines.all(),
                labels,
                seams.stream()
                        .filter(s -> known.contains(s.a().piece()) && known.contains(s.b().piece()))
                        .toList(),
                notes);
    }

    private void all(String text) throws XMLStreamException, BadDocument {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        XMLStreamReader in = factory.createXMLStreamReader(new StringReader(text));
        groups.push(new Group(new AffineTransform(), "", false));
        boolean begun = false;
        while (in.hasNext()) {
            int event = in.next();
            if (event == XMLStreamConstants.START_ELEMENT) {
                if (!begun && !in.getLocalName().equals("svg")) {
                    throw new BadDocument(
                            "drawing: begins with " + in.getLocalName() + ", which is no SVG; an SVG drawing");
                }
                begin(in, !begun);
                begun = true;
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                groups.pop();
            }
        }
    }

    private void begin(XMLStreamReader in, boolean root) throws BadDocument, XMLStreamException {
        if (groups.size() > DEPTH_MOST) {
            throw new BadDocument("drawing: has groups in groups, over " + DEPTH_MOST + " deep; a plain drawing");
        }
        Group outer = groups.peek();
        String element = in.getLocalName();
        if (REFERENCES.contains(element) && !element.equals("a") && !outer.hidden()) {
            leftOut.merge(element, 1, Integer::sum);
        }
        boolean hidden = outer.hidden()
                || HIDDEN.contains(element)
                || REFERENCES.contains(element) && !element.equals("a")
                || "none".equals(attribute(in, "display"))
                || attribute(in, "style").replace(" ", "").contains("display:none");
        AffineTransform way = new AffineTransform(outer.way());
        if (element.equals("svg")) {
            way.concatenate(root ? scale(in) : AffineTransform.getTranslateInstance(number(in, "x"), number(in, "y")));
            if (root) {
                seams(attribute(in, "data-seams"));
                title = attribute(in, "data-title");
            }
        }
        way.concatenate(transform(in, attribute(in, "transform")));
        String piece = outer.piece();
        if (List.of(attribute(in, "class").split(" ")).contains("piece")
                && !attribute(in, "data-piece").isEmpty()) {
            piece = label(in);
        }
        groups.push(new Group(way, piece, hidden));
        if (!hidden) {
            shape(in, element, way, piece);
        }
    }

    private void shape(XMLStreamReader in, String element, AffineTransform way, String piece) throws BadDocument {
        Optional<Shape> shape = SvgShapes.of(element, in, name(in, element));
        if (shape.isPresent()) {
            count++;
            String type = attribute(in, "class");
            Role role = piece.isEmpty() ? Role.UNKNOWN : role(type);
            String name = role == Role.LEVEL
                    ? attribute(in, "data-level")
                    : piece.isEmpty() ? name(in, element) : labels.get(piece).name();
            lines.add(name, piece, role, shape.get(), way, edges(attribute(in, "data-edges")));
        }
    }

    private String name(XMLStreamReader in, String element) {
        String id = attribute(in, "label").isEmpty() ? attribute(in, "id") : attribute(in, "label");
        return id.isEmpty() ? element + " " + (count + 1) : id;
    }

    private static Role role(String type) {
        return switch (type.split(" ")[0]) {
            case "cut" -> Role.CUT;
            case "sew" -> Role.SEW;
            case "notch" -> Role.NOTCH;
            case "grain" -> Role.GRAIN;
            case "level" -> Role.LEVEL;
            default -> Role.INSIDE;
        };
    }

    private String label(XMLStreamReader in) throws BadDocument {
        String id = attribute(in, "id").replaceFirst("^piece-", "");
        String cut = attribute(in, "data-cut");
        int times = (int) figure("data-cut", cut.split(" ")[0].isEmpty() ? "2" : cut.split(" ")[0]);
        labels.put(
                id,
                new Label(
                        id,
                        attribute(in, "data-name").isEmpty() ? id : attribute(in, "data-name"),
                        (int) figure(
                                "data-order",
                                attribute(in, "data-order").isEmpty() ? "1" : attribute(in, "data-order")),
                        !attribute(in, "data-block").equals("back"),
                        Math.max(1, Math.min(99, times)),
                        cut.endsWith("fold")));
        return id;
    }

    private static List<NamedEdge> edges(String text) {
        List<NamedEdge> edges = new ArrayList<>();
        for (String each : text.isEmpty() ? new String[0] : text.split(";")) {
            String[] part = each.split(" ");
            if (part.length != 3 || !part[2].matches("\\d{1,5}")) {
                return List.of();
            }
            edges.add(new NamedEdge(part[0], part[1], Integer.parseInt(part[2])));
        }
        return edges;
    }

    /** {@code id|piece/edge|piece/edge|name}, one after the other. */
    private void seams(String text) {
        for (String each : text.isEmpty() ? new String[0] : text.split(";")) {
            String[] part = each.split("\\|", 4);
            if (part.length == 4 && part[1].contains("/") && part[2].contains("/")) {
                seams.add(new SeamJoin(part[0], part[3], ref(part[1]), ref(part[2])));
            }
        }
    }

    private static SeamJoin.Ref ref(String text) {
        int at = text.indexOf('/');
        return new SeamJoin.Ref(text.substring(0, at), text.substring(at + 1));
    }

    /** From the drawing's own figures to millimetres where the file says how large it is; else they stay as they are. */
    private AffineTransform scale(XMLStreamReader in) throws BadDocument {
        Matcher width = LENGTH.matcher(attribute(in, "width"));
        String[] box = attribute(in, "viewBox").trim().split("[\\s,]+");
        Optional<DrawnUnit> said = width.matches() && width.group(2) != null
                ? DrawnUnit.ofId(width.group(2)).filter(u -> u != DrawnUnit.PX)
                : Optional.empty();
        if (said.isEmpty()) {
            return new AffineTransform();
        }
        unit = Optional.of(DrawnUnit.MM);
        double millimetres = figure("width", width.group(1)) * said.get().millimetres();
        if (box.length != 4) {
            // Without a view box the figures are dots of the screen, whatever the width says.
            return AffineTransform.getScaleInstance(DrawnUnit.PX.millimetres(), DrawnUnit.PX.millimetres());
        }
        double across = figure("viewBox", box[2]);
        Matcher height = LENGTH.matcher(attribute(in, "height"));
        double scale = millimetres / across;
        if (height.matches()
                && height.group(2) != null
                && DrawnUnit.ofId(height.group(2)).isPresent()) {
            scale = Math.min(
                    scale,
                    figure("height", height.group(1))
                            * DrawnUnit.ofId(height.group(2)).get().millimetres()
                            / figure("viewBox", box[3]));
        }
        if (!(scale > 0) || Double.isInfinite(scale)) {
            throw new BadDocument("viewBox: is " + attribute(in, "viewBox")
                    + ", which shows nothing; four figures, the last two over 0");
        }
        return AffineTransform.getScaleInstance(scale, scale);
    }

    private AffineTransform transform(XMLStreamReader in, String text) throws BadDocument {
        if (text.isBlank()) {
            return new AffineTransform();
        }
        try {
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException | NumberFormatException e) {
            throw new BadDocument(name(in, in.getLocalName()) + ": its transform " + shortened(text)
                    + " cannot be read; matrix, translate, scale, rotate or skew with their figures");
        }
    }

    private static double number(XMLStreamReader in, String name) throws BadDocument {
        String text = attribute(in, name);
        return text.isBlank() ? 0 : figure(name, text);
    }

    /** A figure, its unit left off. */
    static double figure(String name, String text) throws BadDocument {
        Matcher length = Pattern.compile("\\s*([-+]?[0-9.]+(?:[eE][-+]?\\d{1,3})?)\\s*[a-zA-Z%]*\\s*")
                .matcher(text.length() > 60 ? "" : text);
        try {
            if (length.matches()) {
                return Double.parseDouble(length.group(1));
            }
        } catch (NumberFormatException e) {
            // Said below, as for any text that is no figure.
        }
        throw new BadDocument(name + ": is " + shortened(text) + ", which is no figure; a plain figure");
    }

    static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40).strip() + " …" : text;
    }

    /** An attribute, whatever its namespace; empty when it is not there. */
    static String attribute(XMLStreamReader in, String name) {
        for (int i = 0; i < in.getAttributeCount(); i++) {
            if (in.getAttributeLocalName(i).equals(name)) {
                return in.getAttributeValue(i);
            }
        }
        return "";
    }
}
