package bathyra.files.json;

import bathyra.garment.TracedBlock;
import bathyra.garment.TracedBlock.TracedHalf;
import bathyra.geometry.Point;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** A traced block inside a commission document: always millimetres, points as pairs. */
final class TracedBlockJson {
    private static final int CORNERS_MOST = 400;

    private TracedBlockJson() {}

    static void write(ObjectNode node, TracedBlock block) {
        node.put("title", block.title());
        write(node.putObject("front"), block.front());
        write(node.putObject("back"), block.back());
    }

    private static void write(ObjectNode node, TracedHalf half) {
        put(node.putArray("neck"), List.of(half.neck()));
        put(node.putArray("shoulder"), half.shoulder());
        put(node.putArray("armhole"), half.armhole());
        put(node.putArray("side"), half.side());
        put(node.putArray("sideDart"), half.sideDart());
        node.put("aboveDart", half.aboveDart());
        put(node.putArray("centre"), half.centre());
        ObjectNode levels = node.putObject("levels");
        new TreeMap<>(half.levels()).forEach(levels::put);
    }

    private static void put(ArrayNode array, List<Point> points) {
        points.forEach(p -> array.addArray().add(p.x()).add(p.y()));
    }

    /** Reads one; empty, with the faults told, when it is none. */
    static Optional<TracedBlock> read(Fields garment, JsonNode node) {
        if (node == null || node.isMissingNode() || node.isNull()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    new TracedBlock(node.path("title").asText(""), half(node.path("front")), half(node.path("back"))));
        } catch (IllegalArgumentException e) {
            garment.fault("baseBlock", e.getMessage(), "a block as the program writes it");
            return Optional.empty();
        }
    }

    private static TracedHalf half(JsonNode node) {
        Map<String, Double> levels = new HashMap<>();
        node.path("levels")
                .properties()
                .forEach(level -> levels.put(level.getKey(), level.getValue().asDouble()));
        for (String level : List.of("chest", "waist", "hip")) {
            if (!levels.containsKey(level)) {
                throw new IllegalArgumentException("has no level " + level);
            }
        }
        List<Point> shoulder = points(node, "shoulder", 2);
        List<Point> side = points(node, "side", 2);
        List<Point> dart = points(node, "sideDart", 0);
        int above = node.path("aboveDart").asInt(side.size());
        if (shoulder.size() != 2 && shoulder.size() != 5
                || dart.size() != 0 && dart.size() != 3
                || above < 1
                || above > side.size()) {
            throw new IllegalArgumentException("has a shoulder or a side that cannot be");
        }
        return new TracedHalf(
                points(node, "neck", 1).get(0),
                shoulder,
                points(node, "armhole", 1),
                side,
                dart,
                above,
                points(node, "centre", 1),
                levels);
    }

    private static List<Point> points(JsonNode node, String name, int least) {
        JsonNode array = node.path(name);
        if (!array.isArray() || array.size() < least || array.size() > CORNERS_MOST) {
            throw new IllegalArgumentException("has no " + name + " that can be drawn");
        }
        List<Point> points = new ArrayList<>();
        for (JsonNode p : array) {
            if (p.size() != 2 || !p.get(0).isNumber() || !p.get(1).isNumber()) {
                throw new IllegalArgumentException("has a point in " + name + " that is no pair of numbers");
            }
            points.add(new Point(p.get(0).asDouble(), p.get(1).asDouble()));
        }
        return points;
    }
}
