package bathyra.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;

/**
 * How long fixed work takes here and now, ms: by it machines, and the hours of one machine, can be compared.
 *
 * @param loop arithmetic, which stays in the processor
 * @param objects objects made, sorted, looked up and forgotten, which go through the memory, as those of a draft do
 */
record Yardstick(double loop, double objects) {
    private static final int TURNS = 25;
    private static final int LOOP_LENGTH = 400_000;
    private static final int OBJECTS = 20_000;
    /** Prime to their number, so that the spots come in no order. */
    private static final int STRIDE = 7919;

    static Yardstick now() {
        return new Yardstick(middle(Yardstick::loop), middle(Yardstick::objects));
    }

    private static double loop(int turn) {
        double sum = 0;
        for (int i = 1; i <= LOOP_LENGTH; i++) {
            sum += Math.sqrt(i) / (i + turn);
        }
        return sum;
    }

    private record Spot(double x, double y) {
        private Spot moved(double by) {
            return new Spot(x + by, y - by);
        }
    }

    private static double objects(int turn) {
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < OBJECTS; i++) {
            spots.add(new Spot((long) i * STRIDE % OBJECTS, turn));
        }
        Map<Spot, Integer> places = new HashMap<>();
        spots.stream()
                .map(s -> s.moved(1))
                .sorted(Comparator.comparingDouble(Spot::x))
                .forEach(s -> places.put(s, places.size()));
        return spots.stream().mapToDouble(s -> places.get(s.moved(1)) + 1.0).sum();
    }

    /** The middle of many turns of the same work, ms. */
    private static double middle(IntToDoubleFunction work) {
        double[] times = new double[TURNS];
        for (int turn = 0; turn < TURNS; turn++) {
            long begun = System.nanoTime();
            if (work.applyAsDouble(turn) <= 0) {
                throw new IllegalStateException("a sum of positive numbers");
            }
            times[turn] = (System.nanoTime() - begun) / 1e6;
        }
        Arrays.sort(times);
        return times[TURNS / 2];
    }
}
