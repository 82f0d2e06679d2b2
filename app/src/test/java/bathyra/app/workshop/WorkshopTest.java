package bathyra.app.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.girths.GirthsModel;
import bathyra.app.home.DemoBook;
import bathyra.app.measure.MeasureModel;
import bathyra.app.seams.SeamsModel;
import bathyra.book.WorkshopBook;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import bathyra.garment.HealthRecord;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The window's models without a window. */
class WorkshopTest {
    @TempDir
    private Path folder;

    private WorkshopBook book;
    private Workshop workshop;

    @BeforeEach
    void open() throws Exception {
        book = WorkshopBook.open(DemoBook.fresh(folder.resolve("demo.sqlite"), LocalDate.of(2026, 11, 29)));
        workshop = new Workshop(book);
    }

    @AfterEach
    void close() {
        book.close();
    }

    @Test
    void type_keystrokeByKeystroke_isOneChangeNamedWithBothFigures() {
        MeasureModel model = new MeasureModel(workshop);
        for (String text : new String[] {"1", "10", "103", "103.", "103.5"}) {
            model.type(MeasurementKey.HIP, text);
        }
        assertThat(workshop.undoLabelProperty().get().replace('\u00a0', ' ')).isEqualTo("hip 101.0 → 103.5 cm");
        assertThat(workshop.draft().orElseThrow().girths().at(Level.HIP).body().value())
                .isEqualTo(1035);
        workshop.undo();
        assertThat(workshop.commission().measurements().taken()).containsEntry(MeasurementKey.HIP, Length.mm(1010));
    }

    @Test
    void type_aSlipOfTheUnit_keepsTheLastGoodDraftAndSaysWhy() {
        MeasureModel model = new MeasureModel(workshop);
        var good = workshop.draft();
        model.type(MeasurementKey.BUST, "36");
        assertThat(workshop.draft()).isEqualTo(good);
        assertThat(workshop.refusal()).isPresent();
        assertThat(model.fault(MeasurementKey.BUST).orElseThrow())
                .endsWith("It looks like a figure in inches: type in behind it.");
        model.type(MeasurementKey.BUST, "36 in");
        assertThat(workshop.refusal()).isEmpty();
    }

    @Test
    void type_whatIsNoLength_changesNothing() {
        MeasureModel model = new MeasureModel(workshop);
        var before = workshop.commission();
        model.type(MeasurementKey.BUST, "78,5,0");
        assertThat(workshop.commission()).isEqualTo(before);
        assertThat(model.fault(MeasurementKey.BUST)).contains("Not understood: 78,5,0. Type 78.5, 30 7/8 or 30⅞ in.");
    }

    @Test
    void hanging_namesTheEstimatesThatRestOnAFigure() {
        assertThat(new MeasureModel(workshop).hanging(MeasurementKey.UNDERBUST))
                .extracting(r -> r.name())
                .contains("Upper bust");
    }

    @Test
    void nudge_movesByAMillimetreOrAnEighth() {
        SeamsModel model = new SeamsModel(workshop);
        Cell waist = new Cell(Level.WAIST, SeamPlace.PRINCESS_BACK);
        double before = workshop.half()
                .orElseThrow()
                .intakes()
                .at(Level.WAIST, SeamPlace.PRINCESS_BACK)
                .value();
        model.nudge(waist, 1);
        assertThat(workshop.commission().garment().intakes().get(waist).millimetres())
                .isCloseTo(before + 1, within(1e-9));
        workshop.letGo();
        workshop.naming().unit(LengthUnit.IN);
        model.nudge(waist, -1);
        assertThat(workshop.commission().garment().intakes().get(waist).millimetres())
                .isCloseTo(before + 1 - 25.4 / 8, within(1e-9));
    }

    @Test
    void lock_andBackToTheRule() {
        SeamsModel model = new SeamsModel(workshop);
        Cell cell = new Cell(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT);
        model.toggleLock(cell);
        assertThat(model.isLocked(cell)).isTrue();
        model.toggleLock(cell);
        assertThat(model.isLocked(cell)).isFalse();
        assertThat(model.isEditable(new Cell(Level.BUST, SeamPlace.PRINCESS_FRONT)))
                .isFalse();
    }

    @Test
    void reopened_isWhereItWas() throws Exception {
        workshop.deeds().switchTo(workshop.entries().get(1).id());
        workshop.whereabouts().stageProperty().set(Stage.SEAMS);
        Path file = book.file();
        book.close();
        book = WorkshopBook.open(file);
        Workshop again = new Workshop(book);
        assertThat(again.whereabouts().stageProperty().get()).isEqualTo(Stage.SEAMS);
        assertThat(again.commission().wearer().name()).isEqualTo("Ottoline Brackwater-Finch");
    }

    @Test
    void emptyBook_beginsWithACommissionThatWaitsForItsFigures() throws Exception {
        try (WorkshopBook empty = WorkshopBook.open(folder.resolve("empty.sqlite"))) {
            Workshop fresh = new Workshop(empty);
            assertThat(fresh.draft()).isEmpty();
            assertThat(fresh.refusal()).isPresent();
        }
    }

    /** Nothing lifts it but other answers: no undo, no other ease, no other name; and the document that goes out does not say why. */
    @Test
    void answers_thatForbidLacing_holdForEveryCommissionOfTheWearer_andUndoDoesNotTakeThemBack() throws Exception {
        GirthsModel girths = new GirthsModel(workshop);
        girths.ease(Level.WAIST, Length.mm(-60));
        assertThat(workshop.draft().orElseThrow().waistReduction()).isPositive();
        workshop.answered(new HealthRecord(
                HealthRecord.Age.ADULT, true, false, false, Optional.empty(), LocalDate.of(2026, 11, 3)));
        assertThat(workshop.draft().orElseThrow().waistReduction()).isZero();
        workshop.undo();
        assertThat(workshop.draft().orElseThrow().waistReduction()).isZero();
        girths.ease(Level.WAIST, Length.mm(-80));
        assertThat(workshop.draft().orElseThrow().waistReduction()).isZero();
        String document = CommissionJson.write(workshop.commission());
        assertThat(document)
                .contains("\"restricted\" : \"no-lacing\"", "\"answered\" : \"2026-11-03\"")
                .doesNotContain("pregnan", "adult");
        workshop.naming().wearer("Somebody Else");
        assertThat(workshop.draft().orElseThrow().waistReduction())
                .as("another name is no way round it")
                .isZero();
        workshop.undo();
        workshop.answered(new HealthRecord(
                HealthRecord.Age.ADULT, false, false, false, Optional.empty(), LocalDate.of(2027, 11, 3)));
        assertThat(workshop.draft().orElseThrow().waistReduction())
                .as("a year later")
                .isPositive();
        workshop.deeds().erase(workshop.commission().wearer().name(), false, false);
        assertThat(book.health().of("Nerea Holloway")).isEmpty();
    }

    @Test
    void unanswered_isToBeAsked_whereTheWaistIsDrawnIn() {
        assertThat(workshop.answers()).isEmpty();
        new GirthsModel(workshop).ease(Level.WAIST, Length.mm(-60));
        assertThat(workshop.isToBeAsked()).isTrue();
        workshop.answered(new HealthRecord(
                HealthRecord.Age.ADULT, false, false, false, Optional.empty(), LocalDate.of(2026, 11, 3)));
        assertThat(workshop.isToBeAsked()).isFalse();
    }

    @Test
    void erase_ofTheOnlyWearer_leavesNothingOfHerOnTheScreen_thoughTheNumberIsGivenAgain() throws Exception {
        try (WorkshopBook one = WorkshopBook.open(folder.resolve("one.sqlite"))) {
            long id = one.commissions().add(book.commissions().find(1).orElseThrow());
            Workshop alone = new Workshop(one);
            alone.deeds().erase("Nerea Holloway", false, false);
            assertThat(alone.id()).as("the book gives the number again").isEqualTo(id);
            assertThat(alone.commission().wearer().name()).isEqualTo("New wearer");
            assertThat(alone.commission().measurements().taken()).isEmpty();
            assertThat(alone.draft()).isEmpty();
        }
    }

    @Test
    void aDocumentFromElsewhere_isTakenInOnce_andOpened() throws Exception {
        workshop.close();
        Path file = folder.resolve("demo.sqlite");
        int before;
        try (WorkshopBook closed = WorkshopBook.open(file)) {
            before = closed.commissions().entries().size();
            Commission heron = closed.commissions()
                    .find(closed.commissions().entries().get(0).id())
                    .orElseThrow();
            BookDeeds.takeIn(closed, heron);
            assertThat(closed.commissions().entries()).as("it is there already").hasSize(before);
            BookDeeds.takeIn(closed, heron.withTitle("From elsewhere"));
            assertThat(closed.commissions().entries()).hasSize(before + 1);
        }
        book = WorkshopBook.open(file);
        workshop = new Workshop(book);
        assertThat(workshop.commission().title()).isEqualTo("From elsewhere");
    }
}
