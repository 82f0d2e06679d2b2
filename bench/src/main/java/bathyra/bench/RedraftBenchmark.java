package bathyra.bench;

import bathyra.draft.Bodies;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.UpperShape;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
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

/** One full redraft: a measurement changes, and pieces, cut lines and all checks are made anew. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class RedraftBenchmark {
    private final Commission commission =
            Bodies.commission(Bodies.nerea(), Garment.bustier().withUpperEdge(UpperShape.SWEETHEART));
    private int step;

    @Benchmark
    public Outcome redraft() {
        Length waist = Length.mm(700 + step++ % 40);
        return Drafter.draft(
                commission.withMeasurements(commission.measurements().with(MeasurementKey.WAIST, waist)));
    }
}
