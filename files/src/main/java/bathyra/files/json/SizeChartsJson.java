package bathyra.files.json;

import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.size.Size;
import bathyra.size.SizeChart;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** The charts of a workshop ({@code bathyra-size-charts} version 1): lengths in mm. */
public final class SizeChartsJson {
    private static final String FORMAT = "bathyra-size-charts";

    private SizeChartsJson() {}

    public static String write(List<SizeChart> charts) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", 1);
        ArrayNode all = root.putArray("charts");
        for (SizeChart chart : charts) {
            ObjectNode out = all.addObject().put("name", chart.name());
            ArrayNode columns = out.putArray("columns");
            chart.columns().forEach(key -> columns.add(key.key()));
            ArrayNode sizes = out.putArray("sizes");
            for (Size size : chart.sizes()) {
                ObjectNode row = sizes.addObject().put("name", size.name()).put("cup", size.cup());
                ObjectNode figures = row.putObject("figures");
                size.figures().forEach((key, length) -> figures.put(key.key(), length.millimetres()));
            }
        }
        return Json.pretty(root);
    }

    /** @throws BadDocument with what is wrong */
    public static List<SizeChart> read(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        if (!root.path("format").asText().equals(FORMAT) || root.path("version").asInt() != 1) {
            throw new BadDocument(List.of("format: is not " + FORMAT + " version 1"));
        }
        List<SizeChart> charts = new ArrayList<>();
        for (JsonNode node : root.path("charts")) {
            List<MeasurementKey> columns = new ArrayList<>();
            for (JsonNode key : node.path("columns")) {
                columns.add(key(key.asText()));
            }
            List<Size> sizes = new ArrayList<>();
            for (JsonNode row : node.path("sizes")) {
                Map<MeasurementKey, Length> figures = new EnumMap<>(MeasurementKey.class);
                for (Map.Entry<String, JsonNode> each : row.path("figures").properties()) {
                    figures.put(key(each.getKey()), Length.mm(each.getValue().asDouble()));
                }
                sizes.add(new Size(row.path("name").asText(), row.path("cup").asText(), figures));
            }
            charts.add(new SizeChart(node.path("name").asText(), columns, sizes));
        }
        return charts;
    }

    private static MeasurementKey key(String text) throws BadDocument {
        return MeasurementKey.ofKey(text)
                .orElseThrow(() -> new BadDocument(List.of("columns: " + text + " is no measurement known here")));
    }
}
