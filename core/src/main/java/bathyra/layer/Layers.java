package bathyra.layer;

import bathyra.cutting.Finishing;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.LayerChoice;
import bathyra.garment.LayerKind;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Derives the layers of cloth from the finished pattern: which pieces, how much larger, with which allowances (C12, C14). */
public final class Layers {
    private Layers() {}

    /**
     * The layers that the garment makes, from the outside in, then facings and strips. A layer that would be empty is left out.
     *
     * @param part which part of the body the pattern is for; of an uneven body each half has a pattern of its own
     */
    public static List<Layer> of(Pattern pattern, Garment garment, Part part) {
        List<Layer> layers = new ArrayList<>();
        for (LayerKind kind : LayerKind.values()) {
            if (garment.makes(kind)) {
                Layer layer = layer(pattern, kind, garment, part);
                if (!layer.pieces().isEmpty() || !layer.strips().isEmpty()) {
                    layers.add(layer);
                }
            }
        }
        return layers;
    }

    /** The layers of a pattern that are cut by its own pieces, without facings and strips: those of a darted block. */
    public static List<Layer> ofPieces(Pattern pattern, Garment garment) {
        return LayerKind.ofPanels().stream()
                .filter(garment::makes)
                .map(kind -> ofPanels(pattern, kind, garment))
                .filter(layer -> !layer.pieces().isEmpty())
                .toList();
    }

    private static Layer layer(Pattern pattern, LayerKind kind, Garment garment, Part part) {
        return switch (kind.sort()) {
            case PANELS -> ofPanels(pattern, kind, garment);
            case SHAPED ->
                new Layer(
                        kind,
                        0,
                        with(pattern, ShapedPieces.of(pattern, kind, garment, part), List.of(), pattern.levels()),
                        List.of());
            case STRIPS ->
                new Layer(
                        kind,
                        0,
                        with(pattern, List.of(), List.of(), pattern.levels()),
                        Strips.of(pattern, garment, kind, part));
        };
    }

    /** The panels that the layer takes, grown by its turn of cloth, with its own allowances. */
    private static Layer ofPanels(Pattern pattern, LayerKind kind, Garment garment) {
        LayerChoice choice = garment.finish().layer(kind);
        double turn = choice.turn().millimetres();
        List<Piece> pieces = pattern.pieces().stream()
                .filter(p -> !choice.without().contains(p.id()))
                // What carries the bones ends where the body ends: nothing stiff goes on into a skirt (C10).
                .filter(p -> kind != LayerKind.STRENGTH || !p.role().isSkirt())
                .map(p -> Finishing.cut(TurnOfCloth.on(p, turn), Optional.of(kind), garment))
                .toList();
        Set<String> cut = pieces.stream().map(Piece::id).collect(Collectors.toSet());
        List<SeamJoin> seams = pattern.seams().stream()
                .filter(s -> cut.contains(s.a().piece()) && cut.contains(s.b().piece()))
                .toList();
        // A girth goes past the side seam once in either half.
        boolean grows = pattern.pieces().stream()
                .anyMatch(p -> p.outline().stream().anyMatch(e -> Finishing.use(e) == EdgeUse.SIDE));
        List<PatternLevel> levels =
                grows ? pattern.levels().stream().map(l -> grown(l, turn)).toList() : pattern.levels();
        return new Layer(
                kind,
                turn,
                with(pattern, pieces, seams, cut.size() == pattern.pieces().size() ? levels : List.of()),
                List.of());
    }

    private static PatternLevel grown(PatternLevel l, double turn) {
        return new PatternLevel(
                l.id(),
                l.bodyGirth(),
                l.ease() + 2 * turn,
                l.lacingGap(),
                l.patternGirth() + 2 * turn,
                l.frontHalf() + turn / 2,
                l.backHalf() + turn / 2);
    }

    private static Pattern with(Pattern pattern, List<Piece> pieces, List<SeamJoin> seams, List<PatternLevel> levels) {
        return new Pattern(pattern.title(), pattern.method(), levels, pieces, seams, pattern.waistToLap());
    }
}
