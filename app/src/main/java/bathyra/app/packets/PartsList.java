package bathyra.app.packets;

import bathyra.app.output.OutputKind;
import bathyra.app.output.Packet;
import bathyra.app.stage.RowStrip;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** What is inside a packet, in the order in which it comes out, and what can go with it. */
final class PartsList extends RowStrip {
    private static final PseudoClass NOT_NOW = PseudoClass.getPseudoClass("not-now");
    private static final int COLUMNS = 2;
    private final PacketsModel model;
    private final Map<OutputKind, CheckBox> boxes = new LinkedHashMap<>();
    private final GridPane grid = new GridPane();

    PartsList(PacketsModel model) {
        super("What is inside", "in the order in which it comes out");
        this.model = model;
        grid.setHgap(16);
        grid.setVgap(4);
        for (int i = 0; i < COLUMNS; i++) {
            ColumnConstraints half = new ColumnConstraints();
            half.setPercentWidth(100.0 / COLUMNS);
            half.setHgrow(Priority.ALWAYS);
            grid.getColumnConstraints().add(half);
        }
        rows.getChildren().add(grid);
        getStyleClass().add("packet-parts");
        foot.setVisible(false);
        foot.setManaged(false);
    }

    void show() {
        Packet packet = model.chosen();
        List<Node> wanted = new ArrayList<>();
        List<OutputKind> order = new ArrayList<>(packet.inOrder());
        packet.receiver().offered().stream()
                .filter(kind -> !order.contains(kind))
                .forEach(order::add);
        for (OutputKind kind : order) {
            wanted.add(row(packet, kind));
        }
        grid.getChildren().clear();
        int down = (wanted.size() + COLUMNS - 1) / COLUMNS;
        for (int i = 0; i < wanted.size(); i++) {
            grid.add(wanted.get(i), i / down, i % down);
        }
    }

    private Node row(Packet packet, OutputKind kind) {
        CheckBox box = boxes.computeIfAbsent(kind, this::box);
        box.setSelected(packet.has(kind));
        Optional<String> why = model.hindrance(kind);
        box.setText(kind.label() + (why.isPresent() ? ", not now" : ""));
        box.setAccessibleHelp(why.orElse(""));
        box.setTooltip(why.map(Tooltip::new).orElse(null));
        box.pseudoClassStateChanged(NOT_NOW, why.isPresent());
        return box;
    }

    private CheckBox box(OutputKind kind) {
        CheckBox box = new CheckBox(kind.label());
        box.setId("part-" + kind.name());
        box.setWrapText(true);
        box.setOnAction(e -> model.change(p -> p.with(kind, box.isSelected())));
        return box;
    }
}
