package bathyra.app.making;

import bathyra.app.work.Latest;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.book.BookFailure;
import bathyra.book.Works;
import bathyra.draft.Draft;
import bathyra.files.json.WorkJson;
import bathyra.garment.Commission;
import bathyra.house.Kept;
import bathyra.layer.Layer;
import bathyra.plan.Plan;
import bathyra.plan.Supply;
import bathyra.stock.PriceList;
import bathyra.supply.Material;
import bathyra.supply.Shelf;
import bathyra.workplan.Counts;
import bathyra.workplan.Task;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What the garment in hand is made from: its bill, found beside the window, and how it stands with each material. */
final class MaterialsModel {
    private static final Logger LOG = LoggerFactory.getLogger(MaterialsModel.class);

    private final Workshop workshop;
    private final Latest latest;
    private Optional<Bill> bill = Optional.empty();
    /** The draft and the prices that were looked at last: the same ones need no comparing. */
    private Draft drawn;

    private PriceList priced;
    private Design design;
    private Optional<Shelf> shelf = Optional.empty();
    private Optional<Plan> shelfOf = Optional.empty();
    private long shelfWithout = -1;
    private List<Plan> others = List.of();

    /** What a bill hangs on. A step done, a pin dragged or a fitting noted changes nothing of it: nothing is laid again for them. */
    private record Design(long id, Commission of, PriceList prices) {
        private static Design of(long id, Draft draft, PriceList prices) {
            return new Design(id, draft.commission().withPlan(Plan.NONE).withFittings(List.of()), prices);
        }
    }

    /** @param later runs a deed on the window's thread */
    MaterialsModel(Workshop workshop, Consumer<Runnable> later) {
        this.workshop = workshop;
        this.latest = new Latest(later);
    }

    /** The bill as far as it is known; it is found beside the window when the design or the prices are others. */
    Optional<Bill> bill() {
        Draft draft = workshop.draft().orElse(null);
        PriceList prices = workshop.kept().prices();
        if (draft != null && (draft != drawn || prices != priced)) {
            Design next = Design.of(workshop.id(), draft, prices);
            drawn = draft;
            priced = prices;
            if (!next.equals(design)) {
                if (design == null || design.id() != next.id()) {
                    bill = Optional.empty();
                }
                design = next;
                lay(draft, prices);
            }
        }
        return bill;
    }

    private void lay(Draft draft, PriceList prices) {
        long id = workshop.id();
        latest.begin(
                "bill",
                run -> {
                    Bill found = find(draft, prices, run);
                    run.show(() -> found(id, draft, found));
                },
                () -> {});
    }

    private static Bill find(Draft draft, PriceList prices, Latest.Run run) {
        List<Layer> layers = Lays.layers(draft);
        return Bill.of(draft, layers, Lays.of(draft, layers, prices, 0, run::isOver), prices);
    }

    private void found(long id, Draft draft, Bill found) {
        bill = Optional.of(found);
        if (!workshop.isClosed()) {
            try {
                workshop.work().keep(id, draft.commission(), new WorkJson.Work(Counts.of(draft), bill));
            } catch (BookFailure e) {
                // The bill is shown all the same; the book's lists find it again.
                LOG.warn("what a garment is made from could not be kept", e);
            }
        }
        workshop.showing().again();
    }

    List<Material> materials() {
        return bill().map(b -> Material.of(b, plan())).orElse(List.of());
    }

    private Plan plan() {
        return workshop.commission().plan();
    }

    /** What is on the shelf, the garment in hand as it stands now. */
    Shelf shelf() {
        if (shelfWithout != workshop.id()) {
            shelfWithout = workshop.id();
            others = workshop.work().rows().stream()
                    .filter(r -> r.id() != shelfWithout)
                    .map(Works.Row::plan)
                    .toList();
            shelf = Optional.empty();
        }
        if (shelf.isEmpty()
                || !shelfOf.equals(Optional.of(plan()))
                || !shelf.get().kept().equals(workshop.kept().house().shelf())) {
            shelfOf = Optional.of(plan());
            List<Plan> all = new ArrayList<>(others);
            all.add(plan());
            shelf = Optional.of(Shelf.of(workshop.kept().house().shelf(), all));
        }
        return shelf.get();
    }

    /** How much of a material lies free on the shelf; empty where it is not kept. */
    Optional<Double> free(Material material) {
        Optional<Kept> kept = shelf().find(material.what());
        return kept.map(shelf()::free);
    }

    /** It lies ready: off the shelf where enough is there, else bought for this garment. */
    void ready(Material material) {
        boolean fromShelf =
                free(material).filter(f -> f >= material.needed() - 1e-6).isPresent();
        set(material, Supply.ready(fromShelf ? material.needed() : 0), "ready");
    }

    void missing(Material material) {
        set(material, Supply.MISSING, "missing");
    }

    void ordered(Material material, Optional<LocalDate> comes) {
        set(
                material,
                Supply.ordered(comes),
                "ordered" + comes.map(d -> ", comes " + d).orElse(""));
    }

    private void set(Material material, Supply next, String words) {
        workshop.letGo();
        workshop.change(
                material.what() + " " + words,
                workshop.commission().withPlan(plan().supplied(material.what(), next)),
                InHand.once());
        workshop.letGo();
    }

    /** What a plan has when a step is done, or not after all: what lay ready for it is used. */
    Plan after(Task step, boolean done, Plan plan) {
        Plan next = plan;
        for (Material material : materials()) {
            boolean moves = done
                    ? material.supply().state() == Supply.State.READY
                    : material.supply().state() == Supply.State.USED;
            if (material.step() == step && moves) {
                next = next.supplied(material.what(), material.supply().used(done));
            }
        }
        return next;
    }
}
