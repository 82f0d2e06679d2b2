package bathyra.app.lay;

import static bathyra.app.reckoning.CardRows.deed;
import static bathyra.app.reckoning.CardRows.fields;

import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows.NameField;
import bathyra.app.reckoning.NumberField;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.bill.Bill;
import bathyra.garment.Making;
import bathyra.garment.Making.Notion;
import bathyra.garment.Making.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The bill of a commission, with the thread, notions and hours that the cutter adds. */
final class BillCard {
    private static final int NAME_MOST = 60;
    private final Workshop workshop;
    private final LayModel model;
    private final NumberField spools;
    private final VBox entries = new VBox();
    private final List<Runnable> typed = new ArrayList<>();
    private final VBox box = new VBox();
    private int notionsShown = -1;
    private int workShown = -1;

    BillCard(Workshop workshop, LayModel model, Output output) {
        this.workshop = workshop;
        this.model = model;
        spools = new NumberField(
                new NumberField.Kind("spools", "Thread", "spools", 0, 1000, 0),
                () -> making().spools(),
                v -> model.making("thread", making().withSpools(v), InHand.of("spools")),
                workshop::letGo);
        box.getStyleClass().add("controls");
        entries.getStyleClass().add("controls");
        Button pdf = new Button("Bill as PDF");
        pdf.setId("bill-pdf");
        pdf.setOnAction(e -> output.write(OutputKind.BILL_PDF, pdf.getScene().getWindow()));
        Button csv = new Button("as CSV");
        csv.setId("bill-csv");
        csv.setOnAction(e -> output.write(OutputKind.BILL_CSV, csv.getScene().getWindow()));
        box.getChildren()
                .addAll(
                        new HBox(8, pdf, csv),
                        spools,
                        entries,
                        fields(
                                deed(
                                        "Add a notion",
                                        "add-notion",
                                        () -> model.making(
                                                "a notion",
                                                making().withNotion(
                                                                making().notions()
                                                                        .size(),
                                                                new Notion("Notion", 1, 0)),
                                                InHand.once())),
                                deed(
                                        "Add hours",
                                        "add-work",
                                        () -> model.making(
                                                "hours",
                                                making().withWork(
                                                                making().work().size(),
                                                                new Work("Cutting and sewing", 1)),
                                                InHand.once()))));
    }

    private Making making() {
        return workshop.commission().making();
    }

    /** Shows what the garment costs, part by part. */
    void show(Card card) {
        Bill bill = model.bill();
        spools.refresh();
        entries();
        card.begin("Bill: " + money(bill.total()) + " " + bill.currency(), box);
        card.belowControls();
        for (Bill.Part part : Bill.Part.values()) {
            List<Bill.Line> lines =
                    bill.lines().stream().filter(l -> l.part() == part).toList();
            if (!lines.isEmpty()) {
                card.section(part.label() + ": " + money(bill.total(part)));
                lines.forEach(l -> card.words(l.what() + ": " + quantity(l) + " at " + money(l.price()) + " = "
                        + money(l.amount()) + (l.how().isEmpty() ? "" : " (" + l.how() + ")")));
            }
        }
        bill.missing().forEach(m -> card.words("Not in the total. " + m, "quiet"));
    }

    /** The rows of notions and hours; written anew only when one comes or goes, so that one can go on typing. */
    private void entries() {
        if (making().notions().size() == notionsShown && making().work().size() == workShown) {
            typed.forEach(Runnable::run);
            return;
        }
        notionsShown = making().notions().size();
        workShown = making().work().size();
        typed.clear();
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < making().notions().size(); i++) {
            int at = i;
            rows.add(name(
                    "notion-" + i,
                    () -> making().notions().get(at).name(),
                    text -> model.making(
                            "a notion",
                            making().withNotion(at, making().notions().get(at).called(text)),
                            InHand.of("notion-name" + at)),
                    () -> model.making("a notion less", making().withoutNotion(at), InHand.once())));
            rows.add(number(
                    "notion-count-" + i,
                    "How many",
                    () -> making().notions().get(at).count(),
                    v -> model.making(
                            "a notion",
                            making().withNotion(at, making().notions().get(at).counted(v)),
                            InHand.of("notion-count" + at))));
            rows.add(number(
                    "notion-price-" + i,
                    "Price of one",
                    () -> making().notions().get(at).price(),
                    v -> model.making(
                            "a notion",
                            making().withNotion(at, making().notions().get(at).priced(v)),
                            InHand.of("notion-price" + at))));
        }
        for (int i = 0; i < making().work().size(); i++) {
            int at = i;
            rows.add(name(
                    "work-" + i,
                    () -> making().work().get(at).what(),
                    text -> model.making(
                            "hours",
                            making().withWork(at, making().work().get(at).called(text)),
                            InHand.of("work-name" + at)),
                    () -> model.making("hours less", making().withoutWork(at), InHand.once())));
            rows.add(number(
                    "work-hours-" + i,
                    "Hours",
                    () -> making().work().get(at).hours(),
                    v -> model.making(
                            "hours",
                            making().withWork(at, making().work().get(at).lasting(v)),
                            InHand.of("work-hours" + at))));
        }
        entries.getChildren().setAll(rows);
    }

    private NumberField number(String id, String label, DoubleSupplier value, DoubleConsumer take) {
        NumberField field =
                new NumberField(new NumberField.Kind(id, label, "", 0, Making.MOST, 2), value, take, workshop::letGo);
        typed.add(field::refresh);
        return field;
    }

    private HBox name(String id, Supplier<String> text, Consumer<String> take, Runnable remove) {
        NameField field = new NameField(id, "What it is", NAME_MOST, text, take);
        typed.add(field::refresh);
        return fields(field, deed("remove", id + "-remove", remove));
    }

    static String money(double amount) {
        return String.format(Locale.ROOT, "%.2f", amount);
    }

    /** Pieces are counted; of anything else the unit is said. */
    private static String quantity(Bill.Line line) {
        String figure = line.quantity() == Math.rint(line.quantity())
                ? String.format(Locale.ROOT, "%.0f", line.quantity())
                : String.format(Locale.ROOT, "%.1f", line.quantity());
        return line.unit().equals("pieces") ? figure : figure + " " + line.unit();
    }
}
