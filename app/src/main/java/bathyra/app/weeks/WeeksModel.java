package bathyra.app.weeks;

import bathyra.app.reckoning.TypedNumber;
import bathyra.app.stage.Days;
import bathyra.app.stage.WeekStart;
import bathyra.app.work.Latest;
import bathyra.app.workshop.WorkKept;
import bathyra.app.workshop.Workshop;
import bathyra.book.Works;
import bathyra.files.json.WorkJson;
import bathyra.files.pdf.HangerLabels;
import bathyra.files.plan.PlanCalendar;
import bathyra.house.House;
import bathyra.house.Maker;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.plan.Supply;
import bathyra.supply.Material;
import bathyra.workload.Job;
import bathyra.workload.Relief;
import bathyra.workload.Remedy;
import bathyra.workload.WorkLoad;
import bathyra.workplan.Pace;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.application.Platform;

/** The weeks of the workshop: what there is to do on every open commission, laid on the days left. */
final class WeeksModel {

    private final Workshop workshop;
    private final Clock time;
    private final Runnable changed;
    private WorkLoad load;
    private List<Works.Row> uncounted = List.of();
    private final Map<Long, Boolean> wanting = new HashMap<>();
    private final Set<String> opened = new HashSet<>();
    private Optional<Long> job = Optional.empty();
    private Optional<Integer> week = Optional.empty();
    private Optional<Done> done = Optional.empty();
    /** What is being dragged, not yet on record, and the work as it would be. */
    private Optional<Dragged> dragged = Optional.empty();

    private record Dragged(Job job, WorkLoad load) {}

    /** What is looked for help with: these very weeks, and what of them is chosen. */
    private record Asked(WorkLoad load, Optional<Integer> week, Optional<Long> job) {
        private boolean isSameChoice(Asked other) {
            return week.equals(other.week) && job.equals(other.job);
        }

        private List<Remedy> remedies() {
            return week.map(w -> Relief.ofWeek(load, w))
                    .orElseGet(() -> job.map(j -> Relief.ofLate(load, j)).orElse(List.of()));
        }
    }

    private final Latest latest = new Latest(Platform::runLater);
    private Asked asked;
    private Optional<List<Remedy>> found = Optional.empty();

    /** A deed that can be taken back, and how. */
    private record Done(String title, Runnable back) {}

    /** @param time by which today is today @param changed shows all anew */
    WeeksModel(Workshop workshop, Clock time, Runnable changed) {
        this.workshop = workshop;
        this.time = time;
        this.changed = changed;
        read();
    }

    /** Reads the book anew; of the commission in hand it is known what there is to do. */
    void read() {
        workshop.progress().countWork();
        List<Works.Row> rows = workshop.work().rows();
        Pace pace = workshop.work().pace(rows);
        List<Works.Row> open = rows.stream()
                .filter(r -> !r.archived() && !WorkKept.isFinished(r.plan()))
                .toList();
        House house = workshop.kept().house();
        LocalDate today = today();
        List<Job> jobs = new ArrayList<>(open.parallelStream()
                .flatMap(r -> WorkKept.job(r, house, pace, today).stream())
                .toList());
        List<Works.Row> unknown = open.stream().filter(r -> r.work().isEmpty()).toList();
        wanting.clear();
        for (Works.Row row : open) {
            row.work()
                    .flatMap(WorkJson.Work::bill)
                    .ifPresent(b -> wanting.put(
                            row.id(),
                            Material.of(b, row.plan()).stream()
                                    .anyMatch(m -> m.supply().state() == Supply.State.MISSING)));
        }
        jobs.sort(Comparator.comparing((Job j) -> j.plan().due().orElse(LocalDate.MAX)));
        load = WorkLoad.of(
                jobs, workshop.kept().house(), today(), WeekStart.now().day());
        uncounted = unknown;
        dragged = Optional.empty();
    }

    LocalDate today() {
        return LocalDate.now(time);
    }

    WorkLoad load() {
        return dragged.map(Dragged::load).orElse(load);
    }

    /** The open commissions, the soonest due first, those without a due day last. */
    List<Job> jobs() {
        return load.jobs();
    }

    /** The rows of the tape: of a design for many one, until it is opened. */
    List<WeekRow> rows() {
        Map<String, List<Job>> designs =
                jobs().stream().collect(Collectors.groupingBy(Job::title, LinkedHashMap::new, Collectors.toList()));
        List<WeekRow> rows = new ArrayList<>();
        Set<String> shown = new HashSet<>();
        for (Job each : jobs()) {
            List<Job> design = designs.get(each.title());
            boolean many = design.size() >= WeekRow.MANY;
            if (many && shown.add(each.title())) {
                rows.add(new WeekRow(design));
            }
            if (!many || opened.contains(each.title())) {
                rows.add(new WeekRow(List.of(each)));
            }
        }
        return rows;
    }

    /** Opens a design for many, or closes it. */
    void open(WeekRow row, boolean open) {
        if (open) {
            opened.add(row.first().title());
        } else {
            opened.remove(row.first().title());
        }
        changed.run();
    }

    /** A commission as it stands, or as it is being dragged. */
    Optional<Job> job(long id) {
        return dragged.map(Dragged::job).filter(j -> j.id() == id).or(() -> load.job(id));
    }

    /** Open commissions of which it is not known yet what there is to do. */
    List<Works.Row> uncounted() {
        return uncounted;
    }

    /** Whether anything that a commission is made from is missing; empty while its bill is not known. */
    Optional<Boolean> isWanting(long id) {
        return Optional.ofNullable(wanting.get(id));
    }

    boolean isInHand(long id) {
        return id == workshop.id();
    }

    Optional<Job> chosenJob() {
        return job.flatMap(this::job);
    }

    Optional<Integer> chosenWeek() {
        return week;
    }

    void choose(long id) {
        job = Optional.of(id);
        week = Optional.empty();
        changed.run();
    }

    void chooseWeek(int next) {
        week = Optional.of(next);
        job = Optional.empty();
        changed.run();
    }

    /** Moves a day of a commission while it is held; nothing is on record yet. @param kind empty for the due day */
    void drag(long id, Optional<DateKind> kind, LocalDate day) {
        load.job(id).ifPresent(j -> {
            Job next = j.planned(move(j.plan(), kind, day), workshop.kept().house(), today());
            if (!job(id).equals(Optional.of(next))) {
                dragged = Optional.of(new Dragged(next, load.with(next)));
                changed.run();
            }
        });
    }

    private static Plan move(Plan plan, Optional<DateKind> kind, LocalDate day) {
        return kind.map(k -> plan.fixing(k, Optional.of(day))).orElseGet(() -> plan.due(Optional.of(day)));
    }

    /** The commission of which a day is being dragged. */
    OptionalLong held() {
        return dragged.map(d -> OptionalLong.of(d.job().id())).orElse(OptionalLong.empty());
    }

    /** Puts on record what was dragged. */
    void drop() {
        dragged.map(Dragged::job).ifPresent(j -> plan(j, words(j)));
    }

    private String words(Job next) {
        Plan before = load.job(next.id()).orElseThrow().plan();
        for (DateKind kind : DateKind.values()) {
            LocalDate day = next.plan().fixed().get(kind);
            if (day != null && !day.equals(before.fixed().get(kind))) {
                return kind.label().toLowerCase(Locale.ROOT) + " " + Days.write(day);
            }
        }
        return "due " + next.plan().due().map(Days::write).orElse("no day");
    }

    private void plan(Job next, String label) {
        Optional<LocalDate> due = load.job(next.id()).flatMap(j -> j.plan().due());
        // A due day that stands in the list alone is not written into the plan unasked.
        boolean listed = next.plan().due().equals(due);
        workshop.deeds().plan(next.id(), label, before -> {
            Plan after = listed && before.due().isEmpty() ? next.plan().due(before.due()) : next.plan();
            did(next.title() + ": " + label, () -> workshop.deeds().withdraw(next.id(), label, before, after, due));
            return after;
        });
        read();
        changed.run();
    }

    private void did(String title, Runnable back) {
        done = Optional.of(new Done(title, back));
        found = Optional.empty();
    }

    /** What would help with what is chosen, once it is found: with hundreds of commissions the looking takes its time, and is done beside the window. */
    Optional<List<Remedy>> remediesFound() {
        Asked now = new Asked(load, week, job);
        if (!now.equals(asked)) {
            // While more is being counted what was found stays in view; after a deed or another choice it does not.
            if (asked == null || !asked.isSameChoice(now)) {
                found = Optional.empty();
            }
            asked = now;
            // Counted here: the copies that are tried beside the window share it.
            load.late();
            latest.begin(
                    "remedies",
                    run -> {
                        List<Remedy> help = now.remedies();
                        run.show(() -> {
                            found = Optional.of(help);
                            changed.run();
                        });
                    },
                    () -> {});
        }
        return found;
    }

    /** What would help with what is chosen. */
    List<Remedy> remedies() {
        return new Asked(load, week, job).remedies();
    }

    void apply(Remedy remedy) {
        remedy.job().ifPresent(j -> plan(j, remedy.title()));
        remedy.house().ifPresent(h -> house(remedy.title(), before -> h));
    }

    /** Changes the workshop: hours, people, days off. */
    void house(String title, UnaryOperator<House> change) {
        House before = workshop.kept().house();
        House after = change.apply(before);
        did(title, () -> workshop.kept().setHouse(workshop.kept().house().withdrawing(before, after)));
        workshop.kept().setHouse(after);
        read();
        changed.run();
    }

    /** What was done last and can be taken back. */
    Optional<String> done() {
        return done.map(Done::title);
    }

    /** Takes that alone back: whatever was done since, here or elsewhere, stays. */
    void takeBack() {
        done.ifPresent(d -> {
            d.back().run();
            done = Optional.empty();
            found = Optional.empty();
            read();
            changed.run();
        });
    }

    /** Takes a day off, or in again. */
    void off(LocalDate day, boolean off) {
        house(Days.write(day) + (off ? " off" : " worked"), h -> h.off(day, off));
    }

    /** The hours of a maker in a usual week, typed. @return what is wrong with them */
    Optional<String> hours(Maker maker, String text) {
        OptionalDouble hours = TypedNumber.read(text, "h", 0, Maker.MOST);
        if (hours.isPresent()) {
            house(maker.name() + " " + text.strip() + " h a week", h -> h.with(maker.working(hours.getAsDouble())));
            return Optional.empty();
        }
        return Optional.of("Type the hours of a week, from 0 to " + (int) Maker.MOST + ".");
    }

    /** The hours of a maker in one week, typed; nothing is as in a usual week. @return what is wrong with them */
    Optional<String> hours(Maker maker, LocalDate week, String text) {
        if (text.isBlank()) {
            house(
                    maker.name() + " as usual in the week of " + Days.write(week),
                    h -> h.with(maker.workingAsUsualIn(week)));
            return Optional.empty();
        }
        OptionalDouble hours = TypedNumber.read(text, "h", 0, Maker.MOST);
        if (hours.isEmpty()) {
            return Optional.of(
                    "Type the hours of this week, from 0 to " + (int) Maker.MOST + "; nothing is as in a usual week.");
        }
        house(
                maker.name() + " " + text.strip() + " h in the week of " + Days.write(week),
                h -> h.with(maker.workingIn(week, hours.getAsDouble())));
        return Optional.empty();
    }

    /** Someone more, or someone of another name. @return what is wrong with the name */
    Optional<String> name(Optional<Maker> maker, String text) {
        String name = text.strip();
        boolean taken = workshop.kept().house().named(name).isPresent()
                && !maker.map(Maker::name).equals(Optional.of(name));
        if (name.isEmpty()
                && maker.isPresent()
                && workshop.kept().house().makers().size() > 1) {
            house(
                    maker.get().name() + " leaves",
                    h -> h.making(h.makers().stream()
                            .filter(m -> !m.name().equals(maker.get().name()))
                            .toList()));
            return Optional.empty();
        }
        if (name.isEmpty() || taken) {
            return Optional.of(taken ? "There is a " + name + " already." : "Somebody must work here.");
        }
        house(name, h -> {
            List<Maker> makers = new ArrayList<>(h.makers());
            maker.ifPresentOrElse(
                    m -> makers.set(makers.indexOf(m), new Maker(name, m.hours(), m.otherwise())),
                    () -> makers.add(new Maker(name, 0)));
            return h.making(makers);
        });
        return Optional.empty();
    }

    /** The days of all open commissions as one calendar. No wearer is named in it. */
    byte[] calendar() {
        return PlanCalendar.write(
                        jobs().stream()
                                .flatMap(j -> j
                                        .dates()
                                        .map(d -> new PlanCalendar.Entry(
                                                j.title(), workshop.book().keyOf(j.id()), d))
                                        .stream())
                                .toList(),
                        time.instant())
                .getBytes(StandardCharsets.UTF_8);
    }

    /** A label for the hanger of each commission that has a due day. */
    byte[] labels() throws IOException {
        return HangerLabels.write(jobs().stream()
                .filter(j -> j.dates().isPresent())
                .map(j -> HangerLabels.Label.of(
                        j.wearer(),
                        j.title(),
                        j.dates(),
                        house().maker(j.plan().hands().maker()).name(),
                        today()))
                .toList());
    }

    House house() {
        return workshop.kept().house();
    }

    /** Takes the commission in hand. */
    void open(long id) {
        workshop.deeds().switchTo(id);
    }
}
