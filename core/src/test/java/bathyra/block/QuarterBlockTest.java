package bathyra.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The quarter block worked by hand for a body in round figures: shoulder to apex 281, underbust 366, waist 468, back 439, hip 231 below. */
class QuarterBlockTest {
    private static final QuarterBlock METHOD = new QuarterBlock();

    private static Block draw(MeasurementSet set, Garment garment) throws NotDraftable {
        return METHOD.draw(set, garment);
    }

    @Test
    void levels_comeFromTheTape() throws NotDraftable {
        Block block = draw(Bodies.nerea(), Garment.bustier().withLowerEdge(LowerShape.HIP));
        assertThat(block.front(Level.BUST)).isEqualTo(281);
        assertThat(block.front(Level.UNDERBUST)).isEqualTo(366);
        assertThat(block.front(Level.WAIST)).isEqualTo(468);
        assertThat(block.front(Level.HIP)).isEqualTo(699);
        // Waist to high hip is estimated at half of waist to hip.
        assertThat(block.front(Level.HIGH_HIP)).isEqualTo(468 + 115.5);
    }

    @Test
    void chestLine_isBustOverSixPlusThirtyEight_belowTheDroppedTip() throws NotDraftable {
        // 25 + 910/6 + 38 = 214.667; the underarm 13 lower; on the back lower by the dart of 29.
        Block block = draw(Bodies.nerea(), Garment.bustier());
        assertThat(block.front(Level.UPPER)).isCloseTo(214.6667 + 13, within(1e-3));
        assertThat(block.chestDepth().value()).isCloseTo(214.6667 + 29, within(1e-3));
    }

    @Test
    void armholeTape_winsOverTheRule() throws NotDraftable {
        Block block = draw(Bodies.nerea().with(MeasurementKey.ARMHOLE, Length.mm(390)), Garment.bustier());
        assertThat(block.front(Level.UPPER)).isCloseTo(25 + 195 + 13, within(1e-9));
    }

    @Test
    void upperLine_isHeldHalfABustRadiusAboveTheApex() throws NotDraftable {
        // With 80 added the rule would put it at 25 + 151.67 + 80 + 13 = 269.67; apex 281 − 85/2 = 238.5.
        Block block = draw(Bodies.nerea(), Garment.bustier().withLength(LengthOption.CHEST_LINE_EXTRA, Length.mm(80)));
        assertThat(block.front(Level.UPPER)).isCloseTo(238.5, within(1e-9));
    }

    @Test
    void sideDart_isTheDifferenceOfTheLengths_andLowersTheUpperLineAtTheSide() throws NotDraftable {
        Block block = draw(Bodies.nerea(), Garment.bustier());
        assertThat(block.sideDart().value()).isEqualTo(29);
        assertThat(block.side(Level.UPPER) - block.front(Level.UPPER)).isCloseTo(29, within(1e-9));
        assertThat(block.side(Level.WAIST)).isEqualTo(block.front(Level.WAIST));
        // Bust radius 85 less the dart leaves 56 between bust and underbust at the side.
        assertThat(block.side(Level.UNDERBUST) - block.side(Level.BUST)).isCloseTo(56, within(1e-9));
    }

    @Test
    void draftedUnderbustWidth_liesOnTheStraightLineFromBustToWaist() throws NotDraftable {
        // 910/4 = 227.5 at 281; 720/4 + 25 = 205 at 468; at 366: 227.5 − 22.5 × 85/187.
        assertThat(draw(Bodies.nerea(), Garment.bustier()).underbustWidth().value())
                .isCloseTo(227.5 - 22.5 * 85 / 187, within(1e-9));
    }

    @Test
    void crest_coversTheBustRadius_andMoreWhenAsked() throws NotDraftable {
        Garment sweetheart = Garment.bustier().withUpperEdge(UpperShape.SWEETHEART);
        assertThat(draw(Bodies.nerea(), sweetheart).crest().value()).isCloseTo(281 - 85, within(1e-9));
        assertThat(draw(Bodies.nerea(), sweetheart.withLength(LengthOption.COVERAGE, Length.mm(25)))
                        .crest()
                        .value())
                .isCloseTo(281 - 85 - 25, within(1e-9));
    }

    @Test
    void axes_areHalfTheApexSpan() throws NotDraftable {
        Block block = draw(Bodies.nerea(), Garment.bustier());
        assertThat(block.frontAxis().value()).isEqualTo(93);
        assertThat(block.backAxis().value()).isEqualTo(93);
    }

    @Test
    void garmentThatEndsAtTheWaist_needsNoHip() throws NotDraftable {
        Garment garment = Garment.bustier().withLowerEdge(LowerShape.WAIST);
        MeasurementSet set = Bodies.nerea().without(MeasurementKey.HIP).without(MeasurementKey.WAIST_TO_HIP);
        assertThat(METHOD.needs(garment)).doesNotContain(MeasurementKey.HIP, MeasurementKey.WAIST_TO_HIP);
        assertThat(draw(set, garment).heights().front())
                .containsOnlyKeys(Level.UPPER, Level.BUST, Level.UNDERBUST, Level.WAIST);
    }

    @ParameterizedTest
    @CsvSource({
        "BACK_LENGTH, 398, true", "BACK_LENGTH, 397.9, false",
        "BACK_LENGTH, 468, true", "BACK_LENGTH, 468.1, false"
    })
    void sideDart_canBeClosedFromNothingToSeventy(MeasurementKey key, double value, boolean draws) throws NotDraftable {
        MeasurementSet set = Bodies.nerea().with(key, Length.mm(value));
        if (draws) {
            assertThat(draw(set, Garment.bustier()).sideDart().value()).isCloseTo(468 - value, within(1e-9));
        } else {
            assertThatThrownBy(() -> draw(set, Garment.bustier()))
                    .isInstanceOfSatisfying(NotDraftable.class, e -> assertThat(
                                    e.reasons().get(0).sentence().in(LengthUnit.CM))
                            .endsWith("Take “To the waist, front” and “To the waist, back” again."));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "SHOULDER_TO_UNDERBUST, 315, shoulderToUnderbust",
        "FRONT_LENGTH, 395, frontLength",
        "WAIST_TO_HIP, 40, waistToHip"
    })
    void levelsTooClose_areRefusedByMeasurement(MeasurementKey key, double value, String named) {
        MeasurementSet set = Bodies.nerea()
                .with(key, Length.mm(value))
                .with(
                        MeasurementKey.BACK_LENGTH,
                        Length.mm(Math.min(439, (key == MeasurementKey.FRONT_LENGTH ? value : 468) - 10)));
        assertThatThrownBy(() -> draw(set, Garment.bustier()))
                .isInstanceOfSatisfying(
                        NotDraftable.class,
                        e -> assertThat(e.reasons().get(0).subject()).isEqualTo(named));
    }
}
