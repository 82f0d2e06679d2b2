package bathyra.app.weeks;

import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.TypedField;
import bathyra.app.table.TextSize;
import bathyra.house.Maker;
import bathyra.workload.Hours;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Who works here, and how many hours a week: both are typed in place. */
final class MakersPane extends VBox {
    private static final double HOURS = 62;

    private final WeeksModel model;
    private final VBox rows = new VBox(4);
    private final Label wrong = new Label();
    private final Label sum = new Label();
    private List<Maker> shown = List.of();

    MakersPane(WeeksModel model) {
        super(6);
        this.model = model;
        wrong.getStyleClass().add("caution");
        wrong.setWrapText(true);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        wrong.visibleProperty().bind(wrong.managedProperty());
        sum.getStyleClass().add("quiet");
        sum.setWrapText(true);
        getChildren().addAll(rows, wrong, sum, Deed.button("add-maker", "Someone more", () -> {
            if (rows.getChildren().size() == model.house().makers().size()) {
                rows.getChildren()
                        .add(row(Optional.empty(), model.house().makers().size()));
            }
        }));
    }

    void show() {
        List<Maker> makers = model.house().makers();
        if (!makers.equals(shown)) {
            shown = makers;
            List<Node> next = new ArrayList<>();
            for (int i = 0; i < makers.size(); i++) {
                next.add(row(Optional.of(makers.get(i)), i));
            }
            rows.getChildren().setAll(next);
        }
        sum.setText(String.format(
                Locale.ROOT,
                "%.0f h a week; %.0f %% are kept back for what nobody foresees.",
                makers.stream().mapToDouble(Maker::hours).sum(),
                100 * model.house().buffer()));
    }

    private HBox row(Optional<Maker> maker, int index) {
        TypedField name = field(
                "maker-" + index,
                "Name of a maker",
                maker.map(Maker::name).orElse(""),
                text -> model.name(maker, text));
        name.setPromptText("Name");
        HBox.setHgrow(name, Priority.ALWAYS);
        HBox row = new HBox(6, name);
        maker.ifPresent(m -> {
            TypedField hours = field(
                    "hours-" + index,
                    "Hours a week of " + m.name(),
                    Hours.typed(m.hours()),
                    text -> model.hours(m, text));
            TextSize.width(hours, HOURS);
            row.getChildren().addAll(hours, new Label("h"));
        });
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("fields");
        return row;
    }

    private TypedField field(String id, String accessible, String text, Function<String, Optional<String>> take) {
        TypedField field = new TypedField(id, accessible, take, wrong::setText);
        field.write(text);
        return field;
    }
}
