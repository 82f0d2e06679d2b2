package bathyra.workload;

import bathyra.house.House;
import java.util.Optional;

/**
 * Something that would help, tried out.
 *
 * @param title what is done
 * @param cost what it costs
 * @param before what was too much, minutes: late or over, whichever was asked about
 * @param after what would still be
 * @param job the commission as it would be; empty where none is changed
 * @param house the workshop as it would be; empty where that is not changed
 */
public record Remedy(String title, String cost, double before, double after, Optional<Job> job, Optional<House> house) {
    /** The work as it would be. */
    public WorkLoad on(WorkLoad load) {
        WorkLoad next = house.map(load::in).orElse(load);
        return job.map(next::with).orElse(next);
    }
}
