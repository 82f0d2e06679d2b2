package bathyra.app.making;

import bathyra.workplan.Task;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Optional;

/** The clock of one step at a time. It gives what has passed to be put on record minute by minute, so that little is lost when the machine stops. */
final class StepClock {
    /** Nobody sews longer without a pause: it was forgotten. */
    static final Duration MOST = Duration.ofHours(3);

    private static final double MINUTE = 60_000;

    private final InstantSource time;
    private Optional<Task> step = Optional.empty();
    private Instant since = Instant.EPOCH;
    private Instant booked = Instant.EPOCH;

    /** @param minutes to be put on record of a step @param forgotten whether the clock ran longer than anybody sews, and was stopped */
    record Passed(Task step, double minutes, boolean forgotten) {}

    StepClock(InstantSource time) {
        this.time = time;
    }

    Optional<Task> running() {
        return step;
    }

    void start(Task next) {
        step = Optional.of(next);
        since = time.instant();
        booked = since;
    }

    /** For how long it has run. */
    Duration runs() {
        Duration runs = Duration.between(since, time.instant());
        return step.isEmpty() || runs.isNegative() ? Duration.ZERO : runs;
    }

    /** How long it is since something was given to be put on record. */
    Duration waits() {
        Duration waits = Duration.between(booked, time.instant());
        return step.isEmpty() || waits.isNegative() ? Duration.ZERO : waits;
    }

    /** The full minutes since it was last asked; a machine's clock that was set back gives none, and nothing is taken away. */
    Optional<Passed> pulse() {
        return step.map(s -> {
            if (runs().compareTo(MOST) > 0) {
                return forgotten(s);
            }
            double full = Math.floor(unbooked());
            booked = booked.plusMillis((long) (full * MINUTE));
            return new Passed(s, full, false);
        });
    }

    /** Stops it. */
    Optional<Passed> stop() {
        return step.map(s -> {
            if (runs().compareTo(MOST) > 0) {
                return forgotten(s);
            }
            double left = Math.round(unbooked() * 10) / 10.0;
            step = Optional.empty();
            return new Passed(s, left, false);
        });
    }

    private Passed forgotten(Task s) {
        double left = Math.max(0, Duration.between(booked, since.plus(MOST)).toMillis() / MINUTE);
        step = Optional.empty();
        return new Passed(s, left, true);
    }

    private double unbooked() {
        Duration passed = Duration.between(booked, time.instant());
        if (passed.isNegative()) {
            since = time.instant();
            booked = since;
            return 0;
        }
        return passed.toMillis() / MINUTE;
    }
}
