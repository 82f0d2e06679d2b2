package bathyra.app.workshop;

import bathyra.garment.Choice;
import bathyra.garment.Closure;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LowerShape;
import bathyra.garment.PrincessStart;
import bathyra.garment.SeamPlacing;
import bathyra.garment.SkirtShaping;
import bathyra.garment.Sleeve;
import bathyra.garment.UpperShape;
import bathyra.garment.Weighting;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * One of the choices that make a garment what it is, wherever it is offered.
 *
 * @param name what it is called
 * @param fitting what a garment may choose from, in the order in which it is offered; empty where there is nothing to choose
 * @param value what a garment has chosen
 * @param with the garment with another choice
 */
public record GarmentChoice<C extends Choice>(
        String name,
        Function<Garment, List<C>> fitting,
        Function<Garment, C> value,
        BiFunction<Garment, C, Garment> with) {
    public static final GarmentChoice<GarmentKind> KIND =
            new GarmentChoice<>("Kind", g -> List.of(GarmentKind.values()), Garment::kind, Garment::withKind);
    public static final GarmentChoice<Closure> CLOSURE = new GarmentChoice<>(
            "Closure",
            g -> List.of(Closure.values()),
            g -> g.fastening().closure(),
            (g, c) -> g.withFastening(g.fastening().with(c)));
    public static final GarmentChoice<Cover> COVER = new GarmentChoice<>(
            "Held up by",
            g -> g.kind().isPanelled() ? List.of() : List.of(Cover.values()),
            g -> g.top().cover(),
            (g, c) -> g.withTop(g.top().withCover(c)));
    public static final GarmentChoice<UpperShape> UPPER_EDGE = new GarmentChoice<>(
            "Upper edge",
            g -> g.kind().isOverBust() ? UpperShape.fitting(g.top().cover()) : List.of(),
            Garment::upperEdge,
            Garment::withUpperEdge);
    public static final GarmentChoice<LowerShape> LOWER_EDGE = new GarmentChoice<>(
            "Lower edge", g -> List.of(LowerShape.values()), Garment::lowerEdge, Garment::withLowerEdge);
    public static final GarmentChoice<SkirtShaping> SKIRT = new GarmentChoice<>(
            "Skirt",
            g -> g.lowerEdge().isBasque() ? List.of(SkirtShaping.values()) : List.of(),
            Garment::skirt,
            Garment::withSkirt);
    public static final GarmentChoice<CupKind> CUPS = new GarmentChoice<>(
            "Cups",
            g -> g.kind().isOverBust() ? List.of(CupKind.values()) : List.of(),
            g -> g.bust().cups(),
            (g, c) -> g.withBust(g.bust().withCups(c)));
    public static final GarmentChoice<Sleeve> SLEEVE = new GarmentChoice<>(
            "Sleeve",
            g -> Sleeve.fitting(g.top().cover()),
            g -> g.top().sleeve(),
            (g, c) -> g.withTop(g.top().withSleeve(c)));
    public static final GarmentChoice<PrincessStart> PRINCESS = new GarmentChoice<>(
            "Princess seam",
            g -> g.kind().isPanelled() ? List.of() : List.of(PrincessStart.values()),
            g -> g.block().princess(),
            (g, c) -> g.withBlock(g.block().withPrincess(c)));
    public static final GarmentChoice<SeamPlacing> PLACING = new GarmentChoice<>(
            "Seams placed",
            g -> g.kind().isPanelled() ? List.of(SeamPlacing.values()) : List.of(),
            g -> g.panels().placing(),
            (g, c) -> g.withPanels(g.panels().placed(c)));
    public static final GarmentChoice<Weighting> SHARING = new GarmentChoice<>(
            "Surplus shared out",
            g -> g.kind().isPanelled() ? List.of(Weighting.values()) : List.of(),
            g -> g.sharing().preset(),
            (g, c) -> g.withSharing(g.sharing().with(c)));

    /** All of them, in the order of the work. */
    public static final List<GarmentChoice<?>> ALL =
            List.of(KIND, CLOSURE, PRINCESS, PLACING, SHARING, CUPS, COVER, UPPER_EDGE, LOWER_EDGE, SKIRT, SLEEVE);

    /** What a garment may choose instead. */
    public List<C> others(Garment garment) {
        return fitting.apply(garment).stream()
                .filter(c -> c != value.apply(garment))
                .toList();
    }
}
