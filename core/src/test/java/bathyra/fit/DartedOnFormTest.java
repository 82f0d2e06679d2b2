package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.bone.BonePlan;
import bathyra.bone.Channel;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.BackShaping;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.piece.Piece;
import bathyra.place.Level;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A darted back on the body: its dart is sewn there, so that it lies as two panels would. */
class DartedOnFormTest {
    private static Draft draft(LowerShape lower, BackShaping back) {
        Garment garment = Garment.bustier().withLowerEdge(lower);
        return (Draft) Drafter.draft(Bodies.commission(
                Bodies.nerea(), garment.withBlock(garment.block().withBack(back))));
    }

    private static double lies(Draft draft, Level level) {
        return Worn.cold(draft, Worn.surface(draft), Worn.COARSE, () -> false).levels().stream()
                .filter(r -> r.level() == level)
                .findFirst()
                .orElseThrow()
                .lies()
                .value();
    }

    @ParameterizedTest
    @EnumSource(
            value = LowerShape.class,
            names = {"HIP", "WAIST", "PEPLUM"})
    void dart_isSewnOnTheBody(LowerShape lower) {
        Draft darted = draft(lower, BackShaping.DART);
        Draft sewn = darted.asSewn();
        assertThat(sewn.pattern().pieces()).extracting(Piece::id).contains("B1", "B2");
        assertThat(darted.pattern().pieces()).extracting(Piece::id).doesNotContain("B2");
        // The waist in cloth is the plan's, without what the dart takes: as it is with a seam.
        double planned = darted.girths().at(Level.WAIST).worn().value();
        assertThat(lies(darted, Level.WAIST)).isCloseTo(planned, within(0.03 * planned));
        assertThat(lies(darted, Level.WAIST))
                .isCloseTo(lies(draft(lower, BackShaping.SEAM), Level.WAIST), within(0.02 * planned));
    }

    @Test
    void aSeamedGarment_isItselfAsSewn() {
        Draft seamed = draft(LowerShape.HIP, BackShaping.SEAM);
        assertThat(seamed.asSewn()).isSameAs(seamed);
    }

    /** No bone is cased on a dart, nor on the seam that stands for it on the body. */
    @ParameterizedTest
    @EnumSource(
            value = LowerShape.class,
            names = {"HIP", "WAIST"})
    void noBone_liesOnTheDart(LowerShape lower) {
        Draft darted = draft(lower, BackShaping.DART);
        for (Draft each : new Draft[] {darted, darted.asSewn()}) {
            assertThat(BonePlan.of(each).channels()).extracting(Channel::id).doesNotContain("on-princess-back");
        }
        assertThat(BonePlan.of(draft(lower, BackShaping.SEAM)).channels())
                .extracting(Channel::id)
                .contains("on-princess-back");
    }
}
