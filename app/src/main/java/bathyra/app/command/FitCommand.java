package bathyra.app.command;

import bathyra.app.home.Version;
import bathyra.app.output.AllOrNone;
import bathyra.app.output.OutputKind;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.DocumentText;
import bathyra.files.json.FitJson;
import bathyra.files.obj.ObjFiles;
import bathyra.fit.Worn;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Puts a commission's garment on the form of its wearer and writes how it sits. */
@Command(
        name = "fit",
        description = "Puts the garment on the wearer's form and writes how it sits: fit.json, form.obj, garment.obj.",
        mixinStandardHelpOptions = true)
public final class FitCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "COMMISSION", description = "A commission document.")
    private Path input;

    @Option(names = "--out", required = true, paramLabel = "FOLDER", description = "Folder for the results.")
    private Path out;

    @Option(names = "--no-mesh", description = "Leave the shape itself out of fit.json.")
    private boolean noMesh;

    @Override
    public Integer call() {
        Commission commission;
        try {
            commission = CommissionJson.read(DocumentText.read(input, DocumentText.COMMISSION_MOST));
        } catch (BadDocument e) {
            e.faults().forEach(spec.commandLine().getErr()::println);
            return Exit.INPUT;
        } catch (IOException e) {
            spec.commandLine()
                    .getErr()
                    .println("file: " + input + " cannot be read; the path of a commission document");
            return Exit.INPUT;
        }
        Outcome outcome = Drafter.draft(commission);
        if (outcome instanceof Refusal refusal) {
            refusal.reasons().forEach(f -> spec.commandLine()
                    .getErr()
                    .println(DraftCommand.plain(f.sentence().in(commission.units()))));
            return refusal.cause() == Refusal.Cause.INPUT ? Exit.INPUT : Exit.NO_PATTERN;
        }
        return write((Draft) outcome);
    }

    private int write(Draft draft) {
        Map<Path, byte[]> files = new LinkedHashMap<>();
        put(files, draft, "");
        draft.rightHalf().ifPresent(right -> put(files, right, OutputKind.RIGHT_HALF));
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

    private void put(Map<Path, byte[]> files, Draft draft, String half) {
        Worn worn = Worn.of(draft, Worn.surface(draft), () -> false);
        for (Worn.LevelReading reading : worn.levels()) {
            spec.commandLine()
                    .getOut()
                    .println(String.format(
                            Locale.ROOT,
                            "%s%s: planned %.0f mm, sits at %.0f",
                            reading.level().label(),
                            half,
                            reading.planned(),
                            reading.worn()));
        }
        files.put(out.resolve("fit" + half + ".json"), utf8(FitJson.write(worn, Version.number(), !noMesh)));
        files.put(out.resolve("form" + half + ".obj"), utf8(ObjFiles.form(worn.form())));
        files.put(out.resolve("garment" + half + ".obj"), utf8(ObjFiles.garment(worn)));
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
