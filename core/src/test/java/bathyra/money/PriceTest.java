package bathyra.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.bill.Bill;
import bathyra.house.House;
import bathyra.house.Letter;
import bathyra.house.Terms;
import bathyra.length.LengthUnit;
import bathyra.plan.Deal;
import bathyra.plan.Plan;
import bathyra.plan.Supply;
import bathyra.reckon.Formula;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A price and what is put on paper, against sums done by hand (C16.4). */
class PriceTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 29);

    /** 26.10 of cloth, 11.45 of steel and notions; three hours that the cutter wrote on the bill, which the plan has already. */
    private static final Bill BILL = new Bill(
            "€",
            List.of(
                    new Bill.Line(Bill.Part.CLOTH, "Strength, Coutil", "", 0.9, "m", 29),
                    new Bill.Line(Bill.Part.BONES, "Busk, 30.0 cm", "", 1, "pieces", 8.45),
                    new Bill.Line(Bill.Part.NOTIONS, "Thread", "", 1, "spools", 3),
                    new Bill.Line(Bill.Part.WORK, "Cutting and sewing", "", 3, "h", 30)),
            List.of());

    private static final Terms TERMS =
            new Terms(0.1, 0.2, 0, "", 0.5, 30, 2, 40, 0.25, "The Salt Orchard\n3 Quay Steps");

    private static Price price(Terms terms, Deal deal) {
        return Price.of(BILL, 770, 45, terms, deal);
    }

    @Test
    void aPriceByCost_addsUpByHand() {
        Price price = price(TERMS, Deal.NONE);
        assertThat(price.cost().cloth().value()).isEqualTo(26.1);
        assertThat(price.cost().notions().value()).isCloseTo(11.45, within(1e-9));
        // 770 minutes are 12.83 hours, at 45 each.
        assertThat(price.cost().hours().value()).isCloseTo(577.35, within(1e-9));
        assertThat(price.cost().all().value()).isCloseTo(614.90, within(1e-9));
        assertThat(price.overhead().value()).isCloseTo(61.49, within(1e-9));
        // A fifth of 676.39.
        assertThat(price.margin().value()).isCloseTo(135.28, within(1e-9));
        assertThat(price.byCost().value()).isCloseTo(811.67, within(1e-9));
        assertThat(price.total().value()).as("no tax by default").isCloseTo(811.67, within(1e-9));
        assertThat(Formula.inFigures(price.overhead(), LengthUnit.CM))
                .isEqualTo("614.90 × 0.1, rounded to 0.01 = 61.49");
        assertThat(Formula.inFigures(price.byCost(), LengthUnit.CM))
                .isEqualTo("614.90 + 61.49 + 135.28 + 0.00 = 811.67");
    }

    @Test
    void hurry_furtherFittings_changesAndTax_areAsked_andWhatWasPaidIsTakenOff() {
        Terms taxed = TERMS.with(Terms.Figure.TAX, 0.19).saying("Sales tax", TERMS.letterhead());
        Deal deal = Deal.NONE
                .inAHurry(true)
                .fittings(Optional.of(3))
                .changes(List.of(new Deal.Change("Lace at the edge", 35), new Deal.Change("No modesty panel", -10)))
                .paidDown(400);
        Price price = price(taxed, deal);
        assertThat(price.rush().value()).as("a quarter of 811.67").isCloseTo(202.92, within(1e-9));
        assertThat(price.fittings().value()).isCloseTo(40, within(1e-9));
        assertThat(price.changes().value()).isCloseTo(25, within(1e-9));
        assertThat(price.beforeTax().value()).isCloseTo(811.67 + 202.92 + 40 + 25, within(1e-9));
        assertThat(price.tax().value()).isCloseTo(205.12, within(1e-9));
        assertThat(price.open().value()).isCloseTo(1079.59 + 205.12 - 400, within(1e-9));
        assertThat(price(taxed, deal.agreed(Optional.of(900.0))).beforeTax().value())
                .as("what was agreed holds, hurry or not")
                .isCloseTo(965, within(1e-9));
    }

    @Test
    void whatIsSpent_isWhatIsHere_andTheHoursTaken() {
        Plan plan = Plan.NONE
                .supplied("Coutil", Supply.ready(0))
                .supplied("Busk, 30.0 cm", Supply.ordered(Optional.of(DAY)));
        Spent spent = Spent.of(BILL, plan, 232, 538, 45);
        assertThat(spent.soFar().cloth().value()).isEqualTo(26.1);
        assertThat(spent.soFar().notions().value()).as("the busk is not here").isZero();
        // 232 minutes are 3.87 hours.
        assertThat(spent.soFar().hours().value()).isCloseTo(174.15, within(1e-9));
        assertThat(spent.planned().all().value()).isCloseTo(614.90, within(1e-9));
        assertThat(spent.leaves(600)).isCloseTo(-14.90, within(1e-9));
    }

    @Test
    void aQuote_saysHowLongItStands_andAnInvoiceWhatIsToBePaid() {
        House house = House.USUAL.on(TERMS).writing(new Letter(true, true, ""));
        Deal deal = Deal.NONE.agreed(Optional.of(1234.5)).paidDown(617.25);
        Price price = price(TERMS, deal);
        Statement quote = Statement.quote("The Heron", "Nerea Holloway", price, deal, house, "€", DAY);
        assertThat(quote.words()).anyMatch(w -> w.contains("stands until 29 December 2026"));
        assertThat(quote.words()).anyMatch(w -> w.contains("€\u00a0617,25 is paid down"));
        Statement invoice = Statement.invoice(7, "The Heron", "Nerea Holloway", price, deal, house, "€", DAY);
        assertThat(invoice.heading()).isEqualTo("Invoice 7");
        assertThat(invoice.cents()).isEqualTo(61_725);
        Statement back = Statement.correction(8, 7, invoice, DAY.plusDays(1));
        assertThat(back.cents()).isEqualTo(-61_725);
        assertThat(back.words()).containsExactly("It takes back invoice 7 of 29 November 2026.");
    }

    @Test
    void twoThousandDeals_everyPageAddsUpToTheHundredth() {
        Random random = new Random(16);
        for (int i = 0; i < 2000; i++) {
            Terms terms = new Terms(
                    random.nextInt(60) / 100.0,
                    random.nextInt(60) / 100.0,
                    random.nextInt(26) / 100.0,
                    "",
                    0.5,
                    30,
                    random.nextInt(4),
                    random.nextInt(80),
                    0.25,
                    "");
            Deal deal = Deal.NONE
                    .agreed(random.nextBoolean() ? Optional.of(random.nextInt(100_000) / 100.0) : Optional.empty())
                    .inAHurry(random.nextBoolean())
                    .fittings(Optional.of(random.nextInt(6)))
                    .paidDown(random.nextInt(50_000) / 100.0)
                    .changes(List.of(new Deal.Change("More", random.nextInt(9000) / 100.0)));
            Price price = Price.of(BILL, random.nextInt(3000), random.nextInt(90), terms, deal);
            Statement invoice = Statement.invoice(1, "Garment", "Wearer", price, deal, House.USUAL.on(terms), "¤", DAY);
            long lines = invoice.lines().stream()
                    .mapToLong(l -> Math.round(l.amount() * 100))
                    .sum();
            long tax = Math.round(price.tax().value() * 100);
            assertThat(lines + tax - Math.round(deal.deposit() * 100)).isEqualTo(invoice.cents());
        }
    }
}
