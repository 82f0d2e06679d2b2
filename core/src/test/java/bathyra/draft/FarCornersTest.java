package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LowerShape;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The far corners of what bodies are: each drafts sound at every edge, or is refused with a reason that names a measurement. */
class FarCornersTest {
    private static MeasurementSet body(
            double bust,
            double underbust,
            double waist,
            double hip,
            double span,
            double toApex,
            double toUnderbust,
            double front,
            double back,
            double toHip) {
        Map<MeasurementKey, Length> taken = new EnumMap<>(MeasurementKey.class);
        double[] values = {bust, underbust, waist, hip, span, toApex, toUnderbust, front, back, toHip};
        MeasurementKey[] keys = {
            MeasurementKey.BUST,
            MeasurementKey.UNDERBUST,
            MeasurementKey.WAIST,
            MeasurementKey.HIP,
            MeasurementKey.APEX_SPAN,
            MeasurementKey.SHOULDER_TO_APEX,
            MeasurementKey.SHOULDER_TO_UNDERBUST,
            MeasurementKey.FRONT_LENGTH,
            MeasurementKey.BACK_LENGTH,
            MeasurementKey.WAIST_TO_HIP
        };
        for (int i = 0; i < keys.length; i++) {
            taken.put(keys[i], Length.mm(values[i]));
        }
        return new MeasurementSet(taken);
    }

    private static void draftsAtEveryEdge(MeasurementSet set) {
        for (LowerShape lower : LowerShape.values()) {
            for (UpperShape upper : UpperShape.fitting(Cover.STRAPLESS)) {
                Outcome outcome = Drafter.draft(Bodies.commission(
                        set, Garment.bustier().withLowerEdge(lower).withUpperEdge(upper)));
                assertThat(outcome instanceof Draft)
                        .as(upper + " " + lower + " "
                                + (outcome instanceof Refusal r
                                        ? r.reasons().get(0).sentence().in(LengthUnit.MM)
                                        : ""))
                        .isTrue();
                Draft draft = (Draft) outcome;
                Finished.holds(draft);
                draft.pattern().levels().forEach(level -> assertThat(draft.pattern().pieces().stream()
                                        .flatMap(p -> p.mark(level.id()).stream())
                                        .mapToDouble(m -> m.length())
                                        .sum()
                                * 2)
                        .isCloseTo(level.patternGirth(), within(0.02)));
            }
        }
    }

    private static void isRefusedNaming(MeasurementSet set, String key) {
        Outcome outcome = Drafter.draft(Bodies.commission(set, Garment.bustier()));
        assertThat(outcome instanceof Refusal).as("refused, naming " + key).isTrue();
        assertThat(((Refusal) outcome).reasons()).anySatisfy(reason -> assertThat(
                        reason.subject() + " " + reason.sentence().in(LengthUnit.MM))
                .contains(key));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "a very short torso,      820,  700,  640,  900, 164, 222, 294, 362, 350, 170",
        "a very long torso,       960,  820,  760, 1040, 190, 330, 420, 552, 512, 270",
        "no waist,                940,  840,  840,  960, 188, 285, 365, 468, 440, 225",
        "waist over underbust,    1010, 880,  935, 1040, 202, 290, 375, 470, 440, 225",
        "waist over hip,          1010, 880,  980,  960, 202, 290, 375, 470, 440, 225",
        "hardly any cup,          790,  750,  640,  890, 158, 262, 322, 428, 414, 215",
        "a very full cup,         1160, 830,  760, 1080, 230, 290, 405, 500, 452, 225",
        "a large even body,       1380, 1240, 1260, 1400, 262, 310, 400, 500, 468, 235",
        "narrow with wide hips,   780,  690,  610, 1060, 160, 262, 334, 432, 410, 225"
    })
    void body_atAFarCorner_draftsSound(
            String name,
            double bust,
            double underbust,
            double waist,
            double hip,
            double span,
            double toApex,
            double toUnderbust,
            double front,
            double back,
            double toHip) {
        draftsAtEveryEdge(body(bust, underbust, waist, hip, span, toApex, toUnderbust, front, back, toHip));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.5, 2, 10, 29, 45, 55})
    void sideDart_fromNothingToWide_draftsSound(double dart) {
        draftsAtEveryEdge(Bodies.nerea().with(MeasurementKey.BACK_LENGTH, Length.mm(468 - dart)));
    }

    /** Near its limit the dart drafts where there is room for it, else it is refused by name; it is never drafted wrongly. */
    @ParameterizedTest
    @ValueSource(doubles = {60, 65, 69.9, 70})
    void sideDart_nearItsLimit_draftsSoundOrIsRefusedByName(double dart) {
        MeasurementSet set = Bodies.nerea().with(MeasurementKey.BACK_LENGTH, Length.mm(468 - dart));
        Outcome outcome = Drafter.draft(Bodies.commission(set, Garment.bustier()));
        if (outcome instanceof Draft draft) {
            Finished.holds(draft);
        } else {
            isRefusedNaming(set, "backLength");
        }
    }

    @ParameterizedTest
    @CsvSource({"70.1, frontLength", "90, frontLength", "-0.1, frontLength", "-30, frontLength"})
    void sideDart_outsideItsLimits_isRefusedByName(double dart, String key) {
        isRefusedNaming(Bodies.nerea().with(MeasurementKey.BACK_LENGTH, Length.mm(468 - dart)), key);
    }

    @ParameterizedTest
    @CsvSource({
        "BUST, 780, bustGirth",
        "SHOULDER_TO_UNDERBUST, 283, shoulderToUnderbust",
        "FRONT_LENGTH, 366, shoulderToUnderbust"
    })
    void figuresThatContradict_areRefusedByName(MeasurementKey key, double value, String named) {
        isRefusedNaming(Bodies.nerea().with(key, Length.mm(value)), named);
    }

    /** Every required measurement, left out or set to the far end of its range, is answered with a draft or a named reason. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void everyMeasurement_atTheEndOfItsRange_isAnswered(boolean least) {
        for (MeasurementKey key : Bodies.nerea().taken().keySet()) {
            Outcome outcome = Drafter.draft(
                    Bodies.commission(Bodies.nerea().with(key, least ? key.least() : key.most()), Garment.bustier()));
            if (outcome instanceof Refusal refusal) {
                Finished.isReasonable(refusal);
            } else {
                Finished.holds((Draft) outcome);
            }
        }
    }
}
