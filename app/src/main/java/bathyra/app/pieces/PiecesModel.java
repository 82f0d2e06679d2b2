package bathyra.app.pieces;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.block.BlockDrawing;
import bathyra.cutting.Finishing;
import bathyra.draft.BlockPattern;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.finding.Finding;
import bathyra.garment.CornerShape;
import bathyra.garment.EdgeAt;
import bathyra.garment.EdgeUse;
import bathyra.garment.Finish;
import bathyra.garment.Garment;
import bathyra.garment.GrainLine;
import bathyra.garment.LayerChoice;
import bathyra.garment.LayerKind;
import bathyra.layer.Layer;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.truing.Truing;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What can be done on the Pieces stage: which layer and which edge are in hand, and everything that finishes a piece. */
public final class PiecesModel {
    private final Workshop workshop;
    private Optional<LayerKind> layer = Optional.empty();
    private boolean block;
    private Optional<BlockDrawing> drawn = Optional.empty();
    private Optional<Garment> cutFor = Optional.empty();
    private Optional<Pattern> blockPattern = Optional.empty();
    private Optional<EdgeAt> chosen = Optional.empty();
    private Optional<Draft> planned = Optional.empty();
    private List<Layer> layers = List.of();
    private Optional<Pattern> looked = Optional.empty();
    private List<Finding> before = List.of();

    public PiecesModel(Workshop workshop) {
        this.workshop = workshop;
    }

    Garment garment() {
        return workshop.commission().garment();
    }

    /** The layers of the half in view; derived once a draft. */
    List<Layer> layers() {
        Optional<Draft> draft = workshop.half();
        if (!draft.equals(planned)) {
            planned = draft;
            layers = draft.map(d -> CuttingPlan.of(d).layers()).orElse(List.of());
        }
        return layers;
    }

    /** Whether there is a block with shoulders, whose darted front and back can lie on the table. */
    boolean hasBlock() {
        return !garment().kind().isPanelled() && workshop.block().drawing().isPresent();
    }

    /** Whether the front and the back of the block lie on the table in the place of the garment's pieces. */
    boolean isBlock() {
        return block && hasBlock();
    }

    /** The block as it is cut, with the garment's allowances; cut anew when the block or the garment is another. */
    private Pattern block() {
        BlockDrawing drawing = workshop.block().drawing().orElseThrow();
        if (blockPattern.isEmpty() || drawn.get() != drawing || !cutFor.get().equals(garment())) {
            drawn = Optional.of(drawing);
            cutFor = Optional.of(garment());
            blockPattern = Optional.of(
                    BlockPattern.finished(drawing, workshop.commission().title(), garment()));
        }
        return blockPattern.get();
    }

    void lookAtBlock() {
        look(Optional.empty(), true);
    }

    /** The layer that lies on the table; empty for the pieces as they are drafted, and for the block. */
    Optional<LayerKind> layer() {
        return isBlock()
                ? Optional.empty()
                : layer.filter(kind -> layers().stream()
                        .anyMatch(l -> l.kind() == kind && !l.pieces().isEmpty()));
    }

    void look(Optional<LayerKind> next) {
        look(next, false);
    }

    private void look(Optional<LayerKind> next, boolean ofBlock) {
        layer = next;
        block = ofBlock;
        workshop.letGo();
        workshop.showing().again();
    }

    /** The pieces on the table. */
    Pattern pattern() {
        if (isBlock()) {
            return block();
        }
        Optional<LayerKind> kind = layer();
        return kind.isEmpty()
                ? workshop.half().orElseThrow().pattern()
                : layers().stream()
                        .filter(l -> l.kind() == kind.get())
                        .findFirst()
                        .orElseThrow()
                        .pattern();
    }

    /** What was found on the pieces on the table before they are cut. */
    List<Finding> beforeCutting() {
        Pattern pattern = pattern();
        if (looked.isEmpty() || looked.get() != pattern) {
            looked = Optional.of(pattern);
            before = Truing.beforeCutting(pattern);
        }
        return before;
    }

    /** The edge in hand. */
    Optional<EdgeAt> chosen() {
        return chosen.filter(at -> edge(at).isPresent());
    }

    Optional<OutlineEdge> edge(EdgeAt at) {
        return pattern().pieces().stream()
                .filter(p -> p.id().equals(at.piece()))
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.name().equals(at.edge()))
                .findFirst();
    }

    void choose(EdgeAt at) {
        chosen = Optional.of(at);
        workshop.letGo();
        workshop.showing().again();
    }

    Piece piece() {
        return pattern().piece(chosen().orElseThrow().piece());
    }

    /** Goes on to the next edge of the piece, clockwise; without an edge in hand to the first of all. */
    void nextEdge() {
        if (chosen().isEmpty()) {
            Piece first = pattern().pieces().get(0);
            choose(new EdgeAt(first.id(), first.outline().get(0).name()));
            return;
        }
        List<OutlineEdge> outline = piece().outline();
        int at = outline.indexOf(edge(chosen().get()).orElseThrow());
        choose(new EdgeAt(piece().id(), outline.get((at + 1) % outline.size()).name()));
    }

    /** Goes on to the next piece. */
    void nextPiece() {
        if (chosen().isEmpty()) {
            nextEdge();
            return;
        }
        List<Piece> pieces = pattern().pieces();
        Piece next = pieces.get((pieces.indexOf(piece()) + 1) % pieces.size());
        choose(new EdgeAt(next.id(), next.outline().get(0).name()));
    }

    EdgeUse use() {
        return Finishing.use(edge(chosen().orElseThrow()).orElseThrow());
    }

    /** The allowance of the edge in hand, in the layer on the table; that of a seam while there is none. */
    Length allowance(Garment garment) {
        return chosen().map(at -> garment.allowance(layer(), at, use()))
                .orElseGet(() -> garment.allowance(EdgeUse.SEAM));
    }

    /** Whether the edge in hand has an allowance of its own in the layer on the table. */
    boolean isOwn(Garment garment) {
        return chosen().filter(at -> layer().map(
                                kind -> garment.finish().layer(kind).edges().containsKey(at))
                        .orElseGet(() -> garment.finish().edges().containsKey(at)))
                .isPresent();
    }

    /** The garment with the allowance of the edge in hand; back at what its use asks when empty. */
    Garment withAllowance(Garment garment, Optional<Length> width) {
        Finish finish = garment.finish();
        EdgeAt at = chosen().orElseThrow();
        return garment.withFinish(
                layer().map(kind -> finish.withLayer(kind, finish.layer(kind).withEdge(at, width)))
                        .orElseGet(() -> finish.withEdge(at, width)));
    }

    /** Pulls the allowance of the edge in hand to a width, held within what is of use, to the millimetre or the eighth of an inch. */
    void pull(double mm) {
        double step = workshop.unit().step();
        Length width = Length.mm(Math.max(0, Math.min(EdgeUse.MOST.millimetres(), Math.rint(mm / step) * step)));
        Length was = allowance(workshop.before(InHand.of("allowance")).garment());
        workshop.change(
                edgeWords() + " " + LengthText.figure(was, workshop.unit()) + " → "
                        + LengthText.say(width, workshop.unit()),
                workshop.commission().withGarment(withAllowance(garment(), Optional.of(width))),
                InHand.of("allowance"));
    }

    /** What the edge in hand is called in a change. */
    String edgeWords() {
        EdgeAt at = chosen().orElseThrow();
        return "allowance of " + pattern().piece(at.piece()).name().toLowerCase(Locale.ROOT) + ", "
                + at.edge().replace('-', ' ')
                + layer().map(k -> " (" + k.label().toLowerCase(Locale.ROOT) + ")")
                        .orElse("");
    }

    private void once(String label, Finish finish) {
        workshop.letGo();
        workshop.once(label, workshop.commission().withGarment(garment().withFinish(finish)));
    }

    void corner(EdgeUse use, CornerShape shape) {
        once(
                "corners at the " + use.label() + " " + shape.label().toLowerCase(Locale.ROOT),
                garment().finish().withCorner(use, shape));
    }

    void grain(Piece piece, GrainLine line) {
        once(
                "grain of " + piece.name().toLowerCase(Locale.ROOT) + " "
                        + line.label().toLowerCase(Locale.ROOT),
                garment().finish().withGrain(piece.id(), line));
    }

    void topMark(String piece, String name, boolean marked) {
        once(
                (marked ? "top marked on " : "no top mark on ") + name.toLowerCase(Locale.ROOT),
                garment().finish().withTopMark(piece, marked));
    }

    void make(LayerKind kind, boolean made) {
        once(
                kind.label().toLowerCase(Locale.ROOT) + (made ? " made" : " not made"),
                garment().finish().withLayer(kind, choice(kind).withMade(made)));
    }

    /** Takes a piece into a layer, or leaves it out of it. */
    void include(LayerKind kind, Piece piece, boolean cut) {
        once(
                piece.name().toLowerCase(Locale.ROOT)
                        + (cut ? " in the " : " not in the ")
                        + kind.label().toLowerCase(Locale.ROOT),
                garment().finish().withLayer(kind, choice(kind).withPiece(piece.id(), cut)));
    }

    LayerChoice choice(LayerKind kind) {
        return garment().finish().layer(kind);
    }
}
