package bathyra.app.stores;

import bathyra.app.reckoning.TypedField;
import bathyra.app.table.TextSize;
import bathyra.house.Supplier;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** A supplier and how many working days a delivery takes; the last row is for one more. */
final class SupplierRow extends HBox {
    private static final double DAYS = 52;

    private final StoresModel model;
    private final int at;
    private final TypedField name;
    private final TypedField days;

    SupplierRow(StoresModel model, int at, Consumer<String> said) {
        super(6);
        this.model = model;
        this.at = at;
        days = new TypedField(
                "supplier-days-" + at, "Days of a delivery", text -> model.supplier(at, written(), text), said);
        TextSize.width(days, DAYS);
        name = new TypedField(
                "supplier-" + at, "Name of a supplier", text -> model.supplier(at, text, daysText()), said);
        name.setPromptText("one more");
        HBox.setHgrow(name, Priority.ALWAYS);
        Label of = new Label("days");
        of.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(name, days, of);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("fields");
    }

    private String written() {
        List<Supplier> all = model.house().suppliers();
        return at < all.size() ? all.get(at).name() : "Supplier";
    }

    private String daysText() {
        return days.getText();
    }

    void show() {
        List<Supplier> all = model.house().suppliers();
        name.write(at < all.size() ? all.get(at).name() : "");
        days.write(at < all.size() ? Integer.toString(all.get(at).days()) : "");
    }
}
