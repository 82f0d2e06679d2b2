package bathyra.files.json;

import bathyra.fit.BoneReading;
import bathyra.fit.ClothStrength;
import bathyra.fit.CrossSection;
import bathyra.fit.CupRoom;
import bathyra.fit.Mesh;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.form.Form;
import bathyra.garment.Garment;
import bathyra.length.LengthUnit;
import bathyra.measure.Occasion;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
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
        root.put("note", worn.assumed() + " Lengths mm, forces N, tension and pull N/m, pressure kPa.");
        root.put("half", worn.draft().commission().measurements().part().name().toLowerCase(Locale.ROOT));
        assumed(root.putObject("assumed"), worn);
        form(root.putObject("form"), worn.form());
        garment(root.putArray("garment"), worn);
        edges(root.putArray("edges"), worn);
        gap(root.putArray("gap"), worn);
        worn.cup().ifPresent(cup -> root.putObject("cups")
                .put("breast", Math.round(cup.breast()))
                .put("pressed", CupRoom.band(cup.pressed()))
                .put("empty", CupRoom.band(cup.empty()))
                .put("hollow", CupRoom.band(cup.hollow())));
        ClothStrength cloth = ClothStrength.of(worn.draft().commission().garment(), worn.levels());
        root.putObject("cloth")
                .put("asked", rounded(cloth.asked().value()))
                .put("bears", rounded(cloth.bears().value()))
                .put("holds", cloth.holds())
                .put("text", cloth.sentence().in(LengthUnit.MM));
        bones(root.putArray("bones"), worn);
        ArrayNode findings = root.putArray("findings");
        for (Sight sight : Sight.of(worn)) {
            findings.addObject()
                    .put("id", sight.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("azimuth", rounded(Math.toDegrees(sight.azimuth())))
                    .put("height", rounded(sight.height()))
                    .put("value", rounded(sight.amount()))
                    .put("text", sight.sentence().in(LengthUnit.MM).replace('\u00a0', ' '));
        }
        root.putObject("solver")
                .put("h", worn.spacing())
                .put("vertices", worn.mesh().count())
                .put("rounds", worn.rest().rounds())
                .put("residual", rounded(worn.rest().residual()))
                .put("settled", worn.rest().settled());
        if (mesh) {
            mesh(root, worn);
        }
        return Json.pretty(root);
    }

    private static void assumed(ObjectNode node, Worn worn) {
        Garment garment = worn.draft().commission().garment();
        Occasion occasion = worn.draft().commission().measurements().occasion();
        node.put("cloth", garment.give().id());
        node.put("softness", occasion.softness().id());
        node.put("posture", occasion.posture().id());
        node.put("lungs", garment.isLungsFull() ? "full" : "rest");
        ArrayNode figures = node.putArray("figures");
        worn.form().tape().assumed().forEach(figures::add);
    }

    private static void bones(ArrayNode bones, Worn worn) {
        for (BoneReading bone : BoneReading.of(worn)) {
            bones.addObject()
                    .put("channel", bone.channel().id())
                    .put("kind", bone.channel().kind().id())
                    .put("edgewise", rounded(bone.edgewise()))
                    .put("top", rounded(bone.top().away()))
                    .put("bottom", rounded(bone.bottom().away()))
                    .put("onHipBone", bone.hipBone());
        }
    }

    private static void garment(ArrayNode levels, Worn worn) {
        for (Worn.LevelReading reading : worn.levels()) {
            CrossSection section = worn.section(worn.height(reading.level()));
            levels.addObject()
                    .put("level", reading.level().id())
                    .put("body", rounded(reading.body()))
                    .put("planned", rounded(reading.planned()))
                    .put("worn", rounded(reading.worn()))
                    .put("hull", rounded(section.hull()))
                    .put("bodyUnder", rounded(section.bodyUnder()))
                    .put("tension", rounded(reading.tension()))
                    .put("pressure", rounded(reading.pressure()))
                    .put("presses", Worn.pressing(reading.pressure()))
                    .put("ridesFront", rounded(reading.ridesFront()))
                    .put("ridesSide", rounded(reading.ridesSide()));
        }
    }

    /** Along every edge that nothing is sewn to, piece by piece: how far it stands away. */
    private static void edges(ArrayNode edges, Worn worn) {
        double[] x = worn.rest().shape();
        double[] away = worn.away();
        for (Worn.Stroke stroke : worn.strokes()) {
            if (stroke.sewn()) {
                continue;
            }
            ObjectNode node = edges.addObject();
            node.put("piece", stroke.piece()).put("edge", stroke.edge());
            ArrayNode profile = node.putArray("away");
            double arc = 0;
            for (int i = 0; i < stroke.vertices().length; i++) {
                int v = stroke.vertices()[i];
                if (i > 0) {
                    int u = stroke.vertices()[i - 1];
                    double dx = x[3 * v] - x[3 * u];
                    double dy = x[3 * v + 1] - x[3 * u + 1];
                    double dz = x[3 * v + 2] - x[3 * u + 2];
                    arc += Math.sqrt(dx * dx + dy * dy + dz * dz);
                }
                profile.addArray().add(rounded(arc)).add(rounded(away[v]));
            }
        }
    }

    private static void gap(ArrayNode gaps, Worn worn) {
        worn.lacingPull().ifPresent(pull -> worn.laced(pull, () -> false)
                .ifPresent(lacing -> lacing.gaps().forEach(g -> gaps.addObject()
                        .put("height", rounded(g.height()))
                        .put("open", rounded(g.open()))
                        .put("pull", rounded(lacing.pull())))));
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
        double[] apex = form.apex();
        ArrayNode at = node.putArray("apex");
        for (double each : apex) {
            at.add(rounded(each));
        }
    }

    private static void mesh(ObjectNode node, Worn worn) {
        Mesh mesh = worn.mesh();
        double[] x = worn.rest().shape();
        double[] away = worn.away();
        ArrayNode vertices = node.putArray("vertices");
        ArrayNode stands = node.putArray("clearance");
        for (int v = 0; v < mesh.count(); v++) {
            ArrayNode at = vertices.addArray();
            for (int axis = 0; axis < 3; axis++) {
                at.add(rounded(x[3 * v + axis]));
            }
            stands.add(rounded(away[v]));
        }
        ArrayNode triangles = node.putArray("triangles");
        List<String> pieces = worn.pieceOfTriangles();
        for (int t = 0; t < mesh.triangles().length; t++) {
            ObjectNode triangle = triangles.addObject();
            ArrayNode corners = triangle.putArray("vertices");
            for (int v : mesh.triangles()[t]) {
                corners.add(v);
            }
            triangle.put("piece", pieces.get(t));
            ArrayNode paper = triangle.putArray("paper");
            double[] flat = mesh.paper()[t];
            for (int k = 0; k < 3; k++) {
                paper.addArray().add(rounded(flat[2 * k])).add(rounded(flat[2 * k + 1]));
            }
        }
    }

    private static double rounded(double value) {
        return Math.rint(value * FINE) / FINE;
    }
}
