package bathyra.bench;

import bathyra.bill.Shopping;
import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.garment.Closure;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.stock.PriceList;
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

/** The bones of a twelve-panel corset with a busk beside the redraft that they follow. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class BonesBenchmark {
    private final Commission commission = Bodies.commission(Bodies.nerea(), corset());
    private final Draft draft = (Draft) Drafter.draft(commission);

    private static Garment corset() {
        Garment corset = Garment.of(GarmentKind.CORSET).withPanels(Panels.of(6, SeamPlacing.LANDMARKS));
        return corset.withFastening(corset.fastening().with(Closure.FRONT_BUSK));
    }

    @Benchmark
    public Outcome redraft() {
        return Drafter.draft(commission);
    }

    /** The pattern and its bones, as a change makes both anew. */
    @Benchmark
    public Bones redraftWithBones() {
        return BonePlan.of((Draft) Drafter.draft(commission));
    }

    @Benchmark
    public Bones bones() {
        return BonePlan.of(draft);
    }

    @Benchmark
    public Shopping shopping() {
        return Shopping.of(draft, PriceList.invented());
    }
}
