package bathyra.app.sizes;

import bathyra.app.home.Version;
import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.csv.BatchCsv;
import bathyra.files.dxf.DxfNest;
import bathyra.files.json.CommissionJson;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.svg.SvgLay;
import bathyra.files.svg.SvgNest;
import bathyra.files.svg.SvgPattern;
import bathyra.length.LengthUnit;
import bathyra.size.Batch;
import bathyra.size.Nest;
import bathyra.size.SizeSet;
import bathyra.size.SizedDraft;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;

/** What goes out of a set of sizes. */
public final class SizedFiles {
    private SizedFiles() {}

    /** The nest in every format, and each size's document and pattern. */
    public static Map<Path, byte[]> all(SizeSet set, Nest.Laying laying, Path folder) throws IOException {
        Map<Path, byte[]> files = new LinkedHashMap<>(nest(set, Nest.of(set, laying), Paper.A4, folder));
        for (SizedDraft sized : set.drafted()) {
            files.putAll(one(sized, folder));
        }
        return files;
    }

    /** The nest: on sheets, and as drawings with a layer a size. */
    static Map<Path, byte[]> nest(SizeSet set, Nest nest, Paper paper, Path folder) throws IOException {
        Map<Path, byte[]> files = new LinkedHashMap<>();
        files.put(folder.resolve("nest.pdf"), PdfPattern.nest(set, nest, Print.of(paper)));
        files.put(folder.resolve("nest.svg"), utf8(SvgNest.write(set, nest)));
        files.put(folder.resolve("nest.dxf"), utf8(DxfNest.write(set, nest)));
        return files;
    }

    /** A size by itself: its document, and its pattern as figures and as a drawing. */
    static Map<Path, byte[]> one(SizedDraft sized, Path folder) {
        Draft draft = sized.draft().orElseThrow();
        CuttingPlan plan = CuttingPlan.of(draft);
        String name = PatternFiles.fileName("size " + sized.size().label());
        Map<Path, byte[]> files = new LinkedHashMap<>();
        files.put(folder.resolve(name + ".bathyra.json"), utf8(CommissionJson.write(sized.commission())));
        files.put(folder.resolve(name + ".pattern.json"), utf8(PatternFiles.json(draft, plan, Version.number())));
        files.put(folder.resolve(name + ".svg"), utf8(SvgPattern.write(plan)));
        return files;
    }

    /** What is cut together, as a table, and each layer as it lies. */
    static Map<Path, byte[]> batch(SizeSet set, Batch batch, LengthUnit unit, Path folder) {
        Map<Path, byte[]> files = new LinkedHashMap<>();
        files.put(folder.resolve("batch.csv"), utf8(BatchCsv.write(set, batch, unit)));
        batch.layers().forEach((kind, cut) -> cut.lay()
                .ifPresent(lay -> files.put(
                        folder.resolve("lay-" + kind.id() + ".svg"),
                        utf8(SvgLay.write(lay, set.design().title() + ", " + kind.label())))));
        return files;
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
