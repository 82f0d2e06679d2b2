package bathyra.app.stores;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.stage.Days;
import bathyra.app.stage.Files;
import bathyra.app.stage.Scroll;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.files.csv.Orders;
import bathyra.files.pdf.OrderPage;
import bathyra.house.Kept;
import bathyra.house.Supplier;
import bathyra.supply.Deliveries;
import bathyra.supply.OrderList;
import bathyra.supply.Shelf;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** The stores: what is kept with what runs out, and the one list of what is to be ordered. */
public final class StoresView extends VBox {
    private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");
    private static final double FIGURE = 76;

    private final StoresModel model;
    private final Files files;
    private final Card card;
    private final VBox kept = new VBox(3);
    private final VBox orders = new VBox(3);
    private final VBox coming = new VBox(3);
    private final Button back;
    private final Label said = new Label();
    private final Label nothing =
            new Label("Nothing is kept yet. Cloth, bones, busks, cord: what is bought for many garments goes here.");
    private final List<KeptRow> keptRows = new ArrayList<>();
    private final List<SupplierRow> supplierRows = new ArrayList<>();
    private List<String> named = List.of();
    private Optional<OrderList> listed = Optional.empty();
    private Optional<Deliveries> awaited = Optional.empty();
    private final TextField what = new TextField();
    private final TextField unit = new TextField();

    public StoresView(Workshop workshop, Files files, Card card) {
        super(8);
        this.model = new StoresModel(workshop, Clock.systemDefaultZone(), this::show);
        this.files = files;
        this.back = CardRows.deed("", "stores-back", model::takeBack);
        this.card = card;
        what.setId("keep-what");
        what.setPromptText("Something more to keep, as it stands on the bill");
        what.setAccessibleText("Something more to keep");
        HBox.setHgrow(what, Priority.ALWAYS);
        unit.setId("keep-unit");
        unit.setPromptText("m, pieces");
        unit.setAccessibleText("In what it is counted");
        TextSize.width(unit, FIGURE);
        HBox adding = new HBox(8, what, unit, CardRows.deed("Keep it", "keep-add", this::keep));
        adding.getStyleClass().add("fields");
        adding.setAlignment(Pos.CENTER_LEFT);
        nothing.getStyleClass().add("quiet");
        said.setId("stores-said");
        said.getStyleClass().add("quiet");
        said.setWrapText(true);
        said.setMinHeight(Region.USE_PREF_SIZE);
        VBox all = new VBox(
                10,
                heading("Kept", "what is there now; below the least it runs out"),
                nothing,
                kept,
                adding,
                heading("To be ordered", "for all garments with a due day, less what lies free on the shelf"),
                orders,
                heading("On its way", "what was ordered and has not come, the soonest first"),
                coming,
                back,
                said);
        all.getStyleClass().add("stores");
        Scroll scroll = Scroll.down(all);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(scroll);
        show();
    }

    private static HBox heading(String title, String about) {
        Label head = new Label(title);
        head.getStyleClass().add("section-head");
        Label quiet = new Label(about);
        quiet.getStyleClass().add("quiet");
        HBox heading = new HBox(10, head, quiet);
        heading.setAlignment(Pos.BASELINE_LEFT);
        return heading;
    }

    /** More may be known of what the garments need. */
    public void read() {
        if (!model.unknown().isEmpty()) {
            model.read();
        }
    }

    private void keep() {
        Optional<String> wrong = model.keep(what.getText(), unit.getText().isBlank() ? "pieces" : unit.getText(), "");
        said.setText(wrong.orElse(""));
        if (wrong.isEmpty()) {
            what.clear();
            unit.clear();
        }
    }

    private void show() {
        Shelf shelf = model.shelf();
        List<String> names = shelf.kept().stream().map(Kept::what).toList();
        if (!names.equals(named)) {
            named = names;
            keptRows.clear();
            for (Kept item : shelf.kept()) {
                keptRows.add(new KeptRow(model, item, keptRows.size(), said::setText));
            }
            kept.getChildren().setAll(keptRows);
        }
        nothing.setVisible(names.isEmpty());
        nothing.setManaged(names.isEmpty());
        for (int i = 0; i < keptRows.size(); i++) {
            keptRows.get(i).show(shelf, shelf.kept().get(i));
        }
        orders();
        coming();
        Optional<String> last = model.lastDone();
        back.setText(last.map(words -> "Take back: " + words).orElse(""));
        back.setVisible(last.isPresent());
        back.setManaged(last.isPresent());
        card();
    }

    private void coming() {
        Deliveries deliveries = model.deliveries();
        if (awaited.equals(Optional.of(deliveries))) {
            return;
        }
        awaited = Optional.of(deliveries);
        List<Node> rows = new ArrayList<>();
        for (Deliveries.Line line : deliveries.lines()) {
            rows.add(delivery(line, rows.size()));
        }
        if (rows.isEmpty()) {
            Label none = new Label("Nothing is on its way.");
            none.getStyleClass().add("quiet");
            rows.add(none);
        }
        coming.getChildren().setAll(rows);
    }

    private HBox delivery(Deliveries.Line line, int index) {
        HBox row = row(
                line.what() + (line.supplier().isEmpty() ? "" : ", " + line.supplier()),
                figure(line.amount()) + " " + line.unit(),
                line.comes().map(d -> "comes " + Days.say(d)).orElse("no day"),
                garments(line.garments()));
        row.getChildren()
                .addAll(
                        CardRows.deed("Came", "came-" + index, () -> model.came(line)),
                        CardRows.deed("Does not come", "not-coming-" + index, () -> model.doesNotCome(line)));
        row.pseudoClassStateChanged(OUT, line.isLate(model.today()));
        return row;
    }

    private void orders() {
        OrderList list = model.orders();
        if (listed.equals(Optional.of(list))) {
            return;
        }
        listed = Optional.of(list);
        List<Node> rows = new ArrayList<>();
        String supplier = null;
        for (OrderList.Line line : list.lines()) {
            if (!line.supplier().equals(supplier)) {
                supplier = line.supplier();
                Label name = new Label(supplier.isEmpty() ? "From nobody yet" : supplier);
                name.getStyleClass().add("shelf-wearer");
                rows.add(name);
            }
            rows.add(order(line, rows.size()));
        }
        if (list.lines().isEmpty()) {
            Label none = new Label("Nothing is missing.");
            none.getStyleClass().add("quiet");
            rows.add(none);
        } else {
            rows.add(new HBox(
                    16,
                    CardRows.deed("Order list, PDF", "orders-pdf", () -> write("pdf")),
                    CardRows.deed("Order list, CSV", "orders-csv", () -> write("csv"))));
        }
        orders.getChildren().setAll(rows);
        List<String> unknown = model.unknown();
        if (!unknown.isEmpty()) {
            said.setText("Not counted yet: " + String.join("; ", unknown) + ".");
        }
    }

    private HBox order(OrderList.Line line, int index) {
        HBox row = row(
                line.what(),
                figure(line.amount()) + " " + line.unit(),
                line.by().map(d -> "by " + Days.say(d)).orElse(""),
                line.garments().isEmpty() ? "runs out" : garments(line.garments()));
        if (!line.garments().isEmpty()) {
            row.getChildren().add(CardRows.deed("Ordered", "ordered-" + index, () -> model.ordered(line)));
        }
        if (model.shelf().find(line.what()).isEmpty()) {
            row.getChildren()
                    .add(CardRows.deed(
                            "Keep it", "keep-line-" + index, () -> model.keep(line.what(), line.unit(), "")));
        }
        row.pseudoClassStateChanged(
                OUT, line.by().filter(d -> d.isBefore(model.today())).isPresent());
        return row;
    }

    private static String garments(List<String> titles) {
        return "for " + titles.size() + (titles.size() == 1 ? " garment" : " garments");
    }

    private static HBox row(String thing, String howMuch, String when, String whatFor) {
        Label what = new Label(thing);
        what.setMinWidth(0);
        what.setWrapText(true);
        what.setMinHeight(Region.USE_PREF_SIZE);
        what.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(what, Priority.ALWAYS);
        Label amount = new Label(howMuch);
        amount.getStyleClass().add("figure-strong");
        amount.setMinWidth(Region.USE_PREF_SIZE);
        Label day = new Label(when);
        TextSize.minWidth(day, 96);
        Label garments = new Label(whatFor);
        garments.getStyleClass().add("quiet");
        TextSize.minWidth(garments, 100);
        HBox row = new HBox(12, what, amount, day, garments);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("order-row");
        return row;
    }

    static String figure(double amount) {
        return amount == Math.rint(amount)
                ? String.format(Locale.ROOT, "%.0f", amount)
                : String.format(Locale.ROOT, "%.1f", amount);
    }

    private void card() {
        card.begin("Suppliers");
        card.words(
                "Under your own names, with the working days that a delivery takes: the day of ordering follows from them.",
                "quiet");
        List<Supplier> suppliers = model.house().suppliers();
        while (supplierRows.size() <= suppliers.size()) {
            supplierRows.add(new SupplierRow(model, supplierRows.size(), said::setText));
        }
        for (SupplierRow row : supplierRows.subList(0, suppliers.size() + 1)) {
            row.show();
            card.add(row);
        }
        card.end();
    }

    private void write(String format) {
        Optional<Path> to = files.where(getScene().getWindow(), "Order list", "order-list." + format);
        to.ifPresent(path -> {
            try {
                java.nio.file.Files.write(
                        path,
                        format.equals("pdf")
                                ? OrderPage.write(model.orders())
                                : Orders.write(model.orders()).getBytes(StandardCharsets.UTF_8));
                said.setText("Order list written to " + path.getFileName() + ".");
            } catch (IOException e) {
                LoggerFactory.getLogger(StoresView.class).warn("writing the order list", e);
                said.setText("It could not be written. Choose a place that you may write to.");
            }
        });
    }
}
