package bathyra.draft;

import bathyra.garment.BackShaping;
import bathyra.garment.BlockMethod;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.PrincessStart;
import bathyra.garment.SeamPlacing;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * The nearest change of a refused garment that drafts: not guessed but searched, by drafting one change after the other, the smallest
 * first. What the cutter set by hand is tried before a choice is changed, and the choice that makes the garment what it is comes last.
 */
public final class Remedies {
    /** Shares of a figure set by hand that are tried on the way back to its rule. */
    private static final double[] BACK = {0.25, 0.5, 0.75, 1};

    private Remedies() {}

    /** A change, in words, and the garment with it. */
    public record Remedy(Sentence words, Garment garment) {}

    /**
     * Searches it.
     *
     * @param stopped asked before each draft whether to go on
     * @return empty when no single change drafts
     */
    public static Optional<Remedy> nearest(Commission refused, BooleanSupplier stopped) {
        for (Remedy remedy : candidates(refused.garment())) {
            if (stopped.getAsBoolean()) {
                return Optional.empty();
            }
            if (Drafter.draft(refused.withGarment(remedy.garment())) instanceof Draft) {
                return Optional.of(remedy);
            }
        }
        return Optional.empty();
    }

    private static List<Remedy> candidates(Garment garment) {
        List<Remedy> all = new ArrayList<>();
        lengths(garment, all);
        wedges(garment, all);
        locks(garment, all);
        panels(garment, all);
        choices(garment, all);
        all.removeIf(r -> r.garment().equals(garment));
        return all;
    }

    /** Figures set by hand, a part of the way and the whole way back to their rule. */
    private static void lengths(Garment garment, List<Remedy> all) {
        for (double share : BACK) {
            garment.lengths().keySet().stream().sorted().forEach(option -> {
                double own = garment.lengths().get(option).millimetres();
                double rule = garment.standard(option).millimetres();
                Length next = Length.mm(Math.rint(own + (rule - own) * share));
                all.add(
                        share == 1
                                ? new Remedy(
                                        Sentence.of("{} by the rule, {}", option.label(), garment.standard(option)),
                                        garment.withoutLength(option))
                                : new Remedy(
                                        Sentence.of("{} at {}", option.label(), next),
                                        garment.withLength(option, next)));
            });
            garment.ease().keySet().stream().sorted().forEach(level -> {
                Length own = garment.ease().get(level);
                Length next = Length.mm(Math.rint(own.millimetres() * (1 - share)));
                all.add(new Remedy(
                        Sentence.of("ease of {} at the {}", next, low(level)), garment.withEase(level, next)));
            });
        }
    }

    private static void wedges(Garment garment, List<Remedy> all) {
        List<ContourWedge> wedges =
                garment.bust().wedges().keySet().stream().sorted().toList();
        for (double share : new double[] {0.25, 0.5}) {
            for (ContourWedge wedge : wedges) {
                Length next = Length.mm(Math.max(1, Math.floor(garment.bust().width(wedge) * (1 - share))));
                all.add(new Remedy(
                        Sentence.of("the wedge {} of {}", wedge.label().toLowerCase(Locale.ROOT), next),
                        garment.withBust(garment.bust().withWedge(wedge, next))));
            }
        }
        wedges.forEach(wedge -> all.add(new Remedy(
                Sentence.of("the wedge {} left open", wedge.label().toLowerCase(Locale.ROOT)),
                garment.withBust(garment.bust().withoutWedge(wedge)))));
        if (wedges.size() > 1) {
            all.add(new Remedy(
                    Sentence.of("all wedges left open"),
                    garment.withBust(garment.bust().withSet(List.of()))));
        }
    }

    private static void locks(Garment garment, List<Remedy> all) {
        garment.intakes().keySet().stream()
                .sorted(Comparator.comparing((Cell c) -> c.level())
                        .thenComparing(c -> c.seam().id()))
                .forEach(cell -> all.add(new Remedy(
                        Sentence.of("{} at the {} by the rule", cell.seam().inWords(), low(cell.level())),
                        garment.withoutIntake(cell))));
    }

    private static void panels(Garment garment, List<Remedy> all) {
        if (!garment.kind().isPanelled()) {
            return;
        }
        int now = garment.panelsPerSide();
        if (garment.panels().placing() != SeamPlacing.LANDMARKS) {
            all.add(new Remedy(
                    Sentence.of("seams placed by the body"),
                    garment.withPanels(garment.panels().placed(SeamPlacing.LANDMARKS))));
        }
        for (int by = 1; by <= Panels.MOST - Panels.LEAST; by++) {
            for (int next : new int[] {now - by, now + by}) {
                if (next >= Panels.LEAST && next <= Panels.MOST) {
                    all.add(new Remedy(
                            Sentence.of("{} panels a side", next),
                            garment.withPanels(Panels.of(next, garment.panels().placing()))));
                }
            }
        }
    }

    private static void choices(Garment garment, List<Remedy> all) {
        if (garment.top().keyhole()) {
            all.add(new Remedy(
                    Sentence.of("no keyhole"), garment.withTop(garment.top().withKeyhole(false))));
        }
        if (garment.isDartedBehind()) {
            all.add(new Remedy(
                    Sentence.of("a princess seam behind"),
                    garment.withBlock(garment.block().withBack(BackShaping.SEAM))));
        }
        if (garment.top().yoke() && !garment.top().inFrontOnly()) {
            all.add(new Remedy(
                    Sentence.of("the yoke in front only"),
                    garment.withTop(garment.top().withYokeInFrontOnly(true))));
        }
        if (garment.top().yoke()) {
            all.add(new Remedy(
                    Sentence.of("no yoke over the bust"),
                    garment.withTop(garment.top().withYoke(false).withKeyhole(false))));
        }
        Arrays.stream(PrincessStart.values())
                .forEach(start -> all.add(new Remedy(
                        Sentence.of("the princess seam: {}", start.label().toLowerCase(Locale.ROOT)),
                        garment.withBlock(garment.block().withPrincess(start)))));
        Arrays.stream(CupKind.values())
                .forEach(cups -> all.add(new Remedy(
                        Sentence.of("cups: {}", cups.label().toLowerCase(Locale.ROOT)),
                        garment.withBust(garment.bust().withCups(cups)))));
        Arrays.stream(UpperShape.values())
                .filter(shape -> shape.fits(garment.top().cover()))
                .forEach(shape -> all.add(new Remedy(
                        Sentence.of("upper edge: {}", shape.label().toLowerCase(Locale.ROOT)),
                        garment.withUpperEdge(shape))));
        Arrays.stream(LowerShape.values())
                .forEach(shape -> all.add(new Remedy(
                        Sentence.of("lower edge: {}", shape.label().toLowerCase(Locale.ROOT)),
                        garment.withLowerEdge(shape))));
        Arrays.stream(Closure.values())
                .forEach(closure -> all.add(new Remedy(
                        Sentence.of("closure: {}", closure.label().toLowerCase(Locale.ROOT)),
                        garment.withFastening(garment.fastening().with(closure)))));
        if (!garment.kind().isPanelled()) {
            Arrays.stream(BlockMethod.values())
                    .forEach(method -> all.add(new Remedy(
                            Sentence.of("drafted on the {}", method.label().toLowerCase(Locale.ROOT)),
                            garment.withBlock(garment.block().withMethod(method)))));
            if (garment.top().cover() != Cover.STRAPLESS) {
                all.add(new Remedy(
                        Sentence.of("strapless"),
                        garment.withTop(garment.top()
                                .withCover(Cover.STRAPLESS)
                                .withYoke(false)
                                .withKeyhole(false))));
            }
        }
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
