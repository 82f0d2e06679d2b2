package bathyra.app.workshop;

import bathyra.book.Works;
import bathyra.book.WorkshopBook;
import bathyra.draft.Draft;
import bathyra.files.json.WorkJson;
import bathyra.garment.Commission;
import bathyra.house.House;
import bathyra.plan.Plan;
import bathyra.workload.Job;
import bathyra.workplan.Counts;
import bathyra.workplan.Pace;
import bathyra.workplan.StepKind;
import bathyra.workplan.WorkPlan;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The work on all commissions as the book keeps it, and how fast the workshop has been on what is done. */
public final class WorkKept {
    private final WorkshopBook book;
    private Optional<Pace> pace = Optional.empty();
    /** Counted last: the pages of the book ask again and again for the one in hand. */
    private Draft counted;

    WorkKept(WorkshopBook book) {
        this.book = book;
    }

    /** All commissions with what there is to do on them. */
    public List<Works.Row> rows() {
        return book.works().all();
    }

    /** Those that were counted as they stand now. */
    public Set<Long> current() {
        return book.works().current();
    }

    /** Keeps what there is to do on a drafted commission; what it is made from stays as it was laid last. */
    public void count(long id, Draft draft) {
        if (draft != counted) {
            count(id, draft.commission(), Counts.of(draft));
            book.sketches().keep(id, draft);
            counted = draft;
        }
    }

    public void count(long id, Commission of, Counts counts) {
        keep(id, of, new WorkJson.Work(counts, Optional.empty()));
    }

    /** Keeps what there is to do on a drafted commission and what it is made from. */
    public void keep(long id, Commission of, WorkJson.Work work) {
        book.works().keep(id, of, work);
    }

    /** How fast the workshop has been; measured anew when another commission is taken in hand, not at every change of this one. */
    public Pace pace() {
        return pace.orElseGet(() -> pace(rows()));
    }

    /** The same from rows that were read just now. */
    public Pace pace(List<Works.Row> rows) {
        Pace measured = Pace.of(rows.parallelStream()
                // A learner's minutes say nothing of an experienced maker's.
                .filter(r -> !r.plan().progress().isEmpty() && !r.plan().hands().learner())
                .flatMap(r -> r.work().stream().map(w -> WorkPlan.of(w.counts(), r.plan(), Pace.UNKNOWN)))
                .toList());
        pace = Optional.of(measured);
        return measured;
    }

    void measureAnew() {
        pace = Optional.empty();
    }

    /** A commission of the book as work; empty until it was counted. */
    public static Optional<Job> job(Works.Row row, House house, Pace pace, LocalDate today) {
        return row.work()
                .map(w -> Job.of(row.id(), row.title(), row.wearer(), w.counts(), row.plan(), house, pace, today));
    }

    /** Whether everything is done that a plan has. */
    public static boolean isFinished(Plan plan) {
        return plan.of(StepKind.FINISHING.id()).done();
    }
}
