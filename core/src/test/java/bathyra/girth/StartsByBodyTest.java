package bathyra.girth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.EaseRow;
import bathyra.garment.Experience;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a garment starts with on two bodies, worked by hand (C5.1, C10.2). */
class StartsByBodyTest {
    private static Commission commission(MeasurementSet body, Garment garment, Experience experience) {
        return Bodies.commission(body, garment).withWearer(new Wearer("N. H.", experience));
    }

    private static LevelPlan at(Commission commission, Level level) {
        return GirthPlan.of(commission.measurements(), commission.garment()).at(level);
    }

    /** Waist 720 and 960. */
    @ParameterizedTest
    @CsvSource({
        "CORSET, CORSET_MODERATE, FIRST, -43.2, -57.6",
        "CORSET, CORSET_MODERATE, SEASONED, -64.8, -86.4",
        "CORSET, CORSET_STRONG, SEASONED, -93.6, -124.8",
        "CORSET, STAGE, FIRST, -36, -48",
        "UNDERBUST, UNDERBUST_MODERATE, FIRST, -43.2, -57.6",
        "BUSTIER, BUSTIER_ZIP, FIRST, -10, -10",
        "BUSTIER, BUSTIER_LACED, FIRST, -21.6, -28.8"
    })
    void waist_isDrawnInByAShareOfItself(
            GarmentKind kind, EaseRow row, Experience experience, double nerea, double large) {
        Garment garment = Garment.of(kind);
        Garment chosen = garment.withFit(garment.fit().with(row));
        assertThat(at(commission(Bodies.nerea(), chosen, experience), Level.WAIST)
                        .ease()
                        .value())
                .isCloseTo(nerea, within(1e-9));
        assertThat(at(commission(Bodies.large(), chosen, experience), Level.WAIST)
                        .ease()
                        .value())
                .isCloseTo(large, within(1e-9));
    }

    @Test
    void strongRow_isNeverWhatAGarmentStartsWith() {
        for (GarmentKind kind : GarmentKind.values()) {
            assertThat(Garment.of(kind).row()).isNotEqualTo(EaseRow.CORSET_STRONG);
        }
        assertThat(Garment.bustier()
                        .withFastening(Fastening.ZIP.with(Closure.BACK_LACING))
                        .row())
                .isEqualTo(EaseRow.BUSTIER_LACED);
    }

    /** Behind 0.49 of the rib and 0.18 of what the bust is more: 407.15 of 910; 494.9 + 27 = 521.9 of 1160. */
    @Test
    void frontShareOfTheBust_isWhatTheBackLeaves() {
        assertThat(at(Bodies.commission(Bodies.nerea(), Garment.bustier()), Level.BUST)
                        .frontShare()
                        .value())
                .isCloseTo(1 - 407.15 / 910, within(1e-9));
        assertThat(at(Bodies.commission(Bodies.large(), Garment.bustier()), Level.BUST)
                        .frontShare()
                        .value())
                .isCloseTo(1 - 521.9 / 1160, within(1e-9));
    }

    /** The waist is 65 and 50 under the rib: of 60 the one is past, of the other a sixth is left. As wide as the rib it has all. */
    @Test
    void frontShareOfTheWaist_growsWhereThereIsLessOfOne_andTheHipsFollow() {
        Garment hip = Garment.bustier().withLowerEdge(bathyra.garment.LowerShape.HIP);
        Commission nerea = Bodies.commission(Bodies.nerea(), hip);
        assertThat(at(nerea, Level.WAIST).frontShare().value()).isEqualTo(0.5);
        Commission large = Bodies.commission(Bodies.large(), hip);
        assertThat(at(large, Level.WAIST).frontShare().value()).isCloseTo(0.5 + 0.05 / 6, within(1e-9));
        assertThat(at(large, Level.HIGH_HIP).frontShare().value()).isCloseTo(0.48 + 0.025 / 6, within(1e-9));
        Commission belly = Bodies.commission(Bodies.nerea().with(MeasurementKey.WAIST, Length.mm(800)), hip);
        assertThat(at(belly, Level.WAIST).frontShare().value()).isCloseTo(0.55, within(1e-9));
        assertThat(at(belly, Level.HIP).frontShare().value()).isCloseTo(0.47 + 0.0125, within(1e-9));
    }

    /** Bust less rib: 125 and 150 keep the 20, 180 is half way from 160 to 200. */
    @Test
    void upperEdgeOfACorset_isLessTightOverAFullBust() {
        Garment corset = Garment.of(GarmentKind.CORSET);
        assertThat(at(Bodies.commission(Bodies.nerea(), corset), Level.UPPER)
                        .ease()
                        .value())
                .isEqualTo(-20);
        assertThat(at(Bodies.commission(Bodies.large(), corset), Level.UPPER)
                        .ease()
                        .value())
                .isEqualTo(-20);
        assertThat(at(Bodies.commission(Bodies.small(), corset), Level.UPPER)
                        .ease()
                        .value())
                .isCloseTo(-10, within(1e-9));
    }

    private static double length(MeasurementSet body, GarmentKind kind, LengthOption option) {
        return Bodies.commission(body, Garment.of(kind))
                .garment()
                .length(option)
                .value();
    }

    /** Half of 231 and of 222 to the high hip: 115.5 and 111. */
    @Test
    void lowerEdge_isAsLongAsTheBodyHasIt() {
        assertThat(length(Bodies.nerea(), GarmentKind.CORSET, LengthOption.FRONT_LENGTH_BELOW))
                .isCloseTo(155.5, within(1e-9));
        assertThat(length(Bodies.nerea(), GarmentKind.CORSET, LengthOption.SIDE_LENGTH_BELOW))
                .isCloseTo(109.725, within(1e-9));
        assertThat(length(Bodies.large(), GarmentKind.CORSET, LengthOption.BACK_LENGTH_BELOW))
                .isCloseTo(111, within(1e-9));
        MeasurementSet seated = Bodies.nerea().with(MeasurementKey.WAIST_TO_LAP, Length.mm(140));
        assertThat(length(seated, GarmentKind.CORSET, LengthOption.FRONT_LENGTH_BELOW))
                .as("10 clear of the lap")
                .isCloseTo(130, within(1e-9));
        // 102 lie between rib and waist: 128 more make 230.
        MeasurementSet shortHip = Bodies.nerea().with(MeasurementKey.WAIST_TO_HIGH_HIP, Length.mm(70));
        assertThat(length(shortHip, GarmentKind.CORSET, LengthOption.FRONT_LENGTH_BELOW))
                .isCloseTo(110, within(1e-9));
        assertThat(length(shortHip, GarmentKind.UNDERBUST, LengthOption.FRONT_LENGTH_BELOW))
                .isCloseTo(128, within(1e-9));
        assertThat(length(
                        shortHip.with(MeasurementKey.WAIST_TO_LAP, Length.mm(120)),
                        GarmentKind.UNDERBUST,
                        LengthOption.FRONT_LENGTH_BELOW))
                .as("the lap comes first")
                .isCloseTo(110, within(1e-9));
        assertThat(Garment.of(GarmentKind.CORSET)
                        .length(LengthOption.FRONT_LENGTH_BELOW)
                        .value())
                .as("for nobody in particular")
                .isEqualTo(90);
    }
}
