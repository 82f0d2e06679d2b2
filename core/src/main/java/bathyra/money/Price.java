package bathyra.money;

import bathyra.bill.Bill;
import bathyra.house.Terms;
import bathyra.plan.Deal;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;

/**
 * The price of a garment by what it costs, and what is asked for it. Every amount is rounded to hundredths where it is made, so that a page adds up.
 *
 * @param cost cloth, notions and hours
 * @param overhead what rent, light and machines add
 * @param margin what is added to both
 * @param rush what hurry adds
 * @param byCost all of that
 * @param garment what is asked for the garment: what was agreed, else the price by cost
 * @param fittings what further fittings cost
 * @param changes what was agreed later
 * @param beforeTax all that is asked
 * @param total with tax
 * @param open what is still to be paid
 */
public record Price(
        Cost cost,
        Reckoned overhead,
        Reckoned margin,
        Reckoned rush,
        Reckoned byCost,
        Reckoned garment,
        Reckoned fittings,
        Reckoned changes,
        Reckoned beforeTax,
        Reckoned tax,
        Reckoned total,
        Reckoned open) {
    private static final Rule RULE = Rule.of("C16.4", "price by cost");
    private static final double HOUR = 60;

    /** What goes into a garment. */
    public record Cost(Reckoned cloth, Reckoned notions, Reckoned hours, Reckoned all) {
        /** @param minutes of work @param rate of an hour */
        static Cost of(double cloth, double notions, double minutes, double rate) {
            Reckoned c = money("Cloth", cloth, "bill");
            Reckoned n = money("Steel and notions", notions, "bill");
            Reckoned h = Given.option("Hours", Math.round(minutes / HOUR * 100) / 100.0, Quantity.RATIO, "plan", RULE)
                    .times(money("An hour", rate, "prices"))
                    .toHundredths()
                    .named("Hours of work", RULE);
            return new Cost(c, n, h, c.plus(n).plus(h).named("Cost", RULE));
        }
    }

    /**
     * @param bill what it is made from; hours that stand on it are not counted, the plan has them
     * @param minutes the plan has, all steps together
     * @param rate of an hour
     */
    public static Price of(Bill bill, double minutes, double rate, Terms terms, Deal deal) {
        Cost cost = Cost.of(
                bill.total(Bill.Part.CLOTH),
                bill.total(Bill.Part.BONES) + bill.total(Bill.Part.NOTIONS),
                minutes,
                rate);
        Reckoned overhead = share(cost.all(), terms.overhead(), "Overhead");
        Reckoned margin = share(cost.all().plus(overhead), terms.margin(), "Margin");
        Reckoned rush = share(cost.all().plus(overhead).plus(margin), deal.rush() ? terms.rush() : 0, "For hurry");
        Reckoned byCost = cost.all().plus(overhead).plus(margin).plus(rush).named("Price by cost", RULE);
        Reckoned garment = deal.agreed()
                .<Reckoned>map(a -> money("Price agreed", a, "agreed"))
                .orElse(byCost);
        int further = Math.max(0, deal.fittings().orElse(terms.fittings()) - terms.fittings());
        Reckoned fittings = Given.option("Further fittings", further, Quantity.RATIO, "agreed", RULE)
                .times(money("A further fitting", terms.fitting(), "terms"))
                .named("For further fittings", RULE);
        Reckoned changes = money(
                "Agreed later",
                deal.changes().stream().mapToDouble(Deal.Change::amount).sum(),
                "agreed");
        Reckoned beforeTax = garment.plus(fittings).plus(changes).named("Before tax", RULE);
        Reckoned tax = share(beforeTax, terms.taxRate(), terms.taxWords().isEmpty() ? "Tax" : terms.taxWords());
        Reckoned total = beforeTax.plus(tax).named("Together", RULE);
        return new Price(
                cost,
                overhead,
                margin,
                rush,
                byCost,
                garment,
                fittings,
                changes,
                beforeTax,
                tax,
                total,
                total.minus(money("Paid", deal.deposit(), "record")).named("To pay", RULE));
    }

    private static Reckoned money(String name, double amount, String source) {
        return Given.option(name, amount, Quantity.MONEY, source, RULE);
    }

    private static Reckoned share(Reckoned of, double share, String name) {
        return of.times(Given.option(name + ", share", share, Quantity.RATIO, "terms", RULE))
                .toHundredths()
                .named(name, RULE);
    }
}
