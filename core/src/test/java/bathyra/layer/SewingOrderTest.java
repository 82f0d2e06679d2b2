package bathyra.layer;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.BackShaping;
import bathyra.garment.Bust;
import bathyra.garment.Cover;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LowerShape;
import bathyra.garment.Panels;
import bathyra.garment.PrincessStart;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Top;
import bathyra.garment.UpperShape;
import bathyra.piece.EdgeRole;
import bathyra.piece.Pattern;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** In which order a garment is sewn (C16): every seam once, the small parts before the large, nothing sewn shut that still has to be reached. */
class SewingOrderTest {
    static Stream<Garment> garments() {
        Garment bustier = Garment.bustier();
        Garment sweetheart = bustier.withUpperEdge(UpperShape.SWEETHEART);
        Garment shoulders =
                bustier.withTop(Top.STRAPLESS.withCover(Cover.SHOULDERS)).withUpperEdge(UpperShape.SCOOP);
        return Stream.of(
                bustier,
                sweetheart.withBust(Bust.PRINCESS.withCups(CupKind.THREE_PART)),
                bustier.withLowerEdge(LowerShape.PEPLUM),
                shoulders.withBlock(shoulders.block().withPrincess(PrincessStart.SHOULDER)),
                bustier.withBlock(bustier.block().withBack(BackShaping.DART)).withLowerEdge(LowerShape.WAIST),
                Garment.of(GarmentKind.CORSET).withPanels(Panels.of(6, SeamPlacing.LANDMARKS)));
    }

    private static Pattern pattern(Garment garment) {
        return ((Draft) Drafter.draft(Bodies.commission(Bodies.withArms(Bodies.nerea()), garment))).pattern();
    }

    private static int numberOf(List<SewingOrder.Step> steps, Predicate<SeamJoin> which, boolean last) {
        Stream<Integer> numbers =
                steps.stream().filter(s -> which.test(s.seam())).map(SewingOrder.Step::number);
        return (last ? numbers.max(Integer::compare) : numbers.min(Integer::compare)).orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("garments")
    void everySeam_isSewnOnce_numberedFromOne(Garment garment) {
        Pattern pattern = pattern(garment);
        List<SewingOrder.Step> steps = SewingOrder.of(pattern);
        assertThat(steps).hasSameSizeAs(pattern.seams());
        Set<String> sewn = new HashSet<>();
        for (int i = 0; i < steps.size(); i++) {
            assertThat(steps.get(i).number()).isEqualTo(i + 1);
            assertThat(sewn.add(steps.get(i).seam().id())).isTrue();
            assertThat(steps.get(i).words()).contains(steps.get(i).first().name());
        }
    }

    /** Front and back are each closed before the side joins them. */
    @ParameterizedTest
    @MethodSource("garments")
    void sideSeam_comesAfterTheSeamsOfFrontAndBack(Garment garment) {
        List<SewingOrder.Step> steps = SewingOrder.of(pattern(garment));
        int side = numberOf(
                steps, s -> s.a().role() == EdgeRole.SIDE && !s.a().piece().startsWith("P"), false);
        int within = numberOf(
                steps,
                s -> Set.of(EdgeRole.PRINCESS_FRONT, EdgeRole.PRINCESS_BACK, EdgeRole.PANEL_FRONT, EdgeRole.PANEL_BACK)
                        .contains(s.a().role()),
                true);
        assertThat(within).isLessThan(side);
    }

    @Test
    void cups_areMadeFirst_andThenSetIn() {
        Pattern pattern = pattern(garments().toList().get(1));
        List<SewingOrder.Step> steps = SewingOrder.of(pattern);
        assertThat(steps.get(0).first().role()).isEqualTo(PieceRole.CUP);
        assertThat(steps.get(0).second().role()).isEqualTo(PieceRole.CUP);
        int made = steps.stream()
                .filter(s -> s.first().role() == PieceRole.CUP && s.second().role() == PieceRole.CUP)
                .mapToInt(SewingOrder.Step::number)
                .max()
                .orElseThrow();
        int setIn = steps.stream()
                .filter(s -> (s.first().role() == PieceRole.CUP) != (s.second().role() == PieceRole.CUP))
                .mapToInt(SewingOrder.Step::number)
                .min()
                .orElseThrow();
        assertThat(made).isLessThan(setIn);
    }

    @Test
    void peplum_comesLast_andShoulderAfterTheSide() {
        List<SewingOrder.Step> steps =
                SewingOrder.of(pattern(garments().toList().get(2)));
        assertThat(steps.get(steps.size() - 1).words()).contains("eplum");
        List<SewingOrder.Step> shoulders =
                SewingOrder.of(pattern(garments().toList().get(3)));
        int side = numberOf(shoulders, s -> s.a().role() == EdgeRole.SIDE, false);
        int shoulder = numberOf(shoulders, s -> s.a().role() == EdgeRole.SHOULDER, false);
        assertThat(shoulder).isGreaterThan(side);
    }

    /** A dart that opens in the edge is sewn like a seam of its piece; one that lies inside is named before all seams. */
    @Test
    void dartOfTheBack_isSewnBeforeTheSide() {
        Garment open = garments().toList().get(4);
        List<SewingOrder.Step> steps = SewingOrder.of(pattern(open));
        int dart = numberOf(steps, s -> s.name().equals("Back waist dart"), false);
        int side = numberOf(steps, s -> s.a().role() == EdgeRole.SIDE, false);
        assertThat(dart).isLessThan(side);
        assertThat(SewingOrder.darts(pattern(open))).isEmpty();
        assertThat(SewingOrder.darts(pattern(open.withLowerEdge(LowerShape.HIP))))
                .hasSize(1);
    }
}
