package bathyra.app.lay;

import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.NumberField;
import bathyra.app.shell.Workshop;
import bathyra.bill.Bill;
import bathyra.garment.Cloth;
import bathyra.garment.Making;
import bathyra.garment.Making.Notion;
import bathyra.garment.Making.Work;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.stock.PriceList;
import bathyra.stock.PriceList.Item;
import bathyra.stock.StockLength;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import java.util.function.ToDoubleFunction;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The cards of the Lay stage beside the lay itself: the cloth, the bill, the prices. */
final class LayCards {
    private static final double PERCENT = 100;
    private static final double MONEY = 100_000;
    private final Workshop workshop;
    private final LayModel model;
    private final Output output;
    private final MenuButton cloth = new MenuButton();
    private final CheckBox folded = new CheckBox("Lay it folded");
    private final CheckBox oneWay = new CheckBox("Nap or print with a way up");
    private final List<NumberField> figures = new ArrayList<>();
    private final VBox clothBox = new VBox();
    private final VBox billBox = new VBox();
    private final VBox entries = new VBox();
    private final NumberField spools;
    private final VBox priceBox = new VBox();
    private final List<NumberField> prices = new ArrayList<>();
    private int entriesShown = -1;

    LayCards(Workshop workshop, LayModel model, Output output) {
        this.workshop = workshop;
        this.model = model;
        this.output = output;
        cloth.setId("cloth");
        cloth.setMaxWidth(Double.MAX_VALUE);
        folded.setId("cloth-folded");
        folded.setOnAction(e -> model.folded(folded.isSelected()));
        oneWay.setId("cloth-one-way");
        oneWay.setOnAction(e -> {
            Cloth c = model.use().cloth();
            model.cloth(new Cloth(c.name(), c.width(), c.selvedge(), oneWay.isSelected(), c.along(), c.across(), c.price()));
        });
        figure("width", "Width", "cm", Cloth.WIDTH_LEAST / 10, Cloth.WIDTH_MOST / 10, 1, c -> c.width() / 10, (c, v) -> new Cloth(c.name(), v * 10, Math.min(c.selvedge(), v * 2), c.oneWay(), c.along(), c.across(), c.price()));
        figure("selvedge", "Selvedge", "cm", 0, 7, 1, c -> c.selvedge() / 10, (c, v) -> new Cloth(c.name(), c.width(), v * 10, c.oneWay(), c.along(), c.across(), c.price()));
        figure("along", "Shrinks along", "%", 0, 20, 1, c -> c.along() * PERCENT, (c, v) -> new Cloth(c.name(), c.width(), c.selvedge(), c.oneWay(), v / PERCENT, c.across(), c.price()));
        figure("across", "Shrinks across", "%", 0, 20, 1, c -> c.across() * PERCENT, (c, v) -> new Cloth(c.name(), c.width(), c.selvedge(), c.oneWay(), c.along(), v / PERCENT, c.price()));
        figure("price", "Price of a metre", "", 0, MONEY, 2, Cloth::price, (c, v) -> new Cloth(c.name(), c.width(), c.selvedge(), c.oneWay(), c.along(), c.across(), v));
        figures.add(new NumberField(new NumberField.Kind("cloth-gap", "Between pieces", "mm", 0, 40, 0), () -> model.use().gap().millimetres(), v -> model.gap(Length.mm(v)), workshop::letGo));
        clothBox.getStyleClass().add("controls");
        clothBox.getChildren().addAll(cloth, folded, oneWay);
        clothBox.getChildren().addAll(figures);
        clothBox.getChildren().add(deed("Keep this cloth in the list", "keep-cloth", this::keepCloth));
        spools = new NumberField(new NumberField.Kind("spools", "Thread", "spools", 0, 1000, 0), () -> making().spools(), v -> model.making("thread", making().withSpools(v), "spools"), workshop::letGo);
        billBox.getStyleClass().add("controls");
        entries.getStyleClass().add("controls");
        Button pdf = new Button("Bill as PDF");
        pdf.setId("bill-pdf");
        pdf.setOnAction(e -> output.write(OutputKind.BILL_PDF, pdf.getScene().getWindow()));
        Button csv = new Button("as CSV");
        csv.setId("bill-csv");
        csv.setOnAction(e -> output.write(OutputKind.BILL_CSV, csv.getScene().getWindow()));
        billBox.getChildren().addAll(new HBox(8, pdf, csv), spools, entries,
                fields(deed("Add a notion", "add-notion", () -> model.making("a notion", making().withNotion(making().notions().size(), new Notion("Notion", 1, 0)), new Object())),
                        deed("Add hours", "add-work", () -> model.making("hours", making().withWork(making().work().size(), new Work("Cutting and sewing", 1)), new Object()))));
        priceBox.getStyleClass().add("controls");
        for (Item item : Item.values()) {
            prices.add(new NumberField(new NumberField.Kind("price-" + item.name().toLowerCase(Locale.ROOT), item.label() + ", " + item.per(), "", 0, MONEY, 2), () -> workshop.prices().of(item), v -> workshop.setPrices(workshop.prices().with(item, v)), () -> {}));
        }
    }

    private Making making() {
        return workshop.commission().making();
    }

    private void figure(String id, String label, String unit, double least, double most, int decimals, ToDoubleFunction<Cloth> value, BiFunction<Cloth, Double, Cloth> with) {
        figures.add(new NumberField(new NumberField.Kind("cloth-" + id, label, unit, least, most, decimals), () -> value.applyAsDouble(model.use().cloth()), v -> model.cloth(with.apply(model.use().cloth(), v), label.toLowerCase(Locale.ROOT)), workshop::letGo));
    }

    private static Button deed(String words, String id, Runnable run) {
        Button deed = new Button(words);
        deed.getStyleClass().add("deed");
        deed.setId(id);
        deed.setMinWidth(Region.USE_PREF_SIZE);
        deed.setOnAction(e -> run.run());
        return deed;
    }

    private static HBox fields(Node... nodes) {
        HBox row = new HBox(nodes);
        row.getStyleClass().add("fields");
        return row;
    }

    private void keepCloth() {
        List<Cloth> next = new ArrayList<>(workshop.prices().cloths());
        Cloth kept = model.use().cloth();
        next.removeIf(c -> c.name().equals(kept.name()));
        next.add(kept);
        workshop.setPrices(workshop.prices().withCloths(next));
    }

    void cloth(Card card) {
        cloth.setText(model.use().cloth().name());
        cloth.getItems().setAll(workshop.prices().cloths().stream().map(c -> {
            MenuItem item = new MenuItem(c.name());
            item.setId("cloth-" + c.name().toLowerCase(Locale.ROOT).replace(' ', '-'));
            item.setOnAction(e -> model.cloth(c));
            return item;
        }).toList());
        folded.setSelected(model.use().folded());
        oneWay.setSelected(model.use().cloth().oneWay());
        figures.forEach(NumberField::refresh);
        card.begin("Cloth of the " + model.layer().label().toLowerCase(Locale.ROOT), clothBox);
        card.belowControls();
        card.words("Pieces are drawn larger by what the cloth shrinks. With a nap no piece is turned end for end. On folded cloth pairs are cut at once, and what is cut on the fold lies on it.");
    }

    void bill(Card card) {
        Bill bill = model.bill();
        spools.refresh();
        entries();
        card.begin("Bill: " + money(bill.total()) + " " + bill.currency(), billBox);
        card.belowControls();
        for (Bill.Part part : Bill.Part.values()) {
            List<Bill.Line> lines = bill.lines().stream().filter(l -> l.part() == part).toList();
            if (!lines.isEmpty()) {
                card.section(part.label() + ": " + money(bill.total(part)));
                lines.forEach(l -> card.words(l.what() + ": " + quantity(l.quantity()) + " " + l.unit() + " at " + money(l.price()) + " = " + money(l.amount()) + (l.how().isEmpty() ? "" : " (" + l.how() + ")")));
            }
        }
        bill.missing().forEach(m -> card.words("Not in the total. " + m, "quiet"));
    }

    /** The rows of notions and hours; written anew only when one comes or goes, so that one can go on typing. */
    private void entries() {
        int count = making().notions().size() * 1000 + making().work().size();
        if (count == entriesShown) {
            entries.getChildren().forEach(n -> n.lookupAll(".option").forEach(f -> ((NumberField) f).refresh()));
            return;
        }
        entriesShown = count;
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < making().notions().size(); i++) {
            int at = i;
            rows.add(name("notion-" + i, making().notions().get(i).name(), text -> model.making("a notion", making().withNotion(at, new Notion(text, making().notions().get(at).count(), making().notions().get(at).price())), "notion-name" + at),
                    () -> model.making("a notion less", making().withoutNotion(at), new Object())));
            rows.add(number("notion-count-" + i, "How many", () -> making().notions().get(at).count(), v -> model.making("a notion", making().withNotion(at, new Notion(making().notions().get(at).name(), v, making().notions().get(at).price())), "notion-count" + at)));
            rows.add(number("notion-price-" + i, "Price of one", () -> making().notions().get(at).price(), v -> model.making("a notion", making().withNotion(at, new Notion(making().notions().get(at).name(), making().notions().get(at).count(), v)), "notion-price" + at)));
        }
        for (int i = 0; i < making().work().size(); i++) {
            int at = i;
            rows.add(name("work-" + i, making().work().get(i).what(), text -> model.making("hours", making().withWork(at, new Work(text, making().work().get(at).hours())), "work-name" + at), () -> model.making("hours less", making().withoutWork(at), new Object())));
            rows.add(number("work-hours-" + i, "Hours", () -> making().work().get(at).hours(), v -> model.making("hours", making().withWork(at, new Work(making().work().get(at).what(), v)), "work-hours" + at)));
        }
        entries.getChildren().setAll(rows);
    }

    private NumberField number(String id, String label, DoubleSupplier value, DoubleConsumer take) {
        return new NumberField(new NumberField.Kind(id, label, "", 0, Making.MOST, 2), value, take, workshop::letGo);
    }

    private HBox name(String id, String text, Consumer<String> take, Runnable remove) {
        TextField field = new TextField(text);
        field.setId(id);
        field.setAccessibleText("What it is");
        HBox.setHgrow(field, Priority.ALWAYS);
        field.textProperty().addListener((o, was, now) -> take.accept(now));
        return fields(field, deed("remove", id + "-remove", remove));
    }

    void prices(Card card) {
        PriceList list = workshop.prices();
        prices.forEach(NumberField::refresh);
        List<Node> rows = new ArrayList<>(List.of(currency()));
        rows.addAll(prices);
        rows.add(title("Busks in stock, length in cm and price"));
        for (int i = 0; i < list.busks().size(); i++) {
            rows.add(stock("busk-stock-" + i, list.busks().get(i), i));
        }
        if (priceBox.getChildren().size() != rows.size()) {
            priceBox.getChildren().setAll(rows);
        }
        card.begin("Your prices", priceBox);
        card.belowControls();
        card.words("Kept in the book for every commission. Cloths are kept from the Cloth card. Bones in stock: " + String.join("; ", list.bones().stream().filter(b -> b.width() == workshop.commission().garment().boning().width().map(Length::millimetres).orElse(7.0))
                .map(b -> b.stock().name() + " " + LengthText.say(Length.mm(b.stock().length()), workshop.unit()) + " " + money(b.stock().price())).toList()) + ".", "quiet");
    }

    private Node currency() {
        Label name = new Label("Currency");
        TextField field = new TextField(workshop.prices().currency());
        field.setId("currency");
        name.setLabelFor(field);
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        field.textProperty().addListener((o, was, now) -> {
            if (!now.isBlank() && now.strip().length() <= 8) {
                workshop.setPrices(workshop.prices().withCurrency(now.strip()));
            }
        });
        VBox box = new VBox(fields(name, field));
        box.getStyleClass().add("option");
        return box;
    }

    private NumberField stock(String id, StockLength stock, int at) {
        return new NumberField(new NumberField.Kind(id, String.format(Locale.ROOT, "%.1f cm", stock.length() / 10), "", 0, MONEY, 2), () -> workshop.prices().busks().get(at).price(), v -> {
            List<StockLength> next = new ArrayList<>(workshop.prices().busks());
            next.set(at, new StockLength(next.get(at).name(), next.get(at).length(), v));
            workshop.setPrices(workshop.prices().withBusks(next));
        }, () -> {});
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("section-title", "words");
        return label;
    }

    static String money(double amount) {
        return String.format(Locale.ROOT, "%.2f", amount);
    }

    private static String quantity(double quantity) {
        return quantity == Math.rint(quantity) ? String.format(Locale.ROOT, "%.0f", quantity) : String.format(Locale.ROOT, "%.1f", quantity);
    }
}
