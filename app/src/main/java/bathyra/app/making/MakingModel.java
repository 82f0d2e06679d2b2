package bathyra.app.making;

import bathyra.app.stage.Days;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.draft.Draft;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.workplan.Dates;
import bathyra.workplan.Task;
import bathyra.workplan.WorkPlan;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The making of the commission in hand: its steps, its days, and the clock. */
final class MakingModel {
    private final Workshop workshop;
    private final Clock time;
    private final StepClock clock;
    private Optional<Task> chosen = Optional.empty();
    private Optional<WorkPlan> work = Optional.empty();
    private Optional<Draft> workOf = Optional.empty();
    private Plan planOf = Plan.NONE;
    private long clockOf;
    private String said = "";

    MakingModel(Workshop workshop, Clock time) {
        this.workshop = workshop;
        this.time = time;
        this.clock = new StepClock(time);
    }

    Plan plan() {
        return workshop.commission().plan();
    }

    LocalDate today() {
        return LocalDate.now(time);
    }

    /** The steps as they stand; counted again only when the draft or the record is another. */
    Optional<WorkPlan> work() {
        Optional<Draft> draft = workshop.draft();
        // The same draft, not one like it: two large drafts are not compared figure by figure.
        if (work.isEmpty() || workOf.orElse(null) != draft.orElse(null) || !planOf.equals(plan())) {
            work = draft.map(d -> WorkPlan.of(d, plan(), workshop.work().pace()));
            workOf = draft;
            planOf = plan();
        }
        return work;
    }

    Optional<Dates> dates() {
        return Dates.of(plan(), workshop.house(), today());
    }

    /** The step in hand: what was chosen, or the first that is not done. */
    Optional<WorkPlan.Step> step() {
        return work().flatMap(w ->
                chosen.flatMap(w::step).or(w::next).or(() -> w.steps().stream().reduce((a, b) -> b)));
    }

    void choose(Task kind) {
        workshop.letGo();
        chosen = Optional.of(kind);
        workshop.showing().again();
    }

    /** What is to be said of the clock. */
    String said() {
        return said;
    }

    Optional<Task> running() {
        return clock.running();
    }

    Duration runs() {
        return clock.runs();
    }

    /** Starts the clock on the step in hand, or stops it. */
    void startOrStop() {
        if (clock.running().isPresent()) {
            stop();
        } else {
            step().ifPresent(s -> {
                said = "";
                clockOf = workshop.id();
                choose(s.task());
                clock.start(s.task());
                workshop.showing().again();
            });
        }
    }

    private void stop() {
        clock.stop().ifPresent(this::book);
        workshop.letGo();
        workshop.showing().again();
    }

    /** Asked every second: puts the full minutes that have passed on record. */
    void pulse() {
        clock.pulse().ifPresent(this::book);
    }

    private void book(StepClock.Passed passed) {
        if (passed.forgotten()) {
            said = "The clock ran for longer than " + StepClock.MOST.toHours()
                    + " hours and was stopped; so much is on record. Correct the minutes if that is wrong.";
        }
        if (clockOf != workshop.id()) {
            clock.stop();
            said = "The clock was stopped when another commission was taken in hand.";
            return;
        }
        if (passed.minutes() > 0) {
            String label = passed.step().label().toLowerCase(Locale.ROOT);
            put("the clock of “" + label + "”", passed.step(), p -> p.after(passed.minutes()), "clock");
        }
    }

    /** Says that the step in hand is done, and takes the next; or that it is not done after all. */
    void done() {
        step().ifPresent(s -> {
            if (clock.running().equals(Optional.of(s.task()))) {
                stop();
            }
            boolean done = !s.progress().done();
            put((done ? "done: “" : "not done: “") + s.task().label() + "”", s.task(), p -> p.finished(done), "done");
            workshop.letGo();
            chosen = done ? Optional.empty() : Optional.of(s.task());
            workshop.showing().again();
        });
    }

    /** Minutes typed. @return what is wrong with them */
    Optional<String> minutes(String text) {
        try {
            double minutes = text.isBlank()
                    ? 0
                    : Double.parseDouble(text.replace(',', '.').strip());
            if (!(minutes >= 0 && minutes <= Progress.MOST)) {
                return Optional.of("From 0 to " + (int) Progress.MOST + " minutes can be put on record.");
            }
            step().ifPresent(s ->
                    put("minutes of “" + s.task().label() + "”", s.task(), p -> p.lasting(minutes), "min"));
            return Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.of("Type the minutes as 45.");
        }
    }

    void who(String text) {
        step().ifPresent(s -> put("who made “" + s.task().label() + "”", s.task(), p -> p.by(text), "who"));
    }

    void note(String text) {
        step().ifPresent(s -> put("note on “" + s.task().label() + "”", s.task(), p -> p.noting(text), "note"));
    }

    private void put(String label, Task kind, UnaryOperator<Progress> next, String what) {
        Progress now = plan().of(kind.id());
        Progress then = next.apply(now);
        if (!then.equals(now)) {
            change(label, plan().with(kind.id(), then), what + "-" + kind.id());
        }
    }

    /** The due day typed. @return what is wrong with it */
    Optional<String> due(String text) {
        Optional<LocalDate> day = Optional.empty();
        if (!text.isBlank()) {
            day = Days.read(text);
            if (day.isEmpty()) {
                return Optional.of("Type the day as 2026-12-18.");
            }
        }
        due(day);
        return Optional.empty();
    }

    void due(Optional<LocalDate> day) {
        if (!plan().due().equals(day)) {
            change("due " + day.map(LocalDate::toString).orElse("no day"), plan().due(day), "due");
            workshop.book().due(workshop.id(), day);
        }
    }

    /** When the list of commissions has it due, where that is another day than it is planned for. */
    Optional<LocalDate> dueInBook() {
        return workshop.entries().stream()
                .filter(e -> e.id() == workshop.id())
                .findFirst()
                .flatMap(WorkshopBook.Entry::due)
                .filter(day -> !plan().due().equals(Optional.of(day)));
    }

    /** A day set by hand, or given back to the rule. */
    void day(DateKind kind, Optional<LocalDate> day) {
        Plan next = plan().fixing(kind, day);
        if (!next.equals(plan())) {
            change(
                    kind.label().toLowerCase(Locale.ROOT)
                            + day.map(d -> " " + d).orElse(" back to the rule"),
                    next,
                    "day-" + kind.id());
        }
    }

    void learner(boolean next) {
        if (plan().hands().learner() != next) {
            change(next ? "made by a learner" : "made by an experienced maker", plan().byLearner(next), "learner");
        }
    }

    private void change(String label, Plan next, String what) {
        workshop.change(label, workshop.commission().withPlan(next), InHand.of("making-" + what));
    }
}
