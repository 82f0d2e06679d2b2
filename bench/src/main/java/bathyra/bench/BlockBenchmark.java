package bathyra.bench;

import bathyra.block.BlockDrawing;
import bathyra.draft.BlockDifference;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Bodies;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.files.pdf.DraftingSheet;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The schools: a full redraft by each, two blocks compared, and the sheet to print. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 2, time = 3)
@Fork(1)
public class BlockBenchmark {
    private static final int EXPLAINED = 7;

    @Param({"QUARTER", "PROPORTION", "SHOULDER_DART", "DOUBLED_DART"})
    private BlockMethod method;

    private Garment garment;
    private Garment other;
    private int step;

    @Setup
    public void choose() {
        garment = Garment.bustier().withBlock(BlockChoice.QUARTER.withMethod(method));
        other = Garment.bustier()
                .withBlock(BlockChoice.QUARTER.withMethod(
                        method == BlockMethod.QUARTER ? BlockMethod.SHOULDER_DART : BlockMethod.QUARTER));
    }

    private MeasurementSet next() {
        return Bodies.nerea()
                .with(MeasurementKey.SHOULDER_WIDTH, Length.mm(410))
                .with(MeasurementKey.HEIGHT, Length.mm(1700))
                .with(MeasurementKey.WAIST, Length.mm(700 + step++ % 40));
    }

    /** The pattern and the block with shoulders, as a change of a measurement makes both anew. */
    @Benchmark
    public Outcome redraft() {
        Commission commission = Bodies.commission(next(), garment);
        BlockDrafter.draft(commission.measurements(), garment);
        return Drafter.draft(commission);
    }

    /** Two blocks of a body, where they differ, and what explains it. */
    @Benchmark
    public Object compare() {
        MeasurementSet set = next();
        BlockDrawing here = BlockDrafter.draft(set, garment).drawing().orElseThrow();
        BlockDrawing there = BlockDrafter.draft(set, other).drawing().orElseThrow();
        List<BlockDifference.Row> rows = BlockDifference.between(here, there);
        return BlockDifference.explain(
                set, garment, other, rows.stream().limit(EXPLAINED).toList());
    }

    @Benchmark
    public byte[] sheet() throws IOException {
        MeasurementSet set = next();
        return DraftingSheet.write(
                BlockDrafter.draft(set, garment).drawing().orElseThrow(),
                Bodies.commission(set, garment),
                DraftingSheet.Scale.FULL,
                "2026-11-23");
    }
}
