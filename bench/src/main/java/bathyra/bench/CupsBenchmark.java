package bathyra.bench;

import bathyra.draft.Bodies;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.garment.Bust;
import bathyra.garment.Commission;
import bathyra.garment.ContourSet;
import bathyra.garment.CupKind;
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

/** A full redraft with three-part cups, the contour set of a strapless sweetheart and its edge, beside the plain bustier of the same run. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class CupsBenchmark {
    private static final Garment SWEETHEART = Garment.bustier().withUpperEdge(UpperShape.SWEETHEART);
    private static final Bust HUGGING =
            Bust.PRINCESS.withSet(ContourSet.SWEETHEART.wedges()).withCups(CupKind.THREE_PART);
    private final Commission plain = Bodies.commission(Bodies.nerea(), SWEETHEART);
    private final Commission cups = Bodies.commission(Bodies.nerea(), SWEETHEART.withBust(HUGGING));
    private int step;

    @Benchmark
    public Outcome princess() {
        return draft(plain);
    }

    @Benchmark
    public Outcome threePartCupsWithContour() {
        return draft(cups);
    }

    private Outcome draft(Commission commission) {
        Length waist = Length.mm(700 + step++ % 40);
        return Drafter.draft(
                commission.withMeasurements(commission.measurements().with(MeasurementKey.WAIST, waist)));
    }
}
