package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.block.BlockDrawings;
import bathyra.app.bones.BonesDrawings;
import bathyra.app.cups.CupsDrawings;
import bathyra.app.edges.EdgesDrawings;
import bathyra.app.fittings.FittingsDrawings;
import bathyra.app.girths.GirthsDrawings;
import bathyra.app.lay.LayDrawings;
import bathyra.app.making.MakingDrawings;
import bathyra.app.pieces.PiecesDrawings;
import bathyra.app.seams.SeamsDrawings;
import bathyra.app.table.Drawing;
import bathyra.app.table.RecordingSurface;
import bathyra.app.truing.TruingStrips;
import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.bill.Shopping;
import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.cutting.PaperModel;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Bodies;
import bathyra.draft.Choices;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.csv.Bills;
import bathyra.files.csv.CuttingLists;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.BillPage;
import bathyra.files.pdf.DraftingSheet;
import bathyra.files.pdf.PaperModelSheet;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.svg.SvgLay;
import bathyra.files.svg.SvgPattern;
import bathyra.finding.Finding;
import bathyra.garment.BoneKind;
import bathyra.garment.Boning;
import bathyra.garment.ClothUse;
import bathyra.garment.Commission;
import bathyra.garment.EdgeAt;
import bathyra.garment.Finish;
import bathyra.garment.GrainLine;
import bathyra.garment.LayerKind;
import bathyra.lay.Lay;
import bathyra.lay.Laying;
import bathyra.layer.Layer;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.stock.PriceList;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * All pairs of choices that shape a garment, on three bodies, through everything that the program makes of them: draft, checks, bones, layers,
 * lay, bill, every writer and every drawing of every stage, painted where there is no window. Nothing may throw; what is refused says why.
 */
class CombinationsTest {
    private static final boolean FULL = Boolean.getBoolean("bathyra.full");
    private static final int LAY_ROUNDS = 2;
    private static final List<MeasurementSet> BODIES = List.of(
            Bodies.withArms(Bodies.nerea().with(MeasurementKey.HEIGHT, Length.mm(1680))),
            Bodies.small(),
            Bodies.large());
    private static final PriceList PRICES = PriceList.invented();

    /** The first two of them take a test run's time; {@code -Dbathyra.arrays=6} walks all. */
    static Stream<Arguments> arrays() {
        return Stream.of(
                        Arguments.of(1L, false, 55),
                        Arguments.of(8L, true, 50),
                        Arguments.of(2L, true, 50),
                        Arguments.of(3L, true, 50),
                        Arguments.of(4L, false, 55),
                        Arguments.of(5L, true, 50))
                .limit(Integer.getInteger("bathyra.arrays", 2));
    }

    /**
     * What does not fit is mostly refused; what is drafted all the same goes to paper in the full numbers only.
     *
     * @param fitting whether wedges and yokes that cannot lie on the garment are left out
     * @param most of the combinations that may be refused, in percent
     */
    @ParameterizedTest
    @MethodSource("arrays")
    void everyPairOfChoices_goesThroughTheWholeProgram(long seed, boolean fitting, int most) throws Exception {
        int refused = 0;
        List<String> broken = new ArrayList<>();
        List<Choices.Combination> combinations = Choices.pairwise(seed, fitting);
        for (Choices.Combination combination : combinations) {
            Commission commission = Choices.commission(combination, BODIES.get(combination.body()));
            try {
                if (!through(commission, fitting || FULL)) {
                    refused++;
                }
            } catch (RuntimeException | AssertionError e) {
                broken.add(combination + " "
                        + e.toString().substring(0, Math.min(400, e.toString().length())) + " "
                        + List.of(e.getStackTrace()).subList(0, Math.min(4, e.getStackTrace().length)));
            }
        }
        System.out.println("of " + combinations.size() + " combinations " + refused + " were refused");
        assertThat(broken).isEmpty();
        assertThat(100 * refused / combinations.size()).as("percent refused").isLessThanOrEqualTo(most);
    }

    /** @return whether it was drafted */
    private static boolean through(Commission commission, boolean toPaper) throws Exception {
        // A corset's document does not keep the school of a block that it has not.
        String document = CommissionJson.write(CommissionJson.read(CommissionJson.write(commission)));
        assertThat(CommissionJson.write(CommissionJson.read(document)))
                .as("the document read and written again")
                .isEqualTo(document);
        block(commission);
        Outcome outcome = Drafter.draft(commission);
        if (outcome instanceof Refusal refusal) {
            assertThat(refusal.cause())
                    .as(refusal.thrown().map(Throwable::toString).orElse(""))
                    .isNotEqualTo(Refusal.Cause.PROGRAM);
            refusal.reasons()
                    .forEach(f -> assertThat(f.sentence().in(LengthUnit.IN)).isNotBlank());
            return false;
        }
        Draft draft = (Draft) outcome;
        draft.findings().forEach(f -> assertThat(f.status())
                .as(f.sentence().in(LengthUnit.CM))
                .isNotEqualTo(Finding.Status.FAULT));
        Finished.holds(draft);
        Bones bones = BonePlan.of(draft);
        List<Layer> layers = Lays.layers(draft);
        everyNameIsKnown(commission, layers, bones);
        stages(draft, bones, layers);
        if (toPaper) {
            files(draft, layers);
        }
        return true;
    }

    private static void block(Commission commission) throws Exception {
        BlockDrafter.Drafted block = BlockDrafter.draft(commission.measurements(), commission.garment());
        assertThat(block.findings()).noneMatch(f -> f.id().equals("program"));
        if (block.drawing().isPresent()) {
            BlockDrawings.of(block.drawing().get(), commission.garment().block().princess())
                    .forEach(RecordingSurface::painted);
            DraftingSheet.write(block.drawing().get(), commission, DraftingSheet.Scale.QUARTER, "2026-11-28");
        }
    }

    /** A document may speak of each piece, edge and channel that the program makes. */
    private static void everyNameIsKnown(Commission commission, List<Layer> layers, Bones bones) throws Exception {
        Finish finish = commission.garment().finish();
        Boning boning = commission.garment().boning();
        for (Layer layer : layers) {
            for (Piece piece : layer.pieces()) {
                finish = finish.withTopMark(piece.id(), true).withGrain(piece.id(), GrainLine.PANEL);
                for (OutlineEdge edge : piece.outline()) {
                    finish = finish.withEdge(new EdgeAt(piece.id(), edge.name()), Optional.of(Length.mm(10)));
                }
            }
        }
        for (Channel channel : bones.channels()) {
            boning = boning.withKind(channel.id(), Optional.of(BoneKind.SPIRAL_STEEL))
                    .withStop(channel.id(), new Boning.Stop(Length.mm(5), Length.mm(5)));
        }
        CommissionJson.read(CommissionJson.write(
                commission.withGarment(commission.garment().withFinish(finish).withBoning(boning))));
    }

    private static void stages(Draft draft, Bones bones, List<Layer> layers) {
        List<Drawing> drawings = new ArrayList<>(GirthsDrawings.of(draft));
        drawings.addAll(SeamsDrawings.of(draft));
        drawings.addAll(CupsDrawings.of(draft));
        drawings.addAll(EdgesDrawings.of(draft));
        drawings.addAll(PiecesDrawings.of(draft, layers));
        drawings.addAll(BonesDrawings.of(draft, bones));
        drawings.addAll(FittingsDrawings.of(draft));
        drawings.addAll(MakingDrawings.of(draft, bones));
        for (Drawing drawing : drawings) {
            RecordingSurface painted = RecordingSurface.painted(drawing);
            assertThat(painted.shapes()).as(drawing.getClass().getSimpleName()).isGreaterThan(5);
            assertThat(painted.unrestored()).isZero();
        }
        CupsDrawings.section(draft);
        BonesDrawings.chart(bones);
        TruingStrips.paint(draft.pattern());
    }

    private static void files(Draft draft, List<Layer> layers) throws Exception {
        CuttingPlan plan = CuttingPlan.of(draft, kind -> true);
        PatternFiles.faults(plan);
        String json = PatternFiles.json(draft, plan, "test");
        assertThat(PatternJson.read(json).pieces()).isNotEmpty();
        SvgPattern.write(plan);
        DxfPattern.write(plan);
        HpglPattern.write(plan, HpglPattern.ROLL);
        PdfPattern.write(
                draft, plan, Print.of(Paper.A0), new PdfPattern.Imprint("2026-11-28", ""), PdfPattern.Progress.UNSEEN);
        CuttingLists.girths(draft);
        CuttingLists.pieces(plan, LengthUnit.IN);
        PaperModelSheet.write(PaperModel.of(draft.cutting(), draft.commission().garment()), "Model");
        Map<LayerKind, Lay> lays = Lays.of(draft, layers, PRICES, LAY_ROUNDS, () -> false);
        for (Layer layer : layers) {
            ClothUse use = Lays.use(draft.commission(), layer.kind(), PRICES);
            Lay lay = lays.get(layer.kind());
            if (lay != null) {
                Laying laying = Lays.laying(layer, use);
                RecordingSurface.painted(LayDrawings.of(lay, laying));
                SvgLay.write(lay, layer.kind().label());
            }
        }
        Bill bill = Bill.of(draft, layers, lays, PRICES);
        BillPage.write(draft, bill, "2026-11-28");
        Bills.bill(bill);
        Bills.shopping(Shopping.of(draft, PRICES));
    }
}
