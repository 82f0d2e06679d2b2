package bathyra.app.edges;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.workshop.InWorkshop;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Side;
import bathyra.garment.Cover;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.PrincessStart;
import bathyra.garment.Sleeve;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.place.DrawnEdge;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The Edges stage on the demo's first commission. */
class EdgesModelTest extends InWorkshop {
    private EdgesModel model;

    @BeforeEach
    void open() {
        model = new EdgesModel(workshop);
    }

    private Stream<OutlineEdge> edges() {
        return draft().pattern().pieces().stream().flatMap(p -> p.outline().stream());
    }

    @ParameterizedTest
    @EnumSource(
            value = UpperShape.class,
            names = {"STRAIGHT", "CURVED", "SWEETHEART", "V"})
    void shape_isDrawn_orRefusedInWords_andNeverHalf(UpperShape shape) {
        model.shape(shape);
        assertThat(garment().upperEdge()).isEqualTo(shape);
        assertThat(workshop.refusal().isPresent() || workshop.draft().isPresent())
                .isTrue();
        assertThat(workshop.isProgramFailing()).isFalse();
        assertThat(model.upperLengths()).contains(LengthOption.UNDERARM_LOWERING, LengthOption.BACK_FALL);
    }

    @Test
    void cover_bringsItsLengths_andTakesOthersAway() {
        assertThat(model.upperLengths()).doesNotContain(LengthOption.NECKLINE_DEPTH, LengthOption.STRAP_WIDTH);
        model.cover(Cover.SHOULDERS);
        assertThat(model.upperLengths()).contains(LengthOption.NECKLINE_DEPTH).doesNotContain(LengthOption.STRAP_WIDTH);
        model.cover(Cover.HALTER);
        assertThat(model.upperLengths()).contains(LengthOption.STRAP_WIDTH);
        assertThat(undo()).startsWith("edge ");
    }

    /** A fitting found the neckline 10 higher: pulled to a depth it lies there, and what is chosen is 10 more. */
    @Test
    void aPulledEdge_liesWhereItIsPulled_whateverFittingsFound() {
        model.cover(Cover.SHOULDERS);
        double chosen = garment().length(LengthOption.NECKLINE_DEPTH).value();
        workshop.once(
                "found",
                workshop.commission()
                        .withAdjustments(List.of(new Adjustment(
                                1,
                                1,
                                Side.BOTH,
                                new Change.Drawn(DrawnEdge.NECKLINE, Length.mm(10)),
                                Optional.empty(),
                                true))));
        assertThat(model.value(LengthOption.NECKLINE_DEPTH)).isEqualTo(chosen - 10);
        model.length(LengthOption.NECKLINE_DEPTH, chosen + 15);
        assertThat(draft().commission()
                        .garment()
                        .length(LengthOption.NECKLINE_DEPTH)
                        .value())
                .isEqualTo(chosen + 15);
        assertThat(garment().chosen(LengthOption.NECKLINE_DEPTH).value()).isEqualTo(chosen + 25);
    }

    @Test
    void edgeThatDoesNotGoWithItsTop_givesWay_andComesBackWithUndo() {
        model.shape(UpperShape.SWEETHEART);
        model.cover(Cover.SHOULDERS);
        assertThat(garment().upperEdge()).isEqualTo(UpperShape.SWEETHEART.under(Cover.SHOULDERS));
        workshop.undo();
        assertThat(garment().upperEdge()).isEqualTo(UpperShape.SWEETHEART);
    }

    @Test
    void yokeAndKeyhole_areEachOneChange() {
        model.cover(Cover.SHOULDERS);
        model.yoke(true);
        assertThat(undo()).isEqualTo("yoke over the bust line");
        assertThat(model.upperLengths()).contains(LengthOption.YOKE_LINE);
        model.keyhole(true);
        assertThat(undo()).isEqualTo("keyhole in the yoke");
        assertThat(model.upperLengths()).contains(LengthOption.KEYHOLE_LENGTH, LengthOption.KEYHOLE_WIDTH);
        model.keyhole(false);
        model.yoke(false);
        assertThat(undo()).isEqualTo("no yoke");
        assertThat(model.upperLengths()).doesNotContain(LengthOption.YOKE_LINE, LengthOption.KEYHOLE_LENGTH);
    }

    @Test
    void sleeve_belongsToTheOffShoulderTop() {
        model.cover(Cover.OFF_SHOULDER);
        model.sleeve(Sleeve.SHORT);
        assertThat(garment().top().sleeve()).isEqualTo(Sleeve.SHORT);
        assertThat(model.upperLengths()).contains(LengthOption.SHOULDER_LINE, LengthOption.SLEEVE_DEPTH);
    }

    @Test
    void princess_startsWhereItIsSaid() {
        model.cover(Cover.SHOULDERS);
        model.princess(PrincessStart.SHOULDER);
        assertThat(garment().block().princess()).isEqualTo(PrincessStart.SHOULDER);
        assertThat(undo()).startsWith("princess seam ");
    }

    @Test
    void length_isSnappedToTheUnit_andHeldWithinItsRange() {
        model.shape(UpperShape.CURVED);
        model.length(LengthOption.EDGE_DIP, 33.6);
        assertThat(model.value(LengthOption.EDGE_DIP)).isCloseTo(34, within(1e-9));
        model.length(LengthOption.EDGE_DIP, 5000);
        assertThat(model.value(LengthOption.EDGE_DIP))
                .isCloseTo(LengthOption.EDGE_DIP.most().millimetres(), within(1e-9));
        workshop.letGo();
        workshop.naming().unit(LengthUnit.IN);
        model.length(LengthOption.EDGE_DIP, 33.6);
        assertThat(model.value(LengthOption.EDGE_DIP)).isCloseTo(Math.rint(33.6 / 3.175) * 3.175, within(1e-9));
    }

    @Test
    void pullsOfOneLength_areOneChange_thoseOfAnotherAreAnother() {
        model.lower(LowerShape.POINTED);
        model.length(LengthOption.FRONT_LENGTH_BELOW, 80);
        model.length(LengthOption.FRONT_LENGTH_BELOW, 70);
        model.length(LengthOption.BACK_LENGTH_BELOW, 66);
        workshop.undo();
        assertThat(garment().lengths())
                .containsEntry(LengthOption.FRONT_LENGTH_BELOW, Length.mm(70))
                .doesNotContainKey(LengthOption.BACK_LENGTH_BELOW);
        workshop.undo();
        assertThat(garment().lengths()).doesNotContainKey(LengthOption.FRONT_LENGTH_BELOW);
        assertThat(garment().lowerEdge()).isEqualTo(LowerShape.POINTED);
    }

    @ParameterizedTest
    @EnumSource(LowerShape.class)
    void lowerShape_showsItsOwnLengthsAlone(LowerShape shape) {
        model.lower(shape);
        assertThat(model.lowerLengths().contains(LengthOption.PEPLUM_LENGTH)).isEqualTo(shape == LowerShape.PEPLUM);
        assertThat(model.lowerLengths().contains(LengthOption.FLARE)).isEqualTo(shape == LowerShape.FLARED);
        assertThat(model.lowerLengths().contains(LengthOption.BACK_LENGTH_BELOW))
                .isEqualTo(shape == LowerShape.POINTED || shape == LowerShape.ROUNDED);
        assertThat(model.lowerLengths()).contains(LengthOption.WAIST_DROP);
        assertThat(workshop.isProgramFailing()).isFalse();
    }

    @Test
    void everyEdgeOnTheDraft_hasARole() {
        assertThat(edges().map(OutlineEdge::role))
                .isNotEmpty()
                .doesNotContainNull()
                .contains(EdgeRole.UPPER);
    }
}
