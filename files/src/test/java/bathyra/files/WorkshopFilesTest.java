package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bathyra.bill.Bill;
import bathyra.draft.Bodies;
import bathyra.files.csv.Orders;
import bathyra.files.csv.Statements;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.HouseJson;
import bathyra.files.json.StatementJson;
import bathyra.files.pdf.HangerLabels;
import bathyra.files.pdf.OrderPage;
import bathyra.files.pdf.StatementPage;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.Wearer;
import bathyra.house.House;
import bathyra.house.Kept;
import bathyra.house.Letter;
import bathyra.house.Maker;
import bathyra.house.Supplier;
import bathyra.house.Terms;
import bathyra.house.WorkingDays;
import bathyra.length.LengthUnit;
import bathyra.money.Price;
import bathyra.money.Statement;
import bathyra.plan.DateKind;
import bathyra.plan.Deal;
import bathyra.plan.Hands;
import bathyra.plan.Occasion;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.plan.StepOrder;
import bathyra.plan.Supply;
import bathyra.supply.Material;
import bathyra.supply.OrderList;
import bathyra.supply.Shelf;
import bathyra.workplan.StepKind;
import java.io.IOException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The workshop in files: who works, what was agreed, what is ordered, what was put to a wearer. */
class WorkshopFilesTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 30);

    private static final StepOrder ORDER = StepOrder.RULE
            .adding("Quilt the “front”", 90, DateKind.MADE_UP)
            .ordered(List.of("consult", "own-1", "seams"))
            .without("second-toile");

    private static final Plan PLAN = Plan.NONE
            .on(Occasion.BRIDAL)
            .by(new Hands("Marit Sollers", true))
            .ordered(ORDER)
            .with("own-1", Progress.NONE.lasting(12))
            .with(StepKind.SEAMS.id(), Progress.NONE.lasting(58).ticking("side").ticking("front-1"))
            .supplied("Herringbone coutil", Supply.ready(1.3).used(true))
            .supplied("Busk, 30.0 cm", Supply.ordered(Optional.of(DAY)))
            .dealing(Deal.NONE
                    .agreed(Optional.of(960.0))
                    .paidDown(480)
                    .inAHurry(true)
                    .fittings(Optional.of(3))
                    .changes(List.of(new Deal.Change("Without lace", -35.5)))
                    .quoted(Optional.of(DAY)));

    private static final House HOUSE = House.USUAL
            .making(List.of(new Maker("Idris Vale", 30).workingIn(DAY, 42.5), new Maker("Marit Sollers", 24)))
            .off(DAY.plusDays(2), true)
            .keepingBack(0.1)
            .planning(Occasion.STAGE, Map.of(DateKind.SECOND_FITTING, 6))
            .ordering(ORDER)
            .on(new Terms(0.1, 0.2, 0.19, "Sales tax", 0.3, 14, 3, 55, 0.5, "The Salt Orchard\n3 Quay Steps"))
            .writing(new Letter(true, true, "Stays & more, on the quay"))
            .suppliedBy(List.of(new Supplier("Cloth from the harbour", 8)))
            .keeping(List.of(new Kept("Cord", "m", 40.5, 12, "Cloth from the harbour")));

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replace('\u00a0', ' ');
        }
    }

    @Test
    void aPlan_withAllThatIsNew_isReadAsItWasWritten() throws BadDocument {
        Commission commission = new Commission(
                        "The Heron",
                        LengthUnit.CM,
                        new Wearer("Nerea Holloway", Experience.FIRST),
                        Bodies.nerea(),
                        Garment.bustier())
                .withPlan(PLAN);
        String text = CommissionJson.write(commission);
        assertThat(CommissionJson.read(text).plan()).isEqualTo(PLAN);
        assertThatThrownBy(() -> CommissionJson.read(text.replace("\"bridal\"", "\"wedding\"")))
                .hasMessageContaining("plan.occasion");
        assertThatThrownBy(() -> CommissionJson.read(text.replace("\"used\"", "\"gone\"")))
                .hasMessageContaining("plan.materials");
        assertThatThrownBy(() -> CommissionJson.read(text.replace("\"id\" : \"own-1\"", "\"id\" : \"mine\"")))
                .hasMessageContaining("plan.order.own");
    }

    @Test
    void aHouse_isReadAsItWasWritten_andEveryFaultIsNamed() throws BadDocument {
        String text = HouseJson.write(HOUSE);
        assertThat(HouseJson.read(text)).isEqualTo(HOUSE);
        assertThat(HouseJson.read(HouseJson.write(House.USUAL))).isEqualTo(House.USUAL);
        assertThatThrownBy(() -> HouseJson.read(text.replace("42.5", "420"))).hasMessageContaining("2026-11-30");
        assertThatThrownBy(() -> HouseJson.read(text.replace("\"saturday\"", "\"caturday\"")))
                .hasMessageContaining("caturday");
        assertThatThrownBy(() -> HouseJson.read(text.replace("\"buffer\"", "\"bufer\"")))
                .hasMessageContaining("nearest is buffer");
        String always = HouseJson.write(new House(
                        HOUSE.makers(),
                        new WorkingDays(Set.of(DayOfWeek.SUNDAY), Set.of()),
                        0,
                        Map.of(),
                        StepOrder.RULE,
                        Terms.USUAL,
                        Letter.USUAL,
                        List.of(),
                        List.of()))
                .replace(
                        "\"sunday\"",
                        "\"monday\", \"tuesday\", \"wednesday\", \"thursday\", \"friday\", \"saturday\", \"sunday\"");
        assertThatThrownBy(() -> HouseJson.read(always)).hasMessageContaining("is every day");
    }

    private static Statement invoice() {
        Bill bill =
                new Bill("€", List.of(new Bill.Line(Bill.Part.CLOTH, "Strength, Coutil", "", 1, "m", 29)), List.of());
        Price price = Price.of(bill, 770, 45, HOUSE.terms(), PLAN.deal());
        return Statement.invoice(12, "=The Heron, with “lace”", "Nerea Holloway", price, PLAN.deal(), HOUSE, "€", DAY);
    }

    @Test
    void anInvoice_isKeptWhole_andStandsOnPaperAndInATable() throws Exception {
        Statement invoice = invoice();
        assertThat(StatementJson.read(StatementJson.write(invoice))).isEqualTo(invoice);
        // 960 agreed, 35.50 less; three fittings are included; 19 % of 924.50 is 175.66 (rounded up); 480 paid down.
        assertThat(invoice.cents()).isEqualTo(92_450 + 17_566 - 48_000);
        assertThat(text(StatementPage.write(invoice)))
                .contains("Invoice 12", "The Salt Orchard", "3 Quay Steps", "Nerea Holloway", "30 November 2026")
                .contains("€ 960,00", "€ −35,50", "Sales tax", "€ 175,66", "To pay", "€ 620,16");
        assertThat(Statements.write(invoice))
                .startsWith("heading,day,to,kind,what,amount,currency\r\n")
                .contains("sum,To pay,620.16,€")
                .doesNotContain(",=The Heron");
    }

    @Test
    void anOrderList_standsOnPaperAndInATable() throws Exception {
        OrderList list = OrderList.of(
                List.of(new OrderList.Want(
                        "The Heron",
                        Optional.of(DAY.plusDays(20)),
                        Material.of(
                                new Bill(
                                        "€",
                                        List.of(new Bill.Line(Bill.Part.BONES, "Cord", "", 60, "m", 0.9)),
                                        List.of()),
                                Plan.NONE))),
                Shelf.of(HOUSE.shelf(), List.of()),
                HOUSE);
        assertThat(text(OrderPage.write(list)))
                .contains(
                        "Order list", "Cloth from the harbour", "Cord, for The Heron", "19.5 m", "order by 2026-12-09");
        assertThat(Orders.write(list)).contains("Cloth from the harbour,Cord,19.500,m,2026-12-09,The Heron");
    }

    @Test
    void hangerLabels_standEightOnASheet() throws Exception {
        HangerLabels.Label label = new HangerLabels.Label(
                "Ottoline Brackwater-Finch of the very long name",
                "The Harbour Master, straight-topped bustier for the storm scene",
                Optional.of(DAY.plusDays(4)),
                "Second fitting",
                Optional.of(DAY.plusDays(1)),
                "Marit Sollers");
        byte[] pdf =
                HangerLabels.write(IntStream.range(0, 9).mapToObj(i -> label).toList());
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
        }
        assertThat(text(pdf)).contains("due Fri 4 December", "Second fitting Tue 1 December", "Marit Sollers");
    }
}
