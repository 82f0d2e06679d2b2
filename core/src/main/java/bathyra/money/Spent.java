package bathyra.money;

import bathyra.bill.Bill;
import bathyra.plan.Plan;
import bathyra.supply.Material;
import java.util.Set;

/** What has gone into a garment so far: the materials that are here, and the hours taken. @param planned what all of it will be */
public record Spent(Price.Cost soFar, Price.Cost planned) {
    /**
     * @param taken minutes
     * @param left minutes that are still to come
     * @param rate of an hour
     */
    public static Spent of(Bill bill, Plan plan, double taken, double left, double rate) {
        return new Spent(
                Price.Cost.of(
                        here(bill, plan, Set.of(Bill.Part.CLOTH)),
                        here(bill, plan, Set.of(Bill.Part.BONES, Bill.Part.NOTIONS)),
                        taken,
                        rate),
                Price.Cost.of(
                        bill.total(Bill.Part.CLOTH),
                        bill.total(Bill.Part.BONES) + bill.total(Bill.Part.NOTIONS),
                        taken + left,
                        rate));
    }

    private static double here(Bill bill, Plan plan, Set<Bill.Part> parts) {
        return bill.lines().stream()
                .filter(l -> parts.contains(l.part())
                        && plan.supply(Material.name(l)).isHere())
                .mapToDouble(Bill.Line::amount)
                .sum();
    }

    /** What is left of a price when all is done as planned; less than nothing where it does not pay. */
    public double leaves(double beforeTax) {
        return Math.round((beforeTax - planned.all().value()) * 100) / 100.0;
    }
}
