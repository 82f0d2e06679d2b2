package bathyra.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.bill.Bill;
import bathyra.house.Kept;
import bathyra.plan.Plan;
import bathyra.plan.Supply;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is on its way, held against what the garments wait for. */
class DeliveriesTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);
    private static final Kept COUTIL = new Kept("Coutil", "m", 3, 1, "Cloth from the harbour");
    private static final Kept CORD = new Kept("Cord", "m", 0, 0, "");
    private static final Bill BILL = new Bill(
            "¤",
            List.of(
                    new Bill.Line(Bill.Part.CLOTH, "Strength, Coutil", "", 1.3, "m", 29),
                    new Bill.Line(Bill.Part.BONES, "Busk, 30.0 cm", "", 1, "pieces", 8),
                    new Bill.Line(Bill.Part.BONES, "Cord", "", 5.2, "m", 0.9)),
            List.of());

    private static OrderList.Want want(String title, Plan plan) {
        return new OrderList.Want(title, Optional.empty(), Material.of(BILL, plan));
    }

    private static Plan ordered(String what, double claimed, LocalDate comes) {
        return Plan.NONE.supplied(what, Supply.ordered(claimed, Optional.ofNullable(comes)));
    }

    private static Deliveries of(OrderList.Want... wants) {
        return Deliveries.of(List.of(wants), Shelf.of(List.of(COUTIL, CORD), List.of()));
    }

    @Test
    void whatComesOnOneDay_isOneLine_forAllItsGarments() {
        Deliveries deliveries = of(
                want("The Heron", ordered("Coutil", 0, MONDAY)),
                want("The Widow", ordered("Coutil", 0.3, MONDAY)),
                want("The Bride", ordered("Coutil", 0, MONDAY.plusDays(2))),
                want("The Diver", Plan.NONE));
        assertThat(deliveries.lines()).hasSize(2);
        Deliveries.Line first = deliveries.lines().get(0);
        assertThat(first.what()).isEqualTo("Coutil");
        assertThat(first.supplier()).isEqualTo("Cloth from the harbour");
        assertThat(first.garments()).containsExactly("The Heron", "The Widow");
        // 1.3 and, with 0.3 off the shelf, 1.0 more.
        assertThat(first.amount()).isCloseTo(2.3, within(1e-9));
        assertThat(deliveries.lines().get(1).garments()).containsExactly("The Bride");
    }

    @Test
    void soonestIsFirst_andWhatComesOnNoKnownDay_last() {
        Deliveries deliveries = of(
                want("The Widow", ordered("Cord", 0, null)),
                want("The Heron", ordered("Busk, 30.0 cm", 0, MONDAY.plusDays(9))),
                want("The Bride", ordered("Coutil", 0, MONDAY.minusDays(3))));
        assertThat(deliveries.lines())
                .extracting(Deliveries.Line::what)
                .containsExactly("Coutil", "Busk, 30.0 cm", "Cord");
        assertThat(deliveries.lines()).extracting(l -> l.isLate(MONDAY)).containsExactly(true, false, false);
        assertThat(deliveries.lines().get(1).supplier()).as("nobody yet").isEmpty();
    }

    @Test
    void lineBrings_whatWasOrderedForItsDay_andNothingElse() {
        Deliveries.Line line =
                of(want("The Heron", ordered("Coutil", 0, MONDAY))).lines().get(0);
        assertThat(brings(line, ordered("Coutil", 0, MONDAY))).isTrue();
        assertThat(brings(line, ordered("Coutil", 0, MONDAY.plusDays(1)))).isFalse();
        assertThat(brings(line, ordered("Coutil", 0, null))).isFalse();
        assertThat(brings(line, ordered("Cord", 0, MONDAY))).isFalse();
        assertThat(brings(line, Plan.NONE.supplied("Coutil", Supply.READY))).isFalse();
        assertThat(brings(line, Plan.NONE)).isFalse();
    }

    private static boolean brings(Deliveries.Line line, Plan plan) {
        return Material.of(BILL, plan).stream().anyMatch(line::brings);
    }

    /** What waits for the rest of its cloth has claimed its part of the shelf: nobody else is given it. */
    @Test
    void partOfTheShelf_thatWaitsForTheRest_isNotFree() {
        Plan waits = ordered("Coutil", 0.8, MONDAY);
        Shelf shelf = Shelf.of(List.of(COUTIL), List.of(waits));
        assertThat(shelf.there(COUTIL)).isEqualTo(3);
        assertThat(shelf.free(COUTIL)).isCloseTo(2.2, within(1e-9));
    }

    /** Whatever garments wait for: every ordered material is in one line, and the amounts add up. */
    @Test
    void everyOrderedMaterial_comesInOneLine() {
        Random random = new Random(88);
        String[] things = {"Coutil", "Busk, 30.0 cm", "Cord"};
        for (int round = 0; round < 200; round++) {
            List<OrderList.Want> wants = new ArrayList<>();
            double waiting = 0;
            int count = 0;
            for (int g = 0; g < 12; g++) {
                Plan plan = Plan.NONE;
                for (String what : things) {
                    if (random.nextInt(3) == 0) {
                        LocalDate day = random.nextInt(4) == 0 ? null : MONDAY.plusDays(random.nextInt(5));
                        plan = plan.supplied(what, Supply.ordered(0, Optional.ofNullable(day)));
                    }
                }
                wants.add(want("garment " + g, plan));
                for (Material m : Material.of(BILL, plan)) {
                    if (m.supply().state() == Supply.State.ORDERED) {
                        waiting += m.needed();
                        count++;
                    }
                }
            }
            List<Deliveries.Line> lines =
                    Deliveries.of(wants, Shelf.of(List.of(), List.of())).lines();
            assertThat(lines.stream().mapToDouble(Deliveries.Line::amount).sum())
                    .isCloseTo(waiting, within(1e-6));
            assertThat(lines.stream().mapToInt(l -> l.garments().size()).sum()).isEqualTo(count);
            for (OrderList.Want want : wants) {
                for (Material m : want.materials()) {
                    long in = lines.stream().filter(l -> l.brings(m)).count();
                    assertThat(in).isEqualTo(m.supply().state() == Supply.State.ORDERED ? 1 : 0);
                }
            }
        }
    }

    /** 3 on the shelf: the first garment has all it needs of it, the second the rest, the third is ordered whole. */
    @Test
    void whatLiesFree_isClaimedByWhoNeedsItSoonest() {
        Shelf shelf = Shelf.of(List.of(COUTIL), List.of());
        List<Supply> supplies = shelf.ordering("Coutil", List.of(1.3, 2.0, 0.9), Optional.of(MONDAY));
        assertThat(supplies)
                .extracting(Supply::state)
                .containsExactly(Supply.State.READY, Supply.State.ORDERED, Supply.State.ORDERED);
        assertThat(supplies.get(0).amount()).isCloseTo(1.3, within(1e-9));
        assertThat(supplies.get(1).amount()).isCloseTo(1.7, within(1e-9));
        assertThat(supplies.get(2).amount()).isZero();
        assertThat(supplies.get(2).comes()).contains(MONDAY);
        assertThat(shelf.ordering("Silk", List.of(1.0), Optional.empty()).get(0).amount())
                .as("what is not kept is ordered whole")
                .isZero();
    }
}
