package bathyra.draft;

import bathyra.garment.BackShaping;
import bathyra.garment.BlockMethod;
import bathyra.garment.BoneKind;
import bathyra.garment.Boning;
import bathyra.garment.Bust;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.ContourSet;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.EaseHere;
import bathyra.garment.EdgeUse;
import bathyra.garment.Experience;
import bathyra.garment.Finish;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Gore;
import bathyra.garment.LayerKind;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.PrincessStart;
import bathyra.garment.SeamPlacing;
import bathyra.garment.SkirtShaping;
import bathyra.garment.Sleeve;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.place.ContourWedge;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Every choice that shapes a garment, each as a factor of a covering array. A choice that does not go with another gives way as it does in
 * the window, so that some rows come out as the same garment.
 */
public final class Choices {
    /** The wedges that are tried: none, the usual sets, and the two that fade alone. */
    private static final List<List<ContourWedge>> WEDGES = List.of(
            List.of(),
            ContourSet.HALTER.wedges(),
            ContourSet.V_NECK.wedges(),
            ContourSet.SCOOP.wedges(),
            ContourSet.SWEETHEART.wedges(),
            List.of(ContourWedge.SIDE),
            List.of(ContourWedge.CF_NECKLINE));

    /** Room between rib and waist: none, over all seams, and taken at the side alone. */
    private static final List<List<EaseHere>> LINES = List.of(
            List.of(),
            List.of(new EaseHere(Length.mm(40), Optional.empty(), Length.mm(12))),
            List.of(new EaseHere(Length.mm(40), Optional.of(SeamPlace.SIDE), Length.mm(-8))));

    private static final List<List<Gore>> GORES =
            List.of(List.of(), List.of(new Gore("B2", false, 0.5, Length.mm(45), Length.mm(18))));

    private static final int LAYERS = 4;
    private static final int BONES = 4;
    private static final int YOKES = 4;
    private static final int PLACINGS = 2;

    private Choices() {}

    /** One combination with the body that it is to be drafted for, from 0. */
    public record Combination(int body, Garment garment, String words) {
        @Override
        public String toString() {
            return words;
        }
    }

    private static final int[] SIZES = {
        GarmentKind.values().length,
        BlockMethod.values().length,
        Cover.values().length,
        UpperShape.values().length,
        PrincessStart.values().length,
        CupKind.values().length,
        WEDGES.size(),
        LowerShape.values().length,
        Closure.values().length,
        Panels.MOST - Panels.LEAST + 1,
        LAYERS,
        BONES,
        YOKES,
        PLACINGS,
        LINES.size(),
        GORES.size(),
        BackShaping.values().length,
        3
    };

    /**
     * All pairs of choices on three bodies.
     *
     * @param fitting whether wedges and yokes that cannot lie on the garment at all are left out, so that they do not hide what comes after them
     */
    public static List<Combination> pairwise(long seed, boolean fitting) {
        List<Combination> combinations = new ArrayList<>();
        for (int[] row : CoveringArray.pairwise(SIZES, seed)) {
            combinations.add(of(row, fitting));
        }
        return combinations;
    }

    private static boolean fits(ContourWedge wedge, Garment garment) {
        return switch (wedge) {
            case CUT_AWAY_ARMHOLE -> garment.top().cover() == Cover.HALTER;
            case STRAPLESS_TOP -> garment.top().cover() == Cover.STRAPLESS;
            case BETWEEN, CF_NECKLINE -> !garment.fastening().closure().opensInFront();
            default -> true;
        };
    }

    private static Combination of(int[] row, boolean fitting) {
        int f = 0;
        GarmentKind kind = GarmentKind.values()[row[f++]];
        BlockMethod method = BlockMethod.values()[row[f++]];
        Cover cover = Cover.values()[row[f++]];
        UpperShape shape = UpperShape.values()[row[f++]];
        PrincessStart start = PrincessStart.values()[row[f++]];
        CupKind cups = CupKind.values()[row[f++]];
        List<ContourWedge> wedges = WEDGES.get(row[f++]);
        LowerShape lower = LowerShape.values()[row[f++]];
        // Half of the rows with a basque have a darted skirt.
        SkirtShaping skirt = SkirtShaping.values()[row[f] % 2];
        Closure closure = Closure.values()[row[f++]];
        int panels = Panels.LEAST + row[f++];
        int layers = row[f++];
        int bones = row[f++];
        int yoke = row[f++];
        SeamPlacing placing = SeamPlacing.values()[row[f++]];
        List<EaseHere> lines = LINES.get(row[f++]);
        List<Gore> gores = GORES.get(row[f++]);
        BackShaping back = BackShaping.values()[row[f++]];
        Garment garment = Garment.of(kind);
        garment = garment.withBlock(
                        garment.block().withMethod(method).withPrincess(start).withBack(back))
                .withLowerEdge(lower)
                .withSkirt(skirt)
                .withFastening(garment.fastening().with(closure));
        if (kind.isPanelled()) {
            garment = garment.withPanels(Panels.of(panels, placing));
        }
        if (kind.isOverBust()) {
            Top top = kind.isPanelled()
                    ? Top.STRAPLESS
                    : Top.STRAPLESS
                            .withCover(cover)
                            .withYoke(yoke % 2 == 1 && cover.hasShoulder())
                            .withYokeInFrontOnly(yoke == 1 && cover == Cover.SHOULDERS && layers % 2 == 1)
                            .withKeyhole(yoke == 3 && cover.hasShoulder())
                            .withSleeve(
                                    yoke < 2 ? Sleeve.BAND : cover == Cover.SHOULDERS ? Sleeve.SET_IN : Sleeve.SHORT);
            Garment under = garment.withTop(top);
            List<ContourWedge> closed =
                    wedges.stream().filter(w -> !fitting || fits(w, under)).toList();
            garment = garment.withTop(top)
                    .withUpperEdge(shape)
                    .withBust(Bust.PRINCESS.withCups(cups).withSet(closed));
        }
        garment = garment.withFinish(finish(garment.finish(), layers))
                .withBoning(boning(bones))
                .withBetween(lines)
                .withGores(lower.endsAtWaist() ? List.of() : gores);
        return new Combination(
                row[f],
                garment,
                String.join(
                        " ",
                        kind.id(),
                        garment.method(),
                        garment.top().cover().id(),
                        garment.upperEdge().id(),
                        "princess",
                        start.id(),
                        "cups",
                        garment.bust().cups().id(),
                        "wedges",
                        garment.bust().wedges().keySet().toString(),
                        lower.isBasque() ? lower.id() + " in " + skirt.id() : lower.id(),
                        closure.id(),
                        garment.panelsPerSide() + "",
                        "layers",
                        layers + "",
                        "bones",
                        bones + "",
                        garment.top().yoke() ? "yoke" : "",
                        garment.top().keyhole() ? "keyhole" : "",
                        garment.top().sleeve().id(),
                        placing.id(),
                        "lines",
                        lines.toString(),
                        garment.gores().toString(),
                        garment.isDartedBehind() ? "darted back" : "",
                        "body",
                        row[f] + ""));
    }

    private static Finish finish(Finish usual, int which) {
        Finish finish = usual;
        switch (which) {
            case 1 -> {
                for (LayerKind kind : LayerKind.values()) {
                    finish = finish.withLayer(kind, finish.layer(kind).withMade(true));
                }
            }
            case 2 ->
                finish = finish.withLayer(
                                LayerKind.FASHION,
                                finish.layer(LayerKind.FASHION).withTurn(Length.mm(3)))
                        .withAllowance(EdgeUse.UPPER_EDGE, Optional.of(Length.mm(0)))
                        .withAllowance(EdgeUse.SEAM, Optional.of(Length.mm(20)));
            case 3 -> {
                for (LayerKind kind : LayerKind.values()) {
                    finish = finish.withLayer(kind, finish.layer(kind).withMade(kind == LayerKind.LINING));
                }
            }
            default -> {}
        }
        return finish;
    }

    private static Boning boning(int which) {
        return switch (which) {
            case 1 -> Boning.BY_RULE.withWidth(Optional.of(Length.mm(10))).withEyelets(Optional.of(Length.mm(12)));
            case 2 ->
                Boning.BY_RULE
                        .withWidth(Optional.of(Length.mm(5)))
                        .withPanel(new Boning.PanelBone("own-1", "F1", 0.5))
                        .withPanel(new Boning.PanelBone("own-2", "B1", 0.5));
            case 3 ->
                Boning.BY_RULE
                        .without("on-side")
                        .withKind("on-princess-front", Optional.of(BoneKind.SYNTHETIC))
                        .withBusk(Optional.of(Length.mm(300)));
            default -> Boning.BY_RULE;
        };
    }

    /** The combination as a commission. */
    public static Commission commission(Combination combination, MeasurementSet body) {
        return new Commission(
                "Combination",
                LengthUnit.CM,
                new Wearer("Nerea Holloway", Experience.FIRST),
                body,
                combination.garment());
    }
}
