package bathyra.app.weeks;

import bathyra.plan.DateKind;
import bathyra.workload.Job;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * One row on the tape of weeks: a commission, or one design that is made for many.
 *
 * @param jobs one, or all of the design
 */
record WeekRow(List<Job> jobs) {
    private static final List<String> NUMBERS =
            List.of("three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    /** So many of one design are one row. */
    static final int MANY = 3;

    WeekRow {
        jobs = List.copyOf(jobs);
    }

    boolean isMany() {
        return jobs.size() > 1;
    }

    Job first() {
        return jobs.get(0);
    }

    /** By what it is the same row when the book is read anew. */
    String key() {
        return isMany() ? "many " + first().title() + " " + jobs.size() : Long.toString(first().id());
    }

    /** For how many it is. */
    String wearers() {
        int of = jobs.size() - MANY;
        return (of >= 0 && of < NUMBERS.size() ? NUMBERS.get(of) : Integer.toString(jobs.size()))
                + " wearers, one design";
    }

    double left() {
        return jobs.stream().mapToDouble(Job::left).sum();
    }

    /** The first day of any of them; empty while none has a due day. */
    Optional<LocalDate> from() {
        return jobs.stream()
                .flatMap(j -> j.dates().map(d -> d.day(DateKind.MEASURED)).stream())
                .min(LocalDate::compareTo);
    }

    /** The last due day of any of them. */
    Optional<LocalDate> until() {
        return jobs.stream().flatMap(j -> j.plan().due().stream()).max(LocalDate::compareTo);
    }
}
