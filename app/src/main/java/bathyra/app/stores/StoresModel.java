package bathyra.app.stores;

import bathyra.app.reckoning.TypedNumber;
import bathyra.app.workshop.WorkKept;
import bathyra.app.workshop.Workshop;
import bathyra.book.Works;
import bathyra.house.House;
import bathyra.house.Kept;
import bathyra.house.Supplier;
import bathyra.plan.DateKind;
import bathyra.plan.Supply;
import bathyra.supply.Deliveries;
import bathyra.supply.Material;
import bathyra.supply.OrderList;
import bathyra.supply.Shelf;
import bathyra.workplan.Dates;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** What the workshop keeps, what runs out, and what is to be ordered for all garments together. */
final class StoresModel {
    private static final double MOST = 9_999_999;

    private final Workshop workshop;
    private final Clock time;
    private final Runnable changed;
    private List<Works.Row> rows;
    private Optional<Done> done = Optional.empty();

    /** A step that was taken for several garments at once. */
    private record Done(String what, String words, List<Moved> moved) {}

    /** How it stood with the thing of that step for one of them, and how it stands since. */
    private record Moved(long commission, Supply was, Supply now) {}

    /** @param changed shows all anew */
    StoresModel(Workshop workshop, Clock time, Runnable changed) {
        this.workshop = workshop;
        this.time = time;
        this.changed = changed;
        this.rows = workshop.work().rows();
    }

    void read() {
        rows = workshop.work().rows();
        changed.run();
    }

    LocalDate today() {
        return LocalDate.now(time);
    }

    House house() {
        return workshop.kept().house();
    }

    Shelf shelf() {
        return Shelf.of(house().shelf(), rows.stream().map(Works.Row::plan).toList());
    }

    OrderList orders() {
        return OrderList.of(wants(open()), shelf(), house());
    }

    /** What was ordered and has not come, for every garment that is not finished. */
    Deliveries deliveries() {
        return Deliveries.of(wants(unfinished()), shelf());
    }

    private List<OrderList.Want> wants(List<Works.Row> of) {
        return of.stream()
                .map(r -> new OrderList.Want(
                        r.title(),
                        Dates.of(r.plan(), house(), today()).map(d -> d.day(DateKind.CLOTH_IN)),
                        materials(r)))
                .toList();
    }

    /** Of a commission whose bill is not known yet, none. */
    private static List<Material> materials(Works.Row row) {
        return row.work()
                .flatMap(w -> w.bill())
                .map(bill -> Material.of(bill, row.plan()))
                .orElse(List.of());
    }

    /** It was ordered today, for every garment that misses it, and comes after the days of its supplier; what lies free on the shelf is claimed first. */
    void ordered(OrderList.Line line) {
        Optional<LocalDate> comes = house().suppliers().stream()
                .filter(s -> s.name().equals(line.supplier()))
                .findFirst()
                .map(s -> house().calendar().after(today(), s.days()));
        Map<Works.Row, Material> missing = new LinkedHashMap<>();
        open().stream()
                .sorted(Comparator.comparing(r -> r.plan().due().orElse(LocalDate.MAX)))
                .forEach(r -> of(
                                r,
                                m -> m.what().equals(line.what()) && m.supply().state() == Supply.State.MISSING)
                        .ifPresent(m -> missing.put(r, m)));
        Iterator<Supply> supplies = shelf().ordering(
                        line.what(),
                        missing.values().stream().map(Material::needed).toList(),
                        comes)
                .iterator();
        Map<Works.Row, Supply> next = new LinkedHashMap<>();
        missing.keySet().forEach(row -> next.put(row, supplies.next()));
        move(line.what(), next, "ordered");
    }

    /** It has come: it lies ready for every garment that waited for it. */
    void came(Deliveries.Line line) {
        Map<Works.Row, Supply> next = new LinkedHashMap<>();
        unfinished().forEach(r -> of(r, line::brings)
                .ifPresent(m -> next.put(r, Supply.ready(m.supply().amount()))));
        move(line.what(), next, "came");
    }

    /** It does not come after all, and is missing again. */
    void doesNotCome(Deliveries.Line line) {
        Map<Works.Row, Supply> next = new LinkedHashMap<>();
        unfinished().forEach(r -> of(r, line::brings).ifPresent(m -> next.put(r, Supply.MISSING)));
        move(line.what(), next, "does not come");
    }

    private static Optional<Material> of(Works.Row row, Predicate<Material> which) {
        return materials(row).stream().filter(which).findFirst();
    }

    /** Takes one step for several garments, on record with each. */
    private void move(String what, Map<Works.Row, Supply> next, String words) {
        List<Moved> moved = new ArrayList<>();
        next.forEach((row, supply) -> {
            moved.add(new Moved(row.id(), row.plan().supply(what), supply));
            workshop.deeds().plan(row.id(), what + " " + words, plan -> plan.supplied(what, supply));
        });
        done = Optional.of(new Done(what, words, moved));
        read();
    }

    /** What was done last for several garments, in words; empty when it was taken back. */
    Optional<String> lastDone() {
        return done.map(d -> d.what() + " " + d.words());
    }

    /** Takes it back for each of them, where nothing has become of it since: a garment that has used it keeps what it has. */
    void takeBack() {
        done.ifPresent(d -> d.moved().forEach(m -> workshop.deeds()
                .plan(
                        m.commission(),
                        "taken back: " + d.what() + " " + d.words(),
                        plan -> plan.supply(d.what()).equals(m.now()) ? plan.supplied(d.what(), m.was()) : plan)));
        done = Optional.empty();
        read();
    }

    private List<Works.Row> unfinished() {
        return rows.stream()
                .filter(r -> !r.archived() && !WorkKept.isFinished(r.plan()))
                .toList();
    }

    /** Only what is agreed on, that is what has a due day, is ordered for. */
    private List<Works.Row> open() {
        return unfinished().stream().filter(r -> r.plan().due().isPresent()).toList();
    }

    /** The commissions whose materials are not known yet. */
    List<String> unknown() {
        return open().stream()
                .filter(r -> r.work().flatMap(w -> w.bill()).isEmpty())
                .map(Works.Row::title)
                .toList();
    }

    /** Something more that is kept, of which nothing was counted yet. @return what is wrong with its name */
    Optional<String> keep(String what, String unit, String supplier) {
        if (what.isBlank() || shelf().find(what.strip()).isPresent()) {
            return Optional.of(what.isBlank() ? "Give it a name, as it stands on the bill." : "It is kept already.");
        }
        List<Kept> next = new ArrayList<>(house().shelf());
        next.add(shelf().counted(new Kept(what.strip(), unit, 0, 0, supplier), 0));
        set(next);
        return Optional.empty();
    }

    void remove(Kept item) {
        set(house().shelf().stream().filter(k -> !k.equals(item)).toList());
    }

    /** So much was counted just now. @return what is wrong with it */
    Optional<String> counted(Kept item, String text) {
        return amount(text)
                .map(now -> replace(item, shelf().counted(item, now)))
                .orElse(Optional.of(WRONG));
    }

    /** Below so much it runs out. @return what is wrong with it */
    Optional<String> least(Kept item, String text) {
        return amount(text)
                .map(least -> replace(item, new Kept(item.what(), item.unit(), item.counted(), least, item.supplier())))
                .orElse(Optional.of(WRONG));
    }

    private static final String WRONG = "Type an amount from 0, as 12 or 3.5.";

    void supplier(Kept item, String name) {
        replace(item, new Kept(item.what(), item.unit(), item.counted(), item.least(), name.strip()));
    }

    private Optional<String> replace(Kept item, Kept next) {
        set(house().shelf().stream().map(k -> k.equals(item) ? next : k).toList());
        return Optional.empty();
    }

    private void set(List<Kept> next) {
        workshop.kept().setHouse(house().keeping(next));
        changed.run();
    }

    private static Optional<Double> amount(String text) {
        OptionalDouble amount = TypedNumber.read(text.isBlank() ? "0" : text, "", 0, MOST);
        return amount.isPresent() ? Optional.of(amount.getAsDouble()) : Optional.empty();
    }

    /** A supplier and how many working days a delivery takes. @return what is wrong with it */
    Optional<String> supplier(int at, String name, String days) {
        try {
            int count = days.isBlank() ? 0 : Integer.parseInt(days.strip());
            if (count >= 0 && count <= Supplier.MOST) {
                List<Supplier> next = new ArrayList<>(house().suppliers());
                if (name.isBlank()) {
                    next.remove(at);
                } else if (at < next.size()) {
                    next.set(at, new Supplier(name.strip(), count));
                } else {
                    next.add(new Supplier(name.strip(), count));
                }
                workshop.kept().setHouse(house().suppliedBy(next));
                changed.run();
                return Optional.empty();
            }
        } catch (NumberFormatException e) {
            // Said below.
        }
        return Optional.of("Type the working days of a delivery, from 0 to " + Supplier.MOST + ".");
    }
}
