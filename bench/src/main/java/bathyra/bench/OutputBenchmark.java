package bathyra.bench;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.PatternFiles;
import bathyra.files.drawing.DrawingFile;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.json.BadDocument;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.sheet.Sheets;
import bathyra.files.svg.SvgPattern;
import bathyra.finding.Finding;
import bathyra.foreign.ForeignDrawing;
import bathyra.foreign.Sewing;
import bathyra.foreign.Taking;
import bathyra.garment.EdgeUse;
import bathyra.garment.Finish;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LayerKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.length.Length;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.truing.Truing;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The files of a laced corset of twelve pieces, every layer with allowances of its own so that each is drawn, and the check of a
 * pattern of forty pieces from elsewhere.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class OutputBenchmark {
    private static final int FORTY = 40;
    private final Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), corset()));
    private final CuttingPlan plan = CuttingPlan.of(draft);
    private final String dxf = DxfPattern.write(CuttingPlan.of(draft, kind -> kind == LayerKind.FASHION));
    private final String document = PatternJson.write(forty(), List.of(), "bench");
    private final ForeignDrawing drawing = drawing();

    private static Garment corset() {
        Garment corset = Garment.of(GarmentKind.CORSET).withPanels(Panels.of(6, SeamPlacing.LANDMARKS));
        Finish finish = corset.finish();
        int width = 10;
        for (LayerKind kind : LayerKind.ofPanels()) {
            finish = finish.withLayer(
                    kind,
                    finish.layer(kind).withMade(true).withAllowance(EdgeUse.SEAM, Optional.of(Length.mm(width++))));
        }
        return corset.withFinish(finish);
    }

    private ForeignDrawing drawing() {
        try {
            return DrawingFile.dxf(dxf);
        } catch (BadDocument e) {
            throw new IllegalStateException(e);
        }
    }

    /** The corset's pieces again and again under new ids, each with its seams. */
    private Pattern forty() {
        Pattern own = draft.pattern();
        List<Piece> pieces = new ArrayList<>();
        List<SeamJoin> seams = new ArrayList<>();
        for (int copy = 0; pieces.size() < FORTY; copy++) {
            String mark = "c" + copy;
            for (Piece piece : own.pieces()) {
                if (pieces.size() < FORTY) {
                    pieces.add(piece.withId(mark + piece.id()));
                }
            }
            for (SeamJoin seam : own.seams()) {
                SeamJoin.Ref a =
                        new SeamJoin.Ref(mark + seam.a().piece(), seam.a().edge());
                SeamJoin.Ref b =
                        new SeamJoin.Ref(mark + seam.b().piece(), seam.b().edge());
                if (pieces.stream().anyMatch(p -> p.id().equals(a.piece()))
                        && pieces.stream().anyMatch(p -> p.id().equals(b.piece()))) {
                    seams.add(new SeamJoin(mark + seam.id(), seam.name(), a, b));
                }
            }
        }
        return new Pattern("forty", "", List.of(), pieces, seams, OptionalDouble.empty());
    }

    @Benchmark
    public byte[] tiledPdf() throws IOException {
        return PdfPattern.write(
                draft, plan, Print.of(Paper.A4), new PdfPattern.Imprint("2026-01-01", ""), PdfPattern.Progress.UNSEEN);
    }

    /** What the Output page waits for: the pieces laid on their sheets. */
    @Benchmark
    public Sheets sheets() {
        return Sheets.of(plan, Print.of(Paper.A4));
    }

    @Benchmark
    public String svg() {
        return SvgPattern.write(plan);
    }

    @Benchmark
    public String dxf() {
        return DxfPattern.write(plan);
    }

    @Benchmark
    public String hpgl() {
        return HpglPattern.write(plan, HpglPattern.ROLL);
    }

    @Benchmark
    public List<Finding> beforeCutting() {
        return PatternFiles.beforeCutting(plan);
    }

    @Benchmark
    public List<Finding> checkFortyPieces() throws BadDocument {
        return Truing.lookAtForeign(PatternJson.read(document));
    }

    @Benchmark
    public List<Finding> takeAndCheckDrawing() {
        return Truing.lookAtForeign(Sewing.suggested(
                Taking.take(drawing, drawing.unit().orElseThrow()).pattern()));
    }
}
