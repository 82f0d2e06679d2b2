package bathyra.files.json;

import bathyra.block.BlockDart;
import bathyra.block.BlockDrawing;
import bathyra.block.Half;
import bathyra.block.Step;
import bathyra.bone.BonePlan;
import bathyra.bone.Channel;
import bathyra.draft.BlockPattern;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.geometry.Cubic;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.layer.Layer;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.Dart;
import bathyra.piece.LevelMark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.reckon.Formula;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;

/** Pattern documents ({@code pattern.json}, format {@code bathyra-pattern} version 1), reading and writing. Millimetres, y down. */
public final class PatternJson {
    static final String FORMAT = "bathyra-pattern";
    private static final double GRID = 1e6;
    /** mm; ten thousand steps of the grid. */
    private static final double SPECK = 1e-2;

    private PatternJson() {}

    /** The document of a pattern with what its checks found, and with no layers. */
    public static String write(Pattern pattern, List<Finding> findings, String program) {
        return write(pattern, List.of(), findings, program);
    }

    /** The document of a block with its steps and with what its checks found. */
    public static String write(BlockDrawing block, String title, List<Finding> findings, String program) {
        ObjectNode root = document(BlockPattern.of(block, title), List.of(), findings, program);
        ArrayNode darts = root.putArray("darts");
        block.darts().forEach(dart -> write(darts.addObject(), dart));
        ArrayNode steps = root.putArray("steps");
        for (Step step : block.steps()) {
            ObjectNode node = steps.addObject()
                    .put("half", step.half() == Half.FRONT ? "front" : "back")
                    .put("title", step.title())
                    .put("words", plain(step.words().in(LengthUnit.MM)));
            step.figure().ifPresent(f -> node.putObject("figure")
                    .put("name", f.name())
                    .put("value", round(f.value()))
                    .put("how", plain(Formula.inFigures(f, LengthUnit.MM))));
        }
        return Json.pretty(root);
    }

    /** A dart on its piece: both sides of its mouth, where its legs end, and its centre line. */
    private static void write(ObjectNode out, BlockDart dart) {
        out.put("piece", BlockPattern.id(dart.half())).put("name", dart.label());
        ArrayNode legs = out.putArray("legs");
        point(legs.addArray(), dart.a());
        point(legs.addArray(), dart.b());
        ArrayNode ends = out.putArray("ends");
        dart.tips().forEach(tip -> point(ends.addArray(), tip));
        ArrayNode centre = out.putArray("centre");
        Point first = dart.tips().get(0);
        point(
                centre.addArray(),
                dart.tips().size() > 1 ? dart.tips().get(1) : dart.a().between(dart.b(), 0.5));
        point(centre.addArray(), first);
        out.put("width", round(dart.width().value())).put("degrees", round(dart.degrees()));
    }

    private static String plain(String text) {
        return text.replace('\u00a0', ' ');
    }

    /** The document of a pattern with its layers and with what its checks found. */
    public static String write(Pattern pattern, List<Layer> layers, List<Finding> findings, String program) {
        return Json.pretty(document(pattern, layers, findings, program));
    }

    /** The document of a draft with its layers: besides the pattern the figures that it rests on and the channels of its bones. */
    public static String write(Draft draft, List<Layer> layers, List<Finding> findings, String program) {
        ObjectNode root = document(draft.pattern(), layers, findings, program);
        measurements(root.putArray("measurements"), draft);
        bones(root.putArray("bones"), draft);
        return Json.pretty(root);
    }

    private static void measurements(ArrayNode out, Draft draft) {
        MeasurementSet set = draft.commission().measurements();
        Set<MeasurementKey> used =
                EnumSet.copyOf(Drafter.needs(draft.commission().garment()));
        used.addAll(set.taken().keySet());
        for (MeasurementKey key : used) {
            set.find(key).ifPresent(figure -> out.addObject()
                    .put("key", key.key())
                    .put("value", round(figure.value()))
                    .put("how", set.isTaken(key) ? "taken" : "estimated"));
        }
    }

    /** Each channel on each of its pieces, in the frame that the piece itself is written in. */
    private static void bones(ArrayNode out, Draft draft) {
        for (Channel channel : BonePlan.of(draft).channels()) {
            ObjectNode node = out.addObject()
                    .put("id", channel.id())
                    .put("kind", channel.kind().id())
                    .put("width", round(channel.width()))
                    .put("count", channel.count())
                    .put("cut", round(channel.cut().value()));
            ArrayNode runs = node.putArray("runs");
            for (Channel.Run run : channel.runs()) {
                draft.pattern().pieces().stream()
                        .filter(p -> p.id().equals(run.piece()))
                        .findFirst()
                        .ifPresent(piece -> path(
                                runs.addObject().put("piece", run.piece()).putArray("path"),
                                piece.uprightTurn().apply(run.path())));
            }
        }
    }

    private static ObjectNode document(Pattern pattern, List<Layer> layers, List<Finding> findings, String program) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", 1).put("units", "mm");
        root.putObject("source")
                .put("title", pattern.title())
                .put("method", pattern.method())
                .put("program", program);
        pattern.waistToLap().ifPresent(lap -> root.putObject("body").put("waistToLap", lap));
        ArrayNode levels = root.putArray("levels");
        for (PatternLevel level : pattern.levels()) {
            levels.addObject()
                    .put("id", level.id())
                    .put("bodyGirth", level.bodyGirth())
                    .put("ease", level.ease())
                    .put("lacingGap", level.lacingGap())
                    .put("patternGirth", level.patternGirth())
                    .put("frontHalf", level.frontHalf())
                    .put("backHalf", level.backHalf());
        }
        ArrayNode pieces = root.putArray("pieces");
        pattern.pieces().forEach(piece -> write(pieces.addObject(), piece.upright()));
        ArrayNode seams = root.putArray("seams");
        for (SeamJoin seam : pattern.seams()) {
            ObjectNode node = seams.addObject().put("id", seam.id()).put("name", seam.name());
            node.putObject("a")
                    .put("piece", seam.a().piece())
                    .put("edge", seam.a().edge());
            node.putObject("b")
                    .put("piece", seam.b().piece())
                    .put("edge", seam.b().edge());
        }
        if (!layers.isEmpty()) {
            layers(root.putArray("layers"), layers);
        }
        ArrayNode checks = root.putArray("checks");
        for (Finding finding : findings) {
            checks.addObject()
                    .put("id", finding.id())
                    .put("subject", finding.subject())
                    .put("status", finding.status().id())
                    .put("value", round(finding.value()))
                    .put("limit", round(finding.limit()))
                    .put("unit", finding.kind().unit().id())
                    .put("message", plain(finding.sentence().in(LengthUnit.MM)));
        }
        return root;
    }

    private static void layers(ArrayNode out, List<Layer> layers) {
        for (Layer layer : layers) {
            ObjectNode node = out.addObject()
                    .put("id", layer.kind().id())
                    .put("name", layer.kind().label())
                    .put("turnOfCloth", round(layer.turn()));
            ArrayNode pieces = node.putArray("pieces");
            layer.pieces().forEach(piece -> write(pieces.addObject(), piece.upright()));
            ArrayNode strips = node.putArray("strips");
            layer.strips().forEach(s -> strips.addObject()
                    .put("name", s.name())
                    .put("count", s.count())
                    .put("length", round(s.length().value()))
                    .put("width", round(s.width().value()))
                    .put("bias", s.bias()));
        }
    }

    private static void write(ObjectNode node, Piece piece) {
        node.put("id", piece.id())
                .put("name", piece.name())
                .put("order", piece.order())
                .put("block", piece.front() ? "front" : "back");
        node.putObject("cut").put("count", piece.count()).put("onFold", piece.onFold());
        ArrayNode outline = node.putArray("outline");
        piece.outline().forEach(edge -> write(outline.addObject(), edge));
        ArrayNode marks = node.putArray("levelMarks");
        for (LevelMark mark : piece.levelMarks()) {
            ObjectNode out = marks.addObject().put("level", mark.level());
            point(out.putArray("from"), mark.from());
            point(out.putArray("to"), mark.to());
        }
        ArrayNode notches = node.putArray("notches");
        for (Notch notch : piece.notches()) {
            ObjectNode out = notches.addObject().put("edge", notch.edge());
            point(out.putArray("at"), notch.at());
            out.put("kind", notch.twofold() ? "double" : "single").put("level", notch.level());
        }
        ObjectNode grain = node.putObject("grain");
        point(grain.putArray("from"), piece.grain().from());
        point(grain.putArray("to"), piece.grain().to());
        ArrayNode cut = node.putArray("cutLine");
        piece.cutLine().forEach(p -> point(cut.addArray(), p));
        if (!piece.allowances().isEmpty()) {
            ObjectNode widths = node.putObject("allowances");
            new TreeMap<>(piece.allowances()).forEach((edge, width) -> widths.put(edge, round(width)));
        }
        if (!piece.marks().isEmpty()) {
            ArrayNode inside = node.putArray("marks");
            piece.marks()
                    .forEach(mark -> point(
                            inside.addObject().put("kind", mark.kind().id()).putArray("at"), mark.at()));
        }
        if (!piece.darts().isEmpty()) {
            ArrayNode darts = node.putArray("darts");
            for (Dart dart : piece.darts()) {
                ArrayNode legs = darts.addObject().put("name", dart.name()).putArray("legs");
                path(legs.addArray(), dart.one());
                path(legs.addArray(), dart.other());
            }
        }
        if (!piece.declared().isEmpty()) {
            ArrayNode declared = node.putArray("declaredCorners");
            piece.declared()
                    .forEach(corner -> point(
                            declared.addObject()
                                    .put("degrees", corner.degrees())
                                    .putArray("at"),
                            corner.at()));
        }
    }

    static void write(ObjectNode out, OutlineEdge edge) {
        out.put("edge", edge.name()).put("kind", edge.kind().id());
        out.put("seam", edge.seam().orElse(null));
        path(out.putArray("path"), edge.path());
    }

    /** A speck of a segment has no direction left once its ends are rounded: its neighbour goes on over it. */
    private static void path(ArrayNode out, Path path) {
        command(out, "M", path.start());
        List<Segment> kept =
                path.segments().stream().filter(s -> s.length() > SPECK).toList();
        for (int i = 0; i < kept.size(); i++) {
            Segment segment = kept.get(i);
            Point end = i == kept.size() - 1 ? path.end() : segment.end();
            if (segment instanceof Cubic cubic) {
                command(out, "C", cubic.control1(), cubic.control2(), end);
            } else {
                command(out, "L", end);
            }
        }
        if (kept.isEmpty()) {
            command(out, "L", path.end());
        }
    }

    private static void command(ArrayNode path, String letter, Point... points) {
        ArrayNode command = path.addArray().add(letter);
        Arrays.stream(points).forEach(p -> point(command, p));
    }

    private static void point(ArrayNode node, Point point) {
        node.add(round(point.x())).add(round(point.y()));
    }

    private static double round(double value) {
        return Math.round(value * GRID) / GRID;
    }

    /** Reads a pattern for checking. The checks that the document itself holds are not believed and not read. */
    public static Pattern read(String text) throws BadDocument {
        return PatternReading.read(text);
    }
}
