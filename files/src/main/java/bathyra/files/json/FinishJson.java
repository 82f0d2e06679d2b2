package bathyra.files.json;

import bathyra.garment.CornerShape;
import bathyra.garment.EdgeAt;
import bathyra.garment.EdgeUse;
import bathyra.garment.Finish;
import bathyra.garment.GrainLine;
import bathyra.garment.LayerChoice;
import bathyra.garment.LayerKind;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** How the pieces are finished, inside a commission document: {@code allowances} by use, and {@code finish} with all the rest. */
final class FinishJson {
    static final String FIELD = "finish";
    private static final String ALLOWANCES = "allowances";
    private static final String EDGES = "edges";
    private static final String CORNERS = "corners";
    private static final String GRAINS = "grains";
    private static final String TOP_MARKS = "topMarks";
    private static final String LAYERS = "layers";
    private static final List<EdgeUse> USES =
            Arrays.stream(EdgeUse.values()).filter(u -> u != EdgeUse.FOLD).toList();

    private FinishJson() {}

    static Finish read(Fields garment, LengthUnit unit) {
        Fields finish = garment.object(FIELD);
        finish.only(List.of(EDGES, CORNERS, GRAINS, TOP_MARKS, LAYERS));
        Map<EdgeUse, CornerShape> corners = new EnumMap<>(EdgeUse.class);
        Fields cut = finish.object(CORNERS);
        cut.only(List.of(EdgeUse.UPPER_EDGE.id(), EdgeUse.LOWER_EDGE.id()));
        for (EdgeUse use : List.of(EdgeUse.UPPER_EDGE, EdgeUse.LOWER_EDGE)) {
            if (cut.has(use.id())) {
                corners.put(use, GarmentJson.choice(cut, use.id(), CornerShape.class, CornerShape.MITRED));
            }
        }
        Map<String, GrainLine> grains = new TreeMap<>();
        Fields lines = finish.object(GRAINS);
        lines.keys()
                .forEach(piece ->
                        grains.put(piece, GarmentJson.choice(lines, piece, GrainLine.class, GrainLine.CENTRE_FRONT)));
        Map<LayerKind, LayerChoice> layers = new EnumMap<>(LayerKind.class);
        Fields chosen = finish.object(LAYERS);
        chosen.only(Arrays.stream(LayerKind.values()).map(LayerKind::id).toList());
        for (LayerKind kind : LayerKind.values()) {
            if (chosen.has(kind.id())) {
                layers.put(kind, layer(chosen.object(kind.id()), unit));
            }
        }
        return new Finish(
                uses(garment.object(ALLOWANCES), unit),
                edges(finish.object(EDGES), unit),
                corners,
                grains,
                new HashSet<>(finish.texts(TOP_MARKS)),
                layers);
    }

    private static LayerChoice layer(Fields fields, LengthUnit unit) {
        fields.only(List.of("made", "turn", ALLOWANCES, EDGES, "without"));
        Optional<Length> turn = fields.length("turn", unit);
        turn.ifPresent(l -> GarmentJson.within(fields, "turn", l, LayerChoice.TURN_LEAST, LayerChoice.TURN_MOST, unit));
        return new LayerChoice(
                fields.truth("made"),
                turn.orElse(Length.mm(0)),
                uses(fields.object(ALLOWANCES), unit),
                edges(fields.object(EDGES), unit),
                Set.copyOf(fields.texts("without")));
    }

    private static Map<EdgeUse, Length> uses(Fields fields, LengthUnit unit) {
        fields.only(USES.stream().map(EdgeUse::id).toList());
        Map<EdgeUse, Length> allowances = new EnumMap<>(EdgeUse.class);
        for (EdgeUse use : USES) {
            width(fields, use.id(), unit).ifPresent(l -> allowances.put(use, l));
        }
        return allowances;
    }

    private static Map<EdgeAt, Length> edges(Fields fields, LengthUnit unit) {
        Map<EdgeAt, Length> allowances = new TreeMap<>();
        fields.keys().forEach(key -> width(fields, key, unit).ifPresent(l -> allowances.put(EdgeAt.of(key), l)));
        return allowances;
    }

    private static Optional<Length> width(Fields fields, String key, LengthUnit unit) {
        Optional<Length> length = fields.length(key, unit);
        length.ifPresent(l -> GarmentJson.within(fields, key, l, Length.mm(0), EdgeUse.MOST, unit));
        return length;
    }

    static void write(ObjectNode out, Finish finish, LengthUnit unit) {
        uses(out, finish.allowances(), unit);
        if (finish.withoutUses().equals(Finish.USUAL)) {
            return;
        }
        ObjectNode node = out.putObject(FIELD);
        edges(node, finish.edges(), unit);
        ObjectNode corners = node.putObject(CORNERS);
        new TreeMap<>(finish.corners()).forEach((use, shape) -> corners.put(use.id(), shape.id()));
        ObjectNode grains = node.putObject(GRAINS);
        new TreeMap<>(finish.grains()).forEach((piece, line) -> grains.put(piece, line.id()));
        texts(node.putArray(TOP_MARKS), finish.topMarks());
        ObjectNode layers = node.putObject(LAYERS);
        new TreeMap<>(finish.layers()).forEach((kind, layer) -> {
            ObjectNode each = layers.putObject(kind.id());
            layer.made().ifPresent(made -> each.put("made", made));
            CommissionJson.put(each, "turn", layer.turn(), unit);
            uses(each, layer.allowances(), unit);
            edges(each, layer.edges(), unit);
            texts(each.putArray("without"), layer.without());
        });
    }

    private static void uses(ObjectNode out, Map<EdgeUse, Length> widths, LengthUnit unit) {
        ObjectNode node = out.putObject(ALLOWANCES);
        new TreeMap<>(widths).forEach((use, l) -> CommissionJson.put(node, use.id(), l, unit));
    }

    private static void edges(ObjectNode out, Map<EdgeAt, Length> widths, LengthUnit unit) {
        ObjectNode node = out.putObject(EDGES);
        new TreeMap<>(widths).forEach((edge, l) -> CommissionJson.put(node, edge.toString(), l, unit));
    }

    private static void texts(ArrayNode out, Set<String> texts) {
        new TreeSet<>(texts).forEach(out::add);
    }
}
