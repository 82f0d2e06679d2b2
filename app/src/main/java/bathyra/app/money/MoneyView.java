package bathyra.app.money;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.TypedField;
import bathyra.app.reckoning.TypedNumber;
import bathyra.app.stage.Scroll;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.book.Invoices;
import bathyra.house.Letter;
import bathyra.house.Terms;
import bathyra.money.MoneyWriting;
import bathyra.stock.PriceList.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** On what terms the workshop works, how it writes money, and the invoices that it has issued. */
public final class MoneyView extends VBox {
    private static final double NAMES = 250;
    private static final double FIGURE = 90;
    private static final double HUNDRED = 100;

    private final Workshop workshop;
    private final Card card;
    private final VBox terms = new VBox(4);
    private final VBox issued = new VBox(3);
    private final Label said = new Label();

    public MoneyView(Workshop workshop, Card card) {
        super(8);
        this.workshop = workshop;
        this.card = card;
        said.setId("money-said");
        said.getStyleClass().add("caution");
        said.setWrapText(true);
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        said.visibleProperty().bind(said.textProperty().isNotEmpty());
        TextArea letterhead = new TextArea(terms().letterhead());
        letterhead.setId("letterhead");
        letterhead.setAccessibleText("Who writes: name and address of the workshop");
        letterhead.setPromptText("Name and address of the workshop");
        letterhead.setPrefRowCount(3);
        letterhead.textProperty().addListener((o, was, now) -> keep(terms().saying(terms().taxWords(), now)));
        Label head = new Label("Terms");
        head.getStyleClass().add("section-head");
        Label invoices = new Label("Invoices");
        invoices.getStyleClass().add("section-head");
        VBox all = new VBox(10, head, terms, letterhead, said, invoices, issued);
        all.getStyleClass().add("stores");
        Scroll scroll = Scroll.down(all);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(scroll);
        show();
    }

    private Terms terms() {
        return workshop.kept().house().terms();
    }

    private void keep(Terms next) {
        workshop.kept().setHouse(workshop.kept().house().on(next));
    }

    private void show() {
        List<Node> rows = new ArrayList<>();
        for (Terms.Figure figure : Terms.Figure.values()) {
            rows.add(figure(figure));
        }
        rows.add(words());
        rows.add(writing());
        terms.getChildren().setAll(rows);
        invoices();
        card.begin("Money");
        card.words(
                "The program keeps no tax law. Which taxes are due and what must stand on an invoice, local rules say; ask whoever advises you.",
                "caution");
        card.words("Hours cost " + writingOf().say(workshop.kept().prices().of(Item.HOUR))
                + " each; that and the currency stand in the prices of the Lay stage.");
        card.words(
                "Issued invoices are numbered without a gap. They are not altered and not undone; a mistake is taken back by another.",
                "quiet");
        card.end();
    }

    private MoneyWriting writingOf() {
        return MoneyWriting.of(workshop.kept().house(), workshop.kept().prices().currency());
    }

    private HBox figure(Terms.Figure figure) {
        double value = terms().of(figure) * (figure.isShare() ? HUNDRED : 1);
        TypedField field =
                new TypedField("terms-" + figure.id(), figure.label(), text -> typed(figure, text), said::setText);
        field.write(
                value == Math.rint(value)
                        ? String.format(Locale.ROOT, "%.0f", value)
                        : String.format(Locale.ROOT, "%.2f", value));
        return row(figure.label(), field, figure.isShare() ? "%" : "");
    }

    private Optional<String> typed(Terms.Figure figure, String text) {
        OptionalDouble value = TypedNumber.read(text.replace("%", ""));
        try {
            Terms next = terms().with(figure, value.orElse(-1) / (figure.isShare() ? HUNDRED : 1));
            keep(next);
            show();
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of("Type a figure as 15 or 12.5, not below 0.");
        }
    }

    private static HBox row(String name, Node field, String unit) {
        Label label = new Label(name);
        TextSize.minWidth(label, NAMES);
        if (field instanceof TypedField typed) {
            TextSize.width(typed, FIGURE);
        }
        HBox row = new HBox(8, label, field, new Label(unit));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("fields");
        return row;
    }

    private HBox words() {
        TypedField field = new TypedField(
                "terms-tax-words",
                "What the tax is called",
                text -> {
                    keep(terms().saying(text.strip(), terms().letterhead()));
                    return Optional.empty();
                },
                said::setText);
        field.write(terms().taxWords());
        return row("What the tax is called", field, "");
    }

    private HBox writing() {
        Letter letter = workshop.kept().house().letter();
        CheckBox first = new CheckBox("Currency first");
        first.setId("currency-first");
        first.setSelected(letter.currencyFirst());
        CheckBox comma = new CheckBox("Decimal comma");
        comma.setId("decimal-comma");
        comma.setSelected(letter.decimalComma());
        Runnable keep = () -> {
            workshop.kept()
                    .setHouse(workshop.kept()
                            .house()
                            .writing(workshop.kept()
                                    .house()
                                    .letter()
                                    .withCurrencyFirst(first.isSelected())
                                    .withDecimalComma(comma.isSelected())));
            show();
        };
        first.setOnAction(e -> keep.run());
        comma.setOnAction(e -> keep.run());
        Label as = new Label("as " + writingOf().say(1234.5));
        as.getStyleClass().add("quiet");
        HBox row = new HBox(16, first, comma, as);
        row.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(as, Priority.ALWAYS);
        return row;
    }

    private void invoices() {
        List<Node> rows = new ArrayList<>();
        for (Invoices.Issued each : workshop.book().invoices().all()) {
            rows.add(new Label("Invoice " + each.number() + ", " + each.day() + ", "
                    + (each.wearer().isEmpty() ? "the wearer was erased" : each.wearer()) + ": "
                    + writingOf().say(each.cents() / HUNDRED)));
        }
        if (rows.isEmpty()) {
            Label none = new Label("None was issued yet. A commission's price stands on its Making stage.");
            none.getStyleClass().add("quiet");
            rows.add(none);
        }
        issued.getChildren().setAll(rows);
    }
}
