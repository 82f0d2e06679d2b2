package bathyra.app.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.work.HandedOver;
import bathyra.app.workshop.InWorkshop;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.garment.ClothGive;
import bathyra.garment.UnderbustSchool;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.Posture;
import bathyra.measure.Softness;
import bathyra.place.Level;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Fit stage on the demo's first commission. The test is the window's thread: it does what is handed over to that. */
class FitModelTest extends InWorkshop {
    private final HandedOver handed = new HandedOver();
    private FitModel model;
    private int changes;

    @BeforeEach
    void open() {
        model = new FitModel(workshop, handed, () -> changes++);
    }

    private void finish() throws InterruptedException {
        while (model.isWorking()) {
            handed.next();
        }
    }

    @Test
    void garment_isShownRoughly_thenFinely() throws InterruptedException {
        assertThat(model.shown()).isEmpty();
        model.bringUpToDate();
        assertThat(model.isWorking()).isTrue();
        handed.next();
        int rough = model.shown().orElseThrow().worn().mesh().count();
        assertThat(model.isWorking()).isTrue();
        handed.next();
        assertThat(model.shown().orElseThrow().worn().mesh().count()).isGreaterThan(2 * rough);
        assertThat(model.isWorking()).isFalse();
        assertThat(changes).isEqualTo(2);
        model.bringUpToDate();
        assertThat(model.isWorking())
                .as("what is known is not worked out again")
                .isFalse();
    }

    @Test
    void changeDuringTheWork_givesItUp_andTheLastPictureStays() throws InterruptedException {
        model.bringUpToDate();
        finish();
        var before = model.shown().orElseThrow();
        workshop.once(
                "wider",
                workshop.commission()
                        .withMeasurements(
                                workshop.commission().measurements().with(MeasurementKey.WAIST, Length.mm(740))));
        model.bringUpToDate();
        workshop.once(
                "wider still",
                workshop.commission()
                        .withMeasurements(
                                workshop.commission().measurements().with(MeasurementKey.WAIST, Length.mm(750))));
        assertThat(model.shown()).containsSame(before);
        model.bringUpToDate();
        finish();
        assertThat(model.shown().orElseThrow().worn().form().girth(0)).isCloseTo(750, within(0.5));
    }

    @Test
    void softness_isWorkedOutAnew() throws InterruptedException {
        model.bringUpToDate();
        finish();
        double pressure = model.shown().orElseThrow().levels().get(3).pressure();
        model.softness(Softness.FIRM);
        model.bringUpToDate();
        assertThat(model.isWorking()).isTrue();
        finish();
        assertThat(model.shown().orElseThrow().levels().get(3).pressure()).isNotCloseTo(pressure, within(0.02));
    }

    @Test
    void sight_isLookedAtFromItsSide_andACureTriedOnTheForm_isTakenAndUndone() throws InterruptedException {
        make(garment().withSchool(UnderbustSchool.EXCESS));
        model.bringUpToDate();
        finish();
        var sight = model.shown().orElseThrow().sights().get(0);
        model.choose(sight);
        assertThat(model.turn()).isCloseTo(sight.azimuth(), within(1e-9));
        assertThat(model.cures()).as("it is being tried").isEmpty();
        handed.next();
        var cures = model.cures().orElseThrow();
        assertThat(cures).isNotEmpty().allSatisfy(c -> assertThat(c.after()).isLessThan(c.before()));
        var before = garment();
        model.take(cures.get(0));
        assertThat(garment()).isEqualTo(cures.get(0).garment()).isNotEqualTo(before);
        assertThat(model.chosen()).isEmpty();
        assertThat(undo()).isEqualTo(cures.get(0).deed().in(workshop.unit()).replace('\u00a0', ' '));
        workshop.undo();
        assertThat(garment()).isEqualTo(before);
    }

    @Test
    void cureForAStateThatIsGone_isNotShown() throws InterruptedException {
        model.bringUpToDate();
        finish();
        model.choose(model.shown().orElseThrow().sights().get(0));
        workshop.once("tighter", workshop.commission().withGarment(garment().withEase(Level.WAIST, Length.mm(-20))));
        model.bringUpToDate();
        finish();
        assertThat(model.chosen()).isEmpty();
        assertThat(model.cures()).isEmpty();
    }

    @Test
    void turning_goesRound() {
        model.turnTo(Math.toRadians(-15));
        assertThat(model.turn()).isCloseTo(Math.toRadians(345), within(1e-9));
        model.turnTo(Math.toRadians(725));
        assertThat(model.turn()).isCloseTo(Math.toRadians(5), within(1e-9));
    }

    @Test
    void level_thatTheGarmentHasNot_isItsFirst() throws InterruptedException {
        model.bringUpToDate();
        finish();
        model.look(Level.HIP);
        assertThat(model.level()).isEqualTo(Level.HIP);
        make(garment().withLowerEdge(bathyra.garment.LowerShape.HIGH_HIP));
        model.bringUpToDate();
        finish();
        assertThat(model.level()).isEqualTo(Level.UPPER);
    }

    @Test
    void withoutADraft_thereIsNothing_andNothingIsWorkedOut() {
        workshop.once(
                "no bust",
                workshop.commission()
                        .withMeasurements(workshop.commission().measurements().without(MeasurementKey.BUST)));
        workshop.deeds().begin();
        model.bringUpToDate();
        assertThat(model.isWorking()).isFalse();
        assertThat(model.shown()).isEmpty();
    }

    @Test
    void easeHere_posture_andCloth_areKeptWithTheCommission_andUndone() throws InterruptedException {
        model.bringUpToDate();
        finish();
        var before = workshop.commission();
        double ease =
                workshop.half().orElseThrow().girths().at(Level.WAIST).ease().value();
        model.ease(5);
        assertThat(workshop.half().orElseThrow().girths().at(Level.WAIST).ease().value())
                .isCloseTo(ease + 5, within(1e-9));
        workshop.undo();
        model.posture(Posture.SWAY);
        assertThat(workshop.commission().measurements().occasion().posture()).isEqualTo(Posture.SWAY);
        model.give(ClothGive.GIVES);
        assertThat(model.give()).isEqualTo(ClothGive.GIVES);
        model.bringUpToDate();
        finish();
        workshop.undo();
        workshop.undo();
        assertThat(workshop.commission()).isEqualTo(before);
    }

    /** After a small change the picture comes at once from the shape before; what is read in the end is what a cold run reads. */
    @Test
    void smallChange_readsInTheEndAsFromCold() throws InterruptedException {
        model.bringUpToDate();
        finish();
        model.ease(4);
        model.bringUpToDate();
        finish();
        var draft = workshop.half().orElseThrow();
        Worn cold = Worn.of(draft, Worn.surface(draft), () -> false);
        for (int i = 0; i < cold.levels().size(); i++) {
            assertThat(model.shown().orElseThrow().levels().get(i).worn())
                    .isCloseTo(cold.levels().get(i).worn(), within(0.5));
        }
    }

    @Test
    void anotherWay_isPutOnTheSameBody_besideThisOne() throws InterruptedException {
        model.bringUpToDate();
        finish();
        var ways = model.beside().ways();
        assertThat(ways).isNotEmpty().allSatisfy((name, garment) -> assertThat(garment)
                .isNotEqualTo(garment()));
        var first = ways.entrySet().iterator().next();
        model.beside().with(first.getKey(), first.getValue());
        model.bringUpToDate();
        handed.next();
        var other = model.beside().other().orElseThrow();
        assertThat(other.of().name()).isEqualTo(first.getKey());
        assertThat(other.worn().surface())
                .isSameAs(model.shown().orElseThrow().worn().surface());
        assertThat(other.at(Level.WAIST)).isPresent();
        model.beside().end();
        model.bringUpToDate();
        assertThat(model.beside().other()).isEmpty();
    }

    /** The upper bust was estimated: what hangs on it is told, with what it is. */
    @Test
    void whatHangsOnAnEstimate_isFoundOnBodiesWhereItIsWrong() throws InterruptedException {
        model.bringUpToDate();
        finish();
        assertThat(model.doubting().doubts()).isEmpty();
        model.doubt();
        assertThat(model.doubting().isWorking()).isTrue();
        handed.next();
        assertThat(model.doubting().isWorking()).isFalse();
        assertThat(model.doubting().doubts().orElseThrow()).allSatisfy(d -> {
            assertThat(workshop.commission().measurements().isTaken(d.key())).isFalse();
            assertThat(d.hanging())
                    .isNotEmpty()
                    .isSubsetOf(Sight.of(model.shown().orElseThrow().rough()));
        });
    }
}
