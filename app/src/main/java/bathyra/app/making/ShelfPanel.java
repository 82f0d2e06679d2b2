package bathyra.app.making;

import bathyra.app.stage.Days;
import bathyra.app.stage.RowStrip;
import bathyra.app.table.TextSize;
import bathyra.plan.Supply;
import bathyra.supply.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** What the steps need, and whether it is here. */
final class ShelfPanel extends RowStrip {
    private static final PseudoClass MISSING = PseudoClass.getPseudoClass("missing");
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

    private final MaterialsModel model;
    private final Consumer<Material> choose;
    private List<Material> shown = List.of();
    private Optional<String> chosen = Optional.empty();

    ShelfPanel(MaterialsModel model, Consumer<Material> choose) {
        super("On the shelf", "what the steps need");
        this.model = model;
        this.choose = choose;
        foot.setId("materials-foot");
        getStyleClass().add("making-shelf");
    }

    /** @param next the name of the material that is looked at */
    void refresh(Optional<String> next) {
        List<Material> materials = model.materials();
        if (!materials.equals(shown) || !chosen.equals(next)) {
            shown = materials;
            chosen = next;
            List<Node> all = new ArrayList<>();
            for (Material material : materials) {
                all.add(row(material, all.size()));
            }
            rows.getChildren().setAll(all);
        }
        long missing = materials.stream()
                .filter(m -> m.supply().state() == Supply.State.MISSING)
                .count();
        foot.setText(
                materials.isEmpty()
                        ? "The bill is being made"
                        : missing == 0 ? "Everything is ordered or here" : missing + " missing");
    }

    private Button row(Material material, int index) {
        boolean missing = material.supply().state() == Supply.State.MISSING;
        Label state = new Label(material.supply().isHere() ? "✓" : missing ? "▲" : "○");
        state.getStyleClass().add("material-mark");
        TextSize.minWidth(state, 14);
        Label what = new Label(material.what());
        what.setMaxWidth(Double.MAX_VALUE);
        what.setMinWidth(0);
        HBox.setHgrow(what, Priority.ALWAYS);
        Label figures = new Label(amount(material) + ", " + said(material));
        figures.setMinWidth(Region.USE_PREF_SIZE);
        HBox line = new HBox(8, state, what, figures);
        line.setAlignment(Pos.CENTER_LEFT);
        Button row = new Button();
        row.setGraphic(line);
        row.setMaxWidth(Double.MAX_VALUE);
        line.prefWidthProperty().bind(row.widthProperty().subtract(16));
        row.getStyleClass().setAll("mark-row", "material-row");
        row.setId("material-" + index);
        row.pseudoClassStateChanged(MISSING, missing);
        row.pseudoClassStateChanged(
                SELECTED, chosen.filter(material.what()::equals).isPresent());
        row.setAccessibleText(material.what() + ", " + figures.getText() + ", for "
                + material.step().label().toLowerCase(Locale.ROOT));
        row.setOnAction(e -> choose.accept(material));
        return row;
    }

    static String amount(Material material) {
        String figure = material.needed() == Math.rint(material.needed())
                ? String.format(Locale.ROOT, "%.0f", material.needed())
                : String.format(Locale.ROOT, "%.1f", material.needed());
        return material.unit().equals("pieces") ? figure : figure + " " + material.unit();
    }

    static String said(Material material) {
        return material.supply().state().id()
                + material.supply().comes().map(d -> ", comes " + Days.say(d)).orElse("");
    }
}
