package bathyra.workload;

import bathyra.house.House;
import bathyra.house.Maker;
import bathyra.plan.DateKind;
import bathyra.plan.Hands;
import bathyra.plan.Plan;
import bathyra.workplan.Dates;
import bathyra.workplan.StepKind;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Looks for what would help, by trying it: nothing is proposed that was not laid out and counted. */
public final class Relief {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final int LATER_MOST = 60;
    private static final double HOUR = 60;
    private static final double HALF_HOURS_MOST = 80;
    /** So many commissions of a week are looked at, the largest first. */
    private static final int LOOKED_AT = 12;

    private static final int MOVED_MOST = 10;
    /** What helps by less is no help, minutes. */
    private static final double WORTH = 15;

    private static final List<DateKind> MOVED = List.of(
            DateKind.TOILE,
            DateKind.FIRST_FITTING,
            DateKind.CUT,
            DateKind.MADE_UP,
            DateKind.SECOND_FITTING,
            DateKind.FINISHED);

    private Relief() {}

    /** What would hold the days of a commission that is late, the least trouble first. Empty when it is not late. */
    public static List<Remedy> ofLate(WorkLoad load, long id) {
        double before = late(load, id);
        Optional<Job> job = load.job(id);
        if (before <= WorkLoad.LEAST || job.isEmpty()) {
            return List.of();
        }
        return Stream.of(
                        otherMakers(load, job.get()),
                        leftOut(load, job.get()),
                        moreHours(load, job.get()).stream(),
                        laterDay(load, job.get()).stream())
                .flatMap(s -> s)
                .filter(r -> r.after() < before - WORTH || r.after() <= WorkLoad.LEAST)
                .filter(r -> r.on(load).lateMinutes() < load.lateMinutes() - WorkLoad.LEAST)
                .sorted(Comparator.comparing(r -> r.after() > WorkLoad.LEAST))
                .toList();
    }

    private static double late(WorkLoad load, long id) {
        return load.late(id).stream().mapToDouble(Late::minutes).sum();
    }

    private static Remedy tried(WorkLoad load, String title, String cost, Job job) {
        return new Remedy(
                title, cost, late(load, job.id()), late(load.with(job), job.id()), Optional.of(job), Optional.empty());
    }

    private static Stream<Remedy> otherMakers(WorkLoad load, Job job) {
        House house = load.house();
        String now = house.maker(job.plan().hands().maker()).name();
        return house.makers().stream().filter(m -> !m.name().equals(now)).map(m -> {
            Plan plan = job.plan().by(new Hands(m.name(), job.plan().hands().learner()));
            return tried(
                    load,
                    "Give it to " + m.name(),
                    Hours.said(job.left()) + " more of theirs, and so much less of " + now,
                    job.planned(plan, house, load.today()));
        });
    }

    private static Stream<Remedy> leftOut(WorkLoad load, Job job) {
        return Stream.of(StepKind.SECOND_TOILE, StepKind.SECOND_FITTING)
                .flatMap(kind -> job.work().step(kind).stream())
                .filter(step -> step.left() > 0 && step.progress().minutes() == 0)
                .map(step -> {
                    Plan plan = job.plan()
                            .ordered(job.plan().order().without(step.task().id()));
                    Job next = new Job(
                            job.id(),
                            job.title(),
                            job.wearer(),
                            plan,
                            job.work().without(step.task()),
                            Dates.of(plan, load.house(), load.today()));
                    return tried(
                            load,
                            "Leave out the " + step.task().label().toLowerCase(Locale.ROOT),
                            Hours.said(step.left()) + " less; nobody sees the change before it is worn",
                            next);
                });
    }

    private static Optional<Remedy> moreHours(WorkLoad load, Job job) {
        List<Late> late = load.late(job.id());
        Maker maker = load.house().maker(late.get(0).portion().maker());
        int last = late.stream()
                .mapToInt(l -> load.week(l.portion().until()))
                .max()
                .orElse(0);
        int least = 1;
        int most = (int) HALF_HOURS_MOST;
        if (last < 0 || maker.hours() + most / 2.0 > Maker.MOST) {
            return Optional.empty();
        }
        while (least < most) {
            int half = (least + most) / 2;
            if (late(load.in(longer(load, maker, last, half / 2.0)), job.id()) <= WorkLoad.LEAST) {
                most = half;
            } else {
                least = half + 1;
            }
        }
        House house = longer(load, maker, last, least / 2.0);
        double after = late(load.in(house), job.id());
        return Optional.of(new Remedy(
                Hours.said(least / 2.0 * HOUR) + " more a week of " + maker.name(),
                last == 0 ? "this week" : "until the week of " + DAY.format(load.first(last)),
                late(load, job.id()),
                after,
                Optional.empty(),
                Optional.of(house)));
    }

    private static House longer(WorkLoad load, Maker maker, int last, double hours) {
        Maker next = maker;
        for (int week = 0; week <= last; week++) {
            next = next.workingIn(load.first(week), Math.min(Maker.MOST, maker.in(load.first(week)) + hours));
        }
        return load.house().with(next);
    }

    private static Optional<Remedy> laterDay(WorkLoad load, Job job) {
        LocalDate due = job.plan().due().orElseThrow();
        for (int days = 1; days <= LATER_MOST; days++) {
            Plan plan = later(job.plan(), load, days);
            Job next = job.planned(plan, load.house(), load.today());
            if (late(load.with(next), job.id()) <= WorkLoad.LEAST) {
                return Optional.of(tried(
                        load,
                        "Due " + DAY.format(plan.due().orElseThrow()),
                        days + (days == 1 ? " working day" : " working days") + " later than " + DAY.format(due)
                                + "; the wearer must agree",
                        next));
            }
        }
        return Optional.empty();
    }

    /** The due day and all days to come so many working days later. */
    private static Plan later(Plan plan, WorkLoad load, int days) {
        Plan next = plan.due(plan.due().map(d -> load.house().calendar().after(d, days)));
        for (Map.Entry<DateKind, LocalDate> fixed : plan.fixed().entrySet()) {
            if (!fixed.getValue().isBefore(load.today())) {
                next = next.fixing(
                        fixed.getKey(), Optional.of(load.house().calendar().after(fixed.getValue(), days)));
            }
        }
        return next;
    }

    /** What would take work out of a week that has too much: a day moved of one commission, then of another on top of that; and more hours, for what is left or instead. Empty when it has not. */
    public static List<Remedy> ofWeek(WorkLoad load, int week) {
        List<Remedy> found = new ArrayList<>();
        WorkLoad at = load;
        for (int round = 0; round < 2 && at.over(week) > WorkLoad.LEAST; round++) {
            Optional<Remedy> best = movedDay(at, week, found);
            if (best.isEmpty()) {
                break;
            }
            found.add(best.get());
            at = best.get().on(at);
        }
        // Where moving days is enough there is still the other way: to work longer.
        hoursIn(found.size() < 2 && at.over(week) <= WorkLoad.LEAST ? load : at, week)
                .ifPresent(found::add);
        return found;
    }

    private static Optional<Remedy> movedDay(WorkLoad load, int week, List<Remedy> before) {
        Remedy best = null;
        double least = load.over() - WORTH;
        int moved = Integer.MAX_VALUE;
        for (Job job : largest(load, week, before)) {
            for (DateKind kind : MOVED) {
                for (int by = -MOVED_MOST; by <= MOVED_MOST; by++) {
                    Optional<Job> next = moved(load, job, kind, by);
                    if (next.isEmpty()) {
                        continue;
                    }
                    WorkLoad then = load.with(next.get());
                    double over = then.over();
                    boolean better = over < least - WORTH || Math.abs(over - least) <= WORTH && Math.abs(by) < moved;
                    if (better
                            && then.over(week) < load.over(week) - WORTH
                            && then.lateMinutes() <= load.lateMinutes() + WorkLoad.LEAST) {
                        least = over;
                        moved = Math.abs(by);
                        best = moved(load, then, week, next.get(), kind);
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static List<Job> largest(WorkLoad load, int week, List<Remedy> before) {
        return load.jobs().stream()
                .filter(j -> load.needed(j.id(), week) > WORTH)
                .filter(j -> before.stream()
                        .noneMatch(r -> r.job().filter(o -> o.id() == j.id()).isPresent()))
                .sorted(Comparator.comparingDouble(j -> -load.needed(j.id(), week)))
                .limit(LOOKED_AT)
                .toList();
    }

    /** One day of a commission moved, as far as its days keep their order and it is still to come. */
    private static Optional<Job> moved(WorkLoad load, Job job, DateKind kind, int by) {
        Dates dates = job.dates().orElseThrow();
        LocalDate now = dates.day(kind);
        if (by == 0 || now.isBefore(load.today())) {
            return Optional.empty();
        }
        LocalDate day = by < 0
                ? load.house().calendar().before(now, -by)
                : load.house().calendar().after(now, by);
        if (day.isBefore(load.today()) || day.isAfter(dates.due())) {
            return Optional.empty();
        }
        Job next = job.planned(job.plan().fixing(kind, Optional.of(day)), load.house(), load.today());
        boolean inOrder =
                next.dates().orElseThrow().said().size() <= dates.said().size();
        return inOrder ? Optional.of(next) : Optional.empty();
    }

    private static Remedy moved(WorkLoad load, WorkLoad then, int week, Job next, DateKind kind) {
        LocalDate day = next.dates().orElseThrow().day(kind);
        double less = load.needed(next.id(), week) - then.needed(next.id(), week);
        return new Remedy(
                next.title().split(",")[0] + ": " + kind.label().toLowerCase(Locale.ROOT) + " " + DAY.format(day),
                Hours.said(less) + " go to other weeks; it was "
                        + DAY.format(load.job(next.id())
                                .orElseThrow()
                                .dates()
                                .orElseThrow()
                                .day(kind)),
                load.over(week),
                then.over(week),
                Optional.of(next),
                Optional.empty());
    }

    /** So many hours more of one maker in that week alone. */
    private static Optional<Remedy> hoursIn(WorkLoad load, int week) {
        double over = load.over(week);
        if (over <= WorkLoad.LEAST) {
            return Optional.empty();
        }
        LocalDate first = load.first(week);
        for (Maker maker : load.house().makers()) {
            double now = maker.in(first);
            for (double more = 0.5; now + more <= Math.min(Maker.MOST, now + HALF_HOURS_MOST / 2); more += 0.5) {
                House house = load.house().with(maker.workingIn(first, now + more));
                double after = load.in(house).over(week);
                if (after <= WorkLoad.LEAST) {
                    return Optional.of(new Remedy(
                            Hours.said(more * HOUR) + " more of " + maker.name(),
                            "in the week of " + DAY.format(first) + " alone",
                            over,
                            after,
                            Optional.empty(),
                            Optional.of(house)));
                }
            }
        }
        return Optional.empty();
    }
}
