package bathyra.workplan;

import bathyra.bill.Lays;
import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.draft.Draft;
import bathyra.garment.Closure;
import bathyra.garment.Garment;
import bathyra.garment.LayerKind;
import bathyra.layer.Layer;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What there is to be done on a garment, counted on its finished draft: the units by which its minutes are reckoned (C16.2). Both halves.
 *
 * @param build what is built in at all
 */
public record Counts(Cutting cutting, Sewing sewing, Boned boned, Build build) {
    private static final double METRE = 1000;
    /** What is laid under another cloth and held to it. */
    private static final Set<LayerKind> MOUNTED = Set.of(LayerKind.STRENGTH, LayerKind.INTERLINING);

    /**
     * @param paper pieces of the pattern
     * @param cloth pieces of all layers
     * @param mounted of them the ones that are laid under others and held to them
     */
    public record Cutting(int paper, int cloth, int mounted) {}

    /**
     * @param panels seams between panels, and of cups to panels
     * @param cups seams within the cups
     * @param lined panels that are lined
     * @param edge what is bound by hand, metres
     */
    public record Sewing(int panels, int cups, int lined, double edge) {}

    /**
     * @param seamChannels channels along seams
     * @param otherChannels channels inside panels and beside closures
     * @param eyelets on both sides
     */
    public record Boned(int seamChannels, int otherChannels, int eyelets) {
        /** One in each channel. */
        public int bones() {
            return seamChannels + otherChannels;
        }
    }

    /**
     * @param cups whether there are cups of their own
     * @param wired whether they are wired
     * @param overBust whether it covers the bust
     * @param modesty whether there is a panel behind the lacing
     */
    public record Build(
            boolean cups, boolean wired, boolean overBust, boolean busk, Closure closure, boolean modesty) {}

    public static Counts of(Draft draft) {
        List<Layer> layers = Lays.layers(draft);
        Bones bones = BonePlan.of(draft);
        return new Counts(cutting(draft, layers), sewing(draft), boned(bones), build(draft, layers, bones));
    }

    private static Cutting cutting(Draft draft, List<Layer> layers) {
        int halves = draft.rightHalf().isPresent() ? 2 : 1;
        return new Cutting(
                draft.pattern().pieces().size() * halves,
                pieces(layers, l -> true),
                pieces(layers, l -> MOUNTED.contains(l.kind())));
    }

    private static int pieces(List<Layer> layers, Predicate<Layer> which) {
        return layers.stream()
                .filter(which)
                .flatMap(l -> l.pieces().stream())
                .mapToInt(Piece::count)
                .sum();
    }

    private static Sewing sewing(Draft draft) {
        int cups = 2
                * (int) draft.pattern().seams().stream()
                        .filter(s -> isWithinCup(draft, s))
                        .count();
        return new Sewing(
                2 * draft.pattern().seams().size() - cups,
                cups,
                2 * draft.panelPieces().size(),
                2 * bound(draft.panelPieces()) / METRE);
    }

    private static Boned boned(Bones bones) {
        int seams = bones.channels().stream()
                .filter(c -> c.place() == Channel.Place.SEAM)
                .mapToInt(Channel::count)
                .sum();
        int all = bones.channels().stream().mapToInt(Channel::count).sum();
        return new Boned(
                seams,
                all - seams,
                bones.eyelets().map(e -> 2 * e.points().size()).orElse(0));
    }

    private static Build build(Draft draft, List<Layer> layers, Bones bones) {
        Garment garment = draft.commission().garment();
        return new Build(
                garment.bust().cups().isCut(),
                garment.bust().wired(),
                garment.kind().isOverBust(),
                bones.busk().isPresent(),
                garment.fastening().closure(),
                layers.stream().anyMatch(l -> l.kind() == LayerKind.MODESTY_PANEL));
    }

    /** Whether a seam lies within a cup; one by which a cup is set in is sewn like a seam of panels. */
    private static boolean isWithinCup(Draft draft, SeamJoin seam) {
        return draft.pattern().piece(seam.a().piece()).role() == PieceRole.CUP
                && draft.pattern().piece(seam.b().piece()).role() == PieceRole.CUP;
    }

    /** The edges of a half that are neither seam nor closure, mm. */
    private static double bound(List<Piece> panels) {
        return panels.stream()
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.kind() == OutlineEdge.Kind.EDGE && e.role() != EdgeRole.SLIT)
                .mapToDouble(e -> e.path().length())
                .sum();
    }
}
