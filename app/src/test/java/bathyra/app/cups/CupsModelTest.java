package bathyra.app.cups;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.workshop.InWorkshop;
import bathyra.garment.ContourSet;
import bathyra.garment.CupKind;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.UnderbustSchool;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Cups stage on the demo's first commission, a sweetheart bustier. */
class CupsModelTest extends InWorkshop {
    private CupsModel model;

    @BeforeEach
    void open() {
        model = new CupsModel(workshop);
    }

    private double drafted(Level level) {
        return draft().intakes().at(level, SeamPlace.PRINCESS_FRONT).value();
    }

    @Test
    void kind_cutsThePanels_andIsOneChange() {
        int before = draft().pattern().pieces().size();
        model.kind(CupKind.THREE_PART);
        assertThat(model.bust().cups()).isEqualTo(CupKind.THREE_PART);
        assertThat(draft().pattern().pieces()).hasSizeGreaterThan(before);
        assertThat(undo()).isEqualTo("cups: " + CupKind.THREE_PART.label().toLowerCase());
        workshop.undo();
        assertThat(draft().pattern().pieces()).hasSize(before);
    }

    @Test
    void theSameKindAgain_isNoChange() {
        model.kind(model.bust().cups());
        assertThat(undo()).isEmpty();
    }

    @Test
    void wedge_isClosedAtItsUsualWidth_andOpenedAgain() {
        model.toggle(ContourWedge.NECKLINE);
        assertThat(model.bust().wedges()).containsEntry(ContourWedge.NECKLINE, ContourWedge.NECKLINE.standard());
        assertThat(undo()).isEqualTo("contour, neckline closed");
        model.toggle(ContourWedge.NECKLINE);
        assertThat(model.bust().wedges()).doesNotContainKey(ContourWedge.NECKLINE);
        assertThat(undo()).isEqualTo("contour, neckline left open");
    }

    @Test
    void width_isRead_orItIsSaidWhyNot() {
        assertThat(model.width(ContourWedge.SIDE, "0,9")).isEmpty();
        assertThat(model.bust().wedges()).containsEntry(ContourWedge.SIDE, Length.mm(9));
        assertThat(model.width(ContourWedge.SIDE, "nine")).isPresent();
        assertThat(model.width(ContourWedge.SIDE, "40"))
                .hasValueSatisfying(why -> assertThat(why).startsWith("Side").contains("can be closed"));
        assertThat(model.width(ContourWedge.SIDE, "-1")).isPresent();
        assertThat(model.bust().wedges()).containsEntry(ContourWedge.SIDE, Length.mm(9));
    }

    @Test
    void set_closesItsWedges_andAllAreOpenedAtOnce() {
        model.usual(ContourSet.SWEETHEART);
        assertThat(model.bust().wedges().keySet()).containsExactlyInAnyOrderElementsOf(ContourSet.SWEETHEART.wedges());
        model.open();
        assertThat(model.bust().wedges()).isEqualTo(Map.of());
        workshop.undo();
        assertThat(model.bust().wedges()).hasSameSizeAs(ContourSet.SWEETHEART.wedges());
    }

    @Test
    void radius_isAMeasurement_heldWithinWhatIsPlausible() {
        model.radius(83.4);
        assertThat(workshop.commission().measurements().taken())
                .containsEntry(MeasurementKey.APEX_TO_UNDERBUST, Length.mm(83));
        model.radius(9000);
        model.radius(20);
        assertThat(workshop.commission().measurements().taken())
                .containsEntry(MeasurementKey.APEX_TO_UNDERBUST, Length.mm(55));
        // Three pulls in a row are one change.
        workshop.undo();
        assertThat(undo()).isEmpty();
    }

    @Test
    void radiusInInches_isAnEighth() {
        workshop.naming().unit(LengthUnit.IN);
        model.radius(83.4);
        double eighths = workshop.commission()
                        .measurements()
                        .taken()
                        .get(MeasurementKey.APEX_TO_UNDERBUST)
                        .millimetres()
                / LengthUnit.IN.step();
        assertThat(eighths).isCloseTo(Math.rint(eighths), within(1e-9));
    }

    @Test
    void length_isHeldWithinItsRange() {
        model.kind(CupKind.TWO_PART);
        model.length(LengthOption.CUP_SIDE, 1000);
        assertThat(garment().lengths()).containsEntry(LengthOption.CUP_SIDE, LengthOption.CUP_SIDE.most());
        model.length(LengthOption.CUP_SIDE, -5);
        assertThat(garment().lengths()).containsEntry(LengthOption.CUP_SIDE, LengthOption.CUP_SIDE.least());
    }

    @Test
    void intake_isWhatTheSeamTakesThen() {
        model.intake(Level.UNDERBUST, 31.7);
        assertThat(model.intake(Level.UNDERBUST)).isCloseTo(32, within(1e-9));
        assertThat(drafted(Level.UNDERBUST)).isCloseTo(32, within(1e-9));
        assertThat(undo()).isEqualTo("princess front at the underbust 3.2 cm");
        model.intake(Level.UNDERBUST, -4);
        assertThat(drafted(Level.UNDERBUST)).isCloseTo(0, within(1e-9));
    }

    @Test
    void intakeOnTheRightHalf_leavesTheLeftAsItWas() {
        workshop.once(
                "uneven",
                workshop.commission()
                        .withMeasurements(workshop.commission()
                                .measurements()
                                .withRight(MeasurementKey.WAIST, java.util.Optional.of(Length.mm(372)))));
        double left = drafted(Level.UNDERBUST);
        workshop.selection().rightHalfProperty().set(true);
        model.intake(Level.UNDERBUST, 40);
        Cell cell = new Cell(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT);
        assertThat(garment().rightIntakes()).containsEntry(cell, Length.mm(40));
        assertThat(garment().intakes()).doesNotContainKey(cell);
        assertThat(drafted(Level.UNDERBUST)).isCloseTo(left, within(1e-9));
    }

    @Test
    void schools_areAllThere_andStayWhileTheWedgeIsPulled() {
        List<CupsModel.School> schools = model.schools();
        assertThat(schools).hasSize(UnderbustSchool.values().length);
        assertThat(schools).extracting(CupsModel.School::depth).allSatisfy(depth -> assertThat(depth)
                .isGreaterThan(0));
        assertThat(schools).extracting(CupsModel.School::underBust).doesNotHaveDuplicates();
        model.intake(Level.UNDERBUST, 44);
        assertThat(model.schools()).isSameAs(schools);
        workshop.once(
                "bust",
                workshop.commission()
                        .withMeasurements(
                                workshop.commission().measurements().with(MeasurementKey.BUST, Length.mm(930))));
        assertThat(model.schools()).isNotSameAs(schools);
    }

    @Test
    void corset_hasNoSchools_andAnUnderbustNoCup() {
        make(Garment.of(GarmentKind.CORSET));
        assertThat(model.schools()).isEmpty();
        assertThat(model.cutting()).isPresent();
        make(Garment.of(GarmentKind.UNDERBUST));
        assertThat(model.cutting()).isEmpty();
    }
}
