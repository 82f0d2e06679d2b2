package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.pdf.CareSheet;
import bathyra.files.pdf.JobCard;
import bathyra.files.plan.PlanCalendar;
import bathyra.files.plan.PlanReport;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Wearer;
import bathyra.house.House;
import bathyra.length.LengthUnit;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.workplan.Dates;
import bathyra.workplan.Pace;
import bathyra.workplan.StepKind;
import bathyra.workplan.WorkPlan;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The plan of a commission in its document, in a calendar, as a report and on the job card (C16). */
class PlanFilesTest {
    private static final LocalDate DUE = LocalDate.of(2026, 12, 18);
    private static final Instant NOW = Instant.parse("2026-11-02T09:30:00Z");
    private static final Plan PLAN = Plan.NONE
            .due(Optional.of(DUE))
            .byLearner(true)
            .with(
                    StepKind.CONSULT.id(),
                    Progress.NONE.lasting(52.5).finished(true).by("Idris").noting("came late"))
            .fixing(DateKind.SECOND_FITTING, Optional.of(LocalDate.of(2026, 12, 9)));

    private static Commission commission(Plan plan) {
        return new Commission(
                        "The Long Title of a Commission for the Harbour Stage, second cast",
                        LengthUnit.CM,
                        new Wearer("Nerea Holloway", Experience.SEASONED),
                        Bodies.nerea(),
                        Garment.of(GarmentKind.UNDERBUST))
                .withPlan(plan);
    }

    private static Commission read(Commission commission) throws BadDocument {
        return CommissionJson.read(CommissionJson.write(commission));
    }

    @Test
    void aPlan_isReadAsItWasWritten_andNoneLeavesNoTrace() throws BadDocument {
        assertThat(read(commission(PLAN)).plan()).isEqualTo(PLAN);
        assertThat(CommissionJson.write(commission(Plan.NONE))).doesNotContain("\"plan\"");
    }

    @Test
    void whatNobodyCanMean_isSaid() {
        String text = CommissionJson.write(commission(PLAN));
        assertThatThrownBy(() -> CommissionJson.read(text.replace("52.5", "9999")))
                .hasMessageContaining("plan.steps.consult.minutes")
                .hasMessageContaining("0 to 6000");
        assertThatThrownBy(() -> CommissionJson.read(text.replace("2026-12-18", "18 December")))
                .hasMessageContaining("plan.due");
        assertThatThrownBy(() -> CommissionJson.read(text.replace("\"consult\"", "\"consulting\"")))
                .hasMessageContaining("consulting");
    }

    private static String calendar(String key, Commission commission, Instant now) {
        Dates dates = Dates.of(PLAN, House.USUAL, LocalDate.of(2026, 10, 1)).orElseThrow();
        return PlanCalendar.write(List.of(new PlanCalendar.Entry(commission.title(), key, dates)), now);
    }

    /** Whatever it is called by then; and a repeat order of the same title for the same wearer has days of its own. */
    @Test
    void theCalendar_hasAnEventForEachDay_whichTheNextExportUpdates() {
        Commission commission = commission(PLAN);
        String first = calendar("book/7", commission, NOW);
        assertThat(first)
                .startsWith("BEGIN:VCALENDAR\r\n")
                .contains("VERSION:2.0\r\n", "DTSTART;VALUE=DATE:20261209\r\n", "DTSTART;VALUE=DATE:20261218\r\n")
                .doesNotContain("Nerea");
        assertThat(first.lines()).allMatch(l -> l.length() <= 75);
        ICalendar read = Biweekly.parse(first).first();
        assertThat(read.getEvents()).hasSize(DateKind.values().length + 1);
        ICalendar later = Biweekly.parse(
                        calendar("book/7", commission.withTitle("Renamed since"), NOW.plusSeconds(3600)))
                .first();
        assertThat(uids(later)).isEqualTo(uids(read)).doesNotHaveDuplicates();
        assertThat(later.getEvents().get(0).getSequence().getValue())
                .isGreaterThan(read.getEvents().get(0).getSequence().getValue());
        assertThat(uids(Biweekly.parse(calendar("book/8", commission, NOW)).first()))
                .doesNotContainAnyElementsOf(uids(read));
    }

    /** Read by another library than the one that wrote it. */
    @Test
    void theCalendarOfAWorkshop_isReadByAnotherLibrary() throws Exception {
        Dates dates = Dates.of(PLAN, House.USUAL, LocalDate.of(2026, 10, 1)).orElseThrow();
        String text = PlanCalendar.write(
                List.of(
                        new PlanCalendar.Entry(
                                "The Heron, a title so long that its line must be folded; and a comma", "Nerea", dates),
                        new PlanCalendar.Entry("The Ringmaster", "Jorunn", dates)),
                NOW);
        Calendar read = new CalendarBuilder().build(new StringReader(text));
        List<net.fortuna.ical4j.model.component.VEvent> events = read.getComponents("VEVENT");
        assertThat(events).hasSize(2 * (DateKind.values().length + 1));
        assertThat(events)
                .extracting(e -> e.getUid().orElseThrow().getValue())
                .doesNotHaveDuplicates()
                .allMatch(uid -> uid.endsWith("@bathyra"));
        assertThat(events).anySatisfy(e -> {
            assertThat(e.getSummary().getValue())
                    .isEqualTo("Second fitting: The Heron, a title so long that its line must be folded; and a comma");
            assertThat(e.getDateTimeStart().getValue()).isEqualTo("20261209");
        });
        assertThat(text).doesNotContain("Nerea", "Jorunn");
    }

    private static List<String> uids(ICalendar calendar) {
        return calendar.getEvents().stream()
                .map(VEvent::getUid)
                .map(u -> u.getValue())
                .toList();
    }

    @Test
    void theReportAndTheJobCard_sayTheStepsAndTheDays() throws IOException {
        Draft draft = (Draft) Drafter.draft(commission(PLAN));
        WorkPlan plan = WorkPlan.of(draft, PLAN, Pace.UNKNOWN);
        Optional<Dates> dates = Dates.of(PLAN, House.USUAL, LocalDate.of(2026, 10, 1));
        JsonNode report = new ObjectMapper().readTree(PlanReport.write(draft.commission(), plan, dates));
        assertThat(report.path("steps")).hasSize(plan.steps().size());
        double sum = 0;
        for (JsonNode step : report.path("steps")) {
            sum += step.path("planned").asDouble();
        }
        assertThat(sum).isCloseTo(report.path("minutesPlanned").asDouble(), within(1.0));
        assertThat(report.path("minutesTaken").asDouble()).isEqualTo(52.5);
        assertThat(report.path("dates").path("second-fitting").asText()).isEqualTo("2026-12-09");
        String card = text(JobCard.write(draft, plan, dates));
        assertThat(card)
                .contains("Seams, clipped and pressed")
                .contains("Wed 9 Dec", "Fri 18 Dec")
                .contains("Second fitting")
                .contains("The Long Title of a Commission");
        for (WorkPlan.Step step : plan.steps()) {
            assertThat(card).contains(step.task().label());
            assertThat(card.replaceAll("\\s+", " "))
                    .contains(step.task().caution().split("\\.")[0].strip());
        }
    }

    @Test
    void theCareSheet_saysHowALacedGarmentIsWornIn_andNothingOfItForOneThatIsNotLaced() throws IOException {
        Commission laced = commission(Plan.NONE);
        assertThat(laced.garment().gap().value()).isEqualTo(50);
        String care = text(CareSheet.write(laced)).replaceAll("\\s+", " ");
        assertThat(care)
                .contains("1. For 60 minutes, the back 8.0 cm open", "5. For 120 minutes, the back 8.0 cm open")
                .contains("with the back 5.0 cm open")
                .contains("Unlace the back until it is slack")
                .contains("Loosen at once with pain");
        String zip = text(CareSheet.write(laced.withGarment(Garment.bustier())));
        assertThat(zip).doesNotContain("How to wear it in").contains("How to care for it");
        String not = text(CareSheet.write(laced.withAnswers(Optional.of(DUE), true)));
        assertThat(not).contains("Not to be laced").doesNotContain("How to wear it in");
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }
}
