package bathyra.app.cups;

import bathyra.app.glossary.DrawnWords;
import bathyra.app.reckoning.Deed;
import bathyra.app.workshop.Workshop;
import bathyra.garment.ContourSet;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.ContourWedge;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The nine wedges, each closed or open with its width, and the usual sets. */
final class ContourStrip extends VBox {
    private static final int ROWS = 3;
    private final Workshop workshop;
    private final CupsModel model;
    private final Map<ContourWedge, CheckBox> boxes = new EnumMap<>(ContourWedge.class);
    private final Map<ContourWedge, TextField> widths = new EnumMap<>(ContourWedge.class);
    private final Label fault = new Label();

    /** @param toggle closes or opens a wedge */
    ContourStrip(Workshop workshop, CupsModel model, Consumer<ContourWedge> toggle) {
        super(6);
        this.workshop = workshop;
        this.model = model;
        Label head = new Label("Contour");
        head.getStyleClass().add("section-head");
        Label what = new Label("wedges that are closed so that the garment hugs");
        what.getStyleClass().add("quiet");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox title = new HBox(10, head, what, space);
        title.setAlignment(Pos.BASELINE_LEFT);
        HBox sets = new HBox(10, new Label("Usual:"));
        sets.setAlignment(Pos.CENTER_LEFT);
        for (ContourSet set : ContourSet.values()) {
            sets.getChildren().add(Deed.button("set-" + set.id(), set.label(), () -> model.usual(set)));
        }
        sets.getChildren().add(Deed.button("set-none", "None", model::open));
        fault.getStyleClass().add("row-fault");
        fault.setWrapText(true);
        fault.managedProperty().bind(fault.textProperty().isNotEmpty());
        fault.visibleProperty().bind(fault.managedProperty());
        GridPane grid = new GridPane();
        grid.setHgap(18);
        grid.setVgap(4);
        for (ContourWedge wedge : ContourWedge.values()) {
            grid.add(row(wedge, toggle), wedge.ordinal() / ROWS, wedge.ordinal() % ROWS);
        }
        getChildren().addAll(title, grid, sets, fault);
    }

    private HBox row(ContourWedge wedge, Consumer<ContourWedge> toggle) {
        CheckBox box = new CheckBox(wedge.label());
        box.setId("wedge-" + wedge.id());
        DrawnWords.at(box, wedge.label() + ": " + wedge.where(), () -> model.tried(wedge));
        box.setOnAction(e -> toggle.accept(wedge));
        box.setPrefWidth(172);
        TextField width = new TextField();
        width.setId("width-" + wedge.id());
        width.setPrefColumnCount(4);
        width.setAccessibleText(wedge.label() + ", width at the mouth");
        width.setOnAction(e -> fault.setText(model.width(wedge, width.getText()).orElse("")));
        width.focusedProperty().addListener((o, was, now) -> {
            if (was
                    && !now
                    && !width.getText().equals(said(wedge))
                    && !width.getText().isBlank()) {
                fault.setText(model.width(wedge, width.getText()).orElse(""));
            }
        });
        boxes.put(wedge, box);
        widths.put(wedge, width);
        HBox row = new HBox(6, box, width);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private String said(ContourWedge wedge) {
        Length own = model.bust().wedges().getOrDefault(wedge, wedge.standard());
        return LengthText.figure(own, workshop.unit());
    }

    void show() {
        for (ContourWedge wedge : ContourWedge.values()) {
            boxes.get(wedge).setSelected(model.bust().wedges().containsKey(wedge));
            if (!widths.get(wedge).isFocused()) {
                widths.get(wedge).setText(said(wedge));
            }
            widths.get(wedge).setDisable(!model.bust().wedges().containsKey(wedge));
        }
        String why = workshop.refusal()
                .map(r -> r.reasons().get(0).sentence().in(workshop.unit()))
                .orElse("");
        fault.setText(why);
    }
}
