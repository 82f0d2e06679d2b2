package bathyra.app.making;

import bathyra.app.reckoning.TypedNumber;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.bill.Bill;
import bathyra.book.Invoices;
import bathyra.files.json.BadDocument;
import bathyra.files.json.StatementJson;
import bathyra.house.Terms;
import bathyra.money.MoneyWriting;
import bathyra.money.Price;
import bathyra.money.Spent;
import bathyra.money.Statement;
import bathyra.plan.Deal;
import bathyra.stock.PriceList.Item;
import bathyra.workplan.WorkPlan;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** The price of the garment in hand: what it costs, what was agreed, what was quoted and invoiced. */
final class PriceModel {
    private final Workshop workshop;
    private final MakingModel making;
    private final MaterialsModel materials;
    private final Clock time;

    PriceModel(Workshop workshop, MakingModel making, MaterialsModel materials, Clock time) {
        this.workshop = workshop;
        this.making = making;
        this.materials = materials;
        this.time = time;
    }

    Deal deal() {
        return workshop.commission().plan().deal();
    }

    Terms terms() {
        return workshop.kept().house().terms();
    }

    MoneyWriting writing() {
        return MoneyWriting.of(workshop.kept().house(), workshop.kept().prices().currency());
    }

    private double rate() {
        return workshop.kept().prices().of(Item.HOUR);
    }

    /** Empty while the bill is not found yet. */
    Optional<Price> price() {
        return materials.bill().flatMap(b -> making.work().map(w -> price(b, w)));
    }

    private Price price(Bill bill, WorkPlan work) {
        return Price.of(bill, work.planned(), rate(), terms(), deal());
    }

    Optional<Spent> spent() {
        return materials.bill().flatMap(b -> making.work()
                .map(w -> Spent.of(b, workshop.commission().plan(), w.taken(), w.left(), rate())));
    }

    /** Another figure of what was agreed, typed. @return what is wrong with it */
    Optional<String> typed(
            String label, String text, double least, double most, Function<Optional<Double>, Deal> next) {
        if (text.isBlank()) {
            deal(label, next.apply(Optional.empty()));
            return Optional.empty();
        }
        OptionalDouble amount = TypedNumber.read(text, workshop.kept().prices().currency(), least, most);
        if (amount.isPresent()) {
            deal(label, next.apply(Optional.of(Math.round(amount.getAsDouble() * 100) / 100.0)));
            return Optional.empty();
        }
        return Optional.of("Type an amount as 960 or 12.50.");
    }

    void deal(String label, Deal next) {
        workshop.letGo();
        workshop.change(
                label,
                workshop.commission().withPlan(workshop.commission().plan().dealing(next)),
                InHand.once());
        workshop.letGo();
    }

    /** Agrees on the price by cost, so that it stays when a cost changes. */
    void agree() {
        price().ifPresent(p ->
                deal("price agreed", deal().agreed(Optional.of(p.byCost().value()))));
    }

    /** Something agreed later. */
    void change(int at, Optional<Deal.Change> next) {
        List<Deal.Change> changes = new ArrayList<>(deal().changes());
        if (at >= changes.size()) {
            next.ifPresent(changes::add);
        } else if (next.isPresent()) {
            changes.set(at, next.get());
        } else {
            changes.remove(at);
        }
        deal("changes agreed", deal().changes(changes));
    }

    private LocalDate today() {
        return LocalDate.now(time);
    }

    /** A quote as it would be written today. It is noted that it was. */
    Optional<Statement> quote() {
        Optional<Statement> quote = price().map(p -> Statement.quote(
                workshop.commission().title(),
                workshop.commission().wearer().name(),
                p,
                deal(),
                workshop.kept().house(),
                workshop.kept().prices().currency(),
                today()));
        quote.ifPresent(q -> deal("quoted", deal().quoted(Optional.of(today()))));
        return quote;
    }

    /** Whether a quote was given and has lapsed since. */
    boolean isLapsed() {
        return deal().agreed().isEmpty()
                && deal().quoted()
                        .filter(q -> q.plusDays(terms().valid()).isBefore(today()))
                        .isPresent();
    }

    /** The invoices of the commission in hand, the newest first. */
    List<Invoices.Issued> invoices() {
        return workshop.book().invoices().all().stream()
                .filter(i -> i.commission() == workshop.id())
                .toList();
    }

    /** Issues an invoice for what is still to be paid. It cannot be altered or undone: a mistake is taken back by another. */
    Optional<Invoices.Issued> issue() {
        workshop.letGo();
        return price().map(p -> {
            Function<Long, Statement> statement = number -> Statement.invoice(
                    number,
                    workshop.commission().title(),
                    workshop.commission().wearer().name(),
                    p,
                    deal(),
                    workshop.kept().house(),
                    workshop.kept().prices().currency(),
                    today());
            Invoices.Issued issued = workshop.book()
                    .invoices()
                    .issue(
                            today(),
                            workshop.id(),
                            workshop.commission().wearer().name(),
                            statement.apply(0L).cents(),
                            number -> StatementJson.write(statement.apply(number)));
            workshop.showing().again();
            return issued;
        });
    }

    /** Issues an invoice that takes another back. */
    Optional<Invoices.Issued> takeBack(Invoices.Issued former) {
        return statement(former).map(s -> {
            Invoices.Issued issued = workshop.book()
                    .invoices()
                    .issue(
                            today(),
                            former.commission(),
                            former.wearer(),
                            -former.cents(),
                            number -> StatementJson.write(Statement.correction(number, former.number(), s, today())));
            workshop.showing().again();
            return issued;
        });
    }

    /** What stands on an invoice; empty where its wearer was erased. */
    static Optional<Statement> statement(Invoices.Issued issued) {
        try {
            return issued.document().isEmpty() ? Optional.empty() : Optional.of(StatementJson.read(issued.document()));
        } catch (BadDocument e) {
            return Optional.empty();
        }
    }
}
