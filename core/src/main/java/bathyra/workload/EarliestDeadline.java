package bathyra.workload;

import bathyra.house.Maker;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/**
 * Whether one maker can hold every day: at any time the work with the earliest deadline of what can be begun, interrupted when something
 * more urgent can be. If any order holds all days, this one does (Horn 1974, Naval Research Logistics Quarterly 21).
 */
final class EarliestDeadline {
    private EarliestDeadline() {}

    private static final class Rest {
        private final Portion portion;
        private final int release;
        private final int until;
        private final boolean overdue;
        private double minutes;
        private double late;

        private Rest(Portion portion, Horizon horizon) {
            this.portion = portion;
            release = horizon.day(portion.release());
            until = horizon.day(portion.until());
            overdue = portion.until().isBefore(horizon.today());
            minutes = portion.minutes();
        }
    }

    /** What cannot be held. @param portions of one maker */
    static List<Late> late(List<Portion> portions, Maker maker, Horizon horizon) {
        // What is to be done beyond the horizon can be held as far as anybody can see.
        LocalDate last = horizon.date(horizon.days() - 1);
        List<Rest> coming = new ArrayList<>(portions.stream()
                .filter(p -> p.until().isBefore(last))
                .map(p -> new Rest(p, horizon))
                .toList());
        coming.sort(Comparator.comparingInt(r -> r.release));
        // The portions of one commission come in their order; equal deadlines keep it.
        PriorityQueue<Rest> ready = new PriorityQueue<>(Comparator.<Rest>comparingInt(r -> r.overdue ? -1 : r.until)
                .thenComparingInt(r -> r.release)
                .thenComparingLong(r -> r.portion.job()));
        List<Late> late = new ArrayList<>();
        int next = 0;
        for (int day = 0; day < horizon.days() && (next < coming.size() || !ready.isEmpty()); day++) {
            while (next < coming.size() && coming.get(next).release <= day) {
                ready.add(coming.get(next++));
            }
            double left = horizon.capacity(maker, day);
            while (left > WorkLoad.LEAST && !ready.isEmpty()) {
                Rest rest = ready.peek();
                if (rest.late == 0 && (rest.overdue || day > rest.until)) {
                    rest.late = rest.minutes;
                }
                double done = Math.min(left, rest.minutes);
                left -= done;
                rest.minutes -= done;
                if (rest.minutes <= WorkLoad.LEAST) {
                    ready.poll();
                    if (rest.late > 0) {
                        late.add(new Late(rest.portion, rest.late, horizon.date(day)));
                    }
                }
            }
        }
        // Nobody works, or not in this life: all that is left is late.
        for (Rest rest : ready) {
            late.add(new Late(rest.portion, rest.minutes, horizon.date(horizon.days() - 1)));
        }
        return late;
    }
}
