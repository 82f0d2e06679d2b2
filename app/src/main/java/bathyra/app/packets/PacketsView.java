package bathyra.app.packets;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.output.Output;
import bathyra.app.output.OutputKind;
import bathyra.app.output.Packet;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.stage.Files;
import bathyra.app.stage.Scroll;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.book.Sent;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.files.hpgl.HpglPattern;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The Output page: who receives it, the sheets as they are glued, what is inside, and how it came about. */
public final class PacketsView extends BorderPane {
    private static final double TAGS = 284;
    private static final double TAG_WORDS = 210;
    private final PacketsModel model;
    private final Workshop workshop;
    private final VBox tags = new VBox(9);
    private final List<PacketTag> shown = new ArrayList<>();
    private List<String> ids = List.of();
    private final Button add;
    private final SheetsPreview preview;
    private final Label about = new Label();
    private final Label glue =
            new Label("Glue where the marks meet. Measure the square before you cut: it must be 5.0 cm.");
    private final Label empty = new Label();
    private final PartsList parts;
    private final FormerSlip former;
    private final PacketCard packetCard;

    public PacketsView(Workshop workshop, Output output, Files files) {
        this.workshop = workshop;
        this.model = new PacketsModel(workshop, output, Clock.systemDefaultZone(), this::show);
        setId("packets");
        Card card = new Card();
        packetCard = new PacketCard(model, output, files, card);
        preview = new SheetsPreview((name, printed) -> model.manner(m -> m.withSheet(name, printed)));
        parts = new PartsList(model);
        former = new FormerSlip(model);
        add = CardRows.deed("A packet of my own", "packet-add", model::add);
        setLeft(receivers());
        setCenter(middle());
        setRight(new BorderPane(Scroll.filling(card), null, null, packetCard.foot(), null));
        output.busyProperty().addListener((o, was, now) -> show());
        output.namedProperty().addListener((o, was, now) -> show());
        addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
        workshop.showing().whileShown(this, this::show);
    }

    private Node receivers() {
        Label title = new Label("Who receives it");
        title.getStyleClass().add("page-title");
        Label quiet = new Label("Each keeps its paper and layers.");
        quiet.getStyleClass().add("quiet");
        quiet.setWrapText(true);
        HBox own = new HBox(8, add);
        own.setAlignment(Pos.BASELINE_LEFT);
        VBox all = new VBox(10, title, tags, own, quiet);
        all.getStyleClass().add("receivers");
        Scroll scroll = Scroll.filling(all);
        TextSize.width(scroll, TAGS, TAG_WORDS);
        return scroll;
    }

    private Node middle() {
        Label title = new Label("The sheets, as they are glued");
        title.getStyleClass().add("chart-title");
        about.getStyleClass().add("quiet");
        about.setId("sheets-about");
        glue.setWrapText(true);
        glue.setMinHeight(Region.USE_PREF_SIZE);
        empty.setWrapText(true);
        empty.setId("sheets-empty");
        VBox sheets = new VBox(4, title, about, empty, preview, glue);
        sheets.getStyleClass().add("sheets-ground");
        VBox.setVgrow(preview, Priority.ALWAYS);
        VBox.setVgrow(sheets, Priority.ALWAYS);
        VBox below = new VBox(8, parts, former);
        below.getStyleClass().add("packet-inside");
        return new VBox(sheets, below);
    }

    /** Up and down choose while a tag has the focus, Enter makes, Escape returns. */
    private void keys(KeyEvent e) {
        if (PlaceKey.CLOSE.isPressed(e)) {
            workshop.whereabouts().close();
            e.consume();
            return;
        }
        int at = shown.indexOf(focused());
        if (at < 0) {
            return;
        }
        if (PlaceKey.PACKET.isPressed(e)) {
            int next = Math.max(0, Math.min(shown.size() - 1, at + (PlaceKey.isBack(e) ? -1 : 1)));
            shown.get(next).requestFocus();
            model.choose(ids.get(next));
            e.consume();
        } else if (PlaceKey.MAKE.isPressed(e)) {
            model.choose(ids.get(at));
            if (!model.parts().isEmpty()) {
                model.make();
            }
            e.consume();
        }
    }

    private Node focused() {
        return getScene() == null ? null : getScene().getFocusOwner();
    }

    private void show() {
        if (getScene() == null) {
            return;
        }
        model.lay();
        tags();
        Packet packet = model.chosen();
        Optional<Laid> laid = model.laid(packet);
        boolean showingFormer = model.isShowingFormer();
        preview.show(
                laid, showingFormer ? model.former().map(Sent.Out::outlines).orElse(List.of()) : List.of());
        about.setText(laid.map(this::about).orElse(""));
        boolean sheets = laid.isPresent();
        glue.setVisible(sheets && laid.get().sheets().list().size() > 1);
        empty.setText(sheets ? "" : nothing(packet));
        empty.setVisible(!sheets);
        empty.setManaged(!sheets);
        parts.show();
        former.show();
        packetCard.show();
    }

    private String about(Laid laid) {
        String paper = PaperChoice.of(laid.manner().paper()) == PaperChoice.OWN
                ? laid.manner().paper().id() + " mm"
                : PaperChoice.of(laid.manner().paper()).label();
        return paper + ", " + laid.manner().size().words()
                + (laid.sheets().list().size() == 1
                        ? ""
                        : "; " + laid.sheets().across() + " across, "
                                + laid.sheets().down() + " down");
    }

    private String nothing(Packet packet) {
        if (!packet.has(OutputKind.PATTERN)) {
            return packet.inOrder().stream()
                    .map(OutputKind::label)
                    .collect(Collectors.joining(", ", "No sheets are printed for this packet. In it: ", "."));
        }
        return model.hindrance(OutputKind.PATTERN)
                .orElse(
                        model.isFailed(packet)
                                ? "The sheets could not be laid. Another paper or size may do; the log in the data folder says why."
                                : "The sheets are being laid …");
    }

    private void tags() {
        List<Packet> packets = model.packets();
        List<String> now = packets.stream().map(Packet::id).toList();
        if (!now.equals(ids)) {
            ids = now;
            shown.clear();
            for (String id : ids) {
                PacketTag tag = new PacketTag(id);
                tag.setOnAction(e -> model.choose(id));
                tag.setOnDragDetected(e -> drag(tag, id));
                shown.add(tag);
            }
            tags.getChildren().setAll(shown);
        }
        for (int i = 0; i < packets.size(); i++) {
            Packet packet = packets.get(i);
            shown.get(i).show(packet, packet.id().equals(model.chosen().id()), much(packet), endings(packet));
        }
        add.setVisible(model.canAdd());
        add.setManaged(model.canAdd());
    }

    /** What was made is dragged out as its files. */
    private void drag(PacketTag tag, String id) {
        model.choose(id);
        List<Path> made = model.made();
        if (made.isEmpty()) {
            return;
        }
        Dragboard board = tag.startDragAndDrop(TransferMode.COPY);
        ClipboardContent content = new ClipboardContent();
        content.putFiles(made.stream().map(Path::toFile).toList());
        board.setContent(content);
    }

    private String much(Packet packet) {
        Optional<Laid> laid = model.laid(packet);
        if (laid.isPresent()) {
            int pages = laid.get().pages();
            int more = packet.parts().size() - 1;
            return pages + (pages == 1 ? " sheet" : " sheets") + (more == 0 ? "" : ", " + files(more));
        }
        if (packet.parts().equals(java.util.Set.of(OutputKind.PLOT))) {
            return model.plan(packet).map(this::length).orElse("");
        }
        return files(packet.parts().size());
    }

    private static String files(int count) {
        return count == 1 ? "1 file" : count + " files";
    }

    private String length(CuttingPlan plan) {
        double along = SheetLayout.of(plan, HpglPattern.ROLL).height();
        return LengthText.say(Length.mm(along), workshop.unit()) + " off the roll";
    }

    private static String endings(Packet packet) {
        List<String> endings =
                packet.inOrder().stream().map(OutputKind::format).distinct().toList();
        return endings.size() > 3 ? endings.get(0) + " and more" : String.join(", ", endings);
    }
}
