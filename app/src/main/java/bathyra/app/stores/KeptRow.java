package bathyra.app.stores;

import bathyra.app.reckoning.CardRows;
import bathyra.app.reckoning.TypedField;
import bathyra.app.table.TextSize;
import bathyra.house.Kept;
import bathyra.supply.Shelf;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Something that is kept: how much is there, below what it runs out, who delivers it. The row stays while its figures change, and with it the place where one types. */
final class KeptRow extends HBox {
    private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");
    private static final double FIGURE = 76;
    private static final double SUPPLIER = 170;
    private static final double UNIT = 46;

    private final StoresModel model;
    private final String what;
    private final Consumer<String> said;
    private final TypedField there;
    private final TypedField least;
    private final TypedField supplier;

    KeptRow(StoresModel model, Kept item, int index, Consumer<String> said) {
        super(8);
        this.model = model;
        this.what = item.what();
        this.said = said;
        there = field("there-" + index, ", counted now", FIGURE, model::counted);
        least = field("least-" + index, ", runs out below", FIGURE, model::least);
        supplier = field("supplier-of-" + index, ", supplier", SUPPLIER, (k, text) -> {
            model.supplier(k, text);
            return Optional.empty();
        });
        supplier.setPromptText("supplier");
        Label name = new Label(what);
        name.setMinWidth(0);
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Label unit = new Label(item.unit());
        TextSize.minWidth(unit, UNIT);
        Label leastOf = new Label("least");
        leastOf.setMinWidth(Region.USE_PREF_SIZE);
        getChildren()
                .addAll(
                        name,
                        there,
                        unit,
                        leastOf,
                        least,
                        supplier,
                        CardRows.deed("Keep no more", "unkeep-" + index, () -> kept().ifPresent(model::remove)));
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().addAll("fields", "kept-row");
    }

    private TypedField field(String id, String called, double width, BiFunction<Kept, String, Optional<String>> take) {
        TypedField field = new TypedField(id, what + called, text -> kept().flatMap(k -> take.apply(k, text)), said);
        TextSize.width(field, width);
        return field;
    }

    private Optional<Kept> kept() {
        return model.shelf().find(what);
    }

    void show(Shelf shelf, Kept item) {
        there.write(StoresView.figure(shelf.there(item)));
        least.write(StoresView.figure(item.least()));
        supplier.write(item.supplier());
        pseudoClassStateChanged(OUT, shelf.runsOut(item));
    }
}
