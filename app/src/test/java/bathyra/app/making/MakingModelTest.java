package bathyra.app.making;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.Workshop;
import bathyra.bone.BonePlan;
import bathyra.book.Commissions;
import bathyra.book.Invoices;
import bathyra.book.WorkshopBook;
import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.house.Kept;
import bathyra.plan.DateKind;
import bathyra.plan.Supply;
import bathyra.supply.Material;
import bathyra.workplan.StepKind;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The Making stage on a commission of the demo of which nothing is made yet. */
class MakingModelTest {
    @TempDir
    private Path folder;

    private final HandClock time = new HandClock();
    private WorkshopBook book;
    private Workshop workshop;
    private MakingModel model;

    @BeforeEach
    void open() throws Exception {
        book = WorkshopBook.open(DemoBook.fresh(folder.resolve("demo.sqlite"), LocalDate.of(2026, 11, 29)));
        workshop = new Workshop(book);
        workshop.deeds()
                .switchTo(book.commissions().entries().stream()
                        .filter(e -> e.title().startsWith("The Lamplighter"))
                        .findFirst()
                        .orElseThrow()
                        .id());
        model = new MakingModel(workshop, time, Runnable::run);
    }

    @AfterEach
    void close() {
        book.close();
    }

    @Test
    void theClock_putsItsMinutesOnRecord_asOneChange_thatIsTakenBackAsOne() {
        model.startOrStop();
        for (int i = 0; i < 150; i++) {
            time.goOn(Duration.ofSeconds(1));
            model.pulse();
        }
        assertThat(model.plan().of(StepKind.CONSULT.id()).minutes())
                .as("the last half minute comes when it stops")
                .isEqualTo(2);
        model.startOrStop();
        assertThat(model.plan().of(StepKind.CONSULT.id()).minutes()).isEqualTo(2.5);
        workshop.undo();
        assertThat(model.plan().of(StepKind.CONSULT.id()).minutes()).isZero();
    }

    @Test
    void theClock_ofAnotherCommission_isStopped_andBooksNothingThere() {
        model.startOrStop();
        long other = workshop.entries().stream()
                .map(Commissions.Entry::id)
                .filter(id -> id != workshop.id())
                .findFirst()
                .orElseThrow();
        workshop.deeds().switchTo(other);
        time.goOn(Duration.ofMinutes(5));
        model.pulse();
        assertThat(model.plan())
                .isEqualTo(book.commissions().find(other).orElseThrow().plan());
        assertThat(model.plan().progress().values())
                .as("of the first, whose fitting is next")
                .noneMatch(p -> p.minutes() == 5);
        assertThat(model.running()).isEmpty();
        assertThat(model.said()).contains("stopped when another commission was taken in hand");
    }

    @Test
    void aStepDone_takesTheNext_andMayBeUndone() {
        assertThat(model.step().orElseThrow().task()).isEqualTo(StepKind.CONSULT);
        model.done();
        assertThat(model.step().orElseThrow().task()).isEqualTo(StepKind.DRAFT);
        assertThat(workshop.undoLabelProperty().get()).contains("done: “Consult and measure”");
        workshop.undo();
        assertThat(model.step().orElseThrow().task()).isEqualTo(StepKind.CONSULT);
    }

    @Test
    void whatIsTypedWrongly_isSaid_andNothingIsLost() {
        assertThat(model.minutes("45")).isEmpty();
        assertThat(model.minutes("9999")).contains("From 0 to 6000 minutes can be put on record.");
        assertThat(model.minutes("three")).contains("Type the minutes as 45.");
        assertThat(model.plan().of(StepKind.CONSULT.id()).minutes()).isEqualTo(45);
        assertThat(model.due("18 December")).contains("Type the day as 2026-12-18.");
        assertThat(model.due("2026-12-18")).isEmpty();
        assertThat(model.due("0026-12-18")).isPresent();
        assertThat(model.plan().due()).contains(LocalDate.of(2026, 12, 18));
    }

    @Test
    void aPin_setsItsDayAlone_andGivesItBack() {
        model.due("2026-12-18");
        LocalDate rule = model.dates().orElseThrow().day(DateKind.SECOND_FITTING);
        LocalDate cut = model.dates().orElseThrow().day(DateKind.CUT);
        model.day(DateKind.SECOND_FITTING, Optional.of(rule.plusDays(2)));
        assertThat(model.dates().orElseThrow().day(DateKind.SECOND_FITTING)).isEqualTo(rule.plusDays(2));
        assertThat(model.dates().orElseThrow().day(DateKind.CUT)).isEqualTo(cut);
        model.day(DateKind.SECOND_FITTING, Optional.empty());
        assertThat(model.dates().orElseThrow().day(DateKind.SECOND_FITTING)).isEqualTo(rule);
    }

    @Test
    void theDayInTheBook_isOffered_neverTakenUnasked_andFollowsWhatIsPlanned() {
        LocalDate inBook = LocalDate.of(2026, 12, 18);
        book.commissions().due(workshop.id(), Optional.of(inBook));
        assertThat(model.plan().due()).isEmpty();
        assertThat(model.dueInBook()).contains(inBook);
        model.due(Optional.of(inBook));
        assertThat(model.dueInBook()).isEmpty();
        workshop.letGo();
        model.due("2026-12-21");
        assertThat(dueInList()).contains(LocalDate.of(2026, 12, 21));
        workshop.undo();
        assertThat(dueInList()).as("taken back in both").contains(inBook);
        model.due("");
        assertThat(dueInList()).isEmpty();
        assertThat(model.dueInBook())
                .as("what was taken away is not offered again")
                .isEmpty();
    }

    private Optional<LocalDate> dueInList() {
        return workshop.entries().stream()
                .filter(e -> e.id() == workshop.id())
                .findFirst()
                .flatMap(Commissions.Entry::due);
    }

    @Test
    void anOwnStep_isPutBehindTheOneInHand_moved_andLeftOut_eachAsOneChange() {
        model.choose(StepKind.SEAMS);
        assertThat(model.ordering().add("", "30")).isPresent();
        assertThat(model.ordering().add("Quilt the front", "9999")).isPresent();
        assertThat(model.ordering().add("Quilt the front", "90")).isEmpty();
        List<String> order = model.work().orElseThrow().order();
        assertThat(order.indexOf("own-1")).isEqualTo(order.indexOf("seams") + 1);
        model.choose(model.work().orElseThrow().step("own-1").orElseThrow().task());
        model.ordering().move(-1);
        order = model.work().orElseThrow().order();
        assertThat(order.indexOf("own-1")).isEqualTo(order.indexOf("seams") - 1);
        assertThat(workshop.undoLabelProperty().get()).contains("“Quilt the front” earlier");
        workshop.undo();
        assertThat(model.work().orElseThrow().order().indexOf("own-1"))
                .isGreaterThan(model.work().orElseThrow().order().indexOf("seams"));
        model.choose(StepKind.SECOND_TOILE);
        model.ordering().leaveOut();
        assertThat(model.work().orElseThrow().step(StepKind.SECOND_TOILE)).isEmpty();
        model.ordering().keepOrder();
        workshop.deeds().begin();
        assertThat(workshop.commission().plan().order())
                .as("the garments to come are made so")
                .isEqualTo(workshop.kept().house().order());
        assertThat(workshop.kept().house().order().leftOut()).contains(StepKind.SECOND_TOILE.id());
    }

    @Test
    void aClockThatRanWhenTheProgramEnded_isOffered_andWhatItHadIsOnRecord() {
        model.choose(StepKind.SEAMS);
        model.startOrStop();
        time.goOn(Duration.ofSeconds(150));
        model.pulse();
        // The program is killed here: nothing is stopped.
        MakingModel again = new MakingModel(workshop, time, Runnable::run);
        assertThat(again.running()).isEmpty();
        assertThat(again.plan().of(StepKind.SEAMS.id()).minutes()).isEqualTo(2);
        assertThat(again.interrupted().orElseThrow().task()).isEqualTo(StepKind.SEAMS);
        again.goOn();
        assertThat(again.running()).contains(StepKind.SEAMS);
        assertThat(again.interrupted()).isEmpty();
        again.startOrStop();
        assertThat(new MakingModel(workshop, time, Runnable::run).interrupted())
                .as("it was stopped in order")
                .isEmpty();
    }

    @Test
    void aMinuteOfTheClock_doesNotPartADrag_butIsNotPutOffForEver() {
        model.startOrStop();
        workshop.change("dragged", workshop.commission().withTitle("A"), bathyra.app.workshop.InHand.of("a drag"));
        time.goOn(Duration.ofSeconds(70));
        model.pulse();
        assertThat(model.plan().of(StepKind.CONSULT.id()).minutes()).isZero();
        workshop.change("dragged", workshop.commission().withTitle("B"), bathyra.app.workshop.InHand.of("a drag"));
        time.goOn(Duration.ofSeconds(30));
        model.pulse();
        assertThat(model.plan().of(StepKind.CONSULT.id()).minutes()).isEqualTo(1);
    }

    @Test
    void seams_areTickedOneByOne_andADoneStepUsesWhatLayReady() throws Exception {
        model.choose(StepKind.SEAMS);
        model.tick("side");
        assertThat(model.plan().of(StepKind.SEAMS.id()).parts()).containsExactly("side");
        model.tick("side");
        assertThat(model.plan().of(StepKind.SEAMS.id()).parts()).isEmpty();
        for (int i = 0; i < 200 && model.materials().bill().isEmpty(); i++) {
            Thread.sleep(50);
        }
        Material cloth = model.materials().materials().get(0);
        Kept kept = model.materials().shelf().find(cloth.what()).orElseThrow();
        double there = model.materials().shelf().there(kept);
        model.materials().ready(cloth);
        assertThat(model.plan().supply(cloth.what())).isEqualTo(Supply.ready(cloth.needed()));
        assertThat(model.materials().shelf().there(kept)).isEqualTo(there);
        model.choose(StepKind.CUT);
        model.done();
        assertThat(model.materials().shelf().there(kept)).isCloseTo(there - cloth.needed(), within(1e-6));
        workshop.undo();
        assertThat(model.materials().shelf().there(kept)).as("with the step").isEqualTo(there);
    }

    @Test
    void aQuoteBecomesAnInvoice_thatStaysAsItWas_andIsTakenBackByAnother() throws Exception {
        PriceModel price = new PriceModel(workshop, model, model.materials(), time);
        for (int i = 0; i < 200 && price.price().isEmpty(); i++) {
            Thread.sleep(50);
        }
        assertThat(price.typed("agreed", "many", 0, 1e6, a -> price.deal().agreed(a)))
                .isPresent();
        assertThat(price.typed("agreed", "1.234,5,", 0, 1e6, a -> price.deal().agreed(a)))
                .isPresent();
        assertThat(price.quote().orElseThrow().heading()).isEqualTo("Quote");
        assertThat(price.deal().quoted()).contains(model.today());
        time.goOn(Duration.ofDays(31));
        assertThat(price.isLapsed()).isTrue();
        assertThat(price.typed("agreed", "960", 0, 1e6, a -> price.deal().agreed(a)))
                .isEmpty();
        assertThat(price.isLapsed()).isFalse();
        assertThat(price.typed("paid", "480,00", 0, 1e6, a -> price.deal().paidDown(a.orElse(0.0))))
                .isEmpty();
        Invoices.Issued issued = price.issue().orElseThrow();
        assertThat(issued.number()).isEqualTo(1);
        assertThat(issued.cents()).isEqualTo(48_000);
        price.deal("cheaper", price.deal().agreed(Optional.of(700.0)));
        while (!workshop.undoLabelProperty().get().isEmpty()) {
            workshop.undo();
        }
        assertThat(price.invoices()).as("undo does not reach it").containsExactly(issued);
        assertThat(PriceModel.statement(issued).orElseThrow().heading()).isEqualTo("Invoice 1");
        Invoices.Issued back = price.takeBack(issued).orElseThrow();
        assertThat(back.number()).isEqualTo(2);
        assertThat(back.cents()).isEqualTo(-48_000);
    }

    @Test
    void onceMore_beginsFromTheGarment_withItsRecordBesideIt() {
        long before = workshop.id();
        String title = workshop.commission().title();
        workshop.deeds().again(before, Optional.empty());
        assertThat(workshop.id()).isNotEqualTo(before);
        assertThat(workshop.commission().title()).isEqualTo(title + ", again");
        assertThat(workshop.commission().measurements())
                .isEqualTo(book.commissions().find(before).orElseThrow().measurements());
        assertThat(workshop.commission().plan().progress()).isEmpty();
        assertThat(book.versions().of(workshop.id()).get(0).commission())
                .isEqualTo(book.commissions().find(before).orElseThrow());
    }

    @Test
    void aClickOnTheDrawing_meansTheSeamThatLiesThere() {
        Draft draft = workshop.draft().orElseThrow();
        SoFarDrawing drawing =
                new SoFarDrawing(new SoFarDrawing.Shown(draft, BonePlan.of(draft), Set.of(), StepKind.SEAMS, Set.of()));
        Point[] all = drawing.extent();
        Set<String> found = new TreeSet<>();
        for (double x = all[0].x(); x < all[1].x(); x += 2) {
            for (double y = all[0].y(); y < all[1].y(); y += 8) {
                drawing.seamAt(new Point(x, y), 3).ifPresent(found::add);
            }
        }
        assertThat(found)
                .isEqualTo(draft.pattern().seams().stream()
                        .map(SoFarDrawing::part)
                        .collect(Collectors.toCollection(TreeSet::new)));
        assertThat(drawing.seamAt(new Point(all[0].x() - 100, all[0].y()), 3)).isEmpty();
    }

    @Test
    void whatTheBillDoesNotHangOn_laysNothingAgain() throws Exception {
        for (int i = 0; i < 200 && model.materials().bill().isEmpty(); i++) {
            Thread.sleep(50);
        }
        var bill = model.materials().bill().orElseThrow();
        model.due("2026-12-18");
        model.done();
        for (int i = 0; i < 20; i++) {
            assertThat(model.materials().bill().orElseThrow()).isSameAs(bill);
            Thread.sleep(50);
        }
        workshop.deeds()
                .switchTo(book.commissions().entries().stream()
                        .filter(e -> e.title().startsWith("Chorus"))
                        .findFirst()
                        .orElseThrow()
                        .id());
        assertThat(model.materials().bill()).as("of another commission").isEmpty();
    }
}
