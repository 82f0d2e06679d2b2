package bathyra.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.bill.Bill;
import bathyra.house.House;
import bathyra.house.Kept;
import bathyra.house.Supplier;
import bathyra.plan.Plan;
import bathyra.plan.Supply;
import bathyra.workplan.StepKind;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What garments need against what is on the shelf. */
class SupplyTest {
    /** A Friday. */
    private static final LocalDate CLOTH_IN = LocalDate.of(2026, 12, 11);

    private static final Bill BILL = new Bill(
            "¤",
            List.of(
                    new Bill.Line(Bill.Part.CLOTH, "Strength, Coutil", "", 0.9, "m", 29),
                    new Bill.Line(Bill.Part.CLOTH, "Facing, Coutil", "", 0.4, "m", 29),
                    new Bill.Line(Bill.Part.BONES, "Busk, 30.0 cm", "", 1, "pieces", 8),
                    new Bill.Line(Bill.Part.BONES, "Cord", "", 5.2, "m", 0.9),
                    new Bill.Line(Bill.Part.WORK, "Sewing", "", 3, "h", 30)),
            List.of());

    private static final Kept COUTIL = new Kept("Coutil", "m", 3, 1, "Cloth from the harbour");

    private static List<Material> of(Plan plan) {
        return Material.of(BILL, plan);
    }

    private static OrderList orders(List<OrderList.Want> wants, Shelf shelf) {
        return OrderList.of(wants, shelf, House.USUAL.suppliedBy(List.of(new Supplier("Cloth from the harbour", 5))));
    }

    @Test
    void layersOfOneCloth_areOneMaterial_andHoursNone() {
        assertThat(of(Plan.NONE)).extracting(Material::what).containsExactly("Coutil", "Busk, 30.0 cm", "Cord");
        assertThat(of(Plan.NONE).get(0).needed()).isCloseTo(1.3, within(1e-9));
        assertThat(of(Plan.NONE))
                .extracting(Material::step)
                .containsExactly(StepKind.CUT, StepKind.FASTENING, StepKind.FINISHING);
    }

    @Test
    void theShelf_goesDownWhenItIsCut_andUpAgainWhenThatIsTakenBack() {
        Plan ready = Plan.NONE.supplied("Coutil", Supply.ready(1.3));
        Plan cut = ready.supplied("Coutil", ready.supply("Coutil").used(true));
        Shelf before = Shelf.of(List.of(COUTIL), List.of(ready));
        assertThat(before.there(COUTIL)).isEqualTo(3);
        assertThat(before.free(COUTIL)).isCloseTo(1.7, within(1e-9));
        Shelf after = Shelf.of(List.of(COUTIL), List.of(cut));
        assertThat(after.there(COUTIL)).isCloseTo(1.7, within(1e-9));
        assertThat(Shelf.of(
                        List.of(COUTIL),
                        List.of(cut.supplied("Coutil", cut.supply("Coutil").used(false)))))
                .isEqualTo(before);
        // Counted anew: a bolt has come, and the garment's piece is not taken off twice.
        Kept counted = after.counted(COUTIL, 6);
        assertThat(Shelf.of(List.of(counted), List.of(cut)).there(counted)).isEqualTo(6);
    }

    @Test
    void whatIsMissing_isOrderedOnce_lessWhatIsFree_intimeForTheFirst() {
        List<OrderList.Want> wants = List.of(
                new OrderList.Want("The Heron", Optional.of(CLOTH_IN.plusDays(7)), of(Plan.NONE)),
                new OrderList.Want("The Ringmaster", Optional.of(CLOTH_IN), of(Plan.NONE)),
                new OrderList.Want("The Widow", Optional.empty(), of(Plan.NONE)),
                new OrderList.Want(
                        "The Bride",
                        Optional.of(CLOTH_IN.minusDays(20)),
                        of(Plan.NONE
                                .supplied("Coutil", Supply.ready(1.3))
                                .supplied("Cord", Supply.ordered(Optional.empty())))));
        Shelf shelf = Shelf.of(List.of(COUTIL), List.of(Plan.NONE.supplied("Coutil", Supply.ready(1.3))));
        OrderList list = orders(wants, shelf);
        OrderList.Line coutil = list.lines().get(0);
        assertThat(coutil.supplier()).isEqualTo("Cloth from the harbour");
        // Three garments want 3.9, of 3 one has claimed 1.3.
        assertThat(coutil.amount()).isCloseTo(3.9 - 1.7, within(1e-9));
        assertThat(coutil.by()).as("five working days before the first").contains(LocalDate.of(2026, 12, 4));
        assertThat(coutil.garments()).containsExactly("The Heron", "The Ringmaster", "The Widow");
        OrderList.Line cord = list.lines().stream()
                .filter(l -> l.what().equals("Cord"))
                .findFirst()
                .orElseThrow();
        assertThat(cord.amount()).isCloseTo(15.6, within(1e-9));
        assertThat(cord.supplier()).isEmpty();
        assertThat(list.lines().get(list.lines().size() - 1).supplier()).isEmpty();
    }

    @Test
    void whatRunsOut_isOrderedThoughNoGarmentWaitsForIt() {
        Kept low = new Kept("Cord", "m", 4, 12, "");
        OrderList list = orders(List.of(), Shelf.of(List.of(low, COUTIL), List.of()));
        assertThat(list.lines()).hasSize(1);
        assertThat(list.lines().get(0).amount()).isEqualTo(8);
        assertThat(list.lines().get(0).garments()).isEmpty();
    }
}
