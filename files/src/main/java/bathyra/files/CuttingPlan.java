package bathyra.files;

import bathyra.block.BlockDrawing;
import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.draft.BlockPattern;
import bathyra.draft.Draft;
import bathyra.garment.Commission;
import bathyra.garment.LayerKind;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.layer.Layer;
import bathyra.layer.Layers;
import bathyra.layer.Strip;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What is drawn in a file: the pieces of the chosen layers, each drawn once. A piece that is the same in several layers is one
 * drawing that says so; one that differs has a drawing of its own.
 *
 * @param pattern the draft's own pattern
 * @param layers the chosen layers, from the outside in
 * @param cuts the drawings, those of the draft's own pieces first
 */
public record CuttingPlan(Pattern pattern, List<Layer> layers, List<Cut> cuts) {
    private static final double SAME = 1e-6;

    /**
     * One drawing.
     *
     * @param id the piece's own, and the layer's behind it where it differs from the draft: {@code F1}, {@code F1-lining}
     * @param piece its grain upright
     * @param layers the layers that are cut by it
     * @param bones the middle lines of the channels on it, on the drawing of the draft's own piece
     * @param eyelets the middles of those that are set in it
     */
    public record Cut(String id, Piece piece, List<LayerKind> layers, List<Path> bones, List<Point> eyelets) {
        public Cut {
            layers = List.copyOf(layers);
            bones = List.copyOf(bones);
            eyelets = List.copyOf(eyelets);
        }

        /** An outline with nothing on it. */
        private static Cut plain(String id, Piece piece, List<LayerKind> layers) {
            return new Cut(id, piece, layers, List.of(), List.of());
        }

        /** The legs of its darts and the lines on which they are folded. */
        public List<Path> darts() {
            return piece.darts().stream().flatMap(d -> d.lines().stream()).toList();
        }

        /** How often it is cut in which layers. */
        public String words() {
            String names = String.join(
                    ", ",
                    layers.stream().map(k -> k.label().toLowerCase(Locale.ROOT)).toList());
            return piece.cutWords()
                    + (names.isEmpty() || names.equals(piece.name().toLowerCase(Locale.ROOT)) ? "" : ": " + names);
        }
    }

    public CuttingPlan {
        layers = List.copyOf(layers);
        cuts = List.copyOf(cuts);
    }

    /** All layers of a draft. */
    public static CuttingPlan of(Draft draft) {
        return of(draft, kind -> true);
    }

    /** A darted block, in all its layers. */
    public static CuttingPlan of(BlockDrawing block, Commission commission) {
        Pattern pattern = BlockPattern.finished(block, commission.title(), commission.garment());
        List<Layer> layers = Layers.ofPieces(pattern, commission.garment());
        List<Cut> cuts = new ArrayList<>();
        for (Layer layer : layers) {
            for (Piece piece : layer.pieces()) {
                add(cuts, piece, layer.kind(), Optional.empty());
            }
        }
        return new CuttingPlan(pattern, layers, cuts);
    }

    /** A pattern that is no draft, such as a block: each piece as it is, of no layer. */
    public static CuttingPlan of(Pattern pattern) {
        return new CuttingPlan(
                pattern,
                List.of(),
                pattern.pieces().stream()
                        .map(p -> Cut.plain(p.id(), p.upright(), List.of()))
                        .toList());
    }

    /** The layers of a draft that are wanted. */
    public static CuttingPlan of(Draft draft, Predicate<LayerKind> wanted) {
        List<Layer> layers = Layers.of(draft.pattern(), draft.commission().garment(), part(draft)).stream()
                .filter(l -> wanted.test(l.kind()))
                .toList();
        List<Cut> own = new ArrayList<>();
        List<Cut> others = new ArrayList<>();
        Map<String, Piece> drafted = new LinkedHashMap<>();
        draft.pattern().pieces().forEach(p -> drafted.put(p.id(), p));
        Map<String, List<Path>> bones = new LinkedHashMap<>();
        Bones boned = BonePlan.of(draft);
        boned.channels().forEach(c -> c.runs().forEach(r -> bones.computeIfAbsent(r.piece(), k -> new ArrayList<>())
                .add(r.path())));
        for (Piece piece : drafted.values()) {
            List<LayerKind> alike = new ArrayList<>();
            for (Layer layer : layers) {
                if (layer.pieces().stream().anyMatch(p -> p.id().equals(piece.id()) && isSame(p, piece))) {
                    alike.add(layer.kind());
                }
            }
            if (!alike.isEmpty()) {
                own.add(new Cut(
                        piece.id(),
                        piece.upright(),
                        alike,
                        bones.getOrDefault(piece.id(), List.of()).stream()
                                .map(p -> p.mapped(piece.uprightTurn()))
                                .toList(),
                        boned.eyelets().stream()
                                .filter(e -> e.piece().equals(piece.id()))
                                .flatMap(e -> e.points().stream())
                                .map(piece.uprightTurn()::apply)
                                .toList()));
            }
        }
        for (Layer layer : layers) {
            for (Piece piece : layer.pieces()) {
                add(others, piece, layer.kind(), Optional.ofNullable(drafted.get(piece.id())));
            }
        }
        own.addAll(others);
        return new CuttingPlan(draft.pattern(), layers, own);
    }

    /** The draft of an uneven body is its left half's and has the right one beside it. */
    private static Part part(Draft draft) {
        return draft.rightHalf().isPresent()
                ? Part.LEFT
                : draft.commission().measurements().part();
    }

    private static void add(List<Cut> others, Piece piece, LayerKind kind, Optional<Piece> drafted) {
        if (drafted.isPresent() && isSame(piece, drafted.get())) {
            return;
        }
        for (int i = 0; i < others.size(); i++) {
            Cut cut = others.get(i);
            if (cut.piece().id().equals(piece.id()) && isSame(cut.piece(), piece.upright())) {
                List<LayerKind> more = new ArrayList<>(cut.layers());
                more.add(kind);
                others.set(i, Cut.plain(cut.id(), cut.piece(), more));
                return;
            }
        }
        others.add(Cut.plain(
                drafted.isPresent() ? piece.id() + "-" + kind.id() : piece.id(), piece.upright(), List.of(kind)));
    }

    private static boolean isSame(Piece one, Piece other) {
        if (one.cutLine().size() != other.cutLine().size()
                || one.outline().size() != other.outline().size()) {
            return false;
        }
        for (int i = 0; i < one.cutLine().size(); i++) {
            if (one.cutLine().get(i).distance(other.cutLine().get(i)) > SAME) {
                return false;
            }
        }
        return one.path().equals(other.path());
    }

    /** What is measured off, without a drawing. */
    public List<Strip> strips() {
        return layers.stream().flatMap(l -> l.strips().stream()).toList();
    }
}
