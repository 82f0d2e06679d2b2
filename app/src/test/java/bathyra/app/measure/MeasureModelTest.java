package bathyra.app.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.workshop.InWorkshop;
import bathyra.garment.Experience;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.Remark;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Measure stage on the demo's first commission. */
class MeasureModelTest extends InWorkshop {
    private MeasureModel model;

    @BeforeEach
    void open() {
        model = new MeasureModel(workshop);
    }

    private double millimetres(MeasurementKey key) {
        return model.value(key).orElseThrow().value();
    }

    @Test
    void figureTyped_isTaken_inTheUnitShown() {
        model.type(MeasurementKey.WAIST, "73,5");
        assertThat(millimetres(MeasurementKey.WAIST)).isCloseTo(735, within(1e-9));
        assertThat(model.source(MeasurementKey.WAIST)).isEqualTo("tape");
        assertThat(undo()).isEqualTo("waist 72.0 → 73.5 cm");
    }

    @Test
    void lettersInAFigure_areKeptWithTheirReason_andTheFigureStandsAsBefore() {
        model.type(MeasurementKey.WAIST, "7");
        model.type(MeasurementKey.WAIST, "7k");
        assertThat(model.isWaiting(MeasurementKey.WAIST)).isTrue();
        assertThat(model.fault(MeasurementKey.WAIST)).isPresent();
        assertThat(millimetres(MeasurementKey.WAIST)).isCloseTo(720, within(1e-9));
        take("The Harbour");
        assertThat(model.isWaiting(MeasurementKey.WAIST))
                .as("another wearer's page")
                .isFalse();
        take("The Heron");
        assertThat(model.isWaiting(MeasurementKey.WAIST)).isTrue();
        model.type(MeasurementKey.WAIST, "71");
        assertThat(model.fault(MeasurementKey.WAIST)).isEmpty();
    }

    @Test
    void emptiedFigure_isAnEstimateAgain_whereThereIsARule_elseNeeded() {
        model.type(MeasurementKey.HIGH_HIP, "90");
        assertThat(model.isTaken(MeasurementKey.HIGH_HIP)).isTrue();
        model.type(MeasurementKey.HIGH_HIP, " ");
        assertThat(model.source(MeasurementKey.HIGH_HIP)).isEqualTo("estimate");
        model.type(MeasurementKey.BUST, "");
        assertThat(model.value(MeasurementKey.BUST)).isEmpty();
        assertThat(model.source(MeasurementKey.BUST)).isEqualTo("needed");
        assertThat(workshop.refusal()).isPresent();
    }

    @Test
    void estimates_sayOnWhatTheyHang() {
        assertThat(model.hanging(MeasurementKey.HIP))
                .extracting(n -> n.name())
                .contains(MeasurementKey.HIGH_HIP.label());
        model.type(MeasurementKey.HIGH_HIP, "90");
        assertThat(model.hanging(MeasurementKey.HIP))
                .extracting(n -> n.name())
                .doesNotContain(MeasurementKey.HIGH_HIP.label());
    }

    @Test
    void figureOutOfItsRange_isConfirmed_asTakenTwice() {
        model.take(MeasurementKey.WAIST, Length.mm(470));
        assertThat(model.isOutOfRange(MeasurementKey.WAIST)).isTrue();
        assertThat(model.fault(MeasurementKey.WAIST)).isPresent();
        model.confirm(MeasurementKey.WAIST, true);
        assertThat(model.isConfirmed(MeasurementKey.WAIST)).isTrue();
        assertThat(model.isOutOfRange(MeasurementKey.WAIST)).isFalse();
        assertThat(undo()).isEqualTo("waist confirmed");
        model.confirm(MeasurementKey.WAIST, false);
        assertThat(model.isOutOfRange(MeasurementKey.WAIST)).isTrue();
    }

    @Test
    void figuresThatContradictEachOther_areSaidBesideTheOneThatWasTypedLast() {
        model.type(MeasurementKey.UNDERBUST, "95");
        assertThat(model.fault(MeasurementKey.UNDERBUST)).isPresent();
        assertThat(model.remarks()).anyMatch(r -> r.weight() == Remark.Weight.STOPS);
        assertThat(model.remarks()).isSameAs(model.remarks());
        workshop.undo();
        assertThat(model.fault(MeasurementKey.UNDERBUST)).isEmpty();
    }

    @Test
    void rightSide_isTakenApart_andGivenUpAgain() {
        assertThat(model.right(MeasurementKey.WAIST)).isEmpty();
        assertThat(model.typeRight(MeasurementKey.WAIST, "37,2")).isEmpty();
        assertThat(model.right(MeasurementKey.WAIST)).contains(Length.mm(372));
        assertThat(workshop.commission().measurements().isUneven()).isTrue();
        assertThat(model.typeRight(MeasurementKey.WAIST, "37,2q")).isNotEmpty();
        assertThat(model.right(MeasurementKey.WAIST))
                .as("what was typed in one go leaves nothing behind")
                .isEmpty();
        model.typeRight(MeasurementKey.WAIST, "37,2");
        workshop.letGo();
        assertThat(model.typeRight(MeasurementKey.WAIST, "")).isEmpty();
        assertThat(workshop.commission().measurements().isUneven()).isFalse();
    }

    @Test
    void usedFigures_areThoseTheGarmentRestsOn_andThoseThatWereTaken() {
        assertThat(model.used()).contains(MeasurementKey.BUST, MeasurementKey.WAIST, MeasurementKey.HEIGHT);
        assertThat(model.used()).doesNotContain(MeasurementKey.SLEEVE_LENGTH);
        model.take(MeasurementKey.SLEEVE_LENGTH, Length.mm(580));
        assertThat(model.used()).contains(MeasurementKey.SLEEVE_LENGTH);
    }

    @Test
    void experience_isOfTheWearer() {
        model.experience(Experience.SEASONED);
        assertThat(workshop.commission().wearer().experience()).isEqualTo(Experience.SEASONED);
        assertThat(workshop.commission().wearer().name()).isEqualTo("Nerea Holloway");
        assertThat(undo()).startsWith("wearer is ");
    }
}
