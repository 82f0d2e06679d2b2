package bathyra.app.command;

import bathyra.app.output.AllOrNone;
import bathyra.draft.Draft;
import bathyra.files.pdf.JobCard;
import bathyra.files.plan.PlanCalendar;
import bathyra.files.plan.PlanReport;
import bathyra.garment.Commission;
import bathyra.house.House;
import bathyra.workplan.Dates;
import bathyra.workplan.Pace;
import bathyra.workplan.WorkPlan;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes the making plan of a commission. */
@Command(
        name = "plan",
        description =
                "Works out the making of a garment, its steps with their minutes and, where a due day is set, its days: plan.json, plan.pdf, plan.ics.",
        mixinStandardHelpOptions = true)
public final class PlanCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "COMMISSION", description = "A commission document.")
    private Path input;

    @Option(names = "--out", required = true, paramLabel = "FOLDER", description = "Folder for the results.")
    private Path out;

    @Override
    public Integer call() {
        DraftedFile drafted = DraftedFile.read(input);
        drafted.faults().forEach(spec.commandLine().getErr()::println);
        return drafted.draft().map(this::write).orElse(drafted.code());
    }

    private int write(Draft draft) {
        Commission commission = draft.commission();
        WorkPlan plan = WorkPlan.of(draft, commission.plan(), Pace.UNKNOWN);
        Optional<Dates> dates = Dates.of(commission.plan(), House.USUAL, LocalDate.now());
        Map<Path, byte[]> files = new LinkedHashMap<>();
        files.put(out.resolve("plan.json"), utf8(PlanReport.write(commission, plan, dates)));
        files.put(out.resolve("plan.pdf"), card(draft.byInitials(), plan, dates));
        dates.ifPresent(d -> files.put(
                out.resolve("plan.ics"),
                utf8(PlanCalendar.write(
                        List.of(new PlanCalendar.Entry(commission.title(), PlanCalendar.keyOf(commission), d)),
                        Instant.now()))));
        dates.ifPresent(d -> d.said()
                .forEach(s -> spec.commandLine().getOut().println(DraftCommand.plain(s.in(commission.units())))));
        try {
            AllOrNone.write(files);
        } catch (IOException e) {
            spec.commandLine()
                    .getErr()
                    .println("--out: could not be written (" + e.getMessage() + "); a folder on a disk with room");
            return Exit.NOT_WRITTEN;
        }
        files.keySet().forEach(spec.commandLine().getOut()::println);
        return Exit.DONE;
    }

    private static byte[] card(Draft draft, WorkPlan plan, Optional<Dates> dates) {
        try {
            return JobCard.write(draft, plan, dates);
        } catch (IOException e) {
            throw new UncheckedIOException("a card in memory is always writable", e);
        }
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
