package bathyra.files.json;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Tolerance;
import bathyra.piece.CutCount;
import bathyra.piece.CuttingLine;
import bathyra.piece.Dart;
import bathyra.piece.Grain;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.Markings;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import bathyra.piece.PieceTitle;
import bathyra.piece.SeamJoin;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Reads pattern documents, whoever wrote them; {@link PatternJson} writes them. */
final class PatternReading {
    private PatternReading() {}

    static Pattern read(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        if (!PatternJson.FORMAT.equals(root.path("format").asText())) {
            throw new BadDocument(
                    "format: is not " + PatternJson.FORMAT + "; a pattern document as ./bathyra draft writes it");
        }
        if (root.path("version").asInt() != 1) {
            throw new BadDocument("version: is not 1; 1");
        }
        Schema.PATTERN.require(root);
        List<String> faults = new ArrayList<>();
        List<PatternLevel> levels = new ArrayList<>();
        for (JsonNode l : root.get("levels")) {
            levels.add(new PatternLevel(
                    l.get("id").asText(),
                    l.get("bodyGirth").asDouble(),
                    l.get("ease").asDouble(),
                    l.get("lacingGap").asDouble(),
                    l.get("patternGirth").asDouble(),
                    l.get("frontHalf").asDouble(),
                    l.get("backHalf").asDouble()));
        }
        List<Piece> pieces = new ArrayList<>();
        for (JsonNode p : root.get("pieces")) {
            pieces.add(piece(p, faults));
        }
        List<SeamJoin> seams = new ArrayList<>();
        for (JsonNode s : root.get("seams")) {
            seams.add(new SeamJoin(
                    s.get("id").asText(),
                    s.path("name").asText(s.get("id").asText()),
                    ref(s.get("a")),
                    ref(s.get("b"))));
        }
        requireKnown(pieces, seams, faults);
        if (!faults.isEmpty()) {
            throw new BadDocument(faults);
        }
        JsonNode lap = root.path("body").path("waistToLap");
        return new Pattern(
                root.path("source").path("title").asText(""),
                root.path("source").path("method").asText(""),
                levels,
                pieces,
                seams,
                lap.isNumber() ? OptionalDouble.of(lap.asDouble()) : OptionalDouble.empty());
    }

    private static void requireKnown(List<Piece> pieces, List<SeamJoin> seams, List<String> faults) {
        Set<String> known = new HashSet<>();
        pieces.forEach(p -> p.outline().forEach(e -> known.add(p.id() + "/" + e.name())));
        for (SeamJoin seam : seams) {
            for (SeamJoin.Ref ref : List.of(seam.a(), seam.b())) {
                if (!known.contains(ref.piece() + "/" + ref.edge())) {
                    faults.add("seams." + seam.id() + ": joins the edge " + ref.edge() + " of " + ref.piece()
                            + ", which does not exist; an edge of a piece");
                }
            }
        }
    }

    private static SeamJoin.Ref ref(JsonNode node) {
        return new SeamJoin.Ref(node.get("piece").asText(), node.get("edge").asText());
    }

    /** @param piece whose edges they are @param faults where what is no path is said */
    static List<OutlineEdge> outline(String piece, JsonNode edges, List<String> faults) {
        List<OutlineEdge> outline = new ArrayList<>();
        for (JsonNode e : edges) {
            String name = e.get("edge").asText();
            OutlineEdge.Kind kind = Arrays.stream(OutlineEdge.Kind.values())
                    .filter(k -> k.id().equals(e.get("kind").asText()))
                    .findFirst()
                    .orElse(OutlineEdge.Kind.EDGE);
            Optional<Path> path = path(e.get("path"));
            if (path.isEmpty()) {
                faults.add("pieces." + piece + "." + name + ": is no path; M, then L or C with their points");
            } else if (path.get().length() < Tolerance.COINCIDENT) {
                faults.add("pieces." + piece + "." + name + ": goes nowhere; an edge that has a length");
            } else {
                outline.add(new OutlineEdge(
                        name, kind, Optional.ofNullable(e.path("seam").textValue()), path.get()));
            }
        }
        return outline;
    }

    private static Piece piece(JsonNode p, List<String> faults) {
        String id = p.get("id").asText();
        List<OutlineEdge> outline = outline(id, p.get("outline"), faults);
        List<LevelMark> marks = new ArrayList<>();
        p.get("levelMarks")
                .forEach(m ->
                        marks.add(new LevelMark(m.get("level").asText(), point(m.get("from")), point(m.get("to")))));
        List<Notch> notches = new ArrayList<>();
        p.get("notches")
                .forEach(n -> notches.add(new Notch(
                        n.get("edge").asText(),
                        point(n.get("at")),
                        n.get("kind").asText().equals("double"),
                        n.path("level").asText())));
        List<Point> cut = new ArrayList<>();
        p.get("cutLine").forEach(c -> cut.add(point(c)));
        List<Piece.Corner> declared = new ArrayList<>();
        p.path("declaredCorners")
                .forEach(c -> declared.add(
                        new Piece.Corner(point(c.get("at")), c.get("degrees").asDouble())));
        Map<String, Double> allowances = new HashMap<>();
        p.path("allowances")
                .properties()
                .forEach(a -> allowances.put(a.getKey(), a.getValue().asDouble()));
        List<Mark> inside = new ArrayList<>();
        p.path("marks").forEach(m -> Arrays.stream(Mark.Kind.values())
                .filter(k -> k.id().equals(m.get("kind").asText()))
                .forEach(k -> inside.add(new Mark(k, point(m.get("at"))))));
        JsonNode grain = p.get("grain");
        return new Piece(
                new PieceTitle(
                        id,
                        p.get("name").asText(),
                        p.get("order").asInt(),
                        p.get("block").asText().equals("front")),
                new CutCount(
                        p.get("cut").get("count").asInt(),
                        p.get("cut").get("onFold").asBoolean()),
                outline,
                new Markings(
                        marks,
                        notches,
                        new Grain(point(grain.get("from")), point(grain.get("to"))),
                        declared,
                        inside,
                        darts(id, p.path("darts"), faults)),
                new CuttingLine(cut, allowances));
    }

    private static List<Dart> darts(String piece, JsonNode darts, List<String> faults) {
        List<Dart> read = new ArrayList<>();
        for (JsonNode dart : darts) {
            String name = dart.get("name").asText();
            Optional<Path> one = path(dart.get("legs").get(0));
            Optional<Path> other = path(dart.get("legs").get(1));
            if (one.isEmpty() || other.isEmpty()) {
                faults.add("pieces." + piece + "." + name + ": a leg is no path; M, then L or C with their points");
            } else {
                read.add(new Dart(name, one.get(), other.get()));
            }
        }
        return read;
    }

    private static Point point(JsonNode node) {
        return new Point(node.get(0).asDouble(), node.get(1).asDouble());
    }

    private static Optional<Path> path(JsonNode commands) {
        List<Segment> segments = new ArrayList<>();
        Point at = null;
        for (JsonNode c : commands) {
            String letter = c.path(0).asText();
            int numbers = c.size() - 1;
            if (letter.equals("M") && at == null && numbers == 2) {
                at = new Point(c.get(1).asDouble(), c.get(2).asDouble());
            } else if (letter.equals("L") && at != null && numbers == 2) {
                Point to = new Point(c.get(1).asDouble(), c.get(2).asDouble());
                segments.add(new Line(at, to));
                at = to;
            } else if (letter.equals("C") && at != null && numbers == 6) {
                Point to = new Point(c.get(5).asDouble(), c.get(6).asDouble());
                segments.add(new Cubic(
                        at,
                        new Point(c.get(1).asDouble(), c.get(2).asDouble()),
                        new Point(c.get(3).asDouble(), c.get(4).asDouble()),
                        to));
                at = to;
            } else {
                return Optional.empty();
            }
        }
        return segments.isEmpty() ? Optional.empty() : Optional.of(new Path(segments));
    }
}
