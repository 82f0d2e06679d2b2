package bathyra.cutting;

import bathyra.block.Block;
import bathyra.block.BlockDrawing;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.intake.IntakeTable;
import bathyra.length.Sentence;
import bathyra.panel.PanelSet;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.PieceRole;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The sheets that are cut, and what led to them: edges, contour, top, cups and hem, in this order.
 *
 * @param whole the panels with their edges drawn and their wedges closed, before cups and yokes are cut out of them
 * @param pattern the sheets as they are cut
 * @param seamed the same with a seam wherever a panel is darted: sewn it is the same garment, and lies on the body panel by panel
 * @param contour the wedges that were closed
 * @param apex the seam over the apex, if one passes there
 * @param cup what the bust becomes, if a seam passes over the apex
 */
public record Cutting(
        PaperPattern whole,
        PaperPattern pattern,
        PaperPattern seamed,
        Contour.Contoured contour,
        Optional<Apex> apex,
        Optional<CupShape> cup) {

    /**
     * @param reaching what the body says above the upper line, for a garment that reaches up there
     * @param radius the bust radius off the tape or its estimate; not looked at under the bust
     * @throws NotDraftable when a wedge, a cup or an edge does not fit on its panel
     */
    public static Cutting of(
            PanelSet panels,
            IntakeTable intakes,
            Block block,
            Optional<Reckoned> radius,
            Optional<Reaching> reaching,
            Garment garment)
            throws NotDraftable {
        PaperPattern strapless = PanelSheets.of(panels, block, garment);
        PaperPattern plain = reaching.isEmpty()
                ? strapless
                : Shoulders.on(strapless, panels, block, reaching.get(), garment, UpperEnd.of(intakes, block, garment));
        Optional<Apex> over = garment.kind().isOverBust()
                ? Apex.of(plain, panels, intakes.axes(), block.front(Level.BUST))
                : Optional.empty();
        Contour.Contoured contour = Contour.of(plain, garment, over);
        PaperPattern open = contour.pattern();
        PaperPattern whole = ShoulderSeam.joined(open);
        Optional<Apex> apex = over.map(a -> a.on(whole));
        Reckoned bust = radius.orElse(block.bustRadius());
        Optional<CupShape> cup = apex.map(a -> CupShape.of(whole, a, bust));
        PaperPattern pattern = open;
        if (garment.top().yoke()) {
            requireShoulders(garment);
            pattern = TopYoke.cut(
                    pattern,
                    requireApex(apex),
                    block.front(Level.UPPER),
                    block.sideDart().value(),
                    garment);
        }
        if (garment.bust().cups().isCut()) {
            pattern = Cups.cut(pattern, requireApex(apex), bust.value(), garment);
        }
        if (garment.lowerEdge().isBasque()) {
            pattern = Basque.cut(pattern, garment);
        }
        PaperPattern darted = garment.isDartedBehind() ? DartedBack.of(pattern) : pattern;
        if (garment.isSkirtDarted()) {
            darted = SkirtDarts.of(darted);
        }
        PaperPattern cut = sewnOn(darted == open ? whole : ShoulderSeam.joined(darted), panels, reaching, garment);
        PaperPattern seamed = darted == pattern
                ? cut
                : sewnOn(pattern == open ? whole : ShoulderSeam.joined(pattern), panels, reaching, garment);
        return new Cutting(whole, cut, seamed, contour, apex, cup);
    }

    /** With the sleeves, the peplum and the gores that are sewn to it. Where nothing was cut out of them, the panels are what is cut. */
    private static PaperPattern sewnOn(
            PaperPattern bodies, PanelSet panels, Optional<Reaching> reaching, Garment garment) throws NotDraftable {
        PaperPattern pattern = bodies;
        if (garment.top().cover() == Cover.OFF_SHOULDER) {
            pattern = Sleeves.sewn(
                    pattern,
                    reaching.orElseThrow().sleeveQuarter(),
                    reaching.orElseThrow().arm(),
                    garment);
        }
        if (garment.top().hasSetInSleeve()) {
            pattern = SetInSleeve.sewn(pattern, reaching.orElseThrow().arm(), garment);
        }
        if (garment.lowerEdge() == LowerShape.PEPLUM) {
            pattern = Peplum.sewn(pattern, garment);
        }
        if (!garment.gores().isEmpty()) {
            pattern = Gores.set(pattern, panels.gores(), garment);
        }
        return pattern;
    }

    /** The same, cut with its seams and without darts. */
    public Cutting asSeamed() {
        return new Cutting(whole, seamed, seamed, contour, apex, cup);
    }

    /** How long the upper edge of half the garment is, measured on the panels, mm. */
    public double upperEdge() {
        Stream<Sheet> gussets = pattern.sheets().stream().filter(s -> PieceRole.of(s.id()) == PieceRole.GORE);
        return Stream.concat(whole.sheets().stream(), gussets)
                .filter(s -> s.has(PanelSheets.UPPER))
                .mapToDouble(s -> s.edge(PanelSheets.UPPER).path().length())
                .sum();
    }

    /**
     * What the body says above the upper line.
     *
     * @param drawing the block with shoulders
     * @param topEdge along the front top edge, mm; nothing where the edge is not off the shoulder
     * @param around round both shoulders, mm; the same
     * @param arm round the upper arm, mm; the same
     */
    public record Reaching(BlockDrawing drawing, double topEdge, double around, double arm) {
        /** A quarter of both sleeve tops (C10). */
        double sleeveQuarter() {
            return (around - 2 * topEdge) / 4;
        }
    }

    private static void requireShoulders(Garment garment) throws NotDraftable {
        if (!garment.top().cover().hasShoulder()) {
            throw Cups.refuse(
                    "yoke",
                    0,
                    0,
                    Sentence.of(
                            "A yoke over the bust line reaches up to the shoulder, and this edge does not. Choose shoulders or a halter, or leave the yoke out."));
        }
        if (garment.bust().cups() == CupKind.YOKE) {
            throw Cups.refuse(
                    "yoke",
                    0,
                    0,
                    Sentence.of(
                            "A yoke over the bust line and the yoke of the cups would lie over each other. Choose two-part or three-part cups, or leave one of the yokes out."));
        }
    }

    private static Apex requireApex(Optional<Apex> apex) throws NotDraftable {
        return apex.orElseThrow(
                () -> Cups.refuse(
                        "cups",
                        0,
                        0,
                        Sentence.of(
                                "Cups are cut on either side of a seam over the apex, and none passes there. Let a seam run over the apex, or choose princess seams.")));
    }

    /** What a level lost to the contour wedges in front or behind, mm of one half. */
    public double lost(String level, boolean front) {
        return (front ? contour.front() : contour.back()).getOrDefault(level, 0.0);
    }
}
