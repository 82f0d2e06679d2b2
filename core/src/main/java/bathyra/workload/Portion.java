package bathyra.workload;

import bathyra.workplan.Task;
import java.time.LocalDate;

/**
 * What is left of one step of a commission, and when it can be done.
 *
 * @param job the commission
 * @param maker who does it
 * @param minutes left
 * @param release before this day it cannot be begun
 * @param from from this day on it is done when the work is laid evenly; not before its release, unless that is too late anyway
 * @param until to be done by the end of this day
 */
public record Portion(
        long job, Task task, String maker, double minutes, LocalDate release, LocalDate from, LocalDate until) {}
