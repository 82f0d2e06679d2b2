package bathyra.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Sharing;
import bathyra.garment.Weighting;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Sharing as the wearer's own form loses girth towards the waist. */
class FormWeightsTest {
    private static final Garment BY_FORM = Garment.of(GarmentKind.UNDERBUST)
            .withSharing(new Sharing(Weighting.FORM, Map.of(), Optional.empty(), Map.of()));

    private static Draft draft(MeasurementSet body, Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(body, garment));
    }

    private static double side(Draft draft) {
        return draft.intakes().at(Level.WAIST, SeamPlace.SIDE).value()
                / draft.intakes().sum(Level.WAIST);
    }

    @Test
    void sumsHold_andTheSideTakesMostWhereTheBodyLosesMost() {
        Draft draft = draft(Bodies.nerea(), BY_FORM);
        for (Level level : draft.commission().garment().levels()) {
            assertThat(draft.intakes().sum(level))
                    .isCloseTo(draft.intakes().toTake().get(level).value(), within(1e-9));
        }
        double side = draft.intakes().at(Level.WAIST, SeamPlace.SIDE).value();
        assertThat(draft.intakes().seams().stream().filter(s -> s.part() == SeamPlace.Part.FRONT))
                .allSatisfy(s ->
                        assertThat(draft.intakes().at(Level.WAIST, s).value()).isLessThan(side));
    }

    /** A body that is wide at the hips from the side loses more there than one that is not, and the side follows. */
    @Test
    void anotherBody_isSharedOtherwise() {
        MeasurementSet hips = Bodies.nerea().with(MeasurementKey.HIP, Length.mm(1130));
        double byForm = Math.abs(side(draft(hips, BY_FORM)) - side(draft(Bodies.nerea(), BY_FORM)));
        assertThat(byForm).isGreaterThan(0.005);
        assertThat(draft(hips, BY_FORM).intakes().axes().byForm())
                .isNotEqualTo(draft(Bodies.nerea(), BY_FORM).intakes().axes().byForm());
    }

    @Test
    void withoutAForm_andWhereOneDraws_itIsTheTableOrTheHand() {
        MeasurementSet few = Bodies.nerea().without(MeasurementKey.SHOULDER_TO_APEX);
        Draft draft = draft(few, BY_FORM);
        assertThat(draft.intakes().axes().byForm()).isEmpty();
        assertThat(side(draft)).isCloseTo(side(draft(few, Garment.of(GarmentKind.UNDERBUST))), within(1e-9));
        Garment drawn = BY_FORM.withSharing(BY_FORM.sharing().withWeight(SeamPlace.front(1), Optional.of(3.0)));
        assertThat(draft(Bodies.nerea(), drawn).intakes().axes().weight(drawn, SeamPlace.front(1)))
                .isEqualTo(3);
    }
}
