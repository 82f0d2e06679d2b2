package bathyra.bench;

import bathyra.draft.Bodies;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.garment.UpperShape;
import bathyra.intake.Balance;
import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Optional;
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

/** One handle of a sixteen-panel overbust corset is dragged: the level re-balances, all panels are walked, cut and checked anew. Beside it the balance alone. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class CorsetBenchmark {
    private final Commission commission = Bodies.commission(
            Bodies.nerea(),
            Garment.of(GarmentKind.CORSET)
                    .withPanels(Panels.of(8, SeamPlacing.LANDMARKS))
                    .withUpperEdge(UpperShape.SWEETHEART));
    private final double[] wanted = {8, 12, 9, 20, 11, 8, 5, 0};
    private final double[] yields = {0.08, 0.12, 0.09, 0.2, 0.11, 0.08, 0.05, 0};
    private final double[] least = new double[8];
    private final double[] most = {45, 45, 45, 15, 45, 45, 45, 45};
    private int step;

    @Benchmark
    public Outcome drag() {
        Length intake = Length.mm(8 + step++ % 24 * 0.5);
        return Drafter.draft(commission.withGarment(
                commission.garment().withIntake(new Cell(Level.WAIST, SeamPlace.front(2)), intake)));
    }

    @Benchmark
    public Optional<double[]> balance() {
        return Balance.of(70 + step++ % 20, wanted, yields, least, most);
    }
}
