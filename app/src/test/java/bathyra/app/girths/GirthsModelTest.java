package bathyra.app.girths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.garment.Closure;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The Girths stage on the demo's first commission: waist 72.0, a bustier with a zip, a first corset. */
class GirthsModelTest {
    @TempDir
    private Path folder;

    private WorkshopBook book;
    private Workshop workshop;
    private GirthsModel model;

    @BeforeEach
    void open() throws Exception {
        book = WorkshopBook.open(DemoBook.fresh(folder.resolve("demo.sqlite")));
        workshop = new Workshop(book);
        model = new GirthsModel(workshop);
    }

    @AfterEach
    void close() {
        book.close();
    }

    /** Half of the finished pattern at a level, measured on the pieces. */
    private double finishedHalf(Level level) {
        return workshop.draft().orElseThrow().pattern().pieces().stream()
                .flatMap(p -> p.levelMarks().stream())
                .filter(m -> m.level().equals(level.id()))
                .mapToDouble(m -> m.from().distance(m.to()))
                .sum();
    }

    @Test
    void dragging_setsTheEaseToTheMillimetre_orTheEighth_andThePatternFollows() {
        model.wear(Level.WAIST, 683.4);
        assertThat(model.plan(Level.WAIST).ease().value()).isEqualTo(-37);
        assertThat(finishedHalf(Level.WAIST)).isCloseTo(683.0 / 2, within(0.5));
        workshop.naming().unit(LengthUnit.IN);
        model.wear(Level.WAIST, 683.4);
        assertThat(model.plan(Level.WAIST).ease().value() / (25.4 / 8))
                .isCloseTo(Math.rint(model.plan(Level.WAIST).ease().value() / (25.4 / 8)), within(1e-9));
    }

    @Test
    void ease_asAShareOfTheBody_isTaken_andNonsenseExplained() {
        assertThat(model.percent(Level.WAIST, "−8 %")).isEmpty();
        assertThat(model.plan(Level.WAIST).ease().value()).isCloseTo(-57.6, within(1e-9));
        assertThat(model.percent(Level.WAIST, "eight")).contains("Type it as −8 or −8 %.");
        assertThat(model.percent(Level.WAIST, "-90")).contains("From −40 to 40 per cent of the body can be used.");
        assertThat(model.plan(Level.WAIST).ease().value()).as("as it was").isCloseTo(-57.6, within(1e-9));
    }

    @Test
    void lacing_opensAGapInTheBackAlone_andStartsFromItsOwnRow() {
        double front = model.plan(Level.HIP).frontHalf().value();
        model.closure(Closure.BACK_LACING);
        assertThat(model.plan(Level.HIP).frontHalf().value()).isEqualTo(front);
        assertThat(finishedHalf(Level.WAIST)).isCloseTo((720 * 0.97 - 30) / 2.0, within(0.5));
        assertThat(workshop.undoLabelProperty().get()).isEqualTo("closure: lacing at the back");
        workshop.undo();
        assertThat(model.closure()).isEqualTo(Closure.BACK_ZIP);
    }

    @Test
    void theSideSeam_isMovedWithoutChangingTheGirth_andGoesBackToTheTable() {
        double half = finishedHalf(Level.WAIST);
        model.share(Level.WAIST, 0.543);
        assertThat(model.plan(Level.WAIST).frontShare().value()).isCloseTo(0.545, within(1e-9));
        assertThat(finishedHalf(Level.WAIST)).isCloseTo(half, within(0.5));
        model.shareByTable(Level.WAIST);
        assertThat(model.plan(Level.WAIST).frontShare().value()).isEqualTo(0.5);
    }

    @Test
    void pastTheTopLevel_theRecordIsAskedFor_andHoldsOnlyAsFarAsWasSpokenOf() {
        model.percent(Level.WAIST, "-21");
        assertThat(model.mustBeSpokenOf()).isTrue();
        model.spoken();
        assertThat(model.mustBeSpokenOf()).isFalse();
        model.percent(Level.WAIST, "-24");
        assertThat(model.mustBeSpokenOf()).as("more than was spoken of").isTrue();
        model.percent(Level.WAIST, "-15");
        assertThat(model.mustBeSpokenOf()).isFalse();
    }

    @Test
    void whatNoBodyCanBear_isRefused_andTheLastGoodDraftStays() {
        var good = workshop.draft();
        model.ease(Level.WAIST, Length.mm(-300));
        assertThat(workshop.refusal()
                        .orElseThrow()
                        .reasons()
                        .get(0)
                        .sentence()
                        .in(LengthUnit.CM)
                        .replace('\u00a0', ' '))
                .startsWith("The waist would be worn at 42.0 cm, 42 % less than it is.");
        assertThat(workshop.draft()).isEqualTo(good);
    }

    @Test
    void theSideSeam_isMovedOnWhatStillStands_whereNothingCanBeDraftedAnyMore() {
        workshop.change(
                "no waist taken",
                workshop.commission()
                        .withMeasurements(workshop.commission().measurements().without(MeasurementKey.WAIST)),
                InHand.of("test"));
        assertThat(workshop.refusal()).isPresent();
        model.share(Level.HIGH_HIP, 0.52);
        assertThat(workshop.commission().garment().fastening().frontShares()).containsEntry(Level.HIGH_HIP, 0.52);
    }
}
