package bathyra.app.lay;

import static bathyra.app.reckoning.CardRows.deed;
import static bathyra.app.reckoning.CardRows.fields;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows.NameField;
import bathyra.app.reckoning.NumberField;
import bathyra.app.shell.Workshop;
import bathyra.garment.BoneKind;
import bathyra.measure.Length;
import bathyra.stock.PriceList;
import bathyra.stock.PriceList.BoneStock;
import bathyra.stock.PriceList.Item;
import bathyra.stock.StockLength;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The cutter's own prices and what is in stock, kept in the book for every commission. */
final class PricesCard {
    private static final double MONEY = 100_000;
    private static final double STOCK_LEAST = 50;
    private static final double STOCK_MOST = 100_000;
    private static final double NEW_BONE = 1000;
    private static final double NEW_BUSK = 300;
    private static final int CURRENCY_MOST = 8;
    private final Workshop workshop;
    private final VBox box = new VBox();
    private final List<NumberField> typed = new ArrayList<>();
    private List<Integer> shown = List.of();

    PricesCard(Workshop workshop) {
        this.workshop = workshop;
        box.getStyleClass().add("controls");
    }

    /** Shows the prices, and the bones in stock in the width of this garment. */
    void show(Card card) {
        List<Integer> now = new ArrayList<>(List.of(prices().busks().size(), (int) width(), workshop.unit().ordinal()));
        for (BoneKind kind : BoneKind.values()) {
            now.add(ofKind(kind).size());
        }
        if (now.equals(shown)) {
            typed.forEach(NumberField::refresh);
        } else {
            shown = now;
            build();
        }
        card.begin("Your prices", box);
        card.belowControls();
        card.words("Kept in the book for every commission. Cloths are kept from the Cloth card.", "quiet");
    }

    private PriceList prices() {
        return workshop.prices();
    }

    private double width() {
        return workshop.commission().garment().boning().boneWidth().millimetres();
    }

    private List<Integer> ofKind(BoneKind kind) {
        return IntStream.range(0, prices().bones().size()).filter(i -> prices().bones().get(i).kind() == kind && prices().bones().get(i).width() == width()).boxed().toList();
    }

    private void build() {
        typed.clear();
        List<Node> rows = new ArrayList<>();
        Label named = new Label("Currency");
        NameField currency = new NameField("currency", "Currency", CURRENCY_MOST, () -> prices().currency(), text -> workshop.setPrices(prices().withCurrency(text)));
        named.setLabelFor(currency);
        rows.add(fields(named, currency));
        for (Item item : Item.values()) {
            rows.add(keep(new NumberField(new NumberField.Kind("price-" + item.name().toLowerCase(Locale.ROOT), item.label() + ", " + item.per(), "", 0, MONEY, 2), () -> prices().of(item), v -> workshop.setPrices(prices().with(item, v)), () -> {})));
        }
        rows.add(title("Busks: length and price"));
        for (int i = 0; i < prices().busks().size(); i++) {
            int at = i;
            rows.add(stock("busk-stock-" + i, prices().busks().get(i), () -> prices().busks().get(at), next -> busks(at, next), () -> workshop.setPrices(prices().withBusks(without(prices().busks(), at)))));
        }
        rows.add(deed("Add a busk", "busk-stock-add", () -> {
            List<StockLength> next = new ArrayList<>(prices().busks());
            next.add(new StockLength("Busk", NEW_BUSK, 0));
            workshop.setPrices(prices().withBusks(next));
        }));
        for (BoneKind kind : BoneKind.values()) {
            rows.add(title(kind.label() + " " + (int) width() + " mm: length and price"));
            for (int at : ofKind(kind)) {
                rows.add(stock("bone-stock-" + at, prices().bones().get(at).stock(), () -> prices().bones().get(at).stock(), next -> bones(at, next), () -> workshop.setPrices(prices().withBones(without(prices().bones(), at)))));
            }
            rows.add(deed("Add a length", "bone-stock-add-" + kind.id(), () -> {
                List<BoneStock> next = new ArrayList<>(prices().bones());
                next.add(new BoneStock(kind, width(), new StockLength(kind.label() + " " + (int) width() + " mm", NEW_BONE, 0)));
                workshop.setPrices(prices().withBones(next));
            }));
        }
        box.getChildren().setAll(rows);
    }

    private static <T> List<T> without(List<T> all, int at) {
        List<T> next = new ArrayList<>(all);
        next.remove(at);
        return next;
    }

    private void busks(int at, StockLength next) {
        List<StockLength> all = new ArrayList<>(prices().busks());
        all.set(at, next);
        workshop.setPrices(prices().withBusks(all));
    }

    private void bones(int at, StockLength next) {
        List<BoneStock> all = new ArrayList<>(prices().bones());
        all.set(at, new BoneStock(all.get(at).kind(), all.get(at).width(), next));
        workshop.setPrices(prices().withBones(all));
    }

    private NumberField keep(NumberField field) {
        typed.add(field);
        return field;
    }

    private HBox stock(String id, StockLength of, Supplier<StockLength> now, Consumer<StockLength> take, Runnable remove) {
        double one = workshop.unit().millimetres();
        NumberField length = keep(new NumberField(new NumberField.Kind(id + "-length", of.name() + ", length", workshop.unit().symbol(), Math.ceil(STOCK_LEAST / one), Math.floor(STOCK_MOST / one), 1), () -> now.get().length() / one,
                v -> take.accept(new StockLength(now.get().name(), v * one, now.get().price())), () -> {}).bare());
        NumberField price = keep(new NumberField(new NumberField.Kind(id, of.name() + ", price", "", 0, MONEY, 2), () -> now.get().price(), v -> take.accept(new StockLength(now.get().name(), now.get().length(), v)), () -> {}).bare());
        return fields(length, price, deed("remove", id + "-remove", remove));
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("section-title", "words");
        return label;
    }
}
