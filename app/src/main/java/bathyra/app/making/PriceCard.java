package bathyra.app.making;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.Files;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.book.BookFailure;
import bathyra.book.Invoices;
import bathyra.files.csv.Statements;
import bathyra.files.pdf.StatementPage;
import bathyra.money.MoneyWriting;
import bathyra.money.Price;
import bathyra.money.Statement;
import bathyra.plan.Deal;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** The price on the card: how it came about, what was agreed, the quote and the invoices. */
final class PriceCard {
    private static final double NAMES = 104;
    private static final int FITTINGS_MOST = 20;

    private final Workshop workshop;
    private final PriceModel model;
    private final Files files;
    private final VBox controls = new VBox();
    private final VBox changes = new VBox(4);
    private final Label wrong = new Label();
    private final Label written = new Label();
    private final TypedField agreed;
    private final TypedField deposit;
    private final TypedField fittings;
    private final CheckBox rush = new CheckBox("In a hurry");
    /** The same nodes each time: one that is pressed must be there when it is let go. */
    private final HBox quotes;

    private final HBox sure;
    private final Button issue;
    private final Button agree;
    private final Map<Long, HBox> papers = new HashMap<>();
    private List<Deal.Change> shown = List.of();
    private Optional<Long> asked = Optional.empty();

    PriceCard(Workshop workshop, PriceModel model, Files files) {
        this.workshop = workshop;
        this.model = model;
        this.files = files;
        agreed = field(
                "deal-agreed",
                "Price agreed, before tax",
                text -> model.typed(
                        "price agreed", text, 0, Deal.MOST, a -> model.deal().agreed(a)));
        deposit = field(
                "deal-deposit",
                "Paid down",
                text -> model.typed(
                        "paid down", text, 0, Deal.MOST, a -> model.deal().paidDown(a.orElse(0.0))));
        fittings = field(
                "deal-fittings",
                "Fittings agreed",
                text -> model.typed("fittings agreed", text, 0, FITTINGS_MOST, a -> model.deal()
                        .fittings(a.map(Double::intValue))));
        quotes = new HBox(
                12,
                Deed.button("quote-pdf", "Quote, PDF", () -> quote("pdf")),
                Deed.button("quote-csv", "Quote, CSV", () -> quote("csv")));
        sure = new HBox(
                12,
                Deed.button("issue-yes", "Issue it", () -> {
                    asked = Optional.empty();
                    issue();
                }),
                Deed.button("issue-no", "Not yet", () -> ask(Optional.empty())));
        issue = Deed.button("issue", "Issue an invoice", () -> ask(Optional.of(workshop.id())));
        agree = Deed.button("agree", "", model::agree);
        rush.setId("deal-rush");
        rush.setOnAction(e -> model.deal(
                rush.isSelected() ? "in a hurry" : "not in a hurry",
                model.deal().inAHurry(rush.isSelected())));
        wrong.getStyleClass().add("caution");
        wrong.setWrapText(true);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        wrong.visibleProperty().bind(wrong.managedProperty());
        written.getStyleClass().add("quiet");
        written.setId("price-written");
        written.setWrapText(true);
        written.managedProperty().bind(written.textProperty().isNotEmpty());
        written.visibleProperty().bind(written.managedProperty());
        controls.getStyleClass().add("controls");
        controls.getChildren()
                .addAll(
                        row("Agreed", agreed),
                        row("Paid down", deposit),
                        row("Fittings", fittings),
                        rush,
                        changes,
                        wrong,
                        Deed.button(
                                "add-change",
                                "Something agreed later",
                                () -> model.change(Integer.MAX_VALUE, Optional.of(new Deal.Change("Changed", 0)))));
    }

    private TypedField field(String id, String accessible, Function<String, Optional<String>> take) {
        return new TypedField(id, accessible, take, wrong::setText);
    }

    private static HBox row(String name, Node field) {
        Label label = new Label(name);
        label.setMinWidth(NAMES);
        HBox.setHgrow(field, Priority.ALWAYS);
        HBox row = new HBox(8, label, field);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("fields");
        return row;
    }

    void show(Card card) {
        Deal deal = model.deal();
        MoneyWriting writing = model.writing();
        agreed.write(deal.agreed().map(writing::figure).orElse(""));
        agreed.setPromptText("as it costs");
        deposit.write(deal.deposit() > 0 ? writing.figure(deal.deposit()) : "");
        fittings.write(deal.fittings().map(Object::toString).orElse(""));
        fittings.setPromptText(model.terms().fittings() + " are included");
        rush.setSelected(deal.rush());
        changes();
        card.begin("The price", controls);
        Optional<Price> price = model.price();
        if (price.isEmpty()) {
            card.words("The bill is being made; the price follows from it.", "quiet");
            return;
        }
        card.words(writing.say(price.get().total().value())
                + (price.get().tax().value() > 0
                        ? " with " + price.get().tax().name().toLowerCase(Locale.ROOT)
                        : "")
                + ", to pay " + writing.say(price.get().open().value()));
        card.belowControls();
        if (deal.agreed().isEmpty()) {
            agree.setText("Agree on " + writing.say(price.get().byCost().value()));
            card.add(agree);
        }
        if (model.isLapsed()) {
            card.words("The quote of " + deal.quoted().orElseThrow() + " has lapsed: put a new one.", "caution");
        }
        card.reckoning(price.get().byCost(), workshop.unit(), n -> {});
        card.section("On paper");
        card.add(quotes);
        invoices(card, writing);
        card.add(written);
        card.words(
                "Which taxes are due and what must stand on an invoice, local rules say; ask there. Rate, words and terms are your own: the book's page Money.",
                "quiet");
    }

    /** What cannot be undone is asked twice. */
    private void invoices(Card card, MoneyWriting writing) {
        if (asked.filter(id -> id == workshop.id()).isPresent()) {
            card.words(
                    "An invoice is numbered and stays as it is: it is not altered and not undone. A mistake is taken back by another invoice.",
                    "caution");
            card.add(sure);
        } else {
            card.add(issue);
        }
        for (Invoices.Issued issued : model.invoices()) {
            card.words("Invoice " + issued.number() + ", " + issued.day() + ": " + writing.say(issued.cents() / 100.0));
            card.add(papers.computeIfAbsent(issued.number(), n -> papers(issued)));
        }
    }

    private HBox papers(Invoices.Issued issued) {
        return new HBox(
                12,
                Deed.button("invoice-pdf-" + issued.number(), "PDF", () -> write(issued, "pdf")),
                Deed.button("invoice-csv-" + issued.number(), "CSV", () -> write(issued, "csv")),
                Deed.button(
                        "invoice-back-" + issued.number(),
                        "Take it back",
                        () -> guarded(() -> model.takeBack(issued))));
    }

    private void ask(Optional<Long> whether) {
        asked = whether;
        workshop.showing().again();
    }

    private void issue() {
        guarded(() -> model.issue()
                .ifPresent(i -> written.setText("Invoice " + i.number() + " is issued. Put it out as PDF or CSV.")));
        workshop.showing().again();
    }

    private void guarded(Runnable deed) {
        try {
            deed.run();
        } catch (BookFailure e) {
            written.setText(e.getMessage());
        }
    }

    private void changes() {
        List<Deal.Change> now = model.deal().changes();
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            int at = i;
            Deal.Change change = now.get(i);
            TypedField what = field("change-what-" + i, "What was agreed later", text -> {
                model.change(
                        at, text.isBlank() ? Optional.empty() : Optional.of(new Deal.Change(text, change.amount())));
                return Optional.empty();
            });
            what.write(change.what());
            TypedField amount = field(
                    "change-amount-" + i,
                    "What it costs more",
                    text -> model.typed("changes agreed", text, -Deal.MOST, Deal.MOST, a -> model.deal()
                            .changes(replaced(at, new Deal.Change(change.what(), a.orElse(0.0))))));
            amount.write(model.writing().figure(change.amount()).replace('−', '-'));
            TextSize.width(amount, 76);
            HBox.setHgrow(what, Priority.ALWAYS);
            HBox row = new HBox(6, what, amount);
            row.getStyleClass().add("fields");
            rows.add(row);
        }
        changes.getChildren().setAll(rows);
    }

    private List<Deal.Change> replaced(int at, Deal.Change next) {
        List<Deal.Change> all = new ArrayList<>(model.deal().changes());
        all.set(at, next);
        return all;
    }

    private void quote(String format) {
        model.quote().ifPresent(s -> write(s, "Quote", format));
    }

    private void write(Invoices.Issued issued, String format) {
        PriceModel.statement(issued)
                .ifPresentOrElse(
                        s -> write(s, s.heading(), format),
                        () -> written.setText("Nothing stands on it any more: its wearer was erased."));
    }

    private void write(Statement statement, String name, String format) {
        Optional<Path> to = files.where(
                controls.getScene().getWindow(),
                name,
                name.toLowerCase(Locale.ROOT).replace(' ', '-') + "." + format);
        to.ifPresent(path -> {
            try {
                java.nio.file.Files.write(
                        path,
                        format.equals("pdf")
                                ? StatementPage.write(statement)
                                : Statements.write(statement).getBytes(StandardCharsets.UTF_8));
                written.setText(name + " written to " + path.getFileName() + ".");
            } catch (IOException e) {
                LoggerFactory.getLogger(PriceCard.class).warn("writing a statement", e);
                written.setText("It could not be written. Choose a place that you may write to.");
            }
        });
    }
}
