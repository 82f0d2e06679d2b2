package bathyra.app.making;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.plan.DateKind;
import bathyra.workplan.StepKind;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
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
                .switchTo(book.entries().stream()
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
                .map(WorkshopBook.Entry::id)
                .filter(id -> id != workshop.id())
                .findFirst()
                .orElseThrow();
        workshop.deeds().switchTo(other);
        time.goOn(Duration.ofMinutes(5));
        model.pulse();
        assertThat(model.plan()).isEqualTo(book.find(other).orElseThrow().plan());
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
        book.due(workshop.id(), Optional.of(inBook));
        assertThat(model.plan().due()).isEmpty();
        assertThat(model.dueInBook()).contains(inBook);
        model.due(Optional.of(inBook));
        assertThat(model.dueInBook()).isEmpty();
        workshop.letGo();
        model.due("2026-12-21");
        assertThat(dueInList()).contains(LocalDate.of(2026, 12, 21));
        workshop.undo();
        assertThat(dueInList()).as("taken back in both").contains(inBook);
    }

    private Optional<LocalDate> dueInList() {
        return workshop.entries().stream()
                .filter(e -> e.id() == workshop.id())
                .findFirst()
                .flatMap(WorkshopBook.Entry::due);
    }
}
