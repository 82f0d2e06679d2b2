package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import bathyra.bill.Bill;
import bathyra.bill.Lays;
import bathyra.bill.Shopping;
import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.csv.Bills;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.PriceListJson;
import bathyra.files.pdf.BillPage;
import bathyra.garment.BoneKind;
import bathyra.garment.Boning.PanelBone;
import bathyra.garment.Boning.Stop;
import bathyra.garment.Cloth;
import bathyra.garment.ClothUse;
import bathyra.garment.ClothUse.HandLaid;
import bathyra.garment.Commission;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LayerKind;
import bathyra.garment.Making;
import bathyra.garment.Making.Notion;
import bathyra.garment.Making.Work;
import bathyra.length.Length;
import bathyra.piece.OutlineEdge;
import bathyra.stock.PriceList;
import bathyra.stock.PriceList.Item;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What a garment is made from, in its document, in the price list and on the bill. */
class MakingFilesTest {
    private static final Cloth SATIN = new Cloth("Satin, \"heavy\"", 1380, 12, true, 0.02, 0.01, 31.5);
    private static final Garment CORSET = Garment.of(GarmentKind.CORSET);

    private static Commission commission() {
        Garment garment = CORSET.withBoning(CORSET.boning()
                .withWidth(Optional.of(Length.mm(10)))
                .withKind("on-side", Optional.of(BoneKind.SYNTHETIC))
                .without("on-back-1")
                .withPanel(new PanelBone("own-1", "F2", 0.4))
                .withStop("lacing-outer", new Stop(Length.mm(20), Length.mm(15)))
                .withEyelets(Optional.of(Length.mm(25))));
        ClothUse use = ClothUse.of(SATIN)
                .withFolded(true)
                .withGap(Length.mm(8))
                .withHand(List.of(new HandLaid("F1", 0, 12.5, 30.25, true, -0.5)));
        return Bodies.commission(Bodies.nerea(), garment)
                .withMaking(Making.BEGUN
                        .withCloth(LayerKind.FASHION, use)
                        .withSpools(2)
                        .withNotion(0, new Notion("=Hook & eye", 3, 0.4))
                        .withWork(0, new Work("Cutting", 2.5)));
    }

    @Test
    void boningAndMaking_comeBackAsTheyWereWritten() throws BadDocument {
        Commission back = CommissionJson.read(CommissionJson.write(commission()));
        assertThat(back.making()).isEqualTo(commission().making());
        assertThat(back.garment().boning()).isEqualTo(commission().garment().boning());
    }

    @Test
    void wrongBonesAndCloths_areToldFieldByField() {
        String good = CommissionJson.write(commission());
        String bad = good.replace("\"at\" : 0.4", "\"at\" : 4")
                .replaceAll("\"selvedge\" : [^,]+", "\"selvedge\" : \"900 mm\"")
                .replace("\"hours\" : 2.5", "\"hours\" : -2.5")
                .replace("\"tilt\" : -0.5", "\"tilt\" : -45");
        List<String> faults = catchThrowableOfType(BadDocument.class, () -> CommissionJson.read(bad))
                .faults();
        assertThat(faults)
                .anySatisfy(
                        f -> assertThat(f).contains("garment.boning.panels.0").contains("from 0 to 1"))
                .anySatisfy(f ->
                        assertThat(f).contains("making.cloths.fashion.cloth").contains("selvedges under a quarter"))
                .anySatisfy(f -> assertThat(f).contains("making.work.0.hours").contains("a number from 0"))
                .anySatisfy(f -> assertThat(f).contains("tilt").contains("degrees"));
    }

    @Test
    void aPriceList_comesBackAsItWasWritten_andPricesThatAreNoNumbersAreTold() throws BadDocument {
        PriceList list =
                PriceList.invented().withCurrency("marks").with(Item.CORD, 1.25).withCloths(List.of(SATIN));
        assertThat(PriceListJson.read(PriceListJson.write(list))).isEqualTo(list);
        String bad = PriceListJson.write(list)
                .replace("\"cord\" : 1.25", "\"cord\" : \"much\"")
                .replace("\"price\" : 31.5", "\"price\" : -1");
        assertThat(catchThrowableOfType(BadDocument.class, () -> PriceListJson.read(bad))
                        .faults())
                .anySatisfy(f -> assertThat(f).contains("items.cord"))
                .anySatisfy(f -> assertThat(f).contains("cloths.0"));
    }

    @Test
    void aWrittenPriceList_keepsToItsPublishedSchema() throws IOException {
        try (InputStream in = PriceListJson.class.getResourceAsStream("/formats/prices.schema.json")) {
            var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(new String(in.readAllBytes(), StandardCharsets.UTF_8), InputFormat.JSON);
            assertThat(schema.validate(PriceListJson.write(PriceList.invented()), InputFormat.JSON))
                    .isEmpty();
            assertThat(schema.validate(
                            PriceListJson.write(PriceList.invented()).replace("\"cord\"", "\"rope\""),
                            InputFormat.JSON))
                    .isNotEmpty();
        }
    }

    private static Bill bill(Draft draft) {
        var layers = CuttingPlan.of(draft).layers();
        return Bill.of(
                draft, layers, Lays.of(draft, layers, PriceList.invented(), 20, () -> false), PriceList.invented());
    }

    @Test
    void theBill_addsUpLineByLine_andItsTableIsSafeInASpreadsheet() throws IOException {
        Bill bill = bill((Draft) Drafter.draft(commission()));
        double sum = 0;
        boolean seen = false;
        try (CSVParser rows = CSVParser.parse(
                new StringReader(Bills.bill(bill)),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            for (CSVRecord row : rows) {
                double amount = Double.parseDouble(row.get("amount"));
                if (row.get("part").equals("Total")) {
                    assertThat(amount).isCloseTo(sum, within(0.005));
                    seen = true;
                } else {
                    assertThat(Double.parseDouble(row.get("quantity")) * Double.parseDouble(row.get("price")))
                            .as(row.get("what"))
                            .isCloseTo(amount, within(0.006));
                    assertThat(row.get("what")).doesNotStartWith("=");
                    sum += amount;
                }
            }
        }
        assertThat(seen).isTrue();
        // 2 spools at 3.50, 3 at 0.40, 2.5 h at 30.
        assertThat(bill.total(Bill.Part.WORK)).isEqualTo(75);
        assertThat(bill.lines())
                .anySatisfy(l -> assertThat(l.amount()).isEqualTo(7.0))
                .anySatisfy(l -> assertThat(l.what() + l.amount()).isEqualTo("=Hook & eye1.2"));
    }

    @Test
    void theBillAsPage_isOnePageWithEveryLineAndTheTotal() throws IOException {
        Draft draft = (Draft) Drafter.draft(commission());
        Bill bill = bill(draft);
        try (PDDocument page = Loader.loadPDF(BillPage.write(draft, bill, "2026-01-01"))) {
            assertThat(page.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(page);
            assertThat(text)
                    .contains("Hook & eye")
                    .contains("Cutting")
                    .contains(String.format("%.2f", bill.total()))
                    .contains("Satin");
            bill.lines().forEach(l -> assertThat(text).contains(String.format("%.2f", l.amount())));
        }
    }

    @Test
    void bonesBought_countAsManyAsTheChannels_andEachStockLengthIsUsedUpOrLeftOver() {
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), CORSET));
        Shopping shopping = Shopping.of(draft, PriceList.invented());
        int cut = shopping.bones().stream()
                .flatMap(l -> l.plan().cuts().stream())
                .mapToInt(c -> c.pieces().size())
                .sum();
        assertThat(cut)
                .isEqualTo(bathyra.bone.BonePlan.of(draft).channels().stream()
                        .mapToInt(bathyra.bone.Channel::count)
                        .sum());
        shopping.bones().forEach(lot -> {
            double bought = lot.plan().cuts().stream()
                    .mapToDouble(c -> c.from().length())
                    .sum();
            double saw = lot.plan().cuts().stream()
                    .mapToDouble(c -> Shopping.KERF * (c.pieces().size() - 1))
                    .sum();
            assertThat(lot.length() + saw + lot.plan().rest()).isCloseTo(bought, within(1e-6));
        });
        assertThat(shopping.findings()).isEmpty();
    }

    @Test
    void boundEdges_areOnTheListToBuy_asLongAsBothEdgesAndSixty_turnedOnesAreNot() throws IOException {
        assertThat(Shopping.of((Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), CORSET)), PriceList.invented())
                        .binding())
                .isEmpty();
        Garment bound =
                CORSET.withAllowance(EdgeUse.UPPER_EDGE, Length.mm(0)).withAllowance(EdgeUse.LOWER_EDGE, Length.mm(0));
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), bound));
        Shopping shopping = Shopping.of(draft, PriceList.invented());
        double edges = 2
                * draft.pattern().pieces().stream()
                        .flatMap(p -> p.outline().stream())
                        .filter(e -> e.kind() == OutlineEdge.Kind.EDGE)
                        .mapToDouble(e -> e.path().length())
                        .sum();
        double binding = shopping.binding().stream()
                .mapToDouble(s -> s.length().value() * s.count())
                .sum();
        assertThat(binding).isCloseTo(edges + 60, within(0.01));
        assertThat(Bills.shopping(shopping)).contains(shopping.binding().get(0).name());
    }

    @Test
    void withShortStock_theBoneThatIsTooLong_isSaidWithWhatWouldDo() {
        PriceList bare = PriceList.invented()
                .withBones(PriceList.invented().bones().stream()
                        .filter(b -> b.stock().length() == 500)
                        .map(b -> new PriceList.BoneStock(
                                b.kind(), b.width(), new bathyra.stock.StockLength("short", 150, 1)))
                        .toList());
        Draft draft = (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), CORSET));
        assertThat(Shopping.of(draft, bare).findings()).isNotEmpty().allSatisfy(f -> assertThat(
                        f.sentence().in(bathyra.length.LengthUnit.CM))
                .contains("longer than the longest")
                .contains("15.0")
                .contains("end the channel sooner"));
    }
}
