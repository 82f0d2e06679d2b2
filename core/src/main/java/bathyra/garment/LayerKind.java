package bathyra.garment;

import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The layers of a garment, from the outside in, and what is cut besides (C12, C14). */
public enum LayerKind implements Choice {
    FASHION("fashion", "Fashion", Sort.PANELS, "the cloth that is seen"),
    INTERLINING("interlining", "Interlining", Sort.PANELS, "mounted or fused behind the fashion cloth"),
    STRENGTH("strength", "Strength", Sort.PANELS, "carries the reduction and the bones"),
    LINING("lining", "Lining", Sort.PANELS, "lies against the body"),
    MODESTY_PANEL("modesty-panel", "Modesty panel", Sort.SHAPED, "covers the gap behind the lacing"),
    FACING("facing", "Facing", Sort.SHAPED, "backs the edges that are laced or take a busk"),
    FLY("fly", "Fly", Sort.SHAPED, "lies under loops or a busk"),
    PLACKET("placket", "Placket", Sort.SHAPED, "lies under the opening of a skirt that is sewn to a basque"),
    LOOPS("loops", "Loops", Sort.STRIPS, "turned strips that the cord runs through"),
    BIAS_BINDING("bias-binding", "Bias binding", Sort.STRIPS, "bound round the upper and the lower edge"),
    CASINGS("casings", "Casings", Sort.STRIPS, "tunnels for the bones, one on every seam"),
    STRAPS("straps", "Straps", Sort.STRIPS, "over the shoulders, to sew in, to cross behind or to button on"),
    TOILE(
            "toile",
            "Toile",
            Sort.PANELS,
            "one layer of firm calico for a fitting, wide at side and back; bones at centre, side and back only");

    /** What a layer is made of. */
    public enum Sort {
        /** The panels themselves, or some of them. */
        PANELS,
        /** Pieces drawn along the panels' edges. */
        SHAPED,
        /** Strips that are measured off, not cut by a pattern. */
        STRIPS
    }

    /** Bust less rib from which on a strength layer is usual, mm. */
    private static final double FULL = 180;

    private static final Length TOILE_SIDE = Length.mm(40);
    private static final Length TOILE_BACK = Length.mm(50);

    private final String id;
    private final String label;
    private final Sort sort;
    private final String reason;

    LayerKind(String id, String label, Sort sort, String reason) {
        this.id = id;
        this.label = label;
        this.sort = sort;
        this.reason = reason;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    public Sort sort() {
        return sort;
    }

    /** What it is for, in words. */
    public String reason() {
        return reason;
    }

    /** The layers that are cut by the panels, from the outside in. */
    public static List<LayerKind> ofPanels() {
        return Arrays.stream(values()).filter(k -> k.sort == Sort.PANELS).toList();
    }

    /** Whether the bust is so full that the fashion cloth alone does not carry it (C13.1). */
    private static boolean isFull(Figure figure) {
        return figure.find(MeasurementKey.BUST)
                .flatMap(bust -> figure.find(MeasurementKey.UNDERBUST).map(rib -> bust.value() - rib.value()))
                .filter(fullness -> fullness >= FULL)
                .isPresent();
    }

    /** What an edge starts with in this layer, where that is not what it starts with in the others. */
    Optional<Length> allowance(EdgeUse use) {
        return this != TOILE
                ? Optional.empty()
                : switch (use) {
                    case SIDE -> Optional.of(TOILE_SIDE);
                    case CENTRE_BACK -> Optional.of(TOILE_BACK);
                    default -> Optional.empty();
                };
    }

    /** Whether it is made until the cutter says otherwise. */
    boolean isUsual(Garment garment) {
        Closure closure = garment.fastening().closure();
        return switch (this) {
            case FASHION, LINING -> true;
            case STRENGTH ->
                garment.kind().isPanelled()
                        || closure.isLaced()
                        || isFull(garment.fit().wearer());
            case CASINGS -> garment.kind().isPanelled();
            case INTERLINING, STRAPS, TOILE -> false;
            case MODESTY_PANEL -> closure.isLaced() && garment.gap().value() > 0;
            case FACING -> closure.isLaced() || closure.opensInFront();
            case FLY -> closure == Closure.BACK_LOOPS || closure == Closure.FRONT_BUSK;
            case PLACKET -> garment.lowerEdge().isBasque() && (closure.opensBehind() || closure.opensInFront());
            case LOOPS -> closure == Closure.BACK_LOOPS;
            case BIAS_BINDING ->
                garment.allowance(EdgeUse.UPPER_EDGE).millimetres() == 0
                        || garment.allowance(EdgeUse.LOWER_EDGE).millimetres() == 0;
        };
    }
}
