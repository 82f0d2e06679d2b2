package bathyra.app.output;

import bathyra.draft.Draft;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.PrintScale;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/**
 * What goes into the files of one output.
 *
 * @param draft the draft, for what is put out from it
 * @param manner how a pattern is put out
 * @param scale makes good for a printer that is off
 * @param workroom what of the workshop goes into it
 */
record Rendering(
        OutputKind kind,
        Commission commission,
        Optional<Draft> draft,
        Manner manner,
        PrintScale scale,
        Workroom workroom) {

    /** Renders the files, and beside them those of the right half of an uneven body. */
    void all(Path path, Map<Path, byte[]> contents, DoubleConsumer progress, BooleanSupplier cancelled)
            throws IOException {
        PdfPattern.Progress seen = new PdfPattern.Progress(progress, cancelled);
        render(draft, "", path, contents, seen);
        Optional<Draft> right = draft.filter(d -> kind.isOfEachHalf()).flatMap(Draft::rightHalf);
        if (right.isPresent()) {
            render(right, OutputKind.RIGHT_HALF, path, contents, seen);
        }
    }

    private void render(
            Optional<Draft> of, String half, Path path, Map<Path, byte[]> contents, PdfPattern.Progress seen)
            throws IOException {
        kind.write(new Job(commission, of, manner, scale, workroom, seen))
                .forEach((behind, content) -> contents.put(named(path, half + behind), content));
    }

    private static Path named(Path path, String behind) {
        String name = path.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return behind.isEmpty()
                ? path
                : path.resolveSibling(dot < 0 ? name + behind : name.substring(0, dot) + behind + name.substring(dot));
    }
}
