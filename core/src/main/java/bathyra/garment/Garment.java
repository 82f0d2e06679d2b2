package bathyra.garment;

import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;

/**
 * What is to be made, with every choice that has been made for it.
 *
 * @param school how the intake under the bust of a princess seam is found
 * @param ease eases set by hand, the others come from the table
 * @param lengths rule lengths set by hand, the others stand at their default
 * @param intakes soundings set by hand and therefore locked
 * @param rightIntakes soundings of the right half of an uneven body that are locked apart from the left's
 * @param finish how its pieces are finished for the cloth
 * @param splits shares towards the centre set by hand
 * @param block the school by which the block is drafted
 * @param fastening how it is closed, and how much of each level lies in front
 * @param panels the panels of a corset; a bustier has its four
 * @param sharing how a corset's surplus is shared out over its seams
 * @param fit how tight it starts
 * @param bust its cups and the contour wedges
 * @param top what stands above the upper line
 * @param boning its bones and hardware, as far as they are chosen by hand
 */
public record Garment(
        GarmentKind kind,
        UpperShape upperEdge,
        LowerShape lowerEdge,
        UnderbustSchool school,
        Map<Level, Length> ease,
        Map<LengthOption, Length> lengths,
        Map<Cell, Length> intakes,
        Map<Cell, Length> rightIntakes,
        Finish finish,
        Map<SplitOption, Double> splits,
        BlockChoice block,
        Fastening fastening,
        Panels panels,
        Sharing sharing,
        Fit fit,
        Bust bust,
        Top top,
        Boning boning) {

    private static final double BRIDGE_AT_BUSK = 25;
    /** A yoke with a keyhole closes at the neck. */
    private static final double ABOVE_KEYHOLE = 55;

    private static final Length LACING_FACING = Length.mm(40);
    private static final List<SeamPlace> BUSTIER_SEAMS =
            List.of(SeamPlace.PRINCESS_FRONT, SeamPlace.SIDE, SeamPlace.PRINCESS_BACK, SeamPlace.CENTRE_BACK);

    public Garment {
        ease = Map.copyOf(ease);
        lengths = Map.copyOf(lengths);
        intakes = Map.copyOf(intakes);
        rightIntakes = Map.copyOf(rightIntakes);
        splits = Map.copyOf(splits);
    }

    /** The garment of a kind that stands before anything has been chosen. */
    public static Garment of(GarmentKind kind) {
        Fastening fastening = kind.isPanelled() ? Fastening.ZIP.with(Closure.FRONT_BUSK) : Fastening.ZIP;
        Panels panels = Panels.of(
                kind == GarmentKind.CORSET ? 6 : kind == GarmentKind.UNDERBUST ? 5 : 4,
                kind == GarmentKind.UNDERBUST ? SeamPlacing.EVEN : SeamPlacing.LANDMARKS);
        return new Garment(
                kind,
                UpperShape.STRAIGHT,
                kind.isPanelled() ? LowerShape.HIGH_HIP : LowerShape.HIP,
                UnderbustSchool.EXCESS,
                Map.of(),
                Map.of(),
                Map.of(),
                Map.of(),
                Finish.USUAL,
                Map.of(),
                BlockChoice.QUARTER,
                fastening,
                panels,
                Sharing.BY_RULE,
                Fit.BY_KIND,
                Bust.PRINCESS,
                Top.STRAPLESS,
                Boning.BY_RULE);
    }

    /** The bustier that stands before anything has been chosen. */
    public static Garment bustier() {
        return of(GarmentKind.BUSTIER);
    }

    /** The levels from the top down to the last one that shapes the garment. */
    public List<Level> levels() {
        List<Level> levels = new ArrayList<>(
                kind.isOverBust()
                        ? List.of(Level.UPPER, Level.BUST, Level.UNDERBUST, Level.WAIST)
                        : List.of(Level.UNDERBUST, Level.WAIST));
        if (!lowerEdge.endsAtWaist()) {
            levels.add(Level.HIGH_HIP);
        }
        if (lowerEdge == LowerShape.HIP) {
            levels.add(Level.HIP);
        }
        return levels;
    }

    /** The places where surplus is taken out, from centre front to centre back. */
    public List<SeamPlace> seams() {
        return kind.isPanelled() ? panels.seams() : BUSTIER_SEAMS;
    }

    /** How many panels half of it has. */
    public int panelsPerSide() {
        return seams().size();
    }

    /** The word for its way of drafting: a corset's is the panel draft, a bustier's the school of its block (C4). */
    public String method() {
        return kind.isPanelled() ? "panel" : block.method().id();
    }

    /** The row of the table by which it starts: the cutter's, or the usual one of its kind and closure. */
    public EaseRow row() {
        return fit.row()
                .filter(r -> EaseRow.of(kind).contains(r))
                .orElseGet(
                        () -> kind == GarmentKind.BUSTIER && fastening.closure().isLaced()
                                ? EaseRow.BUSTIER_LACED
                                : EaseRow.of(kind).get(0));
    }

    /** Whether the underbust is fitted to the rib with lungs full. */
    public boolean isLungsFull() {
        return fit.lungsFull().orElseGet(() -> row().isLungsFull());
    }

    /** A rule length: the cutter's own, or what the school and the closure start with. */
    public Reckoned length(LengthOption option) {
        Length own = lengths.get(option);
        if (own == null
                && option == LengthOption.CENTRE_BACK_IN
                && (fastening.closure().isLaced() || !fastening.closure().opensBehind())) {
            String why =
                    fastening.closure().isLaced() ? "bones lie straight at the lacing" : "centre back lies on the fold";
            return Given.option(option.label(), 0, Quantity.LENGTH, why, Rule.of("C6", "the lacing edge takes none"));
        }
        if (own != null) {
            return option.byHand(own);
        }
        if (option == LengthOption.BRIDGE && fastening.closure().opensInFront()) {
            return Given.option(
                    option.label(), BRIDGE_AT_BUSK, Quantity.LENGTH, "a busk needs it", Rule.of("C8", "bridge"));
        }
        OptionalDouble byShape = byShape(option);
        return byShape.isPresent()
                ? Given.option(
                        option.label(),
                        byShape.getAsDouble(),
                        Quantity.LENGTH,
                        upperEdge.label().toLowerCase(Locale.ROOT),
                        Rule.of("C10", "upper edges"))
                : option.byRule(block.figures());
    }

    /** The lengths that each shape of the upper edge starts with. */
    private OptionalDouble byShape(LengthOption option) {
        return switch (option) {
            case EDGE_DIP -> OptionalDouble.of(upperEdge.dip());
            case NECKLINE_DEPTH ->
                OptionalDouble.of(top.keyhole() ? Math.min(upperEdge.depth(), ABOVE_KEYHOLE) : upperEdge.depth());
            case NECKLINE_WIDTH -> OptionalDouble.of(upperEdge.width());
            default -> OptionalDouble.empty();
        };
    }

    /** What a rule length stands at until it is set by hand. */
    public Length standard(LengthOption option) {
        return withoutLength(option).length(option).length();
    }

    /** A seam allowance: the cutter's own, or what the edge starts with. A laced edge needs the width of its facing. */
    public Length allowance(EdgeUse use) {
        return finish.allowances().getOrDefault(use, standard(use));
    }

    /** What the allowance of an edge starts with: a laced edge needs the width of its facing. */
    public Length standard(EdgeUse use) {
        return use == EdgeUse.CENTRE_BACK && fastening.closure().isLaced() ? LACING_FACING : use.allowance();
    }

    /** The allowance of one edge in one layer, or in the draft itself. */
    public Length allowance(Optional<LayerKind> layer, EdgeAt at, EdgeUse use) {
        return use == EdgeUse.FOLD
                ? use.allowance()
                : finish.allowance(layer, at, use).orElseGet(() -> standard(use));
    }

    /** Whether a layer is made. */
    public boolean makes(LayerKind layer) {
        return finish.layer(layer).made().orElseGet(() -> layer.isUsual(this));
    }

    /** The lacing gap at every level. */
    public Reckoned gap() {
        return fastening
                .gap()
                .map(own -> Given.option(
                        "Lacing gap", own.millimetres(), Quantity.LENGTH, "yours", Rule.of("C5", "lacing gap")))
                .orElseGet(() -> Given.option(
                        "Lacing gap",
                        standardGap().millimetres(),
                        Quantity.LENGTH,
                        fastening.closure().label().toLowerCase(Locale.ROOT),
                        Rule.of("C5", "lacing gap")));
    }

    /** The gap that its row starts with where it is laced; nothing else. */
    public Length standardGap() {
        if (!fastening.closure().isLaced()) {
            return Length.mm(0);
        }
        Length row = row().gap();
        return row.millimetres() > 0 || row().isStretch() ? row : EaseRow.BUSTIER_LACED.gap();
    }

    /** The share of a seam's intake that lies towards the centre. */
    public Reckoned split(SplitOption option) {
        return option.reckoned(splits.get(option));
    }

    /** All choices, to be changed one at a time. */
    private static final class Choices {
        private GarmentKind kind;
        private UpperShape upperEdge;
        private LowerShape lowerEdge;
        private UnderbustSchool school;
        private final Map<Level, Length> ease;
        private final Map<LengthOption, Length> lengths;
        private final Map<Cell, Length> intakes;
        private final Map<Cell, Length> rightIntakes;
        private Finish finish;
        private final Map<SplitOption, Double> splits;
        private BlockChoice block;
        private Fastening fastening;
        private Panels panels;
        private Sharing sharing;
        private Fit fit;
        private Bust bust;
        private Top top;
        private Boning boning;

        private Choices(Garment from) {
            kind = from.kind;
            upperEdge = from.upperEdge;
            lowerEdge = from.lowerEdge;
            school = from.school;
            ease = new HashMap<>(from.ease);
            lengths = new HashMap<>(from.lengths);
            intakes = new HashMap<>(from.intakes);
            rightIntakes = new HashMap<>(from.rightIntakes);
            finish = from.finish;
            splits = new HashMap<>(from.splits);
            block = from.block;
            fastening = from.fastening;
            panels = from.panels;
            sharing = from.sharing;
            fit = from.fit;
            bust = from.bust;
            top = from.top;
            boning = from.boning;
        }

        private Garment made() {
            return new Garment(
                    kind,
                    upperEdge,
                    lowerEdge,
                    school,
                    ease,
                    lengths,
                    intakes,
                    rightIntakes,
                    finish,
                    splits,
                    block,
                    fastening,
                    panels,
                    sharing,
                    fit,
                    bust,
                    top,
                    boning);
        }
    }

    private Garment with(Consumer<Choices> change) {
        Choices choices = new Choices(this);
        change.accept(choices);
        return choices.made();
    }

    /** The same body in another kind of garment. What belongs to seams and edges that the new kind does not have goes. */
    public Garment withKind(GarmentKind next) {
        if (next == kind) {
            return this;
        }
        Garment start = of(next);
        return with(c -> {
            c.kind = next;
            c.panels = start.panels;
            c.fastening = fastening.with(start.fastening.closure());
            c.lowerEdge = kind.isPanelled() == next.isPanelled() ? lowerEdge : start.lowerEdge;
            c.top = next.isPanelled() ? Top.STRAPLESS : top;
            c.upperEdge = next.isOverBust() ? upperEdge.under(c.top.cover()) : UpperShape.STRAIGHT;
            c.bust = next.isOverBust() ? bust : Bust.PRINCESS;
            c.intakes.clear();
            c.rightIntakes.clear();
            c.splits.clear();
            c.finish = finish.ofOtherPieces();
            c.boning = boning.ofOtherPieces();
            c.ease.keySet().removeIf(level -> !next.isOverBust() && (level == Level.UPPER || level == Level.BUST));
            c.sharing = Sharing.BY_RULE;
            c.fit = new Fit(Optional.empty(), Optional.empty(), fit.stretch(), fit.waistGirthDrops());
        });
    }

    /** The same corset in other panels: locks, weights and splits of the seams before are gone. */
    public Garment withPanels(Panels next) {
        return with(c -> {
            c.panels = next;
            if (next.front() != panels.front() || next.back() != panels.back()) {
                c.intakes
                        .keySet()
                        .removeIf(cell -> cell.seam().part() != SeamPlace.Part.SIDE
                                && cell.seam().part() != SeamPlace.Part.CENTRE_BACK);
                c.rightIntakes.keySet().retainAll(c.intakes.keySet());
                c.splits.clear();
                c.finish = finish.ofOtherPieces();
                c.boning = boning.ofOtherPieces();
                c.sharing = new Sharing(sharing.preset(), Map.of(), sharing.apexShare(), Map.of());
            }
        });
    }

    /**
     * One seam more. The seams behind it in its part take the next number, with everything that was set for them.
     *
     * @param part in front or behind
     * @param number which one of its part it becomes
     * @param at its place on the block's paper, 0 to 1
     */
    public Garment withSeam(SeamPlace.Part part, int number, double at) {
        return renumbered(panels.with(part, number, Optional.of(at)), Optional.empty(), part, number, 1);
    }

    /** One seam less; the others keep what was set for them. */
    public Garment withoutSeam(SeamPlace seam) {
        return renumbered(panels.without(seam), Optional.of(seam), seam.part(), seam.number() + 1, -1);
    }

    private Garment renumbered(Panels next, Optional<SeamPlace> gone, SeamPlace.Part part, int from, int by) {
        return with(c -> {
            c.panels = next;
            c.finish = finish.ofOtherPieces();
            c.boning = boning.ofOtherPieces();
            c.intakes.clear();
            c.rightIntakes.clear();
            intakes.forEach((cell, l) -> shift(c.intakes, cell, l, gone, part, from, by));
            rightIntakes.forEach((cell, l) -> shift(c.rightIntakes, cell, l, gone, part, from, by));
            c.splits.clear();
            splits.forEach((option, share) -> {
                if (!gone.equals(Optional.of(option.seam()))) {
                    c.splits.put(
                            SplitOption.of(option.seam().shifted(part, from, by))
                                    .orElseThrow(),
                            share);
                }
            });
            Map<String, Double> weights = new HashMap<>(sharing.weights());
            Map<Cell, Length> caps = new HashMap<>();
            gone.ifPresent(g -> weights.remove(g.id()));
            sharing.caps().forEach((cell, l) -> {
                if (!gone.equals(Optional.of(cell.seam()))) {
                    caps.put(new Cell(cell.level(), cell.seam().shifted(part, from, by)), l);
                }
            });
            c.sharing = new Sharing(
                    sharing.preset(),
                    Panels.renamed(weights, s -> s.shifted(part, from, by)),
                    sharing.apexShare(),
                    caps);
        });
    }

    private static void shift(
            Map<Cell, Length> into,
            Cell cell,
            Length length,
            Optional<SeamPlace> gone,
            SeamPlace.Part part,
            int from,
            int by) {
        if (!gone.equals(Optional.of(cell.seam()))) {
            into.put(new Cell(cell.level(), cell.seam().shifted(part, from, by)), length);
        }
    }

    /** What the right half of an uneven body is drafted by: its own locks where it has them. */
    public Garment ofRightHalf() {
        return with(c -> c.intakes.putAll(rightIntakes));
    }

    /** The same garment with a sounding of the right half locked at a value of its own. */
    public Garment withRightIntake(Cell cell, Length length) {
        return with(c -> c.rightIntakes.put(cell, length));
    }

    /** The same garment with a sounding of the right half as on the left. */
    public Garment withoutRightIntake(Cell cell) {
        return with(c -> c.rightIntakes.remove(cell));
    }

    public Garment withSharing(Sharing next) {
        return with(c -> c.sharing = next);
    }

    public Garment withFit(Fit next) {
        return with(c -> c.fit = next);
    }

    public Garment withBust(Bust next) {
        return with(c -> c.bust = next);
    }

    /** The same garment with another top; an upper edge that does not go with it gives way. */
    public Garment withTop(Top next) {
        return with(c -> {
            c.top = next;
            c.upperEdge = upperEdge.under(next.cover());
        });
    }

    public Garment withFastening(Fastening next) {
        return with(c -> c.fastening = next);
    }

    /** The same garment with another upper edge; one that does not go with what holds it up gives way to one that does. */
    public Garment withUpperEdge(UpperShape shape) {
        return with(c -> c.upperEdge = shape.under(top.cover()));
    }

    public Garment withLowerEdge(LowerShape shape) {
        return with(c -> c.lowerEdge = shape);
    }

    public Garment withSchool(UnderbustSchool next) {
        return with(c -> c.school = next);
    }

    /** The same garment drafted by another school. */
    public Garment withBlock(BlockChoice next) {
        return with(c -> c.block = next);
    }

    public Garment withSplit(SplitOption option, double share) {
        return with(c -> c.splits.put(option, share));
    }

    /** The same garment with a split back at the rule. */
    public Garment withoutSplit(SplitOption option) {
        return with(c -> c.splits.remove(option));
    }

    public Garment withLength(LengthOption option, Length length) {
        return with(c -> c.lengths.put(option, length));
    }

    /** The same garment with a rule length back at its default. */
    public Garment withoutLength(LengthOption option) {
        return with(c -> c.lengths.remove(option));
    }

    /** The same garment with a sounding locked at a value. */
    public Garment withIntake(Cell cell, Length length) {
        return with(c -> c.intakes.put(cell, length));
    }

    /** The same garment with a sounding back at the rule. */
    public Garment withoutIntake(Cell cell) {
        return with(c -> c.intakes.remove(cell));
    }

    public Garment withEase(Level level, Length length) {
        return with(c -> c.ease.put(level, length));
    }

    /** The same garment with a level's ease back at the table. */
    public Garment withoutEase(Level level) {
        return with(c -> c.ease.remove(level));
    }

    public Garment withBoning(Boning next) {
        return with(c -> c.boning = next);
    }

    public Garment withFinish(Finish next) {
        return with(c -> c.finish = next);
    }

    public Garment withAllowance(EdgeUse use, Length length) {
        return withFinish(finish.withAllowance(use, Optional.of(length)));
    }

    /** The same garment with an allowance back at its start. */
    public Garment withoutAllowance(EdgeUse use) {
        return withFinish(finish.withAllowance(use, Optional.empty()));
    }
}
