package bathyra.app.command;

import bathyra.draft.Draft;
import bathyra.files.json.BadDocument;
import bathyra.finding.Finding;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.length.LengthUnit;
import bathyra.truing.Truing;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Re-runs every check on a pattern, whoever drew it, one line a check. */
@Command(
        name = "check",
        description =
                "Checks a pattern: a pattern document, a drawing from elsewhere, or what a commission drafts, which is put on its wearer's form too.",
        mixinStandardHelpOptions = true)
public final class CheckCommand implements Callable<Integer> {
    private static final String COMMISSION = ".bathyra.json";

    @Spec
    private CommandSpec spec;

    @Parameters(
            paramLabel = "PATTERN",
            description = "A pattern document, a drawing (svg, dxf), or a commission document (.bathyra.json).")
    private Path input;

    @Option(
            names = "--unit",
            paramLabel = "UNIT",
            description = "What a drawing is measured in, where its file does not say: mm, cm, in, px, pt.")
    private Optional<String> unit = Optional.empty();

    @Option(
            names = "--sew",
            paramLabel = "EDGES",
            description =
                    "Two edges of a drawing that are sewn together, such as P1/edge2:P2/edge4; may be given often. Edges that agree when left out.")
    private List<String> sew = List.of();

    @Override
    public Integer call() {
        return input.toString().toLowerCase(Locale.ROOT).endsWith(COMMISSION) ? commission() : pattern();
    }

    /** What a commission drafts to, and what would be seen first on the wearer. */
    private int commission() {
        DraftedFile drafted = DraftedFile.read(input);
        drafted.faults().forEach(spec.commandLine().getErr()::println);
        drafted.draft().ifPresent(draft -> {
            print(draft.findings());
            onTheBody(draft, "");
            draft.rightHalf().ifPresent(right -> onTheBody(right, "right half: "));
        });
        return drafted.code();
    }

    private void onTheBody(Draft draft, String half) {
        Worn worn = Worn.of(draft, Worn.surface(draft), () -> false);
        String worst = Sight.of(worn).stream()
                .findFirst()
                .map(s -> DraftCommand.plain(s.sentence().in(LengthUnit.MM)))
                .orElse("nothing stands away or bites in");
        spec.commandLine().getOut().println("on the body: " + half + worst);
        spec.commandLine().getOut().println(worn.assumed());
    }

    private int pattern() {
        TakenFile taken;
        try {
            taken = TakenFile.read(input, unit, sew);
        } catch (BadDocument e) {
            e.faults().forEach(spec.commandLine().getErr()::println);
            return Exit.INPUT;
        }
        taken.notes().forEach(spec.commandLine().getErr()::println);
        List<Finding> findings = Truing.lookAtForeign(taken.pattern());
        print(findings);
        return findings.stream().anyMatch(f -> f.status() == Finding.Status.FAULT) ? Exit.NO_PATTERN : Exit.DONE;
    }

    private void print(List<Finding> findings) {
        for (Finding f : findings) {
            spec.commandLine()
                    .getOut()
                    .println(String.format(
                            Locale.ROOT,
                            "%s %s %s: %.2f (limit %.2f) %s · %s",
                            f.status().id(),
                            f.id(),
                            f.subject(),
                            f.value(),
                            f.limit(),
                            f.kind().unit().id(),
                            DraftCommand.plain(f.sentence().in(LengthUnit.MM))));
        }
    }
}
