package bathyra.app.lay;

import static bathyra.app.reckoning.CardRows.fields;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows.NameField;
import bathyra.app.reckoning.NumberField;
import bathyra.app.workshop.Workshop;
import bathyra.garment.BoneKind;
import bathyra.stock.PriceList;
import bathyra.stock.PriceList.BoneStock;
import bathyra.stock.PriceList.Item;
import bathyra.stock.StockLength;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The cutter's own prices and what is in stock, kept in the book for every commission. */
final class PricesCard {
    private static final double MONEY = 100_000;
    private static final double NEW_BONE = 1000;
    private static final double NEW_BUSK = 300;
    private static final int CURRENCY_MOST = 8;
    private final Workshop workshop;
    private final VBox box = new VBox();
    private final List<NumberField> typed = new ArrayList<>();
    private final StockRows busks;
    private final Map<BoneKind, StockRows> bones = new EnumMap<>(BoneKind.class);

    PricesCard(Workshop workshop) {
        this.workshop = workshop;
        box.getStyleClass().add("controls");
        general();
        busks = new StockRows(
                "Busks: length and price",
                "Busk",
                "busk-stock",
                "Add a busk",
                this::busks,
                this::withBusks,
                () -> new StockLength("Busk", NEW_BUSK, 0),
                workshop::unit);
        box.getChildren().add(busks);
        for (BoneKind kind : BoneKind.values()) {
            StockRows rows = new StockRows(
                    "",
                    kind.label(),
                    "bone-stock-" + kind.id(),
                    "Add a length",
                    () -> ofWidth(kind).map(BoneStock::stock).toList(),
                    lengths -> withBones(kind, lengths),
                    () -> new StockLength(kind.label() + " " + (int) width() + " mm", NEW_BONE, 0),
                    workshop::unit);
            bones.put(kind, rows);
            box.getChildren().add(rows);
        }
    }

    /** Shows the prices, and the bones in stock in the width of this garment. */
    void show(Card card) {
        typed.forEach(NumberField::refresh);
        busks.show();
        bones.forEach((kind, rows) -> {
            rows.title(kind.label() + " " + (int) width() + " mm: length and price");
            rows.show();
        });
        card.begin("Your prices", box);
        card.belowControls();
        card.words("Kept in the book for every commission. Cloths are kept from the Cloth card.", "quiet");
    }

    private PriceList prices() {
        return workshop.kept().prices();
    }

    private double width() {
        return workshop.commission().garment().boning().boneWidth().millimetres();
    }

    private void general() {
        Label named = new Label("Currency");
        NameField currency =
                new NameField("currency", "Currency", CURRENCY_MOST, () -> prices().currency(), text -> workshop.kept()
                        .setPrices(prices().withCurrency(text)));
        named.setLabelFor(currency);
        box.getChildren().add(fields(named, currency));
        for (Item item : Item.values()) {
            NumberField field = new NumberField(
                    new NumberField.Kind(
                            "price-" + item.name().toLowerCase(Locale.ROOT),
                            item.label() + ", " + item.per(),
                            "",
                            0,
                            MONEY,
                            2),
                    () -> prices().of(item),
                    v -> workshop.kept().setPrices(prices().with(item, v)),
                    () -> {});
            typed.add(field);
            box.getChildren().add(field);
        }
    }

    private List<StockLength> busks() {
        return prices().busks();
    }

    private void withBusks(List<StockLength> lengths) {
        workshop.kept().setPrices(prices().withBusks(lengths));
    }

    private Stream<BoneStock> ofWidth(BoneKind kind) {
        return prices().bones().stream().filter(bone -> bone.kind() == kind && bone.width() == width());
    }

    private void withBones(BoneKind kind, List<StockLength> lengths) {
        Stream<BoneStock> others =
                prices().bones().stream().filter(bone -> bone.kind() != kind || bone.width() != width());
        workshop.kept()
                .setPrices(prices().withBones(Stream.concat(
                                others, lengths.stream().map(length -> new BoneStock(kind, width(), length)))
                        .toList()));
    }
}
