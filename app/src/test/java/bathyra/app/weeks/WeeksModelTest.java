package bathyra.app.weeks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.stage.WeekStart;
import bathyra.app.workshop.InWorkshop;
import bathyra.book.Commissions;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.house.House;
import bathyra.plan.DateKind;
import bathyra.workload.Job;
import bathyra.workload.Remedy;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The weeks of the demo's workshop on the day on which it was written. */
class WeeksModelTest extends InWorkshop {
    /** A Monday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);

    private int shown;
    private WeeksModel model;

    @BeforeEach
    void countAll() {
        WeekStart.choose(WeekStart.MONDAY);
        for (Commissions.Entry entry : book.commissions().entries()) {
            var commission = book.commissions().find(entry.id()).orElseThrow();
            if (Drafter.draft(commission) instanceof Draft draft) {
                workshop.work().count(entry.id(), draft);
            }
        }
        model = new WeeksModel(
                workshop, Clock.fixed(TODAY.atTime(9, 0).toInstant(ZoneOffset.UTC), ZoneOffset.UTC), () -> shown++);
    }

    private Job job(String title) {
        return model.jobs().stream()
                .filter(j -> j.title().startsWith(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void openCommissions_lieByTheirDueDays_thoseWithoutOneLast() {
        assertThat(model.uncounted()).isEmpty();
        assertThat(model.jobs()).hasSize(24);
        assertThat(model.jobs().get(0).title()).startsWith("The Ringmaster");
        assertThat(model.jobs().get(23).dates()).isEmpty();
        double weeks = model.load().undated();
        for (int week = 0; week <= model.load().last(); week++) {
            weeks += model.load().needed(week);
        }
        assertThat(weeks).isCloseTo(model.jobs().stream().mapToDouble(Job::left).sum(), within(1e-6));
    }

    @Test
    void aPinThatIsDragged_isOnRecordOnlyWhenItIsDropped_andCanBeTakenBack() {
        Job before = job("The Harbour Master");
        LocalDate day = TODAY.plusDays(3);
        model.drag(before.id(), Optional.of(DateKind.SECOND_FITTING), day);
        assertThat(job("The Harbour Master")).as("the list keeps its order").isEqualTo(before);
        assertThat(model.job(before.id()).orElseThrow().dates().orElseThrow().day(DateKind.SECOND_FITTING))
                .isEqualTo(day);
        assertThat(book.commissions().find(before.id()).orElseThrow().plan()).isEqualTo(before.plan());
        model.drop();
        assertThat(book.commissions().find(before.id()).orElseThrow().plan().fixed())
                .containsEntry(DateKind.SECOND_FITTING, day);
        assertThat(model.done()).hasValueSatisfying(t -> assertThat(t).contains("second fitting 3 December"));
        model.takeBack();
        assertThat(book.commissions().find(before.id()).orElseThrow().plan()).isEqualTo(before.plan());
        assertThat(book.history().undoLabel(before.id()))
                .as("the last change is undone, not made again the other way")
                .isEmpty();
        assertThat(model.done()).isEmpty();
    }

    @Test
    void whatIsTakenBack_isThatAlone_whateverWasDoneSince() {
        Job before = job("The Harbour Master");
        model.drag(before.id(), Optional.of(DateKind.SECOND_FITTING), TODAY.plusDays(3));
        model.drop();
        workshop.deeds()
                .plan(
                        before.id(),
                        "first fitting",
                        p -> p.fixing(DateKind.FIRST_FITTING, Optional.of(TODAY.plusDays(1))));
        model.takeBack();
        assertThat(book.commissions().find(before.id()).orElseThrow().plan())
                .isEqualTo(before.plan().fixing(DateKind.FIRST_FITTING, Optional.of(TODAY.plusDays(1))));

        House usual = model.house();
        model.off(TODAY.plusDays(8), true);
        workshop.kept().setHouse(model.house().keepingBack(0.4));
        model.takeBack();
        assertThat(model.house()).isEqualTo(usual.keepingBack(0.4));
    }

    @Test
    void theHoursOfOneWeek_areTyped_andItIsAsUsualAgain() {
        LocalDate monday = model.load().first(2);
        var maker = model.house().makers().get(0);
        double usual = model.load().atHand(2);
        double next = model.load().atHand(3);
        assertThat(model.hours(maker, monday, "0")).isEmpty();
        assertThat(model.load().atHand(2)).isLessThan(usual);
        assertThat(model.load().atHand(3)).as("no other week").isEqualTo(next);
        assertThat(model.hours(model.house().makers().get(0), monday, "a few"))
                .hasValueSatisfying(f -> assertThat(f).contains("from 0 to 100"));
        assertThat(model.hours(model.house().makers().get(0), monday, " ")).isEmpty();
        assertThat(model.load().atHand(2)).isEqualTo(usual);
        assertThat(model.done()).hasValueSatisfying(t -> assertThat(t).contains("as usual in the week of"));
        model.takeBack();
        assertThat(model.load().atHand(2)).isLessThan(usual);
    }

    @Test
    void theDueDay_isTheSameInTheListAndInThePlan() {
        Job job = job("The Tide Bride");
        LocalDate due = TODAY.plusDays(50);
        model.drag(job.id(), Optional.empty(), due);
        model.drop();
        assertThat(book.commissions().entries().stream()
                        .filter(e -> e.id() == job.id())
                        .findFirst()
                        .orElseThrow()
                        .due())
                .contains(due);
        model.takeBack();
        assertThat(book.commissions().entries().stream()
                        .filter(e -> e.id() == job.id())
                        .findFirst()
                        .orElseThrow()
                        .due())
                .isEqualTo(job.plan().due());
    }

    @Test
    void whatIsLate_hasRemedies_whichDoWhatTheySay_andAreTakenBack() {
        Job late = model.jobs().stream()
                .filter(j -> !model.load().late(j.id()).isEmpty())
                .filter(j -> j.dates().orElseThrow().due().isAfter(TODAY))
                .findFirst()
                .orElseThrow();
        model.choose(late.id());
        List<Remedy> remedies = model.remedies();
        assertThat(remedies).hasSizeGreaterThanOrEqualTo(2);
        for (Remedy remedy : remedies) {
            House house = workshop.kept().house();
            model.apply(remedy);
            double left = model.load().late(late.id()).stream()
                    .mapToDouble(l -> l.minutes())
                    .sum();
            assertThat(left).as(remedy.title()).isCloseTo(remedy.after(), within(1e-6));
            model.takeBack();
            assertThat(workshop.kept().house()).isEqualTo(house);
            assertThat(book.commissions().find(late.id()).orElseThrow().plan()).isEqualTo(late.plan());
        }
    }

    @Test
    void aDayOffThatHoldsAFitting_isSaid() {
        Job heron = job("The Heron");
        LocalDate fitting = heron.dates().orElseThrow().day(DateKind.FIRST_FITTING);
        double hand = model.load().atHand(model.load().week(fitting));
        model.off(fitting, true);
        assertThat(job("The Heron").dates().orElseThrow().said())
                .anySatisfy(s -> assertThat(s.in(bathyra.length.LengthUnit.CM)).contains("lies on a day off"));
        assertThat(model.load().atHand(model.load().week(fitting))).isCloseTo(hand * 4 / 5, within(1e-6));
    }

    @Test
    void hoursAndNames_areTypedAsPeopleType_orSaidToBeWrong() {
        assertThat(model.hours(model.house().makers().get(1), "12,5 h")).isEmpty();
        assertThat(model.house().makers().get(1).hours()).isEqualTo(12.5);
        assertThat(model.hours(model.house().makers().get(1), "a few"))
                .hasValueSatisfying(w -> assertThat(w).contains("from 0 to 100"));
        assertThat(model.hours(model.house().makers().get(1), "101")).isPresent();
        assertThat(model.name(Optional.empty(), "Idris Vale")).contains("There is a Idris Vale already.");
        assertThat(model.name(Optional.empty(), "Tove")).isEmpty();
        assertThat(model.house().makers()).hasSize(3);
        assertThat(model.name(Optional.of(model.house().makers().get(2)), "")).isEmpty();
        assertThat(model.house().makers()).hasSize(2);
    }

    @Test
    void aComputersClockThatWasSetBack_takesNothingAway() {
        WeeksModel early =
                new WeeksModel(workshop, Clock.fixed(Instant.parse("2019-01-07T09:00:00Z"), ZoneOffset.UTC), () -> {});
        assertThat(early.load().late()).isEmpty();
        assertThat(early.jobs()).hasSize(24);
        WeeksModel later =
                new WeeksModel(workshop, Clock.fixed(Instant.parse("2031-01-06T09:00:00Z"), ZoneOffset.UTC), () -> {});
        assertThat(later.load().needed(0)).as("all of it is overdue").isGreaterThan(0);
    }

    @Test
    void aDesignForMany_isOneRow_untilItIsOpened() {
        assertThat(model.rows()).hasSize(13);
        WeekRow chorus =
                model.rows().stream().filter(WeekRow::isMany).findFirst().orElseThrow();
        assertThat(chorus.wearers()).isEqualTo("twelve wearers, one design");
        assertThat(chorus.left())
                .isCloseTo(chorus.jobs().stream().mapToDouble(Job::left).sum(), within(1e-9));
        model.open(chorus, true);
        assertThat(model.rows()).hasSize(25);
        model.open(chorus, false);
        assertThat(model.rows()).hasSize(13);
    }

    @Test
    void aDueDayOfTheListAlone_isNeitherWrittenNorLost() {
        long id = job("The Lamplighter").id();
        LocalDate due = TODAY.plusDays(40);
        book.commissions().due(id, Optional.of(due));
        model.read();
        LocalDate fitting = TODAY.plusDays(21);
        model.drag(id, Optional.of(DateKind.SECOND_FITTING), fitting);
        model.drop();
        assertThat(book.commissions().find(id).orElseThrow().plan().fixed())
                .containsEntry(DateKind.SECOND_FITTING, fitting);
        assertThat(book.commissions().find(id).orElseThrow().plan().due()).isEmpty();
        model.takeBack();
        assertThat(job("The Lamplighter").plan().due()).contains(due);
        model.drag(id, Optional.empty(), due.plusDays(1));
        model.drop();
        model.takeBack();
        assertThat(job("The Lamplighter").plan().due()).as("as the list had it").contains(due);
    }
}
