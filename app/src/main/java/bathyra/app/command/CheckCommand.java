package bathyra.app.command;

import bathyra.files.json.BadDocument;
import bathyra.files.json.DocumentText;
import bathyra.files.json.PatternJson;
import bathyra.measure.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.truing.Finding;
import bathyra.truing.Truing;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Re-runs every check on a pattern document, one line a check. */
@Command(name = "check", description = "Checks a pattern document.", mixinStandardHelpOptions = true)
public final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "PATTERN.json", description = "A pattern document.")
    private Path input;

    @Override
    public Integer call() {
        Pattern pattern;
        try {
            pattern = PatternJson.read(DocumentText.read(input, DocumentText.PATTERN_MOST));
        } catch (BadDocument e) {
            e.faults().forEach(spec.commandLine().getErr()::println);
            return Exit.INPUT;
        } catch (IOException e) {
            spec.commandLine().getErr().println("file: " + input + " cannot be read; the path of a pattern document");
            return Exit.INPUT;
        }
        List<Finding> findings = Truing.look(pattern);
        for (Finding f : findings) {
            spec.commandLine().getOut().println(String.format(Locale.ROOT, "%s %s %s: %.2f (limit %.2f) %s · %s", f.status().id(), f.id(), f.subject(),
                    f.value(), f.limit(), f.unit(), DraftCommand.plain(f.sentence().in(LengthUnit.MM))));
        }
        return findings.stream().anyMatch(f -> f.status() == Finding.Status.FAULT) ? Exit.NO_PATTERN : Exit.DONE;
    }
}
