package bathyra.app.command;

import bathyra.app.output.AllOrNone;
import bathyra.app.output.OutputKind;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.PrintScale;
import bathyra.garment.Choice;
import bathyra.garment.LayerKind;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Drafts commissions without a window: of each commission all files or none; one that fails is named and the others are written. */
@Command(
        name = "draft",
        description = "Drafts commissions, and blocks, to files, without a window.",
        mixinStandardHelpOptions = true)
public final class DraftCommand implements Callable<Integer> {
    private static final List<String> USUAL = List.of("json", "svg", "pdf");
    private static final List<String> FORMATS = Stream.concat(USUAL.stream(), OutputKind.formats().stream())
            .distinct()
            .toList();

    /** The formats, for the help. */
    static final class Formats implements Iterable<String> {
        @Override
        public Iterator<String> iterator() {
            return FORMATS.iterator();
        }
    }

    private static final String SUFFIX = ".bathyra.json";
    /** What a folder is called whose input's name would lead elsewhere. */
    private static final String NAMELESS = "commission";

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "IN.json", description = "Commission documents.")
    private List<Path> inputs;

    @Option(
            names = "--out",
            required = true,
            paramLabel = "DIR",
            description = "Folder for the results; with several inputs one folder each below it.")
    private Path out;

    @Option(
            names = "--format",
            split = ",",
            paramLabel = "FORMAT",
            completionCandidates = Formats.class,
            description = "${COMPLETION-CANDIDATES} (json, svg and pdf when left out).")
    private List<String> formats = USUAL;

    @Option(
            names = "--paper",
            paramLabel = "PAPER",
            description =
                    "a4, letter, a3, a0, roll, a size such as 300x400 or a roll such as roll:610, in mm (a4 when left out).")
    private String paper = "a4";

    @Option(
            names = "--layers",
            split = ",",
            paramLabel = "LAYER",
            description =
                    "Layers to be cut, by their ids: fashion, strength, lining … (all that the garment makes when left out).")
    private List<String> layers = List.of();

    @Option(
            names = "--printed-square",
            paramLabel = "MM",
            description = "What the 50 mm square measured on an earlier print: 49.6, or 49.6x50.1 across and down.")
    private String printedSquare = "50";

    @Option(names = "--named", description = "Sheets carry the wearer's name; the initials when left out.")
    private boolean named;

    @Option(names = "--all-or-none", description = "Writes nothing at all when one of the inputs fails.")
    private boolean allOrNone;

    private PrintScale scale(List<String> faults) {
        String[] measured = printedSquare.split("x", -1);
        if (measured.length > 2) {
            faults.add("--printed-square: is " + printedSquare
                    + ", which is more than across and down; one length in mm, or two such as 49.6x50.1");
            return PrintScale.TRUE;
        }
        try {
            return PrintScale.ofMeasured(
                    Double.parseDouble(measured[0]), Double.parseDouble(measured[measured.length - 1]));
        } catch (NumberFormatException e) {
            faults.add("--printed-square: is " + printedSquare
                    + ", which is no length; what the 50 mm square measured, in mm, such as 49.6");
        } catch (IllegalArgumentException e) {
            faults.add("--printed-square: " + e.getMessage());
        }
        return PrintScale.TRUE;
    }

    private Paper paper(List<String> faults) {
        try {
            return Paper.read(paper);
        } catch (IllegalArgumentException e) {
            faults.add("--paper: " + e.getMessage());
            return Paper.A4;
        }
    }

    @Override
    public Integer call() {
        List<String> faults = new ArrayList<>();
        if (formats.stream().allMatch(String::isBlank)) {
            faults.add("--format: names none; " + String.join(", ", FORMATS));
        }
        formats.stream()
                .filter(f -> !f.isBlank() && !FORMATS.contains(f))
                .forEach(f -> faults.add(
                        "--format: is " + f + ", which this version does not write; " + String.join(", ", FORMATS)));
        layers.stream()
                .filter(l -> Choice.find(LayerKind.class, l).isEmpty())
                .forEach(l -> faults.add("--layers: is " + l + ", which is no layer; "
                        + String.join(
                                ", ",
                                Stream.of(LayerKind.values()).map(LayerKind::id).toList())));
        Drafting drafting = new Drafting(
                formats.stream().filter(f -> !f.isBlank()).distinct().toList(),
                layers,
                paper(faults),
                scale(faults),
                named);
        if (!faults.isEmpty()) {
            faults.forEach(spec.commandLine().getErr()::println);
            return Exit.INPUT;
        }
        return allOrNone ? together(drafting) : oneByOne(drafting);
    }

    private int oneByOne(Drafting drafting) {
        int worst = Exit.DONE;
        for (Map.Entry<Path, Path> entry : folders().entrySet()) {
            Drafting.Files made = drafting.of(entry.getKey(), entry.getValue());
            say(entry.getKey(), made.faults());
            worst = Math.max(worst, made.code() == Exit.DONE ? write(made.files()) : made.code());
        }
        return worst;
    }

    private int together(Drafting drafting) {
        int worst = Exit.DONE;
        Map<Path, byte[]> files = new LinkedHashMap<>();
        for (Map.Entry<Path, Path> entry : folders().entrySet()) {
            Drafting.Files made = drafting.of(entry.getKey(), entry.getValue());
            say(entry.getKey(), made.faults());
            worst = Math.max(worst, made.code());
            files.putAll(made.files());
        }
        return worst == Exit.DONE ? write(files) : worst;
    }

    private void say(Path input, List<String> faults) {
        String prefix = inputs.size() > 1 ? input.getFileName() + ": " : "";
        faults.forEach(line -> spec.commandLine().getErr().println(prefix + line));
    }

    private int write(Map<Path, byte[]> files) {
        CommandLine line = spec.commandLine();
        try {
            AllOrNone.write(files);
        } catch (IOException e) {
            line.getErr()
                    .println("--out: " + out + " could not be written (" + e.getMessage()
                            + "); a folder that you may write to, on a disk with room");
            return Exit.NOT_WRITTEN;
        }
        files.keySet().forEach(line.getOut()::println);
        return Exit.DONE;
    }

    static String plain(String text) {
        return text.replace('\u00a0', ' ');
    }

    /** One folder an input, below the one that was asked for whatever the input is called; two inputs of the same name in different places get numbers. */
    private Map<Path, Path> folders() {
        Map<Path, Path> folders = new LinkedHashMap<>();
        Set<String> used = new LinkedHashSet<>();
        for (Path input : inputs) {
            if (inputs.size() == 1) {
                folders.put(input, out);
                continue;
            }
            String stem = stem(input);
            String name = stem;
            // Some disks do not tell capitals from small letters.
            for (int n = 2; !used.add(name.toLowerCase(Locale.ROOT)); n++) {
                name = stem + "-" + n;
            }
            folders.put(input, out.resolve(name));
        }
        return folders;
    }

    private static String stem(Path input) {
        String file = input.getFileName() == null ? "" : input.getFileName().toString();
        String stem = file.endsWith(SUFFIX)
                ? file.substring(0, file.length() - SUFFIX.length())
                : file.replaceAll("\\.json$", "");
        return stem.chars().allMatch(c -> c == '.' || c == ' ') ? NAMELESS : stem;
    }
}
