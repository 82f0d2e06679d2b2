package bathyra.app.command;

import bathyra.draft.Advice;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.DocumentText;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.Paper;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.svg.SvgPattern;
import bathyra.garment.Commission;
import bathyra.truing.Finding;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Drafts commissions without a window: all files of all inputs, or none. */
@Command(name = "draft", description = "Drafts commissions to files, without a window.", mixinStandardHelpOptions = true)
public final class DraftCommand implements Callable<Integer> {
    private static final List<String> FORMATS = List.of("json", "svg", "pdf");
    private static final String SUFFIX = ".bathyra.json";

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "IN.json", description = "Commission documents.")
    private List<Path> inputs;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Folder for the results; with several inputs one folder each below it.")
    private Path out;

    @Option(names = "--format", split = ",", paramLabel = "FORMAT", description = "json, svg, pdf (all three when left out).")
    private List<String> formats = FORMATS;

    @Option(names = "--paper", paramLabel = "PAPER", description = "a4, letter, a0 (a4 when left out).")
    private String paper = "a4";

    @Option(names = "--named", description = "Sheets carry the wearer's name; the initials when left out.")
    private boolean named;

    private record Output(Path file, byte[] content) {}

    @Override
    public Integer call() {
        List<String> faults = new ArrayList<>();
        formats.stream().filter(f -> !FORMATS.contains(f)).forEach(f -> faults.add("--format: is " + f + ", which this version does not write; json, svg, pdf"));
        if (Paper.ofId(paper).isEmpty()) {
            faults.add("--paper: is " + paper + ", which this version does not print on; a4, letter, a0");
        }
        if (!faults.isEmpty()) {
            return say(faults, Exit.INPUT);
        }
        Map<Path, Commission> commissions = read(faults);
        if (!faults.isEmpty()) {
            return say(faults, Exit.INPUT);
        }
        List<Output> outputs = new ArrayList<>();
        int worst = Exit.DONE;
        Map<Path, Path> folders = folders();
        for (Map.Entry<Path, Commission> entry : commissions.entrySet()) {
            Outcome outcome = Drafter.draft(entry.getValue());
            if (outcome instanceof Refusal refusal) {
                int code = refusal.cause() == Refusal.Cause.INPUT ? Exit.INPUT : Exit.NO_PATTERN;
                worst = worst == Exit.DONE ? code : Math.min(worst, code);
                refusal.reasons().forEach(f -> faults.add(prefix(entry.getKey()) + reason(f, entry.getValue())));
            } else if (outcome instanceof Draft draft && draft.mustBeSpokenOf() && !formats.equals(List.of("json"))) {
                worst = worst == Exit.DONE ? Exit.INPUT : Math.min(worst, Exit.INPUT);
                faults.add(prefix(entry.getKey()) + String.format(java.util.Locale.ROOT, "spoken: is missing for a waist drawn in by %.0f %%; past %.0f %% a pattern is printed once it is on record that the wearer was told and agreed: a date and the reduction",
                        draft.waistReduction() * 100, Advice.ANYONE * 100));
            } else if (outcome instanceof Draft draft) {
                try {
                    outputs.addAll(render(named ? draft : draft.byInitials(), folders.get(entry.getKey())));
                } catch (IOException e) {
                    return say(List.of("--out: could not be written (" + e.getMessage() + "); a folder on a disk with room"), Exit.NOT_WRITTEN);
                }
            }
        }
        if (worst != Exit.DONE) {
            return say(faults, worst);
        }
        return write(outputs);
    }

    private Map<Path, Commission> read(List<String> faults) {
        Map<Path, Commission> commissions = new LinkedHashMap<>();
        for (Path input : inputs) {
            try {
                commissions.put(input, CommissionJson.read(DocumentText.read(input, DocumentText.COMMISSION_MOST)));
            } catch (BadDocument e) {
                e.faults().forEach(f -> faults.add(prefix(input) + f));
            } catch (IOException e) {
                faults.add(prefix(input) + "file: " + input + " cannot be read; the path of a commission document");
            }
        }
        return commissions;
    }

    private String prefix(Path input) {
        return inputs.size() > 1 ? input.getFileName() + ": " : "";
    }

    private static String reason(Finding finding, Commission commission) {
        String said = plain(finding.sentence().in(commission.units()));
        return finding.id().equals("measurement") ? finding.subject() + ": " + said + (said.contains(";") ? "" : "; a length taken with the tape")
                : String.format(java.util.Locale.ROOT, "%s %s (%.1f, limit %.1f %s): %s", finding.id(), finding.subject(), finding.value(), finding.limit(), finding.unit(), said);
    }

    static String plain(String text) {
        return text.replace('\u00a0', ' ');
    }

    /** One folder an input; two inputs of the same name in different places get numbers. */
    private Map<Path, Path> folders() {
        Map<Path, Path> folders = new LinkedHashMap<>();
        Set<String> used = new LinkedHashSet<>();
        for (Path input : inputs) {
            if (inputs.size() == 1) {
                folders.put(input, out);
                continue;
            }
            String file = input.getFileName().toString();
            String stem = file.endsWith(SUFFIX) ? file.substring(0, file.length() - SUFFIX.length()) : file.replaceAll("\\.json$", "");
            String name = stem;
            for (int n = 2; !used.add(name); n++) {
                name = stem + "-" + n;
            }
            folders.put(input, out.resolve(name));
        }
        return folders;
    }

    /** One pattern, or one for each half of an uneven body. */
    private List<Output> render(Draft draft, Path folder) throws IOException {
        List<Output> outputs = new ArrayList<>(render(draft, folder, "pattern."));
        if (draft.rightHalf().isPresent()) {
            outputs.addAll(render(draft.rightHalf().get(), folder, "pattern-right."));
        }
        return outputs;
    }

    private List<Output> render(Draft draft, Path folder, String name) throws IOException {
        List<Output> outputs = new ArrayList<>();
        for (String format : new LinkedHashSet<>(formats)) {
            byte[] content = switch (format) {
                case "json" -> PatternJson.write(draft.pattern(), draft.findings(), Version.number()).getBytes(StandardCharsets.UTF_8);
                case "svg" -> SvgPattern.write(draft.pattern()).getBytes(StandardCharsets.UTF_8);
                default -> PdfPattern.write(draft, Paper.ofId(paper).orElseThrow(), LocalDate.now().toString());
            };
            outputs.add(new Output(folder.resolve(name + format), content));
        }
        return outputs;
    }

    /** Everything is written beside its place first and only then moved there; what a failed move leaves is put back. */
    private int write(List<Output> outputs) {
        Map<Path, Path> waiting = new LinkedHashMap<>();
        Map<Path, byte[]> before = new LinkedHashMap<>();
        List<Path> moved = new ArrayList<>();
        try {
            for (Output output : outputs) {
                Files.createDirectories(output.file().toAbsolutePath().getParent());
                Path temporary = Files.createTempFile(output.file().toAbsolutePath().getParent(), ".draft", ".part");
                waiting.put(temporary, output.file());
                Files.write(temporary, output.content());
                if (Files.isRegularFile(output.file())) {
                    before.put(output.file(), Files.readAllBytes(output.file()));
                }
            }
            for (Map.Entry<Path, Path> entry : waiting.entrySet()) {
                Files.move(entry.getKey(), entry.getValue(), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
                moved.add(entry.getValue());
            }
        } catch (IOException e) {
            putBack(moved, before);
            waiting.keySet().forEach(DraftCommand::remove);
            return say(List.of("--out: " + out + " could not be written (" + e.getMessage() + "); a folder that you may write to"), Exit.NOT_WRITTEN);
        }
        outputs.forEach(o -> spec.commandLine().getOut().println(o.file()));
        return Exit.DONE;
    }

    private static void putBack(List<Path> moved, Map<Path, byte[]> before) {
        for (Path path : moved) {
            try {
                if (before.containsKey(path)) {
                    Files.write(path, before.get(path));
                } else {
                    Files.deleteIfExists(path);
                }
            } catch (IOException e) {
                org.slf4j.LoggerFactory.getLogger(DraftCommand.class).warn("could not put {} back", path, e);
            }
        }
    }

    private static void remove(Path path) {
        try {
            Files.deleteIfExists(path);
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(DraftCommand.class).warn("could not remove {}", path, e);
        }
    }

    private int say(List<String> lines, int code) {
        CommandLine line = spec.commandLine();
        lines.forEach(line.getErr()::println);
        return code;
    }
}
