package bathyra.files.json;

import bathyra.fit.Mesh;
import bathyra.fit.Worn;
import bathyra.form.Form;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;

/** How a garment sits, as a document (docs/formats/fit.schema.json): the form, what was read, and the shape itself, so that another reckoning can be held against it. */
public final class FitJson {
    private static final double FINE = 1000;

    private FitJson() {}

    /** @param program its version @param mesh whether the shape goes with it */
    public static String write(Worn worn, String program, boolean mesh) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", "bathyra-fit");
        root.put("version", 1);
        root.put("program", program);
        root.put("title", worn.draft().commission().title());
        root.put(
                "note",
                "Worked out from "
                        + worn.draft().commission().measurements().taken().size()
                        + " measurements, not seen: the toile decides. Lengths mm, forces N, pressure kPa.");
        form(root.putObject("form"), worn.form());
        ObjectNode rest = root.putObject("rest");
        rest.put("settled", worn.rest().settled());
        rest.put("residual", rounded(worn.rest().residual()));
        rest.put("rounds", worn.rest().rounds());
        ArrayNode levels = root.putArray("levels");
        for (Worn.LevelReading reading : worn.levels()) {
            ObjectNode level = levels.addObject();
            level.put("level", reading.level().id());
            level.put("body", rounded(reading.body()));
            level.put("planned", rounded(reading.planned()));
            level.put("worn", rounded(reading.worn()));
            level.put("tension", rounded(reading.tension()));
            level.put("pressure", rounded(reading.pressure()));
            level.put("ridesFront", rounded(reading.ridesFront()));
            level.put("ridesSide", rounded(reading.ridesSide()));
        }
        if (mesh) {
            mesh(root.putObject("mesh"), worn);
        }
        try {
            return Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of numbers and words", e);
        }
    }

    private static void form(ObjectNode node, Form form) {
        ObjectNode heights = node.putObject("heights");
        heights.put("hip", rounded(form.heights().hip()));
        heights.put("highHip", rounded(form.heights().highHip()));
        heights.put("waist", 0);
        heights.put("underbust", rounded(form.heights().underbust()));
        heights.put("bust", rounded(form.heights().bust()));
        heights.put("upper", rounded(form.heights().upper()));
        node.put("breastProud", rounded(form.proud()));
        node.put("breastMillilitres", rounded(form.breastVolume()));
        ArrayNode tapes = node.putArray("tapes");
        for (Form.Residual residual : form.residuals()) {
            ObjectNode tape = tapes.addObject();
            tape.put("name", residual.name().toLowerCase(Locale.ROOT));
            tape.put("taped", rounded(residual.taped()));
            tape.put("form", rounded(residual.form()));
        }
        ArrayNode assumed = node.putArray("assumed");
        form.tape().assumed().forEach(assumed::add);
    }

    private static void mesh(ObjectNode node, Worn worn) {
        Mesh mesh = worn.mesh();
        double[] x = worn.rest().shape();
        double[] away = worn.away();
        ArrayNode vertices = node.putArray("vertices");
        ArrayNode stands = node.putArray("away");
        for (int v = 0; v < mesh.count(); v++) {
            ArrayNode at = vertices.addArray();
            for (int axis = 0; axis < 3; axis++) {
                at.add(rounded(x[3 * v + axis]));
            }
            stands.add(rounded(away[v]));
        }
        ArrayNode triangles = node.putArray("triangles");
        ArrayNode paper = node.putArray("paper");
        for (int t = 0; t < mesh.triangles().length; t++) {
            ArrayNode corners = triangles.addArray();
            for (int v : mesh.triangles()[t]) {
                corners.add(v);
            }
            ArrayNode flat = paper.addArray();
            for (double each : mesh.paper()[t]) {
                flat.add(rounded(each));
            }
        }
    }

    private static double rounded(double value) {
        return Math.rint(value * FINE) / FINE;
    }
}
