package bathyra.app.foreign;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.OptionField;
import bathyra.app.reckoning.OptionField.Setting;
import bathyra.app.stage.Marks;
import bathyra.app.workshop.Workshop;
import bathyra.finding.Finding;
import bathyra.foreign.BlockRoles;
import bathyra.foreign.DrawnUnit;
import bathyra.foreign.ForeignDrawing;
import bathyra.foreign.Taking;
import bathyra.length.Length;
import bathyra.length.LengthText;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The card beside a pattern from elsewhere: its unit, the edge and the piece in hand, what the checks say, what can be done with it. */
final class ForeignCard {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final Length DEPTH_LEAST = Length.mm(200);
    private static final Length DEPTH_MOST = Length.mm(1000);
    private final Workshop workshop;
    private final ForeignModel model;
    private final Runnable changed;
    private final Consumer<Finding> look;
    private final HBox units = new HBox();
    private final Map<DrawnUnit, ToggleButton> unitButtons = new LinkedHashMap<>();
    private final ToggleGroup unitGroup = new ToggleGroup();
    private final VBox inHand = new VBox();
    private final TextField name = new TextField();
    private final CheckBox front = new CheckBox("Belongs to the front");
    private final MenuButton role = new MenuButton();
    private final Button sew = new Button();
    private final Button nextEdge = new Button();
    private final HBox sewRow = new HBox(sew);
    private final OptionField waist;
    private final OptionField hip;
    private final Button keep = new Button("Keep as pattern document");
    private final Button block = new Button("Use as the block to start from");
    private final VBox deeds = new VBox(keep, block);
    private final TriedOnCard tried;

    /**
     * @param changed shows everything anew
     * @param look shows the place of a finding
     * @param keepIt writes the pattern document
     * @param startFrom makes the draft start from the block
     */
    ForeignCard(
            Workshop workshop,
            ForeignModel model,
            Runnable changed,
            Consumer<Finding> look,
            Runnable keepIt,
            Runnable startFrom) {
        this.workshop = workshop;
        this.model = model;
        this.changed = changed;
        this.look = look;
        this.tried = new TriedOnCard(workshop, model, changed);
        units();
        name.setId("foreign-name");
        name.setAccessibleText("Name of the piece");
        name.setOnAction(e -> called());
        name.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                called();
            }
        });
        front.setId("foreign-front");
        front.setOnAction(e -> called());
        role.setId("foreign-role");
        role.setMaxWidth(Double.MAX_VALUE);
        role.getItems().add(role("nothing of a block", Optional.empty()));
        BlockRoles.ROLES.forEach(r -> role.getItems().add(role(r, Optional.of(r))));
        sew.setId("foreign-sew");
        sew.setOnAction(e -> {
            model.startSewing();
            changed.run();
        });
        nextEdge.setId("foreign-next-edge");
        nextEdge.getStyleClass().add("deed");
        nextEdge.setOnAction(e -> {
            model.nextEdge();
            changed.run();
        });
        waist = depth("waist", "Waist, below the neck end", model::waist, d -> model.depths(d, model.hip()));
        hip = depth("hip", "Hip, below the neck end", model::hip, d -> model.depths(model.waist(), d));
        keep.setId("foreign-keep");
        keep.setOnAction(e -> keepIt.run());
        block.setId("foreign-block");
        block.setOnAction(e -> startFrom.run());
        deeds.getStyleClass().add("controls");
        inHand.getStyleClass().add("controls");
        sewRow.getStyleClass().add("fields");
    }

    private void units() {
        units.getStyleClass().add("unit-switch");
        units.setId("drawn-in");
        for (DrawnUnit unit : DrawnUnit.asked()) {
            ToggleButton button = new ToggleButton(unit.id());
            button.setId("drawn-in-" + unit.id());
            button.setToggleGroup(unitGroup);
            button.setOnAction(e -> {
                model.measuredIn(unit);
                changed.run();
            });
            unitButtons.put(unit, button);
            units.getChildren().add(button);
        }
        units.getChildren().get(0).getStyleClass().add("first");
        units.getChildren().get(units.getChildren().size() - 1).getStyleClass().add("last");
    }

    private OptionField depth(String id, String label, DoubleSupplier value, DoubleConsumer take) {
        Runnable nothing = () -> {};
        return new OptionField(
                new Setting(
                        new OptionField.Name("foreign-" + id, label, "On this piece of the block."),
                        new OptionField.Range(DEPTH_LEAST, DEPTH_MOST),
                        new OptionField.State(
                                () -> Length.mm(
                                        model.chosen().isPresent() ? value.getAsDouble() : DEPTH_LEAST.millimetres()),
                                () -> false,
                                Optional::empty),
                        new OptionField.Deeds(l -> take.accept(l.millimetres()), nothing, nothing, nothing)),
                workshop::unit);
    }

    private MenuItem role(String words, Optional<String> next) {
        MenuItem item = new MenuItem(words);
        item.setId("role-" + next.orElse("none"));
        item.setOnAction(e -> {
            model.role(next);
            changed.run();
        });
        return item;
    }

    private void called() {
        if (model.chosen().isPresent()
                && (!name.getText().strip().equals(model.piece().name())
                        || front.isSelected() != model.piece().front())) {
            model.call(name.getText(), front.isSelected());
            changed.run();
        }
    }

    void show(Card card, Optional<Finding> looked) {
        boolean taken = model.pattern().isPresent();
        Optional<ForeignDrawing> drawing = model.drawing();
        model.unit()
                .map(unitButtons::get)
                .ifPresentOrElse(b -> b.setSelected(true), () -> unitGroup.selectToggle(null));
        units.setVisible(drawing.isPresent());
        units.setManaged(drawing.isPresent());
        hand();
        deeds.setVisible(taken);
        deeds.setManaged(taken);
        block.setDisable(model.roles().edges().isEmpty());
        card.begin(model.name().isEmpty() ? "A pattern from elsewhere" : model.name(), units, inHand, deeds);
        drawing.ifPresent(d -> card.words(drawnIn(d)));
        card.belowControls();
        for (String fault : model.faults()) {
            VBox slip = new VBox(words(fault));
            slip.getStyleClass().add("fault-slip");
            slip.setId("foreign-fault");
            card.add(slip);
        }
        model.notes().forEach(n -> card.words(n, "quiet"));
        if (taken) {
            tried.show(card);
            checks(card, looked);
        } else if (model.faults().isEmpty() && drawing.isEmpty()) {
            card.words(
                    "Here a drawing made elsewhere is checked and trued, kept as a pattern document, or used as the block to start from. SVG and DXF drawings and pattern documents can be taken in.");
        }
    }

    private String drawnIn(ForeignDrawing drawing) {
        if (model.unit().isEmpty()) {
            return "The file does not say in what it is drawn. Choose, and look at the size: "
                    + String.join(
                            "; ",
                            DrawnUnit.asked().stream()
                                    .map(u -> u.id() + " " + size(drawing, u))
                                    .toList()) + ".";
        }
        return (drawing.unit().isPresent()
                        ? "As the file says"
                        : "Measured in " + model.unit().get().id()) + ", the drawing is "
                + size(drawing, model.unit().get()) + " in all.";
    }

    private String size(ForeignDrawing drawing, DrawnUnit unit) {
        double[] size = Taking.size(drawing, unit);
        return LengthText.figure(Length.mm(size[0]), workshop.unit()) + " × "
                + LengthText.say(Length.mm(size[1]), workshop.unit());
    }

    private void hand() {
        if (model.pattern().isEmpty()) {
            inHand.getChildren().clear();
            return;
        }
        nextEdge.setText(model.chosen().isEmpty() ? "Take the first edge" : "Next edge");
        if (model.chosen().isEmpty()) {
            sewRow.getChildren().setAll(nextEdge);
            inHand.getChildren().setAll(sewRow);
            return;
        }
        sewRow.getChildren().setAll(sew, nextEdge);
        Label title = words(model.piece().order() + " " + model.piece().name() + ", "
                + model.edge().name().replace('-', ' ') + ": "
                + LengthText.say(Length.mm(model.edge().path().length()), workshop.unit()));
        title.getStyleClass().add("section-title");
        title.setId("foreign-edge");
        sew.setText(model.isSewing() ? "Now choose the other edge" : "Sew it to another edge");
        if (!name.isFocused()) {
            name.setText(model.piece().name());
        }
        front.setSelected(model.piece().front());
        role.setText("On a block it is: " + model.role().orElse("nothing"));
        waist.refresh();
        hip.refresh();
        List<Node> parts = new ArrayList<>(List.of(title, sewRow, name, front, role));
        if (model.roles().edges().keySet().stream()
                .anyMatch(r -> r.piece().equals(model.piece().id()))) {
            parts.addAll(List.of(waist, hip));
        }
        // The fields stay where they are, so that one can go on typing in them.
        if (inHand.getChildren().size() == parts.size()
                && inHand.getChildren().subList(2, parts.size()).equals(parts.subList(2, parts.size()))) {
            inHand.getChildren().set(0, parts.get(0));
        } else {
            inHand.getChildren().setAll(parts);
        }
    }

    private static Label words(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("words");
        return label;
    }

    private void checks(Card card, Optional<Finding> looked) {
        List<Finding> troubles = model.troubles();
        long holds = model.findings().stream()
                .filter(f -> f.status() == Finding.Status.OK)
                .count();
        card.section("What was checked: " + holds + " hold, " + troubles.size() + " do not");
        for (Finding each : troubles) {
            Label title = new Label(
                    each.kind().title(), each.status() == Finding.Status.FAULT ? Marks.cross() : Marks.triangle());
            title.getStyleClass().add("check-name");
            VBox row = new VBox(title, words(each.sentence().in(workshop.unit())));
            row.getStyleClass().add("check-row");
            row.setFocusTraversable(true);
            row.setAccessibleText(title.getText() + ". " + each.sentence().in(workshop.unit()));
            row.pseudoClassStateChanged(SELECTED, looked.equals(Optional.of(each)));
            row.setOnMouseClicked(e -> look.accept(each));
            row.setOnKeyPressed(e -> {
                if (PlaceKey.TAKE_IT.isPressed(e)) {
                    look.accept(each);
                }
            });
            row.setMinHeight(Region.USE_PREF_SIZE);
            card.add(row);
        }
    }
}
