package bathyra.app.packets;

import bathyra.app.output.Manner;
import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.output.Packet;
import bathyra.app.output.Receiver;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.Files;
import bathyra.app.stage.Marks;
import bathyra.app.table.LookSwitch;
import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.PrintSize;
import bathyra.garment.LayerKind;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The reckoning of a packet: how many sheets it comes to and why, on which paper, with what on them; and the button that makes it. */
final class PacketCard {
    private static final int NAME_MOST = 40;
    private static final double BOX = 122;
    private final PacketsModel model;
    private final Output output;
    private final Card card;
    private final LookSwitch<PaperChoice> paper;
    private final LookSwitch<PrintSize> size;
    private final TypedField own;
    private final Label ownFault = new Label();
    private final HBox ownRow;
    private final GridPane layers = grid();
    private final Map<LayerKind, CheckBox> layerBoxes = new EnumMap<>(LayerKind.class);
    private final Map<Drawn, CheckBox> drawnBoxes = new EnumMap<>(Drawn.class);
    private final Label pieces = new Label();
    private final VBox pattern = new VBox(6);
    private final CheckBox named = new CheckBox("Wearer's name");
    private final Button make = new Button("Make this packet");
    private final CardRows.NameField name;
    private final Label into = new Label();
    private final Button send;
    private final Button remove;
    private final VBox foot;
    private final HBox count = new HBox(8);
    private final Label number = new Label();
    private final Label ofWhat = new Label();

    PacketCard(PacketsModel model, Output output, Files files, Card card) {
        this.model = model;
        this.output = output;
        this.card = card;
        paper = new LookSwitch<>(
                "paper-", List.of(PaperChoice.values()), PaperChoice.A4, PaperChoice::label, this::choose);
        size = new LookSwitch<>(
                "size-",
                List.of(PrintSize.values()),
                PrintSize.FULL,
                PrintSize::label,
                s -> model.manner(m -> m.withSize(s)));
        paper.getStyleClass().add("tight-switch");
        size.getStyleClass().add("tight-switch");
        own = new TypedField("paper-size", "Paper, in mm", this::take, ownFault::setText);
        own.setPromptText("300x400, or roll:610");
        ownFault.getStyleClass().add("row-fault");
        ownFault.managedProperty().bind(ownFault.textProperty().isNotEmpty());
        ownFault.visibleProperty().bind(ownFault.textProperty().isNotEmpty());
        ownRow = CardRows.fields(new Label("mm"), own);
        Label title = new Label("Layers");
        title.getStyleClass().addAll("section-title", "words");
        pieces.getStyleClass().add("quiet");
        HBox head = new HBox(10, title, pieces);
        head.setAlignment(Pos.BASELINE_LEFT);
        GridPane drawn = grid();
        for (Drawn each : Drawn.values()) {
            CheckBox box = new CheckBox(each.label());
            box.setId("drawn-" + each.name().toLowerCase(java.util.Locale.ROOT));
            box.setOnAction(e -> model.manner(m -> m.withDrawn(each, box.isSelected())));
            drawnBoxes.put(each, box);
            place(drawn, each.ordinal(), box);
        }
        named.setId("output-named");
        named.selectedProperty().bindBidirectional(output.namedProperty());
        pattern.getChildren()
                .addAll(
                        title("Paper"),
                        paper,
                        ownRow,
                        ownFault,
                        title("Size"),
                        size,
                        head,
                        layers,
                        title("On the sheets"),
                        drawn);
        make.setId("make-packet");
        make.getStyleClass().add("primary");
        make.setMaxWidth(Double.MAX_VALUE);
        make.setOnAction(e -> model.make());
        into.getStyleClass().addAll("quiet", "words");
        Button folder = CardRows.deed("Another folder", "packet-folder", () -> files.folder(
                        card.getScene().getWindow(), "Where packets go")
                .ifPresent(model::base));
        send = CardRows.deed(
                "Send to the plotter",
                "send-packet",
                () -> output.write(OutputKind.SEND, card.getScene().getWindow()));
        remove = CardRows.deed("Give this packet up", "packet-remove", model::remove);
        foot = new VBox(4, make, into, new FlowPane(12, 2, folder, send, remove));
        foot.getStyleClass().add("packet-foot");
        number.getStyleClass().add("big-figure");
        number.setId("packet-count");
        ofWhat.getStyleClass().add("quiet");
        ofWhat.setWrapText(true);
        count.setAlignment(Pos.BASELINE_LEFT);
        count.getChildren().addAll(number, ofWhat);
        name = new CardRows.NameField(
                "packet-name",
                "Name of this packet",
                NAME_MOST,
                () -> model.chosen().name(),
                words -> model.change(p -> p.named(words)));
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(4);
        return grid;
    }

    private static void place(GridPane grid, int at, CheckBox box) {
        box.setMinWidth(BOX);
        box.setPrefWidth(BOX);
        grid.add(box, at % 2, at / 2);
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("section-title", "words");
        return label;
    }

    private void choose(PaperChoice choice) {
        if (choice.paper().isPresent()) {
            model.manner(m -> m.withPaper(choice.paper().get()));
        } else {
            ownRow.setVisible(true);
            ownRow.setManaged(true);
            own.requestFocus();
        }
    }

    private Optional<String> take(String typed) {
        try {
            Paper read = Paper.read(typed.strip());
            model.manner(m -> m.withPaper(read));
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of("The paper " + e.getMessage() + ".");
        }
    }

    void show() {
        Packet packet = model.chosen();
        boolean drawn =
                packet.has(OutputKind.PATTERN) || packet.inOrder().stream().anyMatch(OutputKind::isDrawn);
        card.begin(packet.name(), drawn ? new Node[] {pattern, named} : new Node[] {named});
        if (packet.receiver() == Receiver.OWN) {
            name.refresh();
            card.add(name);
        }
        count(packet);
        if (drawn) {
            pattern(packet.manner());
        }
        card.belowControls();
        for (OutputKind part : packet.inOrder()) {
            model.hindrance(part).ifPresent(why -> card.words(part.label() + " is left out. " + why, "quiet")
                    .setGraphic(Marks.triangle()));
        }
        card.end();
        foot(packet);
    }

    /** What stands below the reckoning however far it is scrolled: the button, and where it all goes. */
    Node foot() {
        return foot;
    }

    private void foot(Packet packet) {
        make.setDisable(model.parts().isEmpty() || output.busyProperty().get());
        into.setText("Into the folder " + model.folder().getFileName());
        into.setTooltip(new Tooltip(model.folder().toString()));
        send.setVisible(packet.receiver() == Receiver.PLOTTER);
        send.setManaged(packet.receiver() == Receiver.PLOTTER);
        remove.setVisible(packet.receiver() == Receiver.OWN);
        remove.setManaged(packet.receiver() == Receiver.OWN);
    }

    private void count(Packet packet) {
        Optional<Laid> laid = model.laid(packet);
        int others = (int)
                model.parts().stream().filter(p -> p != OutputKind.PATTERN).count();
        if (laid.isPresent()) {
            int sheets = laid.get().sheets().printed().size();
            int lists = laid.get().lists();
            boolean one = packet.manner().paper().roll();
            number.setText(Integer.toString(laid.get().pages()));
            ofWhat.setText("sheets" + (others == 0 ? "" : others == 1 ? " and 1 file" : " and " + others + " files"));
            card.add(count);
            card.section("How it came about");
            card.words(sheets + " + " + lists + " = " + laid.get().pages(), "formula");
            int left = laid.get().sheets().list().size() - sheets;
            int places = laid.get().sheets().across() * laid.get().sheets().down();
            card.words(
                    one
                            ? sheets + "  length off the roll"
                            : sheets + "  with the pattern: "
                                    + laid.get().sheets().across() + " across, "
                                    + laid.get().sheets().down() + " down"
                                    + (places == sheets + left ? "" : ", blank ones skipped")
                                    + (left == 0 ? "" : ", " + left + " left out"));
            card.words(lists + "  cover and lists");
        } else if (packet.has(OutputKind.PATTERN) && model.isLaying()) {
            number.setText("…");
            ofWhat.setText("the sheets are being laid");
            card.add(count);
        } else {
            number.setText(Integer.toString(model.parts().size()));
            ofWhat.setText(model.parts().size() == 1 ? "file" : "files");
            card.add(count);
        }
    }

    private void pattern(Manner manner) {
        PaperChoice choice = PaperChoice.of(manner.paper());
        paper.choose(choice);
        size.choose(manner.size());
        boolean typed = choice == PaperChoice.OWN;
        ownRow.setVisible(typed || own.isFocused());
        ownRow.setManaged(typed || own.isFocused());
        own.write(typed ? manner.paper().id() : "");
        drawnBoxes.forEach((each, box) -> box.setSelected(manner.drawn().contains(each)));
        layers(manner);
    }

    private void layers(Manner manner) {
        List<CheckBox> boxes = new ArrayList<>();
        for (LayerKind kind : model.layers()) {
            CheckBox box = layerBoxes.computeIfAbsent(kind, this::layerBox);
            box.setSelected(!manner.left().contains(kind));
            boxes.add(box);
        }
        if (!layers.getChildren().equals(boxes)) {
            layers.getChildren().clear();
            for (int i = 0; i < boxes.size(); i++) {
                place(layers, i, boxes.get(i));
            }
        }
        model.laid(model.chosen()).ifPresent(l -> pieces.setText(l.plan().cuts().size() + " drawings"));
    }

    private CheckBox layerBox(LayerKind kind) {
        CheckBox box = new CheckBox(kind.label());
        box.setId("out-" + kind.id());
        box.setOnAction(e -> model.manner(m -> m.withLayer(kind, box.isSelected())));
        return box;
    }
}
