package bathyra.files.json;

import bathyra.piece.PanelOutline;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;

/** Outlines of panels kept beside a version, mm, y down, as the panels lie in their draft. No name of a wearer stands in them. */
public final class OutlinesJson {
    private static final String PANELS = "panels";

    private OutlinesJson() {}

    public static String write(List<PanelOutline> panels) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        ArrayNode all = root.putArray(PANELS);
        for (PanelOutline panel : panels) {
            ObjectNode node = all.addObject().put("id", panel.panel());
            ArrayNode outline = node.putArray("outline");
            panel.edges().forEach(edge -> PatternJson.write(outline.addObject(), edge));
        }
        return root.toString();
    }

    /** @throws BadDocument when an edge is no path */
    public static List<PanelOutline> read(String text) throws BadDocument {
        List<String> faults = new ArrayList<>();
        List<PanelOutline> panels = new ArrayList<>();
        for (JsonNode node : Json.parse(text).path(PANELS)) {
            String id = node.path("id").asText();
            panels.add(new PanelOutline(id, PatternReading.outline(id, node.path("outline"), faults)));
        }
        if (!faults.isEmpty()) {
            throw new BadDocument(faults);
        }
        return panels;
    }
}
