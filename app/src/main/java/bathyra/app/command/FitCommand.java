package bathyra.app.command;

import bathyra.app.home.Version;
import bathyra.app.output.AllOrNone;
import bathyra.app.output.OutputKind;
import bathyra.draft.Draft;
import bathyra.files.json.FitJson;
import bathyra.files.obj.ObjFiles;
import bathyra.files.pdf.FitSheet;
import bathyra.files.svg.SvgFit;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
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
        description =
                "Puts the garment on the wearer's form and writes how it sits: fit.json, fit.svg, fit.pdf, form.obj, garment.obj.",
        mixinStandardHelpOptions = true)
public final class FitCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "COMMISSION", description = "A commission document.")
    private Path input;

    @Option(names = "--out", required = true, paramLabel = "FOLDER", description = "Folder for the results.")
    private Path out;

    @Option(names = "--mesh", description = "Put the shape itself into fit.json too.")
    private boolean mesh;

    @Override
    public Integer call() {
        DraftedFile drafted = DraftedFile.read(input);
        drafted.faults().forEach(spec.commandLine().getErr()::println);
        return drafted.draft().map(this::write).orElse(drafted.code());
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
        for (Sight sight : Sight.of(worn)) {
            spec.commandLine()
                    .getOut()
                    .println(DraftCommand.plain(
                            sight.sentence().in(draft.commission().units())));
        }
        files.put(out.resolve("fit" + half + ".json"), utf8(FitJson.write(worn, Version.number(), mesh)));
        files.put(out.resolve("fit" + half + ".svg"), utf8(SvgFit.write(worn)));
        files.put(out.resolve("fit" + half + ".pdf"), sheet(worn));
        files.put(out.resolve("form" + half + ".obj"), utf8(ObjFiles.form(worn.form())));
        files.put(out.resolve("garment" + half + ".obj"), utf8(ObjFiles.garment(worn)));
    }

    private static byte[] sheet(Worn worn) {
        try {
            return FitSheet.write(worn, LocalDate.now().toString());
        } catch (IOException e) {
            throw new UncheckedIOException("a sheet in memory is always writable", e);
        }
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
