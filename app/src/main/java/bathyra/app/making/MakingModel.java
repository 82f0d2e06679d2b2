package bathyra.app.making;

import bathyra.app.reckoning.TypedNumber;
import bathyra.app.stage.Days;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions;
import bathyra.draft.Draft;
import bathyra.house.Maker;
import bathyra.plan.DateKind;
import bathyra.plan.Hands;
import bathyra.plan.Occasion;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.plan.StepOrder;
import bathyra.workplan.Dates;
import bathyra.workplan.Task;
import bathyra.workplan.WorkPlan;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** The making of the commission in hand: its steps, its days, and the clock. */
final class MakingModel {
    private static final String CLOCK = "clock";
    /** So long a minute waits to be put on record while something is being drawn. */
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private final Workshop workshop;
    private final Clock time;
    private final StepClock clock;
    private Optional<Task> chosen = Optional.empty();
    private Optional<WorkPlan> work = Optional.empty();
    private Optional<Draft> workOf = Optional.empty();
    private Plan planOf = Plan.NONE;
    private long clockOf;
    private String said = "";
    private long listedOf = -1;
    private Optional<LocalDate> listed = Optional.empty();
    private Subject subject = Subject.STEP;
    private final MaterialsModel materials;
    private final StepOrdering ordering;
    private Optional<Interrupted> interrupted;

    /** What the card is about. */
    enum Subject {
        STEP,
        MATERIAL,
        PRICE
    }

    /** A clock that ran when the program ended. @param step its word */
    private record Interrupted(long commission, String step) {}

    /** @param later runs a deed on the window's thread */
    MakingModel(Workshop workshop, Clock time, Consumer<Runnable> later) {
        this.workshop = workshop;
        this.time = time;
        this.clock = new StepClock(time);
        this.materials = new MaterialsModel(workshop, later);
        this.ordering = new StepOrdering(workshop, this);
        this.interrupted = workshop.book().place(CLOCK).flatMap(MakingModel::interrupted);
    }

    private static Optional<Interrupted> interrupted(String place) {
        String[] words = place.split(" ");
        return words.length == 2 && words[0].matches("\\d{1,18}")
                ? Optional.of(new Interrupted(Long.parseLong(words[0]), words[1]))
                : Optional.empty();
    }

    MaterialsModel materials() {
        return materials;
    }

    Subject subject() {
        return subject;
    }

    /** What the card is about from now on. */
    void look(Subject next) {
        workshop.letGo();
        subject = next;
        workshop.showing().again();
    }

    /** A step of the commission in hand whose clock ran when the program ended; its minutes up to then are on record. */
    Optional<WorkPlan.Step> interrupted() {
        return interrupted
                .filter(i -> i.commission() == workshop.id() && clock.running().isEmpty())
                .flatMap(i -> work().flatMap(w -> w.step(i.step())));
    }

    /** Goes on with the clock that ran when the program ended. */
    void goOn() {
        interrupted().ifPresent(s -> {
            choose(s.task());
            startOrStop();
        });
    }

    private void keepClock(String words) {
        interrupted = Optional.empty();
        workshop.book().keepPlace(CLOCK, words);
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
        return Dates.of(plan(), workshop.kept().house(), today());
    }

    /** The step in hand: what was chosen, or the first that is not done. */
    Optional<WorkPlan.Step> step() {
        return work().flatMap(w ->
                chosen.flatMap(w::step).or(w::next).or(() -> w.steps().stream().reduce((a, b) -> b)));
    }

    /** The step in hand is the next that is not done again. */
    void chooseNext() {
        chosen = Optional.empty();
    }

    void choose(Task kind) {
        workshop.letGo();
        subject = Subject.STEP;
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
                keepClock(clockOf + " " + s.task().id());
                workshop.showing().again();
            });
        }
    }

    private void stop() {
        clock.stop().ifPresent(this::book);
        keepClock("");
        workshop.letGo();
        workshop.showing().again();
    }

    /** Asked every second: puts the full minutes that have passed on record. */
    void pulse() {
        // A drag stays one change: the minute waits until it is over, but not for ever.
        boolean drawing = workshop.isChanging()
                && clock.running()
                        .filter(t -> workshop.isInHand(InHand.of("making-clock-" + t.id())))
                        .isEmpty();
        if (!drawing || clock.waits().compareTo(PATIENCE.plusMinutes(1)) > 0) {
            clock.pulse().ifPresent(this::book);
        }
    }

    private void book(StepClock.Passed passed) {
        if (passed.forgotten()) {
            said = "The clock ran for longer than " + StepClock.MOST.toHours()
                    + " hours and was stopped; so much is on record. Correct the minutes if that is wrong.";
        }
        if (clockOf != workshop.id()) {
            clock.stop();
            keepClock("");
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
            Plan next = plan().with(s.task().id(), plan().of(s.task().id()).finished(done));
            change(
                    (done ? "done: “" : "not done: “") + s.task().label() + "”",
                    materials.after(s.task(), done, next),
                    "done");
            workshop.letGo();
            chosen = done ? Optional.empty() : Optional.of(s.task());
            workshop.showing().again();
        });
    }

    /** Minutes typed. @return what is wrong with them */
    Optional<String> minutes(String text) {
        OptionalDouble typed = TypedNumber.read(text.isBlank() ? "0" : text);
        if (typed.isEmpty()) {
            return Optional.of("Type the minutes as 45.");
        }
        double minutes = typed.getAsDouble();
        if (!(minutes >= 0 && minutes <= Progress.MOST)) {
            return Optional.of("From 0 to " + (int) Progress.MOST + " minutes can be put on record.");
        }
        step().ifPresent(s -> put("minutes of “" + s.task().label() + "”", s.task(), p -> p.lasting(minutes), "min"));
        return Optional.empty();
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
            workshop.book().commissions().due(workshop.id(), day);
        }
    }

    /** When the list of commissions has it due, where its plan has no day. */
    Optional<LocalDate> dueInBook() {
        if (plan().due().isPresent()) {
            // Whenever that day goes, the list is looked at again.
            listedOf = -1;
            return Optional.empty();
        }
        if (listedOf != workshop.id()) {
            listedOf = workshop.id();
            listed = workshop.entries().stream()
                    .filter(e -> e.id() == workshop.id())
                    .findFirst()
                    .flatMap(Commissions.Entry::due);
        }
        return listed;
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

    List<Maker> makers() {
        return workshop.kept().house().makers();
    }

    /** Who makes the garment. */
    String maker() {
        return workshop.kept().house().maker(plan().hands().maker()).name();
    }

    void maker(String name) {
        change("made by " + name, plan().by(new Hands(name, plan().hands().learner())), "maker");
    }

    void occasion(Occasion next) {
        change("made for: " + next.label().toLowerCase(Locale.ROOT), plan().on(next), "occasion");
    }

    /** Ticks a part of the step in hand: a seam that is sewn, or not after all. */
    void tick(String part) {
        step().ifPresent(s -> {
            workshop.letGo();
            put("a part of “" + s.task().label() + "”", s.task(), p -> p.ticking(part), "part");
            workshop.letGo();
        });
    }

    /** How the cutter works otherwise than the rule has it. */
    StepOrdering ordering() {
        return ordering;
    }

    /** Works in another order, as one change. */
    void order(String label, StepOrder next) {
        workshop.letGo();
        change(label, plan().ordered(next), "order");
        workshop.letGo();
    }

    /** Keeps the days between for whatever is made for the same. */
    void keepDays() {
        dates().ifPresent(d -> {
            Map<DateKind, Integer> days = new EnumMap<>(DateKind.class);
            for (DateKind kind : DateKind.values()) {
                int before = workshop.kept().house().calendar().between(d.day(kind), d.due());
                if (before >= 0) {
                    days.put(kind, before);
                }
            }
            workshop.kept().setHouse(workshop.kept().house().planning(plan().occasion(), days));
        });
    }

    boolean hasOwnDays() {
        return !plan().fixed().isEmpty();
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
