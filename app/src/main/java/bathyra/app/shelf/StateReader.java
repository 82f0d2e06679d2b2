package bathyra.app.shelf;

import bathyra.app.workshop.Standing;
import bathyra.app.workshop.WorkKept;
import bathyra.app.workshop.Workshop;
import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.book.BookFailure;
import bathyra.book.Commissions.Entry;
import bathyra.book.Works;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.files.json.WorkJson;
import bathyra.garment.Commission;
import bathyra.layer.Layer;
import bathyra.stock.PriceList;
import bathyra.workplan.Counts;
import java.util.ArrayDeque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import javafx.application.Platform;
import org.slf4j.LoggerFactory;

/**
 * Finds out of commissions that were not in hand here how far they have come and what there is to do on them: drafted one by one in the
 * background while the shelf is open.
 */
final class StateReader {
    private static final int BETWEEN_LOOKS = 12;

    private final Workshop workshop;
    private final Runnable told;
    private final boolean drawn;
    private final Map<Long, String> states = new HashMap<>();
    /** Those of which nothing more can be found out. */
    private final Set<Long> tried = new HashSet<>();

    private final Queue<Entry> waiting = new ArrayDeque<>();
    private boolean running;

    /**
     * @param drawn whether the small drawings are wanted too
     * @param told run in the window's thread now and then when states have been noted, and at the end
     */
    StateReader(Workshop workshop, boolean drawn, Runnable told) {
        this.workshop = workshop;
        this.drawn = drawn;
        this.told = told;
    }

    /** What is known of a commission, in the book or found out since. */
    String state(Entry entry) {
        if (entry.id() == workshop.id() && !workshop.isDrafting()) {
            return workshop.progress().standing().line();
        }
        return entry.state().isEmpty() ? states.getOrDefault(entry.id(), "") : entry.state();
    }

    /** Takes up the entries of which something is not known. */
    void read(List<Entry> entries) {
        waiting.clear();
        Set<Long> counted = workshop.work().current();
        Set<Long> sketched = drawn ? workshop.book().sketches().drawn() : Set.of();
        Set<Long> unpriced = workshop.work().rows().stream()
                .filter(r -> r.plan().due().isPresent() && !r.archived() && !WorkKept.isFinished(r.plan()))
                .filter(r -> r.work().flatMap(WorkJson.Work::bill).isEmpty())
                .map(Works.Row::id)
                .collect(Collectors.toSet());
        entries.stream()
                .filter(e -> !tried.contains(e.id()))
                .filter(e -> unpriced.contains(e.id())
                        || e.id() != workshop.id()
                                && (state(e).isEmpty()
                                        || (!counted.contains(e.id()) || drawn && !sketched.contains(e.id()))
                                                && !e.archived()))
                .forEach(waiting::add);
        if (!running) {
            next();
        }
    }

    /** Leaves what is not found out yet; what is being drafted is not noted. */
    void stop() {
        waiting.clear();
        running = false;
    }

    private void next() {
        Entry entry = waiting.poll();
        running = entry != null;
        if (running) {
            // Read and written here, because the book belongs to the window's thread; only the drafting is done beside
            // it.
            read(entry).ifPresentOrElse(commission -> draft(entry, workshop.obeying(commission)), this::next);
        } else if (!states.isEmpty()) {
            told.run();
        }
    }

    /** One commission that cannot be read keeps the others from nothing. */
    private Optional<Commission> read(Entry entry) {
        try {
            return workshop.book().commissions().find(entry.id());
        } catch (BookFailure e) {
            LoggerFactory.getLogger(StateReader.class).warn("commission {} cannot be read", entry.id(), e);
            states.put(entry.id(), "cannot be read: the book is damaged there");
            return Optional.empty();
        }
    }

    private void draft(Entry entry, Commission commission) {
        PriceList prices = workshop.kept().prices();
        CompletableFuture.supplyAsync(() -> found(commission, prices))
                .thenAccept(found -> Platform.runLater(() -> {
                    if (running && !workshop.isClosed()) {
                        String line = found.line();
                        tried.add(entry.id());
                        workshop.book().commissions().state(entry.id(), line);
                        found.work().ifPresent(work -> workshop.work().keep(entry.id(), commission, work));
                        found.draft().ifPresent(d -> workshop.book().sketches().keep(entry.id(), d));
                        states.put(entry.id(), line);
                        if (states.size() % BETWEEN_LOOKS == 0) {
                            told.run();
                        }
                        next();
                    }
                }));
    }

    private record Found(String line, Optional<WorkJson.Work> work, Optional<Draft> draft) {}

    /** What a garment with a due day is made from is found too: it is ordered for. */
    private static Found found(Commission commission, PriceList prices) {
        Outcome outcome = Drafter.draft(commission);
        String line = Standing.of(commission, outcome).line();
        if (!(outcome instanceof Draft draft)) {
            return new Found(line, Optional.empty(), Optional.empty());
        }
        Optional<Bill> bill = commission.plan().due().map(d -> bill(draft, prices));
        return new Found(line, Optional.of(new WorkJson.Work(Counts.of(draft), bill)), Optional.of(draft));
    }

    private static Bill bill(Draft draft, PriceList prices) {
        List<Layer> layers = Lays.layers(draft);
        return Bill.of(draft, layers, Lays.of(draft, layers, prices, 0, () -> false), prices);
    }
}
