package bathyra.app.command;

import bathyra.app.output.AllOrNone;
import bathyra.draft.Advice;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.csv.CuttingLists;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.DocumentText;
import bathyra.files.pdf.Paper;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.pdf.PrintScale;
import bathyra.files.svg.SvgPattern;
import bathyra.garment.Choice;
import bathyra.garment.Commission;
import bathyra.garment.LayerKind;
import bathyra.truing.Finding;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import picocli.CommandLine;

/** Drafts commissions without a window: all files of all inputs, or none. */
@Command(name = "draft", description = "Drafts commissions to files, without a window.", mixinStandardHelpOptions = true)
public final class DraftCommand implements Callable<Integer> {
    private static final List<String> FORMATS = List.of("json", "svg", "pdf", "dxf", "csv", "hpgl");
    private static final List<String> USUAL = List.of("json", "svg", "pdf");
    private static final String SUFFIX = ".bathyra.json";

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "IN.json", description = "Commission documents.")
    private List<Path> inputs;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Folder for the results; with several inputs one folder each below it.")
    private Path out;

    @Option(names = "--format", split = ",", paramLabel = "FORMAT", description = "json, svg, pdf, dxf, csv, hpgl (the first three when left out).")
    private List<String> formats = USUAL;

    @Option(names = "--paper", paramLabel = "PAPER", description = "a4, letter, a3, a0, roll, a size such as 300x400 or a roll such as roll:610, in mm (a4 when left out).")
    private String paper = "a4";

    @Option(names = "--layers", split = ",", paramLabel = "LAYER", description = "Layers to be cut, by their ids: fashion, strength, lining … (all that the garment makes when left out).")
    private List<String> layers = List.of();

    @Option(names = "--printed-square", paramLabel = "MM", description = "What the 50 mm square measured on an earlier print: 49.6, or 49.6x50.1 across and down.")
    private String printedSquare = "50";

    @Option(names = "--named", description = "Sheets carry the wearer's name; the initials when left out.")
    private boolean named;

    private record Output(Path file, byte[] content) {}

    /** On what it is printed. */
    private record Sheets(Paper paper, PrintScale scale) {}

    private Sheets sheets(List<String> faults) {
        Paper on = Paper.A4;
        PrintScale scale = PrintScale.TRUE;
        try {
            on = Paper.read(paper);
        } catch (IllegalArgumentException e) {
            faults.add("--paper: " + e.getMessage());
        }
        try {
            String[] measured = printedSquare.split("x");
            scale = PrintScale.ofMeasured(Double.parseDouble(measured[0]), Double.parseDouble(measured[measured.length - 1]));
        } catch (NumberFormatException e) {
            faults.add("--printed-square: is " + printedSquare + ", which is no length; what the 50 mm square measured, in mm, such as 49.6");
        } catch (IllegalArgumentException e) {
            faults.add("--printed-square: " + e.getMessage());
        }
        return new Sheets(on, scale);
    }

    /** Why the files cannot be written as they are asked for. */
    private List<Finding> hindrances(CuttingPlan plan, Sheets sheets) {
        List<Finding> findings = new ArrayList<>(PatternFiles.faults(plan));
        if (formats.contains("pdf")) {
            sheets.paper().acrossRoll(sheets.scale()).ifPresent(across -> findings.addAll(PatternFiles.tooWide(plan, across)));
        }
        if (formats.contains("hpgl")) {
            findings.addAll(PatternFiles.tooWide(plan, HpglPattern.ROLL));
        }
        return findings;
    }

    private CuttingPlan plan(Draft draft) {
        return CuttingPlan.of(draft, kind -> layers.isEmpty() || layers.contains(kind.id()));
    }

    @Override
    public Integer call() {
        List<String> faults = new ArrayList<>();
        formats.stream().filter(f -> !FORMATS.contains(f)).forEach(f -> faults.add("--format: is " + f + ", which this version does not write; " + String.join(", ", FORMATS)));
        layers.stream().filter(l -> Choice.find(LayerKind.class, l).isEmpty()).forEach(l -> faults.add("--layers: is " + l + ", which is no layer; " + String.join(", ", Stream.of(LayerKind.values()).map(LayerKind::id).toList())));
        Sheets sheets = sheets(faults);
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
                List<Finding> tight = Stream.concat(Stream.of(draft), draft.rightHalf().stream()).flatMap(d -> hindrances(plan(d), sheets).stream()).toList();
                if (!tight.isEmpty()) {
                    worst = worst == Exit.DONE ? Exit.NO_PATTERN : Math.min(worst, Exit.NO_PATTERN);
                    tight.forEach(f -> faults.add(prefix(entry.getKey()) + reason(f, entry.getValue())));
                    continue;
                }
                try {
                    outputs.addAll(render(named ? draft : draft.byInitials(), folders.get(entry.getKey()), sheets));
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
    private List<Output> render(Draft draft, Path folder, Sheets sheets) throws IOException {
        List<Output> outputs = new ArrayList<>(render(draft, folder, "", sheets));
        if (draft.rightHalf().isPresent()) {
            outputs.addAll(render(draft.rightHalf().get(), folder, "-right", sheets));
        }
        return outputs;
    }

    private List<Output> render(Draft draft, Path folder, String half, Sheets sheets) throws IOException {
        List<Output> outputs = new ArrayList<>();
        CuttingPlan plan = plan(draft);
        for (String format : new LinkedHashSet<>(formats)) {
            if (format.equals("csv")) {
                outputs.add(new Output(folder.resolve("girth-plan" + half + ".csv"), utf8(CuttingLists.girths(draft))));
                outputs.add(new Output(folder.resolve("cutting-list" + half + ".csv"), utf8(CuttingLists.pieces(plan, draft.commission().units()))));
                continue;
            }
            byte[] content = switch (format) {
                case "json" -> utf8(PatternFiles.json(draft, plan, Version.number()));
                case "svg" -> utf8(SvgPattern.write(plan));
                case "dxf" -> utf8(DxfPattern.write(plan));
                case "hpgl" -> utf8(HpglPattern.write(plan, HpglPattern.ROLL));
                default -> PdfPattern.write(draft, plan, sheets.paper(), sheets.scale(), LocalDate.now().toString(), PdfPattern.Progress.UNSEEN);
            };
            outputs.add(new Output(folder.resolve("pattern" + half + "." + format), content));
        }
        return outputs;
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private int write(List<Output> outputs) {
        Map<Path, byte[]> files = new LinkedHashMap<>();
        outputs.forEach(o -> files.put(o.file(), o.content()));
        try {
            AllOrNone.write(files);
        } catch (IOException e) {
            return say(List.of("--out: " + out + " could not be written (" + e.getMessage() + "); a folder that you may write to"), Exit.NOT_WRITTEN);
        }
        outputs.forEach(o -> spec.commandLine().getOut().println(o.file()));
        return Exit.DONE;
    }

    private int say(List<String> lines, int code) {
        CommandLine line = spec.commandLine();
        lines.forEach(line.getErr()::println);
        return code;
    }
}
