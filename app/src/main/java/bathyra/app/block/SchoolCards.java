package bathyra.app.block;

import bathyra.app.workshop.Workshop;
import bathyra.block.DraftingMethod;
import bathyra.draft.BlockDrafter;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.TracedBlock;
import bathyra.measure.MeasurementKey;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The schools as cards: what each is good at, what it needs, and what of that is missing here. */
final class SchoolCards extends HBox {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");

    private final Workshop workshop;
    private final BlockModel model;
    private final Map<BlockMethod, Button> cards = new EnumMap<>(BlockMethod.class);
    private final Map<BlockMethod, Label> needs = new EnumMap<>(BlockMethod.class);
    private final MenuButton base = new MenuButton();
    private final Runnable read;

    /** @param read chooses a block document to start the reduction from */
    SchoolCards(Workshop workshop, BlockModel model, Runnable read) {
        this.read = read;
        this.workshop = workshop;
        this.model = model;
        getStyleClass().add("school-cards");
        for (BlockMethod method : BlockMethod.values()) {
            getChildren().add(card(method));
        }
    }

    private VBox card(BlockMethod method) {
        Label name = new Label(method.label());
        name.getStyleClass().add("check-name");
        Label good = new Label(school(method).goodAt());
        good.getStyleClass().addAll("words", "quiet");
        Label need = new Label();
        need.getStyleClass().add("words");
        needs.put(method, need);
        name.setWrapText(true);
        for (Label each : List.of(name, good, need)) {
            each.setMinHeight(Region.USE_PREF_SIZE);
        }
        VBox words = new VBox(3, name, good, need);
        Button card = new Button();
        card.setGraphic(words);
        card.getStyleClass().setAll("school-card");
        card.setId("school-" + method.id());
        card.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
        card.setOnAction(e -> {
            if (model.mode() == BlockModel.Mode.COMPARE
                    && method != model.choice().method()) {
                model.compare(method);
            } else if (method != model.choice().method()) {
                model.choose(method);
            }
        });
        cards.put(method, card);
        VBox.setVgrow(card, Priority.ALWAYS);
        VBox whole = new VBox(card);
        if (method == BlockMethod.DOUBLED_DART) {
            base.setId("reduction-base");
            base.setTooltip(new Tooltip());
            base.getTooltip().textProperty().bind(base.textProperty());
            base.getStyleClass().add("plain");
            base.setAccessibleText("The block that the reduction starts from");
            for (BlockMethod each : BlockMethod.values()) {
                if (each != BlockMethod.DOUBLED_DART) {
                    MenuItem item = new MenuItem(each.label());
                    item.setOnAction(e -> model.base(each));
                    base.getItems().add(item);
                }
            }
            MenuItem document = new MenuItem("A block from a pattern document");
            document.setId("read-base");
            document.setOnAction(e -> read.run());
            base.getItems().add(document);
            whole.getChildren().add(base);
        }
        HBox.setHgrow(whole, Priority.ALWAYS);
        whole.setPrefWidth(10);
        return whole;
    }

    private DraftingMethod school(BlockMethod method) {
        Garment garment = workshop.commission().garment();
        return DraftingMethod.of(garment.withBlock(garment.block().withMethod(method)));
    }

    void show() {
        for (BlockMethod method : BlockMethod.values()) {
            boolean here = method == model.choice().method();
            boolean there = model.compared().filter(m -> m == method).isPresent();
            cards.get(method).pseudoClassStateChanged(SELECTED, here || there);
            List<MeasurementKey> missing = BlockDrafter.missing(
                    school(method),
                    workshop.commission().measurements(),
                    workshop.commission().garment());
            String said = missing.isEmpty()
                    ? "Everything it needs is there."
                    : "Missing: "
                            + missing.stream()
                                    .map(k -> k.label().toLowerCase(Locale.ROOT))
                                    .collect(Collectors.joining(", "))
                            + ".";
            needs.get(method).setText((here ? "In use. " : there ? "Compared with. " : "") + said);
            cards.get(method)
                    .setAccessibleText(method.label() + ". " + school(method).goodAt() + " "
                            + needs.get(method).getText());
        }
        base.setText("starts from: "
                + model.choice()
                        .traced()
                        .map(TracedBlock::title)
                        .orElse(model.choice().base().label().toLowerCase(Locale.ROOT)));
    }
}
