package bathyra.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.finding.Finding;
import bathyra.garment.Closure;
import bathyra.garment.EdgeAt;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LayerChoice;
import bathyra.garment.LayerKind;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.truing.SeamPair;
import bathyra.truing.Truing;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

class LayersTest {
    private static final LayerChoice MADE = new LayerChoice(
            Optional.of(true),
            LayerChoice.USUAL.turn(),
            LayerChoice.USUAL.allowances(),
            LayerChoice.USUAL.edges(),
            LayerChoice.USUAL.without());
    private static final Garment BUSTIER = Garment.bustier().withUpperEdge(UpperShape.SWEETHEART);
    private static final Garment CORSET = Garment.of(GarmentKind.CORSET);

    private static Pattern pattern(Garment garment) {
        return ((Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment))).pattern();
    }

    private static Layer layer(Garment garment, LayerKind kind) {
        return Layers.of(pattern(garment), garment, Part.WHOLE).stream()
                .filter(l -> l.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static Garment with(Garment garment, LayerKind kind, UnaryOperator<LayerChoice> change) {
        return garment.withFinish(
                garment.finish().withLayer(kind, change.apply(garment.finish().layer(kind))));
    }

    @Test
    void aBustierWithAZip_hasFashionAndLiningAlone() {
        assertThat(Layers.of(pattern(BUSTIER), BUSTIER, Part.WHOLE))
                .extracting(Layer::kind)
                .containsExactly(LayerKind.FASHION, LayerKind.LINING);
    }

    @Test
    void aLacedCorset_hasStrengthModestyPanelFacingAndCasingsToo() {
        assertThat(Layers.of(pattern(CORSET), CORSET, Part.WHOLE))
                .extracting(Layer::kind)
                .contains(
                        LayerKind.FASHION,
                        LayerKind.STRENGTH,
                        LayerKind.LINING,
                        LayerKind.MODESTY_PANEL,
                        LayerKind.FACING,
                        LayerKind.CASINGS);
    }

    @Test
    void turnOfCloth_widensTheLayerAtTheSides_andLeavesItsSeamsAlike() {
        // 2 mm at each side seam, two side seams round the body: every girth 4 mm larger, front and back half 1 mm
        // each.
        Garment turned = with(BUSTIER, LayerKind.FASHION, c -> c.withTurn(Length.mm(2)));
        Layer fashion = layer(turned, LayerKind.FASHION);
        Pattern drafted = pattern(turned);
        for (int i = 0; i < drafted.levels().size(); i++) {
            assertThat(fashion.pattern().levels().get(i).patternGirth())
                    .isCloseTo(drafted.levels().get(i).patternGirth() + 4, within(1e-9));
        }
        assertThat(Truing.look(fashion.pattern()).stream()
                        .filter(f ->
                                f.id().equals("seam-length") || f.id().equals("girth") || f.id().equals("side-seam")))
                .isNotEmpty()
                .allSatisfy(
                        f -> assertThat(f.status()).as(f.sentence().pattern()).isEqualTo(Finding.Status.OK));
        assertThat(fashion.pattern().piece("F2").mark("waist").orElseThrow().length())
                .isCloseTo(drafted.piece("F2").mark("waist").orElseThrow().length() + 1, within(0.01));
        assertThat(fashion.pattern().piece("F1").path())
                .as("a piece without a side seam stays")
                .isEqualTo(drafted.piece("F1").path());
    }

    @Test
    void aPieceLeftOut_takesItsSeamsAlong() {
        Garment without = with(BUSTIER, LayerKind.LINING, c -> c.withPiece("F1", false));
        Layer lining = layer(without, LayerKind.LINING);
        assertThat(lining.pieces()).extracting(Piece::id).containsExactly("F2", "B2", "B1");
        assertThat(lining.pattern().seams()).hasSize(2).noneMatch(s -> s.a().piece()
                .equals("F1"));
    }

    @Test
    void anAllowanceOfOneEdgeInOneLayer_isNobodyElses() {
        EdgeAt side = new EdgeAt("F2", "side");
        Garment own = with(BUSTIER, LayerKind.LINING, c -> c.withEdge(side, Optional.of(Length.mm(7))));
        assertThat(layer(own, LayerKind.LINING).pattern().piece("F2").allowances())
                .containsEntry("side", 7.0);
        assertThat(layer(own, LayerKind.FASHION).pattern().piece("F2").allowances())
                .containsEntry("side", EdgeUse.SIDE.allowance().millimetres());
        assertThat(layer(own, LayerKind.LINING).pattern().piece("B2").allowances())
                .containsEntry("side", EdgeUse.SIDE.allowance().millimetres());
        Garment everywhere = BUSTIER.withFinish(BUSTIER.finish().withEdge(side, Optional.of(Length.mm(9))));
        assertThat(pattern(everywhere).piece("F2").allowances()).containsEntry("side", 9.0);
    }

    @Test
    void theModestyPanel_coversTheGapAndReachesUnderBothEdges() {
        // The gap of a moderate corset is 50; half of it and 45 under either edge make 70 for the half on the fold, cut
        // twice.
        Piece panel = layer(CORSET, LayerKind.MODESTY_PANEL).pieces().get(0);
        assertThat(panel.onFold()).isTrue();
        assertThat(panel.count()).isEqualTo(2);
        assertThat(panel.edge("top").path().length()).isCloseTo(70, within(1e-9));
    }

    @Test
    void theFacing_runsAlongThePanelsOwnEdge() {
        Piece facing = layer(CORSET, LayerKind.FACING).pieces().get(0);
        Pattern drafted = pattern(CORSET);
        assertThat(drafted.pieces().stream().flatMap(p -> p.outline().stream()).map(OutlineEdge::path))
                .contains(facing.outline().get(0).path());
        assertThat(Truing.beforeCutting(
                        new Pattern("", "", List.of(), List.of(facing), List.of(), OptionalDouble.empty())))
                .noneMatch(f -> f.status() == Finding.Status.FAULT);
    }

    @Test
    void binding_isBothEdgesOfBothHalvesAndSixty() {
        Garment bound =
                BUSTIER.withAllowance(EdgeUse.UPPER_EDGE, Length.mm(0)).withAllowance(EdgeUse.LOWER_EDGE, Length.mm(0));
        double edges = pattern(bound).pieces().stream()
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.kind() == OutlineEdge.Kind.EDGE)
                .mapToDouble(e -> e.path().length())
                .sum();
        assertThat(layer(bound, LayerKind.BIAS_BINDING).strips().stream()
                        .mapToDouble(s -> s.length().value())
                        .sum())
                .isCloseTo(2 * edges + 60, within(1e-6));
    }

    @Test
    void loops_standEveryTwentyOnBothEdges_andOnOneOfAHalf() {
        Garment looped = CORSET.withFastening(CORSET.fastening().with(Closure.BACK_LOOPS));
        Pattern drafted = pattern(looped);
        double back = drafted.pieces().stream()
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.kind() == OutlineEdge.Kind.CLOSURE)
                .mapToDouble(e -> e.path().length())
                .max()
                .orElseThrow();
        int perSide = (int) (back / 20) + 1;
        assertThat(layer(looped, LayerKind.LOOPS).strips().get(0).count()).isEqualTo(2 * perSide);
        assertThat(Layers.of(drafted, looped, Part.LEFT).stream()
                        .filter(l -> l.kind() == LayerKind.LOOPS)
                        .findFirst()
                        .orElseThrow()
                        .strips()
                        .get(0)
                        .count())
                .isEqualTo(perSide);
    }

    @Test
    void sewingOrder_isFrontThenBackThenSide_everySeamOnce() {
        Pattern drafted = pattern(BUSTIER);
        List<SewingOrder.Step> steps = SewingOrder.of(drafted);
        assertThat(steps).extracting(s -> s.seam().name()).containsExactly("Princess front", "Princess back", "Side");
        assertThat(steps.get(2).words()).isEqualTo("2 Side front to 3 Side back, from the waist outwards");
        assertThat(SewingOrder.of(pattern(CORSET)))
                .hasSameSizeAs(pattern(CORSET).seams());
    }

    @Test
    void theSeamOverTheApex_isWalkedFromThere_theOthersFromTheWaist() {
        Pattern drafted = pattern(BUSTIER);
        SeamPair princess = SeamPair.of(drafted, drafted.seams().get(0));
        assertThat(princess.anchor(drafted).name()).isEqualTo("bust");
        SeamPair side = SeamPair.of(drafted, drafted.seams().get(1));
        assertThat(side.anchor(drafted).name()).isEqualTo("waist");
    }

    /** One layer for a fitting: 40 at the side and 50 at centre back, whatever is set for the cloth. */
    @Test
    void toile_isOneLayer_wideAtSideAndBack() {
        Garment garment = BUSTIER.withAllowance(EdgeUse.SIDE, Length.mm(15));
        assertThat(garment.makes(LayerKind.TOILE)).isFalse();
        Garment made = garment.withFinish(garment.finish().withLayer(LayerKind.TOILE, MADE));
        Layer toile = layer(made, LayerKind.TOILE);
        assertThat(toile.pieces()).hasSize(4);
        assertThat(toile.pieces().get(1).allowances()).containsEntry("side", 40.0);
        assertThat(toile.pieces().get(3).allowances()).containsEntry("centre-back", 50.0);
        assertThat(toile.pieces().get(1).allowances())
                .as("the other seams as in the cloth")
                .containsEntry("princess-front", 13.0);
        assertThat(layer(made, LayerKind.FASHION).pieces().get(1).allowances()).containsEntry("side", 15.0);
    }

    @Test
    void strengthLayer_isUsual_whereItIsLacedOrTheBustIsFull() {
        assertThat(Bodies.commission(Bodies.nerea(), BUSTIER).garment().makes(LayerKind.STRENGTH))
                .isFalse();
        assertThat(Bodies.commission(Bodies.small(), BUSTIER).garment().makes(LayerKind.STRENGTH))
                .as("bust less rib is 180")
                .isTrue();
        assertThat(BUSTIER.withFastening(BUSTIER.fastening().with(Closure.BACK_LACING))
                        .makes(LayerKind.STRENGTH))
                .isTrue();
    }

    /** Shoulder to apex 281, the crest 85 above it: 196 in front; behind what is left of the back's 439 above its edge; 50 sewn in and 40 to let out. */
    @Test
    void straps_goFromTheCrestOverTheShoulderToTheBackEdge() {
        Garment straps = Bodies.commission(Bodies.nerea(), Garment.bustier())
                .garment()
                .withFinish(BUSTIER.finish().withLayer(LayerKind.STRAPS, MADE));
        Strip strap = layer(straps, LayerKind.STRAPS).strips().get(0);
        Piece back = pattern(straps).piece("B2");
        double behind = back.mark("waist").orElseThrow().from().y()
                - back.edge("upper-edge").path().start().y();
        assertThat(strap.count()).isEqualTo(2);
        assertThat(strap.length().value()).isCloseTo(281 - 85 + 439 - behind + 90, within(6.0));
        assertThat(strap.width().value()).isEqualTo(56);
        assertThat(Layers.of(pattern(Garment.of(GarmentKind.UNDERBUST)), Garment.of(GarmentKind.UNDERBUST), Part.WHOLE))
                .noneMatch(l -> l.kind() == LayerKind.STRAPS);
    }
}
