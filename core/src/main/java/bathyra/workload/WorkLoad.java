package bathyra.workload;

import bathyra.house.House;
import bathyra.house.Maker;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a workshop has to do in the weeks from today on, against the hours it has. Two questions are told apart: <em>over</em> is a week
 * whose work, laid evenly on the days left, is more than there are hours: a warning. <em>Late</em> is what no order of working can hold.
 */
public final class WorkLoad {
    /** Less is no work, minutes. */
    static final double LEAST = 1e-6;

    private final House house;
    private final Horizon horizon;
    private final Map<Long, Job> jobs = new LinkedHashMap<>();
    private final Map<Long, List<Portion>> portions = new LinkedHashMap<>();
    private final Map<Long, double[]> laid = new LinkedHashMap<>();
    private final double[] needed = new double[Horizon.WEEKS];
    private Optional<List<Late>> late = Optional.empty();
    private Map<Long, List<Late>> lateByJob = Map.of();

    private WorkLoad(House house, Horizon horizon) {
        this.house = house;
        this.horizon = horizon;
    }

    /** @param weekStart on which day the workshop's weeks begin */
    public static WorkLoad of(List<Job> jobs, House house, LocalDate today, DayOfWeek weekStart) {
        WorkLoad load = new WorkLoad(house, new Horizon(house, today, weekStart));
        jobs.forEach(load::put);
        return load;
    }

    /** The same with one commission otherwise; the others are not counted again. */
    public WorkLoad with(Job job) {
        WorkLoad next = copied(house, horizon);
        next.put(job);
        return next;
    }

    /** The same work in a workshop with other hours. Where people and days are the same nothing is laid again. */
    public WorkLoad in(House other) {
        boolean onlyHours =
                other.calendar().equals(house.calendar()) && names(other).equals(names(house));
        return onlyHours
                ? copied(other, new Horizon(other, horizon.today(), horizon.weekStart()))
                : of(List.copyOf(jobs.values()), other, horizon.today(), horizon.weekStart());
    }

    private static List<String> names(House house) {
        return house.makers().stream().map(Maker::name).toList();
    }

    private WorkLoad copied(House in, Horizon over) {
        WorkLoad next = new WorkLoad(in, over);
        next.jobs.putAll(jobs);
        next.portions.putAll(portions);
        next.laid.putAll(laid);
        System.arraycopy(needed, 0, next.needed, 0, needed.length);
        return next;
    }

    private void put(Job job) {
        Optional.ofNullable(laid.get(job.id())).ifPresent(was -> add(was, -1));
        List<Portion> parts = job.portions(house, horizon.today());
        double[] weeks = lay(parts);
        jobs.put(job.id(), job);
        portions.put(job.id(), parts);
        laid.put(job.id(), weeks);
        add(weeks, 1);
        late = Optional.empty();
    }

    private void add(double[] weeks, double sign) {
        for (int i = 0; i < weeks.length; i++) {
            needed[i] += sign * weeks[i];
        }
    }

    /** Each portion evenly on the days that are worked between its first and its last; on the next one where none is. */
    private double[] lay(List<Portion> parts) {
        double[] weeks = new double[Horizon.WEEKS];
        for (Portion part : parts) {
            int from = horizon.day(part.from());
            int until = Math.max(from, horizon.day(part.until()));
            int days = horizon.worked(from, until);
            if (days == 0) {
                weeks[horizon.week(horizon.next(from))] += part.minutes();
                continue;
            }
            for (int day = from; day <= until; day++) {
                if (horizon.isWorked(day)) {
                    weeks[horizon.week(day)] += part.minutes() / days;
                }
            }
        }
        return weeks;
    }

    public House house() {
        return house;
    }

    public LocalDate today() {
        return horizon.today();
    }

    public List<Job> jobs() {
        return List.copyOf(jobs.values());
    }

    public Optional<Job> job(long id) {
        return Optional.ofNullable(jobs.get(id));
    }

    /** What is left of a commission, step by step. */
    List<Portion> portions(long job) {
        return portions.getOrDefault(job, List.of());
    }

    /** The first day of a week, counted from the present one. */
    public LocalDate first(int week) {
        return horizon.first(week);
    }

    /** The number of the week in which a day lies; negative before the present one. */
    public int week(LocalDate day) {
        return (int) ChronoUnit.WEEKS.between(horizon.first(0), horizon.firstOf(day));
    }

    /** What is to be done in a week, minutes. */
    public double needed(int week) {
        return week < 0 || week >= needed.length ? 0 : needed[week];
    }

    /** What is to be done of one commission in a week, minutes. */
    public double needed(long job, int week) {
        double[] weeks = laid.get(job);
        return weeks == null || week < 0 || week >= weeks.length ? 0 : weeks[week];
    }

    /** What can be done in a week from today on, minutes; the buffer is kept back. */
    public double atHand(int week) {
        return horizon.atHand(week);
    }

    /** What is more than can be done in a week, minutes; 0 if nothing. */
    public double over(int week) {
        return Math.max(0, needed(week) - atHand(week));
    }

    /** The last week in which something is to be done, counted from the present one. */
    public int last() {
        int last = 0;
        for (int week = 0; week < needed.length; week++) {
            if (needed[week] > LEAST) {
                last = week;
            }
        }
        return last;
    }

    /** All that is over in all weeks, minutes. */
    double over() {
        double over = 0;
        int last = last();
        for (int week = 0; week <= last; week++) {
            over += over(week);
        }
        return over;
    }

    /** What is left of commissions that have no due day and lie in no week, minutes. */
    public double undated() {
        return jobs.values().stream()
                .filter(j -> j.dates().isEmpty())
                .mapToDouble(Job::left)
                .sum();
    }

    /** What cannot be held, the earliest first. */
    public List<Late> late() {
        if (late.isEmpty()) {
            List<Late> found = new ArrayList<>();
            for (Maker maker : house.makers()) {
                found.addAll(late(maker));
            }
            found.sort(Comparator.comparing(l -> l.portion().until()));
            lateByJob = found.stream()
                    .collect(Collectors.groupingBy(l -> l.portion().job()));
            late = Optional.of(List.copyOf(found));
        }
        return late.get();
    }

    private List<Late> late(Maker maker) {
        List<Portion> theirs = new ArrayList<>();
        for (List<Portion> parts : portions.values()) {
            for (Portion part : parts) {
                if (part.maker().equals(maker.name())) {
                    theirs.add(part);
                }
            }
        }
        return EarliestDeadline.late(theirs, maker, horizon);
    }

    /** What of one commission cannot be held. */
    public List<Late> late(long job) {
        return late().isEmpty() ? List.of() : lateByJob.getOrDefault(job, List.of());
    }

    /** All that cannot be held, minutes. */
    double lateMinutes() {
        return late().stream().mapToDouble(Late::minutes).sum();
    }
}
