package bathyra.app.command;

import bathyra.app.home.Version;
import bathyra.app.output.AllOrNone;
import bathyra.files.json.BadDocument;
import bathyra.files.json.PatternJson;
import bathyra.truing.Truing;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes a pattern document of a drawing from elsewhere. */
@Command(
        name = "import",
        description = "Makes a pattern document of a drawing from elsewhere (svg, dxf).",
        mixinStandardHelpOptions = true)
public final class ImportCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "DRAWING", description = "A drawing, svg or dxf.")
    private Path input;

    @Option(
            names = "--out",
            required = true,
            paramLabel = "PATTERN.json",
            description = "The pattern document to write.")
    private Path out;

    @Option(
            names = "--unit",
            paramLabel = "UNIT",
            description = "What it is measured in, where its file does not say: mm, cm, in, px, pt.")
    private Optional<String> unit = Optional.empty();

    @Option(
            names = "--sew",
            paramLabel = "EDGES",
            description =
                    "Two edges that are sewn together, such as P1/edge2:P2/edge4; may be given often. Edges that agree when left out.")
    private List<String> sew = List.of();

    @Override
    public Integer call() {
        try {
            TakenFile taken = TakenFile.read(input, unit, sew);
            taken.notes().forEach(spec.commandLine().getErr()::println);
            String document =
                    PatternJson.write(taken.pattern(), Truing.lookAtForeign(taken.pattern()), Version.number());
            AllOrNone.write(Map.of(out, document.getBytes(StandardCharsets.UTF_8)));
            spec.commandLine().getOut().println(out);
            return Exit.DONE;
        } catch (BadDocument e) {
            e.faults().forEach(spec.commandLine().getErr()::println);
            return Exit.INPUT;
        } catch (IOException e) {
            spec.commandLine()
                    .getErr()
                    .println("--out: " + out + " could not be written (" + e.getMessage()
                            + "); a file in a folder that you may write to");
            return Exit.NOT_WRITTEN;
        }
    }
}
