package bathyra.garment;

import bathyra.fitting.Found;
import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
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
import java.util.function.Consumer;

/**
 * What is to be made, with every choice that has been made for it.
 *
 * @param block the school by which the block is drafted
 * @param lengths rule lengths set by hand, the others stand at their default
 * @param ease eases set by hand, the others come from the table
 * @param fit how tight it starts
 * @param fastening how it is closed, and how much of each level lies in front
 * @param seaming its seams, and what is taken out at them
 * @param bust its cups and the contour wedges
 * @param edges where it ends above and below
 * @param finish how its pieces are finished for the cloth
 * @param boning its bones and hardware, as far as they are chosen by hand
 * @param kept what an earlier edition of the rules gave it
 */
public record Garment(
        GarmentKind kind,
        BlockChoice block,
        Map<LengthOption, Length> lengths,
        Map<Level, Length> ease,
        Fit fit,
        Fastening fastening,
        Seaming seaming,
        Bust bust,
        Edges edges,
        Finish finish,
        Boning boning,
        Optional<Kept> kept) {

    private static final Length LACING_FACING = Length.mm(40);
    private static final List<SeamPlace> BUSTIER_SEAMS =
            List.of(SeamPlace.PRINCESS_FRONT, SeamPlace.SIDE, SeamPlace.PRINCESS_BACK, SeamPlace.CENTRE_BACK);

    public Garment {
        ease = Map.copyOf(ease);
        lengths = Map.copyOf(lengths);
    }

    /** The garment of a kind that stands before anything has been chosen. */
    public static Garment of(GarmentKind kind) {
        Fastening fastening = kind.isPanelled() ? Fastening.ZIP.with(Closure.FRONT_BUSK) : Fastening.ZIP;
        Panels panels = Panels.of(
                kind == GarmentKind.CORSET ? 6 : kind == GarmentKind.UNDERBUST ? 5 : 4, SeamPlacing.LANDMARKS);
        return new Garment(
                kind,
                BlockChoice.QUARTER,
                Map.of(),
                Map.of(),
                Fit.BY_KIND,
                fastening,
                Seaming.of(panels),
                Bust.PRINCESS,
                new Edges(
                        UpperShape.STRAIGHT,
                        kind.isPanelled() ? LowerShape.ROUNDED : LowerShape.HIGH_HIP,
                        Top.STRAPLESS),
                Finish.USUAL,
                Boning.BY_RULE,
                Optional.empty());
    }

    /** The bustier that stands before anything has been chosen. */
    public static Garment bustier() {
        return of(GarmentKind.BUSTIER);
    }

    public UpperShape upperEdge() {
        return edges.upper();
    }

    public LowerShape lowerEdge() {
        return edges.lower();
    }

    /** How a skirt under a basque is shaped. */
    public SkirtShaping skirt() {
        return edges.skirt();
    }

    /** Whether it has a skirt that is darted. */
    public boolean isSkirtDarted() {
        return edges.lower().isBasque() && edges.skirt() == SkirtShaping.DARTS;
    }

    public Garment withSkirt(SkirtShaping next) {
        return with(edges.withSkirt(next));
    }

    /** What stands above the upper line. */
    public Top top() {
        return edges.top();
    }

    /** The width of a contour wedge, mm: what was chosen, and what a fitting found more or less; nothing where it is not closed. */
    public double wedge(ContourWedge wedge) {
        return Math.max(0, bust.width(wedge) + found().wedge(wedge));
    }

    /** Whether the back is one piece with a dart: that of a bustier alone. */
    public boolean isDartedBehind() {
        return kind == GarmentKind.BUSTIER && block.back() == BackShaping.DART;
    }

    /** Whether what stands above the bust on either side of the princess seam is closed and cut in one: a yoke, or an upper cup under a shoulder. */
    public boolean isCutInOneAbove() {
        return edges.top().yoke()
                || edges.top().cover() != Cover.STRAPLESS
                        && (bust.cups() == CupKind.THREE_PART || bust.cups() == CupKind.YOKE);
    }

    /** Wedges set into slits of the upper or the lower edge. */
    public List<Gore> gores() {
        return edges.gores();
    }

    public Garment withGores(List<Gore> next) {
        return with(edges.withGores(next));
    }

    /** How the intake under the bust of a princess seam is found. */
    public UnderbustSchool school() {
        return seaming.school();
    }

    /** The panels of a corset; a bustier has its four. */
    public Panels panels() {
        return seaming.panels();
    }

    public Sharing sharing() {
        return seaming.sharing();
    }

    /** Soundings set by hand and therefore locked. */
    public Map<Cell, Length> intakes() {
        return seaming.intakes();
    }

    /** Soundings of the right half of an uneven body that are locked apart from the left's. */
    public Map<Cell, Length> rightIntakes() {
        return seaming.rightIntakes();
    }

    /** Shares towards the centre set by hand. */
    public Map<SplitOption, Double> splits() {
        return seaming.splits();
    }

    /** The levels from the top down to the last one that shapes the garment. */
    public List<Level> levels() {
        List<Level> levels = new ArrayList<>(
                kind.isOverBust()
                        ? List.of(Level.UPPER, Level.BUST, Level.UNDERBUST, Level.WAIST)
                        : List.of(Level.UNDERBUST, Level.WAIST));
        if (!edges.lower().endsAtWaist()) {
            levels.add(Level.HIGH_HIP);
        }
        if (edges.lower().reachesHip()) {
            levels.add(Level.HIP);
        }
        return levels;
    }

    /** The places where surplus is taken out, from centre front to centre back. */
    public List<SeamPlace> seams() {
        return kind.isPanelled() ? seaming.panels().seams() : BUSTIER_SEAMS;
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
        Reckoned chosen = chosen(option);
        double higher = fit.found().isEmpty()
                ? 0
                : DrawnLengths.edge(option, this).map(found()::drawn).orElse(0.0);
        return higher == 0
                ? chosen
                : chosen.plus(Given.option(
                                "Found at fittings",
                                -higher,
                                Quantity.LENGTH,
                                "the edge was to lie higher or lower",
                                Rule.of("C15.4", "edges drawn by one length")))
                        .named(option.label(), Rule.of("C15.4", "edges drawn by one length"));
    }

    /** A length of a rule as it was chosen or as its rule gives it, before any fitting. */
    public Reckoned chosen(LengthOption option) {
        Length own = lengths.get(option);
        if (own != null) {
            return option.byHand(own);
        }
        Reckoned byRule = LengthsByRule.of(option, this);
        return kept.map(k -> k.length(option, this, byRule)).orElse(byRule);
    }

    /** What a rule length stands at until it is set by hand. */
    public Length standard(LengthOption option) {
        return withoutLength(option).chosen(option).length();
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
                : finish.allowance(layer, at, use)
                        .or(() -> layer.flatMap(kind -> kind.allowance(use)))
                        .orElseGet(() -> standard(use));
    }

    /** Whether a layer is made. */
    public boolean makes(LayerKind layer) {
        return finish.layer(layer).made().orElseGet(() -> layer.isUsual(this));
    }

    /** The lacing gap at every level. */
    public Reckoned gap() {
        Rule rule = Rule.of("C5", "lacing gap");
        if (fastening.gap().isPresent()) {
            return Given.option("Lacing gap", fastening.gap().get().millimetres(), Quantity.LENGTH, "yours", rule);
        }
        Reckoned byRule = Given.option(
                "Lacing gap",
                LengthsByRule.gap(this).millimetres(),
                Quantity.LENGTH,
                fastening.closure().label().toLowerCase(Locale.ROOT),
                rule);
        return kept.map(k -> k.gap(this, byRule)).orElse(byRule);
    }

    /** The gap until the cutter sets one: what its row starts with where it is laced; nothing else. */
    public Length standardGap() {
        return withFastening(fastening.withGap(Optional.empty())).gap().length();
    }

    /** Whether the princess seam of the front ends in the upper edge, and is not carried up to a shoulder, a neck or an armhole. */
    public boolean endsAtUpperEdge() {
        return top().cover() == Cover.STRAPLESS;
    }

    /** The share of a seam's intake that lies towards the centre. */
    public Reckoned split(SplitOption option) {
        Double own = seaming.splits().get(option);
        if (own == null && option.equals(SplitOption.PRINCESS_UPPER) && !endsAtUpperEdge()) {
            return option.following(split(SplitOption.PRINCESS_FRONT));
        }
        Reckoned reckoned = option.reckoned(own);
        return own != null
                ? reckoned
                : kept.map(k -> k.split(option, this, reckoned)).orElse(reckoned);
    }

    /** The same body in another kind of garment. What belongs to seams and edges that the new kind does not have goes. */
    public Garment withKind(GarmentKind next) {
        if (next == kind) {
            return this;
        }
        Garment start = of(next);
        Top top = next.isPanelled() ? Top.STRAPLESS : edges.top();
        Map<Level, Length> kept = new HashMap<>(ease);
        kept.keySet().removeIf(level -> !next.isOverBust() && (level == Level.UPPER || level == Level.BUST));
        return new Garment(
                next,
                block,
                lengths,
                kept,
                new Fit(
                        Optional.empty(),
                        Optional.empty(),
                        fit.stretch(),
                        fit.waistGirthDrops(),
                        fit.give(),
                        fit.wearer(),
                        fit.found()),
                fastening.with(start.fastening.closure()),
                seaming.ofOtherKind(start.panels()),
                next.isOverBust() ? bust : Bust.PRINCESS,
                new Edges(
                        next.isOverBust() ? edges.upper().under(top.cover()) : UpperShape.STRAIGHT,
                        kind.isPanelled() == next.isPanelled() ? edges.lower() : start.edges.lower(),
                        edges.skirt(),
                        top,
                        List.of()),
                finish.ofOtherPieces(),
                boning.ofOtherPieces(),
                this.kept);
    }

    /** The same corset in other panels: locks, weights and splits of the seams before are gone. */
    public Garment withPanels(Panels next) {
        boolean others = next.front() != panels().front() || next.back() != panels().back();
        return others ? inOtherPieces(seaming.with(next)) : with(seaming.with(next));
    }

    /**
     * One seam more. The seams behind it in its part take the next number, with everything that was set for them.
     *
     * @param part in front or behind
     * @param number which one of its part it becomes
     * @param at its place on the block's paper, 0 to 1
     */
    public Garment withSeam(SeamPlace.Part part, int number, double at) {
        return inOtherPieces(seaming.withSeam(part, number, at));
    }

    /** One seam less; the others keep what was set for them. */
    public Garment withoutSeam(SeamPlace seam) {
        return inOtherPieces(seaming.withoutSeam(seam));
    }

    private Garment inOtherPieces(Seaming next) {
        return with(next)
                .with(edges.ofOtherPieces())
                .withFinish(finish.ofOtherPieces())
                .withBoning(boning.ofOtherPieces());
    }

    /** What the right half of an uneven body is drafted by: its own locks where it has them. */
    public Garment ofRightHalf() {
        return with(seaming.ofRightHalf()).keeping(kept.map(Kept::ofRightHalf));
    }

    /** The same garment with a sounding of the right half locked at a value of its own. */
    public Garment withRightIntake(Cell cell, Length length) {
        return with(seaming.withRightIntake(cell, Optional.of(length)));
    }

    /** The same garment with a sounding of the right half as on the left. */
    public Garment withoutRightIntake(Cell cell) {
        return with(seaming.withRightIntake(cell, Optional.empty()));
    }

    /** Whether the cutter has set a length. */
    public boolean isSet(LengthOption option) {
        return lengths.containsKey(option);
    }

    /** The weight by which a seam shares in the surplus (C6, C6.1). @param t its place round the half body, 0 to 1 */
    public double weight(SeamPlace seam, double t) {
        return sharing()
                .weight(seam, t, panels(), length(LengthOption.CENTRE_BACK_IN).value() > 0);
    }

    public Garment withSharing(Sharing next) {
        return with(seaming.with(next));
    }

    public Garment withSchool(UnderbustSchool next) {
        return with(seaming.with(next));
    }

    public Garment withSplit(SplitOption option, double share) {
        return with(seaming.withSplit(option, Optional.of(share)));
    }

    /** The same garment with a split back at the rule. */
    public Garment withoutSplit(SplitOption option) {
        return with(seaming.withSplit(option, Optional.empty()));
    }

    /** What a sounding is locked at so that, with what was pinched there, the seam takes so much. */
    public Length beforePins(Cell cell, Length whole) {
        double pinched = found().pinched(cell);
        return pinched == 0 ? whole : Length.mm(whole.millimetres() - pinched);
    }

    /** The same garment with a sounding locked at a value; what a fitting pinched there is taken on top. */
    public Garment withIntake(Cell cell, Length length) {
        return with(seaming.withIntake(cell, Optional.of(length)));
    }

    /** The same garment with a sounding back at the rule. */
    public Garment withoutIntake(Cell cell) {
        return with(seaming.withIntake(cell, Optional.empty()));
    }

    /** Room given or taken between the levels, by the plan and by what was pinched there. */
    public List<EaseHere> drawnBetween() {
        if (found().between().isEmpty()) {
            return between();
        }
        List<EaseHere> all = new ArrayList<>(between());
        found().between()
                .forEach(p ->
                        all.add(new EaseHere(p.above(), Optional.of(p.seam()), Length.mm(-2 * p.by().millimetres()))));
        return EaseHere.together(all);
    }

    /** Room given or taken between the levels. */
    public List<EaseHere> between() {
        return seaming.between();
    }

    /** The same garment with other room between its levels. */
    public Garment withBetween(List<EaseHere> next) {
        return with(seaming.withBetween(next));
    }

    private Garment with(Seaming next) {
        return new Garment(kind, block, lengths, ease, fit, fastening, next, bust, edges, finish, boning, kept);
    }

    /** The same garment with another top; an upper edge that does not go with it gives way. */
    public Garment withTop(Top next) {
        return with(edges.withTop(next));
    }

    /** The same garment with another upper edge; one that does not go with what holds it up gives way to one that does. */
    public Garment withUpperEdge(UpperShape shape) {
        return with(edges.withUpper(shape));
    }

    public Garment withLowerEdge(LowerShape shape) {
        return with(edges.withLower(shape));
    }

    private Garment with(Edges next) {
        return new Garment(kind, block, lengths, ease, fit, fastening, seaming, bust, next, finish, boning, kept);
    }

    /** How its cloth answers to being pulled: as chosen, else as its row means it. */
    public ClothGive give() {
        return fit.give().orElse(fit.row().equals(Optional.of(EaseRow.STRETCH)) ? ClothGive.STRETCH : ClothGive.FIRM);
    }

    /** The same garment for another wearer. */
    public Garment forWearer(Figure wearer) {
        return wearer.equals(fit.wearer()) ? this : withFit(fit.forWearer(wearer));
    }

    /** What fittings found that the draft follows. */
    public Found found() {
        return fit.found();
    }

    /** The same garment following other findings of fittings. What was pinched in a seam that it has no longer is taken in at the nearest. */
    public Garment finding(Found next) {
        Found here = next.on(seams());
        return here.equals(fit.found()) ? this : withFit(fit.finding(here));
    }

    public Garment withFit(Fit next) {
        return new Garment(kind, block, lengths, ease, next, fastening, seaming, bust, edges, finish, boning, kept);
    }

    public Garment withBust(Bust next) {
        return new Garment(kind, block, lengths, ease, fit, fastening, seaming, next, edges, finish, boning, kept);
    }

    public Garment withFastening(Fastening next) {
        return new Garment(kind, block, lengths, ease, fit, next, seaming, bust, edges, finish, boning, kept);
    }

    /** The same garment drafted by another school. */
    public Garment withBlock(BlockChoice next) {
        return new Garment(kind, next, lengths, ease, fit, fastening, seaming, bust, edges, finish, boning, kept);
    }

    public Garment withLength(LengthOption option, Length length) {
        return withLengths(m -> m.put(option, length));
    }

    /** The same garment with a rule length back at its default. */
    public Garment withoutLength(LengthOption option) {
        return withLengths(m -> m.remove(option));
    }

    private Garment withLengths(Consumer<Map<LengthOption, Length>> change) {
        Map<LengthOption, Length> next = new HashMap<>(lengths);
        change.accept(next);
        return new Garment(kind, block, next, ease, fit, fastening, seaming, bust, edges, finish, boning, kept);
    }

    public Garment withEase(Level level, Length length) {
        return withEases(m -> m.put(level, length));
    }

    /** The same garment with a level's ease back at the table. */
    public Garment withoutEase(Level level) {
        return withEases(m -> m.remove(level));
    }

    private Garment withEases(Consumer<Map<Level, Length>> change) {
        Map<Level, Length> next = new HashMap<>(ease);
        change.accept(next);
        return new Garment(kind, block, lengths, next, fit, fastening, seaming, bust, edges, finish, boning, kept);
    }

    public Garment withBoning(Boning next) {
        return new Garment(kind, block, lengths, ease, fit, fastening, seaming, bust, edges, finish, next, kept);
    }

    /** The same garment keeping what an earlier edition of the rules gave it; empty: drafted by today's alone. */
    public Garment keeping(Optional<Kept> next) {
        return new Garment(kind, block, lengths, ease, fit, fastening, seaming, bust, edges, finish, boning, next);
    }

    public Garment withFinish(Finish next) {
        return new Garment(kind, block, lengths, ease, fit, fastening, seaming, bust, edges, next, boning, kept);
    }

    public Garment withAllowance(EdgeUse use, Length length) {
        return withFinish(finish.withAllowance(use, Optional.of(length)));
    }

    /** The same garment with an allowance back at its start. */
    public Garment withoutAllowance(EdgeUse use) {
        return withFinish(finish.withAllowance(use, Optional.empty()));
    }
}
