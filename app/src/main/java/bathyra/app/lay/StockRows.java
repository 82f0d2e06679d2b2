package bathyra.app.lay;

import static bathyra.app.reckoning.CardRows.deed;
import static bathyra.app.reckoning.CardRows.fields;

import bathyra.app.reckoning.NumberField;
import bathyra.length.LengthUnit;
import bathyra.stock.StockLength;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/**
 * The lengths in stock of one thing, each with its price, to be typed, added and taken away. A row shows what stands at its place in the
 * list: one more or one less makes or drops one row, and the others only read anew.
 */
final class StockRows extends VBox {
    private static final double MONEY = 100_000;
    private static final double LEAST = 50;
    private static final double MOST = 100_000;
    private final String name;
    private final String id;
    private final Supplier<List<StockLength>> now;
    private final Consumer<List<StockLength>> take;
    private final Supplier<LengthUnit> unit;
    private final Label title = new Label();
    private final VBox lines = new VBox();
    private final List<List<NumberField>> typed = new ArrayList<>();
    private LengthUnit shownIn;

    /**
     * @param name what one of them is called
     * @param id the beginning of the ids of the rows
     * @param fresh what is added first
     */
    StockRows(
            String title,
            String name,
            String id,
            String add,
            Supplier<List<StockLength>> now,
            Consumer<List<StockLength>> take,
            Supplier<StockLength> fresh,
            Supplier<LengthUnit> unit) {
        this.name = name;
        this.id = id;
        this.now = now;
        this.take = take;
        this.unit = unit;
        getStyleClass().add("controls");
        lines.getStyleClass().add("controls");
        this.title.getStyleClass().addAll("section-title", "words");
        title(title);
        getChildren().addAll(this.title, lines, deed(add, id + "-add", () -> {
            List<StockLength> next = new ArrayList<>(now.get());
            next.add(fresh.get());
            take.accept(next);
        }));
    }

    void title(String text) {
        title.setText(text);
    }

    /** Shows what stands in the list now. */
    void show() {
        if (unit.get() != shownIn) {
            // The range of a length is said in the unit in which it is typed.
            shownIn = unit.get();
            lines.getChildren().clear();
            typed.clear();
        }
        int many = now.get().size();
        boolean fewer = typed.size() > many;
        while (typed.size() > many) {
            typed.remove(typed.size() - 1);
            lines.getChildren().remove(typed.size());
        }
        typed.forEach(row -> row.forEach(fewer ? NumberField::anew : NumberField::refresh));
        while (typed.size() < many) {
            lines.getChildren().add(row(typed.size()));
        }
    }

    private HBox row(int at) {
        double one = shownIn.millimetres();
        String what = name + " " + (at + 1);
        NumberField length = new NumberField(
                        new NumberField.Kind(
                                id + "-" + at + "-length",
                                what + ", length",
                                shownIn.symbol(),
                                Math.ceil(LEAST / one),
                                Math.floor(MOST / one),
                                1),
                        () -> of(at).length() / one,
                        v -> change(at, new StockLength(of(at).name(), v * one, of(at).price())),
                        () -> {})
                .bare();
        NumberField price = new NumberField(
                        new NumberField.Kind(id + "-" + at, what + ", price", "", 0, MONEY, 2),
                        () -> of(at).price(),
                        v -> change(at, new StockLength(of(at).name(), of(at).length(), v)),
                        () -> {})
                .bare();
        typed.add(List.of(length, price));
        return fields(length, price, deed("remove", id + "-" + at + "-remove", () -> {
            List<StockLength> next = new ArrayList<>(now.get());
            next.remove(at);
            take.accept(next);
        }));
    }

    private StockLength of(int at) {
        return now.get().get(at);
    }

    private void change(int at, StockLength next) {
        List<StockLength> all = new ArrayList<>(now.get());
        all.set(at, next);
        take.accept(all);
    }
}
