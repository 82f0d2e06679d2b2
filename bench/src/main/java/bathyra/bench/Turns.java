package bathyra.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;

/** A piece of work done in turns: the median of the later half, beside a redraft measured in the same run. */
final class Turns {
    private static final int TURNS = 60;

    private Turns() {}

    /** @return ms */
    static double median(Callable<?> work) throws Exception {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < TURNS; i++) {
            long from = System.nanoTime();
            work.call();
            times.add((System.nanoTime() - from) / 1e6);
        }
        List<Double> warm = times.subList(TURNS / 2, TURNS).stream().sorted().toList();
        return warm.get(warm.size() / 2);
    }

    static void say(String what, double ms, double redraft) {
        System.out.printf(Locale.ROOT, "%-40s %8.1f ms  %6.2f redrafts%n", what, ms, ms / redraft);
    }
}
