package bathyra.app.stores;

import bathyra.app.reckoning.TypedNumber;
import bathyra.app.workshop.WorkKept;
import bathyra.app.workshop.Workshop;
import bathyra.book.Works;
import bathyra.house.House;
import bathyra.house.Kept;
import bathyra.house.Supplier;
import bathyra.plan.DateKind;
import bathyra.supply.Material;
import bathyra.supply.OrderList;
import bathyra.supply.Shelf;
import bathyra.workplan.Dates;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the workshop keeps, what runs out, and what is to be ordered for all garments together. */
final class StoresModel {
    private static final double MOST = 9_999_999;

    private final Workshop workshop;
    private final Clock time;
    private final Runnable changed;
    private List<Works.Row> rows;

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
        List<OrderList.Want> wants = open().stream()
                .flatMap(r -> r
                        .work()
                        .flatMap(w -> w.bill())
                        .map(bill -> new OrderList.Want(
                                r.title(),
                                Dates.of(r.plan(), house(), today()).map(d -> d.day(DateKind.CLOTH_IN)),
                                Material.of(bill, r.plan())))
                        .stream())
                .toList();
        return OrderList.of(wants, shelf(), house());
    }

    /** Only what is agreed on, that is what has a due day, is ordered for. */
    private List<Works.Row> open() {
        return rows.stream()
                .filter(r -> !r.archived() && r.plan().due().isPresent() && !WorkKept.isFinished(r.plan()))
                .toList();
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
