package bathyra.bench;

import bathyra.along.DraftAlong;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.hand.Division;
import bathyra.hand.HandPiece;
import bathyra.hand.HelpLines;
import bathyra.hand.Rounding;
import bathyra.piece.Piece;
import bathyra.size.Batch;
import bathyra.size.Growing;
import bathyra.size.Nest;
import bathyra.size.SizeChart;
import bathyra.size.SizeCharts;
import bathyra.size.SizeSet;
import bathyra.size.StepGains;
import bathyra.stock.PriceList;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What twelve sizes of a six-panel corset cost, and the figures to draw it by hand, beside a redraft of it in one run. */
public final class Sizes {
    private static final int SIZES = 12;

    private Sizes() {}

    public static void main(String[] arguments) throws Exception {
        Commission corset = Bodies.commission(
                Bodies.nerea(), Garment.of(GarmentKind.CORSET).withPanels(Panels.of(6, SeamPlacing.LANDMARKS)));
        double redraft = Turns.median(() -> Drafter.draft(corset));
        Turns.say("redraft of a corset of six panels", redraft, redraft);
        sizes(corset, redraft);
        byHand((Draft) Drafter.draft(corset), redraft);
    }

    private static void sizes(Commission corset, double redraft) throws Exception {
        SizeChart chart = chart(SIZES);
        SizeSet set = SizeSet.of(corset, chart, Growing.USUAL);
        System.out.println(set.drafted().size() + " of " + SIZES + " sizes draft");
        Turns.say("twelve sizes", Turns.median(() -> SizeSet.of(corset, chart, Growing.USUAL)), redraft);
        Turns.say("their nest", Turns.median(() -> Nest.of(set, Nest.Laying.WAIST)), redraft);
        Turns.say("what each gains from the one before", Turns.median(() -> StepGains.of(set)), redraft);
        Turns.say("one size changed", Turns.median(() -> set.with(chart, SIZES / 2)), redraft);
        SizeSet six = SizeSet.of(corset, chart(6), Growing.USUAL);
        Turns.say(
                "six garments of three sizes cut together",
                Turns.median(() -> Batch.of(six, List.of(1, 2, 3, 0, 0, 0), PriceList.invented(), () -> false)),
                redraft);
    }

    private static void byHand(Draft draft, double redraft) throws Exception {
        List<Piece> pieces = draft.pattern().pieces();
        List<HandPiece> drawn = new ArrayList<>();
        for (HelpLines lines : HelpLines.values()) {
            drawn.clear();
            for (Piece piece : pieces) {
                drawn.add(HandPiece.of(piece, lines, Division.MILLIMETRE));
            }
            Turns.say(
                    "by hand, " + pieces.size() + " pieces, " + lines.name().toLowerCase(java.util.Locale.ROOT),
                    Turns.median(() -> pieces.stream()
                            .map(p -> HandPiece.of(p, lines, Division.MILLIMETRE))
                            .toList()),
                    redraft);
        }
        Turns.say("what rounding them costs", Turns.median(() -> Rounding.of(drawn, Division.MILLIMETRE)), redraft);
        Turns.say("the whole draft, step by step", Turns.median(() -> DraftAlong.of(draft, Optional.empty())), redraft);
    }

    /** @param sizes how many; the invented chart, going on as it ends */
    private static SizeChart chart(int sizes) {
        SizeChart chart = SizeCharts.invented().get(0);
        while (chart.sizes().size() < sizes) {
            chart = chart.adding();
        }
        return chart;
    }
}
