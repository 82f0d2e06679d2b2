package bathyra.app.command;

import bathyra.app.home.Version;
import bathyra.app.output.Job;
import bathyra.app.output.Manner;
import bathyra.app.output.OutputKind;
import bathyra.app.output.Workroom;
import bathyra.block.BlockDrawing;
import bathyra.draft.Advice;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.draft.Remedies;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.csv.CuttingLists;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.DocumentText;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.DraftingSheet;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.PrintScale;
import bathyra.files.sheet.PrintSize;
import bathyra.files.svg.SvgPattern;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Commission;
import bathyra.garment.LayerKind;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What {@code draft} makes of one input.
 *
 * @param formats what is written
 * @param layers the layers that are cut, by their ids; all when empty
 * @param named whether sheets carry the wearer's name
 */
record Drafting(List<String> formats, List<String> layers, Paper paper, PrintScale scale, boolean named) {
    private static final Logger LOG = LoggerFactory.getLogger(Drafting.class);
    private static final List<String> OF_BLOCKS = List.of("json", "svg", "dxf", "hpgl", "pdf");
    private static final String LENGTH_TAKEN = "; a length taken with the tape";

    /**
     * What came of an input.
     *
     * @param code the exit code that it asks for
     * @param faults why there are no files, a line each
     */
    record Files(int code, List<String> faults, Map<Path, byte[]> files) {
        static Files none(int code, List<String> faults) {
            return new Files(code, faults, Map.of());
        }

        static Files none(int code, String fault) {
            return none(code, List.of(fault));
        }
    }

    /** Whatever happens, there is an answer: what the program cannot do is logged and named. */
    Files of(Path input, Path folder) {
        try {
            String text = DocumentText.read(input, DocumentText.COMMISSION_MOST);
            return CommissionJson.isBlock(text)
                    ? block(CommissionJson.readBlock(text), folder)
                    : garment(input, CommissionJson.read(text), folder);
        } catch (BadDocument e) {
            return Files.none(Exit.INPUT, e.faults());
        } catch (IOException e) {
            return Files.none(Exit.INPUT, "file: " + input + " cannot be read; the path of a commission document");
        } catch (RuntimeException | StackOverflowError e) {
            return failed(input, e);
        }
    }

    private static Files failed(Path input, Throwable e) {
        LOG.error("the program could not draft {}", input, e);
        return Files.none(
                Exit.PROGRAM,
                "program: it could not draft " + input.getFileName()
                        + "; the log in the data folder says how, and the document is as it was");
    }

    private Files garment(Path input, Commission commission, Path folder) {
        Outcome outcome = Drafter.draft(commission);
        if (outcome instanceof Refusal refusal) {
            if (refusal.cause() == Refusal.Cause.PROGRAM) {
                return failed(input, refusal.thrown().orElseThrow());
            }
            if (refusal.cause() == Refusal.Cause.INPUT) {
                return Files.none(Exit.INPUT, reasons(refusal.reasons(), commission));
            }
            List<String> reasons = new ArrayList<>(reasons(refusal.reasons(), commission));
            Remedies.nearest(commission, () -> false)
                    .ifPresent(r -> reasons.add("nearest that drafts: "
                            + DraftCommand.plain(r.words().in(commission.units()))));
            return Files.none(Exit.NO_PATTERN, reasons);
        }
        Draft draft = (Draft) outcome;
        if (draft.mustBeSpokenOf() && !formats.equals(List.of("json"))) {
            return Files.none(
                    Exit.INPUT,
                    String.format(
                            Locale.ROOT,
                            "spoken: is missing for a waist drawn in by %.0f %%; past %.0f %% a pattern is printed once it is on record that the wearer was told and agreed: a date and the reduction",
                            draft.waistReduction() * 100,
                            Advice.ANYONE * 100));
        }
        List<Finding> tight = Stream.concat(Stream.of(draft), draft.rightHalf().stream())
                .flatMap(d -> hindrances(plan(d)).stream())
                .toList();
        if (!tight.isEmpty()) {
            return Files.none(Exit.NO_PATTERN, reasons(tight, commission));
        }
        try {
            return new Files(Exit.DONE, List.of(), rendered(named ? draft : draft.byInitials(), folder));
        } catch (IOException e) {
            return Files.none(
                    Exit.NOT_WRITTEN,
                    "--out: could not be written (" + e.getMessage() + "); a folder on a disk with room");
        }
    }

    private Files block(Commission commission, Path folder) {
        List<String> others =
                formats.stream().filter(f -> !OF_BLOCKS.contains(f)).toList();
        if (!others.isEmpty()) {
            return Files.none(
                    Exit.INPUT,
                    "--format: is " + String.join(", ", others) + ", in which no block is written; "
                            + String.join(", ", OF_BLOCKS));
        }
        BlockDrafter.Drafted drafted = BlockDrafter.draft(commission.measurements(), commission.garment());
        if (drafted.drawing().isEmpty()) {
            boolean taken = drafted.missing().isEmpty();
            return Files.none(
                    taken ? Exit.NO_PATTERN : Exit.INPUT,
                    reasons(taken ? drafted.with(Finding.Status.FAULT) : drafted.findings(), commission));
        }
        Commission shown =
                named ? commission : commission.withWearer(commission.wearer().byInitials());
        Map<Path, byte[]> files = new LinkedHashMap<>();
        try {
            BlockDrawing drawing = drafted.drawing().get();
            CuttingPlan plan = CuttingPlan.of(drawing, shown);
            for (String format : formats) {
                files.put(
                        folder.resolve("block." + format),
                        switch (format) {
                            case "json" ->
                                utf8(PatternJson.write(drawing, shown.title(), drafted.findings(), Version.number()));
                            case "svg" -> utf8(SvgPattern.write(plan));
                            case "dxf" -> utf8(DxfPattern.write(plan));
                            case "hpgl" -> utf8(HpglPattern.write(plan, HpglPattern.ROLL));
                            default ->
                                DraftingSheet.write(
                                        drawing,
                                        shown,
                                        DraftingSheet.Scale.FULL,
                                        LocalDate.now().toString());
                        });
            }
            if (formats.contains("pdf")) {
                files.put(folder.resolve("block-pieces.pdf"), PdfPattern.write(drawing, shown, paper));
            }
        } catch (IOException e) {
            return Files.none(
                    Exit.NOT_WRITTEN,
                    "--out: could not be written (" + e.getMessage() + "); a folder on a disk with room");
        }
        return new Files(Exit.DONE, List.of(), files);
    }

    /** Why the files cannot be written as they are asked for. */
    private List<Finding> hindrances(CuttingPlan plan) {
        List<Finding> findings = new ArrayList<>(PatternFiles.faults(plan));
        if (formats.contains("pdf")) {
            paper.acrossRoll(scale).ifPresent(across -> findings.addAll(PatternFiles.tooWide(plan, across)));
        }
        if (formats.contains("hpgl")) {
            findings.addAll(PatternFiles.tooWide(plan, HpglPattern.ROLL));
        }
        return findings;
    }

    private CuttingPlan plan(Draft draft) {
        return CuttingPlan.of(draft, kind -> layers.isEmpty() || layers.contains(kind.id()));
    }

    private static List<String> reasons(List<Finding> findings, Commission commission) {
        return findings.stream().map(f -> reason(f, commission)).toList();
    }

    private static String reason(Finding finding, Commission commission) {
        String said = DraftCommand.plain(finding.sentence().in(commission.units()));
        return finding.kind() == FindingKind.MEASUREMENT
                ? finding.subject() + ": " + said + (said.contains(";") ? "" : LENGTH_TAKEN)
                : String.format(
                        Locale.ROOT,
                        "%s %s (%.1f, limit %.1f %s): %s",
                        finding.id(),
                        finding.subject(),
                        finding.value(),
                        finding.limit(),
                        finding.kind().unit().id(),
                        said);
    }

    /** One pattern, or one for each half of an uneven body. */
    private Map<Path, byte[]> rendered(Draft draft, Path folder) throws IOException {
        Map<Path, byte[]> files = new LinkedHashMap<>();
        rendered(draft, folder, "", files);
        if (draft.rightHalf().isPresent()) {
            rendered(draft.rightHalf().get(), folder, OutputKind.RIGHT_HALF, files);
        }
        return files;
    }

    private void rendered(Draft draft, Path folder, String half, Map<Path, byte[]> files) throws IOException {
        CuttingPlan plan = plan(draft);
        for (String format : formats) {
            if (format.equals("csv")) {
                files.put(folder.resolve("girth-plan" + half + ".csv"), utf8(CuttingLists.girths(draft)));
                files.put(
                        folder.resolve("cutting-list" + half + ".csv"),
                        utf8(CuttingLists.pieces(plan, draft.commission().units())));
                continue;
            }
            OutputKind kind = OutputKind.ofFormat(format).orElse(OutputKind.PATTERN);
            byte[] content = kind.write(job(draft)).get("");
            files.put(folder.resolve("pattern" + half + "." + format), content);
        }
    }

    private Job job(Draft draft) {
        Set<LayerKind> left = EnumSet.allOf(LayerKind.class);
        left.removeIf(kind -> layers.isEmpty() || layers.contains(kind.id()));
        return new Job(
                draft.commission(),
                Optional.of(draft),
                new Manner(paper, PrintSize.FULL, EnumSet.allOf(Drawn.class), left, Set.of()),
                scale,
                Workroom.NONE,
                PdfPattern.Progress.UNSEEN);
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
