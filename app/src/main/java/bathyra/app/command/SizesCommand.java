package bathyra.app.command;

import bathyra.app.output.AllOrNone;
import bathyra.app.sizes.SizedFiles;
import bathyra.files.csv.SizeChartCsv;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.DocumentText;
import bathyra.garment.Commission;
import bathyra.size.Growing;
import bathyra.size.Nest;
import bathyra.size.SizeSet;
import bathyra.size.SizedDraft;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Drafts one design in all sizes of a chart. */
@Command(
        name = "sizes",
        description =
                "Drafts one design in every size of a chart: the nest as nest.pdf, nest.svg and nest.dxf, and the document and pattern of each size. A size that does not draft is named, and the others are written.",
        mixinStandardHelpOptions = true)
public final class SizesCommand implements Callable<Integer> {
    /** How the sizes of a nest lie on each other, as one writes it. */
    enum LaidOn {
        WAIST,
        APEX,
        UPPER;

        private Nest.Laying laying() {
            return switch (this) {
                case WAIST -> Nest.Laying.WAIST;
                case APEX -> Nest.Laying.APEX;
                case UPPER -> Nest.Laying.UPPER_EDGE;
            };
        }
    }

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "CHART", description = "A chart of sizes, CSV: size, bustGirth (cm), …")
    private Path chart;

    @Parameters(index = "1", paramLabel = "COMMISSION", description = "The document of the design.")
    private Path input;

    @Option(names = "--out", required = true, paramLabel = "FOLDER", description = "Folder for the results.")
    private Path out;

    @Option(
            names = "--laid-on",
            defaultValue = "WAIST",
            description =
                    "What lies on one point in all sizes: ${COMPLETION-CANDIDATES}; ${DEFAULT-VALUE} where nothing is said.")
    private LaidOn laidOn;

    @Override
    public Integer call() {
        Commission design;
        SizeChartCsv.Read read;
        try {
            design = CommissionJson.read(DocumentText.read(input, DocumentText.COMMISSION_MOST));
        } catch (BadDocument e) {
            e.faults().forEach(spec.commandLine().getErr()::println);
            return Exit.INPUT;
        } catch (IOException e) {
            return refused("file: " + input + " cannot be read; the path of a commission document");
        }
        try {
            String name = chart.getFileName().toString().replaceAll("(?i)\\.csv$", "");
            read = SizeChartCsv.read(Files.readAllBytes(chart), name, design.units());
        } catch (IOException e) {
            return refused("chart: " + chart + " cannot be read; the path of a chart of sizes, CSV");
        }
        if (read.chart().isEmpty()) {
            read.faults().forEach(f -> spec.commandLine().getErr().println("chart: " + DraftCommand.plain(f)));
            return Exit.INPUT;
        }
        return write(SizeSet.of(design, read.chart().get(), Growing.USUAL));
    }

    private int refused(String why) {
        spec.commandLine().getErr().println(why);
        return Exit.INPUT;
    }

    private int write(SizeSet set) {
        set.chart().remarks().forEach(r -> note(r.sentence().in(set.design().units())));
        for (SizedDraft sized : set.sizes()) {
            if (sized.draft().isEmpty()) {
                note("size " + sized.size().label() + ": "
                        + sized.says(set.design().units()));
            }
        }
        if (set.drafted().isEmpty()) {
            return Exit.NO_PATTERN;
        }
        try {
            Map<Path, byte[]> files = SizedFiles.all(set, laidOn.laying(), out);
            AllOrNone.write(files);
            files.keySet().forEach(spec.commandLine().getOut()::println);
        } catch (IOException e) {
            note("--out: could not be written (" + e.getMessage() + "); a folder on a disk with room");
            return Exit.NOT_WRITTEN;
        }
        return set.drafted().size() == set.sizes().size() ? Exit.DONE : Exit.NO_PATTERN;
    }

    private void note(String words) {
        spec.commandLine().getErr().println(DraftCommand.plain(words));
    }
}
