package bathyra.workload;

import java.time.LocalDate;

/**
 * What cannot be done by its day, in whatever order one works.
 *
 * @param minutes what is still to be done of it when its day is over
 * @param done the day on which it would be done
 */
public record Late(Portion portion, double minutes, LocalDate done) {}
